import unittest

from nuvrek.bench.keypad import Keypad
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.rocker import edge_words, rocker_span_mm
from nuvrek.neck.scale import fret_line_mm
from nuvrek.readings.check import entry_faults
from nuvrek.readings.kinds import RoundStart, StateChange
from nuvrek.readings.rounds import ROUNDS, round_of
from nuvrek.readings.stations import resume_at
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.surface.heightmap import map_neck
from nuvrek.units import Unit
from tests.support import NECK, present, rng
from tests.test_keypad import KeypadCase


class Rounds(unittest.TestCase):
    def test_each_round_fits_every_kind_of_neck(self) -> None:
        for scale, frets, joint in ((648, 22, 16), (330, 12, 7), (200, 5, 4), (864, 36, 20)):
            neck = NeckDescription(scale_mm=scale, frets=frets, joint_fret=joint)
            truth = make_truth(neck, Condition(proud=0, low=0), rng(1))
            for name in ROUNDS:
                stations = round_of(name, neck).stations
                keys = [s.key for s in stations]
                self.assertEqual(len(keys), len(set(keys)), name)
                entries = measure_round(Bench(truth, rng(2)), name)
                for number, entry in enumerate(entries, 1):
                    self.assertEqual(entry_faults(entry, neck, number), [], (name, entry))
                now = present(entries, neck)
                self.assertEqual(resume_at(stations, now), len(stations), name)

    def test_strings_are_slackened_once_and_only_when_they_are_not(self) -> None:
        for name in ("basic", "full"):
            slackened = [
                s for s in round_of(name, NECK).stations if s.kind == "state" and s.state.strings == "slack"
            ]
            self.assertEqual(len(slackened), 1)
        slack = StateChange(state=round_of("basic", NECK).stations[4].state)
        self.assertEqual(round_of("basic", NECK).stations[4].kind, "state")
        after_four = [RoundStart(name="after-seating"), slack]
        self.assertEqual(resume_at(round_of("after-seating", NECK).stations, present(after_four)), 1)

    def test_a_full_survey_knows_the_relief_better_than_a_basic_round(self) -> None:
        better = 0
        for seed in range(8):
            truth = make_truth(NECK, Condition(), rng(seed))
            doubts = [
                map_neck(present(measure_round(Bench(truth, rng(seed + 50)), name)))
                .relief_at("bass", "pitch")
                .doubt_mm
                for name in ("basic", "full")
            ]
            better += doubts[1] < doubts[0]
        self.assertEqual(better, 8)


class AtTheKeypad(KeypadCase):
    def test_changing_the_round_and_coming_back(self) -> None:
        keypad = self.start()
        self.press(keypad, "1.75", "enter")
        keypad.change_round("rocker")
        self.assertEqual(keypad.view().total, 3)
        self.press(keypad, "5*", "enter")
        self.assertEqual((self.session.present.round_name, keypad.view().done), ("rocker", 1))
        again = Keypad(self.session, "rocker", lambda _k: Unit.MM)
        self.assertEqual(again.index, 1)

    def test_marks_of_an_earlier_round_are_neither_shown_nor_struck(self) -> None:
        keypad = self.start(name="rocker")
        self.press(keypad, "5*", "enter", "enter", "enter")
        keypad.change_round("after-seating")
        self.press(keypad, "enter", "enter")
        self.assertEqual(keypad.marked("bass"), {})
        before = len(self.session.present.taken)
        self.press(keypad, "5*")
        self.assertEqual(len(self.session.present.taken), before + 1)
        self.assertEqual(list(keypad.marked("bass")), [5])

    def test_a_sweep_begun_anew_marks_instead_of_unmarking(self) -> None:
        keypad = self.start()
        self.to_sweep(keypad)
        self.press(keypad, "5*", "enter")
        keypad.change_round("rocker")
        self.press(keypad, "5*")
        self.assertEqual(list(keypad.marked("bass")), [5])

    def test_a_round_that_wants_the_strings_as_they_are_asks_for_nothing(self) -> None:
        keypad = self.start(name="quick")
        self.assertEqual(keypad.station.key if keypad.station else "", "height-bass")
        self.session.append(StateChange(state=round_of("basic", NECK).stations[4].state))
        keypad.change_round("quick")
        self.assertEqual(keypad.station.key if keypad.station else "", "to-pitch")


class RockerSpans(unittest.TestCase):
    def test_worked_by_hand(self) -> None:
        # By hand, 648 mm: x_n = 648 (1 - 2^(-n/12)); x4 = 133.68, x6 = 189.80, x3 = 103.10, x7 = 215.51 (mm, two
        # places). Around fret 5 the edge spans 4 to 6: 56.12; a fourth fret is met at 3 (86.70) or at 7 (81.83).
        least, most = rocker_span_mm(NECK, 5)
        self.assertAlmostEqual(least, 56.12, delta=0.01)
        self.assertAlmostEqual(most, 81.83, delta=0.01)

    def test_owned_edges_are_held_against_the_span(self) -> None:
        # Around fret 5 of 648 mm: 56.12 to 81.83 mm, see above.
        self.assertEqual(edge_words(NECK, 5), "edge 57 to 81 mm long")
        self.assertEqual(edge_words(NECK, 5, (40, 60, 90)), "your 60 mm edge fits")
        self.assertEqual(edge_words(NECK, 5, (80, 60)), "your 60 and 80 mm edges fit")
        self.assertIn("none of your edges fits", edge_words(NECK, 5, (40, 90)))

    def test_an_edge_within_the_span_reaches_three_frets_and_no_fourth(self) -> None:
        x = fret_line_mm(NECK.scale_mm, NECK.frets)
        for fret in range(2, 22):
            least, most = rocker_span_mm(NECK, fret)
            self.assertLess(least, most)
            length = 0.5 * (least + most)
            for start in (x[fret - 1], x[fret + 1] - length):
                touched = [f for f in range(23) if start - 1e-9 <= x[f] <= start + length + 1e-9]
                self.assertEqual(touched, [fret - 1, fret, fret + 1])
        for fret in (1, 22):
            with self.assertRaises(ValueError):
                rocker_span_mm(NECK, fret)
