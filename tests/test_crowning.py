"""The crown in section against a geometry library, against hand examples, and the re-crown
table.
"""

import math
import unittest

import numpy as np
from shapely.geometry import LineString, Point, box

from nuvrek.neck.crown import cap_area_mm2, crown_radius_mm, flat_mm, worn_mm
from nuvrek.planning.crowns.crowning import crown_after, levels_left
from nuvrek.planning.crowns.recrown_table import recrown
from tests.support import NECK, rng


class Section(unittest.TestCase):
    def test_flat_area_and_height_are_those_of_a_drawn_circle(self) -> None:
        r = rng(5)
        for _ in range(20):
            width, height = float(r.uniform(1.6, 3.0)), float(r.uniform(0.6, 1.5))
            if height > width / 2:
                height = 0.9 * width / 2
            radius = crown_radius_mm(width, height)
            # The crown drawn: a disc cut off at the wood, its top at ``height``.
            disc = Point(0.0, height - radius).buffer(radius, quad_segs=4000)
            crown = disc.intersection(box(-5, 0, 5, 5))
            self.assertAlmostEqual(crown.bounds[2] - crown.bounds[0], width, delta=1e-4)
            self.assertAlmostEqual(cap_area_mm2(radius, height), crown.area, delta=1e-5)
            off = float(r.uniform(0.01, 0.5 * height))
            cut = LineString([(-5, height - off), (5, height - off)]).intersection(crown)
            self.assertAlmostEqual(flat_mm(width, height, off), cut.length, delta=1e-3)
            left = crown.intersection(box(-5, 0, 5, height - off))
            self.assertAlmostEqual(left.bounds[3], height - off, delta=1e-9)
            self.assertAlmostEqual(cap_area_mm2(radius, off), crown.area - left.area, delta=1e-5)

    def test_by_hand(self) -> None:
        # Half a circle of 2.4 mm: radius 1.2. 0.2 off: 2 sqrt(1.44 - 1.00) = 1.327. Area pi 1.44 /
        # 2 = 2.262.
        self.assertAlmostEqual(crown_radius_mm(2.4, 1.2), 1.2)
        self.assertAlmostEqual(flat_mm(2.4, 1.2, 0.2), 2 * math.sqrt(0.44), places=9)
        self.assertAlmostEqual(cap_area_mm2(1.2, 1.2), math.pi * 0.72, places=9)
        # 3-4-5: radius 1.25, the flat 1.5 wide lies 1.0 over the centre, so 0.25 went.
        self.assertAlmostEqual(worn_mm(2.5, 1.25, 1.5), 0.25)

    def test_a_flat_tells_the_metal_that_made_it(self) -> None:
        for off in (0.02, 0.1, 0.3):
            self.assertAlmostEqual(worn_mm(2.4, 1.1, flat_mm(2.4, 1.1, off)), off, places=9)

    def test_sizes_that_can_not_be_are_refused(self) -> None:
        for width, height in ((0.0, 1.0), (2.4, 0.0), (-1.0, 1.0)):
            with self.assertRaises(ValueError):
                crown_radius_mm(width, height)

    def test_what_is_to_be_done(self) -> None:
        self.assertEqual(crown_after(1, 2.4, 1.2, 0.005).says, "as it is")
        self.assertEqual(crown_after(1, 2.4, 1.2, 0.1).says, "crown")
        # Common practice, no source: 0.8 mm with grooves that would leave under half a millimetre
        # is too little.
        self.assertEqual(crown_after(1, 2.4, 0.8, 0.35).says, "too low")
        self.assertEqual(crown_after(1, 2.4, 1.2, 0.62).says, "too wide")

    def test_levels_left(self) -> None:
        # Common practice, no source: 1.4 mm levelled to 1.0 is fine; 0.6 under a least of 0.8 is
        # none.
        self.assertEqual(levels_left(1.4, 0.8), 6)
        self.assertEqual(levels_left(0.75, 0.8), 0)


class Table(unittest.TestCase):
    def test_the_worst_lane_speaks_and_measured_widths_count(self) -> None:
        crown = np.full((22, 3), 1.2)
        off = np.zeros((22, 3))
        off[4] = (0.0, 0.02, 0.15)
        off[9] = 0.6
        table = recrown(NECK, crown, off, 0.8, {})
        self.assertEqual([one.fret for one in table.due], [5])
        self.assertEqual([one.fret for one in table.stuck], [10])
        self.assertAlmostEqual(table.crowns[4].flat_mm, flat_mm(NECK.wire_width_mm, 1.2, 0.15))
        wide = recrown(NECK, crown, off, 0.8, {5: 3.0})
        self.assertGreater(wide.crowns[4].flat_mm, table.crowns[4].flat_mm)
        self.assertEqual(wide.file.text, "wide")


if __name__ == "__main__":
    unittest.main()
