"""What happens to a practice neck under tools and hands, against geometry and closed forms."""

import os
import unittest
import wave
from io import BytesIO
from typing import Any

import numpy as np
from shapely.geometry import MultiPoint

from nuvrek.clearance.swing import displacement_mm, swing_share
from nuvrek.neck.touch import PLUCKED_SHARE
from nuvrek.practice.at_work import sounds
from nuvrek.practice.lessons.plain_neck import as_wanted, hump, plain_neck
from nuvrek.simulator.living import filing, tools, working
from nuvrek.simulator.living.lying import crests, lie
from nuvrek.simulator.living.neck import GLUE_MIN
from nuvrek.simulator.living.ringing import clean, rooms_mm, swings
from tests.support import WindowCase

ALL = [0, 1, 2]


def slack(**planted: float) -> Any:
    """A plain neck with its strings down; ``f7=0.1`` plants a fret so much higher."""
    one = plain_neck(3)
    for name, mm in planted.items():
        one.crown_mm[int(name[1:])] += mm
    as_wanted(one)
    working.strings(one, "slack")
    return one


class Lying(unittest.TestCase):
    def test_an_edge_lies_on_the_convex_hull_of_a_geometry_library(self) -> None:
        rng = np.random.default_rng(20)
        for _ in range(60):
            x = np.sort(rng.uniform(0.0, 400.0, 15))
            h = rng.normal(0.0, 0.1, 15)
            hull = MultiPoint(list(zip(x, h, strict=True))).convex_hull
            on = {round(float(px), 6) for px, _ in hull.exterior.coords}
            self.assertLessEqual({round(float(x[n]), 6) for n in crests(x, h, [*range(15)])}, on)
            found = lie(x, h, list(range(15)))
            a, b = found.contacts
            middle = 0.5 * (x[0] + x[-1])
            self.assertTrue(x[a] <= middle <= x[b], "its weight hangs between what carries it")
            line = h[a] + (h[b] - h[a]) * (x - x[a]) / (x[b] - x[a])
            self.assertGreater((line - h).min(), -1e-12, "nothing stands through it")

    def test_over_a_hump_it_rocks_and_pressed_it_hides_the_light(self) -> None:
        one = plain_neck(4, relief_mm=0.1)
        self.assertFalse(tools.edge(one, "middle", 1, 22).rocks, "a dip carries it at its ends")
        hump(one, 12, 0.25, 28.0)
        seen = tools.edge(one, "middle", 1, 22)
        self.assertTrue(seen.rocks)
        self.assertGreater(min(seen.light_mm[0] + seen.light_mm[-1], seen.light_mm[3]), 0.02)
        bowed = plain_neck(5, relief_mm=0.2)
        free, pressed = (
            tools.edge(bowed, "middle", 1, 16, pressed=hand).light_mm.max()
            for hand in (False, True)
        )
        self.assertLess(pressed, free - 0.05)

    def test_notches_of_another_scale_stand_on_frets(self) -> None:
        one = plain_neck(6)
        own = tools.edge(one, "middle", 1, 16, "wood", notched_mm=648.0)
        other = tools.edge(one, "middle", 1, 16, "wood", notched_mm=628.0)
        self.assertEqual(own.notch_hits, ())
        self.assertTrue(other.notch_hits)
        self.assertGreater(other.light_mm.max(), own.light_mm.max() + 0.3)

    def test_a_long_rocker_stands_on_more_than_three(self) -> None:
        one = slack(f20=0.1)
        self.assertEqual(tools.rocker(one, "bass", 18, 30.0).frets, (17, 18, 19))
        self.assertFalse(tools.rocker(one, "bass", 18, 30.0).rocks)
        far = tools.rocker(one, "bass", 18, 75.0)
        self.assertGreater(len(far.frets), 4)
        self.assertTrue(far.rocks, "it speaks of 20 and is called 18")

    def test_leaves_slide_drag_and_stop_in_this_order(self) -> None:
        one = plain_neck(7, relief_mm=0.3)
        felt = [
            tools.leaf_under_string(one, "bass", 1, 16, 8, leaf) for leaf in (0.1, 0.2, 0.4, 0.6)
        ]
        self.assertEqual((felt[0], felt[-1]), ("slides", "stops"))
        order = {"slides": 0, "drags": 1, "stops": 2}
        self.assertEqual(felt, sorted(felt, key=order.__getitem__))


