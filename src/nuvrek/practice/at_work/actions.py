"""What can be done at the practice bench: tools that are laid on and hands that change the neck.

A list of these, carried out in order on the neck of a word, gives the same neck every time.
"""

from __future__ import annotations

from typing import Annotated, ClassVar, Literal

from msgspec import Meta, Struct

from nuvrek.neck.description import MAX_FRETS, Lane
from nuvrek.readings.entries import Side
from nuvrek.simulator.living.neck import Pressure
from nuvrek.simulator.living.working import Force, Where

Fret = Annotated[int, Meta(ge=0, le=MAX_FRETS)]
Frets = Annotated[tuple[Fret, ...], Meta(max_length=MAX_FRETS)]
Mm = Annotated[float, Meta(ge=-20, le=2000)]
Strokes = Annotated[int, Meta(ge=1, le=400)]
LeafUnder = Literal["string", "edge", "notched", "rocker"]


class Action(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True, tag_field="kind"):
    """Common to all: how long it takes, in seconds of bench time (common practice, no source)."""

    seconds: ClassVar[float] = 5.0

    @property
    def takes_s(self) -> float:
        """Seconds this one takes."""
        return self.seconds


class Leaf(Action, frozen=True, kw_only=True, tag="leaf"):
    """A leaf pushed under a string held at two frets, under an edge from one to another, or under
    a rocker over ``at``.
    """

    seconds: ClassVar[float] = 6.0
    lane: Lane
    low: Fret
    high: Fret
    at: Fret
    leaf_mm: Annotated[float, Meta(ge=0.01, le=5)]
    under: LeafUnder = "string"


class LayEdge(Action, frozen=True, kw_only=True, tag="edge"):
    """An edge laid on the tops, or a notched one of some scale on the wood; pressed or not."""

    seconds: ClassVar[float] = 15.0
    lane: Lane
    low: Fret
    high: Fret
    on: Literal["frets", "wood"] = "frets"
    pressed: bool = False
    notched_mm: Mm | None = None


class Rocker(Action, frozen=True, kw_only=True, tag="rocker"):
    """A short edge of some length set over a fret."""

    seconds: ClassVar[float] = 3.0
    lane: Lane
    fret: Fret
    edge_mm: Mm


class Finger(Action, frozen=True, kw_only=True, tag="finger"):
    """A fret pressed with a finger: does it move?"""

    seconds: ClassVar[float] = 2.0
    fret: Fret
    lane: Lane


class Caliper(Action, frozen=True, kw_only=True, tag="caliper"):
    """A depth foot beside a fret, or down into a string's groove."""

    seconds: ClassVar[float] = 15.0
    fret: Fret
    lane: Lane
    groove: bool = False


class HoldRule(Action, frozen=True, kw_only=True, tag="rule"):
    """A rule held up to an outer string over a fret."""

    seconds: ClassVar[float] = 20.0
    side: Side
    fret: Fret = 12


class Pluck(Action, frozen=True, kw_only=True, tag="pluck"):
    """A note played; the low string is 0, fret 0 is open."""

    seconds: ClassVar[float] = 2.0
    string: Annotated[int, Meta(ge=0, le=13)]
    fret: Fret


class Sight(Action, frozen=True, kw_only=True, tag="sight"):
    """An eye along the tops from the head, over one side."""

    seconds: ClassVar[float] = 10.0
    side: Side


class FeelKey(Action, frozen=True, kw_only=True, tag="key"):
    """The key set on the rod nut and tried without turning on."""

    seconds: ClassVar[float] = 30.0
    side: Side | None = None


class ReadAir(Action, frozen=True, kw_only=True, tag="air"):
    """A look at thermometer and hygrometer."""

    seconds: ClassVar[float] = 5.0


class Turn(Action, frozen=True, kw_only=True, tag="turn"):
    """The rod turned: plus is clockwise."""

    seconds: ClassVar[float] = 45.0
    turns: Annotated[float, Meta(ge=-4, le=4)]
    side: Side | None = None


class Tune(Action, frozen=True, kw_only=True, tag="tune"):
    """Strings brought to pitch, or let down."""

    seconds: ClassVar[float] = 150.0
    to: Literal["pitch", "slack"] = "pitch"


class MendNut(Action, frozen=True, kw_only=True, tag="mend-rod-nut"):
    """The rod nut cleared and greased, or a chewed one renewed."""

    how: Literal["clear", "renew"]

    @property
    def takes_s(self) -> float:
        if self.how == "clear":
            return 900.0
        return 2700.0


class Press(Action, frozen=True, kw_only=True, tag="press"):
    """A caul pressed on a fret, or a tap on one place."""

    seconds: ClassVar[float] = 60.0
    fret: Fret
    where: Where = "whole"
    force: Force = "firm"


