"""String heights wherever they were read, what a rod answered, how well a dial repeats, what one
hand feels.
"""

import unittest

import numpy as np

from nuvrek.clearance.string_heights import heights_of
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.mechanics.angle import open_height_mm
from nuvrek.mechanics.beam import usual_pull_mm
from nuvrek.neck.description import LANES
from nuvrek.neck.scale import fret_places_mm
from nuvrek.planning.rod.move import plan_rod
from nuvrek.planning.rod.stop_rules import rod_stops
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import (
    AnyEntry,
    Dial,
    OthersStill,
    RodFeel,
    RodMove,
    State,
    StringGap,
    StringHeight,
)
from nuvrek.readings.told.dial_repeats import dial_error_mm
from nuvrek.readings.told.open_heights import heights_by_string, odd_heights
from nuvrek.readings.told.rod_answers import answers, backwards
from nuvrek.wording.speech import say
from tests.support import NECK, neck_state, neck_with, rng


def dips(mm: float, turns: float = 0.0) -> list[AnyEntry]:
    """The dip over both sides, read with the rod so far."""
    return [
        StringGap(
            lane=lane,
            low_support=1,
            high_support=16,
            fret=7,
            gap_mm=mm,
            state=State(rod_turns=turns),
        )
        for lane in ("bass", "treble")
    ]


class Heights(unittest.TestCase):
    def test_with_a_capo_by_similar_triangles(self) -> None:
        # By hand: on a line of 648 mm with the capo at 1 the string is 1.5 over fret 12 (324 from
        # the nut, 287.63 from fret 1 at 36.37); the saddle stands 1.5 * 611.63 / 287.63 = 3.19 over
        # the frets, and the open string 0.4 + (3.19 - 0.4) / 2 = 1.795 over fret 12.
        self.assertAlmostEqual(open_height_mm(1.5, 12, 648.0, capo=1), 1.795, places=2)

    def test_a_neck_under_twelve_frets_keeps_its_heights_as_read(self) -> None:
        short = neck_with(scale_mm=430.0, frets=10, joint_fret=9, height_low_mm=1.8)
        read = [StringHeight(side="bass", fret=10, height_mm=2.0)]
        low = heights_of(neck_state(read, short)).low
        self.assertEqual(low.now_mm, 2.0)
        # The saddle by similar triangles: 0.2 less over fret 10, which lies 0.4388 of the scale on.
        self.assertAlmostEqual(low.at_saddle_mm or 0.0, 0.2 / (1.0 - 2.0 ** (-10 / 12)), places=4)

    def test_inner_strings_are_taken_as_read(self) -> None:
        read: list[AnyEntry] = [
            StringHeight(side="bass", fret=12, height_mm=2.0),
            StringHeight(side="treble", fret=12, height_mm=1.5),
            StringHeight(side="bass", string=4, fret=12, height_mm=2.1),
        ]
        state = neck_state([*dips(0.15), *read])
        self.assertEqual(heights_by_string(state), {6: 2.0, 1: 1.5, 4: 2.1})
        heights = string_up(map_neck(state)).heights_mm
        np.testing.assert_allclose(heights[[0, 2, 5]], [2.0, 2.1, 1.5], atol=1e-6)

    def test_heights_that_contradict_each_other_are_named(self) -> None:
        twelve = StringHeight(side="bass", fret=12, height_mm=2.0)
        for odd, said in (
            (StringHeight(side="bass", fret=17, height_mm=4.5), "the same string"),
            (StringHeight(side="bass", string=4, fret=12, height_mm=3.2), "the other strings"),
        ):
            state = neck_state(
                [*dips(0.15), twelve, StringHeight(side="treble", fret=12, height_mm=1.5), odd]
            )
            self.assertEqual(len(odd_heights(state)), 1)
            found = [f for f in find(map_neck(state)) if f.kind == "odd"]
            self.assertIn(said, say(found[0].text))
        # Near miss: the saddle came down between two readings at one place.
        later = StringHeight(side="bass", fret=12, height_mm=1.2)
        self.assertEqual(odd_heights(neck_state([twelve, later])), [])


