"""What is written into a neck's journal: one frozen value per kind of entry.

The same values are the rows of the logbook and the entries of a job file.
Lengths are in mm, with the unit in the name. Frets count from 1, the nut is 0.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.neck.description import MAX_FRETS, Lane, Line, NeckDescription, Words

Fret = Annotated[int, Meta(ge=1, le=MAX_FRETS)]
Support = Annotated[int, Meta(ge=0, le=MAX_FRETS)]
GapMm = Annotated[float, Meta(ge=-5, le=20)]
Turns = Annotated[float, Meta(ge=-20, le=20)]
Side = Literal["bass", "treble"]
Strings = Literal["pitch", "slack"]
# (fret, lane, mm taken off)
Removals = Annotated[tuple[tuple[Fret, Lane, Annotated[float, Meta(ge=0, le=5)]], ...], Meta(max_length=200)]
Posture = Literal["lying", "played"]
WayKind = Literal["leave", "rod", "seat", "spot-level", "level"]


class State(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """The state of the neck while a reading is taken. ``rod_turns``: plus is tightened."""

    strings: Strings = "pitch"
    rod_turns: Turns = 0.0
    posture: Posture = "lying"


class Entry(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True, tag_field="kind"):
    """Common to all entries: ``at`` is the wall-clock time, ISO 8601, empty when not known."""

    at: Annotated[str, Meta(max_length=40)] = ""


class Reading(Entry, frozen=True, kw_only=True):
    """Common to all readings. ``station`` names the place in a guided round, if one asked for it."""

    state: State = State()
    station: Annotated[str, Meta(max_length=60)] = ""


class StringGap(Reading, frozen=True, kw_only=True, tag="string-gap"):
    """Gap under a string or edge laid on two frets, over a third between them.

    Either ``gap_mm``, or ``slides_mm`` (thickest leaf that slides) and/or
    ``drags_mm`` (thinnest leaf that drags).
    """

    lane: Lane
    low_support: Support
    high_support: Fret
    fret: Fret
    by: Literal["string", "edge"] = "string"
    gap_mm: GapMm | None = None
    slides_mm: GapMm | None = None
    drags_mm: GapMm | None = None


class Rock(Reading, frozen=True, kw_only=True, tag="rock"):
    """A rocker over three neighbouring frets, named by the middle one.

    ``says`` is ``rocks`` or ``still``; a measured gap is given by ``gap_mm`` or a bracket of leaves.
    """

    lane: Lane
    fret: Fret
    says: Literal["rocks", "still"]
    gap_mm: GapMm | None = None
    slides_mm: GapMm | None = None
    drags_mm: GapMm | None = None


class OthersStill(Reading, frozen=True, kw_only=True, tag="others-still"):
    """The end of a rocker sweep: on this lane every triple not marked is still."""

    lane: Lane
    frets: Annotated[tuple[Fret, ...], Meta(max_length=MAX_FRETS)]


class CrownHeight(Reading, frozen=True, kw_only=True, tag="crown-height"):
    """Height of a fret above the wood beside it."""

    lane: Lane
    fret: Fret
    height_mm: Annotated[float, Meta(ge=0, le=5)]


class StringHeight(Reading, frozen=True, kw_only=True, tag="string-height"):
    """Gap from the top of a fret to the underside of the open string on one side."""

    side: Side
    fret: Fret
    height_mm: Annotated[float, Meta(ge=0, le=20)]


class Dial(Reading, frozen=True, kw_only=True, tag="dial"):
    """An indicator carried along a straight beam: the top of one fret against the beam, plus is higher.

    Readings of one ``run`` on one lane share the beam, however it lies.
    """

    lane: Lane
    fret: Fret
    run: Annotated[int, Meta(ge=0, le=1_000_000)]
    reading_mm: GapMm


class Describe(Entry, frozen=True, kw_only=True, tag="describe"):
    """The neck's description, whole, replacing the one before."""

    neck: NeckDescription


class RoundStart(Entry, frozen=True, kw_only=True, tag="round"):
    """A guided round begins (or begins afresh)."""

    name: Line


class StateChange(Entry, frozen=True, kw_only=True, tag="state"):
    """Strings slackened or brought to pitch, neck laid down or taken up."""

    state: State
    station: Annotated[str, Meta(max_length=60)] = ""


class RodMove(Entry, frozen=True, kw_only=True, tag="rod-move"):
    """The rod nut was turned: plus tightens (clockwise), minus loosens."""

    turns: Annotated[float, Meta(ge=-4, le=4)]
    feel: Literal["", "free", "firm", "binding", "at its end", "slack"] = ""


class Seated(Entry, frozen=True, kw_only=True, tag="seated"):
    """A fret was pressed or tapped home and glued."""

    fret: Fret
    note: Line = ""


class Filed(Entry, frozen=True, kw_only=True, tag="filed"):
    """Metal taken off fret tops, as meant by the plan unless the bench knows better."""

    way: WayKind
    off: Removals


class Promise(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What a way forward promised when it was chosen. Lengths in mm, None where nothing was said."""

    relief_mm: float | None = None
    relief_doubt_mm: float | None = None
    metal_off_mm: float = 0.0
    thinnest_mm: float | None = None
    largest_rock_mm: float | None = None


class Chosen(Entry, frozen=True, kw_only=True, tag="chosen"):
    """A way forward was chosen. Its promise is held against the result; ``rod`` says which way the rod goes."""

    way: WayKind
    promise: Promise = Promise()
    frets: Annotated[tuple[Fret, ...], Meta(max_length=MAX_FRETS)] = ()
    off: Removals = ()
    rod: Line = ""


class StepDone(Entry, frozen=True, kw_only=True, tag="step-done"):
    """A job step was ticked."""

    step: Line


class Note(Entry, frozen=True, kw_only=True, tag="note"):
    """Free words."""

    text: Words


class Strike(Entry, frozen=True, kw_only=True, tag="strike"):
    """Takes an earlier entry out of the picture; ``entry`` is its number, from 1. Nothing is erased."""

    entry: Annotated[int, Meta(ge=1, le=1_000_000)]


AnyReading = StringGap | Rock | OthersStill | CrownHeight | StringHeight | Dial
AnyEntry = (
    StringGap
    | Rock
    | OthersStill
    | CrownHeight
    | StringHeight
    | Dial
    | Describe
    | RoundStart
    | StateChange
    | RodMove
    | Seated
    | Filed
    | Chosen
    | StepDone
    | Note
    | Strike
)
