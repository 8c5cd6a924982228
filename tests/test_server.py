"""The same logbook in a file and on a server of several benches."""

import os
import random
import string
import threading
import time
import unittest
from contextlib import closing, suppress
from datetime import datetime
from typing import Any
from unittest import mock

import msgspec
import psycopg

from nuvrek.bench.session import Session
from nuvrek.demo import demo_jobs
from nuvrek.desktop.server_line import _Turn
from nuvrek.logbook.benches import server_connection
from nuvrek.logbook.benches.bench_copy import BenchCopy, Entries
from nuvrek.logbook.benches.carrying import Carrier
from nuvrek.logbook.benches.server import ServerLogbook, identity_of, place_of
from nuvrek.logbook.encoding import entry_body
from nuvrek.logbook.errors import NeckChanged, ServerLost
from nuvrek.logbook.joining.merging import everything_of, merge, restore_neck, take_in
from nuvrek.logbook.joining.privacy import remove_owner
from nuvrek.logbook.on_disk.copies import copies_of, make_copy, restore_all
from nuvrek.logbook.opening import open_at_bench, open_logbook
from nuvrek.logbook.rows import rewrite, take_away
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import CrownHeight, Describe, Note, Strike
from nuvrek.wording.speech import say
from tests import postgres
from tests.support import NECK, TIME, TempCase, WindowCase, neck_with

CROWN = CrownHeight(lane="middle", fret=5, height_mm=1.1)


class BothCase(TempCase):
    """The store's own tests; run against the file here, against the server below."""

    def made(self) -> Logbook:
        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        return book

    def again(self, book: Logbook) -> Logbook:
        other = book.again()
        self.addCleanup(other.close)
        return other

    def test_what_is_written_is_read_back(self) -> None:
        book = self.made()
        first = book.start(NECK, TIME, [CROWN])
        second = book.start(neck_with(title="the other: 100 % ?"), TIME)
        book.append(book.stand(first), Note(text="o'clock 50 % ?"), CROWN)
        book.append(book.stand(second), Note(text="Þórlund שרה"))
        other = self.again(book)
        self.assertEqual([r.id for r in other.necks()], [first, second])
        self.assertEqual([r.entries for r in other.necks()], [3, 1])
        self.assertEqual(other.entries(first), [CROWN, Note(text="o'clock 50 % ?"), CROWN])
        self.assertEqual(other.entries(second), [Note(text="Þórlund שרה")])
        self.assertEqual(other.row(second).neck.title, "the other: 100 % ?")
        self.assertEqual([n for n, _ in other.heads()], [first, second])
        self.assertEqual(other.heads(1), other.heads()[:1])
        self.assertEqual(other.wrong_marks(), [])
        self.assertEqual(other.numbers(), [first, second])
        self.assertEqual(len({book.uid(first), book.uid(second)}), 2)
        with self.assertRaisesRegex(LogbookError, "no neck"):
            book.row(999)

    def test_two_benches_never_write_over_each_other(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME)
        other = self.again(book)
        stand = book.stand(number)
        book.append(stand, CROWN)
        with self.assertRaisesRegex(LogbookError, "changed from another window"):
            other.append(stand, Note(text="late"))
        self.assertEqual(book.entries(number), [CROWN])
        # Of the same length, and yet another journal.
        with book.rewriting() as db:
            rewrite(db, book.stand(number), [entry_body(Note(text="put back"))])
        with self.assertRaises(NeckChanged):
            other.append(Stand(number, stand.uid, 1, stand.mark), CROWN)
        with self.assertRaisesRegex(NeckChanged, "no longer in the logbook"):
            other.append(Stand(number, "0" * 32, 1), CROWN)
        # An act is there whole or not at all.
        with self.assertRaises(LogbookError):
            wrong = CrownHeight(lane="middle", fret=5, height_mm=99.0)
            other.append(other.stand(number), CROWN, wrong)
        self.assertEqual(other.entries(number), [Note(text="put back")])

    def test_a_neck_deleted_for_good_is_gone_and_no_other(self) -> None:
        from nuvrek.bench.shop.keeping_house import delete_neck, deletion_of

        book = self.made()
        first, second = book.start(NECK, TIME, [CROWN]), book.start(NECK, TIME, [CROWN])
        uid = book.uid(first)
        other = self.again(book)
        asked = deletion_of(book, uid)
        other.append(other.stand(first), Note(text="meanwhile"))
        with self.assertRaises(LogbookError):
            delete_neck(book, asked)
        self.assertEqual(other.numbers(), [first, second])
        delete_neck(book, deletion_of(book, uid))
        self.assertEqual(other.numbers(), [second])
        self.assertEqual(other.entries(second), [CROWN])
        # What is deleted on purpose is told apart from what a server lost.
        self.assertIn((uid, "taken away"), {(neck, was) for neck, was, _ in other.gone()})

    def test_owners_merging_and_taking_out(self) -> None:
        book = self.made()
        demo = demo_jobs()[13]
        number = book.start(demo.neck, TIME, demo.journal)
        book.keep_owner(Owner(name="Orla Finsterwick", telephone="1"), TIME)
        book.keep_owner(Owner(name="Orla Finsterwick", telephone="2"), TIME)
        self.assertEqual(
            book.owner("Orla Finsterwick"), Owner(name="Orla Finsterwick", telephone="2")
        )
        file = Logbook.make(self.folder / "laptop.db")
        self.addCleanup(file.close)
        take_in(file, everything_of(book))
        self.assertEqual(file.uid(1), book.uid(number))
        file.append(file.stand(1), Note(text="on the way", at="2027-01-01T10:00:00"))
        file.start(neck_with(title="new there"), TIME)
        taken = merge(book, file.path)
        self.assertEqual((taken.new, taken.grown), (1, 1))
        self.assertEqual(book.entries(number), file.entries(1))
        self.assertEqual((merge(book, file.path).same), 2)
        remove_owner(book, "Orla Finsterwick", False, TIME)
        self.assertEqual((book.owners(), book.row(number).neck.owner), ({}, ""))
        # The laptop still has it all: merging brings no name back and doubles nothing.
        entries = book.entries(number)
        merge(book, file.path)
        self.assertEqual((book.entries(number), book.owners()), (entries, {}))
        # And it goes there when the laptop takes the bench in.
        take_in(file, everything_of(book))
        self.assertEqual((file.entries(1), file.owners()), (entries, {}))

    def test_a_damaged_entry_hides_no_other(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME, [CROWN, CROWN])
        with book.rewriting() as db:
            db.execute("UPDATE entry SET body = ? WHERE neck = ? AND number = 1", ("{", number))
        journal = book.journal(number)
        self.assertIn("Entry 1 can't be read", say(journal.damage[0]))
        self.assertEqual(journal.entries[1], CROWN)


