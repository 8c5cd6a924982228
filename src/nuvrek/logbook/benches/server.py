"""A logbook on a PostgreSQL server, for shops with several benches. The same tables, the same
sentences; every write locks what it stands on, and tells the other benches.
"""

from __future__ import annotations

import hashlib
import sqlite3
from collections.abc import Iterator, Sequence
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Any
from urllib.parse import urlsplit

from nuvrek.logbook.benches.server_connection import CHANNEL, Connection, LoginRefused, Lost
from nuvrek.logbook.errors import LogbookError, NeckChanged, ServerLost
from nuvrek.logbook.on_disk.schema import SCHEMA_VERSION, mark_all
from nuvrek.logbook.places import servers_folder
from nuvrek.logbook.rows import wrong_marks
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying, means

SCHEME = "postgresql://"
# The one word of ours on the channel; whatever else is said there is nothing.
CHANGED = "changed"
_TABLES = """
CREATE TABLE IF NOT EXISTS version (number INTEGER NOT NULL);
CREATE TABLE IF NOT EXISTS neck (
    id SERIAL PRIMARY KEY, described TEXT NOT NULL, created TEXT NOT NULL, uid TEXT NOT NULL
);
CREATE TABLE IF NOT EXISTS entry (
    neck INTEGER NOT NULL REFERENCES neck(id), number INTEGER NOT NULL, body TEXT NOT NULL,
    PRIMARY KEY (neck, number)
);
CREATE TABLE IF NOT EXISTS owner (
    id SERIAL PRIMARY KEY, name TEXT NOT NULL, body TEXT NOT NULL, at TEXT NOT NULL
);
ALTER TABLE neck ADD COLUMN IF NOT EXISTS mark TEXT NOT NULL DEFAULT '';
ALTER TABLE entry ADD COLUMN IF NOT EXISTS mark TEXT NOT NULL DEFAULT '';
ALTER TABLE owner ADD COLUMN IF NOT EXISTS uid TEXT NOT NULL DEFAULT '';
ALTER TABLE owner ADD COLUMN IF NOT EXISTS mark TEXT NOT NULL DEFAULT '';
CREATE TABLE IF NOT EXISTS shop (
    name TEXT PRIMARY KEY, body TEXT NOT NULL, at TEXT NOT NULL, mark TEXT NOT NULL
);
CREATE TABLE IF NOT EXISTS gone (
    neck TEXT NOT NULL, was TEXT NOT NULL, stays TEXT NOT NULL, PRIMARY KEY (neck, was)
);
CREATE TABLE IF NOT EXISTS act (id TEXT PRIMARY KEY, said TEXT NOT NULL);
"""
_ALL = "neck, entry, owner, shop, gone, act"
_HEADS = """
SELECT n.id, n.uid, n.mark, e.number, e.mark FROM neck n LEFT JOIN entry e ON e.neck = n.id
AND e.number = (SELECT max(number) FROM entry WHERE neck = n.id) ORDER BY n.id
"""


def identity_of(address: str) -> str:
    """By what a server's logbook is known on this machine: where it is, never who comes with what
    password.
    """
    said = urlsplit(address)
    return f"{said.hostname or 'local'}:{said.port or 5432}/{said.path.strip('/')}"


def place_of(address: str) -> Path:
    """Where this machine keeps what it knows of a server's logbook, and its copies."""
    name = hashlib.sha256(identity_of(address).encode()).hexdigest()[:12]
    return servers_folder() / name / "logbook.db"


