"""The ladder of cheap cures, heat and referrals: each speaks where its readings do, and is
silent elsewhere.
"""

import math
import unittest
from typing import Any

from nuvrek.bench.pages.promise_and_result import compare
from nuvrek.bench.working.job import look_again_words
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.mechanics.angle import (
    at_fret_mm,
    at_heel_mm,
    at_saddle_mm,
    neck_angle_degrees,
    open_height_mm,
    saddle_wanted_mm,
)
from nuvrek.neck.description import LANES
from nuvrek.planning.case.way import Plan
from nuvrek.planning.plan import make_plan
from nuvrek.planning.ways.kinds import WAYS
from nuvrek.planning.ways.last_resorts import heat_so_far
from nuvrek.readings.entries import (
    AnyEntry,
    Chosen,
    CrownHeight,
    Heated,
    OthersStill,
    RodFeel,
    RodMove,
    Side,
    Size,
    State,
    StringGap,
    StringHeight,
)
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import compute, neck_state, neck_with
from tests.test_rod import gaps

CROWNS: list[AnyEntry] = [
    CrownHeight(lane="middle", fret=f, height_mm=0.9) for f in (1, 5, 9, 12, 16, 20)
]
SLACK = State(strings="slack")


def heights(low: float, high: float, left: float | None = None) -> list[AnyEntry]:
    sides: tuple[tuple[Side, float], ...] = (("bass", low), ("treble", high))
    found: list[AnyEntry] = [StringHeight(side=side, fret=12, height_mm=mm) for side, mm in sides]
    if left is not None:
        found += [Size(what="saddle-left", lane=side, mm=left) for side, _ in sides]
    return found


def slack_gaps(mm: float) -> list[AnyEntry]:
    return [
        StringGap(lane=lane, low_support=1, high_support=16, fret=7, gap_mm=mm, state=SLACK)
        for lane in ("bass", "treble")
    ] * 2


STILL: list[AnyEntry] = [OthersStill(lane=lane, frets=tuple(range(2, 22))) for lane in LANES]


def plan_of(entries: list[AnyEntry], **changes: Any) -> Plan:
    neck_map = map_neck(neck_state(entries, neck_with(**changes)))
    return make_plan(neck_map, find(neck_map))


class Geometry(unittest.TestCase):
    def test_by_hand(self) -> None:
        # Fret 12 lies half-way: the saddle moves twice, the nut once for half.
        self.assertAlmostEqual(at_saddle_mm(0.5, 648.0, 12), 1.0)
        self.assertAlmostEqual(at_fret_mm(0.3, 648.0, 12), 0.15)
        # From the joint at fret 12 to the saddle are 324 mm; 3.24 mm there are a hundredth of it.
        degrees = neck_angle_degrees(3.24, 648.0, 12)
        self.assertAlmostEqual(degrees, math.degrees(math.atan(0.01)))
        self.assertAlmostEqual(at_heel_mm(degrees, 80.0), 0.8)
        # An edge that meets the bridge's top leaves twice the height over fret 12 for the saddle.
        # By hand: from 0.4 at the nut to 2.0 half-way it rises 1.6, to the saddle 3.2: 3.6.
        self.assertAlmostEqual(saddle_wanted_mm(0.0, 2.0, 648.0), 3.6)
        self.assertAlmostEqual(saddle_wanted_mm(0.0, 2.0, 648.0, 0.0), 4.0)
        self.assertAlmostEqual(open_height_mm(2.0, 12, 648.0), 2.0)
        self.assertLess(open_height_mm(2.6, 17, 648.0), 2.6)


