"""A logbook as an archive, and an archive into a logbook."""

from __future__ import annotations

from pathlib import Path

import msgspec

from nuvrek.exchange import archive
from nuvrek.exchange.archive import ArchivedNeck, ArchivedOwner, ArchivedShop, Contents
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.logbook.joining.merging import Everything, NeckWhole, TakenIn, everything_of, take_in
from nuvrek.logbook.on_disk.schema import owner_uid
from nuvrek.logbook.store import Logbook, OwnerRow, ShopRow
from nuvrek.meaning import Saying, means

MOST_ARCHIVE_BYTES = 512 * 1024**2


def packed(book: Logbook) -> tuple[bytes, tuple[Saying, ...]]:
    """Everything of a logbook, and a sentence for each damaged neck that is left out. Raises
    LogbookError.
    """
    every = everything_of(book)
    return archive.pack(_contents(every)), every.damaged


def _contents(every: Everything) -> Contents:
    items = tuple(
        ArchivedNeck(
            whole_neck.uid,
            whole_neck.created,
            Job(neck=whole_neck.neck, journal=whole_neck.entries),
        )
        for whole_neck in every.necks
    )
    owners = tuple(ArchivedOwner(row.at, row.owner, row.uid) for row in every.owners)
    shop = tuple(ArchivedShop(row.name, row.body, row.at) for row in every.shop)
    return Contents(items, owners, shop, every.gone)


def less_than_there(path: Path, data: bytes) -> Saying:
    """Why an archive must not take the place of the file that is there: that one holds more, or is
    something else. Nothing where it may.
    """
    if not path.is_file():
        return ""
    had, has = archive.lengths(_raw(path)), archive.lengths(data) or {}
    if had is None:
        return means("work.there-already-no-archive", name=path.name)
    fuller = [uid for uid, count in had.items() if count > has.get(uid, 0)]
    if not fuller:
        return ""
    return means("work.there-already-holds-more-necks", name=path.name, necks=len(fuller))


def everything_in_archive(path: Path) -> Everything:
    """All that an archive holds. Raises JobFaults."""
    try:
        contents = archive.unpack(_raw(path))
    except JobFaults as error:
        raise JobFaults(
            [means("work.name-fault", name=path.name, fault=fault) for fault in error.faults]
        ) from None
    necks = tuple(
        NeckWhole(item.uid, item.created, item.job.neck, item.job.journal)
        for item in contents.items
    )
    owners = tuple(_owner_row(known) for known in contents.owners)
    shop = tuple(ShopRow(row.name, row.body, row.at) for row in contents.shop)
    return Everything(necks, owners, shop, contents.gone)


def _owner_row(known: ArchivedOwner) -> OwnerRow:
    body = msgspec.json.encode(known.owner).decode()
    name = known.owner.name
    return OwnerRow(name, body, known.at, known.uid or owner_uid(name, body, known.at))


def _raw(path: Path) -> bytes:
    try:
        if path.exists() and not path.is_file():
            raise JobFaults([means("work.not-plain-file", name=path.name)])
        if path.stat().st_size > MOST_ARCHIVE_BYTES:
            raise JobFaults([means("work.too-large-archive")])
        return path.read_bytes()
    except OSError as error:
        raise JobFaults(
            [means("work.cant-read", name=path.name, strerror=error.strerror)]
        ) from None


def taken_in(book: Logbook, path: Path) -> TakenIn:
    """Take an archive in, all of it or nothing. Raises JobFaults, LogbookError."""
    return take_in(book, everything_in_archive(path))
