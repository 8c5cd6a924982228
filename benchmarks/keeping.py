"""What it costs to write a reading down, beside a bare committed insert in the same run: in a file,
and at a bench of a server that answers, hangs, or is gone.

    ./run python -m benchmarks.keeping
"""

from __future__ import annotations

import gc
import sqlite3
import tempfile
import time
from collections.abc import Callable
from pathlib import Path
from statistics import median

from tests import postgres
from tests.support import NECK, TIME

from nuvrek.bench.session import Session
from nuvrek.logbook.benches.bench_copy import BenchCopy
from nuvrek.logbook.benches.carrying import Carrier
from nuvrek.logbook.encoding import entry_body
from nuvrek.logbook.store import Logbook
from nuvrek.readings.entries import CrownHeight

ENTRIES, LAPS = 1000, 200
CROWN = CrownHeight(lane="middle", fret=5, height_mm=1.1, at=TIME)


def bare(folder: Path) -> Callable[[], object]:
    """The same words, committed and synced, and nothing else."""
    db = sqlite3.connect(folder / "bare.db", isolation_level=None)
    db.execute("PRAGMA journal_mode=WAL")
    db.execute("PRAGMA synchronous=FULL")
    db.execute(
        "CREATE TABLE entry (neck INTEGER, number INTEGER, body TEXT, PRIMARY KEY (neck, number)) "
        "WITHOUT ROWID"
    )
    body = entry_body(CROWN)
    number = 0

    def insert() -> None:
        nonlocal number
        number += 1
        db.execute("BEGIN IMMEDIATE")
        db.execute("INSERT INTO entry VALUES (1, ?, ?)", (number, body))
        db.execute("COMMIT")

    for _ in range(ENTRIES):
        insert()
    return insert


def appending(book: Logbook) -> Callable[[], object]:
    """A reading at a window on a journal of a thousand."""
    stand = book.stand(book.start(NECK, TIME))

    def append() -> None:
        nonlocal stand
        stand = book.append(stand, CROWN)

    # One by one, as at a bench: the log beside the file has its size then.
    for _ in range(ENTRIES):
        append()
    return append


def timed(*actions: Callable[[], object]) -> list[float]:
    """The median of each in ms, one after the other in turn."""
    found: list[list[float]] = [[] for _ in actions]
    # As in the window, garbage waits for a quiet moment.
    gc.collect()
    gc.disable()
    for _ in range(LAPS):
        for times, action in zip(found, actions, strict=True):
            start = time.perf_counter()
            action()
            times.append(1e3 * (time.perf_counter() - start))
    return [median(times) for times in found]


def main() -> None:
    with tempfile.TemporaryDirectory(prefix="nuvrek-keeping-") as name:
        folder = Path(name)
        book = Logbook.make(folder / "book.db")
        insert, append = bare(folder), appending(book)
        raw, file = timed(insert, append)
        print(f"a reading into a file: {file / raw:.2f} times a bare insert ({raw:.2f} ms)")
        address = postgres.new_database()
        if address:
            at_a_bench(folder, address, insert)
        session = Session(book, 1, NECK, lambda: TIME)
        start = time.perf_counter()
        session.append(CROWN)
        print(f"with its state folded on: {1e3 * (time.perf_counter() - start):.2f} ms")


def at_a_bench(folder: Path, address: str, insert: Callable[[], object]) -> None:
    copy = BenchCopy.of(address, folder / "bench" / "logbook.db")
    line = Carrier(copy.again())
    append = appending(copy)
    line.go()
    for state, before, after in (
        ("answers", lambda: None, lambda: None),
        ("hangs", lambda: postgres.freeze(True), lambda: postgres.freeze(False)),
        ("is gone", postgres.stop, postgres.start),
    ):
        before()
        raw, ours = timed(insert, append)
        after()
        print(f"at a bench whose server {state}: {ours / raw:.2f} times a bare insert")
    start = time.perf_counter()
    line.go()
    waits, _ = copy.counts()
    seconds = time.perf_counter() - start
    print(f"{3 * LAPS} acts carried in {seconds:.1f} s, {waits} left")
    line.close()
    copy.close()


if __name__ == "__main__":
    main()
