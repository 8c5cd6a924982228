"""The map on necks that share nothing with it: how near it comes, and how honest its doubt is.

The old figures beside it were measured on other independent necks before the model was made anew.
"""

from __future__ import annotations

import sys
from dataclasses import dataclass, field, replace

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, line_projection, map_neck
from nuvrek.neck.description import LANES
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import State, Strings
from nuvrek.readings.journal import fold
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.strangers import Stranger, stranger
from nuvrek.simulator.truth import proud_places

# Seeds no figure of the model was set with; those it was set with lie below 10,000.
FIRST, NECKS = 150_000, 120
STANDING = ("proud", "end-up", "end-high", "middle-up", "rocks")
OLD = {
    "basic": "tops 0.052 / 0.089  relief 0.039 / 0.061  holds .93 proud .98 unseated .94, .92",
    "full": "tops 0.017 / 0.028  relief 0.023 / 0.040  holds .94 proud .94 unseated .96, .87",
    "indicator": "tops 0.0044 / 0.0046  relief 0.017 / 0.017  holds .84 .82 .82, .83",
}
AIMS = {
    "basic": "tops 0.035 / 0.055  relief 0.030 / 0.040",
    "full": "tops 0.013 / 0.020  relief 0.016 / 0.020",
    "indicator": "tops 0.0040 / 0.0045  relief 0.012 / 0.012",
}


@dataclass
class Tally:
    """What came of one round over many necks."""

    rms: list[float] = field(default_factory=list)
    held: dict[str, list[float]] = field(default_factory=dict)
    relief: dict[str, list[float]] = field(default_factory=dict)
    # Frets that stand 0.06 and more over both neighbours: named or not, by a mark too; frets called
    # proud by measure: whether they stand half of that.
    recall: list[bool] = field(default_factory=list)
    precision: list[bool] = field(default_factory=list)

    def hold(self, name: str, inside: np.ndarray) -> None:
        self.held.setdefault(name, []).extend(np.ravel(inside).astype(float).tolist())

    def add(self, one: Stranger, neck_map: HeightMap) -> None:
        truth = one.truth
        state = neck_map.state
        error = neck_map.tops_mm - line_projection(truth.neck) @ truth.tops_mm(state)[1:]
        doubt = neck_map.tops_doubt_mm
        counted = doubt > 1e-6
        inside = np.abs(error) <= doubt
        self.rms.append(float(np.sqrt(np.mean(error**2))))
        self.hold("all", inside[counted])
        for name, places in (
            ("proud", [(f, LANES.index(lane)) for f, lane in truth.proud]),
            ("unseated", [(f, 1 if k is None else LANES.index(k)) for f, k in truth.loose]),
            ("worn", [(f, k) for f in one.worn for k in range(3)]),
        ):
            for f, k in places:
                if counted[f - 1, k]:
                    self.hold(name, inside[f - 1, k])
        self.name_proud(one, neck_map)
        strings: tuple[Strings, Strings] = ("pitch", "slack")
        for there in strings:
            true = truth.relief_mm(State(strings=there))
            for k in (0, 2):
                said = neck_map.relief_at(LANES[k], there)
                self.relief.setdefault(there, []).append(said.mm - float(true[k]))
                if one.kind != "bare" or there == "slack":
                    self.hold("relief", np.array(abs(said.mm - true[k]) <= said.doubt_mm))

    def name_proud(self, one: Stranger, neck_map: HeightMap) -> None:
        truth, x = one.truth, place_row_mm(one.truth.neck)
        loose = {fret for fret, _ in truth.loose}
        found = find(neck_map)
        named = {f.fret for f in found if f.kind in STANDING}
        called = {f.fret for f in found if f.kind in ("proud", "middle-up") and f.fret}
        half = {fret for fret, _ in proud_places(truth.crown_mm, x, 0.03)} | loose
        self.recall += [fret in named for fret in {fret for fret, _ in truth.proud} - loose]
        self.precision += [fret in half for fret in called - loose]

    def line(self) -> str:
        rms = np.array(self.rms)
        held = "  ".join(f"{name} {np.mean(v):.2f}" for name, v in self.held.items())
        pitch, slack = (
            float(np.sqrt(np.mean(np.square(self.relief[s])))) for s in ("pitch", "slack")
        )
        return (
            f"tops {np.median(rms):.4f} / {np.sqrt(np.mean(rms**2)):.4f}  "
            f"relief {pitch:.3f} / {slack:.3f}  holds {held}  "
            f"proud frets: recall {np.mean(self.recall):.2f} "
            f"precision {np.mean(self.precision):.2f}"
        )


def judged(name: str, first: int, necks: int) -> Tally:
    """One round on many strangers."""
    tally = Tally()
    kit = Kit(indicator=True) if name == "indicator" else Kit()
    for seed in range(first, first + necks):
        one = stranger(seed)
        if name == "indicator":
            one = replace(one, bench=replace(one.bench, dial_noise_mm=0.004, misreads=0.0))
        entries = measure_round(one.bench, "full" if name == "indicator" else name, kit=kit)
        tally.add(one, map_neck(fold(one.truth.neck, entries)))
    return tally


def main(first: int = FIRST, necks: int = NECKS) -> None:
    print(f"{necks} strange necks from seed {first}; tops median / pooled, relief pitch / slack")
    for name in ("basic", "full", "indicator"):
        print(f"  {name}\n    now {judged(name, first, necks).line()}")
        print(f"    old {OLD[name]}\n    aim {AIMS[name]}  holds 0.86-0.95 each")


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
