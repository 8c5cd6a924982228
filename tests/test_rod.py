import unittest

from nuvrek.exchange.answers import plan_answer
from nuvrek.neck.description import NeckDescription, RodKind
from nuvrek.planning.rodstops import rod_stops
from nuvrek.readings.kinds import AnyEntry, RodFeel, RodMove, State, StringGap
from nuvrek.surface.heightmap import map_neck
from tests.support import NECK, compute, present


def gaps(mm: float, turns: float = 0.0) -> list[AnyEntry]:
    state = State(rod_turns=turns)
    return [
        StringGap(lane=lane, low_support=1, high_support=16, fret=7, gap_mm=mm, state=state)
        for lane in ("bass", "treble")
    ] * 2


def neck(rod: RodKind) -> NeckDescription:
    return NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, rod=rod)


class StopRules(unittest.TestCase):
    def kinds(self, entries: list[AnyEntry], rod: RodKind = "two-way") -> list[str]:
        return [stop.kind for stop in rod_stops(map_neck(present(entries, neck(rod))))]

    def test_it_resists_or_is_at_its_end(self) -> None:
        self.assertEqual(self.kinds([*gaps(0.5), RodFeel(feel="binding")]), ["resists"])
        self.assertEqual(self.kinds([*gaps(0.5), RodMove(turns=0.125, feel="at its end")]), ["at-end"])
        self.assertEqual(self.kinds([*gaps(0.5), RodFeel(feel="binding"), RodFeel(feel="free")]), [])
        self.assertEqual(self.kinds([*gaps(0.5), RodFeel(feel="binding")], "none"), [])

    def test_two_moves_without_an_answer(self) -> None:
        moves: list[AnyEntry] = [*gaps(0.5), RodMove(turns=0.25), *gaps(0.5, 0.25), RodMove(turns=0.25)]
        self.assertEqual(self.kinds(moves), [])
        self.assertEqual(self.kinds([*moves, *gaps(0.5, 0.5)]), ["no-answer"])
        answered: list[AnyEntry] = [*gaps(0.5), RodMove(turns=0.25), *gaps(0.42, 0.25), RodMove(turns=0.25)]
        self.assertEqual(self.kinds([*answered, *gaps(0.34, 0.5)]), [])

    def test_back_bow_with_a_slack_one_way_rod(self) -> None:
        bowed: list[AnyEntry] = [*gaps(-0.15), RodFeel(feel="slack")]
        self.assertEqual(self.kinds(bowed, "one-way"), ["slack-back-bow"])
        self.assertEqual(self.kinds(bowed, "two-way"), [])

    def test_the_plan_carries_move_forecast_and_stops(self) -> None:
        _, plan = compute(present([*gaps(0.5)], neck("two-way")))
        rod = plan_answer(plan)["rod"]
        self.assertEqual((rod["direction"], rod["turns"], rod["stop"]), ("tighten", 0.25, []))
        self.assertLess(rod["forecast_mm"], 0.5)
        self.assertGreater(rod["doubt_mm"], 0.0)
        _, stopped = compute(present([*gaps(0.5), RodFeel(feel="binding")], neck("two-way")))
        self.assertEqual([s["kind"] for s in plan_answer(stopped)["rod"]["stop"]], ["resists"])
        self.assertFalse(stopped.way("rod").possible)
        _, good = compute(present(gaps(NECK.relief_target_mm), neck("two-way")))
        self.assertIsNone(plan_answer(good)["rod"]["direction"])
