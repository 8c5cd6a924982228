"""Keeping house: necks put away and brought back, sent as a job file, deleted for good."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import Struct

from nuvrek.logbook.rows import check_stands, take_away
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.meaning import Saying, means, sentences
from nuvrek.readings.entries import AnyEntry, Note


class Deletion(Struct, frozen=True):
    """What goes with a neck: asked before, and done only while it still stands so."""

    stand: Stand
    words: Saying


def deletion_of(book: Logbook, uid: str) -> Deletion:
    """What deleting a neck means where its logbook is kept. Raises LogbookError."""
    number = book.number_of(uid)
    if number is None:
        raise LogbookError(means("keeping.neck-no-longer-logbook-open"))
    journal = book.journal(number)
    return Deletion(journal.stand, deletion_words(book.row(number), journal.entries))


def deletion_words(row: NeckRow, entries: Sequence[AnyEntry]) -> Saying:
    """What goes, and what stays, in a sentence or three."""
    photos = sum(isinstance(entry, Note) and entry.photo is not None for entry in entries)
    with_photos: Saying = means("shop.delete-photos", number=photos) if photos else ""
    return sentences(
        means("shop.delete-goes", number=len(entries), neck=row.id, title=row.neck.title),
        with_photos,
        means("shop.delete-stays"),
    )


def delete_neck(book: Logbook, deletion: Deletion) -> None:
    """Take a neck out of the logbook, with all that was written down of it; benches that share the
    logbook let it go too. Raises NeckChanged where it grew since it was asked, and LogbookError.
    """
    with book.rewriting() as db:
        check_stands(db, deletion.stand)
        take_away(db, deletion.stand.neck, deletion.stand.uid)
    book.write_through()


def file_name(row: NeckRow) -> str:
    """What a neck's job file is called unless somebody says otherwise."""
    plain = "".join(letter if letter.isalnum() else "-" for letter in row.neck.title.lower())
    return f"{row.id}-{'-'.join(part for part in plain.split('-') if part) or 'neck'}.json"