class Filing(unittest.TestCase):
    def test_one_proud_fret_carries_the_block(self) -> None:
        one = slack(f9=0.2)
        filing.block(one, 1, 22, ALL, 10, "own weight", 300.0)
        taken = one.taken_mm.mean(axis=1)
        self.assertEqual(int(taken.argmax()), 9)
        self.assertGreater(taken[9], 0.3 * taken.sum())

    def test_a_loose_fret_ducks_under_the_block_and_comes_up_again(self) -> None:
        one = slack()
        one.stand_off_mm[9], one.held[9] = 0.15, False
        filing.block(one, 1, 22, ALL, 80, "pressed", 450.0)
        self.assertLess(one.taken_mm[9].mean(), 1.5 * one.taken_mm[[8, 10]].mean())
        tops, x = one.tops_mm()[:, 1], one.x_mm
        from nuvrek.simulator.living.lying import over_line

        self.assertGreater(over_line(x, tops, 8, 9, 10), 0.12)
        self.assertEqual(one.loose, (9,))

    def test_glue_needs_its_time_and_a_press_alone_comes_up(self) -> None:
        for minutes, holds in ((GLUE_MIN - 60, False), (GLUE_MIN + 1, True)):
            one = slack()
            one.stand_off_mm[9], one.held[9] = 0.15, False
            working.press(one, 9, "whole", "firm")
            self.assertGreater(one.stand_off_mm[9, 1], 0.05)
            working.glue(one, 9)
            one.pass_time(minutes)
            filing.file_fret(one, 5, ALL, 1, "fingertips")
            one.pass_time(GLUE_MIN + 1)
            self.assertEqual(not one.loose, holds)

    def test_metal_runs_out_and_grooves_go_with_it(self) -> None:
        one = slack()
        one.groove_mm[4] = 0.05
        filing.file_fret(one, 4, ALL, 30, "fingertips")
        self.assertEqual(one.groove_mm[4].max(), 0.0)
        for _ in range(40):
            filing.file_fret(one, 4, ALL, 60, "pressed")
        self.assertGreaterEqual(one.crown_mm[4].min(), 0.049)

    def test_heat_goes_back_less_where_a_rod_holds_it(self) -> None:
        left = []
        for turns in (0.0, 0.5):
            one = plain_neck(8, relief_mm=0.5)
            working.strings(one, "slack")
            one.rods[0].at = turns
            before = float(one.relief_mm()[1])
            working.heat(one, 0.3)
            self.assertAlmostEqual(before - float(one.relief_mm()[1]), 0.3, 2)
            one.pass_time(30 * 24 * 60.0)
            left.append(before - float(one.relief_mm()[1]))
        self.assertLess(left[0], 0.5 * 0.3)
        self.assertGreater(left[1], 0.8 * 0.3)

    def test_a_rod_turned_at_pitch_puts_the_strings_out_of_it(self) -> None:
        one = plain_neck(9)
        working.turn_rod(one, 0.5, None)
        self.assertFalse(one.at_pitch)
        self.assertGreater(one.tension, 1.0)
        one.rod_nut = "chewed"
        before = one.relief_mm().copy()
        self.assertEqual(working.turn_rod(one, 0.5, None), "key slips")
        np.testing.assert_array_equal(one.relief_mm(), before)


class Ringing(unittest.TestCase):
    def test_summed_modes_come_to_the_two_triangles(self) -> None:
        """Against the closed form of an ideal string (Fletcher and Rossing, chapter 2), which the
        modes never read; a stiff string goes a little further near the fret.
        """
        scale, x = 648.0, 648.0 * (1.0 - 2.0 ** (-np.arange(23) / 12.0))
        for note in (1, 5, 12):
            length = scale - x[note]
            plucked = min(PLUCKED_SHARE * scale, 0.5 * length)
            aside = displacement_mm(0.001, 1.0, length, plucked)
            ideal = aside * swing_share(scale - x[note + 3 :], length, plucked)
            np.testing.assert_allclose(swings(scale, 22)[note, note + 3 :], ideal, rtol=0.08)

    def test_one_high_fret_chokes_the_notes_behind_it_and_no_other(self) -> None:
        """A fret half a millimetre proud under low strings (common practice, no source)."""
        self.assertTrue(clean(plain_neck(2)).all())
        one = plain_neck(2)
        one.crown_mm[9] += 0.5
        rings = clean(one)
        self.assertFalse(rings[:, 8].any(), "the note at 8 meets the top of 9")
        self.assertTrue(rings[:, 9:].all(), "notes at 9 and beyond have it behind them")
        one.set_string_height(0.4, 0.3)
        self.assertLess(rooms_mm(one).min(), -0.2)

    def test_a_string_slips_off_an_end_that_is_too_round(self) -> None:
        one = plain_neck(2)
        working.round_end(one, 7, "treble", 12)
        self.assertEqual(tools.pluck(one, 5, 7).sound, "slips off")
        self.assertEqual(tools.pluck(one, 0, 7).sound, "clean")


class Heard(WindowCase):
    def test_what_is_heard_differs_as_it_should(self) -> None:
        clean_note, buzz, dead = (sounds.note(110.0, s) for s in ("clean", "buzzes", "dead"))
        self.assertLess(len(dead), len(clean_note))
        n = len(clean_note)
        high = [float(np.abs(np.fft.rfft(one))[n // 4 :].sum()) for one in (clean_note, buzz)]
        self.assertGreater(high[1], 5.0 * high[0], "a buzz is full of what no string sings")
        with wave.open(BytesIO(sounds.wav(buzz))) as file:
            self.assertEqual((file.getframerate(), file.getnframes()), (sounds.RATE, len(buzz)))
        self.assertGreater(np.std(sounds.leaf("drags")), np.std(sounds.leaf("slides")))

    def test_a_player_is_given_a_file_and_without_one_it_is_silent(self) -> None:
        from PyQt6.QtCore import QObject

        from nuvrek.desktop.practice.sound import Sounds
        from nuvrek.practice.at_work.actions import Rocker
        from nuvrek.practice.at_work.doing import Felt

        out = self.folder / "played"
        player = self.folder / "aplay"
        player.write_text(f'#!/bin/sh\ncp "$1" {out}\n')
        player.chmod(0o755)
        before = os.environ["PATH"]
        self.addCleanup(os.environ.__setitem__, "PATH", before)
        knock = Rocker(lane="bass", fret=7, edge_mm=60.0), Felt("rocks", "It rocks.")
        neck = plain_neck(1).neck
        os.environ["PATH"] = str(self.folder)
        holder = QObject()
        heard = Sounds(holder)
        os.environ["PATH"] = before
        heard.felt(*knock, neck)
        self.wait_until(lambda: out.exists() and out.stat().st_size > 1000)
        heard.close()
        os.environ["PATH"] = str(self.folder / "nothing")
        silent = Sounds(holder)
        self.assertFalse(silent.on)
        silent.felt(*knock, neck)
        silent.close()


if __name__ == "__main__":
    unittest.main()
