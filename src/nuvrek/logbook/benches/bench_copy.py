"""A bench's own copy of a logbook on a server: read and written at once, whatever the line does.

What is written goes into the copy and, in the same transaction, into a list of what the server is
still to be told. ``carrying`` carries it there and brings what other benches wrote.
"""

from __future__ import annotations

import sqlite3
import uuid
from collections.abc import Callable, Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.logbook.benches.server import ServerLogbook, place_of
from nuvrek.logbook.errors import LogbookError
from nuvrek.logbook.reading_back import decoder
from nuvrek.logbook.rows import add_checked, insert_neck, put_owner, put_shop
from nuvrek.logbook.stand import Stand, mark_of
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying, means, written

_TABLES = """
CREATE TABLE IF NOT EXISTS waiting (
    id INTEGER PRIMARY KEY, act TEXT NOT NULL, uid TEXT NOT NULL, body TEXT NOT NULL,
    why TEXT NOT NULL DEFAULT ''
);
CREATE TABLE IF NOT EXISTS there (
    uid TEXT PRIMARY KEY, count INTEGER NOT NULL, mark TEXT NOT NULL, described TEXT NOT NULL
);
CREATE TABLE IF NOT EXISTS own (said TEXT PRIMARY KEY);
CREATE TABLE IF NOT EXISTS sent (act TEXT PRIMARY KEY, said TEXT NOT NULL);
"""


class Entries(Struct, frozen=True, tag="entries"):
    """Entries of a neck, after so many that this bench knew of."""

    bodies: tuple[str, ...]


class Started(Struct, frozen=True, tag="started"):
    """A new neck with its journal; ``names`` are those its acts were written under before, with
    what they say, where the server has lost it.
    """

    created: str
    described: str
    bodies: tuple[str, ...]
    names: tuple[tuple[str, str], ...] = ()


class OwnerKept(Struct, frozen=True, tag="owner"):
    """What is known of an owner from a time on."""

    name: str
    body: str
    at: str
    owner: str


class ShopSet(Struct, frozen=True, tag="shop"):
    """What the shop has set under a name."""

    name: str
    body: str
    at: str


Told = Entries | Started | OwnerKept | ShopSet


class Waiting(Struct, frozen=True):
    """One thing the server is to be told: its name there, its neck; ``why`` it can't be."""

    id: int
    act: str
    uid: str
    told: Told
    why: str = ""


class There(Struct, frozen=True):
    """Where a neck stood on the server when it was last brought."""

    count: int
    mark: str
    described: str


