"""The same logbook in a file and on a server of several benches."""

import time
import unittest
import uuid
from typing import Any

from nuvrek.bench.session import Session
from nuvrek.demo import demo_jobs
from nuvrek.logbook.merging import merge, necks_of, owner_rows, take_in
from nuvrek.logbook.opening import open_logbook
from nuvrek.logbook.privacy import remove_owner
from nuvrek.logbook.server import ServerLogbook
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import CrownHeight, Note
from tests import postgres
from tests.support import NECK, TIME, TempCase, WindowCase, neck_with

CROWN = CrownHeight(lane="middle", fret=5, height_mm=1.1)


class BothCase(TempCase):
    """The store's own tests; run against the file here, against the server below."""

    def made(self) -> Logbook:
        book = Logbook(self.folder / "book.db")
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
        book.append(first, 2, Note(text="o'clock 50 % ?"), CROWN)
        book.append(second, 1, Note(text="Þórlund שרה"))
        other = self.again(book)
        self.assertEqual([r.id for r in other.necks()], [first, second])
        self.assertEqual([r.entries for r in other.necks()], [3, 1])
        self.assertEqual(other.entries(first), [CROWN, Note(text="o'clock 50 % ?"), CROWN])
        self.assertEqual(other.entries(second), [Note(text="Þórlund שרה")])
        self.assertEqual(other.row(second).neck.title, "the other: 100 % ?")
        self.assertEqual((other.heads(), other.heads(1)), ([(first, 3), (second, 1)], [(first, 3)]))
        self.assertEqual(other.numbers(), [first, second])
        self.assertEqual(len({book.uid(first), book.uid(second)}), 2)
        with self.assertRaisesRegex(LogbookError, "no neck"):
            book.row(999)

    def test_two_benches_never_write_over_each_other(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME)
        other = self.again(book)
        book.append(number, 1, CROWN)
        with self.assertRaisesRegex(LogbookError, "changed from another window"):
            other.append(number, 1, Note(text="late"))
        self.assertEqual(book.entries(number), [CROWN])
        # An act is there whole or not at all.
        with self.assertRaises(LogbookError):
            other.append(number, 2, CROWN, CrownHeight(lane="middle", fret=5, height_mm=99.0))
        self.assertEqual(other.entries(number), [CROWN])

    def test_owners_merging_and_taking_out(self) -> None:
        book = self.made()
        demo = demo_jobs()[13]
        number = book.start(demo.neck, TIME, demo.journal)
        book.keep_owner(Owner(name="Orla Finsterwick", telephone="1"), TIME)
        book.keep_owner(Owner(name="Orla Finsterwick", telephone="2"), TIME)
        self.assertEqual(
            book.owner("Orla Finsterwick"), Owner(name="Orla Finsterwick", telephone="2")
        )
        file = Logbook(self.folder / "laptop.db")
        self.addCleanup(file.close)
        necks, _ = necks_of(book)
        take_in(file, necks, owner_rows(book))
        self.assertEqual(file.uid(1), book.uid(number))
        file.append(1, len(demo.journal) + 1, Note(text="on the way", at="2027-01-01T10:00:00"))
        file.start(neck_with(title="new there"), TIME)
        taken = merge(book, file.path)
        self.assertEqual((taken.new, taken.grown), (1, 1))
        self.assertEqual(book.entries(number), file.entries(1))
        self.assertEqual((merge(book, file.path).same), 2)
        remove_owner(book, "Orla Finsterwick", photos=False)
        self.assertEqual((book.owners(), book.row(number).neck.owner), ({}, ""))

    def test_a_damaged_entry_hides_no_other(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME, [CROWN, CROWN])
        with book.rewriting() as db:
            db.execute("UPDATE entry SET body = ? WHERE neck = ? AND number = 1", ("{", number))
        journal = book.journal(number)
        self.assertIn("Entry 1 can't be read", journal.damage[0])
        self.assertEqual(journal.entries[1], CROWN)


