"""Every lesson can be solved by what is felt, its trap costs what it says; every form judges."""

import unittest

import numpy as np

from nuvrek.practice.at_work import actions as do
from nuvrek.practice.exercise import exercise
from nuvrek.practice.forms.shelf import FORMS
from nuvrek.practice.lessons.lesson import Lesson
from nuvrek.practice.lessons.shelf import LESSONS
from nuvrek.practice.score.account import account
from nuvrek.readings.entries import Chosen, OthersStill, Rock
from nuvrek.wording.speech import say, say_all


class Lessons(unittest.TestCase):
    """One test a lesson, added below."""

    def solved_and_trapped(self, lesson: Lesson) -> None:
        well, trap = lesson.desk(), lesson.desk()
        lesson.well(well)
        self.assertEqual(say_all(lesson.missed(well)), (), "gone through well it is solved")
        lesson.trap(trap)
        good, bad = (account(desk, later=lesson.later) for desk in (well, trap))
        for cost in lesson.costs:
            self.assertTrue(cost.paid(bad, good), f"{say(cost.words)} {bad} against {good}")
        self.assertNotEqual(say_all(lesson.missed(trap)), (), "the trap leaves it unsolved")

    def test_each_says_what_is_at_stake_in_two_sentences(self) -> None:
        self.assertEqual(len({lesson.key for lesson in LESSONS}), len(LESSONS))
        for lesson in LESSONS:
            with self.subTest(lesson=lesson.key):
                stake, after = say(lesson.stake), say(lesson.afterwards)
                self.assertEqual(stake.count(". ") + 1, 2, stake)
                self.assertTrue(stake.endswith(".") and after.endswith("."))
                self.assertTrue(lesson.costs)


def _one(lesson: Lesson):  # type: ignore[no-untyped-def]
    def test(self: Lessons) -> None:
        self.solved_and_trapped(lesson)

    return test


for _lesson in LESSONS:
    setattr(Lessons, f"test_{_lesson.key.replace('-', '_')}", _one(_lesson))


class Forms(unittest.TestCase):
    def test_the_sweep_counts_what_is_found_and_what_is_not_there(self) -> None:
        one = exercise("form:two-minute-sweep:kilomu")
        assert one.form is not None
        desk = one.desk()
        truly = [
            fret
            for fret in range(2, 22)
            if desk.do(do.Rocker(lane="middle", fret=fret, edge_mm=2.12 * _wide(desk, fret))).key
            == "rocks"
        ]
        marks = [Rock(lane="middle", fret=fret, says="rocks") for fret in truly]
        self.assertGreaterEqual(one.form.judge(desk, [], marks).points, 60)
        every = [Rock(lane="middle", fret=fret, says="rocks") for fret in range(2, 22)]
        self.assertEqual(one.form.judge(desk, [], every).points, 0)
        none = one.form.judge(desk, [], [OthersStill(lane="middle", frets=(2, 3))])
        self.assertEqual(none.points, 0)
        self.assertFalse(one.allows("caliper"))

    def test_one_stroke_too_many_is_seen(self) -> None:
        one = exercise("form:right-stroke:kilomu")
        assert one.form is not None
        desk = one.desk()
        crown = desk.neck.crown_mm.mean(axis=1)
        proud = 1 + int(np.argmax(crown[1:]))
        high = crown[proud] - np.median(crown[1:])
        points = []
        for share in (0.0, 1.0, 2.5):
            tried = desk.fresh()
            tried.do(do.Tune(to="slack"))
            if share:
                tried.do(do.FileFret(fret=proud, strokes=round(share * high / 0.005)))
            points.append(one.form.judge(tried, [], []).points)
        self.assertGreater(points[1], 70)
        self.assertLess(max(points[0], points[2]), 30)

    def test_the_others_answer_too(self) -> None:
        for key in ("next-reading", "what-to-offer", "home-made-tools"):
            with self.subTest(form=key):
                one = exercise(f"form:{key}:kilomu")
                assert one.form is not None
                before = one.begun()
                self.assertEqual(one.form.judge(one.desk(), before, []).points, 0)
        offer = exercise("form:what-to-offer:kilomu")
        assert offer.form is not None
        judged = offer.form.judge(offer.desk(), offer.begun(), [Chosen(way="new-neck")])
        self.assertLess(judged.points, 100)
        self.assertIn("This program would", " ".join(say_all(judged.words)))
        self.assertEqual(len({form.key for form in FORMS}), 5)


def _wide(desk: object, fret: int) -> float:
    x = desk.neck.x_mm  # type: ignore[attr-defined]
    return float(max(x[fret] - x[fret - 1], x[fret + 1] - x[fret]))


if __name__ == "__main__":
    unittest.main()
