"""The relief that gives all notes the same room, and what fretting costs in pitch."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import linprog

from nuvrek.clearance.room import Strung
from nuvrek.mechanics.strings import CORE_SHARE, STEEL_N_PER_MM2

Array = NDArray[np.float64]

MOST_RELIEF_MM = 0.8


def even_relief_mm(
    strung: Strung, bend: Array, relief_now_mm: float, touch: float
) -> tuple[float, float]:
    """The relief at which one string can lie lowest with every fretted note clean, and that height
    over fret 12.

    ``strung`` holds one string; ``bend`` (frets + 1,) is the dip of a unit of relief. Both the
    saddle and the relief are free, room is linear in both: a linear program. At its optimum the
    tightest notes all have the same room.
    """
    tops, lean = strung.tops_mm[0], strung.lean
    swing = touch * strung.swing_mm_per_touch[0]
    notes, frets = np.nonzero(strung.ahead & (np.arange(len(tops)) > 0)[:, None])
    share = lean[notes, frets]
    # room = t_n (1 - s) + S s - swing - t_m >= 0, with t = tops - r bend.
    still = tops[notes] * (1.0 - share) - tops[frets] - swing[notes, frets]
    by_relief = -bend[notes] * (1.0 - share) + bend[frets]
    rows = -np.column_stack([share, by_relief])
    if len(tops) > 12:
        at_12 = strung.x_mm[12] / strung.scale_mm
    else:
        at_12 = strung.x_mm[-1] / strung.scale_mm
    fret = min(12, len(tops) - 1)
    # Height over fret 12: nut (1 - a) + S a - (t_12 - r bend_12), the nut moving with the board as
    # well.
    cost = np.array([at_12, bend[fret] - bend[0] * (1.0 - at_12)])
    bounds = [(None, None), (-relief_now_mm - 0.3, MOST_RELIEF_MM - relief_now_mm)]
    solution = linprog(cost, A_ub=rows, b_ub=still, bounds=bounds, method="highs")
    solved = np.asarray(solution.x, dtype=np.float64)
    more = float(solved[1])
    height = tops[0] * (1.0 - at_12) - tops[fret] + float(cost @ solved)
    return relief_now_mm + more, height


def sharp_cents(strung: Strung, gauge_mm: Array, wound: NDArray[np.bool_]) -> Array:
    """How many cents each note goes sharp because the string is stretched down to its fret,
    (strings, notes).

    Longer path, more tension: ``1200 log2 sqrt((T + E A dL / L) / T)``; the open string is the
    measure. Only the core of a wound string carries the stretch.
    """
    x, tops = strung.x_mm, strung.tops_mm
    nut, saddle = tops[:, :1], strung.saddle_mm[:, None]
    behind = np.hypot(x[None, :], tops - nut)
    ahead = np.hypot(strung.scale_mm - x[None, :], saddle - tops)
    open_mm = np.hypot(strung.scale_mm, saddle - nut)
    longer = np.maximum(behind + ahead - open_mm, 0.0)
    longer[:, 0] = 0.0
    carrying = np.where(wound, CORE_SHARE, 1.0) * gauge_mm
    stiffness = STEEL_N_PER_MM2 * np.pi * carrying**2 / 4.0
    more = stiffness[:, None] * longer / open_mm
    return np.asarray(600.0 * np.log2(1.0 + more / strung.tension_n[:, None]))
