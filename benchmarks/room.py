"""Benchmarks of string room: what an evaluation costs against a plain loop, the slider, and
which notes are named on made-up necks.
"""

from __future__ import annotations

import os
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from statistics import median
from typing import Any

import numpy as np

from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_lines import lane_weights
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.scale import fret_places_mm
from nuvrek.neck.touch import PLUCKED_SHARE, TOUCHES
from nuvrek.readings.entries import State, StringHeight
from nuvrek.readings.journal import fold
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck

# Seeds no figure of the model was set with.
FIRST, NECKS = 74_000, 120
EDGE_MM = 0.05


def timed(action: Callable[[], object], times: int = 40) -> float:
    """Median milliseconds of an action."""
    found = []
    for _ in range(times):
        start = time.perf_counter()
        action()
        found.append(1e3 * (time.perf_counter() - start))
    return median(found)


def made_up() -> Strung:
    rng = np.random.default_rng(4)
    x = fret_places_mm(648.0, 24)
    return Strung(
        648.0, x, rng.normal(0, 0.05, (6, 25)), rng.uniform(3, 5, 6), rng.uniform(60, 90, 6)
    )


def all_touches(strung: Strung) -> list[np.ndarray]:
    """As for a neck just mapped: nothing is kept from before."""
    fresh = Strung(strung.scale_mm, strung.x_mm, strung.tops_mm, strung.saddle_mm, strung.tension_n)
    return [fresh.note_rooms(force)[0] for force in TOUCHES.values()]


def plain_loop(strung: Strung) -> list[np.ndarray]:
    """The same, note by note."""
    x, scale = strung.x_mm.tolist(), strung.scale_mm
    found = []
    for force in TOUCHES.values():
        rooms = np.full((len(strung.saddle_mm), len(x)), np.inf)
        for s, (tops, saddle, tension) in enumerate(
            zip(
                strung.tops_mm.tolist(),
                strung.saddle_mm.tolist(),
                strung.tension_n.tolist(),
                strict=True,
            )
        ):
            for n in range(len(x) - 1):
                length = scale - x[n]
                p = min(PLUCKED_SHARE * scale, 0.5 * length)
                aside = force * p * (length - p) / (tension * length)
                for m in range(n + 1, len(x)):
                    z = scale - x[m]
                    line = tops[n] + (saddle - tops[n]) * (x[m] - x[n]) / length
                    share = max(min(z / q, (length - z) / (length - q)) for q in (p, length - p))
                    rooms[s, n] = min(rooms[s, n], line - aside * share - tops[m])
        found.append(rooms)
    return found


def speed() -> None:
    strung = made_up()
    ours, plain = timed(lambda: all_touches(strung)), timed(lambda: plain_loop(strung), 5)
    apart = max(
        float(np.abs(a[:, :-1] - b[:, :-1]).max())
        for a, b in zip(all_touches(strung), plain_loop(strung), strict=True)
    )
    lowest = timed(lambda: strung.lowest_clean_mm(0.5))
    print(
        f"6 strings x 24 frets x 3 touches: {ours:.2f} ms (aim: under 2), ratio to a plain "
        f"loop {ours / plain:.3f}, "
        f"results apart by {apart:.0e}; lowest clean height {lowest:.2f} ms (aim: under 10)"
    )


@contextmanager
def demo_window() -> Iterator[tuple[Any, Any]]:
    """The real window over a copy of the demo."""
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    import tempfile
    from pathlib import Path

    from PyQt6.QtWidgets import QApplication

    from nuvrek.desktop.app import demo_settings, open_demo
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.theme import load_fonts
    from nuvrek.desktop.window import Window

    app = QApplication.instance() or QApplication([])
    load_fonts()
    with tempfile.TemporaryDirectory() as folder:
        app_state = AppState(
            open_demo(Path(folder)), demo_settings(), None, lambda: "", inline=True
        )
        window = Window(app_state)
        window.show()
        yield app, window
        window.close()


def slider() -> None:
    """The touch slider dragged in the real window, a repaint each step."""
    with demo_window() as (app, window):
        window.stages["Shelf"]._open(5)
        window.show_stage("String room")
        page = window.stages["String room"]
        app.processEvents()
        times = []
        for value in [*range(3, 29), *range(28, 3, -1)]:
            start = time.perf_counter()
            page.touch.setValue(value)
            page.view.repaint()
            times.append(1e3 * (time.perf_counter() - start))
    print(
        f"touch slider: {1e3 / median(times):.0f} repaints a second, slowest "
        f"{max(times):.0f} ms (aim: 60)"
    )


def named() -> None:
    said = true = both = edge = 0
    for seed in range(FIRST, FIRST + NECKS):
        _, truth, bench = varied_neck(seed)
        heights = [
            StringHeight(side=side, fret=12, height_mm=mm, state=State())
            for side, mm in (("bass", 1.35), ("treble", 1.2))
        ]
        entries = [
            *measure_round(bench, "full", kit=Kit(notched_mm=(truth.neck.scale_mm,))),
            *heights,
        ]
        on = string_up(map_neck(fold(truth.neck, entries)))
        tops = np.einsum("sfk,fk->sf", lane_weights(truth.neck), truth.tops_mm(State()))
        level = np.linspace(1.35, 1.2, len(tops))
        strung = Strung(
            truth.neck.scale_mm, on.strung.x_mm, tops, on.strung.saddle_mm, on.strung.tension_n
        )
        room = strung.with_height(level).note_rooms(0.5)[0][:, 1:-1]
        # The same rule reads both heights here: only the map's own doubt counts.
        guess = on.rooms(0.5).room_mm[:, 1:]
        clear = np.abs(room) > EDGE_MM
        edge += int((~clear).sum())
        said += int(((guess < 0) & clear).sum())
        true += int(((room < 0) & clear).sum())
        both += int(((guess < 0) & (room < 0) & clear).sum())
    print(
        f"{NECKS} made-up necks, buzz by the true heights: precision "
        f"{both / max(said, 1):.3f}, recall {both / max(true, 1):.3f} "
        f"of {true} notes, {edge} within {EDGE_MM} mm of the edge left out (aim: 0.90 each)"
    )


def main() -> None:
    speed()
    named()
    slider()


if __name__ == "__main__":
    main()
