"""What a way does to the strings: how high each stands over fret 1 and over the fret heights are
spoken of at, before and after, and what nut and saddle must do for it.

Nut and saddle stay where they are. The saddle stands on the body, the body carries on the neck's
slope at its joint: a rod that takes relief out swings the nut end, and the action moves one to two
and a half times as far as the relief.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

import numpy as np
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.clearance.string_lines import lane_weights
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.mechanics.angle import at_fret_mm, at_saddle_mm
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.scale import place_row_mm
from nuvrek.planning.forecast.follow import Follow, StringAfter
from nuvrek.planning.forecast.string_height import FILED_EVEN_MM, less_relief_mm
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import Promise, StringGap, StringPromise
from nuvrek.readings.told.open_heights import heights_by_string

if TYPE_CHECKING:
    from nuvrek.clearance.strung_neck import OnNeck
    from nuvrek.neck.description import NeckDescription
    from nuvrek.planning.case.case import Case
    from nuvrek.planning.case.way import Costed, Way
    from nuvrek.planning.case.weighing import Weighing

Array = NDArray[np.float64]

# A string pressed at 3 should clear fret 1 by about a leaf (common practice, no source).
OVER_FIRST_MM = 0.05
# Over a slot that leaves this much more than that, or less, the nut is set again; nearer, no file
# is picked up for it (common practice, no source).
NUT_SLACK_MM = 0.06
# Where a neck bends, and how far its body gives, no shape knows: so much of what a relief does to
# the strings is doubtful (standard deviation; common practice, no source).
SWING_SHARE = 0.2
# An inner string nobody read lies so near to the line of the outer ones (standard deviation; common
# practice, no source).
BETWEEN_MM = 0.12
# The places a string is pressed and looked at to read the nut.
_HELD, _LOOKED = 3, 1


@dataclass(frozen=True)
class _Rise:
    """How much higher the strings come to stand over their frets, low string first, (strings,),
    and the standard deviations of that.
    """

    first: Array
    height: Array
    first_sd: float
    height_sd: float


def per_relief_mm(neck: NeckDescription) -> tuple[float, float]:
    """How far a string sinks over fret 1 (pressed at 3) and, open, over the fret heights are spoken
    of at, for each millimetre of relief that is taken out.
    """
    bend = bend_profile(neck)
    zeros = np.zeros((1, neck.frets + 1))
    over_first, over_fret = _rises(neck, zeros + bend)
    return -float(over_first[0]), -float(over_fret[0] + _body(neck) * _share(neck))


def strings_after(weighing: Weighing, way: Costed) -> tuple[StringAfter, ...]:
    """Every string before and after a way, from the highest on; none on a bare neck."""
    case = weighing.case
    if case.neck.bare or weighing.case.relief is None:
        return ()
    on = weighing.on
    rise = _rise(on, way, case)
    before, before_sd = nut_gaps(case, len(rise.first))
    heights = _heights(case, len(before))
    wanted = _wanted(case, way, len(before))
    nut_read = _nut_read(case, len(before))
    found = []
    for row in reversed(range(len(before))):
        first = height = None
        if nut_read[row]:
            doubt = NINE_IN_TEN * float(np.hypot(before_sd[row], rise.first_sd))
            first = float(before[row]), float(before[row] + rise.first[row]), doubt
        read = heights[row]
        if read is not None:
            mm, sd = read
            doubt = NINE_IN_TEN * float(np.hypot(sd, rise.height_sd))
            height = mm, float(mm + rise.height[row]), doubt
        found.append(StringAfter(len(before) - row, first, height, wanted_mm=wanted[row]))
    return _set_by(way, case, tuple(found))


def follow_of(case: Case, way: Way, strings: tuple[StringAfter, ...]) -> Follow:
    """What nut and saddle must do after a way that moves the tops under the strings."""
    if not strings or not way.possible:
        return Follow()
    if not way.files and way.new is None:
        saddle = _saddle_moves(case, way, strings, ()) if way.kind == "rod" else None
        return Follow(saddle_mm=saddle)
    nut_mm = _nut_moves(case, strings)
    return Follow(
        nut_mm=nut_mm,
        saddle_mm=_saddle_moves(case, way, strings, nut_mm),
        nut_unread=_nut_unread(case, way),
    )


def _to_a_height(way: Costed) -> bool:
    return "to a height" in way.record.families


def promised_strings(
    case: Case, way: Way, strings: tuple[StringAfter, ...], follow: Follow
) -> tuple[StringPromise, ...]:
    """What is promised of every string once what follows is done as well."""
    made = []
    for one in strings:
        first, height = one.first, one.height
        first_mm, height_mm = (None if pair is None else pair[1] for pair in (first, height))
        if follow.nut_mm and first is not None:
            first_mm = OVER_FIRST_MM
        if (follow.saddle_mm is not None or _to_a_height(way)) and height is not None:
            height_mm = _aim_mm(way, one, height, len(strings))
        elif follow.nut_mm and height_mm is not None:
            moved = follow.nut_mm[len(strings) - one.string]
            height_mm -= at_fret_mm(moved, case.neck.scale_mm, case.neck.height_fret)
        made.append(
            StringPromise(
                string=one.string,
                first_mm=_rounded(first_mm),
                first_doubt_mm=0.0 if first is None else round(first[2], 4),
                height_mm=_rounded(height_mm),
                height_doubt_mm=0.0 if height is None else round(height[2], 4),
            )
        )
    return tuple(made)


def with_strings(promise: Promise, strings: tuple[StringPromise, ...]) -> Promise:
    """The promise, with every string and the heights of the outer ones by it."""
    if not strings:
        return promise
    high, low = strings[0].height_mm, strings[-1].height_mm
    return structs.replace(
        promise,
        strings=strings,
        height_low_mm=promise.height_low_mm if low is None else low,
        height_high_mm=promise.height_high_mm if high is None else high,
    )


def nut_gaps(case: Case, count: int) -> tuple[Array, Array]:
    """Gap over fret 1 of each of ``count`` strings pressed at 3, low string first, and its standard
    deviation, (count,) each: as the map has it under the outer strings, where it is read, and
    straight between them.
    """
    measurer = case.measurer
    read = [measurer.of("tops", measurer.chord(0, _HELD, _LOOKED, k), "pitch") for k in (0, 2)]
    share = np.linspace(0.0, 1.0, count)
    gap = read[0].mm * (1.0 - share) + read[1].mm * share
    sd = np.hypot(read[0].sd_mm * (1.0 - share), read[1].sd_mm * share)
    return np.asarray(gap), np.asarray(sd)


def _nut_read(case: Case, count: int) -> list[bool]:
    """Of which strings, low string first, somebody pressed at 3 and looked at 1 since fret 1 was
    last worked on: between two sides that were read all are known.
    """
    sides = {
        taken.reading.lane
        for taken in case.neck_map.neck_state.taken
        if isinstance(taken.reading, StringGap)
        and taken.reading.low_support == 0
        and case.neck_map.neck_state.stands(taken.number, _LOOKED)
    }
    both = {"bass", "treble"} <= sides
    known = [both] * count
    known[0] = known[0] or "bass" in sides
    known[-1] = known[-1] or "treble" in sides
    return known


def _rises(neck: NeckDescription, tops_rise: Array) -> tuple[Array, Array]:
    """How much higher strings stand, pressed at 3 over fret 1 and open over the fret of heights,
    for nut and tops that rise by so much, (strings, frets + 1); the saddle stays.
    """
    x = place_row_mm(neck)
    share = x[_LOOKED] / x[_HELD]
    nut = tops_rise[:, 0]
    first = nut * (1.0 - share) + tops_rise[:, _HELD] * share - tops_rise[:, _LOOKED]
    height = nut * (1.0 - _share(neck)) - tops_rise[:, neck.height_fret]
    return np.asarray(first), np.asarray(height)


def _share(neck: NeckDescription) -> float:
    return float(place_row_mm(neck)[neck.height_fret] / neck.scale_mm)


def _body(neck: NeckDescription) -> float:
    """The neck's bend run on to the saddle along the body."""
    x, bend = place_row_mm(neck), bend_profile(neck)
    if neck.joint_fret < neck.frets:
        slope = bend[-1] / (x[-1] - x[neck.joint_fret])
    else:
        slope = (bend[-1] - bend[-2]) / (x[-1] - x[-2])
    return float(slope * (neck.scale_mm - x[neck.joint_fret]))


