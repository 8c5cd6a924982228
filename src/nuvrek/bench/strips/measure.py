"""What the lanes under the neck sheet show while a reading is taken."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.keys.gaps import GapKeys
from nuvrek.bench.keypad.keys.state import FEELS
from nuvrek.bench.strips.strips import Dots, SideStrip, ValuesStrip
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.neck.radius import gauge_words
from nuvrek.neck.rocker import edge_words
from nuvrek.readings.entries import AnyReading, FretEnd, Gap, Ink, Rock, StandOff
from nuvrek.readings.journal import NeckState
from nuvrek.readings.kinds import frets_touched
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import notched_fit
from nuvrek.readings.words import amount_words, value_words
from nuvrek.units import Unit

_TRIM = (" mm", " thou", " in")


def side_strip(pad: Keypad, station: Station) -> SideStrip:
    """The side view of a station, with what the user's own tools have to say to it."""
    broad = station.kind in ("press", "rod-feel", "temperature", "humidity", "state")
    under = "" if broad else LANE_WORDS[station.lane]
    keys = pad.keys_here
    reach = keys.reach() if isinstance(keys, GapKeys) else None
    note = _note(pad, station)
    if reach is not None:
        note = f"your {reach[0]:g} mm edge over frets {reach[1]} to {reach[2]}"
    return SideStrip(
        "How",
        under,
        station,
        pad.cursor or station.fret,
        note,
        None if reach is None else reach[1:],
    )


def _note(pad: Keypad, station: Station) -> str:
    match station.kind:
        case "sweep":
            return edge_words(pad.neck, pad.cursor, pad.kit.rockers_mm)
        case "rod-feel":
            return "     ".join(f"{n}  {feel}" for n, feel in enumerate(FEELS, 1))
        case "size" if station.what == "radius":
            return gauge_words(pad.neck, pad.cursor)
        case "string-gap" if station.by == "notched":
            return notched_words(pad)
        case _:
            return ""


def notched_words(pad: Keypad) -> str:
    """Which of the user's notched edges fits this neck."""
    owned = pad.kit.notched_mm
    fit = notched_fit(pad.neck, owned)
    if fit is not None:
        return f"your notched edge for {fit:g} mm fits"
    scale = f"its notches must be cut for {pad.neck.scale_mm:g} mm"
    return f"none of your notched edges fits: {scale}" if owned else scale


def values_strip(pad: Keypad, unit: Unit, height_unit: Unit) -> ValuesStrip:
    """Readings of the kind now asked for at their frets; of sweeps and runs only this round's."""
    station = pad.station
    if station is None:
        return ValuesStrip("So far", "", ())
    values: dict[int, tuple[str, bool]] = {}

    def show(reading: AnyReading, fret: int, lane: Lane, count: int) -> None:
        here = lane == station.lane
        if here or fret not in values or not values[fret][1]:
            times = f" ×{count}" if count > 1 else ""
            values[fret] = (_short(reading, unit, height_unit) + times, here)

    if station.kind in ("sweep", "press", "ends", "ink"):
        for one in pad.taken_since():
            match one.reading:
                case Rock() if station.kind == "sweep":
                    show(one.reading, one.reading.fret, one.reading.lane, 1)
                case StandOff() if station.kind == "press":
                    show(one.reading, one.reading.fret, station.lane, 1)
                case Ink() if station.kind == "ink":
                    show(one.reading, one.reading.fret, one.reading.lane, 1)
                case FretEnd() if station.kind == "ends":
                    show(one.reading, one.reading.fret, one.reading.side, 1)
                case _:
                    pass
    else:
        pad.repeats.follow(pad.session.neck_state)
        for place, found in pad.repeats.places.items():
            old_run = station.kind == "dial" and found[-1].number <= pad.since
            other = station.kind == "string-gap" and (
                place.strings != pad.session.neck_state.state.strings
                or (place.by == "notched") != (station.by == "notched")
            )
            if place.field != station.field or old_run or other:
                continue
            if 0 < place.fret <= pad.neck.frets:
                show(found[-1].reading, place.fret, place.lane, len(found))
    shown = tuple((fret, words, here) for fret, (words, here) in sorted(values.items()))
    measured = pad.keys_here.lengths and pad.keys_here.numbers
    under = (
        f"in {height_unit.value if station.kind == 'string-height' else unit.value}"
        if measured
        else ""
    )
    return ValuesStrip("So far", under, shown)


def _short(reading: AnyReading, unit: Unit, height_unit: Unit) -> str:
    words = value_words(reading, unit, height_unit)
    if isinstance(reading, Gap):
        words = words.replace(
            amount_words(reading, unit), amount_words(reading, unit).replace(" to ", "–")
        )
    for name in _TRIM:
        words = words.removesuffix(name)
    return words


def dots_of(pad: Keypad) -> Dots:
    """Marks on the fingerboard for the station now asked for."""
    station, frets = pad.station, pad.neck.frets
    pad.repeats.follow(pad.session.neck_state)
    read = frozenset((p.fret, p.lane) for p in pad.repeats.places if 0 < p.fret <= frets)
    if station is not None and station.kind in ("press", "ends", "ink"):
        read = frozenset(_swept(pad, station))
    rocks = frozenset(
        (fret, lane) for lane in LANE_WORDS for fret in pad.marked(lane) if fret <= frets
    )
    if station is None or station.kind in ("state", "rod-feel", "temperature", "humidity"):
        return Dots(read, rocks)
    supports: tuple[int, ...] = ()
    if station.kind == "string-gap":
        supports = station.supports or (1, frets)
    elif station.kind == "sweep":
        supports = (pad.cursor - 1, pad.cursor + 1)
    return Dots(
        read, rocks, supports=supports, asked=(pad.cursor, station.lane), lane_now=station.lane
    )


def _swept(pad: Keypad, station: Station) -> Iterator[tuple[int, Lane]]:
    """What a pressing sweep or one along the ends has found so far."""
    for one in pad.taken_since():
        match one.reading:
            case StandOff(fret=fret, lane=lane) if station.kind == "press":
                yield from ((fret, each) for each in LANES if lane in (None, each))
            case FretEnd(fret=fret, side=side) if station.kind == "ends":
                yield fret, side
            case Ink(fret=fret, lane=inked) if station.kind == "ink":
                yield fret, inked
            case _:
                pass


def readings_at(neck_state: NeckState, fret: int) -> list[tuple[int, AnyReading]]:
    """Live readings that speak of a fret, newest first, with their numbers."""
    return [
        (one.number, one.reading)
        for one in reversed(neck_state.taken)
        if fret in frets_touched(one.reading)
    ]
