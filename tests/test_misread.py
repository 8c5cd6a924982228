"""A gap that is read once and wrong is named: each reading is asked what the others foretold of it.

The necks and the hand share nothing with the estimate; the full count is benchmarks/misread.py.
"""

import unittest
from dataclasses import replace
from functools import cache

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.readings.entries import AnyEntry, State, Strike, StringGap, Strings
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.misreading import misread
from nuvrek.simulator.strangers import Stranger, stranger
from nuvrek.wording.speech import say
from tests.support import EVERY, NECK, neck_state

SEEDS = [
    seed for seed in range(191_000, 191_012 if EVERY else 191_006) if stranger(seed).kind != "bare"
]
BY_MM = 0.5
STRINGS: tuple[Strings, Strings] = ("pitch", "slack")


@cache
def read(seed: int, name: str) -> tuple[Stranger, tuple[AnyEntry, ...]]:
    one = stranger(seed)
    return one, tuple(measure_round(replace(one.bench, misreads=0.0), name))


def mapped_wrong(seed: int, name: str, strings: Strings) -> tuple[HeightMap, int, list[AnyEntry]]:
    one, entries = read(seed, name)
    rng = np.random.default_rng(seed)
    wrong, number = misread(entries, one.truth.neck, strings, BY_MM, rng)
    return map_neck(fold(one.truth.neck, wrong)), number, wrong


class Misread(unittest.TestCase):
    def named(self, name: str) -> float:
        found = [
            number in [odd.number for odd in neck_map.odd]
            for seed in SEEDS
            for strings in STRINGS
            for neck_map, number, _ in [mapped_wrong(seed, name, strings)]
        ]
        return float(np.mean(found))

    def test_every_misread_gap_of_a_guided_round_is_named(self) -> None:
        self.assertEqual(self.named("full"), 1.0)

    def test_four_in_five_of_a_basic_round_are(self) -> None:
        self.assertGreaterEqual(self.named("basic"), 0.8)

    def test_sound_gaps_are_not_nor_are_those_taken_again(self) -> None:
        sound = false = 0
        for seed in SEEDS:
            one, entries = read(seed, "basic")
            journals: list[list[AnyEntry]] = [list(entries)]
            for strings in STRINGS:
                _, number, wrong = mapped_wrong(seed, "basic", strings)
                journals.append([*wrong, Strike(entry=number), entries[number - 1]])
            for journal in journals:
                sound += sum(isinstance(entry, StringGap) for entry in entries)
                false += len(map_neck(fold(one.truth.neck, journal)).odd)
        self.assertGreater(sound, 200 if EVERY else 100)
        self.assertLessEqual(false / sound, 0.01)

    def test_what_the_others_are_said_to_say_is_possible(self) -> None:
        told = [
            say(finding.text)
            for seed in SEEDS
            for strings in STRINGS
            for finding in find(mapped_wrong(seed, "basic", strings)[0])
            if finding.kind == "odd"
        ]
        self.assertGreater(len(told), len(SEEDS))
        for text in told:
            self.assertNotIn(" -", text)

    def test_the_pull_is_never_below_nothing_by_more_than_its_doubt(self) -> None:
        for seed in SEEDS:
            for strings in STRINGS:
                neck_map, _, _ = mapped_wrong(seed, "basic", strings)
                self.assertGreater(neck_map.pull_mm, -neck_map.pull_doubt_mm, seed)


class Bounds(unittest.TestCase):
    def test_strings_pull_relief_in_whatever_a_lone_pair_of_gaps_says(self) -> None:
        """More dip slack than at pitch on both sides: no neck does that."""
        entries: list[AnyEntry] = [
            StringGap(
                lane=lane,
                low_support=1,
                high_support=16,
                fret=7,
                by="string" if strings == "pitch" else "edge",
                gap_mm=mm,
                state=State(strings=strings),
            )
            for strings, mm in (("pitch", 0.2), ("slack", 0.45))
            for lane in ("bass", "treble")
        ]
        neck_map = map_neck(neck_state(entries, NECK))
        self.assertGreater(neck_map.pull_mm, -0.02)
        self.assertTrue(neck_map.odd)


if __name__ == "__main__":
    unittest.main()
