"""Start and first neck as somebody before the screen sees them: pixels on an X server."""

from __future__ import annotations

import os
import sys
import time
from pathlib import Path
from statistics import median

from benchmarks.page import Line
from benchmarks.screen import after, screen, shown

BARE = """
from PyQt6.QtWidgets import QApplication, QWidget
app = QApplication([])
w = QWidget()
w.resize(1280, 800)
w.show()
app.exec()
"""
# NUVREK_RUNS=1, as .ci/run has it, is enough to print by.
RUNS = int(os.environ.get("NUVREK_RUNS", "5"))
# To the page of the first neck, on to its map, on to its advice.
_WALKS = ("Return",), ("Return", "Next"), ("Return", "Next", "Next")
# A hand on the shelf looks at it for a moment.
LOOKS_S = 2.0


def outside(folder: Path) -> list[Line]:
    """Start of the program to its first frame and to the shelf of fifteen necks, against a bare
    window; then the first neck: Enter to the page, its map, its advice.
    """
    from nuvrek.demo import demo_jobs
    from nuvrek.logbook.store import Logbook

    path = folder / "outside.db"
    book = Logbook.make(path)
    for job in demo_jobs():
        book.start(job.neck, "2026-03-03T10:00:00", job.journal)
    book.close()
    ours = [sys.executable, "-m", "nuvrek.start", "--logbook", str(path)]
    bare = [sys.executable, "-c", BARE]
    with screen() as (seen, environment):
        environment |= {f"XDG_{what}_HOME": str(folder / what) for what in ("DATA", "CONFIG")}
        environment |= {"XDG_STATE_HOME": str(folder / "STATE")}
        found: list[list[float]] = []
        for _ in range(RUNS + 1):
            with shown(seen, bare, environment) as pictures:
                plain = pictures[0]
            times = []
            for keys in _WALKS:
                with shown(seen, ours, environment) as pictures:
                    start = [*pictures]
                    time.sleep(LOOKS_S)
                    changes = after(seen, *keys)
                    times.append(changes[0] if len(keys) == 1 else changes[-1])
            found.append([plain, *start, *times])
    # The first run reads files that all others find in memory.
    plain, first, shelf, page, its_map, advice = (
        median(column) for column in zip(*found[1:], strict=True)
    )
    to = "bare PyQt6 window"
    return [
        Line("start to first painted window", first / plain, to, 1e3 * first, 2.0, "x"),
        Line("start to shelf painted", shelf / plain, to, 1e3 * shelf, 3.0, "x"),
        Line("first neck: Enter to its page", page / plain, to, 1e3 * page, 300, "ms"),
        Line("first neck: to its map", its_map / plain, to, 1e3 * its_map, 600, "ms"),
        Line("first neck: to its advice", advice / plain, to, 1e3 * advice, 1000, "ms"),
    ]
