"""Carries what a bench wrote to the server, each act once, and brings what other benches wrote.

Runs beside the window, on connections of its own; where the server is lost everything stays as it
is and is carried later.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Callable

import msgspec

from nuvrek import patience
from nuvrek.logbook.benches.bench_copy import (
    BenchCopy,
    Entries,
    OwnerKept,
    ShopSet,
    Started,
    There,
    Waiting,
    act_mark,
)
from nuvrek.logbook.benches.bringing import Bringer
from nuvrek.logbook.benches.server import ServerLogbook
from nuvrek.logbook.errors import LogbookError, NeckChanged, ServerLost
from nuvrek.logbook.joining.journals import time_order
from nuvrek.logbook.rows import add, check_stands, insert_neck, put_owner, put_shop
from nuvrek.logbook.stand import Stand, mark_of
from nuvrek.meaning import means

# So often an act is brought up to what others wrote before it waits for the next time.
_TRIES = 6


class Carrier:
    """Goes between one bench's copy and its server."""

    def __init__(self, bench: BenchCopy) -> None:
        self._bench = bench
        self._server: ServerLogbook | None = None
        self._bringer = Bringer(bench)

    @property
    def _db(self) -> sqlite3.Connection:
        db: sqlite3.Connection = self._bench._db
        return db

    def go(self) -> None:
        """There and back once. Raises LogbookError, ServerLost among them: all is as it was, or
        further on.
        """
        if self._server is None:
            self._server = ServerLogbook(self._bench.address)
        self._bringer.bring(self._server)
        if self._carry(self._server):
            self._bringer.bring(self._server)

    def wait(self, wake: int, seconds: float) -> None:
        """Wait until another bench says something or ``wake`` can be read. Raises LogbookError."""
        # What was said while we were on the way is heard first.
        if self._server is not None and not self._server.heard():
            self._server.wait([wake], seconds)
            self._server.heard()

    def close(self) -> None:
        """Close both sides."""
        if self._server is not None:
            self._server.close()
            self._server = None
        self._bench.close()

    def _carry(self, server: ServerLogbook) -> int:
        """What waits, to the server, in order; returns how much went."""
        went = 0
        tries: dict[str, int] = {}
        while True:
            patience.ask()
            waiting = self._bench.next_waiting()
            if waiting is None:
                return went
            try:
                server.once(waiting.act, _what_was_said(waiting), self._writer(waiting))
            except NeckChanged:
                tries[waiting.act] = tries.get(waiting.act, 0) + 1
                if tries[waiting.act] > _TRIES:
                    return went
                self._bringer.bring(server)
                continue
            except ServerLost:
                raise
            except LogbookError as error:
                self._refuse(waiting, str(error))
                continue
            self._done(waiting)
            went += 1

    def _writer(self, waiting: Waiting) -> Callable[[sqlite3.Connection], object]:
        """What is written on the server; the neck is known by its uid, the journal by its mark."""
        told = waiting.told

        def write(db: sqlite3.Connection) -> object:
            match told:
                case Started(created, described, bodies, names):
                    if db.execute("SELECT 1 FROM neck WHERE uid = ?", (waiting.uid,)).fetchone():
                        raise NeckChanged(means("keeping.another-bench-has-just-brought"))
                    insert_neck(db, waiting.uid, created, described, bodies)
                    # Its acts stand under the names they had: whoever still holds one sends none.
                    db.executemany("INSERT INTO act VALUES (?, ?) ON CONFLICT DO NOTHING", names)
                case Entries(bodies):
                    row = db.execute("SELECT id FROM neck WHERE uid = ?", (waiting.uid,)).fetchone()
                    there = self._bench.there_of(waiting.uid)
                    if row is None or there is None:
                        raise NeckChanged(means("keeping.neck-no-longer-logbook-with-again"))
                    stand = Stand(int(row[0]), waiting.uid, there.count, there.mark)
                    check_stands(db, stand)
                    add(db, stand, bodies)
                case OwnerKept(name, body, at, owner):
                    put_owner(db, name, body, at, owner)
                case ShopSet(name, body, at):
                    row = db.execute("SELECT at FROM shop WHERE name = ?", (name,)).fetchone()
                    if row is None or time_order(str(row[0])) <= time_order(at):
                        put_shop(db, name, body, at)
            return True

        return write

    def _done(self, waiting: Waiting) -> None:
        """It is there: it waits no more, and is known to be there."""
        with self._bench._sentences(), self._bench._writing():
            gone = self._db.execute("DELETE FROM waiting WHERE id = ?", (waiting.id,)).rowcount
            known = self._bench.there_of(waiting.uid)
            if not gone:
                return
            self._bench.note_sent([(waiting.act, _what_was_said(waiting))])
            match waiting.told:
                case Started(bodies=bodies):
                    self._step_there(waiting.uid, There(0, "", ""), len(bodies))
                case Entries(bodies) if known is not None:
                    self._step_there(waiting.uid, known, len(bodies))

    def _step_there(self, uid: str, known: There, more: int) -> None:
        """The server's journal is so many entries of ours longer."""
        count = known.count + more
        row = self._db.execute(
            "SELECT n.mark, e.mark FROM neck n LEFT JOIN entry e ON e.neck = n.id AND e.number = ? "
            "WHERE n.uid = ?",
            (count, uid),
        ).fetchone()
        if row is not None:
            self._bench.note_there(uid, There(count, str(row[1] or ""), str(row[0])))

    def _refuse(self, waiting: Waiting, why: str) -> None:
        with self._bench._sentences(), self._bench._writing():
            self._bench.hold(waiting, why)


def _what_was_said(waiting: Waiting) -> str:
    """The mark of what is told."""
    if isinstance(waiting.told, Entries):
        return act_mark(waiting.uid, waiting.told.bodies)
    return mark_of(waiting.uid, msgspec.json.encode(waiting.told))
