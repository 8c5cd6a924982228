"""A logbook's file: opened to be written to, to be looked at or only read; what goes wrong is a
sentence.
"""

from __future__ import annotations

import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Self

from nuvrek.logbook.errors import LogbookDamaged, LogbookError, explained
from nuvrek.logbook.on_disk.files import brought_on, copied, read_only
from nuvrek.logbook.on_disk.schema import SCHEMA_VERSION, grow, version_of
from nuvrek.logbook.reading_back import readable_text
from nuvrek.logbook.rows import wrong_marks
from nuvrek.meaning import Saying, means, reason_of

_BUSY_SECONDS = 3.0
# Up to this size a quick check takes a few tens of milliseconds.
_QUICK_BYTES = 64 * 1024 * 1024


class LogbookFile:
    """One open logbook file. Not shared between threads."""

    _version_seen: int | None = None
    _file: tuple[int, int] | None = None

    def __init__(self, path: Path, *, make: bool = False) -> None:
        """Open the logbook at ``path``; where it can't be written to, to be looked at:
        ``look_only`` then says why. Only ``make`` lets one begin where there is none. Raises
        LogbookError.
        """
        self.path = path
        self.look_only: Saying = ""
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
    def make(cls, path: Path) -> Self:
        """Open the logbook at ``path``, begun there if there is none. Raises LogbookError."""
        return cls(path, make=True)

    @classmethod
    def to_read(cls, path: Path) -> Self:
        """Open a logbook that stays as it is, byte by byte: a copy, another's. One of an older
        version is brought on in memory only. Raises LogbookError.
        """
        book = cls.__new__(cls)
        book.path, book.damaged = path, False
        book.look_only = means("keeping.logbook-only-read")
        book._check_there()
        with book._sentences():
            book._open_read_only()
        return book

    def _check_there(self) -> None:
        """Raises LogbookError where there is no logbook to open."""
        try:
            size = None
            if self.path.is_file():
                size = self.path.stat().st_size
        except (OSError, ValueError) as error:
            no_name = means("keeping.no-file-can-have-name")
            if isinstance(error, OSError):
                why = reason_of(error)
            else:
                why = no_name
            raise LogbookError(means("keeping.cant-opened", path=self.path, why=why)) from error
        if size is None:
            raise LogbookError(means("keeping.there-no-such-logbook", path=self.path))
        if size == 0:
            raise LogbookDamaged(
                means("keeping.empty-no-logbook-left-untouched", name=self.path.name)
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
        self.look_only = means("keeping.logbook-can-only-looked", why=why)

    def _check_quickly(self) -> None:
        """A first look for damage, where the file is small enough not to keep anybody waiting."""
        if self.path.stat().st_size > _QUICK_BYTES:
            return
        saying = self.check(thorough=False)
        if saying:
            self.damaged = True
            self.look_only = means(
                "keeping.logbook-damaged-can-looked-nothing", name=self.path.name, detail=saying
            )

    def check(self, thorough: bool = True) -> Saying:
        """What is wrong with the file, the first of it; nothing where it is whole. ``thorough``
        looks at every row by its mark as well.
        """
        if thorough:
            pragma = "integrity_check(1)"
        else:
            pragma = "quick_check(1)"
        try:
            text = str(self._db.execute(f"PRAGMA {pragma}").fetchone()[0])
            if text == "ok" and thorough:
                return next(iter(wrong_marks(self._db)), "")
        except (sqlite3.DatabaseError, UnicodeDecodeError) as error:
            text = str(error)
        if text == "ok":
            return ""
        return text.splitlines()[-1][:160]

    def wrong_marks(self) -> list[Saying]:
        """Every row that is not as it was written, a sentence each. Raises LogbookError."""
        with self._sentences():
            return wrong_marks(self._db)

    def _check_writable(self) -> None:
        if self.look_only:
            raise LogbookError(self.look_only)

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
                means("keeping.logbook-damaged-nothing-changed", name=self.path.name)
            ) from error
        except OSError as error:
            raise LogbookError(
                means("keeping.folder-logbook-cant-used", strerror=error.strerror)
            ) from error

    def _known_version(self, empty: bool = True) -> int:
        """The version of the file; ``empty``: it may have none yet. Raises LogbookError for a newer
        one and for what is no logbook.
        """
        version = version_of(self._db)
        if version > SCHEMA_VERSION:
            raise LogbookError(
                means("keeping.logbook-written-newer-nuvrek-left", name=self.path.name)
            )
        tables = {str(name) for (name,) in self._db.execute("SELECT name FROM sqlite_master")}
        begun = not tables and version == 0 and empty
        if not begun and (version == 0 or {"neck", "entry"} - tables):
            raise LogbookDamaged(
                means("keeping.not-nuvrek-logbook-left-untouched", name=self.path.name)
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
            raise LogbookError(means("keeping.logbook-moved-away-or-replaced", name=self.path.name))

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
