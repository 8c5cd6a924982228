"""Readings and acts in the words of the bench."""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.meaning import Saying, means, sentences
from nuvrek.readings.entries import AnyEntry, RoundStart, StepDone
from nuvrek.readings.kinds import record_of
from nuvrek.readings.kinds.gaps import amount_words
from nuvrek.readings.kinds.sizes import size_words
from nuvrek.readings.kinds.sweeps import END_WORDS
from nuvrek.readings.kinds.work import seat_words
from nuvrek.readings.rod_words import move_words, part_words, rod_words, state_words, turns_words
from nuvrek.units import Unit

__all__ = [
    "END_WORDS",
    "act_words",
    "amount_words",
    "move_words",
    "part_words",
    "place_words",
    "rod_words",
    "seat_words",
    "size_words",
    "state_words",
    "turns_words",
    "value_words",
]


def act_words(entries: Sequence[AnyEntry], unit: Unit, height_unit: Unit) -> Saying:
    """What was done in one go: a step by its name, else its first entry and how many more."""
    ticked = [entry for entry in entries if isinstance(entry, StepDone)]
    named = StepDone | RoundStart
    others = [entry for entry in entries if not isinstance(entry, named)]
    if ticked:
        step = _entry_words(ticked[0], unit, height_unit)
        if others:
            return means(
                "stations.with", step=step, entry_words=_entry_words(others[0], unit, height_unit)
            )
        return step
    first = (others or entries)[0]
    words = _entry_words(first, unit, height_unit)
    more = len(others) - 1
    if more > 0:
        return means("stations.more", detail=words, more=more)
    return words


def _entry_words(entry: AnyEntry, unit: Unit, height_unit: Unit) -> Saying:
    return sentences(place_words(entry), value_words(entry, unit, height_unit))


def place_words(entry: AnyEntry) -> Saying:
    """Where an entry belongs, short."""
    return record_of(entry).place(entry)


def value_words(entry: AnyEntry, unit: Unit, height_unit: Unit) -> Saying:
    """What an entry says, short. ``unit`` for gaps and crowns, ``height_unit`` for string
    heights.
    """
    return record_of(entry).value(entry, unit, height_unit)
