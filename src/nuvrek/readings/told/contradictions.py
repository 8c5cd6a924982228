"""Readings that can't both be true: said before anything is turned, moved or filed."""

from __future__ import annotations

from collections.abc import Hashable, Iterator
from typing import Literal

from msgspec import Struct

from nuvrek.neck.description import Lane
from nuvrek.readings.entries import SIDES, OthersStill, Rock, Side, StringGap, StringHeight
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.told.days import days_between

# Two readings of one place in one state further apart than this do not tell of one moment; wood
# does not move that far within so many days (common practice, no source).
GAP_APART_MM, HEIGHT_APART_MM, WITHIN_DAYS = 0.10, 0.3, 4
# Strings pull relief into a neck. A side that loses so much of it, or gains so much and so many
# times what the other does, was misread, or sides or states were swapped (common practice).
PULL_LESS_MM, PULL_MUCH_MM, PULL_TIMES = -0.05, 0.4, 3.0

# A rock this small is felt by one hand and not by the next (common practice, no source).
SLIGHT_ROCK_MM = 0.04

ContradictionKind = Literal[
    "gap twice", "height twice", "rock twice", "pull backwards", "pull one side"
]


class Contradiction(Struct, frozen=True):
    """Two things that can't both be: their journal numbers, the figures in mm (of a rock none),
    and where they are.
    """

    kind: ContradictionKind
    numbers: tuple[int, ...]
    before_mm: float = 0.0
    after_mm: float = 0.0
    side: Side | None = None
    fret: int | None = None


def contradictions(neck_state: NeckState) -> tuple[Contradiction, ...]:
    """What in today's readings contradicts itself, and was not read a third time since."""
    return (*_twice(neck_state), *_pulls(neck_state), *_rocks(neck_state))


def _twice(neck_state: NeckState) -> Iterator[Contradiction]:
    seen: dict[Hashable, list[tuple[Taken, float]]] = {}
    for taken in neck_state.taken:
        told = _told(neck_state, taken)
        if told is not None:
            seen.setdefault(told[0], []).append((taken, told[1]))
    for place, told_there in seen.items():
        found = _apart(neck_state, place, told_there)
        if found is not None:
            yield found


def _apart(
    neck_state: NeckState, place: Hashable, told: list[tuple[Taken, float]]
) -> Contradiction | None:
    """The last of several against those before it."""
    if len(told) < 2:
        return None
    last, mm = told[-1]
    kind, limit = _LIMITS[type(last.reading)]
    near = [pair for pair in told[:-1] if _same_moment(neck_state, pair[0], last)]
    # Two of three that agree settle it.
    if not near or any(abs(before - mm) <= limit for _, before in near):
        return None
    before, mm_before = near[-1]
    fret = getattr(last.reading, "fret", None)
    side = getattr(last.reading, "lane", getattr(last.reading, "side", None))
    return Contradiction(
        kind,
        (before.number, last.number),
        before_mm=mm_before,
        after_mm=mm,
        side=side if side in SIDES else None,
        fret=fret,
    )


_LIMITS: dict[type, tuple[ContradictionKind, float]] = {
    StringGap: ("gap twice", GAP_APART_MM),
    StringHeight: ("height twice", HEIGHT_APART_MM),
}


def _told(neck_state: NeckState, taken: Taken) -> tuple[Hashable, float] | None:
    """The place a reading is of, in its state and on its surface, and its figure."""
    match taken.reading:
        case StringGap() as gap if gap.low_support != 0:
            mm = _gap_mm(gap)
            if mm is None or not neck_state.stands(taken.number, gap.fret):
                return None
            surface = tuple(sorted(taken.surface.items()))
            place = (gap.lane, gap.low_support, gap.high_support, gap.fret, gap.by, gap.string)
            return (place, gap.reach, gap.state, surface), mm
        case StringHeight() as height:
            where = (height.side, height.string, height.fret, height.capo)
            return (where, height.state), height.height_mm
        case _:
            return None


