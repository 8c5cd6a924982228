"""String room against the series of a plucked string, a plain loop, definitions, and the truth
of made-up necks.
"""

import math
import unittest

import numpy as np

from nuvrek.clearance.even_relief import even_relief_mm, sharp_cents
from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_lines import lane_weights
from nuvrek.clearance.strung_neck import string_up
from nuvrek.clearance.swing import displacement_mm, overshoot, swing_share
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.exchange.answers import map_answer
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.scale import fret_places_mm
from nuvrek.neck.touch import PLUCKED_SHARE, TOUCHES
from nuvrek.readings.entries import AnyEntry, State, StringHeight
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import NECK, compute, measured, neck_state, neck_with
from tests.test_pulls import LIGHT
from tests.test_rod import gaps


def straight(relief: float = 0.0, frets: int = 22) -> Strung:
    x = fret_places_mm(648.0, frets)
    tops = np.zeros((1, frets + 1)) - relief * bend_profile(neck_with(frets=frets))
    tops[0, 0] += 0.1
    return Strung(648.0, x, tops, np.array([4.0]), np.array([75.0]))


class Swing(unittest.TestCase):
    def test_envelope_is_that_of_the_series(self) -> None:
        # Fletcher and Rossing, The Physics of Musical Instruments, chapter 2 (value from memory):
        # drawn aside by 1 at p, y(z, t) = sum 2 l^2 / (k^2 pi^2 p (l - p)) sin(k pi p / l) sin(k pi
        # z / l) cos(k w t).
        length, plucked = 648.0, 140.0
        k = np.arange(1, 400_001)
        size = (
            2
            * length**2
            / (k**2 * np.pi**2 * plucked * (length - plucked))
            * np.sin(k * np.pi * plucked / length)
        )
        for place in (31.0, 140.0, 300.0, 508.0, 590.0):
            shape = size * np.sin(k * np.pi * place / length)
            moments = [
                abs(float(shape @ np.cos(k * np.pi * phase))) for phase in np.linspace(0.0, 1.0, 9)
            ]
            bound = float(swing_share(place, length, plucked))
            self.assertAlmostEqual(max(moments[0], moments[-1]), bound, places=5)
            self.assertLessEqual(max(moments), bound + 1e-5)
        # Summed to convergence away from the kink: one in a million.
        shape = size * np.sin(k * np.pi * 300.0 / length)
        ends = max(abs(float(shape.sum())), abs(float(shape @ np.cos(k * np.pi))))
        self.assertAlmostEqual(ends, float(swing_share(300.0, length, plucked)), delta=1e-6)

    def test_displacement_by_hand(self) -> None:
        # Pulled in the middle of a metre at 100 N with 1 N: both halves rise by d / 500 mm, 2 * 100
        # * d / 500 = 1.
        self.assertAlmostEqual(float(displacement_mm(1.0, 100.0, 1000.0, 500.0)), 2.5)


