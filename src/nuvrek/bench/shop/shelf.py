"""The shelf as it is shown: each neck with where it stands, read by itself and only when its
journal grew.
"""

from __future__ import annotations

import time
from collections.abc import Iterable, Sequence
from contextlib import closing
from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.working.clocks import due_of
from nuvrek.bench.working.job import next_step
from nuvrek.bench.working.ticks import Ticked, ticks_of
from nuvrek.bench.working.today import NEEDS, NeckNeed, need_of
from nuvrek.logbook.on_disk.card_cache import CardCache
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.meaning import Kept, Saying, keep, means, told_by, written
from nuvrek.neck.description import ROD_WORDS, NeckDescription
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import AnyEntry, Chosen, FretEnd, NewWire, Note, Size
from nuvrek.readings.journal import NeckState, fold

if TYPE_CHECKING:
    from nuvrek.planning.money.pace import Pace


class ShelfCard(Struct, frozen=True):
    """One neck of the shelf: as described today, where it stands, what it needs, and what of it
    can't be read; ``said`` are the words it is found by.
    """

    row: NeckRow
    neck: NeckDescription
    standing: Kept
    damage: Kept = ""
    ticks: tuple[Ticked, ...] = ()
    need: NeckNeed = NeckNeed("rest", "")
    promised: str = ""

    @property
    def sentence(self) -> Saying:
        """Where the neck stands, or what is wrong with it."""
        return self.damage or self.standing

    @property
    def spoken(self) -> Saying:
        """The card in words, for who can't see it."""
        return means(
            "shop.id-title-sentence", id=self.row.id, title=self.neck.title, sentence=self.sentence
        )


# A card, where its journal stands, the words it is found by.
_Fresh = tuple[ShelfCard, str, str]
# So many necks are read in one go before anything is shown; kept cards are opened so many times
# faster.
AT_ONCE, _KEPT_SHARE = 60, 5


