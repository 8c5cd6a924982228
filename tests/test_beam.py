"""The beam against textbook cases and a library for frames.

Textbook: Gere and Goodno, Mechanics of Materials, appendix of deflections; Roark's Formulas (values
from memory).
"""

import unittest

import numpy as np
from anastruct import SystemElements

from nuvrek.mechanics.beam import (
    HALF_ELLIPSE,
    bend_profile,
    curvature_to_line_mm,
    dip_below_ends_mm,
    modulus_of,
    pull_by_beam_mm,
    stiffness_nmm2,
)
from nuvrek.neck.scale import place_row_mm
from tests.support import NECK, neck_with

LONG, EI = 400.0, 2.0e8
X = np.linspace(0.0, LONG, 401)
EVEN = np.full(401, EI)


class Textbook(unittest.TestCase):
    def test_simply_supported(self) -> None:
        # Even moment: M L^2 / 8 EI; load P in the middle: P L^3 / 48 EI; even load q: 5 q L^4 / 384
        # EI.
        self.assertAlmostEqual(
            dip_below_ends_mm(X, np.full(401, 900.0), EVEN)[200], 900.0 * LONG**2 / 8 / EI, 6
        )
        point = 10.0 / 2 * np.minimum(X, LONG - X)
        self.assertAlmostEqual(dip_below_ends_mm(X, point, EVEN)[200], 10.0 * LONG**3 / 48 / EI, 6)
        spread = 0.1 * X * (LONG - X) / 2
        self.assertAlmostEqual(
            dip_below_ends_mm(X, spread, EVEN)[200], 5 * 0.1 * LONG**4 / 384 / EI, 4
        )

    def test_cantilever(self) -> None:
        # Load P at the free end: P L^3 / 3 EI there.
        line = curvature_to_line_mm(X, 10.0 * (LONG - X), EVEN)
        self.assertAlmostEqual(line[-1], 10.0 * LONG**3 / 3 / EI, 6)

    def test_tapered_cantilever(self) -> None:
        # A width that tapers to a point gives an even curvature P L / EI0, so the end falls by P
        # L^3 / 2 EI0.
        wedge = EI * np.maximum(LONG - X, 1e-9) / LONG
        line = curvature_to_line_mm(X, 10.0 * np.maximum(LONG - X, 1e-9), wedge)
        self.assertAlmostEqual(line[-1], 10.0 * LONG**3 / 2 / EI, 6)

    def test_half_round_section(self) -> None:
        # Integrated strip by strip: second moment of a half circle of radius 1 about its own
        # centroid.
        y = (np.arange(200_000) + 0.5) / 200_000
        wide = 2.0 * np.sqrt(1.0 - y**2)
        centre = np.sum(y * wide) / np.sum(wide)
        self.assertAlmostEqual(HALF_ELLIPSE, np.sum((y - centre) ** 2 * wide) / 200_000, places=6)


class AgainstFrameLibrary(unittest.TestCase):
    def test_a_neck_bends_as_the_library_says(self) -> None:
        # The same tapered neck in many short elements, a moment on both ends, held at fret 1 and at
        # the joint.
        places = place_row_mm(NECK)
        x = np.linspace(places[1], places[NECK.joint_fret], 121)
        ei = stiffness_nmm2(NECK, x)
        frame = SystemElements()
        for left, right, here, there in zip(x[:-1], x[1:], ei[:-1], ei[1:], strict=True):
            frame.add_element([[left, 0.0], [right, 0.0]], EI=0.5 * (here + there), EA=1e12)
        frame.add_support_hinged(1)
        frame.add_support_roll(121)
        frame.moment_load(1, -5000.0)
        frame.moment_load(121, 5000.0)
        frame.solve()
        theirs = np.array([frame.get_node_displacements(n)["uy"] for n in range(1, 122)])
        ours = dip_below_ends_mm(x, np.full(121, 5000.0), ei)
        np.testing.assert_allclose(ours, np.abs(theirs), atol=2e-4 * ours.max())


class Necks(unittest.TestCase):
    def test_profile_is_one_half_way_nil_at_the_ends_and_straight_past_the_joint(self) -> None:
        bend, x = bend_profile(NECK), place_row_mm(NECK)
        self.assertAlmostEqual(bend[1], 0.0, places=3)
        self.assertAlmostEqual(bend[16], 0.0, places=9)
        self.assertAlmostEqual(float(np.interp(0.5 * (x[1] + x[16]), x, bend)), 1.0, delta=0.01)
        slopes = np.diff(bend[16:]) / np.diff(x[16:])
        np.testing.assert_allclose(slopes, slopes[0])

    def test_size_is_that_of_necks(self) -> None:
        # Common practice, no source: strings pull about 6 thou into a guitar neck; wood alone gives
        # two to four times that.
        dip = pull_by_beam_mm(NECK, 700.0)
        self.assertTrue(1.0 < dip / (6 * 0.0254) < 5.0, dip)
        self.assertGreater(modulus_of("hard maple"), modulus_of("mahogany"))
        self.assertLess(pull_by_beam_mm(neck_with(neck_wood="maple"), 700.0), dip)


if __name__ == "__main__":
    unittest.main()
