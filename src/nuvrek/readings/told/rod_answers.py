"""What the neck answered to each move of the rod, straight from the readings before and after it.

The map believes that a rod tightens; whether this one does is for the readings to say.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from nuvrek.neck.description import Lane
from nuvrek.readings.entries import RodMove, Side, StringGap
from nuvrek.readings.journal import NeckState, Taken

# A change of relief that no leaf or string explains (common practice, no source).
ANSWERED_MM = 0.04
# A gap that no leaf of the set fills is at least so much more (common practice, no source).
MORE_THAN_MM = 0.05
# So often it must have answered the other way, and never the usual one, before the sign is learnt.
LEARNT = 2
# What two readings of one gap differ by where nothing moved, one standard deviation, and how many
# of them all answers together must stand apart (common practice, no source).
READ_SD_MM, SURE_SDS = 0.03, 2.0
# Answers too small to count one by one turn the sign from so many of these on: a rod that sticks
# answers little, and the next quarter turn the other way costs least (common practice, no source).
SMALL_SDS = 1.6
Place = tuple[Lane, int, int, int, str, str]


@dataclass(frozen=True, slots=True)
class Answer:
    """Relief before and after the turns between two readings, mm, mean of the places read both
    times. ``turns``: plus tightens.
    """

    turns: float
    before_mm: float
    after_mm: float
    last_move: int  # the number of the last move between them

    @property
    def other_way(self) -> bool:
        """Whether tightening let relief in, or loosening took it out."""
        change = self.after_mm - self.before_mm
        return abs(change) >= ANSWERED_MM and change * self.turns > 0.0

    @property
    def usual_way(self) -> bool:
        """Whether it answered as rods do."""
        change = self.after_mm - self.before_mm
        return abs(change) >= ANSWERED_MM and change * self.turns < 0.0


def answers(neck_state: NeckState) -> list[Answer]:
    """What came of the moves, in order; moves that nobody counted or read after are left out.

    Of twin rods each side answers to its own.
    """
    if neck_state.neck.rod != "twin":
        return _answers(neck_state, None)
    sides: tuple[Side, ...] = ("bass", "treble")
    return [answer for side in sides for answer in _answers(neck_state, side)]


def _answers(neck_state: NeckState, side: Side | None) -> list[Answer]:
    found: list[Answer] = []
    seen: dict[Place, float] = {}
    fresh: dict[Place, float] = {}
    turns, last = 0.0, 0
    for event in _events(neck_state):
        if isinstance(event, Taken):
            place, mm = _read(event)
            if place is not None and mm is not None and side in (None, place[0]):
                (fresh if turns else seen)[place] = mm
            continue
        number, move = event
        if fresh:
            found += _compared(turns, last, seen, fresh)
            seen, fresh, turns = {**seen, **fresh}, {}, 0.0
        if side is None or move.side in (None, side):
            turns, last = turns + move.turns, number
    return found + _compared(turns, last, seen, fresh)


def backwards(neck_state: NeckState) -> bool:
    """Whether this rod works the other way, or is turned so: it has answered so often enough, and
    all its answers together say so.
    """
    found = answers(neck_state)
    if any(number > neck_state.turned_back > 0 for number, _ in neck_state.rod_moves):
        # It was turned back for that: so it stands until its answers say otherwise.
        return _together(found) > 0.0
    # Both sides answer to one move: it counts once.
    moves = {answer.last_move for answer in found if answer.other_way}
    if len(moves) < LEARNT:
        small = len({answer.last_move for answer in _biting(found)})
        return small >= LEARNT and _together(found) > SMALL_SDS
    return not any(answer.usual_way for answer in found) or _together(found) > SURE_SDS


def _together(found: Sequence[Answer]) -> float:
    """How many standard deviations all answers together stand from no answer at all, plus for a
    rod that works the other way: least squares of change over turns through nothing. The first
    move after a reversal is left out, it takes up the rod's play.
    """
    kept = _biting(found)
    turned = sum(answer.turns**2 for answer in kept) ** 0.5
    if turned <= 0.0:
        return 0.0
    along = sum(answer.turns * (answer.after_mm - answer.before_mm) for answer in kept)
    return float(along / turned / READ_SD_MM)


def _biting(found: Sequence[Answer]) -> list[Answer]:
    return [
        answer
        for before, answer in zip((None, *found), found, strict=False)
        if before is None or before.turns * answer.turns > 0.0
    ]


def went_other_way(neck_state: NeckState) -> Answer | None:
    """The last answer, where it went the other way and that is not learnt yet."""
    found = answers(neck_state)
    if not found or backwards(neck_state):
        return None
    if found[-1].other_way:
        return found[-1]
    # Small answers one after the other add up: relief that only worsens is an answer.
    on = _turned_on(found)
    if on is not None and on.other_way:
        return on
    return None


def _turned_on(found: Sequence[Answer]) -> Answer | None:
    """The last answers to turns one way, taken as one; None where the last turn was a reversal."""
    first = len(found) - 1
    while first and found[first - 1].turns * found[-1].turns > 0.0:
        first -= 1
    run = found[first:]
    if len(run) < LEARNT:
        return None
    change = sum(answer.after_mm - answer.before_mm for answer in run)
    start = run[0].before_mm
    return Answer(sum(a.turns for a in run), start, start + change, run[-1].last_move)


def _compared(
    turns: float, last: int, before: dict[Place, float], after: dict[Place, float]
) -> list[Answer]:
    both = before.keys() & after.keys()
    if not both or not turns:
        return []
    then = sum(before[place] for place in both) / len(both)
    now = sum(after[place] for place in both) / len(both)
    return [Answer(turns, then, now, last)]


def _events(neck_state: NeckState) -> Sequence[Taken | tuple[int, RodMove]]:
    events: list[tuple[int, Taken | tuple[int, RodMove]]] = [
        (taken.number, taken) for taken in neck_state.taken if isinstance(taken.reading, StringGap)
    ]
    events += [(number, (number, move)) for number, move in neck_state.rod_moves]
    return [event for _, event in sorted(events, key=lambda pair: pair[0])]


def _read(taken: Taken) -> tuple[Place | None, float | None]:
    """Where a dip was read and how large it is; a bare bound is no figure. Light under an edge past
    what it lies on is a back bow: of a bow that is alike on both sides of its middle it is twice
    as much as the bow stands up there.
    """
    gap = taken.reading
    if not isinstance(gap, StringGap) or not gap.low_support or gap.high_support is None:
        return None, None
    past = not gap.low_support < gap.fret < gap.high_support
    if past and gap.by == "string":
        return None, None
    share = -0.5 if past else 1.0
    place = (gap.lane, gap.low_support, gap.high_support, gap.fret, gap.by, gap.state.strings)
    if gap.gap_mm is not None:
        return place, share * gap.gap_mm
    high: float | None
    if gap.drags_mm is not None:
        high = gap.drags_mm
    else:
        high = gap.wont_go_mm
    if gap.slides_mm is not None and high is not None:
        return place, share * 0.5 * (gap.slides_mm + high)
    if gap.slides_mm is not None:
        # The largest leaf still slides: it is more than that, nobody knows by how much.
        return place, share * (gap.slides_mm + MORE_THAN_MM)
    return None, None
