"""Unit conversion against pint, a general-purpose unit library (test only)."""

import unittest

import pint

from nuvrek.units import Unit, parse_length


class AgainstPint(unittest.TestCase):
    def test_conversions(self) -> None:
        registry = pint.UnitRegistry()
        names = {"thou": "thou", "in": "inch", "mm": "millimeter"}
        for ours, theirs in names.items():
            for value in (0.001, 0.5, 1.0, 12.0, 25.5, 47.25):
                with self.subTest(unit=ours, value=value):
                    mm = registry.Quantity(value, theirs).to("millimeter").magnitude
                    self.assertAlmostEqual(
                        parse_length(f"{value:.10g} {ours}", Unit.MM).mm, mm, places=12
                    )

    def test_sixtyfourths(self) -> None:
        inch = pint.UnitRegistry().Quantity(1.0, "inch").to("millimeter").magnitude
        for n in range(1, 64):
            self.assertAlmostEqual(parse_length(f"{n}/64", Unit.MM).mm, n * inch / 64, places=12)
