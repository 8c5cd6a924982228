"""The shelf as it is shown: each neck with where it stands, read by itself and only when its
journal grew.
"""

from __future__ import annotations

from contextlib import closing
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import words
from nuvrek.bench.work.clocks import due_of
from nuvrek.bench.work.job import next_step
from nuvrek.bench.work.ticks import Ticked, ticks_of
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.journal import NeckState, fold

if TYPE_CHECKING:
    from nuvrek.planning.money.pace import Pace


class ShelfCard(Struct, frozen=True):
    """One neck of the shelf: as described today, where it stands, and what of it can't be read."""

    row: NeckRow
    neck: NeckDescription
    standing: str
    damage: str = ""
    ticks: tuple[Ticked, ...] = ()

    @property
    def sentence(self) -> str:
        """Where the neck stands, or what is wrong with it."""
        return self.damage or self.standing


class Shelf:
    """All necks of a logbook. A journal is folded anew only when it has grown."""

    def __init__(self, book: Logbook) -> None:
        self._book = book
        self._cards: dict[int, ShelfCard] = {}

    def cards(self) -> list[ShelfCard]:
        """The necks in the order they were started. Raises LogbookError if there is no reading
        at all.
        """
        rows = self._book.necks()
        self._cards = {row.id: self._card(row) for row in rows}
        return list(self._cards.values())

    def ticks(self) -> tuple[Ticked, ...]:
        """All steps that were ticked in time on any neck of the shelf, as last read."""
        return tuple(tick for card in self._cards.values() for tick in card.ticks)

    def _card(self, row: NeckRow) -> ShelfCard:
        before = self._cards.get(row.id)
        return before if before is not None and before.row == row else self._read(row)

    def _read(self, row: NeckRow) -> ShelfCard:
        """One neck by itself: what is wrong with it keeps no other from the shelf."""
        try:
            journal = self._book.journal(row.id, photos=False)
        except LogbookError as error:
            return ShelfCard(row, row.neck, "", str(error))
        now = fold(row.neck, journal.entries)
        damage = _damage_words((*row.damage, *journal.damage))
        ticks = ticks_of(row.neck, journal.entries)
        return ShelfCard(row, now.neck, standing(now), damage, ticks)


def _damage_words(damage: tuple[str, ...]) -> str:
    if not damage:
        return ""
    if len(damage) > 1:
        more = f" {words.count(len(damage) - 1, 'more fault', 'more faults')} like it."
    else:
        more = ""
    return f"Damaged, to be looked at only: {damage[0]}{more}"


def standing(neck_state: NeckState) -> str:
    """Where a neck stands, in one sentence."""
    chosen = neck_state.chosen
    if chosen is not None:
        step, title = next_step(neck_state), way_title(chosen.way)
        if step is None:
            return f"{title}: all steps done."
        if step.wait:
            due = due_of(neck_state)
            return (
                f"{title}: {words.lower_first(step.title)}{f', not before {due}' if due else ''}."
            )
        return f"{title}: next, {words.lower_first(step.title)}."
    if neck_state.taken:
        readings = words.count(len(neck_state.taken), "reading", "readings")
        return f"{readings} taken, no way chosen yet."
    return "Described, not measured yet."


def pace_in(path: Path | None) -> Pace:
    """The shop's pace as a logbook's ticks teach it; common practice where there is none. Raises
    LogbookError.
    """
    from nuvrek.planning.money.pace import Tick, pace_of

    if path is None or not path.is_file():
        return pace_of(())
    with closing(Logbook(path)) as book:
        shelf = Shelf(book)
        shelf.cards()
        return pace_of([Tick(*one) for one in shelf.ticks()])
