"""The shelf at scale: first paint with ten thousand necks over that with ten, and searching over
the raw query. Run: ./run python benchmarks/shelf.py [NECKS]
"""

from __future__ import annotations

import os
import resource
import subprocess
import sys
import tempfile
import time
from contextlib import closing
from pathlib import Path
from statistics import median

from nuvrek.bench.shop.shelf import Shelf
from nuvrek.demo import demo_jobs
from nuvrek.logbook.on_disk.card_cache import CardCache
from nuvrek.logbook.store import Logbook

ROOT = Path(__file__).resolve().parents[1]
# As a user's own logbook: with settings of its own, so that cards are kept.
SHOWN = """
import os, sys, time
from pathlib import Path
from PyQt6.QtWidgets import QApplication
from nuvrek.bench.settings import Settings
from nuvrek.desktop.app import show_window
from nuvrek.desktop.theme import load_fonts
from nuvrek.logbook.store import Logbook
app = QApplication([])
load_fonts()
w = show_window(Logbook.make(Path(sys.argv[1])), Settings(), Path(sys.argv[1] + ".json"))
w.show()
while not w.stages["Shelf"].cards:
    app.processEvents()
w.repaint()
app.processEvents()
print(time.time(), flush=True)
os._exit(0)
"""


def logbook(path: Path, necks: int) -> None:
    """A logbook of so many necks with a hundred entries or so each, seen once."""
    jobs = demo_jobs()
    with closing(Logbook.make(path)) as book:
        book._db.execute("PRAGMA synchronous=OFF")
        for number in range(necks):
            job = jobs[number % len(jobs)]
            book.start(job.neck, "2026-03-03T10:00:00", job.journal[:100])
        shelf = Shelf(book, CardCache(path))
        shelf.cards()
        shelf.close()


def first_paint(path: Path) -> float:
    """Seconds from the start of the program to the shelf on screen, median of seven."""
    found = []
    for _ in range(7):
        start = time.time()
        told = subprocess.run(
            [sys.executable, "-c", SHOWN, str(path)],
            capture_output=True,
            text=True,
            check=True,
            env={**os.environ, "PYTHONPATH": str(ROOT / "src"), "QT_QPA_PLATFORM": "offscreen"},
        )
        found.append(float(told.stdout.split()[-1]) - start)
    return median(found)


def searching(path: Path) -> tuple[float, float, int]:
    """Seconds of a search and of its raw query, median of two hundred, and how many it finds."""
    cache = CardCache(path)
    ours, raw, count = [], [], 0
    with closing(Logbook.make(path)) as book:
        shelf = Shelf(book, cache)
        for _ in range(200):
            start = time.perf_counter()
            count = len(shelf.search("ferry guit"))
            ours.append(time.perf_counter() - start)
            start = time.perf_counter()
            cache._db.execute(
                "SELECT rowid FROM words WHERE words MATCH ?", ('"ferry"* "guit"*',)
            ).fetchall()
            raw.append(time.perf_counter() - start)
    cache.close()
    return median(ours), median(raw), count


def main() -> None:
    """Print one line an aim."""
    many = int(sys.argv[1]) if len(sys.argv) > 1 else 10_000
    with tempfile.TemporaryDirectory() as folder:
        few, book = Path(folder) / "few.db", Path(folder) / "many.db"
        logbook(few, 10)
        logbook(book, many)
        one, two = first_paint(few), first_paint(book)
        print(f"first paint, {many} necks over 10: {two / one:.2f} ({two:.2f} s; aim 1.3)")
        ours, raw, count = searching(book)
        print(
            f"search over {many} necks over the raw query: {ours / raw:.2f} "
            f"({1000 * ours:.1f} ms, {count} found; aims 2 and 50 ms)"
        )
    most = resource.getrusage(resource.RUSAGE_CHILDREN).ru_maxrss // 1024
    print(f"most memory of the window: {most} MB")


if __name__ == "__main__":
    main()