class Ladder(unittest.TestCase):
    def kinds(self, plan: Plan) -> set[str]:
        return {way.kind for way in plan.ways}

    def test_nothing_is_offered_where_nothing_speaks_for_it(self) -> None:
        base = {
            "leave",
            "rod",
            "seat",
            "spot-level",
            *[
                k
                for k, w in WAYS.items()
                if "levels" in w.families and "new wire" not in w.families
            ],
        }
        self.assertEqual(self.kinds(plan_of([*gaps(0.15), *CROWNS, *STILL])), base)

    def test_strings_where_the_pull_is_known(self) -> None:
        plan = plan_of([*gaps(0.3), *slack_gaps(0.05), *CROWNS])
        way = plan.way("strings")
        self.assertTrue(way.possible)
        self.assertIn("lower", say(way.gist))
        assert way.promise.relief_mm is not None
        self.assertLess(way.promise.relief_mm, 0.25)
        little = plan_of([*gaps(0.5), *slack_gaps(0.46), *CROWNS])
        self.assertIn("Not enough", say(little.way("strings").why_not[0]))

    def test_a_high_nut_comes_first_with_its_forecast(self) -> None:
        nut: list[AnyEntry] = [
            StringGap(lane="bass", low_support=0, high_support=3, fret=1, gap_mm=0.3)
        ] * 3
        plan = plan_of([*gaps(0.3), *nut, *heights(2.0, 1.6), *CROWNS])
        self.assertEqual(plan.advice, "nut")
        promise = plan.way("nut").promise
        # By hand: 0.25 less over fret 1 is about 0.37 at the nut and 0.18 over fret 12.
        self.assertAlmostEqual(promise.height_low_mm or 0.0, 2.0 - 0.19, delta=0.06)
        self.assertAlmostEqual(promise.height_high_mm or 0.0, 1.6)

    def test_saddle_then_shim_or_referral(self) -> None:
        wanted: dict[str, Any] = {"height_low_mm": 1.75, "height_high_mm": 1.5}
        high = [*gaps(0.15), *CROWNS]
        easy = plan_of([*high, *heights(2.25, 2.0, 4.0)], **wanted)
        self.assertEqual(easy.advice, "saddle")
        # By hand: half a mm over fret 12 is one mm at the saddle.
        self.assertIn("down 1.00 mm", say(easy.way("saddle").gist))
        spent = [*high, *heights(3.0, 2.5, 2.0), Size(what="heel-length", lane="bass", mm=90.0)]
        bolted = plan_of(spent, joint="bolted", **wanted)
        self.assertFalse(bolted.way("saddle").possible)
        self.assertEqual(bolted.advice, "shim")
        glued = plan_of(spent, joint="glued", **wanted)
        self.assertEqual(glued.advice, "refer")
        # By hand: 2.5 mm at the saddle less 0.5 that is left to file, over the arm from the joint.
        degrees = neck_angle_degrees(2.0, 648.0, 16)
        self.assertIn(
            f"{degrees:.2f}°, {at_heel_mm(degrees, 90.0):.2f} mm at the heel",
            say(glued.way("refer").gist),
        )
        # The same by an edge on the frets that meets the bridge's top 2.5 mm below it: the string
        # stands 0.4 + 2 (1.5 - 0.4) = 2.6 over that line, so 0.1 over the bridge, 1.4 under the
        # least of 1.5.
        edge: list[AnyEntry] = [Size(what="over-bridge", lane="treble", mm=-2.5)]
        by_edge = plan_of([*high, *heights(3.0, 2.5), *edge], joint="glued", **wanted)
        self.assertEqual(by_edge.advice, "refer")
        self.assertIn(f"{neck_angle_degrees(1.4, 648.0, 16):.2f}°", say(by_edge.way("refer").gist))
        unread = plan_of([*high, *heights(2.25, 2.0)], **wanted)
        self.assertIn("Measure first", say(unread.way("saddle").gist))

    def test_the_rod_nut_before_the_rod(self) -> None:
        for feel in ("binding", "key slips", "out of reach"):
            plan = plan_of([*gaps(0.5), RodFeel(feel=feel), *CROWNS])  # type: ignore[arg-type]
            self.assertEqual(plan.advice, "rod-nut", feel)
            self.assertNotIn("level", [plan.advice])

    def test_hardware_where_heights_explain_no_noise(self) -> None:
        fine = [*gaps(0.13), *CROWNS, *STILL]
        self.assertEqual(plan_of(fine, complaint="It rattles.").advice, "hardware")
        self.assertNotEqual(
            plan_of([*gaps(0.5), *CROWNS], complaint="It rattles.").advice, "hardware"
        )


class Proven(unittest.TestCase):
    def test_a_promised_height_stands_beside_what_came(self) -> None:
        made = neck_with(height_low_mm=1.75, height_high_mm=1.5)
        entries = [*gaps(0.15), *CROWNS, *heights(2.25, 2.0, 4.0)]
        _, plan = compute(neck_state(entries, made))
        chosen = Chosen(way="saddle", promise=plan.way("saddle").promise)
        for read, kept in ((1.8, True), (2.1, False)):
            closing: list[AnyEntry] = [
                StringHeight(side="bass", fret=12, height_mm=read, station="closing-height-bass")
            ]
            solved, _ = compute(neck_state([*entries, chosen, *closing], made))
            rows = compare(solved, Unit.MM, Unit.MM)
            row = next(r for r in rows if "6 over fret 12" in say(r.matter))
            self.assertEqual((say(row.promised), row.kept), ("1.75 mm", kept))

    def test_dates_of_the_later_look(self) -> None:
        moved = neck_state([RodMove(turns=0.25, at="2026-03-03T10:00:00")])
        said = "Between 2026-03-10 and 2026-03-17."
        self.assertEqual(say(look_again_words(moved, "2026-03-03")), said)
        # Half over, and over: no look lies in the past.
        said = "Between 2026-03-12 and 2026-03-17."
        self.assertEqual(say(look_again_words(moved, "2026-03-12")), said)
        self.assertEqual(say(look_again_words(moved, "2026-03-18")), "")
        self.assertEqual(say(look_again_words(neck_state([RodMove(turns=0.25)]), "2026-03-03")), "")


class Lost(unittest.TestCase):
    def test_heat_and_referral_where_the_rod_is_spent_and_the_bow_large(self) -> None:
        spent: list[AnyEntry] = [
            *gaps(0.5),
            RodMove(turns=0.25, feel="at its end"),
            *gaps(0.5, 0.25),
            *CROWNS,
        ]
        plan = plan_of(spent)
        self.assertEqual(plan.advice, "heat")
        self.assertIn("refer", {way.kind for way in plan.ways})
        self.assertTrue(
            any(
                "never leave it" in say(c) for step in plan.way("heat").steps for c in step.cautions
            )
        )
        lacquered = plan_of(spent, lacquered=True)
        self.assertFalse(lacquered.way("heat").possible)
        self.assertEqual(lacquered.advice, "refer")

    def test_each_cycle_teaches_what_the_next_may_do(self) -> None:
        before = heat_so_far(map_neck(neck_state(gaps(0.6), neck_with())))
        good = heat_so_far(map_neck(neck_state([*gaps(0.6), Heated(), *gaps(0.4)], neck_with())))
        none = heat_so_far(map_neck(neck_state([*gaps(0.6), Heated(), *gaps(0.6)], neck_with())))
        self.assertEqual(before.gains, ())
        self.assertAlmostEqual(good.gains[0][0], 0.2, delta=0.03)
        self.assertGreater(good.expected_mm, before.expected_mm)
        self.assertLess(none.expected_mm, before.expected_mm)
        self.assertLess(good.doubt_mm, before.doubt_mm)


if __name__ == "__main__":
    unittest.main()
