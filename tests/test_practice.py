"""Made-up necks by a word: their truth, the advice playing them, what is kept of practice."""

import json
import unittest

import numpy as np

from nuvrek.bench.practice import hall
from nuvrek.bench.practice.kept import Kept, OnBench, Result
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.planning.plan import make_plan
from nuvrek.practice.advice.hand import carried_out
from nuvrek.practice.advice.playing import play
from nuvrek.practice.advice.technician import Technician
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.at_work.doing import NotNow
from nuvrek.practice.exercise import exercise
from nuvrek.practice.hidden import DIFFICULTIES, any_word, hidden, hidden_neck
from nuvrek.practice.lessons.plain_neck import as_wanted, plain_neck
from nuvrek.practice.score.account import account
from nuvrek.practice.score.least import least_metal_mm
from nuvrek.practice.score.matters import matters, right_first, unread
from nuvrek.practice.score.outcome import outcome
from nuvrek.practice.seed_words import WORDS, number_of, word_of
from nuvrek.readings.entries import StandOff
from nuvrek.readings.journal import fold
from nuvrek.simulator.strangers import stranger
from nuvrek.wording.speech import say, say_all
from tests.support import TempCase
from tests.test_cli import CliCase


class SeedWords(unittest.TestCase):
    def test_every_word_has_one_number(self) -> None:
        for number in (0, 1, 79, 80, 6399, 31_415, WORDS - 1):
            self.assertEqual(number_of(word_of(number)), number)
        self.assertEqual(number_of(" BaBaBe "), 1)
        for bad in ("", "baba", "bababab", "xaxaxa", "b\u00e4baba"):
            with self.assertRaisesRegex(ValueError, "no seed word"):
                number_of(bad)
        with self.assertRaises(ValueError):
            word_of(WORDS)

    def test_the_same_word_is_the_same_neck_and_never_a_bare_one(self) -> None:
        one, two = hidden_neck("lokira").make(), hidden_neck("LOKIRA").make()
        np.testing.assert_array_equal(one.tops_mm(), two.tops_mm())
        self.assertEqual(one.rods, two.rods)
        found = [hidden_neck(word_of(n)).matter for n in range(30)]
        self.assertEqual(len(set(found)), 7)
        self.assertNotIn("bare", found)

    def test_how_hard_it_is_lies_in_the_word(self) -> None:
        rng = np.random.default_rng(3)
        for difficulty in DIFFICULTIES:
            for _ in range(5):
                word = any_word(difficulty, rng)
                self.assertEqual(hidden_neck(word).difficulty, difficulty)
        for name in ("neck:xx", "lesson:none", "form:none:babaab", "nothing", "form:what-to-offer"):
            with self.assertRaises(ValueError):
                exercise(name)


class OnTheDesk(unittest.TestCase):
    def test_the_same_deeds_make_the_same_neck_and_metal_stays_gone(self) -> None:
        desk = hidden_neck("kilomu").desk()
        deeds: list[do.AnyAction] = [
            do.Rocker(lane="bass", fret=7, edge_mm=60.0),
            do.Tune(to="slack"),
            do.FileFret(fret=7, strokes=9),
            do.Turn(turns=0.25),
        ]
        felt = [desk.do(deed).key for deed in deeds]
        again = desk.fresh()
        self.assertEqual([again.do(deed).key for deed in deeds], felt)
        np.testing.assert_array_equal(again.neck.crown_mm, desk.neck.crown_mm)
        self.assertGreater(desk.neck.taken_mm.sum(), 0.0)
        fresh = desk.fresh().neck
        self.assertTrue((desk.neck.crown_mm[1:] <= fresh.crown_mm[1:]).all())
        desk.begin_again()
        np.testing.assert_array_equal(desk.neck.crown_mm, fresh.crown_mm)

    def test_what_cannot_be_done_is_a_sentence_and_does_nothing(self) -> None:
        desk = hidden_neck("kilomu").desk()
        for wrong in (
            do.FileFret(fret=7, strokes=3),
            do.Leaf(lane="bass", low=9, high=4, at=6, leaf_mm=0.3),
            do.Rocker(lane="bass", fret=7, edge_mm=12.0),
            do.Saw(mm=0.3),
            do.TrueWood(low=1, high=9),
            do.Turn(turns=0.25, side="treble"),
            do.Caliper(fret=35, lane="bass"),
        ):
            with self.subTest(wrong=wrong), self.assertRaises(NotNow):
                desk.do(wrong)
        self.assertEqual((desk.actions, desk.neck.minutes), ([], 0.0))

    def test_the_truth_names_what_is_the_matter_and_what_would_have_told(self) -> None:
        one = plain_neck(1)
        one.stand_off_mm[9], one.held[9] = 0.14, False
        one.crown_mm[5] += 0.1
        as_wanted(one)
        found = matters(one)
        self.assertEqual([(m.of, m.fret) for m in found], [("loose", 9), ("proud", 5)])
        self.assertEqual(right_first(one), {"press"}, "no file before frets are seated")
        left = unread(found, [StandOff(fret=9, moves="moves")])
        self.assertEqual([m.of for m in left], ["proud"])
        self.assertIn("rocker over 5", say(left[0].told_by).lower())

    def test_the_least_metal_is_what_a_proud_fret_stands_over_its_room(self) -> None:
        """One fret 0.3 proud among even ones: a few tenths off it alone, never off the others."""
        even = plain_neck(2)
        self.assertLess(least_metal_mm(even) or 0.0, 0.02)
        even.crown_mm[9] += 0.3
        found = least_metal_mm(even)
        assert found is not None
        self.assertTrue(0.1 < found <= 0.3, found)


