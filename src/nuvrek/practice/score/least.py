"""The least metal that lets every note of a neck ring clean at the wanted height, its rod free: a
linear program over the true tops, for the score alone.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import linprog

from nuvrek.neck.touch import TOUCHES
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.simulator.living.ringing import BREATH_MM, string_shares, swings

Array = NDArray[np.float64]
# How far a working rod may move the relief in either direction.
ROD_REACH_MM = 0.4


def least_metal_mm(one: LivingNeck) -> float | None:
    """Metal summed over the frets, a fret's being the mean of its places; None where no filing
    does it. Loose frets count as seated: pressing them takes none.
    """
    seated = one.copy()
    seated.stand_off_mm[:] = 0.0
    seated.tension = 1.0
    wanted = seated.neck
    seated.set_string_height(wanted.height_low_mm or 0.0, wanted.height_high_mm or 0.0)
    rows, limits = _rooms(seated)
    count = 3 * seated.neck.frets
    cost = np.concatenate((np.full(count, 1.0 / 3.0), np.zeros(1)))
    reach = ROD_REACH_MM if seated.rods else 0.0
    bounds = [(0.0, None)] * count + [(-reach, reach)]
    found = linprog(cost, A_ub=rows, b_ub=limits, bounds=bounds, method="highs")
    return None if found.fun is None or found.status else float(found.fun)


def _rooms(one: LivingNeck) -> tuple[Array, Array]:
    """Rows over what comes off each place and the relief taken out: ``rows @ off <= limits`` where
    every note has its room. The strings keep their height over fret 12.
    """
    neck, x = one.neck, one.x_mm
    frets, count = neck.frets, 3 * neck.frets
    share = x[12] / neck.scale_mm
    touch = TOUCHES[neck.touch]
    swing = touch * swings(neck.scale_mm, frets)
    tops, edge = one.under_strings_mm(), one.tops_mm()
    heights = (neck.height_low_mm or 0.0, neck.height_high_mm or 0.0)
    rows, limits = [], []
    for n, lanes in enumerate(string_shares(neck.strings)):
        height = float(np.linspace(*heights, neck.strings)[n])
        under, over = tops @ lanes, edge @ lanes
        # How each top moves with what comes off it (by lane) and with the relief taken out.
        moves = np.zeros((frets + 1, count + 1))
        for fret in range(1, frets + 1):
            moves[fret, 3 * (fret - 1) : 3 * fret] = -lanes
        moves[:, -1] = one.bend
        saddle = (under[12] + height - under[0] * (1.0 - share)) / share
        saddle_moves = (moves[12] - moves[0] * (1.0 - share)) / share
        for note in range(1, frets):
            lean = (x[note + 1 :] - x[note]) / (neck.scale_mm - x[note])
            line = under[note] * (1.0 - lean) + saddle * lean
            room = line - swing[note, note + 1 :] - over[note + 1 :] + BREATH_MM
            made = (
                np.outer(1.0 - lean, moves[note]) + np.outer(lean, saddle_moves) - moves[note + 1 :]
            )
            rows.append(-made)
            limits.append(room)
    return np.concatenate(rows), np.concatenate(limits)
