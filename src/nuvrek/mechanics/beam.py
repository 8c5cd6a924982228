"""The neck as a beam: ``w'' = M / EI`` from the wood, the section and the pull of the strings.

It gives the shape of the bend and a first guess of its size; a neck's own readings at pitch and
slack overrule the size.
"""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.mechanics.strings import neck_tension_n
from nuvrek.neck.board import width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import fret_places_mm, place_row_mm
from nuvrek.recognise.woods import Wood, wood_in

Array = NDArray[np.float64]

# Bending stiffness along the grain at 12 % moisture, N/mm2: Forest Products Laboratory, Wood
# Handbook, chapter 5, tables 5-3 and 5-5 (values from memory).
MODULUS_N_PER_MM2: dict[Wood, float] = {
    "maple": 12_600.0,
    "mahogany": 10_300.0,
    "cherry": 10_300.0,
    "walnut": 11_600.0,
    "cedar": 9_900.0,
    "rosewood": 12_300.0,
    "ash": 12_000.0,
    "poplar": 10_900.0,
    "beech": 11_900.0,
    "birch": 13_900.0,
}
USUAL_MODULUS = 11_500.0
# Thickness with its board at fret 1 and where the body begins; common practice, no source.
THICK_MM = (20.5, 23.0)
# Second moment and centroid of half an ellipse about the line through its centroid along the flat
# side, as shares of half-width times height cubed, and of the height (Young and others, Roark's
# Formulas, table A.1:
# half circle
# 0.1098 r^4 and 4 r / (3 pi); values from memory).
HALF_ELLIPSE, CENTROID = float(np.pi / 8.0 - 8.0 / (9.0 * np.pi)), float(4.0 / (3.0 * np.pi))
# Strings over the board: crown and string height together; common practice, no source.
OVER_BOARD_MM = 2.5
# A whole neck bends by this share of its bare wood: 0.17 mm on a usual electric one (common
# practice, no source).
OF_BARE_WOOD = 0.65
_FINE = 240


def curvature_to_line_mm(
    x_mm: Array, moment_nmm: Array, ei_nmm2: Array, slope: float = 0.0
) -> Array:
    """Deflection of a beam held at its first place with ``slope`` there, (n,): ``w'' = M / EI``
    integrated twice.

    Between places the curvature is taken as straight (trapezoids, then its parabola), which is
    exact for moments that run straight on an even beam.
    """
    curvature = np.asarray(moment_nmm / ei_nmm2)
    step = np.diff(x_mm)
    slopes = slope + np.concatenate(
        ([0.0], np.cumsum(0.5 * step * (curvature[1:] + curvature[:-1])))
    )
    rise = step * slopes[:-1] + step**2 * (curvature[:-1] / 3.0 + curvature[1:] / 6.0)
    return np.concatenate(([0.0], np.cumsum(rise)))


def dip_below_ends_mm(x_mm: Array, moment_nmm: Array, ei_nmm2: Array) -> Array:
    """Dip below the line through both ends of a beam bent by a moment that hollows it, (n,)."""
    line = curvature_to_line_mm(x_mm, moment_nmm, ei_nmm2)
    share = (x_mm - x_mm[0]) / (x_mm[-1] - x_mm[0])
    return np.asarray(share * line[-1] - line)


def modulus_of(wood: str) -> float:
    """Bending stiffness of a wood named in free words, N/mm2; a usual one where the name says
    nothing.
    """
    known = wood_in(wood)
    if known is None:
        return USUAL_MODULUS
    return MODULUS_N_PER_MM2[known]


def stiffness_nmm2(neck: NeckDescription, x_mm: Array) -> Array:
    """EI of the neck at places between nut and joint, (n,): half an ellipse that grows towards
    the body.
    """
    joint = place_row_mm(neck)[neck.joint_fret]
    wide = np.array([width_mm(neck, float(x)) for x in x_mm])
    return modulus_of(neck.neck_wood) * HALF_ELLIPSE * 0.5 * wide * _thickness(x_mm / joint) ** 3


def _thickness(share: Array) -> Array:
    return np.asarray(THICK_MM[0] + (THICK_MM[1] - THICK_MM[0]) * np.clip(share, 0.0, 1.0))


def pull_moment_nmm(neck: NeckDescription, tension_n: float, x_mm: Array) -> Array:
    """Moment of the strings about the middle of the section, (n,): tension times their distance
    from it.
    """
    joint = place_row_mm(neck)[neck.joint_fret]
    return np.asarray(tension_n * (CENTROID * _thickness(x_mm / joint) + OVER_BOARD_MM))


def pull_by_beam_mm(neck: NeckDescription, tension_n: float) -> float:
    """Dip half-way from fret 1 to the joint that the strings' pull alone would bend into the wood.

    Rod, board glue and finish stiffen a neck beyond its bare wood: see ``usual_pull_mm``.
    """
    places = place_row_mm(neck)
    x = np.linspace(places[1], places[neck.joint_fret], _FINE + 1)
    dip = dip_below_ends_mm(x, pull_moment_nmm(neck, tension_n, x), stiffness_nmm2(neck, x))
    return float(dip[_FINE // 2])


@lru_cache(maxsize=64)
def usual_pull_mm(neck: NeckDescription) -> float:
    """What the strings may be taken to pull before a neck was read, mm of relief: by its scale,
    joint, wood and strings.
    """
    return OF_BARE_WOOD * pull_by_beam_mm(neck, neck_tension_n(neck))


def bend_profile(neck: NeckDescription) -> Array:
    """Shape of the bend at nut and frets, (frets + 1,): 1 half-way from fret 1 to the joint, nil at
    both.

    Past the joint the body carries the board, which runs straight on along the neck's slope there.
    """
    return _profile(
        neck.scale_mm, neck.frets, neck.joint_fret, neck.nut_width_mm, neck.end_width_mm
    ).copy()


@lru_cache(maxsize=64)
def _profile(
    scale_mm: float, frets: int, joint_fret: int, nut_width_mm: float, end_width_mm: float
) -> Array:
    """The profile of an even wood: its modulus and the tension set only the size, not the shape."""
    neck = NeckDescription(
        scale_mm=scale_mm,
        frets=frets,
        joint_fret=joint_fret,
        nut_width_mm=nut_width_mm,
        end_width_mm=end_width_mm,
    )
    places = fret_places_mm(scale_mm, frets)
    first, joint = places[1], places[joint_fret]
    x = np.linspace(0.0, joint, 2 * _FINE + 1)
    line = -curvature_to_line_mm(x, pull_moment_nmm(neck, 1.0, x), stiffness_nmm2(neck, x))
    dip = line - np.interp(first, x, line)
    dip -= dip[-1] * (x - first) / (joint - first)
    dip /= np.interp(0.5 * (first + joint), x, dip)
    slope = (dip[-1] - dip[-2]) / (x[-1] - x[-2])
    profile = np.where(places > joint, slope * (places - joint), np.interp(places, x, dip))
    return np.asarray(profile, dtype=np.float64)
