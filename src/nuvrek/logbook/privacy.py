"""What is kept of one owner: all of it out, or all of it gone. Necks stay."""

from __future__ import annotations

import re
from contextlib import closing, suppress
from pathlib import Path
from typing import Any

import msgspec
from msgspec import Struct, structs

from nuvrek.language import tr
from nuvrek.logbook.copies import copies_of
from nuvrek.logbook.merging import necks_of, owner_rows
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, Describe, Note
from nuvrek.readings.owner.entries import Answered, Consented, Letter, Worth

GONE = "(removed)"


class Removed(Struct, frozen=True):
    """What was taken out: necks that were theirs, photos of them, copies that were cleaned, and
    those that could not be.
    """

    necks: int
    photos: int
    copies: int
    told: tuple[str, ...]


def owner_data(book: Logbook, name: str) -> dict[str, Any]:
    """All that is kept of an owner, as plain values: what is known of them, and their necks with
    what was said and written about them.
    """
    necks = [one for one in necks_of(book)[0] if _theirs(one.neck, one.entries, name)]
    return {
        "owner": name,
        "known": [
            {"at": row.at, **msgspec.to_builtins(row.owner)}
            for row in owner_rows(book)
            if row.owner.name == name
        ],
        "necks": [
            {
                "created": one.created,
                "neck": msgspec.to_builtins(one.neck),
                "journal": msgspec.to_builtins(one.entries),
            }
            for one in necks
        ],
    }


def _theirs(neck: NeckDescription, entries: tuple[AnyEntry, ...], name: str) -> bool:
    described = (e.neck.owner for e in entries if isinstance(e, Describe))
    return name in {neck.owner.strip(), *(owner.strip() for owner in described)}


def remove_owner(book: Logbook, name: str, photos: bool) -> Removed:
    """Take an owner's name and words out of the logbook and of its copies; ``photos``: those of
    their necks as well. Readings, work and prices stay. Raises LogbookError, and then the logbook
    has not changed.
    """
    necks, gone = _remove_from(book, name, photos)
    told, cleaned = [], 0
    for copy in copies_of(book.path):
        try:
            with closing(Logbook(copy.path)) as other:
                _remove_from(other, name, photos)
                other.become_one_file()
            cleaned += 1
        except LogbookError as error:
            told.append(
                tr("{name} could not be cleaned: {error}", name=copy.path.name, error=error)
            )
    return Removed(necks, gone, cleaned, tuple(told))


def _remove_from(book: Logbook, name: str, photos: bool) -> tuple[int, int]:
    found = [
        (row.id, row.neck, book.journal(row.id))
        for row in book.necks()
        if _theirs(row.neck, tuple(book.journal(row.id).entries), name)
    ]
    gone = 0
    with book.rewriting() as db:
        # What is deleted is written over, not only forgotten.
        db.execute("PRAGMA secure_delete=ON")
        for number, neck, journal in found:
            if journal.damage:
                raise LogbookError(
                    tr(
                        "Neck {number} is damaged: {damage}",
                        number=number,
                        damage=journal.damage[0],
                    )
                )
            described = msgspec.json.encode(_nameless(neck, name)).decode()
            db.execute("UPDATE neck SET described = ? WHERE id = ?", (described, number))
            for n, entry in enumerate(journal.entries, 1):
                clean = without(entry, name, photos)
                gone += isinstance(entry, Note) and entry != clean and entry.photo is not None
                if clean != entry:
                    body = msgspec.json.encode(clean).decode()
                    db.execute(
                        "UPDATE entry SET body = ? WHERE neck = ? AND number = ?",
                        (body, number, n),
                    )
        db.execute("DELETE FROM owner WHERE name = ?", (name,))
    book.write_through()
    return len(found), gone


def without(entry: AnyEntry, name: str, photos: bool) -> AnyEntry:
    """An entry of an owner's neck without their name and words; it stays what it was, where it
    was.
    """
    match entry:
        case Worth():
            entry = structs.replace(entry, means="")
        case Answered() | Consented():
            entry = structs.replace(entry, words="")
        case Letter():
            entry = structs.replace(entry, text=GONE, tables={})
        case Note(photo=photo) if photo is not None and photos:
            entry = structs.replace(entry, text=entry.text or GONE, photo=None)
        case _:
            pass
    return _scrubbed(entry, name)


# Fields that name a kind or a time, and a photo's letters.
_PLAIN = ("kind", "at", "page", "photo", "matter", "says", "how")


def _scrubbed(entry: AnyEntry, name: str) -> AnyEntry:
    """An entry with the name out of all its words."""
    plain = msgspec.to_builtins(entry)
    clean = _walk(plain, name)
    return entry if clean == plain else msgspec.convert(clean, AnyEntry)


def _walk(value: Any, name: str) -> Any:
    match value:
        case str():
            return _said(value, name)
        case dict():
            return {
                key: one if key in _PLAIN else _owner_of(key, one, name)
                for key, one in value.items()
            }
        case list() | tuple():
            return [_walk(one, name) for one in value]
        case _:
            return value


def _owner_of(key: str, value: Any, name: str) -> Any:
    if key == "owner" and isinstance(value, str) and value.strip() == name:
        return ""
    return _walk(value, name)


def _nameless(neck: NeckDescription, name: str) -> NeckDescription:
    return structs.replace(
        neck,
        owner="" if neck.owner.strip() == name else neck.owner,
        title=_said(neck.title, name),
        complaint=_said(neck.complaint, name),
    )


def _said(text: str, name: str) -> str:
    """A text without the name, or parts of it that are more than a letter or three."""
    parts = sorted({name, *(part for part in re.split(r"\s+", name) if len(part) > 3)}, key=len)
    for part in reversed(parts):
        text = re.sub(re.escape(part), GONE, text, flags=re.IGNORECASE)
    return text[:4000]


def forget_cards(logbook: Path) -> None:
    """The cards of the shelf are made anew, without the words that are gone."""
    with suppress(OSError):
        logbook.with_name(f"{logbook.name}-cards").unlink(missing_ok=True)
