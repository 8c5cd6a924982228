"""The truing of a board against a reference solver, a separate count, and the plain procedure."""

import unittest
from dataclasses import replace

import cvxpy as cp
import numpy as np

from nuvrek.mechanics.angle import angle_by_truing_mm
from nuvrek.neck.scale import fret_places_mm
from nuvrek.planning.refret.truing import (
    MOST_PRICE,
    SAW_PRICE,
    TANG_ROOM_MM,
    Board,
    TrueTo,
    angled,
    block_until_clean,
    radii_mm,
    sags_mm,
    true_board,
    what_would_do,
    wood_of,
)
from nuvrek.wording.speech import say_all
from tests.support import EVERY, rng

TANG_MM = 1.5


def board(seed: int, frets: int = 20, scale_mm: float = 648.0) -> tuple[Board, TrueTo]:
    """A board as it may be found: waves, a twist, the arch worn off another radius; and a shape."""
    r = rng(seed)
    x = fret_places_mm(scale_mm, frets)[1:]
    half = 20.0 + 8.0 * x / x[-1]
    y = half[:, None] * np.array([-0.88, 0.0, 0.88])
    now, end = float(r.choice([240.0, 305.0, 406.0])), float(r.choice([305.0, 406.0]))
    face = -sags_mm(radii_mm("cone", now, now, x, 500.0), y)
    for wave in range(1, 5):
        phase, size = r.uniform(0.0, 6.0, 2), 0.05 / wave * r.standard_normal(2)
        face = face + (size[0] * np.sin(wave * np.pi * x / x[-1] + phase[0]))[:, None]
        twist = size[1] * np.sin(wave * np.pi * x / x[-1] + phase[1])
        face = face + 0.5 * twist[:, None] * np.array([-1.0, 0.0, 1.0])
    bend = np.sin(np.pi * np.clip(x / x[15], 0.0, 1.0))
    slots = r.uniform(1.55, 2.6, frets)
    thick = np.full((frets, 3), float(r.uniform(3.0, 6.0)))
    reach = float(r.choice([0.0, 0.2]))
    shape = ("cylinder", "cone", "compound")[int(r.integers(0, 3))]
    to = TrueTo(radii_mm(shape, now, end, x, 500.0), TANG_MM, float(r.uniform(-0.1, 0.1)), 2.5)
    if r.random() < 0.3:
        corners = np.zeros((frets, 3), dtype=bool)
        corners[-2:, 0] = True
        to = replace(to, corners=corners)
    return Board(x, y, face, bend, slots, thick, -reach, reach), to


def reference(b: Board, to: TrueTo) -> float:
    """The same words written out anew lane by lane, solved by an interior-point method."""
    a, slope, tilt, turn, rod = (cp.Variable() for _ in range(5))
    frets = len(b.x_mm)
    off, saw = cp.Variable((frets, 3), nonneg=True), cp.Variable(frets, nonneg=True)
    missing = cp.Variable((frets, 3), nonneg=True)
    widest, s, radius = np.abs(b.y_mm).max(), b.x_mm / b.x_mm[-1], to.radius_mm
    rules = [rod >= b.rod_low_mm, rod <= b.rod_high_mm]
    for k in range(3):
        y = b.y_mm[:, k]
        face = b.face_mm[:, k] + radius - np.sqrt(radius**2 - y**2) + to.dip_mm * b.bend
        line = a + slope * s + tilt * y / widest + turn * (s * y / widest) + rod * b.bend
        keeps = np.ones(frets) if to.corners is None else (~to.corners[:, k]).astype(float)
        rules += [
            off[:, k] >= face - line,
            off[:, k] <= b.slot_mm - TANG_MM - TANG_ROOM_MM + saw,
            off[:, k] <= b.thick_mm[:, k] - 2.5 + missing[:, k],
            cp.multiply(keeps, line) <= keeps * (face - to.mark_mm),
        ]
    cost = cp.sum(off) + SAW_PRICE * cp.sum(saw) + 1000.0 * cp.sum(missing)
    cost += MOST_PRICE * cp.max(off)
    problem = cp.Problem(cp.Minimize(cost), rules)
    problem.solve(solver=cp.CLARABEL, tol_gap_abs=1e-10, tol_gap_rel=1e-10, tol_feas=1e-10)
    return float(problem.value)


