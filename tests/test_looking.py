"""Whoever looks makes nothing and changes nothing; what is fuller is not written over; what comes
from elsewhere is bounded; a bit that flipped is found.
"""

import io
import os
import random
import sqlite3
import time
import unittest
import warnings
import zipfile
from contextlib import closing
from datetime import datetime
from pathlib import Path

from nuvrek.bench.working.archive import everything_in_archive, packed
from nuvrek.demo import demo_jobs
from nuvrek.exchange.archive import unpack
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.logbook.joining.merging import everything_in, everything_of, forecast, merge, take_in
from nuvrek.logbook.on_disk.copies import copies_of, folder_of, make_copy, put_back
from nuvrek.logbook.on_disk.inspection import inspect
from nuvrek.logbook.store import Logbook, LogbookDamaged, LogbookError
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import CrownHeight, Describe, Note
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, neck_with
from tests.test_cli import CliCase

NOW = datetime(2026, 3, 3, 14, 20)
BITS = int(os.environ.get("NUVREK_BITS", "60"))
CROWN = CrownHeight(lane="middle", fret=22, height_mm=1.1)


class Shelf(CliCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        with closing(Logbook.make(self.path)) as book:
            for job in demo_jobs()[:3]:
                book.start(job.neck, TIME, job.journal)
            book.keep_owner(Owner(name="Wim"), TIME)

    def files(self) -> dict[str, bytes]:
        return {
            str(path.relative_to(self.folder)): path.read_bytes()
            for path in self.folder.rglob("*")
            if path.is_file()
        }


class Looking(Shelf):
    def test_no_command_that_reads_makes_a_logbook(self) -> None:
        wrong, archive = self.folder / "typo.db", self.folder / "all.zip"
        self.assertEqual(self.run_cli("archive", archive, "--logbook", self.path)[0], 0)
        make_copy(self.path, NOW)
        copy = copies_of(self.path)[0].path
        before = self.files()
        for words in (
            ("archive", archive),
            ("copies",),
            ("copies", "--make"),
            ("copies", "--look", copy.name),
            ("copies", "--restore", copy.name),
            ("copies", "--restore", copy),
            ("merge", self.path),
            ("export", "1", self.folder / "x.json"),
            ("owners",),
            ("owners", "--data", "Wim", "-o", self.folder / "wim.json"),
            ("owners", "--remove", "Wim"),
        ):
            status, _, err = self.run_cli(*words, "--logbook", wrong)
            self.assertEqual((status, len(err.strip().splitlines())), (2, 1), (words, err))
            self.assertEqual(self.files(), before, words)

    def test_what_is_empty_or_something_else_is_refused_and_stays(self) -> None:
        empty, foreign = self.folder / "empty.db", self.folder / "birds.db"
        empty.touch()
        with closing(sqlite3.connect(foreign)) as db:
            db.execute("CREATE TABLE birds (name)")
        for path in (empty, foreign):
            before = path.read_bytes()
            for opened in (Logbook, Logbook.to_read, inspect):
                with self.assertRaises(LogbookDamaged):
                    opened(path)
            with closing(Logbook(self.path)) as book, self.assertRaises(LogbookDamaged):
                merge(book, path)
            self.assertEqual(path.read_bytes(), before)

    def test_a_copy_is_put_back_by_the_name_that_is_printed(self) -> None:
        make_copy(self.path, NOW)
        name = self.run_cli("copies", "--logbook", self.path)[1].split()[0]
        with closing(Logbook(self.path)) as book:
            book.append(book.stand(1), Note(text="later", at=TIME))
            before = len(book.entries(1))
        status, out, err = self.run_cli("copies", "--restore", name, "--logbook", self.path)
        self.assertEqual((status, err), (0, ""), err)
        self.assertIn("put back", out)
        with closing(Logbook(self.path)) as book:
            self.assertEqual((len(book.necks()), len(book.entries(1))), (3, before - 1))

    def test_a_lost_or_spoilt_logbook_comes_back_from_its_copies(self) -> None:
        copy = make_copy(self.path, NOW)
        for spoil in (lambda: self.path.unlink(), lambda: self.path.write_bytes(b"x" * 9000)):
            spoil()
            aside = put_back(self.path, copy, NOW)
            with closing(Logbook(self.path)) as book:
                self.assertEqual((len(book.necks()), book.check()), (3, ""))
            # Read with the log beside it; what was there stays.
            self.assertNotEqual(aside, self.path)
        stranger = copy.rename(self.folder / "stranger.db")
        self.path.unlink()
        with self.assertRaisesRegex(LogbookError, "no such logbook"):
            put_back(self.path, stranger, NOW)
        self.assertFalse(self.path.exists())

    def test_what_is_fuller_is_not_written_over(self) -> None:
        archive, small = self.folder / "all.zip", self.folder / "small.db"
        self.run_cli("archive", archive, "--logbook", self.path)
        with closing(Logbook.make(small)) as book:
            book.start(NECK, TIME)
        whole = archive.read_bytes()
        status, _, err = self.run_cli("archive", archive, "--logbook", small)
        self.assertIn("holds more: 3 of its necks", err)
        self.assertEqual((status, archive.read_bytes()), (2, whole))
        self.assertEqual(self.run_cli("archive", archive, "--force", "--logbook", small)[0], 0)
        job = self.folder / "job.json"
        self.assertEqual(self.run_cli("export", "1", job, "--logbook", self.path)[0], 0)
        self.assertEqual(self.run_cli("export", "1", job, "--logbook", self.path)[0], 0)
        status, _, err = self.run_cli("export", "2", job, "--logbook", self.path)
        self.assertEqual(status, 2)
        self.assertIn("another journal", err)

    def test_reading_an_older_logbook_leaves_it_as_it_is_and_opening_it_keeps_a_copy(self) -> None:
        old = self.folder / "old.db"
        with closing(sqlite3.connect(old)) as db:
            db.executescript(_VERSION_2)
        before = old.read_bytes()
        with closing(Logbook.to_read(old)) as book:
            self.assertEqual(book.entries(1), [Note(text="old")])
            uid = book.uid(1)
        self.assertEqual(old.read_bytes(), before)
        with closing(Logbook(old)) as book:
            self.assertEqual((book.uid(1), book.check(), len(uid)), (uid, "", 32))
            self.assertEqual(book.owner_rows()[0].uid, book.owner_rows()[1].uid)
        kept = self.folder / "old-version-2.db"
        with closing(Logbook.to_read(kept)) as book:
            self.assertEqual(book.entries(1), [Note(text="old")])


_VERSION_2 = """
CREATE TABLE neck (id INTEGER PRIMARY KEY, described TEXT NOT NULL, created TEXT NOT NULL);
CREATE TABLE entry (neck INTEGER NOT NULL REFERENCES neck(id), number INTEGER NOT NULL,
    body TEXT NOT NULL, PRIMARY KEY (neck, number)) WITHOUT ROWID;
CREATE TABLE owner (id INTEGER PRIMARY KEY, name TEXT NOT NULL, body TEXT NOT NULL,
    at TEXT NOT NULL);
INSERT INTO neck VALUES (1, '{"scale_mm":648.0,"frets":22,"joint_fret":16}', '2025-01-01');
INSERT INTO entry VALUES (1, 1, '{"kind":"note","text":"old"}');
INSERT INTO owner VALUES (1, 'Wim', '{"name":"Wim"}', '2025-01-01');
INSERT INTO owner VALUES (2, 'Wim', '{"name":"Wim","telephone":"1"}', '2025-01-02');
PRAGMA user_version=2;
"""


class Bits(Shelf):
    def test_a_flipped_bit_is_found_or_changes_nothing(self) -> None:
        """Single bits of the file, anywhere: told by the thorough look, or nothing is other."""
        with closing(Logbook(self.path)) as book:
            book.become_one_file()
        raw, pick, told = self.path.read_bytes(), random.Random(BITS), 0
        with closing(Logbook.to_read(self.path)) as book:
            whole = everything_of(book)
        spoilt = self.folder / "spoilt.db"
        for _ in range(BITS):
            made = bytearray(raw)
            made[pick.randrange(len(raw))] ^= 1 << pick.randrange(8)
            spoilt.write_bytes(made)
            try:
                with closing(Logbook.to_read(spoilt)) as book:
                    if book.check():
                        told += 1
                        continue
                    self.assertEqual(everything_of(book), whole)
            except LogbookError:
                told += 1
        self.assertGreater(told, BITS // 3)


class Merging(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.bench = Logbook.make(self.folder / "bench.db")
        self.addCleanup(self.bench.close)
        self.bench.start(NECK, TIME, [Note(text="0", at=TIME)])
        self.laptop = Logbook(make_copy(self.bench, NOW).rename(self.folder / "laptop.db"))
        self.addCleanup(self.laptop.close)

    def test_what_it_makes_is_checked_like_an_act(self) -> None:
        """A reading at 22 on the way, 20 frets at the bench: together no journal, so both stay."""
        short = Describe(neck=neck_with(frets=20), at="2026-03-04T10:00:00+01:00")
        self.bench.append(self.bench.stand(1), short)
        late = CROWN.__class__(lane="middle", fret=22, height_mm=1.1, at="2026-03-05T10:00:00")
        self.laptop.append(self.laptop.stand(1), late)
        before = self.bench.entries(1)
        taken = merge(self.bench, self.laptop.path)
        self.assertEqual((taken.grown, self.bench.entries(1)), (0, before))
        self.assertIn("fret 22 doesn't exist", say(taken.sayings[0]))
        # It can be packed and read back.
        path = self.folder / "a.zip"
        path.write_bytes(packed(self.bench)[0])
        self.assertEqual(list(everything_in_archive(path).necks[0].entries), before)

    def test_times_are_compared_with_their_zones(self) -> None:
        for book, text, at in (
            (self.bench, "second", "2026-03-04T09:30:00+02:00"),
            (self.laptop, "first", "2026-03-04T09:00:00+03:00"),
            (self.bench, "third", "2026-03-04T07:45:00Z"),
        ):
            book.append(book.stand(1), Note(text=text, at=at))
        merge(self.bench, self.laptop.path)
        said = [one.text for one in self.bench.entries(1) if isinstance(one, Note)]
        self.assertEqual(said, ["0", "first", "second", "third"])

    def test_what_both_changed_is_shown_before_anything_is_written(self) -> None:
        for book, title in ((self.bench, "ours"), (self.laptop, "theirs")):
            book.append(book.stand(1), Describe(neck=neck_with(title=title), at=TIME))
        before = self.bench.entries(1)
        every = everything_in(self.bench, self.laptop.path)
        seen = forecast(self.bench, every)
        self.assertIn("On both sides the neck was described anew", say(seen.sayings[0]))
        self.assertEqual(self.bench.entries(1), before)
        with self.assertRaisesRegex(LogbookError, "more than was shown"):
            take_in(self.bench, every, frozenset())
        self.assertEqual(self.bench.entries(1), before)
        take_in(self.bench, every, seen.asks)
        self.assertEqual(len(self.bench.entries(1)), 3)


_INDEX = '{"format":"nuvrek-archive","necks":[LINES]}'


class Archives(TempCase):
    def made(self, members: list[tuple[str, bytes]]) -> bytes:
        out = io.BytesIO()
        with (
            warnings.catch_warnings(action="ignore"),
            zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive,
        ):
            for name, data in members:
                archive.writestr(name, data)
        return out.getvalue()

    def test_a_small_archive_makes_no_large_work(self) -> None:
        job = b'{"format":"nuvrek-job","version":1,"neck":{}}'
        line = '{"uid":"%032x","created":"","file":"necks/1.json"}'
        for lines, members, why in (
            ([line % n for n in range(5000)], [], "twice"),
            ([line % 1], [("necks/1.json", b" " * 40_000_000)], "larger than any"),
            ([line % 1], [("necks/1.json", job), ("necks/1.json", job)], "twice"),
        ):
            index = _INDEX.replace("LINES", ",".join(lines))
            raw = self.made([("index.json", index.encode()), ("owners.json", b"[]"), *members])
            with self.assertRaisesRegex(JobFaults, why):
                unpack(raw)
        # A member that is more than it says is not read to its end.
        index = _INDEX.replace("LINES", line % 1)
        raw = bytearray(self.made([("index.json", index.encode()), ("owners.json", b"[]" * 9)]))
        at = raw.rfind(b"owners.json") - 46 + 24
        raw[at : at + 4] = (2).to_bytes(4, "little")
        with self.assertRaises(JobFaults):
            unpack(bytes(raw))

    def test_whatever_is_spoilt_is_a_sentence(self) -> None:
        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        book.start(NECK, TIME, [Note(text="x", at=TIME)])
        book.keep_owner(Owner(name="Wim"), TIME)
        whole, pick = packed(book)[0], random.Random(3)
        started = time.monotonic()
        for _ in range(int(os.environ.get("NUVREK_FUZZ", "300"))):
            raw = bytearray(whole)
            for _ in range(pick.choice((1, 1, 3, 20))):
                match pick.randrange(4):
                    case 0:
                        raw[pick.randrange(len(raw))] ^= 1 << pick.randrange(8)
                    case 1:
                        del raw[pick.randrange(len(raw)) :][: pick.randrange(60)]
                    case 2:
                        at = pick.randrange(len(raw))
                        raw[at : at + 4] = pick.randbytes(4)
                    case _:
                        raw = raw[: pick.randrange(1, len(raw) + 1)]
                if len(raw) < 5:
                    break
            try:
                unpack(bytes(raw))
            except JobFaults as error:
                self.assertEqual(len(error.faults), 1)
        self.assertLess(time.monotonic() - started, 3600)


class Folders(TempCase):
    def test_names_that_are_no_letters_are_sentences(self) -> None:
        name = Path(os.fsdecode(bytes(self.folder / "b") + b"\xff\xfe.db"))
        with self.assertRaises(LogbookError) as caught:
            Logbook(name)
        str(caught.exception).encode()
        with closing(Logbook.make(name)) as book:
            book.start(NECK, TIME)
            make_copy(book, NOW)
        self.assertEqual(len(copies_of(name)), 1)
        self.assertTrue(folder_of(name).is_dir())
        (self.folder / "a-folder.db").mkdir()
        with self.assertRaisesRegex(LogbookError, "no such logbook"):
            Logbook(self.folder / "a-folder.db")

    def test_a_file_that_is_replaced_while_it_is_open_takes_nothing_more(self) -> None:
        path = self.folder / "book.db"
        book = Logbook.make(path)
        self.addCleanup(book.close)
        number = book.start(NECK, TIME)
        path.rename(self.folder / "moved.db")
        with self.assertRaisesRegex(LogbookError, "moved away or replaced"):
            book.append(book.stand(number), CROWN)
        Logbook.make(path).close()
        with self.assertRaisesRegex(LogbookError, "moved away or replaced"):
            book.append(book.stand(number), CROWN)


if __name__ == "__main__":
    unittest.main()
