"""What the shelf shows of each neck, kept beside the logbook so that it need not be worked out
anew, and its words to be searched. Nothing here is the only copy of anything: a cache that can't be
used is made anew.
"""

from __future__ import annotations

import os
import sqlite3
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path

_VERSION = 5
_CARDS = """
CREATE TABLE card (neck INTEGER PRIMARY KEY, head TEXT NOT NULL, body BLOB NOT NULL);
CREATE INDEX heads ON card (neck, head);
"""
_WORDS = """
CREATE VIRTUAL TABLE words USING fts5(said, found, tokenize = 'unicode61 remove_diacritics 2');
"""
_TABLES = f"""
{_CARDS} {_WORDS}

CREATE TABLE made (language TEXT NOT NULL);
PRAGMA user_version={_VERSION};
"""


class CardCache:
    """Cards by neck and where its journal stands. Never raises: without a file it keeps nothing."""

    def __init__(self, logbook: Path | None, language: str = "") -> None:
        """Beside ``logbook``; in memory where that is None or can't be written. ``language`` is
        that of the words the necks are found by.
        """
        self._language = language
        self._db = sqlite3.connect(":memory:", isolation_level=None)
        self._db.executescript(_TABLES)
        if logbook is not None:
            self._open(logbook.with_name(f"{logbook.name}-cards"))

    def _open(self, path: Path) -> None:
        for _ in range(2):
            try:
                if not path.exists():
                    os.close(os.open(path, os.O_CREAT | os.O_EXCL, 0o600))
                db = sqlite3.connect(path, isolation_level=None, timeout=0.2)
                # Lost with the power: made anew.
                db.execute("PRAGMA synchronous=OFF")
                version = db.execute("PRAGMA user_version").fetchone()[0]
                if version == 0:
                    db.executescript(_TABLES)
                elif version != _VERSION:
                    raise sqlite3.DatabaseError("another version")
                _in_language(db, self._language)
                db.execute("SELECT count(*) FROM card").fetchone()
                self._db.close()
                self._db = db
                return
            except (sqlite3.Error, OSError):
                # A spoilt cache is thrown away once; a folder without rights leaves the memory.
                with suppress(OSError):
                    path.unlink(missing_ok=True)

    def heads(self) -> dict[int, str]:
        """Every neck with a card, and where its journal stood when the card was made."""
        try:
            return dict(self._db.execute("SELECT neck, head FROM card").fetchall())
        except sqlite3.Error:
            return {}

    def body(self, neck: int) -> bytes:
        """What was kept of a neck; nothing where there is none."""
        try:
            row = self._db.execute("SELECT body FROM card WHERE neck = ?", (neck,)).fetchone()
        except sqlite3.Error:
            row = None
        if row is None:
            return b""
        return bytes(row[0])

    def keep(self, rows: Iterable[tuple[int, str, bytes, str]]) -> None:
        """Keep cards: neck, where its journal stands, body, the words it is found by."""
        with suppress(sqlite3.Error):
            self._db.execute("BEGIN")
            for neck, head, body, text in rows:
                self._db.execute("INSERT OR REPLACE INTO card VALUES (?, ?, ?)", (neck, head, body))
                found = self._db.execute(
                    "SELECT found FROM words WHERE rowid = ?", (neck,)
                ).fetchone()
                self._db.execute("DELETE FROM words WHERE rowid = ?", (neck,))
                self._db.execute(
                    "INSERT INTO words (rowid, said, found) VALUES (?, ?, ?)",
                    (neck, text, found[0] if found else ""),
                )
            self._db.execute("COMMIT")

    def found_on(self, neck: int, findings: str) -> None:
        """What was found on a neck when it was last mapped, to be searched as well."""
        with suppress(sqlite3.Error):
            self._db.execute("UPDATE words SET found = ? WHERE rowid = ?", (findings, neck))

    def search(self, asked: str) -> set[int]:
        """The necks whose words begin with each of the words asked for."""
        terms = [_stem(term) for term in asked.replace('"', " ").split() if _asks(term)]
        if not terms:
            return set()
        query = " ".join(f'"{term}"*' for term in terms)
        try:
            rows = self._db.execute("SELECT rowid FROM words WHERE words MATCH ?", (query,))
            return {neck for (neck,) in rows}
        except sqlite3.Error:
            return set()

    def forget(self) -> None:
        """Throw all of it away, also from the disk: it is made anew from the logbook."""
        with suppress(sqlite3.Error):
            # The index of words keeps what was deleted from it: it is made anew.
            self._db.executescript(f"DROP TABLE card; DROP TABLE words; {_CARDS} {_WORDS} VACUUM;")

    def close(self) -> None:
        """Close the file."""
        self._db.close()


# Words that part others and say nothing themselves.
_LINKS = frozenset(("a", "and", "by", "in", "of", "on", "the", "with"))


def _asks(term: str) -> bool:
    return any(map(str.isalnum, term)) and term.lower() not in _LINKS


def _stem(term: str) -> str:
    """The beginning by which one and several are found alike."""
    if len(term) > 3 and term.lower().endswith("s"):
        return term[:-1]
    return term


def _in_language(db: sqlite3.Connection, language: str) -> None:
    """What is searched is text: cards made in another language are thrown away."""
    if db.execute("SELECT language FROM made").fetchall() != [(language,)]:
        db.executescript("DELETE FROM card; DELETE FROM words; DELETE FROM made;")
        db.execute("INSERT INTO made VALUES (?)", (language,))
