"""What if: another set, tuning or capo; held against strings cut into pieces and geometry."""

from __future__ import annotations

import math
import unittest
from typing import Any

import numpy as np
from scipy.linalg import eigh_tridiagonal, eigvalsh

from nuvrek.bench.forms.strings import set_in, set_text
from nuvrek.bench.pages.string_room import StringRoomPage
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.measurer import Measurer
from nuvrek.mechanics.strings import STEEL_N_PER_MM2, note_hz, tension_n
from nuvrek.mechanics.wire_weights import plain_g_per_m, table, wound_g_per_m
from nuvrek.neck.strings import StringSpec
from nuvrek.planning.forecast.other_strings import OtherStrings
from nuvrek.planning.forecast.what_if import stiffness_cents, strings_if, strings_today
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import compute, neck_state, neck_with
from tests.test_judgement import FINE, gaps, heights
from tests.typist import WindowCase

SET = (
    *(StringSpec("E2", 1.17, wound=True), StringSpec("A2", 0.91, wound=True)),
    *(StringSpec("D3", 0.66, wound=True), StringSpec("G3", 0.43)),
    *(StringSpec("B3", 0.33), StringSpec("E4", 0.25)),
)
STRUNG = neck_with(string_set=SET)


def solved_of(*more: Any) -> Any:
    from nuvrek.readings.entries import State

    slack = gaps(0.02, State(strings="slack"))
    return compute(neck_state([*FINE, *slack, *heights(2.0, 1.6), *more], STRUNG))[0]


class Against(unittest.TestCase):
    def test_a_string_cut_into_pieces_has_its_note(self) -> None:
        """Masses on a thread under that tension: the lowest of their frequencies is the note."""
        spec, n = StringSpec("E4", 0.254), 400
        newtons, length = tension_n(spec, 648.0)[0], 0.648
        mass = plain_g_per_m(0.254) / 1000.0
        step = length / (n + 1)
        w2 = eigh_tridiagonal(
            np.full(n, 2.0 * newtons / (mass * step**2)),
            np.full(n - 1, -newtons / (mass * step**2)),
            eigvals_only=True,
            select="i",
            select_range=(0, 0),
        )[0]
        self.assertAlmostEqual(math.sqrt(w2) / (2.0 * math.pi), note_hz("E4"), delta=0.2)

    def test_stiffness_by_finite_differences(self) -> None:
        """A stiff string of both lengths, cut into pieces: the half is more than an octave up."""
        spec = StringSpec("G3", 0.51)
        newtons, mm = tension_n(spec, 648.0)[0], 0.51
        ei = STEEL_N_PER_MM2 * math.pi * mm**4 / 64.0
        found = []
        for length in (648.0, 324.0):
            n = 500
            h = length / (n + 1)
            second = (np.diag(np.full(n, 2.0)) - np.eye(n, k=1) - np.eye(n, k=-1)) / h**2
            found.append(
                eigvalsh(newtons * second + ei * second @ second, subset_by_index=(0, 0))[0]
            )
        cents = 600.0 * math.log2(found[1] / found[0]) - 1200.0
        on = string_up(solved_of().map)
        from dataclasses import replace

        from nuvrek.mechanics.strings import stiff_mm

        one = replace(
            on.strung, tension_n=np.full(6, newtons), stiff_mm=np.full(6, stiff_mm(spec, 648.0))
        )
        self.assertAlmostEqual(float(stiffness_cents(one)[0]), cents, delta=0.05)

    def test_a_string_over_an_obstacle(self) -> None:
        """A tone lower, plucked and let go, step by step in pieces (a step of time a piece: exact
        for a string without stiffness): at the lowest clean height it swings over every fret, a
        fifth of a millimetre lower it meets one.
        """
        solved = solved_of()
        on, touch = string_up(solved.map), 2.0
        _, strung = strings_if(on, Measurer(solved.map), OtherStrings(None, semitones=-2), touch)
        lowest = strung.lowest_clean_mm(touch, 12)
        for below, clean in ((0.0, True), (0.2, False)):
            laid = strung.with_height(lowest - below, 12)
            rooms = [
                _least_room_mm(laid, string=0, note=note, touch=touch) for note in range(1, 21)
            ]
            self.assertEqual(min(rooms) > -0.02, clean, (below, min(rooms)))

    def test_what_a_metre_weighs(self) -> None:
        """The wrap as a helix of round wire, its length summed turn by turn."""
        gauge, share = 1.168, 0.42
        core, wire = share * gauge, 0.5 * gauge * (1.0 - share)
        at = np.linspace(0.0, 2.0 * np.pi / wire * 1000.0, 400_001)
        radius = 0.5 * (core + wire)
        length = float(np.sum(np.hypot(radius * np.diff(at), np.diff(at) * wire / (2.0 * np.pi))))
        volume = 0.25 * np.pi * (core**2 * 1000.0 + wire**2 * length)
        self.assertAlmostEqual(wound_g_per_m(gauge), volume * 7.85e-3, delta=0.05)
        rows = {thou: row for thou, *row in table()}
        self.assertAlmostEqual(rows[10][0] or 0.0, 0.398, places=2)
        for _, steel, bronze in rows.values():
            if steel is not None and bronze is not None:
                self.assertGreater(bronze, steel)


