"""What is written, and what is refused: acts, identities, damage. No window."""

import json
import sqlite3

from msgspec import structs

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.session import Refused, Session, undo_words
from nuvrek.bench.settings import Settings, load, save
from nuvrek.bench.shop.shelf import Shelf
from nuvrek.bench.working.job import tick
from nuvrek.exchange.jobfile import JobFaults, parse
from nuvrek.logbook.store import Logbook, LogbookError, LogbookFull
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import CrownHeight, Heated, RodMove, Seated, Size, StepDone, StringGap
from nuvrek.readings.stations import station_of
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase

CROWN = CrownHeight(lane="bass", fret=3, height_mm=1.0)


class SessionCase(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        self.book = Logbook.make(self.path)
        self.addCleanup(lambda: self.book.close())
        self.session = self.open(self.book.start(NECK, TIME))

    def open(self, number: int) -> Session:
        return Session(self.book, number, NECK, lambda: TIME, "Measure")

    def spoil(self, sql: str, *values: object) -> None:
        other = sqlite3.connect(self.path)
        other.execute(sql, values)
        other.commit()
        other.close()


class WhatIsRefused(SessionCase):
    def test_what_was_weighed_on_another_neck_or_an_older_journal(self) -> None:
        self.session.append(CROWN)
        stands = self.session.identity
        for on, why in (
            (structs.replace(stands, neck=stands.neck + 1), "another neck"),
            (structs.replace(stands, count=stands.count - 1), "last entry changed the picture"),
        ):
            with self.assertRaises(Refused) as caught:
                self.session.append(CROWN, on=on)
            self.assertIn(why, str(caught.exception))
        self.assertEqual(len(self.book.entries(stands.neck)), 1)
        self.session.append(CROWN, on=stands)
        self.assertEqual(len(self.book.entries(stands.neck)), 2)

    def test_a_rod_counted_past_what_any_rod_has(self) -> None:
        for _ in range(10):
            self.session.append(RodMove(turns=-2.0))
        with self.assertRaises(Refused) as caught:
            self.session.append(RodMove(turns=-2.0))
        self.assertIn("20 turns", str(caught.exception))
        self.session.append(CROWN)
        again = self.open(self.session.neck_id)
        self.assertEqual(again.neck_state, self.session.neck_state)

    def test_what_could_not_be_read_back(self) -> None:
        for entry in (structs.replace(CROWN, height_mm=99.0), structs.replace(CROWN, at="x" * 50)):
            with self.assertRaises(LogbookError):
                self.session.append(entry)
        with self.assertRaises(LogbookError):
            self.book.start(structs.replace(NECK, title="x" * 300), TIME)
        self.assertEqual(self.session.entries, [])
        self.assertEqual([row.entries for row in self.book.necks()], [0])

    def test_a_description_in_a_job_that_contradicts_itself(self) -> None:
        neck = {"scale_mm": 648, "frets": 22, "joint_fret": 16}
        job = {
            "format": "nuvrek-job",
            "version": 1,
            "neck": neck,
            "journal": [{"kind": "describe", "neck": {**neck, "joint_fret": 30}}],
        }
        with self.assertRaises(JobFaults) as caught:
            parse(json.dumps(job).encode())
        self.assertIn("body joint fret is 30", say(caught.exception.faults[0]))


class InOneGo(SessionCase):
    def test_a_tick_with_its_work_is_written_and_undone_whole(self) -> None:
        self.session.page = "Work"
        for step, kinds in (
            (Step("heat", "Heat", "", 1, "heat"), [Heated, StepDone]),
            (Step("seat", "Press", "", 1, "seat", (4, 5)), [Seated, Seated, StepDone]),
        ):
            before = self.session.neck_state
            tick(self.session, step)
            written = self.session.entries[-len(kinds) :]
            self.assertEqual([type(entry) for entry in written], kinds)
            self.assertEqual([e.joined for e in written], [False] + [True] * (len(kinds) - 1))
            found = self.session.undo()
            self.assertEqual(len(found.act.entries if found.act else ()), len(kinds))
            now = structs.replace(self.session.neck_state, length=before.length)
            self.assertEqual(now, before)

    def test_on_a_full_disk_nothing_of_it_is_written(self) -> None:
        self.book._db.execute("PRAGMA max_page_count=1")
        with self.assertRaises(LogbookFull):
            for _ in range(200):
                tick(self.session, Step("heat", "Heat", "", 1, "heat"))
        kinds = [type(entry) for entry in self.book.entries(self.session.neck_id)]
        self.assertEqual(kinds.count(Heated), kinds.count(StepDone))
        self.assertEqual(len(kinds), len(self.session.entries))

    def test_undo_keeps_to_its_page_and_names_what_it_took(self) -> None:
        self.session.append(CROWN)
        self.session.page = "Work"
        self.session.append(RodMove(turns=0.25))
        self.session.page = "Measure"
        words = undo_words(self.session.undo(), Unit.MM, Unit.MM)
        self.assertIn("Struck out: crown of fret 3", say(words))
        self.assertIn("Work's (truss rod 1/4 turn tighter); it stays", say(words))
        self.assertEqual(len(self.session.neck_state.rod_moves), 1)
        words = undo_words(self.session.undo(), Unit.MM, Unit.MM)
        self.assertIn("Nothing to take back here", say(words))
        self.assertIn("undo it there", say(words))

    def test_backspace_at_the_keypad_leaves_what_work_wrote(self) -> None:
        keypad = Keypad(self.session, "basic", lambda _field: Unit.MM)
        for key in ("1", ".", "7", "5", "enter"):
            keypad.press(key)
        self.session.page = "Work"
        tick(self.session, Step("heat", "Heat", "", 1, "heat"))
        self.session.page = "Measure"
        self.assertIn(
            "Backspace undoes: string over 12, bass side 1.75 mm", say(keypad.back_words())
        )
        for _ in range(4):
            keypad.press("back")
        self.assertEqual(self.session.neck_state.taken, ())
        self.assertEqual(len(self.session.neck_state.heats), 1)
        self.assertIn("heat", self.session.neck_state.steps_done)


class TakenAgain(SessionCase):
    def test_in_place_of_the_old_one_under_its_own_name(self) -> None:
        for reading in (
            StringGap(
                lane="bass",
                fret=7,
                low_support=1,
                high_support=16,
                gap_mm=0.3,
                station="gap-pitch-bass",
            ),
            Size(what="groove", mm=0.1, fret=2, string=3, station="groove-2"),
        ):
            self.assertEqual(station_of(reading).key, reading.station)
            self.session.append(reading)
            keypad = Keypad(self.session, "basic", lambda _field: Unit.MM)
            keypad.retake(len(self.session.entries))
            for key in (".", "2", "5", "enter"):
                keypad.press(key)
            self.assertEqual(say(keypad.message).split(";")[0], "Taken again")
            self.assertIn(reading.station, self.session.neck_state.stations_done)


class Damage(SessionCase):
    def test_one_entry_keeps_no_other_neck_from_the_shelf(self) -> None:
        self.session.append(CROWN, CROWN)
        second = self.book.start(structs.replace(NECK, title="The whole one"), TIME)
        self.spoil("UPDATE entry SET body = ? WHERE number = 2", b"\xff\xfe")
        cards = Shelf(self.book).cards()
        self.assertEqual([card.row.id for card in cards], [self.session.neck_id, second])
        self.assertIn("Entry 2 can't be read", say(cards[0].sentence))
        self.assertEqual((cards[1].neck.title, cards[1].damage), ("The whole one", ""))
        opened = self.open(self.session.neck_id)
        self.assertEqual([one.number for one in opened.neck_state.taken], [1])
        with self.assertRaises(Refused) as caught:
            opened.append(CROWN)
        self.assertIn("looked at", str(caught.exception))

    def test_a_missing_number_and_a_spoilt_description_are_named(self) -> None:
        self.session.append(CROWN, CROWN, CROWN)
        self.spoil("DELETE FROM entry WHERE number = 2")
        self.spoil(
            'UPDATE neck SET described = replace(described, \'"frets":22\', \'"frets":"x"\')'
        )
        card = Shelf(self.book).cards()[0]
        self.assertIn("description can't be read whole", say(card.sentence))
        self.assertEqual(card.neck.scale_mm, NECK.scale_mm)
        self.assertIn("missing", say(self.open(self.session.neck_id).damage[0]))

    def test_a_journal_is_read_again_only_when_it_has_grown(self) -> None:
        shelf = Shelf(self.book)
        first = shelf.cards()[0]
        self.assertIs(shelf.cards()[0], first)
        self.session.append(CROWN)
        self.assertIn("1 reading taken", say(shelf.cards()[0].standing))

    def test_settings_that_can_not_be_read_are_set_aside(self) -> None:
        path = self.folder / "settings.json"
        kept = Settings(inch=True, text_percent=125)
        self.assertEqual(say(save(path, kept)), "")
        self.assertEqual(load(path), (kept, ""))
        for spoilt in (b"{", b"\xff", b"[" * 5000, b'{"text_percent": 9}'):
            path.write_bytes(spoilt)
            settings, trouble = load(path)
            self.assertEqual(settings, Settings())
            aside = self.folder / say(trouble).split("as ")[1].split(",")[0]
            self.assertEqual(aside.read_bytes(), spoilt)
            self.assertFalse(path.exists())

    def test_settings_that_could_not_be_read_back_are_not_written(self) -> None:
        path = self.folder / "settings.json"
        save(path, Settings(inch=True))
        self.assertIn("can't be kept", say(save(path, Settings(text_percent=9))))
        self.assertTrue(load(path).settings.inch)
        self.assertIn(
            "could not be kept", say(save(self.path / "no-folder" / "s.json", Settings()))
        )
