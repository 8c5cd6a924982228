"""The journal: entries in order, and the state of a neck folded from them."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date

from msgspec import Struct, structs

from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.readings.entries import (
    Agreed,
    AnyEntry,
    AnyReading,
    Chosen,
    Describe,
    Filed,
    Heard,
    Heated,
    OthersClean,
    Reading,
    RodMove,
    RoundStart,
    Seated,
    State,
    StateChange,
    StepDone,
    Strike,
)
from nuvrek.readings.kinds import highest_fret, highest_string

# After so many days it is another visit: the neck may have moved meanwhile (common practice, no
# source).
ANOTHER_VISIT_DAYS = 14


class Taken(Struct, frozen=True):
    """A live reading with its number in the journal and the surface it was taken on.

    ``surface`` counts, per (fret, lane), how often that top was filed or seated before.
    """

    number: int
    reading: AnyReading
    surface: dict[tuple[int, Lane], int]


class Work(Struct, frozen=True):
    """Metal work in the order it was done: seating or filing, with the surfaces it made."""

    number: int
    entry: Seated | Filed
    surfaces: dict[tuple[int, Lane], int]


class Later(Struct, frozen=True):
    """So many days passed without a reading: season and creep may have moved the neck."""

    days: int
    day: str = ""


class NeckState(Struct, frozen=True):
    """What is known of one neck after its journal so far."""

    neck: NeckDescription
    taken: tuple[Taken, ...] = ()
    work: tuple[Work, ...] = ()
    state: State = State()
    # What changed the bend in a way turns alone don't tell: rod moves, heat and time, with their
    # numbers.
    shifts: tuple[tuple[int, RodMove | Heated | Later], ...] = ()
    last_day: str = ""
    # What the ear last said of (string, fret) since the neck was last changed.
    heard: dict[tuple[int, int], str] = {}
    round_name: str = ""
    round_number: int = 0
    stations_done: frozenset[str] = frozenset()
    agreed: Agreed = Agreed()
    chosen: Chosen | None = None
    chosen_number: int = 0
    steps_done: dict[str, str] = {}
    surface: dict[tuple[int, Lane], int] = {}
    # The highest fret and string any live reading or work speaks of.
    highest: tuple[int, int] = (0, 0)
    length: int = 0

    @property
    def rod_moves(self) -> tuple[tuple[int, RodMove], ...]:
        """The rod moves with their numbers."""
        return tuple((number, move) for number, move in self.shifts if isinstance(move, RodMove))

    @property
    def heats(self) -> tuple[tuple[int, Heated], ...]:
        """The cycles of heat with their numbers."""
        return tuple((number, heat) for number, heat in self.shifts if isinstance(heat, Heated))


def live_numbers(entries: Sequence[AnyEntry]) -> list[int]:
    """Numbers (from 1) of the entries that are not struck out, in order.

    A strike may itself be struck, which brings its entry back. Strikes only reach backwards, so one
    walk from the end settles all of them.
    """
    struck: set[int] = set()
    for number in range(len(entries), 0, -1):
        entry = entries[number - 1]
        if isinstance(entry, Strike) and number not in struck and entry.entry < number:
            struck.add(entry.entry)
    return [
        n
        for n in range(1, len(entries) + 1)
        if n not in struck and not isinstance(entries[n - 1], Strike)
    ]


def fold(neck: NeckDescription, entries: Sequence[AnyEntry]) -> NeckState:
    """The state of ``neck`` after ``entries``."""
    neck_state = NeckState(neck=neck, length=len(entries))
    readings: list[tuple[int, AnyReading]] = []
    for number in live_numbers(entries):
        entry = entries[number - 1]
        if isinstance(entry, Reading):
            readings.append((number, entry))
            continue
        neck_state = _step(_with_readings(neck_state, readings), number, entry)
        readings.clear()
    return structs.replace(_with_readings(neck_state, readings), length=len(entries))


def advance(now: NeckState, number: int, entry: AnyEntry) -> NeckState | None:
    """The state after one more entry, or None where only a new fold can tell (a strike)."""
    if isinstance(entry, Strike):
        return None
    if isinstance(entry, Reading):
        return structs.replace(_with_readings(now, [(number, entry)]), length=number)
    return structs.replace(_step(now, number, entry), length=number)


def _with_readings(now: NeckState, readings: Sequence[tuple[int, AnyReading]]) -> NeckState:
    """``now`` with readings added at once: one copy of what is there, however many they are."""
    if not readings:
        return now
    done = now.stations_done | {reading.station for _, reading in readings if reading.station}
    fret = max(now.highest[0], *(highest_fret(reading) for _, reading in readings))
    string = max(now.highest[1], *(highest_string(reading) for _, reading in readings))
    shifts, day, taken = now.shifts, now.last_day, []
    for number, reading in readings:
        # Two weeks without a reading may have moved the neck by themselves.
        if reading.at[:10] != day:
            if (days := _days(day, reading.at[:10])) >= ANOTHER_VISIT_DAYS:
                shifts = (*shifts, (number, Later(days, reading.at[:10])))
            day = reading.at[:10] or day
        taken.append(Taken(number, _after_moves(reading, len(shifts)), now.surface))
    return structs.replace(
        now,
        taken=(*now.taken, *taken),
        stations_done=done,
        highest=(fret, string),
        shifts=shifts,
        last_day=day,
        state=structs.replace(now.state, rod_moves=len(shifts)),
    )


def _days(before: str, after: str) -> int:
    """Days from one date to another, 0 where one of them is missing or no date."""
    try:
        return (date.fromisoformat(after) - date.fromisoformat(before)).days
    except ValueError:
        return 0


def _after_moves(reading: AnyReading, moves: int) -> AnyReading:
    """The reading with the number of rod moves and heats before it."""
    if reading.state.rod_moves == moves:
        return reading
    return structs.replace(reading, state=structs.replace(reading.state, rod_moves=moves))


def _turned(now: NeckState, number: int, move: RodMove) -> NeckState:
    """The state after the rod was moved; a move without a side moves both of twin rods."""
    state, shifts = now.state, (*now.shifts, (number, move))
    low = 0.0 if move.side == "treble" else move.turns
    high = 0.0 if move.side == "bass" or now.neck.rod != "twin" else move.turns
    state = structs.replace(
        state,
        rod_turns=state.rod_turns + low,
        rod_high_turns=state.rod_high_turns + high,
        rod_moves=len(shifts),
    )
    return structs.replace(now, state=state, shifts=shifts, heard={})


def _listened(now: NeckState, said: dict[tuple[int, int], str]) -> NeckState:
    fret = max(now.highest[0], *(fret for _, fret in said), 0)
    string = max(now.highest[1], *(string for string, _ in said), 0)
    return structs.replace(now, heard={**now.heard, **said}, highest=(fret, string))


def _heated(now: NeckState, number: int, heat: Heated) -> NeckState:
    shifts = (*now.shifts, (number, heat))
    state = structs.replace(now.state, rod_moves=len(shifts))
    return structs.replace(now, state=state, shifts=shifts, heard={})


def _step(now: NeckState, number: int, entry: AnyEntry) -> NeckState:
    match entry:
        # A joint past the last fret (old logbooks let it in) describes no neck.
        case Describe(neck=neck) if neck.joint_fret <= neck.frets:
            return structs.replace(now, neck=neck)
        case RoundStart(name=name):
            return structs.replace(
                now, round_name=name, round_number=number, stations_done=frozenset()
            )
        case StateChange(state=state, station=station):
            state = structs.replace(state, rod_moves=len(now.shifts))
            return structs.replace(now, state=state, stations_done=now.stations_done | {station})
        case RodMove():
            return _turned(now, number, entry)
        case Heated():
            return _heated(now, number, entry)
        case Heard(string=string, fret=fret, says=says):
            return _listened(now, {(string, fret): says})
        case OthersClean(string=string, frets=frets):
            return _listened(now, {(string, fret): "clean" for fret in frets})
        case Seated() | Filed():
            return _after_work(now, number, entry)
        case Agreed():
            return structs.replace(now, agreed=entry, highest=_reaching(now, entry))
        case Chosen():
            return structs.replace(now, chosen=entry, chosen_number=number, steps_done={})
        case StepDone(step=step, at=at):
            return structs.replace(now, steps_done={**now.steps_done, step: at})
        case _:
            return now


def _reaching(now: NeckState, entry: AnyEntry) -> tuple[int, int]:
    return max(now.highest[0], highest_fret(entry)), now.highest[1]


def _after_work(now: NeckState, number: int, entry: Seated | Filed) -> NeckState:
    places: list[tuple[int, Lane]]
    if isinstance(entry, Seated):
        places = [(entry.fret, lane) for lane in LANES]
    else:
        places = [(fret, lane) for fret, lane, _ in entry.off]
    surface = dict(now.surface)
    for place in places:
        surface[place] = surface.get(place, 0) + 1
    surfaces = {place: surface[place] for place in places}
    highest = (max([now.highest[0], *(fret for fret, _ in places)]), now.highest[1])
    work = (*now.work, Work(number, entry, surfaces))
    return structs.replace(now, surface=surface, work=work, highest=highest, heard={})


def fitting(now: NeckState) -> tuple[NeckState, tuple[int, ...]]:
    """``now`` without readings and work that name frets or strings the neck, as described today,
    doesn't have.

    Also the numbers of the readings left out; they stay in the journal.
    """
    if now.highest[0] <= now.neck.frets and now.highest[1] <= now.neck.strings:
        return now, ()
    from nuvrek.readings.check import entry_faults

    def fits(number: int, entry: AnyEntry) -> bool:
        return not entry_faults(entry, now.neck, number)

    taken = tuple(one for one in now.taken if fits(one.number, one.reading))
    left_out = tuple(one.number for one in now.taken if not fits(one.number, one.reading))
    surface = {
        place: surfaces for place, surfaces in now.surface.items() if place[0] <= now.neck.frets
    }
    work = tuple(_within(w, now.neck.frets) for w in now.work)
    agreed = structs.replace(
        now.agreed,
        untouched=tuple(fret for fret in now.agreed.untouched if fret <= now.neck.frets),
        fall_from=None if (now.agreed.fall_from or 0) > now.neck.frets else now.agreed.fall_from,
    )
    return structs.replace(now, taken=taken, surface=surface, work=work, agreed=agreed), left_out


def _within(work: Work, frets: int) -> Work:
    return structs.replace(
        work,
        surfaces={
            place: surfaces for place, surfaces in work.surfaces.items() if place[0] <= frets
        },
    )
