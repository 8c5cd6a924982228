"""Entries of the shop's own day."""

from __future__ import annotations

from datetime import date

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.kinds.record import EntryRecord
from nuvrek.readings.shop.entries import Pause, Promised, PutAway, SeasonLook, WaitsFor


def _no_frets(_entry: object) -> frozenset[int]:
    return frozenset()


def _day_faults(promised: Promised, _neck: NeckDescription, _number: int) -> list[Saying]:
    if promised.day:
        try:
            date.fromisoformat(promised.day)
        except ValueError:
            return [means("stations.no-date", day=promised.day)]
    return []


def _waits_words(waits: WaitsFor) -> Saying:
    if waits.what == "nothing":
        return means("stations.waits-no-more")
    return means("stations.waits", what=waits.what)


PROMISED = EntryRecord(
    type=Promised,
    place=lambda _entry: "",
    value=lambda promised, _unit, _heights: (
        means("stations.promised", day=promised.day)
        if promised.day
        else means("stations.promise-taken-back")
    ),
    frets=_no_frets,
    faults=_day_faults,
    page="Shelf",
)
WAITS_FOR = EntryRecord(
    type=WaitsFor,
    place=lambda _entry: "",
    value=lambda waits, _unit, _heights: _waits_words(waits),
    frets=_no_frets,
    page="Shelf",
)
SEASON_LOOK = EntryRecord(
    type=SeasonLook,
    place=lambda _entry: "",
    value=lambda season_look, _unit, _heights: (
        means("stations.looked-every-half-year")
        if season_look.wanted
        else means("stations.no-longer-looked-season")
    ),
    frets=_no_frets,
    page="History",
)
PUT_AWAY = EntryRecord(
    type=PutAway,
    place=lambda _entry: "",
    value=lambda entry, _unit, _heights: means(f"stations.put-{entry.what}"),
    frets=_no_frets,
    page="Shelf",
)
PAUSE = EntryRecord(
    type=Pause,
    place=lambda _entry: means("stations.step"),
    value=lambda pause, _unit, _heights: pause.what,
    frets=_no_frets,
    page="Work",
)
