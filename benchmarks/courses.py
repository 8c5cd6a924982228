"""Advised courses played on the practice bench: are all notes clean at the end, or was it said that
they won't be, and what metal did it take beside the plain procedure?

The necks, the tools and the hand share nothing with the judgement: leaves are pushed one by one,
edges lie on what carries them, rods stick and slip. After each way the neck is read anew with the
full survey, as a technician would; every third neck is plain, usual and hard.
"""

from __future__ import annotations

import sys
from collections import Counter
from dataclasses import dataclass, field

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.planning.plan import make_plan
from nuvrek.practice.advice.playing import Score, play
from nuvrek.practice.hidden import DIFFICULTIES, hidden
from nuvrek.readings.entries import AnyEntry, OthersClean
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.strangers import stranger
from nuvrek.wording.speech import say_all

# Seeds no figure of the model or of a rule was set with.
FIRST, NECKS = 170_000, 200


@dataclass
class Tally:
    """How the courses ended."""

    ends: Counter[str] = field(default_factory=Counter)
    metal: list[float] = field(default_factory=list)
    plain: list[float] = field(default_factory=list)
    first: Counter[str] = field(default_factory=Counter)
    plain_clean: int = 0
    held: np.ndarray = field(default_factory=lambda: np.zeros(2))
    failed: list[Score] = field(default_factory=list)
    by_difficulty: Counter[str] = field(default_factory=Counter)


def played(seed: int, tally: Tally) -> None:
    """One neck by the advice, and the same neck as it was by the plain procedure."""
    if stranger(seed).kind == "bare":
        return
    one = hidden(stranger(seed), str(seed), DIFFICULTIES[seed % len(DIFFICULTIES)], seed)
    score, plain = (play(one, by) for by in ("advice", "plain"))
    tally.first[score.ways[0] if score.ways else "nothing"] += 1
    tally.ends["clean" if score.clean else "told" if score.told else "neither"] += 1
    ends = "clean" if score.clean else "told" if score.told else "neither"
    tally.by_difficulty[f"{score.difficulty} {ends}"] += 1
    tally.plain_clean += plain.clean
    tally.held += np.array(score.held)
    if score.plain_mm is not None:
        tally.metal.append(score.metal_mm)
        tally.plain.append(score.plain_mm)
    if not score.clean:
        tally.failed.append(score)


def content(first: int, necks: int) -> tuple[int, int]:
    """Necks heard clean all over whose owner is content: how many are left, of how many."""
    left = counted = 0
    for seed in range(first, first + necks):
        one = stranger(seed)
        if one.kind == "bare":
            continue
        entries: list[AnyEntry] = list(measure_round(one.bench, "basic"))
        frets = tuple(range(one.truth.neck.frets))
        entries += [
            OthersClean(string=string, frets=frets)
            for string in range(1, one.truth.neck.strings + 1)
        ]
        neck_map = map_neck(fold(one.truth.neck, entries))
        left += make_plan(neck_map, find(neck_map), draw=False).advice == "leave"
        counted += 1
    return left, counted


def main(first: int = FIRST, necks: int = NECKS) -> None:
    tally = Tally()
    for seed in range(first, first + necks):
        played(seed, tally)
    print(f"{necks} strange necks from seed {first}, full survey, the course carried out on each")
    print(f"  first advised: {dict(tally.first.most_common())}")
    print(
        f"  ended: all notes clean {tally.ends['clean']}, said that they won't be "
        f"{tally.ends['told']}, neither {tally.ends['neither']}"
    )
    print(
        f"  metal, mean: {np.mean(tally.metal):.2f} mm; rod straight, level all: "
        f"{np.mean(tally.plain):.2f} mm, all notes clean on {tally.plain_clean}"
    )
    print(f"  tops within the first map's range: {tally.held[0] / tally.held[1]:.3f}")
    print(f"  by difficulty: {dict(sorted(tally.by_difficulty.items()))}")
    for score in tally.failed:
        print(f"  not clean: {' '.join(say_all(score.sentences()[:3]))}")
    left, counted = content(first, necks + necks // 7)
    print(f"  heard clean and content: left {left} of {counted}")


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