class Shelf:
    """All necks of a logbook. A journal is folded anew only when it has grown, also when the
    program is started again: cards are kept in a cache.
    """

    def __init__(self, book: Logbook, cache: CardCache | None = None) -> None:
        self._book, self._cache = book, cache or CardCache(None)
        self._cards: dict[int, ShelfCard] = {}
        self._heads: dict[int, str] = {}
        self._kept: dict[int, str] | None = None
        # Necks that were not read yet: there are many, and the rest is shown meanwhile.
        self.unread: tuple[int, ...] = ()

    def cards(self, at_once: int = 1_000_000) -> list[ShelfCard]:
        """The necks in the order they were started; of those that changed, at most so many are
        read or opened, the others stay in ``unread``. Raises LogbookError if there is no reading
        at all.
        """
        if self._kept is None:
            self._kept = self._cache.heads()
        most = len(self._cards) + at_once * _KEPT_SHARE
        heads, fresh, unread = self._book.heads(most), list[_Fresh](), list[int]()
        decoded = 0
        for number, head in heads:
            card = self._here(number, head)
            kept = card is None and self._is_kept(number, head)
            if kept and decoded < at_once * _KEPT_SHARE:
                card, decoded = self._decoded(number), decoded + 1
                kept = card is not None
            if card is None and not kept and len(fresh) < at_once:
                card = self._afresh(number, head, fresh)
            if card is None:
                unread.append(number)
                self._cards.pop(number, None)
            else:
                self._cards[number], self._heads[number] = card, head
        self._keep(fresh)
        if len(heads) == most:
            unread += self._book.numbers()[most:]
        self.unread = tuple(unread)
        return [self._cards[number] for number, _ in heads if number in self._cards]

    def read_on(self, seconds: float) -> None:
        """Some more of those in ``unread``, for so long: nobody waits for a shelf. Raises
        LogbookError.
        """
        until, fresh, rest = time.monotonic() + seconds, list[_Fresh](), list(self.unread[::-1])
        while rest and time.monotonic() < until:
            number = rest.pop()
            head = self._book.head(number)
            card = self._decoded(number) if self._is_kept(number, head) else None
            if card is None and head:
                card = self._afresh(number, head, fresh)
            if card is not None:
                self._cards[number], self._heads[number] = card, head
        self._keep(fresh)
        self.unread = tuple(rest[::-1])

    def _keep(self, fresh: Iterable[_Fresh]) -> None:
        self._cache.keep(
            (card.row.id, head, msgspec.msgpack.encode(card), text)
            for card, head, text in fresh
            if not card.damage
        )

    def _here(self, number: int, head: str) -> ShelfCard | None:
        """The card at hand, if it was made for a journal that stands there."""
        card = self._cards.get(number)
        if card is not None and self._heads.get(number) == head:
            return card
        return None

    def _is_kept(self, number: int, head: str) -> bool:
        """Whether a card was kept of a journal that stands there."""
        return (self._kept or {}).get(number) == head

    def _afresh(self, number: int, head: str, fresh: list[_Fresh]) -> ShelfCard:
        """The card by the journal itself, noted among those to be kept."""
        card, text = self._read(self._book.row(number))
        fresh.append((card, head, text))
        return card

    def _decoded(self, number: int) -> ShelfCard | None:
        """The card as it was kept; None where it can't be read."""
        (self._kept or {}).pop(number, None)
        try:
            return msgspec.msgpack.decode(self._cache.body(number), type=ShelfCard)
        except (msgspec.MsgspecError, ValueError):
            return None

    def search(self, asked: str) -> set[int]:
        """The numbers of the necks that are found by these words, and of that number itself."""
        found = self._cache.search(asked)
        plain = asked.strip()
        if plain.isdecimal() and len(plain) < 4:
            # So short a number is a place on the shelf; every date begins with one.
            return {int(plain)}
        return found

    def found_on(self, neck: int, headlines: Iterable[Saying]) -> None:
        """What was found on a neck when it was mapped, to be searched by."""
        self._cache.found_on(neck, written(meaning.listed(headlines, by="sentences")))

    def forget(self, necks: Iterable[int]) -> None:
        """What these cards say may no longer hold: they are made anew."""
        for number in necks:
            self._cards.pop(number, None)
            if self._kept is not None:
                self._kept.pop(number, None)

    def forget_all(self) -> None:
        """The logbook was changed as a whole."""
        self._cards.clear()
        self._kept = {}
        self._cache.forget()

    def known(self) -> tuple[ShelfCard, ...]:
        """The cards as last read, in the order the necks were started."""
        return tuple(self._cards[number] for number in sorted(self._cards))

    def ticks(self) -> tuple[Ticked, ...]:
        """All steps that were ticked in time on any neck of the shelf, as last read."""
        return tuple(tick for card in self._cards.values() for tick in card.ticks)

    def close(self) -> None:
        """Close the cache."""
        self._cache.close()

    def _read(self, row: NeckRow) -> tuple[ShelfCard, str]:
        """One neck by itself, and the words it is found by: what is wrong with it keeps no other
        from the shelf.
        """
        try:
            journal = self._book.journal(row.id, photos=False)
        except LogbookError as error:
            return ShelfCard(row, row.neck, "", keep(told_by(error))), ""
        neck_state = fold(row.neck, journal.entries)
        damage = _damage_words((*row.damage, *journal.damage))
        ticks = ticks_of(row.neck, journal.entries)
        need = need_of(neck_state, self._asked(neck_state))
        card = ShelfCard(
            row,
            neck_state.neck,
            keep(standing(neck_state)),
            damage=keep(damage),
            ticks=ticks,
            need=need,
            promised=neck_state.promised,
        )
        return card, f"{written(said_of(card))} {_told_in(journal.entries)}"

    def _asked(self, neck_state: NeckState) -> bool:
        name = neck_state.neck.owner.strip()
        owner = self._book.owner(name) if name else None
        return bool(name) and (owner is None or owner.asked)


