"""A logbook as an archive, and an archive into a logbook."""

from __future__ import annotations

from pathlib import Path

from nuvrek.exchange import archive
from nuvrek.exchange.archive import Item
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.language import tr
from nuvrek.logbook.merging import NeckWhole, OwnerRow, TakenIn, necks_of, take_in
from nuvrek.logbook.store import Logbook

MOST_ARCHIVE_BYTES = 2 * 1024**3


def packed(book: Logbook) -> bytes:
    """Everything of a logbook; damaged necks are left out. Raises LogbookError."""
    necks, _ = necks_of(book)
    items = [Item(one.uid, one.created, Job(neck=one.neck, journal=one.entries)) for one in necks]
    return archive.pack(items, book.owner_history())


def taken_in(book: Logbook, path: Path) -> TakenIn:
    """Take an archive in, all of it or nothing. Raises JobFaults, LogbookError."""
    try:
        if path.stat().st_size > MOST_ARCHIVE_BYTES:
            raise JobFaults([tr("too large for an archive.")])
        items, known = archive.unpack(path.read_bytes())
    except OSError as error:
        raise JobFaults(
            [tr("{name}: can't be read ({strerror}).", name=path.name, strerror=error.strerror)]
        ) from None
    except JobFaults as error:
        raise JobFaults([f"{path.name}: {fault}" for fault in error.faults]) from None
    whole = [NeckWhole(one.uid, one.created, one.job.neck, one.job.journal) for one in items]
    return take_in(book, whole, [OwnerRow(at, owner) for at, owner in known])
