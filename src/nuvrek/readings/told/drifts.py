"""What moved while it was measured: where a round began is read once more at its end, a gap or
a pass with the indicator.
"""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime
from typing import NamedTuple

from nuvrek.readings.entries import Dial, StringGap
from nuvrek.readings.journal import NeckState, Taken

# Stations that read once more what was read at first.
AGAIN = "again-"


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
    """The rounds that ended where they began, the earliest first."""
    found = []
    for at, taken in enumerate(neck_state.taken):
        gap = isinstance(taken.reading, StringGap | Dial)
        if not (gap and taken.reading.station.startswith(AGAIN)):
            continue
        start = max((number for number in neck_state.rounds if number < taken.number), default=0)
        first = _first_like(neck_state.taken[:at], taken, start)
        if first:
            inside = [one for one in neck_state.taken if start < one.number <= taken.number]
            found.append(_drift(first, taken.number, inside))
    return tuple(found)


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


def _first_like(before: Sequence[Taken], taken: Taken, start: int) -> int:
    """The number of the round's first gap at the same place, with the neck as it is; nil where
    there is none.
    """
    return next(
        (
            one.number
            for one in before
            if one.number > start and _place(one) == _place(taken) and one.surface == taken.surface
        ),
        0,
    )


def _place(taken: Taken) -> object:
    gap = taken.reading
    if isinstance(gap, Dial):
        return gap.lane, gap.fret, gap.state
    if not isinstance(gap, StringGap):
        return None
    return gap.lane, gap.fret, gap.low_support, gap.high_support, gap.by, gap.state
