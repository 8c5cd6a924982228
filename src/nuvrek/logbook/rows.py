"""The rows of a logbook, written so that each knows its neck and carries its mark. All of it runs
within a transaction of the caller's, on a file or a server.
"""

from __future__ import annotations

import sqlite3
from collections.abc import Sequence

from nuvrek.logbook.errors import NeckChanged
from nuvrek.logbook.stand import Stand, grown_by, mark_of, marked
from nuvrek.meaning import Saying, means

# What stands in the table of what is gone: put back on purpose, a whole neck, an owner's or the
# shop's row.
PUT_BACK, TAKEN_AWAY, SMALL = "put back", "taken away", "row"
_INSERT = "INSERT INTO entry (neck, number, body, mark) VALUES (?, ?, ?, ?)"
_INSERT_CHECKED = """
INSERT INTO entry (neck, number, body, mark) SELECT n.id, ?, ?, ? FROM neck n
WHERE n.id = ? AND n.uid = ? AND coalesce(
(SELECT mark FROM entry WHERE neck = n.id ORDER BY number DESC LIMIT 1), '') = ?
"""
_STAND = """
SELECT n.uid, e.number, e.mark FROM neck n LEFT JOIN entry e ON e.neck = n.id
AND e.number = (SELECT max(number) FROM entry WHERE neck = n.id) WHERE n.id = ?
"""


def stand_of(db: sqlite3.Connection, neck: int) -> Stand | None:
    """Where the journal of a neck stands; None where there is no such neck."""
    row = db.execute(_STAND, (neck,)).fetchone()
    if row is None:
        return None
    return Stand(neck, str(row[0]), int(row[1] or 0), str(row[2] or ""))


def check_stands(db: sqlite3.Connection, stand: Stand) -> None:
    """Raises NeckChanged unless the neck is the one that is meant and its journal as it was."""
    neck_stand = stand_of(db, stand.neck)
    if neck_stand is None or neck_stand.uid != stand.uid:
        raise NeckChanged(means("keeping.neck-no-longer-logbook-open"))
    if neck_stand != stand:
        raise NeckChanged(means("keeping.neck-changed-from-another-window"))


def insert_neck(
    db: sqlite3.Connection, uid: str, created: str, described: str, bodies: Sequence[object]
) -> Stand:
    """A new neck with its journal."""
    (number,) = db.execute(
        "INSERT INTO neck (described, created, uid, mark) VALUES (?, ?, ?, ?) RETURNING id",
        (described, created, uid, mark_of(uid, created, described)),
    ).fetchone()
    return add(db, Stand(int(number), uid), bodies)


def add_checked(db: sqlite3.Connection, stand: Stand, bodies: Sequence[object]) -> Stand:
    """Entries after a journal that must be as ``stand`` says. Raises NeckChanged."""
    rows = marked(stand, bodies)
    if not rows:
        check_stands(db, stand)
        return stand
    # The first goes in only where neck and journal are those that are meant.
    first = db.execute(_INSERT_CHECKED, (*rows[0], stand.neck, stand.uid, stand.mark))
    if first.rowcount != 1:
        check_stands(db, stand)
        raise NeckChanged(means("keeping.neck-changed-meanwhile-nothing-written"))
    if len(rows) > 1:
        db.executemany(_INSERT, [(stand.neck, *row) for row in rows[1:]])
    return grown_by(stand, rows)


def add(db: sqlite3.Connection, stand: Stand, bodies: Sequence[object]) -> Stand:
    """Entries after where the journal stands; returns where it stands then."""
    rows = marked(stand, bodies)
    db.executemany(_INSERT, [(stand.neck, *row) for row in rows])
    return grown_by(stand, rows)


def rewrite(db: sqlite3.Connection, stand: Stand, bodies: Sequence[object]) -> Stand:
    """The whole journal anew; it must be as ``stand`` says. Raises NeckChanged."""
    check_stands(db, stand)
    db.execute("DELETE FROM entry WHERE neck = ?", (stand.neck,))
    return add(db, Stand(stand.neck, stand.uid), bodies)


def put_back(db: sqlite3.Connection, stand: Stand, bodies: Sequence[object]) -> Stand:
    """A journal put back as it was: what goes is known by its marks to be gone on purpose, so that
    no bench takes it for lost. Raises NeckChanged.
    """
    before = _marks(db, stand.neck)
    neck_stand = rewrite(db, stand, bodies)
    _on_purpose(db, stand.uid, before - _marks(db, stand.neck))
    return neck_stand


