"""The logbook: every neck's journal in one SQLite file, each entry on disk before the call returns."""

from __future__ import annotations

import sqlite3
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from functools import cache
from pathlib import Path

import msgspec
from msgspec import Struct

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry

SCHEMA_VERSION = 1
_BUSY_SECONDS = 3.0

_TABLES = """
CREATE TABLE neck (id INTEGER PRIMARY KEY, described TEXT NOT NULL, created TEXT NOT NULL);
CREATE TABLE entry (
    neck INTEGER NOT NULL REFERENCES neck(id),
    number INTEGER NOT NULL,
    body TEXT NOT NULL,
    PRIMARY KEY (neck, number)
) WITHOUT ROWID;
"""


class LogbookError(Exception):
    """The logbook can't do what was asked; the message is a sentence for the user."""


class LogbookFull(LogbookError):
    """No room on the disk."""


class LogbookDamaged(LogbookError):
    """The file is not a whole logbook."""


class NeckRow(Struct, frozen=True):
    """A neck on the shelf: its first description; ``entries`` counts its journal."""

    id: int
    neck: NeckDescription
    created: str
    entries: int


@cache
def _decoder() -> msgspec.json.Decoder[AnyEntry]:
    """Made when first wanted: it costs 7 ms, and the window opens without it."""
    return msgspec.json.Decoder(AnyEntry)


def _explain(error: sqlite3.Error, path: Path) -> LogbookError:
    said = str(error).lower()
    if "full" in said:
        return LogbookFull(
            "The disk is full: this was not written down. Free some room and take it again."
        )
    if "readonly" in said or "read-only" in said:
        return LogbookError(
            f"The logbook {path.name} can't be written to (read-only). This was not written down."
        )
    if "malformed" in said or "not a database" in said or "corrupt" in said:
        return LogbookDamaged(f"The logbook {path.name} is damaged. Nothing in it was changed.")
    if "locked" in said or "busy" in said:
        return LogbookError(
            "Another window is writing to this logbook. This was not written down; take it again."
        )
    if "unable to open" in said:
        return LogbookError(
            f"The logbook {path} can't be opened. Is the folder there and writable?"
        )
    if "disk i/o" in said:
        return LogbookError("The disk reports an error: this was not written down.")
    return LogbookError(f"The logbook could not be used ({error}).")


class Logbook:
    """One open logbook file. Not shared between threads."""

    def __init__(self, path: Path) -> None:
        """Open or create the logbook at ``path``. Raises LogbookError."""
        self.path = path
        with self._sentences():
            path.parent.mkdir(parents=True, exist_ok=True)
            self._db = sqlite3.connect(path, timeout=_BUSY_SECONDS, isolation_level=None)
            try:
                self._prepare()
            except BaseException:
                self._db.close()
                raise

    def close(self) -> None:
        """Close the file; nothing is pending."""
        self._db.close()

    @contextmanager
    def _sentences(self) -> Iterator[None]:
        try:
            yield
        except sqlite3.Error as error:
            raise _explain(error, self.path) from error
        except OSError as error:
            raise LogbookError(
                f"The folder for the logbook can't be used ({error.strerror})."
            ) from error

    def _prepare(self) -> None:
        version = int(self._db.execute("PRAGMA user_version").fetchone()[0])
        if version > SCHEMA_VERSION:
            raise LogbookError(
                f"The logbook {self.path.name} was written by a newer Nuvrek. It was left untouched; please update."
            )
        if version == 0:
            if self._db.execute("SELECT count(*) FROM sqlite_master").fetchone()[0]:
                raise LogbookDamaged(
                    f"{self.path.name} is not a Nuvrek logbook. It was left untouched."
                )
            self._db.execute("PRAGMA journal_mode=WAL")
            with self._writing():
                for statement in _TABLES.strip().split(";\n"):
                    self._db.execute(statement)
                self._db.execute(f"PRAGMA user_version={SCHEMA_VERSION}")
        # Full sync: an entry has reached the disk when its call returns.
        self._db.execute("PRAGMA synchronous=FULL")

    @contextmanager
    def _writing(self) -> Iterator[None]:
        self._db.execute("BEGIN IMMEDIATE")
        try:
            yield
            self._db.execute("COMMIT")
        except BaseException:
            if self._db.in_transaction:
                self._db.execute("ROLLBACK")
            raise

    def necks(self) -> list[NeckRow]:
        """All necks, in the order they were started."""
        with self._sentences():
            rows = self._db.execute(
                "SELECT id, described, created, (SELECT count(*) FROM entry WHERE entry.neck = neck.id) FROM neck ORDER BY id"
            ).fetchall()
        try:
            return [
                NeckRow(i, msgspec.json.decode(d, type=NeckDescription), created, n)
                for i, d, created, n in rows
            ]
        except msgspec.MsgspecError as error:
            raise LogbookDamaged(
                f"A neck in the logbook can't be read ({error}). Nothing was changed."
            ) from error

    def start(self, neck: NeckDescription, created: str, entries: Sequence[AnyEntry] = ()) -> int:
        """Put a new neck on the shelf, with its journal if it has one; returns its number."""
        with self._sentences(), self._writing():
            described = msgspec.json.encode(neck).decode()
            cursor = self._db.execute(
                "INSERT INTO neck (described, created) VALUES (?, ?)", (described, created)
            )
            number = int(cursor.lastrowid or 0)
            self._db.executemany(
                "INSERT INTO entry VALUES (?, ?, ?)",
                [
                    (number, n, msgspec.json.encode(entry).decode())
                    for n, entry in enumerate(entries, 1)
                ],
            )
            return number

    def entries(self, neck: int) -> list[AnyEntry]:
        """The journal of a neck, oldest first."""
        with self._sentences():
            rows = self._db.execute(
                "SELECT number, body FROM entry WHERE neck = ? ORDER BY number", (neck,)
            ).fetchall()
        decode = _decoder().decode
        try:
            return [decode(body) for _, body in rows]
        except msgspec.MsgspecError as error:
            raise LogbookDamaged(
                f"An entry in the logbook can't be read ({error}). Nothing was changed."
            ) from error

    def append(self, neck: int, number: int, *entries: AnyEntry) -> None:
        """Write entries, all or none; they are on disk when this returns. ``number`` must be the next one."""
        rows = [(neck, number + n, msgspec.json.encode(e).decode()) for n, e in enumerate(entries)]
        with self._sentences():
            try:
                with self._writing():
                    self._db.executemany("INSERT INTO entry VALUES (?, ?, ?)", rows)
            except sqlite3.IntegrityError as error:
                raise LogbookError(
                    "This neck was changed from another window meanwhile. Open it again; what was typed here last was not written down."
                ) from error
