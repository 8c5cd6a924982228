"""What was taken out of a logbook stays out: it is known by marks of what it was, never by a name.

Of every act and description that an owner's name or words were taken out of, the mark it had and
the mark of what is left are kept, and the uid of the owner. What comes in from a logbook that still
has them whole is met by these.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Iterable, Mapping, Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.logbook.encoding import described_body
from nuvrek.logbook.joining.journals import digests, marks_of, time_order
from nuvrek.logbook.joining.scrubbing import NamedOwner, nameless, owners_of, renamed, without
from nuvrek.logbook.stand import mark_of
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, Describe

if TYPE_CHECKING:
    from nuvrek.logbook.joining.merging import NeckWhole
    from nuvrek.logbook.store import Logbook, OwnerRow

# A row: the neck's uid (empty: an owner), what it was, what stays of it (for an owner: when).
Row = tuple[str, str, str]


class Gone(Struct, frozen=True):
    """What was taken out on either side, and the names that what is still whole tells of."""

    marks: Mapping[str, Mapping[str, str]]
    owners: Mapping[str, str]
    names: frozenset[str] = frozenset()
    others: tuple[str, ...] = ()

    def acts(self, uid: str) -> Mapping[str, str]:
        """Of a neck: by the mark an act had, the mark of what is left of it."""
        return self.marks.get(uid, {})

    def owner(self, row: OwnerRow) -> bool:
        """Whether what is known of an owner was taken out."""
        if row.uid in self.owners:
            return True
        last = max((time_order(at) for at in self.owners.values()), default=None)
        return last is not None and row.name in self.names and time_order(row.at) <= last

    def nameless(self, neck: NeckDescription) -> NeckDescription:
        """A description without those who were taken out."""
        for name in self._of(neck, ()):
            neck = nameless(neck, NamedOwner(name, self.others))
        return neck

    def described(
        self, uid: str, ours: NeckDescription, theirs: NeckDescription
    ) -> NeckDescription:
        """The first description of a neck that both have: without what one side took out."""
        if mark_of(described_body(ours)) in self.acts(uid):
            return self.nameless(theirs)
        return self.nameless(ours)

    def taken_out(
        self, uid: str, neck: NeckDescription, entries: tuple[AnyEntry, ...]
    ) -> tuple[tuple[AnyEntry, ...], dict[str, str]]:
        """A journal without what was taken out, and the marks of what had to be on the way: what
        was written where it was still whole.
        """
        named = [NamedOwner(name, self.others) for name in sorted(self._of(neck, entries))]
        if not named:
            return entries, {}
        clean = tuple(_cleaned(neck, entries, named))
        return clean, digests(entries, clean)

    def _of(self, neck: NeckDescription, entries: Iterable[AnyEntry]) -> set[str]:
        return owners_of(neck, entries) & self.names


def _cleaned(
    neck: NeckDescription, entries: Iterable[AnyEntry], named: Sequence[NamedOwner]
) -> Iterable[AnyEntry]:
    """Entries without names; words and letters go too, as long as the neck was theirs."""
    theirs = {named_owner.name for named_owner in named}
    owner = neck.owner.strip()
    for entry in entries:
        each_entry = entry
        for named_owner in named:
            if owner in theirs:
                each_entry = without(each_entry, named_owner, photos=False)
            else:
                each_entry = renamed(each_entry, named_owner)
        yield each_entry
        if isinstance(entry, Describe):
            owner = entry.neck.owner.strip()


def gone_of(
    book: Logbook, more: Sequence[Row], owners: Sequence[OwnerRow], necks: Sequence[NeckWhole]
) -> Gone:
    """What was taken out here or where ``more`` comes from, with the names that stand in what is
    still whole on either side.
    """
    gone = _gathered((*book.gone(), *more))
    if not gone.marks and not gone.owners:
        return gone
    rows = (*owners, *book.owner_rows())
    names = {row.name for row in rows if row.uid in gone.owners}
    for whole_neck in necks:
        names |= _whole_names(whole_neck.neck, whole_neck.entries, gone.acts(whole_neck.uid))
    for uid in gone.marks:
        number = book.number_of(uid)
        if number is not None:
            names |= _whole_names(
                book.row(number).neck, book.journal(number).entries, gone.acts(uid)
            )
    others = {row.name for row in rows} - names
    return Gone(gone.marks, gone.owners, frozenset(names), tuple(sorted(others)))


def cleaned_of(
    neck: NeckDescription,
    before: Sequence[AnyEntry],
    marks: Mapping[str, str],
    entries: Iterable[AnyEntry],
) -> tuple[AnyEntry, ...]:
    """Entries that come after a journal, without the owners that were taken out of it elsewhere."""
    named = [NamedOwner(name) for name in sorted(_whole_names(neck, before, marks))]
    if named:
        return tuple(_cleaned(neck, entries, named))
    return tuple(entries)


def _whole_names(
    neck: NeckDescription, entries: Sequence[AnyEntry], marks: Mapping[str, str]
) -> set[str]:
    """The owners that stand in what was taken out elsewhere."""
    if not marks:
        return set()
    if mark_of(described_body(neck)) in marks:
        told = {neck.owner.strip()}
    else:
        told = set()
    for mark, act in marks_of(entries, marks):
        if mark in marks:
            told |= {one.neck.owner.strip() for one in act if isinstance(one, Describe)}
    return told - {""}


def _gathered(rows: Iterable[Row]) -> Gone:
    marks: dict[str, dict[str, str]] = {}
    owners: dict[str, str] = {}
    for neck, was, stays in rows:
        if not neck:
            owners[was] = max(owners.get(was, ""), stays)
            continue
        known = marks.setdefault(neck, {})
        if known.get(was, stays) != stays:
            # Taken out on both sides, in two ways: both come to the same.
            low, high = sorted((known[was], stays))
            known[high], stays = low, low
        known[was] = stays
    return Gone(marks, owners)


def record(db: sqlite3.Connection, rows: Iterable[Row]) -> None:
    """Keep what is known of what was taken out."""
    for row in rows:
        db.execute("DELETE FROM gone WHERE neck = ? AND was = ?", row[:2])
        db.execute("INSERT INTO gone (neck, was, stays) VALUES (?, ?, ?)", row)