class Stiff(unittest.TestCase):
    """A stiff string against sums over its modes and against finite differences."""

    STEEL, SCALE = 205e9, 648.0

    def inharmonic(self, gauge_mm: float, tension: float, length_mm: float) -> float:
        # Fletcher and Rossing, chapter 2: f_k = k f sqrt(1 + B k^2), B = pi^3 E d^4 / (64 T l^2).
        return float(
            np.pi**3 * self.STEEL * (gauge_mm / 1e3) ** 4 / (64 * tension * (length_mm / 1e3) ** 2)
        )

    def farthest(self, b: float, length: float, plucked: float, place: float) -> float:
        k, t = np.arange(1, 201), np.linspace(0.0, 0.03, 4000)
        shape = 2 * length**2 / (k**2 * np.pi**2 * plucked * (length - plucked))
        shape = shape * np.sin(k * np.pi * plucked / length) * np.sin(k * np.pi * place / length)
        swing = np.cos(2 * np.pi * 110 * k * np.sqrt(1 + b * k * k) * t[:, None])
        return float(np.abs((swing * np.exp(-(1 + 0.02 * k * k) * t[:, None])) @ shape).max())

    def test_ahead_of_the_fret_it_leaves_the_triangles(self) -> None:
        for gauge, tension in ((0.25, 72.0), (0.33, 68.0), (0.43, 75.0)):
            spec_stiff = gauge**2 * np.sqrt(np.pi**3 * self.STEEL / 1e6 / (64 * tension))
            for note in (1, 5, 9, 12):
                length = self.SCALE * 2 ** (-note / 12)
                plucked = min(PLUCKED_SHARE * self.SCALE, 0.5 * length)
                b = self.inharmonic(gauge, tension, length)
                for fret in (1, 2, 4):
                    ahead = length * (1 - 2 ** (-fret / 12))
                    ideal = float(swing_share(length - ahead, length, plucked))
                    true = self.farthest(b, length, plucked, length - ahead) / ideal
                    self.assertAlmostEqual(
                        float(overshoot(spec_stiff, ahead)),
                        true,
                        delta=0.07,
                        msg=(gauge, note, fret),
                    )

    def test_finite_differences_agree_with_the_modes(self) -> None:
        # u_tt = c^2 u_xx - K^2 u_xxxx, pinned, explicit (Bilbao, Numerical Sound Synthesis, chapter
        # 7, from memory); over the first period, where losses hardly tell.
        length, plucked, f, n = 324.0, 142.0, 220.0, 120
        b = self.inharmonic(0.43, 75.0, length)
        c = 2 * f * length
        stiffness = c * np.sqrt(b) * length / np.pi
        h = length / n
        dt = 0.95 / np.sqrt((c / h) ** 2 + 4 * stiffness**2 / h**4)
        x = np.linspace(0.0, length, n + 1)
        u = np.minimum(x / plucked, (length - x) / (length - plucked))
        before, farthest = u.copy(), np.abs(u)
        for _ in range(int(1.0 / f / dt)):
            wide = np.concatenate(([-u[1]], u, [-u[-2]]))
            bend = np.diff(wide, 2)
            again = np.diff(bend, 2)
            force = np.zeros_like(u)
            force[1:-1] = c * c * bend[1:-1] / h**2 - stiffness**2 * again / h**4
            before, u = u, 2 * u - before + dt * dt * force
            farthest = np.maximum(farthest, np.abs(u))
        for ahead in (18.2, 35.3):
            at = float(np.interp(length - ahead, x, farthest))
            self.assertAlmostEqual(
                at, self.farthest(b, length, plucked, length - ahead), delta=0.02
            )


