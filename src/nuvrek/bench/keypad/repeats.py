"""Readings of one place taken more than once: they are all kept, and their spread is shown."""

from __future__ import annotations

from typing import NamedTuple

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import Lane
from nuvrek.readings.entries import AnyReading, Strings
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.kinds import STATIONS, record_of
from nuvrek.readings.stations import Station, station_of
from nuvrek.readings.words import value_words
from nuvrek.units import Unit, format_length, format_number


def _is_broad(station: Station) -> bool:
    """Whether it speaks of many places, or of none on the board: nothing is repeated there."""
    record = STATIONS[station.kind]
    return record.sweep or record.broad


class ReadingPlace(NamedTuple):
    """What makes two readings ones of the same place."""

    field: str
    lane: Lane
    fret: int
    supports: tuple[int, int] | None
    by: str
    string: int
    capo: int
    strings: Strings


def place_of(station: Station, fret: int, strings: Strings) -> ReadingPlace:
    """The place a station asks about, with the hand at ``fret``."""
    return ReadingPlace(
        station.field,
        station.lane,
        fret,
        supports=station.supports,
        by=station.by,
        string=station.string,
        capo=station.capo,
        strings=strings,
    )


class Repeats:
    """The live readings by place, kept up as the journal grows."""

    def __init__(self) -> None:
        self.places: dict[ReadingPlace, list[Taken]] = {}
        self._seen: tuple[Taken, ...] = ()

    def follow(self, neck_state: NeckState) -> None:
        """Take up what is new in the journal."""
        taken, known = neck_state.taken, len(self._seen)
        if taken is self._seen:
            return
        grown = len(taken) >= known and (not known or taken[known - 1] is self._seen[-1])
        if not grown:
            self.places.clear()
            known = 0
        for reading_taken in taken[known:]:
            if not _is_broad(station := station_of(reading_taken.reading)):
                place = place_of(station, station.fret, reading_taken.reading.state.strings)
                self.places.setdefault(place, []).append(reading_taken)
        self._seen = taken

    def at(self, neck_state: NeckState, station: Station, fret: int) -> list[Taken]:
        """The readings of a station's place on today's surface, oldest first."""
        self.follow(neck_state)
        readings_taken = self.places.get(place_of(station, fret, neck_state.state.strings), [])
        here = fret, station.lane
        return [
            taken
            for taken in readings_taken
            if taken.surface.get(here, 0) == neck_state.surface.get(here, 0)
        ]


def figure_of(reading: AnyReading) -> float | None:
    """The one number of a reading in mm, or None where it has none or is only bounded."""
    figure = record_of(reading).figure
    if figure is None:
        return None
    return figure(reading)


def spread_words(readings_taken: list[Taken], unit: Unit) -> Saying:
    """What was read here before: one reading, or how many and how far apart."""
    if not readings_taken:
        return ""
    if len(readings_taken) == 1:
        return means(
            "keypad.read-here", value_words=value_words(readings_taken[0].reading, unit, unit)
        )
    figures = [mm for taken in readings_taken if (mm := figure_of(taken.reading)) is not None]
    if len(figures) < 2:
        return means(
            "keypad.read-here-times-last",
            number=len(readings_taken),
            value_words=value_words(readings_taken[-1].reading, unit, unit),
        )
    low, high = min(figures), max(figures)
    if high - low < 1e-6:
        return means(
            "keypad.read-here-times-always",
            number=len(readings_taken),
            low=format_length(low, unit),
        )
    return means(
        "keypad.read-here-times",
        number=len(readings_taken),
        low=format_number(low, unit),
        high=format_length(high, unit),
    )
