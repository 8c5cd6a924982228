"""One record per kind: a finding and a way added from outside are shown by the command line and
the window.
"""

import contextlib
import io
import json
import re
import unittest
from collections.abc import Iterator
from importlib import import_module
from pathlib import Path
from typing import Any, get_args
from unittest import mock

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.pages.promise_and_result import compare
from nuvrek.bench.settings import Settings
from nuvrek.bench.solved import see, wanted_alone
from nuvrek.cli.main import main
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.kinds import FINDINGS, FindingRecord
from nuvrek.estimate.findings.looking import Looking
from nuvrek.exchange.jobfile import dump
from nuvrek.meaning import frets, means
from nuvrek.neck.description import LANES
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.planning.ways.kinds import WAYS, WayRecord
from nuvrek.readings.entries import (
    AnyEntry,
    AnyReading,
    Chosen,
    CrownHeight,
    OthersStill,
    Promise,
    Rock,
)
from nuvrek.readings.kinds import RECORDS, STATIONS
from nuvrek.readings.rounds import ROUNDS, round_of
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say
from tests.support import NECK, TempCase, WindowCase, compute, job, neck_state

SOURCES = Path(__file__).parent.parent / "src/nuvrek"


def creaks(looking: Looking) -> Iterator[Finding]:
    """A toy: every measured neck creaks."""
    if looking.neck_state.taken:
        yield Finding(
            "creaks", None, None, 0.1, 1.0, "It creaks when it is bent.", "The neck creaks"
        )


def oil_it(_weighing: Weighing) -> Draft:
    """A toy: oil against creaking."""
    return Draft("oil", "A drop of oil, and wait.")


def oil_steps(_neck: object, doing: Doing) -> tuple[Step, ...]:
    return (Step("oil", "Oil it", doing.detail, 10),)


@contextlib.contextmanager
def toys() -> Iterator[None]:
    finding = FindingRecord("creaks", creaks, sign="♪", colour="plum")
    way = WayRecord(
        "oil", "Oil the neck", f"{__name__}:oil_it", oil_steps, frozenset({"not heard"})
    )
    with mock.patch.dict(FINDINGS, {"creaks": finding}), mock.patch.dict(WAYS, {"oil": way}):
        yield


class FromOutside(TempCase):
    def answer(self, what: str) -> Any:
        path = self.folder / "job.json"
        path.write_bytes(dump(job(3)))
        out = io.StringIO()
        with contextlib.redirect_stdout(out), toys():
            self.assertEqual(main([what, str(path), "--json"]), 0)
        return json.loads(out.getvalue())

    def test_a_toy_finding_is_in_the_map(self) -> None:
        kinds = {found["kind"]: found for found in self.answer("map")["findings"]}
        self.assertIn("The neck creaks. It creaks", kinds["creaks"]["text"])

    def test_a_toy_way_is_in_the_plan(self) -> None:
        ways = {way["kind"]: way for way in self.answer("plan")["ways"]}
        self.assertEqual((ways["oil"]["title"], ways["oil"]["minutes"]), ("Oil the neck", 10))
        self.assertEqual(ways["oil"]["steps"][0]["text"], "A drop of oil, and wait.")


class InTheWindow(WindowCase):
    def test_both_are_shown_and_the_way_can_be_taken_and_ticked(self) -> None:
        with toys():
            window: Any = self.open_window(demo=True)
            window.stages["Shelf"]._open(1)
            window.show_stage("Map")
            names = [card.accessibleName() for card in window.stage.cards]
            self.assertTrue([name for name in names if name.startswith("The neck creaks")], names)
            window.show_stage("Choose")
            page = window.stage
            page._pick("oil")
            page.take.click()
            self.assertEqual(window.page_name, "Work")
            self.assertEqual(window.app.session.neck_state.chosen.way, "oil")
            self.assertIn("Oil it", window.bar.prompt.text())
            window.show_stage("Shelf")
            self.assertIn("Oil the neck: next, oil it", say(window.stage.cards[1].spoken))
        # A logbook from a program that knows more: the neck still opens, its way by its name.
        window.stage.refresh()
        window.stages["Shelf"]._open(1)
        for page in ("Choose", "Work", "Prove"):
            window.show_stage(page)
            window.grab()


class Declared(unittest.TestCase):
    def test_every_kind_has_its_record(self) -> None:
        self.assertEqual(set(RECORDS), set(get_args(AnyEntry)))
        for kind in get_args(AnyReading):
            self.assertIsNotNone(RECORDS[kind].station, kind)
        asked = {
            station.kind
            for name in ROUNDS
            for station in round_of(name, NECK, Kit(notched_mm=(648.0,), indicator=True)).stations
        }
        self.assertLessEqual(asked, set(STATIONS))

    def test_every_way_has_a_builder_that_is_there(self) -> None:
        for record in WAYS.values():
            module, name = record.builder.split(":")
            self.assertTrue(callable(getattr(import_module(module), name)), record.builder)

    def test_a_finding_is_only_made_of_declared_kinds(self) -> None:
        made = set()
        for path in (SOURCES / "estimate/findings").glob("*.py"):
            made |= set(re.findall(r'Finding\(\s*"([a-z-]+)"', path.read_text()))
        self.assertGreater(len(made), 12)
        self.assertLessEqual(made, set(FINDINGS))


