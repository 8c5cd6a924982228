"""What the lanes under the neck sheet show while a reading is taken."""

from __future__ import annotations

from collections.abc import Iterator
from typing import TYPE_CHECKING, Literal

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.keys.gaps import GapKeys
from nuvrek.bench.keypad.keys.state import FEELS
from nuvrek.bench.keypad.repeats import ReadingPlace
from nuvrek.bench.strips.strips import Dots, SideStrip, ValuesStrip
from nuvrek.meaning import Saying, Word, brief, listed, means
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.neck.radius import gauge_words
from nuvrek.neck.rocker import edge_words
from nuvrek.readings.entries import ON_WOOD, AnyReading
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.kinds import STATIONS, frets_touched
from nuvrek.readings.stations import Station, station_of
from nuvrek.readings.tool_kit import notched_fit
from nuvrek.readings.words import value_words
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved

_TRIM = (means("strips.mm"), means("strips.thou"), means("strips.in"))


# A fret that stands less over the line of the supports than this is not seen to carry the string.
_SEEN_TO_CARRY_MM = 0.02


def side_strip(pad: Keypad, station: Station, solved: Solved | None = None) -> SideStrip:
    """The side view of a station, with what the user's own tools have to say to it, and on what
    else a string or edge lies by all that was ``solved`` so far.
    """
    under: Saying
    if STATIONS[station.kind].broad:
        under = ""
    else:
        under = LANE_WORDS[station.lane]
    keys = pad.keys_here
    if isinstance(keys, GapKeys):
        reach = keys.reach()
    else:
        reach = None
    note: Saying = _note(pad, station)
    if reach is not None:
        note = means(
            "strips.your-mm-edge-over-frets",
            reach=reach[0],
            other_reach=reach[1],
            third_reach=reach[2],
        )
    return SideStrip(
        means("strips.how"),
        under,
        station,
        fret=pad.cursor or station.fret,
        note=note,
        reach=None if reach is None else reach[1:],
        touches=_touches(pad, station, solved),
    )


def _touches(pad: Keypad, station: Station, solved: Solved | None) -> tuple[int, ...]:
    """Frets that carry string or edge beside its supports, on a neck that was read so far that it
    can be said.
    """
    supports = station.supports
    if station.kind != "string-gap" or supports is None or solved is None:
        return ()
    lane, neck_map = LANES.index(station.lane), solved.map
    if neck_map.neck != pad.neck or not neck_map.known[lane] or supports[1] > pad.neck.frets:
        return ()
    from nuvrek.estimate.measurer import Measurer

    surface: Literal["wood", "tops"] = "wood" if station.by in ON_WOOD else "tops"
    strings = pad.session.neck_state.state.strings
    return Measurer(neck_map).carrying(surface, strings, lane, supports, _SEEN_TO_CARRY_MM)


def _note(pad: Keypad, station: Station) -> Saying:
    match station.kind:
        case "sweep":
            return edge_words(pad.neck, pad.cursor, pad.kit.rockers_mm)
        case "rod-feel":
            return listed(
                (
                    means("strips.detail-feel", detail=n, feel=Word(feel))
                    for n, feel in enumerate(FEELS, 1)
                ),
                by="  ",
            )
        case "size" if station.what == "radius":
            return gauge_words(pad.neck, pad.cursor)
        case "string-gap" if station.by in ON_WOOD:
            return notched_words(pad)
        case _:
            return ""


def notched_words(pad: Keypad) -> Saying:
    """Which of the user's notched edges fits this neck."""
    owned = pad.kit.notched_mm
    fit = notched_fit(pad.neck, owned)
    if fit is not None:
        return means("strips.your-notched-edge-mm-fits", fit=fit)
    scale = means("strips.notches-must-cut-mm", scale_mm=pad.neck.scale_mm)
    if owned:
        return means("strips.none-your-notched-edges-fits", scale=scale)
    return scale