def _rise(on: OnNeck, way: Costed, case: Case) -> _Rise:
    """By metal, wood and wire under each string, and by the relief that goes."""
    neck = case.neck
    less = _less_mm(on, way, case)
    lowers = np.concatenate((np.zeros((1, 3)), way.lowers_mm))
    tops = -np.einsum("sfk,fk->sf", lane_weights(neck), lowers)
    first, height = _rises(neck, tops)
    by_first, by_height = per_relief_mm(neck)
    left = way.promise.relief_doubt_mm or 0.0
    known = case.relief.doubt_mm if case.relief is not None else 0.0
    turned = abs(less) > 1e-6
    less_sd = np.hypot(left, known) / NINE_IN_TEN if turned else 0.0
    swing_sd = np.hypot(less_sd, SWING_SHARE * less)
    filed = FILED_EVEN_MM / NINE_IN_TEN if way.files or way.new is not None else 0.0
    share = tool_errors.FILED_SHARE_ERROR if way.files and not way.record.families & {"even"} else 0
    took = share * float(np.abs(way.off_mm[[0, neck.height_fret - 1]]).max())
    return _Rise(
        first - less * by_first,
        height - less * by_height,
        first_sd=float(np.linalg.norm([filed, took, by_first * swing_sd])),
        height_sd=float(np.linalg.norm([filed, took, by_height * swing_sd])),
    )


