"""How much metal to take off: levelling all frets, or only the proud ones.

Both are linear programs over the estimated slack tops (least metal in all).
Arrays of shape (frets, 3) run over frets 1.. and lanes bass, middle, treble; mm.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import linprog

from nuvrek.neck.board import LANE_ACROSS
from nuvrek.surface.evidence import rock_height

Array = NDArray[np.float64]

# Each top should just be touched when all are levelled: a trace of metal.
TOUCH_MM = 0.005
# Spot work stops when the rocker is still: it moves from about this height on (common practice, no source).
STILL_MM = 0.02
# An estimated rock this little above the limit is left alone: no rocker tells the difference.
NO_ROCKER_TELLS_MM = 0.006
# Less than this is not worth picking the file up for.
WORTH_FILING_MM = 0.004


@dataclass(frozen=True)
class Surface:
    """What a levelling program needs to know: slack tops, crowns and the bending shape.

    ``tops_mm`` and ``crown_mm`` have shape (frets, 3), ``x_mm`` and ``bend`` (frets,).
    ``rho_low_mm`` .. ``rho_high_mm`` is the dip the rod can add while filing (negative: take out).
    """

    x_mm: Array
    tops_mm: Array
    crown_mm: Array
    bend: Array
    joint_fret: int
    least_crown_mm: float
    rho_low_mm: float = 0.0
    rho_high_mm: float = 0.0


@dataclass(frozen=True)
class Removal:
    """Metal off and left per fret and lane (frets, 3), and the dip the rod adds while filing.

    ``short`` names frets (from 1) without enough metal, with what is missing in mm;
    such a plan must not be carried out.
    """

    off_mm: Array
    left_mm: Array
    rho_mm: float
    short: tuple[tuple[int, float], ...] = ()

    @property
    def possible(self) -> bool:
        """Whether every fret has the metal."""
        return not self.short


Bounds = Sequence[tuple[float | None, float | None]]


def _least(cost: Array, rows: Array, limits: Array, bounds: Bounds) -> Array | None:
    """Minimise ``cost @ v`` subject to ``rows @ v <= limits`` and bounds; None when nothing satisfies them."""
    result = linprog(cost, A_ub=rows, b_ub=limits, bounds=list(bounds), method="highs")
    return None if result.x is None or result.status != 0 else np.asarray(result.x, dtype=np.float64)


def fall_away(surface: Surface, depth_mm: float) -> Array:
    """Drop of the target past the joint, growing evenly to ``depth_mm`` at the last fret, shape (frets,)."""
    joint, last = surface.x_mm[surface.joint_fret - 1], surface.x_mm[-1]
    if last <= joint:
        return np.zeros_like(surface.x_mm)
    drop: Array = depth_mm * np.clip((surface.x_mm - joint) / (last - joint), 0.0, None)
    return drop


def _target_columns(surface: Surface) -> Array:
    """Effect of (level, slope, tilt, tilt slope, rho) on target minus rod dip, shape (frets * 3, 5).

    The target is straight along every string line and keeps the board's shape across.
    """
    reach = float(surface.x_mm[-1])
    x = np.repeat(surface.x_mm / reach, 3)
    across = np.tile(np.asarray(LANE_ACROSS), len(surface.x_mm))
    return np.column_stack([np.ones_like(x), x, across, across * x, np.repeat(surface.bend, 3)])


def level_all(
    surface: Surface, fall_away_mm: float = 0.0, dip_mm: float = 0.0, touch_mm: float = TOUCH_MM
) -> Removal:
    """Least metal such that all tops lie on the target: straight, less ``dip_mm`` of bend, less the fall-away.

    Minimises the sum of ``removal = top - rho * bend - target`` subject to
    ``removal >= touch`` and ``crown - removal >= least crown``.
    """
    columns = _target_columns(surface)
    shaped = surface.tops_mm + (dip_mm * surface.bend + fall_away(surface, fall_away_mm))[:, None]
    tops = shaped.ravel()
    room = surface.crown_mm.ravel() - surface.least_crown_mm
    bounds: Bounds = [*[(None, None)] * 4, (surface.rho_low_mm, surface.rho_high_mm)]
    limits = np.concatenate([tops - touch_mm, room - tops])
    target = _least(-columns.sum(axis=0), np.vstack([columns, -columns]), limits, bounds)
    if target is None:
        return _level_short(surface, columns, tops, limits, bounds)
    off = np.maximum(tops - columns @ target, 0.0).reshape(-1, 3)
    return Removal(off, surface.crown_mm - off, float(target[4]))


def _level_short(surface: Surface, columns: Array, tops: Array, limits: Array, bounds: Bounds) -> Removal:
    """The levelling that lacks the least metal, naming the frets that lack it."""
    n = len(tops)
    solved = _least(
        np.concatenate([-1e-4 * columns.sum(axis=0), np.ones(n)]),
        np.block([[columns, np.zeros((n, n))], [-columns, -np.eye(n)]]),
        limits,
        [*bounds, *[(0.0, None)] * n],
    )
    if solved is None:
        raise ValueError("levelling program could not be solved")
    off = np.maximum(tops - columns @ solved[:5], 0.0).reshape(-1, 3)
    missing = solved[5:].reshape(-1, 3).max(axis=1)
    short = tuple((fret + 1, float(mm)) for fret, mm in enumerate(missing) if mm > 1e-6)
    return Removal(off, surface.crown_mm - off, float(solved[4]), short)


def rocks_mm(surface: Surface, tops_mm: Array) -> Array:
    """How far each inner fret stands over the line of its neighbours, shape (frets - 2, 3)."""
    return np.asarray(_rock_matrix(surface.x_mm) @ tops_mm)


def _rock_matrix(x_mm: Array) -> Array:
    """(frets - 2, frets): rock height of each inner fret as a combination of tops."""
    frets = len(x_mm)
    matrix = np.zeros((frets - 2, frets))
    x = np.concatenate([[0.0], x_mm])
    for row, fret in enumerate(range(2, frets)):
        for f, weight in rock_height(x, fret):
            matrix[row, f - 1] = weight
    return matrix


def spot_level(surface: Surface, allowed: tuple[int, ...], still_mm: float = STILL_MM) -> Removal:
    """Least metal, on ``allowed`` frets (from 1) if that suffices, such that no rocker finds more than ``still_mm``.

    Falls back to all frets when blending over neighbours is needed.
    """
    removal = _spot(surface, allowed, still_mm)
    if removal is None:
        removal = _spot(surface, tuple(range(1, len(surface.x_mm) + 1)), still_mm)
    if removal is None:
        return _spot_short(surface, still_mm)
    return removal


def _spot(surface: Surface, allowed: tuple[int, ...], still_mm: float) -> Removal | None:
    frets = len(surface.x_mm)
    rocker = _rock_matrix(surface.x_mm)
    off = np.zeros((frets, 3))
    open_frets = np.isin(np.arange(1, frets + 1), allowed)
    for lane in range(3):
        room = np.maximum(surface.crown_mm[:, lane] - surface.least_crown_mm, 0.0)
        rock = rocker @ surface.tops_mm[:, lane]
        bounds = [(0.0, float(r) if ok else 0.0) for r, ok in zip(room, open_frets, strict=True)]
        solved = _least(np.ones(frets), -rocker, _rock_limits(rock, still_mm) - rock, bounds)
        if solved is None:
            return None
        off[:, lane] = np.maximum(solved, 0.0)
    return Removal(off, surface.crown_mm - off, 0.0)


def _rock_limits(rock_mm: Array, still_mm: float) -> Array:
    """Largest rock allowed at each triple, shape of ``rock_mm``."""
    near = rock_mm <= still_mm + NO_ROCKER_TELLS_MM
    return np.where(near, np.maximum(rock_mm, still_mm), still_mm)


def _spot_short(surface: Surface, still_mm: float) -> Removal:
    """Without the metal limit: shows which frets would run thin."""
    rich = Surface(
        surface.x_mm,
        surface.tops_mm,
        surface.crown_mm + 5.0,
        surface.bend,
        surface.joint_fret,
        surface.least_crown_mm,
    )
    removal = _spot(rich, tuple(range(1, len(surface.x_mm) + 1)), still_mm)
    if removal is None:
        raise ValueError("spot levelling has no solution even with unlimited metal")
    left = surface.crown_mm - removal.off_mm
    filed = removal.off_mm > WORTH_FILING_MM
    missing = np.where(filed, surface.least_crown_mm - left, 0.0).max(axis=1)
    short = tuple((fret + 1, float(mm)) for fret, mm in enumerate(missing) if mm > 1e-6)
    return Removal(removal.off_mm, left, 0.0, short)
