"""The logbook: every neck's journal in one SQLite file, each entry on disk before the call
returns.
"""

from __future__ import annotations

import os
import sqlite3
import uuid
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path

import msgspec

from nuvrek.language import tr
from nuvrek.logbook.encoding import described_body, entry_body, owner_body
from nuvrek.logbook.errors import (
    LogbookDamaged,
    LogbookError,
    LogbookFull,
    NeckChanged,
    explained,
)
from nuvrek.logbook.files import brought_on, copied, read_only
from nuvrek.logbook.reading_back import (
    Journal,
    NeckRow,
    owner_of,
    read_journal,
    readable_text,
    row_of,
)
from nuvrek.logbook.rows import (
    add_checked,
    insert_neck,
    put_owner,
    put_shop,
    stand_of,
    wrong_marks,
)
from nuvrek.logbook.schema import SCHEMA_VERSION, grow, owner_uid, version_of
from nuvrek.logbook.stand import Stand
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
    "Stand",
]

_BUSY_SECONDS = 3.0
# Up to this size a quick check takes a few tens of milliseconds.
_QUICK_BYTES = 64 * 1024 * 1024


class Logbook:
    """One open logbook file. Not shared between threads."""

    _version_seen: int | None = None
    _file: tuple[int, int] | None = None

    def __init__(self, path: Path, *, make: bool = False) -> None:
        """Open the logbook at ``path``; where it can't be written to, to be looked at:
        ``look_only`` then says why. Only ``make`` lets one begin where there is none. Raises
        LogbookError.
        """
        self.path = path
        self.look_only = ""
        # Whether the file itself is damaged: what is in it may be salvaged.
        self.damaged = False
        if not make:
            self._check_there()
        with self._sentences():
            try:
                self._open_to_write()
            except (sqlite3.OperationalError, OSError) as error:
                if not path.is_file():
                    raise
                self._open_to_look(error)
        if not self.look_only:
            self._check_quickly()

    @classmethod
    def make(cls, path: Path) -> Logbook:
        """Open the logbook at ``path``, begun there if there is none. Raises LogbookError."""
        return cls(path, make=True)

    @classmethod
    def to_read(cls, path: Path) -> Logbook:
        """Open a logbook that stays as it is, byte by byte: a copy, another's. One of an older
        version is brought on in memory only. Raises LogbookError.
        """
        book = cls.__new__(cls)
        book.path, book.damaged = path, False
        book.look_only = tr("This logbook is only read.")
        book._check_there()
        with book._sentences():
            book._open_read_only()
        return book

    def _check_there(self) -> None:
        """Raises LogbookError where there is no logbook to open."""
        try:
            size = self.path.stat().st_size if self.path.is_file() else None
        except (OSError, ValueError) as error:
            why = getattr(error, "strerror", None) or tr("no file can have that name")
            raise LogbookError(
                tr("{path} can't be opened ({why}).", path=self.path, why=str(why).lower())
            ) from error
        if size is None:
            raise LogbookError(tr("{path}: there is no such logbook.", path=self.path))
        if size == 0:
            raise LogbookDamaged(
                tr("{name} is empty, no logbook. It was left untouched.", name=self.path.name)
            )

    def _open_to_write(self) -> None:
        self.path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        # Owners and their necks are nobody else's business on a shared machine.
        if not self.path.exists():
            os.close(os.open(self.path, os.O_CREAT | os.O_EXCL, 0o600))
        self._db = sqlite3.connect(self.path, timeout=_BUSY_SECONDS, isolation_level=None)
        self._db.text_factory = readable_text
        self._name = os.fspath(self.path)
        found = os.stat(self._name)
        self._file = found.st_dev, found.st_ino
        try:
            self._prepare()
        except BaseException:
            self._db.close()
            raise

    def _open_read_only(self) -> None:
        self._db = read_only(self.path)
        try:
            if self._known_version(empty=False) < SCHEMA_VERSION:
                self._db = brought_on(self._db)
        except BaseException:
            self._db.close()
            raise

    def _open_to_look(self, trouble: Exception) -> None:
        """A full disk or a folder without rights hides no neck: the file is read as it lies."""
        try:
            self._open_read_only()
        except sqlite3.Error:
            raise trouble from None
        why: Exception = trouble
        if isinstance(trouble, sqlite3.Error):
            why = explained(trouble, self.path)
        self.look_only = tr("This logbook can only be looked at. {why}", why=why)

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
        """What is wrong with the file, the first of it; nothing where it is whole. ``thorough``
        looks at every row by its mark as well.
        """
        pragma = "integrity_check(1)" if thorough else "quick_check(1)"
        try:
            said = str(self._db.execute(f"PRAGMA {pragma}").fetchone()[0])
            if said == "ok" and thorough:
                said = next(iter(wrong_marks(self._db)), "ok")
        except (sqlite3.DatabaseError, UnicodeDecodeError) as error:
            said = str(error)
        return "" if said == "ok" else said.splitlines()[-1][:160]

    def wrong_marks(self) -> list[str]:
        """Every row that is not as it was written, a sentence each. Raises LogbookError."""
        with self._sentences():
            return wrong_marks(self._db)

    def _check_writable(self) -> None:
        if self.look_only:
            raise LogbookError(self.look_only)

    def again(self) -> Logbook:
        """The same logbook opened once more, for another thread."""
        return Logbook(self.path)

    def at_source(self) -> Logbook:
        """The logbook where it is kept, for what changes all of it: for a file the file."""
        return self.again()

    def close(self) -> None:
        """Close the file; nothing is pending."""
        self._db.close()

    @contextmanager
    def _sentences(self) -> Iterator[None]:
        self._check_same_file()
        try:
            yield
        except sqlite3.Error as error:
            raise explained(error, self.path) from error
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

    def _known_version(self, empty: bool = True) -> int:
        """The version of the file; ``empty``: it may have none yet. Raises LogbookError for a newer
        one and for what is no logbook.
        """
        version = version_of(self._db)
        if version > SCHEMA_VERSION:
            raise LogbookError(
                tr(
                    "The logbook {name} was written by a newer Nuvrek. It was left "
                    "untouched; please update.",
                    name=self.path.name,
                )
            )
        tables = {str(name) for (name,) in self._db.execute("SELECT name FROM sqlite_master")}
        begun = not tables and version == 0 and empty
        if not begun and (version == 0 or {"neck", "entry"} - tables):
            raise LogbookDamaged(
                tr("{name} is not a Nuvrek logbook. It was left untouched.", name=self.path.name)
            )
        return version

    def _prepare(self) -> None:
        version = self._known_version()
        if version == 0:
            self._db.execute("PRAGMA journal_mode=WAL")
        elif version < SCHEMA_VERSION:
            self._copy_before(version)
        if version < SCHEMA_VERSION:
            with self._writing():
                grow(self._db)
        # Full sync: an entry has reached the disk when its call returns.
        self._db.execute("PRAGMA synchronous=FULL")
        self._db.execute("PRAGMA foreign_keys=ON")

    def _copy_before(self, version: int) -> None:
        """A logbook of an older version stays beside the new one as it was."""
        kept = self.path.with_name(f"{self.path.stem}-version-{version}{self.path.suffix}")
        if not kept.exists():
            copied(self.path, kept)

    def changed_elsewhere(self) -> bool:
        """Whether another window or program has written to the file since this was asked last."""
        with self._sentences():
            version = int(self._db.execute("PRAGMA data_version").fetchone()[0])
        before, self._version_seen = self._version_seen, version
        return before not in (None, version)

    def _check_same_file(self) -> None:
        """Raises LogbookError where another file has taken the place of the one that is open: what
        were written now would be in none.
        """
        if self._file is None:
            return
        try:
            now = os.stat(self._name)
        except OSError:
            now = None
        if now is None or (now.st_dev, now.st_ino) != self._file:
            raise LogbookError(
                tr(
                    "The logbook {name} was moved away or replaced while it was open. Nothing is "
                    "written into it any more; start again.",
                    name=self.path.name,
                )
            )

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

    @contextmanager
    def rewriting(self) -> Iterator[sqlite3.Connection]:
        """Several necks and owners changed in one go, whole or not at all. For merging, restoring
        and removing an owner only: what else is written down is only ever added.
        """
        self._check_writable()
        # What is deleted is written over, not only forgotten.
        self._db.execute("PRAGMA secure_delete=ON")
        with self._sentences(), self._writing():
            yield self._db

    # --- owners and the shop ---------------------------------------------------------------

    def owners(self) -> dict[str, Owner]:
        """What is known of each owner, by name; one that can't be read is known by name alone."""
        return {row.name: owner_of(row.name, row.body) for row in self.owner_rows()}

    def owner(self, name: str) -> Owner | None:
        """What is known of one owner; None for an empty or unknown name."""
        rows = self.owner_rows(name) if name else []
        return owner_of(name, rows[-1].body) if rows else None

    def owner_rows(self, name: str = "") -> list[OwnerRow]:
        """All that was ever written down of owners (or of one), oldest first."""
        which, values = ("WHERE name = ?", (name,)) if name else ("", ())
        with self._sentences():
            rows = self._db.execute(
                f"SELECT name, body, at, uid FROM owner {which} ORDER BY id", values
            ).fetchall()
        return [OwnerRow(str(n), body, str(at), str(uid)) for n, body, at, uid in rows if n]

    def keep_owner(self, owner: Owner, at: str, before: str = "") -> None:
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
            uid = str(rows[0]) if rows else owner_uid(owner.name, body, at)
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
            yield ShopRows(self, {str(name): str(body).encode() for name, body in rows})

    def _keep_shop(self, name: str, body: str, at: str) -> None:
        put_shop(self._db, name, body, at)

    def gone(self) -> list[tuple[str, str, str]]:
        """By which marks that is known which was taken out: neck, what it was, what stays of it."""
        with self._sentences():
            rows = self._db.execute("SELECT neck, was, stays FROM gone ORDER BY neck, was")
            return [(str(neck), str(was), str(stays)) for neck, was, stays in rows.fetchall()]

    # --- the file --------------------------------------------------------------------------

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

    def heads(self, most: int = -1) -> list[tuple[int, str]]:
        """Number of every neck (or of the first so many) and the marks by which its description
        and journal are told from any other, in the order they were started.
        """
        with self._sentences():
            # The last entry is found at once, where counting would read every page.
            return self._db.execute(
                "SELECT id, mark || coalesce((SELECT e.mark FROM entry e WHERE e.neck = neck.id "
                "ORDER BY e.number DESC LIMIT 1), '') FROM neck ORDER BY id LIMIT ?",
                (most,),
            ).fetchall()

    def numbers(self) -> list[int]:
        """The numbers of all necks, in the order they were started."""
        with self._sentences():
            rows = self._db.execute("SELECT id FROM neck ORDER BY id").fetchall()
        return [number for (number,) in rows]

    def row(self, number: int) -> NeckRow:
        """One neck by its number. Raises LogbookError where there is none."""
        found = self._neck_rows("WHERE id = ?", (number,))
        if not found:
            raise LogbookError(tr("There is no neck {number} on the shelf.", number=number))
        return row_of(*found[0])

    def uid(self, number: int) -> str:
        """By what a neck is known in other logbooks; nothing where there is none."""
        with self._sentences():
            found = self._db.execute("SELECT uid FROM neck WHERE id = ?", (number,)).fetchone()
        return "" if found is None else str(found[0])

    def number_of(self, uid: str) -> int | None:
        """The number here of a neck that is known by its uid; None where it is not here."""
        with self._sentences():
            found = self._db.execute("SELECT id FROM neck WHERE uid = ?", (uid,)).fetchone()
        return None if found is None else int(found[0])

    def stand(self, neck: int) -> Stand:
        """Where a journal stands now. Raises LogbookError where there is no such neck."""
        with self._sentences():
            found = stand_of(self._db, neck)
        if found is None:
            raise LogbookError(tr("There is no neck {number} on the shelf.", number=neck))
        return found

    def start(
        self,
        neck: NeckDescription,
        created: str,
        entries: Sequence[AnyEntry] = (),
        uid: str = "",
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
            raise LogbookDamaged(tr("{damage} Nothing was changed.", damage=journal.damage[0]))
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
                    tr("This neck was changed meanwhile. Nothing was written down.")
                ) from error

    def not_own(self, neck: int) -> frozenset[int] | None:
        """The entries of a neck that were written elsewhere; None where the logbook can't tell."""
        return None

    def _add(self, stand: Stand, bodies: Sequence[str]) -> Stand:
        return add_checked(self._db, stand, bodies)


class OwnerRow(msgspec.Struct, frozen=True):
    """What was known of an owner from a time on, as it is kept; ``uid`` is by what they are known
    whatever their name.
    """

    name: str
    body: object
    at: str
    uid: str

    @property
    def owner(self) -> Owner:
        return owner_of(self.name, self.body)


class ShopRow(msgspec.Struct, frozen=True):
    """What the shop has set under a name, as it is kept, and when."""

    name: str
    body: str
    at: str


class ShopRows:
    """What the shop has set, within one transaction."""

    def __init__(self, book: Logbook, rows: dict[str, bytes]) -> None:
        self._book, self.rows = book, rows

    def set(self, name: str, body: bytes, at: str) -> None:
        """Set what stands under a name."""
        self._book._keep_shop(name, body.decode(), at)


# A photo is most of its entry; the shelf does without.
_WITHOUT_PHOTO = (
    """CASE WHEN length(e.body) > 20000 AND substr(e.body, 1, 14) = '{"kind":"note"' """
    """THEN '{"kind":"note","text":"photo"}' ELSE e.body END"""
)
