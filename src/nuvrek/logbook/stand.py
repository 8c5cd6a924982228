"""Where a journal stands: which neck a write means, and on how much of its journal it stands.

Every entry carries a mark made of its own words and the mark before it. So the last mark tells one
journal from any other, also from one of the same length; and a bit that flipped on the disk is
found, which the database alone does not see.
"""

from __future__ import annotations

import hashlib
from collections.abc import Iterable

from msgspec import Struct


class Stand(Struct, frozen=True):
    """A neck by its number here and its uid everywhere; how many entries, and the last one's
    mark.
    """

    neck: int
    uid: str
    count: int = 0
    mark: str = ""


def mark_of(*parts: object) -> str:
    """A mark of what is kept: 16 hex digits, which no flipped bit leaves as they are."""
    data = "\x1f".join(map(str, parts)).encode(errors="surrogateescape")
    return hashlib.blake2b(data, digest_size=8).hexdigest()


def marked(stand: Stand, bodies: Iterable[object]) -> list[tuple[int, object, str]]:
    """Number, body and mark of entries that come after where a journal stands."""
    rows: list[tuple[int, object, str]] = []
    number, mark = stand.count, stand.mark
    for body in bodies:
        number += 1
        mark = mark_of(mark, stand.uid, number, body)
        rows.append((number, body, mark))
    return rows


def grown_by(stand: Stand, rows: list[tuple[int, object, str]]) -> Stand:
    """Where the journal stands with these rows."""
    if not rows:
        return stand
    return Stand(stand.neck, stand.uid, rows[-1][0], rows[-1][2])
