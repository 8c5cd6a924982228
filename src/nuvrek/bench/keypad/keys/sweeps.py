"""Sweeps: only what is found is marked, then a key of its own says that all the others are as they
should be. Enter alone goes on and says nothing of them.
"""

from __future__ import annotations

from abc import abstractmethod
from collections.abc import Mapping
from typing import ClassVar, Literal

from msgspec import structs

from nuvrek import meaning
from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.bench.keypad.keys.gaps import LeafKeys
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import (
    AnyReading,
    EndFault,
    EndsFine,
    FretEnd,
    Ink,
    InkLeft,
    OthersFirm,
    OthersStill,
    Rock,
    StandOff,
)
from nuvrek.readings.stations import Station, rocker_triples
from nuvrek.units import Length


class SweepKeys(StationKeys):
    """A number and a key mark a fret; the same again takes the mark back; ``/`` alone ends the
    sweep and says that all the others are as they should be.
    """

    # What all the others are, in the sentence that says what was written.
    others_words: ClassVar[Saying] = ""

    @abstractmethod
    def frets(self) -> range:
        """The frets swept over."""

    @abstractmethod
    def said_by_fret(self) -> dict[int, tuple[int, AnyReading]]:
        """What this sweep said of each fret, with the newest reading's number."""

    @abstractmethod
    def others(self, frets: tuple[int, ...]) -> AnyReading:
        """The reading that all ``frets``, never marked, are as they should be."""

    def first(self) -> int:
        return self.station.fret or self.frets().start

    def fret_from_text(self) -> bool:
        """The hand goes to the fret that was typed, if one was; False when there is no such
        fret.
        """
        pad, frets = self.pad, self.frets()
        text, pad.text = pad.text, ""
        if not text:
            return True
        if text.isascii() and text.isdigit() and len(text) <= 2 and int(text) in frets:
            pad.cursor = int(text)
            return True
        pad.message = means(
            "keypad.frets-looked-here-not", start=frets.start, stop=frets.stop - 1, text=text
        )
        return False

    def mark_down(self, mark: AnyReading) -> bool:
        """Write a mark; True where something more may be said of it, which is not so for one
        taken again.
        """
        again = self.pad.replacing
        return self.pad.write(mark) and not again

    def special(self, key: str) -> None:
        if key == "/" and not self.pad.text and self.speaks_of_all:
            self.end()
        else:
            self.mark_by(key)

    @abstractmethod
    def mark_by(self, key: str) -> None:
        """A key that says something of one fret."""

    @property
    def speaks_of_all(self) -> bool:
        """Whether the whole sweep is asked for, not one fret of it."""
        return not (self.station.fret and (self.pad.asked or self.pad.replacing))

    def end(self) -> None:
        """All the others are as they should be: written, and said which they are."""
        said = self.said_by_fret()
        rest = tuple(fret for fret in self.frets() if fret not in said)
        if not rest:
            self.pad.message = means("keypad.something-said-every-fret-here")
            return
        before = len(self.pad.session.entries)
        self.pad.finish(self.others(rest))
        if len(self.pad.session.entries) > before:
            self.pad.message = means(
                "keypad.written", frets=meaning.frets(rest), others=self.others_words
            )

    def enter(self) -> None:
        """On to the next station; of frets that nobody spoke of nothing is said."""
        left = [fret for fret in self.frets() if fret not in self.said_by_fret()]
        whole = self.speaks_of_all
        self.pad.pass_on()
        if whole and left:
            self.pad.message = means("keypad.passed-other-frets-stay-unknown")


