"""Arcs, springback, wedges, angle and wire life against worked figures, a geometry library and a
beam library.
"""

import itertools
import unittest

import numpy as np
from anastruct import SystemElements
from shapely.geometry import Point

from nuvrek.mechanics.angle import angle_by_truing_mm
from nuvrek.mechanics.tang_wedge import lift_shape, wedge_rad
from nuvrek.mechanics.wire_bending import bend_to_mm, stand_off_mm
from nuvrek.mechanics.wire_life import years_left
from nuvrek.neck.radius import arc_mm
from nuvrek.planning.refret.truing import sags_mm


class WorkedByHand(unittest.TestCase):
    """Each worked out by hand from the relation that its function names."""

    def test_arc(self) -> None:
        self.assertAlmostEqual(arc_mm(305.0, 56.0), 56.079, places=3)
        self.assertAlmostEqual(arc_mm(184.15, 56.0), 56.218, places=3)

    def test_springback(self) -> None:
        self.assertAlmostEqual(bend_to_mm(240.0, 450.0, 125_000.0, 2.6), 122.5, delta=0.1)
        with self.assertRaises(ValueError):
            bend_to_mm(0.0, 450.0, 125_000.0, 2.6)

    def test_stand_off(self) -> None:
        self.assertAlmostEqual(stand_off_mm(52.0, 240.0, 305.0), 0.30, places=2)

    def test_angle(self) -> None:
        scale = 648.0
        for fret, share in ((14, 0.80), (20, 0.46)):
            place = scale * (1.0 - 2.0 ** (-fret / 12.0))
            self.assertAlmostEqual(angle_by_truing_mm(1.0, scale, place), share, places=2)

    def test_wedges(self) -> None:
        theta = float(wedge_rad(0.05, 1.5, 8.4, 50.0, 3.44e8, 0.2, 12_000.0))
        self.assertAlmostEqual(theta, 2.19e-4, delta=0.01e-4)
        # Fourteen of them, frets 2 to 15 of a 648 mm scale, between frets 1 and 16.
        x = 648.0 * (1.0 - 2.0 ** (-np.arange(1, 17) / 12.0))
        middle = np.array([0.5 * (x[0] + x[-1])])
        dip = theta * float(lift_shape(middle, x[1:-1], float(x[0]), float(x[-1])).sum())
        self.assertAlmostEqual(dip, 0.141, places=3)
        # Evenly spaced the sum is about n theta L / 8.
        even = np.linspace(0.0, 450.0, 102)[1:-1]
        many = theta * float(lift_shape(np.array([225.0]), even, 0.0, 450.0).sum())
        self.assertAlmostEqual(many / (100 * theta * 450.0 / 8.0), 1.0, delta=0.02)

    def test_wire_life(self) -> None:
        self.assertAlmostEqual(years_left(1.15, 0.80, 0.06, 0.02), 4.4, delta=0.03)
        # Twice the hardness, half the wear.
        self.assertAlmostEqual(years_left(1.15, 0.80, 0.06, 0.02, 2.0), 7.0)


class AgainstLibraries(unittest.TestCase):
    def test_sag_and_arc_against_a_geometry_library(self) -> None:
        for radius, wide in ((184.15, 56.0), (305.0, 45.0), (406.4, 62.0)):
            circle = Point(0.0, 0.0).buffer(radius, quad_segs=200_000).exterior
            half = 0.5 * wide
            edge = Point(half, (radius**2 - half**2) ** 0.5)
            sag = float(sags_mm(np.array([radius]), np.array([[half]]))[0, 0])
            self.assertAlmostEqual(sag, radius - edge.y, places=9)
            # From the top of the circle to the edge of the board along its outline.
            to_edge = circle.project(edge) - circle.project(Point(0.0, radius))
            along = 2.0 * min(abs(to_edge), circle.length - abs(to_edge))
            self.assertAlmostEqual(arc_mm(radius, wide), along, delta=2e-3)

    def test_the_lift_of_a_kink_against_a_beam_library(self) -> None:
        """By Maxwell's rule of reciprocity the lift at X by a unit kink at x_i is the moment at x_i
        of a unit load at X (influence line of a simply supported beam).
        """
        span, load, places = 450.0, 180.0, (60.0, 180.0, 300.0, 420.0)
        beam = SystemElements()
        stops = [0.0, *places, span]
        for from_mm, to_mm in itertools.pairwise(stops):
            beam.add_element([[from_mm, 0.0], [to_mm, 0.0]])
        beam.add_support_hinged(1)
        beam.add_support_roll(len(stops))
        beam.point_load(stops.index(load) + 1, Fy=-1.0)
        beam.solve()
        lift = lift_shape(np.array([load]), np.array(places), 0.0, span)[0]
        for element, mm in zip(range(1, 5), lift, strict=True):
            found = beam.get_element_results(element, verbose=True)["M"][-1]
            self.assertAlmostEqual(abs(found), mm, places=6)


if __name__ == "__main__":
    unittest.main()
