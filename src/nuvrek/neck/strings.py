"""Strings as they are said at the bench: note, gauge, plain or wound."""

from __future__ import annotations

import re
from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Refusal, Saying, means

_STEPS = {"C": -9, "D": -7, "E": -5, "F": -4, "G": -2, "A": 0, "B": 2}
_NOTE = re.compile(r"([A-Ga-g])([#b♯♭]?)(-?\d)", re.A)
_NAMES = ("C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B")

Note = Annotated[str, Meta(max_length=4)]
# What a wound string is wound with; empty where nobody said.
Wrap = Literal["", "steel", "bronze"]
WRAP_WORDS: dict[Wrap, Saying] = {
    "": means("necks.wrap-not-known"),
    "steel": means("necks.steel-or-nickel-wrap"),
    "bronze": means("necks.bronze-wrap"),
}


class StringSpec(Struct, frozen=True, forbid_unknown_fields=True):
    """One string, or a course of ``each`` alike: its note (as ``E2``), gauge, whether wound, and
    its mass if known.
    """

    note: Note
    gauge_mm: Annotated[float, Meta(ge=0.1, le=4.0)]
    wound: bool = False
    grams_per_m: Annotated[float, Meta(gt=0, le=80)] | None = None
    each: Annotated[int, Meta(ge=1, le=3)] = 1
    wrap: Wrap = ""


StringSet = Annotated[tuple[StringSpec, ...], Meta(max_length=14)]


def semitones_from_a4(note: str) -> int:
    """Semitones of a note with its octave from A4. Raises ValueError."""
    match = _NOTE.fullmatch(note.strip())
    if match is None:
        raise Refusal(means("necks.no-note-try-e2-f", note=note[:20]))
    shift = {"#": 1, "♯": 1, "b": -1, "♭": -1, "": 0}[match[2]]
    return _STEPS[match[1].upper()] + shift + 12 * (int(match[3]) - 4)


def note_name(semitones: int) -> str:
    """The name of the note so many semitones from A4."""
    octave, step = divmod(semitones + 9, 12)
    return f"{_NAMES[step]}{octave + 4}"


def strings_in(specs: StringSet) -> int:
    """How many strings a list has, all of each course counted."""
    return sum(spec.each for spec in specs)
