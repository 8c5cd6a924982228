"""What a rule of the ladder is."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.readings.entries import WayKind


class Rule(Struct, frozen=True):
    """One rule: what it ``says`` in a sentence, and ``speaks``, which looks at a neck and gives the
    legs of the course that follow from it, none where it has nothing to say.

    Where it has spoken, the ways it ``excludes`` are not gone for any other reason; one that is
    ``final`` ends the ladder.
    """

    key: str
    says: Saying
    speaks: Callable[[Grounds], Iterable[Leg]]
    excludes: tuple[WayKind, ...] = ()
    final: bool = False
