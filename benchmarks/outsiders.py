"""The map on necks, tools and a hand that share nothing with the program, by what is the matter.

./run python -m benchmarks.outsiders [FIRST] [NECKS]
"""

from __future__ import annotations

import sys
from collections import defaultdict
from dataclasses import dataclass, field

import numpy as np
from tests.outside.hand import OutsideHand
from tests.outside.necks import OutsideNeck, outside_neck

from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.estimate.next_reading import next_best
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import Strings
from nuvrek.readings.journal import fold
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round

# Never used to set a figure of the model.
FIRST, NECKS = 700_000, 120
# A full survey, and beside it what tools rest on, wherever the map then asks for that.
ROUNDS = ("basic", "full", "asked", "indicator")
MOST_ASKED = 8


@dataclass
class Score:
    """What came of some necks: error of the tops, of relief, and how often the doubts held."""

    rms: list[float] = field(default_factory=list)
    relief: list[float] = field(default_factory=list)
    held: list[float] = field(default_factory=list)
    relief_held: list[bool] = field(default_factory=list)

    def add(self, truth: OutsideNeck, found: HeightMap, minutes: float) -> None:
        pitch = found.state.strings == "pitch"
        error = found.tops_mm - truth.over_line(truth.tops(pitch, minutes))
        counted = found.tops_doubt_mm > 1e-6
        inside = np.abs(error) <= found.tops_doubt_mm
        self.rms.append(float(np.sqrt(np.mean(error**2))))
        self.held.append(float(np.mean(inside[counted])))
        middle = middle_fret(found.neck)
        strings: tuple[Strings, Strings] = ("pitch", "slack")
        for there in strings:
            true = -truth.over_line(truth.wood(there == "pitch", minutes))[middle - 1]
            for k in (0, 2):
                said = found.relief_at(LANES[k], there)
                self.relief.append(said.mm - float(true[k]))
                self.relief_held.append(abs(self.relief[-1]) <= said.doubt_mm)

    def line(self) -> str:
        rms, held = np.array(self.rms), np.array(self.held)
        return (
            f"tops {np.median(rms):.4f} / {np.sqrt(np.mean(rms**2)):.4f}  holds {held.mean():.3f} "
            f"({np.sum(held < 0.8)} under .8)  relief "
            f"{np.sqrt(np.mean(np.square(self.relief))):.4f} holds {np.mean(self.relief_held):.3f}"
        )


def measured(seed: int, name: str) -> tuple[OutsideNeck, HeightMap, float]:
    """One neck measured in one round, its map, and how many minutes that took."""
    truth = outside_neck(seed)
    hand = OutsideHand(truth, np.random.default_rng([78, seed]))
    kit = Kit(indicator=name == "indicator")
    entries = measure_round(hand, name if name in ("basic", "full") else "full", kit=kit)
    found = map_neck(fold(hand.neck, entries))
    for _ in range(MOST_ASKED if name == "asked" else 0):
        more = [s.station for s in next_best(found).suggestions if s.station.kind == "edge-rests"]
        if not more:
            break
        entries += hand.take(more[0], found.state)
        found = map_neck(fold(hand.neck, entries), found)
    return truth, found, hand.minutes


def main(first: int = FIRST, necks: int = NECKS) -> None:
    """One line a round, then one a fault."""
    print(f"{necks} outside necks from seed {first}: tops median / pooled")
    for name in ROUNDS:
        scores: dict[str, Score] = defaultdict(Score)
        for seed in range(first, first + necks):
            truth, found, minutes = measured(seed, name)
            scores[truth.fault].add(truth, found, minutes)
            scores["all"].add(truth, found, minutes)
        print(f"{name:10} {scores.pop('all').line()}")
        for fault, score in scores.items():
            print(f"  {fault:24}{score.line()}", flush=True)


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
