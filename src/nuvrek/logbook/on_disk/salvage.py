"""Salvage: what can still be read of a damaged logbook, taken into a new one; the old one stays."""

from __future__ import annotations

import os
import shutil
import sqlite3
import tempfile
from contextlib import closing
from pathlib import Path

import msgspec
from msgspec import Struct

from nuvrek.letters import whole_letters
from nuvrek.logbook.joining.gone import record
from nuvrek.logbook.on_disk.schema import owner_uid
from nuvrek.logbook.reading_back import Journal, described, read_journal, readable_text
from nuvrek.logbook.rows import put_owner, put_shop
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.meaning import Saying, means, written
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import Note

# What SQLite raises on a spoilt page: its own errors, or words that are broken themselves.
UNREADABLE = (sqlite3.DatabaseError, UnicodeDecodeError)
# A number far past the others is itself damage.
_MOST_NECKS = 1_000_000


class Salvaged(Struct, frozen=True):
    """What came out: necks, entries, and a sentence for each thing that did not."""

    necks: int
    entries: int
    lost: tuple[Saying, ...]


def salvage(old: Path, new: Path) -> Salvaged:
    """Read ``old`` neck by neck and entry by entry into ``new``, which must not exist yet.

    Numbers of entries stay, so that strikes and notes go on meaning the same: where one can't be
    read a note says so. ``new`` appears only once it is whole. Raises LogbookError.
    """
    if new.exists():
        raise LogbookError(means("keeping.there-already-salvage-writes-into", name=new.name))
    part = new.with_name(f".{new.name}.part")
    _clear(part)
    try:
        with (
            tempfile.TemporaryDirectory(prefix="nuvrek-salvage-") as folder,
            closing(_open(_copied(old, Path(folder)))) as source,
            closing(Logbook.make(part)) as book,
        ):
            result = _taken_over(source, book)
        os.replace(part, new)
    except OSError as error:
        raise LogbookError(
            means("keeping.salvage-stopped", strerror=(error.strerror or "failed").lower())
        ) from error
    finally:
        _clear(part)
    return result


def _copied(old: Path, folder: Path) -> Path:
    """A copy with what is still in its write-ahead log: the old files are not even opened."""
    for tail in ("", "-wal"):
        part = old.with_name(old.name + tail)
        if part.is_file():
            shutil.copyfile(part, folder / f"copy.db{tail}")
    return folder / "copy.db"


def _open(copy: Path) -> sqlite3.Connection:
    try:
        source = sqlite3.connect(copy, isolation_level=None)
        source.text_factory = readable_text
        return source
    except sqlite3.Error as error:
        raise LogbookError(means("keeping.damaged-logbook-cant-opened", error=error)) from error


def _clear(part: Path) -> None:
    for tail in ("", "-wal", "-shm"):
        part.with_name(part.name + tail).unlink(missing_ok=True)


def _taken_over(source: sqlite3.Connection, book: Logbook) -> Salvaged:
    lost: list[Saying] = []
    necks = entries = 0
    for number in _neck_numbers(source, lost):
        body, created = _neck(source, number)
        neck, damage = described(number, body)
        journal = _journal(source, number)
        book.start(neck, created, journal.entries, _uid(source, number))
        named = means("keeping.neck", number=number, title=neck.title)
        lost.extend(
            means("keeping.of-neck", neck=named, fault=sentence)
            for sentence in (*damage, *journal.damage)
        )
        necks += 1
        entries += len(journal.entries) - len(journal.damage)
    _take_owners(source, book, lost)
    _take_shop(source, book, lost)
    return Salvaged(necks, entries, tuple(lost))


def _take_owners(source: sqlite3.Connection, book: Logbook, lost: list[Saying]) -> None:
    """What is known of owners, oldest first; a logbook from before them has none."""
    known: dict[str, str] = {}
    with book.rewriting() as db:
        for name, body, at, *more in _rows(source, "owner", "name, body, at", "uid", lost):
            try:
                msgspec.json.decode(str(body), type=Owner)
            except msgspec.MsgspecError:
                lost.append(means("keeping.what-known-one-owner-cant"))
                continue
            first = known.setdefault(str(name), owner_uid(name, body, at))
            put_owner(db, str(name), str(body), str(at), str(more[0]) if more else first)


