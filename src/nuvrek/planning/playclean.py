"""The least metal such that every note rings clean at a wanted string height: a linear program over the tops.

Room is linear in tops, saddle and relief, so metal off, saddles and the rod's setting are found together; the height itself
may be left open at a price.
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
# Rooms under this, mm, are put before the solver at first; whatever it breaks beside them follows.
NEAR_MM = 0.0
BROKEN_MM = 1e-9


@dataclass(frozen=True)
class Clean:
    """Metal off (frets, 3), the relief the rod takes out for it, and how far over the given heights, all in mm.

    ``weight`` (frets, 3) is how much all metal grows with each millimetre a top stands higher.
    """

    off_mm: Array
    less_relief_mm: float
    up_mm: float
    weight: Array

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


@dataclass(frozen=True)
class Program:
    """``rows @ v <= limits`` with ``v`` = removal fret by fret and lane by lane, then relief less, relief more, height up.

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
    up: tuple[float, float] = (0.0, 0.0),
    sure: float = 0.0,
) -> Program:
    """The program for open-string heights (strings,) over fret 12 at a touch.

    ``crown_mm`` (frets, 3) is the metal over the least to keep; ``reach_mm`` the relief the rod may give back (negative) and
    take out; ``up`` how far all strings may stand over these heights, and the metal a millimetre of that is worth; each room
    keeps ``sure`` standard deviations of its own doubt besides.
    """
    frets = on.strung.tops_mm.shape[1] - 1
    made = [_string_rows(on, s, float(height_mm[s]), force_n, sure) for s in range(len(height_mm))]
    rows, limits = [rows for rows, _ in made], [limits for _, limits in made]
    every = np.concatenate(rows)
    # Relief less or more is priced a trace either way: a second column for the other direction.
    every = np.concatenate((every[:, :-1], -every[:, -2:-1], every[:, -1:]), axis=1)
    cost = np.concatenate((np.full(3 * frets, 1.0 / 3.0), [RELIEF_PRICE, RELIEF_PRICE, up[1]]))
    room_left = [(0.0, max(float(mm), 0.0)) for mm in crown_mm.ravel()]
    rod = [(0.0, max(reach_mm[1], 0.0)), (0.0, max(-reach_mm[0], 0.0))]
    return Program(cost, every, np.concatenate(limits), [*room_left, *rod, (0.0, up[0])])


def _string_rows(
    on: OnNeck, string: int, height_mm: float, force_n: float, sure: float
) -> tuple[Array, Array]:
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
    if sure > 0.0:
        room = room - sure * on.room_sd_mm(string)[notes, ahead]
    return np.column_stack((-room_by, -b / share)), room


def solve(made: Program, chosen: NDArray[np.bool_] | None = None) -> tuple[Array, Array] | None:
    """The optimum of a program and what its cost grows by with each limit, or None where nothing satisfies it.

    Few rooms are tight: the program is solved over the tight ones, and those it breaks are added until it breaks none.
    ``chosen`` (rows,) takes them up, so that a program like it can go on from there.
    """
    if chosen is None:
        chosen = np.zeros(len(made.limits), dtype=bool)
    chosen |= made.limits < NEAR_MM
    while True:
        rows, limits = made.rows[chosen], made.limits[chosen]
        found = linprog(made.cost, A_ub=rows, b_ub=limits, bounds=list(made.bounds), method="highs")
        if found.x is None or found.status != 0:
            return None
        v = np.asarray(found.x, dtype=np.float64)
        broken = (made.rows @ v - made.limits > BROKEN_MM) & ~chosen
        if not broken.any():
            worth = np.zeros(len(made.limits))
            worth[chosen] = found.ineqlin.marginals
            return v, worth
        chosen |= broken  # in place: the caller's set grows


def play_clean(
    on: OnNeck,
    crown_mm: Array,
    height_mm: Array,
    force_n: float,
    reach_mm: tuple[float, float] = (0.0, 0.0),
    up: tuple[float, float] = (0.0, 0.0),
    sure: float = 0.0,
) -> Clean | None:
    """Least metal for clean notes at these heights; None where the frets can't pay for it. See ``program``."""
    made = program(on, crown_mm, height_mm, force_n, reach_mm, up, sure)
    found = solve(made)
    if found is None:
        return None
    v, worth = found
    # A room shrinks by what is filed as it grows by what a top stands higher: the rows tell both.
    weight = (worth @ made.rows)[:-3].reshape(-1, 3)
    return Clean(v[:-3].reshape(-1, 3), float(v[-3] - v[-2]), float(v[-1]), weight)


@dataclass(frozen=True)
class Curve:
    """Metal off against string height: ``up_mm`` over what a full level allows (minus: under it), ``metal_mm`` least for it.

    ``base_mm`` are the heights (strings,) a full level allows; ``now_up_mm`` is where the neck stands as it is, at no metal;
    ``bend`` is where another tenth lower begins to cost more than on the whole way, None where nothing is gained.
    """

    base_mm: Array
    up_mm: Array
    metal_mm: Array
    now_up_mm: float
    level_metal_mm: float
    bend: Clean | None


# The curve goes on a little under what a full level allows: shaped tops can do better than straight ones.
UNDER_LEVEL_MM = 0.05
POINTS = 8
# A curve that rises by less than this has no bend to speak of.
WORTH_A_BEND_MM = 0.02


def curve(
    on: OnNeck,
    crown_mm: Array,
    base_mm: Array,
    level_metal_mm: float,
    force_n: float,
    reach_mm: tuple[float, float],
    sure: float = 0.0,
) -> Curve:
    """The least metal for every height from a little under a full level up to the neck as it is."""
    made = program(on, crown_mm, base_mm, force_n, reach_mm, (0.0, 0.0), sure)
    # As it is: the height at which the tightest note is clean with nothing filed.
    now = float(np.max(made.limits / made.rows[:, -1]))
    if now <= 0.0:
        return Curve(base_mm, np.zeros(0), np.zeros(0), now, level_metal_mm, None)
    ups, metal = [], []
    chosen = np.zeros(len(made.limits), dtype=bool)
    for up in (-UNDER_LEVEL_MM, *np.linspace(0.0, now, POINTS - 1)[:-1]):
        # A string that stands higher has that much more room: only the limits move.
        found = solve(Program(made.cost, made.rows, made.limits - made.rows[:, -1] * up, made.bounds), chosen)
        if found is not None:
            ups.append(float(up))
            metal.append(float(found[0][:-3].sum() / 3.0))
    ups.append(now)
    metal.append(0.0)
    bend = None
    at_base = dict(zip(ups, metal, strict=True)).get(0.0, 0.0)
    if at_base > WORTH_A_BEND_MM:
        bend = play_clean(on, crown_mm, base_mm, force_n, reach_mm, (now, at_base / now), sure)
    return Curve(base_mm, np.array(ups), np.array(metal), now, level_metal_mm, bend)
