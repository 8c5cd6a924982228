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

from nuvrek.logbook.joining.merging import everything_of, replace_all
from nuvrek.logbook.on_disk.files import copied
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.meaning import Saying, means

# The newest stay, and all of the last days; then one of each of so many weeks and months, and one
# a year.
_ALL, _ALL_DAYS, _WEEKS, _MONTHS = 14, 7, 9, 24
_LONG_AWAY_DAYS = 60
_NAME = re.compile(r"^copy-(\d{4}-\d\d-\d\dT\d\d\d\d\d\d)(?:-[a-z-]+)?\.db$")


class Copy(Struct, frozen=True):
    """A copy: its file, when it was made, how large it is."""

    path: Path
    made_at: str
    size: int


class Look(Struct, frozen=True):
    """What a copy holds: its necks with their uid, title and length, and what is wrong with it."""

    necks: tuple[tuple[str, str, int], ...]
    wrong: Saying


def folder_of(logbook: Path) -> Path:
    """Where the copies of a logbook lie."""
    return logbook.with_name(f"{logbook.stem}-copies")


def copies_of(logbook: Path) -> list[Copy]:
    """All copies, the newest first."""
    folder = folder_of(logbook)
    if not folder.is_dir():
        return []
    copies = []
    for path in folder.iterdir():
        said = _NAME.match(path.name)
        if said is not None and path.is_file():
            copies.append(Copy(path, said[1], path.stat().st_size))
    return sorted(copies, key=lambda copy: copy.made_at, reverse=True)


def due(logbook: Path, moment: datetime) -> bool:
    """Whether the newest copy is of another day."""
    copies = copies_of(logbook)
    return not copies or copies[0].made_at[:10] != moment.date().isoformat()


def make_copy(source: Logbook | Path, moment: datetime, why: str = "") -> Path:
    """A copy as the logbook is at this moment, also while it is written to; ``why`` stands in its
    name. A server's is written out act by act. It appears only once it is whole. Raises
    LogbookError.
    """
    from nuvrek.logbook.benches.server import ServerLogbook

    if isinstance(source, Path):
        logbook = source
    else:
        logbook = source.path
    folder = folder_of(logbook)
    tail = f"-{why}" if why else ""
    path = folder / f"copy-{moment:%Y-%m-%dT%H%M%S}{tail}.db"
    try:
        folder.mkdir(mode=0o700, parents=True, exist_ok=True)
        if isinstance(source, ServerLogbook):
            _written_out(source, path)
        else:
            copied(logbook, path)
    except (sqlite3.Error, OSError) as error:
        why_not = getattr(error, "strerror", None) or error
        raise LogbookError(
            means("keeping.no-copy-could-made", why_not=str(why_not).lower())
        ) from error
    return path


def _written_out(source: Logbook, path: Path) -> None:
    """A server's logbook as a file."""
    part = path.with_name(f"{path.name}.part")
    part.unlink(missing_ok=True)
    try:
        with closing(Logbook.make(part)) as book:
            replace_all(book, everything_of(source))
            book.become_one_file()
        os.replace(part, path)
    finally:
        part.unlink(missing_ok=True)


def thinned(made: Sequence[str], today: date) -> set[str]:
    """Of copies by the time they were made those that stay: the newest so many, and the newest of
    each week, month and year. How many, not how old: a clock that jumped costs nothing.
    """
    times = sorted(made)
    stay = {at for at in times if abs((today - _day(at)).days) <= _ALL_DAYS}
    stay |= set(times[-_ALL:])
    for span, most in ((_week, _WEEKS), (_month, _MONTHS), (_year, len(times))):
        newest = list({span(at): at for at in times}.values())
        stay |= set(newest[-most:])
    return stay


def _day(at: str) -> date:
    return date.fromisoformat(at[:10])


def _week(at: str) -> str:
    day = _day(at)
    return (day - timedelta(days=day.weekday())).isoformat()


def _month(at: str) -> str:
    return at[:7]


def _year(at: str) -> str:
    return at[:4]


