"""Crowning: what levelling makes of a crown, what a file restores, and how many levels are left
in the wire. Lengths in mm.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Literal

from nuvrek.meaning import Word
from nuvrek.neck.crown import crown_radius_mm, flat_mm

# A flat up to this wide is as good as a crown: it is what the thin line of ink leaves (common
# practice, no source).
LAND_MM = 0.35
# A flat over this share of the wire's width has no shoulder left for a crowning file (common
# practice, no source).
WIDEST_FLAT = 0.85
# A crown lower than this can't be gripped by a file nor by a finger (common practice, no source).
LOWEST_MM = 0.5
# What a light level takes at most on a neck in order: one level of the wire's life (common
# practice, no source).
ONE_LEVEL_MM = 0.1
# Concave files come for wire up to so wide (common practice, no source).
FILES: tuple[tuple[float, Word], ...] = (
    (2.1, Word("narrow")),
    (2.5, Word("medium")),
    (3.5, Word("wide")),
)

Says = Literal["as it is", "crown", "too wide", "too low"]


def file_for(width_mm: float) -> Word:
    """The concave file that fits a wire, by its width."""
    return next((name for widest, name in FILES if width_mm <= widest), Word("widest"))


def levels_left(crown_mm: float, least_mm: float, one_mm: float = ONE_LEVEL_MM) -> int:
    """How often such a crown can be levelled before it comes under the least."""
    return max(int((crown_mm - least_mm) / one_mm + 1e-9), 0)


def frets_to_crown(width_mm: float, height_mm: float, off_mm: Iterable[float]) -> tuple[int, ...]:
    """Frets (from 1) whose tops lose so much that the flat needs a crown; ``off_mm`` by fret."""
    return tuple(
        fret
        for fret, off in enumerate(off_mm, 1)
        if off > 0.0 and flat_mm(width_mm, height_mm, off) > LAND_MM
    )


@dataclass(frozen=True)
class FlattenedCrown:
    """One fret after levelling: flat, height, the radius to bring back, and what is to be done."""

    fret: int
    width_mm: float
    off_mm: float
    height_mm: float
    flat_mm: float
    radius_mm: float
    says: Says


def crown_after(fret: int, width_mm: float, height_mm: float, off_mm: float) -> FlattenedCrown:
    """A fret of this width and height once ``off_mm`` is off its top; the radius is that of a
    crown of what is left.
    """
    left = height_mm - off_mm
    flat = flat_mm(width_mm, height_mm, off_mm)
    says: Says = "crown"
    if left < LOWEST_MM:
        says = "too low"
    elif flat > WIDEST_FLAT * width_mm:
        says = "too wide"
    elif flat <= LAND_MM:
        says = "as it is"
    return FlattenedCrown(
        fret,
        width_mm,
        off_mm,
        height_mm=left,
        flat_mm=flat,
        radius_mm=crown_radius_mm(width_mm, max(left, 0.05)),
        says=says,
    )
