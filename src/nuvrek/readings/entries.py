"""What is written into a neck's journal: one frozen value per kind of entry.

The same values are the rows of the logbook and the entries of a job file. Lengths are in mm, with
the unit in the name. Frets count from 1, the nut is 0.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.neck.description import MAX_FRETS, Lane, Line, NeckDescription, SmallMm, Words
from nuvrek.readings.entry import (
    ON_WOOD,
    SIDES,
    By,
    EndFault,
    Entry,
    Feel,
    Fret,
    Frets,
    Gap,
    GapMm,
    Places,
    Posture,
    Reading,
    Removals,
    Side,
    State,
    StringNumber,
    Strings,
    Support,
    Turns,
)
from nuvrek.readings.owner.entries import OwnerEntry
from nuvrek.readings.refret.entries import FretWork, NewWire, Trued
from nuvrek.readings.shop.entries import Pause, Promised, PutAway, SeasonLook, WaitsFor
from nuvrek.readings.sizes import What

__all__ = [
    "ON_WOOD",
    "SIDES",
    "By",
    "EndFault",
    "Entry",
    "Feel",
    "Fret",
    "FretWork",
    "Frets",
    "Gap",
    "GapMm",
    "NewWire",
    "Places",
    "Posture",
    "Reading",
    "Removals",
    "Side",
    "State",
    "StringNumber",
    "Strings",
    "Support",
    "Trued",
    "Turns",
]

# Which ways there are is planning's to say; a journal only keeps their names.
WayKind = Annotated[str, Meta(pattern="^[a-z][a-z-]*$", max_length=40)]
FilingAim = Literal["least metal", "thinnest fret"]
Grit = Annotated[int, Meta(ge=80, le=20_000)]
Pressure = Literal["own weight", "fingertips", "pressed, neck backed"]
SeatStop = Literal["", "slot shallow", "slot dirty", "gone too far"]
PHOTO_BYTES = 800_000


class StringGap(Gap, frozen=True, kw_only=True, tag="string-gap"):
    """Gap under a string or edge over one fret; a notched edge lies on the wood beside the frets,
    a plain one on a board without any.

    It lies on two supports (an edge may run on past them to the fret looked at), or (an edge only,
    both left out) as it rests: on the highest places within ``reach``, the frets it covers, the
    whole board if not said. ``string`` where one was named.
    """

    lane: Lane
    fret: Fret
    low_support: Support | None = None
    high_support: Fret | None = None
    by: By = "string"
    reach: tuple[Support, Fret] | None = None
    string: StringNumber | None = None


class Rock(Gap, frozen=True, kw_only=True, tag="rock"):
    """A rocker over three neighbouring frets, named by the middle one.

    ``says`` is ``rocks`` or ``still``; the gap under it may be measured.
    """

    lane: Lane
    fret: Fret
    says: Literal["rocks", "still"]


class EdgeLie(Reading, frozen=True, kw_only=True, tag="edge-lie"):
    """How a long edge lies on a lane: all along, on its ends with light between, or on one fret
    with light at both ends, about which it rocks.

    ``reach`` are the frets it covers, the whole board if not said.
    """

    lane: Lane
    says: Literal["rocks", "all along", "on its ends"]
    fret: Fret | None = None
    by: By = "edge"
    reach: tuple[Support, Fret] | None = None


class EdgeRests(Reading, frozen=True, kw_only=True, tag="edge-rests"):
    """On which two frets a string or an edge was seen to rest, laid on its supports as for the gap
    over ``fret``: pressed there, a strip of paper under each is held fast.
    """

    lane: Lane
    fret: Fret
    low_support: Support
    high_support: Fret
    on: tuple[Support, Fret]
    by: By = "edge"


class OthersStill(Reading, frozen=True, kw_only=True, tag="others-still"):
    """The end of a rocker sweep: on this lane every triple not marked is still."""

    lane: Lane
    frets: Frets


class CrownHeight(Reading, frozen=True, kw_only=True, tag="crown-height"):
    """Height of a fret above the wood beside it."""

    lane: Lane
    fret: Fret
    height_mm: Annotated[float, Meta(ge=0, le=5)]


class StringHeight(Reading, frozen=True, kw_only=True, tag="string-height"):
    """Gap from the top of a fret to the underside of a string.

    ``string`` is the one measured, the outer one of the side if not said; ``capo`` the fret held
    meanwhile, 0 for open.
    """

    side: Side
    fret: Fret
    height_mm: Annotated[float, Meta(ge=0, le=20)]
    string: StringNumber | None = None
    capo: Support = 0


class Dial(Reading, frozen=True, kw_only=True, tag="dial"):
    """An indicator carried along a straight beam: the top of one fret against the beam, plus is
    higher.

    Readings of one ``run`` on one lane share the beam, however it lies.
    """

    lane: Lane
    fret: Fret
    run: Annotated[int, Meta(ge=0, le=1_000_000)]
    reading_mm: GapMm


class Size(Reading, frozen=True, kw_only=True, tag="size"):
    """A size taken at one place: see ``sizes.SIZES`` for what each is and where it belongs. Fret
    0 is the nut.
    """

    what: What
    mm: Annotated[float, Meta(ge=-20, le=2000)]
    fret: Support = 0
    lane: Lane | None = None
    string: StringNumber | None = None


class StandOff(Gap, frozen=True, kw_only=True, tag="stand-off"):
    """A fret stands off the wood or moves under a finger; without a lane, all along it.

    ``moves`` says what a press with the finger found; the gap is the light under the fret.
    """

    fret: Fret
    lane: Lane | None = None
    moves: Literal["moves", "firm", "not tried"] = "not tried"


class OthersFirm(Reading, frozen=True, kw_only=True, tag="others-firm"):
    """The end of a pressing sweep: none of these frets moves."""

    frets: Frets


class FretEnd(Reading, frozen=True, kw_only=True, tag="fret-end"):
    """Something wrong with one end of a fret; ``mm`` is how much, where that was measured."""

    side: Side
    fret: Fret
    fault: EndFault
    mm: Annotated[float, Meta(ge=0, le=5)] | None = None


class EndsFine(Reading, frozen=True, kw_only=True, tag="ends-fine"):
    """The end of a sweep along one edge: these fret ends are as they should be."""

    side: Side
    frets: Frets


class Ink(Reading, frozen=True, kw_only=True, tag="ink"):
    """The beam has taken the marker off this top. The order of these readings is the order in
    which it went: highest first.
    """

    lane: Lane
    fret: Fret


class InkLeft(Reading, frozen=True, kw_only=True, tag="ink-left"):
    """The end of a look at the marked tops: on these the ink is still whole."""

    lane: Lane
    frets: Frets


class RodFeel(Reading, frozen=True, kw_only=True, tag="rod-feel"):
    """How the rod nut feels without being moved on; ``key`` is what fits it."""

    feel: Feel
    key: Line = ""


class Air(Reading, frozen=True, kw_only=True, tag="room"):
    """Air of the room: temperature in degrees Celsius, relative humidity in percent."""

    temperature_c: Annotated[float, Meta(ge=-30, le=60)] | None = None
    humidity_percent: Annotated[float, Meta(ge=0, le=100)] | None = None


class Heard(Entry, frozen=True, kw_only=True, tag="heard"):
    """What the ear says of a note, played up the neck; fret 0 is the open string, strings count
    from the highest.
    """

    string: StringNumber
    fret: Support
    says: Literal["buzzes", "badly", "clean"]


class OthersClean(Entry, frozen=True, kw_only=True, tag="others-clean"):
    """The end of playing up a string: every note not marked rings clean."""

    string: StringNumber
    frets: Annotated[tuple[Support, ...], Meta(max_length=MAX_FRETS + 1)]


class Tested(Entry, frozen=True, kw_only=True, tag="tested"):
    """A quick test was made that no reading tells of: whether it showed what it looks for."""

    test: WayKind
    says: Literal["yes", "no"]


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
    """The rod nut was turned: plus tightens (clockwise), minus loosens.

    ``rough``: the turns are a guess; with no turns at all, it was moved and nobody counted.
    ``side`` names the rod where there are two. ``promised_mm`` is the relief at pitch that was
    forecast for the move.
    """

    turns: Annotated[float, Meta(ge=-4, le=4)]
    feel: Feel | Literal[""] = ""
    rough: bool = False
    side: Side | None = None
    promised_mm: Annotated[float, Meta(ge=-5, le=5)] | None = None
    promised_doubt_mm: Annotated[float, Meta(ge=0, le=5)] | None = None


# A week.
MOST_MINUTES_COLD = 10_000


class Heated(Entry, frozen=True, kw_only=True, tag="heated"):
    """One cycle of heat straightening: how far the neck was clamped past straight, how hot the
    source was aimed, and how long it lay until quite cold.
    """

    over_bend_mm: Annotated[float, Meta(ge=0, le=10)] | None = None
    source_c: Annotated[float, Meta(ge=20, le=400)] | None = None
    minutes_cold: Annotated[float, Meta(ge=0, le=MOST_MINUTES_COLD)] | None = None


class Seated(Entry, frozen=True, kw_only=True, tag="seated"):
    """A fret was pressed or tapped home: where, why it stopped short or went too far, and
    whether it holds since.
    """

    fret: Fret
    where: Literal["whole", "bass", "middle", "treble"] = "whole"
    how: Literal["pressed", "tapped"] = "pressed"
    stopped: SeatStop = ""
    glued: bool = False
    holds: Literal["not tried", "holds", "moves"] = "not tried"
    note: Line = ""


class Agreed(Entry, frozen=True, kw_only=True, tag="agreed"):
    """What is agreed about filing, whole, replacing what was agreed before; None is as described.

    ``dressed_mm`` is relief filed into the tops although a rod works; ``grooves_stay``: shallow
    grooves may be left, with the owner's say-so in ``note``. ``untouched`` frets lose nothing.
    ``still_mm`` is the rock that may stay; ``block_mm`` how long the beam or stone is, None as long
    as the board; ``level_grit`` its paper, ``finish_grit`` the last one over the crowns.
    """

    least_crown_mm: SmallMm | None = None
    fall_away_mm: Annotated[float, Meta(ge=0, le=1)] | None = None
    fall_from: Fret | None = None
    dressed_mm: Annotated[float, Meta(ge=0, le=1)] = 0.0
    aim: FilingAim = "least metal"
    grooves_stay: bool = False
    untouched: Frets = ()
    still_mm: Annotated[float, Meta(ge=0.005, le=0.5)] | None = None
    pressure: Pressure = "own weight"
    block_mm: Annotated[float, Meta(ge=30, le=1200)] | None = None
    level_grit: Grit = 320
    finish_grit: Grit = 2000
    note: Line = ""


class Filed(Entry, frozen=True, kw_only=True, tag="filed"):
    """Metal taken off fret tops, as meant by the plan unless the bench knows better."""

    way: WayKind
    off: Removals


class StringPromise(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What was promised of one string, counted from the highest: the gap over fret 1 with the
    string pressed at 3, and its open height over the fret heights are spoken of at. Lengths in mm,
    None where nothing was said; doubts hold nine times in ten.
    """

    string: StringNumber
    first_mm: float | None = None
    first_doubt_mm: float = 0.0
    height_mm: float | None = None
    height_doubt_mm: float = 0.0


