"""What is the matter with one neck, as weighed: causes, what speaks for each, tests."""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.readings.entries import WayKind

TestKind = Literal[
    "press",
    "leaf-beside",
    "nut",
    "relief",
    "edge-tops",
    "edge-wood",
    "height",
    "softly",
    "weight",
    "damp",
    "bend",
    "new-string",
    "tuner",
    "pickups",
    "play",
    "tongue",
    "grooves",
    "air",
    "bridge",
]


class Evidence(Struct, frozen=True):
    """One thing that speaks for a cause (``log_odds`` over nothing) or against it.

    ``figured``: the odds come from the map's own doubt and stand in the place of what is usual;
    else they are common practice without a source. ``numbers`` are journal numbers of readings.
    """

    says: Saying
    log_odds: float
    figured: bool = False
    numbers: tuple[int, ...] = ()


class WeighedCause(Struct, frozen=True):
    """A cause on one neck: the ``chance`` that it is the one that matters most, and all that speaks
    for and against it, the weightiest first. ``seen``: a reading shows it.
    """

    kind: str
    title: Saying
    chance: float
    evidence: tuple[Evidence, ...]
    cures: tuple[WayKind, ...]
    test: TestKind
    seen: bool = False

    @property
    def speaks_for(self) -> tuple[Evidence, ...]:
        """What speaks for it."""
        return tuple(each for each in self.evidence if each.log_odds > 0.0)

    @property
    def speaks_against(self) -> tuple[Evidence, ...]:
        """What speaks against it."""
        return tuple(each for each in self.evidence if each.log_odds < 0.0)


class QuickTest(Struct, frozen=True):
    """A test of a minute: what is done, how long it takes, and which causes it would speak for.

    ``settles`` are the two causes it tells apart here, ``fret`` where it is done; ``by_reading``:
    it ends with a reading, not with a yes or no.
    """

    kind: TestKind
    text: Saying
    minutes: float
    settles: tuple[str, ...] = ()
    fret: int | None = None
    by_reading: bool = False


class Diagnosis(Struct, frozen=True):
    """What is the matter: causes, the likeliest first, the chance of none of them, and the tests
    that would tell them apart, the best first. ``complaint``: whether the owner has any.
    """

    causes: tuple[WeighedCause, ...] = ()
    other: float = 1.0
    tests: tuple[QuickTest, ...] = ()
    complaint: bool = False


class Account(Struct, frozen=True):
    """One fault and what becomes of it: the leg that answers it, or why it is left."""

    finding: str
    fret: int | None
    lane: str | None
    leg: WayKind | None
    reason: Saying = ""
