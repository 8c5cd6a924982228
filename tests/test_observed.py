import unittest
from collections.abc import Sequence

from nuvrek.estimate.findings.finding import Finding
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.plan import Plan
from nuvrek.readings.entries import (
    AnyEntry,
    EndsFine,
    FretEnd,
    OthersFirm,
    RodFeel,
    RodMove,
    Seated,
    Size,
    StandOff,
    StringGap,
)
from nuvrek.wording.speech import say
from tests.support import NECK, compute, neck_state


def seen(
    entries: Sequence[AnyEntry], neck: NeckDescription = NECK
) -> tuple[dict[str, Finding], Plan]:
    solved, plan = compute(neck_state(entries, neck))
    return {f.kind: f for f in solved.findings}, plan


class Frets(unittest.TestCase):
    def test_a_fret_that_moves_is_seated_before_anything_is_filed(self) -> None:
        found, plan = seen(
            [StandOff(fret=7, lane="bass", moves="moves", gap_mm=0.2), OthersFirm(frets=(1, 2))]
        )
        self.assertIn("Fret 7 moves under a finger at its bass end", say(found["loose"].headline))
        self.assertEqual((plan.advice, plan.way("seat").frets), ("seat", (7,)))
        self.assertFalse(plan.way("level").possible)

    def test_seated_or_found_firm_since_it_is_no_finding(self) -> None:
        loose = StandOff(fret=7, moves="moves")
        for later in (Seated(fret=7), OthersFirm(frets=tuple(range(1, 23)))):
            self.assertNotIn("loose", seen([loose, later])[0])
        self.assertIn("loose", seen([loose, Seated(fret=7), loose])[0])


class Ends(unittest.TestCase):
    def test_ends_are_dressed_in_bench_order_and_not_when_found_fine(self) -> None:
        ends = [
            FretEnd(side="treble", fret=5, fault="sprouting", mm=0.3),
            FretEnd(side="treble", fret=6, fault="sprouting"),
            Size(what="string-to-end", mm=2.0, fret=1, lane="treble"),
        ]
        found, plan = seen(ends)
        self.assertIn("treble side by up to 0.30 mm", say(found["fret-ends"].headline))
        self.assertIn("Frets 5 and 6", say(found["fret-ends"].text))
        self.assertIn("only 2.00 mm", say(found["fret-ends"].text))
        self.assertEqual(plan.advice, "ends")
        keys = [step.key for step in plan.way("ends").steps if step.key.startswith("end-")]
        self.assertEqual(keys, ["end-roll", "end-flush", "end-bevel", "end-round"])
        self.assertIn("end-round", [step.key for step in plan.way("level").steps])
        fine = EndsFine(side="treble", frets=(5, 6))
        self.assertNotIn("fret-ends", seen([*ends, fine])[0])
        self.assertIn("fret-ends", seen([*ends, EndsFine(side="bass", frets=(5, 6))])[0])

    def test_a_bound_edge_is_not_rolled(self) -> None:
        bound = NeckDescription(scale_mm=648, frets=22, joint_fret=16, bound=True)
        _, plan = seen([FretEnd(side="bass", fret=5, fault="sprouting")], bound)
        keys = [step.key for step in plan.way("ends").steps]
        self.assertNotIn("end-roll", keys)


class RodAndWear(unittest.TestCase):
    def test_a_rod_that_binds_is_not_turned(self) -> None:
        gaps = [
            StringGap(lane=lane, low_support=1, high_support=16, fret=7, gap_mm=0.6)
            for lane in ("bass", "treble")
        ]
        self.assertEqual(seen(gaps)[1].advice, "rod")
        for felt in (RodFeel(feel="binding"), RodMove(turns=0.125, feel="at its end")):
            found, plan = seen([*gaps, felt])
            self.assertIn("rod-stop", found)
            self.assertFalse(plan.way("rod").possible)
        self.assertTrue(
            seen([*gaps, RodFeel(feel="binding"), RodFeel(feel="free")])[1].way("rod").possible
        )

    def test_grooves_are_named_with_their_frets(self) -> None:
        worn = [
            Size(what="groove", mm=mm, fret=fret, string=2)
            for fret, mm in ((1, 0.12), (2, 0.06), (3, 0.02))
        ]
        found = seen(worn)[0]["grooves"]
        self.assertIn("0.12 mm", say(found.headline))
        self.assertIn("frets 1 and 2.", say(found.text))
