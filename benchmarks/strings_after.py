"""Do the forecast heights of the strings come true: over fret 1, pressed at 3, and open over the
fret heights are spoken of at?

Strange necks are read with the full survey and worked on by the hand of the practice bench, which
shares nothing with the forecast: strokes on tops, turns of a rod that answers as it likes, a saddle
that stands on the body. Nut and saddle are left alone, as the forecast has them.
"""

from __future__ import annotations

import sys
from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

import nuvrek.wording  # noqa: F401  (hidden necks are named in words)
from benchmarks.trials import read
from nuvrek.planning.case.way import Way
from nuvrek.practice.advice.hand import filed
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.hidden import DIFFICULTIES, hidden
from nuvrek.simulator.strangers import stranger

# Seeds nothing was set with.
FIRST, NECKS = 410_000, 100
KINDS = ("rod", "spot-level", "level")

Row = tuple[str, str, float, float, float]


def done(desk: Desk, way: Way) -> None:
    """The way carried out, the rod followed to the relief that is promised; no nut, no saddle."""
    if way.files:
        filed(desk, way)
        skills.tune(desk)
    if "turns the rod" in way.record.families and way.promise.relief_mm is not None:
        skills.rod_to(desk, way.promise.relief_mm)
    skills.tune(desk)


def true_first_mm(desk: Desk) -> NDArray[np.float64]:
    """Gap over fret 1 of both outer strings held on fret 3, (2,)."""
    living = desk.neck
    tops, x = living.under_strings_mm()[:, [0, 2]], living.x_mm
    share = x[1] / x[3]
    return np.asarray(tops[0] * (1.0 - share) + tops[3] * share - tops[1])


def rows_of(seed: int) -> Iterator[Row]:
    """Of each way on one neck and both outer strings: kind, where, forecast, doubt, truth."""
    made = stranger(seed)
    if made.kind == "bare":
        return
    one = hidden(made, str(seed), DIFFICULTIES[seed % len(DIFFICULTIES)], seed)
    for kind in KINDS:
        desk, _, plan = read(one)
        way = next((way for way in plan.ways if way.kind == kind and way.possible), None)
        if way is None or not way.strings:
            continue
        done(desk, way)
        first, height = true_first_mm(desk), desk.neck.string_height_mm(plan_fret(desk))
        for side, said in enumerate((way.strings[-1], way.strings[0])):
            if said.first is not None:
                yield kind, "nut", said.first[1], said.first[2], float(first[side])
            if said.height is not None:
                yield kind, "action", said.height[1], said.height[2], float(height[side])


def plan_fret(desk: Desk) -> int:
    """The fret heights are spoken of at."""
    return desk.neck.neck.height_fret


def main(first: int = FIRST, necks: int = NECKS) -> None:
    """How often the truth lies in the range that was said, in all and by way."""
    rows = [row for seed in range(first, first + necks) for row in rows_of(seed)]
    print(
        f"{necks} strange necks from seed {first}: {len(rows)} forecasts, nine in ten should hold"
    )
    for where in ("nut", "action"):
        _tell(where, [row for row in rows if row[1] == where])
        for kind in KINDS:
            _tell(f"  {kind}", [row for row in rows if row[:2] == (kind, where)])


def _tell(name: str, rows: list[Row]) -> None:
    if not rows:
        return
    off = np.array([truth - said for _, _, said, _, truth in rows])
    doubt = np.array([row[3] for row in rows])
    held = float(np.mean(np.abs(off) <= doubt))
    print(
        f"{name}: {len(rows)}, held {held:.2f}, off rms {float(np.sqrt(np.mean(off**2))):.3f} mm, "
        f"mean {float(off.mean()):+.3f}, said within {float(np.median(doubt)):.3f}"
    )


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