def _gap_mm(gap: StringGap) -> float | None:
    if gap.gap_mm is not None:
        return gap.gap_mm
    most = gap.drags_mm if gap.drags_mm is not None else gap.wont_go_mm
    if gap.slides_mm is not None and most is not None:
        return 0.5 * (gap.slides_mm + most)
    return None


def _same_moment(neck_state: NeckState, before: Taken, after: Taken) -> bool:
    """Whether nothing was done between two readings and hardly any time went by. What is read
    while a way is in hand is read because something changed.
    """
    if neck_state.chosen is not None and before.number < neck_state.chosen_number:
        return False
    if neck_state.chosen is not None and neck_state.steps_done:
        return False
    if any(before.number < work.number < after.number for work in neck_state.work):
        return False
    if any(before.number < number < after.number for number, _ in neck_state.shifts):
        return False
    return abs(days_between(before.reading.at, after.reading.at)) <= WITHIN_DAYS


def _pulls(neck_state: NeckState) -> Iterator[Contradiction]:
    """What the strings pull into each side, by the same gaps read at pitch and slack."""
    pulls = {side: _pull(neck_state, side) for side in SIDES}
    for side, other in (SIDES, SIDES[::-1]):
        here, there = pulls[side], pulls[other]
        if here is None:
            continue
        slack, pitch, numbers = here
        much = there is not None and pitch - slack > max(
            PULL_MUCH_MM, PULL_TIMES * (there[1] - there[0])
        )
        if pitch - slack < PULL_LESS_MM:
            yield Contradiction("pull backwards", numbers, slack, pitch, side)
        elif much:
            yield Contradiction("pull one side", numbers, slack, pitch, side)


def _pull(neck_state: NeckState, side: Side) -> tuple[float, float, tuple[int, ...]] | None:
    """Slack and at pitch, mean over the places read both ways with the rod as it is."""
    found: dict[str, dict[Hashable, tuple[int, float]]] = {"pitch": {}, "slack": {}}
    for taken in neck_state.taken:
        gap = taken.reading
        if not isinstance(gap, StringGap) or gap.lane != side or not gap.low_support:
            continue
        mm, inside = _gap_mm(gap), gap.high_support is not None
        if mm is None or not inside or gap.state.rod_moves != neck_state.state.rod_moves:
            continue
        place = (gap.low_support, gap.high_support, gap.fret, gap.by, gap.state.posture)
        found[gap.state.strings][place] = taken.number, mm
    both = found["pitch"].keys() & found["slack"].keys()
    if not both:
        return None
    slack, pitch = (
        sum(found[strings][place][1] for place in both) / len(both)
        for strings in ("slack", "pitch")
    )
    numbers = {found[strings][place][0] for strings in found for place in both}
    return slack, pitch, tuple(sorted(numbers))[:6]


def _slight(rock: Rock | OthersStill) -> bool:
    """A rock that a thin leaf all but fills."""
    if not isinstance(rock, Rock):
        return False
    most = rock.gap_mm if rock.gap_mm is not None else rock.drags_mm
    return most is not None and most <= SLIGHT_ROCK_MM


def _rocks(neck_state: NeckState) -> Iterator[Contradiction]:
    """Frets marked as rocking that a later look, with nothing done between, called still."""
    marked: dict[tuple[Lane, int, str], int] = {}
    found: dict[tuple[Lane, int, str], Contradiction] = {}
    done = max((work.number for work in neck_state.work), default=0)
    for taken in neck_state.taken:
        if taken.number <= done or not isinstance(taken.reading, Rock | OthersStill):
            continue
        reading = taken.reading
        rocks = isinstance(reading, Rock) and reading.says == "rocks"
        frets = reading.frets if isinstance(reading, OthersStill) else (reading.fret,)
        for fret in frets:
            place = reading.lane, fret, reading.state.strings
            if rocks and _slight(reading):
                # One hand feels so little, the next does not.
                marked.pop(place, None)
            elif rocks:
                marked[place] = taken.number
                found.pop(place, None)
            elif place in marked:
                side: Side | None = None if reading.lane == "middle" else reading.lane
                numbers = marked[place], taken.number
                found[place] = Contradiction("rock twice", numbers, side=side, fret=fret)
    yield from found.values()
