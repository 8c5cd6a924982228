"""Two logbooks made one (laptop and bench), necks known by their uid: all of it or nothing."""

from __future__ import annotations

import sqlite3
from collections.abc import Iterable, Sequence
from contextlib import closing
from pathlib import Path

import msgspec
from msgspec import Struct

from nuvrek import patience
from nuvrek.language import tr
from nuvrek.logbook.journals import merged
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry


class NeckWhole(Struct, frozen=True):
    """A neck with its whole journal, as it goes from one logbook to another."""

    uid: str
    created: str
    neck: NeckDescription
    entries: tuple[AnyEntry, ...]


class OwnerRow(Struct, frozen=True):
    """What was known of an owner from a time on."""

    at: str
    owner: Owner


class TakenIn(Struct, frozen=True):
    """What taking in has done: necks that are new, that grew, that were the same; conflicts and
    what was left out, a sentence each.
    """

    new: int
    grown: int
    same: int
    told: tuple[str, ...]


def necks_of(book: Logbook) -> tuple[list[NeckWhole], list[str]]:
    """Every neck of a logbook with its journal; those that are damaged are named and left out."""
    found, damaged = [], []
    for row in book.necks():
        patience.ask()
        journal = book.journal(row.id)
        if row.damage or journal.damage:
            damaged.append(
                tr(
                    "Neck {id}, {title}, is damaged and was left out.",
                    id=row.id,
                    title=row.neck.title,
                )
            )
            continue
        found.append(NeckWhole(book.uid(row.id), row.created, row.neck, tuple(journal.entries)))
    return found, damaged


def owner_rows(book: Logbook) -> list[OwnerRow]:
    """All that was ever written down of owners, oldest first."""
    return [OwnerRow(at, owner) for at, owner in book.owner_history()]


def merge(book: Logbook, other: Path) -> TakenIn:
    """Take another logbook in; it stays as it is. Raises LogbookError, and then nothing has
    changed.
    """
    if other.resolve() == book.path.resolve():
        raise LogbookError(tr("This is the logbook that is open already."))
    if not other.is_file():
        raise LogbookError(tr("{name}: there is no such logbook.", name=other.name))
    with closing(Logbook(other)) as source:
        necks, damaged = necks_of(source)
        owners = owner_rows(source)
    taken = take_in(book, necks, owners)
    return msgspec.structs.replace(taken, told=(*taken.told, *damaged))


def take_in(book: Logbook, necks: Iterable[NeckWhole], owners: Sequence[OwnerRow]) -> TakenIn:
    """Necks and owners from elsewhere, merged with those that are known. Raises LogbookError."""
    counts, told = {"new": 0, "grown": 0, "same": 0}, list[str]()
    with book.rewriting() as db:
        here = {str(uid): int(number) for number, uid in db.execute("SELECT id, uid FROM neck")}
        for one in necks:
            patience.ask()
            number = here.get(one.uid)
            if number is None:
                _insert(db, one)
                counts["new"] += 1
                continue
            said = _grow(book, db, number, one)
            counts[said[0]] += 1
            told += said[1]
        _take_owners(db, owners)
    return TakenIn(counts["new"], counts["grown"], counts["same"], tuple(told))


def _insert(db: sqlite3.Connection, one: NeckWhole) -> None:
    described = msgspec.json.encode(one.neck).decode()
    cursor = db.execute(
        "INSERT INTO neck (described, created, uid) VALUES (?, ?, ?)",
        (described, one.created, one.uid),
    )
    _write(db, int(cursor.lastrowid or 0), one.entries)


def _grow(
    book: Logbook, db: sqlite3.Connection, number: int, one: NeckWhole
) -> tuple[str, list[str]]:
    """One neck that is on both sides; how it came out, and what is to be said of it."""
    journal = book.journal(number)
    named = tr("Neck {number}, {title}", number=number, title=one.neck.title)
    if journal.damage:
        return "same", [
            tr("{named}: damaged here, left as it is; restore it from a copy.", named=named)
        ]
    try:
        both = merged(journal.entries, one.entries)
    except ValueError as error:
        return "same", [tr("{named}: left as it is, {error}.", named=named, error=error)]
    if list(both.entries) == journal.entries:
        return "same", []
    db.execute("DELETE FROM entry WHERE neck = ?", (number,))
    _write(db, number, both.entries)
    return "grown", [f"{named}: {sentence}" for sentence in both.conflicts]


def _write(db: sqlite3.Connection, number: int, entries: Sequence[AnyEntry]) -> None:
    db.executemany(
        "INSERT INTO entry VALUES (?, ?, ?)",
        [(number, n, msgspec.json.encode(entry).decode()) for n, entry in enumerate(entries, 1)],
    )


def _take_owners(db: sqlite3.Connection, owners: Sequence[OwnerRow]) -> None:
    """What is known of owners: rows of both sides by their time, none twice."""
    rows = db.execute("SELECT name, body, at FROM owner").fetchall()
    known = {(str(name), str(body), str(at)) for name, body, at in rows}
    more = {
        (one.owner.name, msgspec.json.encode(one.owner).decode(), one.at) for one in owners
    } - known
    if more:
        db.execute("DELETE FROM owner")
        both: list[tuple[str, str, str]] = sorted(known | more, key=_by_time)
        db.executemany("INSERT INTO owner (name, body, at) VALUES (?, ?, ?)", both)


def _by_time(row: tuple[str, str, str]) -> tuple[str, str, str]:
    return row[2], row[0], row[1]


_BY_UID = "SELECT id FROM neck WHERE uid = ?"


def restore_neck(book: Logbook, copy: Path, uid: str) -> str:
    """Put a neck back as a copy holds it, whole; returns what was done. What is there now should be
    in a copy of its own first. Raises LogbookError.
    """
    with closing(Logbook(copy)) as source:
        found = next((one for one in necks_of(source)[0] if one.uid == uid), None)
    if found is None:
        raise LogbookError(tr("{name} does not hold this neck whole.", name=copy.name))
    with book.rewriting() as db:
        numbers = [int(number) for (number,) in db.execute(_BY_UID, (uid,))]
        if not numbers:
            _insert(db, found)
            return tr("{title} is back on the shelf.", title=found.neck.title)
        described = msgspec.json.encode(found.neck).decode()
        db.execute("UPDATE neck SET described = ? WHERE id = ?", (described, numbers[0]))
        db.execute("DELETE FROM entry WHERE neck = ?", (numbers[0],))
        _write(db, numbers[0], found.entries)
    return tr(
        "{title} is as it was, {number} entries.", title=found.neck.title, number=len(found.entries)
    )
