"""What an edge rests on: two frets."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.meaning import Saying, means
from nuvrek.readings.entries import EdgeRests
from nuvrek.units import Length


class EdgeRestsKeys(StationKeys):
    """A fret and ``*``, the other and Enter."""

    stations: ClassVar[tuple[str, ...]] = ("edge-rests",)
    keys: ClassVar[Mapping[str, Saying]] = {"*": means("keypad.and-fret")}
    hint: ClassVar[Saying] = means("keypad.one-fret-star-other-enter")
    lengths = False

    def special(self, key: str) -> None:
        pad = self.pad
        if key == "*" and self._fret(pad.text):
            pad.type("*")
        else:
            pad.message = self.hint

    def typed(self, key: str) -> None:
        pad, station = self.pad, self.station
        first, _, second = pad.text.partition("*")
        on = sorted((self._fret(first), self._fret(second)))
        low, high = station.supports or (1, pad.neck.frets)
        sound = 0 < on[0] < on[1] and station.fret not in on
        if low < station.fret < high:
            sound = sound and low <= on[0] < station.fret < on[1] <= high
        if not sound:
            pad.text, pad.message = "", self.hint
            return
        pad.finish(
            EdgeRests(
                lane=station.lane,
                fret=station.fret,
                low_support=low,
                high_support=high,
                on=(on[0], on[1]),
                by=station.by,
                station=pad.station_key,
            )
        )

    def _fret(self, text: str) -> int:
        """The typed fret, nil where that is none of this neck."""
        if (
            text.isascii()
            and text.isdigit()
            and len(text) <= 2
            and int(text) <= self.pad.neck.frets
        ):
            return int(text)
        return 0

    def take(self, key: str, typed: Length) -> None:
        pass
