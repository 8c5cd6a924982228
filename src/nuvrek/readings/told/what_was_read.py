"""What was looked at on today's neck: frets pressed, tops read, strings heard; and a rod nut that
still waits to be mended.
"""

from __future__ import annotations

from collections.abc import Iterable

from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import (
    ON_WOOD,
    Dial,
    EdgeLie,
    Feel,
    Filed,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    Seated,
    StandOff,
    StringGap,
)
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.stations import shows_light

# Feels that speak of the nut and its access, not of the rod; only mending ends them.
NUT_FEELS: tuple[Feel, ...] = ("binding", "key slips", "out of reach")


def pressed(neck_state: NeckState) -> frozenset[int]:
    """Frets that a finger has pressed, whatever it found."""
    found: set[int] = set()
    for taken in neck_state.taken:
        frets: tuple[int, ...] = ()
        match taken.reading:
            case OthersFirm(frets=frets):
                pass
            case StandOff(fret=fret, moves="moves" | "firm"):
                frets = (fret,)
            case _:
                pass
        found.update(fret for fret in frets if neck_state.stands(taken.number, fret))
    return frozenset(found)


def firm(neck_state: NeckState) -> frozenset[int]:
    """Frets that were pressed last and did not move."""
    found: dict[int, bool] = {}
    events: list[tuple[int, object]] = [(taken.number, taken.reading) for taken in neck_state.taken]
    events += [(work.number, work.entry) for work in neck_state.work]
    for number, event in sorted(events, key=lambda pair: pair[0]):
        said: dict[int, bool] = {}
        match event:
            case OthersFirm(frets=frets):
                said = dict.fromkeys(frets, True)
            case StandOff(fret=fret, moves=moves) if moves != "not tried":
                said = {fret: moves == "firm"}
            case Seated(fret=fret, holds=holds) if holds != "not tried":
                said = {fret: holds == "holds"}
            case _:
                pass
        found |= {fret: holds for fret, holds in said.items() if neck_state.stands(number, fret)}
    return frozenset(fret for fret, holds in found.items() if holds)


def unpressed(neck_state: NeckState) -> tuple[int, ...]:
    """Frets that nobody has pressed yet."""
    done = pressed(neck_state)
    return tuple(fret for fret in range(1, neck_state.neck.frets + 1) if fret not in done)


def tops_read(neck_state: NeckState) -> dict[Lane, frozenset[int]]:
    """On each lane the frets whose tops a rocker, a dial, a string or an edge has spoken of."""
    found: dict[Lane, set[int]] = {lane: set() for lane in LANES}
    for taken in neck_state.taken:
        match taken.reading:
            case Rock(lane=lane, fret=fret) | Dial(lane=lane, fret=fret):
                spoken: tuple[int, ...] = (fret,)
            case OthersStill(lane=lane, frets=spoken):
                pass
            case StringGap(lane=lane, fret=fret, by=by) if by not in ON_WOOD:
                spoken = (fret,)
            case _:
                continue
        found[lane].update(fret for fret in spoken if neck_state.stands(taken.number, fret))
    return {lane: frozenset(frets) for lane, frets in found.items()}


def relief_read(neck_state: NeckState) -> bool:
    """Whether any string, edge or dial has spoken of the dip of this neck."""
    for taken in neck_state.taken:
        match taken.reading:
            case StringGap(low_support=low) if low != 0:
                return True
            case EdgeLie() | Dial():
                return True
            case _:
                pass
    return False


def levelled(neck_state: NeckState) -> bool:
    """Whether most frets were filed since their wire went in: what a string shows over them then is
    the relief, whatever the wood below does, for a bow may have been dressed into them.
    """
    filed = {
        fret
        for work in neck_state.work
        if isinstance(work.entry, Filed)
        for fret, _, _ in work.entry.off
        if neck_state.stands(work.number, fret)
    }
    return 2 * len(filed) > neck_state.neck.frets


def relief_blind(neck_state: NeckState) -> bool:
    """Whether strings at pitch showed no light anywhere and no edge was laid: straight, or bowed
    back, nothing tells. What was read before the rod was last moved tells nothing of it now, where
    it was read again since.
    """
    if neck_state.neck.bare:
        return False
    moved = max((number for number, _ in neck_state.rod_moves), default=0)
    since = [taken for taken in neck_state.taken if taken.number > moved]
    if any(isinstance(taken.reading, StringGap | EdgeLie | Dial) for taken in since):
        return _blind(since)
    return _blind(neck_state.taken)


def _blind(readings: Iterable[Taken]) -> bool:
    lit, dark = False, False
    for taken in readings:
        reading = taken.reading
        if isinstance(reading, EdgeLie | Dial):
            return False
        if not isinstance(reading, StringGap) or reading.state.strings != "pitch":
            continue
        low, high = reading.low_support, reading.high_support
        if not low or not high:
            continue
        if not low < reading.fret < high:
            # Past what it lies on only an edge shows anything.
            return False
        lit, dark = lit or shows_light(reading), dark or not shows_light(reading)
    return dark and not lit


def heard_faults(neck_state: NeckState) -> tuple[tuple[int, int], ...]:
    """Notes, (string, fret), that were last heard to buzz or ring badly; fret 0 is the open
    string.
    """
    return tuple(sorted(place for place, says in neck_state.heard.items() if says != "clean"))


def heard_clean(neck_state: NeckState) -> bool:
    """Whether every string was played up the neck, and every note of it rang clean."""
    heard = neck_state.heard
    if not heard or heard_faults(neck_state):
        return False
    by_string: dict[int, int] = {}
    for string, _ in heard:
        by_string[string] = by_string.get(string, 0) + 1
    # The last fret has nothing ahead of it and is seldom played.
    enough = neck_state.neck.frets - 1
    return len(by_string) >= len(_lines(neck_state)) and min(by_string.values()) >= enough


def _lines(neck_state: NeckState) -> range:
    return range(len(neck_state.neck.string_set) or neck_state.neck.strings)


def nut_trouble(neck_state: NeckState) -> tuple[int, Feel] | None:
    """A rod nut that binds, slips or can't be reached, and was not mended since: its number in the
    journal and how it felt. What was felt later does not mend it.
    """
    felt: list[tuple[int, str]] = [
        (taken.number, taken.reading.feel)
        for taken in neck_state.taken
        if isinstance(taken.reading, RodFeel)
    ]
    felt += [(number, move.feel) for number, move in neck_state.rod_moves]
    found: tuple[int, Feel] | None = None
    for number, feel in sorted(felt):
        if number <= neck_state.nut_mended:
            continue
        if feel in NUT_FEELS:
            found = number, feel
        elif found is not None and found[1] == "binding" and feel == "free":
            # A rod that bound and now turns freely is free; a chewed nut stays chewed.
            found = None
    return found
