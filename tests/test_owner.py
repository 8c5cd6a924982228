"""With the owner: what must be agreed, gates, quotes that stay as given, owners as a list."""

import json
import sqlite3
import unittest
from decimal import Decimal
from typing import Any

import msgspec

from nuvrek.bench.forms.owner import read_amount, read_owner, read_worth
from nuvrek.bench.session import Refused, Session
from nuvrek.bench.working.agreement import plans_of, standings, waiting
from nuvrek.bench.working.job import next_step, tick
from nuvrek.demo import demo_jobs, demo_wires
from nuvrek.exchange import jobfile
from nuvrek.exchange.jobfile import Job
from nuvrek.logbook.on_disk.salvage import salvage
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.owner import Owner
from nuvrek.planning.agreement.needs import needs_of, waits_for
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import Agreed, Chosen, NewWire
from nuvrek.readings.owner.entries import (
    Arrived,
    Consented,
    GateLifted,
    Quote,
    QuoteLine,
    Term,
    Worth,
)
from nuvrek.wording.speech import later, say, say_all
from tests.support import NECK, TIME, TempCase, WindowCase, neck_state, neck_with
from tests.test_cli import CliCase

FERRY, NET_LOFT = 13, 14
ENTER = 0x01000004


def matters(kind: str, *entries: Any, **neck: Any) -> dict[str, str]:
    now = neck_state(entries, neck_with(**neck))
    return {need.term.matter: need.before for need in needs_of(kind, plans_of(now))}


class Needs(unittest.TestCase):
    def test_what_changes_nothing_needs_no_word(self) -> None:
        for kind in ("leave", "read", "hardware", "rod-back"):
            self.assertEqual(matters(kind), {})

    def test_each_thing_by_its_name_and_gate(self) -> None:
        agreed = Agreed(grooves_stay=True, least_crown_mm=0.6, untouched=(1, 2))
        found = matters("level", agreed, height_low_mm=1.8, height_high_mm=1.5)
        self.assertEqual(found["way"], "work")
        for matter in ("grooves", "least crown", "left alone"):
            self.assertEqual(found[matter], "file")
        self.assertEqual((found["heights"], found["relief"], found["limits"]), ("", "", "work"))
        self.assertNotIn("wire", found)
        # Nothing is filed by a turn of the rod, so grooves are no matter of it.
        self.assertNotIn("grooves", matters("rod", agreed))

    def test_a_crown_as_usual_is_no_matter(self) -> None:
        self.assertNotIn("least crown", matters("level", Agreed(least_crown_mm=0.8)))
        self.assertNotIn("least crown", matters("level", Agreed(least_crown_mm=0.9)))

    def test_other_wire_finish_and_old_parts(self) -> None:
        other = msgspec.structs.replace(demo_wires()[3])
        same = msgspec.structs.replace(other, width_mm=2.4, crown_mm=1.2)
        self.assertEqual(matters("refret", NewWire(wire=other))["wire"], "pull")
        self.assertNotIn("wire", matters("refret", NewWire(wire=same)))
        self.assertEqual(matters("refret", lacquered=True)["finish"], "pull")
        self.assertNotIn("finish", matters("refret"))
        self.assertEqual(matters("refret")["originals"], "")
        corners = NewWire(corners=((3, "treble"),))
        self.assertEqual(matters("refret-true", corners)["corners"], "wood")
        self.assertNotIn("corners", matters("refret", corners))
        self.assertEqual(matters("rod", Arrived(outside="socket crackles"))["outside"], "")

    def test_looking_and_slackening_wait_for_nothing(self) -> None:
        needs = needs_of("level", plans_of(neck_state([Agreed(grooves_stay=True)])))
        for action in ("measure", "slack", "pitch", "press"):
            self.assertEqual(waits_for(Step("x", "x", "", 5, action), needs), ())  # type: ignore[arg-type]
        file = waits_for(Step("file", "x", "", 45, "file"), needs)
        self.assertIn("grooves", [need.term.matter for need in file])
        rod = waits_for(Step("rod", "x", "", 5, "rod"), needs)
        self.assertEqual({need.term.matter for need in rod}, {"way", "limits"})