# Every line to the server is cut.
CUT = (
    "SELECT pg_terminate_backend(pid) FROM pg_stat_activity "
    "WHERE pid <> pg_backend_pid() AND datname = current_database()"
)
TABLES = ("neck", "entry", "owner", "shop", "act", "gone")


def keep_day(address: str) -> None:
    """The server's state is kept, as a backup of it would be."""
    drop = [f"DROP TABLE IF EXISTS old_{name}" for name in TABLES]
    made = [f"CREATE TABLE old_{name} AS SELECT * FROM {name}" for name in TABLES]
    # All tables as they were at one moment, as every backup program has them.
    begin = "BEGIN ISOLATION LEVEL REPEATABLE READ"
    postgres.tell(address, "; ".join([begin, *drop, *made, "COMMIT"]))


def put_back_day(address: str) -> None:
    """The server is put back to the state that was kept, while benches go on."""
    filled = [f"INSERT INTO {name} SELECT * FROM old_{name}" for name in TABLES]
    number = "SELECT setval('neck_id_seq', (SELECT coalesce(max(id), 1) FROM neck))"
    # Nobody speaks to it while it is put back, as with every server.
    alone = f"LOCK TABLE {', '.join(TABLES)} IN ACCESS EXCLUSIVE MODE"
    emptied = f"TRUNCATE {', '.join(TABLES)}"
    whole = "; ".join(["BEGIN", alone, CUT, emptied, *filled, number, "COMMIT"])
    for _ in range(50):
        # Who speaks to it just then is cut off first.
        postgres.tell(address, CUT)
        with suppress(psycopg.errors.DeadlockDetected):
            postgres.tell(address, whole)
            return
    raise AssertionError("never alone with the server")


class ServerCase(TempCase):
    """A database of its own on the tests' server, and benches with copies of their own."""

    def setUp(self) -> None:
        super().setUp()
        self.address = postgres.new_database()
        if not self.address:
            self.skipTest(postgres.why_not())

    def direct(self, address: str = "") -> ServerLogbook:
        book = ServerLogbook(address or self.address)
        book.path = self.folder / "direct.db"
        self.addCleanup(book.close)
        return book

    def bench(self, name: str) -> tuple[BenchCopy, Carrier]:
        copy = BenchCopy.of(self.address, self.folder / name / "logbook.db")
        line = Carrier(copy.again())
        self.addCleanup(copy.close)
        self.addCleanup(line.close)
        return copy, line


