"""A neck through the years, and how the shop's promises held."""

import math
import random
import unittest
from decimal import Decimal
from typing import Any

from msgspec import structs

from nuvrek.bench.pages.history import Visit, change, days_of, history, own_wear_mm, years_in_words
from nuvrek.bench.shop.honesty import (
    honesty,
    hours_held,
    offers,
    outcomes,
    prices_held,
    repeats,
    with_offer,
)
from nuvrek.demo import demo_jobs
from nuvrek.logbook.store import Logbook
from nuvrek.planning.steps.step import Doing
from nuvrek.planning.ways.kinds import steps_of
from nuvrek.readings.entries import Chosen, CrownHeight, Note, RodMove, StepDone, Strike, StringGap
from nuvrek.readings.owner.entries import Answered, Quote
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit
from nuvrek.wording.speech import say, say_all
from tests.support import NECK, TempCase, WindowCase

STEEL = 5
LEFT, UP = 0x01000012, 0x01000013


class Years(unittest.TestCase):
    def test_three_years_of_a_neck(self) -> None:
        made = demo_jobs()[STEEL]
        found = history(made.neck, made.journal)
        self.assertEqual([v.day for v in found], [day for day, _ in days_of(made.journal)])
        self.assertEqual((found[0].day[:4], found[-1].day[:4]), ("2023", "2026"))
        # The made-up neck bows more in damp air and wears 0.02 mm a year.
        damp = [v for v in found if (v.humidity or 0) > 60]
        dry = [v for v in found if (v.humidity or 100) < 37]
        reliefs = [[v.pitch[0] for v in some if v.pitch] for some in (damp, dry)]
        self.assertGreater(min(reliefs[0]), max(reliefs[1]))
        # Turned for a dry winter and back, one fret filed.
        done = [(v.day, say_all(v.done), v.turns) for v in found if v.done]
        turned = [
            (("truss rod 1/8 turn looser",), -0.125),
            (("truss rod 1/8 turn tighter",), 0.0),
            (("spot-level",), 0.0),
        ]
        self.assertEqual([one[1:] for one in done], turned)
        wear = own_wear_mm(made.journal, made.neck)
        assert wear is not None
        self.assertAlmostEqual(wear, 0.02, delta=0.012)
        thinnest = [v.thinnest_mm for v in found if v.thinnest_mm is not None]
        self.assertEqual(thinnest, sorted(thinnest, reverse=True))
        said = years_in_words(found, made.neck, wear, Unit.MM)
        self.assertIn("mm in dry air (35 %)", say(said))
        self.assertIn("by its own crowns", say(said))

    def test_days_are_those_with_readings_that_count(self) -> None:
        gap = StringGap(lane="bass", fret=7, low_support=1, high_support=14, gap_mm=0.2)
        one = structs.replace(gap, at="2025-01-01T10:00:00")
        two = structs.replace(gap, at="2025-06-01T10:00:00")
        entries = [one, RodMove(turns=0.25, at="2025-01-01T11:00:00"), two, Strike(entry=3)]
        self.assertEqual(days_of(entries), [("2025-01-01", 2)])
        self.assertEqual(days_of([Note(text="x", at="2025-01-01T10:00:00")]), [])
        found = history(NECK, entries)
        self.assertEqual(
            (say_all(found[0].done), found[0].turns), (("truss rod 1/4 turn tighter",), 0.25)
        )
        self.assertEqual(history(NECK, []), ())

    def test_a_change_carries_the_doubt_of_both_visits(self) -> None:
        rows = ((0.10, 0.0, 0.0), (0.20, 0.0, 0.0))
        doubts = ((0.03, 0.5, 0.5), (0.03, 0.5, 0.5))
        one = Visit("2025-01-01", 1, tops=rows, doubts=doubts, known=(True, False, False))
        moved = tuple((a + 0.05, b, c) for a, b, c in rows)
        two = structs.replace(one, tops=moved, doubts=tuple((0.04, 0.5, 0.5) for _ in rows))
        found = change(one, two)
        assert found is not None
        for mm, doubt in found:
            self.assertAlmostEqual(mm, 0.05)
            self.assertAlmostEqual(doubt, math.hypot(0.03, 0.04))
        self.assertIsNone(change(one, structs.replace(two, known=(False, True, False))))


