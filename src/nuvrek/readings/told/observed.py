"""What fingers and eyes have told so far of today's neck: what moves, what was seated, ends,
grooves, flats, the rod's feel.
"""

from __future__ import annotations

from nuvrek.neck.description import RodKind
from nuvrek.readings.entries import (
    CrownHeight,
    Dial,
    EndFault,
    EndsFine,
    Feel,
    FretEnd,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    Seated,
    Side,
    Size,
    StandOff,
    StringGap,
)
from nuvrek.readings.journal import NeckState

# Loosened this far past slack without a bite, there is nothing on the other side (common practice,
# no source).
PAST_SLACK_TURNS = 0.5


def stands_off(neck_state: NeckState) -> dict[int, StandOff]:
    """Frets last found moving or off the wood, and neither seated nor found firm since."""
    found: dict[int, StandOff] = {}
    # One that still moves after the press is as loose as before.
    done = (w for w in neck_state.work if isinstance(w.entry, Seated) and w.entry.holds != "moves")
    seated = {w.entry.fret: w.number for w in done if isinstance(w.entry, Seated)}
    for taken in neck_state.taken:
        match taken.reading:
            case StandOff(fret=fret):
                if taken.number > seated.get(fret, 0) and neck_state.stands(taken.number, fret):
                    found[fret] = taken.reading
            case OthersFirm(frets=frets):
                for fret in frets:
                    found.pop(fret, None)
            case _:
                pass
    return found


# Pressed home so often and up again, a fret wants another cure (common practice, no source).
PRESSED_ENOUGH = 2


def came_up_again(neck_state: NeckState) -> tuple[int, ...]:
    """Frets that were pressed home more than once and still move or stand off: not once more."""
    pressed: dict[int, int] = {}
    for work in neck_state.work:
        if isinstance(work.entry, Seated) and neck_state.stands(work.number, work.entry.fret):
            pressed[work.entry.fret] = pressed.get(work.entry.fret, 0) + 1
    up = stands_off(neck_state)
    return tuple(sorted(f for f, times in pressed.items() if times >= PRESSED_ENOUGH and f in up))


def seated_unread(neck_state: NeckState) -> tuple[int, ...]:
    """Frets seated whose new height no reading has told since: a rocker over them, an edge, a
    dial or a caliper on them.
    """
    seated = {w.entry.fret: w.number for w in neck_state.work if isinstance(w.entry, Seated)}
    for taken in neck_state.taken if seated else ():
        match taken.reading:
            case (
                Rock(fret=fret) | StringGap(fret=fret) | Dial(fret=fret) | CrownHeight(fret=fret)
            ) if taken.number > seated.get(fret, taken.number):
                seated.pop(fret, None)
            case OthersStill(frets=frets):
                for fret in frets:
                    if taken.number > seated.get(fret, taken.number):
                        seated.pop(fret, None)
            case _:
                pass
    return tuple(sorted(seated))


def end_faults(neck_state: NeckState) -> dict[tuple[Side, EndFault], dict[int, FretEnd]]:
    """What is wrong with fret ends, by side and fault, unless a later sweep found the end fine."""
    found: dict[tuple[Side, EndFault], dict[int, FretEnd]] = {}
    for taken in neck_state.taken:
        match taken.reading:
            case FretEnd(side=side, fret=fret, fault=fault) as end if neck_state.stands(
                taken.number, fret
            ):
                found.setdefault((side, fault), {})[fret] = end
            case EndsFine(side=side, frets=frets):
                for (there, _), ends in found.items():
                    for fret in frets if there == side else ():
                        ends.pop(fret, None)
            case _:
                pass
    return {place: ends for place, ends in found.items() if ends}


def rod_feel(neck_state: NeckState) -> Feel | None:
    """How the rod felt last, by a reading or with a move; None when nobody said."""
    felt: list[tuple[int, str]] = [
        (taken.number, taken.reading.feel)
        for taken in neck_state.taken
        if isinstance(taken.reading, RodFeel)
    ]
    felt += [(number, move.feel) for number, move in neck_state.rod_moves if move.feel]
    if not felt:
        return None
    return max(felt)[1]  # type: ignore[return-value]


def grooves_read(neck_state: NeckState) -> dict[tuple[int, int], float]:
    """Depth of the grooves read on today's tops, mm, by fret and string (1 where none was
    named).
    """
    deepest: dict[tuple[int, int], float] = {}
    for taken in neck_state.taken:
        match taken.reading:
            case Size(what="groove", fret=fret, mm=mm, string=string):
                if neck_state.same_crown(taken, fret):
                    place = fret, string or 1
                    deepest[place] = max(deepest.get(place, 0.0), mm)
            case _:
                pass
    return deepest


def flats_read(neck_state: NeckState) -> dict[int, float]:
    """Width of the flats read on today's crowns, mm, by fret."""
    widest: dict[int, float] = {}
    for taken in neck_state.taken:
        match taken.reading:
            case Size(what="flat-width", fret=fret, mm=mm):
                if taken.number > neck_state.reprofiled and neck_state.same_crown(taken, fret):
                    widest[fret] = max(widest.get(fret, 0.0), mm)
            case _:
                pass
    return widest


def rod_kind_tried(neck_state: NeckState) -> RodKind | None:
    """The kind of a rod nobody knew, by what it did past slack: it bites again (two-way) or
    never (one-way).
    """
    if neck_state.neck.rod != "unknown":
        return None
    slack, past = False, 0.0
    felt = {
        taken.number: taken.reading.feel
        for taken in neck_state.taken
        if isinstance(taken.reading, RodFeel)
    }
    events: list[tuple[int, str, float]] = [(number, feel, 0.0) for number, feel in felt.items()]
    events += [(number, move.feel, move.turns) for number, move in neck_state.rod_moves]
    for _, feel, turns in sorted(events):
        if turns < 0.0 and slack:
            past -= turns
            if feel in ("firm", "binding", "at its end"):
                return "two-way"
        if feel == "slack":
            slack = True
        elif turns > 0.0:
            slack, past = False, 0.0
    if past >= PAST_SLACK_TURNS:
        return "one-way"
    return None
