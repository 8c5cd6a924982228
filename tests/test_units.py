import math
import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from nuvrek.readings.check import question
from nuvrek.units import (
    MM_PER_UNIT,
    LengthError,
    Unit,
    format_length,
    format_number,
    likely_meaning,
    parse_length,
)
from nuvrek.wording.speech import say


class BenchShorthand(unittest.TestCase):
    def test_each_way_of_saying_it(self) -> None:
        cases = [
            ("12", Unit.THOU, 0.3048),
            ("12 thou", Unit.MM, 0.3048),
            (".012", Unit.THOU, 0.3048),
            (".3", Unit.MM, 0.3),
            ("0,3", Unit.MM, 0.3),
            ("0.3mm", Unit.THOU, 0.3),
            ("6.5/64", Unit.MM, 6.5 / 64 * 25.4),
            ("3/32 in", Unit.MM, 3 / 32 * 25.4),
            ("25 1/2 in", Unit.MM, 647.7),
            ("25-1/2", Unit.MM, 647.7),
            ("12/1000", Unit.MM, 0.3048),
            ('0.5"', Unit.MM, 12.7),
            ("5.5 64ths", Unit.MM, 5.5 / 64 * 25.4),
            ("-2t", Unit.MM, -0.0508),
        ]
        for text, assume, mm in cases:
            with self.subTest(text):
                self.assertAlmostEqual(parse_length(text, assume).mm, mm, places=9)

    def test_signs_from_other_keyboards(self) -> None:
        for text, mm in (
            ("25½″", 647.7),
            ("1⁄2 in", 12.7),
            ("5/64ths", 5 / 64 * 25.4),
            ("5/64''", 5 / 64 * 25.4),
            ("−0.1", -0.1),
            ("3′′", 76.2),
        ):
            self.assertAlmostEqual(parse_length(text, Unit.MM).mm, mm, places=6, msg=text)

    def test_an_inch_decimal_where_thou_are_typed(self) -> None:
        for text in ("12", ".012", "0.012"):
            self.assertAlmostEqual(parse_length(text, Unit.THOU).mm, 0.3048, places=6, msg=text)

    def test_a_gap_thinner_than_any_leaf_is_questioned_and_none_is_not(self) -> None:
        for text, unit, meant in (
            (".012", Unit.MM, 0.3048),
            ("0.3", Unit.THOU, 0.3),
            (".3", Unit.THOU, 0.3),
        ):
            asked = question("string-gap", text, parse_length(text, unit))
            assert asked is not None
            self.assertAlmostEqual(asked[1][0].length.mm, meant)
        self.assertIsNone(question("string-gap", "0", parse_length("0", Unit.MM)))

    def test_what_is_no_length_gets_a_sentence(self) -> None:
        for text in (
            "",
            "abc",
            "1.2.3",
            "5/0",
            "5/7",
            "1e9",
            "nan",
            "inf",
            "9" * 60,
            "12 parsec",
            "--1",
            "٣",
        ):
            with self.subTest(text), self.assertRaises(LengthError) as caught:
                parse_length(text, Unit.MM)
            self.assertTrue(str(caught.exception).endswith("."))

    def test_shown_in_either_unit(self) -> None:
        self.assertEqual(say(format_length(0.3048, Unit.THOU)), "12 thou")
        self.assertEqual(say(format_length(0.3048, Unit.MM)), "0.30 mm")
        self.assertEqual(say(format_length(5.5 / 64 * 25.4, Unit.SIXTYFOURTH)), "5.5/64 in")
        self.assertEqual(say(format_number(-0.0001, Unit.MM)), "0.00")
        self.assertEqual(say(format_number(0.05, Unit.MM, sign=True)), "+0.05")

    def test_unlikely_values_offer_a_meaning(self) -> None:
        twelve = likely_meaning("12", parse_length("12", Unit.MM), 0.0, 1.2)
        assert twelve is not None
        self.assertEqual(say(twelve.words), "12 thou is 0.30 mm")
        three_hundred = likely_meaning("300", parse_length("300", Unit.MM), 0.0, 1.2)
        assert three_hundred is not None
        self.assertAlmostEqual(three_hundred.length.mm, 0.3)
        self.assertIsNone(likely_meaning("0.3", parse_length("0.3", Unit.MM), 0.0, 1.2))

    @given(st.floats(0.0, 100.0), st.sampled_from(list(Unit)))
    @settings(max_examples=200, deadline=None)
    def test_shown_and_read_again_stays_within_the_last_digit(
        self, value: float, unit: Unit
    ) -> None:
        mm = value * MM_PER_UNIT[unit]
        if mm < 2900:
            again = parse_length(say(format_length(mm, unit)), Unit.MM).mm
            last_digit = {Unit.MM: 0.01, Unit.THOU: 0.1, Unit.INCH: 0.001, Unit.SIXTYFOURTH: 0.1}[
                unit
            ]
            self.assertLessEqual(abs(again - mm), 0.51 * last_digit * MM_PER_UNIT[unit])

    @given(st.text(max_size=60))
    @settings(max_examples=400, deadline=None)
    def test_any_text_is_a_length_or_a_sentence(self, text: str) -> None:
        try:
            self.assertTrue(math.isfinite(parse_length(text, Unit.MM).mm))
        except LengthError as error:
            self.assertTrue(str(error))
