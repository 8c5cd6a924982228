import unittest

import numpy as np

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.view import view_of
from nuvrek.estimate.heightmap import line_projection, map_neck
from nuvrek.readings.entries import Dial, State
from nuvrek.readings.told.drifts import drifts_of
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import NECK, neck_state, rng
from tests.test_keypad import KeypadCase


class Evidence(unittest.TestCase):
    def test_a_run_gives_the_tops_within_hundredths_however_the_beam_lies(self) -> None:
        errors, inside = [], []
        for seed in range(12):
            truth = make_truth(NECK, Condition(), rng(seed))
            now = neck_state(measure_round(Bench(truth, rng(seed + 90)), "indicator"))
            neck_map = map_neck(now)
            off = (
                neck_map.tops_mm - line_projection(NECK) @ truth.tops_mm(State(strings="slack"))[1:]
            )
            errors.append(float(np.sqrt(np.mean(off**2))))
            keep = neck_map.tops_doubt_mm > 1e-6
            inside.append(np.abs(off)[keep] <= neck_map.tops_doubt_mm[keep])
        self.assertLess(float(np.median(errors)), 0.006)
        self.assertGreater(float(np.concatenate(inside).mean()), 0.85)

    def test_two_runs_on_one_lane_have_a_beam_each(self) -> None:
        flat = [
            Dial(lane="bass", fret=f, run=run, reading_mm=0.5 * run)
            for run in (1, 2)
            for f in range(1, 23)
        ]
        tops = map_neck(neck_state(flat, NECK)).tops_mm[:, 0]
        np.testing.assert_allclose(tops, 0.0, atol=0.004)


class AtTheKeypad(KeypadCase):
    def test_one_press_a_fret_and_a_mended_one(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "enter", ".010", "enter", ".02", "enter")
        self.assertIn("fret 3?", say(view_of(keypad).prompt))
        self.press(keypad, "back")
        self.assertIn("fret 2?", say(view_of(keypad).prompt))
        keypad.gauge("0.021 mm")
        self.press(keypad, "left", "left", ".011", "enter")
        for _ in range(21):
            keypad.gauge("-0.005 mm")
        dials = [
            one.reading for one in self.session.neck_state.taken if isinstance(one.reading, Dial)
        ]
        self.assertEqual(sorted(d.fret for d in dials), list(range(1, 23)))
        self.assertEqual({d.run for d in dials}, {self.session.neck_state.round_number})
        self.assertEqual(keypad.station.key if keypad.station else "", "dial-middle")

    def test_a_second_pass_at_the_end_leaves_the_first_as_it_is(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "enter")
        for lane in range(3):
            for _ in range(22):
                keypad.gauge(f"0.0{lane}0 mm")
        self.press(keypad, "/", "1.1", "enter")
        self.assertIn("Once more", say(view_of(keypad).prompt))
        for _ in range(22):
            keypad.gauge("0.010 mm")
        self.assertTrue(keypad.finished)
        dials = [one.reading for one in self.session.neck_state.taken]
        bass = [one for one in dials if isinstance(one, Dial) and one.lane == "bass"]
        self.assertEqual((len(bass), len({one.run for one in bass})), (44, 2))
        self.assertEqual(len(drifts_of(self.session.neck_state)), 1)

    def test_a_run_that_was_left_goes_on_at_the_next_fret(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "*", ".01", "enter", ".02", "enter")
        again = Keypad(self.session, "indicator", lambda _kind: Unit.MM)
        self.assertIn("fret 3?", say(view_of(again).prompt))

    def test_the_minus_key_turns_the_sign(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "enter", ".01-", "enter", "-.02", "enter", "-.03+", "enter")
        dials = [
            one.reading.reading_mm
            for one in self.session.neck_state.taken
            if isinstance(one.reading, Dial)
        ]
        self.assertEqual(dials, [-0.01, -0.02, 0.03])
