"""Two logbooks made one (laptop and bench), necks known by their uid: all of it or nothing. It is
worked out first, what both sides changed is shown, and only then is anything written.
"""

from __future__ import annotations

import sqlite3
from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from contextlib import closing
from pathlib import Path
from typing import Literal

import msgspec
from msgspec import Struct, structs

from nuvrek import patience
from nuvrek.logbook.encoding import described_body, entry_body
from nuvrek.logbook.joining.gone import Gone, gone_of, record
from nuvrek.logbook.joining.journals import Conflict, merged, time_order
from nuvrek.logbook.rows import (
    TAKEN_AWAY,
    check_stands,
    insert_neck,
    put_back,
    put_owner,
    put_shop,
    redescribe,
    rewrite,
    small_gone,
    small_marks,
    stand_of,
    take_away,
)
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError, NeckChanged, OwnerRow, ShopRow
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.check import journal_faults
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import fold

# So often it is worked out anew where others write meanwhile; then they wait.
_TRIES = 3


class NeckWhole(Struct, frozen=True):
    """A neck with its whole journal, as it goes from one logbook to another; where it stands
    there.
    """

    uid: str
    created: str
    neck: NeckDescription
    entries: tuple[AnyEntry, ...]
    stand: Stand = Stand(0, "")


class Everything(Struct, frozen=True):
    """What a logbook holds: its whole necks, owners, what the shop has set, by what that is known
    which was taken out; ``damaged`` says which necks are left out, ``left_out`` are their uids.
    """

    necks: tuple[NeckWhole, ...] = ()
    owners: tuple[OwnerRow, ...] = ()
    shop: tuple[ShopRow, ...] = ()
    gone: tuple[tuple[str, str, str], ...] = ()
    damaged: tuple[Saying, ...] = ()
    left_out: frozenset[str] = frozenset()


class NeckTaken(Struct, frozen=True):
    """What becomes of one neck from elsewhere: its journal then, what both sides changed, or why it
    is left as it is. ``stand`` is the journal here that it was worked out for; None where it is
    new. ``gone`` is what had to be taken out of it on the way.
    """

    how: Literal["new", "grown", "same", "left"]
    whole: NeckWhole
    stand: Stand | None
    described: bool = False
    conflicts: tuple[Conflict, ...] = ()
    why: Saying = ""
    gone: Mapping[str, str] = {}


class TakenIn(Struct, frozen=True):
    """What taking in does, or has done: necks that are new, that grew, that were the same; what is
    to be said of it. ``asks`` are the conflicts, by neck and matter, to be agreed to.
    """

    new: int
    grown: int
    same: int
    sayings: tuple[Saying, ...]
    asks: frozenset[tuple[Saying, Saying]] = frozenset()


def everything_of(book: Logbook) -> Everything:
    """All that a logbook holds. Raises LogbookError."""
    necks, damaged = necks_of(book)
    owners, shop = tuple(book.owner_rows()), tuple(book.shop_rows())
    whole = {whole_neck.uid for whole_neck in necks}
    left_out = frozenset(book.uid(number) for number in book.numbers()) - whole
    return Everything(
        tuple(necks),
        owners,
        shop,
        gone=tuple(book.gone()),
        damaged=tuple(damaged),
        left_out=left_out,
    )


def necks_of(book: Logbook) -> tuple[list[NeckWhole], list[Saying]]:
    """Every neck of a logbook with its journal; those that are damaged are named and left out."""
    whole_necks, damaged = list[NeckWhole](), list[Saying]()
    for row in book.necks():
        patience.ask()
        journal = book.journal(row.id)
        if row.damage or journal.damage:
            damaged.append(means("keeping.neck-damaged-left-out", id=row.id, title=row.neck.title))
            continue
        entries = tuple(journal.entries)
        whole_necks.append(
            NeckWhole(journal.stand.uid, row.created, row.neck, entries, journal.stand)
        )
    return whole_necks, damaged


