"""The logbook: every neck's journal in one SQLite file, each entry on disk before the call
returns.
"""

from __future__ import annotations

import os
import sqlite3
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path

import msgspec

from nuvrek.language import tr
from nuvrek.logbook.reading_back import (
    Journal,
    NeckRow,
    decoder,
    owner_of,
    read_journal,
    readable_text,
    row_of,
)
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry

__all__ = [
    "Journal",
    "Logbook",
    "LogbookDamaged",
    "LogbookError",
    "LogbookFull",
    "NeckRow",
    "uid_of",
]

SCHEMA_VERSION = 3
_BUSY_SECONDS = 3.0
# Up to this size a quick check takes a few tens of milliseconds.
_QUICK_BYTES = 64 * 1024 * 1024

_TABLES = """
CREATE TABLE neck (id INTEGER PRIMARY KEY, described TEXT NOT NULL, created TEXT NOT NULL);
CREATE TABLE entry (
    neck INTEGER NOT NULL REFERENCES neck(id),
    number INTEGER NOT NULL,
    body TEXT NOT NULL,
    PRIMARY KEY (neck, number)
) WITHOUT ROWID;
"""
# Since version 2: what is known of an owner, the newest row of a name; rows before it stay.
_OWNER_TABLE = """
CREATE TABLE IF NOT EXISTS owner (
    id INTEGER PRIMARY KEY, name TEXT NOT NULL, body TEXT NOT NULL, at TEXT NOT NULL
)
"""


class LogbookError(Exception):
    """The logbook can't do what was asked; the message is a sentence for the user."""


class LogbookFull(LogbookError):
    """No room on the disk."""


class LogbookDamaged(LogbookError):
    """The file is not a whole logbook."""


def _encoded(entry: AnyEntry) -> str:
    """The entry as it is kept, once it is sure that it can be read back. Raises LogbookError."""
    body = msgspec.json.encode(entry)
    try:
        decoder().decode(body)
    except msgspec.MsgspecError as error:
        raise LogbookError(
            tr("This can't be written down ({error}). Nothing was changed.", error=error)
        ) from error
    return body.decode()


def uid_of(described: object, created: object) -> str:
    """By what a neck of an old logbook is known: the same in every copy of it."""
    import uuid

    return uuid.uuid5(uuid.NAMESPACE_OID, f"{created}\n{described}").hex


def _explain(error: sqlite3.Error, path: Path) -> LogbookError:
    said = str(error).lower()
    if "full" in said:
        return LogbookFull(
            tr("The disk is full: this was not written down. Free some room and take it again.")
        )
    if "readonly" in said or "read-only" in said:
        return LogbookError(
            tr(
                "The logbook {name} can't be written to (read-only). This was not written down.",
                name=path.name,
            )
        )
    if "malformed" in said or "not a database" in said or "corrupt" in said:
        return LogbookDamaged(
            tr("The logbook {name} is damaged. Nothing in it was changed.", name=path.name)
        )
    if "locked" in said or "busy" in said:
        return LogbookError(
            tr(
                "Another window is writing to this logbook. This was not written down; take it "
                "again."
            )
        )
    if "unable to open" in said:
        return LogbookError(
            tr("The logbook {path} can't be opened. Is the folder there and writable?", path=path)
        )
    if "disk i/o" in said:
        return LogbookError(tr("The disk reports an error: this was not written down."))
    return LogbookError(tr("The logbook could not be used ({error}).", error=error))


