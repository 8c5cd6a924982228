import os
import signal
import sqlite3
import subprocess
import sys
import time
from pathlib import Path

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.session import Session
from nuvrek.logbook.store import Logbook, LogbookDamaged, LogbookError, LogbookFull
from nuvrek.readings.entries import CrownHeight
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, measured

CROWN = CrownHeight(lane="bass", fret=3, height_mm=1.0)

CHILD = """
import sys
from pathlib import Path
from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.session import Session
from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import NeckDescription
from nuvrek.units import Unit
neck = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16)
book = Logbook.make(Path(sys.argv[1]))
session = Session(book, book.start(neck, ""), neck, lambda: "2026-03-03T10:00:00")
keypad = Keypad(session, "basic", lambda kind: Unit.MM)
while True:
    kind = keypad.station.kind
    keys = {"sweep": ("*", "right", "*", "right", "/"), "state": "*", "edge-lie": ("1", "2", "*")}
    before = len(session.entries)
    for key in keys.get(kind, ("1", ".", "0", "enter", "/")):
        keypad.press(key)
        print(len(session.entries), flush=True)
    if len(session.entries) == before:
        keypad.press("down")
    if keypad.finished:
        keypad.start_afresh()
"""


class LogbookCase(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        self.book = Logbook.make(self.path)
        self.addCleanup(lambda: self.book.close())


class Keeping(LogbookCase):
    def test_a_neck_and_its_journal_come_back(self) -> None:
        _, entries = measured(5)
        number = self.book.start(NECK, TIME, entries)
        self.book.append(self.book.stand(number), CROWN)
        self.book.close()
        again = Logbook.make(self.path)
        self.assertEqual(again.entries(number), [*entries, CROWN])
        self.assertEqual(again.necks()[0].neck, NECK)
        again.close()

    def test_each_entry_is_synced_to_disk_before_the_call_returns(self) -> None:
        self.assertEqual(self.book._db.execute("PRAGMA synchronous").fetchone()[0], 2)
        number = self.book.start(NECK, TIME)
        self.book.append(self.book.stand(number), CROWN)
        other = sqlite3.connect(self.path)
        self.assertEqual(other.execute("SELECT count(*) FROM entry").fetchone()[0], 1)
        other.close()

    def test_two_windows_cannot_write_over_each_other(self) -> None:
        number = self.book.start(NECK, TIME)
        stand = self.book.stand(number)
        self.book.append(stand, CROWN)
        with self.assertRaises(LogbookError) as caught:
            self.book.append(stand, CROWN)
        self.assertIn("another window", str(caught.exception))
        self.assertEqual(len(self.book.entries(number)), 1)


class Trouble(LogbookCase):
    def test_full_disk_keeps_the_typed_number(self) -> None:
        session = Session(self.book, self.book.start(NECK, TIME), NECK, lambda: TIME)
        keypad = Keypad(session, "basic", lambda _kind: Unit.MM)
        pages = self.book._db.execute("PRAGMA page_count").fetchone()[0]
        self.book._db.execute(f"PRAGMA max_page_count={pages}")
        before = []
        for _ in range(400):
            before = list(session.entries)
            for key in "1.75":
                keypad.press(key)
            keypad.press("enter")
            keypad.press("up")
            if keypad.message or keypad.text:
                break
            keypad.index = 0
        # One station is taken again and again until the (capped) file is full.
        self.assertEqual(session.entries, before)
        with self.assertRaises(LogbookFull):
            for _ in range(400):
                session.append(CROWN)
        kept = len(session.entries)
        self.assertEqual(len(self.book.entries(session.neck_id)), kept)
        keypad._go(0)
        for key in ("1", ".", "8", "enter"):
            keypad.press(key)
        self.assertIn("disk is full", say(keypad.message))
        self.assertEqual(keypad.text, "1.8")
        self.book._db.execute("PRAGMA max_page_count=100000")
        keypad.press("enter")
        self.assertEqual(keypad.text, "")
        self.assertGreater(len(session.entries), kept)

    def test_read_only(self) -> None:
        number = self.book.start(NECK, TIME)
        self.book._db.execute("PRAGMA query_only=ON")
        with self.assertRaises(LogbookError) as caught:
            self.book.append(self.book.stand(number), CROWN)
        self.assertIn("read-only", str(caught.exception))

    def test_a_newer_logbook_is_left_untouched(self) -> None:
        self.book._db.execute("PRAGMA user_version=99")
        self.book.close()
        before = self.path.read_bytes()
        with self.assertRaises(LogbookError) as caught:
            Logbook.make(self.path)
        self.assertIn("newer", str(caught.exception))
        self.assertEqual(self.path.read_bytes(), before)

    def test_damaged_and_foreign_files_are_left_untouched(self) -> None:
        junk = self.folder / "junk.db"
        junk.write_bytes(b"this is not a logbook at all, only words" * 200)
        with self.assertRaises(LogbookDamaged):
            Logbook(junk)
        foreign = self.folder / "foreign.db"
        db = sqlite3.connect(foreign)
        db.execute("CREATE TABLE birds (name)")
        db.commit()
        db.close()
        before = foreign.read_bytes()
        with self.assertRaises(LogbookDamaged):
            Logbook(foreign)
        self.assertEqual(foreign.read_bytes(), before)

    def test_a_spoilt_entry_is_named(self) -> None:
        number = self.book.start(NECK, TIME)
        self.book._db.execute(
            'INSERT INTO entry (neck, number, body) VALUES (?, 1, \'{"kind":"zap"}\')', (number,)
        )
        with self.assertRaises(LogbookDamaged):
            self.book.entries(number)

    def test_a_place_that_is_no_folder(self) -> None:
        (self.folder / "file").write_text("x")
        with self.assertRaises(LogbookError):
            Logbook.make(self.folder / "file" / "book.db")


class Killed(TempCase):
    def test_kill_9_in_the_middle_of_a_round_loses_no_accepted_reading(self) -> None:
        for attempt in range(3):
            path = self.folder / f"killed-{attempt}.db"
            child = subprocess.Popen(
                [sys.executable, "-c", CHILD, str(path)],
                stdout=subprocess.PIPE,
                text=True,
                env=_environment(),
            )
            assert child.stdout is not None
            accepted = 0
            until = time.monotonic() + 20
            for line in child.stdout:
                accepted = int(line)
                if accepted > 20 + 13 * attempt or time.monotonic() > until:
                    break
            child.send_signal(signal.SIGKILL)
            rest = child.stdout.read().split()
            child.wait()
            child.stdout.close()
            accepted = max([accepted, *(int(n) for n in rest if n.isdigit())])
            book = Logbook(path)
            kept = book.entries(1)
            self.assertGreater(accepted, 20 + 13 * attempt)
            self.assertGreaterEqual(len(kept), accepted)
            session = Session(book, 1, NECK, lambda: TIME)
            self.assertEqual(session.neck_state.round_name, "basic")
            Keypad(session, "basic", lambda _kind: Unit.MM)
            book.close()


def _environment() -> dict[str, str]:
    source = str(Path(__file__).resolve().parents[1] / "src")
    return {**os.environ, "PYTHONPATH": source, "PYTHONWARNINGS": ""}
