import unittest

import numpy as np

from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.estimate.light_gap import lay_edge, light_words
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.evidence import chord_gap
from nuvrek.estimate.next_reading import next_best
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import AnyEntry, CrownHeight, State
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.wording.speech import say
from tests.support import NECK, measured, neck_state, rng

SLACK = State(strings="slack")


def mapped(condition: Condition, seed: int = 3) -> tuple[HeightMap, Bench]:
    truth = make_truth(NECK, condition, rng(seed))
    return map_neck(neck_state(measure_round(Bench(truth, rng(seed + 9)), "full"))), Bench(
        truth, rng(seed + 20)
    )


class Laying(unittest.TestCase):
    def test_a_dip_lies_still_and_shows_the_relief(self) -> None:
        neck_map, _ = mapped(Condition(proud=0, low=0, slack_dip_mm=0.3, rough_mm=0.005))
        measurer = Measurer(neck_map)
        x = measurer.x
        light = lay_edge(measurer, "tops", "slack", 0, x[1] - 1.0, x[16] - x[1] + 2.0)
        assert light is not None
        self.assertFalse(light.rocks)
        self.assertEqual((light.ways[0].low, light.ways[0].high), (1, 16))
        heights = measurer.heights("tops", "slack")
        line = heights[0][:, 0] @ neck_map.solution.z + heights[1][:, 0]
        # What the slit shows at fret 7 is the chord's gap there, worked out by itself.
        gap = sum(w * line[f] for f, w in chord_gap(x, 1, 16, 7))
        self.assertAlmostEqual(light.ways[0].gaps_mm[light.frets.index(7)], gap, places=9)
        self.assertIn("most light at", say(light_words(light, False)))

    def test_a_proud_fret_rocks_both_ways_and_a_low_one_does_not(self) -> None:
        neck_map, bench = mapped(Condition(proud=1, low=0, rough_mm=0.005), 5)
        fret = bench.truth.proud[0][0]
        measurer = Measurer(neck_map)
        x = measurer.x
        light = lay_edge(
            measurer, "tops", "slack", 1, x[fret - 1] - 0.5, x[fret + 1] - x[fret - 1] + 1.0
        )
        assert light is not None
        self.assertTrue(light.rocks)
        self.assertEqual(
            [(w.low, w.high) for w in light.ways], [(fret - 1, fret), (fret, fret + 1)]
        )
        self.assertIn(f"rocks about fret {fret}", say(light_words(light, False)))
        beside = lay_edge(measurer, "tops", "slack", 1, x[fret] - 0.5, x[fret + 2] - x[fret] + 1.0)
        assert beside is not None
        self.assertFalse(beside.rocks)
        self.assertIsNone(lay_edge(measurer, "tops", "slack", 1, x[3] + 1.0, 5.0))

    def test_a_long_edge_on_two_far_points_is_steady_though_its_ends_could_be_pressed_down(
        self,
    ) -> None:
        neck_map, _ = mapped(Condition(proud=2, low=0, slack_dip_mm=0.25, rough_mm=0.005), 11)
        measurer = Measurer(neck_map)
        x = measurer.x
        light = lay_edge(measurer, "tops", "slack", 1, x[1] - 1.0, x[-1] - x[1] + 2.0)
        assert light is not None
        self.assertFalse(light.rocks)
        way = light.ways[0]
        self.assertLess(x[way.low], 0.5 * (x[1] + x[-1]))
        self.assertGreater(x[way.high], 0.5 * (x[1] + x[-1]))

    def test_any_combination_agrees_with_the_map(self) -> None:
        neck_map, _ = mapped(Condition())
        measurer = Measurer(neck_map)
        for k, lane in ((0, "bass"), (2, "treble")):
            relief = measurer.of("wood", measurer.chord(1, 16, 7, k), "pitch")
            known = neck_map.relief_at(lane, "pitch")  # type: ignore[arg-type]
            self.assertAlmostEqual(relief.mm, known.mm, places=9)
            self.assertAlmostEqual(1.6449 * relief.sd_mm, known.doubt_mm, places=9)


class Next(unittest.TestCase):
    def test_an_unread_neck_is_not_sure_enough_and_a_surveyed_one_may_be(self) -> None:
        empty = next_best(map_neck(neck_state([])))
        self.assertFalse(empty.enough)
        self.assertEqual(len(empty.suggestions), 3)
        self.assertIn("relief", say(empty.suggestions[0].reason))
        sure = 0
        for seed in range(6):
            neck_map, _ = mapped(Condition(proud=0, low=0, scatter_mm=0.005), seed)
            sure += next_best(neck_map).enough
        self.assertGreaterEqual(sure, 4)

    def test_the_suggested_reading_lowers_the_doubt_more_than_others_do(self) -> None:
        truth, entries = measured(61)
        entries = [e for e in entries if not isinstance(e, CrownHeight)][:3]
        neck_map = map_neck(neck_state(entries, truth.neck))
        wanted = next(s for s in next_best(neck_map).suggestions if "relief" in say(s.reason))
        bench = Bench(truth, rng(1))
        state = State(strings=wanted.strings)

        def doubt_after(reading: AnyEntry) -> float:
            after = map_neck(neck_state([*entries, reading], truth.neck))
            return sum(after.relief_at(lane, "pitch").doubt_mm for lane in ("bass", "treble"))

        best = doubt_after(bench.take(wanted.station, state)[0])
        others = [
            doubt_after(CrownHeight(lane=lane, fret=fret, height_mm=1.2, state=state))
            for lane in LANES
            for fret in (3, 20)
        ]
        self.assertLess(best, min(others))

    def test_following_it_settles_a_neck_in_few_readings(self) -> None:
        for seed in range(4):
            truth = make_truth(NECK, Condition(proud=1, low=0), rng(seed))
            bench, state, entries = Bench(truth, rng(seed + 5)), State(), []
            for _ in range(14):
                advice = next_best(map_neck(neck_state(entries)))
                if not advice.suggestions:
                    break
                wanted = advice.suggestions[0]
                state = State(strings=wanted.strings)
                entries += self.take(bench, wanted.station, state)
            self.assertTrue(advice.enough or len(advice.suggestions) < 3)
            tops = map_neck(neck_state(entries)).deviation_mm
            fret = truth.proud[0][0]
            self.assertEqual(int(np.argmax(tops.max(axis=1))) + 1, fret)

    def take(self, bench: Bench, station: object, state: State) -> list[AnyEntry]:
        from nuvrek.readings.entries import Rock
        from nuvrek.readings.stations import Station

        assert isinstance(station, Station)
        if station.kind == "sweep" and station.fret:
            swept = bench.rocker_sweep(station.lane, state, "")
            mine = [e for e in swept if isinstance(e, Rock) and e.fret == station.fret]
            return mine or [Rock(lane=station.lane, fret=station.fret, says="still", state=state)]
        return bench.take(station, state)