class OnAServer(BothCase):
    def setUp(self) -> None:
        super().setUp()
        server = postgres.address()
        if not server:
            self.skipTest(postgres.why_not())
        import psycopg

        self.database = f"t{uuid.uuid4().hex}"
        with psycopg.connect(server, autocommit=True) as made:
            made.execute(f"CREATE DATABASE {self.database}")
        self.address = server.rsplit("/", 1)[0] + f"/{self.database}"

    def made(self) -> Logbook:
        book = ServerLogbook(self.address, self.folder / "aside.txt")
        self.addCleanup(book.close)
        return book

    def test_what_another_bench_writes_is_heard(self) -> None:
        book = self.made()
        number = book.start(NECK, TIME)
        other: Any = self.again(book)
        other.heard()
        book.append(number, 1, CROWN)
        # The server passes it on when it has time, as the window asks again and again.
        heard: set[int] = set()
        until = time.monotonic() + 20.0
        while not heard and time.monotonic() < until:
            heard = other.heard()
            time.sleep(0.01)
        self.assertEqual(heard, {number})
        self.assertEqual(other.heard(), set())

    def test_a_lost_server_is_told_and_what_could_not_be_written_is_offered(self) -> None:
        book: Any = self.made()
        number = book.start(NECK, TIME, [CROWN])
        session = Session(book, number, NECK, lambda: TIME)
        postgres.stop()
        try:
            for text in ("one", "two"):
                with self.assertRaisesRegex(LogbookError, "kept aside on this machine"):
                    session.append(Note(text=text), CROWN)
            with self.assertRaisesRegex(LogbookError, "can't be reached"):
                book.necks()
            with self.assertRaises(LogbookError):
                book.write_aside()
            # What is open goes on being read.
            self.assertEqual(len(session.neck_state.taken), 1)
            self.assertEqual(len(book.kept_aside()), 2)
        finally:
            postgres.start()
        self.assertEqual(len(book.necks()), 1)
        other = self.again(book)
        other.append(number, 2, Note(text="meanwhile"))
        # Killed after the first was written, before it left the file: it is not written twice. A
        # line torn off stays where it is.
        first = book.kept_aside()[0]
        Logbook.append(book, number, 3, *first.entries)
        with book._aside.path.open("ab") as file:
            file.write(b'{"neck": 1, "num')
        self.assertEqual(book.torn_aside(), 1)
        self.assertEqual(book.write_aside(), 2)
        self.assertEqual((book.kept_aside(), book.torn_aside()), ([], 1))
        said = [e.text for e in book.entries(number) if isinstance(e, Note)]
        self.assertEqual(said, ["meanwhile", "one", "two"])
        self.assertTrue(session.reread())
        self.assertEqual(len(session.neck_state.taken), 3)

    def test_an_address_that_answers_nothing_is_a_sentence(self) -> None:
        with self.assertRaisesRegex(LogbookError, "can't be reached"):
            open_logbook("postgresql://nobody@127.0.0.1:1/none")


class AtTheWindow(WindowCase):
    def test_two_windows_on_one_server(self) -> None:
        server = postgres.address()
        if not server:
            self.skipTest(postgres.why_not())
        from nuvrek.bench.settings import Settings
        from nuvrek.desktop.app_state import AppState
        from nuvrek.desktop.window import Window

        database = f"w{uuid.uuid4().hex}"
        import psycopg

        with psycopg.connect(server, autocommit=True) as made:
            made.execute(f"CREATE DATABASE {database}")
        address = server.rsplit("/", 1)[0] + f"/{database}"
        windows: list[Any] = []
        for n in range(2):
            book = ServerLogbook(address, self.folder / f"aside-{n}.txt")
            if n == 0:
                job = demo_jobs()[1]
                book.start(job.neck, TIME, job.journal)
            app = AppState(book, Settings(), None, lambda: TIME, inline=True)
            window = Window(app)
            window.show()
            self.addCleanup(self._close, window)
            windows.append(window)
            window.stages["Shelf"]._open(0)
        bench, laptop = windows
        laptop.app.listen()
        before = len(laptop.app.session.entries)
        bench.app.session.append(CROWN)
        laptop.app.listen()
        self.assertEqual(len(laptop.app.session.entries), before + 1)
        self.assertIn("Another bench has written", laptop.bar.message.text())
        self.assertIsNotNone(laptop.app.fresh)
        laptop.show_stage("Kept safe")
        self.assertIn("the archive holds all", laptop.stage.told.text())


if __name__ == "__main__":
    unittest.main()
