"""The logbook: every neck's journal in one SQLite file, each entry on disk before the call
returns.
"""

from __future__ import annotations

import sqlite3
import uuid
from collections.abc import Iterator, Sequence
from contextlib import contextmanager

from nuvrek.logbook.encoding import described_body, entry_body, owner_body
from nuvrek.logbook.errors import LogbookDamaged, LogbookError, LogbookFull, NeckChanged
from nuvrek.logbook.kept_rows import OwnerRow, ShopRow, ShopRows
from nuvrek.logbook.on_disk.logbook_file import LogbookFile
from nuvrek.logbook.on_disk.schema import owner_uid
from nuvrek.logbook.reading_back import Journal, NeckRow, owner_of, read_journal, row_of
from nuvrek.logbook.rows import add_checked, insert_neck, put_owner, put_shop, stand_of
from nuvrek.logbook.stand import Stand
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry

__all__ = [
    "Journal",
    "Logbook",
    "LogbookDamaged",
    "LogbookError",
    "LogbookFull",
    "NeckChanged",
    "NeckRow",
    "OwnerRow",
    "ShopRow",
    "Stand",
]


# More than a logbook ever holds.
_ALL_NECKS = 2**31 - 1
# The last entry is found at once, where counting would read every page.
_HEADS = (
    "SELECT id, mark || coalesce((SELECT e.mark FROM entry e WHERE e.neck = neck.id "
    "ORDER BY e.number DESC LIMIT 1), '') FROM neck"
)