def _less_mm(on: OnNeck, way: Costed, case: Case) -> float:
    """How much relief goes out of the wood; what the strings' pull changes counts as well."""
    if case.relief is None or way.promise.relief_mm is None:
        return 0.0
    less = less_relief_mm(on, way, case.relief.mm)
    # A level sets the rod anew; single frets are filed with the neck as it stands.
    if abs(less) < 1e-6:
        return 0.0
    return less


def _heights(case: Case, count: int) -> list[tuple[float, float] | None]:
    """Height of each string as read, low string first, with its standard deviation; inner ones
    nobody read lie between the outer ones.
    """
    read = heights_by_string(case.neck_map.neck_state)
    rule = tool_errors.STRING_RULE_ERROR_MM
    if count != case.neck.strings:
        # Courses: the outer strings are told, the others lie between.
        read = {string: mm for string, mm in read.items() if string in (1, case.neck.strings)}
        read = {1 if string == 1 else count: mm for string, mm in read.items()}
    by_row = {count - string: mm for string, mm in read.items() if 1 <= string <= count}
    rows = sorted(by_row)
    found: list[tuple[float, float] | None] = []
    for row in range(count):
        if row in by_row:
            found.append((by_row[row], rule))
        elif 0 in by_row and count - 1 in by_row:
            mm = float(np.interp(row, rows, [by_row[at] for at in rows]))
            found.append((mm, float(np.hypot(rule, BETWEEN_MM))))
        else:
            found.append(None)
    return found


def _wanted(case: Case, way: Costed, count: int) -> list[float | None]:
    """The height wanted of each string, low string first: straight from outer to outer one; that
    which a way is made for, where it is.
    """
    low, high = case.neck.height_low_mm, case.neck.height_high_mm
    if _to_a_height(way):
        low, high = way.promise.height_low_mm, way.promise.height_high_mm
    if low is None or high is None:
        return [None] * count
    return [float(mm) for mm in np.linspace(low, high, count)]


