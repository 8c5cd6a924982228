"""Relief arithmetic against examples worked by hand."""

import unittest

import numpy as np
from scipy.optimize import linprog

from nuvrek.estimate.heightmap import line_projection, map_neck
from nuvrek.estimate.model.edge_contacts import contacts_around
from nuvrek.estimate.model.evidence import chord_gap, rock_height
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.scale import fret_places_mm, place_row_mm
from nuvrek.readings.entries import CrownHeight, StringGap
from tests.support import NECK, neck_state


def value(combination: list[tuple[int, float]], tops: np.ndarray) -> float:
    return sum(w * tops[f] for f, w in combination)


class ChordExamples(unittest.TestCase):
    def test_chord_over_three_tops(self) -> None:
        # By hand: places 0, 100, 200, 300, 400; supports at 100 (height 0.2) and 400 (height 0.5);
        # at 200 the line stands at 0.2 + (100/300) * 0.3 = 0.3; a top of 0.05 there leaves a gap of
        # 0.25.
        x = np.array([0.0, 100.0, 200.0, 300.0, 400.0])
        tops = np.array([0.0, 0.2, 0.05, 0.4, 0.5])
        self.assertAlmostEqual(value(chord_gap(x, 1, 4, 2), tops), 0.25)
        # The same by hand at 300: line 0.4, top 0.4, no gap.
        self.assertAlmostEqual(value(chord_gap(x, 1, 4, 3), tops), 0.0)

    def test_rocker_over_uneven_spacing(self) -> None:
        # By hand: places 0, 60, 100, 130; neighbours of 100 are at 60 (0.0) and 130 (0.07); the
        # line at 100 is 0.07 * 40/70 = 0.04; a middle top of 0.10 rocks by 0.06.
        x = np.array([0.0, 60.0, 100.0, 130.0])
        self.assertAlmostEqual(value(rock_height(x, 2), np.array([0.0, 0.0, 0.1, 0.07])), 0.06)

    def test_support_standing_proud_spoils_the_chord(self) -> None:
        # By hand: a support 0.1 high at one end lifts the line half-way by 0.05.
        x = np.array([0.0, 100.0, 200.0])
        self.assertAlmostEqual(value(chord_gap(x, 0, 2, 1), np.array([0.1, 0.0, 0.0])), 0.05)

    def test_projection_puts_both_line_ends_at_nought(self) -> None:
        x = place_row_mm(NECK)[1:]
        lifted = line_projection(NECK) @ (3.0 + 0.01 * x)
        np.testing.assert_allclose(lifted, 0.0, atol=1e-9)


class Contact(unittest.TestCase):
    def test_a_string_lies_on_what_stands_highest(self) -> None:
        # docs/calculations.md: 0.10 * (163 - 36) / (263 - 36) + 0.05.
        x = np.array([0.0, 36.0, 163.0, 263.0, 360.0])
        heights = np.array([9.0, 0.0, -0.05, 0.10, 0.0])
        low, high = contacts_around(x, heights, 2, (1, 4))
        self.assertEqual((low, high), (1, 3))
        gap = sum(weight * heights[f] for f, weight in chord_gap(x, low, high, 2))
        self.assertAlmostEqual(gap, 0.106, places=3)

    def test_the_hull_is_the_lowest_line_over_all_tops(self) -> None:
        # A linear program that knows nothing of hulls: the lowest line at m over every other top.
        draw = np.random.default_rng(2)
        x = np.asarray(fret_places_mm(648.0, 22))
        for _ in range(40):
            heights = draw.normal(0.0, 0.05, 23)
            low, high = sorted(draw.choice(np.arange(1, 23), 2, replace=False).tolist())
            if high - low < 3:
                continue
            m = int(draw.integers(low + 1, high))
            others = [f for f in range(low, high + 1) if f != m]
            found = linprog(
                [1.0, x[m] / 1000],
                A_ub=[[-1.0, -x[f] / 1000] for f in others],
                b_ub=[-heights[f] for f in others],
                bounds=[(None, None)] * 2,
            )
            a, b = contacts_around(x, heights, m, (low, high))
            gap = sum(weight * heights[f] for f, weight in chord_gap(x, a, b, m))
            self.assertAlmostEqual(gap, found.fun - heights[m], places=7)


class RecoveredRelief(unittest.TestCase):
    def test_many_sharp_gaps_on_even_frets_give_back_the_relief(self) -> None:
        # Even frets: the relief is the very gap. 0.30 mm half-way, by the parabola elsewhere.
        bend = bend_profile(NECK)
        readings = [
            StringGap(
                lane=lane, low_support=1, high_support=16, fret=f, gap_mm=float(0.30 * bend[f])
            )
            for lane in ("bass", "middle", "treble")
            for f in range(2, 16)
        ]
        relief = map_neck(neck_state(readings)).relief_at("bass", "pitch")
        self.assertAlmostEqual(relief.mm, 0.30, delta=0.02)
        # Frets worn as a group would show the same gaps: without a crown read the wood stays open.
        self.assertLess(relief.doubt_mm, 0.095)

    def test_caliper_readings_average(self) -> None:
        # Four readings of one crown at 1.00 with errors of 0.02: the doubt halves (1/sqrt(4)).
        once = map_neck(neck_state([CrownHeight(lane="bass", fret=3, height_mm=1.0)]))
        often = map_neck(neck_state([CrownHeight(lane="bass", fret=3, height_mm=1.0)] * 4))
        self.assertAlmostEqual(often.crown_mm[2, 0], 1.0, delta=0.005)
        ratio = float(once.crown_doubt_mm[2, 0] / often.crown_doubt_mm[2, 0])
        self.assertAlmostEqual(ratio, 2.0, delta=0.05)