class OnAServer(ServerCase, BothCase):
    def made(self) -> Logbook:
        return self.direct()

    def test_what_another_bench_writes_is_heard_and_nothing_else(self) -> None:
        book: Any = self.made()
        number = book.start(NECK, TIME)
        other: Any = self.again(book)
        other.heard()
        pick, said = random.Random(6), ["", "\u00b2", "9" * 300, "all; DROP", "-1"]
        letters = string.printable.replace("'", "") + "\u00b2\u0967"
        for _ in range(int(os.environ.get("NUVREK_FUZZ", "40"))):
            said.append("".join(pick.choices(letters, k=pick.randrange(1, 90))))
        for n in range(0, len(said), 500):
            notices = (f"NOTIFY nuvrek, '{one}'" for one in said[n : n + 500])
            postgres.tell(self.address, "; ".join(notices))
        for _ in range(30):
            self.assertFalse(other.heard())
            time.sleep(0.01)
        book.append(book.stand(number), CROWN)
        heard = False
        until = time.monotonic() + 20.0
        while not heard and time.monotonic() < until:
            heard = other.heard()
            time.sleep(0.01)
        self.assertTrue(heard)
        self.assertFalse(other.heard())

    def test_a_merge_takes_nothing_that_another_bench_writes_meanwhile(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME, [Note(text="0", at=TIME)])
        laptop = Logbook.make(self.folder / "laptop.db")
        self.addCleanup(laptop.close)
        take_in(laptop, everything_of(book))
        stop, written = threading.Event(), list[str]()

        def write() -> None:
            other = ServerLogbook(self.address)
            while not stop.is_set():
                with suppress(NeckChanged):
                    text = f"bench {len(written)}"
                    other.append(other.stand(number), Note(text=text, at=TIME))
                    written.append(text)
            other.close()

        thread = threading.Thread(target=write)
        thread.start()
        for n in range(8):
            laptop.append(laptop.stand(1), Note(text=f"laptop {n}", at=TIME))
            merge(book, laptop.path)
        stop.set()
        thread.join()
        said = [one.text for one in book.entries(number) if isinstance(one, Note)]
        self.assertGreater(len(written), 8)
        self.assertEqual(len(said), 1 + 8 + len(written))
        self.assertLessEqual(set(written) | {f"laptop {n}" for n in range(8)}, set(said))

    def test_copies_and_putting_back(self) -> None:
        book = self.made()
        first = book.start(NECK, TIME, [CROWN])
        now = datetime(2026, 3, 3, 14)
        copy = make_copy(book, now)
        book.append(book.stand(first), CROWN)
        later = book.start(neck_with(title="later"), TIME)
        self.assertIn("as it was", say(restore_neck(book, copy, book.stand(first))))
        self.assertEqual(book.entries(first), [CROWN])
        before = restore_all(book, copy, now)
        self.assertEqual([row.id for row in book.necks()], [first])
        with Logbook.to_read(before)._db as kept:
            self.assertEqual(kept.execute("SELECT count(*) FROM neck").fetchone()[0], 2)
        with self.assertRaises(NeckChanged):
            book.append(Stand(later, "f" * 32), CROWN)

    def test_logins(self) -> None:
        """One that may not make tables opens what is there; one that may only look looks; a wrong
        password is called that.
        """
        clerk = postgres.login("clerk", self.address)
        with self.assertRaisesRegex(LogbookError, "no logbook on this server yet"):
            ServerLogbook(clerk)
        number = self.direct().start(NECK, TIME)
        tables = "neck, entry, owner, shop, gone, act, version"
        postgres.tell(self.address, f"GRANT SELECT ON {tables} TO clerk")
        looks = self.direct(clerk)
        self.assertEqual(len(looks.necks()), 1)
        with self.assertRaisesRegex(LogbookError, "may only look"):
            looks.append(looks.stand(number), CROWN)
        postgres.tell(
            self.address,
            f"GRANT INSERT, UPDATE, DELETE ON {tables} TO clerk",
            "GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO clerk",
        )
        writes = self.direct(clerk)
        writes.append(writes.stand(number), CROWN)
        locked = postgres.login("locked", self.address, "right")
        wrong = locked.replace("locked@", "locked:wrong@")
        with self.assertRaisesRegex(LogbookError, "refuses this name or password"):
            ServerLogbook(wrong)
        # No password is part of any name that is kept on this machine.
        self.assertEqual(identity_of(wrong), identity_of(locked))
        self.assertEqual(place_of(wrong), place_of(locked))

    def test_an_address_that_answers_nothing_is_a_sentence(self) -> None:
        for opened in (open_logbook, open_at_bench):
            with self.assertRaisesRegex(LogbookError, "can't be reached"):
                opened("postgresql://nobody@127.0.0.1:1/none")
        self.assertFalse(place_of("postgresql://nobody@127.0.0.1:1/none").exists())


