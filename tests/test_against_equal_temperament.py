"""Fret places against equal temperament on A4 = 440 Hz (ISO 16:1975), and against a music
library.
"""

import itertools
import unittest

import pretty_midi

from nuvrek.neck.scale import fret_line_mm, fret_places_mm


class AgainstEqualTemperament(unittest.TestCase):
    def test_stopped_lengths_sound_the_notes_of_a_music_library(self) -> None:
        # An ideal string's frequency is inversely proportional to its length, so a string tuned to
        # A4 must sound each semitone above it: pretty_midi's note numbers, A4 = 69 = 440 Hz.
        scale = 648.0
        self.assertAlmostEqual(pretty_midi.note_number_to_hz(69), 440.0)
        for fret, place in enumerate(fret_line_mm(scale, 36)):
            sounded = 440.0 * scale / (scale - place)
            self.assertAlmostEqual(sounded, pretty_midi.note_number_to_hz(69 + fret), places=6)

    def test_the_constant_of_17_817(self) -> None:
        # Fletcher and Rossing, The Physics of Musical Instruments, guitar chapter: each fret stands
        # 1/17.817 of the remaining length on from the last (value from memory, five figures).
        places = fret_line_mm(650.0, 24)
        for a, b in itertools.pairwise(places):
            self.assertAlmostEqual((650.0 - a) / (b - a), 17.817, delta=0.0005)

    def test_octave_halves_the_string(self) -> None:
        places = fret_places_mm(864.0, 24)
        self.assertAlmostEqual(places[12], 432.0)
        self.assertAlmostEqual(places[24], 648.0)
        self.assertEqual(places.shape, (25,))
