"""One open neck: its journal on disk and the picture folded from it."""

from __future__ import annotations

from collections.abc import Callable

import msgspec

from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, AnyReading, Strike
from nuvrek.readings.journal import NeckState, advance, fold, last_undoable


class Session:
    """A neck that is being worked on. Every change is on disk before it shows."""

    def __init__(
        self, book: Logbook, neck_id: int, first: NeckDescription, clock: Callable[[], str]
    ) -> None:
        """Open neck ``neck_id``; ``clock`` gives the time of an entry as ISO 8601."""
        self._book = book
        self._first = first
        self._clock = clock
        self.neck_id = neck_id
        self.entries: list[AnyEntry] = book.entries(neck_id)
        self.neck_state: NeckState = fold(first, self.entries)
        self.listeners: list[Callable[[], None]] = []

    def append(self, *entries: AnyEntry) -> int:
        """Write entries down, all or none, and return the number of the last.

        Raises LogbookError, and then nothing has changed.
        """
        stamped = [e if e.at else msgspec.structs.replace(e, at=self._clock()) for e in entries]
        first = len(self.entries) + 1
        self._book.append(self.neck_id, first, *stamped)
        for number, entry in enumerate(stamped, first):
            self.entries.append(entry)
            following = advance(self.neck_state, number, entry)
            self.neck_state = fold(self._first, self.entries) if following is None else following
        for listener in list(self.listeners):
            listener()
        return len(self.entries)

    def strike(self, number: int) -> None:
        """Strike entry ``number`` out; it stays in the journal."""
        self.append(Strike(entry=number))

    def undo(self, after: int = 0) -> AnyEntry | None:
        """Strike the newest live entry past ``after``; returns it, or None if there is none."""
        number = last_undoable(self.entries, after)
        if number is None:
            return None
        struck = self.entries[number - 1]
        self.strike(number)
        return struck

    def recent(self, count: int) -> list[tuple[int, AnyReading]]:
        """The last live readings with their numbers, newest first."""
        return [(one.number, one.reading) for one in reversed(self.neck_state.taken[-count:])]
