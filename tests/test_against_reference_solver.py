"""Levelling programs against cvxpy with the Clarabel solver (test only), on random necks."""

import unittest

import cvxpy as cp
import numpy as np

from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.scale import place_row_mm
from nuvrek.planning.filing.level_program import TOUCH_MM, LevelTerms, NeckTops, level_all
from nuvrek.planning.filing.spot_program import rocks_mm, spot_level
from tests.support import NECK, rng


def random_surface(seed: int, crown_mm: float = 1.2) -> NeckTops:
    r = rng(seed)
    x = place_row_mm(NECK)[1:]
    bend = bend_profile(NECK)[1:]
    tops = (
        -0.2 * r.random() * bend[:, None]
        + 0.03 * r.standard_normal((22, 1))
        + 0.01 * r.standard_normal((22, 3))
    )
    crown = crown_mm + 0.03 * r.standard_normal((22, 3))
    return NeckTops(x, tops, crown, bend, NECK.joint_fret, 0.8, -0.3, 0.3)


def reference_level(s: NeckTops, fall: np.ndarray) -> float:
    """Least sum of removals, written out independently with one variable per removal."""
    off = cp.Variable((22, 3))
    level, slope, tilt, twist, arch, flatter, rod_dip = (cp.Variable() for _ in range(7))
    rules = [
        rod_dip >= s.rod_dip_low_mm,
        rod_dip <= s.rod_dip_high_mm,
        off >= TOUCH_MM,
        s.crown_mm - off >= s.least_crown_mm,
    ]
    for k, y in enumerate(LANE_ACROSS):
        x = s.x_mm / 1000
        line = level + slope * x + y * (tilt + twist * x) + y**2 * (arch + flatter * x) - fall
        rules.append(s.tops_mm[:, k] - cp.multiply(rod_dip, s.bend) - off[:, k] == line)
    problem = cp.Problem(cp.Minimize(cp.sum(off)), rules)
    return float(
        problem.solve(solver=cp.CLARABEL, tol_gap_abs=1e-9, tol_gap_rel=1e-9, tol_feas=1e-9)
    )


class AgainstClarabel(unittest.TestCase):
    def test_level_all_takes_no_more_metal_than_the_reference(self) -> None:
        for seed in range(12):
            s = random_surface(seed)
            depth = 0.05 * (seed % 2)
            joint, last = s.x_mm[15], s.x_mm[-1]
            fall = depth * np.clip((s.x_mm - joint) / (last - joint), 0, None)
            ours = level_all(s, LevelTerms(fall_away_mm=depth))
            self.assertTrue(ours.possible)
            self.assertAlmostEqual(float(ours.off_mm.sum()), reference_level(s, fall), delta=1e-6)

    def test_level_plan_obeys_its_rules(self) -> None:
        for seed in range(12):
            s = random_surface(seed)
            plan = level_all(s)
            self.assertGreaterEqual(plan.off_mm.min(), TOUCH_MM - 1e-9)
            self.assertGreaterEqual(plan.left_mm.min(), s.least_crown_mm - 1e-9)
            flat = s.tops_mm - plan.rod_dip_mm * s.bend[:, None] - plan.off_mm
            for k in range(3):
                off_line = flat[:, k] - np.polyval(np.polyfit(s.x_mm, flat[:, k], 1), s.x_mm)
                np.testing.assert_allclose(off_line, 0.0, atol=1e-9)

    def test_spot_work_takes_no_more_metal_than_the_reference(self) -> None:
        for seed in range(12):
            s = random_surface(seed)
            s.tops_mm[7] += 0.09
            ours = spot_level(s, tuple(range(1, 23)))
            rocks = rocks_mm(s, s.tops_mm)
            limits = np.where(rocks <= STILL_MM + 0.006, np.maximum(rocks, STILL_MM), STILL_MM)
            off = cp.Variable((22, 3), nonneg=True)
            after = [
                (s.tops_mm[m] - off[m])
                - (
                    (s.x_mm[m + 1] - s.x_mm[m]) * (s.tops_mm[m - 1] - off[m - 1])
                    + (s.x_mm[m] - s.x_mm[m - 1]) * (s.tops_mm[m + 1] - off[m + 1])
                )
                / (s.x_mm[m + 1] - s.x_mm[m - 1])
                <= limits[m - 1]
                for m in range(1, 21)
            ]
            least = cp.Problem(
                cp.Minimize(cp.sum(off)), [*after, off <= s.crown_mm - s.least_crown_mm]
            )
            value = least.solve(
                solver=cp.CLARABEL, tol_gap_abs=1e-9, tol_gap_rel=1e-9, tol_feas=1e-9
            )
            self.assertAlmostEqual(float(ours.off_mm.sum()), float(value), delta=1e-6)

    def test_too_thin_crowns_are_infeasible_for_both_and_named(self) -> None:
        s = random_surface(3, crown_mm=0.82)
        self.assertEqual(reference_level(s, np.zeros(22)), float("inf"))
        plan = level_all(s)
        self.assertFalse(plan.possible)
        for fret, missing in plan.short:
            self.assertGreater(missing, 0.0)
            self.assertLess(plan.left_mm[fret - 1].min(), s.least_crown_mm)
