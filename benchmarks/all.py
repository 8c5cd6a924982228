"""Benchmarks, as ratios measured in one run.

./run bench           one page of what is to be fast, with aims
./run bench --keep    the same, kept for the next to be held against
./run bench --all     the page, then accuracy and speed of everything in tables
"""

from __future__ import annotations

import sys
import tempfile
import time
from pathlib import Path
from statistics import median
from typing import TYPE_CHECKING

ROOT = Path(__file__).resolve().parents[1]
sys.path.insert(0, str(ROOT))

from benchmarks.page import Line, neighbours, print_page, timed, yardstick  # noqa: E402

if TYPE_CHECKING:
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.window import Window


def start_up(folder: Path) -> list[Line]:
    """Start and first neck from outside; nothing where there is no X server to look at."""
    from benchmarks.outside import outside

    try:
        return outside(folder)
    except OSError as error:
        print(f"start and first neck left out: {error}")
        return []


def reading_to_repaint(folder: Path, unit: float) -> list[Line]:
    """A reading accepted to its mark painted in Measure; to the map solved anew; and a plan."""
    from PyQt6.QtCore import QEventLoop
    from PyQt6.QtWidgets import QApplication

    from nuvrek.bench.settings import Settings
    from nuvrek.bench.solved import see, weigh
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.theme import load_fonts
    from nuvrek.desktop.window import Window
    from nuvrek.logbook.store import Logbook, NeckRow
    from nuvrek.readings.entries import CrownHeight
    from nuvrek.simulator.measuring import measure_basic_round
    from nuvrek.simulator.simulated_job import simulated_neck

    app = QApplication.instance() or QApplication([])
    load_fonts()
    truth, bench = simulated_neck(7, 24, 648.0)
    book = Logbook.make(folder / "paint.db")
    number = book.start(truth.neck, "", measure_basic_round(bench))
    app_state = AppState(book, Settings(), None, lambda: "")
    window = Window(app_state)
    window.show()
    app_state.open(NeckRow(number, truth.neck, "", 0))
    window.show_stage("Map")
    session = app_state.session
    assert session is not None
    # Waiting, not spinning: the solver's thread needs the interpreter.
    wait = QEventLoop.ProcessEventsFlag.WaitForMoreEvents
    seen: list[float] = []
    app_state.solved_anew.connect(
        lambda: (window.stages["Map"].sheet.repaint(), seen.append(time.perf_counter()))
    )

    def settle() -> None:
        while app_state.busy:
            app.processEvents(wait)

    def take(count: int) -> list[float]:
        found = []
        for turn in range(count):
            settle()
            seen.clear()
            fret = 1 + turn % 24
            start = time.perf_counter()
            session.append(
                CrownHeight(lane="middle", fret=fret, height_mm=float(truth.crown_mm[fret, 1]))
            )
            while not seen:
                app.processEvents(wait)
            found.append(seen[0] - start)
        return found

    take(3)
    whole = median(take(40))
    settle()
    paint = timed(lambda: window.stages["Map"].sheet.repaint(), 20)
    solved = app_state.solved
    assert solved is not None
    seen_again = see(solved.wanted)
    plan = timed(lambda: weigh(seen_again), 11)
    with neighbours():
        crowded = median(take(20))
        settle()
        crowded_plan = timed(lambda: weigh(seen_again), 11)
    # What is typed there is wrong on purpose: nothing is timed after it.
    measure = mark_painted(app_state, window)
    window.close()
    alone, beside = "nobody beside", "a neighbour on every core"
    to = "a solve of 300"
    return [
        Line("reading to repaint", measure / unit, to, 1e3 * measure, 15, "ms"),
        Line("reading to the map anew", whole / unit, to, 1e3 * whole, 50, "ms"),
        Line("plan", plan / unit, to, 1e3 * plan, 50, "ms"),
        Line("repaint of the map's sheet", paint / unit, to, 1e3 * paint, 8, "ms"),
        Line(f"map anew, {beside}", crowded / whole, alone, 1e3 * crowded, 3.0, "x"),
        Line(f"plan, {beside}", crowded_plan / plan, alone, 1e3 * crowded_plan, 3.0, "x"),
    ]


def mark_painted(app_state: AppState, window: Window) -> float:
    """Median seconds from the key that takes a reading to the page painted with it."""
    from PyQt6.QtCore import Qt
    from PyQt6.QtTest import QTest
    from PyQt6.QtWidgets import QApplication

    window.show_stage("Measure")
    page = window.stages["Measure"]
    page.begin_round("one")
    page.keypad.pick(
        next(n for n, s in enumerate(page.keypad.round.stations) if s.kind == "crown-height")
    )
    page.refresh()
    found = []
    for _ in range(30):
        while app_state.busy:
            QApplication.processEvents()
        QTest.keyClicks(page, "1.1")
        start = time.perf_counter()
        QTest.keyClick(page, Qt.Key.Key_Enter)
        page.repaint()
        found.append(time.perf_counter() - start)
    return median(found)


def proud_frets() -> None:
    import dataclasses

    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.readings.journal import fold
    from nuvrek.simulator.measuring import measure_basic_round
    from nuvrek.simulator.simulated_job import simulated_neck

    for measured, kinds in ((True, ("proud", "end-up")), (False, ("proud", "end-up", "rocks"))):
        hit = missed = wrong = 0
        for seed in range(500, 550):
            truth, bench = simulated_neck(seed)
            entries = measure_basic_round(dataclasses.replace(bench, measure_rocks=measured))
            named = {f.fret for f in find(map_neck(fold(truth.neck, entries))) if f.kind in kinds}
            planted = {fret for fret, _ in truth.proud}
            hit, missed, wrong = (
                hit + len(named & planted),
                missed + len(planted - named),
                wrong + len(named - planted),
            )
        how = "a leaf under each rock" if measured else "rocks only marked"
        print(
            f"planted proud frets on 50 necks, basic round, {how}: recall "
            f"{hit / (hit + missed):.2f}, precision {hit / (hit + wrong):.2f}"
        )


def main() -> None:
    from benchmarks import filing, long_lived, mapping, outsiders, practice, rod, room, strangers
    from benchmarks.measuring import keys_of_a_survey, ten_thousand_readings

    with tempfile.TemporaryDirectory() as folder:
        unit = yardstick()
        lines = [*start_up(Path(folder)), *reading_to_repaint(Path(folder), unit)]
        print_page(lines, keep="--keep" in sys.argv)
        if "--all" not in sys.argv:
            return
        keys_of_a_survey(Path(folder))
        ten_thousand_readings(Path(folder))
    practice.main()
    mapping.main()
    rod.main()
    room.main()
    filing.main()
    long_lived.main()
    strangers.main()
    outsiders.main()
    proud_frets()


if __name__ == "__main__":
    main()