class Honest(TempCase):
    def test_what_was_promised_and_measured_is_counted(self) -> None:
        made = demo_jobs()[12]
        found = outcomes(made.neck, made.journal)
        found = [(say(matter), kept) for matter, kept in found]
        self.assertIn(("Every note", True), found)
        self.assertIn("Relief at pitch", [matter for matter, _ in found])
        self.assertEqual(outcomes(NECK, []), [])

    def test_over_a_logbook(self) -> None:
        book = Logbook.make(self.folder / "book.db")
        self.addCleanup(book.close)
        for number in (0, 12):
            made = demo_jobs()[number]
            book.start(made.neck, "", made.journal)
        heard: list[str] = []
        found = honesty(book, Kit(), lambda words: heard.append(say(words)))
        self.assertEqual((found.necks, len(heard)), (2, 2))
        by = {say(one.matter): one for one in found.held}
        self.assertTrue(all(one.held <= one.of for one in found.held))
        self.assertGreaterEqual(by["Thinnest crown"].of, 1)
        usual = {(say(one.kind), say(one.matter)): one for one in found.usual}
        self.assertIn(("usual length", "relief"), usual)
        self.assertTrue(0.0 < usual["usual length", "relief"].mm < 0.4)

    def test_hours_are_held_against_the_pace_of_the_other_necks(self) -> None:
        job = tuple((name, 30.0, 60.0, "") for name in ("tape", "file", "crown", "polish"))
        strange = tuple((name, 30.0, 3.0, "") for name in ("tape", "file", "crown", "polish"))
        self.assertEqual(hours_held([job] * 5 + [strange]), [True] * 5 + [False])
        self.assertEqual(hours_held([job[:2]]), [])

    def test_a_price_held_where_its_hours_did(self) -> None:
        """By the hour: rod steps of ten minutes each against what was quoted, worked by hand."""
        keys = [step.key for step in steps_of("rod", NECK, Doing(rod="x")) if step.minutes]
        ticks = [
            StepDone(step=key, at=f"2026-03-03T{10 + n // 6}:{n % 6}0:00")
            for n, key in enumerate(keys, 1)
            if key != "look-again"
        ]
        hours = len(ticks) / 6.0
        chosen = Chosen(way="rod", rod="x", at="2026-03-03T10:00:00")
        yes = Answered(quote=1, says="accepted")

        def held(low: float, high: float, *after: Any) -> list[bool]:
            quote = Quote(ways=("rod",), lines=(), total=Decimal(40), hours_between=(low, high))
            return prices_held(NECK, [quote, *after])

        whole = (yes, chosen, *ticks)
        self.assertEqual(held(hours - 0.1, hours + 0.1, *whole), [True])
        self.assertEqual(held(0.0, hours - 0.01, *whole), [False])
        refused = Answered(quote=1, says="refused")
        self.assertEqual(held(0.0, 9.0, refused, chosen, *ticks), [])
        # One step not timed: there is no telling.
        self.assertEqual(held(0.0, 9.0, yes, chosen, *ticks[:-1]), [])

    def test_a_tool_that_repeats_otherwise_is_offered_as_it_does(self) -> None:
        """Two readings of one place differ by root two of the error of one."""
        pick, entries = random.Random(4), []
        for fret in range(1, 21):
            for _ in range(2):
                mm = 1.1 + pick.gauss(0.0, 0.06)
                entries.append(
                    CrownHeight(lane="middle", fret=fret, height_mm=mm, at="2026-03-03T10:00:00")
                )
        apart = list(repeats(entries))
        self.assertEqual((len(apart), {tool for tool, _ in apart}), (20, {"caliper"}))
        pairs = {"caliper": [mm for _, mm in apart]}
        found = offers(pairs, Kit())  # type: ignore[arg-type]
        self.assertEqual(len(found), 1)
        self.assertAlmostEqual(found[0].found_mm, 0.06, delta=0.02)
        kit = with_offer(Kit(), found[0])
        self.assertEqual(kit.caliper_error_mm, found[0].found_mm)
        self.assertEqual(offers(pairs, kit), ())  # type: ignore[arg-type]
        self.assertEqual(offers({"caliper": pairs["caliper"][:9]}, Kit()), ())  # type: ignore[dict-item]
        # Something done between two readings: they are no pair.
        entries.insert(1, RodMove(turns=0.25))
        self.assertEqual(len(list(repeats(entries))), 19)


class AtTheWindow(WindowCase):
    def test_history_and_honesty_are_drawn(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(STEEL)
        window.stages["Map"].years.click()
        page = window.stage
        self.wait_until(lambda: page.visits)
        self.assertEqual(len(page.visits), 8)
        self.assertIn("in dry air", window.bar.message.text())
        self.keys(window, LEFT, UP)
        self.assertEqual((page.before, page.after), (1, 6))
        self.assertFalse(window.grab().isNull())
        self.keys(window, ord("."))
        self.assertTrue(page.view.by_fret)
        crowns = page.visits[page.after].crowns
        self.assertEqual(min(crowns)[0], page.visits[page.after].thinnest_mm)
        self.assertFalse(window.grab().isNull())
        self.keys(window, ord("*"))
        self.assertTrue(window.app.session.neck_state.season_look)
        self.assertIn("half a year", window.bar.message.text())
        self.keys(window, ord("*"))
        self.assertFalse(window.app.session.neck_state.season_look)
        window.show_stage("Honesty")
        self.wait_until(lambda: window.stage.found)
        self.assertIn("held; a stated range is to hold 90", window.bar.message.text())
        self.assertFalse(window.grab().isNull())


if __name__ == "__main__":
    unittest.main()
