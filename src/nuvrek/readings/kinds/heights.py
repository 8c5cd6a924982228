"""Heights: crowns by caliper, strings by rule, tops by indicator."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.entries import CrownHeight, Dial, StringHeight
from nuvrek.readings.kinds.gaps import string_or_side
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length

CROWN_HEIGHT = EntryRecord(
    type=CrownHeight,
    place=lambda crown: means(
        "stations.crown-fret", fret=crown.fret, lane_words=LANE_WORDS[crown.lane]
    ),
    value=lambda crown, unit, _heights: format_length(crown.height_mm, unit),
    station=lambda crown: Station(crown.station, "crown-height", crown.lane, crown.fret),
    tool=lambda _crown: "caliper",
    figure=lambda crown: crown.height_mm,
)
CROWN_HEIGHT_STATION = StationRecord(
    kind="crown-height",
    title=titled(means("stations.crown-height")),
    prompt=lambda _station, fret, _side, _strings: means(
        "stations.fret-height-crown-over-wood", fret=fret
    ),
    likely_mm=(0.3, 2.0),
    picture="caliper",
)


def _string_place(height: StringHeight) -> Saying:
    return means(
        "stations.string-over",
        fret=height.fret,
        string_or_side=string_or_side(height.string, LANE_WORDS[height.side]),
    )


def _string_station(height: StringHeight) -> Station:
    return Station(
        height.station,
        "string-height",
        height.side,
        height.fret,
        string=height.string or 0,
        capo=height.capo,
    )


STRING_HEIGHT = EntryRecord(
    type=StringHeight,
    place=_string_place,
    value=lambda height, _unit, heights: format_length(height.height_mm, heights),
    station=_string_station,
    tool=lambda _height: "rule",
    figure=lambda height: height.height_mm,
)


def _string_prompt(station: Station, fret: int, side: Saying, _strings: Saying) -> Saying:
    if station.capo:
        if station.string:
            key = "stations.string-under-capo"
        else:
            key = "stations.side-under-capo"
        named = means(key, string=station.string, side=side, capo=station.capo)
    elif station.string:
        named = means("stations.string-with-string-3", string=station.string)
    else:
        named = means("stations.open-string", side=side)
    return means("stations.over-fret-height", named=named, fret=fret)


STRING_HEIGHT_STATION = StationRecord(
    kind="string-height",
    title=titled(means("stations.string-height")),
    prompt=_string_prompt,
    likely_mm=(0.4, 6.0),
    units=(Unit.MM, Unit.SIXTYFOURTH, Unit.THOU),
    picture="string",
)


def _dial_words(dial: Dial, unit: Unit, _heights: Unit) -> Saying:
    decimals = 3 if unit is Unit.MM else None
    return format_length(dial.reading_mm, unit, sign=True, decimals=decimals)


DIAL = EntryRecord(
    type=Dial,
    place=lambda dial: means("stations.dial", fret=dial.fret, lane_words=LANE_WORDS[dial.lane]),
    value=_dial_words,
    station=lambda dial: Station(dial.station, "dial", dial.lane, dial.fret),
    tool=lambda _dial: "indicator",
    figure=lambda dial: dial.reading_mm,
)
DIAL_STATION = StationRecord(
    kind="dial",
    title=titled(means("stations.indicator")),
    prompt=lambda _station, fret, side, _strings: means(
        "stations.dial-beam-over-fret", side=side, fret=fret
    ),
    likely_mm=(-1.5, 1.5),
    picture="dial",
)