def everything_in(book: Logbook, other: Path) -> Everything:
    """All that another logbook holds; it stays as it is. Raises LogbookError."""
    if other.resolve() == book.path.resolve():
        raise LogbookError(means("keeping.logbook-open-already"))
    with closing(Logbook.to_read(other)) as source:
        return everything_of(source)


def merge(book: Logbook, other: Path) -> TakenIn:
    """Take another logbook in, whatever both sides changed. Raises LogbookError, and then nothing
    has changed.
    """
    return take_in(book, everything_in(book, other))


def forecast(book: Logbook, more: Everything) -> TakenIn:
    """What taking in would do; nothing is written. Raises LogbookError."""
    return _what_comes(_worked_out(book, more)[0], more)


def take_in(
    book: Logbook, more: Everything, agreed: frozenset[tuple[Saying, Saying]] | None = None
) -> TakenIn:
    """What comes from elsewhere, merged with what is known. ``agreed``: the conflicts that were
    shown (None: any may come). Raises LogbookError, and then nothing has changed.
    """
    for left in range(_TRIES, -1, -1):
        patience.ask()
        if left:
            plan, gone = _worked_out(book, more)
            _check_agreed(plan, more, agreed)
        try:
            with book.rewriting() as db:
                if not left:
                    # Others write all the time: now they wait until it is done.
                    plan, gone = _worked_out(book, more)
                    _check_agreed(plan, more, agreed)
                _carry_out(db, plan)
                _take_owners(db, more.owners, gone)
                _take_shop(db, more.shop)
                record(db, more.gone)
        except NeckChanged:
            if not left:
                raise
        else:
            if more.gone:
                book.write_through()
            return _what_comes(plan, more)
    raise AssertionError("the last try writes or raises")


def _check_agreed(
    plan: Sequence[NeckTaken], more: Everything, agreed: frozenset[tuple[Saying, Saying]] | None
) -> None:
    taken_in = _what_comes(plan, more)
    if agreed is not None and taken_in.asks - agreed:
        raise LogbookError(means("keeping.meanwhile-both-sides-changed-more"))


# --- working out ---------------------------------------------------------------------------


def _worked_out(book: Logbook, more: Everything) -> tuple[list[NeckTaken], Gone]:
    gone = gone_of(book, more.gone, more.owners, more.necks)
    here = {book.uid(number): number for number in book.numbers()}
    taken, seen = [], set[str]()
    for whole_neck in more.necks:
        patience.ask()
        if whole_neck.uid in seen:
            continue
        seen.add(whole_neck.uid)
        number = here.get(whole_neck.uid)
        taken.append(
            _new(whole_neck, gone) if number is None else _grown(book, number, whole_neck, gone)
        )
    return taken, gone


def _new(whole_neck: NeckWhole, gone: Gone) -> NeckTaken:
    clean, marks = gone.taken_out(whole_neck.uid, whole_neck.neck, whole_neck.entries)
    whole = structs.replace(whole_neck, neck=gone.nameless(whole_neck.neck), entries=clean)
    why = _why_not(whole)
    return NeckTaken("left" if why else "new", whole, None, why=why, gone=marks)


def _grown(book: Logbook, number: int, whole_neck: NeckWhole, gone: Gone) -> NeckTaken:
    journal, row = book.journal(number), book.row(number)
    whole = structs.replace(whole_neck, neck=row.neck)
    if journal.damage or row.damage:
        why: Saying = means("keeping.damaged-here-left-restore-from")
        return NeckTaken("left", whole, journal.stand, why=why)
    try:
        both = merged(journal.entries, whole_neck.entries, gone.acts(whole_neck.uid))
    except ValueError as error:
        why = means("keeping.left", error=error)
        return NeckTaken("left", whole, journal.stand, why=why)
    clean, marks = gone.taken_out(whole_neck.uid, row.neck, both.entries)
    neck = gone.described(whole_neck.uid, row.neck, whole_neck.neck)
    whole = NeckWhole(whole_neck.uid, row.created, neck, clean)
    if list(clean) == journal.entries and neck == row.neck:
        return NeckTaken("same", whole, journal.stand)
    why = _why_not(whole)
    how: Literal["grown", "left"] = "left" if why else "grown"
    anew = neck != row.neck
    return NeckTaken(
        how, whole, journal.stand, described=anew, conflicts=both.conflicts, why=why, gone=marks
    )