# By which a neck is found: English and German.
MONTHS = (
    (
        *("January", "February", "March", "April", "May", "June", "July"),
        *("August", "September", "October", "November", "December"),
    ),
    (
        *("Januar", "Februar", "März", "April", "Mai", "Juni", "Juli"),
        *("August", "September", "Oktober", "November", "Dezember"),
    ),
)
# So many letters of a neck's notes are searched.
_SEARCHED = 20_000


def _told_in(entries: Sequence[AnyEntry]) -> str:
    """What a journal tells in words: notes, kinds of readings, ways, wire, days."""
    found: dict[str, None] = {}
    for entry in entries:
        found[str(entry.__struct_config__.tag).replace("-", " ")] = None
        found[entry.at[:10]] = None
        found[month_words(entry.at)] = None
        match entry:
            case Note(text=text):
                found[text] = None
            case Size(what=what):
                found[what.replace("-", " ")] = None
            case FretEnd(fault=fault):
                found[f"{fault} ends"] = None
            case Chosen(way=way):
                found[written(way_title(way))] = None
            case NewWire(wire=wire) if wire is not None:
                found[f"{wire.name} {wire.alloy} {wire.hardness}"] = None
            case _:
                pass
    return " ".join(found)[:_SEARCHED]


def month_words(at: str) -> str:
    """The month of a moment as it is called, in the languages spoken."""
    try:
        day = date.fromisoformat(at[:10])
    except ValueError:
        return ""
    return " ".join(f"{names[day.month - 1]} {day.year}" for names in MONTHS)


def said_of(card: ShelfCard) -> Saying:
    """The words a neck is found by: its description, what it is called in the trade, where it
    stands and when it came.
    """
    neck = card.neck
    described = (neck.title, neck.owner, neck.complaint, neck.tuning, neck.wood, neck.neck_wood)
    kind = (ROD_WORDS[neck.rod], "rodless" if neck.rod == "none" else "", neck.wire_wish)
    edges = ("bound" * neck.bound, "lacquered" * neck.lacquered, "bare" * neck.bare)
    when = (card.row.created[:10], card.promised, f"{neck.scale_mm:.0f}")
    return meaning.listed(
        (*described, *kind, *edges, *when, card.standing, card.need.action), by="sentences"
    )


def found_by(card: ShelfCard, asked: str, moment: str) -> bool:
    """Whether a neck is meant by these words: its number, its description, what it needs now."""
    plain = asked.strip().lower()
    if not plain:
        return True
    need = card.need.at(moment)
    told = meaning.listed((said_of(card), NEEDS[need.kind], need.action), by="sentences")
    text = written(told).lower()
    return plain == str(card.row.id) or all(word in text for word in plain.split())


def _damage_words(damage: tuple[Saying, ...]) -> Saying:
    if not damage:
        return ""
    if len(damage) > 1:
        more: Saying = means(
            "shop.like", how_many=means("shop.more-faults", number=len(damage) - 1)
        )
    else:
        more = ""
    return means("shop.damaged-looked-only", damage=damage[0], more=more)


def standing(neck_state: NeckState) -> Saying:
    """Where a neck stands, in one sentence."""
    chosen = neck_state.chosen
    if chosen is not None:
        step, title = next_step(neck_state), way_title(chosen.way)
        if step is None:
            return means("shop.all-steps-done", title=title)
        if step.wait:
            due = due_of(neck_state)
            wait = means("shop.not-before", due=due) if due else ""
            return means("shop.title-detail-wait", title=title, detail=step.title, wait=wait)
        return means("shop.next", title=title, other_title=step.title)
    if neck_state.taken:
        readings = means("shop.readings", number=len(neck_state.taken))
        return means("shop.taken-no-way-chosen-yet", readings=readings)
    return means("shop.described-not-measured-yet")


def pace_in(path: Path | None) -> Pace:
    """The shop's pace as a logbook's ticks teach it; common practice where there is none. Raises
    LogbookError.
    """
    from nuvrek.planning.money.pace import Tick, pace_of

    if path is None or not path.is_file():
        return pace_of(())
    with closing(Logbook.to_read(path)) as book:
        shelf = Shelf(book)
        shelf.cards()
        return pace_of([Tick(*tick) for tick in shelf.ticks()])
