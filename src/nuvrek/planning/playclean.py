"""The least metal such that every note rings clean at a wanted string height: a linear program over the tops.

Room is linear in tops, saddle and relief, so metal off, saddles and the rod's setting are found together.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import linprog

from nuvrek.clearance.lines import lane_weights
from nuvrek.clearance.onneck import OnNeck
from nuvrek.mechanics.beam import bend_profile

Array = NDArray[np.float64]

# Metal this little costs as much as relief far off its target would: the rod is moved for metal, not for its own sake.
RELIEF_PRICE = 1e-3


@dataclass(frozen=True)
class Clean:
    """Metal off (frets, 3), and the relief the rod takes out for it, in mm. ``metal_mm`` is summed over the frets."""

    off_mm: Array
    less_relief_mm: float

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


@dataclass(frozen=True)
class Program:
    """``rows @ v <= limits`` with ``v`` = removal fret by fret and lane by lane, then relief less, then the same turned about.

    The saddles are put in by the wanted height: each string stands exactly so high over fret 12 once filed.
    """

    cost: Array
    rows: Array
    limits: Array
    bounds: Sequence[tuple[float, float | None]]


def program(
    on: OnNeck,
    crown_mm: Array,
    height_mm: Array,
    force_n: float,
    reach_mm: tuple[float, float] = (0.0, 0.0),
) -> Program:
    """The program for open-string heights (strings,) over fret 12 at a touch.

    ``crown_mm`` (frets, 3) is the metal over the least to keep; ``reach_mm`` the relief the rod may give back (negative) and take out.
    """
    frets = on.strung.tops_mm.shape[1] - 1
    made = [_string_rows(on, s, float(height_mm[s]), force_n) for s in range(len(height_mm))]
    rows, limits = [rows for rows, _ in made], [limits for _, limits in made]
    # Relief less or more is priced a trace either way: a second column for the other direction.
    every = np.concatenate(rows)
    every = np.concatenate((every, -every[:, -1:]), axis=1)
    cost = np.concatenate((np.full(3 * frets, 1.0 / 3.0), [RELIEF_PRICE, RELIEF_PRICE]))
    room_left = [(0.0, max(float(mm), 0.0)) for mm in crown_mm.ravel()]
    return Program(
        cost,
        every,
        np.concatenate(limits),
        [*room_left, (0.0, max(reach_mm[1], 0.0)), (0.0, max(-reach_mm[0], 0.0))],
    )


def _string_rows(on: OnNeck, string: int, height_mm: float, force_n: float) -> tuple[Array, Array]:
    """``rows @ v <= limits`` of one string: room of each fretted note over each fret ahead."""
    strung, weights = on.strung, lane_weights(on.neck)[string]
    places = len(strung.x_mm)
    notes, ahead = np.nonzero(strung.ahead & (np.arange(places) > 0)[:, None])
    share, b = strung.x_mm[on.fret_12] / strung.scale_mm, strung.lean[notes, ahead]
    # A top is today's less what is filed, plus what less relief lifts it by; one column a fret and lane, one for relief.
    change = np.zeros((places, 3 * (places - 1) + 1))
    for fret in range(1, places):
        change[fret, 3 * (fret - 1) : 3 * fret] = -weights[fret]
    change[:, -1] = bend_profile(on.neck)
    tops = strung.tops_mm[string]
    # Saddle from the height: S = (t12 + h - nut (1 - a)) / a.
    saddle = (tops[on.fret_12] + height_mm - tops[0] * (1.0 - share)) / share
    saddle_by = (change[on.fret_12] - change[0] * (1.0 - share)) / share
    swing = force_n * strung.swing_mm_per_n[string, notes, ahead]
    room = tops[notes] * (1.0 - b) + saddle * b - tops[ahead] - swing
    room_by = change[notes] * (1.0 - b)[:, None] + b[:, None] * saddle_by[None, :] - change[ahead]
    return -room_by, room


def play_clean(
    on: OnNeck,
    crown_mm: Array,
    height_mm: Array,
    force_n: float,
    reach_mm: tuple[float, float] = (0.0, 0.0),
) -> Clean | None:
    """Least metal for clean notes at these heights; None where the frets can't pay for it. See ``program``."""
    made = program(on, crown_mm, height_mm, force_n, reach_mm)
    found = linprog(made.cost, A_ub=made.rows, b_ub=made.limits, bounds=list(made.bounds), method="highs")
    if found.x is None or found.status != 0:
        return None
    v = np.asarray(found.x, dtype=np.float64)
    return Clean(v[:-2].reshape(-1, 3), float(v[-2] - v[-1]))