class Rooms(unittest.TestCase):
    def test_equal_to_a_plain_loop(self) -> None:
        rng = np.random.default_rng(4)
        x = fret_places_mm(648.0, 24)
        strung = Strung(
            648.0, x, rng.normal(0, 0.05, (6, 25)), rng.uniform(3, 5, 6), rng.uniform(60, 90, 6)
        )
        rooms, first = strung.note_rooms(6.7)
        for s in range(6):
            for n in range(24):
                length = 648.0 - x[n]
                p = min(PLUCKED_SHARE * 648.0, length / 2)
                force = 0.0067 * strung.tension_n[s]
                d = force * p * (length - p) / (strung.tension_n[s] * length)
                found = []
                for m in range(n + 1, 25):
                    z = 648.0 - x[m]
                    line = (
                        strung.tops_mm[s, n]
                        + (strung.saddle_mm[s] - strung.tops_mm[s, n]) * (x[m] - x[n]) / length
                    )
                    share = max(min(z / q, (length - z) / (length - q)) for q in (p, length - p))
                    found.append(line - d * share - strung.tops_mm[s, m])
                self.assertAlmostEqual(rooms[s, n], min(found), places=9)
                self.assertEqual(first[s, n], n + 1 + int(np.argmin(found)))

    def test_at_the_lowest_clean_height_the_tightest_note_just_clears(self) -> None:
        strung = straight(0.1)
        lowest = strung.lowest_clean_mm(6.7)
        rooms, _ = strung.with_height(lowest).note_rooms(6.7)
        self.assertAlmostEqual(float(rooms[0, 1:].min()), 0.0, places=9)
        self.assertAlmostEqual(
            float(strung.height_mm(strung.saddle_for_mm(np.array([1.7])))[0]), 1.7
        )

    def test_one_proud_fret_is_touched_by_the_notes_behind_it(self) -> None:
        strung = straight(0.1).with_height(np.array([1.5]))
        tops = strung.tops_mm.copy()
        tops[0, 9] += 0.12
        rooms, first = Strung(
            648.0, strung.x_mm, tops, strung.saddle_mm, strung.tension_n
        ).note_rooms(6.7)
        fell = np.flatnonzero(strung.note_rooms(6.7)[0][0, :-1] - rooms[0, :-1] > 0.02)
        self.assertTrue(set(fell) <= set(range(9)))
        self.assertEqual({int(first[0, n]) for n in fell}, {9})

    def test_outer_strings_lie_outside_the_lanes_up_the_neck(self) -> None:
        weights = lane_weights(NECK)
        np.testing.assert_allclose(weights.sum(axis=2), 1.0)
        self.assertEqual(weights.shape, (6, 23, 3))
        self.assertGreater(weights[0, -1, 0], weights[0, 0, 0])
        np.testing.assert_allclose(weights[0], weights[-1][:, ::-1])


class Even(unittest.TestCase):
    def test_a_straight_neck_wants_some_relief(self) -> None:
        # Common practice, no source: 10-12 thou on firm playing, 4-7 thou on light; 0.2 to 0.35 mm
        # with the usual touch.
        bend, found = bend_profile(NECK), {}
        for touch, size in TOUCHES.items():
            found[touch], height = even_relief_mm(straight(), bend, 0.0, size)
            there = straight(found[touch]).with_height(np.array([height]))
            flat = straight().with_height(np.array([height]))
            spread = [float(np.std(s.note_rooms(size)[0][0, 1:-1])) for s in (there, flat)]
            self.assertLess(spread[0], spread[1])
            self.assertLess(height, float(straight().lowest_clean_mm(size)[0]))
        self.assertTrue(0.2 <= found["usual"] <= 0.35, found)
        self.assertTrue(4 * 0.0254 <= found["light"] <= 7 * 0.0254, found)
        self.assertTrue(10 * 0.0254 <= found["firm"] <= 14.5 * 0.0254, found)

    def test_an_acoustic_and_a_bass_come_out_as_they_are_set(self) -> None:
        # Common practice, no source: a steel-string acoustic wants about 0.19 mm of relief and lies
        # at about 1.5 mm over 12, a long bass about 0.29 and 1.9.
        for scale, joint, stiff, relief, height in (
            (645.0, 14, 4.5, 0.19, 1.5),
            (864.0, 16, 4.0, 0.29, 1.9),
        ):
            neck = neck_with(scale_mm=scale, frets=20, joint_fret=joint)
            x = fret_places_mm(scale, 20)
            one = Strung(scale, x, np.zeros((1, 21)), np.array([3.0]), np.array([121.0]), stiff)
            found, low = even_relief_mm(one, bend_profile(neck), 0.0, TOUCHES["usual"])
            self.assertAlmostEqual(found, relief, delta=0.03)
            self.assertAlmostEqual(low, height, delta=0.2)

    def test_no_relief_lets_the_string_lie_lower(self) -> None:
        best, height = even_relief_mm(straight(), bend_profile(NECK), 0.0, 6.7)
        for other in np.linspace(-0.1, 0.6, 15):
            self.assertGreaterEqual(
                float(straight(float(other)).lowest_clean_mm(6.7)[0]), height - 1e-6, best
            )


