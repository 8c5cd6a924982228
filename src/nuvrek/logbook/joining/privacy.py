"""What is kept of one owner: all of it out, or all of it gone. Necks stay."""

from __future__ import annotations

import sqlite3
from contextlib import closing
from pathlib import Path
from typing import Any

import msgspec
from msgspec import Struct

from nuvrek import meaning, patience
from nuvrek.logbook.encoding import described_body, entry_body
from nuvrek.logbook.joining.gone import record
from nuvrek.logbook.joining.journals import digests
from nuvrek.logbook.joining.merging import necks_of
from nuvrek.logbook.joining.scrubbing import (
    NamedOwner,
    doubtful,
    holds,
    nameless,
    owners_of,
    without,
    written_in,
)
from nuvrek.logbook.on_disk.copies import copies_of
from nuvrek.logbook.rows import redescribe, rewrite
from nuvrek.logbook.stand import Stand, mark_of
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, Note


class Removed(Struct, frozen=True):
    """What was taken out: necks that were theirs, photos of them, copies that were cleaned; what
    could not be reached or told, a sentence each.
    """

    necks: int
    photos: int
    copies: int
    sayings: tuple[Saying, ...]


class _Cleaned(Struct, frozen=True):
    """A neck that was theirs, without them; by its marks before and after; words that may still be
    a name.
    """

    stand: Stand
    neck: NeckDescription
    entries: tuple[AnyEntry, ...]
    marks: dict[str, str]
    photos: int
    doubtful: bool


def owner_data(book: Logbook, name: str) -> dict[str, Any]:
    """All that is kept of an owner, as plain values: what is known of them, and their necks with
    what was said and written about them.
    """
    necks = [
        whole_neck
        for whole_neck in necks_of(book)[0]
        if name in owners_of(whole_neck.neck, whole_neck.entries)
    ]
    return {
        "owner": name,
        "known": [
            {"at": row.at, **msgspec.to_builtins(row.owner)} for row in book.owner_rows(name)
        ],
        "necks": [
            {
                "created": whole_neck.created,
                "neck": msgspec.to_builtins(whole_neck.neck),
                "journal": msgspec.to_builtins(whole_neck.entries),
            }
            for whole_neck in necks
        ],
    }


def remove_owner(book: Logbook, name: str, photos: bool, at: str) -> Removed:
    """Take an owner's name and words out of the logbook and of its copies; ``photos``: those of
    their necks as well; ``at`` is now. Readings, work and prices stay. Raises LogbookError, and
    then the logbook has not changed.
    """
    necks, gone, sayings = _remove_from(book, name, photos, at)
    cleaned, trouble = clean_copies(book.path, name, photos, at)
    return Removed(necks, gone, cleaned, (*sayings, *trouble, *_out_of_reach(book.path)))


def clean_copies(path: Path, name: str, photos: bool, at: str) -> tuple[int, list[Saying]]:
    """Take an owner out of the copies of a logbook; how many were cleaned, and a sentence for each
    that could not be.
    """
    cleaned, trouble = 0, list[Saying]()
    for copy in copies_of(path):
        patience.ask()
        try:
            with closing(Logbook(copy.path)) as other:
                _remove_from(other, name, photos, at)
                other.become_one_file()
            cleaned += 1
        except LogbookError as error:
            trouble.append(means("keeping.could-not-cleaned", name=copy.path.name, error=error))
    return cleaned, trouble


def _out_of_reach(path: Path) -> list[str]:
    """What may still tell of them: logbooks set aside here, and what is elsewhere."""
    beside = sorted(
        other.name
        for pattern in ("damaged", "version", "salvaged")
        for other in path.parent.glob(f"{path.stem}-{pattern}*{path.suffix}")
    )
    meanings = [means("keeping.not-cleaned-remove-hand", names=meaning.listed(beside))]
    return [*(meanings if beside else ()), means("keeping.what-nuvrek-cant-reach-copies")]


def _remove_from(book: Logbook, name: str, photos: bool, at: str) -> tuple[int, int, list[Saying]]:
    others = tuple(sorted(set(_every_owner(book)) - {name}))
    cleaneds = [
        _cleaned(book, row.id, row.neck, NamedOwner(name, others), photos)
        for row in book.necks()
        if name in owners_of(row.neck, book.journal(row.id).entries)
    ]
    with book.rewriting() as db:
        for cleaned in cleaneds:
            _write(db, cleaned)
        rows = db.execute("SELECT DISTINCT uid FROM owner WHERE name = ?", (name,)).fetchall()
        record(db, [("", str(uid), at) for (uid,) in rows])
        db.execute("DELETE FROM owner WHERE name = ?", (name,))
    book.write_through()
    return (
        len(cleaneds),
        sum(cleaned.photos for cleaned in cleaneds),
        _doubts(cleaneds, NamedOwner(name)),
    )


def _every_owner(book: Logbook) -> set[str]:
    named = {row.neck.owner.strip() for row in book.necks()}
    return (named | set(book.owners())) - {""}


def _cleaned(
    book: Logbook, number: int, neck: NeckDescription, named: NamedOwner, photos: bool
) -> _Cleaned:
    patience.ask()
    journal = book.journal(number)
    if journal.damage:
        raise LogbookError(means("keeping.neck-damaged", number=number, damage=journal.damage[0]))
    bare = nameless(neck, named)
    clean = tuple(without(entry, named, photos) for entry in journal.entries)
    marks = digests(journal.entries, clean)
    if bare != neck:
        marks[mark_of(described_body(neck))] = mark_of(described_body(bare))
    lost = sum(
        isinstance(was, Note) and was.photo is not None and isinstance(now, Note) and not now.photo
        for was, now in zip(journal.entries, clean, strict=True)
    )
    texts = [text for value in (bare, *clean) for text in written_in(value)]
    return _Cleaned(
        journal.stand, bare, clean, marks=marks, photos=lost, doubtful=holds(texts, doubtful(named))
    )


def _write(db: sqlite3.Connection, cleaned: _Cleaned) -> None:
    rewrite(db, cleaned.stand, [entry_body(entry) for entry in cleaned.entries])
    redescribe(db, cleaned.stand.neck, described_body(cleaned.neck))
    record(db, [(cleaned.stand.uid, was, stays) for was, stays in cleaned.marks.items()])


def _doubts(cleaneds: list[_Cleaned], named: NamedOwner) -> list[Saying]:
    """Necks in whose words a part of the name stands that is a word of the bench as well."""
    numbers = [str(cleaned.stand.neck) for cleaned in cleaneds if cleaned.doubtful]
    if not numbers:
        return []
    parts = meaning.listed(f"\u201c{part}\u201d" for part in doubtful(named))
    return [means("keeping.look-neck-may-meant-name", numbers=meaning.listed(numbers), parts=parts)]
