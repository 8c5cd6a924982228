"""A PostgreSQL server that answers as the file does: the same statements, with question marks for
values, and the file's errors. No call waits longer than it says, whatever the server does.

The statements of ``rows.py`` and ``store.py`` are written in what both databases know; only where
a transaction begins and ends is said by name.
"""

from __future__ import annotations

import re
import select
import socket
import sqlite3
import threading
from collections.abc import Iterable, Iterator, Sequence
from contextlib import contextmanager, suppress
from typing import Any

from nuvrek.meaning import Saying, means

CHANNEL = "nuvrek"
# How long a connection, and a statement, may take; a lock held by another bench is waited for
# less. A merge writes many rows in one statement.
_CONNECT_S, _LOCK_S, _STATEMENT_S, _MANY_S = 5, 8, 15, 120
_PARAMETERS: dict[str, Any] = {
    "connect_timeout": _CONNECT_S,
    "keepalives": 1,
    "keepalives_idle": 5,
    "keepalives_interval": 3,
    "keepalives_count": 3,
    "tcp_user_timeout": 15_000,
    "application_name": "nuvrek",
    "options": f"-c lock_timeout={_LOCK_S}s -c statement_timeout={_MANY_S}s "
    "-c idle_in_transaction_session_timeout=60s -c client_min_messages=error",
}


class Lost(sqlite3.OperationalError):
    """The server is gone; ``words`` is a sentence for the user."""

    def __init__(self, why: object, words: Saying = "") -> None:
        super().__init__(str(why))
        self.words = words or means("keeping.server-logbook-cant-reached")


class LoginRefused(sqlite3.OperationalError):
    """The server is there, and this login may not do that."""


class ServerRows:
    """What a statement gave, as the file's cursor gives it."""

    def __init__(self, rows: list[tuple[Any, ...]], rowcount: int) -> None:
        self._rows, self.rowcount = rows, rowcount

    def fetchall(self) -> list[tuple[Any, ...]]:
        return self._rows

    def fetchone(self) -> tuple[Any, ...] | None:
        if self._rows:
            return self._rows[0]
        return None

    def __iter__(self) -> Iterator[tuple[Any, ...]]:
        return iter(self._rows)


class Connection:
    """One connection, made when it is first wanted, and anew once it was lost."""

    def __init__(self, address: str) -> None:
        self.address = address
        self._server: Any = None
        self.in_transaction = False

    @property
    def server(self) -> Any:
        """The connection itself. Raises Lost."""
        import psycopg

        if self._server is None or self._server.closed or self._server.broken:
            if self.in_transaction:
                self.in_transaction = False
                raise Lost("server lost within an act")
            try:
                self._server = psycopg.connect(self.address, autocommit=True, **_PARAMETERS)
                with self._at_most(_STATEMENT_S):
                    self._server.execute(f"LISTEN {CHANNEL}")
            except psycopg.Error as error:
                self._drop()
                raise Lost(error, _why_not(error)) from error
        return self._server

    def execute(self, statement: str, values: Sequence[object] = ()) -> ServerRows:
        """One statement. Raises what the file would."""
        cursor = self._do(_with_its_placeholders(statement), tuple(values) or None, many=False)
        rows = cursor.fetchall() if cursor.description else []
        return ServerRows(rows, cursor.rowcount)

    def begin(self, how: str = "") -> None:
        """Begin a transaction; ``how`` is its isolation. Raises what the file would."""
        self.execute(f"BEGIN {how}")
        self.in_transaction = True

    def commit(self) -> None:
        """End a transaction: what was written in it stays. Raises what the file would."""
        self.execute("COMMIT")
        self.in_transaction = False

    def rollback(self) -> None:
        """End a transaction, if there is one: nothing of it stays. Raises what the file would."""
        if self.in_transaction:
            self.execute("ROLLBACK")
            self.in_transaction = False

    def executemany(self, statement: str, rows: Iterable[Sequence[object]]) -> None:
        """One statement for several rows, sent in one go."""
        many = [tuple(row) for row in rows]
        if many:
            self._do(_with_its_placeholders(statement), many, many=True)

    def _do(self, statement: str, values: Any, many: bool) -> Any:
        """Run it; what was first asked of a line that broke while nobody spoke is asked anew."""
        fresh = self._server is None or self.in_transaction
        try:
            return self._run(statement, values, many)
        except Lost as error:
            if fresh or error.words != Lost("").words:
                raise
            return self._run(statement, values, many)

    def _run(self, statement: str, values: Any, many: bool) -> Any:
        import psycopg

        server = self.server
        try:
            with self._at_most(_MANY_S if many or self.in_transaction else _STATEMENT_S):
                if not many:
                    return server.execute(statement, values)
                cursor = server.cursor()
                cursor.executemany(statement, values)
                return cursor
        except psycopg.errors.IntegrityError as error:
            raise sqlite3.IntegrityError(str(error)) from error
        except psycopg.errors.InsufficientPrivilege as error:
            raise LoginRefused(str(error)) from error
        except psycopg.errors.LockNotAvailable as error:
            busy = means("keeping.another-bench-writing-logbook-take")
            raise Lost(error, busy) from error
        except (psycopg.OperationalError, psycopg.InterfaceError) as error:
            self._drop()
            raise Lost(error) from error
        except psycopg.Error as error:
            raise sqlite3.OperationalError(str(error)) from error

    @contextmanager
    def _at_most(self, seconds: float) -> Iterator[None]:
        """Whatever the server does: after so long the line is cut, and the call ends."""
        number = self._server.pgconn.socket

        def cut() -> None:
            with suppress(OSError), socket.socket(fileno=_again(number)) as line:
                line.shutdown(socket.SHUT_RDWR)

        timer = threading.Timer(seconds, cut)
        timer.daemon = True
        timer.start()
        try:
            yield
        finally:
            timer.cancel()

    def _drop(self) -> None:
        self.in_transaction = False
        with suppress(Exception):
            self._server.close()
        self._server = None

    def heard(self) -> list[str]:
        """What other benches have said since. Raises Lost."""
        import psycopg

        if self._server is None or self._server.closed:
            return []
        try:
            return [note.payload for note in self._server.notifies(timeout=0)]
        except psycopg.Error as error:
            self._drop()
            raise Lost(error) from error

    def wait(self, others: Sequence[int], seconds: float) -> None:
        """Wait for the server or one of ``others`` to have something to be read."""
        lines = list(others)
        if self._server is not None and not self._server.closed:
            lines.append(self._server.pgconn.socket)
        with suppress(OSError, ValueError):
            select.select(lines, [], [], seconds)

    def close(self) -> None:
        """Close the connection, if there is one."""
        if self._server is not None:
            self._drop()


def _again(number: int) -> int:
    import os

    return os.dup(number)


def _with_its_placeholders(statement: str) -> str:
    return statement.replace("%", "%%").replace("?", "%s")


_PASSWORD = re.compile(r"password authentication failed|no password supplied|28P01", re.IGNORECASE)
_NO_LOGIN = re.compile(r'role ".*" does not exist|no pg_hba.conf entry', re.IGNORECASE)
_NO_DATABASE = re.compile(r'database ".*" does not exist', re.IGNORECASE)


def _why_not(error: Exception) -> Saying:
    """Why a connection could not be made, where it is not just the line."""
    text = str(error)
    if _PASSWORD.search(text):
        return means("keeping.server-refuses-name-or-password")
    if _NO_LOGIN.search(text):
        return means("keeping.server-does-not-let-login")
    if _NO_DATABASE.search(text):
        return means("keeping.server-has-no-such-logbook")
    return ""
