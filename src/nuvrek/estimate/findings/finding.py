"""One thing found on a neck."""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying
from nuvrek.neck.description import Lane

Verdict = Literal["good", "over", "under", "fault"]


class Finding(Struct, frozen=True):
    """One thing found. ``mm`` is its size, ``sure`` the probability (0 to 1) that it is so.

    ``speaks_for`` and ``speaks_against`` are the journal numbers of readings, the weightiest first.
    """

    kind: str
    fret: int | None
    lane: Lane | None
    mm: float
    sure: float
    text: Saying
    headline: Saying
    verdict: Verdict = "fault"
    lanes: tuple[Lane, ...] = ()
    speaks_for: tuple[int, ...] = ()
    speaks_against: tuple[int, ...] = ()