class ServerLogbook(Logbook):
    """An open logbook on a server, spoken to directly: each call waits for the server."""

    def __init__(self, address: str) -> None:
        """Open the logbook at ``postgresql://...``, made there if it is new. Raises
        LogbookError.
        """
        try:
            import psycopg  # noqa: F401
        except ImportError as error:
            raise LogbookError(means("keeping.logbook-server-needs-psycopg-install")) from error
        # For what is kept on this machine beside it: no file of this name is made here.
        self.path = place_of(address)
        self.address = address
        self.look_only, self.damaged = "", False
        self._db: Any = Connection(address)
        try:
            with self._sentences():
                self._make()
        except BaseException:
            self._db.close()
            raise

    def _make(self) -> None:
        """The tables, if they are not there; a newer program's are left alone."""
        version = self._version()
        if version > SCHEMA_VERSION:
            raise LogbookError(means("keeping.logbook-server-written-newer-nuvrek"))
        if version < SCHEMA_VERSION:
            self._bring_on(version)
        may = self._db.execute(
            "SELECT has_table_privilege('entry', 'INSERT') AND "
            "has_table_privilege('neck', 'INSERT')"
        ).fetchone()
        if may and not may[0]:
            self.look_only = means("keeping.login-may-only-look-servers")

    def _version(self) -> int:
        there = self._db.execute("SELECT to_regclass('version')").fetchone()
        if not there or there[0] is None:
            return 0
        row = self._db.execute("SELECT max(number) FROM version").fetchone()
        if row:
            return int(row[0] or 0)
        return 0

    def _bring_on(self, version: int) -> None:
        try:
            self._db.begin()
            for statement in _TABLES.strip().split(";\n"):
                self._db.execute(statement.rstrip(";"))
            # Another bench may have just done it.
            if self._version() < SCHEMA_VERSION:
                mark_all(self._db)
                self._db.execute("DELETE FROM version")
                self._db.execute("INSERT INTO version VALUES (?)", (SCHEMA_VERSION,))
            self._db.commit()
        except LoginRefused as error:
            self._roll_back()
            if version:
                raise LogbookError(means("keeping.servers-logbook-older-nuvrek-login")) from error
            raise LogbookError(means("keeping.there-no-logbook-server-yet")) from error
        except BaseException:
            self._roll_back()
            raise

    def _roll_back(self) -> None:
        with suppress(sqlite3.Error):
            self._db.rollback()

    @contextmanager
    def _sentences(self) -> Iterator[None]:
        try:
            yield
        except Lost as error:
            raise ServerLost(error.words) from error
        except LoginRefused as error:
            raise LogbookError(means("keeping.login-may-not-do-server", error=error)) from error
        except sqlite3.Error as error:
            raise LogbookError(means("keeping.logbook-could-not-used", error=error)) from error

    @contextmanager
    def _writing(self) -> Iterator[None]:
        with self._locked("ROW EXCLUSIVE"):
            yield

    @contextmanager
    def rewriting(self) -> Iterator[sqlite3.Connection]:
        """Several necks and owners changed in one go, while no other bench writes."""
        self._check_writable()
        with self._sentences(), self._locked("SHARE ROW EXCLUSIVE"):
            yield self._db

    @contextmanager
    def _locked(self, mode: str) -> Iterator[None]:
        """A transaction that holds its tables from the start: what is checked in it stays so."""
        self._db.begin()
        try:
            self._db.execute(f"LOCK TABLE {_ALL} IN {mode} MODE")
            yield
            # Heard by the other benches once it is committed.
            self._db.execute("SELECT pg_notify(?, ?)", (CHANNEL, CHANGED))
            self._db.commit()
        except BaseException:
            self._roll_back()
            raise

    def again(self) -> Logbook:
        """The same logbook opened once more, for another thread."""
        return ServerLogbook(self.address)

    def check(self, thorough: bool = True) -> Saying:
        """A server looks after its own files; every row is looked at by its mark."""
        with self._sentences():
            if thorough:
                return next(iter(wrong_marks(self._db)), "")
            return ""

    def write_through(self) -> None:
        """What was written over is the server's own to sweep."""

    def changed_elsewhere(self) -> bool:
        """Whoever speaks to the server directly hears of others by ``heard``."""
        return False

    def heard(self) -> bool:
        """Whether any bench (or this one) has written since it was asked last. Raises
        LogbookError.
        """
        with self._sentences():
            return CHANGED in self._db.heard()

    def wait(self, others: Sequence[int], seconds: float) -> None:
        """Wait until a bench says something, one of ``others`` (file numbers) can be read, or the
        time is over.
        """
        self._db.wait(others, seconds)

    # --- for a bench's own copy ------------------------------------------------------------

    def server_heads(self) -> list[tuple[int, str, str, int, str]]:
        """Of every neck its number and uid, the mark of its description, and where its journal
        stands. Raises LogbookError.
        """
        with self._sentences():
            rows = self._db.execute(_HEADS).fetchall()
        return [(n, uid, mark, int(last or 0), end or "") for n, uid, mark, last, end in rows]

    def bodies(self, number: int, after: int = 0) -> list[tuple[int, str, str]]:
        """Number, body and mark of a journal's entries past one. Raises LogbookError."""
        with self._sentences():
            rows: list[tuple[int, str, str]] = self._db.execute(
                "SELECT number, body, mark FROM entry WHERE neck = ? AND number >= ? "
                "ORDER BY number",
                (number, max(after, 1)),
            ).fetchall()
        return rows

    def table(self, name: str, columns: str) -> list[tuple[Any, ...]]:
        """All rows of a small table. Raises LogbookError."""
        with self._sentences():
            rows: list[tuple[Any, ...]] = self._db.execute(
                f"SELECT {columns} FROM {name} ORDER BY 1, 2"
            ).fetchall()
        return rows

    @contextmanager
    def at_one_moment(self) -> Iterator[None]:
        """What is read within is as it was at one moment, whatever is written meanwhile."""
        with self._sentences():
            try:
                self._db.begin("ISOLATION LEVEL REPEATABLE READ, READ ONLY")
                yield
                self._db.commit()
            except BaseException:
                self._roll_back()
                raise

    def done_of(self, acts: Sequence[str]) -> frozenset[str]:
        """Which of these acts were written already. Raises LogbookError."""
        if not acts:
            return frozenset()
        with self._sentences():
            rows = self._db.execute("SELECT id FROM act WHERE id = ANY(?)", (list(acts),))
            return frozenset(str(act) for (act,) in rows.fetchall())

    def acts_that_said(self, said: Sequence[str]) -> list[tuple[str, str]]:
        """Under which names acts were written that say this (by their marks), with what each says.
        Raises LogbookError.
        """
        if not said:
            return []
        with self._sentences():
            rows: list[tuple[str, str]] = self._db.execute(
                "SELECT id, said FROM act WHERE said = ANY(?)", (list(said),)
            ).fetchall()
        return rows

    def once(self, act: str, text: str, write: Any) -> Any:
        """Do a write under a name, once ever: what was done before is not done again. ``said`` is
        the mark of what it says. Returns what it gave, None where it was done. Raises
        LogbookError.
        """
        self._check_writable()
        with self._sentences():
            try:
                with self._writing():
                    if self._db.execute("SELECT 1 FROM act WHERE id = ?", (act,)).fetchone():
                        return None
                    # First of all: of two that do the same at once the later one waits here.
                    self._db.execute("INSERT INTO act VALUES (?, ?)", (act, text))
                    return write(self._db)
            except sqlite3.IntegrityError as error:
                raise NeckChanged(means("keeping.another-bench-has-just-written")) from error