class Logbook:
    """One open logbook file. Not shared between threads."""

    def __init__(self, path: Path) -> None:
        """Open or create the logbook at ``path``; where it can't be written to, to be looked at.

        ``look_only`` then says why. Raises LogbookError.
        """
        self.path = path
        self.look_only = ""
        # Whether the file itself is damaged: what is in it may be salvaged.
        self.damaged = False
        with self._sentences():
            try:
                self._open_to_write()
            except (sqlite3.OperationalError, OSError) as error:
                if not path.is_file():
                    raise
                self._open_to_look(error)
        if not self.look_only:
            self._check_quickly()

    def _open_to_write(self) -> None:
        self.path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        # Owners and their necks are nobody else's business on a shared machine.
        if not self.path.exists():
            os.close(os.open(self.path, os.O_CREAT | os.O_EXCL, 0o600))
        self._db = sqlite3.connect(self.path, timeout=_BUSY_SECONDS, isolation_level=None)
        self._db.text_factory = readable_text
        try:
            self._prepare()
        except BaseException:
            self._db.close()
            raise

    def _open_to_look(self, trouble: Exception) -> None:
        """A full disk or a folder without rights hides no neck: the file is read as it lies."""
        address = self.path.absolute().as_uri()
        for mode in ("mode=ro", "mode=ro&immutable=1"):
            try:
                self._db = sqlite3.connect(f"{address}?{mode}", uri=True, isolation_level=None)
                self._db.text_factory = readable_text
                self._db.execute("SELECT count(*) FROM neck").fetchone()
            except sqlite3.Error:
                # The next mode is tried; where none works the first trouble is raised.
                self._db.close()
            else:
                why: Exception = trouble
                if isinstance(trouble, sqlite3.Error):
                    why = _explain(trouble, self.path)
                self.look_only = tr("This logbook can only be looked at. {why}", why=why)
                return
        raise trouble

    def _check_quickly(self) -> None:
        """A first look for damage, where the file is small enough not to keep anybody waiting."""
        if self.path.stat().st_size > _QUICK_BYTES:
            return
        found = self.check(thorough=False)
        if found:
            self.damaged = True
            self.look_only = tr(
                "The logbook {name} is damaged ({found}). It can be looked at; nothing "
                "is written into it.",
                name=self.path.name,
                found=found,
            )

    def check(self, thorough: bool = True) -> str:
        """What SQLite finds wrong with the file, the first of it; nothing where it is whole."""
        pragma = "integrity_check(1)" if thorough else "quick_check(1)"
        try:
            said = str(self._db.execute(f"PRAGMA {pragma}").fetchone()[0])
        except (sqlite3.DatabaseError, UnicodeDecodeError) as error:
            said = str(error)
        return "" if said == "ok" else said.splitlines()[-1][:160]

    def _check_writable(self) -> None:
        if self.look_only:
            raise LogbookError(self.look_only)

    def again(self) -> Logbook:
        """The same logbook opened once more, for another thread."""
        return Logbook(self.path)

    def close(self) -> None:
        """Close the file; nothing is pending."""
        self._db.close()

    @contextmanager
    def _sentences(self) -> Iterator[None]:
        try:
            yield
        except sqlite3.Error as error:
            raise _explain(error, self.path) from error
        except UnicodeDecodeError as error:
            # SQLite tells of a broken table in words that are broken themselves.
            raise LogbookDamaged(
                tr("The logbook {name} is damaged. Nothing in it was changed.", name=self.path.name)
            ) from error
        except OSError as error:
            raise LogbookError(
                tr(
                    "The folder for the logbook can't be used ({strerror}).",
                    strerror=error.strerror,
                )
            ) from error

    def _prepare(self) -> None:
        version = int(self._db.execute("PRAGMA user_version").fetchone()[0])
        if version > SCHEMA_VERSION:
            raise LogbookError(
                tr(
                    "The logbook {name} was written by a newer Nuvrek. It was left "
                    "untouched; please update.",
                    name=self.path.name,
                )
            )
        if version == 0:
            if self._db.execute("SELECT count(*) FROM sqlite_master").fetchone()[0]:
                raise LogbookDamaged(
                    tr(
                        "{name} is not a Nuvrek logbook. It was left untouched.",
                        name=self.path.name,
                    )
                )
            self._db.execute("PRAGMA journal_mode=WAL")
        if version < SCHEMA_VERSION:
            with self._writing():
                self._grow()
        # Full sync: an entry has reached the disk when its call returns.
        self._db.execute("PRAGMA synchronous=FULL")

    def _grow(self) -> None:
        """Bring the file to this version; another program may just have done so."""
        version = int(self._db.execute("PRAGMA user_version").fetchone()[0])
        if version < 1:
            for statement in _TABLES.strip().split(";\n"):
                self._db.execute(statement)
        if version < 2:
            self._db.execute(_OWNER_TABLE)
        if version < 3:
            self._db.execute("ALTER TABLE neck ADD COLUMN uid TEXT NOT NULL DEFAULT ''")
            rows = self._db.execute("SELECT id, described, created FROM neck").fetchall()
            self._db.executemany(
                "UPDATE neck SET uid = ? WHERE id = ?",
                [(uid_of(described, created), number) for number, described, created in rows],
            )
        self._db.execute(f"PRAGMA user_version={SCHEMA_VERSION}")

    @contextmanager
    def _writing(self) -> Iterator[None]:
        # The lock is taken at once: two windows can never both think that they have the next
        # number.
        self._db.execute("BEGIN IMMEDIATE")
        try:
            yield
            self._db.execute("COMMIT")
        except BaseException:
            if self._db.in_transaction:
                self._db.execute("ROLLBACK")
            raise

    def owners(self) -> dict[str, Owner]:
        """What is known of each owner, by name; one that can't be read is known by name alone."""
        return {name: owner_of(name, body) for name, body in self._owner_rows("", ())}

    def owner(self, name: str) -> Owner | None:
        """What is known of one owner; None for an empty or unknown name."""
        rows = self._owner_rows("WHERE name = ?", (name,)) if name else []
        return owner_of(name, rows[-1][1]) if rows else None

    def _owner_rows(self, where: str, values: tuple[str, ...]) -> list[tuple[str, object]]:
        with self._sentences():
            # A logbook from before, that can only be looked at, knows no owners.
            if int(self._db.execute("PRAGMA user_version").fetchone()[0]) < 2:
                return []
            rows = self._db.execute(
                f"SELECT name, body FROM owner {where} ORDER BY id", values
            ).fetchall()
        return [(str(name), body) for name, body in rows if name]

    def keep_owner(self, owner: Owner, at: str) -> None:
        """Write down what is known of an owner now. Raises LogbookError."""
        self._check_writable()
        body = msgspec.json.encode(owner)
        try:
            msgspec.json.decode(body, type=Owner)
        except msgspec.MsgspecError as error:
            raise LogbookError(
                tr("This owner can't be written down ({error}).", error=error)
            ) from error
        with self._sentences(), self._writing():
            self._db.execute(
                "INSERT INTO owner (name, body, at) VALUES (?, ?, ?)",
                (owner.name, body.decode(), at),
            )

    def owner_history(self) -> list[tuple[str, Owner]]:
        """All that was ever written down of owners, oldest first, with its time."""
        with self._sentences():
            if int(self._db.execute("PRAGMA user_version").fetchone()[0]) < 2:
                return []
            rows = self._db.execute("SELECT name, body, at FROM owner ORDER BY id").fetchall()
        return [(str(at), owner_of(str(name), body)) for name, body, at in rows if name]

    def write_through(self) -> None:
        """Nothing of what was written over stays in the file or the log beside it."""
        with self._sentences():
            self._db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
            self._db.execute("VACUUM")
            self._db.execute("PRAGMA wal_checkpoint(TRUNCATE)")

    def become_one_file(self) -> None:
        """No write-ahead log beside it any more: a copy is one file."""
        with self._sentences():
            self._db.execute("PRAGMA journal_mode=DELETE")

    def necks(self) -> list[NeckRow]:
        """All necks, in the order they were started; each is decoded by itself."""
        with self._sentences():
            rows = self._db.execute(
                "SELECT id, described, created, "
                "(SELECT count(*) FROM entry WHERE entry.neck = neck.id) FROM neck ORDER BY id"
            ).fetchall()
        return [
            row_of(number, described, str(created), count)
            for number, described, created, count in rows
        ]

    def heads(self, most: int = -1) -> list[tuple[int, int]]:
        """Number of every neck (or of the first so many) and that of its last entry, in the order
        they were started.
        """
        with self._sentences():
            # The last number is found at once, where counting would read every page.
            return self._db.execute(
                "SELECT id, coalesce((SELECT max(number) FROM entry WHERE entry.neck = neck.id), 0)"
                " FROM neck ORDER BY id LIMIT ?",
                (most,),
            ).fetchall()

    def numbers(self) -> list[int]:
        """The numbers of all necks, in the order they were started."""
        with self._sentences():
            return [n for (n,) in self._db.execute("SELECT id FROM neck ORDER BY id")]

    def row(self, number: int) -> NeckRow:
        """One neck by its number. Raises LogbookError where there is none."""
        with self._sentences():
            found = self._db.execute(
                "SELECT id, described, created, "
                "(SELECT count(*) FROM entry WHERE entry.neck = neck.id) FROM neck WHERE id = ?",
                (number,),
            ).fetchone()
        if found is None:
            raise LogbookError(tr("There is no neck {number} on the shelf.", number=number))
        return row_of(found[0], found[1], str(found[2]), found[3])

    def uid(self, number: int) -> str:
        """By what a neck is known in other logbooks."""
        with self._sentences():
            found = self._db.execute("SELECT uid FROM neck WHERE id = ?", (number,)).fetchone()
        return "" if found is None else str(found[0])

    def start(
        self,
        neck: NeckDescription,
        created: str,
        entries: Sequence[AnyEntry] = (),
        uid: str = "",
    ) -> int:
        """Put a new neck on the shelf, with its journal if it has one; returns its number. ``uid``
        is by what it is known elsewhere, a new one if not said.
        """
        import uuid

        self._check_writable()
        bodies = [_encoded(entry) for entry in entries]
        described = _encoded_description(neck)
        with self._sentences(), self._writing():
            cursor = self._db.execute(
                "INSERT INTO neck (described, created, uid) VALUES (?, ?, ?)",
                (described, created, uid or uuid.uuid4().hex),
            )
            number = int(cursor.lastrowid or 0)
            self._db.executemany(
                "INSERT INTO entry VALUES (?, ?, ?)",
                [(number, n, body) for n, body in enumerate(bodies, 1)],
            )
            return number

    def journal(self, neck: int, photos: bool = True) -> Journal:
        """The journal of a neck with what of it can be read; photos can be left out, for the
        shelf.
        """
        body = "body" if photos else _WITHOUT_PHOTO
        with self._sentences():
            rows = self._db.execute(
                f"SELECT number, {body} FROM entry WHERE neck = ? ORDER BY number", (neck,)
            ).fetchall()
        return read_journal(rows)

    def entries(self, neck: int) -> list[AnyEntry]:
        """The whole journal of a neck, oldest first. Raises LogbookDamaged if an entry can't be
        read.
        """
        journal = self.journal(neck)
        if journal.damage:
            raise LogbookDamaged(tr("{damage} Nothing was changed.", damage=journal.damage[0]))
        return journal.entries

    @contextmanager
    def rewriting(self) -> Iterator[sqlite3.Connection]:
        """Several necks and owners changed in one go, whole or not at all. For merging, restoring
        and removing an owner only: what else is written down is only ever added.
        """
        self._check_writable()
        with self._sentences(), self._writing():
            yield self._db

    def append(self, neck: int, number: int, *entries: AnyEntry) -> None:
        """Write entries, all or none; they are on disk when this returns. ``number`` must be the
        next one.

        What could not be read back is not written. Raises LogbookError.
        """
        self._check_writable()
        rows = [(neck, number + n, _encoded(entry)) for n, entry in enumerate(entries)]
        with self._sentences():
            try:
                with self._writing():
                    self._db.executemany("INSERT INTO entry VALUES (?, ?, ?)", rows)
            except sqlite3.IntegrityError as error:
                raise LogbookError(
                    tr(
                        "This neck was changed from another window meanwhile. Open it again; "
                        "what was typed here last was not written down."
                    )
                ) from error


# A photo is most of its entry; the shelf does without.
_WITHOUT_PHOTO = (
    """CASE WHEN length(body) > 20000 AND substr(body, 1, 14) = '{"kind":"note"' """
    """THEN '{"kind":"note","text":"photo"}' ELSE body END"""
)


def _encoded_description(neck: NeckDescription) -> str:
    """A description as it is kept, once it is sure that it can be read back. Raises
    LogbookError.
    """
    body = msgspec.json.encode(neck)
    try:
        msgspec.json.decode(body, type=NeckDescription)
    except msgspec.MsgspecError as error:
        raise LogbookError(tr("This neck can't be written down ({error}).", error=error)) from error
    return body.decode()
