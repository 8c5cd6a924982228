"""What all stops share: a typed length is read, questioned where it is unlikely, and taken."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar

from msgspec import structs

from nuvrek.bench.keypad.pad import Pad
from nuvrek.bench.keypad.question import LEAST_MM, MOST_MM, Question
from nuvrek.meaning import Saying, means, told_by
from nuvrek.neck.description import LANES
from nuvrek.readings.check import question
from nuvrek.readings.stations import Station
from nuvrek.units import Length, LengthError, parse_length


class StationKeys:
    """One station at the keypad. Subclasses say what the special keys, Enter and a typed value
    do.
    """

    # The kinds of stations these keys are for; none where the class is only a ground for others.
    stations: ClassVar[tuple[str, ...]] = ()
    # What + - * / do here, in a word each; keys left out do nothing.
    keys: ClassVar[Mapping[str, Saying]] = {}
    hint: ClassVar[Saying] = means("keypad.type-height-enter-enter-alone")
    # Whether a number is typed here, and whether it is a length.
    numbers: ClassVar[bool] = True
    lengths: ClassVar[bool] = True
    # Whether a reading sends the hand on to the next fret.
    moves_on: ClassVar[bool] = False
    bounds_mm: tuple[float, float] = (LEAST_MM, MOST_MM)

    def __init__(self, pad: Pad) -> None:
        self.pad = pad

    @property
    def station(self) -> Station:
        """The station the keypad stands at."""
        assert self.pad.station is not None
        return self.pad.station

    @property
    def words(self) -> Saying:
        """The hint for this moment."""
        return self.hint

    @property
    def beside_number(self) -> Saying:
        """What stands beside the number."""
        return ""

    def first(self) -> int:
        """Where the hand is when it comes here."""
        return self.station.fret

    def frets(self) -> range | None:
        """The frets the arrows lead over, or None where there is nowhere to go."""
        return None

    def turns(self) -> tuple[Station, ...]:
        """The same station on the other lanes (sides, strings), for up and down of a single
        reading.
        """
        return tuple(self.at(lane=lane) for lane in LANES)

    def at(self, **changes: object) -> Station:
        """This station with something changed."""
        return structs.replace(self.station, **changes)

    def special(self, key: str) -> None:
        """One of ``+ - * /`` was pressed; here only a fraction has use for one of them."""
        if key == "/" and self.pad.text and self.lengths:
            self.pad.type("/")
        else:
            self.pad.message = means("keypad.key-has-no-use-here", hint=self.hint)

    def enter(self) -> None:
        """Enter without anything typed."""
        self.pad.pass_on()

    def typed(self, key: str) -> None:
        """Enter (or a key that takes a value) after something was typed."""
        pad = self.pad
        try:
            typed = parse_length(pad.text, pad.unit)
        except LengthError as error:
            pad.message = told_by(error)
            return
        asked = question(self.station.field, pad.text, typed)
        if asked is not None:
            pad.asking = Question(key, typed, asked[1], asked[0], self.possible(typed))
            return
        self.accept(key, typed)

    def possible(self, typed: Length) -> bool:
        """Whether a journal could hold such a value at all."""
        low, high = self.bounds_mm
        return low <= typed.mm <= high

    def accept(self, key: str, typed: Length) -> None:
        """A value that was asked about, or needs no question."""
        if not self.possible(typed):
            self.pad.message = means("keypad.cant-reading-neck-type-again")
            self.pad.text = ""
            return
        self.take(key, typed)

    def take(self, key: str, typed: Length) -> None:
        """Make a reading of the value."""
        raise NotImplementedError


class DoneKeys(StationKeys):
    """Past the last station."""

    hint = means("keypad.map-shows-what-readings-say")
    numbers = False

    def first(self) -> int:
        return 0

    def turns(self) -> tuple[Station, ...]:
        return ()

    def special(self, key: str) -> None:
        self.pad.message = means("keypad.round-done-up-goes-back")

    def enter(self) -> None:
        pass

    def typed(self, key: str) -> None:
        pass
