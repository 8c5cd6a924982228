import unittest

import msgspec

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.view import view_of
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.estimate.next_reading import next_best
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.edges import edge_reach
from nuvrek.neck.rocker import edge_words, rocker_span_mm
from nuvrek.neck.scale import places_mm
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import CrownHeight, Dial, EdgeLie, Rock, RoundStart, State, StateChange
from nuvrek.readings.rounds import ROUNDS, round_of
from nuvrek.readings.stations import resume_at
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import NECK, neck_state, rng
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
                now = neck_state(entries, neck)
                self.assertEqual(resume_at(stations, now), len(stations), name)

    def test_a_bare_neck_is_asked_for_nothing_that_needs_strings(self) -> None:
        neck = msgspec.structs.replace(NECK, bare=True)
        truth = make_truth(neck, Condition(proud=2, low=0), rng(1))
        for name in set(ROUNDS) - {"closing"}:
            asked = {(s.kind, s.by) for s in round_of(name, neck).stations}
            self.assertFalse(asked & {("string-height", "string"), ("string-gap", "string")}, name)
            self.assertNotIn("state", {kind for kind, _ in asked}, name)
        entries = measure_round(Bench(truth, rng(2)), "basic")
        now = neck_state(entries, neck)
        self.assertEqual({one.reading.state.strings for one in now.taken}, {"slack"})
        for suggestion in next_best(map_neck(now)).suggestions:
            station = suggestion.station
            self.assertFalse(station.kind == "string-gap" and station.by == "string", station)

    def test_strings_are_slackened_once_and_only_when_they_are_not(self) -> None:
        for name in ("basic", "full"):
            slackened = [
                s
                for s in round_of(name, NECK).stations
                if s.kind == "state" and s.state.strings == "slack"
            ]
            self.assertEqual(len(slackened), 1)
        slack = StateChange(state=State(strings="slack"))
        after_four = [RoundStart(name="after-seating"), slack]
        self.assertEqual(
            resume_at(round_of("after-seating", NECK).stations, neck_state(after_four)), 1
        )

    def test_a_full_survey_knows_the_relief_better_than_a_basic_round(self) -> None:
        better = 0
        for seed in range(8):
            truth = make_truth(NECK, Condition(), rng(seed))
            doubts = [
                map_neck(neck_state(measure_round(Bench(truth, rng(seed + 50)), name)))
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
        self.assertEqual(view_of(keypad).total, 3)
        self.press(keypad, "5*", "/")
        self.assertEqual((self.session.neck_state.round_name, view_of(keypad).done), ("rocker", 1))
        again = Keypad(self.session, "rocker", lambda _k: Unit.MM)
        self.assertEqual(again.index, 1)

    def test_marks_of_an_earlier_round_are_neither_shown_nor_struck(self) -> None:
        keypad = self.start(name="rocker")
        self.press(keypad, "5*", "/", "/", "/")
        keypad.change_round("after-seating")
        self.press(keypad, "*", "/")
        self.assertEqual(keypad.marked("bass"), {})
        before = len(self.session.neck_state.taken)
        self.press(keypad, "5*")
        self.assertEqual(len(self.session.neck_state.taken), before + 1)
        self.assertEqual(list(keypad.marked("bass")), [5])

    def test_a_sweep_begun_anew_marks_instead_of_unmarking(self) -> None:
        keypad = self.start()
        self.to_sweep(keypad)
        self.press(keypad, "5*", "/")
        keypad.change_round("rocker")
        self.press(keypad, "5*")
        self.assertEqual(list(keypad.marked("bass")), [5])

    def test_a_round_that_wants_the_strings_as_they_are_asks_for_nothing(self) -> None:
        keypad = self.start(name="quick")
        self.assertEqual(keypad.station.key if keypad.station else "", "height-bass")
        self.session.append(StateChange(state=State(strings="slack")))
        keypad.change_round("quick")
        self.assertEqual(keypad.station.key if keypad.station else "", "to-pitch")


class Passing(KeypadCase):
    def test_a_survey_begun_at_pitch_ends_slack_and_done(self) -> None:
        keypad = self.start(name="full")
        self.assertEqual(keypad.station.key if keypad.station else "", "height-bass")
        keys = {
            "string-gap": (".1", "enter"),
            "string-height": ("1.8", "enter"),
            "crown-height": ("1.1", "enter"),
            "edge-lie": ("-",),
            "state": ("*",),
            "press": ("/",),
            "sweep": ("/",),
        }
        for _ in range(len(keypad.round.stations) + 5):
            if keypad.station is None:
                break
            self.press(keypad, *keys.get(keypad.station.kind, ("enter",)))
        self.assertEqual(say(view_of(keypad).prompt), "Round done.")
        self.assertEqual(self.session.neck_state.state.strings, "slack")
        self.assertEqual(view_of(keypad).done, view_of(keypad).total)


class BackBow(KeypadCase):
    def test_where_no_light_shows_the_crest_is_asked_for(self) -> None:
        keypad = self.start(name="basic")
        self.press(keypad, "1.75", "enter", "1.5", "enter")
        for _ in range(2):
            self.press(keypad, "0", "enter")
        asked = []
        for _ in range(2):
            self.assertIn("Does it rock?", say(view_of(keypad).prompt))
            self.press(keypad, "7*")
            asked.append(view_of(keypad).prompt)
            # Light at both ends of the neck, and past the joint.
            self.press(keypad, ".15", "enter", ".1", "enter", ".2", "enter")
        self.assertIn("Gap over 1?", say(asked[0]))
        lies = [t.reading for t in self.session.neck_state.taken if isinstance(t.reading, EdgeLie)]
        self.assertEqual([(lie.lane, lie.fret) for lie in lies], [("bass", 7), ("treble", 7)])
        found = find(map_neck(self.session.neck_state))
        self.assertEqual([f.kind for f in found if "bow" in f.kind], ["back-bow"])

    def test_an_edge_that_lies_all_along_ends_the_question(self) -> None:
        keypad = self.start(name="basic")
        self.press(keypad, "1.75", "enter", "1.5", "enter", "0", "enter", "0", "enter")
        self.press(keypad, "+", "+")
        self.assertIn("Slacken", say(view_of(keypad).prompt))
        relief = map_neck(self.session.neck_state).relief_at("bass", "pitch")
        self.assertLess(abs(relief.mm), 0.05)

    def test_light_between_the_supports_asks_for_no_crest(self) -> None:
        keypad = self.start(name="basic")
        self.press(keypad, "1.75", "enter", "1.5", "enter", ".2", "enter", ".2", "enter")
        self.assertIn("Slacken", say(view_of(keypad).prompt))


class TakingAgain(KeypadCase):
    def test_the_round_stays_where_it_was(self) -> None:
        keypad = self.start(name="full")
        self.press(keypad, "1.75", "enter", "1.5", "enter")
        before = view_of(keypad).prompt
        for number in (2, 3):
            keypad.retake(number)
            self.press(keypad, "1.6", "enter")
            self.assertEqual(say(view_of(keypad).prompt), say(before))
        self.assertEqual([one.number for one in self.session.neck_state.taken], [4, 6])

    def test_a_dial_reading_is_taken_again_within_its_run(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "enter", *[".1", "enter"] * 22)
        run = self.session.neck_state.taken[0].reading.run  # type: ignore[union-attr]
        first = self.session.neck_state.taken[0].number
        keypad.retake(first)
        self.press(keypad, ".2", "enter")
        again = self.session.neck_state.taken[-1].reading
        self.assertEqual((again.run, again.fret, again.reading_mm), (run, 1, 0.2))  # type: ignore[union-attr]
        self.assertLessEqual(keypad.cursor, NECK.frets)
        self.assertIn("Middle", say(view_of(keypad).prompt))

    def test_a_run_may_go_towards_the_nut(self) -> None:
        keypad = self.start(name="indicator")
        self.press(keypad, "enter", "*", ".1", "enter", ".2", "enter")
        self.assertEqual([t.reading.fret for t in self.session.neck_state.taken], [22, 21])  # type: ignore[union-attr]
        self.press(keypad, "right", ".15", "enter")
        live = [(t.reading.fret, t.reading.reading_mm) for t in self.session.neck_state.taken]  # type: ignore[union-attr]
        self.assertEqual(live, [(22, 0.1), (21, 0.15)])


class Schools(unittest.TestCase):
    def test_relief_is_read_where_the_user_reads_it(self) -> None:
        for kit, supports, fret in (
            (Kit(), (1, 16), 7),
            (Kit(relief_hold=2, relief_press=14), (2, 14), 7),
            (Kit(relief_hold=0, relief_press=12, relief_over=5), (0, 12), 5),
        ):
            gaps = [s for s in round_of("basic", NECK, kit).stations if s.key.startswith("gap-")]
            self.assertEqual({(s.supports, s.fret) for s in gaps}, {(supports, fret)})

    def test_the_survey_takes_what_is_on_the_bench(self) -> None:
        kinds = {
            name: [(s.kind, s.by) for s in round_of("full", NECK, kit).stations]
            for name, kit in (
                ("none", Kit()),
                ("notched", Kit(notched_mm=(584.0, 648.0))),
                ("wrong", Kit(notched_mm=(584.0,))),
                ("dial", Kit(indicator=True)),
            )
        }
        self.assertNotIn(("string-gap", "notched"), kinds["none"] + kinds["wrong"])
        self.assertEqual(kinds["notched"].count(("string-gap", "notched")), 9)
        # Both outer lanes at pitch, three slack, and one of them again at the end.
        self.assertEqual([kind for kind, _ in kinds["dial"]].count("dial"), 6)
        self.assertNotIn(("string-gap", "edge"), kinds["dial"])

    def test_a_short_edge_covers_only_its_length(self) -> None:
        # By hand, 648 mm: x5 = 162.55, x8 = 239.78, x12 = 324.00; 200 mm about fret 8 run from
        # 139.78 to 339.78, and
        # x4 = 133.68 lies outside, x12 inside, x13 = 342.18 outside.
        self.assertEqual(edge_reach(NECK, 8, (150, 200)), (200, 5, 12))
        self.assertIsNone(edge_reach(NECK, 8, ()))
        self.assertIsNone(edge_reach(NECK, 8, (600,)))

    def test_errors_go_with_the_readings(self) -> None:
        kit = Kit(caliper_error_mm=0.05, indicator_step_mm=0.01)
        self.assertEqual(kit.error_of(CrownHeight(lane="bass", fret=1, height_mm=1.0)), 0.05)
        # By hand: 0.0035 and 0.01 / sqrt(12) = 0.00289 together are 0.00454.
        dial = kit.error_of(Dial(lane="bass", fret=1, run=1, reading_mm=0.0))
        self.assertAlmostEqual(dial or 0, 0.00454, places=5)
        self.assertIsNone(kit.error_of(Rock(lane="bass", fret=5, says="still")))
        self.assertEqual(Kit().error_of(CrownHeight(lane="bass", fret=1, height_mm=1.0)), None)
        self.assertIn("No blade", say(Kit(leaves_mm=(0.1, 0.25)).leaf_words(0.3)))
        self.assertEqual(say(Kit(leaves_mm=(0.1, 0.25)).leaf_words(0.35)), "")


class RockerSpans(unittest.TestCase):
    def test_worked_by_hand(self) -> None:
        # By hand, 648 mm: x_n = 648 (1 - 2^(-n/12)); x4 = 133.68, x6 = 189.80, x3 = 103.10, x7 =
        # 215.51 (mm, two
        # places). Around fret 5 the edge spans 4 to 6: 56.12; a fourth fret is met at 3 (86.70) or
        # at 7 (81.83).
        least, most = rocker_span_mm(NECK, 5)
        self.assertAlmostEqual(least, 56.12, delta=0.01)
        self.assertAlmostEqual(most, 81.83, delta=0.01)

    def test_owned_edges_are_held_against_the_span(self) -> None:
        # Around fret 5 of 648 mm: 56.12 to 81.83 mm, see above.
        self.assertEqual(say(edge_words(NECK, 5)), "edge 57 to 81 mm long")
        self.assertEqual(say(edge_words(NECK, 5, (40, 60, 90))), "your 60 mm edge fits")
        self.assertEqual(say(edge_words(NECK, 5, (80, 60))), "your 60 and 80 mm edges fit")
        self.assertIn("none of your edges fits", say(edge_words(NECK, 5, (40, 90))))

    def test_an_edge_within_the_span_reaches_three_frets_and_no_fourth(self) -> None:
        x = places_mm(NECK)
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
