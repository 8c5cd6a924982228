"""Whether an entry makes sense on its neck, and whether a typed value is plausible there."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime

from nuvrek.meaning import Figure, Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, Describe, OthersStill, Rock
from nuvrek.readings.kinds import STATIONS, highest_fret, highest_string, record_of
from nuvrek.readings.sizes import SIZES
from nuvrek.units import MM_PER_UNIT, Length, LikelyLength, likely_meanings

# What a reading can well be, in mm, by entry field; outside it is questioned, never refused.
PLAUSIBLE_MM: dict[str, tuple[float, float]] = {
    **{
        kind: station_record.likely_mm
        for kind, station_record in STATIONS.items()
        if station_record.likely_mm is not None
    },
    **{f"size-{what}": size.likely for what, size in SIZES.items()},
}


_GAPS = ("string-gap", "sweep", "press")
LEAST_GAP_MM = 0.025
# No reading of this program lies outside these years.
FIRST_YEAR, LAST_YEAR = 1900, 2200


def entry_faults(entry: AnyEntry, neck: NeckDescription, number: int) -> list[Saying]:
    """What no journal of this neck takes, one sentence each with what would be right; empty when
    fine.
    """
    if _is_time(entry.at):
        return neck_faults(entry, neck, number)
    meaning = means("stations.no-day-or-time-reading", at=entry.at[:25])
    return [meaning, *neck_faults(entry, neck, number)]


def neck_faults(entry: AnyEntry, neck: NeckDescription, number: int) -> list[Saying]:
    """What contradicts the neck as described, one sentence each; empty when fine."""
    faults: list[Saying] = []
    fret, string = highest_fret(entry), highest_string(entry)
    # A rocker's own rule, about its middle fret, says it better.
    if fret > neck.frets and not isinstance(entry, Rock | OthersStill):
        faults.append(means("stations.fret-doesnt-exist-neck-has", fret=fret, frets=neck.frets))
    if string > neck.strings:
        faults.append(
            means("stations.string-doesnt-exist-neck-has", string=string, strings=neck.strings)
        )
    return [*faults, *record_of(entry).faults(entry, neck, number)]


def journal_faults(neck: NeckDescription, entries: Sequence[AnyEntry]) -> list[Saying]:
    """What no journal of this neck takes, entry by entry, each by the description of its time;
    empty when fine.
    """
    faults: list[Saying] = []
    for number, entry in enumerate(entries, 1):
        if isinstance(entry, Describe):
            neck = entry.neck
        faults += [
            means("stations.entry", number=number, fault=fault)
            for fault in entry_faults(entry, neck, number)
        ]
    return faults


def _is_time(at: str) -> bool:
    """Whether this is a day, or a day with its time, of this age; nothing said is fine."""
    if not at:
        return True
    try:
        return FIRST_YEAR <= datetime.fromisoformat(at).year <= LAST_YEAR
    except ValueError:
        return False


def question(
    field: str, text: str, typed: Length
) -> tuple[Saying, tuple[LikelyLength, ...]] | None:
    """A question about an unlikely value and what may be meant, the likeliest first; None when it
    is plausible.
    """
    low, high = PLAUSIBLE_MM[field]
    if field in _GAPS and typed.mm != 0.0:
        # Nothing is nothing; but of what is thinner than any leaf nobody can tell.
        low = max(low, LEAST_GAP_MM)
    if low <= typed.mm <= high:
        return None
    figure = Figure(f"{typed.mm / MM_PER_UNIT[typed.unit]:g} {typed.unit.value}")
    if typed.mm > high:
        return means("stations.lot-here", detail=figure), likely_meanings(text, typed, low, high)
    return means("stations.very-little-here", detail=figure), likely_meanings(
        text, typed, low, high
    )
