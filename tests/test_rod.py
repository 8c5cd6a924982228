import unittest

from benchmarks.rod_jobs import work_rod

from nuvrek.estimate.heightmap import map_neck
from nuvrek.exchange.answers import plan_answer
from nuvrek.neck.description import NeckDescription, RodKind
from nuvrek.planning.rod.move import RodPlan, plan_rod
from nuvrek.readings.entries import AnyEntry, RodFeel, RodMove, State, StringGap
from nuvrek.readings.told.observed import rod_kind_tried
from tests.support import NECK, compute, neck_state, neck_with


def gaps(mm: float, turns: float = 0.0, high_turns: float = 0.0) -> list[AnyEntry]:
    state = State(rod_turns=turns, rod_high_turns=high_turns)
    return [
        StringGap(lane=lane, low_support=1, high_support=16, fret=7, gap_mm=mm, state=state)
        for lane in ("bass", "treble")
    ] * 2


def neck(rod: RodKind) -> NeckDescription:
    return NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, rod=rod)


class InThePlan(unittest.TestCase):
    def test_the_plan_carries_move_forecast_and_stops(self) -> None:
        solved, plan = compute(neck_state([*gaps(0.5)], neck("two-way")))
        rod = plan_answer(plan, solved.map)["rod"]
        self.assertEqual((rod["direction"], rod["turns"], rod["stop"]), ("tighten", 0.25, []))
        self.assertLess(rod["forecast_mm"], 0.5)
        self.assertGreater(rod["doubt_mm"], 0.0)
        self.assertLess(rod["range_mm"][0], rod["forecast_mm"])
        solved, stopped = compute(
            neck_state([*gaps(0.5), RodFeel(feel="binding")], neck("two-way"))
        )
        self.assertEqual(
            [s["kind"] for s in plan_answer(stopped, solved.map)["rod"]["stop"]], ["resists"]
        )
        self.assertFalse(stopped.way("rod").possible)
        self.assertEqual(stopped.advice, "rod-nut")
        solved, good = compute(neck_state(gaps(NECK.relief_target_mm), neck("two-way")))
        self.assertIsNone(plan_answer(good, solved.map)["rod"]["direction"])


class Moves(unittest.TestCase):
    def plan(self, entries: list[AnyEntry], made: NeckDescription) -> RodPlan:
        plan = plan_rod(map_neck(neck_state(entries, made)))
        assert plan is not None
        return plan

    def test_twin_rods_each_by_its_own_amount(self) -> None:
        entries = [gap for gap in gaps(0.15) if gap.lane == "bass"] + [
            gap for gap in gaps(0.4) if gap.lane == "treble"
        ]  # type: ignore[attr-defined]
        plan = self.plan(entries, neck("twin"))
        turns = dict(plan.moves)
        self.assertEqual(turns["treble"], 0.25)
        self.assertLess(turns.get("bass", 0.0), 0.0)
        self.assertEqual([one.lane for one in plan.forecasts], ["bass", "treble"])
        moved: list[AnyEntry] = [*entries, *(RodMove(turns=t, side=side) for side, t in plan.moves)]
        reliefs = map_neck(neck_state(moved, neck("twin")))
        self.assertLess(reliefs.relief_at("treble", "pitch").mm, 0.36)

    def test_sides_may_want_different_reliefs(self) -> None:
        made = neck_with(rod="twin", relief_target_mm=0.3, relief_high_mm=0.1)
        self.assertAlmostEqual(made.relief_wanted_mm("middle"), 0.2)
        plan = self.plan(gaps(0.3), made)
        self.assertGreater(dict(plan.moves)["treble"], dict(plan.moves).get("bass", 0.0))

    def test_schools(self) -> None:
        # Common practice, no source: nearly flat is a hair, usual is by the kind of instrument.
        self.assertEqual(neck_with(relief_school="flat").relief_wanted_mm("bass"), 0.03)
        self.assertEqual(neck_with(relief_school="usual").relief_wanted_mm("bass"), 0.13)
        self.assertEqual(
            neck_with(relief_school="usual", scale_mm=864.0).relief_wanted_mm("bass"), 0.28
        )

    def test_a_string_on_the_frets_gives_a_direction_without_a_figure(self) -> None:
        lying: list[AnyEntry] = [
            StringGap(lane=lane, low_support=1, high_support=16, fret=fret, wont_go_mm=0.03)
            for lane in ("bass", "treble")
            for fret in (6, 7, 8)
        ] * 2
        plan = self.plan(lying, neck_with(relief_target_mm=0.3))
        self.assertEqual((plan.direction, plan.turns), ("loosen", -0.25))

    def test_rough_and_uncounted_moves_widen_the_doubt(self) -> None:
        doubts = []
        for move in (
            RodMove(turns=0.25),
            RodMove(turns=0.25, rough=True),
            RodMove(turns=0.0, rough=True),
        ):
            neck_map = map_neck(neck_state([*gaps(0.4), move], NECK))
            doubts.append(neck_map.relief_at("bass", "pitch").doubt_mm)
        self.assertEqual(doubts, sorted(doubts))
        # What is read afterwards settles it, counted or not.
        read = map_neck(neck_state([*gaps(0.4), RodMove(turns=0.0, rough=True), *gaps(0.2)], NECK))
        self.assertAlmostEqual(read.relief_at("bass", "pitch").mm, 0.2, delta=0.02)

    def test_an_unknown_rod_is_found_out_by_trying(self) -> None:
        slack: list[AnyEntry] = [RodMove(turns=-0.25, feel="slack")]
        for more, kind in (
            ([], None),
            ([RodMove(turns=-0.25, feel="firm")], "two-way"),
            ([RodMove(turns=-0.25, feel="slack")] * 2, "one-way"),
            ([RodMove(turns=0.25, feel="firm"), RodMove(turns=-0.125, feel="firm")], None),
        ):
            self.assertEqual(rod_kind_tried(neck_state([*slack, *more], neck("unknown"))), kind)
        self.assertIsNone(rod_kind_tried(neck_state([*slack, *slack, *slack], neck("two-way"))))

    def test_slacken_first_where_the_nut_asks_for_it(self) -> None:
        self.assertTrue(self.plan(gaps(0.5), neck_with(rod_access="heel")).slacken_first)
        self.assertFalse(self.plan(gaps(0.5), neck_with(rod_access="head")).slacken_first)


class Loop(unittest.TestCase):
    def test_made_up_rods_are_brought_right_or_given_up(self) -> None:
        jobs = [work_rod(seed, notched=True) for seed in range(24)]
        works = [job for job in jobs if job.condition == "works"]
        self.assertGreater(len(works), 8)
        self.assertLessEqual(max(abs(turns) for job in jobs for turns in job.moves), 0.25)
        near = [abs(job.off_mm) <= 0.03 and job.stop is None for job in works]
        # The aim is 0.90; so few leave it uncertain by a tenth.
        self.assertGreaterEqual(sum(near) / len(near), 0.75)
        # One in twenty-four may go the wrong way about: a map that lies on the wrong frets.
        wrong = [job for job in jobs if (job.stop is None) != (job.condition == "works")]
        self.assertLessEqual(len(wrong), 1, wrong)


if __name__ == "__main__":
    unittest.main()
