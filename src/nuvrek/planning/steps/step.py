"""A job step, and what the steps of a way are made from."""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.readings.entries import Agreed, EndFault, NewWire
from nuvrek.readings.refret.entries import FretStage

Action = Literal[
    "tick",
    "rod",
    "seat",
    "file",
    "slack",
    "pitch",
    "measure",
    "heat",
    "press",
    "frets",  # something is said of every fret
    "wood",  # wood comes off the board, as planned
    "jig",  # the neck is held in the shape its strings gave it, the strings come off
    "cut",  # wire is cut and booked out of the shelf
    "block",  # a floating or sprung bridge is held fast
    "release",  # it is let go, and the strings stand at pitch
]


# Readings without which a step is not done: string heights, the nut, the relief.
Asked = Literal["heights", "nut", "relief"]


class Step(Struct, frozen=True):
    """One thing to do. ``frets`` are those it is done to; minutes are common practice, no
    source. ``sweep`` is the stage of a refret at which something is said of each; ``wait`` are
    minutes that must pass after the step before. ``asks`` is what is read again before it is
    ticked.
    """

    key: str
    title: Saying
    text: Saying
    minutes: int
    action: Action = "tick"
    frets: tuple[int, ...] = ()
    cautions: tuple[Saying, ...] = ()
    sweep: FretStage | Literal[""] = ""
    wait: int = 0
    asks: Asked | Literal[""] = ""


class Doing(Struct, frozen=True):
    """What the steps of a way are made from.

    ``frets`` are the ones filed or seated; ``rod`` says which way the rod goes, nothing where it is
    not turned; ``ends`` are the faults of fret ends that are put right along the way; ``detail``
    says what the way does on this neck; ``crowned`` are those whose flats need a crown; ``no_rod``:
    there is none, or it is spent; ``rod_stopped``: a stop stands, and nothing turns it.
    ``new_wire`` is what is agreed on a refret. ``dip_mm`` is filed into the tops as
    the neck lies (minus: a crest); ``nut`` and ``saddle`` say what must follow there, nothing where
    nothing does.
    """

    frets: tuple[int, ...] = ()
    rod: Saying = ""
    ends: tuple[EndFault, ...] = ()
    detail: Saying = ""
    agreed: Agreed = Agreed()
    crowned: tuple[int, ...] = ()
    no_rod: bool = False
    rod_stopped: bool = False
    new_wire: NewWire = NewWire()
    dip_mm: float = 0.0
    nut: Saying = ""
    saddle: Saying = ""
