"""One open neck: its journal on disk and the state folded from it."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import suppress

import msgspec

from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError, NeckChanged
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.acts import Undoable, joined, undoable
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import AnyEntry, AnyReading, Describe, Strike
from nuvrek.readings.journal import MOST_ENTRIES, NeckState, advance, fold
from nuvrek.readings.words import act_words
from nuvrek.units import Unit


class Refused(LogbookError):
    """What was to be written stands on something that no longer holds; nothing was written."""


class Session:
    """A neck that is being worked on. Every change is on disk before it shows."""

    def __init__(
        self,
        book: Logbook,
        neck_id: int,
        first: NeckDescription,
        clock: Callable[[], str],
        page: str = "",
    ) -> None:
        """Open neck ``neck_id``; ``clock`` gives the time of an entry as ISO 8601.

        ``page`` is where what is written comes from; whoever turns the page sets it anew.
        """
        self._book = book
        self.first = first
        self._clock = clock
        self.neck_id = neck_id
        self.page = page
        journal = book.journal(neck_id)
        self.entries: list[AnyEntry] = journal.entries
        self.damage = journal.damage
        # What a result worked out now would stand on, and a write is checked by.
        self.identity: Stand = journal.stand
        self.neck_state: NeckState = fold(first, self.entries)
        # The entries that were written at another bench or window, as far as is known.
        self.elsewhere: frozenset[int] = book.not_own(neck_id) or frozenset()
        self._asked: tuple[Stand, tuple[int, ...]] | None = None
        self.listeners: list[Callable[[], None]] = []

    def reread(self) -> bool:
        """Take up what was written elsewhere since; whether there was anything. Raises
        LogbookError.
        """
        journal = self._book.journal(self.neck_id)
        if journal.stand == self.identity and journal.damage == self.damage:
            return False
        if journal.stand.uid != self.identity.uid:
            raise LogbookError(means("shop.neck-no-longer-logbook-open"))
        own = self._book.not_own(self.neck_id)
        came = range(len(self.entries) + 1, len(journal.entries) + 1)
        self.elsewhere = own if own is not None else self.elsewhere | frozenset(came)
        self.entries, self.damage = journal.entries, journal.damage
        self.identity = journal.stand
        self.neck_state = fold(self.first, self.entries)
        for listener in list(self.listeners):
            listener()
        return True

    @property
    def asked(self) -> bool:
        """Whether this neck has an owner who must agree: not the shop's own, and not nobody's."""
        name = self.neck_state.neck.owner.strip()
        if not name:
            return False
        known = self._book.owner(name)
        return known is None or known.asked

    def time_now(self) -> str:
        """The time an entry would get now, ISO 8601."""
        return self._clock()

    def append(self, *entries: AnyEntry, on: Stand | None = None) -> int:
        """Write entries down as one act, all or none, and return the number of the last.

        ``on`` is what they were decided by: a result of another neck, or of a journal that has
        grown since, is refused. Raises LogbookError, and then nothing has changed.
        """
        self._check_stands(on)
        act = joined(entries, self.page, self._clock())
        following = self._following(act)
        try:
            self.identity = self._book.append(self.identity, *act)
        except NeckChanged:
            # What was typed stays where it is; what others wrote is there to be seen.
            with suppress(LogbookError):
                self.reread()
            raise
        self.entries.extend(act)
        self.neck_state = following
        for listener in list(self.listeners):
            listener()
        return len(self.entries)

    def _check_stands(self, on: Stand | None) -> None:
        if self.damage:
            raise Refused(means("shop.neck-damaged-logbook-can-looked", damage=self.damage[0]))
        if on is None or on == self.identity:
            return
        if (on.neck, on.uid) != (self.identity.neck, self.identity.uid):
            raise Refused(means("shop.worked-out-another-neck-nothing"))
        raise Refused(means("shop.weighed-before-what-you-wrote"))

    def _following(self, act: Sequence[AnyEntry]) -> NeckState:
        """The state after the act, if the journal could be read back with it. Raises Refused."""
        if len(self.entries) + len(act) > MOST_ENTRIES:
            raise Refused(
                means(
                    "shop.journal-holds-entries-most-one",
                    most_entries=MOST_ENTRIES,
                    number=len(self.entries),
                )
            )
        neck = self.neck_state.neck
        for number, entry in enumerate(act, len(self.entries) + 1):
            faults = entry_faults(entry, neck, number)
            if faults:
                raise Refused(means("shop.not-written-down", faults=faults[0]))
            if isinstance(entry, Describe):
                neck = entry.neck
        neck_state = advance(self.neck_state, len(self.entries) + 1, *act)
        if neck_state is None:
            neck_state = fold(self.first, [*self.entries, *act])
        try:
            msgspec.convert(msgspec.to_builtins(neck_state.state), type(neck_state.state))
        except msgspec.ValidationError:
            raise Refused(means("shop.counted-from-where-found-rod")) from None
        return neck_state

    def strike(self, number: int) -> None:
        """Strike entry ``number`` out; it stays in the journal."""
        self.append(Strike(entry=number))

    def undoable(self, after: int = 0) -> Undoable:
        """What taking back would strike on the page that is open."""
        return undoable(self.entries, self.page, after)

    def undo(self, after: int = 0) -> Undoable:
        """Strike the newest live act of this page past ``after``, whole; what another bench wrote
        only when it is asked for twice. Raises LogbookError.
        """
        found = self.undoable(after)
        if found.act is not None:
            meant = self.identity, found.act.numbers
            if not self.elsewhere.isdisjoint(found.act.numbers) and self._asked != meant:
                self._asked = meant
                raise LogbookError(means("shop.last-page-written-another-bench"))
            self.append(*(Strike(entry=number) for number in found.act.numbers))
        return found

    def recent(self, count: int) -> list[tuple[int, AnyReading]]:
        """The last live readings with their numbers, newest first."""
        return [(taken.number, taken.reading) for taken in reversed(self.neck_state.taken[-count:])]


def undo_words(found: Undoable, unit: Unit, height_unit: Unit) -> Saying:
    """What was taken back, or why nothing was, with what was written elsewhere since."""
    elsewhere: Saying = ""
    if found.elsewhere is not None:
        what = act_words(found.elsewhere.entries, unit, height_unit)
        elsewhere = means("shop.last-thing-written-down-s", page=found.elsewhere.page, what=what)
    if found.act is None:
        if elsewhere:
            return means("shop.nothing-take-back-here-undo", elsewhere=elsewhere)
        return means("shop.nothing-take-back-here")
    struck = means("shop.struck-out", act_words=act_words(found.act.entries, unit, height_unit))
    if elsewhere:
        return means("shop.stays", struck=struck, elsewhere=elsewhere)
    return struck


def undo_hint(found: Undoable, unit: Unit, height_unit: Unit) -> Saying:
    """What Backspace would take back, said before it is pressed; nothing where there is nothing."""
    if found.act is None:
        return ""
    return means("shop.backspace-strikes", entry=act_words(found.act.entries, unit, height_unit))
