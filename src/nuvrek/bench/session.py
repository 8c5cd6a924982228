"""One open neck: its journal on disk and the picture folded from it."""

from __future__ import annotations

from collections.abc import Callable

import msgspec

from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.journal import READINGS, Present, advance, fold, last_undoable, live_numbers
from nuvrek.readings.kinds import AnyEntry, AnyReading, Strike


class Session:
    """A neck that is being worked on. Every change is on disk before it shows."""

    def __init__(self, book: Logbook, neck_id: int, first: NeckDescription, clock: Callable[[], str]) -> None:
        """Open neck ``neck_id``; ``clock`` gives the time of an entry as ISO 8601."""
        self._book = book
        self._first = first
        self._clock = clock
        self.neck_id = neck_id
        self.entries: list[AnyEntry] = book.entries(neck_id)
        self.present: Present = fold(first, self.entries)
        self.listeners: list[Callable[[], None]] = []

    def append(self, entry: AnyEntry) -> int:
        """Write an entry down and return its number. Raises LogbookError, and then nothing has changed."""
        stamped = entry if entry.at else msgspec.structs.replace(entry, at=self._clock())
        number = len(self.entries) + 1
        self._book.append(self.neck_id, number, stamped)
        self.entries.append(stamped)
        self.present = advance(self.present, number, stamped) or fold(self._first, self.entries)
        for listener in list(self.listeners):
            listener()
        return number

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
        kept = [(n, self.entries[n - 1]) for n in live_numbers(self.entries)]
        return [(n, e) for n, e in reversed(kept) if isinstance(e, READINGS)][:count]
