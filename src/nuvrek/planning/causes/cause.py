"""What a cause is, as declared."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.planning.causes.weighed import Evidence, TestKind
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.readings.entries import WayKind

Weighs = Callable[[Grounds], Iterable[Evidence]]


class Cause(Struct, frozen=True):
    """A cause as declared: what it is called, what weighs it by readings, what it makes of a
    complaint (log odds a chip; one of its whats it does not name speaks against it), which ways
    answer it and which quick test tells it from others.

    ``usual`` are its log odds where nothing was read of it. ``only_seen``: it is not thought of
    before a reading shows it.
    """

    kind: str
    title: Saying
    weighs: Weighs
    said: Mapping[str, float]
    cures: tuple[WayKind, ...]
    test: TestKind
    usual: float = -2.0
    only_seen: bool = False
    there: Callable[[Grounds], bool] = lambda _grounds: True
