"""Slips of the hand in a round that was taken on a made-up neck: one gap written down wrong."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import structs
from numpy.random import Generator

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, StringGap, Strings


def relief_gaps(
    entries: Sequence[AnyEntry], neck: NeckDescription, strings: Strings
) -> tuple[int, ...]:
    """Places in a round of the gaps that speak of the relief, with the strings so."""
    return tuple(
        place
        for place, entry in enumerate(entries)
        if isinstance(entry, StringGap)
        and entry.state.strings == strings
        and entry.low_support
        and entry.high_support
        and entry.low_support < entry.fret < entry.high_support
        and entry.fret <= neck.joint_fret
    )


def misread(
    entries: Sequence[AnyEntry],
    neck: NeckDescription,
    strings: Strings,
    by_mm: float,
    rng: Generator,
) -> tuple[list[AnyEntry], int]:
    """The round with one of its gaps read so much too large, and the number of that entry."""
    place = int(rng.choice(relief_gaps(entries, neck, strings)))
    gap, made = entries[place], list(entries)
    assert isinstance(gap, StringGap)
    drags = None
    if gap.drags_mm is not None:
        drags = gap.drags_mm + by_mm
    made[place] = structs.replace(gap, slides_mm=(gap.slides_mm or 0.0) + by_mm, drags_mm=drags)
    return made, place + 1
