"""Damaged, full and foreign: files are written whole or not at all, damage is told, the rest
stays usable.
"""

import contextlib
import errno
import io
import json
import os
import random
import sqlite3
import stat
import subprocess
import sys
from pathlib import Path
from typing import Any
from unittest import mock

from msgspec import structs
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel

from nuvrek.bench.shop.shelf import Shelf
from nuvrek.cli.main import main
from nuvrek.desktop.app import _clear_killed_demos
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import dump
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.logbook.on_disk.salvage import salvage
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.readings.entries import Dial, Note, RodFeel
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, WindowCase, job, measured
from tests.test_logbook import _environment


def run(*arguments: str) -> tuple[int, str, str]:
    out, err = io.StringIO(), io.StringIO()
    with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
        status = main([*arguments])
    return status, out.getvalue(), err.getvalue()


class Files(TempCase):
    def test_a_full_disk_leaves_the_older_file(self) -> None:
        path = self.folder / "kept.json"
        path.write_bytes(b"older")
        full = OSError(errno.ENOSPC, "No space left on device")
        with mock.patch("os.fsync", side_effect=full), self.assertRaises(OSError) as caught:
            write_whole(path, b"newer")
        self.assertEqual(caught.exception.filename, str(path))
        self.assertEqual(path.read_bytes(), b"older")
        self.assertEqual(list(self.folder.iterdir()), [path])

    def test_links_rights_and_pipes_stay_what_they_are(self) -> None:
        path, link = self.folder / "a", self.folder / "link"
        path.write_bytes(b"older")
        path.chmod(0o640)
        link.symlink_to(path)
        write_whole(link, b"newer")
        self.assertTrue(link.is_symlink())
        self.assertEqual(path.read_bytes(), b"newer")
        self.assertEqual(stat.S_IMODE(path.stat().st_mode), 0o640)
        write_whole(Path(os.devnull), b"gone")
        self.assertFalse(Path(os.devnull).is_file())

    def test_export_and_simulate_on_a_full_disk(self) -> None:
        out = self.folder / "job.json"
        out.write_bytes(b"older")
        full = OSError(errno.ENOSPC, "No space left on device")
        with mock.patch("os.fsync", side_effect=full):
            status, _, said = run("simulate", "--seed", "3", "-o", str(out))
        self.assertEqual((status, out.read_bytes()), (2, b"older"))
        self.assertIn("job.json: no space left", said)
        self.assertNotIn("None", said)

    def test_a_spreadsheet_finds_no_formula(self) -> None:
        key = '=HYPERLINK("x")'
        felt = [RodFeel(feel="free", key=key), Dial(lane="bass", fret=2, run=1, reading_mm=-0.1)]
        table = write_table(felt)
        self.assertIn('"\'=HYPERLINK(""x"")"', table)
        self.assertIn(",-0.1,", table)
        self.assertEqual(read_table(table, NECK), felt)

    def test_a_killed_demo_is_cleared_away_and_a_running_one_is_not(self) -> None:
        gone = subprocess.Popen([sys.executable, "-c", ""])
        gone.wait()
        for number in (gone.pid, os.getpid()):
            (self.folder / f"nuvrek-demo-{number}-x").mkdir()
        _clear_killed_demos(self.folder)
        self.assertEqual([p.name for p in self.folder.iterdir()], [f"nuvrek-demo-{os.getpid()}-x"])


