"""Acts: what a user did in one go is one group of journal entries, undone as one."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import Struct, structs

from nuvrek.readings.entries import (
    AnyEntry,
    RoundStart,
    Strike,
)
from nuvrek.readings.journal import live_numbers
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


def live_acts(entries: Sequence[AnyEntry], after: int = 0) -> list[Act]:
    """The acts past ``after`` of which something is not struck out, oldest first, with just that.

    The start of a round goes on standing when the reading that began it is taken back.
    """
    live = {number for number in live_numbers(entries) if number > after}
    acts = []
    for numbers in _groups(entries):
        standing = [n for n in numbers if n in live and not isinstance(entries[n - 1], Strike)]
        more = [n for n in standing if not isinstance(entries[n - 1], RoundStart)]
        kept = more or standing
        if kept:
            here = tuple(entries[n - 1] for n in kept)
            acts.append(Act(tuple(kept), here, page_of(here[0])))
    return acts


def _groups(entries: Sequence[AnyEntry]) -> list[list[int]]:
    groups: list[list[int]] = []
    for number, entry in enumerate(entries, 1):
        if entry.joined and groups:
            groups[-1].append(number)
        else:
            groups.append([number])
    return groups


class Undoable(Struct, frozen=True):
    """What taking back would do on one page: the act it strikes, and a later one that belongs
    elsewhere.
    """

    act: Act | None
    elsewhere: Act | None


def undoable(entries: Sequence[AnyEntry], page: str, after: int = 0) -> Undoable:
    """The last live act of ``page`` past ``after``, and the last act of all where that is another
    page's.

    Without a page (where nobody turns any) every act is its own.
    """
    acts = live_acts(entries)
    own = [act for act in acts if not page or act.page == page]
    mine = [act for act in own if act.numbers[-1] > after]
    last = acts[-1] if acts and acts[-1] not in own[-1:] else None
    return Undoable(mine[-1] if mine else None, last)