def values_strip(pad: Keypad, unit: Unit, height_unit: Unit) -> ValuesStrip:
    """Readings of the kind now asked for at their frets; of sweeps and runs only this round's."""
    station = pad.station
    if station is None:
        return ValuesStrip(means("strips.so-far"), "", ())
    values: dict[int, tuple[Saying, bool]] = {}

    def show(reading: AnyReading, fret: int, lane: Lane, count: int) -> None:
        here = lane == station.lane
        if here or fret not in values or not values[fret][1]:
            short = brief(value_words(reading, unit, height_unit))
            times: Saying = short
            if count > 1:
                times = means("strips.times", reading=short, count=count)
            values[fret] = (times, here)

    if STATIONS[station.kind].sweep:
        for reading, fret, lanes in _marked(pad, station):
            show(reading, fret, station.lane if station.lane in lanes else lanes[0], 1)
    else:
        for place, readings_taken in _read_before(pad, station):
            show(readings_taken[-1].reading, place.fret, place.lane, len(readings_taken))
    shown = tuple((fret, words, here) for fret, (words, here) in sorted(values.items()))
    measured = pad.keys_here.lengths and pad.keys_here.numbers
    if measured:
        under: Saying = means(
            "strips.in-with-detail",
            detail=height_unit.value if station.kind == "string-height" else unit.value,
        )
    else:
        under = ""
    return ValuesStrip(means("strips.so-far"), under, shown)


def _read_before(pad: Keypad, station: Station) -> Iterator[tuple[ReadingPlace, list[Taken]]]:
    """Readings of the kind asked for, by place, as far as they can be held beside the next one."""
    strings = pad.session.neck_state.state.strings
    pad.repeats.follow(pad.session.neck_state)
    for place, readings_taken in pad.repeats.places.items():
        if place.field != station.field or not 0 < place.fret <= pad.neck.frets:
            continue
        # A beam laid anew is another line, a gap with the strings otherwise another bend.
        if station.kind == "dial" and readings_taken[-1].number <= pad.since:
            continue
        on_wood = (place.by in ON_WOOD, station.by in ON_WOOD)
        if station.kind == "string-gap" and (place.strings != strings or on_wood[0] != on_wood[1]):
            continue
        yield place, readings_taken


def _marked(pad: Keypad, station: Station) -> Iterator[tuple[AnyReading, int, tuple[Lane, ...]]]:
    """What a sweep has marked so far in this round: the reading, its fret, the lanes it speaks
    of.
    """
    for taken in pad.taken_since():
        asked = station_of(taken.reading)
        if asked.kind == station.kind and asked.fret:
            yield taken.reading, asked.fret, _lanes_of(taken.reading)


def _lanes_of(reading: AnyReading) -> tuple[Lane, ...]:
    lane: Lane | None = getattr(reading, "lane", None) or getattr(reading, "side", None)
    if lane is None:
        return LANES
    return (lane,)


def dots_of(pad: Keypad) -> Dots:
    """Marks on the fingerboard for the station now asked for."""
    station, frets = pad.station, pad.neck.frets
    pad.repeats.follow(pad.session.neck_state)
    read = frozenset((p.fret, p.lane) for p in pad.repeats.places if 0 < p.fret <= frets)
    record = None
    if station is not None:
        record = STATIONS[station.kind]
    # The rocker has marks of its own beside the readings.
    if station is not None and record is not None and record.sweep and record.picture != "rocker":
        marked = _marked(pad, station)
        read = frozenset((fret, lane) for _, fret, lanes in marked for lane in lanes)
    rocks = frozenset(
        (fret, lane) for lane in LANE_WORDS for fret in pad.marked(lane) if fret <= frets
    )
    if station is None or record is None or (record.broad and not record.sweep):
        return Dots(read, rocks)
    supports: tuple[int, ...] = ()
    if station.kind == "string-gap":
        supports = station.supports or (1, frets)
    elif station.kind == "sweep":
        supports = (pad.cursor - 1, pad.cursor + 1)
    return Dots(
        read, rocks, supports=supports, asked=(pad.cursor, station.lane), lane_now=station.lane
    )


def readings_at(neck_state: NeckState, fret: int) -> list[tuple[int, AnyReading]]:
    """Live readings that speak of a fret, newest first, with their numbers."""
    return [
        (taken.number, taken.reading)
        for taken in reversed(neck_state.taken)
        if fret in frets_touched(taken.reading)
    ]
