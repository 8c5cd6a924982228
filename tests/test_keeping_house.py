"""Keeping house: a neck put away, brought back, sent, deleted; the shelf as a list."""

from __future__ import annotations

import json
from contextlib import closing
from pathlib import Path
from typing import Any

from nuvrek.bench.shop.keeping_house import delete_neck, deletion_of, file_name
from nuvrek.bench.shop.shelf import Shelf, month_words
from nuvrek.demo import demo_jobs
from nuvrek.exchange.jobfile import read
from nuvrek.logbook.joining.merging import merge
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.readings.entries import Note
from nuvrek.readings.shop.entries import PutAway
from nuvrek.wording.speech import say
from tests.support import TempCase, WindowCase
from tests.test_damage import run


class House(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        with closing(Logbook.make(self.path)) as book:
            for job in demo_jobs()[:3]:
                book.start(job.neck, "2026-03-03T09:00", job.journal)

    def test_deleted_for_good_and_only_as_it_was_asked(self) -> None:
        with closing(Logbook(self.path)) as book:
            asked = deletion_of(book, book.uid(2))
            self.assertIn("goes for good", say(asked.words))
            self.assertIn("put it away", say(asked.words))
            book.append(book.stand(2), Note(text="came in between"))
            with self.assertRaises(LogbookError):
                delete_neck(book, asked)
            self.assertEqual(len(book.necks()), 3)
            delete_neck(book, deletion_of(book, book.uid(2)))
            self.assertEqual([row.id for row in book.necks()], [1, 3])
            with self.assertRaises(LogbookError):
                deletion_of(book, asked.stand.uid)
        self.assertNotIn(b"came in between", self.path.read_bytes())

    def test_a_copy_of_before_brings_it_back_on_purpose(self) -> None:
        other = self.folder / "other.db"
        other.write_bytes(self.path.read_bytes())
        with closing(Logbook(self.path)) as book:
            uid = book.uid(2)
            delete_neck(book, deletion_of(book, uid))
            merge(book, other)
            self.assertIsNotNone(book.number_of(uid))

    def test_found_by_the_month_it_was_worked_on(self) -> None:
        self.assertEqual(month_words("2026-03-03T09:00:00"), "March 2026 März 2026")
        self.assertEqual(month_words("no day"), "")

    def test_the_shelf_as_a_list(self) -> None:
        with closing(Logbook(self.path)) as book:
            book.append(book.stand(1), PutAway())
            (card, *_) = Shelf(book).cards()
            self.assertEqual(card.need.kind, "away")
        at = ("--logbook", str(self.path))
        status, said, _ = run("list", *at)
        self.assertEqual((status, len(said.splitlines())), (0, 2))
        self.assertIn("put away", run("list", "--away", *at)[1].lower())
        _, said, _ = run("list", "--json", "--find", "bass", *at)
        self.assertEqual([row["neck"] for row in json.loads(said)["necks"]], [3])
        self.assertIn("Nothing is found", run("list", "--find", "zither", *at)[1])
        with closing(Logbook(self.path)) as book:
            book.append(book.stand(1), PutAway(what="back"))
            self.assertNotEqual(Shelf(book).cards()[0].need.kind, "away")


class AtTheWindow(WindowCase):
    def test_put_away_found_sent_and_deleted(self) -> None:
        window: Any = self.open_window(demo=True)
        stage = window.stages["Shelf"]
        card = stage.selected
        number, title = card.row.id, card.neck.title
        there = len(stage.shown)
        stage.put_away(card)
        self.assertEqual(len(stage.shown), there - 1)
        stage.search.setText("put away")
        self.assertEqual([one.row.id for one in stage.shown], [number])
        menu = stage.menu(stage.selected)
        self.assertEqual(len(menu.actions()), 4)
        path = Path(window.app.book.path).parent / file_name(stage.selected.row)
        self.assertTrue(stage.send(stage.selected, path))
        self.assertEqual(read(path).neck.title, title)
        stage.put_away(stage.selected)
        stage.search.setText("")
        self.assertEqual(len(stage.shown), there)
        again = next(one for one in stage.cards if one.row.id == number)
        stage.delete(again)
        self.assertIn("goes for good", window.bar.message.text())
        self.assertEqual(len(stage.cards), there)
        stage.delete(again)
        self.assertEqual(len(stage.cards), there - 1)
        self.assertIn("Deleted", window.bar.message.text())
        self.keys(window, "right")
