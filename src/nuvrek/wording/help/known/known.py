"""How a thing on a page is known."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.meaning import Saying


class Known(Struct, frozen=True):
    """A figure or finding: the ``rule`` by which it is said, how it is ``reckoned`` in words, and
    the readings ``by`` which and ``against`` which it stands, as they are shown elsewhere.
    """

    title: Saying
    reckoned: Saying
    rule: str = ""
    by: tuple[str, ...] = ()
    against: tuple[str, ...] = ()
    # Whether readings carry it at all: one without any is not measured.
    of_readings: bool = False
