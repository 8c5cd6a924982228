"""What moved while it was measured: where a round began is read once more at its end, a gap or
a pass with the indicator.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from datetime import datetime
from itertools import pairwise
from typing import NamedTuple

from nuvrek.readings.entries import Dial, StringGap
from nuvrek.readings.journal import NeckState, Taken

# The step of a set of blades: less nobody would read, nor what rounding makes of it.
STEP_MM, ROUNDED_MM = 0.05, 1e-6
# Stations that read once more what was read at first.
AGAIN = "moved-"


# Past the two readings no more is concluded from them than this many times what lies between.
MOST_BEYOND = 2.0


class Drift(NamedTuple):
    """A round that ended where it began: the entries of its first gap and of the one read again,
    and of every entry of the round how much of what moved between the two had still to come: it is
    taken to move evenly in time.
    """

    first: int
    again: int
    to_come: dict[int, float]


def drifts_of(neck_state: NeckState) -> tuple[Drift, ...]:
    """The rounds that ended where they began, the earliest first. That a gap differs by more than
    a blade's step must have been read twice: one slip of the hand is no moved neck.
    """
    found = []
    starts = (*neck_state.rounds, math.inf)
    for start, end in pairwise((0, *starts)):
        inside = [one for one in neck_state.taken if start < one.number < end]
        first, again = _first_and_again(inside)
        if first is None or not (_agree(first, again[-1]) or _agree(*again[-2:])):
            continue
        last = again[-1].number
        found.append(_drift(first.number, last, [one for one in inside if one.number <= last]))
    return tuple(found)


def differs(neck_state: NeckState) -> bool:
    """Whether this round's first gap was read again and is another by more than a blade's step."""
    inside = [one for one in neck_state.taken if one.number > neck_state.round_number]
    first, again = _first_and_again(inside)
    return first is not None and not _agree(first, again[-1])


def _agree(one: Taken, *others: Taken) -> bool:
    """Whether readings of one place are the same but for a blade's step; a pass with the indicator
    is no single reading.
    """
    return any(
        isinstance(one.reading, Dial) or abs(_middle(one) - _middle(other)) < STEP_MM + ROUNDED_MM
        for other in others
    )


def _middle(taken: Taken) -> float:
    gap = taken.reading
    assert isinstance(gap, StringGap)
    if gap.gap_mm is not None:
        return gap.gap_mm
    least = gap.slides_mm or 0.0
    most = gap.drags_mm if gap.drags_mm is not None else gap.wont_go_mm
    return 0.5 * (least + (least if most is None else most))


def _drift(first: int, again: int, inside: Sequence[Taken]) -> Drift:
    """By the clock where every entry has its time, else as the journal grows."""
    times = {one.number: _seconds(one) for one in inside}
    clock = {number: time for number, time in times.items() if time is not None}
    if len(clock) < len(times) or not clock[first] < clock[again]:
        clock = {number: float(number) for number in times}
    span = clock[again] - clock[first]
    to_come = {
        number: min(max((clock[again] - time) / span, 0.0), MOST_BEYOND)
        for number, time in clock.items()
    }
    return Drift(first, again, to_come)


def _seconds(taken: Taken) -> float | None:
    try:
        return datetime.fromisoformat(taken.reading.at).timestamp()
    except (ValueError, OverflowError, OSError):
        return None


def _first_and_again(inside: Sequence[Taken]) -> tuple[Taken | None, list[Taken]]:
    """A round's first reading at the place that was read again at its end, with the neck as it is,
    and what was read again there. A journal from elsewhere may name any reading so: only a gap or
    an indicator tells.
    """
    told = [one for one in inside if isinstance(one.reading, StringGap | Dial)]
    again = [one for one in told if one.reading.station.startswith(AGAIN)]
    if not again:
        return None, []
    place = _place(again[-1])
    again = [one for one in again if _place(one) == place]
    alike = (one for one in told if one.number < again[0].number and _place(one) == place)
    return next(alike, None), again


def _place(taken: Taken) -> object:
    read, surface = taken.reading, sorted(taken.surface.items())
    if isinstance(read, Dial):
        return "dial", read.lane, read.fret, read.state, surface
    if not isinstance(read, StringGap):
        return None
    supports = read.low_support, read.high_support
    return "gap", read.lane, read.fret, supports, read.by, read.state, surface