class AtTwoBenches(ServerCase):
    """Each bench writes into a copy of its own; what is carried arrives once, and whole."""

    def setUp(self) -> None:
        super().setUp()
        self.copy, self.line = self.bench("bench")
        self.number = self.copy.start(NECK, TIME, [Note(text="0", at=TIME)])
        self.line.go()
        self.other, self.other_line = self.bench("other")
        self.other_line.go()

    def texts(self, book: Logbook) -> list[str]:
        return [one.text for one in book.entries(self.number) if isinstance(one, Note)]

    def meet(self) -> None:
        for _ in range(2):
            self.line.go()
            self.other_line.go()
        there = self.direct().entries(self.number)
        self.assertEqual(self.copy.entries(self.number), there)
        self.assertEqual(self.other.entries(self.number), there)
        self.assertEqual((self.copy.counts(), self.other.counts()), ((0, 0), (0, 0)))
        self.assertEqual(self.copy.wrong_marks() + self.direct().wrong_marks(), [])

    def test_both_write_into_one_neck_and_mean_what_they_meant(self) -> None:
        for book, word in ((self.copy, "a"), (self.other, "b")):
            session = Session(book, self.number, NECK, lambda: TIME)
            # Like acts in one second are two acts.
            for _ in range(2):
                session.append(Note(text=word))
            session.append(Strike(entry=len(session.entries)))
            session.append(Note(text=f"about {word}", about=2))
        self.meet()
        self.assertEqual(self.texts(self.copy), ["0", "a", "a", "about a", "b", "b", "about b"])
        entries = self.copy.entries(self.number)
        struck = [entries[e.entry - 1] for e in entries if isinstance(e, Strike)]
        self.assertEqual([one.text for one in struck if isinstance(one, Note)], ["a", "b"])
        about = [entries[e.about - 1] for e in entries if isinstance(e, Note) and e.about]
        self.assertEqual([one.text for one in about if isinstance(one, Note)], ["a", "b"])

    def test_backspace_asks_before_it_strikes_what_another_bench_wrote(self) -> None:
        other = Session(self.other, self.number, NECK, lambda: TIME)
        other.append(Note(text="theirs"))
        self.meet()
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        with self.assertRaisesRegex(LogbookError, "another bench"):
            session.undo()
        self.assertEqual(len(session.entries), 2)
        session.undo()
        self.assertEqual(len(session.entries), 3)
        other.reread()
        other.append(Note(text="own"))
        other.undo()

    def test_a_lost_server_loses_nothing_and_doubles_nothing(self) -> None:
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        postgres.stop()
        try:
            for text in ("one", "two"):
                session.append(Note(text=text))
                with self.assertRaises(ServerLost):
                    self.line.go()
            new = self.copy.start(neck_with(title="meanwhile"), TIME)
            self.copy.append(self.copy.stand(new), CROWN)
            self.assertEqual((len(self.copy.necks()), self.copy.counts()), (2, (4, 0)))
            with self.assertRaises(LogbookError):
                self.copy.at_source()
        finally:
            postgres.start()
        self.meet()
        self.assertEqual(self.texts(self.other), ["0", "one", "two"])
        self.assertEqual(len(self.direct().necks()), 2)

    def test_killed_between_there_and_here_nothing_is_written_twice(self) -> None:
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        session.append(Note(text="once"))
        self.copy.start(neck_with(title="once"), TIME, [CROWN])
        for _ in range(2):
            # It is there, and the program is gone before that is written down here.
            with (
                mock.patch.object(Carrier, "_done", side_effect=KeyboardInterrupt),
                self.assertRaises(KeyboardInterrupt),
            ):
                self.line.go()
        self.meet()
        self.assertEqual(self.texts(self.other), ["0", "once"])
        self.assertEqual([row.entries for row in self.other.necks()], [2, 1])

    def test_what_no_longer_fits_is_kept_and_said(self) -> None:
        short = msgspec.structs.replace(NECK, frets=20)
        there = self.direct()
        there.append(there.stand(self.number), Describe(neck=short, at=TIME))
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        session.append(CrownHeight(lane="middle", fret=22, height_mm=1.1))
        session.append(Note(text="fits"))
        self.line.go()
        self.assertEqual(self.copy.counts(), (0, 1))
        self.assertIn("fret 22", next(one.why for one in self.copy.waiting() if one.why))
        self.assertEqual(self.texts(self.copy), ["0", "fits"])
        self.assertTrue(session.reread())
        # The neck goes: what waits for it can't follow.
        session.append(Note(text="late"))
        with there.rewriting() as db:
            take_away(db, self.number, there.uid(self.number))
        self.line.go()
        self.assertEqual((self.copy.counts(), self.copy.necks()), ((0, 2), []))
        with self.assertRaises(NeckChanged):
            session.append(Note(text="later still"))
        self.assertEqual(self.copy.forget_refused(), 2)

    def test_a_server_put_back_from_an_older_day_loses_nothing(self) -> None:
        """What it held before goes there again, once, from whichever bench; under its own neck."""
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        session.append(Note(text="kept"))
        self.meet()
        keep_day(self.address)
        lost = [Note(text="a"), Note(text="a"), Note(text="about", about=2)]
        for note in lost:
            session.append(note)
        # B is lost as a whole; C takes its number on the older server.
        b = self.copy.start(
            neck_with(title="B"), TIME, [CrownHeight(lane="bass", fret=22, height_mm=1)]
        )
        self.copy.keep_owner(Owner(name="Wim"), TIME)
        with self.copy.setting_shop() as shop:
            shop.set("week_hours", b"20.0", "2026-04-01")
        uid = self.copy.uid(b)
        self.meet()
        put_back_day(self.address)
        there = self.direct()
        c = there.start(neck_with(title="C", frets=12, joint_fret=12), TIME)
        self.assertEqual(c, b)
        self.other.append(self.other.stand(b), Note(text="still for B", at=TIME))
        for _ in range(3):
            for line in (self.line, self.other_line):
                line.go()
        self.meet()
        self.assertEqual(self.texts(self.other), ["0", "kept", "a", "a", "about"])
        titles = {row.neck.title: there.entries(row.id) for row in there.necks()}
        self.assertEqual((len(titles["B"]), len(titles["C"])), (2, 0))
        self.assertEqual(there.number_of(uid), self.direct().necks()[-1].id)
        self.assertEqual(there.owner("Wim"), Owner(name="Wim"))
        self.assertEqual(there.shop(), {"week_hours": b"20.0"})

    def test_tables_put_back_at_different_moments_lose_nothing(self) -> None:
        """The list of acts is newer than the journals: what it names and lacks goes again."""
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        for text in ("a", "a", "b"):
            session.append(Note(text=text))
        self.meet()
        postgres.tell(self.address, "DELETE FROM entry WHERE number > 1")
        session.append(Note(text="c", about=4))
        for line in (self.line, self.other_line):
            line.go()
        self.meet()
        self.assertEqual(self.texts(self.copy), ["0", "a", "a", "b", "c"])

    def test_what_the_server_lost_and_takes_no_more_is_named(self) -> None:
        keep_day(self.address)
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        session.append(CrownHeight(lane="middle", fret=22, height_mm=1.1), Note(text="with it"))
        self.meet()
        put_back_day(self.address)
        there = self.direct()
        short = msgspec.structs.replace(NECK, frets=20)
        there.append(there.stand(self.number), Describe(neck=short, at=TIME))
        self.line.go()
        self.assertEqual(self.copy.counts(), (0, 1))
        waits = self.copy.waiting()[0]
        assert isinstance(waits.told, Entries)
        self.assertEqual(len(waits.told.bodies), 2)
        self.assertIn("fret 22", waits.why)

    def test_what_is_put_back_on_purpose_stays_put_back(self) -> None:
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        copy = make_copy(self.copy.path, datetime(2026, 3, 3, 14))
        session.append(Note(text="too much"))
        self.copy.start(neck_with(title="too many"), TIME)
        self.copy.keep_owner(Owner(name="Wim"), TIME)
        self.meet()
        self.other.append(self.other.stand(self.number), Note(text="waits", at=TIME))
        with closing(self.copy.at_source()) as source:
            restore_all(source, copy, datetime(2026, 3, 3, 15))
        for _ in range(2):
            for line in (self.line, self.other_line):
                line.go()
        self.meet()
        self.assertEqual(self.texts(self.copy), ["0", "waits"])
        self.assertEqual((len(self.copy.necks()), self.copy.owners()), (1, {}))

    def test_a_server_that_hangs_holds_nobody(self) -> None:
        session = Session(self.copy, self.number, NECK, lambda: TIME)
        with mock.patch.multiple(server_connection, _STATEMENT_S=0.3, _MANY_S=0.3):
            postgres.freeze(True)
            try:
                session.append(Note(text="one"))
                with self.assertRaises(ServerLost):
                    self.line.go()
                session.append(Note(text="two"))
            finally:
                postgres.freeze(False)
        self.meet()
        self.assertEqual(self.texts(self.other), ["0", "one", "two"])

    def test_an_owner_taken_out_at_one_bench_goes_from_the_other_and_its_copies(self) -> None:
        name = "Orla Finsterwick"
        neck = neck_with(title="Orla's", owner=name)
        self.copy.start(neck, TIME, [Note(text="Mrs Finsterwick called", at=TIME)])
        self.copy.keep_owner(Owner(name=name, telephone="1"), TIME)
        self.meet()
        make_copy(self.other.path, datetime(2026, 3, 3, 14))
        self.assertIsNotNone(self.other.owner(name))
        # The other bench has not heard of it yet, and goes on writing about her.
        number = self.other.necks()[-1].id
        said = Note(text="Orla rang", at="2026-03-04T09:00:00")
        self.other.append(self.other.stand(number), said)
        self.other.keep_owner(Owner(name=name, telephone="2"), "2026-03-04T09:00:00")
        with closing(self.copy.at_source()) as source:
            remove_owner(source, name, False, "2026-03-04T10:00:00")
        self.meet()
        self.assertEqual(self.other.owners(), {})
        for file in self.other.path.parent.rglob("*.db*"):
            for word in (b"insterwick", b"Orla"):
                self.assertNotIn(word, file.read_bytes(), file.name)
        self.assertEqual(len(copies_of(self.other.path)), 1)


