"""Journals of many years, and journals made to hurt: the work they make stays bounded, what is
carried over is what all readings together say, and a solve can be left.
"""

import threading
import unittest
from typing import Any
from unittest import mock

import numpy as np
from benchmarks.long_lived import ten_years

from nuvrek import patience
from nuvrek.bench.pages.history import days_of, history
from nuvrek.desktop import solver
from nuvrek.estimate.heightmap import NINE_IN_TEN, map_neck
from nuvrek.estimate.model import chapters, unknowns
from nuvrek.estimate.model.evidence import gather
from nuvrek.estimate.model.unknowns import unknowns_of
from nuvrek.neck.description import LANES
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import (
    AnyEntry,
    CrownHeight,
    Dial,
    Filed,
    Heated,
    RodMove,
    Seated,
    State,
    StringGap,
)
from nuvrek.readings.journal import Later, fold
from tests.support import EVERY, WindowCase, neck_state, rng


def filed(*places: tuple[int, str], mm: float = 0.01) -> Filed:
    return Filed(way="spot-level", off=tuple((fret, lane, mm) for fret, lane in places))


def crown(fret: int, mm: float, at: str = "") -> CrownHeight:
    return CrownHeight(lane="bass", fret=fret, height_mm=mm, at=at)


def random_journal(seed: int, length: int) -> list[AnyEntry]:
    """Numbers only: readings, metal work, rod and heat in any order, on several days."""
    draw, entries = rng(seed), list[AnyEntry]()
    for n in range(length):
        fret, day = int(draw.integers(2, 16)), f"20{20 + n // 40}-05-01"
        match int(draw.integers(0, 9)):
            case 0:
                entries.append(filed((fret, "bass"), (fret, "middle"), mm=0.02))
            case 1:
                entries.append(Seated(fret=fret))
            case 2:
                entries.append(RodMove(turns=float(draw.choice([-0.25, 0.125]))))
            case 3:
                entries.append(Heated())
            case 4:
                # Beams of their own: a run that is cut by the end of a chapter is two.
                mm = round(float(draw.normal(0.0, 0.05)), 2)
                entries.append(Dial(lane="bass", fret=fret, run=n, reading_mm=mm, at=day))
            case 5 | 6:
                entries.append(crown(fret, round(float(draw.normal(1.1, 0.03)), 2), day))
            case _:
                mm = round(abs(float(draw.normal(0.03, 0.03))) + 0.01, 2)
                # Between neighbours there is nothing else to lie on.
                gap = StringGap(
                    lane="bass",
                    fret=fret,
                    low_support=fret - 1,
                    high_support=fret + 1,
                    gap_mm=mm,
                    at=day,
                )
                entries.append(gap)
    return entries


