"""The kinds of entries and stations, one record each; whatever the program needs of a kind it
finds here.
"""

from __future__ import annotations

from typing import Any

from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.kinds import (
    edge_lie,
    edge_rests,
    gaps,
    heights,
    owner,
    rocker,
    rod_and_air,
    shop,
    sizes,
    sweeps,
    work,
)
from nuvrek.readings.kinds.record import EntryRecord, StationRecord

_MODULES = (
    gaps,
    edge_lie,
    edge_rests,
    rocker,
    heights,
    sizes,
    sweeps,
    rod_and_air,
    work,
    owner,
    shop,
)

# Every record that a module of this folder declares.
RECORDS: dict[type, EntryRecord[Any]] = {
    record.type: record
    for module in _MODULES
    for record in vars(module).values()
    if isinstance(record, EntryRecord)
}
STATIONS: dict[str, StationRecord] = {
    record.kind: record
    for module in _MODULES
    for record in vars(module).values()
    if isinstance(record, StationRecord)
}


def record_of(entry: AnyEntry) -> EntryRecord[Any]:
    """What is declared of an entry's kind."""
    return RECORDS[type(entry)]


def highest_fret(entry: AnyEntry) -> int:
    """The highest fret an entry touches, 0 for none; a rocker touches the one past its middle."""
    return record_of(entry).highest_fret(entry)


def highest_string(entry: AnyEntry) -> int:
    """The string an entry names, 0 for none."""
    return getattr(entry, "string", None) or 0


def frets_touched(entry: AnyEntry) -> frozenset[int]:
    """All frets an entry says something about."""
    return record_of(entry).frets(entry)
