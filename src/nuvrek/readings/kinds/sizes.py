"""Sizes by caliper, rule or gauge."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import Size
from nuvrek.readings.kinds.record import EntryRecord, StationRecord
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length


def _size_place(size: Size) -> Saying:
    kind = SIZES[size.what]
    where: Saying = (
        means("stations.fret", fret=size.fret) if size.fret else means("stations.nut-with-again")
    )
    if kind.place == "side":
        where = LANE_WORDS[size.lane or "bass"]
    elif kind.place == "side and fret":
        where = means(
            "stations.fret-with-fret-lane-words",
            fret=size.fret,
            lane_words=LANE_WORDS[size.lane or "bass"],
        )
    elif kind.place == "string":
        where = means("stations.fret-string", fret=size.fret, string=size.string or 1)
    elif kind.place == "wire":
        where = means("stations.run")
    return means("stations.title-where", title=kind.title, where=where)


def size_words(mm: float, unit: Unit) -> Saying:
    """A size: large ones in inches where thou are the unit of the bench."""
    if unit is Unit.THOU and mm > 10.0:
        return format_length(mm, Unit.INCH)
    return format_length(mm, unit)


def _faults(size: Size, _neck: NeckDescription, _number: int) -> list[Saying]:
    kind = SIZES[size.what]
    low, high = kind.possible
    if low <= size.mm <= high:
        return []
    return [means("stations.mm-not", title=kind.title, low=low, high=high, mm=size.mm)]


def _station(size: Size) -> Station:
    return Station(
        size.station,
        "size",
        size.lane or "bass",
        size.fret,
        string=size.string or 0,
        what=size.what,
    )


SIZE = EntryRecord(
    type=Size,
    place=_size_place,
    value=lambda size, unit, _heights: size_words(size.mm, unit),
    faults=_faults,
    station=_station,
    figure=lambda size: size.mm,
)


def _prompt(station: Station, fret: int, side: Saying, _strings: Saying) -> Saying:
    size = SIZES[station.what]
    where: Saying = (
        means("stations.fret-with-fret", fret=fret) if fret else means("stations.nut-with-again-3")
    )
    if size.place == "side":
        where = side
    elif size.place == "side and fret":
        where = means("stations.fret-with-side-fret", side=side, fret=fret)
    elif size.place == "string":
        where = means(
            "stations.fret-string-with-fret-string", fret=fret, string=station.string or 1
        )
    elif size.place == "wire":
        where = means("stations.piece-run")
    return means("stations.where-prompt", where=where, prompt=size.prompt)


SIZE_STATION = StationRecord(
    kind="size", title=lambda station: SIZES[station.what].title, prompt=_prompt, picture="size"
)
