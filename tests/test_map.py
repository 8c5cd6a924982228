import unittest

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.estimate.model.solver import log_likelihood
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.planning.plan import make_plan
from nuvrek.readings.entries import (
    CrownHeight,
    Describe,
    Filed,
    OthersStill,
    Rock,
    RodMove,
    Seated,
    State,
    Strike,
    StringGap,
)
from nuvrek.readings.journal import advance
from nuvrek.simulator.measuring import Bench, measure_basic_round
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.wording.speech import say
from tests.support import measured, neck_state, rng

SLACK = State(strings="slack")


def kinds_of(neck_map: HeightMap) -> dict[str, list[int | None]]:
    found: dict[str, list[int | None]] = {}
    for finding in find(neck_map):
        found.setdefault(finding.kind, []).append(finding.fret)
    return found


def gap(lane: str, mm: float, strings: str = "pitch") -> StringGap:
    return StringGap(
        lane=lane, low_support=1, high_support=16, fret=7, gap_mm=mm, state=State(strings=strings)
    )  # type: ignore[arg-type]


class ProudFretsNamed(unittest.TestCase):
    def test_recall_and_precision_on_50_made_up_necks(self) -> None:
        # Planted: crowns 0.06 mm and more above both neighbours. Seeds 500.. were not used to set
        # any figure.
        hit = missed = wrong = 0
        for seed in range(500, 550):
            truth, bench = simulated_neck(seed)
            named = {
                f.fret
                for f in find(map_neck(neck_state(measure_basic_round(bench), truth.neck)))
                if f.kind in ("proud", "end-up")
            }
            planted = {fret for fret, _ in truth.proud}
            hit += len(named & planted)
            missed += len(planted - named)
            wrong += len(named - planted)
        self.assertGreater(hit + missed, 50)
        self.assertGreaterEqual(hit / (hit + missed), 0.85)
        self.assertGreaterEqual(hit / (hit + wrong), 0.85)

    def test_rocks_marked_but_not_measured_are_named_as_such(self) -> None:
        journal = [
            Rock(lane="bass", fret=9, says="rocks"),
            OthersStill(lane="bass", frets=tuple(f for f in range(2, 22) if f != 9)),
        ]
        self.assertEqual(kinds_of(map_neck(neck_state(journal))).get("rocks"), [9])

    def test_a_low_fret_does_not_make_its_neighbours_proud(self) -> None:
        rocks = [
            Rock(lane=lane, fret=f, says="rocks", gap_mm=0.05) for lane in LANES for f in (8, 10)
        ]
        still = [
            OthersStill(lane=lane, frets=tuple(f for f in range(2, 22) if f not in (8, 10)))
            for lane in LANES
        ]
        found = kinds_of(map_neck(neck_state([*rocks, *still])))
        self.assertEqual(found.get("low"), [9])
        self.assertNotIn("proud", found)

    def test_one_end_up_is_told_from_proud(self) -> None:
        journal = [Rock(lane="treble", fret=11, says="rocks", gap_mm=0.12)]
        journal_still = [
            OthersStill(
                lane=lane, frets=tuple(f for f in range(2, 22) if lane != "treble" or f != 11)
            )
            for lane in LANES
        ]
        self.assertEqual(
            kinds_of(map_neck(neck_state([*journal, *journal_still]))).get("end-up"), [11]
        )


class ReliefFindings(unittest.TestCase):
    def test_over_under_as_wanted_and_back_bow(self) -> None:
        for mm, verdict in ((0.45, "over"), (0.15, "good"), (0.02, "under")):
            with self.subTest(mm):
                found = find(map_neck(neck_state([gap("bass", mm), gap("treble", mm)])))
                self.assertEqual([f.verdict for f in found if f.kind == "relief"], [verdict])
        bowed = find(map_neck(neck_state([gap("bass", -0.1), gap("treble", -0.1)])))
        self.assertEqual([f.kind for f in bowed], ["back-bow"])

    def test_nothing_measured_says_nothing(self) -> None:
        neck_map = map_neck(neck_state([]))
        self.assertEqual(find(neck_map), ())
        self.assertEqual(neck_map.known, (False, False, False))
        one_lane = map_neck(neck_state([gap("bass", 0.2)]))
        self.assertEqual(one_lane.known, (True, False, False))

    def test_common_practice_of_pull(self) -> None:
        # Common practice, no source: 5 thou slack and 11 at pitch mean a pull of 6 thou.
        thou = 0.0254
        journal = [
            gap(lane, mm * thou, strings)
            for lane in LANES
            for mm, strings in ((11, "pitch"), (5, "slack"))
        ]
        neck_map = map_neck(neck_state(journal * 4))
        pulled = neck_map.relief_at("middle", "pitch").mm - neck_map.relief_at("middle", "slack").mm
        # So little light slack leaves room for an edge that lies on a top beside: a little more.
        self.assertAlmostEqual(pulled / thou, 6.0, delta=0.75)

    def test_a_logged_rod_move_teaches_its_response(self) -> None:
        before = [gap("bass", 0.40), gap("treble", 0.40)]
        moved = StringGap(
            lane="bass",
            low_support=1,
            high_support=16,
            fret=7,
            gap_mm=0.30,
            state=State(rod_turns=0.25),
        )
        neck_map = map_neck(neck_state([*before * 3, RodMove(turns=0.25), *[moved] * 3]))
        self.assertAlmostEqual(neck_map.rod_mm_per_turn, 0.4, delta=0.08)
        untaught = map_neck(neck_state(before))
        self.assertLess(neck_map.rod_doubt_mm_per_turn, 0.5 * untaught.rod_doubt_mm_per_turn)


