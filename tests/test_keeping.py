"""A logbook that lasts: copies, restoring, merging, what is kept of an owner."""

import json
import os
import random
import signal
import sqlite3
import threading
import time
import unittest
from collections.abc import Sequence
from contextlib import closing
from datetime import date, datetime, timedelta
from decimal import Decimal
from typing import Any

from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec import structs

from nuvrek.bench.settings import Settings
from nuvrek.demo import demo_jobs, demo_owners
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import Window
from nuvrek.logbook.joining.journals import merged
from nuvrek.logbook.joining.merging import merge, restore_neck
from nuvrek.logbook.joining.privacy import owner_data, remove_owner
from nuvrek.logbook.on_disk.copies import (
    copies_of,
    due,
    look_into,
    make_copy,
    restore_all,
    thin,
    thinned,
)
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.owner import Owner
from nuvrek.readings.acts import joined
from nuvrek.readings.entries import Agreed, AnyEntry, Chosen, Describe, Note, Strike
from nuvrek.readings.journal import fold, live_numbers
from nuvrek.readings.kinds.work import JPEG_BEGINS
from nuvrek.readings.owner.entries import Answered, Quote
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, WindowCase, neck_with
from tests.test_cli import CliCase

NOW = datetime(2026, 3, 3, 14, 20)
QUOTE = Quote(ways=("rod",), lines=(), total=Decimal(5))


def grown(pick: random.Random, before: Sequence[AnyEntry], acts: int, side: str) -> list[AnyEntry]:
    """A journal that went on, its clock wrong by up to a day: notes, strikes of anything, strikes
    of strikes, acts of several entries."""
    entries, wrong = list(before), pick.randrange(-24, 25)
    for n in range(acts):
        at = datetime(2026, 3, 3, 12) + timedelta(hours=wrong + n, minutes=pick.randrange(60))
        made: tuple[AnyEntry, ...] = (Note(text=pick.choice([side, "the same"])),)
        kind = pick.random()
        if kind < 0.3 and entries:
            made = (Strike(entry=pick.randrange(1, len(entries) + 1)),)
        elif kind < 0.4 and entries:
            made = (Note(text=side, about=pick.randrange(1, len(entries) + 1)),)
        elif kind < 0.6:
            made = (Agreed(note=side), Note(text="with it"))
        elif kind < 0.7:
            made = (QUOTE, Answered(quote=len(entries) + 1, says="accepted"))
        entries += joined(made, "Work", at.isoformat())
    return entries


