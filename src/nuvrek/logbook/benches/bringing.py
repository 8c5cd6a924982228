"""Brings what other benches wrote into a bench's own copy, and puts what waits there after it. What
the server held before and has lost (it was put back from an older day) is let wait again.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Callable, Mapping, Sequence
from typing import Any

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
from nuvrek.logbook.benches.server import ServerLogbook
from nuvrek.logbook.encoding import described_body, entry_body
from nuvrek.logbook.joining.gone import cleaned_of
from nuvrek.logbook.joining.journals import placed_after, time_order
from nuvrek.logbook.reading_back import decoder
from nuvrek.logbook.reading_back import described as described_as
from nuvrek.logbook.rows import (
    PUT_BACK,
    TAKEN_AWAY,
    add,
    insert_neck,
    put_owner,
    put_shop,
    redescribe,
    rewrite,
    stand_of,
)
from nuvrek.logbook.stand import Stand, mark_of
from nuvrek.meaning import Saying, means, written
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.check import journal_faults
from nuvrek.readings.entries import AnyEntry

# The small tables that are brought whole, with their columns.
_SMALL = {
    "gone": "neck, was, stays",
    "owner": "id, name, body, at, uid, mark",
    "shop": "name, body, at, mark",
}


class Bringer:
    """Brings from the server into one bench's copy."""

    def __init__(self, bench: BenchCopy) -> None:
        self._bench = bench
        self._small: dict[str, list[tuple[Any, ...]]] = {}
        # Owners a neck here was described with and is no more: by the neck and the mark it had.
        self._renamed: dict[tuple[str, str], str] = {}

    @property
    def _db(self) -> sqlite3.Connection:
        db: sqlite3.Connection = self._bench._db
        return db

    def bring(self, server: ServerLogbook) -> None:
        """What others wrote, into the copy; what the server lost (it was put back from an older
        state) goes there again.
        """
        heads = server.server_heads()
        gone = _gathered(server.table("gone", _SMALL["gone"]))
        known = self._bench.there()
        for number, uid, described, count, mark in heads:
            patience.ask()
            if known.get(uid) != There(count, mark, described):
                self._bring_neck(server, number, uid, gone.get(uid, {}))
        for uid in known.keys() - {head[1] for head in heads}:
            if TAKEN_AWAY in gone.get(uid, {}):
                self._take_away(uid)
            else:
                self._send_again(uid)
        self._bring_small(server)

    def _bring_neck(
        self, server: ServerLogbook, number: int, uid: str, gone: Mapping[str, str]
    ) -> None:
        """A neck as the server has it, with what this bench has still to tell after it."""
        known = self._bench.there_of(uid)
        base = known.count if known is not None else 0
        waits = [waiting_act.act for waiting_act in self._bench.waiting(uid) if not waiting_act.why]
        with server.at_one_moment():
            rows = server.bodies(number, base)
            grew = known is not None and base > 0 and bool(rows) and rows[0][2] == known.mark
            if not grew:
                rows = server.bodies(number)
            row = server.table(f"neck WHERE id = {int(number)}", "described, created, uid, mark")
            fresh = [body for place, body, _ in rows if not grew or place > base]
            names = server.acts_that_said([act_mark(uid, act) for act in _acts_of(fresh)])
            # What was written there and never said here; names that what was lost can't have.
            done = server.done_of(waits)
            if grew:
                taken = frozenset[str]()
            else:
                taken = server.done_of(self._names_of(uid))
        if not row or row[0][2] != uid:
            return
        described, created, _, mark = row[0]
        there = There(rows[-1][0] if rows else 0, rows[-1][2] if rows else "", mark)
        with self._bench._sentences(), self._bench._writing():
            stand = self._here(uid)
            waiting = self._still_waiting(uid, done)
            if stand is None:
                self._insert(number, uid, created, described, fresh)
            elif grew and (stand.count, stand.mark) == (base, rows[0][2]):
                add(self._db, stand, fresh)
            else:
                before = self._rows_here(stand.neck)
                theirs = []
                if grew:
                    theirs = [body for body, _ in before[:base]]
                self._put_after(stand, [*theirs, *fresh], waiting, None if grew else gone, taken)
            if stand is not None:
                self._describe(stand, described)
            self._bench.note_there(uid, there)
            self._bench.note_sent(names)

    def _names_of(self, uid: str) -> list[str]:
        """All names under which acts of a neck are known to have been written."""
        stand = self._here(uid)
        if stand is None:
            return []
        acts = _acts_of([body for body, _ in self._rows_here(stand.neck)])
        return self._bench.names_sent([act_mark(uid, act) for act in acts])

    def _describe(self, stand: Stand, described: str) -> None:
        """The first description as the server has it; whom it no longer names is remembered."""
        row = self._db.execute("SELECT described FROM neck WHERE id = ?", (stand.neck,)).fetchone()
        if str(row[0]) == described:
            return
        was, neck = (described_as(stand.neck, body)[0] for body in (row[0], described))
        if was.owner.strip() != neck.owner.strip():
            self._renamed[stand.uid, mark_of(described_body(was))] = was.owner.strip()
        redescribe(self._db, stand.neck, described)

    def _still_waiting(self, uid: str, done: frozenset[str]) -> list[Waiting]:
        """What of a neck is not on the server yet: a program killed in between never said that it
        is there.
        """
        left = []
        for waiting in self._bench.waiting(uid):
            if waiting.act in done or isinstance(waiting.told, Started):
                self._db.execute("DELETE FROM waiting WHERE id = ?", (waiting.id,))
            elif not waiting.why:
                left.append(waiting)
        return left

    def _here(self, uid: str) -> Stand | None:
        row = self._db.execute("SELECT id FROM neck WHERE uid = ?", (uid,)).fetchone()
        if row is None:
            return None
        return stand_of(self._db, int(row[0]))

    def _rows_here(self, neck: int) -> list[tuple[str, str]]:
        """Body and mark of a neck's entries as they are here."""
        return [
            (str(body), str(mark))
            for body, mark in self._db.execute(
                "SELECT body, mark FROM entry WHERE neck = ? ORDER BY number", (neck,)
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

    def _put_after(
        self,
        stand: Stand,
        theirs: Sequence[str],
        waiting: Sequence[Waiting],
        gone: Mapping[str, str] | None,
        taken: frozenset[str],
    ) -> None:
        """The server's journal, and after it what waits here, each act checked like one at the
        bench. ``gone``: what the server is known to have let go; where given, what it held before
        and holds no more without that goes there again.
        """
        here = self._rows_here(stand.neck)
        size = sum(
            len(waiting_act.told.bodies)
            for waiting_act in waiting
            if isinstance(waiting_act.told, Entries)
        )
        known = len(here) - size
        try:
            ours = [decoded(body) for body, _ in here]
            journal = [decoded(body) for body in theirs]
        except (msgspec.MsgspecError, ValueError) as error:
            for waiting_act in waiting:
                self._bench.hold(waiting_act, means("keeping.journal-cant-read", error=error))
            rewrite(self._db, stand, theirs)
            return
        starts = _starts(known, waiting)

        def send(_name: object, start: int, there: bool) -> bool:
            if start >= known:
                return start in starts
            return gone is not None and not there and gone.get(here[start][1]) != PUT_BACK

        placed = placed_after(journal, ours, send, self._fits(stand), gone or {})
        # An owner who was taken out elsewhere does not come back with what waits here.
        clean = [cleaned_of(self._neck(stand), ours, gone or {}, one.entries) for one in placed]
        new = [list(map(entry_body, entries)) for entries in clean]
        for waiting_act in waiting:
            self._db.execute("DELETE FROM waiting WHERE id = ?", (waiting_act.id,))
        sent: list[str] = []
        used = {*taken, *(waiting_act.act for waiting_act in waiting)}
        for act, bodies in zip(placed, new, strict=True):
            said = starts.get(act.start)
            had = [body for body, _ in here[act.start : act.start + len(act.was)]]
            if said is not None:
                name = said.act
            else:
                # By what it says every bench gives it the same name.
                again = f"again-{stand.uid}-{act.name[0]}-{act.name[1]}"
                name = self._bench.sent_as(act_mark(stand.uid, had), used) or again
            told = Entries(tuple(had if act.why else bodies))
            self._bench.let_wait(name, stand.uid, told, act.why)
            if not act.why:
                sent += bodies
        self._bench.note_own(stand.uid, sent)
        rewrite(self._db, stand, [*theirs, *sent])

    def _neck(self, stand: Stand) -> NeckDescription:
        row = self._db.execute("SELECT described FROM neck WHERE id = ?", (stand.neck,)).fetchone()
        return described_as(stand.neck, row[0])[0]

    def _fits(self, stand: Stand) -> Callable[[list[AnyEntry], tuple[AnyEntry, ...]], Saying]:
        """Why an act can't come after a journal of this neck; nothing where it can."""
        neck = self._neck(stand)

        def fits(journal: list[AnyEntry], entries: tuple[AnyEntry, ...]) -> Saying:
            before = len(journal_faults(neck, journal))
            faults = journal_faults(neck, [*journal, *entries])
            if len(faults) > before:
                return faults[-1]
            return ""

        return fits

    def _take_away(self, uid: str) -> None:
        """A neck that was taken from the server on purpose: what waits for it can't go."""
        why = means("keeping.neck-no-longer-logbook")
        with self._bench._sentences(), self._bench._writing():
            stand = self._here(uid)
            if stand is not None:
                self._db.execute("DELETE FROM entry WHERE neck = ?", (stand.neck,))
                self._db.execute("DELETE FROM neck WHERE id = ?", (stand.neck,))
            self._db.execute("DELETE FROM there WHERE uid = ?", (uid,))
            self._db.execute(
                "UPDATE waiting SET why = ? WHERE uid = ? AND why = ''", (written(why), uid)
            )

    def _send_again(self, uid: str) -> None:
        """A neck the server has lost, whole: it goes there as it is here."""
        with self._bench._sentences(), self._bench._writing():
            self._db.execute("DELETE FROM there WHERE uid = ?", (uid,))
            stand = self._here(uid)
            if stand is None:
                return
            self._db.execute("DELETE FROM waiting WHERE uid = ? AND why = ''", (uid,))
            row = self._db.execute(
                "SELECT created, described FROM neck WHERE id = ?", (stand.neck,)
            ).fetchone()
            bodies = tuple(body for body, _ in self._rows_here(stand.neck))
            used: set[str] = set()
            marks = [act_mark(uid, act) for act in _acts_of(bodies)]
            names = tuple((self._bench.sent_as(one, used), one) for one in marks)
            started = Started(str(row[0]), str(row[1]), bodies, tuple(n for n in names if n[0]))
            self._bench.let_wait(f"again-{uid}-{stand.mark}", uid, started)

    def _bring_small(self, server: ServerLogbook) -> None:
        """Owners, what the shop has set and what was taken out: brought whole where it changed."""
        gone: set[str] = set()
        for name, columns in _SMALL.items():
            rows = server.table(name, columns)
            if self._small.get(name) == rows:
                continue
            with self._bench._sentences(), self._bench._writing():
                old = self._db.execute(f"SELECT {columns} FROM {name} ORDER BY 1, 2").fetchall()
                if name == "gone":
                    gone = self._names_gone(rows)
                    self._drop_owners({was for neck, was, _ in rows if not neck})
                elif old != rows:
                    self._tell_lost(name, old, rows)
                waiting = [
                    waiting_act.told
                    for waiting_act in self._bench.waiting("")
                    if not waiting_act.why
                ]
                if old != rows or waiting:
                    self._put_small(name, columns, rows, waiting)
            self._small[name] = rows
        if gone:
            self._clean_copies(gone)

    def _tell_lost(
        self, table: str, old: Sequence[tuple[Any, ...]], rows: Sequence[tuple[Any, ...]]
    ) -> None:
        """Of owners and the shop: what the server held before and has lost goes there again."""
        marks = {row[-1] for row in rows}
        put_back = {str(was) for (was,) in self._db.execute("SELECT was FROM gone").fetchall()}
        waits = {waiting.told for waiting in self._bench.waiting("")}
        for row in old:
            if row[-1] in marks or row[-1] in put_back:
                continue
            if table == "owner":
                _, name, body, at, uid, mark = row
                told: OwnerKept | ShopSet = OwnerKept(name, body, at, uid)
                if uid in put_back:
                    continue
            else:
                name, body, at, mark = row
                told = ShopSet(name, body, at)
                if any(one[0] == name and time_order(one[2]) >= time_order(at) for one in rows):
                    continue
            if told not in waits:
                self._bench.let_wait(f"again-{mark}", "", told)

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

    def _drop_owners(self, gone: set[str]) -> None:
        """What waits of owners who were taken out goes nowhere."""
        for waiting in self._bench.waiting(""):
            if isinstance(waiting.told, OwnerKept) and waiting.told.owner in gone:
                self._db.execute("DELETE FROM waiting WHERE id = ?", (waiting.id,))

    def _clean_copies(self, names: set[str]) -> None:
        """Owners taken out at another bench go from the copies that lie here as well."""
        from nuvrek.logbook.joining.privacy import clean_copies
        from nuvrek.logbook.on_disk.copies import forget_cards

        self._bench.write_through()
        forget_cards(self._bench.path)
        for name in names:
            clean_copies(self._bench.path, name, photos=False, at="")


def _acts_of(bodies: Sequence[str]) -> list[list[str]]:
    """Entries by the acts they were written in; what can't be read is an act by itself."""
    acts: list[list[str]] = []
    for body in bodies:
        try:
            joined = bool(acts) and decoded(body).joined
        except (msgspec.MsgspecError, ValueError):
            joined = False
        if joined:
            acts[-1].append(body)
        else:
            acts.append([body])
    return acts


def _starts(known: int, waiting: Sequence[Waiting]) -> dict[int, Waiting]:
    """What waits, by how many entries stand before it here; ``known`` are on the server."""
    starts = {}
    for waiting_act in waiting:
        starts[known] = waiting_act
        known += len(waiting_act.told.bodies) if isinstance(waiting_act.told, Entries) else 0
    return starts


def _gathered(rows: Sequence[tuple[Any, ...]]) -> dict[str, dict[str, str]]:
    """What is gone, by neck."""
    found: dict[str, dict[str, str]] = {}
    for neck, was, stays in rows:
        found.setdefault(str(neck), {})[str(was)] = str(stays)
    return found


def decoded(body: str) -> AnyEntry:
    """An entry as it is kept. Raises msgspec's errors."""
    return decoder().decode(body)
