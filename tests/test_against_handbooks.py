"""Strings and moisture against published figures; those from memory say so."""

import math
import unittest

import pint
import pretty_midi
from msgspec import structs

from nuvrek.mechanics.moisture import equilibrium_moisture_percent
from nuvrek.mechanics.strings import (
    StringSpec,
    note_hz,
    set_tension_n,
    tension_n,
    tension_ratio,
    unit_mass,
)
from nuvrek.neck.strings import Wrap


class Pitch(unittest.TestCase):
    def test_every_note_against_a_music_library(self) -> None:
        names = ("C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B")
        for octave in range(8):
            for name in names:
                note = f"{name}{octave}"
                theirs = pretty_midi.note_number_to_hz(pretty_midi.note_name_to_number(note))
                self.assertAlmostEqual(note_hz(note), theirs, places=6)
        self.assertAlmostEqual(note_hz("Bb3"), note_hz("A#3"), places=9)
        for wrong in ("H2", "E", "E#", "2E", ""):
            with self.assertRaises(ValueError):
                note_hz(wrong)


class Tension(unittest.TestCase):
    def test_by_units_worked_through_another_way(self) -> None:
        # f = sqrt(T / mu) / 2L (Fletcher and Rossing, chapter 2), with units carried by a library.
        unit = pint.UnitRegistry()
        for note, gauge, scale in (("E4", 0.254, 648.0), ("G3", 0.406, 628.0), ("G2", 1.14, 864.0)):
            tension, _ = tension_n(StringSpec(note, gauge), scale)
            mass = 7.85 * unit.g / unit.cm**3 * math.pi / 4 * (gauge * unit.mm) ** 2
            pitch = (((tension * unit.N) / mass) ** 0.5 / (2 * scale * unit.mm)).to("Hz").magnitude
            self.assertAlmostEqual(pitch, note_hz(note), places=6)

    def test_a_usual_first_string(self) -> None:
        # Common practice, no source: a plain 10 thou string at E4 on 25.5 in pulls about 16 lb (72
        # N).
        tension, _ = tension_n(StringSpec("E4", 0.254), 647.7)
        self.assertAlmostEqual(tension, 72.0, delta=2.0)

    def test_wound_strings_carry_their_doubt_and_known_masses_none(self) -> None:
        wound = StringSpec("E2", 1.17, wound=True)
        mass, spread = unit_mass(wound, 648.0)
        self.assertGreater(spread, 0.0)
        self.assertEqual(unit_mass(StringSpec("E2", 1.17, True, 6.8), 648.0), (0.0068, 0.0))
        # Common practice, no source: wound with steel or nickel about 0.82 of a solid rod, with
        # bronze 0.91.
        solid = unit_mass(StringSpec("E2", 1.17), 648.0)[0]
        shares: tuple[tuple[Wrap, float], ...] = (("steel", 0.82), ("bronze", 0.91))
        for wrap, share in shares:
            wrapped = unit_mass(structs.replace(wound, wrap=wrap), 648.0)
            self.assertAlmostEqual(wrapped[0] / solid, share, delta=wrapped[1] / solid)
        # Common practice, no source: a 46 thou wound low E weighs about 6.8 g a metre.
        self.assertAlmostEqual(mass * 1000, 6.8, delta=2 * spread * 1000)
        total, doubt = set_tension_n((wound, wound), 648.0)
        self.assertAlmostEqual(total, 2 * tension_n(wound, 648.0)[0])
        self.assertAlmostEqual(doubt, 2 * tension_n(wound, 648.0)[1])

    def test_a_tone_lower_pulls_a_fifth_less(self) -> None:
        # By hand: two semitones are a factor 2^(-2/12) = 0.8909 in pitch, squared 0.7937.
        self.assertAlmostEqual(tension_ratio(-2), 0.7937, places=4)
        self.assertAlmostEqual(tension_ratio(12), 4.0)


class Moisture(unittest.TestCase):
    def test_the_handbook_table_at_70_fahrenheit(self) -> None:
        # Forest Products Laboratory, Wood Handbook, chapter 4, table of equilibrium moisture
        # content at 21.1 C; values from memory.
        table = {
            10: 2.5,
            20: 4.5,
            30: 6.2,
            40: 7.7,
            50: 9.2,
            60: 11.0,
            70: 13.1,
            80: 16.0,
            90: 20.5,
        }
        for humidity, percent in table.items():
            self.assertAlmostEqual(
                equilibrium_moisture_percent(21.1, humidity), percent, delta=0.15
            )

    def test_outside_its_range_it_says_so(self) -> None:
        for t, h in ((80.0, 50.0), (-30.0, 50.0), (20.0, 100.0)):
            with self.assertRaises(ValueError):
                equilibrium_moisture_percent(t, h)
