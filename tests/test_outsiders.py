"""The map on necks, tools and a hand that share nothing with the program: a seeded sample.

Aims and more necks are in benchmarks/outsiders.py; here with room for a handful.
"""

import os
import random
import unittest
from collections import defaultdict

import numpy as np
from benchmarks.outsiders import Score, measured
from msgspec import structs

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import (
    AnyEntry,
    CrownHeight,
    OthersStill,
    RoundStart,
    State,
    StateChange,
    StringGap,
)
from nuvrek.readings.journal import fold
from nuvrek.readings.stations import shows_light
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round
from tests.outside.hand import OutsideHand
from tests.outside.necks import FAULTS, outside_neck
from tests.support import neck_state

FIRST = 720_000
SLACK = State(strings="slack")
DRIFT = FAULTS.index("drift")
NECKS = int(os.environ.get("NUVREK_NECKS", len(FAULTS)))


def scored(name: str) -> dict[str, Score]:
    scores: dict[str, Score] = defaultdict(Score)
    for seed in range(FIRST, FIRST + NECKS):
        truth, found, minutes = measured(seed, name)
        for group in (truth.fault, "all"):
            scores[group].add(truth, found, minutes)
    return scores


class OutsideNecks(unittest.TestCase):
    def within(self, name: str, median: float, held: float) -> None:
        scores = scored(name)
        every = scores["all"]
        self.assertLess(float(np.median(every.rms)), median)
        self.assertGreater(float(np.mean(every.held)), held)
        # What moved while it was measured is neither lost nor passed over.
        self.assertGreater(float(np.mean(scores["drift"].held)), 0.75)

    def test_leaves_and_rocker(self) -> None:
        self.within("full", 0.02, 0.88)

    def test_a_basic_round(self) -> None:
        self.within("basic", 0.034, 0.86)

    def test_an_indicator(self) -> None:
        self.within("indicator", 0.0042, 0.84)


def surveyed(seed: int) -> tuple[OutsideHand, list[AnyEntry]]:
    hand = OutsideHand(outside_neck(seed), np.random.default_rng([78, seed]))
    return hand, measure_round(hand, "full", kit=Kit())


class Relations(unittest.TestCase):
    """What may change a map, and what may not, whatever the neck."""

    def test_the_order_within_one_state_of_the_strings_changes_nothing(self) -> None:
        for seed in range(FIRST, FIRST + 4):
            hand, entries = surveyed(seed)
            slack = next(
                n
                for n, one in enumerate(entries)
                if isinstance(one, StateChange) and one.state.strings == "slack"
            )
            # The last reading is the first once more: that order tells what moved.
            shuffled, last = entries[slack + 1 : -1], entries[-1]
            random.Random(seed).shuffle(shuffled)
            one, other = (
                map_neck(fold(hand.neck, journal))
                for journal in (entries, [*entries[: slack + 1], *shuffled, last])
            )
            np.testing.assert_allclose(one.tops_mm, other.tops_mm, atol=1e-6)
            np.testing.assert_allclose(one.tops_doubt_mm, other.tops_doubt_mm, atol=1e-6)

    def test_brought_on_reading_by_reading_or_at_once_is_the_same(self) -> None:
        hand, entries = surveyed(FIRST)
        grown = None
        for n in range(len(entries) - 6, len(entries) + 1):
            grown = map_neck(fold(hand.neck, entries[:n]), grown)
        at_once = map_neck(fold(hand.neck, entries))
        assert grown is not None
        np.testing.assert_allclose(grown.tops_mm, at_once.tops_mm, atol=1e-6)


def over_7(mm: float, station: str, lane: Lane = "bass") -> StringGap:
    edge = {"low_support": 1, "high_support": 16, "fret": 7, "by": "edge", "state": SLACK}
    return StringGap(lane=lane, gap_mm=mm, station=station, **edge)


def _a_step_apart() -> list[AnyEntry]:
    """The first gap once more, twice, each between two blades."""
    begun = over_7(0.30, "moved-a"), over_7(0.30, "moved-a-twice")
    return [
        structs.replace(one, gap_mm=None, slides_mm=low, drags_mm=low + 0.05)
        for one, low in zip(begun, (0.3, 0.35), strict=True)
    ]


class Drift(unittest.TestCase):
    def test_one_slip_is_no_moved_neck_and_a_foreign_name_none_at_all(self) -> None:
        begun = [
            RoundStart(name="basic"),
            over_7(0.15, "a"),
            over_7(0.15, "b", "treble"),
            *(OthersStill(lane=k, frets=tuple(range(2, 22)), state=SLACK) for k in LANES),
        ]
        foreign = CrownHeight(lane="bass", fret=3, height_mm=1.1, station="moved-x")
        once, still = over_7(0.30, "moved-a"), over_7(0.15, "moved-a-twice")
        twice = over_7(0.30, "moved-a-twice")
        # By hand: what moved by 0.15 in one round is as much on the side that was not read again.
        cases = (
            ([over_7(0.16, "moved-a")], [], 0.16),
            ([once, twice], ["drift"], 0.30),
            # Blades of 0.30 and 0.35, then of 0.35 and 0.40: a step apart, whatever is rounded.
            (_a_step_apart(), ["drift"], 0.35),
            ([once, still], ["odd"], 0.16),
            ([once], [], 0.16),
            ([foreign, foreign], [], 0.16),
        )
        for more, told, treble in cases:
            found = map_neck(neck_state([*begun, *more]))
            kinds = [one.kind for one in find(found) if one.kind in ("drift", "odd")]
            self.assertEqual(kinds, told)
            self.assertAlmostEqual(found.relief_at("treble", "slack").mm, treble, delta=0.03)

    def test_what_moved_by_more_than_a_leaf_is_said_and_no_still_neck_is_called_so(self) -> None:
        moved, said = 0, 0
        for seed in range(FIRST + DRIFT, FIRST + 144, len(FAULTS)):
            truth, found, minutes = measured(seed, "full")
            last = found.neck_state.taken[-1].reading
            # From the first slack gap on, about eight minutes into the round; and where no light
            # is left at the end a leaf tells no more than that.
            far = abs(truth.drift_mm) * (minutes - 8.0) / 20.0 > 0.09
            if far and isinstance(last, StringGap) and shows_light(last):
                moved += 1
                said += any(finding.kind == "drift" for finding in find(found))
        self.assertGreater(moved, 1)
        self.assertEqual(said, moved)
        for seed in range(FIRST, FIRST + DRIFT):
            found = measured(seed, "full")[1]
            self.assertNotIn("drift", [finding.kind for finding in find(found)], seed)
