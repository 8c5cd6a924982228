"""The neck as described when it is taken in."""

from __future__ import annotations

import math
from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, means
from nuvrek.neck.strings import StringSet, StringSpec, semitones_from_a4, strings_in

Lane = Literal["bass", "middle", "treble"]
LANES: tuple[Lane, ...] = ("bass", "middle", "treble")
LANE_WORDS: dict[Lane, Saying] = {
    "bass": means("necks.bass-side"),
    "middle": means("necks.middle"),
    "treble": means("necks.treble-side"),
}

RodKind = Literal["unknown", "none", "one-way", "two-way", "twin"]
ROD_WORDS: dict[RodKind, Saying] = {
    "unknown": means("necks.rod-not-known-yet"),
    "none": means("necks.no-rod"),
    "one-way": means("necks.one-way-rod"),
    "two-way": means("necks.two-way-rod"),
    "twin": means("necks.twin-rods"),
}

RodAccess = Literal["unknown", "head", "heel", "sound hole"]
ACCESS_WORDS: dict[RodAccess, Saying] = {
    "unknown": means("necks.not-known-yet"),
    "head": means("necks.headstock"),
    "heel": means("necks.heel"),
    "sound hole": means("necks.through-sound-hole"),
}
JointKind = Literal["unknown", "bolted", "glued"]
JOINT_WORDS: dict[JointKind, Saying] = {
    "unknown": means("necks.not-known-yet"),
    "bolted": means("necks.bolted"),
    "glued": means("necks.glued-or-one-piece"),
}
ReliefSchool = Literal["usual", "flat", "figure"]
SCHOOL_WORDS: dict[ReliefSchool, Saying] = {
    "usual": means("necks.usual-kind"),
    "flat": means("necks.nearly-flat"),
    "figure": means("necks.figure-below"),
}
Touch = Literal["light", "usual", "firm"]
TOUCH_WORDS: dict[Touch, Saying] = {
    "light": means("necks.light"),
    "usual": means("necks.usual"),
    "firm": means("necks.firm"),
}
# What nearly flat means; common practice, no source.
NEARLY_FLAT_MM = 0.03

MAX_FRETS = 36
# From the thinnest to the widest wire there is (common practice, no source).
WIRE_WIDTHS_MM = (0.5, 4.0)
# Grams per cubic centimetre over the whole section: a loosely wound string is lighter than its
# core of gut or nylon, none is heavier than tungsten (19.3, CRC Handbook, from memory).
STRING_DENSITIES = (0.3, 20.0)

ScaleMm = Annotated[float, Meta(ge=200, le=1400)]
SmallMm = Annotated[float, Meta(ge=0, le=5)]
WidthMm = Annotated[float, Meta(ge=15, le=150)]
RadiusMm = Annotated[float, Meta(ge=50, le=2000)]
ReliefMm = Annotated[float, Meta(ge=0, le=1.5)]
HeightMm = Annotated[float, Meta(ge=0.2, le=15)]
Line = Annotated[str, Meta(max_length=200)]
MOST_LETTERS = 4000
Words = Annotated[str, Meta(max_length=MOST_LETTERS)]


