"""Benchmarks of measuring: keys of a survey, and a job of ten thousand readings."""

from __future__ import annotations

import time
import tracemalloc
from pathlib import Path
from statistics import median

from nuvrek.neck.description import NeckDescription

NECK = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, rod="two-way")


def keys_of_a_survey(folder: Path) -> None:
    """Every key of the full survey, pressed at the keypad, against the keys of its numbers plus
    one each.
    """
    from nuvrek.bench.keypad.keypad import Keypad
    from nuvrek.bench.session import Session
    from nuvrek.logbook.store import Logbook
    from nuvrek.readings.tool_kit import Kit
    from nuvrek.units import Unit

    book = Logbook.make(folder / "keys.db")
    session = Session(book, book.start(NECK, ""), NECK, lambda: "")
    pad = Keypad(session, "full", lambda _field: Unit.MM, Kit(notched_mm=(648.0,)))
    typed = {
        "string-gap": (".20", "+", ".25", "-"),
        "string-height": ("1.75", "enter"),
        "crown-height": ("1.15", "enter"),
    }
    pressed = digits = numbers = lanes = marks = 0

    def press(*keys: str) -> None:
        nonlocal pressed
        for key in keys:
            for one in [key] if key in ("enter", "+", "-", "*") else list(key):
                pad.press(one)
                pressed += 1

    while pad.station is not None:
        kind = pad.station.kind
        if kind == "sweep":
            press("4", "*", "12", "*", "enter")
            lanes, marks, digits = lanes + 1, marks + 2, digits + 3
        elif kind == "state":
            press("enter")
            numbers += 1
        else:
            keys = typed[kind]
            press(*keys)
            numbers += len(keys) // 2
            digits += sum(len(key) for key in keys[::2])
    book.close()
    bound = digits + numbers + marks + lanes
    stations = len(pad.round.stations)
    print(
        f"full survey of 22 frets at pitch and slack, notched edge and rocker: {stations} "
        f"stations, {pressed} keys"
    )
    print(
        f"  ratio to the keys of its numbers plus one each {pressed / bound:.2f} (aim: 1 or less)"
    )


def ten_thousand_readings(folder: Path) -> None:
    """A job of 10,000 readings: from an entry to the repainted page of Measure, and what the
    memory grows by.
    """
    from PyQt6.QtCore import QEventLoop
    from PyQt6.QtWidgets import QApplication

    from nuvrek.bench.settings import Settings
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.theme import load_fonts
    from nuvrek.desktop.window import Window
    from nuvrek.logbook.store import Logbook, NeckRow
    from nuvrek.readings.entries import AnyEntry
    from nuvrek.simulator.measuring import Bench, default_rng, measure_round
    from nuvrek.simulator.truth import Condition, make_truth

    app = QApplication.instance() or QApplication([])
    load_fonts()
    truth = make_truth(NECK, Condition(), default_rng(3))
    entries: list[AnyEntry] = []
    while len(entries) < 10_000:
        entries += measure_round(Bench(truth, default_rng(len(entries))), "full")
    found: dict[int, float] = {}
    for count in (100, 10_000):
        book = Logbook.make(folder / f"many{count}.db")
        number = book.start(NECK, "", entries[:count])
        app_state = AppState(book, Settings(), None, lambda: "")
        window = Window(app_state)
        window.show()
        tracemalloc.start()
        start = time.perf_counter()
        app_state.open(NeckRow(number, NECK, "", 0))
        opened = time.perf_counter() - start
        held = tracemalloc.get_traced_memory()[0]
        tracemalloc.stop()
        window.show_stage("Measure")
        stage = window.stages["Measure"]
        stage.change_round("one")  # type: ignore[attr-defined]
        for key in ("5", "enter"):
            stage.key(key)
        while app_state.busy:
            app.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
        times = []
        for turn in range(60):
            for key in f"1.{turn % 10}":
                stage.key(key)
            start = time.perf_counter()
            stage.key("enter")
            stage.repaint()
            window.bar.repaint()
            times.append(time.perf_counter() - start)
            # A hand takes a moment to the next reading; the solver works on meanwhile.
            until = time.perf_counter() + 0.05
            while time.perf_counter() < until:
                app.processEvents()
        found[count] = median(times)
        print(
            f"job of {count} readings: entry to repainted page {1e3 * found[count]:.1f} ms "
            "(aim: under 50), "
            f"worst {1e3 * max(times):.0f} ms; opened in {1e3 * opened:.0f} ms, "
            f"{held / 1e6:.1f} MB held"
        )
        settled = time.perf_counter()
        while app_state.busy:
            app.processEvents(QEventLoop.ProcessEventsFlag.WaitForMoreEvents)
        print(
            f"  map settled {1e3 * (time.perf_counter() - settled):.0f} ms after the last "
            "of sixty quick entries"
        )
        window.close()
    print(f"  ratio of 10,000 readings to 100: {found[10_000] / found[100]:.2f}")
