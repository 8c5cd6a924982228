"""Rows of a logbook beside its journals: what is known of owners, and what the shop has set."""

from __future__ import annotations

from collections.abc import Callable

import msgspec

from nuvrek.logbook.reading_back import owner_of
from nuvrek.neck.owner import Owner


class OwnerRow(msgspec.Struct, frozen=True):
    """What was known of an owner from a time on, as it is kept; ``uid`` is by what they are known
    whatever their name.
    """

    name: str
    body: object
    at: str
    uid: str

    @property
    def owner(self) -> Owner:
        return owner_of(self.name, self.body)


class ShopRow(msgspec.Struct, frozen=True):
    """What the shop has set under a name, as it is kept, and when."""

    name: str
    body: str
    at: str


class ShopRows:
    """What the shop has set, within one transaction."""

    def __init__(self, rows: dict[str, bytes], keep: Callable[[str, str, str], None]) -> None:
        self.rows, self._keep = rows, keep

    def set(self, name: str, body: bytes, at: str) -> None:
        """Set what stands under a name."""
        self._keep(name, body.decode(), at)