class Promise(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What a way forward promised when it was chosen. Lengths in mm, None where nothing was
    said.
    """

    relief_mm: float | None = None
    relief_doubt_mm: float | None = None
    metal_off_mm: float = 0.0
    thinnest_mm: float | None = None
    largest_rock_mm: float | None = None
    # String heights over fret 12.
    height_low_mm: float | None = None
    height_high_mm: float | None = None
    # Lowest heights over fret 12 at which the outer strings ring clean, and their doubt.
    clean_low_mm: float | None = None
    clean_high_mm: float | None = None
    clean_doubt_mm: float | None = None
    # Every string, the highest first.
    strings: Annotated[tuple[StringPromise, ...], Meta(max_length=14)] = ()


class Chosen(Entry, frozen=True, kw_only=True, tag="chosen"):
    """A way forward was chosen. Its promise is held against the result.

    ``rod`` says which way the rod goes, ``ends`` what is wrong with fret ends and is put right
    along the way, ``detail`` what a cheap cure or referral does on this neck; ``no_rod``: there is
    none, or it is spent; ``rod_stopped``: a stop stood.
    """

    way: WayKind
    promise: Promise = Promise()
    frets: Annotated[tuple[Fret, ...], Meta(max_length=MAX_FRETS)] = ()
    off: Removals = ()
    rod: Line = ""
    ends: Annotated[tuple[EndFault, ...], Meta(max_length=4)] = ()
    detail: Words = ""
    # The tops in the order in which the file should take their ink.
    order: Places = ()
    no_rod: bool = False
    rod_stopped: bool = False
    # What is filed into the tops as the neck lies; minus is a crest.
    dip_mm: Annotated[float, Meta(ge=-2, le=2)] = 0.0
    # What nut and saddle are to do once the fret tops are done.
    nut: Words = ""
    saddle: Words = ""
    # The ways that were to follow when it was chosen.
    course: Annotated[tuple[WayKind, ...], Meta(max_length=12)] = ()


class StepDone(Entry, frozen=True, kw_only=True, tag="step-done"):
    """A job step was ticked."""

    step: Line


class Note(Entry, frozen=True, kw_only=True, tag="note"):
    """Free words, a photo, or both. ``about`` is the number of the entry they belong to.

    The photo is a JPEG made small (base64 in JSON); the original stays where it was.
    """

    text: Words = ""
    about: Annotated[int, Meta(ge=1, le=1_000_000)] | None = None
    photo: Annotated[bytes, Meta(max_length=PHOTO_BYTES)] | None = None


class Strike(Entry, frozen=True, kw_only=True, tag="strike"):
    """Takes an earlier entry out of the account; ``entry`` is its number, from 1. Nothing is
    erased.
    """

    entry: Annotated[int, Meta(ge=1, le=1_000_000)]


AnyReading = (
    StringGap
    | EdgeLie
    | EdgeRests
    | Rock
    | OthersStill
    | CrownHeight
    | StringHeight
    | Dial
    | Size
    | StandOff
    | OthersFirm
    | FretEnd
    | EndsFine
    | Ink
    | InkLeft
    | RodFeel
    | Air
)
AnyWork = (
    RodMove
    | Heated
    | Heard
    | OthersClean
    | Tested
    | Seated
    | Agreed
    | Filed
    | Chosen
    | StepDone
    | NewWire
    | Trued
    | FretWork
)
AnyOfTheShop = Promised | WaitsFor | SeasonLook | PutAway | Pause
AnyEntry = (
    AnyReading
    | AnyWork
    | OwnerEntry
    | AnyOfTheShop
    | Describe
    | RoundStart
    | StateChange
    | Note
    | Strike
)
