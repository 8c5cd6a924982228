"""A logbook on a PostgreSQL server, for shops with several benches. The same tables, the same
sentences; what other benches write is heard, and what can't be written is kept aside.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Iterable, Iterator, Sequence
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Any
from urllib.parse import urlsplit

from nuvrek.language import tr
from nuvrek.logbook.kept_aside import Aside, KeptAside
from nuvrek.logbook.store import SCHEMA_VERSION, Logbook, LogbookError
from nuvrek.readings.entries import AnyEntry

SCHEME = "postgresql://"
CHANNEL = "nuvrek"
_WAIT_S = 5
_LOST = tr(
    "The server of this logbook can't be reached. What you wrote is kept aside on this machine; "
    "it is offered under Kept safe when the server is back."
)
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
"""


class Lost(sqlite3.OperationalError):
    """The server is gone; raised as the file's own errors are, so that it is told like them."""


class _Rows:
    """What a statement gave, as the file's cursor gives it."""

    def __init__(self, rows: list[tuple[Any, ...]], lastrowid: int | None) -> None:
        self._rows, self.lastrowid = rows, lastrowid

    def fetchall(self) -> list[tuple[Any, ...]]:
        return self._rows

    def fetchone(self) -> tuple[Any, ...] | None:
        return self._rows[0] if self._rows else None

    def __iter__(self) -> Iterator[tuple[Any, ...]]:
        return iter(self._rows)


class _Connection:
    """The server spoken to in the words of the file: question marks, and the file's errors."""

    def __init__(self, address: str) -> None:
        self.address = address
        self._server: Any = None
        self.in_transaction = False

    @property
    def server(self) -> Any:
        """The connection itself, made anew where it was lost. Raises Lost."""
        import psycopg

        if self._server is None or self._server.closed or self._server.broken:
            if self.in_transaction:
                self.in_transaction = False
                raise Lost(tr("server lost within an act"))
            try:
                self._server = psycopg.connect(
                    self.address, autocommit=True, connect_timeout=_WAIT_S
                )
                self._server.execute(f"LISTEN {CHANNEL}")
            except psycopg.Error as error:
                raise Lost(tr("server: {error}", error=error)) from error
        return self._server

    def execute(self, said: str, values: Sequence[object] = ()) -> _Rows:
        """One statement. Raises what the file would."""
        import psycopg

        if said.startswith("PRAGMA user_version"):
            return _Rows([(SCHEMA_VERSION,)], None)
        if said.startswith("PRAGMA"):
            return _Rows([("ok",)], None)
        word = said.split(None, 1)[0]
        if word == "BEGIN":
            said = "BEGIN"
        if said.startswith("INSERT INTO neck"):
            said += " RETURNING id"
        said = said.replace("%", "%%").replace("?", "%s")
        said = said.replace("LIMIT %s", "LIMIT NULLIF(%s, -1)")
        try:
            cursor = self.server.execute(said, tuple(values) or None)
            rows = cursor.fetchall() if cursor.description else []
        except psycopg.errors.IntegrityError as error:
            raise sqlite3.IntegrityError(str(error)) from error
        except (psycopg.OperationalError, psycopg.InterfaceError) as error:
            self._drop()
            raise Lost(tr("server: {error}", error=error)) from error
        except psycopg.Error as error:
            raise sqlite3.OperationalError(str(error)) from error
        self.in_transaction = {"BEGIN": True, "COMMIT": False, "ROLLBACK": False}.get(
            word, self.in_transaction
        )
        last = int(rows[0][0]) if said.endswith("RETURNING id") and rows else None
        return _Rows(rows, last)

    def executemany(self, said: str, rows: Iterable[Sequence[object]]) -> None:
        """One statement for several rows."""
        for row in rows:
            self.execute(said, row)

    def _drop(self) -> None:
        with suppress(Exception):
            self._server.close()
        self._server = None

    @property
    def breaks(self) -> type[Exception]:
        """What a broken connection raises."""
        import psycopg

        return psycopg.Error

    def heard(self) -> list[str]:
        """What other benches have said since."""
        if self._server is None or self._server.closed:
            return []
        return [note.payload for note in self._server.notifies(timeout=0)]

    def close(self) -> None:
        """Close the connection, if there is one."""
        if self._server is not None:
            self._drop()