def _set_by(way: Costed, case: Case, strings: tuple[StringAfter, ...]) -> tuple[StringAfter, ...]:
    """Where the way itself sets nut or saddle, what comes after is what it sets them to."""
    low, high = way.promise.height_low_mm, way.promise.height_high_mm
    count = len(strings)
    if way.kind == "nut" and way.possible:
        made = []
        for one in strings:
            first, height = one.first, one.height
            if first is not None:
                down = (first[0] - OVER_FIRST_MM) / (1.0 - _first_share(case.neck))
                first = first[0], OVER_FIRST_MM, first[2]
                if height is not None:
                    sinks = at_fret_mm(down, case.neck.scale_mm, case.neck.height_fret)
                    height = height[0], height[1] - sinks, height[2]
            made.append(structs.replace(one, first=first, height=height))
        return tuple(made)
    if way.kind in ("saddle", "shim") and way.possible and low is not None and high is not None:
        aims = np.linspace(high, low, count)
        return tuple(
            structs.replace(one, height=None if h is None else (h[0], float(aim), h[2]))
            for one, aim in zip(strings, aims, strict=True)
            for h in (one.height,)
        )
    return strings


def _first_share(neck: NeckDescription) -> float:
    x = place_row_mm(neck)
    return float(x[_LOOKED] / x[_HELD])


def _nut_moves(case: Case, strings: tuple[StringAfter, ...]) -> tuple[float, ...]:
    """How far each slot goes deeper, low string first; none where all are near enough."""
    over = [one.first[1] - OVER_FIRST_MM for one in reversed(strings) if one.first is not None]
    moved = [abs(one.first[1] - one.first[0]) for one in strings if one.first is not None]
    if len(over) < len(strings) or case.neck.zero_fret or max(moved) < 0.5 * NUT_SLACK_MM:
        return ()
    if max(over) < NUT_SLACK_MM and min(over) > -OVER_FIRST_MM:
        return ()
    share = 1.0 - _first_share(case.neck)
    return tuple(round(mm / share, 4) for mm in over)


def _nut_unread(case: Case, way: Costed) -> float | None:
    """How much higher the strings come to stand over fret 1 where nobody read the nut."""
    if case.neck.zero_fret or any(_nut_read(case, 2)):
        return None
    rises = float(way.lowers_mm[0].mean() - way.lowers_mm[2].mean() * _first_share(case.neck))
    if abs(rises) < NUT_SLACK_MM:
        return None
    return rises


def _aim_mm(way: Way, one: StringAfter, height: tuple[float, float, float], count: int) -> float:
    """Where a string is set: at what is wanted. Where nobody wished, back to what the player was
    used to if it came up, or if it came down to where notes buzz.
    """
    if one.wanted_mm is not None:
        return one.wanted_mm
    before, after, _ = height
    lowest = way.lowest_mm[count - one.string][0] if len(way.lowest_mm) == count else after
    return min(before, max(after, lowest))


def _saddle_moves(
    case: Case, way: Way, strings: tuple[StringAfter, ...], nut_mm: tuple[float, ...]
) -> tuple[float, float] | None:
    """How far each side of the saddle goes down once the nut is right, bass side first."""
    scale, fret = case.neck.scale_mm, case.neck.height_fret
    over = []
    for one, row in ((strings[-1], 0), (strings[0], -1)):
        if one.height is None:
            return None
        sinks = at_fret_mm(nut_mm[row], scale, fret) if nut_mm else 0.0
        over.append(one.height[1] - sinks - _aim_mm(way, one, one.height, len(strings)))
    if max(abs(mm) for mm in over) <= AS_WANTED_MM:
        return None
    return round(at_saddle_mm(over[0], scale, fret), 4), round(
        at_saddle_mm(over[1], scale, fret), 4
    )


def _rounded(mm: float | None) -> float | None:
    return None if mm is None else round(mm, 4)
