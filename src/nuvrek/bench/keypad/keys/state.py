"""Stations without a length: the strings, the rod, the room."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar, get_args

from nuvrek import meaning
from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.meaning import Saying, Word, means
from nuvrek.readings.entries import Air, Feel, RodFeel, StateChange
from nuvrek.readings.stations import Station, with_strings
from nuvrek.units import Length

FEELS: tuple[Feel, ...] = get_args(Feel)


class StateKeys(StationKeys):
    """The strings are slackened or brought to pitch."""

    stations: ClassVar[tuple[str, ...]] = ("state",)
    keys: ClassVar[Mapping[str, Saying]] = {"*": means("keypad.so")}
    hint: ClassVar[Saying] = means("keypad.when-so-enter-alone-passes")
    numbers = False

    def special(self, key: str) -> None:
        if key != "*":
            self.pad.message = self.hint
            return
        state = with_strings(self.pad.session.neck_state.state, self.station.state)
        if self.pad.write(StateChange(state=state, station=self.station.key)):
            self.pad.go_on()

    def enter(self) -> None:
        """On without a word: what comes is read in the state the neck was in."""
        self.pad.pass_on()
        if self.pad.session.neck_state.state.strings == "pitch":
            self.pad.message = means("keypad.strings-still-count-pitch-once")
        else:
            self.pad.message = means("keypad.strings-still-count-slack-once")


class FeelKeys(StationKeys):
    """How the rod nut feels: one of five, by its number."""

    stations: ClassVar[tuple[str, ...]] = ("rod-feel",)
    hint: ClassVar[Saying] = meaning.sentences(
        means(
            "keypad.feels",
            feels=meaning.listed(
                (
                    means("keypad.detail-feel", detail=n, feel=Word(feel))
                    for n, feel in enumerate(FEELS, 1)
                ),
                by=",",
            ),
        ),
        means("keypad.key-may-follow-1-4mm"),
    )
    lengths = False

    @property
    def beside_number(self) -> Saying:
        """The feel that is typed."""
        at = self._chosen()
        if at is None:
            return ""
        return FEELS[at]

    def turns(self) -> tuple[Station, ...]:
        return ()

    def special(self, key: str) -> None:
        if key == "/" and self.pad.text:
            self.pad.type("/")
        else:
            self.pad.message = self.hint

    def typed(self, key: str) -> None:
        at = self._chosen()
        if at is None or key != "enter":
            self.pad.message, self.pad.text = self.hint, ""
            return
        fits = self.pad.text[1:].strip()
        self.pad.finish(RodFeel(feel=FEELS[at], key=fits, station=self.pad.station_key))

    def _chosen(self) -> int | None:
        first = self.pad.text[:1]
        if first.isascii() and first.isdigit() and 1 <= int(first) <= len(FEELS):
            return int(first) - 1
        return None

    def take(self, key: str, typed: Length) -> None:
        pass


class AirKeys(StationKeys):
    """Temperature or humidity of the room."""

    stations: ClassVar[tuple[str, ...]] = ("temperature", "humidity")
    hint = means("keypad.type-enter-enter-alone-passes")
    keys: ClassVar[Mapping[str, Saying]] = {"-": means("keypad.minus")}
    lengths = False

    @property
    def warm(self) -> bool:
        """Whether the temperature is asked for."""
        return self.station.kind == "temperature"

    def turns(self) -> tuple[Station, ...]:
        return ()

    def special(self, key: str) -> None:
        pad = self.pad
        if self.warm and key == "-":
            pad.text = pad.text[1:] if pad.text.startswith("-") else f"-{pad.text}"
        else:
            pad.message = self.hint

    def typed(self, key: str) -> None:
        pad = self.pad
        low, high = (-30.0, 60.0) if self.warm else (0.0, 100.0)
        try:
            value = float(pad.text.replace(",", "."))
        except ValueError:
            value = float("nan")
        if not low <= value <= high:
            pad.message, pad.text = (means("keypad.number-from-asked-here", low=low, high=high), "")
        elif key == "enter":
            warm, damp = (value, None) if self.warm else (None, value)
            pad.finish(Air(temperature_c=warm, humidity_percent=damp, station=pad.station_key))

    def take(self, key: str, typed: Length) -> None:
        pass