class ServerLogbook(Logbook):
    """An open logbook on a server. ``aside`` is where acts are kept that could not be written."""

    def __init__(self, address: str, aside: Path) -> None:
        """Open the logbook at ``postgresql://...``, made there if it is new. Raises
        LogbookError.
        """
        try:
            import psycopg  # noqa: F401
        except ImportError as error:
            raise LogbookError(
                tr("A logbook on a server needs psycopg: install nuvrek[server].")
            ) from error
        # For those who name files by it: no file of this name is ever made or read.
        name = urlsplit(address).path.strip("/") or "server"
        self.path = Path(f"{name}@{urlsplit(address).hostname or 'server'}")
        self.address, self._aside = address, KeptAside(aside)
        self.look_only, self.damaged = "", False
        self._db: Any = _Connection(address)
        with self._sentences():
            self._make()

    def _make(self) -> None:
        """The tables, if they are not there; a newer program's are left alone."""
        with self._writing():
            for statement in _TABLES.strip().split(";\n"):
                self._db.execute(statement.rstrip(";"))
            rows = self._db.execute("SELECT max(number) FROM version").fetchone()
            version = rows[0] if rows else None
            if version is None:
                self._db.execute("INSERT INTO version VALUES (?)", (SCHEMA_VERSION,))
        if version is not None and int(version) > SCHEMA_VERSION:
            self._db.close()
            raise LogbookError(
                tr(
                    "The logbook on this server was written by a newer Nuvrek. It was left "
                    "untouched; please update."
                )
            )

    @contextmanager
    def _sentences(self) -> Iterator[None]:
        try:
            yield
        except Lost as error:
            raise LogbookError(
                tr("The server of this logbook can't be reached. What is open goes on being shown.")
            ) from error
        except sqlite3.Error as error:
            raise LogbookError(
                tr("The logbook could not be used ({error}).", error=error)
            ) from error

    def again(self) -> Logbook:
        """The same logbook opened once more, for another thread."""
        return ServerLogbook(self.address, self._aside.path)

    def check(self, thorough: bool = True) -> str:
        """A server looks after its own files."""
        return ""

    def write_through(self) -> None:
        """What was written over is the server's own to sweep."""

    def append(self, neck: int, number: int, *entries: AnyEntry) -> None:
        """Write an act and tell the other benches. Where the server is lost it is kept aside.
        Raises LogbookError.
        """
        try:
            super().append(neck, number, *entries)
        except LogbookError as error:
            if isinstance(error.__cause__, Lost):
                self._aside.keep(Aside(neck, number, entries))
                raise LogbookError(_LOST) from error
            raise
        with suppress(sqlite3.Error):
            self._db.execute("SELECT pg_notify(?, ?)", (CHANNEL, str(neck)))

    def heard(self) -> set[int]:
        """The necks that other benches (or this one) have written to since it was asked last."""
        try:
            return {int(said) for said in self._db.heard() if said.isdigit()}
        except self._db.breaks:
            # The next thing that is written or read says that the server is lost.
            return set()

    # --- what could not be written ---------------------------------------------------------

    def kept_aside(self) -> list[Aside]:
        """The acts that wait for the server. Raises LogbookError."""
        return [act for _, act in self._aside.lines() if act is not None]

    def torn_aside(self) -> int:
        """How many of the acts kept aside can't be read; they stay in their file."""
        return sum(act is None for _, act in self._aside.lines())

    def write_aside(self) -> int:
        """Write what was kept aside, each act at the end of its journal; returns how many. Raises
        LogbookError, and what is left waits on.
        """
        done = 0
        for line, act in self._aside.lines():
            if act is None:
                continue
            entries = self.journal(act.neck).entries
            if not act.stands_in(entries):
                Logbook.append(self, act.neck, len(entries) + 1, *act.entries)
                with suppress(sqlite3.Error):
                    self._db.execute("SELECT pg_notify(?, ?)", (CHANNEL, str(act.neck)))
            self._aside.drop(line)
            done += 1
        return done