class Glue(Action, frozen=True, kw_only=True, tag="glue"):
    """Glue under a fret, clamped; it needs its time."""

    seconds: ClassVar[float] = 180.0
    fret: Fret


class Wait(Action, frozen=True, kw_only=True, tag="wait"):
    """Time left to pass; the hands are free meanwhile."""

    minutes: Annotated[float, Meta(ge=1, le=60_000)]

    @property
    def takes_s(self) -> float:
        return 0.0


class InkTops(Action, frozen=True, kw_only=True, tag="mark"):
    """Ink on every top."""

    seconds: ClassVar[float] = 120.0


class FileFret(Action, frozen=True, kw_only=True, tag="file"):
    """Strokes of a file along single frets, at one place or all across."""

    fret: Fret
    where: Where = "whole"
    strokes: Strokes = 1
    pressure: Pressure = "fingertips"

    @property
    def takes_s(self) -> float:
        return 2.0 + 1.5 * self.strokes


class Block(Action, frozen=True, kw_only=True, tag="block"):
    """A straight block or beam to and fro between two frets, along one lane or all three."""

    low: Fret
    high: Fret
    where: Where = "whole"
    strokes: Strokes = 10
    pressure: Pressure = "own weight"
    length_mm: Annotated[float, Meta(ge=30, le=600)] = 450.0
    backed: bool = False

    @property
    def takes_s(self) -> float:
        return 10.0 + 2.0 * self.strokes * (3 if self.where == "whole" else 1)


class CrownTops(Action, frozen=True, kw_only=True, tag="crown"):
    """Tops made round again."""

    frets: Frets

    @property
    def takes_s(self) -> float:
        return 180.0 * len(self.frets)


class RoundEnd(Action, frozen=True, kw_only=True, tag="round-end"):
    """Strokes that round fret ends of one side over."""

    frets: Frets
    side: Side
    strokes: Strokes = 2

    @property
    def takes_s(self) -> float:
        return 4.0 * self.strokes * len(self.frets)


class NutSlot(Action, frozen=True, kw_only=True, tag="nut-slot"):
    """A nut slot raised, or (minus) cut down."""

    seconds: ClassVar[float] = 600.0
    side: Side
    mm: Annotated[float, Meta(ge=-1, le=1)]


class Saddle(Action, frozen=True, kw_only=True, tag="saddle"):
    """A saddle raised, or (minus) lowered."""

    seconds: ClassVar[float] = 120.0
    side: Side
    mm: Annotated[float, Meta(ge=-4, le=4)]


class Heat(Action, frozen=True, kw_only=True, tag="heat"):
    """Clamped past straight by so much, heated, cold again."""

    seconds: ClassVar[float] = 3600.0
    over_mm: Annotated[float, Meta(ge=0, le=3)]


class Tape(Action, frozen=True, kw_only=True, tag="tape"):
    """The board taped over, or the tape off again."""

    seconds: ClassVar[float] = 900.0
    on: bool = True


class PullFrets(Action, frozen=True, kw_only=True, tag="pull"):
    """Frets taken out."""

    frets: Frets

    @property
    def takes_s(self) -> float:
        return 120.0 * len(self.frets)


class TrueWood(Action, frozen=True, kw_only=True, tag="true-wood"):
    """A sanding block on the bare board between two fret places."""

    low: Fret
    high: Fret
    strokes: Strokes = 10
    length_mm: Annotated[float, Meta(ge=30, le=600)] = 300.0
    pressure: Pressure = "own weight"

    @property
    def takes_s(self) -> float:
        return 2.0 * self.strokes


class Saw(Action, frozen=True, kw_only=True, tag="saw"):
    """Empty slots sawn deeper."""

    seconds: ClassVar[float] = 1800.0
    mm: Annotated[float, Meta(ge=0, le=2)]


class Fit(Action, frozen=True, kw_only=True, tag="fit"):
    """New wire in every empty slot: its height over the wood, its tang, its grip in the slot."""

    seconds: ClassVar[float] = 3600.0
    height_mm: Annotated[float, Meta(ge=0.5, le=2.5)]
    tang_mm: Annotated[float, Meta(ge=0.5, le=3)] = 1.5
    grip_mm: Annotated[float, Meta(ge=-0.2, le=0.2)] = 0.02


TOOLS = Leaf | LayEdge | Rocker | Finger | Caliper | HoldRule | Pluck | Sight | FeelKey | ReadAir
HANDS = (
    Turn
    | Tune
    | MendNut
    | Press
    | Glue
    | Wait
    | InkTops
    | FileFret
    | Block
    | CrownTops
    | RoundEnd
    | NutSlot
    | Saddle
    | Heat
    | Tape
    | PullFrets
    | TrueWood
    | Saw
    | Fit
)
AnyAction = TOOLS | HANDS


def action_kind(action: AnyAction) -> str:
    """The kind of an action by its tag."""
    return str(type(action).__struct_config__.tag)
