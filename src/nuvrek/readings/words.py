"""Readings and states in the words of the bench."""

from __future__ import annotations

from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.kinds import (
    AnyEntry,
    CrownHeight,
    Dial,
    Filed,
    OthersStill,
    Rock,
    RodMove,
    Seated,
    State,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.units import Unit, format_length, format_number


def amount_words(reading: StringGap | Rock, unit: Unit) -> str:
    """The measured part of a gap: one number, a bracket, or one side of it."""
    if reading.gap_mm is not None:
        return format_length(reading.gap_mm, unit)
    low, high = reading.slides_mm, reading.drags_mm
    if low is not None and high is not None:
        return f"{format_number(low, unit)} to {format_length(high, unit)}"
    if low is not None:
        return f"over {format_length(low, unit)}"
    if high is not None:
        return f"under {format_length(high, unit)}"
    return reading.says if isinstance(reading, Rock) else ""


def place_words(entry: AnyEntry) -> str:
    """Where an entry belongs, short."""
    match entry:
        case StringGap():
            return f"gap {entry.low_support}-{entry.high_support} over {entry.fret}, {LANE_WORDS[entry.lane]}"
        case Rock():
            return f"rocker {entry.fret - 1}-{entry.fret}-{entry.fret + 1}, {LANE_WORDS[entry.lane]}"
        case OthersStill():
            return f"all the others, {LANE_WORDS[entry.lane]}"
        case CrownHeight():
            return f"crown of fret {entry.fret}, {LANE_WORDS[entry.lane]}"
        case Dial():
            return f"dial on {entry.fret}, {LANE_WORDS[entry.lane]}"
        case StringHeight():
            return f"string over {entry.fret}, {LANE_WORDS[entry.side]}"
        case RodMove():
            return "rod"
        case Seated():
            return f"fret {entry.fret}"
        case Filed():
            return f"{len({fret for fret, _, _ in entry.off})} frets"
        case StateChange():
            return "now"
        case _:
            return ""


def value_words(entry: AnyEntry, unit: Unit, height_unit: Unit) -> str:
    """What an entry says, short. ``unit`` for gaps and crowns, ``height_unit`` for string heights."""
    match entry:
        case StringGap() | Rock():
            return amount_words(entry, unit)
        case OthersStill():
            return "still"
        case CrownHeight():
            return format_length(entry.height_mm, unit)
        case Dial():
            return format_length(entry.reading_mm, unit, sign=True, decimals=3 if unit is Unit.MM else None)
        case StringHeight():
            return format_length(entry.height_mm, height_unit)
        case RodMove():
            return turns_words(entry.turns)
        case Seated():
            return "seated"
        case Filed():
            return "filed"
        case StateChange():
            return state_words(entry.state)
        case _:
            return ""


_EIGHTHS = {1: "1/8", 2: "1/4", 3: "3/8", 4: "1/2", 5: "5/8", 6: "3/4", 7: "7/8"}


def turns_words(turns: float) -> str:
    """A rod move in eighths of a turn with its direction."""
    eighths = round(abs(turns) * 8)
    if eighths == 0:
        return "no turn"
    whole, part = divmod(eighths, 8)
    size = " ".join(text for text in (str(whole) if whole else "", _EIGHTHS.get(part, "")) if text)
    return f"{size} turn {'tighter' if turns > 0 else 'looser'}"


def state_words(state: State) -> str:
    """Strings, in one phrase."""
    return "strings at pitch" if state.strings == "pitch" else "strings slack"
