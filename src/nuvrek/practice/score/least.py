"""The least metal off the tops that lets every note of a neck ring clean, open ones too, with
its strings at given heights over fret 12; nut slots and rod are free. A linear program over the
true tops, for the score alone.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import linprog

from nuvrek.neck.touch import TOUCHES
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.simulator.living.ringing import BREATH_MM, string_shares, swings

Array = NDArray[np.float64]
Heights = tuple[float, float]
# How far a working rod may move the relief in either direction.
ROD_REACH_MM = 0.4
# How far a nut slot may be raised or cut: costs no metal of the frets.
NUT_REACH_MM = 0.6


# Room kept to spare, so that no rounding makes a note unclean.
_SPARE_MM = 1e-6


def least_metal_mm(living: LivingNeck, heights_mm: Heights | None = None) -> float | None:
    """Metal summed over the frets, a fret's being the mean of its places; None where no filing
    does it. Loose frets count as seated: pressing them takes none. ``heights_mm`` are those of the
    outer strings over fret 12; without them, as they are wanted.
    """
    found = least_filed(living, heights_mm)
    if found is None:
        return None
    return float(found[: 3 * living.neck.frets].sum() / 3.0)


def least_filed(living: LivingNeck, heights_mm: Heights | None = None) -> Array | None:
    """What comes off every place of fret 1 onwards, then the relief taken out and what the outer
    nut slots are raised by, mm: (3 frets + 3,).
    """
    seated = living.copy()
    seated.stand_off_mm[:] = 0.0
    seated.tension = 1.0
    wanted = seated.neck
    heights = heights_mm or (wanted.height_low_mm or 0.0, wanted.height_high_mm or 0.0)
    rows, limits = _rooms(seated, heights)
    count = 3 * seated.neck.frets
    cost = np.concatenate((np.full(count, 1.0 / 3.0), np.zeros(3)))
    tighter = ROD_REACH_MM if seated.rods else 0.0
    if all(rod.slack for rod in seated.rods):
        looser = 0.0
    else:
        looser = ROD_REACH_MM
    nut = (-NUT_REACH_MM, NUT_REACH_MM)
    bounds = [(0.0, None)] * count + [(-looser, tighter), nut, nut]
    solution = linprog(cost, A_ub=rows, b_ub=limits, bounds=bounds, method="highs")
    if solution.x is None or solution.status:
        return None
    return np.asarray(solution.x)


def _rooms(living: LivingNeck, heights: Heights) -> tuple[Array, Array]:
    """Rows over what `least_filed` gives: ``rows @ found <= limits`` where every note has its room.
    The outer strings keep their height over fret 12, and the saddle its straight line.
    """
    x, scale, frets = living.x_mm, living.neck.scale_mm, living.neck.frets
    swing = TOUCHES[living.neck.touch] * swings(scale, frets)
    tops, edge = living.under_strings_mm(), living.tops_mm()
    share = x[12] / scale
    outer = []
    for lane, height in zip((0, 2), heights, strict=True):
        moves = _moves(living, np.eye(3)[lane])
        stands = (tops[12, lane] + height - tops[0, lane] * (1.0 - share)) / share
        outer.append((stands, (moves[12] - moves[0] * (1.0 - share)) / share))
    rows, limits = [], []
    for n, lanes in enumerate(string_shares(living.neck.strings)):
        across = n / max(living.neck.strings - 1, 1)
        saddle, saddle_moves = (
            low * (1.0 - across) + high * across for low, high in zip(*outer, strict=True)
        )
        under, over, moves = tops @ lanes, edge @ lanes, _moves(living, lanes)
        for note in range(frets):
            lean = (x[note + 1 :] - x[note]) / (scale - x[note])
            line = under[note] * (1.0 - lean) + saddle * lean
            room = line - swing[note, note + 1 :] - over[note + 1 :] + BREATH_MM - _SPARE_MM
            made = (
                np.outer(1.0 - lean, moves[note]) + np.outer(lean, saddle_moves) - moves[note + 1 :]
            )
            rows.append(-made)
            limits.append(room)
    return np.concatenate(rows), np.concatenate(limits)


def _moves(living: LivingNeck, lanes: Array) -> Array:
    """How nut and tops under a string move with what `least_filed` gives, (frets + 1, columns)."""
    frets = living.neck.frets
    count = 3 * frets
    moves = np.zeros((frets + 1, count + 3))
    for fret in range(1, frets + 1):
        moves[fret, 3 * (fret - 1) : 3 * fret] = -lanes
    moves[:, count] = living.bend
    # The slots between the outer ones follow by halves, as hands work them.
    moves[0, count + 1] = lanes[0] + 0.5 * lanes[1]
    moves[0, count + 2] = lanes[2] + 0.5 * lanes[1]
    return moves