class Program(unittest.TestCase):
    def test_equal_to_a_reference_solver_on_many_boards(self) -> None:
        for seed in range(200 if EVERY else 60):
            b, to = board(seed)
            found = true_board(b, to)
            saw = np.maximum(found.off_mm.max(axis=1) - (b.slot_mm - TANG_MM - TANG_ROOM_MM), 0.0)
            mine = float(found.off_mm.sum()) + SAW_PRICE * float(saw.sum())
            mine += MOST_PRICE * found.most_mm
            self.assertAlmostEqual(mine, reference(b, to), delta=1e-6, msg=f"board {seed}")

    def test_feasible_by_a_separate_count(self) -> None:
        """What is left lies on one surface: by least squares no place stands off it, but for
        corners left alone and what lay lower."""
        for seed in range(60):
            b, to = board(seed)
            found = true_board(b, to)
            left = b.face_mm - found.off_mm
            touched = found.off_mm > to.mark_mm - 1e-9
            corner = np.zeros_like(touched) if to.corners is None else to.corners
            self.assertTrue(np.all(touched | corner))
            for f, k in np.argwhere(touched):
                deep = float(to.radius_mm[f] - np.sqrt(to.radius_mm[f] ** 2 - b.y_mm[f, k] ** 2))
                shape = left[f, k] + deep + (to.dip_mm - found.rod_dip_mm) * b.bend[f]
                along, across = b.x_mm[f] / b.x_mm[-1], b.y_mm[f, k] / np.abs(b.y_mm).max()
                plane = np.array([1.0, along, across, along * across]) @ found.plane[:4]
                self.assertAlmostEqual(shape, plane, places=7)
            deepened = b.slot_mm + found.saw_mm - found.off_mm.max(axis=1)
            self.assertTrue(np.all(deepened >= TANG_MM + TANG_ROOM_MM - 1e-9))

    def test_worked_by_hand_from_one_radius_to_another(self) -> None:
        """A straight board of even width. To a tighter radius only the edges lose wood, to a
        flatter one only the middle, both the difference of two sagittas."""
        x, y = np.linspace(36.0, 430.0, 5), np.full((5, 1), 25.0) * np.array([-1.0, 0.0, 1.0])
        none, deep = np.full((5, 3), np.inf), np.full(5, np.inf)
        sagitta = {r: r - np.sqrt(r**2 - 25.0**2) for r in (254.0, 406.0)}
        apart = sagitta[254.0] - sagitta[406.0]
        for now, then, places in ((406.0, 254.0, 2), (254.0, 406.0, 1)):
            b = Board(x, y, -sags_mm(np.full(5, now), y), np.zeros(5), deep, none)
            found = true_board(b, TrueTo(np.full(5, then), mark_mm=0.0))
            self.assertAlmostEqual(found.most_mm, apart, places=9)
            self.assertAlmostEqual(found.wood_mm, apart * places / 3.0, places=9)

    def test_less_wood_than_a_block_led_until_the_last_mark_is_gone(self) -> None:
        shares = []
        for seed in range(200):
            b, to = board(seed)
            block = block_until_clean(b, replace(to, corners=None))
            shares.append(true_board(b, to).wood_mm / float(block.mean()))
        self.assertLessEqual(float(np.mean(shares)), 0.8)

    def test_the_quick_count_agrees(self) -> None:
        for seed in range(20):
            b, to = board(seed)
            free = replace(b, slot_mm=np.full(20, np.inf), thick_mm=np.full((20, 3), np.inf))
            mine = true_board(free, to)
            # Of as little wood the program takes the evener board: a trace more.
            quick = wood_of(free, to, free.face_mm)
            if to.corners is None:
                self.assertAlmostEqual(mine.wood_mm, quick, delta=0.03 * quick)

    def test_more_off_at_the_nut_raises_the_line_at_the_bridge(self) -> None:
        b, to = board(3)
        b = replace(b, slot_mm=np.full(20, 9.0))
        to = replace(to, corners=None)
        straight, turned = true_board(b, to), true_board(b, angled(b, to, 0.5, float(b.x_mm[13])))
        rise = (turned.plane[1] - straight.plane[1]) / float(b.x_mm[-1])
        at_nut = rise * float(b.x_mm[13])
        self.assertAlmostEqual(at_nut, 0.5, places=6)
        at_bridge = rise * (648.0 - float(b.x_mm[13]))
        self.assertAlmostEqual(at_bridge, angle_by_truing_mm(0.5, 648.0, float(b.x_mm[13])))
        self.assertGreater(turned.wood_mm, straight.wood_mm)


class Refusals(unittest.TestCase):
    def test_too_thin_a_board_names_places_and_what_would_do(self) -> None:
        b, to = board(1)
        b = replace(b, thick_mm=np.full((20, 3), 2.52))
        found = true_board(b, replace(to, corners=None))
        self.assertFalse(found.possible)
        self.assertTrue(all(1 <= fret <= 20 and mm > 0 for fret, _, mm in found.too_thin))
        self.assertIn(
            "agree on a thinner fretboard", say_all(what_would_do(found, corners_stay=False))
        )

    def test_a_radius_the_board_is_too_wide_for(self) -> None:
        with self.assertRaisesRegex(ValueError, "too wide"):
            sags_mm(np.array([20.0]), np.array([[25.0, 0.0, -25.0]]))


if __name__ == "__main__":
    unittest.main()