class Gates(TempCase):
    def session(self, owner: str, asked: bool = True, known: bool = True) -> Session:
        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        if known:
            book.keep_owner(Owner(name=owner, asked=asked), TIME)
        neck = neck_with(owner=owner)
        number = book.start(neck, TIME)
        session = Session(book, number, neck, lambda: TIME, "Work")
        session.append(Chosen(way="seat", frets=(4,)))
        return session

    def gated(self, session: Session) -> Step:
        while (step := next_step(session.neck_state)) is not None:
            if waiting(session.neck_state, step):
                return step
            tick(session, step)
        self.fail("nothing waits")

    def test_a_step_is_refused_until_the_word_is_there(self) -> None:
        session = self.session("Somebody")
        step, before = self.gated(session), len(session.entries)
        with self.assertRaisesRegex(Refused, "owner's word: way and price"):
            tick(session, step)
        self.assertEqual(len(session.entries), before)
        needs = waiting(session.neck_state, step)
        no = tuple(Term(**{**msgspec.structs.asdict(n.term), "says": "refused"}) for n in needs)
        session.append(Consented(terms=no))
        with self.assertRaises(Refused):
            tick(session, step)
        session.append(Consented(terms=tuple(need.term for need in needs), how="by telephone"))
        tick(session, step)
        self.assertIn(step.key, session.neck_state.steps_done)

    def test_a_gate_is_lifted_with_a_reason_and_only_with_one(self) -> None:
        session = self.session("Somebody", known=False)
        step = self.gated(session)
        terms = tuple(need.term for need in waiting(session.neck_state, step))
        with self.assertRaisesRegex(LogbookError, "can't be written down"):
            session.append(GateLifted(terms=terms, reason=""))
        session.append(GateLifted(terms=terms, reason="promised by the purser"))
        tick(session, step)
        said = {row.need.term.matter: row.says for row in standings(session.neck_state, ["seat"])}
        self.assertIn("promised by the purser", say(said["way"]))

    def test_nobody_and_the_house_are_not_asked(self) -> None:
        for owner, asked in (("", True), ("The house", False)):
            with self.subTest(owner=owner):
                book = Logbook.make(self.folder / f"{asked}.db")
                if owner:
                    book.keep_owner(Owner(name=owner, asked=asked), TIME)
                neck = neck_with(owner=owner)
                session = Session(book, book.start(neck, TIME), neck, lambda: TIME)
                session.append(Chosen(way="seat", frets=(4,)))
                while (step := next_step(session.neck_state)) is not None:
                    tick(session, step)
                book.close()

    def test_what_was_agreed_about_one_wire_says_nothing_of_another(self) -> None:
        first, second = demo_wires()[1], demo_wires()[3]
        now = neck_state([NewWire(wire=first)])
        terms = tuple(row.need.term for row in standings(now, ["refret"]))
        entries = [NewWire(wire=first), Consented(terms=terms)]
        self.assertTrue(all(row.settled for row in standings(neck_state(entries), ["refret"])))
        entries.append(NewWire(wire=second))
        still = [
            row.need.term.matter
            for row in standings(neck_state(entries), ["refret"])
            if not row.settled
        ]
        self.assertEqual(still, ["wire"])

    def test_the_level_of_new_wire_was_agreed_with_it(self) -> None:
        course = [Chosen(way="refret", course=("level",)), Chosen(way="level")]
        found = waiting(neck_state(course), Step("file", "x", "", 45, "file"))
        self.assertEqual(found, ())
        alone = waiting(neck_state([Chosen(way="level")]), Step("file", "x", "", 45, "file"))
        self.assertIn("way", [need.term.matter for need in alone])


