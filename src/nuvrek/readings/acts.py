"""Acts: what a user did in one go is one group of journal entries, undone as one."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from msgspec import Struct, structs

from nuvrek.readings.entries import AnyEntry, RoundStart, Strike
from nuvrek.readings.kinds import record_of


class Act(Struct, frozen=True):
    """A group of entries written in one go on one page, with their journal numbers."""

    numbers: tuple[int, ...]
    entries: tuple[AnyEntry, ...]
    page: str


def joined(entries: Sequence[AnyEntry], page: str, at: str) -> tuple[AnyEntry, ...]:
    """The entries as one act of ``page``; those without a time get ``at``."""
    return tuple(
        structs.replace(entry, page=page, joined=place > 0, at=entry.at or at)
        for place, entry in enumerate(entries)
    )


def page_of(entry: AnyEntry) -> str:
    """The page an entry was written on; for old ones the page such entries usually come from."""
    return entry.page or record_of(entry).page


class Undoable(Struct, frozen=True):
    """What taking back would do on one page: the act it strikes, and a later one that belongs
    elsewhere.
    """

    act: Act | None
    elsewhere: Act | None


def undoable(entries: Sequence[AnyEntry], page: str, after: int = 0) -> Undoable:
    """The last live act of ``page`` past ``after``, and the last act of all if another page's.

    Without a page (where nobody turns any) every act is its own.
    """
    last: Act | None = None
    for act in _live_backwards(entries):
        last = last or act
        own = not page or act.page == page
        if own and act.numbers[-1] > after:
            return Undoable(act, last if last is not act else None)
        if own or act.numbers[-1] <= after:
            break
    elsewhere = None
    if last is not None and page and last.page != page:
        elsewhere = last
    return Undoable(None, elsewhere)


def _live_backwards(entries: Sequence[AnyEntry]) -> Iterator[Act]:
    """The acts of which something is not struck out, newest first, with just that.

    Strikes only reach backwards, so on the way back it is known of each entry whether it stands;
    a long journal is not walked through for its last act.
    """
    struck: set[int] = set()
    standing: list[int] = []
    for number in range(len(entries), 0, -1):
        entry = entries[number - 1]
        if number not in struck:
            if isinstance(entry, Strike):
                struck.add(entry.entry)
            else:
                standing.append(number)
        if not entry.joined and standing:
            yield _act(entries, standing[::-1])
            standing = []


def _act(entries: Sequence[AnyEntry], numbers: list[int]) -> Act:
    """What of an act is to be taken back: the start of a round goes on standing without it."""
    beside_start = [number for number in numbers if not isinstance(entries[number - 1], RoundStart)]
    to_strike = beside_start or numbers
    struck = tuple(entries[number - 1] for number in to_strike)
    return Act(tuple(to_strike), struck, page_of(struck[0]))
