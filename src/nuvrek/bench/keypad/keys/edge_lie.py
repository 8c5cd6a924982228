"""How a long edge lies: one key, or a fret and one key."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar, Literal

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.meaning import Saying, means
from nuvrek.readings.entries import EdgeLie
from nuvrek.units import Length


class EdgeLieKeys(StationKeys):
    """``+`` it lies all along; ``-`` on its ends, light between; a fret and ``*``: it rocks about
    it, light at both ends.
    """

    stations: ClassVar[tuple[str, ...]] = ("edge-lie",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "+": means("keypad.all-along"),
        "-": means("keypad.ends"),
        "*": means("keypad.rocks"),
    }
    hint: ClassVar[Saying] = means("keypad.fret-rocks-there-lies-all")
    lengths = False

    def special(self, key: str) -> None:
        if key == "+" and not self.pad.text:
            self._finish("all along")
        elif key == "-" and not self.pad.text:
            self._finish("on its ends")
        elif key == "*":
            self.typed(key)
        else:
            self.pad.message = self.hint

    def typed(self, key: str) -> None:
        pad, text = self.pad, self.pad.text
        fret = 0
        if text.isascii() and text.isdigit() and len(text) <= 2:
            fret = int(text)
        if key != "*" or not 1 < fret < pad.neck.frets:
            pad.message = means("keypad.type-fret-rocks-about-2", frets=pad.neck.frets - 1)
            pad.text = ""
            return
        self._finish("rocks", fret)

    def _finish(
        self, says: Literal["rocks", "all along", "on its ends"], fret: int | None = None
    ) -> None:
        station, by = self.station, self.station.by
        self.pad.finish(
            EdgeLie(
                lane=station.lane,
                says=says,
                fret=fret,
                by="edge" if by == "string" else by,
                station=self.pad.station_key,
            )
        )

    def take(self, key: str, typed: Length) -> None:
        pass