def _why_not(whole: NeckWhole) -> Saying:
    """What would be wrong with the journal, checked as an act at the bench is; empty when
    fine.
    """
    faults = journal_faults(whole.neck, whole.entries)
    if faults:
        return means("keeping.left-together", fault=faults[0])
    state = fold(whole.neck, whole.entries).state
    try:
        msgspec.convert(msgspec.to_builtins(state), type(state))
    except msgspec.ValidationError:
        return means("keeping.left-together-rod-would-stand")
    return ""


def _what_comes(plan: Sequence[NeckTaken], more: Everything) -> TakenIn:
    sayings: list[Saying] = []
    for neck_taken in plan:
        named: Saying = neck_taken.whole.neck.title
        if neck_taken.stand is not None:
            number = neck_taken.stand.neck
            named = means("keeping.neck", number=number, title=neck_taken.whole.neck.title)
        if neck_taken.why:
            sayings.append(means("keeping.of-neck", neck=named, fault=neck_taken.why))
        sayings += (
            means("keeping.of-neck", neck=named, fault=_conflict_words(conflict))
            for conflict in neck_taken.conflicts
        )
    count = Counter(neck_taken.how for neck_taken in plan)
    asks = frozenset(
        (neck_taken.whole.uid, conflict.matter)
        for neck_taken in plan
        if neck_taken.how == "grown"
        for conflict in neck_taken.conflicts
    )
    same = count["same"] + count["left"]
    return TakenIn(count["new"], count["grown"], same, (*sayings, *more.damaged), asks)


def _conflict_words(conflict: Conflict) -> Saying:
    meaning = {
        "described": means("keeping.neck-described-anew"),
        "chosen": means("keeping.way-taken"),
    }[conflict.matter]
    return means(
        "keeping.both-sides-one-stands",
        detail=meaning,
        replace=conflict.stands[:16].replace("T", " "),
    )


# --- writing -------------------------------------------------------------------------------


def _carry_out(db: sqlite3.Connection, plan: Sequence[NeckTaken]) -> None:
    """What was worked out, each neck as it was then. Raises NeckChanged."""
    for neck_taken in plan:
        whole = neck_taken.whole
        if neck_taken.how == "new":
            if db.execute("SELECT 1 FROM neck WHERE uid = ?", (whole.uid,)).fetchone():
                raise NeckChanged(means("keeping.neck-taken-meanwhile"))
            bodies = [entry_body(entry) for entry in whole.entries]
            insert_neck(db, whole.uid, whole.created, described_body(whole.neck), bodies)
            # It is there again, if it ever went.
            db.execute("DELETE FROM gone WHERE neck = ? AND was = ?", (whole.uid, TAKEN_AWAY))
        elif neck_taken.how == "grown":
            assert neck_taken.stand is not None
            rewrite(db, neck_taken.stand, [entry_body(entry) for entry in whole.entries])
            if neck_taken.described:
                redescribe(db, neck_taken.stand.neck, described_body(whole.neck))
        elif neck_taken.stand is not None:
            check_stands(db, neck_taken.stand)
        if neck_taken.how in ("new", "grown"):
            record(db, [(whole.uid, was, stays) for was, stays in neck_taken.gone.items()])


def _put_back(db: sqlite3.Connection, stand: Stand, whole: NeckWhole) -> None:
    """A neck as it was, in place of the one that stands there. Raises NeckChanged."""
    put_back(db, stand, [entry_body(entry) for entry in whole.entries])
    redescribe(db, stand.neck, described_body(whole.neck))
    # It is there again, if it ever went.
    db.execute("DELETE FROM gone WHERE neck = ? AND was = ?", (stand.uid, TAKEN_AWAY))