class Answers(unittest.TestCase):
    def test_the_sign_is_learnt_from_two_moves_and_then_turned_by(self) -> None:
        entries: list[AnyEntry] = [*dips(0.40), RodMove(turns=0.25), *dips(0.50, 0.25)]
        self.assertFalse(backwards(neck_state(entries)))
        self.assertEqual([s.kind for s in rod_stops(map_neck(neck_state(entries)))], ["other-way"])
        entries += [RodMove(turns=-0.25), *dips(0.40)]
        state = neck_state(entries)
        self.assertTrue(backwards(state))
        self.assertEqual([round(one.turns, 2) for one in answers(state)], [0.25, -0.25])
        learnt = map_neck(state)
        self.assertEqual(rod_stops(learnt), ())
        plan = plan_rod(learnt)
        assert plan is not None
        # Too much relief, and on this neck loosening takes it out.
        self.assertLess(plan.turns, 0.0)
        self.assertIn("on this neck counter-clockwise takes relief out", say(plan.words))
        self.assertLess(plan.after_move_mm, 0.40)

    def test_light_past_the_supports_is_a_back_bow_and_no_dip(self) -> None:
        beyond = [
            StringGap(lane="bass", low_support=7, high_support=16, fret=1, by="edge", gap_mm=mm)
            for mm in (0.3, 0.1)
        ]
        state = neck_state([beyond[0], RodMove(turns=-0.25), beyond[1]])
        # Half as much as the light: a bow alike on both sides of its middle.
        (answer,) = answers(state)
        self.assertAlmostEqual(answer.before_mm, -0.15)
        self.assertAlmostEqual(answer.after_mm, -0.05)
        self.assertTrue(answer.usual_way)

    def test_after_a_whole_turn_one_way_the_key_is_looked_at(self) -> None:
        entries: list[AnyEntry] = [*dips(0.9)]
        for n in range(1, 5):
            entries += [RodMove(turns=0.25), *dips(0.9 - 0.1 * n, 0.25 * n)]
        kinds = [s.kind for s in rod_stops(map_neck(neck_state(entries)))]
        self.assertEqual(kinds, ["whole-turn"])
        felt = neck_state([*entries, RodFeel(feel="firm")])
        self.assertEqual(rod_stops(map_neck(felt)), ())

    def test_twin_rods_leave_the_side_that_is_right(self) -> None:
        neck = neck_with(rod="twin")
        high: list[AnyEntry] = [
            StringGap(lane="bass", low_support=1, high_support=16, fret=7, gap_mm=0.15),
            StringGap(lane="treble", low_support=1, high_support=16, fret=7, gap_mm=0.50),
        ] * 2
        plan = plan_rod(map_neck(neck_state(high, neck)))
        assert plan is not None
        moves = dict(plan.moves)
        self.assertEqual(moves["treble"], 0.25)
        # Brought back by what the other rod does to it: the bass side stays within the margin.
        low = next(one for one in plan.forecasts if one.lane == "bass")
        self.assertLess(abs(low.after_mm - low.target_mm), NECK.relief_margin_mm)


class Tools(unittest.TestCase):
    def test_doubled_passes_tell_how_well_a_dial_repeats(self) -> None:
        x = fret_places_mm(648.0, 22)
        for true in (0.002, 0.008):
            noise = rng(3)
            runs: list[AnyEntry] = [
                Dial(
                    lane=lane,
                    fret=fret,
                    run=run,
                    reading_mm=round(0.001 * run * x[fret] + true * noise.standard_normal(), 4),
                )
                for run in (1, 2)
                for lane in LANES
                for fret in range(1, 23)
            ]
            found = dial_error_mm(neck_state(runs).taken, x)
            self.assertAlmostEqual(found / true, 1.0, delta=0.35)
            alone = dial_error_mm(neck_state(runs[:66]).taken, x)
            self.assertEqual(alone, tool_errors.DIAL_ERROR_MM)

    def test_one_sweep_is_one_hand(self) -> None:
        still = [OthersStill(lane=lane, frets=tuple(range(2, 22))) for lane in LANES]
        neck_map = map_neck(neck_state(still))
        rows, hand = neck_map.evidence.rows, neck_map.gathering.unknowns.hand
        # The last row is no reading: it bounds what strings can pull.
        np.testing.assert_allclose(rows[:-1, hand], -tool_errors.HAND_FEEL_MM)

    def test_the_usual_pull_goes_with_neck_and_strings(self) -> None:
        # Common practice, no source: about 0.17 mm on an electric guitar, the bare beams of an
        # electric, an acoustic and a bass bending as 0.24 to 0.38 to 0.74.
        electric = usual_pull_mm(NECK)
        bass = usual_pull_mm(neck_with(scale_mm=864.0, frets=20, strings=4))
        self.assertAlmostEqual(electric, 0.17, delta=0.02)
        self.assertTrue(2.2 < bass / electric < 3.6, bass / electric)


if __name__ == "__main__":
    unittest.main()
