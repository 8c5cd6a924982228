"""Stations without a length: the strings, the rod, the room."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar, get_args

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.language import named, tr
from nuvrek.readings.entries import Air, Feel, RodFeel, StateChange
from nuvrek.readings.stations import Station, with_strings
from nuvrek.units import Length

FEELS: tuple[Feel, ...] = get_args(Feel)


class StateKeys(StationKeys):
    """The strings are slackened or brought to pitch."""

    stations: ClassVar[tuple[str, ...]] = ("state",)
    keys: ClassVar[Mapping[str, str]] = {"*": tr("it is so")}
    hint = tr("* when it is so. Enter alone passes on: the strings count as before.")
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
            self.pad.message = tr(
                "The strings still count as at pitch. Once they are slack, go back up and press *."
            )
        else:
            self.pad.message = tr(
                "The strings still count as slack. Once they are at pitch, go back up and press *."
            )


class FeelKeys(StationKeys):
    """How the rod nut feels: one of five, by its number."""

    stations: ClassVar[tuple[str, ...]] = ("rod-feel",)
    hint = ", ".join(tr("{n} {feel}", n=n, feel=named(feel)) for n, feel in enumerate(FEELS, 1)) + tr(
        ". Its key may follow: 1 4mm."
    )
    lengths = False

    @property
    def aside(self) -> str:
        """The feel that is typed."""
        at = self._chosen()
        return "" if at is None else FEELS[at]

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
    hint = tr("Type it, Enter. Enter alone passes on.")
    keys: ClassVar[Mapping[str, str]] = {"-": tr("minus")}
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
            pad.message, pad.text = (
                tr("A number from {low:g} to {high:g} is asked for here.", low=low, high=high),
                "",
            )
        elif key == "enter":
            warm, damp = (value, None) if self.warm else (None, value)
            pad.finish(Air(temperature_c=warm, humidity_percent=damp, station=pad.station_key))

    def take(self, key: str, typed: Length) -> None:
        pass
