"""Carries what a bench wrote to the server, each act once, and brings what other benches wrote.

Runs beside the window, on connections of its own; where the server is lost everything stays as it
is and is carried later.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Callable, Sequence
from typing import Any

import msgspec
from msgspec import Struct

from nuvrek import patience
from nuvrek.language import tr
from nuvrek.logbook.bench_copy import BenchCopy, Entries, OwnerKept, ShopSet, Started, Waiting
from nuvrek.logbook.encoding import described_body, entry_body
from nuvrek.logbook.errors import LogbookError, NeckChanged, ServerLost
from nuvrek.logbook.journals import after, time_order
from nuvrek.logbook.reading_back import decoder
from nuvrek.logbook.reading_back import described as described_as
from nuvrek.logbook.rows import (
    add,
    check_stands,
    insert_neck,
    put_owner,
    put_shop,
    redescribe,
    rewrite,
    stand_of,
)
from nuvrek.logbook.server import ServerLogbook
from nuvrek.logbook.stand import Stand, mark_of
from nuvrek.readings.check import journal_faults
from nuvrek.readings.entries import AnyEntry

# So often an act is brought up to what others wrote before it waits for the next time.
_TRIES = 6
# The small tables that are brought whole, with their columns.
_SMALL = {
    "gone": "neck, was, stays",
    "owner": "id, name, body, at, uid, mark",
    "shop": "name, body, at, mark",
}


class Carried(Struct, frozen=True):
    """What one going there and back has done: the necks that are other here than before (uids),
    whether owners or the shop are; how many acts wait, and how many can't go.
    """

    necks: frozenset[str] = frozenset()
    others: bool = False
    waits: int = 0
    refused: int = 0


class _There(Struct, frozen=True):
    """Where a neck stood on the server when it was last brought."""

    count: int
    mark: str
    described: str


class Carrier:
    """Goes between one bench's copy and its server."""

    def __init__(self, bench: BenchCopy) -> None:
        self._bench = bench
        self._server: ServerLogbook | None = None
        self._small: dict[str, list[tuple[Any, ...]]] = {}
        # Owners a neck here was described with and is no more: by the neck and the mark it had.
        self._renamed: dict[tuple[str, str], str] = {}

    @property
    def _db(self) -> sqlite3.Connection:
        db: sqlite3.Connection = self._bench._db
        return db

    def go(self) -> Carried:
        """There and back once. Raises LogbookError, ServerLost among them: all is as it was, or
        further on.
        """
        if self._server is None:
            self._server = ServerLogbook(self._bench.address)
        changed, others = self._bring(self._server)
        told = self._carry(self._server)
        if told:
            more, again = self._bring(self._server)
            changed, others = changed | more, others or again
        waits, refused = self._bench.counts()
        return Carried(frozenset(changed), others, waits, refused)

    def wait(self, wake: int, seconds: float) -> set[str]:
        """Wait until another bench says something or ``wake`` can be read; what was said. Raises
        LogbookError.
        """
        if self._server is None:
            return set()
        self._server.wait([wake], seconds)
        with self._server._sentences():
            return self._server.heard()

    def close(self) -> None:
        """Close both sides."""
        if self._server is not None:
            self._server.close()
            self._server = None
        self._bench.close()

    # --- bringing --------------------------------------------------------------------------

    def _bring(self, server: ServerLogbook) -> tuple[set[str], bool]:
        """What others wrote, into the copy."""
        heads = server.server_heads()
        done = server.done_of([one.act for one in self._bench.waiting() if not one.why])
        known = self._known()
        changed: set[str] = set()
        for number, uid, described, count, mark in heads:
            patience.ask()
            if known.get(uid) != _There(count, mark, described):
                self._bring_neck(server, number, uid, done)
                changed.add(uid)
        for uid in known.keys() - {head[1] for head in heads}:
            self._take_away(uid)
            changed.add(uid)
        return changed, self._bring_small(server)

    def _known(self) -> dict[str, _There]:
        rows = self._db.execute("SELECT uid, count, mark, described FROM there").fetchall()
        return {uid: _There(count, mark, described) for uid, count, mark, described in rows}

    def _bring_neck(
        self, server: ServerLogbook, number: int, uid: str, done: frozenset[str]
    ) -> None:
        """A neck as the server has it, with what this bench has still to tell after it."""
        known = self._known().get(uid)
        base = known.count if known is not None else 0
        rows = server.bodies(number, base)
        whole = known is not None and base and rows and rows[0][2] == known.mark
        if not whole:
            rows = server.bodies(number)
        row = server.table(f"neck WHERE id = {int(number)}", "described, created, uid, mark")
        if not row or row[0][2] != uid:
            return
        described, created, _, mark = row[0]
        fresh = [body for place, body, _ in rows if not whole or place > base]
        there = _There(rows[-1][0] if rows else 0, rows[-1][2] if rows else "", mark)
        with self._bench._sentences(), self._bench._writing():
            stand = self._here(uid)
            waiting = self._still_waiting(uid, done)
            if stand is None:
                self._insert(number, uid, created, described, fresh)
            elif whole and (stand.count, stand.mark) == (base, rows[0][2]):
                add(self._db, stand, fresh)
            else:
                before = [] if not whole else self._bodies_here(stand.neck, base)
                self._put_after(stand, [*before, *fresh], waiting)
            if stand is not None:
                self._describe(stand, described)
            self._note_there(uid, there)

    def _describe(self, stand: Stand, described: str) -> None:
        """The first description as the server has it; whom it no longer names is remembered."""
        row = self._db.execute("SELECT described FROM neck WHERE id = ?", (stand.neck,)).fetchone()
        if str(row[0]) == described:
            return
        was, now = (described_as(stand.neck, body)[0] for body in (row[0], described))
        if was.owner.strip() != now.owner.strip():
            self._renamed[stand.uid, mark_of(described_body(was))] = was.owner.strip()
        redescribe(self._db, stand.neck, described)

    def _still_waiting(self, uid: str, done: frozenset[str]) -> list[Waiting]:
        """What of a neck is not on the server yet: a program killed in between never said that it
        is there.
        """
        left = []
        for one in self._bench.waiting(uid):
            if one.act in done or isinstance(one.told, Started):
                self._db.execute("DELETE FROM waiting WHERE id = ?", (one.id,))
            elif not one.why:
                left.append(one)
        return left

    def _here(self, uid: str) -> Stand | None:
        row = self._db.execute("SELECT id FROM neck WHERE uid = ?", (uid,)).fetchone()
        return None if row is None else stand_of(self._db, int(row[0]))

    def _bodies_here(self, neck: int, most: int) -> list[str]:
        return [
            str(body)
            for (body,) in self._db.execute(
                "SELECT body FROM entry WHERE neck = ? AND number <= ? ORDER BY number",
                (neck, most),
            )
        ]

    def _insert(
        self, number: int, uid: str, created: str, described: str, bodies: Sequence[str]
    ) -> None:
        """A neck that is new here; under the server's number, where that is free."""
        stand = insert_neck(self._db, uid, created, described, ())
        free = self._db.execute("SELECT 1 FROM neck WHERE id = ?", (number,)).fetchone() is None
        if free:
            self._db.execute("UPDATE neck SET id = ? WHERE id = ?", (number, stand.neck))
            stand = Stand(number, uid)
        add(self._db, stand, bodies)

    def _put_after(self, stand: Stand, theirs: Sequence[str], waiting: Sequence[Waiting]) -> None:
        """The server's journal, and after it what waits here, each act checked like one at the
        bench.
        """
        size = sum(len(one.told.bodies) for one in waiting if isinstance(one.told, Entries))
        known = stand.count - size
        try:
            before = [decoded(body) for body in self._bodies_here(stand.neck, stand.count)]
            journal = [decoded(body) for body in theirs]
        except (msgspec.MsgspecError, ValueError) as error:
            for one in waiting:
                self._hold(one, tr("its journal can't be read ({error})", error=error))
            rewrite(self._db, stand, theirs)
            return
        described = self._db.execute(
            "SELECT described FROM neck WHERE id = ?", (stand.neck,)
        ).fetchone()[0]
        bodies = list(theirs)
        for one in waiting:
            assert isinstance(one.told, Entries)
            size = len(one.told.bodies)
            why, made = self._fitted(described, journal, before[: known + size], known)
            known += size
            if why:
                self._hold(one, why)
                continue
            journal += made
            new = tuple(entry_body(entry) for entry in made)
            bodies += new
            self._db.execute(
                "UPDATE waiting SET body = ? WHERE id = ?",
                (msgspec.json.encode(Entries(new)).decode(), one.id),
            )
            self._bench.note_own(stand.uid, new)
        rewrite(self._db, stand, bodies)

    def _fitted(
        self, described: str, journal: list[AnyEntry], ours: list[AnyEntry], known: int
    ) -> tuple[str, tuple[AnyEntry, ...]]:
        """An act of ours after a journal that is another than it was written on; or why not."""
        from nuvrek.neck.description import NeckDescription

        try:
            made = after(journal, ours, known)
        except ValueError as error:
            return str(error), ()
        neck = msgspec.json.decode(described, type=NeckDescription)
        faults = journal_faults(neck, [*journal, *made])
        if faults and not journal_faults(neck, journal):
            return faults[0], ()
        return "", made

    def _note_there(self, uid: str, there: _There) -> None:
        self._db.execute(
            "INSERT OR REPLACE INTO there VALUES (?, ?, ?, ?)",
            (uid, there.count, there.mark, there.described),
        )

    def _take_away(self, uid: str) -> None:
        """A neck that is no longer on the server: what waits for it can't go."""
        why = tr("its neck is no longer in the logbook")
        with self._bench._sentences(), self._bench._writing():
            stand = self._here(uid)
            if stand is not None:
                self._db.execute("DELETE FROM entry WHERE neck = ?", (stand.neck,))
                self._db.execute("DELETE FROM neck WHERE id = ?", (stand.neck,))
            self._db.execute("DELETE FROM there WHERE uid = ?", (uid,))
            self._db.execute("UPDATE waiting SET why = ? WHERE uid = ? AND why = ''", (why, uid))

    def _bring_small(self, server: ServerLogbook) -> bool:
        """Owners, what the shop has set and what was taken out: brought whole where it changed."""
        changed, gone = False, set[str]()
        for name, columns in _SMALL.items():
            rows = server.table(name, columns)
            if self._small.get(name) == rows:
                continue
            with self._bench._sentences(), self._bench._writing():
                old = self._db.execute(f"SELECT {columns} FROM {name} ORDER BY 1, 2").fetchall()
                waiting = [one.told for one in self._bench.waiting("") if not one.why]
                if name == "gone":
                    gone = self._names_gone(rows)
                if old != rows or waiting:
                    self._put_small(name, columns, rows, waiting)
                new = self._db.execute(f"SELECT {columns} FROM {name} ORDER BY 1, 2").fetchall()
            changed = changed or old != new
            self._small[name] = rows
        if gone:
            self._clean_copies(gone)
        return changed

    def _put_small(
        self, name: str, columns: str, rows: Sequence[tuple[Any, ...]], waiting: Sequence[object]
    ) -> None:
        self._db.execute(f"DELETE FROM {name}")
        marks = ", ".join("?" for _ in columns.split(","))
        self._db.executemany(f"INSERT INTO {name} ({columns}) VALUES ({marks})", rows)
        for told in waiting:
            match told:
                case OwnerKept() if name == "owner":
                    put_owner(self._db, told.name, told.body, told.at, told.owner)
                case ShopSet() if name == "shop":
                    put_shop(self._db, told.name, told.body, told.at)

    def _names_gone(self, rows: Sequence[tuple[Any, ...]]) -> set[str]:
        """The names, as far as they are known here, of owners who were taken out elsewhere."""
        had = set(self._db.execute("SELECT was FROM gone WHERE neck = ''").fetchall())
        new = {was for neck, was, _ in rows if not neck and (was,) not in had}
        named = self._db.execute("SELECT name, uid FROM owner").fetchall()
        names = {str(name) for name, uid in named if uid in new}
        return names | {
            self._renamed[neck, was] for neck, was, _ in rows if (neck, was) in self._renamed
        }

    def _clean_copies(self, names: set[str]) -> None:
        """Owners taken out at another bench go from the copies that lie here as well."""
        from nuvrek.logbook.privacy import clean_copies

        self._bench.write_through()
        for name in names:
            clean_copies(self._bench.path, name, photos=False, at="")

    # --- carrying --------------------------------------------------------------------------

    def _carry(self, server: ServerLogbook) -> int:
        """What waits, to the server, in order; returns how much went."""
        went = 0
        tries: dict[str, int] = {}
        while True:
            patience.ask()
            waiting = [one for one in self._bench.waiting() if not one.why]
            if not waiting:
                return went
            one = waiting[0]
            try:
                server.once(one.act, self._writer(one))
            except NeckChanged:
                tries[one.act] = tries.get(one.act, 0) + 1
                if tries[one.act] > _TRIES:
                    return went
                self._bring(server)
                continue
            except ServerLost:
                raise
            except LogbookError as error:
                self._refuse(one, str(error))
                continue
            self._done(one)
            went += 1
            server._told(one.uid or "all")

    def _writer(self, one: Waiting) -> Callable[[sqlite3.Connection], object]:
        """What is written on the server; the neck is known by its uid, the journal by its mark."""
        told = one.told

        def write(db: sqlite3.Connection) -> object:
            match told:
                case Started(created, described, bodies):
                    insert_neck(db, one.uid, created, described, bodies)
                case Entries(bodies):
                    row = db.execute("SELECT id FROM neck WHERE uid = ?", (one.uid,)).fetchone()
                    there = self._known().get(one.uid)
                    if row is None or there is None:
                        raise NeckChanged(tr("This neck is no longer in the logbook."))
                    stand = Stand(int(row[0]), one.uid, there.count, there.mark)
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

    def _done(self, one: Waiting) -> None:
        """It is there: it waits no more, and is known to be there."""
        with self._bench._sentences(), self._bench._writing():
            gone = self._db.execute("DELETE FROM waiting WHERE id = ?", (one.id,)).rowcount
            known = self._known().get(one.uid)
            if not gone:
                return
            match one.told:
                case Started(bodies=bodies):
                    self._step_there(one.uid, _There(0, "", ""), len(bodies))
                case Entries(bodies) if known is not None:
                    self._step_there(one.uid, known, len(bodies))

    def _step_there(self, uid: str, known: _There, more: int) -> None:
        """The server's journal is so many entries of ours longer."""
        count = known.count + more
        row = self._db.execute(
            "SELECT n.mark, e.mark FROM neck n LEFT JOIN entry e ON e.neck = n.id AND e.number = ? "
            "WHERE n.uid = ?",
            (count, uid),
        ).fetchone()
        if row is not None:
            self._note_there(uid, _There(count, str(row[1] or ""), str(row[0])))

    def _refuse(self, one: Waiting, why: str) -> None:
        with self._bench._sentences(), self._bench._writing():
            self._hold(one, why)

    def _hold(self, one: Waiting, why: str) -> None:
        self._db.execute("UPDATE waiting SET why = ? WHERE id = ?", (why, one.id))


def decoded(body: str) -> AnyEntry:
    """An entry as it is kept. Raises msgspec's errors."""
    return decoder().decode(body)
