"""The ways that were gone on a neck, by the steps that were ticked."""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.readings.entries import AnyEntry, Chosen, StepDone
from nuvrek.readings.journal import live_numbers


def gone_ways(entries: Sequence[AnyEntry]) -> tuple[str, ...]:
    """The ways of which steps were ticked, in order."""
    texts: list[str] = []
    way = ""
    for number in live_numbers(entries):
        match entries[number - 1]:
            case Chosen(way=way):
                pass
            case StepDone() if way and way not in texts[-1:]:
                texts.append(way)
            case _:
                pass
    return tuple(texts)
