"""What the maps and forecasts are worth, by one command: maps of necks apart from the program, rods
move by move, levels strung up, second passes, refrets.

./run python -m benchmarks.forecasts [FIRST] [NECKS]
"""

from __future__ import annotations

import sys
from collections import defaultdict

import numpy as np

from benchmarks import filing, outsiders, refret
from benchmarks.rod_jobs import work_rod
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.board import middle_fret
from nuvrek.neck.scale import place_row_mm
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.plan import case_of
from nuvrek.planning.ways.level_schools import level_draft
from nuvrek.readings.entries import State
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.simulator.truth import Truth

# Seeds no figure of the model was set with.
FIRST, NECKS = 790_000, 60
# Errors and how wide nine in ten was said to be.
Shots = dict[str, list[tuple[float, float]]]


def rods(first: int, necks: int) -> None:
    """The forecast of every move that was made, by its number."""
    shots: Shots = defaultdict(list)
    for seed in range(first, first + necks):
        for name in ("full", "basic", "quick"):
            job = work_rod(seed, name)
            if job.condition == "works":
                for move, said, doubt, came in job.forecasts:
                    shots[f"{name}, move {move}"].append((came - said, doubt))
    _print("rod", shots)


def strung(first: int, necks: int) -> None:
    """How the new tops dip once the strings are on again, the rod where it was for filing."""
    shots: Shots = defaultdict(list)
    for seed in range(first, first + necks):
        _, truth, bench = varied_neck(seed)
        if truth.neck.bare or truth.neck.rod == "none":
            continue
        for name in ("full", "basic"):
            neck_map = map_neck(fold(truth.neck, measure_round(bench, name)))
            draft = level_draft(Weighing(case_of(neck_map, find(neck_map))), "level-straight")
            if draft.strung is not None:
                mm, doubt = draft.strung
                shots[f"{name}, rod straight"].append((_pulled(truth) - mm, doubt))
    _print("level", shots)


def _pulled(truth: Truth) -> float:
    """By how much more the tops dip with the strings on, mean of both sides."""
    x, joint, middle = place_row_mm(truth.neck), truth.neck.joint_fret, middle_fret(truth.neck)
    down = truth.tops_mm(State(strings="pitch")) - truth.tops_mm(State(strings="slack"))
    share = (x[middle] - x[1]) / (x[joint] - x[1])
    dip = (1.0 - share) * down[1] + share * down[joint] - down[middle]
    return float(np.mean(dip[[0, 2]]))


def _print(matter: str, shots: Shots) -> None:
    for name, found in sorted(shots.items()):
        error, doubt = np.array(found).T
        print(
            f"{matter}, {name}: nine in ten holds {np.mean(np.abs(error) <= doubt):.3f} of "
            f"{len(error)}, off by {error.mean():+.3f}, rms {np.sqrt(np.mean(error**2)):.3f}, "
            f"said {np.median(doubt):.3f} mm",
            flush=True,
        )


def main(first: int = FIRST, necks: int = NECKS) -> None:
    """All of it, a line each."""
    outsiders.main(first, necks)
    rods(first, necks)
    strung(first, necks)
    for name in ("full", "basic"):
        filing.necks(name, necks, first)
    refret.relief(necks // 2)


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