class AfterWork(unittest.TestCase):
    def test_filed_metal_is_gone_from_the_map_and_a_new_reading_settles_it(self) -> None:
        crown = [CrownHeight(lane="bass", fret=9, height_mm=1.2)]
        filed = [*crown, Filed(way="spot-level", off=((9, "bass", 0.1),))]
        after = map_neck(neck_state(filed))
        self.assertAlmostEqual(float(after.crown_mm[8, 0]), 1.1, delta=0.01)
        read = map_neck(neck_state([*filed, CrownHeight(lane="bass", fret=9, height_mm=1.12)]))
        self.assertLess(read.crown_doubt_mm[8, 0], after.crown_doubt_mm[8, 0])

    def test_a_seated_fret_is_uncertain_until_read_again(self) -> None:
        crown = [CrownHeight(lane="middle", fret=9, height_mm=1.2)]
        before, after = map_neck(neck_state(crown)), map_neck(neck_state([*crown, Seated(fret=9)]))
        self.assertGreater(after.crown_doubt_mm[8, 1], 3 * before.crown_doubt_mm[8, 1])


class Honesty(unittest.TestCase):
    def test_stated_doubt_of_tops_holds_the_truth(self) -> None:
        inside = []
        for seed in range(700, 720):
            truth, entries = measured(seed)
            now = neck_state(entries, truth.neck)
            neck_map = map_neck(now)
            from nuvrek.estimate.heightmap import line_projection

            tops = line_projection(truth.neck) @ truth.tops_mm(now.state)[1:]
            keep = neck_map.tops_doubt_mm > 1e-6
            inside.append(np.abs(tops - neck_map.tops_mm)[keep] <= neck_map.tops_doubt_mm[keep])
        share = float(np.concatenate(inside).mean())
        self.assertGreater(share, 0.80)

    def test_a_warm_start_reaches_the_same_heights(self) -> None:
        truth, entries = measured(33)
        cold = map_neck(neck_state(entries, truth.neck))
        now, warm = neck_state(entries[:5], truth.neck), None
        for number, entry in enumerate(entries[5:], 6):
            now = advance(now, number, entry) or self.fail()
            warm = map_neck(now, warm)
        assert warm is not None
        np.testing.assert_allclose(warm.tops_mm, cold.tops_mm, atol=1e-6)
        np.testing.assert_allclose(warm.tops_doubt_mm, cold.tops_doubt_mm, atol=1e-6)
        # A strike, or metal work that only looks alike, starts afresh.
        struck = neck_state([*entries, Strike(entry=len(entries))], truth.neck)
        np.testing.assert_allclose(
            map_neck(struck, warm).tops_mm,
            map_neck(neck_state(entries[:-1], truth.neck)).tops_mm,
            atol=1e-6,
        )
        seated = [
            map_neck(neck_state([*entries, Seated(fret=fret)], truth.neck)) for fret in (7, 9)
        ]
        again = map_neck(neck_state([*entries, Seated(fret=9)], truth.neck), seated[0])
        np.testing.assert_allclose(again.tops_doubt_mm, seated[1].tops_doubt_mm, atol=1e-6)

    def test_derivatives_of_every_likelihood(self) -> None:
        mu = np.array([0.1, 0.1, 0.4, -0.3, 0.02, 5.0])
        lo = np.array([0.12, 0.05, -np.inf, 0.02, 0.0, 0.1])
        hi = np.array([0.12, 0.15, 0.02, np.inf, 0.05, 0.2])
        sigma = np.full(6, 0.02)
        h = 1e-6
        terms = log_likelihood(mu, lo, hi, sigma)
        for i in range(6):
            up, down = mu.copy(), mu.copy()
            up[i] += h
            down[i] -= h
            above, below = log_likelihood(up, lo, hi, sigma), log_likelihood(down, lo, hi, sigma)
            self.assertAlmostEqual(
                terms.slope[i],
                (above.value - below.value) / (2 * h),
                delta=1e-3 * max(1, abs(terms.slope[i])),
            )
            numeric = -(above.slope[i] - below.slope[i]) / (2 * h)
            self.assertAlmostEqual(
                terms.curvature[i], max(numeric, 0.0), delta=1e-2 * max(1.0, abs(numeric))
            )

    def test_readings_on_frets_the_neck_no_longer_has_are_left_out_and_said(self) -> None:
        _, entries = measured(33)
        shorter = NeckDescription(scale_mm=648, frets=18, joint_fret=14)
        work = [
            Filed(way="level", off=tuple((f, "bass", 0.05) for f in (3, 22))),
            Seated(fret=21),
            Describe(neck=shorter),
        ]
        now = neck_state([*entries, *work], shorter)
        neck_map = map_neck(now)
        self.assertEqual(neck_map.tops_mm.shape, (18, 3))
        self.assertGreaterEqual(len(neck_map.left_out), 1)
        plan = make_plan(neck_map, find(neck_map))
        self.assertIn("not used", say(plan.reasons[0]))

    def test_other_kinds_of_necks_solve_as_well(self) -> None:
        for scale, frets, joint in ((330, 12, 7), (508, 19, 12), (864, 24, 16), (864, 36, 20)):
            neck = NeckDescription(scale_mm=scale, frets=frets, joint_fret=joint)
            truth = make_truth(neck, Condition(), rng(1))
            neck_map = map_neck(neck_state(measure_basic_round(Bench(truth, rng(2))), neck))
            self.assertTrue(np.isfinite(neck_map.tops_mm).all())
            self.assertEqual(neck_map.tops_mm.shape, (frets, 3))