class CommandLine(TempCase):
    def test_one_line_a_fault_and_no_escapes_for_the_terminal(self) -> None:
        path = self.folder / "job.json"
        text = json.loads(dump(job(3)))
        text["journal"] = [{"kind": "\x1b[2J\nzap"}, {"kind": "\r"}]
        path.write_text(json.dumps(text))
        status, _, said = run("check", str(path))
        self.assertEqual(status, 2)
        self.assertEqual(len(said.splitlines()), 2)
        self.assertFalse(set(said) & {"\x1b", "\r"})

    def test_flipped_bytes_and_what_is_no_file(self) -> None:
        path, pipe = self.folder / "job.json", self.folder / "pipe"
        good = dump(job(3))
        pick = random.Random(5)
        for _ in range(200):
            spoilt = bytearray(good)
            for _ in range(pick.randrange(1, 6)):
                spoilt[pick.randrange(len(spoilt))] = pick.randrange(256)
            path.write_bytes(spoilt)
            status, _, said = run("check", str(path))
            self.assertIn(status, (0, 2))
            self.assertNotIn("fault of ours", said)
        os.mkfifo(pipe)
        for place in (pipe, Path("/dev/zero"), self.folder):
            status, _, said = run("check", str(place))
            self.assertEqual((status, len(said.splitlines())), (2, 1))

    def test_a_fault_of_ours_is_one_sentence(self) -> None:
        path = self.folder / "job.json"
        path.write_bytes(dump(job(3)))
        with mock.patch("nuvrek.cli.necks._check", side_effect=KeyError("x")):
            status, _, said = run("check", str(path))
        self.assertEqual(status, 2)
        self.assertRegex(said, r"^nuvrek: a fault of ours \(KeyError at .*\)\. Nothing")
        with mock.patch("nuvrek.cli.necks._check", side_effect=KeyboardInterrupt):
            self.assertEqual(run("check", str(path))[0], 130)

    def test_a_reader_who_leaves_and_a_terminal_of_few_letters(self) -> None:
        path = self.folder / "job.json"
        path.write_bytes(dump(job(3)))
        command = f'"{sys.executable}" -m nuvrek.start schema | head -c 10'
        left = subprocess.run(
            command, shell=True, env=_environment(), capture_output=True, check=False
        )
        self.assertEqual(left.stderr, b"")
        plain = subprocess.run(
            [sys.executable, "-m", "nuvrek.start", "map", str(path)],
            env={**_environment(), "PYTHONIOENCODING": "ascii"},
            capture_output=True,
            check=False,
        )
        self.assertEqual((plain.returncode, plain.stderr), (0, b""))


class Markup(WindowCase):
    def test_what_a_file_brings_along_is_shown_letter_by_letter(self) -> None:
        window: Any = self.open_window()
        evil = '<img src="/etc/hostname">'
        number = window.app.book.start(structs.replace(NECK, title=evil, complaint=evil), TIME)
        window.show_stage("Shelf")
        window.stage._open(number - 1)
        for page in (*window.stages, "Take in", "Measure", "Map", "Choose", "Work", "Prove"):
            window.show_stage(page)
            for label in window.findChildren(QLabel):
                if "<img" in label.text():
                    self.assertEqual(label.textFormat(), Qt.TextFormat.PlainText, page)
        self.assertIn(evil, window.rail.title.text())