class Cents(unittest.TestCase):
    def test_by_the_definition(self) -> None:
        # A plain 0.30 mm string at 75 N, pressed at 12, which lies 2 mm under it, exactly half-way.
        x = fret_places_mm(648.0, 12)
        strung = Strung(648.0, x, np.zeros((1, 13)), np.array([4.0]), np.array([75.0]))
        longer = 324.0 + math.hypot(324.0, 4.0) - math.hypot(648.0, 4.0)
        more = 205_000.0 * math.pi * 0.3**2 / 4 * longer / math.hypot(648.0, 4.0)
        cents = sharp_cents(strung, np.array([0.3]), np.array([False]))
        self.assertAlmostEqual(
            cents[0, 12], 1200 * math.log2(math.sqrt((75.0 + more) / 75.0)), places=9
        )
        self.assertEqual(cents[0, 0], 0.0)
        higher = sharp_cents(
            strung.with_height(np.array([3.0])), np.array([0.3]), np.array([False])
        )
        self.assertGreater(higher[0, 12], cents[0, 12])


class OnNecks(unittest.TestCase):
    def test_buzzing_notes_are_named_on_made_up_necks(self) -> None:
        # Buzz decided by the same physics on the true heights; away from the edge zone.
        named = truly = both = 0
        for seed in range(300, 324):
            _, truth, bench = varied_neck(seed)
            heights: list[AnyEntry] = [
                StringHeight(side=side, fret=12, height_mm=mm, error_mm=0.02, state=State())
                for side, mm in (("bass", 1.35), ("treble", 1.2))
            ]
            entries = measure_round(bench, "full", kit=Kit(notched_mm=(truth.neck.scale_mm,)))
            on = string_up(map_neck(neck_state([*entries, *heights], truth.neck)))
            guess = on.rooms(6.7)
            weights = lane_weights(truth.neck)
            tops = np.einsum("sfk,fk->sf", weights, truth.tops_mm(State()))
            level = np.linspace(1.35, 1.2, len(tops))
            true = Strung(
                truth.neck.scale_mm, on.strung.x_mm, tops, on.strung.saddle_mm, on.strung.tension_n
            )
            room = true.with_height(level).note_rooms(6.7)[0][:, 1:-1]
            says = guess.buzz[:, 1:] >= 0.8
            clear = np.abs(room) > 0.04
            named += int((says & clear).sum())
            truly += int(((room < 0) & clear).sum())
            both += int((says & (room < 0) & clear).sum())
        self.assertGreater(truly, 50)
        self.assertGreaterEqual(both / named, 0.9)
        self.assertGreaterEqual(both / truly, 0.8)

    def test_what_nobody_measured_is_assumed_and_said(self) -> None:
        bare = string_up(map_neck(neck_state(gaps(0.2), neck_with())))
        self.assertEqual(len(bare.assumed), 4)
        full = string_up(
            map_neck(
                neck_state(
                    [*gaps(0.2), StringHeight(side="bass", fret=12, height_mm=2.0)],
                    neck_with(string_set=LIGHT),
                )
            )
        )
        self.assertFalse(any("Gauges" in say(one.words(Unit.MM)) for one in full.assumed))
        self.assertTrue(
            any("treble side" in say(one.words(Unit.SIXTYFOURTH)) for one in full.assumed)
        )
        self.assertAlmostEqual(float(full.heights_mm[0]), 2.0)

    def test_the_command_line_carries_room_and_lowest_heights(self) -> None:
        truth, entries = measured(3)
        neck_map = map_neck(neck_state(entries, truth.neck))
        room = map_answer(neck_map, find(neck_map))["room"]
        self.assertEqual(len(room["notes"]), 6 * 22)
        self.assertEqual({note["string"] for note in room["notes"]}, set(range(1, 7)))
        _, plan = compute(neck_state(entries, truth.neck))
        leave, level = (plan.way(kind) for kind in ("leave", "level"))
        self.assertEqual(len(level.lowest_mm), 6)
        self.assertLess(
            np.mean([mm for mm, _ in level.lowest_mm]), np.mean([mm for mm, _ in leave.lowest_mm])
        )


if __name__ == "__main__":
    unittest.main()
