"""The rehearsal of the filing: what a rigid block bears on, the order of the ink, and what the
bench says of it.
"""

import unittest
from dataclasses import replace

import numpy as np
from anastruct import SystemElements
from scipy.optimize import linprog

from nuvrek.neck.description import LANES
from nuvrek.planning.filing.level_program import level_all
from nuvrek.planning.filing.rehearsal import (
    LOADS_N,
    PULL_ARM_MM,
    bearings,
    follow_up,
    give_mm,
    rehearse,
    to_watch,
)
from nuvrek.planning.filing.rehearse_way import rehearse_way
from nuvrek.planning.filing.spot_program import rocks_mm
from tests.support import compute, neck_state, rng
from tests.test_against_reference_solver import random_surface
from tests.test_planning import gaps, rocks


class Contact(unittest.TestCase):
    def test_a_block_lies_where_a_linear_program_says(self) -> None:
        # Rigid contact: the line that lies over all tops under it and lowest at the load.
        r = rng(8)
        for length in (120.0, 250.0, 700.0):
            s = random_surface(int(length))
            loads = r.uniform(s.x_mm[2], s.x_mm[-3], 12)
            table = bearings(s.x_mm, loads, length)
            first, second, share = table.best(s.tops_mm)
            for lane in range(3):
                for n, load in enumerate(loads):
                    under = np.abs(s.x_mm - load) <= length / 2
                    x, top = s.x_mm[under], s.tops_mm[under, lane]
                    if not (x <= load).any() or not (x > load).any():
                        continue
                    found = linprog(
                        [1.0, load],
                        A_ub=-np.column_stack((np.ones_like(x), x)),
                        b_ub=-top,
                        bounds=[(None, None)] * 2,
                    )
                    a, b, w = first[lane, n], second[lane, n], share[lane, n]
                    ours = s.tops_mm[a, lane] * w + s.tops_mm[b, lane] * (1 - w)
                    self.assertAlmostEqual(ours, float(found.fun), places=9)
                    # The lever: both shares add up to the load, about the load they balance.
                    self.assertAlmostEqual(
                        w * (load - s.x_mm[a]), (1 - w) * (s.x_mm[b] - load), places=9
                    )

    def test_by_hand(self) -> None:
        # Tops 0, 2, 0 at 0, 10, 30 mm: a load at 12.5 rests on the second and third, 7/8 on the
        # second.
        x, tops = np.array([0.0, 10.0, 30.0]), np.array([[0.0], [2.0], [0.0]])
        first, second, share = bearings(x, np.array([12.5]), 100.0).best(tops)
        self.assertEqual((int(first[0, 0]), int(second[0, 0])), (1, 2))
        self.assertAlmostEqual(float(share[0, 0]), 0.875)


class Order(unittest.TestCase):
    def test_a_steered_beam_takes_the_metal_of_the_plan_and_leaves_no_rock(self) -> None:
        for seed in range(6):
            s = random_surface(seed)
            plan = level_all(s)
            shape = s.tops_mm - plan.rod_dip_mm * s.bend[:, None]
            done = rehearse(s.x_mm, shape, plan.off_mm, 700.0, "fingertips")
            self.assertEqual(len(done.order), 66)
            self.assertLess(float(rocks_mm(s, shape - done.took_mm).max()), 0.02)
            self.assertLess(abs(done.took_mm.mean(axis=1).sum() / plan.metal_mm - 1.0), 0.25)
            deepest = int(plan.off_mm.max(axis=1).argmax()) + 1
            self.assertIn(deepest, done.frets[:3])

    def test_a_proud_fret_goes_first_and_a_low_one_last(self) -> None:
        s = replace(random_surface(11), rod_dip_low_mm=0.0, rod_dip_high_mm=0.0)
        s.tops_mm[:] = 0.0
        s.tops_mm[6], s.tops_mm[13] = 0.1, -0.08
        plan = level_all(s)
        shape = s.tops_mm - plan.rod_dip_mm * s.bend[:, None]
        for pressure in LOADS_N:
            done = rehearse(s.x_mm, shape, plan.off_mm, 200.0, pressure)
            self.assertEqual((done.frets[0], done.frets[-1]), (7, 14))

    def test_metal_that_is_not_there_is_not_taken(self) -> None:
        s = random_surface(12)
        plan = level_all(s)
        most = np.full((22, 3), 0.03)
        done = rehearse(s.x_mm, s.tops_mm, plan.off_mm, 700.0, "fingertips", None, most)
        self.assertLess(float(done.took_mm.max()), 0.04)
        self.assertTrue(done.kept)
        self.assertFalse(set(done.kept) & set(done.order))

    def test_spots_are_filed_as_deep_as_planned_and_no_further(self) -> None:
        solved, plan = compute(neck_state([*gaps(0.15), *rocks((5, 12))]))
        way = plan.way("spot-level")
        done = rehearse_way(solved.map, way)
        self.assertEqual(set(done.frets), set(way.frets))
        planned = way.off_mm[4].max()
        self.assertAlmostEqual(float(done.took_mm[4].max()), float(planned), delta=0.01)
        watch = to_watch(done.order, way.left_mm)
        assert watch is not None
        self.assertIn(watch.first[0], (5, 12))

    def test_a_neck_gives_way_as_the_beam_library_says(self) -> None:
        # A beam on two supports: middle load against an even moment, whatever its stiffness.
        span, stiffness, load, moment = 400.0, 3.0e8, LOADS_N["fingertips"], 400.0 * PULL_ARM_MM

        def dip(lay: str) -> float:
            ss = SystemElements(EI=stiffness, EA=1e12)
            for n in range(20):
                ss.add_element([[n * span / 20, 0], [(n + 1) * span / 20, 0]])
            ss.add_support_hinged(1)
            ss.add_support_roll(21)
            if lay == "load":
                ss.point_load(11, Fy=-load)
            else:
                ss.moment_load(1, moment)
                ss.moment_load(21, -moment)
            ss.solve()
            return abs(float(ss.get_node_displacements(11)["uy"]))

        pull = dip("moment")
        self.assertAlmostEqual(
            give_mm("fingertips", pull, 400.0, span) / dip("load"), 1.0, places=3
        )
        self.assertEqual(give_mm("pressed, neck backed", pull, 400.0, span), 0.0)


class Following(unittest.TestCase):
    ORDER = tuple((fret, lane) for fret in (5, 9, 2, 12, 7, 3, 8, 4) for lane in LANES)

    def test_the_bench_agrees(self) -> None:
        gone = tuple(p for p in self.ORDER if p[0] in (5, 9, 2))
        self.assertTrue(follow_up(self.ORDER, gone).agrees)
        # A neighbour or two out of turn is no matter.
        self.assertTrue(
            follow_up(self.ORDER, tuple(p for p in self.ORDER if p[0] in (9, 5, 12))).agrees
        )

    def test_the_map_is_off_where_others_go_first(self) -> None:
        told = follow_up(self.ORDER, tuple(p for p in self.ORDER if p[0] in (4, 8, 3)))
        self.assertFalse(told.agrees)
        self.assertIn(4, told.early)

    def test_one_side_ahead(self) -> None:
        gone = tuple((fret, "bass") for fret in (5, 9, 2, 12, 7))
        self.assertEqual(follow_up(self.ORDER, gone).ahead, "bass")


if __name__ == "__main__":
    unittest.main()
