"""Entries of the shop's own day."""

from __future__ import annotations

from datetime import date

from nuvrek.language import tr
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.kinds.record import EntryRecord
from nuvrek.readings.shop.entries import Pause, Promised, SeasonLook, WaitsFor


def _no_frets(_entry: object) -> frozenset[int]:
    return frozenset()


def _day_faults(promised: Promised, _neck: NeckDescription, _number: int) -> list[str]:
    if promised.day:
        try:
            date.fromisoformat(promised.day)
        except ValueError:
            return [tr("'{day}' is no date.", day=promised.day)]
    return []


def _waits_words(waits: WaitsFor) -> str:
    return (
        tr("waits no more") if waits.what == "nothing" else tr("waits for {what}", what=waits.what)
    )


PROMISED = EntryRecord(
    type=Promised,
    place=lambda _entry: "",
    value=lambda one, _unit, _heights: (
        tr("promised for {day}", day=one.day) if one.day else tr("the promise taken back")
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
    value=lambda one, _unit, _heights: (
        tr("looked at every half year") if one.wanted else tr("no longer looked at by season")
    ),
    frets=_no_frets,
    page="History",
)
PAUSE = EntryRecord(
    type=Pause,
    place=lambda _entry: tr("the step"),
    value=lambda pause, _unit, _heights: pause.what,
    frets=_no_frets,
    page="Work",
)
