"""Arcs, sags and resting edges against Shapely, a general planar-geometry library (a reference
only for these tests).
"""

import unittest

from shapely import LineString, MultiPoint, Point, affinity

from nuvrek.estimate.model.edge_contacts import contacts_around, upper_hull
from nuvrek.neck.radius import arc_mm, sag_mm
from nuvrek.neck.scale import place_row_mm
from tests.support import NECK, rng

# Of the polygon that stands for a circle: its own error is r (pi / sides)^2 / 2, under 1e-6 mm
# here.
SIDES = 40_000


def arc_over(radius_mm: float, width_mm: float) -> LineString:
    """The part of a circle about the origin that a board of the width covers."""
    circle = Point(0, 0).buffer(radius_mm, quad_segs=SIDES // 4).exterior
    strip = Point(0, 0).buffer(width_mm / 2, cap_style="square").envelope
    tall = affinity.scale(strip, 1.0, 4.0 * radius_mm / width_mm, origin=(0, 0))
    upper = circle.intersection(tall).geoms
    return max(upper, key=lambda part: part.centroid.y)


class Radius(unittest.TestCase):
    # Board radii and widths met in practice (common practice, no source for the list).
    CASES = tuple(
        (inch * 25.4, width) for inch in (7.25, 9.5, 10, 12, 16, 20) for width in (43.0, 52.0, 56.0)
    )

    def test_sag_and_arc(self) -> None:
        for radius, width in self.CASES:
            arc = arc_over(radius, width)
            ys = [y for _, y in arc.coords]
            self.assertAlmostEqual(sag_mm(radius, width), max(ys) - min(ys), delta=1e-4)
            self.assertAlmostEqual(arc_mm(radius, width), arc.length, delta=1e-3)

    def test_a_board_wider_than_its_circle_is_refused(self) -> None:
        for measure in (sag_mm, arc_mm):
            with self.assertRaises(ValueError):
                measure(20.0, 41.0)


class Resting(unittest.TestCase):
    def test_the_edge_rests_on_the_hull(self) -> None:
        x = place_row_mm(NECK)
        for seed in range(40):
            heights = 0.1 * rng(seed).standard_normal(len(x))
            hull = MultiPoint(list(zip(x, heights, strict=True))).convex_hull
            corners = {(round(px, 6), round(py, 9)) for px, py in hull.exterior.coords}
            ours = [
                (round(float(x[i]), 6), round(float(heights[i]), 9)) for i in upper_hull(x, heights)
            ]
            self.assertLessEqual(set(ours), corners)
            for fret in range(2, NECK.frets):
                low, high = contacts_around(x, heights, fret, (1, NECK.frets))
                share = (x - x[low]) / (x[high] - x[low])
                over = heights[low] + share * (heights[high] - heights[low])
                others = [f for f in range(1, NECK.frets + 1) if f != fret]
                self.assertTrue(all(heights[f] <= over[f] + 1e-9 for f in others), (seed, fret))
