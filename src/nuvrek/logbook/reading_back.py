"""What stands in a logbook, read back: each entry, each description by itself, so that one that is
damaged hides no other.
"""

from __future__ import annotations

from collections.abc import Sequence
from functools import cache

import msgspec
from msgspec import Struct

from nuvrek.logbook.stand import Stand
from nuvrek.meaning import Refusal, Saying, means, written
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry, Note


class NeckRow(Struct, frozen=True):
    """A neck on the shelf: its first description; ``entries`` counts its journal.

    ``damage`` says what of the description can't be read; then ``neck`` holds what can.
    """

    id: int
    neck: NeckDescription
    created: str
    entries: int
    damage: tuple[Saying, ...] = ()


class Journal(Struct, frozen=True):
    """A neck's journal, oldest first. ``damage`` names the entries that can't be read.

    In the place of each of those stands a note that says so: numbers go on meaning the same entry.
    ``stand`` is where the journal stands in its logbook.
    """

    entries: list[AnyEntry]
    stand: Stand
    damage: tuple[Saying, ...] = ()


@cache
def decoder() -> msgspec.json.Decoder[AnyEntry]:
    """Made when first wanted: it costs 7 ms, and the window opens without it."""
    return msgspec.json.Decoder(AnyEntry)


def readable_text(raw: bytes) -> str:
    """Text as kept; bytes that are no UTF-8 stay so, and their entry alone is named."""
    return raw.decode(errors="surrogateescape")


# A number so far past the others is itself damaged.
_MOST_MISSING = 1000


def read_journal(rows: Sequence[tuple[int, object]], stand: Stand) -> Journal:
    """The entries of one neck, each decoded by itself, with a note where one can't be read."""
    whole = _in_one_go(rows, stand)
    if whole is not None:
        return whole
    return _one_by_one(rows, stand)


def _in_one_go(rows: Sequence[tuple[int, object]], stand: Stand) -> Journal | None:
    """A journal with which nothing is wrong, as nearly all are; None where something is."""
    decode = decoder().decode
    if [number for number, _ in rows] != [*range(1, len(rows) + 1)]:
        return None
    try:
        return Journal([decode(text_of(body)) for _, body in rows], stand)
    except (msgspec.MsgspecError, ValueError, RecursionError):
        return None


def _one_by_one(rows: Sequence[tuple[int, object]], stand: Stand) -> Journal:
    """What can be read of a damaged journal; each entry that can't be, and why, as a note."""
    decode = decoder().decode
    entries: list[AnyEntry] = []
    damage: list[Saying] = []
    # A number that is none any more (flipped bits) names no entry: it is missing at its place.
    bodies = {number: body for number, body in rows if isinstance(number, int)}
    for number in range(1, min(max(bodies, default=0), len(bodies) + _MOST_MISSING) + 1):
        why: Saying = means("keeping.missing")
        if number in bodies:
            try:
                # A body that is no text at all (flipped bits, a blob) is as unreadable as bad JSON.
                entries.append(decode(text_of(bodies[number])))
                continue
            except (msgspec.MsgspecError, ValueError, RecursionError) as error:
                why = _shorten(error)
        words = means("keeping.entry-cant-read", number=number, why=why)
        damage.append(words)
        entries.append(Note(text=written(words)))
    return Journal(entries, stand, tuple(damage))


def text_of(body: object) -> str:
    if isinstance(body, bytes):
        return body.decode()
    if isinstance(body, str):
        return body
    raise Refusal(means("keeping.no-text"))


def _shorten(error: Exception) -> str:
    if str(error):
        return str(error).splitlines()[0][:160]
    return type(error).__name__


def row_of(number: int, body: object, created: str, entries: int) -> NeckRow:
    neck, damage = described(number, body)
    if neck.joint_fret > neck.frets:
        damage = (*damage, means("keeping.joint-fret-past-last-fret", joint_fret=neck.joint_fret))
        neck = msgspec.structs.replace(neck, joint_fret=neck.frets)
    return NeckRow(number, neck, created, entries, damage)


def described(number: int, body: object) -> tuple[NeckDescription, tuple[Saying, ...]]:
    """A neck's first description, field by field where it can't be read whole; raises nothing."""
    try:
        return msgspec.json.decode(text_of(body), type=NeckDescription), ()
    except (msgspec.MsgspecError, ValueError, RecursionError) as error:
        why = _shorten(error)
    try:
        fields = msgspec.json.decode(text_of(body), type=dict[str, object])
    except (msgspec.MsgspecError, ValueError, RecursionError):
        fields = {}
    kept: dict[str, object] = {
        "title": written(means("keeping.neck-with-number", number=number)),
        **_LEAST_DESCRIPTION,
    }
    for name, value in fields.items():
        try:
            msgspec.convert({**kept, name: value}, type=NeckDescription)
        except msgspec.ValidationError:
            continue
        kept[name] = value
    neck = msgspec.convert(kept, type=NeckDescription)
    return neck, (means("keeping.description-cant-read-whole", why=why),)


# What a description is filled up with whose own words are lost: something to draw, no more.
_LEAST_DESCRIPTION: dict[str, object] = {"scale_mm": 648.0, "frets": 22, "joint_fret": 14}


def owner_of(name: str, body: object) -> Owner:
    try:
        return msgspec.json.decode(text_of(body), type=Owner)
    except (msgspec.MsgspecError, ValueError, RecursionError):
        # The name is all that is left; it is asked, so that nothing is done without a word.
        return Owner(name=name[:200])
