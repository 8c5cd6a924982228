"""What the shop writes down of its own day: a day promised, what a neck waits for, whether it is
looked at by season, a step left and taken up again, off the shelf and back.
"""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta

from nuvrek.neck.description import Line
from nuvrek.readings.entry import Entry


class Promised(Entry, frozen=True, kw_only=True, tag="promised"):
    """The day the neck is promised for (ISO date); empty takes a promise back."""

    day: Annotated[str, Meta(pattern=r"^(\d{4}-\d\d-\d\d)?$")]


class WaitsFor(Entry, frozen=True, kw_only=True, tag="waits-for"):
    """What the neck waits for beside its clocks; ``nothing``: it waits no more."""

    what: Literal["nothing", "a part", "the owner"]
    words: Line = ""


class SeasonLook(Entry, frozen=True, kw_only=True, tag="season-look"):
    """Whether the neck is to be looked at in the other half of the year too, every time."""

    wanted: bool = True


class PutAway(Entry, frozen=True, kw_only=True, tag="put-away"):
    """The neck went off the shelf, its journal kept, or came back to it."""

    what: Literal["away", "back"] = "away"


class Pause(Entry, frozen=True, kw_only=True, tag="pause"):
    """The step in hand was left for something else, or taken up again."""

    what: Literal["left", "taken up"]