def _take_owners(db: sqlite3.Connection, more: Sequence[OwnerRow], gone: Gone) -> None:
    """What is known of owners: rows of both sides by their time, none twice, none of those that
    were taken out.
    """
    here = db.execute("SELECT name, body, at, uid FROM owner ORDER BY id").fetchall()
    rows = [OwnerRow(str(name), str(body), str(at), str(uid)) for name, body, at, uid in here]
    both = {(row.name, str(row.body), row.at): row for row in (*more, *rows)}
    kept = [row for row in both.values() if not gone.owner(row)]
    kept.sort(key=lambda row: (time_order(row.at), row.name, str(row.body)))
    if kept == rows:
        return
    db.execute("DELETE FROM owner")
    for row in kept:
        put_owner(db, row.name, str(row.body), row.at, row.uid)


def _take_shop(db: sqlite3.Connection, shop: Iterable[ShopRow]) -> None:
    """What the shop has set: of each name the later word."""
    here = {
        str(name): (time_order(str(at)), str(body))
        for name, body, at in db.execute("SELECT name, body, at FROM shop").fetchall()
    }
    for row in shop:
        if (time_order(row.at), row.body) > here.get(row.name, ((float("-inf"), ""), "")):
            put_shop(db, row.name, row.body, row.at)


# --- one neck from a copy ------------------------------------------------------------------


def restore_neck(book: Logbook, copy: Path, stand: Stand) -> Saying:
    """Put a neck back as a copy holds it, whole; returns what was done. What is there now, as
    ``stand`` says (number 0: nothing), should be in a copy of its own first. Raises LogbookError.
    """
    with closing(Logbook.to_read(copy)) as source:
        found = next(
            (whole_neck for whole_neck in necks_of(source)[0] if whole_neck.uid == stand.uid), None
        )
        owners, more = source.owner_rows(), source.gone()
    if found is None:
        raise LogbookError(means("keeping.does-not-hold-neck-whole", name=copy.name))
    why = _why_not(found)
    if why:
        raise LogbookError(means("keeping.title-why", title=found.neck.title, why=why))
    gone = gone_of(book, more, owners, [found])
    clean, _ = gone.taken_out(found.uid, found.neck, found.entries)
    found = structs.replace(found, neck=gone.nameless(found.neck), entries=clean)
    with book.rewriting() as db:
        if not stand.neck:
            _carry_out(db, [NeckTaken("new", found, None)])
            return means("keeping.back-shelf", title=found.neck.title)
        _put_back(db, stand, found)
    return means("keeping.entries", title=found.neck.title, number=len(found.entries))


def replace_all(book: Logbook, every: Everything) -> None:
    """All of a logbook in place of what it holds, in one go. What was taken out of either stays
    out. Damaged necks of ``every`` are not among it: what is here of them stays. Raises
    LogbookError, and then nothing has changed.
    """
    gone = gone_of(book, every.gone, every.owners, every.necks)
    wholes = []
    for whole_neck in every.necks:
        clean, _ = gone.taken_out(whole_neck.uid, whole_neck.neck, whole_neck.entries)
        wholes.append(
            structs.replace(whole_neck, neck=gone.nameless(whole_neck.neck), entries=clean)
        )
    kept = {whole_neck.uid for whole_neck in wholes} | every.left_out
    with book.rewriting() as db:
        here = db.execute("SELECT id, uid FROM neck ORDER BY id").fetchall()
        numbers = {str(uid): int(number) for number, uid in here}
        for uid, number in numbers.items():
            if uid not in kept:
                take_away(db, number, uid)
        for whole_neck in wholes:
            stand = None
            if whole_neck.uid in numbers:
                stand = stand_of(db, numbers[whole_neck.uid])
            if stand is not None:
                _put_back(db, stand, whole_neck)
            else:
                _carry_out(db, [NeckTaken("new", whole_neck, None)])
        before = small_marks(db)
        db.execute("DELETE FROM owner")
        for row in every.owners:
            if not gone.owner(row):
                put_owner(db, row.name, str(row.body), row.at, row.uid)
        db.execute("DELETE FROM shop")
        for shop in every.shop:
            put_shop(db, shop.name, shop.body, shop.at)
        small_gone(db, before)
        record(db, every.gone)