def thin(logbook: Path, moment: datetime) -> int:
    """Remove the copies that are one too many; returns how many went. None does where the newest
    was made long after the one before: either nobody was here, or the clock is wrong.
    """
    copies = copies_of(logbook)
    days = [_day(copy.made_at) for copy in copies]
    if len(days) < 2 or (days[0] - days[1]).days > _LONG_AWAY_DAYS:
        return 0
    stay = thinned([copy.made_at for copy in copies], moment.date())
    gone = 0
    for copy in copies:
        if copy.made_at not in stay:
            with suppress(OSError):
                copy.path.unlink()
                gone += 1
    return gone


def look_into(copy: Path) -> Look:
    """What a copy holds, and what is wrong with it, before anything is put back from it. Raises
    LogbookError.
    """
    with closing(Logbook.to_read(copy)) as book:
        wrong = book.check()
        rows = tuple((book.uid(row.id), row.neck.title, row.entries) for row in book.necks())
    return Look(rows, wrong)


def restore_all(book: Logbook, copy: Path, moment: datetime) -> Path:
    """Put the whole logbook back as a copy holds it, in one go; what is there now becomes a copy
    first. Returns that one. Owners who were taken out stay out. Raises LogbookError.
    """
    if copy.resolve() == book.path.resolve():
        raise LogbookError(means("keeping.logbook-open-already"))
    found = look_into(copy)
    if found.wrong:
        raise LogbookError(
            means("keeping.damaged-nothing-changed", name=copy.name, wrong=found.wrong)
        )
    with closing(Logbook.to_read(copy)) as source:
        every = everything_of(source)
    before = make_copy(book, moment, "before-restore")
    if book.damaged:
        _page_by_page(copy, book.path)
    else:
        replace_all(book, every)
    forget_cards(book.path)
    return before


def put_back(address: str | Path, copy: Path, moment: datetime) -> Path:
    """Put the whole logbook back as one of its copies holds it, also where the file is lost or can
    no longer be opened; what is there now stays as a copy or set aside. Returns that. Raises
    LogbookError.
    """
    from nuvrek.logbook.opening import kept_at, open_logbook

    try:
        book = open_logbook(address)
    except LogbookError:
        path = kept_at(address)
        # Only where its own copies lie: a mistyped place has none.
        if copy.parent != folder_of(path) or path != Path(address):
            raise
        return _in_place_of_lost(path, copy, moment)
    with closing(book):
        return restore_all(book, copy, moment)


def _in_place_of_lost(path: Path, copy: Path, moment: datetime) -> Path:
    found = look_into(copy)
    if found.wrong:
        raise LogbookError(means("keeping.damaged", name=copy.name, wrong=found.wrong))
    aside = path.with_name(f"{path.stem}-damaged-{moment:%Y-%m-%d-%H%M%S}{path.suffix}")
    try:
        for tail in ("", "-wal", "-shm"):
            part = path.with_name(path.name + tail)
            if part.exists():
                part.rename(aside.with_name(aside.name + tail))
        copied(copy, path)
    except (sqlite3.Error, OSError) as error:
        raise LogbookError(means("keeping.could-not-put-back", error=error)) from error
    return aside


def _page_by_page(copy: Path, logbook: Path) -> None:
    """A copy over a logbook that can't be written into any more, in one go."""
    try:
        with (
            closing(sqlite3.connect(copy)) as source,
            closing(sqlite3.connect(logbook, timeout=3.0)) as target,
        ):
            source.backup(target)
            target.execute("PRAGMA journal_mode=WAL")
    except sqlite3.Error as error:
        raise LogbookError(means("keeping.could-not-put-back-nothing", error=error)) from error


def forget_cards(logbook: Path) -> None:
    """The cards of the shelf are made anew, without what is no longer so."""
    with suppress(OSError):
        logbook.with_name(f"{logbook.name}-cards").unlink(missing_ok=True)


def named(logbook: Path, copy: Path) -> Path:
    """A copy by its path, or by the name ``copies`` prints. Raises LogbookError where there is
    none.
    """
    for path in (copy, folder_of(logbook) / copy.name):
        if path.is_file():
            return path
    raise LogbookError(means("keeping.there-no-such-copy", name=copy))
