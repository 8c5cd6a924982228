"""Made-up neck by a word: its hand, its ringing, and the advice playing it."""

import json
import unittest

import numpy as np
from msgspec import structs

from nuvrek.practice.hand import carried_out
from nuvrek.practice.hidden import hidden_neck
from nuvrek.practice.playing import play
from nuvrek.practice.ringing import ringing
from nuvrek.practice.seed_words import WORDS, number_of, word_of
from nuvrek.simulator.truth import Truth
from tests.support import NECK
from tests.test_cli import CliCase


def flat(over_mm: float = 2.0, **crowns_mm: float) -> Truth:
    """A straight neck, every top as high as every other but those named ``f7`` and so on."""
    places = NECK.frets + 1
    crown = np.full((places, 3), 1.2)
    crown[0] += 0.1
    for name, mm in crowns_mm.items():
        crown[int(name[1:])] += mm
    neck = structs.replace(NECK, string_set=())
    zero = np.zeros((places, 3))
    return Truth(neck, zero, crown, np.zeros(places), 0.0, 0.3, (), (over_mm, over_mm))


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
        one, two = hidden_neck("lokira"), hidden_neck("LOKIRA")
        np.testing.assert_array_equal(one.truth.crown_mm, two.truth.crown_mm)
        matters = {hidden_neck(word_of(n)).matter for n in range(30)}
        self.assertEqual(len(matters), 7)
        self.assertNotIn("bare", matters)


class Ringing(unittest.TestCase):
    def test_one_high_fret_chokes_the_notes_behind_it_and_no_other(self) -> None:
        """A fret half a millimetre proud under strings at two (common practice, no source)."""
        self.assertTrue(ringing(flat()).all())
        proud = ringing(flat(f9=0.5))
        self.assertFalse(proud[:, 7].any(), "the note at 8 meets the top of 9")
        self.assertTrue(proud[:, 8:].all(), "notes at 9 and beyond have it behind them")

    def test_strings_too_low_buzz(self) -> None:
        self.assertFalse(ringing(flat(over_mm=0.1)).all())


class Playing(CliCase):
    def test_the_advice_ends_clean_or_says_so_with_less_metal_than_the_plain_way(self) -> None:
        for word in ("babebi", "kilomu", "sarodo"):
            with self.subTest(word=word):
                score = play(hidden_neck(word), "advice")
                self.assertTrue(score.clean or score.told, score)
                self.assertGreater(score.held[0], 0.7 * score.held[1])
                if score.plain_mm is not None and "level-straight" not in score.ways:
                    self.assertLess(score.metal_mm, score.plain_mm)

    def test_metal_stays_gone_and_the_first_neck_stays_as_it_was(self) -> None:
        from nuvrek.estimate.findings.find import find
        from nuvrek.estimate.heightmap import map_neck
        from nuvrek.planning.plan import make_plan
        from nuvrek.readings.journal import fold
        from nuvrek.simulator.measuring import measure_round

        one = hidden_neck("kilomu")
        crown = one.truth.crown_mm.copy()
        neck_map = map_neck(fold(one.truth.neck, measure_round(one.bench, "full")))
        plan = make_plan(neck_map, find(neck_map), draw=False)
        way = next(way for way in plan.ways if way.metal_mm > 0.0)
        after = carried_out(one, way)
        assert after is not None
        np.testing.assert_array_equal(one.truth.crown_mm, crown)
        self.assertTrue((after.truth.crown_mm[1:] <= crown[1:]).all())
        self.assertLess(after.truth.crown_mm.sum(), crown.sum())
        self.assertIs(after.bench.truth, after.truth)
        self.assertIsNone(carried_out(one, plan.way("leave")))

    def test_at_the_command_line(self) -> None:
        status, out, _ = self.run_cli("play", "--seed", "KILOMU")
        self.assertEqual(status, 0)
        self.assertTrue(out.startswith("kilomu: "))
        status, out, _ = self.run_cli("play", "--seed", "kilomu", "--by", "plain", "--json")
        found = json.loads(out)
        self.assertEqual((found["by"], found["word"]), ("plain", "kilomu"))
        self.assertIn(found["ways"], (["level-straight"], []))
        status, _, said = self.run_cli("play", "--seed", "nonsense")
        self.assertEqual(status, 2)
        self.assertIn("is no seed word", said)


if __name__ == "__main__":
    unittest.main()
