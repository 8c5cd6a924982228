"""Geometry of the board's face."""

from __future__ import annotations

from functools import lru_cache

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import fret_line_mm, places_mm

# How far in from the edges the two outer lanes run, as a share of the width.
LANE_INSET = 0.12
LANE_ACROSS = (-1.0, 0.0, 1.0)


def end_mm(neck: NeckDescription) -> float:
    """Where the board ends: a little past its last fret, in mm from the nut."""
    return _end_mm(neck.scale_mm, neck.frets)


@lru_cache(maxsize=64)
def _end_mm(scale_mm: float, frets: int) -> float:
    x = fret_line_mm(scale_mm, frets)
    return x[-1] + max(0.4 * (x[-1] - x[-2]), 4.0)


def width_mm(neck: NeckDescription, x_mm: float) -> float:
    """Board width at ``x_mm`` from the nut; it tapers straight from nut to end."""
    return neck.nut_width_mm + (neck.end_width_mm - neck.nut_width_mm) * x_mm / end_mm(neck)


def middle_fret(neck: NeckDescription) -> int:
    """The fret nearest half-way between fret 1 and the joint, where the relief is read."""
    x = places_mm(neck)
    half = 0.5 * (x[1] + x[neck.joint_fret])
    return min(range(2, neck.joint_fret), key=lambda fret: abs(x[fret] - half))