class NeckDescription(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What is known of a neck before anything is measured. Lengths in mm.

    Only scale length, frets and joint fret are required. ``radius_mm`` of None means a flat or
    unknown board; ``end_radius_mm`` differs from it on a compound board. ``string_set`` goes from
    bass to treble; ``height_low_mm`` and ``height_high_mm`` are the string heights wanted over the
    ``height_fret``, which the shop names as ``height_at``. A ``bare`` neck has no strings, and
    often no body; a slotted board that never had frets has ``no_frets``; one that is to be kept as
    it is (``keep_original``) is neither planed nor toned, and gets no other wire. ``wire_wish`` is
    what the owner wants otherwise of its wire: taller, wider, harder.
    """

    scale_mm: ScaleMm
    frets: Annotated[int, Meta(ge=5, le=MAX_FRETS)]
    joint_fret: Annotated[int, Meta(ge=4, le=MAX_FRETS)]
    title: Line = "Neck"
    owner: Line = ""
    complaint: Words = ""
    strings: Annotated[int, Meta(ge=1, le=14)] = 6
    tuning: Line = ""
    nut_width_mm: WidthMm = 43.0
    end_width_mm: WidthMm = 56.0
    radius_mm: RadiusMm | None = None
    end_radius_mm: RadiusMm | None = None
    string_set: StringSet = ()
    rod: RodKind = "unknown"
    rod_access: RodAccess = "unknown"
    rod_key: Line = ""
    joint: JointKind = "unknown"
    neck_wood: Line = ""
    height_low_mm: HeightMm | None = None
    height_high_mm: HeightMm | None = None
    height_at: Annotated[int, Meta(ge=5, le=MAX_FRETS)] = 12
    touch: Touch = "usual"
    zero_fret: bool = False
    bound: bool = False
    lacquered: bool = False
    bare: bool = False
    no_frets: bool = False
    keep_original: bool = False
    floating_bridge: bool = False
    wood: Line = ""
    wire_wish: Line = ""
    wire_width_mm: SmallMm = 2.4
    wire_height_mm: SmallMm = 1.2
    least_crown_mm: SmallMm = 0.8
    relief_target_mm: ReliefMm = 0.15
    relief_high_mm: ReliefMm | None = None
    relief_school: ReliefSchool = "figure"
    relief_margin_mm: Annotated[float, Meta(ge=0.01, le=0.5)] = 0.06
    fall_away_mm: Annotated[float, Meta(ge=0, le=1)] = 0.0
    left_handed: bool = False
    nut_on_right: bool = False

    @property
    def height_fret(self) -> int:
        """The fret over which its string heights are spoken of: 12 unless the shop reads at
        another, or its last where it has fewer.
        """
        return min(self.height_at, self.frets)

    def relief_wanted_mm(self, lane: Lane) -> float:
        """The relief wanted on a lane: its own figure on the treble side if there is one, the mean
        in the middle.
        """
        usual, _ = target_by_kind_mm(self.scale_mm)
        low = {"usual": usual, "flat": NEARLY_FLAT_MM, "figure": self.relief_target_mm}[
            self.relief_school
        ]
        if self.relief_high_mm is None:
            high = low
        else:
            high = self.relief_high_mm
        return {"bass": low, "middle": 0.5 * (low + high), "treble": high}[lane]


def description_faults(neck: NeckDescription) -> list[Saying]:
    """What in ``neck`` contradicts itself, one sentence each; empty when fine."""
    faults: list[Saying] = []
    if neck.joint_fret > neck.frets:
        faults.append(
            means("necks.joint-fret-but-neck-has", joint_fret=neck.joint_fret, frets=neck.frets)
        )
    if neck.string_set and strings_in(neck.string_set) != neck.strings:
        faults.append(
            means(
                "necks.string-list-has-strings-neck",
                strings_in=strings_in(neck.string_set),
                strings=neck.strings,
            )
        )
    for spec in neck.string_set:
        try:
            semitones_from_a4(spec.note)
        except ValueError as error:
            faults.append(means("necks.string-list", error=error))
        else:
            faults.extend(_mass_faults(spec))
    low, high = WIRE_WIDTHS_MM
    if not low <= neck.wire_width_mm <= high:
        faults.append(means("necks.fret-wires-width-should-mm", low=low, high=high))
    if neck.least_crown_mm >= neck.wire_height_mm:
        faults.append(means("necks.least-crown-keep-not-below"))
    return faults


def _mass_faults(spec: StringSpec) -> list[Saying]:
    """A mass that no string of this gauge can have."""
    if spec.grams_per_m is None:
        return []
    # A gram a metre over a square millimetre is a gram per cubic centimetre.
    density = spec.grams_per_m / (0.25 * math.pi * spec.gauge_mm**2)
    low, high = STRING_DENSITIES
    if low <= density <= high:
        return []
    return [
        means("necks.string-list-g-metre-not", grams_per_m=spec.grams_per_m, gauge_mm=spec.gauge_mm)
    ]


def target_by_kind_mm(scale_mm: float) -> tuple[float, float]:
    """Usual relief target and its margin for a scale length, in mm.

    Common practice, no source: 3-7 thou on a guitar, 10-12 thou on a long-scale bass.
    """
    if scale_mm >= 760:
        return (0.28, 0.06)
    return (0.13, 0.06)
