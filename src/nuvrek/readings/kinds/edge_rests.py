"""On which two frets a string or an edge was seen to rest, held as it was for a gap."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import ON_WOOD, EdgeRests
from nuvrek.readings.kinds.gaps import held_words
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.station import Station


def _faults(rests: EdgeRests, _neck: NeckDescription, _number: int) -> list[Saying]:
    first, second = rests.on
    if rests.low_support >= rests.high_support or first >= second or rests.fret in rests.on:
        return [means("stations.edge-rests-two-frets")]
    inside = rests.low_support < rests.fret < rests.high_support
    if inside and not rests.low_support <= first < rests.fret < second <= rests.high_support:
        return [means("stations.edge-rests-two-frets")]
    return []


def _station(rests: EdgeRests) -> Station:
    return Station(
        rests.station,
        "edge-rests",
        rests.lane,
        rests.fret,
        (rests.low_support, rests.high_support),
        by=rests.by,
    )


def _prompt(station: Station, fret: int, side: Saying, strings: Saying) -> Saying:
    low, high = station.supports or (1, fret)
    hold: Saying = ""
    if not low <= fret <= high:
        hold = means("stations.held-down", low=low if fret < low else high)
    tool = "stations.which-string-rests" if station.by == "string" else "stations.which-edge-rests"
    held = held_words(low)
    return means(tool, side=side, strings=strings, low=held, high=high, hold=hold, fret=fret)


EDGE_RESTS = EntryRecord(
    type=EdgeRests,
    place=lambda rests: means("stations.rests-over", lane=LANE_WORDS[rests.lane], fret=rests.fret),
    value=lambda rests, _unit, _heights: means(
        "stations.rests-on", low=held_words(rests.on[0]), high=rests.on[1]
    ),
    frets=lambda rests: frozenset() if rests.by in ON_WOOD else frozenset(rests.on),
    highest=lambda rests: max(rests.fret, rests.high_support, *rests.on),
    faults=_faults,
    station=_station,
)
EDGE_RESTS_STATION = StationRecord(
    kind="edge-rests",
    title=titled(means("stations.what-edge-rests-on")),
    prompt=_prompt,
    picture="edge",
)
