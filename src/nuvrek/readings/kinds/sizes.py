"""Sizes by caliper, rule or gauge."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import Size
from nuvrek.readings.kinds.record import EntryRecord, StationRecord
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length


def _size_place(size: Size) -> str:
    kind = SIZES[size.what]
    where = tr("fret {fret}", fret=size.fret) if size.fret else tr("nut")
    if kind.place == "side":
        where = LANE_WORDS[size.lane or "bass"]
    elif kind.place == "side and fret":
        where = tr(
            "fret {fret}, {lane_words}", fret=size.fret, lane_words=LANE_WORDS[size.lane or "bass"]
        )
    elif kind.place == "string":
        where = tr("fret {fret}, string {string}", fret=size.fret, string=size.string or 1)
    elif kind.place == "wire":
        where = tr("this run")
    return f"{kind.title}, {where}"


def size_words(mm: float, unit: Unit) -> str:
    """A size: large ones in inches where thou are the unit of the bench."""
    if unit is Unit.THOU and mm > 10.0:
        return format_length(mm, Unit.INCH)
    return format_length(mm, unit)


def _faults(size: Size, _neck: NeckDescription, _number: int) -> list[str]:
    kind = SIZES[size.what]
    low, high = kind.possible
    if low <= size.mm <= high:
        return []
    return [
        tr(
            "a {title} is {low:g} to {high:g} mm, not {mm:g}.",
            title=kind.title,
            low=low,
            high=high,
            mm=size.mm,
        )
    ]


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


def _prompt(station: Station, fret: int, side: str, _strings: str) -> str:
    size = SIZES[station.what]
    where = tr("Fret {fret}", fret=fret) if fret else tr("Nut")
    if size.place == "side":
        where = side
    elif size.place == "side and fret":
        where = tr("{side}, fret {fret}", side=side, fret=fret)
    elif size.place == "string":
        where = tr("Fret {fret}, string {string}", fret=fret, string=station.string or 1)
    elif size.place == "wire":
        where = tr("A piece of this run")
    return f"{where}. {size.prompt}"


SIZE_STATION = StationRecord(
    kind="size", title=lambda station: SIZES[station.what].title, prompt=_prompt, picture="size"
)
