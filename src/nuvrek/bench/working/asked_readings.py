"""The readings a step asks for before it is ticked, and whether a way was gone in vain."""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.bench.session import Session
from nuvrek.clearance.string_heights import heights_of
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps.step import Asked, Doing, Step
from nuvrek.planning.ways.kinds import steps_of
from nuvrek.readings.entries import (
    SIDES,
    AnyEntry,
    AnyReading,
    Chosen,
    Side,
    StepDone,
    StringGap,
    StringHeight,
)
from nuvrek.readings.journal import NeckState, fold, live_numbers
from nuvrek.readings.rounds import relief_fret
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit

# Readings nearer to each other than this are the same; common practice, no source: what a rule over
# a string and a feeler gauge repeat to.
SAME_MM = 0.05
# A way that was gone so often without changing its reading is not offered again.
MOST_PASSES = 2


def due_reading(session: Session, step: Step, kit: Kit) -> Station | None:
    """The first reading that is still to be taken before a step is ticked; None where none is, and
    on a bare neck.
    """
    if not step.asks or session.neck_state.neck.bare:
        return None
    since = max(_ticks(session.entries), default=0)
    read = [taken.reading for taken in session.neck_state.taken if taken.number > since]
    neck = session.neck_state.neck
    for side in SIDES:
        if not any(_answers(step.asks, side, reading) for reading in read):
            return _station(step.asks, side, neck, kit)
    return None


def _ticks(entries: Sequence[AnyEntry]) -> list[int]:
    """Numbers of what was chosen and ticked."""
    return [n for n in live_numbers(entries) if isinstance(entries[n - 1], StepDone | Chosen)]


def _station(asks: Asked, side: Side, neck: NeckDescription, kit: Kit) -> Station:
    match asks:
        case "heights":
            return Station(f"again-height-{side}", "string-height", side, neck.height_fret)
        case "nut":
            return Station(f"again-nut-{side}", "string-gap", side, 1, (0, 3))
        case "relief":
            supports = kit.relief_supports(neck)
            return Station(
                f"again-gap-{side}", "string-gap", side, relief_fret(neck, kit), supports
            )


def _answers(asks: Asked, side: Side, reading: AnyReading) -> bool:
    """Whether a reading is the one that is asked for on a side."""
    if isinstance(reading, StringHeight):
        return asks == "heights" and reading.side == side
    if isinstance(reading, StringGap) and reading.lane == side and reading.state.strings == "pitch":
        return asks == ("nut" if reading.low_support == 0 else "relief")
    return False


def gone_in_vain(neck: NeckDescription, entries: Sequence[AnyEntry], kind: str) -> bool:
    """Whether a way was gone to its end twice or more and what it is to change reads as before it
    was first gone, or was not read again.
    """
    asks = _watched(neck, kind)
    begun, passes = _passes(entries, kind)
    if asks is None or passes < MOST_PASSES:
        return False
    before, after = fold(neck, entries[:begun]), fold(neck, entries)
    pairs = zip(_figures(before, asks), _figures(after, asks), strict=True)
    return all(
        was is not None and is_now is not None and abs(was - is_now) < SAME_MM
        for was, is_now in pairs
        if (was, is_now) != (None, None)
    )


def _watched(neck: NeckDescription, kind: str) -> Asked | None:
    """What a way is to change; a rod asks for its own reading after every move."""
    if kind == "rod":
        return "relief"
    steps = steps_of(kind, neck, Doing())
    return next((step.asks for step in steps if step.asks), None)


def _passes(entries: Sequence[AnyEntry], kind: str) -> tuple[int, int]:
    """The number at which a way was first chosen, and how often steps of it were ticked."""
    begun, passes, way, counted = 0, 0, "", False
    for number in live_numbers(entries):
        match entries[number - 1]:
            case Chosen(way=way):
                counted = False
                begun = begun or (number if way == kind else 0)
            case StepDone() if way == kind and not counted:
                passes, counted = passes + 1, True
            case _:
                pass
    return begun, passes


def _figures(neck_state: NeckState, asks: Asked) -> tuple[float | None, float | None]:
    """The last figure of either side of what is asked for, mm."""
    if asks == "heights":
        low, high = heights_of(neck_state).sides
        return low.now_mm, high.now_mm
    found: dict[str, float | None] = dict.fromkeys(SIDES)
    for taken in neck_state.taken:
        for side in SIDES:
            if isinstance(taken.reading, StringGap) and _answers(asks, side, taken.reading):
                found[side] = _gap_mm(taken.reading)
    return found["bass"], found["treble"]


def _gap_mm(gap: StringGap) -> float | None:
    """A gap as one figure: between its blades."""
    if gap.gap_mm is not None:
        return gap.gap_mm
    blades = [mm for mm in (gap.slides_mm, gap.drags_mm or gap.wont_go_mm) if mm is not None]
    if blades:
        return sum(blades) / len(blades)
    return None