def take_away(db: sqlite3.Connection, neck: int, uid: str) -> None:
    """A neck with its journal, gone on purpose."""
    marks = _marks(db, neck)
    db.execute("DELETE FROM entry WHERE neck = ?", (neck,))
    db.execute("DELETE FROM neck WHERE id = ?", (neck,))
    _on_purpose(db, uid, {*marks, TAKEN_AWAY})


def small_marks(db: sqlite3.Connection) -> set[str]:
    """The marks of what is known of owners and of what the shop has set."""
    rows = db.execute("SELECT mark FROM owner UNION SELECT mark FROM shop").fetchall()
    return {str(mark) for (mark,) in rows}


def small_gone(db: sqlite3.Connection, before: set[str]) -> None:
    """What went of these since, on purpose."""
    _on_purpose(db, SMALL, before - small_marks(db))


def _marks(db: sqlite3.Connection, neck: int) -> set[str]:
    rows = db.execute("SELECT mark FROM entry WHERE neck = ?", (neck,)).fetchall()
    return {str(mark) for (mark,) in rows}


def _on_purpose(db: sqlite3.Connection, uid: str, marks: set[str]) -> None:
    for mark in marks:
        db.execute("DELETE FROM gone WHERE neck = ? AND was = ?", (uid, mark))
        db.execute("INSERT INTO gone (neck, was, stays) VALUES (?, ?, ?)", (uid, mark, PUT_BACK))


def redescribe(db: sqlite3.Connection, neck: int, described: str) -> None:
    """Another first description of a neck."""
    uid, created = db.execute("SELECT uid, created FROM neck WHERE id = ?", (neck,)).fetchone()
    db.execute(
        "UPDATE neck SET described = ?, mark = ? WHERE id = ?",
        (described, mark_of(uid, created, described), neck),
    )


def put_owner(db: sqlite3.Connection, name: str, body: str, at: str, uid: str) -> None:
    """What is known of an owner from a time on."""
    db.execute(
        "INSERT INTO owner (name, body, at, uid, mark) VALUES (?, ?, ?, ?, ?)",
        (name, body, at, uid, mark_of(name, body, at, uid)),
    )


def put_shop(db: sqlite3.Connection, name: str, body: str, at: str) -> None:
    """What the shop has set under a name, in place of what it had."""
    db.execute("DELETE FROM shop WHERE name = ?", (name,))
    db.execute(
        "INSERT INTO shop (name, body, at, mark) VALUES (?, ?, ?, ?)",
        (name, body, at, mark_of(name, body, at)),
    )


def wrong_marks(db: sqlite3.Connection) -> list[Saying]:
    """Rows that aren't as they were written, a sentence each: bits that flipped on the disk."""
    wrong: list[Saying] = []
    changed = means("keeping.not-written")
    for number, uid, created, body, mark in db.execute(
        "SELECT id, uid, created, described, mark FROM neck ORDER BY id"
    ).fetchall():
        if mark_of(uid, created, body) != mark:
            wrong.append(means("keeping.neck-description", number=number, changed=changed))
        wrong += _wrong_entries(db, number, uid, changed)
    for name, body, at, uid, mark in db.execute(
        "SELECT name, body, at, uid, mark FROM owner ORDER BY id"
    ).fetchall():
        if mark_of(name, body, at, uid) != mark:
            wrong.append(means("keeping.what-known-one-owner", changed=changed))
    for name, body, at, mark in db.execute("SELECT name, body, at, mark FROM shop").fetchall():
        if mark_of(name, body, at) != mark:
            wrong.append(means("keeping.what-shop-has-set", changed=changed))
    return wrong


def _wrong_entries(db: sqlite3.Connection, neck: int, uid: str, changed: Saying) -> list[Saying]:
    wrong, before = list[Saying](), ""
    for place, body, mark in db.execute(
        "SELECT number, body, mark FROM entry WHERE neck = ? ORDER BY number", (neck,)
    ).fetchall():
        if mark_of(before, uid, place, body) != mark:
            wrong.append(means("keeping.neck-entry", neck=neck, place=place, changed=changed))
        before = mark
    return wrong
