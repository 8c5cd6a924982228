"""How a long edge lies: all along, on its ends, or rocking about one fret with light at both
ends.
"""

from __future__ import annotations

from nuvrek.meaning import Saying, Word, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import EdgeLie
from nuvrek.readings.kinds.gaps import reach_faults
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.station import Station


def _faults(lie: EdgeLie, neck: NeckDescription, _number: int) -> list[Saying]:
    if (lie.fret is None) == (lie.says == "rocks"):
        return [means("stations.edge-rocks-about-fret-one")]
    faults = reach_faults(lie.reach)
    if faults:
        return faults
    low, high = lie.reach or (1, neck.frets)
    if lie.fret is not None and not low < lie.fret < high:
        return [means("stations.fret-should-lie-within-reach", fret=lie.fret, low=low, high=high)]
    return []


def _value(lie: EdgeLie) -> Saying:
    if lie.fret is None:
        return means("stations.lies", says=Word(lie.says))
    return means("stations.rocks-about", fret=lie.fret)


EDGE_LIE = EntryRecord(
    type=EdgeLie,
    place=lambda lie: (
        means("stations.notched-edge", lane=LANE_WORDS[lie.lane])
        if lie.by == "notched"
        else means("stations.long-edge", lane=LANE_WORDS[lie.lane])
    ),
    value=lambda lie, _unit, _heights: _value(lie),
    frets=lambda lie: frozenset() if lie.fret is None else frozenset((lie.fret,)),
    highest=lambda lie: max(lie.fret or 0, lie.reach[1] if lie.reach else 0),
    faults=_faults,
    station=lambda lie: Station(lie.station, "edge-lie", lie.lane, by=lie.by),
)
EDGE_LIE_STATION = StationRecord(
    kind="edge-lie",
    title=titled(means("stations.how-long-edge-lies")),
    prompt=lambda _station, _fret, side, strings: means(
        "stations.long-edge-frets-does-rock", side=side, strings=strings
    ),
    picture="rocking",
)