class Owners(TempCase):
    def test_a_logbook_from_before_owners_is_taken_further(self) -> None:
        path = self.folder / "book.db"
        book = Logbook.make(path)
        book.start(NECK, TIME)
        book.close()
        with sqlite3.connect(path) as raw:
            raw.executescript(
                "DROP TABLE owner; DROP TABLE shop; DROP TABLE gone; "
                "ALTER TABLE neck DROP COLUMN uid; ALTER TABLE neck DROP COLUMN mark; "
                "ALTER TABLE entry DROP COLUMN mark; PRAGMA user_version=1;"
            )
        raw.close()
        book = Logbook.make(path)
        self.assertEqual((len(book.necks()), book.owners()), (1, {}))
        book.keep_owner(Owner(name="Wim", telephone="1"), TIME)
        book.keep_owner(Owner(name="Wim", telephone="2"), TIME)
        self.assertEqual(book.owner("Wim"), Owner(name="Wim", telephone="2"))
        self.assertIsNone(book.owner("wim"))
        book._db.execute("UPDATE owner SET body = '{' WHERE id = 2")
        # What can't be read of an owner leaves the name, and the owner is asked.
        self.assertEqual(book.owner("Wim"), Owner(name="Wim"))
        book.close()
        saved = salvage(path, self.folder / "new.db")
        self.assertEqual(say_all(saved.lost), ("What is known of one owner can't be read.",))
        again = Logbook.make(self.folder / "new.db")
        self.assertEqual(again.owner("Wim"), Owner(name="Wim", telephone="1"))
        again.close()

    def test_amounts_as_people_type_them(self) -> None:
        for text, amount in (
            ("120", "120"),
            ("9,50", "9.50"),
            ("1.200,50", "1200.50"),
            ("1,200.50", "1200.50"),
            ("1 200", "1200"),
            ("1.200", "1200"),
            (".5", "0.5"),
        ):
            self.assertEqual(read_amount(text, "Budget"), Decimal(amount), text)
        self.assertIsNone(read_amount("  ", "Budget"))
        for text in ("dear", "-3", "1e9", "NaN", "1" * 40):
            self.assertIn("is no price", str(say(read_amount(text, "Budget"))))
        self.assertIn("needs a name", str(say(read_owner({}, True))))
        self.assertIn(
            "no way to reach", str(say(read_owner({"name": "W", "usually": "drum"}, True)))
        )
        self.assertEqual(read_worth({"budget": "10"}, "EUR").budget, Decimal(10))  # type: ignore[union-attr]


class Quotes(unittest.TestCase):
    def test_job_files_carry_exact_money_and_refuse_what_is_none(self) -> None:
        quote = Quote(
            ways=("level",), lines=(QuoteLine("work", Decimal("0.10")),), total=Decimal("0.30")
        )
        raw = jobfile.dump(Job(neck=NECK, journal=(quote, Worth(budget=Decimal("99.95")))))
        again = jobfile.parse(raw).journal
        self.assertEqual((again[0].total, again[1].budget), (Decimal("0.30"), Decimal("99.95")))  # type: ignore[union-attr]
        self.assertIn(b'"0.30"', raw)
        for wrong in ('"-1"', '"NaN"', '"1E+30"', '"9999999999999"'):
            with self.assertRaises(jobfile.JobFaults):
                jobfile.parse(raw.replace(b'"total":"0.30"', f'"total":{wrong}'.encode()))
        with self.assertRaises(jobfile.JobFaults):
            jobfile.parse(raw.replace(b'"kind":"worth"', b'"kind":"quote-answer","quote":9'))