class Merging(unittest.TestCase):
    @given(st.integers(0, 10**9))
    @settings(max_examples=150, deadline=None)
    def test_commutes_settles_and_loses_nothing(self, seed: int) -> None:
        pick = random.Random(seed)
        base = grown(pick, [], pick.randrange(6), "base")
        ours = grown(pick, base, pick.randrange(7), "ours")
        theirs = grown(pick, base, pick.randrange(7), "theirs")
        both = merged(ours, theirs)
        self.assertEqual(both, merged(theirs, ours))
        for again in (ours, theirs, both.entries):
            self.assertEqual(merged(both.entries, again).entries, both.entries)
        fold(NECK, both.entries)
        for side in (ours, theirs):
            self.assertEqual(self.said(side), self.said(side) & self.said(both.entries))
        # Without a word of the other side nothing changes.
        self.assertEqual(list(merged(ours, base).entries), ours)

    @given(st.integers(0, 10**9))
    @settings(max_examples=60, deadline=None)
    def test_three_come_to_the_same_whoever_meets_whom_first(self, seed: int) -> None:
        pick = random.Random(seed)
        base = grown(pick, [], pick.randrange(6), "base")
        a, b, c = (grown(pick, base, pick.randrange(6), side) for side in "abc")
        one = merged(merged(a, b).entries, c).entries
        self.assertEqual(one, merged(a, merged(b, c).entries).entries)
        self.assertEqual(one, merged(merged(c, a).entries, b).entries)

    def said(self, entries: Sequence[AnyEntry]) -> set[str]:
        """What each entry says, and of what: numbers are followed to what they mean."""
        told: list[str] = []
        for entry in entries:
            to = getattr(entry, "entry", None) or getattr(entry, "about", None)
            to = to or getattr(entry, "quote", None)
            meant = told[to - 1] if isinstance(to, int) and to <= len(told) else ""
            name = type(entry).__name__
            told.append(f"{name} {entry.at} {getattr(entry, 'text', '')} [{meant}]")
        return set(told)

    def test_what_stands_is_what_stood(self) -> None:
        """A strike on one side of what both know strikes it on both."""
        base = list(joined((Note(text="a"),), "Work", f"{TIME}"))
        ours = [*base, *joined((Strike(entry=1),), "Work", "2026-03-03T11:00:00")]
        theirs = [*base, *joined((Note(text="b"),), "Work", "2026-03-03T10:30:00")]
        both = merged(ours, theirs).entries
        live = [both[n - 1] for n in live_numbers(both)]
        self.assertEqual([one.text for one in live if isinstance(one, Note)], ["b"])

    def test_conflicts_are_named(self) -> None:
        ours = [Chosen(way="rod", at="2026-03-03T10:00:00")]
        theirs = [Chosen(way="level", at="2026-03-03T11:00:00")]
        said = merged(ours, theirs).conflicts
        self.assertEqual(len(said), 1)
        self.assertEqual((said[0].matter, said[0].stands), ("chosen", "2026-03-03T11:00:00"))
        self.assertEqual(merged(ours, ours).conflicts, ())
        described = [Describe(neck=neck_with(title=t), at=TIME) for t in "ab"]
        self.assertEqual(merged(described[:1], described[1:]).conflicts[0].matter, "described")


