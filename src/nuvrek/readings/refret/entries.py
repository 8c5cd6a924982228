"""What a refret writes into the journal: what is agreed on it, wood taken off, what became of the
frets at each stage.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta

from nuvrek.neck.description import Line, RadiusMm, SmallMm
from nuvrek.neck.wire import Wire
from nuvrek.readings.entry import Entry, Frets, Places, Removals, Side

# The stages of a refret at which something is said of every fret.
FretStage = Literal["pull", "slot", "try", "fit", "seat", "trim"]
FretSays = Literal[
    "fine",
    "chipped",
    "tang broke",
    "tight",
    "loose",
    "shallow",
    "light in the middle",
    "light at the ends",
    "stands off",
    "too deep",
    "sideways",
    "moves",
    "finish touched",
]
Wood = Literal["clean", "true"]
BoardShape = Literal["cylinder", "cone", "compound"]
Held = Literal["rod", "jig", "hand behind"]
Heat = Literal["iron", "solvent"]
Fitting = Literal["double press", "single press", "jaws", "hammer"]
Glue = Literal["before", "after", "after the trim"]
Adhesive = Literal["thin", "wood glue", "hide glue"]
Undercut = Literal["bound boards only", "always"]
Crowns = Literal["left tall", "levelled down"]
GripSpread = Literal["even", "most in the middle"]


class NewWire(Entry, frozen=True, kw_only=True, tag="new-wire"):
    """What is agreed on a refret, whole, replacing what was agreed before.

    ``wire`` is None while none is chosen; no ``frets`` means all. ``shape`` is what the board is
    trued to, ``radius_mm`` at the nut and ``end_radius_mm`` at its end where it is not the one
    described. ``corners`` keep their pencil; ``angle_mm`` is more wood off at the nut, nothing at
    the last fret. ``back_bow_mm`` is what the tangs are to bend in.
    """

    wire: Wire | None = None
    frets: Frets = ()
    wood: Wood = "clean"
    shape: BoardShape = "cylinder"
    radius_mm: RadiusMm | None = None
    end_radius_mm: RadiusMm | None = None
    corners: Places = ()
    angle_mm: Annotated[float, Meta(ge=-3, le=3)] = 0.0
    least_board_mm: SmallMm = 2.0
    back_bow_mm: Annotated[float, Meta(ge=0, le=1)] = 0.0
    spread: GripSpread = "even"
    held: Held = "rod"
    heat: Heat = "iron"
    fitting: Fitting = "double press"
    glue: Glue = "after"
    adhesive: Adhesive = "thin"
    undercut: Undercut = "bound boards only"
    crowns: Crowns = "levelled down"
    block_mm: Annotated[float, Meta(ge=20, le=600)] = 75.0
    note: Line = ""


class Trued(Entry, frozen=True, kw_only=True, tag="trued"):
    """Wood taken off the board at places, as meant by the plan unless the bench knows better."""

    off: Removals


class FretWork(Entry, frozen=True, kw_only=True, tag="fret-work"):
    """What became of frets at one stage of a refret.

    ``side`` is where, if only there. Of fitted ones ``crown_mm`` is the wire's height, and
    ``grip_mm`` how much fatter than usual their tangs were, by fret.
    """

    stage: FretStage
    frets: Frets
    says: FretSays = "fine"
    side: Side | None = None
    crown_mm: SmallMm | None = None
    grip_mm: Annotated[tuple[Annotated[float, Meta(ge=0, le=1)], ...], Meta(max_length=40)] = ()
