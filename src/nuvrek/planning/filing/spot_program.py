"""How much metal to take off when only proud frets are filed: linear programs over the rocks a
rocker would find.

Arrays of shape (frets, 3) run over frets 1.. and lanes bass, middle, treble; mm.
"""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.evidence import rock_height
from nuvrek.meaning import Refusal, means
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.planning.filing.level_program import NeckTops, Removal
from nuvrek.planning.linear import least

Array = NDArray[np.float64]

# An estimated rock this little above the limit is left alone: no rocker tells the difference.
NO_ROCKER_TELLS_MM = 0.006
# More metal than the wildest misreading asks for: brought down to one straight line nothing rocks.
BOTTOMLESS_MM = 1e3


def rocks_mm(neck_tops: NeckTops, tops_mm: Array) -> Array:
    """How far each inner fret stands over the line of its neighbours, (..., frets - 2, 3) for
    tops (..., frets, 3).
    """
    return np.asarray(_rock_matrix(neck_tops.x_mm) @ tops_mm)


def _rock_matrix(x_mm: Array) -> Array:
    """(frets - 2, frets): rock height of each inner fret as a combination of tops."""
    frets = len(x_mm)
    matrix = np.zeros((frets - 2, frets))
    x = np.concatenate([[0.0], x_mm])
    for row, fret in enumerate(range(2, frets)):
        for f, weight in rock_height(x, fret):
            matrix[row, f - 1] = weight
    return matrix


def spot_level(
    neck_tops: NeckTops,
    allowed: tuple[int, ...],
    still_mm: float = STILL_MM,
    untouched: tuple[int, ...] = (),
    under_mm: Array | None = None,
) -> Removal:
    """Least metal, on ``allowed`` frets (from 1) if that suffices, such that no rocker finds more
    than ``still_mm``.

    What is filed is aimed ``under_mm`` (frets - 2, 3) below that: a rock brought to the very limit
    still moves every other time. Falls back to all frets but the ``untouched`` ones when blending
    over neighbours is needed.
    """
    every = tuple(fret for fret in range(1, len(neck_tops.x_mm) + 1) if fret not in untouched)
    if under_mm is None:
        under = np.zeros((len(neck_tops.x_mm) - 2, 3))
    else:
        under = under_mm
    named = tuple(f for f in allowed if f not in untouched)
    removal = _spot(neck_tops, named, still_mm, under)
    if removal is None:
        removal = _spot(neck_tops, every, still_mm, under)
    if removal is None:
        return _spot_short(neck_tops, every, still_mm)
    return removal


def _spot(
    neck_tops: NeckTops, allowed: tuple[int, ...], still_mm: float, under_mm: Array | float = 0.0
) -> Removal | None:
    frets = len(neck_tops.x_mm)
    rocker = _rock_matrix(neck_tops.x_mm)
    off = np.zeros((frets, 3))
    open_frets = np.isin(np.arange(1, frets + 1), allowed)
    for lane in range(3):
        room = np.maximum(neck_tops.crown_mm[:, lane] - neck_tops.least_crown_mm, 0.0)
        rock = rocker @ neck_tops.tops_mm[:, lane]
        bounds = [(0.0, float(r) if ok else 0.0) for r, ok in zip(room, open_frets, strict=True)]
        under = np.broadcast_to(under_mm, (frets - 2, 3))[:, lane]
        limits = _rock_limits(rock, still_mm, under) - rock
        solution = least(np.ones(frets), -rocker, limits, bounds)
        if solution is None:
            return None
        off[:, lane] = np.maximum(solution.x, 0.0)
    return Removal(off, neck_tops.crown_mm - off, 0.0)


def _rock_limits(rock_mm: Array, still_mm: float, under_mm: Array) -> Array:
    """Largest rock allowed at each triple, shape of ``rock_mm``."""
    near = rock_mm <= still_mm + NO_ROCKER_TELLS_MM
    return np.where(near, np.maximum(rock_mm, still_mm), still_mm - under_mm)


def _spot_short(neck_tops: NeckTops, every: tuple[int, ...], still_mm: float) -> Removal:
    """Without the metal limit: shows which frets would run thin, or which untouched ones keep
    rocking.
    """
    # Rocks that no neck could have ask for more metal than any neck has.
    depth = BOTTOMLESS_MM + 20.0 * float(np.ptp(neck_tops.tops_mm))
    bottomless = replace(neck_tops, crown_mm=neck_tops.crown_mm + depth)
    removal = _spot(bottomless, every, still_mm)
    if removal is None:
        all_frets = tuple(range(1, len(neck_tops.x_mm) + 1))
        removal = _spot(bottomless, all_frets, still_mm)
        if removal is None:
            raise Refusal(means("metal.spot-levelling-has-no-solution"))
        wanted = removal.off_mm.max(axis=1)
        standing = tuple(
            (fret, float(wanted[fret - 1]))
            for fret in all_frets
            if fret not in every and wanted[fret - 1] > WORTH_FILING_MM
        )
    else:
        standing = ()
    left = neck_tops.crown_mm - removal.off_mm
    filed = removal.off_mm > WORTH_FILING_MM
    missing = np.where(filed, neck_tops.least_crown_mm - left, 0.0).max(axis=1)
    short = tuple((fret + 1, float(mm)) for fret, mm in enumerate(missing) if mm > 1e-6)
    return Removal(removal.off_mm, left, 0.0, short, standing)
