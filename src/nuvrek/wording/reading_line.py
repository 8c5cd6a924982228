"""A reading in a line."""

from __future__ import annotations

from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.words import place_words, value_words
from nuvrek.units import Unit
from nuvrek.wording.speech import say


def reading_line(entry: AnyEntry, unit: Unit, heights: Unit) -> str:
    """Where it was taken, and what it says."""
    return f"{say(place_words(entry))}   {say(value_words(entry, unit, heights))}"