def _least_room_mm(strung: Any, string: int, note: int, touch: float) -> float:
    """Room left over the frets ahead of a note by a swing of one period, cut into 500 pieces."""
    pieces, scale = 500, strung.scale_mm
    length = scale - strung.x_mm[note]
    plucked = length - min(0.2 * scale, 0.5 * length)
    aside = touch / 1000.0 * plucked * (length - plucked) / length
    at = np.linspace(0.0, length, pieces + 1)
    now = np.where(at <= plucked, at / plucked, (length - at) / (length - plucked)) * aside
    before = now.copy()
    before[1:-1] = 0.5 * (now[2:] + now[:-2])
    lowest = np.minimum(now, before)
    for _ in range(2 * pieces):
        following = np.zeros_like(now)
        following[1:-1] = now[2:] + now[:-2] - before[1:-1]
        before, now = now, following
        lowest = np.minimum(lowest, now)
    rooms = []
    for fret in range(note + 1, len(strung.x_mm)):
        place = strung.x_mm[fret] - strung.x_mm[note]
        share = place / length
        still = strung.tops_mm[string, note] * (1.0 - share) + strung.saddle_mm[string] * share
        swing = float(np.interp(place, at, lowest))
        rooms.append(still + swing - strung.tops_mm[string, fret])
    return min(rooms)


class Asked(unittest.TestCase):
    def test_today_and_then(self) -> None:
        solved = solved_of()
        on, measurer = string_up(solved.map), Measurer(solved.map)
        today = strings_today(on, measurer, 2.0)
        lower, strung = strings_if(on, measurer, OtherStrings(None, semitones=-2), 2.0)
        # Two semitones down is a fifth of the tension (2^(-1/3) = 0.794).
        self.assertAlmostEqual(lower.total_n / today.total_n, 2.0 ** (-1.0 / 3.0), places=3)
        assert today.relief_mm is not None and lower.relief_mm is not None
        self.assertLess(lower.relief_mm, today.relief_mm)
        less = today.relief_mm - lower.relief_mm
        sinks = today.action_mm[0] - lower.action_mm[0]
        self.assertTrue(1.0 * less < sinks < 2.8 * less, (less, sinks))
        # A slacker string swings wider and is drawn sharper by the same fret.
        assert today.cents_1 is not None and lower.cents_1 is not None
        self.assertGreater(max(lower.cents_1), max(today.cents_1))
        capo, _ = strings_if(on, measurer, OtherStrings(None, 0, capo=5), 2.0)
        self.assertLessEqual(max(capo.lowest_mm), max(today.lowest_mm) + 1e-9)
        self.assertEqual(capo.total_n, today.total_n)
        same, _ = strings_if(on, measurer, OtherStrings(), 2.0)
        self.assertAlmostEqual(same.relief_mm or 0.0, today.relief_mm, places=9)
        self.assertEqual(strung.tops_mm.shape, on.strung.tops_mm.shape)

    def test_a_set_as_it_is_typed(self) -> None:
        inch = "46w 36w 26w 17 13 10"
        found = set_in(inch, SET)
        assert isinstance(found, tuple)
        self.assertEqual([spec.note for spec in found], [spec.note for spec in SET])
        self.assertAlmostEqual(found[0].gauge_mm, 1.1684, places=3)
        self.assertEqual(set_text(found, True), inch)
        self.assertEqual(set_in("10 13 17 26w 36w 46w", SET), found)
        self.assertIsNone(set_in("  ", SET))
        for wrong in ("46 36", "46w 36w 26w 17 13 thick"):
            self.assertNotIsInstance(set_in(wrong, SET), tuple)
        plain = set_in("46 36 26 17 13 10", SET)
        assert isinstance(plain, tuple)
        self.assertEqual([spec.wound for spec in plain], [spec.wound for spec in SET])

    def test_a_page_forgets_it_with_the_next_way(self) -> None:
        page = StringRoomPage(solved_of())
        low = page.low_mm
        page.set_other(OtherStrings(None, semitones=-4))
        self.assertLess(page.low_mm, low)
        matters = [say(one.matter) for one in page.beside(Unit.MM, Unit.MM)]
        self.assertIn("Sharp at fret 12", matters)
        page.set_way(None)
        self.assertFalse(page.other.asks)


class AtTheWindow(WindowCase):
    def test_asked_by_keys_and_told_beside(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(7)
        window.show_stage("String room")
        stage = window.stages["String room"]
        self.settle(window) if hasattr(self, "settle") else None
        self.keys(window, "0")
        self.assertEqual(stage.faces.currentIndex(), 1)
        face = stage.what_if
        face.tuning.setCurrentIndex(2)
        face._asked()
        self.assertEqual(stage.room.other.semitones, -2)
        face.gauges.setText("far too few")
        face._asked()
        self.assertTrue(face.fault.text() or not face.gauges.isEnabled())
        self.keys(window, "0")
        self.assertFalse(stage.room.other.asks)
