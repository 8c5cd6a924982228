"""How much metal to take off when all tops are brought to one line: a linear program over the
estimated slack tops.

Arrays of shape (frets, 3) run over frets 1.. and lanes bass, middle, treble; mm.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from nuvrek.meaning import Refusal, means
from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.crown import STILL_MM
from nuvrek.planning.linear import least
from nuvrek.readings.entries import FilingAim

Array = NDArray[np.float64]

# Each top should just be touched when all are levelled: a trace of metal.
TOUCH_MM = 0.005
# Where grooves may stay, one left so deep at a place counts as so much metal taken there (common
# practice, no source).
GROOVE_PRICE = 3.0
# Beside the thinnest fret, all metal together still counts this much.
SECOND_AIM = 1e-3
# How many numbers describe the target without the rod, and with it.
PLANE, TARGET = 6, 7


@dataclass(frozen=True)
class NeckTops:
    """What a levelling program needs to know: slack tops, crowns and the bending shape.

    ``tops_mm``, ``crown_mm``, ``across`` and ``groove_mm`` have shape (frets, 3), ``x_mm`` and
    ``bend`` (frets,). ``across`` is where each place lies between the outer string lines (-1 low, 1
    high; the lanes if not said). ``rho_low_mm`` .. ``rho_high_mm`` is the dip the rod can add while
    filing (negative: take out).
    """

    x_mm: Array
    tops_mm: Array
    crown_mm: Array
    bend: Array
    joint_fret: int
    least_crown_mm: float
    rod_dip_low_mm: float = 0.0
    rod_dip_high_mm: float = 0.0
    across: Array | None = None
    groove_mm: Array | None = None

    @cached_property
    def columns(self) -> Array:
        """Effect of (level, slope, tilt, tilt slope, arch, arch slope, rho) on target minus rod
        dip, shape (frets * 3, 7).

        The target is straight along every string line: the board's arch across is kept, as it is or
        flattening evenly. Heights of the lanes have no common line, so that the arch is free.
        """
        x = np.repeat(self.x_mm / float(self.x_mm[-1]), 3)
        lanes = np.tile(np.asarray(LANE_ACROSS), len(self.x_mm))
        if self.across is None:
            across = lanes
        else:
            across = self.across.ravel()
        shapes = [
            shape * along for shape in (np.ones_like(x), across, across**2) for along in (1, x)
        ]
        return np.column_stack([*shapes, np.repeat(self.bend, 3)])

    @property
    def grooves(self) -> Array:
        """Depth of the grooves, (frets * 3,)."""
        if self.groove_mm is None:
            return np.zeros(self.tops_mm.size)
        return self.groove_mm.ravel()


@dataclass(frozen=True)
class LevelTerms:
    """What is agreed about a level.

    ``fall_away_mm`` at the last fret, growing evenly from ``fall_from`` (the joint if not said);
    ``dip_mm`` is bend dressed into the tops. Without ``band_mm`` every top is touched; with it,
    tops up to so far under the line stay as they are. ``untouched`` frets (from 1) lose nothing.
    """

    fall_away_mm: float = 0.0
    fall_from: int | None = None
    dip_mm: float = 0.0
    band_mm: float | None = None
    grooves_stay: bool = False
    aim: FilingAim = "least metal"
    untouched: tuple[int, ...] = ()


@dataclass(frozen=True)
class Removal:
    """Metal off and left per fret and lane (frets, 3), and the dip the rod adds while filing.

    ``short`` names frets (from 1) without enough metal, ``standing`` untouched ones that stand in
    the way, each with what is missing in mm; such a plan must not be carried out. ``weight``
    (frets, 3) is how much the metal of the whole plan grows with each millimetre a top stands
    higher; ``above_mm`` (frets, 3) how far each top stands over the line that a straight tool is
    led along.
    """

    off_mm: Array
    left_mm: Array
    rod_dip_mm: float
    short: tuple[tuple[int, float], ...] = ()
    standing: tuple[tuple[int, float], ...] = ()
    weight: Array | None = None
    above_mm: Array | None = None
    dip_mm: float = 0.0

    @property
    def possible(self) -> bool:
        """Whether every fret has the metal."""
        return not self.short and not self.standing

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


def fall_away(neck_tops: NeckTops, depth_mm: float, start: int | None = None) -> Array:
    """Drop of the target past fret ``start`` (the joint), growing evenly to ``depth_mm`` at the
    last fret, (frets,).
    """
    first, last = neck_tops.x_mm[(start or neck_tops.joint_fret) - 1], neck_tops.x_mm[-1]
    if last <= first:
        return np.zeros_like(neck_tops.x_mm)
    drop: Array = depth_mm * np.clip((neck_tops.x_mm - first) / (last - first), 0.0, None)
    return drop


@dataclass(frozen=True)
class LevelProgram:
    """``rows @ v <= limits``: v = target (7), removals (n), grooves left (n), thinnest crown.

    The first 2 n rows bind the target to the tops (from above, then from below), the next n keep
    the crowns.
    """

    cost: Array
    rows: Array
    limits: Array
    bounds: Sequence[tuple[float | None, float | None]]


def program(neck_tops: NeckTops, terms: LevelTerms) -> LevelProgram:
    """The levelling program; see ``level_all`` for what it says."""
    # Variables: six of the target and the rod, removals, grooves left, the thinnest crown.
    columns, n = neck_tops.columns, neck_tops.tops_mm.size
    free = np.repeat(~np.isin(np.arange(1, len(neck_tops.x_mm) + 1), terms.untouched), 3)
    tops = _shaped(neck_tops, terms)
    groove = np.where(free, neck_tops.grooves, 0.0)
    # Touched tops lose a trace; where a band is allowed they may lie under the line by it.
    under: Array | float = -TOUCH_MM if terms.band_mm is None else terms.band_mm
    # No touch is asked where nothing may come off: a top that has no metal to give may just carry
    # the line.
    bare = neck_tops.crown_mm.ravel() < neck_tops.least_crown_mm + TOUCH_MM
    under = np.where(bare, np.maximum(under, 0.0), under)
    eye, none = np.eye(n), np.zeros((n, n))
    one = np.ones((n, 1))
    rows = np.block(
        [
            [columns, none, -eye, 0 * one],  # target - groove left <= top - groove + band
            [-columns, -eye, none, 0 * one],  # top - removal <= target
            [np.zeros_like(columns), eye, none, one],  # removal + thinnest <= crown
        ]
    )
    # An untouched top may stand over the target by no more than a rocker feels, and under it
    # however far.
    # A crown already under the least has nothing to give; it may stay as it is.
    crown = np.maximum(neck_tops.crown_mm.ravel(), neck_tops.least_crown_mm)
    over = np.where(free, 0.0, STILL_MM)
    limits = np.concatenate([np.where(free, tops - groove + under, 1e3), over - tops, crown])
    thinnest = terms.aim == "thinnest fret"
    cost = np.concatenate(
        [np.zeros(TARGET), np.full(n, 1.0 / 3.0), np.full(n, GROOVE_PRICE / 3.0), [0.0]]
    )
    # The thinnest crown is what counts then, and all metal together only decides between equals.
    if thinnest:
        cost *= SECOND_AIM
        cost[-1] = -1.0
    bounds: list[tuple[float | None, float | None]] = [(None, None)] * PLANE
    bounds.append((neck_tops.rod_dip_low_mm, neck_tops.rod_dip_high_mm))
    bounds += [(0.0, None if one else 0.0) for one in free]
    bounds += [(0.0, float(deep) if terms.grooves_stay else 0.0) for deep in groove]
    least = neck_tops.least_crown_mm
    bounds.append((least, None if thinnest else least))
    return LevelProgram(cost, rows, limits, bounds)


def _shaped(neck_tops: NeckTops, terms: LevelTerms) -> Array:
    """Tops with dip and fall-away added, so that the target is straight; (frets * 3,)."""
    drop = fall_away(neck_tops, terms.fall_away_mm, terms.fall_from)
    return np.asarray((neck_tops.tops_mm + (terms.dip_mm * neck_tops.bend + drop)[:, None]).ravel())


def level_all(neck_tops: NeckTops, terms: LevelTerms | None = None) -> Removal:
    """Least metal such that all tops lie on the target: straight, less the dip, less the fall-away.

    Minimises the sum of ``removal >= top - rho * bend - target`` (or the most taken off the
    thinnest fret) subject to ``top - target >= groove + touch`` and ``crown - removal >= least
    crown``.
    """
    terms = terms or LevelTerms()
    linear, n = program(neck_tops, terms), neck_tops.tops_mm.size
    found = least(linear.cost, linear.rows, linear.limits, linear.bounds)
    if found is None:
        return _level_short(neck_tops, terms, linear)
    # The solver may come back a rounding below nil; no file puts metal on.
    off = np.maximum(found.x[TARGET : TARGET + n], 0.0).reshape(-1, 3)
    # A top that stands a millimetre higher costs what its rows are worth; those on the line save
    # the others' metal.
    duals = found.worth
    weight = None
    if terms.aim == "least metal":
        weight = (duals[:n] - duals[n : 2 * n]).reshape(-1, 3)
    above = (_shaped(neck_tops, terms) - neck_tops.columns @ found.x[:TARGET]).reshape(-1, 3)
    return Removal(
        off,
        neck_tops.crown_mm - off,
        float(found.x[PLANE]),
        weight=weight,
        above_mm=above,
        dip_mm=terms.dip_mm,
    )


def _level_short(neck_tops: NeckTops, terms: LevelTerms, linear: LevelProgram) -> Removal:
    """The levelling that lacks the least metal, naming the frets that lack it."""
    n = neck_tops.tops_mm.size
    size = len(linear.cost)
    # Each crown may lack metal, each untouched fret may stand over the line, at a price beside
    # which metal is cheap.
    lacking = np.zeros((3 * n, 2 * n))
    lacking[n : 2 * n, n:] = -np.eye(n)
    lacking[2 * n :, :n] = -np.eye(n)
    free = np.repeat(~np.isin(np.arange(1, len(neck_tops.x_mm) + 1), terms.untouched), 3)
    over = [(0.0, 0.0 if one else None) for one in free]
    bounds = [*linear.bounds[:-1], (neck_tops.least_crown_mm, neck_tops.least_crown_mm)]
    solution = least(
        np.concatenate([1e-4 * np.abs(linear.cost), np.ones(2 * n)]),
        np.hstack([linear.rows, lacking]),
        linear.limits,
        [*bounds, *[(0.0, None)] * n, *over],
    )
    if solution is None:
        raise Refusal(means("metal.levelling-program-could-not-solved"))
    off = np.maximum(solution.x[TARGET : TARGET + n], 0.0).reshape(-1, 3)
    short = _named(solution.x[size : size + n])
    standing = _named(solution.x[size + n :])
    return Removal(off, neck_tops.crown_mm - off, float(solution.x[PLANE]), short, standing)


def _named(missing: Array) -> tuple[tuple[int, float], ...]:
    worst = missing.reshape(-1, 3).max(axis=1)
    return tuple((fret + 1, float(mm)) for fret, mm in enumerate(worst) if mm > 1e-6)


def what_would_do(neck_tops: NeckTops, terms: LevelTerms, removal: Removal) -> tuple[str, ...]:
    """What would make a level possible that lacks metal: ``lower``, ``grooves``, ``touch``,
    ``replace`` or ``refret``.
    """
    if removal.possible:
        return ()
    texts = []
    if removal.standing:
        texts.append("touch")
    if removal.short:
        if not terms.grooves_stay and neck_tops.grooves.any():
            kept = level_all(neck_tops, replace(terms, grooves_stay=True))
            if kept.possible:
                texts.append("grooves")
        texts.append("lower")
        few = len(removal.short) <= max(len(neck_tops.x_mm) // 4, 1)
        texts.append("replace" if few else "refret")
    return tuple(texts)


def metal_of(neck_tops: NeckTops, terms: LevelTerms, tops_mm: Array) -> float:
    """Metal a level of every top takes off such tops (frets, 3), crowns and grooves left out of it;
    nan where unsolved.

    The same program with the target alone as its unknown: far quicker, for many necks after each
    other.
    """
    columns = neck_tops.columns
    drop = fall_away(neck_tops, terms.fall_away_mm, terms.fall_from)
    tops = (tops_mm + (terms.dip_mm * neck_tops.bend + drop)[:, None]).ravel()
    bounds = [*[(None, None)] * PLANE, (neck_tops.rod_dip_low_mm, neck_tops.rod_dip_high_mm)]
    solution = least(-columns.sum(axis=0), columns, tops - TOUCH_MM, bounds)
    if solution is None:
        return float("nan")
    return float((tops - columns @ solution.x).sum() / 3.0)
