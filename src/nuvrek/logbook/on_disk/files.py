"""Logbook files as SQLite sees them: read without leaving a trace, copied whole or not at all."""

from __future__ import annotations

import os
import sqlite3
from contextlib import closing
from pathlib import Path

from nuvrek.logbook.on_disk.schema import grow
from nuvrek.logbook.reading_back import readable_text


def read_only(path: Path) -> sqlite3.Connection:
    """A connection that writes nothing, also where the folder takes nothing. Raises
    sqlite3.Error.
    """
    address = path.absolute().as_uri()
    wal = path.with_name(f"{path.name}-wal")
    # Without a log beside it the file alone is all there is: opened so, none is made.
    modes = ["mode=ro", "mode=ro&immutable=1"]
    if not wal.exists():
        modes.reverse()
    for last, mode in enumerate(modes, -1):
        db = sqlite3.connect(f"{address}?{mode}", uri=True, isolation_level=None)
        db.text_factory = readable_text
        try:
            db.execute("SELECT count(*) FROM sqlite_master").fetchone()
        except sqlite3.Error:
            db.close()
            if not last:
                raise
        else:
            return db
    raise sqlite3.OperationalError("unable to open")


def brought_on(db: sqlite3.Connection) -> sqlite3.Connection:
    """What an older version wrote, brought on in memory; the file stays. Raises sqlite3.Error."""
    new = sqlite3.connect(":memory:", isolation_level=None)
    new.text_factory = readable_text
    try:
        db.backup(new)
        grow(new)
    except BaseException:
        new.close()
        raise
    db.close()
    return new


def copied(path: Path, to: Path) -> None:
    """A copy as the logbook is at this moment, one file; it appears only once it is whole. Raises
    sqlite3.Error, OSError.
    """
    part = to.with_name(f"{to.name}.part")
    part.unlink(missing_ok=True)
    os.close(os.open(part, os.O_CREAT | os.O_EXCL, 0o600))
    try:
        address = f"{path.absolute().as_uri()}?mode=ro"
        with (
            closing(sqlite3.connect(address, uri=True)) as source,
            closing(sqlite3.connect(part)) as target,
        ):
            source.backup(target)
            target.execute("PRAGMA journal_mode=DELETE")
        os.replace(part, to)
    except BaseException:
        part.unlink(missing_ok=True)
        raise
