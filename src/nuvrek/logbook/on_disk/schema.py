"""The tables of a logbook file, and how one of an older version is brought on."""

from __future__ import annotations

import sqlite3
import uuid

from nuvrek.logbook.stand import mark_of

SCHEMA_VERSION = 4

_TABLES = """
CREATE TABLE neck (id INTEGER PRIMARY KEY, described TEXT NOT NULL, created TEXT NOT NULL);
CREATE TABLE entry (
    neck INTEGER NOT NULL REFERENCES neck(id),
    number INTEGER NOT NULL,
    body TEXT NOT NULL,
    PRIMARY KEY (neck, number)
) WITHOUT ROWID;
"""
# Since version 2: what is known of an owner, the newest row of a name; rows before it stay.
_OWNER_TABLE = """
CREATE TABLE IF NOT EXISTS owner (
    id INTEGER PRIMARY KEY, name TEXT NOT NULL, body TEXT NOT NULL, at TEXT NOT NULL
)
"""
# Since version 4: a mark on every row, owners by uid, what the shop has set (prices, wire, tools),
# and by which marks that is known what was taken out.
_SINCE_4 = """
ALTER TABLE neck ADD COLUMN mark TEXT NOT NULL DEFAULT '';
ALTER TABLE entry ADD COLUMN mark TEXT NOT NULL DEFAULT '';
ALTER TABLE owner ADD COLUMN uid TEXT NOT NULL DEFAULT '';
ALTER TABLE owner ADD COLUMN mark TEXT NOT NULL DEFAULT '';
CREATE TABLE shop (
    name TEXT PRIMARY KEY, body TEXT NOT NULL, at TEXT NOT NULL, mark TEXT NOT NULL
);
CREATE TABLE gone (
    neck TEXT NOT NULL, was TEXT NOT NULL, stays TEXT NOT NULL, PRIMARY KEY (neck, was)
);
"""


def version_of(db: sqlite3.Connection) -> int:
    """By which version of the tables a file was written; 0 where it has none of them."""
    return int(db.execute("PRAGMA user_version").fetchone()[0])


def uid_of(described: object, created: object) -> str:
    """By what a neck of an old logbook is known: the same in every copy of it."""
    return uuid.uuid5(uuid.NAMESPACE_OID, f"{created}\n{described}").hex


def owner_uid(name: object, body: object, at: object) -> str:
    """By what an owner of an old logbook is known, from the first row of that name."""
    return uuid.uuid5(uuid.NAMESPACE_OID, f"{at}\n{name}\n{body}").hex


def grow(db: sqlite3.Connection) -> None:
    """Bring the tables to this version; another program may just have done so."""
    version = version_of(db)
    if version < 1:
        _each(db, _TABLES)
    if version < 2:
        db.execute(_OWNER_TABLE)
    if version < 3:
        db.execute("ALTER TABLE neck ADD COLUMN uid TEXT NOT NULL DEFAULT ''")
        rows = db.execute("SELECT id, described, created FROM neck").fetchall()
        db.executemany(
            "UPDATE neck SET uid = ? WHERE id = ?",
            [(uid_of(described, created), number) for number, described, created in rows],
        )
    if version < 4:
        _each(db, _SINCE_4)
        mark_all(db)
    db.execute(f"PRAGMA user_version={SCHEMA_VERSION}")


def _each(db: sqlite3.Connection, statements: str) -> None:
    for statement in statements.strip().split(";\n"):
        db.execute(statement.rstrip(";\n"))


def mark_all(db: sqlite3.Connection) -> None:
    """Mark what was written before there were marks."""
    necks = db.execute("SELECT id, uid, created, described FROM neck").fetchall()
    db.executemany(
        "UPDATE neck SET mark = ? WHERE id = ?",
        [(mark_of(uid, created, body), number) for number, uid, created, body in necks],
    )
    for number, uid, _, _ in necks:
        rows = db.execute(
            "SELECT number, body FROM entry WHERE neck = ? ORDER BY number", (number,)
        ).fetchall()
        mark, new = "", []
        for place, body in rows:
            mark = mark_of(mark, uid, place, body)
            new.append((mark, number, place))
        db.executemany("UPDATE entry SET mark = ? WHERE neck = ? AND number = ?", new)
    known: dict[str, str] = {}
    for number, name, body, at in db.execute(
        "SELECT id, name, body, at FROM owner ORDER BY id"
    ).fetchall():
        uid = known.setdefault(str(name), owner_uid(name, body, at))
        db.execute(
            "UPDATE owner SET uid = ?, mark = ? WHERE id = ?",
            (uid, mark_of(name, body, at, uid), number),
        )