class Logbook(LogbookFile):
    """What stands in one open logbook, and what is written into it."""

    def again(self) -> Logbook:
        """The same logbook opened once more, for another thread."""
        return Logbook(self.path)

    def at_source(self) -> Logbook:
        """The logbook where it is kept, for what changes all of it: for a file the file."""
        return self.again()

    # --- owners and the shop ---------------------------------------------------------------

    def owners(self) -> dict[str, Owner]:
        """What is known of each owner, by name; one that can't be read is known by name alone."""
        return {row.name: owner_of(row.name, row.body) for row in self.owner_rows()}

    def owner(self, name: str) -> Owner | None:
        """What is known of one owner; None for an empty or unknown name."""
        rows = self.owner_rows(name) if name else []
        if rows:
            return owner_of(name, rows[-1].body)
        return None

    def owner_rows(self, name: str = "") -> list[OwnerRow]:
        """All that was ever written down of owners (or of one), oldest first."""
        which, values = ("WHERE name = ?", (name,)) if name else ("", ())
        with self._sentences():
            rows = self._db.execute(
                f"SELECT name, body, at, uid FROM owner {which} ORDER BY id", values
            ).fetchall()
        return [OwnerRow(str(n), body, str(at), str(uid)) for n, body, at, uid in rows if n]

    def keep_owner(self, owner: Owner, at: str, before: Saying = "") -> None:
        """Write down what is known of an owner now; ``before`` is the name they had, if it was
        another. Raises LogbookError.
        """
        self._check_writable()
        body = owner_body(owner)
        with self._sentences(), self._writing():
            rows = self._db.execute(
                "SELECT uid FROM owner WHERE name = ? OR name = ? ORDER BY name = ? DESC, id DESC",
                (owner.name, before, owner.name),
            ).fetchone()
            if rows:
                uid = str(rows[0])
            else:
                uid = owner_uid(owner.name, body, at)
            self._keep_owner(owner.name, body, at, uid)

    def _keep_owner(self, name: str, body: str, at: str, uid: str) -> None:
        put_owner(self._db, name, body, at, uid)

    def shop(self) -> dict[str, bytes]:
        """What the shop has set (prices, wire, tools), as it is kept, by name."""
        with self._sentences():
            rows = self._db.execute("SELECT name, body FROM shop").fetchall()
        return {str(name): str(body).encode(errors="surrogateescape") for name, body in rows}

    def shop_rows(self) -> list[ShopRow]:
        """What the shop has set, with its times."""
        with self._sentences():
            rows = self._db.execute("SELECT name, body, at FROM shop ORDER BY name").fetchall()
        return [ShopRow(str(name), str(body), str(at)) for name, body, at in rows]

    @contextmanager
    def setting_shop(self) -> Iterator[ShopRows]:
        """What the shop has set, read and changed in one go. Raises LogbookError."""
        self._check_writable()
        with self._sentences(), self._writing():
            rows = self._db.execute("SELECT name, body FROM shop").fetchall()
            yield ShopRows({str(n): str(body).encode() for n, body in rows}, self._keep_shop)

    def _keep_shop(self, name: str, body: str, at: str) -> None:
        put_shop(self._db, name, body, at)

    def gone(self) -> list[tuple[str, str, str]]:
        """By which marks that is known which was taken out: neck, what it was, what stays of it."""
        with self._sentences():
            rows = self._db.execute("SELECT neck, was, stays FROM gone ORDER BY neck, was")
            return [(str(neck), str(was), str(stays)) for neck, was, stays in rows.fetchall()]

    # --- necks -----------------------------------------------------------------------------

    def necks(self) -> list[NeckRow]:
        """All necks, in the order they were started; each is decoded by itself."""
        return [row_of(*row) for row in self._neck_rows("", ())]

    def _neck_rows(self, which: str, values: tuple[int, ...]) -> list[tuple[int, object, str, int]]:
        with self._sentences():
            rows = self._db.execute(
                "SELECT id, described, created, "
                "(SELECT count(*) FROM entry WHERE entry.neck = neck.id) "
                f"FROM neck {which} ORDER BY id",
                values,
            ).fetchall()
        return [(number, body, str(created), count) for number, body, created, count in rows]

    def heads(self, most: int = _ALL_NECKS) -> list[tuple[int, str]]:
        """Number of every neck (or of the first so many) and the marks by which its description
        and journal are told from any other, in the order they were started.
        """
        with self._sentences():
            return self._db.execute(f"{_HEADS} ORDER BY id LIMIT ?", (most,)).fetchall()

    def head(self, number: int) -> str:
        """The marks of one neck, as of ``heads``; nothing where there is none."""
        with self._sentences():
            found = self._db.execute(f"{_HEADS} WHERE id = ?", (number,)).fetchone()
        return str(found[1]) if found else ""

    def numbers(self) -> list[int]:
        """The numbers of all necks, in the order they were started."""
        with self._sentences():
            rows = self._db.execute("SELECT id FROM neck ORDER BY id").fetchall()
        return [number for (number,) in rows]

    def row(self, number: int) -> NeckRow:
        """One neck by its number. Raises LogbookError where there is none."""
        found = self._neck_rows("WHERE id = ?", (number,))
        if not found:
            raise LogbookError(means("keeping.there-no-neck-shelf", number=number))
        return row_of(*found[0])

    def uid(self, number: int) -> str:
        """By what a neck is known in other logbooks; nothing where there is none."""
        with self._sentences():
            found = self._db.execute("SELECT uid FROM neck WHERE id = ?", (number,)).fetchone()
        if found is None:
            return ""
        return str(found[0])

    def number_of(self, uid: str) -> int | None:
        """The number here of a neck that is known by its uid; None where it is not here."""
        with self._sentences():
            found = self._db.execute("SELECT id FROM neck WHERE uid = ?", (uid,)).fetchone()
        if found is None:
            return None
        return int(found[0])

    def stand(self, neck: int) -> Stand:
        """Where a journal stands now. Raises LogbookError where there is no such neck."""
        with self._sentences():
            neck_stand = stand_of(self._db, neck)
        if neck_stand is None:
            raise LogbookError(means("keeping.there-no-neck-shelf", number=neck))
        return neck_stand

    def start(
        self, neck: NeckDescription, created: str, entries: Sequence[AnyEntry] = (), uid: str = ""
    ) -> int:
        """Put a new neck on the shelf, with its journal if it has one; returns its number. ``uid``
        is by what it is known elsewhere, a new one if not said. Raises LogbookError.
        """
        self._check_writable()
        bodies = [entry_body(entry) for entry in entries]
        described = described_body(neck)
        with self._sentences(), self._writing():
            return self._start(uid or uuid.uuid4().hex, created, described, bodies).neck

    def _start(self, uid: str, created: str, described: str, bodies: Sequence[str]) -> Stand:
        return insert_neck(self._db, uid, created, described, bodies)

    def journal(self, neck: int, photos: bool = True) -> Journal:
        """The journal of a neck with what of it can be read, and where it stands; photos can be
        left out, for the shelf.
        """
        body = "e.body" if photos else _WITHOUT_PHOTO
        # One statement: the journal and its neck as they were at one moment.
        with self._sentences():
            rows = self._db.execute(
                f"SELECT e.number, {body}, e.mark, n.uid FROM neck n "
                "LEFT JOIN entry e ON e.neck = n.id WHERE n.id = ? ORDER BY e.number",
                (neck,),
            ).fetchall()
        if not rows:
            return Journal([], Stand(neck, ""))
        last, _, mark, uid = rows[-1]
        if last is None:
            return Journal([], Stand(neck, str(uid)))
        number = last if isinstance(last, int) else len(rows)
        stand = Stand(neck, str(uid), number, str(mark))
        return read_journal([row[:2] for row in rows], stand)

    def whole(self, neck: int) -> Journal:
        """The whole journal of a neck, and where it stands. Raises LogbookDamaged if an entry can't
        be read.
        """
        journal = self.journal(neck)
        if journal.damage:
            raise LogbookDamaged(means("keeping.nothing-changed", damage=journal.damage[0]))
        return journal

    def entries(self, neck: int) -> list[AnyEntry]:
        """The whole journal of a neck, oldest first. Raises LogbookDamaged."""
        return self.whole(neck).entries

    def append(self, stand: Stand, *entries: AnyEntry) -> Stand:
        """Write entries, all or none; they are on disk when this returns. The neck must be the one
        that is meant and its journal as ``stand`` says. Returns where it stands now.

        What could not be read back is not written. Raises LogbookError, NeckChanged among them.
        """
        self._check_writable()
        bodies = [entry_body(entry) for entry in entries]
        with self._sentences():
            try:
                with self._writing():
                    return self._add(stand, bodies)
            except sqlite3.IntegrityError as error:
                raise NeckChanged(
                    means("keeping.neck-changed-meanwhile-nothing-written")
                ) from error

    def not_own(self, neck: int) -> frozenset[int] | None:
        """The entries of a neck that were written elsewhere; None where the logbook can't tell."""
        return None

    def _add(self, stand: Stand, bodies: Sequence[str]) -> Stand:
        return add_checked(self._db, stand, bodies)


# A photo is most of its entry; the shelf does without.
_WITHOUT_PHOTO = (
    """CASE WHEN length(e.body) > 20000 AND substr(e.body, 1, 14) = '{"kind":"note"' """
    """THEN '{"kind":"note","text":"photo"}' ELSE e.body END"""
)
