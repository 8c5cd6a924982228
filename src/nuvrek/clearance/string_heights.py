"""String heights as read, what is wanted, and what saddle and neck angle would have to do for
it.
"""

from __future__ import annotations

from dataclasses import dataclass

from nuvrek.mechanics.angle import at_heel_mm, at_saddle_mm, neck_angle_degrees, saddle_wanted_mm
from nuvrek.neck.strings import strings_in
from nuvrek.readings.entries import SIDES, Side, Size, StringHeight
from nuvrek.readings.journal import NeckState
from nuvrek.readings.sizes import What
from nuvrek.readings.told.open_heights import heights_by_string

# Closer than this to the wanted height is as wanted, and a saddle lower than this gives no clean
# break of the string; common practice, no source.
AS_WANTED_MM, LEAST_SADDLE_MM = 0.12, 1.5
# A rule at an inner string errs by less than this (twice its standard deviation).
INNER_OFF_MM = 0.3
# A saddle that was just set by a rule is not set anew for what the next look at the rule may err
# by (common practice, no source).
JUST_SET_MM = 0.25
# A heel nobody measured; common practice, no source.
USUAL_HEEL_MM = 75.0


@dataclass(frozen=True, slots=True)
class SideHeight:
    """One side: the string over fret 12 as read and as wanted, and how much of the saddle is
    left, in mm. ``margin_mm`` is how far it may stand off what is wanted.
    """

    side: Side
    now_mm: float | None
    wanted_mm: float | None
    saddle_left_mm: float | None
    at_saddle_mm: float | None  # how far the saddle must go down (minus: up) for the wanted height
    over_bridge_mm: (
        float | None
    )  # how high the saddle's top must stand over the bridge, by an edge run on from the frets
    margin_mm: float = AS_WANTED_MM

    @property
    def off(self) -> bool:
        """Whether the height is known and not as wanted."""
        return (
            self.now_mm is not None
            and self.wanted_mm is not None
            and abs(self.now_mm - self.wanted_mm) > self.margin_mm
        )

    @property
    def lacking_mm(self) -> float:
        """What the saddle can't give: 0 where it can, or where nobody measured what is left of it.

        By the saddle's own height, or by an edge on the frets run on over the bridge.
        """
        if self.at_saddle_mm is None:
            return 0.0
        if self.saddle_left_mm is None:
            short = 0.0
            if self.over_bridge_mm is not None:
                short = LEAST_SADDLE_MM - self.over_bridge_mm
            return max(0.0, short)
        return max(0.0, self.at_saddle_mm - max(self.saddle_left_mm - LEAST_SADDLE_MM, 0.0))


@dataclass(frozen=True, slots=True)
class InnerHeight:
    """An inner string, counted from the highest: its height as read, and where the line of the
    outer strings has it, as wanted or else as they stand, in mm.
    """

    string: int
    now_mm: float
    line_mm: float

    @property
    def off(self) -> bool:
        """Whether it stands off that line by more than a rule can err."""
        return abs(self.now_mm - self.line_mm) > INNER_OFF_MM


@dataclass(frozen=True, slots=True)
class StringHeights:
    """Both sides, and what a neck angle would have to be where the saddle runs out; ``inner`` are
    the strings between that were read.
    """

    low: SideHeight
    high: SideHeight
    scale_mm: float
    joint_fret: int
    heel_mm: float | None
    inner: tuple[InnerHeight, ...] = ()

    @property
    def inner_off(self) -> tuple[InnerHeight, ...]:
        """Inner strings that stand too high or too low by themselves."""
        return tuple(one for one in self.inner if one.off)

    @property
    def sides(self) -> tuple[SideHeight, SideHeight]:
        """Bass side and treble side."""
        return self.low, self.high

    @property
    def lacking_mm(self) -> float:
        """The larger lack of saddle of both sides."""
        return max(side.lacking_mm for side in self.sides)

    @property
    def angle_degrees(self) -> float:
        """The angle that makes up for it."""
        return neck_angle_degrees(self.lacking_mm, self.scale_mm, self.joint_fret)

    @property
    def at_heel_mm(self) -> float:
        """Wood or shim at the far end of the heel for that angle."""
        return at_heel_mm(self.angle_degrees, self.heel_mm or USUAL_HEEL_MM)


def heights_of(neck_state: NeckState) -> StringHeights:
    """The last string heights at pitch, both sides, against the description."""
    neck = neck_state.neck
    low, high = (_side(neck_state, side) for side in SIDES)
    return StringHeights(
        low,
        high,
        neck.scale_mm,
        neck.joint_fret,
        heel_mm=_last_size(neck_state, "heel-length", None),
        inner=_inner(neck_state, low, high),
    )


def _inner(neck_state: NeckState, low: SideHeight, high: SideHeight) -> tuple[InnerHeight, ...]:
    """Inner strings that were read, beside the line of the outer ones."""
    count = strings_in(neck_state.neck.string_set) or neck_state.neck.strings
    at_low = low.now_mm if low.wanted_mm is None else low.wanted_mm
    at_high = high.now_mm if high.wanted_mm is None else high.wanted_mm
    if at_low is None or at_high is None:
        return ()
    return tuple(
        InnerHeight(string, mm, at_high + (at_low - at_high) * (string - 1) / (count - 1))
        for string, mm in sorted(heights_by_string(neck_state).items())
        if 1 < string < count
    )


def _side(neck_state: NeckState, side: Side) -> SideHeight:
    neck = neck_state.neck
    now = _last_height(neck_state, side)
    if side == "bass":
        wanted = neck.height_low_mm
    else:
        wanted = neck.height_high_mm
    if now is None or wanted is None:
        change = None
    else:
        change = at_saddle_mm(now - wanted, neck.scale_mm, neck.height_fret)
    edge = _last_size(neck_state, "over-bridge", side)
    top = None
    if edge is not None and wanted is not None:
        top = saddle_wanted_mm(edge, wanted, neck.scale_mm, fret=neck.height_fret)
    return SideHeight(
        side,
        now,
        wanted,
        saddle_left_mm=_last_size(neck_state, "saddle-left", side),
        at_saddle_mm=change,
        over_bridge_mm=top,
        margin_mm=JUST_SET_MM if _just_set(neck_state) else AS_WANTED_MM,
    )


def _just_set(neck_state: NeckState) -> bool:
    """Whether the way chosen last set the saddle, and its height was read since."""
    chosen = neck_state.chosen
    if chosen is None or not (
        chosen.way in ("saddle", "shim") or "saddle" in neck_state.steps_done
    ):
        return False
    return any(
        taken.number > neck_state.chosen_number and isinstance(taken.reading, StringHeight)
        for taken in neck_state.taken
    )


def _last_height(neck_state: NeckState, side: Side) -> float | None:
    """The last height of a side's outer string at pitch, open over fret 12."""
    outer = 1
    if side != "treble":
        outer = neck_state.neck.strings
    return heights_by_string(neck_state).get(outer)


def _last_size(neck_state: NeckState, what: What, side: Side | None) -> float | None:
    found = None
    for taken in neck_state.taken:
        match taken.reading:
            case Size(what=said, mm=mm, lane=lane) if said == what and (
                side is None or lane == side
            ):
                found = mm
            case _:
                pass
    return found
