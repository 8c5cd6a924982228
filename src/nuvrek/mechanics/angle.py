"""String height, saddle and neck angle: straight lines from nut to saddle."""

from __future__ import annotations

import math

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import fret_line_mm

# Height of a string over the line of the fret tops at the nut; common practice, no source.
NUT_MM = 0.4


def at_saddle_mm(change_mm: float, scale_mm: float, fret: int) -> float:
    """How far the saddle moves for a wanted change of string height over ``fret``; the nut stays.

    The string turns about the nut, so heights go with the distance from it: twice the change for
    fret 12.
    """
    return change_mm * scale_mm / fret_line_mm(scale_mm, fret)[fret]


def at_fret_mm(nut_change_mm: float, scale_mm: float, fret: int) -> float:
    """Change of string height over ``fret`` when the nut slot changes; the saddle stays."""
    return nut_change_mm * (1.0 - fret_line_mm(scale_mm, fret)[fret] / scale_mm)


def open_height_mm(
    height_mm: float,
    fret: int,
    scale_mm: float,
    to_fret: int = 12,
    nut_mm: float = NUT_MM,
    capo: int = 0,
) -> float:
    """Height over ``to_fret`` of an open string read over another fret; ``nut_mm`` is its height
    over the board's line at the nut.

    With a ``capo`` the string lies on that fret and rises from there to the saddle, whose height
    similar triangles give; opened, it rises from the nut to the same saddle.
    """
    x = fret_line_mm(scale_mm, max(fret, to_fret))
    if not capo:
        return nut_mm + (height_mm - nut_mm) * x[to_fret] / x[fret]
    saddle = height_mm * (scale_mm - x[capo]) / (x[fret] - x[capo])
    return nut_mm + (saddle - nut_mm) * x[to_fret] / scale_mm


def at_height_fret_mm(neck: NeckDescription, at_12_mm: float) -> float:
    """What a usual height over fret 12 comes to over the fret a neck's heights are spoken of at."""
    if neck.height_fret == 12 or neck.frets < 12:
        return at_12_mm
    return open_height_mm(at_12_mm, 12, neck.scale_mm, neck.height_fret)


def neck_angle_degrees(at_saddle_change_mm: float, scale_mm: float, joint_fret: int) -> float:
    """Angle by which a neck turns back about its joint to lower the strings at the saddle by so
    much.
    """
    arm = scale_mm - fret_line_mm(scale_mm, joint_fret)[joint_fret]
    return math.degrees(math.atan2(at_saddle_change_mm, arm))


def at_heel_mm(degrees: float, heel_mm: float) -> float:
    """Wood, or a shim, at the far end of a heel or pocket of that length for an angle."""
    return heel_mm * math.tan(math.radians(degrees))


def saddle_wanted_mm(
    over_bridge_mm: float, height_mm: float, scale_mm: float, nut_mm: float = NUT_MM, fret: int = 12
) -> float:
    """How high the saddle's top stands over the bridge: the frets' line carried on to it, and
    the string's height there, wanted as ``height_mm`` over ``fret``. At the nut the string is
    already ``nut_mm`` over that line, so that only the rest rises further.
    """
    return over_bridge_mm + nut_mm + at_saddle_mm(height_mm - nut_mm, scale_mm, fret)


def angle_by_truing_mm(off_mm: float, scale_mm: float, none_at_mm: float) -> float:
    """How far the line of the frets rises at the bridge when ``off_mm`` of wood comes off at the
    nut and nothing at ``none_at_mm``: ``d (scale - x_p) / x_p`` (similar triangles).
    """
    return off_mm * (scale_mm - none_at_mm) / none_at_mm