class AtTheWindow(WindowCase):
    def test_two_windows_on_one_server(self) -> None:
        address = postgres.new_database()
        if not address:
            self.skipTest(postgres.why_not())
        from nuvrek.bench.settings import Settings
        from nuvrek.desktop.app_state import AppState
        from nuvrek.desktop.window import Window

        job = demo_jobs()[1]
        with closing(ServerLogbook(address)) as made:
            made.start(job.neck, TIME, job.journal)
        windows: list[Any] = []
        for n in range(2):
            book = BenchCopy.of(address, self.folder / f"bench-{n}" / "logbook.db")
            app = AppState(book, Settings(), None, lambda: TIME, inline=True)
            app.begin_carrying()
            window = Window(app)
            window.show()
            self.addCleanup(self._close, window)
            windows.append(window)
            self.wait_until(lambda window=window: self._shelf(window))
            window.stages["Shelf"]._open(0)
        bench, laptop = windows
        before = len(laptop.app.session.entries)
        bench.app.session.append(CROWN)
        self.wait_until(lambda: len(laptop.app.session.entries) > before)
        self.assertIn("has written to this neck", laptop.bar.message.text())
        # The cable is pulled: one banner, every page goes on, what is written stays and goes later.
        postgres.stop()
        try:
            self.wait_until(bench.standing.isVisible)
            self.assertIn("can't be reached", bench.standing.text())
            bench.app.session.append(CROWN)
            self.wait_until(lambda: "1 change waits" in bench.standing.text())
            for name in bench.records:
                bench.show_stage(name)
                self.app.processEvents()
        finally:
            postgres.start()
        self.wait_until(lambda: not bench.standing.isVisible())
        self.wait_until(lambda: len(laptop.app.session.entries) == before + 2)

    def test_of_two_windows_of_one_machine_one_carries(self) -> None:
        first, second = (_Turn(self.folder / "logbook.db") for _ in range(2))
        self.assertEqual((first.ours, second.ours), (True, False))
        first.close()
        second.try_again()
        self.assertTrue(second.ours)
        second.close()

    def _shelf(self, window: Any) -> bool:
        window.stages["Shelf"].refresh()
        return bool(window.stages["Shelf"].cards)


if __name__ == "__main__":
    unittest.main()