class ManySurfaces(unittest.TestCase):
    def test_a_fret_filed_two_hundred_times_is_no_heavier_than_one_filed_once(self) -> None:
        once = unknowns_of(neck_state([filed((5, "bass")), crown(5, 1.0)]))
        often = unknowns_of(neck_state([*[filed((5, "bass"))] * 200, crown(5, 1.0)]))
        self.assertEqual(often.size, once.size)

    def test_errors_of_steps_with_nothing_read_between_add_up_as_variances(self) -> None:
        # Independent errors: the variance of a sum is the sum of the variances (JCGM 100:2008,
        # 5.1.2).
        now = neck_state([filed((5, "bass"), mm=0.05)] * 9)
        rows, constants = unknowns_of(now).deviations(now.surface)
        before, _ = unknowns_of(neck_state([])).deviations({})
        gained = np.sum(rows[5, 0] ** 2) - np.sum(before[5, 0] ** 2)
        each = tool_errors.FILED_ERROR_MM + tool_errors.FILED_SHARE_ERROR * 0.05
        self.assertAlmostEqual(gained, 9 * each**2, places=12)
        self.assertAlmostEqual(constants[5, 0], -0.45)

    def test_no_journal_makes_a_chapter_of_many_unknowns(self) -> None:
        whole = [(fret, lane) for fret in range(1, 23) for lane in LANES]
        gap = StringGap(lane="bass", fret=8, low_support=1, high_support=16, gap_mm=0.2)
        times = 300 if EVERY else 100
        bombs: tuple[list[AnyEntry], ...] = (
            [filed(*whole), gap] * (times // 5),
            [RodMove(turns=0.1), gap] * (3 * times),
            [Heated(), gap] * (3 * times),
            [Seated(fret=5), filed((5, "bass")), gap] * (3 * times),
            [Dial(lane="bass", fret=5, run=n, reading_mm=0.0) for n in range(5 * times)],
            [crown(5, 1.0, f"{1700 + n}-01-01") for n in range(5 * times)],
        )
        for entries in bombs:
            with self.subTest(kind=type(entries[0]).__name__, at=entries[-1].at):
                neck_map = map_neck(neck_state(entries))
                sizes = [c.unknowns.size for c in neck_map.earlier]
                self.assertLess(max(sizes, default=0), 600)
                self.assertLess(neck_map.gathering.unknowns.size, 600)


class CarriedOver(unittest.TestCase):
    def map_by_hand(self, entries: list[AnyEntry]) -> tuple[Any, Any]:
        """Tops and their doubts by one textbook update of a normal prior with all readings."""
        now = neck_state(entries)
        made = unknowns_of(now)
        rows = gather(made, now.taken, {})
        rows = rows.only(np.array([bool(numbers) for numbers in rows.numbers]))
        precision = rows.weight / rows.sigma**2
        covariance = np.linalg.inv(np.eye(made.size) + (rows.rows.T * precision) @ rows.rows)
        z = covariance @ (rows.rows.T @ (precision * (rows.lo - rows.constant)))
        tops, constant = made.tops(now.surface, now.state)
        spread = np.sqrt(np.einsum("fkn,nm,fkm->fk", tops, covariance, tops))
        return tops @ z + constant, spread

    def test_chapters_say_what_all_readings_at_once_say(self) -> None:
        # With normal errors and priors a filter is exact: Rasmussen and Williams, eq. 2.11, for the
        # whole; nothing may be lost between chapters.
        tails = ("CROWN_TAIL", "LANE_TAIL", "HUMPS_TAIL", "WEAR_TAIL")
        normal = dict.fromkeys(tails, np.inf)
        for seed in range(4):
            entries = random_journal(seed, 160)
            with (
                mock.patch.multiple(unknowns, **normal),
                mock.patch("nuvrek.estimate.model.solver.BOUNDED", 1e9),
                mock.patch("nuvrek.estimate.model.oddness.MOST_ODD", 0),
                mock.patch("nuvrek.estimate.model.settling.MOST_ODD", 0),
                # So soft that the bounds of the pull say nothing.
                mock.patch("nuvrek.estimate.model.evidence.PULL_BOUND_MM", 1e6),
                mock.patch.multiple(chapters, READINGS=25, UNKNOWNS=15),
            ):
                mean, spread = self.map_by_hand(entries)
                neck_map = map_neck(neck_state(entries))
            self.assertGreater(len(neck_map.earlier), 2)
            made, solution = neck_map.gathering.unknowns, neck_map.solution
            now = neck_map.neck_state
            tops, constant = made.tops(now.surface, now.state)
            ours = np.sqrt(np.einsum("fkn,nm,fkm->fk", tops, solution.covariance, tops))
            # The readings leave level and slope open, the prior does not: all can be compared.
            np.testing.assert_allclose(tops @ solution.z + constant, mean, atol=2e-4)
            np.testing.assert_allclose(ours, spread, rtol=1e-2)

    def test_what_is_written_later_never_moves_a_chapter(self) -> None:
        entries = random_journal(9, 400)
        with mock.patch.multiple(chapters, READINGS=40, UNKNOWNS=20):
            whole = chapters.chapters(neck_state(entries))
            for length in range(20, 400, 37):
                part = chapters.chapters(neck_state(entries[:length]))
                for early, late in zip(part[:-1], whole, strict=False):
                    self.assertEqual((early.taken, early.work), (late.taken, late.work))
                    self.assertEqual(early.surface, late.surface)

    def test_the_history_hands_closed_chapters_on_and_says_what_each_visit_says(self) -> None:
        truth, entries = ten_years(3)
        days = days_of(entries)[:4]
        entries = entries[: days[-1][1]]
        *_, last = history(truth.neck, entries)
        alone = map_neck(fold(truth.neck, entries))
        self.assertTrue(alone.earlier, "no chapter is closed")
        np.testing.assert_array_equal(np.array(last.tops), alone.tops_mm)
        np.testing.assert_array_equal(np.array(last.doubts), alone.tops_doubt_mm)

    def test_a_closed_chapter_is_not_solved_again(self) -> None:
        entries = random_journal(3, 200)
        with mock.patch.multiple(chapters, READINGS=40, UNKNOWNS=20):
            before = map_neck(neck_state(entries))
            after = map_neck(neck_state([*entries, crown(7, 1.1, entries[-1].at)]), before)
        self.assertTrue(before.earlier)
        for a, b in zip(before.earlier, after.earlier, strict=True):
            self.assertIs(a, b)

    def test_a_move_of_the_rod_is_told_by_the_chapter_it_lies_in(self) -> None:
        entries = random_journal(5, 200)
        with mock.patch.multiple(chapters, READINGS=40, UNKNOWNS=20):
            neck_map = map_neck(neck_state(entries))
        for moves, (_, shift) in enumerate(neck_map.neck_state.shifts, 1):
            made, solution = neck_map.after_moves(moves)
            self.assertLessEqual(made.moves_before, moves, shift)
            row = made.wood(State(rod_moves=moves))[0][8, 0]
            self.assertLess(NINE_IN_TEN**2 * row @ solution.covariance @ row, 4.0)
        self.assertTrue(any(isinstance(s, Later) for _, s in neck_map.neck_state.shifts))


class Left(WindowCase):
    """A solve that takes long is said, can be left, and never holds the window."""

    def setUp(self) -> None:
        super().setUp()
        self.begun, self.ended = threading.Event(), list[str]()

    def endless(self, *_: object) -> None:
        self.begun.set()
        try:
            while True:
                patience.ask()
                threading.Event().wait(0.01)
        except patience.NoLongerWanted:
            self.ended.append("left")
            raise

    def test_closing_leaves_a_solve_that_never_ends(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        with mock.patch.object(solver, "see", self.endless):
            window.stages["Shelf"]._open(2)
            self.wait_until(self.begun.is_set)
            self._close(window)
        self.assertEqual(self.ended, ["left"])
        self.assertEqual(solver.left_running, [])

    def test_a_slow_solve_is_said_and_can_be_stopped(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        with mock.patch.object(solver, "see", self.endless):
            window.stages["Shelf"]._open(2)
            window.show_stage("Map")
            self.wait_until(self.begun.is_set)
            for _ in range(5):
                window.app._on_second()
            self.assertIn("5 s", window.bar.stop.text())
            self.assertTrue(window.bar.stop.isVisible())
            window.bar.stop.click()
            self.wait_until(lambda: not window.app.busy)
            window.app._on_second()
            self.assertFalse(window.bar.stop.isVisible())
            self.assertIn("Stopped", window.bar.message.text())
        # The neck is as it was, and another reading has it solved again.
        window.app.session.append(crown(3, 1.1))
        self.wait_until(lambda: window.app.solved is not None)

    def test_another_neck_does_not_wait_for_a_slow_one(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        real = solver.see
        slow_once = [self.endless, real, real]
        with mock.patch.object(solver, "see", lambda *a: slow_once.pop(0)(*a)):
            window.stages["Shelf"]._open(2)
            self.wait_until(self.begun.is_set)
            window.stages["Shelf"]._open(3)
            self.wait_until(lambda: window.app.solved is not None)
        self.assertEqual(window.app.solved.identity.neck, window.app.session.neck_id)
        self.assertNotIn("Stopped", window.bar.message.text())


if __name__ == "__main__":
    unittest.main()
