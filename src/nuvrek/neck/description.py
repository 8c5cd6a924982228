"""The neck as described when it is taken in."""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

Lane = Literal["bass", "middle", "treble"]
LANES: tuple[Lane, ...] = ("bass", "middle", "treble")
LANE_WORDS: dict[Lane, str] = {"bass": "low side", "middle": "middle", "treble": "high side"}

RodKind = Literal["unknown", "none", "one-way", "two-way", "twin"]
ROD_WORDS: dict[RodKind, str] = {
    "unknown": "rod not known yet",
    "none": "no rod",
    "one-way": "one-way rod",
    "two-way": "two-way rod",
    "twin": "twin rods",
}

MAX_FRETS = 36

ScaleMm = Annotated[float, Meta(ge=200, le=1400)]
SmallMm = Annotated[float, Meta(ge=0, le=5)]
WidthMm = Annotated[float, Meta(ge=15, le=150)]
RadiusMm = Annotated[float, Meta(ge=50, le=2000)]
Line = Annotated[str, Meta(max_length=200)]
Words = Annotated[str, Meta(max_length=4000)]


class NeckDescription(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What is known of a neck before anything is measured. Lengths in mm.

    Only scale length, frets and joint fret are required. ``radius_mm`` of None
    means a flat or unknown board; ``end_radius_mm`` differs from it on a compound board.
    """

    scale_mm: ScaleMm
    frets: Annotated[int, Meta(ge=5, le=MAX_FRETS)]
    joint_fret: Annotated[int, Meta(ge=4, le=MAX_FRETS)]
    title: Line = "A neck"
    owner: Line = ""
    complaint: Words = ""
    strings: Annotated[int, Meta(ge=1, le=14)] = 6
    tuning: Line = ""
    nut_width_mm: WidthMm = 43.0
    end_width_mm: WidthMm = 56.0
    radius_mm: RadiusMm | None = None
    end_radius_mm: RadiusMm | None = None
    rod: RodKind = "unknown"
    zero_fret: bool = False
    bound: bool = False
    lacquered: bool = False
    wood: Line = ""
    wire_width_mm: SmallMm = 2.4
    wire_height_mm: SmallMm = 1.2
    least_crown_mm: SmallMm = 0.8
    relief_target_mm: Annotated[float, Meta(ge=0, le=1.5)] = 0.15
    relief_margin_mm: Annotated[float, Meta(ge=0.01, le=0.5)] = 0.06
    fall_away_mm: Annotated[float, Meta(ge=0, le=1)] = 0.0
    left_handed: bool = False
    nut_on_right: bool = False


def description_faults(neck: NeckDescription) -> list[str]:
    """What in ``neck`` contradicts itself, one sentence each; empty when fine."""
    faults = []
    if neck.joint_fret > neck.frets:
        faults.append(f"The joint fret is {neck.joint_fret}, but the neck has only {neck.frets} frets.")
    if neck.least_crown_mm >= neck.wire_height_mm:
        faults.append("The least crown to keep is not below the wire's height.")
    return faults


def target_by_kind_mm(scale_mm: float) -> tuple[float, float]:
    """Usual relief target and its margin for a scale length, in mm.

    Common practice, no source: 3-7 thou on a guitar, 10-12 thou on a long-scale bass.
    """
    return (0.28, 0.06) if scale_mm >= 760 else (0.13, 0.06)