class Books(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "shop" / "book.db"
        book = Logbook.make(self.path)
        self.journals = {}
        for seed in range(1, 7):
            truth, entries = measured(seed)
            self.journals[book.start(truth.neck, TIME, entries)] = entries
        book.close()

    def test_nobody_else_may_read_it(self) -> None:
        self.assertEqual(stat.S_IMODE(self.path.stat().st_mode), 0o600)
        self.assertEqual(stat.S_IMODE(self.path.parent.stat().st_mode), 0o700)

    def test_a_disk_that_takes_nothing_hides_no_neck(self) -> None:
        full = sqlite3.OperationalError("database or disk is full")
        with mock.patch.object(Logbook, "_prepare", side_effect=full):
            book = Logbook.make(self.path)
        self.addCleanup(book.close)
        self.assertIn("only be looked at. The disk is full", say(book.look_only))
        self.assertEqual(len(Shelf(book).cards()), 6)
        self.assertEqual(book.entries(1), self.journals[1])
        with self.assertRaises(LogbookError):
            book.append(book.stand(1), Note(text="x"))

    def test_no_damaged_file_comes_up_partial_without_a_word(self) -> None:
        good, pick = self.path.read_bytes(), random.Random(11)
        told = 0
        for number in range(60):
            path = self.folder / f"spoilt-{number}.db"
            spoilt = bytearray(good)
            for _ in range(pick.randrange(1, 40)):
                spoilt[pick.randrange(100, len(spoilt))] = pick.randrange(256)
            path.write_bytes(spoilt)
            told += self.says_so(path)
        self.assertGreater(told, 30)

    def says_so(self, path: Path) -> bool:
        """Whether damage was told; where it was not, everything must be there unchanged."""
        try:
            book = Logbook.make(path)
        except LogbookError:
            return True
        try:
            cards = Shelf(book).cards()
            if book.look_only or any(card.damage for card in cards):
                return True
            # Figures may have changed to other figures within their bounds: that no check can
            # know. But nothing is missing.
            self.assertEqual([card.row.id for card in cards], list(self.journals))
            lengths = {n: len(book.entries(n)) for n in self.journals}
            self.assertEqual(lengths, {n: len(e) for n, e in self.journals.items()})
        except LogbookError:
            return True
        finally:
            book.close()
        return False

    def test_salvage_takes_what_can_be_read_and_keeps_the_old(self) -> None:
        other = sqlite3.connect(self.path)
        other.execute("UPDATE entry SET body = '{' WHERE neck = 2 AND number = 3")
        other.execute("DELETE FROM entry WHERE neck = 3 AND number = 2")
        other.commit()
        other.close()
        before, new = self.path.read_bytes(), self.folder / "new.db"
        status, said, _ = run("salvage", str(self.path), str(new))
        self.assertEqual(status, 0)
        self.assertEqual(said.count("can't be read"), 2)
        self.assertEqual(self.path.read_bytes(), before)
        book = Logbook.make(new)
        self.addCleanup(book.close)
        self.assertEqual([row.id for row in book.necks()], list(self.journals))
        self.assertEqual(book.entries(1), self.journals[1])
        self.assertIsInstance(book.entries(2)[2], Note)
        self.assertEqual(book.entries(2)[3:], self.journals[2][3:])
        self.assertEqual(run("salvage", str(self.path), str(new))[0], 2)

    def test_salvage_of_wild_damage_never_fails(self) -> None:
        good, pick = self.path.read_bytes(), random.Random(13)
        for number in range(12):
            path, new = self.folder / f"wild-{number}.db", self.folder / f"saved-{number}.db"
            spoilt = bytearray(good)
            start = pick.randrange(4096, len(spoilt) - 9000)
            spoilt[start : start + 8192] = pick.randbytes(8192)
            path.write_bytes(spoilt)
            result = salvage(path, new)
            book = Logbook.make(new)
            self.assertEqual(len(book.necks()), result.necks)
            for row in book.necks():
                # What did not come over is told; a neck after one that was lost has another number.
                kept = book.entries(row.id)
                whole = kept in self.journals.values()
                self.assertTrue(whole or result.lost, (number, row.id))
            self.assertTrue(result.necks == len(self.journals) or result.lost)
            book.close()

    def test_salvage_names_the_last_entry_too(self) -> None:
        last = len(self.journals[2])

        class Spoilt(sqlite3.Connection):
            """The page of neck 2's last entry is unreadable, and where the end of neck 3 stands."""

            def execute(self, query: str, given: Any = ()) -> sqlite3.Cursor:
                if given == (2, last) or ("max(number)" in query and given == (3,)):
                    raise sqlite3.DatabaseError("malformed")
                return super().execute(query, given)

        def spoilt(copy: Path) -> sqlite3.Connection:
            return sqlite3.connect(copy, factory=Spoilt)

        with mock.patch("nuvrek.logbook.on_disk.salvage._open", spoilt):
            result = salvage(self.path, self.folder / "new.db")
        self.assertTrue(any(f"Entry {last} can't be read" in say(one) for one in result.lost))
        self.assertTrue(
            any(f"after entry {len(self.journals[3])}" in say(one) for one in result.lost)
        )

    def test_a_window_on_a_damaged_book_only_looks(self) -> None:
        self.assertEqual(NECK.frets, 22)
        book = Logbook.make(self.path)
        with mock.patch.object(Logbook, "check", return_value="page 3 is out of order"):
            looked = Logbook.make(self.path)
        self.addCleanup(looked.close)
        self.addCleanup(book.close)
        self.assertTrue(looked.damaged)
        with self.assertRaises(LogbookError) as caught:
            looked.start(NECK, TIME)
        self.assertIn("page 3 is out of order", str(caught.exception))