class RockerKeys(LeafKeys, SweepKeys):
    """A rocker along one lane."""

    stations: ClassVar[tuple[str, ...]] = ("sweep",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "*": means("keypad.rocks"),
        "/": means("keypad.others-still"),
        "+": means("keypad.slides"),
        "-": means("keypad.drags"),
    }
    hint: ClassVar[Saying] = means("keypad.fret-number-where-rocks-alone")
    others_words = means("keypad.still")

    @property
    def beside_number(self) -> Saying:
        rocks = sorted(
            fret
            for fret, (_, reading) in self.said_by_fret().items()
            if getattr(reading, "says", "") == "rocks"
        )
        return super().beside_number or means(
            "keypad.rocks-with-rocks", rocks=", ".join(map(str, rocks)) or means("keypad.none-yet")
        )

    def frets(self) -> range:
        return rocker_triples(self.pad.neck)

    def said_by_fret(self) -> dict[int, tuple[int, AnyReading]]:
        return {
            taken.reading.fret: (taken.number, taken.reading)
            for taken in self.pad.taken_since()
            if isinstance(taken.reading, Rock) and taken.reading.lane == self.station.lane
        }

    def others(self, frets: tuple[int, ...]) -> AnyReading:
        return OthersStill(lane=self.station.lane, frets=frets, station=self.pad.station_key)

    def enter(self) -> None:
        if self.pad.slides is not None:
            self.gap({"slides_mm": self.pad.slides.mm})
        else:
            SweepKeys.enter(self)

    def special(self, key: str) -> None:
        if key in ("+", "-"):
            super().special(key)
        else:
            SweepKeys.special(self, key)

    def mark_by(self, key: str) -> None:
        pad = self.pad
        if self.fret_from_text():
            if key == "/":
                if pad.write(Rock(lane=self.station.lane, fret=pad.cursor, says="still")):
                    self._single()
            elif pad.cursor in pad.marked(self.station.lane) and not pad.replacing:
                self._unmark()
            elif self.mark_down(Rock(lane=self.station.lane, fret=pad.cursor, says="rocks")):
                pad.message = means("keypad.fret-rocks-leaf-under-type", cursor=pad.cursor)

    def gap(self, amount: dict[str, float]) -> None:
        pad = self.pad
        rock = Rock(lane=self.station.lane, fret=pad.cursor, says="rocks")
        rock = structs.replace(rock, **amount)
        if pad.write(rock):
            pad.text, pad.slides = "", None
            self._single()

    def _single(self) -> None:
        """One triple that was asked for by itself is done with its reading."""
        if self.pad.asked and self.station.fret:
            self.pad.go_on()

    def _unmark(self) -> None:
        pad = self.pad
        numbers = [
            taken.number
            for taken in pad.taken_since()
            if isinstance(taken.reading, Rock)
            and (taken.reading.lane, taken.reading.fret) == (self.station.lane, pad.cursor)
        ]
        if pad.strike(numbers):
            pad.message = means("keypad.fret-unmarked", cursor=pad.cursor)


class MarkKeys(SweepKeys):
    """A sweep whose marks may carry one measured amount each: after a mark, a number and Enter."""

    @property
    def beside_number(self) -> Saying:
        frets = sorted(self.said_by_fret())
        return means("keypad.found", detail=", ".join(map(str, frets)) or means("keypad.none-yet"))

    def frets(self) -> range:
        return range(1, self.pad.neck.frets + 1)

    def mark_by(self, key: str) -> None:
        if not self.fret_from_text():
            return
        pad = self.pad
        known = self.said_by_fret().get(pad.cursor)
        mark = self.mark(key)
        if known is not None and self.same(known[1], mark) and not pad.replacing:
            if pad.strike([known[0]]):
                pad.message = means("keypad.fret-unmarked", cursor=pad.cursor)
        elif self.mark_down(mark):
            more: Saying = ""
            if self.lengths:
                more = means("keypad.how-much-type-enter-or")
            pad.message = means("keypad.fret-marked", cursor=pad.cursor, more=more)

    def take(self, key: str, typed: Length) -> None:
        pad = self.pad
        known = self.said_by_fret().get(pad.cursor)
        if known is None:
            pad.message = means("keypad.mark-fret-first-number-key")
            pad.text = ""
        elif pad.write(self.measured(known[1], typed.mm), strike=[known[0]]):
            pad.text = ""

    @abstractmethod
    def mark(self, key: str) -> AnyReading:
        """The mark a key makes at the cursor."""

    @abstractmethod
    def same(self, known: AnyReading, mark: AnyReading) -> bool:
        """Whether a mark is already there."""

    @abstractmethod
    def measured(self, known: AnyReading, mm: float) -> AnyReading:
        """The mark with its amount."""


