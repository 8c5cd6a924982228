"""Dated copies of the logbook, made by themselves, fewer the older they are."""

from __future__ import annotations

import os
import re
import sqlite3
from collections.abc import Sequence
from contextlib import closing, suppress
from datetime import date, datetime, timedelta
from pathlib import Path

from msgspec import Struct

from nuvrek.language import tr
from nuvrek.logbook.store import Logbook, LogbookError

# Copies younger than this all stay; then one a week, one a month, one a year.
_ALL_DAYS, _WEEK_DAYS, _MONTH_DAYS = 7, 63, 750
_NAME = re.compile(r"^copy-(\d{4}-\d\d-\d\dT\d\d\d\d\d\d)(?:-[a-z-]+)?\.db$")


class Copy(Struct, frozen=True):
    """A copy: its file, when it was made, how large it is."""

    path: Path
    made: str
    size: int


class Look(Struct, frozen=True):
    """What a copy holds: its necks with their uid, title and length, and what is wrong with it."""

    necks: tuple[tuple[str, str, int], ...]
    wrong: str


def folder_of(logbook: Path) -> Path:
    """Where the copies of a logbook lie."""
    return logbook.with_name(f"{logbook.stem}-copies")


def copies_of(logbook: Path) -> list[Copy]:
    """All copies, the newest first."""
    folder = folder_of(logbook)
    if not folder.is_dir():
        return []
    found = []
    for path in folder.iterdir():
        said = _NAME.match(path.name)
        if said is not None and path.is_file():
            found.append(Copy(path, said[1], path.stat().st_size))
    return sorted(found, key=lambda copy: copy.made, reverse=True)


def due(logbook: Path, now: datetime) -> bool:
    """Whether the newest copy is of another day."""
    copies = copies_of(logbook)
    return not copies or copies[0].made[:10] != now.date().isoformat()


def make_copy(logbook: Path, now: datetime, why: str = "") -> Path:
    """A copy as the logbook is at this moment, also while it is written to; ``why`` stands in its
    name. It appears only once it is whole. Raises LogbookError.
    """
    folder = folder_of(logbook)
    tail = f"-{why}" if why else ""
    path = folder / f"copy-{now:%Y-%m-%dT%H%M%S}{tail}.db"
    part = path.with_suffix(".part")
    try:
        folder.mkdir(mode=0o700, parents=True, exist_ok=True)
        part.unlink(missing_ok=True)
        os.close(os.open(part, os.O_CREAT | os.O_EXCL, 0o600))
        address = f"{logbook.absolute().as_uri()}?mode=ro"
        with (
            closing(sqlite3.connect(address, uri=True)) as source,
            closing(sqlite3.connect(part)) as target,
        ):
            source.backup(target)
            # A copy is one file: no write-ahead log beside it.
            target.execute("PRAGMA journal_mode=DELETE")
        os.replace(part, path)
    except (sqlite3.Error, OSError) as error:
        with suppress(OSError):
            part.unlink(missing_ok=True)
        why_not = getattr(error, "strerror", None) or error
        raise LogbookError(
            tr("No copy could be made ({why_not}).", why_not=str(why_not).lower())
        ) from error
    return path


def thinned(made: Sequence[str], today: date) -> set[str]:
    """Of copies by the time they were made those that stay: the newest of each span."""
    spans: dict[tuple[str, object], str] = {}
    for at in sorted(made):
        day = date.fromisoformat(at[:10])
        age = (today - day).days
        if age <= _ALL_DAYS:
            span: tuple[str, object] = ("all", at)
        elif age <= _WEEK_DAYS:
            span = "week", (day - timedelta(days=day.weekday())).isoformat()
        elif age <= _MONTH_DAYS:
            span = "month", at[:7]
        else:
            span = "year", at[:4]
        spans[span] = at
    return set(spans.values())


def thin(logbook: Path, now: datetime) -> int:
    """Remove the copies that are one too many for their age; returns how many went."""
    copies = copies_of(logbook)
    stay = thinned([copy.made for copy in copies], now.date())
    gone = 0
    for copy in copies:
        if copy.made not in stay:
            with suppress(OSError):
                copy.path.unlink()
                gone += 1
    return gone


def look(copy: Path) -> Look:
    """What a copy holds, before anything is put back from it. Raises LogbookError."""
    with closing(Logbook(copy)) as book:
        wrong = book.check()
        rows = tuple((book.uid(row.id), row.neck.title, row.entries) for row in book.necks())
    return Look(rows, wrong)


def restore_all(logbook: Path, copy: Path, now: datetime) -> Path:
    """Put the whole logbook back as a copy holds it, in one go; what is there now becomes a copy
    first. Returns that one. Raises LogbookError.
    """
    found = look(copy)
    if found.wrong:
        raise LogbookError(
            tr(
                "{name} is damaged ({wrong}). Nothing was changed.",
                name=copy.name,
                wrong=found.wrong,
            )
        )
    before = make_copy(logbook, now, "before-restore")
    try:
        with (
            closing(sqlite3.connect(copy)) as source,
            closing(sqlite3.connect(logbook, timeout=3.0)) as target,
        ):
            source.backup(target)
            target.execute("PRAGMA journal_mode=WAL")
    except sqlite3.Error as error:
        raise LogbookError(
            tr("It could not be put back ({error}). Nothing was changed.", error=error)
        ) from error
    return before