class BenchCopy(Logbook):
    """The copy; ``address`` is the server's. Whoever writes wakes the carrier by ``wake``."""

    @classmethod
    def of(cls, address: str, path: Path | None = None) -> BenchCopy:
        """The copy of a server's logbook on this machine, begun if there is none yet. Raises
        LogbookError.
        """
        book = cls(path or place_of(address), make=True)
        book.address = address
        return book

    def __init__(self, path: Path, *, make: bool = False) -> None:
        self.address, self._woken = "", False
        self.wake: Callable[[], None] = _nobody
        super().__init__(path, make=make)

    def _prepare(self) -> None:
        super()._prepare()
        with self._writing():
            for statement in _TABLES.strip().split(";\n"):
                self._db.execute(statement.rstrip(";"))

    @contextmanager
    def _writing(self) -> Iterator[None]:
        with super()._writing():
            yield
        if self._woken:
            self._woken = False
            self.wake()

    @contextmanager
    def rewriting(self) -> Iterator[sqlite3.Connection]:
        """What changes all of a logbook is done where it is kept. Raises LogbookError."""
        raise LogbookError(means("keeping.done-server-cant-reached-now"))
        yield self._db

    def again(self) -> BenchCopy:
        """The same copy opened once more, for another thread."""
        other = BenchCopy.of(self.address, self.path)
        other.wake = self.wake
        return other

    def at_source(self) -> Logbook:
        """The server's logbook itself: what changes all of it is done there."""
        book = ServerLogbook(self.address)
        book.path = self.path
        return book

    # --- what is written here and still to be told there -----------------------------------

    def _start(self, uid: str, created: str, described: str, bodies: Sequence[str]) -> Stand:
        stand = insert_neck(self._db, uid, created, described, bodies)
        self._tell(uid, Started(created, described, tuple(bodies)))
        self.note_own(uid, bodies)
        return stand

    def _add(self, stand: Stand, bodies: Sequence[str]) -> Stand:
        neck_stand = add_checked(self._db, stand, bodies)
        # Each act by itself: what is about another act may have to be numbered anew.
        acts: list[list[str]] = []
        for body in bodies:
            if acts and decoder().decode(body).joined:
                acts[-1].append(body)
            else:
                acts.append([body])
        for act in acts:
            self._tell(stand.uid, Entries(tuple(act)))
        self.note_own(stand.uid, bodies)
        return neck_stand

    def note_own(self, uid: str, bodies: Sequence[str]) -> None:
        """These entries are this bench's own; within a transaction."""
        self._db.executemany(
            "INSERT OR IGNORE INTO own VALUES (?)", [(mark_of(uid, body),) for body in bodies]
        )

    def _keep_owner(self, name: str, body: str, at: str, uid: str) -> None:
        put_owner(self._db, name, body, at, uid)
        self._tell("", OwnerKept(name, body, at, uid))

    def _keep_shop(self, name: str, body: str, at: str) -> None:
        put_shop(self._db, name, body, at)
        self._tell("", ShopSet(name, body, at))

    def _tell(self, uid: str, told: Told) -> None:
        self.let_wait(uuid.uuid4().hex, uid, told)
        self._woken = True

    def let_wait(self, act: str, uid: str, told: Told, why: Saying = "") -> None:
        """Something the server is still to be told, or can't be; within a transaction."""
        self._db.execute(
            "INSERT INTO waiting (act, uid, body, why) VALUES (?, ?, ?, ?)",
            (act, uid, msgspec.json.encode(told).decode(), written(why)),
        )

    def waiting(self, uid: str | None = None) -> list[Waiting]:
        """What the server is still to be told (of one neck), oldest first; with those that it
        can't take. Raises LogbookError.
        """
        if uid is None:
            return self._waiting("", ())
        return self._waiting("WHERE uid = ?", (uid,))

    def next_waiting(self) -> Waiting | None:
        """What the server is to be told next. Raises LogbookError."""
        return next(iter(self._waiting("WHERE why = ''", (), 1)), None)

    def _waiting(self, which: str, values: tuple[str, ...], most: int = -1) -> list[Waiting]:
        with self._sentences():
            rows = self._db.execute(
                f"SELECT id, act, uid, body, why FROM waiting {which} ORDER BY id LIMIT ?",
                (*values, most),
            ).fetchall()
        return [
            Waiting(number, act, of, msgspec.json.decode(body, type=Told), why)
            for number, act, of, body, why in rows
        ]

    def counts(self) -> tuple[int, int]:
        """How many acts wait for the server, and how many it can't take. Raises LogbookError."""
        with self._sentences():
            row = self._db.execute(
                "SELECT count(*), coalesce(sum(why <> ''), 0) FROM waiting"
            ).fetchone()
        return int(row[0]) - int(row[1]), int(row[1])

    def forget_refused(self) -> int:
        """Leave what the server can't take; returns how many. Raises LogbookError."""
        with self._sentences(), self._writing():
            return self._db.execute("DELETE FROM waiting WHERE why <> ''").rowcount

    def not_own(self, neck: int) -> frozenset[int] | None:
        """The numbers of the entries of a neck that were not written at this bench. Raises
        LogbookError.
        """
        with self._sentences():
            rows = self._db.execute(
                "SELECT e.number, n.uid, e.body FROM entry e JOIN neck n ON n.id = e.neck "
                "WHERE e.neck = ?",
                (neck,),
            ).fetchall()
            own = {said for (said,) in self._db.execute("SELECT said FROM own").fetchall()}
        return frozenset(number for number, uid, body in rows if mark_of(uid, body) not in own)

    # --- what is known of the server -------------------------------------------------------

    def there(self) -> dict[str, There]:
        """Where each neck stood on the server when it was last brought, by uid."""
        rows = self._db.execute("SELECT uid, count, mark, described FROM there").fetchall()
        return {uid: There(count, mark, described) for uid, count, mark, described in rows}

    def there_of(self, uid: str) -> There | None:
        """Where one neck stood there; None where it was not there yet."""
        row = self._db.execute(
            "SELECT count, mark, described FROM there WHERE uid = ?", (uid,)
        ).fetchone()
        if row is None:
            return None
        return There(*row)

    def note_there(self, uid: str, there: There) -> None:
        """Where a neck stands there now; within a transaction."""
        self._db.execute(
            "INSERT OR REPLACE INTO there VALUES (?, ?, ?, ?)",
            (uid, there.count, there.mark, there.described),
        )

    def note_sent(self, names: Sequence[tuple[str, str]]) -> None:
        """Under which names acts stand on the server: should it lose them, they go there again
        under the same.
        """
        self._db.executemany("INSERT OR REPLACE INTO sent VALUES (?, ?)", names)

    def sent_as(self, text: str, used: set[str]) -> str:
        """A name an act that says this was written under before, and not yet used; nothing where
        none is known.
        """
        rows = self._db.execute("SELECT act FROM sent WHERE said = ? ORDER BY act", (text,))
        name = next((str(act) for (act,) in rows.fetchall() if act not in used), "")
        used.add(name)
        return name

    def names_sent(self, said: Sequence[str]) -> list[str]:
        """All names under which acts that say these were written."""
        wanted = set(said)
        rows = self._db.execute("SELECT act, said FROM sent").fetchall()
        return [str(act) for act, one in rows if one in wanted]

    def hold(self, waiting: Waiting, why: Saying) -> None:
        """Something that can't go there; within a transaction."""
        self._db.execute("UPDATE waiting SET why = ? WHERE id = ?", (written(why), waiting.id))


def act_mark(uid: str, bodies: Sequence[object]) -> str:
    """The mark of what an act says, by which it is found under the name it was written under."""
    return mark_of(uid, *bodies)


def _nobody() -> None:
    """Nobody carries anything yet."""


def waiting_words(waits: int, refused: int) -> Saying:
    """How much is still to go to the server, for people."""
    parts: list[Saying] = []
    if waits == 1:
        parts.append(means("keeping.1-change-waits-machine-goes"))
    elif waits:
        parts.append(means("keeping.changes-wait-machine-go-server", waits=waits))
    if refused == 1:
        parts.append(means("keeping.1-change-cant-go-server"))
    elif refused:
        parts.append(means("keeping.changes-cant-go-server-see", refused=refused))
    return meaning.listed(parts, by="sentences")
