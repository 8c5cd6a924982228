"""Geometry of the board's face."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import fret_places_mm

# How far in from the edges the two outer lanes run, as a share of the width.
LANE_INSET = 0.12
LANE_ACROSS = (-1.0, 0.0, 1.0)


def end_mm(neck: NeckDescription) -> float:
    """Where the board ends: a little past its last fret, in mm from the nut."""
    x = fret_places_mm(neck.scale_mm, neck.frets)
    return float(x[-1] + max(0.4 * (x[-1] - x[-2]), 4.0))


def width_mm(neck: NeckDescription, x_mm: NDArray[np.float64] | float) -> NDArray[np.float64]:
    """Board width at ``x_mm`` from the nut, same shape; it tapers straight from nut to end."""
    share = np.asarray(x_mm, dtype=np.float64) / end_mm(neck)
    return neck.nut_width_mm + (neck.end_width_mm - neck.nut_width_mm) * share


def middle_fret(neck: NeckDescription) -> int:
    """The fret nearest half-way between fret 1 and the joint, where the relief is read."""
    x = fret_places_mm(neck.scale_mm, neck.frets)
    half = 0.5 * (x[1] + x[neck.joint_fret])
    return int(np.argmin(np.abs(x[: neck.joint_fret + 1] - half)))
