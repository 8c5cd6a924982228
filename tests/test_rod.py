import unittest

from nuvrek.exchange.answers import plan_answer
from nuvrek.neck.description import NeckDescription, RodKind
from nuvrek.planning.rod import rod_stops
from nuvrek.readings.kinds import AnyEntry, RodFeel, RodMove, State, StringGap
from nuvrek.readings.kit import Kit
from nuvrek.readings.rounds import round_of
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.simulator.variety import varied_neck
from nuvrek.surface.heightmap import map_neck
from nuvrek.surface.measurer import Measurer
from nuvrek.surface.shapes import relief_tuned
from tests.support import NECK, compute, measured, present, rng


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


class SpentRods(unittest.TestCase):
    def test_a_spent_rod_is_recognised_and_a_weak_one_is_not_taken_for_it(self) -> None:
        for seed in range(4):
            for response, spent in ((0.0, True), (0.25, False)):
                truth = make_truth(
                    NECK, Condition(proud=0, low=0, slack_dip_mm=0.4, rod_per_turn_mm=response), rng(seed)
                )
                bench, entries = Bench(truth, rng(seed + 3)), []
                stations = [
                    s for s in round_of("full", NECK, Kit()).stations if s.by == "string" and s.supports
                ]
                for turns in (0.0, 0.25, 0.5):
                    if turns:
                        entries.append(RodMove(turns=0.25))
                    entries += [
                        bench.string_gap(s, State(rod_turns=turns)) for s in stations if s.supports != (0, 3)
                    ]
                kinds = [stop.kind for stop in rod_stops(map_neck(present(entries)))]
                self.assertEqual("no-answer" in kinds, spent, (seed, response))


class Tuned(unittest.TestCase):
    def test_relief_follows_the_tension_between_slack_and_pitch(self) -> None:
        truth, entries = measured(12)
        measurer = Measurer(map_neck(present(entries, truth.neck)))
        pitch, lower = relief_tuned(measurer, 0), relief_tuned(measurer, -2)
        self.assertAlmostEqual(
            pitch.mm, sum(measurer.map.relief_at(s, "pitch").mm for s in ("bass", "treble")) / 2
        )  # type: ignore[arg-type]
        slack = relief_tuned(measurer, -120)
        # By hand: a tone lower the tension is 0.7937 of what it was.
        self.assertAlmostEqual(lower.mm, slack.mm + 0.7937 * (pitch.mm - slack.mm), places=3)

    def test_its_range_holds_on_made_up_necks(self) -> None:
        held = []
        for seed in range(200, 260):
            _, truth, bench = varied_neck(seed)
            entries = measure_round(bench, "full")
            measurer = Measurer(map_neck(present(entries, truth.neck)))
            forecast = relief_tuned(measurer, -2)
            x = measurer.x
            middle = measurer.nearest(1, truth.neck.joint_fret, 0.5)
            share = (x[middle] - x[1]) / (x[truth.neck.joint_fret] - x[1])
            dip = []
            for k in (0, 2):
                slack, pitch = (truth.wood_mm(State(strings=s))[:, k] for s in ("slack", "pitch"))
                wood = slack + 0.7937 * (pitch - slack)
                dip.append((1 - share) * wood[1] + share * wood[truth.neck.joint_fret] - wood[middle])
            held.append(abs(sum(dip) / 2 - forecast.mm) <= 1.6449 * forecast.sd_mm)
        share_held = sum(held) / len(held)
        # The aim is 85 to 95 %; sixty necks leave it uncertain by 4 %.
        self.assertGreater(share_held, 0.80)