def _take_shop(source: sqlite3.Connection, book: Logbook, lost: list[Saying]) -> None:
    """What the shop has set, and by what that is known which was taken out."""
    with book.rewriting() as db:
        for name, body, at in _rows(source, "shop", "name, body, at", "", lost):
            put_shop(db, str(name), str(body), str(at))
        record(
            db,
            [
                (str(neck), str(was), str(stays))
                for neck, was, stays in _rows(source, "gone", "neck, was, stays", "", lost)
            ],
        )


def _rows(
    source: sqlite3.Connection, table: str, columns: str, since: str, lost: list[Saying]
) -> list[tuple[object, ...]]:
    """The rows of a small table as far as they can be read; none where there is no such table.
    ``since`` is a column that older tables lack.
    """
    rows: list[tuple[object, ...]] = []
    try:
        found = {str(name) for _, name, *_ in source.execute(f"PRAGMA table_info({table})")}
        if not found:
            return rows
        more = f", {since}" if since and since in found else ""
        for row in source.execute(f"SELECT {columns}{more} FROM {table}"):
            rows.append(row)
    except UNREADABLE as error:
        lost.append(
            means("keeping.part-list-owners-cant-read", error=error)
            if table == "owner"
            else means("keeping.part-what-shop-has-set", error=error)
        )
    return rows


def _neck_numbers(source: sqlite3.Connection, lost: list[Saying]) -> list[int]:
    """The necks there are by either table: a spoilt page of one may leave the other readable."""
    numbers: set[int] = set()
    for query in ("SELECT id FROM neck", "SELECT DISTINCT neck FROM entry"):
        try:
            for (number,) in source.execute(query):
                if isinstance(number, int) and 0 < number < _MOST_NECKS:
                    numbers.add(number)
        except UNREADABLE as error:
            lost.append(means("keeping.part-list-necks-cant-read", error=error))
    return sorted(numbers)


def _neck(source: sqlite3.Connection, number: int) -> tuple[object, str]:
    try:
        row = source.execute(
            "SELECT described, created FROM neck WHERE id = ?", (number,)
        ).fetchone()
    except UNREADABLE:
        # An empty description is named as damage by whoever decodes it.
        row = None
    if row is None:
        return (b"", "")
    return (row[0], whole_letters(str(row[1])))


def _uid(source: sqlite3.Connection, number: int) -> str:
    """By what a neck is known elsewhere; nothing where that can't be read, or was not kept yet."""
    try:
        row = source.execute("SELECT uid FROM neck WHERE id = ?", (number,)).fetchone()
    except UNREADABLE:
        row = None
    if row is not None and isinstance(row[0], str):
        return str(row[0])
    return ""


def _journal(source: sqlite3.Connection, number: int) -> Journal:
    """The entries one by one: a spoilt page costs those on it, not those after it, and each is
    named.
    """
    last, open_end = _last_number(source, number)
    rows: list[tuple[int, object]] = []
    for place in range(1, last + 1):
        try:
            row = source.execute(
                "SELECT body FROM entry WHERE neck = ? AND number = ?", (number, place)
            ).fetchone()
        except UNREADABLE:
            # No body is no entry: the journal says so in its place, the last one too.
            row = (None,)
        if row is not None:
            rows.append((place, row[0]))
    journal = read_journal(rows, Stand(number, ""))
    # A spoilt page may look like one that holds nothing: silence is then no proof of an empty neck.
    open_end = open_end or (not rows and _spoilt(source))
    if not open_end:
        return journal
    words = means("keeping.what-came-after-entry-cant", last=last)
    return Journal(
        [*journal.entries, Note(text=written(words))], journal.stand, (*journal.damage, words)
    )


def _spoilt(source: sqlite3.Connection) -> bool:
    """Whether pages of the file are damaged."""
    try:
        return bool(source.execute("PRAGMA quick_check(1)").fetchone()[0] != "ok")
    except UNREADABLE:
        return True


def _last_number(source: sqlite3.Connection, number: int) -> tuple[int, bool]:
    """The number of a neck's last entry, and whether there may have been more after it."""
    query = "SELECT max(number) FROM entry WHERE neck = ?"
    try:
        return int(source.execute(query, (number,)).fetchone()[0] or 0), False
    except UNREADABLE:
        return _last_readable(source, number), True


def _last_readable(source: sqlite3.Connection, number: int) -> int:
    last = 0
    try:
        for (place,) in source.execute(
            "SELECT number FROM entry WHERE neck = ? ORDER BY number", (number,)
        ):
            last = int(place)
    except UNREADABLE:
        # As far as it went: the caller says that there may have been more.
        return last
    return last
