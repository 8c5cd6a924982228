"""Sweeps by finger and eye: frets that move, fret ends, ink under the beam."""

from __future__ import annotations

from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import EndsFine, FretEnd, Ink, InkLeft, OthersFirm, StandOff
from nuvrek.readings.kinds.gaps import amount_faults, amount_mm, amount_words
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length

END_WORDS = {
    "sharp": means("stations.sharp"),
    "sprouting": means("stations.past-edge"),
    "proud-bevel": means("stations.bevel-proud"),
    "tape-lip": means("stations.lip-from-tape"),
}


def _stand_off_place(stand_off: StandOff) -> Saying:
    where: Saying
    where = ""
    if stand_off.lane is not None:
        where = means("stations.lane", lane=LANE_WORDS[stand_off.lane])
    return means("stations.under-fret", fret=stand_off.fret, where=where)


def _stand_off_words(stand_off: StandOff, unit: Unit, _heights: Unit) -> Saying:
    if stand_off.moves == "moves":
        does = means("stations.moves")
    else:
        does = means("stations.stands-off")
    return sentences(does, amount_words(stand_off, unit))


def _stand_off_faults(stand_off: StandOff, _neck: NeckDescription, _number: int) -> list[Saying]:
    return amount_faults(stand_off)


STAND_OFF = EntryRecord(
    type=StandOff,
    place=_stand_off_place,
    value=_stand_off_words,
    faults=_stand_off_faults,
    station=lambda stand_off: Station(stand_off.station, "press", fret=stand_off.fret),
    tool=lambda _found: "leaf",
    figure=amount_mm,
)
OTHERS_FIRM = EntryRecord(
    type=OthersFirm,
    place=lambda _firm: means("stations.all-other-frets"),
    value=lambda _firm, _unit, _heights: means("stations.firm"),
    frets=lambda firm: frozenset(firm.frets),
    station=lambda firm: Station(firm.station, "press"),
)
PRESS_STATION = StationRecord(
    kind="press",
    title=titled(means("stations.frets-move")),
    prompt=lambda _station, _fret, _side, _strings: means("stations.press-every-fret-which-one"),
    likely_mm=(0.0, 0.8),
    sweep=True,
    broad=True,
    picture="finger",
)


def _end_words(end: FretEnd, unit: Unit, _heights: Unit) -> Saying:
    size: Saying
    size = ""
    if end.mm is not None:
        size = sentences(format_length(end.mm, unit))
    return sentences(END_WORDS[end.fault], size)


FRET_END = EntryRecord(
    type=FretEnd,
    place=lambda end: means("stations.end-fret", fret=end.fret, lane_words=LANE_WORDS[end.side]),
    value=_end_words,
    station=lambda end: Station(end.station, "ends", end.side, end.fret),
    figure=lambda end: end.mm,
)
ENDS_FINE = EntryRecord(
    type=EndsFine,
    place=lambda fine: means("stations.all-other-ends", lane_words=LANE_WORDS[fine.side]),
    value=lambda _fine, _unit, _heights: means("stations.fine"),
    frets=lambda fine: frozenset(fine.frets),
    station=lambda fine: Station(fine.station, "ends", fine.side),
)
ENDS_STATION = StationRecord(
    kind="ends",
    title=titled(means("stations.fret-ends")),
    prompt=lambda _station, _fret, side, _strings: means(
        "stations.finger-along-fret-ends-what", side=side
    ),
    likely_mm=(0.0, 1.0),
    sweep=True,
    picture="finger",
)

INK = EntryRecord(
    type=Ink,
    place=lambda ink: means("stations.ink-fret", fret=ink.fret, lane_words=LANE_WORDS[ink.lane]),
    value=lambda _ink, _unit, _heights: "gone",
    station=lambda ink: Station(ink.station, "ink", ink.lane, ink.fret),
)
INK_LEFT = EntryRecord(
    type=InkLeft,
    place=lambda left: means("stations.ink-all-others", lane_words=LANE_WORDS[left.lane]),
    value=lambda _left, _unit, _heights: "left",
    frets=lambda left: frozenset(left.frets),
    station=lambda left: Station(left.station, "ink", left.lane),
)
INK_STATION = StationRecord(
    kind="ink",
    title=titled(means("stations.ink-under-beam")),
    prompt=lambda _station, _fret, side, _strings: means(
        "stations.beam-over-marked-tops-where", side=side
    ),
    sweep=True,
    picture="ink",
)
