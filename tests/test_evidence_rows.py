"""What each reading says of the heights, row by row: held against lengths worked out by similar
triangles from heights drawn by chance.
"""

import unittest
from collections.abc import Sequence
from typing import Any

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.estimate.heightmap import map_neck
from nuvrek.estimate.model import evidence as under_test
from nuvrek.estimate.model.edge_contacts import seen_to_rest
from nuvrek.estimate.model.evidence import Evidence, Gathering, gather, lanes_spoken_of
from nuvrek.estimate.model.unknowns import BEAM_MM, Unknowns, unknowns_of
from nuvrek.neck.description import LANES
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    CrownHeight,
    Dial,
    EdgeLie,
    EdgeRests,
    OthersStill,
    Rock,
    State,
    StringGap,
)
from nuvrek.readings.journal import NeckState
from tests.support import NECK, neck_state, neck_with, rng

INF = np.inf
SLACK, PITCH = State(strings="slack"), State(strings="pitch")
# Fret places by the rule every luthier knows: what is left of the string shrinks by 2^(1/12).
PLACE = [NECK.scale_mm * (1.0 - 2.0 ** (-fret / 12.0)) for fret in range(NECK.frets + 1)]
ROCKER: dict[str, Any] = {"lane": "bass", "fret": 7, "state": SLACK}


class Said:
    """Heights drawn by chance, and what readings of them come to."""

    def __init__(self, entries: Sequence[AnyEntry], neck: Any = NECK) -> None:
        self.neck_state: NeckState = neck_state(entries, neck)
        self.unknowns: Unknowns = unknowns_of(self.neck_state)
        self.rows: Evidence = gather(self.unknowns, self.neck_state.taken, {})
        self.z = rng(7).standard_normal(self.unknowns.size)
        self.values = self.rows.rows @ self.z + self.rows.constant

    def heights(self, kind: str, state: State, lane: str) -> NDArray[np.float64]:
        """Heights of frets 0.. on a lane, of the same unknowns."""
        surface = self.neck_state.taken[-1].surface
        rows, constants = {
            "tops": lambda: self.unknowns.tops(surface, state),
            "wood": lambda: self.unknowns.wood(state),
            "crown": lambda: self.unknowns.crown_heights(surface),
        }[kind]()
        whole = rows @ self.z + constants
        return np.asarray(whole[:, LANES.index(lane)])  # type: ignore[arg-type]

    def bounds(self, row: int = 0) -> tuple[float, float, float]:
        found = self.rows
        return float(found.lo[row]), float(found.hi[row]), float(found.sigma[row])


def under_line(heights: NDArray[np.float64], low: int, high: int, fret: int) -> float:
    """How far a fret lies under the line over two others."""
    rise = (heights[high] - heights[low]) / (PLACE[high] - PLACE[low])
    return float(heights[low] + rise * (PLACE[fret] - PLACE[low]) - heights[fret])


