"""What crowns lose a year, by hand, and that one neck has one wear and one life everywhere."""

import unittest
from typing import Any

import numpy as np
from msgspec import structs

from nuvrek.bench.owner.cost import cost_of
from nuvrek.demo import demo_prices, demo_wires
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.mechanics.wire_life import USUAL_WEAR_MM
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.money.pace import pace_of
from nuvrek.planning.plan import case_of, make_plan
from nuvrek.planning.refret.plan import plan_refret
from nuvrek.planning.wear import wear_of
from nuvrek.readings.entries import AnyEntry, CrownHeight, Filed, NewWire
from nuvrek.wording.speech import say
from tests.support import measured, neck_state, neck_with, rng

FIRST, LATER = "2024-03-03T10:00:00", "2026-03-03T10:00:00"


def crowns(at: str, mm: float, *frets: int) -> list[AnyEntry]:
    return [CrownHeight(at=at, lane="middle", fret=fret, height_mm=mm) for fret in frets]


class ByHand(unittest.TestCase):
    def test_a_tenth_in_two_years_is_half_a_tenth_a_year(self) -> None:
        wear = wear_of(neck_state([*crowns(FIRST, 1.20, 1, 5), *crowns(LATER, 1.10, 1, 5)]))
        self.assertTrue(wear.own)
        self.assertAlmostEqual(wear.mm_a_year, 0.05, places=4)
        # (1.15 - 0.80) / (0.05 + 0.008), see test_refret_figures for the relation.
        self.assertAlmostEqual(wear.years(1.15, 0.80), 6.03, delta=0.02)

    def test_what_was_filed_between_is_no_wear(self) -> None:
        filed = Filed(at=LATER, way="level", off=((1, "middle", 0.10), (5, "middle", 0.10)))
        now = neck_state([*crowns(FIRST, 1.20, 1, 5), filed, *crowns(LATER, 1.10, 1, 5)])
        self.assertAlmostEqual(wear_of(now).mm_a_year, 0.0, places=6)

    def test_crowns_that_nothing_wears_come_to_nil_whatever_the_caliper_wavers(self) -> None:
        for seed in range(5):
            noise = rng(seed).normal(0.0, 0.02, (2, 200))
            said: list[AnyEntry] = []
            for at, row in zip((FIRST, LATER), noise, strict=True):
                for n, off in enumerate(row):
                    fret, lane = 1 + n % 22, ("bass", "middle", "treble")[n // 22 % 3]
                    mm = round(1.2 + float(off), 3)
                    said.append(CrownHeight(at=at, lane=lane, fret=fret, height_mm=mm))  # type: ignore[arg-type]
            self.assertLess(wear_of(neck_state(said)).mm_a_year, 0.004)

    def test_one_crown_or_one_visit_tells_nothing(self) -> None:
        for said in (
            [*crowns(FIRST, 1.20, 1), *crowns(LATER, 1.10, 1)],
            [*crowns(FIRST, 1.20, 1, 5), *crowns("2024-05-03T10:00:00", 1.10, 1, 5)],
        ):
            wear = wear_of(neck_state(said))
            self.assertEqual((wear.own, wear.mm_a_year), (False, USUAL_WEAR_MM))


class OneLife(unittest.TestCase):
    def test_wire_page_price_page_and_text_say_the_same_years(self) -> None:
        truth, entries = measured(7)
        wire = demo_wires()[1]
        now = neck_state(
            [
                *crowns(FIRST, 1.20, 2, 4, 9),
                *crowns(LATER, 1.13, 2, 4, 9),
                *[structs.replace(entry, at=LATER) for entry in entries],
                NewWire(at=LATER, wire=wire),
            ],
            truth.neck,
        )
        neck_map = map_neck(now)
        findings = find(neck_map)
        plan = make_plan(neck_map, findings, draw=False)
        made = plan.way("refret")
        assert made.new is not None
        page = plan_refret(Weighing(case_of(neck_map, findings)), made.new.terms, demo_wires())
        here = next(one for one in page.choices if one.wire.name == wire.name)
        price = cost_of(made, now.neck, pace_of(()), demo_prices())
        self.assertTrue(made.wear.own)
        assert price.years is not None
        self.assertAlmostEqual(here.years, price.years, places=6)
        self.assertIn(f"about {here.years:.0f} years", say(made.gist))

    def test_the_nut_follows_the_wood_taken_there(self) -> None:
        """Top of fret 1 by hand: new crown less old less wood off."""
        from nuvrek.planning.refret.set_up import set_up_after

        neck = neck_with()
        for old, new, wood, nut in ((1.0, 1.4, 0.1, 0.3), (1.2, 1.3, 0.25, -0.15)):
            rise: Any = np.full((neck.frets, 3), new - old - wood)
            self.assertAlmostEqual(set_up_after(neck, rise).nut_mm, nut)


if __name__ == "__main__":
    unittest.main()
