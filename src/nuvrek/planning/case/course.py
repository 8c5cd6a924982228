"""A course: the ways that are gone one after the other, and what stands between them."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.readings.entries import WayKind

# More than this is not taken in at one glance.
MOST_LEGS = 5


class Leg(Struct, frozen=True):
    """One way of a course. ``why`` it is gone, the ``gate`` before it (what must be read, dry or
    agreed first, nothing if it can begin at once), and ``unless``: the reading or wish that would
    change it.

    ``rule`` is the key of the rule that speaks for it; ``speaks_for`` and ``speaks_against`` are
    the journal numbers of readings.
    """

    way: WayKind
    why: Saying
    gate: Saying = ""
    unless: Saying = ""
    rule: str = ""
    speaks_for: tuple[int, ...] = ()
    speaks_against: tuple[int, ...] = ()