class Playing(CliCase):
    def test_the_advice_ends_clean_or_says_so(self) -> None:
        for word in ("babebi", "kilomu"):
            with self.subTest(word=word):
                score = play(hidden_neck(word), "advice")
                self.assertTrue(score.clean or score.told, score)
                self.assertGreater(score.held[0], 0.7 * score.held[1])

    def test_a_rod_that_works_backwards_and_has_play_is_not_called_spent(self) -> None:
        """Turned back within its play it moves nothing: no reason for heat or new wire."""
        score = play(hidden(stranger(170_021), "backwards", "hard", 170_021), "advice")
        self.assertIn("rod-back", score.ways)
        self.assertFalse({"heat", "refret", "refret-true"} & set(score.ways), score.ways)
        self.assertTrue(score.clean or score.told)

    def test_a_way_is_carried_out_by_hands_and_leaves_its_entries(self) -> None:
        desk = hidden_neck("kilomu").desk()
        neck_map = map_neck(fold(desk.neck.neck, Technician(desk).round("full")))
        plan = make_plan(neck_map, find(neck_map), draw=False)
        way = next(way for way in plan.ways if way.metal_mm > 0.0 and way.new is None)
        kept = carried_out(desk, way, plan)
        assert kept is not None
        self.assertIn("filed", [entry.__struct_config__.tag for entry in kept])
        self.assertLess(abs(account(desk).metal_mm - way.metal_mm), 0.3 * way.metal_mm + 0.1)
        self.assertIsNone(carried_out(desk, plan.way("leave"), plan))

    def test_at_the_command_line(self) -> None:
        status, out, _ = self.run_cli("play", "--seed", "KILOMU")
        self.assertEqual(status, 0)
        self.assertTrue(out.startswith("kilomu (usual): "))
        status, out, _ = self.run_cli("play", "--seed", "kilomu", "--by", "plain", "--json")
        found = json.loads(out)
        self.assertEqual((found["by"], found["word"]), ("plain", "kilomu"))
        self.assertIn(found["ways"], (["level-straight"], []))
        status, _, said = self.run_cli("play", "--seed", "nonsense")
        self.assertEqual(status, 2)
        self.assertIn("is no seed word", said)


class Scores(unittest.TestCase):
    def test_a_neck_left_as_it_came_wins_little_and_one_made_right_much(self) -> None:
        one = exercise("lesson:loose-fret")
        lesson = one.lesson
        assert lesson is not None
        idle, well, trap = one.desk(), one.desk(), one.desk()
        lesson.well(well)
        lesson.trap(trap)
        points = [outcome(desk, [], None).points for desk in (idle, trap, well)]
        self.assertEqual(points, sorted(points))
        self.assertGreater(points[2] - points[1], 20)
        made = outcome(well, [], None)
        self.assertIs(made.first_right, True)
        self.assertFalse(outcome(trap, [], None).first_right)

    def test_the_hundred_have_scores_of_the_advice(self) -> None:
        scores, words = hall.advice_scores(), hall.hundred()
        self.assertEqual((set(scores), len(set(words))), (set(words), hall.HUNDRED))
        clean = sum(one.clean == one.notes or one.told for one in scores.values())
        self.assertGreaterEqual(clean, 85)
        self.assertEqual(say_all(hall.beside("zuzuzu", ())), ())
        mine = [Result(exercise=f"neck:{words[0]}", at="", points=50, notes=(9, 9))]
        self.assertIn("clean 1 by you", " ".join(say_all(hall.beside(words[0], mine))))
        self.assertEqual(hall.next_of_hundred(mine), f"neck:{words[1]}")


class WhatIsKept(TempCase):
    def test_results_and_the_bench_come_back_and_a_torn_line_ends_it(self) -> None:
        kept = Kept(self.folder)
        kept.add(Result(exercise="lesson:loose-fret", at="2026-03-03", points=80))
        kept.put(OnBench(exercise="neck:kilomu", neck=3))
        deeds: tuple[do.AnyAction, ...] = (do.Tune(to="slack"), do.FileFret(fret=7, strokes=2))
        for deed in deeds:
            kept.did(deed)
        with (self.folder / "bench.jsonl").open("ab") as out:
            out.write(b'{"kind":"file","fr')
        again = Kept(self.folder)
        self.assertEqual([r.points for r in again.results], [80])
        found = again.on_bench()
        assert found is not None
        self.assertEqual((found[0].exercise, found[1]), ("neck:kilomu", deeds))
        self.assertIn("torn", say(again.trouble))

    def test_damaged_results_are_set_aside_and_said(self) -> None:
        (self.folder / "results.json").write_bytes(b"\xff[")
        kept = Kept(self.folder)
        self.assertEqual(kept.results, ())
        self.assertIn("set aside", say(kept.trouble))
        self.assertTrue((self.folder / "results.damaged").exists())
        nowhere = Kept(self.folder / "results.damaged" / "no-folder")
        nowhere.add(Result(exercise="x", at="", points=1))
        self.assertIn("can't be kept", say(nowhere.trouble))

    def test_the_desk_replays_to_where_it_was(self) -> None:
        desk = Desk(lambda: plain_neck(5), 5)
        for deed in (do.Tune(to="slack"), do.InkTops(), do.Block(low=1, high=22, strokes=30)):
            desk.do(deed)
        again = desk.fresh()
        again.replay(desk.actions)
        np.testing.assert_array_equal(again.neck.crown_mm, desk.neck.crown_mm)
        np.testing.assert_array_equal(again.neck.ink, desk.neck.ink)


if __name__ == "__main__":
    unittest.main()
