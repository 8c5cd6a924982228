"""How a long edge lies: one key, or a fret and one key."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.readings.entries import EdgeLie
from nuvrek.units import Length


class EdgeLieKeys(StationKeys):
    """``+`` it lies all along; a fret and ``*``: it rocks about it, light at both ends."""

    stations: ClassVar[tuple[str, ...]] = ("edge-lie",)
    keys: ClassVar[Mapping[str, str]] = {"+": "all along", "*": "rocks"}
    hint = "Its fret and *: it rocks there, light at both ends. +: it lies all along."
    lengths = False

    def special(self, key: str) -> None:
        if key == "+" and not self.pad.text:
            self._finish(None)
        elif key == "*":
            self.typed(key)
        else:
            self.pad.message = self.hint

    def typed(self, key: str) -> None:
        pad, text = self.pad, self.pad.text
        fret = int(text) if text.isascii() and text.isdigit() and len(text) <= 2 else 0
        if key != "*" or not 1 < fret < pad.neck.frets:
            pad.message = f"Type the fret it rocks about, 2 to {pad.neck.frets - 1}, then *."
            pad.text = ""
            return
        self._finish(fret)

    def _finish(self, fret: int | None) -> None:
        station, by = self.station, self.station.by
        self.pad.finish(
            EdgeLie(
                lane=station.lane,
                says="all along" if fret is None else "rocks",
                fret=fret,
                by="notched" if by == "notched" else "edge",
                station=self.pad.station_key,
            )
        )

    def take(self, key: str, typed: Length) -> None:
        pass