class Chords(unittest.TestCase):
    @given(
        st.lists(st.integers(0, NECK.frets), min_size=3, max_size=3, unique=True).map(sorted),
        st.sampled_from(LANES),
        st.sampled_from([("string", "tops"), ("edge", "tops"), ("notched", "wood")]),
        st.sampled_from([SLACK, PITCH]),
    )
    def test_a_gap_is_how_far_a_fret_lies_under_the_line(
        self, frets: list[int], lane: Any, tool: tuple[Any, str], state: State
    ) -> None:
        low, fret, high = frets
        by, kind = tool
        gap = StringGap(
            lane=lane, low_support=low, high_support=high, fret=fret, by=by, gap_mm=0.2, state=state
        )
        said = Said([gap])
        self.assertAlmostEqual(
            said.values[0], under_line(said.heights(kind, state, lane), low, high, fret), places=9
        )
        self.assertEqual(said.rows.numbers[0], (1,))

    @given(st.integers(2, NECK.frets - 1), st.sampled_from(LANES))
    def test_a_rock_is_how_far_a_fret_stands_over_its_neighbours(
        self, fret: int, lane: Any
    ) -> None:
        leaf = Said([Rock(lane=lane, fret=fret, says="rocks", gap_mm=0.05, state=SLACK)])
        stands = -under_line(leaf.heights("tops", SLACK, lane), fret - 1, fret + 1, fret)
        self.assertAlmostEqual(leaf.values[0], stands, places=9)
        # What is only felt hangs on the hand as well: a light one feels it sooner.
        felt = Said([Rock(lane=lane, fret=fret, says="rocks", state=SLACK)])
        hand = float(felt.z[felt.unknowns.hand])
        stands = -under_line(felt.heights("tops", SLACK, lane), fret - 1, fret + 1, fret)
        self.assertAlmostEqual(felt.values[0], stands - tool_errors.HAND_FEEL_MM * hand, places=9)

    def test_crowns_and_beams(self) -> None:
        crown = Said([CrownHeight(lane="middle", fret=5, height_mm=1.1)])
        self.assertAlmostEqual(crown.values[0], crown.heights("crown", State(), "middle")[5])
        self.assertEqual(crown.bounds(), (1.1, 1.1, tool_errors.CROWN_ERROR_MM))
        dials = [
            Dial(lane="bass", fret=fret, reading_mm=0.1, run=1, state=SLACK) for fret in (3, 9, 15)
        ]
        said = Said(dials)
        tops = said.heights("tops", SLACK, "bass")
        over_beam = [said.values[n] - tops[fret] for n, fret in enumerate((3, 9, 15))]
        # A beam is straight: what is taken off lies on one line over the places of the frets.
        between = (PLACE[9] - PLACE[3]) / (PLACE[15] - PLACE[3])
        self.assertAlmostEqual(
            over_beam[1], over_beam[0] + between * (over_beam[2] - over_beam[0]), places=9
        )
        # Level and slope are unknowns of their own, the slope over the whole board.
        beam = said.unknowns.beams[1, "bass", SLACK]
        level, slope = said.z[beam : beam + 2]
        for n, fret in enumerate((3, 9, 15)):
            taken_off = BEAM_MM * (level + slope * PLACE[fret] / PLACE[-1])
            self.assertAlmostEqual(over_beam[n], -taken_off, places=9)
        self.assertEqual(said.bounds()[:2], (0.1, 0.1))


