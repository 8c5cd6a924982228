"""Does the promise "so many of the drawn necks end clean" hold?

Single ways are carried out on strange necks by the hand of the practice bench, which shares nothing
with the map, and held against what the trial said beforehand: said so and so often, came true so
and so often.
"""

from __future__ import annotations

import sys
from collections.abc import Iterator
from dataclasses import replace

import numpy as np

import nuvrek.wording  # noqa: F401  (hidden necks are named in words)
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.planning.case.way import Plan
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.forecast.trials import bench_of, tried
from nuvrek.planning.plan import case_of, make_plan
from nuvrek.practice.advice.hand import carried_out
from nuvrek.practice.advice.technician import Technician
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.hidden import DIFFICULTIES, Hidden, hidden
from nuvrek.practice.score.account import account
from nuvrek.readings.journal import fold
from nuvrek.simulator.strangers import stranger

# Seeds nothing was set with.
FIRST, NECKS = 380_000, 60
KINDS = ("leave", "rod", "spot-level", "play-clean", "level")
BINS = ((0.0, 0.2), (0.2, 0.5), (0.5, 0.8), (0.8, 0.9), (0.9, 1.01))


def read(one: Hidden) -> tuple[Desk, HeightMap, Plan]:
    """The neck read with the full survey, and what is planned for it."""
    desk = one.desk()
    entries = Technician(desk).round("full")
    neck_map = map_neck(fold(desk.neck.neck, entries))
    return desk, neck_map, make_plan(neck_map, find(neck_map), draw=False)


def ended_clean(one: Hidden, kind: str) -> bool | None:
    """Whether every note rings clean once a way was carried out; None where nobody can."""
    desk, _, plan = read(one)
    way = next((way for way in plan.ways if way.kind == kind and way.possible), None)
    if way is None or (kind != "leave" and carried_out(desk, way, plan) is None):
        return None
    skills.finish(desk)
    end = account(desk)
    return end.clean == end.notes


def said_and_came(seed: int) -> Iterator[tuple[str, float, bool]]:
    """Each way on one neck: the share said beforehand, and whether it ended clean."""
    made = stranger(seed)
    if made.kind == "bare":
        return
    one = hidden(made, str(seed), DIFFICULTIES[seed % len(DIFFICULTIES)], seed)
    _, neck_map, plan = read(one)
    bench = bench_of(Weighing(case_of(neck_map, find(neck_map))))
    if bench is None:
        return
    neck = neck_map.neck
    if neck.height_low_mm is not None and neck.height_high_mm is not None:
        # The bench sets the strings as they are wished whatever was done.
        bench = replace(bench, heights_mm=(neck.height_low_mm, neck.height_high_mm))
    for kind in KINDS:
        way = next((way for way in plan.ways if way.kind == kind and way.possible), None)
        if way is not None and (clean := ended_clean(one, kind)) is not None:
            yield kind, tried(bench, [way]).share, clean


def main(first: int = FIRST, necks: int = NECKS) -> None:
    """Said against come true, in all and by kind of way."""
    rows = [row for seed in range(first, first + necks) for row in said_and_came(seed)]
    print(f"{necks} strange necks from seed {first}, single ways carried out: {len(rows)}")
    for low, high in BINS:
        here = [(share, clean) for _, share, clean in rows if low <= share < high]
        if here:
            said, came = (float(np.mean(column)) for column in zip(*here, strict=True))
            print(
                f"  said {low:.1f} to {min(high, 1.0):.1f}: {len(here)}, {said:.2f} -> {came:.2f}"
            )
    for kind in KINDS:
        here = [(share, clean) for name, share, clean in rows if name == kind]
        if here:
            said, came = (float(np.mean(column)) for column in zip(*here, strict=True))
            print(f"  {kind}: {len(here)}, said {said:.2f}, came true {came:.2f}")


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
