"""Going through the readings of one fret: pick one, strike it out, take that back."""

from __future__ import annotations

from nuvrek.bench.session import Session
from nuvrek.bench.strips.measure import readings_at
from nuvrek.meaning import Saying, sentences
from nuvrek.readings.entries import AnyReading, Note
from nuvrek.readings.journal import live_numbers
from nuvrek.readings.words import place_words, value_words
from nuvrek.units import Unit

SHOWN = 5


class ReadingPicker:
    """The readings that speak of a fret, newest first, one of them picked."""

    def __init__(self, session: Session, fret: int) -> None:
        self.session = session
        self.fret = fret
        self.index: int | None = None
        self._strike = 0

    @property
    def readings(self) -> list[tuple[int, AnyReading]]:
        """Live readings of this fret with their numbers."""
        return readings_at(self.session.neck_state, self.fret)

    @property
    def notes(self) -> dict[int, list[Note]]:
        """Live notes and photos by the number of the entry they are about."""
        found: dict[int, list[Note]] = {}
        for number in live_numbers(self.session.entries):
            entry = self.session.entries[number - 1]
            if isinstance(entry, Note) and entry.about is not None:
                found.setdefault(entry.about, []).append(entry)
        return found

    @property
    def note_words(self) -> str:
        """The words kept with the picked reading."""
        return " / ".join(note.text for note in self.notes.get(self.number or 0, []) if note.text)

    @property
    def photo(self) -> bytes | None:
        """The newest photo kept with the picked reading."""
        photos = [note.photo for note in self.notes.get(self.number or 0, []) if note.photo]
        if photos:
            return photos[-1]
        return None

    @property
    def struck(self) -> bool:
        """Whether there is a strike to take back."""
        return self._strike > 0

    @property
    def number(self) -> int | None:
        """The journal number of the picked reading, or None while none is picked."""
        readings = self.readings
        if self.index is not None and self.index < len(readings):
            return readings[self.index][0]
        return None

    def move(self, step: int) -> None:
        """Pick the next (or previous) reading; a first step picks the newest."""
        last = len(self.readings) - 1
        if last < 0:
            self.index = None
        else:
            self.index = 0 if self.index is None else max(0, min(last, self.index + step))

    def strike(self) -> AnyReading | None:
        """Strike the picked reading out; returns it. Raises LogbookError."""
        readings = self.readings
        if self.index is None or self.index >= len(readings):
            return None
        number, reading = readings[self.index]
        self.session.strike(number)
        self._strike = len(self.session.entries)
        self.index = min(self.index, len(readings) - 2) if len(readings) > 1 else None
        return reading

    def take_back(self) -> bool:
        """Bring the reading struck last back. Raises LogbookError."""
        if not self._strike:
            return False
        self.session.strike(self._strike)
        self._strike = 0
        return True

    def lines(self, unit: Unit, height_unit: Unit) -> tuple[Saying, ...]:
        """The readings around the picked one as lines, the picked one pointed at."""
        readings, noted = self.readings, self.notes
        first = max(0, min((self.index or 0) - SHOWN // 2, len(readings) - SHOWN))
        return tuple(
            (
                sentences(
                    "▸ " if i == self.index else "",
                    place_words(r),
                    value_words(r, unit, height_unit),
                    " ✎" if n in noted else "",
                )
            )
            for i, (n, r) in enumerate(readings)
            if first <= i < first + SHOWN
        )