class Said(unittest.TestCase):
    def test_a_fret_that_rocks_on_all_lanes_is_not_up_at_its_end(self) -> None:
        # 7 rocks on three lanes, 9 on two of them: there the lower 8 between them explains both.
        tall = {(7, lane) for lane in LANES} | {(9, "middle"), (9, "treble")}
        entries: list[AnyEntry] = []
        for lane in LANES:
            for fret in (7, 9):
                if (fret, lane) in tall:
                    entries.append(Rock(lane=lane, fret=fret, says="rocks", gap_mm=0.16))
            still = tuple(fret for fret in range(2, 16) if (fret, lane) not in tall)
            entries.append(OthersStill(lane=lane, frets=still))
            for fret in range(5, 12):
                height = 1.36 if (fret, lane) in tall else 1.19 if fret == 8 else 1.2
                entries.append(CrownHeight(lane=lane, fret=fret, height_mm=height))
        found = see(wanted_alone(neck_state(entries), Unit.MM)).findings
        self.assertEqual([f.kind for f in found if f.fret == 7], ["proud"])

    def test_a_rock_that_was_not_measured_is_not_kept(self) -> None:
        chosen = Chosen(way="spot-level", promise=Promise(largest_rock_mm=0.02))
        swept = OthersStill(lane="bass", frets=(3,), station="closing-sweep-bass")
        bare = Rock(lane="bass", fret=5, says="rocks")
        solved = compute(neck_state([chosen, bare, swept]))[0]
        rocker = next(
            row for row in compare(solved, Unit.MM, Unit.MM) if say(row.matter) == "Rocker"
        )
        self.assertIsNone(rocker.kept)
        self.assertIn("not measured", say(rocker.result))

    def test_words_for_one_and_for_many(self) -> None:
        self.assertEqual(words.count(1, "place", "places"), "1 place")
        for numbers, said in (((20,), "Fret 20 is"), ((3, 4), "Frets 3 and 4 are")):
            left = means("needs.are-left", frets=frets(numbers), number=len(numbers))
            self.assertEqual(words.say(left), f"{said} left as found.")
        self.assertEqual(words.say(frets(range(1, 21))), "20 frets")
        self.assertEqual(words.listed(()), "")

    def test_no_sentence_makes_a_plural_of_its_own(self) -> None:
        own = re.compile(r"""['"]s['"] if |if [^'"]* else ['"]s['"]""")
        found = [
            path.name
            for path in SOURCES.rglob("*.py")
            if path.name != "words.py" and own.search(path.read_text())
        ]
        self.assertEqual(found, [])


class UnitsOfAField(TempCase):
    def test_a_questioned_gauge_reading_leaves_the_bench_its_unit(self) -> None:
        from nuvrek.bench.session import Session
        from nuvrek.logbook.store import Logbook

        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        session = Session(book, book.start(NECK, ""), NECK, lambda: "2026-03-03T10:00:00")
        settings = Settings(inch=True)

        def remember(field: str, unit: Unit) -> None:
            nonlocal settings
            settings = settings.with_unit(field, unit)

        keypad = Keypad(session, "one", lambda f: settings.unit_for(f), remember=remember)
        place = [s.kind for s in keypad.round.stations].index("crown-height")
        keypad.pick(place)
        keypad.gauge("2.9mm")
        self.assertIsNotNone(keypad.asking)
        keypad.press("/")
        self.assertEqual(settings.unit_for("crown-height"), Unit.THOU)
        # Typed by hand in mm where thou hold: the offer is taken once, and the field stays as it
        # is; from now on only where that is said.
        keypad.press("1")
        for key in (".", "1", "enter"):
            keypad.press(key)
        self.assertIsNotNone(keypad.asking)
        keypad.press("enter")
        self.assertEqual(settings.unit_for("crown-height"), Unit.THOU)
        for key in ("1", ".", "1", "enter", " "):
            keypad.press(key)
        self.assertEqual(settings.unit_for("crown-height"), Unit.MM)
        for key in ("1", ".", "2", "enter"):
            keypad.press(key)
        self.assertIsNone(keypad.asking)

    def test_string_heights_have_one_unit(self) -> None:
        settings = Settings()
        self.assertEqual(settings.height_unit, Unit.MM)
        self.assertEqual(Settings(inch=True).height_unit, Unit.SIXTYFOURTH)
        settings = settings.with_unit("string-height", Unit.SIXTYFOURTH)
        self.assertEqual(settings.height_unit, settings.unit_for("string-height"))
        self.assertEqual(settings.unit, Unit.MM)