class PressKeys(MarkKeys):
    """Every fret is pressed with a finger."""

    stations: ClassVar[tuple[str, ...]] = ("press",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "*": means("keypad.moves"),
        "-": means("keypad.bass-end"),
        "+": means("keypad.treble-end"),
        "/": means("keypad.others-firm"),
    }
    hint = means("keypad.fret-number-if-moves-bass")
    others_words = means("keypad.firm")
    bounds_mm = (0.0, 5.0)
    _LANES: ClassVar[Mapping[str, Lane | None]] = {"*": None, "-": "bass", "+": "treble", "/": None}

    def turns(self) -> tuple[Station, ...]:
        return ()

    def said_by_fret(self) -> dict[int, tuple[int, AnyReading]]:
        return {
            taken.reading.fret: (taken.number, taken.reading)
            for taken in self.pad.taken_since()
            if isinstance(taken.reading, StandOff)
        }

    def others(self, frets: tuple[int, ...]) -> AnyReading:
        return OthersFirm(frets=frets, station=self.pad.station_key)

    def mark(self, key: str) -> AnyReading:
        moves: Literal["firm", "moves"] = "firm" if key == "/" else "moves"
        return StandOff(fret=self.pad.cursor, lane=self._LANES[key], moves=moves)

    def same(self, known: AnyReading, mark: AnyReading) -> bool:
        parts = [
            (getattr(reading, "lane", None), getattr(reading, "moves", ""))
            for reading in (known, mark)
        ]
        return parts[0] == parts[1]

    def measured(self, known: AnyReading, mm: float) -> AnyReading:
        return structs.replace(known, gap_mm=mm, at="")


class EndsKeys(MarkKeys):
    """A finger along the fret ends of one edge."""

    stations: ClassVar[tuple[str, ...]] = ("ends",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "*": means("keypad.sharp"),
        "+": means("keypad.past-edge"),
        "-": means("keypad.proud-bevel"),
        "/": means("keypad.lip-others-fine"),
    }
    hint = means("keypad.fret-number-sharp-past-edge")
    others_words = means("keypad.fine")
    bounds_mm = (0.0, 5.0)
    _FAULTS: ClassVar[Mapping[str, EndFault]] = {
        "*": "sharp",
        "+": "sprouting",
        "-": "proud-bevel",
        "/": "tape-lip",
    }

    def turns(self) -> tuple[Station, ...]:
        return self.at(lane="bass"), self.at(lane="treble")

    def said_by_fret(self) -> dict[int, tuple[int, AnyReading]]:
        return {
            taken.reading.fret: (taken.number, taken.reading)
            for taken in self.pad.taken_since()
            if isinstance(taken.reading, FretEnd) and taken.reading.side == self.station.side
        }

    def others(self, frets: tuple[int, ...]) -> AnyReading:
        return EndsFine(side=self.station.side, frets=frets, station=self.pad.station_key)

    def mark(self, key: str) -> AnyReading:
        return FretEnd(side=self.station.side, fret=self.pad.cursor, fault=self._FAULTS[key])

    def same(self, known: AnyReading, mark: AnyReading) -> bool:
        return getattr(known, "fault", "") == getattr(mark, "fault", "")

    def measured(self, known: AnyReading, mm: float) -> AnyReading:
        return structs.replace(known, mm=mm, at="")


class InkKeys(MarkKeys):
    """Marked tops under a beam: those whose ink goes first stand highest."""

    stations: ClassVar[tuple[str, ...]] = ("ink",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "*": means("keypad.ink-gone"),
        "/": means("keypad.others-whole"),
    }
    hint = means("keypad.fret-number-ink-goes-order")
    others_words = means("keypad.their-ink-whole")
    lengths = False

    @property
    def beside_number(self) -> Saying:
        """The order so far."""
        order = [str(fret) for fret in self.said_by_fret()]
        return means("keypad.gone", order=", ".join(order) or means("keypad.none-yet"))

    def turns(self) -> tuple[Station, ...]:
        return tuple(self.at(lane=lane) for lane in LANES)

    def said_by_fret(self) -> dict[int, tuple[int, AnyReading]]:
        return {
            taken.reading.fret: (taken.number, taken.reading)
            for taken in self.pad.taken_since()
            if isinstance(taken.reading, Ink) and taken.reading.lane == self.station.lane
        }

    def others(self, frets: tuple[int, ...]) -> AnyReading:
        return InkLeft(lane=self.station.lane, frets=frets, station=self.pad.station_key)

    def mark_by(self, key: str) -> None:
        if key == "*":
            super().mark_by(key)
        else:
            self.pad.message = self.hint

    def typed(self, key: str) -> None:
        self.pad.message = means("keypad.fret-number-goes-where-ink")

    def mark(self, key: str) -> AnyReading:
        return Ink(lane=self.station.lane, fret=self.pad.cursor)

    def same(self, known: AnyReading, mark: AnyReading) -> bool:
        return True

    def measured(self, known: AnyReading, mm: float) -> AnyReading:
        return known
