"""Readings and states in the words of the bench."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.entries import (
    Agreed,
    Air,
    AnyEntry,
    Chosen,
    CrownHeight,
    Describe,
    Dial,
    EndsFine,
    Filed,
    FretEnd,
    Gap,
    Heard,
    Heated,
    Ink,
    InkLeft,
    Note,
    OthersClean,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    RodMove,
    RoundStart,
    Seated,
    Size,
    StandOff,
    State,
    StateChange,
    StepDone,
    Strike,
    StringGap,
    StringHeight,
)
from nuvrek.readings.sizes import SIZES
from nuvrek.units import Unit, format_length, format_number

END_WORDS = {
    "sharp": "sharp",
    "sprouting": "past the edge",
    "proud-bevel": "bevel proud",
    "tape-lip": "lip from tape",
}


def act_words(entries: Sequence[AnyEntry], unit: Unit, height_unit: Unit) -> str:
    """What was done in one go, short: its weightiest entry, and how many came along."""
    weighty = [
        entry for entry in entries if not isinstance(entry, StepDone | RoundStart)
    ] or entries
    first = weighty[0]
    words = f"{place_words(first)} {value_words(first, unit, height_unit)}".strip()
    more = len(weighty) - 1
    return f"{words} and {more} more" if more else words


def amount_words(reading: Gap, unit: Unit) -> str:
    """The measured part of a gap: one number, a bracket, or one side of it."""
    if reading.gap_mm is not None:
        return format_length(reading.gap_mm, unit)
    low = reading.slides_mm
    highs = [mm for mm in (reading.drags_mm, reading.wont_go_mm) if mm is not None]
    if low is not None and highs:
        return f"{format_number(low, unit)} to {format_length(min(highs), unit)}"
    if low is not None:
        return f"over {format_length(low, unit)}"
    if highs:
        return f"under {format_length(min(highs), unit)}"
    return ""


def place_words(entry: AnyEntry) -> str:
    """Where an entry belongs, short."""
    match entry:
        case StringGap():
            return f"{_edge_words(entry)} over {entry.fret}, {_string_or(entry.string, LANE_WORDS[entry.lane])}"
        case Rock():
            return (
                f"rocker {entry.fret - 1}-{entry.fret}-{entry.fret + 1}, {LANE_WORDS[entry.lane]}"
            )
        case CrownHeight():
            return f"crown of fret {entry.fret}, {LANE_WORDS[entry.lane]}"
        case Dial():
            return f"dial on {entry.fret}, {LANE_WORDS[entry.lane]}"
        case StringHeight():
            return f"string over {entry.fret}, {_string_or(entry.string, LANE_WORDS[entry.side])}"
        case Size():
            return _size_place(entry)
        case StandOff():
            where = "" if entry.lane is None else f", {LANE_WORDS[entry.lane]}"
            return f"under fret {entry.fret}{where}"
        case Ink():
            return f"ink on fret {entry.fret}, {LANE_WORDS[entry.lane]}"
        case Heard(fret=fret):
            return f"string {entry.string}, {f'fret {fret}' if fret else 'open'}"
        case FretEnd():
            return f"end of fret {entry.fret}, {LANE_WORDS[entry.side]}"
        case _:
            return _broad_place(entry)


def _broad_place(entry: AnyEntry) -> str:
    """Where entries belong that speak of more than one place."""
    match entry:
        case OthersStill():
            return f"all the others, {LANE_WORDS[entry.lane]}"
        case OthersFirm():
            return "all the other frets"
        case InkLeft():
            return f"ink on all the others, {LANE_WORDS[entry.lane]}"
        case EndsFine():
            return f"all the other ends, {LANE_WORDS[entry.side]}"
        case RodFeel():
            return "rod"
        case RodMove(side=side):
            return "rod" if side is None else f"rod, {LANE_WORDS[side]}"
        case Heated():
            return "heat"
        case OthersClean():
            return f"all the other notes, string {entry.string}"
        case Air():
            return "room"
        case Seated():
            return f"fret {entry.fret}"
        case Filed():
            return f"{len({fret for fret, _, _ in entry.off})} frets"
        case StateChange():
            return "now"
        case Note():
            return "note" if entry.photo is None else "photo"
        case Chosen():
            return "way taken,"
        case StepDone():
            return "step ticked,"
        case RoundStart():
            return "round begun,"
        case Describe():
            return "the description"
        case Agreed():
            return "the filing"
        case Strike():
            return "struck"
        case _:
            return ""


def _edge_words(gap: StringGap) -> str:
    name = {"string": "gap", "edge": "edge", "notched": "wood"}[gap.by]
    if gap.low_support is None:
        return f"{name}, resting,"
    return f"{name} {gap.low_support}-{gap.high_support}"


def _string_or(string: int | None, other: str) -> str:
    return f"string {string}" if string else other


def _size_place(size: Size) -> str:
    kind = SIZES[size.what]
    where = f"fret {size.fret}" if size.fret else "nut"
    if kind.place == "side":
        where = LANE_WORDS[size.lane or "bass"]
    elif kind.place == "side and fret":
        where = f"fret {size.fret}, {LANE_WORDS[size.lane or 'bass']}"
    elif kind.place == "string":
        where = f"fret {size.fret}, string {size.string or 1}"
    return f"{kind.title}, {where}"


def value_words(entry: AnyEntry, unit: Unit, height_unit: Unit) -> str:
    """What an entry says, short. ``unit`` for gaps and crowns, ``height_unit`` for string heights."""
    match entry:
        case Rock():
            return amount_words(entry, unit) or entry.says
        case StandOff():
            said = "moves" if entry.moves == "moves" else "stands off"
            return " ".join(part for part in (said, amount_words(entry, unit)) if part)
        case StringGap():
            return amount_words(entry, unit)
        case CrownHeight():
            return format_length(entry.height_mm, unit)
        case Dial():
            return format_length(
                entry.reading_mm, unit, sign=True, decimals=3 if unit is Unit.MM else None
            )
        case StringHeight():
            return format_length(entry.height_mm, height_unit)
        case Size():
            return size_words(entry.mm, unit)
        case FretEnd():
            size = "" if entry.mm is None else f" {format_length(entry.mm, unit)}"
            return f"{END_WORDS[entry.fault]}{size}"
        case _:
            return _said(entry)


def _said(entry: AnyEntry) -> str:
    """What entries without a length say."""
    match entry:
        case OthersStill():
            return "still"
        case OthersFirm():
            return "firm"
        case EndsFine():
            return "fine"
        case Ink():
            return "gone"
        case InkLeft():
            return "left"
        case RodFeel():
            return f"{entry.feel}, key {entry.key}" if entry.key else entry.feel
        case Air():
            return _room_words(entry)
        case RodMove():
            return move_words(entry)
        case Heated():
            return "neck heated"
        case Heard():
            return entry.says
        case OthersClean():
            return "clean"
        case Seated():
            return seat_words(entry)
        case Agreed():
            return "agreed on the filing"
        case Filed():
            return "filed"
        case StateChange():
            return state_words(entry.state)
        case Note():
            return entry.text[:40]
        case Chosen():
            return entry.way.replace("-", " ")
        case StepDone():
            return entry.step.replace("-", " ")
        case RoundStart():
            return entry.name
        case Describe():
            return "changed"
        case Strike():
            return f"entry {entry.entry}"
        case _:
            return ""


def seat_words(seated: Seated) -> str:
    """What became of a fret that was pressed or tapped home."""
    where = {"whole": "", "bass": ", low end", "middle": ", middle", "treble": ", high end"}[
        seated.where
    ]
    said = [f"{seated.how}{where}"]
    said += [seated.stopped] if seated.stopped else []
    said += ["glued"] if seated.glued else []
    said += [] if seated.holds == "not tried" else [seated.holds]
    return ", ".join(said)


def size_words(mm: float, unit: Unit) -> str:
    """A size: large ones in inches where thou are the unit of the bench."""
    if unit is Unit.THOU and mm > 10.0:
        return format_length(mm, Unit.INCH)
    return format_length(mm, unit)


def _room_words(room: Air) -> str:
    warm = "" if room.temperature_c is None else f"{room.temperature_c:g} °C"
    damp = "" if room.humidity_percent is None else f"{room.humidity_percent:g} % humidity"
    return ", ".join(part for part in (warm, damp) if part)


def move_words(move: RodMove) -> str:
    """A rod move with its direction; guessed turns say so."""
    if move.rough and not move.turns:
        return "turned, not counted"
    return f"{'about ' if move.rough else ''}{turns_words(move.turns)}"


def turns_words(turns: float) -> str:
    """A rod move in sixteenths of a turn with its direction."""
    sixteenths = round(abs(turns) * 16)
    if sixteenths == 0:
        return "no turn"
    return f"{part_words(sixteenths)} turn {'tighter' if turns > 0 else 'looser'}"


def rod_words(state: State) -> str:
    """Where the rod stands, counted from where it was found."""
    low, high = (round(turns * 16) for turns in (state.rod_turns, state.rod_high_turns))
    if not low and not high:
        return "rod as found"
    if not state.rod_high_turns:
        return f"rod {'+' if low > 0 else '-'}{part_words(abs(low))} turn"
    signed = [f"{'+' if n > 0 else '-'}{part_words(abs(n))}" if n else "0" for n in (low, high)]
    return f"rods low {signed[0]}, high {signed[1]} turn"


def part_words(sixteenths: int) -> str:
    """So many sixteenths in lowest terms: ``1 1/4``."""
    whole, part = divmod(sixteenths, 16)
    fraction = Fraction(part, 16)
    return " ".join(
        text for text in (str(whole) if whole else "", str(fraction) if part else "") if text
    )


def state_words(state: State) -> str:
    """Strings, in one phrase."""
    return "strings at pitch" if state.strings == "pitch" else "strings slack"