class AtTheWindow(WindowCase):
    def opened(self, neck: int, page: str) -> Any:
        window: Any = self.open_window(demo=True)
        from nuvrek.desktop.app import demo_settings

        window.app.change_quietly(demo_settings())
        window.stages["Shelf"]._open(neck)
        window.show_stage(page)
        return window

    def test_a_changed_price_list_never_changes_a_frozen_quote(self) -> None:
        window = self.opened(NET_LOFT, "Owner")
        self.keys(window, "+")
        session = window.app.session
        given = session.neck_state.dealings.open_quote[1]
        total = given.total
        prices = msgspec.structs.replace(window.app.settings.prices, rate=Decimal(31))
        window.app.change_quietly(msgspec.structs.replace(window.app.settings, prices=prices))
        window.show_stage("Owner")
        self.keys(window, "4")
        window.stages["Owner"].papers.turn("quote")
        text = window.stages["Owner"].papers.letter()
        self.assertEqual(session.neck_state.dealings.open_quote[1].total, total)
        self.assertIn(f"€{total}", json.dumps(text.tables, ensure_ascii=False))
        self.assertNotEqual(window.stages["Owner"].draft.quoted().total, total)

    def test_refused_then_agreed_and_the_gate_in_work(self) -> None:
        window = self.opened(NET_LOFT, "Choose")
        page: Any = window.stages["Choose"]
        self.assertIn("Not agreed with the owner yet: way and price", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Work")
        self.keys(window, ENTER, ENTER, ENTER)
        session = window.app.session
        done = dict(session.neck_state.steps_done)
        self.keys(window, ENTER)
        self.assertEqual(session.neck_state.steps_done, done)
        self.assertIn("waits for the owner's word", window.bar.message.text())
        self.assertTrue(window.stages["Work"].gate.isVisible())
        self.keys(window, "*", "+")  # no ink, no half off while the gate is shut
        self.assertEqual(session.neck_state.steps_done, done)
        self.keys(window, "0")
        self.assertEqual(window.page_name, "Owner")
        owner = window.stages["Owner"]
        owner.agreement.lift_gate()
        self.assertIn("for a reason", window.bar.message.text())
        # Enter gives no owner's yes; that has a key of its own.
        before = list(session.entries)
        self.keys(window, ENTER)
        self.assertEqual(session.entries, before)
        window.show_stage("Owner")
        self.keys(window, "/")
        self.assertIn("All that needs", say(owner.draft.how_it_stands()))
        window.show_stage("Work")
        self.keys(window, ENTER)
        self.assertGreater(len(session.neck_state.steps_done), len(done))
        self.assertIsNotNone(page)

    def test_undo_takes_the_whole_answer_back(self) -> None:
        window = self.opened(NET_LOFT, "Owner")
        page = window.stages["Owner"]
        self.keys(window, "+")
        page.agreement.answer(True)
        dealings = window.app.session.neck_state.dealings
        self.assertEqual(list(dealings.answers.values())[-1].says, "accepted")
        self.keys(window, 0x01000003)
        dealings = window.app.session.neck_state.dealings
        self.assertIsNotNone(dealings.open_quote)
        self.assertTrue(all(not given.agreed for given in dealings.said.values()))

    def test_costs_and_the_picture_of_price_against_gain(self) -> None:
        window = self.opened(NET_LOFT, "Choose")
        page = window.stages["Choose"]
        self.keys(window, ".", ".", ".")
        self.assertTrue(page.picture.isVisible())
        self.assertFalse(any(row.isVisible() for row in page.rows))
        self.assertEqual(page.picture.budget, 120.0)
        kinds = {point.kind for point in page.picture.points}
        # What only the budget stands against is drawn over its line; what was refused is not.
        self.assertTrue({"leave", "play-clean"} <= kinds, kinds)
        self.assertNotIn("refret", kinds)
        over = next(point for point in page.picture.points if point.kind == "play-clean")
        self.assertGreater(over.price, 120.0)
        self.keys(window, ".")
        self.assertFalse(page.picture.isVisible())

    def test_forms_keep_themselves_and_say_what_is_no_price(self) -> None:
        window = self.opened(NET_LOFT, "Owner")
        page = window.stages["Owner"]
        self.keys(window, "2")
        line = page.worth.lines[later("What it is worth to whom"), "budget"]
        line.setText("many shells")
        line.textEdited.emit("many shells")
        page.leave()
        self.assertIn("is no price", window.bar.message.text())
        line.setText("1.250,50")
        line.textEdited.emit("1.250,50")
        window.show_stage("Map")
        self.assertEqual(window.app.session.neck_state.dealings.worth.budget, Decimal("1250.50"))
        before = len(window.app.session.entries)
        window.show_stage("Owner")
        window.show_stage("Map")
        self.assertEqual(len(window.app.session.entries), before)

    def test_a_new_name_goes_into_each_of_their_necks(self) -> None:
        window = self.opened(FERRY, "Owners")
        page = window.stages["Owners"]
        self.assertEqual(page.cards[page.index].owner.name, "Orla Finsterwick")
        line = page.form.lines[later("The owner"), "name"]
        line.setText("Orla Finsterwick-Bell")
        line.textEdited.emit(line.text())
        page.leave()
        self.assertEqual(window.app.session.neck_state.neck.owner, "Orla Finsterwick-Bell")
        self.assertTrue(window.app.session.asked)
        line.setText("Harbour Library, lending shelf")
        line.textEdited.emit(line.text())
        page.leave()
        self.assertIn("another owner of that name", window.bar.message.text())

    def test_owners_stand_in_no_title_that_another_screen_shows(self) -> None:
        window = self.opened(FERRY, "Owner")
        shown = (window.windowTitle(), window.rail.title.text(), window.rail.under.text())
        self.assertNotIn("Finsterwick", " ".join(shown))


class OnTheCommandLine(CliCase):
    def job_file(self, number: int) -> Any:
        path = self.folder / "job.json"
        path.write_bytes(jobfile.dump(demo_jobs()[number]))
        return path

    def test_the_plan_says_what_is_agreed(self) -> None:
        path, settings = self.job_file(FERRY), self.folder / "s.json"
        status, out, _ = self.run_cli("plan", path, "--json", "--settings", settings)
        self.assertEqual(status, 0)
        answer = json.loads(out)
        way = next(one for one in answer["ways"] if one["kind"] == "crown-first")
        agreed = {one["matter"]: one for one in way["agreed"]}
        self.assertTrue(agreed["grooves"]["agreed"])
        self.assertEqual(
            (agreed["grooves"]["before"], agreed["grooves"]["day"]), ("file", "2026-02-27")
        )
        self.assertIsNone(answer["course_costs"]["price"]["total"])
        self.assertGreater(answer["course_costs"]["hours"]["most"], 1.0)

    def test_owners_out_and_in(self) -> None:
        book, table = self.folder / "book.db", self.folder / "owners.csv"
        rows = 'name,address,asked\nWim,"Quay 1\nTown",yes\nהרבור,,no\n'
        table.write_text(rows, encoding="utf-8")
        status, _, err = self.run_cli("owners", "--logbook", book, "--import", table)
        self.assertEqual((status, err), (0, ""))
        for name in ("out.csv", "out.json"):
            file = self.folder / name
            self.run_cli("owners", "--logbook", book, "--export", file)
            other = self.folder / f"{name}.db"
            self.run_cli("owners", "--logbook", other, "--import", file)
            _, first, _ = self.run_cli("owners", "--logbook", book, "--json")
            _, second, _ = self.run_cli("owners", "--logbook", other, "--json")
            self.assertEqual(json.loads(first), json.loads(second))
        self.assertEqual(json.loads(first)[0]["address"], "Quay 1\nTown")
        for text in ("who,where\na,b\n", "name,usually\n,present\n", "name,usually\nW,drum\n"):
            table.write_text(text)
            status, _, err = self.run_cli("owners", "--logbook", book, "--import", table)
            self.assertEqual((status, len(err.strip().split("\n"))), (2, 1), text)


if __name__ == "__main__":
    unittest.main()