class Books(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        self.book = self.made(self.path)

    def made(self, path: Any) -> Logbook:
        book = Logbook.make(path)
        self.addCleanup(book.close)
        if not book.necks():
            for n in range(3):
                book.start(neck_with(title=f"neck {n}"), TIME, [Note(text=str(n), at=TIME)])
        return book

    def laptop(self) -> Logbook:
        path = make_copy(self.path, NOW).rename(self.folder / "laptop.db")
        other = Logbook.make(path)
        self.addCleanup(other.close)
        return other


class TwoLogbooks(Books):
    def test_laptop_and_bench_become_one_whichever_takes_in_the_other(self) -> None:
        laptop = self.laptop()
        self.book.append(self.book.stand(1), Note(text="at the bench", at="2026-03-04T09:00:00"))
        laptop.append(laptop.stand(1), Note(text="on the way", at="2026-03-04T08:00:00"))
        laptop.start(neck_with(title="from the fair"), TIME)
        laptop.keep_owner(Owner(name="Wim"), TIME)
        later = make_copy(self.path, NOW + timedelta(seconds=1))
        twin = Logbook.make(later.rename(self.folder / "twin.db"))
        self.addCleanup(twin.close)
        taken = merge(self.book, laptop.path)
        self.assertEqual((taken.new, taken.grown, taken.same), (1, 1, 2))
        said = [e.text for e in self.book.entries(1) if isinstance(e, Note)]
        self.assertEqual(said, ["0", "on the way", "at the bench"])
        self.assertEqual(self.book.owner("Wim"), Owner(name="Wim"))
        again = merge(self.book, laptop.path)
        self.assertEqual((again.new, again.grown, again.same), (0, 0, 4))
        merge(laptop, twin.path)
        self.assertEqual(laptop.entries(1), self.book.entries(1))

    def test_what_can_not_be_taken_in_is_a_sentence_and_changes_nothing(self) -> None:
        with self.assertRaisesRegex(LogbookError, "open already"):
            merge(self.book, self.path)
        with self.assertRaisesRegex(LogbookError, "no such logbook"):
            merge(self.book, self.folder / "none.db")
        laptop = self.laptop()
        laptop._db.execute("UPDATE entry SET body = '{' WHERE neck = 2")
        laptop.append(laptop.stand(1), Note(text="fine", at=TIME))
        taken = merge(self.book, laptop.path)
        self.assertEqual(taken.grown, 1)
        self.assertIn("is damaged and was left out", say(taken.sayings[0]))

    def test_killed_while_merging_it_is_whole_or_not_at_all(self) -> None:
        laptop = self.laptop()
        for n in range(1, 4):
            more = [Note(text=f"more {i}", at=TIME) for i in range(400)]
            laptop.append(laptop.stand(n), *joined(more, "Work", TIME))
        laptop.close()
        pick, whole, none = random.Random(5), 0, 0
        for lap in range(int(os.environ.get("NUVREK_KILLS", "12"))):
            target = self.folder / f"target-{lap}.db"
            make_copy(self.path, NOW + timedelta(minutes=lap + 1)).rename(target)
            child = os.fork()
            if child == 0:
                merge(Logbook.make(target), laptop.path)
                os._exit(0)
            time.sleep(pick.uniform(0.0, 0.08))
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            book = Logbook.make(target)
            lengths = {len(book.entries(n)) for n in (1, 2, 3)}
            book.close()
            self.assertIn(lengths, ({1}, {401}))
            whole, none = whole + (lengths == {401}), none + (lengths == {1})
        self.assertGreater(whole + none, 0)


class Copies(Books):
    def test_one_a_day_by_itself_and_fewer_the_older(self) -> None:
        self.assertTrue(due(self.path, NOW))
        make_copy(self.path, NOW)
        self.assertFalse(due(self.path, NOW + timedelta(hours=9)))
        self.assertTrue(due(self.path, NOW + timedelta(hours=10)))
        self.assertEqual(copies_of(self.path)[0].path.stat().st_mode & 0o777, 0o600)
        days = [date(2026, 3, 3) - timedelta(days=n) for n in range(1200)]
        stay = thinned([f"{day}T120000" for day in days], days[0])
        self.assertEqual(len([at for at in stay if at >= str(days[7])]), 8)
        self.assertTrue(40 <= len(stay) <= 48, len(stay))
        self.assertIn(f"{days[0]}T120000", stay)
        # What was thinned stays thinned: nothing that stayed goes the next moment.
        self.assertEqual(thinned(sorted(stay), days[0]), stay)
        for n in range(9, 29):
            make_copy(self.path, NOW - timedelta(days=n))
        self.assertGreater(thin(self.path, NOW), 3)
        left = len(copies_of(self.path))
        # A clock that jumped by ten years takes none.
        jumped = NOW + timedelta(days=3650)
        make_copy(self.path, jumped)
        self.assertEqual((thin(self.path, jumped), len(copies_of(self.path))), (0, left + 1))

    def test_each_copy_made_while_it_is_written_to_is_a_beginning_of_the_journal(self) -> None:
        stop = threading.Event()

        first = len(self.book.entries(1))

        def write() -> None:
            book, n = Logbook.make(self.path), first
            while not stop.is_set():
                n += 1
                book.append(book.stand(1), Note(text=str(n), at=TIME))
            book.close()

        thread = threading.Thread(target=write)
        thread.start()
        copies = [make_copy(self.path, NOW + timedelta(seconds=n)) for n in range(8)]
        stop.set()
        thread.join()
        whole = self.book.entries(1)
        for copy in copies:
            with sqlite3.connect(f"{copy.as_uri()}?mode=ro", uri=True) as raw:
                self.assertEqual(raw.execute("PRAGMA integrity_check").fetchone()[0], "ok")
            raw.close()
            book = Logbook.make(copy)
            entries = book.entries(1)
            book.close()
            self.assertEqual(entries, whole[: len(entries)])

    def test_one_neck_or_all_put_back_after_a_look(self) -> None:
        copy = make_copy(self.path, NOW)
        seen = look_into(copy)
        self.assertEqual([row[1] for row in seen.necks], ["neck 0", "neck 1", "neck 2"])
        self.book.append(self.book.stand(2), Note(text="later", at=TIME))
        self.book._db.execute("UPDATE entry SET body = '{' WHERE neck = 3")
        self.assertIn("1 entries", say(restore_neck(self.book, copy, self.book.stand(3))))
        self.assertEqual(self.book.entries(3), [Note(text="2", at=TIME)])
        self.assertEqual(len(self.book.entries(2)), 2)
        with self.assertRaisesRegex(LogbookError, "does not hold"):
            restore_neck(self.book, copy, Stand(0, "somebody"))
        before = restore_all(self.book, copy, NOW + timedelta(hours=1))
        self.assertEqual(len(self.book.entries(2)), 1)
        kept = Logbook.make(before)
        self.addCleanup(kept.close)
        self.assertEqual(len(kept.entries(2)), 2)

    def test_killed_while_all_is_put_back_it_is_the_old_or_the_copy(self) -> None:
        more = [Note(text=f"more {i} " + "x" * 500, at=TIME) for i in range(800)]
        self.book.append(self.book.stand(1), *joined(more, "Work", TIME))
        copy, pick = make_copy(self.path, NOW), random.Random(8)
        self.book.append(self.book.stand(2), Note(text="later", at=TIME))
        self.book.close()
        pristine = self.path.read_bytes()
        for lap in range(int(os.environ.get("NUVREK_KILLS", "8"))):
            path = self.folder / f"lap-{lap}.db"
            path.write_bytes(pristine)
            child = os.fork()
            if child == 0:
                restore_all(Logbook(path), copy, NOW)
                os._exit(0)
            time.sleep(pick.uniform(0.0, 0.05))
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            book = Logbook.make(path)
            self.assertEqual(say(book.check()), "")
            self.assertEqual(len(book.entries(1)), 801)
            self.assertIn(len(book.entries(2)), (1, 2))
            book.close()

    def test_a_spoilt_copy_or_a_full_folder_is_a_sentence(self) -> None:
        copy = make_copy(self.path, NOW)
        copy.write_bytes(copy.read_bytes()[:5000] + b"x" * 4000)
        with self.assertRaises(LogbookError):
            restore_all(self.book, copy, NOW)
        self.assertEqual(len(self.book.necks()), 3)
        blocked = self.folder / "book-copies"
        blocked.rename(self.folder / "moved")
        blocked.write_text("in the way")
        with self.assertRaisesRegex(LogbookError, "No copy could be made"):
            make_copy(self.path, NOW)


class Privacy(TempCase):
    ORLA = "Orla Finsterwick"

    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        self.book = Logbook.make(self.path)
        self.addCleanup(self.book.close)
        photo = Note(text="Finsterwick at the door", photo=JPEG_BEGINS + b"x" * 50, at=TIME)
        for made, more in zip(demo_jobs()[12:14], ([], [photo]), strict=True):
            self.book.start(made.neck, TIME, [*made.journal, *more])
        for owner in demo_owners():
            self.book.keep_owner(owner, TIME)
        self.copy = make_copy(self.path, NOW)

    def test_all_that_is_kept_of_one_owner_comes_out(self) -> None:
        found = owner_data(self.book, self.ORLA)
        self.assertEqual((len(found["known"]), len(found["necks"])), (1, 1))
        self.assertIn("washboard", found["necks"][0]["neck"]["complaint"])
        json.dumps(found, default=str)

    def test_all_of_it_goes_and_the_work_stays(self) -> None:
        before = self.book.entries(2)
        removed = remove_owner(self.book, self.ORLA, True, TIME)
        self.assertEqual((removed.necks, removed.photos, removed.copies), (1, 1, 1))
        self.assertIsNone(self.book.owner(self.ORLA))
        after = self.book.entries(2)
        self.assertEqual([type(e) for e in before], [type(e) for e in after])
        self.assertEqual(fold(NECK, before).steps_done, fold(NECK, after).steps_done)
        self.book.close()
        for path in (self.path, self.copy):
            for file in path.parent.glob(f"{path.name}*"):
                raw = file.read_bytes()
                for word in (b"Finsterwick", b"Orla", b"Ferry Cottage", b"ferry before I was"):
                    self.assertFalse(word in raw, (file.name, word))

    def test_killed_in_the_middle_it_is_whole_or_not_at_all(self) -> None:
        self.book.close()
        pick, pristine, seen = random.Random(3), self.path.read_bytes(), set[bool]()
        for lap in range(int(os.environ.get("NUVREK_KILLS", "8"))):
            path = self.folder / f"lap-{lap}.db"
            path.write_bytes(pristine)
            child = os.fork()
            if child == 0:
                remove_owner(Logbook(path), self.ORLA, False, TIME)
                os._exit(0)
            time.sleep(pick.uniform(0.0, 0.05))
            os.kill(child, signal.SIGKILL)
            os.waitpid(child, 0)
            book = Logbook.make(path)
            named = book.necks()[1].neck.owner == self.ORLA
            self.assertEqual(book.owner(self.ORLA) is not None, named)
            told = any("ferry before I" in getattr(e, "means", "") for e in book.entries(2))
            self.assertEqual(told, named)
            book.close()
            seen.add(named)
        self.assertTrue(seen)


class OnTheCommandLine(CliCase):
    def test_archive_out_and_in_merge_and_copies(self) -> None:
        path, other = self.folder / "a.db", self.folder / "b.db"
        book = Logbook.make(path)
        for made in demo_jobs()[:3]:
            book.start(made.neck, TIME, made.journal)
        book.keep_owner(Owner(name="Wim"), TIME)
        book.close()
        archive = self.folder / "all.zip"
        self.assertEqual(self.run_cli("archive", archive, "--logbook", path)[0], 0)
        status, out, err = self.run_cli("archive", archive, "--import", "--logbook", other)
        self.assertEqual((status, err), (0, ""))
        self.assertIn("3 new", out)
        first, second = Logbook.make(path), Logbook.make(other)
        for n in (1, 2, 3):
            self.assertEqual(first.entries(n), second.entries(n))
            self.assertEqual(first.uid(n), second.uid(n))
        self.assertEqual(second.owner("Wim"), Owner(name="Wim"))
        first.close()
        second.close()
        status, out, _ = self.run_cli("merge", other, "--logbook", path)
        self.assertIn("3 as they were", out)
        status, out, _ = self.run_cli("copies", "--make", "--logbook", path)
        self.assertEqual((status, out.count("copy-")), (0, 1))
        for raw in (b"", b"PK\x03\x04 not a zip", archive.read_bytes()[:400]):
            archive.write_bytes(raw)
            status, _, err = self.run_cli("archive", archive, "--import", "--logbook", other)
            self.assertEqual((status, len(err.strip().split("\n"))), (2, 1))
        data = self.folder / "wim.json"
        self.run_cli("owners", "--data", "Wim", "-o", data, "--logbook", path)
        self.assertEqual(json.loads(data.read_text())["owner"], "Wim")
        self.run_cli("owners", "--remove", "Wim", "--logbook", path)
        status, out, _ = self.run_cli("owners", "--logbook", path)
        self.assertNotIn("Wim", out)


class AtTheWindow(WindowCase):
    def test_a_copy_is_made_looked_into_and_one_neck_put_back(self) -> None:
        window: Any = self.open_window(demo=True)
        window.show_stage("Kept safe")
        page = window.stages["Kept safe"]
        page.make.click()
        self.assertEqual(len(page.copies), 1)
        self.assertIn("15 necks", window.bar.message.text() + page.told.text())
        book = window.app.book
        before = len(book.entries(3))
        book.append(book.stand(3), Note(text="too much", at=TIME))
        page.necks.setCurrentIndex(page.necks.findText("long-scale bass", page.contains))
        page.one.click()
        self.assertEqual(len(book.entries(3)), before)
        page.every.click()
        self.assertIn("Press it again", window.bar.message.text())
        page.every.click()
        self.assertEqual(len(book.necks()), 15)
        self.assertGreater(len(page.copies), 1)

    def test_what_both_changed_waits_for_a_word_and_a_fuller_archive_for_a_second(self) -> None:
        window: Any = self.open_window(demo=True)
        book = window.app.book
        window.show_stage("Kept safe")
        page = window.stages["Kept safe"]
        laptop = make_copy(book, NOW).rename(self.folder / "laptop.db")
        with closing(Logbook(laptop)) as other:
            neck = other.row(2).neck
            other.append(other.stand(2), Describe(neck=structs.replace(neck, title="t"), at=TIME))
        book.append(book.stand(2), Describe(neck=structs.replace(neck, title="o"), at=TIME))
        before = len(book.entries(2))
        page.merge(laptop)
        self.assertIn("described anew", window.bar.message.text())
        self.assertEqual((len(book.entries(2)), page.so.isVisible()), (before, True))
        page.so.click()
        self.assertEqual((len(book.entries(2)), page.so.isVisible()), (before + 1, False))
        path = self.folder / "all.zip"
        page.archive(path)
        whole = path.read_bytes()
        number = len(book.entries(2))
        book.append(book.stand(2), Note(text="more", at=TIME))
        page.archive(path)
        self.assertNotEqual(path.read_bytes(), whole)
        fuller = path.read_bytes()
        restore_neck(book, laptop, book.stand(2))
        self.assertLess(len(book.entries(2)), number)
        page.archive(path)
        self.assertIn("holds more", window.bar.message.text())
        self.assertEqual(path.read_bytes(), fuller)
        page.archive(path)
        self.assertNotEqual(path.read_bytes(), fuller)

    def test_a_long_job_can_be_left_and_then_nothing_has_changed(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        window.show_stage("Kept safe")
        page = window.stages["Kept safe"]
        other = Logbook.make(self.folder / "other.db")
        for n in range(400):
            other.start(neck_with(title=str(n)), TIME, [Note(text="x", at=TIME)] * 20)
        other.close()
        self.wait_until(lambda: not window.app.background.busy)
        page.merge(other.path)
        self.wait_until(window.bar.stop.isVisible)
        window.bar.stop.click()
        self.wait_until(lambda: not window.app.background.busy)
        self.assertEqual(len(window.app.book.necks()), 15)

    def test_an_owner_is_written_out_and_taken_out_at_the_second_press(self) -> None:
        window: Any = self.open_window(demo=True)
        window.show_stage("Owners")
        page = window.stages["Owners"]
        page.select([card.owner.name for card in page.cards].index("Orla Finsterwick"))
        page.write_out(self.folder / "orla.json")
        self.assertIn("washboard", (self.folder / "orla.json").read_text())
        page.remove.click()
        self.assertIn("Press it again", window.bar.message.text())
        self.assertIsNotNone(window.app.book.owner("Orla Finsterwick"))
        page.remove.click()
        self.assertIn("1 neck stays", window.bar.message.text())
        self.assertNotIn("Orla Finsterwick", [card.owner.name for card in page.cards])
        self.assertEqual(window.app.book.necks()[13].neck.owner, "")

    def test_the_cards_beside_the_logbook_forget_too(self) -> None:
        path = self.folder / "book.db"
        book = Logbook.make(path)
        book.start(neck_with(title="hers", owner="Orla Finsterwick"), TIME)
        state = AppState(book, Settings(), self.folder / "settings.json", lambda: TIME, inline=True)
        window = Window(state)
        window.show()
        self.addCleanup(self._close, window)
        cards = path.with_name("book.db-cards")
        self.assertIn(b"insterwick", cards.read_bytes())
        window.show_stage("Owners")
        page: Any = window.stages["Owners"]
        page.remove.click()
        page.remove.click()
        self.assertIn("Gone", window.bar.message.text())
        for file in self.folder.rglob("*"):
            if file.is_file():
                self.assertNotIn(b"insterwick", file.read_bytes(), file.name)


if __name__ == "__main__":
    unittest.main()