class Bounds(unittest.TestCase):
    def gap(self, **said: float) -> tuple[float, float, float]:
        return Said(
            [StringGap(lane="bass", low_support=1, high_support=16, fret=7, state=SLACK, **said)]
        ).bounds()

    def test_what_leaves_say(self) -> None:
        number, leaf = tool_errors.GAP_NUMBER_ERROR_MM, tool_errors.LEAF_ERROR_MM
        over, least = tool_errors.DRAGS_OVER_MM, tool_errors.LEAST_DRAG_MM
        for said, bounds in (
            ({"gap_mm": 0.2}, (0.2, 0.2, number)),
            ({"gap_mm": 0.2, "error_mm": 0.05}, (0.2, 0.2, 0.05)),
            ({"gap_mm": 0.0}, (-INF, 0.0, number)),
            ({"gap_mm": -0.1}, (-0.1, -0.1, number)),
            ({"slides_mm": 0.1}, (0.1, INF, leaf)),
            ({"wont_go_mm": 0.1}, (-INF, 0.1, leaf)),
            ({"wont_go_mm": 0.1, "error_mm": 0.03}, (-INF, 0.1, 0.03)),
            ({"slides_mm": 0.1, "drags_mm": 0.15}, (0.1, 0.15, leaf)),
            ({"drags_mm": 0.2}, (0.2 - over, 0.2, leaf)),
            ({"drags_mm": least}, (least - over, least, leaf)),
            ({"drags_mm": 0.07}, (-INF, 0.07, leaf)),
            ({"drags_mm": 0.2, "wont_go_mm": 0.25}, (0.2 - over, 0.2, leaf)),
            ({"slides_mm": 0.1, "drags_mm": 0.2, "wont_go_mm": 0.15}, (0.1, 0.15, leaf)),
        ):
            with self.subTest(said):
                np.testing.assert_allclose(self.gap(**said), bounds, atol=1e-12)

    def test_what_a_rocker_says(self) -> None:
        felt, feel = tool_errors.ROCK_FELT_MM, tool_errors.ROCK_FEEL_MM
        leaf, number = tool_errors.LEAF_ERROR_MM, tool_errors.ROCK_GAP_ERROR_MM
        for said, bounds in (
            ({"says": "still"}, (-INF, felt, feel)),
            ({"says": "still", "error_mm": 0.03}, (-INF, felt, 0.03)),
            ({"says": "rocks"}, (felt, INF, feel)),
            ({"says": "rocks", "gap_mm": 0.06}, (0.06, 0.06, number)),
            ({"says": "rocks", "gap_mm": 0.06, "error_mm": 0.04}, (0.06, 0.06, 0.04)),
            ({"says": "rocks", "slides_mm": 0.05}, (0.05, INF, leaf)),
            ({"says": "rocks", "slides_mm": 0.01}, (felt, INF, leaf)),
            ({"says": "rocks", "wont_go_mm": 0.05}, (felt, 0.05, leaf)),
            # Thinner than a rock is felt: then the leaf bounds it, and it rocks no more than that.
            ({"says": "rocks", "wont_go_mm": 0.01}, (0.01, 0.01, leaf)),
        ):
            with self.subTest(said):
                np.testing.assert_allclose(Said([Rock(**ROCKER, **said)]).bounds(), bounds)

    def test_all_the_others_are_still(self) -> None:
        said = Said([OthersStill(lane="bass", frets=(4, 9, 12), state=SLACK)])
        self.assertEqual(said.rows.rows.shape[0], 4)
        for row, fret in enumerate((4, 9, 12)):
            bounds = (-INF, tool_errors.ROCK_FELT_MM, tool_errors.SWEEP_FEEL_MM)
            self.assertEqual(said.bounds(row), bounds)
            tops = said.heights("tops", SLACK, "bass")
            hand = tool_errors.HAND_FEEL_MM * said.z[said.unknowns.hand]
            stands = -under_line(tops, fret - 1, fret + 1, fret) - hand
            self.assertAlmostEqual(said.values[row], stands, places=9)

    def test_how_a_long_edge_lies(self) -> None:
        rocks, light = tool_errors.EDGE_ROCKS_MM, tool_errors.EDGE_LIGHT_MM
        error = tool_errors.EDGE_LIE_MM
        about = Said([EdgeLie(lane="bass", says="rocks", fret=8, state=SLACK)])
        self.assertEqual(about.bounds(), (-INF, -rocks, error))
        tops = about.heights("tops", SLACK, "bass")
        self.assertAlmostEqual(about.values[0], under_line(tops, 1, NECK.frets, 8), places=9)
        for says, most in (("all along", light), ("ends", INF)):
            lies = Said([EdgeLie(lane="bass", says=says, reach=(2, 14), state=SLACK)])  # type: ignore[arg-type]
            tops = lies.heights("tops", SLACK, "bass")
            # A quarter, half and three quarters of twelve frets from the second: 5, 8, 11.
            for row, fret in enumerate((5, 8, 11)):
                self.assertEqual(lies.bounds(row), (-rocks, most, error))
                self.assertAlmostEqual(lies.values[row], under_line(tops, 2, 14, fret), places=9)
            self.assertEqual(lies.rows.rows.shape[0], 4)
        wood = Said([EdgeLie(lane="bass", says="rocks", fret=8, by="notched", state=SLACK)])
        heights = wood.heights("wood", SLACK, "bass")
        self.assertAlmostEqual(wood.values[0], under_line(heights, 1, NECK.frets, 8), places=9)

    def test_a_hand_that_saw_what_an_edge_rests_on_is_believed(self) -> None:
        # Held at 1 and 16, read over 7, seen to rest on 3 and 12: the gap under that chord.
        held: dict[str, Any] = {"lane": "bass", "low_support": 1, "high_support": 16, "fret": 7}
        gap = StringGap(**held, by="edge", gap_mm=0.2, state=SLACK)
        rests = EdgeRests(**held, by="edge", on=(3, 12), state=SLACK)
        other = EdgeRests(**held, by="edge", on=(3, 12), state=State())
        neck = neck_state([gap, rests])
        self.assertEqual(seen_to_rest(neck.taken), {1: (3, 12)})
        self.assertEqual(seen_to_rest(neck_state([gap, other]).taken), {})
        found = map_neck(neck)
        line = np.interp(PLACE[7], [PLACE[3], PLACE[12]], found.tops_slack_mm[[2, 11], 0])
        self.assertAlmostEqual(float(line - found.tops_slack_mm[6, 0]), 0.2, delta=0.03)


