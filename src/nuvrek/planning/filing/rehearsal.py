"""Rehearsal of the filing: in which order a beam or stone takes the ink off the tops.

The block is rigid and lies on the two tops of the upper hull that bear its load; each takes its
share of the load by the lever, and metal goes in proportion to load (Preston's law of polishing, J.
Soc. Glass Technol. 11, 1927: from memory). Heights in mm, (frets, 3) over frets 1.. and lanes bass,
middle, treble.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import Pressure

Array = NDArray[np.float64]

# A round of strokes takes this much at most.
STROKE_MM = 0.004
MOST_ROUNDS = 400
# The load of each way to press, N (common practice, no source); only the last backs the neck
# against it.
LOADS_N: dict[Pressure, float] = {
    "own weight": 8.0,
    "fingertips": 15.0,
    "pressed, neck backed": 30.0,
}
# The strings pull this far over the middle of the neck's section (common practice, no source).
PULL_ARM_MM = 12.0
# Strokes carry a long beam so far to and fro.
STROKE_ALONG_MM = 40.0
# Pressed on the crest, the hand works about this share of the board around it.
CREST_SHARE = 0.25
# Fingertips on a beam bear on about this share of it at a time.
HAND_SHARE = 0.1
# Places the load is laid at along a short block's way, and along a beam.
STEPS_ALONG, STEPS_ON_BEAM = 40, 9

TopPlace = tuple[int, Lane]


@dataclass(frozen=True)
class Rehearsal:
    """The tops of the plan in the order in which they lose their ink, with the round of strokes,
    and the metal taken (frets, 3).

    ``also`` are frets the tool touches though the plan does not; ``kept`` are tops of a level that
    still wear their ink when another has no metal left to give; ``left_high_mm`` is how much the
    middle stands up once the hand is off, because it gave way under it.
    """

    order: tuple[TopPlace, ...]
    rounds: tuple[int, ...]
    took_mm: Array
    left_high_mm: float
    also: tuple[int, ...] = ()
    kept: tuple[TopPlace, ...] = ()
    every: bool = True

    @property
    def frets(self) -> tuple[int, ...]:
        """Frets in the order in which the first ink goes on each."""
        return tuple(dict.fromkeys(fret for fret, _ in self.order))


def give_mm(pressure: Pressure, pull_mm: float, tension_n: float, span_mm: float) -> float:
    """How far the middle gives way under the tool, judged by what the strings do to this neck.

    A load F half-way of a span L bends a beam by ``F L^3 / 48 EI``, an even moment T e by ``T e L^2
    / 8 EI`` (Gere, beam deflections, table G: from memory): their ratio is ``F L / (6 T e)``.
    """
    if pressure == "pressed, neck backed" or tension_n <= 0.0:
        return 0.0
    return max(pull_mm, 0.0) * LOADS_N[pressure] * span_mm / (6.0 * tension_n * PULL_ARM_MM)


@dataclass(frozen=True)
class Bearings:
    """For each place of the load every pair of tops a rigid block could bear on there; shapes
    (loads, pairs).

    ``share`` is the first top's part of the load by the lever; pairs beyond a load's own are barred
    by ``none``.
    """

    load_mm: Array
    first: NDArray[np.intp]
    second: NDArray[np.intp]
    share: Array
    none: NDArray[np.bool_]

    def best(self, tops_mm: Array) -> tuple[NDArray[np.intp], NDArray[np.intp], Array]:
        """The bearing tops (lanes, loads) and the first one's share: the upper hull over each
        load. ``tops_mm``: (frets, lanes).
        """
        height = tops_mm.T[:, self.first] * self.share + tops_mm.T[:, self.second] * (
            1.0 - self.share
        )
        pair = np.where(self.none, -np.inf, height).argmax(axis=2)
        at = np.arange(len(self.load_mm))[None, :], pair
        return self.first[at], self.second[at], self.share[at]


def bearings(x_mm: Array, load_mm: Array, block_mm: float) -> Bearings:
    """What a block of this length can bear on with its load at each of ``load_mm``."""
    n = len(x_mm)
    first, second = (
        grid.ravel() for grid in np.meshgrid(np.arange(n), np.arange(n), indexing="ij")
    )
    load = load_mm[:, None]
    a, b = x_mm[first][None, :], x_mm[second][None, :]
    half = block_mm / 2.0
    fits = (a <= load) & (a >= load - half) & (b > load) & (b <= load + half)
    lone = ~fits.any(axis=1)
    if lone.any():
        # Off the ends, or between frets wider apart than the block: it bears on the nearest top
        # alone.
        near = np.abs(x_mm[None, :] - load[lone]).argmin(axis=1)
        fits[np.flatnonzero(lone), near * n + near] = True
    most = int(fits.sum(axis=1).max())
    order = np.argsort(~fits, axis=1, kind="stable")[:, :most]
    one, two = first[order], second[order]
    apart = x_mm[two] - x_mm[one]
    share = np.where(apart > 0.0, (x_mm[two] - load) / np.where(apart > 0.0, apart, 1.0), 1.0)
    return Bearings(load_mm, one, two, share, ~np.take_along_axis(fits, order, axis=1))


def rehearse(
    x_mm: Array,
    tops_mm: Array,
    plan_mm: Array,
    block_mm: float,
    pressure: Pressure = "own weight",
    bent_mm: Array | None = None,
    most_mm: Array | None = None,
    every: bool = True,
) -> Rehearsal:
    """File until ``every`` top of the plan has lost its ink (a level), or until what was planned is
    off.

    ``plan_mm`` (frets, 3) is the metal planned; ``bent_mm`` (frets,) how far the tops give way
    under the tool; ``most_mm`` (frets, 3) what may come off at most: a lane is left when one of its
    tops has given that.
    """
    if bent_mm is None:
        under = tops_mm
    else:
        under = tops_mm - bent_mm[:, None]
    took, first = np.zeros_like(tops_mm), np.zeros(tops_mm.shape, dtype=int)
    wanted = plan_mm > (0.0 if every else WORTH_FILING_MM)
    loads = _loads(x_mm, block_mm, pressure, every)
    table = bearings(x_mm, loads, block_mm)
    lanes = np.arange(3)[:, None]
    for number in range(1, MOST_ROUNDS + 1):
        open_tops = wanted & ((took <= 0.0) if every else (took < plan_mm))
        if most_mm is not None:
            open_tops &= np.all(took < np.maximum(most_mm, 0.0) + STROKE_MM, axis=0)
        if not open_tops.any():
            break
        # A rigid block bears on two tops under each load: the upper hull there.
        one, two, share = table.best(under - took)
        ahead = np.maximum(plan_mm - took, 0.0) + STROKE_MM * (took <= 0.0)
        weight = _worked(
            loads,
            x_mm,
            under - took,
            open_tops=open_tops,
            ahead=ahead,
            pressure=pressure,
            every=every,
        )
        # The lever shares the load between the two, and metal goes as the load (Preston).
        stroke = np.zeros_like(tops_mm)
        np.add.at(stroke, (one, lanes), share * weight)
        np.add.at(stroke, (two, lanes), (1.0 - share) * weight)
        # Scaled so that the busiest top of each lane loses one stroke: the round is a pass, not a
        # time.
        took += STROKE_MM * stroke / np.maximum(stroke.max(axis=0), 1e-9) * open_tops.any(axis=0)
        # The round in which a top first loses metal is the round in which its ink goes.
        first[(first == 0) & (took > 0.0)] = number
    return _seen(plan_mm, took, first, wanted=wanted, bent_mm=bent_mm, every=every)


def _seen(
    plan_mm: Array,
    took: Array,
    first: NDArray[np.int_],
    wanted: NDArray[np.bool_],
    bent_mm: Array | None,
    every: bool,
) -> Rehearsal:
    """What the bench would see of it: the order of the ink, what was brushed, what was kept."""
    touched = [(int(f), int(k)) for f, k in np.argwhere(first > 0)]
    # Within one round the top that loses more was reached earlier.
    touched.sort(key=lambda at: (first[at], -took[at]))
    meant = plan_mm.max(axis=1) > (0.0 if every else WORTH_FILING_MM)
    also = tuple(sorted({f + 1 for f, _ in touched if not meant[f]}))
    touched = [at for at in touched if meant[at[0]]]
    left = 0.0 if bent_mm is None else float(bent_mm.max())
    order = tuple((fret + 1, LANES[k]) for fret, k in touched)
    kept: tuple[TopPlace, ...] = ()
    if every:
        kept = tuple((int(f) + 1, LANES[k]) for f, k in np.argwhere(wanted & (took <= 0.0)))
    return Rehearsal(
        order,
        tuple(int(first[at]) for at in touched),
        took,
        left_high_mm=left,
        also=also,
        kept=kept,
        every=every,
    )


def _loads(x: Array, block: float, pressure: Pressure, every: bool) -> Array:
    """Where the load is laid along the neck."""
    if not every:
        return np.asarray(x - 1e-6)
    if block < x[-1] - x[0]:
        return np.linspace(x[0] + 1e-6, x[-1] - 1e-6, STEPS_ALONG)
    if pressure == "pressed, neck backed":
        return np.linspace(x[0] + 1e-6, x[-1] - 1e-6, 2 * STEPS_ON_BEAM)
    if pressure == "own weight":
        return np.asarray(
            0.5 * (x[0] + x[-1]) + np.linspace(-0.5, 0.5, STEPS_ON_BEAM) * STROKE_ALONG_MM
        )
    return np.linspace(x[0], x[-1], STEPS_ON_BEAM + 2)[1:-1]


def _worked(
    loads: Array,
    x: Array,
    tops: Array,
    open_tops: NDArray[np.bool_],
    ahead: Array,
    pressure: Pressure,
    every: bool,
) -> Array:
    """How long each load is worked in this round, (lanes, loads).

    A block's own weight lies where it lies; fingertips go where the plan still has metal to take
    (``ahead``), a pressing hand stays about the crest.
    """
    if not every:
        return np.asarray(open_tops.T.astype(float))
    if pressure == "own weight":
        return np.ones((tops.shape[1], len(loads)))
    if pressure == "fingertips":
        near = np.exp(-(((loads[:, None] - x[None, :]) / (HAND_SHARE * (x[-1] - x[0]))) ** 2))
        return np.asarray(ahead.T @ near.T)
    columns = np.column_stack((np.ones_like(x), x))
    over = tops - columns @ np.linalg.lstsq(columns, tops, rcond=None)[0]
    crest = x[over.argmax(axis=0)]
    return np.asarray(
        np.exp(-(((loads[None, :] - crest[:, None]) / (CREST_SHARE * (x[-1] - x[0]))) ** 2))
    )


@dataclass(frozen=True)
class Watch:
    """The frets to keep an eye on: which goes first, which runs thinnest, which goes last."""

    first: TopPlace
    thinnest: tuple[int, float]
    last: TopPlace


def to_watch(order: tuple[TopPlace, ...], left_mm: Array) -> Watch | None:
    """What to watch while filing; ``left_mm`` (frets, 3) is the crown after the plan. None where
    nothing is filed.
    """
    if not order:
        return None
    filed = sorted({fret for fret, _ in order})
    thin = min(filed, key=lambda fret: float(left_mm[fret - 1].min()))
    return Watch(order[0], (thin, float(left_mm[thin - 1].min())), order[-1])


@dataclass(frozen=True)
class FollowUp:
    """What the ink on the bench says of the rehearsed order.

    ``early`` frets went well before their turn, ``late`` ones should have gone by now; ``ahead`` is
    the side that is filed too far.
    """

    early: tuple[int, ...]
    late: tuple[int, ...]
    ahead: Lane | None

    @property
    def agrees(self) -> bool:
        """Whether the bench follows the plan."""
        return len(self.early) + len(self.late) <= 1 and self.ahead is None


def follow_up(order: tuple[TopPlace, ...], gone: tuple[TopPlace, ...]) -> FollowUp:
    """Hold the tops whose ink is gone against the rehearsed order: fret by fret, then side
    against side.
    """
    by_turn = dict.fromkeys(fret for fret, _ in order)
    turns = {fret: turn for turn, fret in enumerate(by_turn)}
    touched = list(dict.fromkeys(fret for fret, _ in gone))
    slack = max(0.5 * len(touched), 2.0)
    early = tuple(
        fret for fret in touched if turns.get(fret, len(turns) + 99) > len(touched) + slack
    )
    due = [fret for fret, turn in turns.items() if turn < len(touched) - slack]
    late = tuple(fret for fret in due if fret not in touched)
    known = set(gone)
    ahead: Lane | None = None
    by_now = order[: len(known)]
    extra = Counter(lane for _, lane in known)
    extra.subtract(lane for _, lane in by_now)
    if len(known) >= 4 and abs(extra["bass"] - extra["treble"]) >= max(3, 0.4 * len(known)):
        if extra["bass"] > extra["treble"]:
            ahead = "bass"
        else:
            ahead = "treble"
    return FollowUp(early, late, ahead)
