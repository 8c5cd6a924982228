"""What all entries of a journal have in common: when and where they were written, in which state of
the neck.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct, structs

from nuvrek.neck.description import MAX_FRETS, Lane

Fret = Annotated[int, Meta(ge=1, le=MAX_FRETS)]
Support = Annotated[int, Meta(ge=0, le=MAX_FRETS)]
GapMm = Annotated[float, Meta(ge=-5, le=20)]
# Strings count from the highest; the low one has the largest number.
StringNumber = Annotated[int, Meta(ge=1, le=14)]
Frets = Annotated[tuple[Fret, ...], Meta(max_length=MAX_FRETS)]
Turns = Annotated[float, Meta(ge=-20, le=20)]
Side = Literal["bass", "treble"]
SIDES: tuple[Side, Side] = ("bass", "treble")
Strings = Literal["pitch", "slack"]
# (fret, lane, mm taken off)
Removals = Annotated[
    tuple[tuple[Fret, Lane, Annotated[float, Meta(ge=0, le=5)]], ...], Meta(max_length=200)
]
Places = Annotated[tuple[tuple[Fret, Lane], ...], Meta(max_length=200)]
# Lying, held as played, held by a neck jig in the shape it has under its strings, off its body, on
# a support, or lying with a floating or sprung bridge held fast.
Posture = Literal["lying", "played", "jig", "alone", "supported", "blocked"]
Feel = Literal["free", "firm", "binding", "at its end", "slack", "key slips", "out of reach"]
# An edge lies on the wood beside its frets, or plain on a board without any.
By = Literal["string", "edge", "notched", "plain"]
ON_WOOD: tuple[By, ...] = ("notched", "plain")
EndFault = Literal["sharp", "sprouting", "proud-bevel", "tape-lip"]


class State(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """The state of the neck while a reading is taken. ``rod_turns``: plus is tightened.

    With twin rods ``rod_turns`` are those of the bass side, ``rod_high_turns`` those of the high
    side. ``rod_moves`` counts the moves before, for a rod turned there and back does not quite
    return, and ``trued`` how often wood was taken off the board; both are filled in when the
    journal is read.
    """

    strings: Strings = "pitch"
    rod_turns: Turns = 0.0
    posture: Posture = "lying"
    rod_high_turns: Turns = 0.0
    rod_moves: Annotated[int, Meta(ge=0, le=100_000)] = 0
    trued: Annotated[int, Meta(ge=0, le=10_000)] = 0


def strings_as(state: State, strings: Strings) -> State:
    """The state with its strings otherwise, out of its jig: there they pull nothing."""
    posture: Posture = "lying" if state.posture == "jig" else state.posture
    return structs.replace(state, strings=strings, posture=posture)


class Entry(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True, tag_field="kind"):
    """Common to all entries: ``at`` is the wall-clock time, ISO 8601, empty when not known.

    ``page`` is where in the window it was written, empty where that is not known. ``joined``: it
    was written in one go with the entry before it; the two are one act and are undone together.
    """

    at: Annotated[str, Meta(max_length=40)] = ""
    page: Annotated[str, Meta(max_length=40)] = ""
    joined: bool = False


class Reading(Entry, frozen=True, kw_only=True):
    """Common to all readings.

    ``station`` names the place in a guided round, if one asked for it; ``error_mm`` is the tool's
    own error (one standard deviation) where it is not the usual one.
    """

    state: State = State()
    station: Annotated[str, Meta(max_length=60)] = ""
    error_mm: Annotated[float, Meta(ge=0.0005, le=2)] | None = None


class Gap(Reading, frozen=True, kw_only=True):
    """A gap as it was felt: one number, or leaves.

    ``slides_mm`` is the thickest leaf that slides without touching, ``drags_mm`` the thinnest that
    drags, ``wont_go_mm`` one that does not go in.
    """

    gap_mm: GapMm | None = None
    slides_mm: GapMm | None = None
    drags_mm: GapMm | None = None
    wont_go_mm: GapMm | None = None