class Counting(unittest.TestCase):
    GAP = StringGap(lane="bass", low_support=1, high_support=16, fret=7, gap_mm=0.2, state=SLACK)

    @given(st.lists(st.floats(0.05, 0.4), min_size=1, max_size=14))
    def test_numbers_of_one_place_are_one_row_at_their_mean(self, lengths: list[float]) -> None:
        said = Said([CrownHeight(lane="bass", fret=3, height_mm=1.0 + mm) for mm in lengths])
        self.assertAlmostEqual(float(said.rows.lo[0]), 1.0 + float(np.mean(lengths)), places=12)
        self.assertEqual(said.rows.lo[0], said.rows.hi[0])
        # A tool's own fault does not average out: nine at most.
        self.assertEqual(said.rows.weight[0], min(len(lengths), 9))
        self.assertEqual(said.rows.numbers[0], tuple(range(1, len(lengths) + 1)))

    def test_what_strings_may_pull_is_the_last_row(self) -> None:
        said = Said([self.GAP])
        # Six times what lets itself be expected, and a tenth of a millimetre (common practice).
        most = 6.0 * said.unknowns.pull_mm[0] + 0.1
        self.assertEqual(said.bounds(-1), (0.0, most, 0.01))
        self.assertEqual((said.rows.numbers[-1], said.rows.weight[-1]), ((), 1.0))
        row, constant = said.unknowns.pull()
        self.assertAlmostEqual(said.values[-1], float(row @ said.z + constant))
        bare = Said([self.GAP], neck_with(bare=True))
        self.assertEqual(bare.rows.numbers, ((1,),))

    def test_other_places_states_leaves_and_tools_are_other_rows(self) -> None:
        for change in (
            {"fret": 8},
            {"low_support": 2},
            {"high_support": 15},
            {"lane": "treble"},
            {"state": PITCH},
            {"error_mm": 0.04},
            {"gap_mm": None, "slides_mm": 0.1},
        ):
            said = Said([self.GAP, structs.replace(self.GAP, **change)])
            self.assertEqual(len(said.rows.numbers), 3, change)
        same = Said([self.GAP, structs.replace(self.GAP, gap_mm=0.3)])
        self.assertEqual(same.rows.numbers[0], (1, 2))

    def test_a_journal_that_grows_is_worked_through_once_and_says_the_same(self) -> None:
        entries: list[AnyEntry] = [
            self.GAP,
            CrownHeight(lane="bass", fret=3, height_mm=1.1),
            Rock(**ROCKER, says="rocks"),
            self.GAP,
        ]
        whole = Said(entries)
        growing = Gathering(whole.unknowns)
        for known in (1, 2, 4):
            grown = growing.evidence(whole.neck_state.taken[:known], {})
        for name in ("rows", "constant", "lo", "hi", "sigma", "weight"):
            np.testing.assert_allclose(getattr(grown, name), getattr(whole.rows, name), atol=1e-12)
        shorter = growing.evidence(whole.neck_state.taken[:1], {})
        self.assertEqual(shorter.numbers, ((1,), ()))

    def test_another_journal_begins_anew(self) -> None:
        first = Said([self.GAP, self.GAP])
        gathering = Gathering(first.unknowns)
        gathering.evidence(first.neck_state.taken, {})
        crown = CrownHeight(lane="bass", fret=3, height_mm=1.1)
        other = neck_state([crown, self.GAP, crown])
        anew = gathering.evidence(other.taken, {})
        self.assertEqual(anew.numbers, ((1, 3), (2,), ()))

    def test_which_heights_an_edge_lies_on(self) -> None:
        said = Said([self.GAP])
        gathering, (taken,) = Gathering(said.unknowns), said.neck_state.taken
        for by, kind in (("string", "tops"), ("edge", "tops"), ("notched", "wood")):
            gap = structs.replace(self.GAP, by=by)
            group = gathering.heights_under(taken, gap)
            self.assertEqual(group[:2], (kind, SLACK))
            rows, constants = gathering.heights(group)
            whole = (rows @ said.z + constants)[:, 0]
            np.testing.assert_allclose(whole, said.heights(kind, SLACK, "bass"))

    def test_laid_otherwise_an_edge_says_another_thing(self) -> None:
        edge = StringGap(lane="bass", fret=9, by="edge", gap_mm=0.2, state=SLACK)
        twice = Said([edge, edge])
        gathering = Gathering(twice.unknowns)
        taken = twice.neck_state.taken
        ends = (1, NECK.frets)
        gathering.evidence(taken, {1: ends, 2: ends})
        moved = gathering.evidence(taken, {1: (3, 17), 2: ends})
        self.assertEqual(set(moved.numbers), {(1,), (2,), ()})
        row = moved.numbers.index((1,))
        value = float(moved.rows[row] @ twice.z + moved.constant[row])
        tops = twice.heights("tops", SLACK, "bass")
        self.assertAlmostEqual(value, under_line(tops, 3, 17, 9), places=9)
        self.assertEqual(float(moved.lo[row]), 0.2)
        back = gathering.evidence(taken, {1: ends, 2: ends})
        self.assertEqual([sorted(numbers) for numbers in back.numbers], [[1, 2], []])
        np.testing.assert_allclose(back.lo[0], 0.2)

    def test_rows_are_left_out_and_put_after(self) -> None:
        said = Said([self.GAP, CrownHeight(lane="bass", fret=3, height_mm=1.1)]).rows
        one = said.only(np.array([False, True, False]))
        self.assertEqual(
            (one.numbers, one.lo.tolist(), one.weight.tolist()), (((2,),), [1.1], [1.0])
        )
        both = one.and_also(said)
        self.assertEqual(both.numbers, ((2,), (1,), (2,), ()))
        for name in ("rows", "constant", "lo", "hi", "sigma", "weight"):
            part, whole = getattr(said, name), getattr(both, name)
            np.testing.assert_array_equal(whole[1:], part)
            np.testing.assert_array_equal(whole[0], part[1])

    def test_lanes_on_which_heights_were_read(self) -> None:
        spoken = neck_state(
            [self.GAP, Air(temperature_c=20.0), Rock(**{**ROCKER, "lane": "middle"}, says="still")]
        )
        self.assertEqual(lanes_spoken_of(spoken.taken), {"bass", "middle"})
        for silent in ([], [Air(humidity_percent=45.0)]):
            self.assertEqual(lanes_spoken_of(neck_state(silent).taken), set())

    def test_a_rock_with_any_leaf_was_measured(self) -> None:
        self.assertFalse(under_test.has_leaf(Rock(**ROCKER, says="rocks")))
        for leaf in ("gap_mm", "slides_mm", "drags_mm", "wont_go_mm"):
            self.assertTrue(under_test.has_leaf(Rock(**ROCKER, says="rocks", **{leaf: 0.05})))


if __name__ == "__main__":
    unittest.main()
