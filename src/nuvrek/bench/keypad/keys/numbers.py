"""Stations that ask for one number at one place."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.meaning import Saying, means
from nuvrek.readings.entries import CrownHeight, Dial, Size, StringHeight
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.stations import Station
from nuvrek.readings.told.drifts import AGAIN
from nuvrek.units import Length


class CrownKeys(StationKeys):
    """A crown over the wood."""

    stations: ClassVar[tuple[str, ...]] = ("crown-height",)
    bounds_mm = (0.0, 5.0)
    moves_on = True

    def frets(self) -> range:
        return range(1, self.pad.neck.frets + 1)

    def take(self, _key: str, typed: Length) -> None:
        self.pad.finish(
            CrownHeight(
                lane=self.station.lane,
                fret=self.pad.cursor,
                height_mm=typed.mm,
                station=self.pad.station_key,
            )
        )


class HeightKeys(StationKeys):
    """A string over a fret; up and down of a single reading go through the strings, a fret and
    ``*`` sets a capo.
    """

    stations: ClassVar[tuple[str, ...]] = ("string-height",)
    keys: ClassVar[Mapping[str, Saying]] = {"*": means("keypad.capo")}
    hint: ClassVar[Saying] = means("keypad.type-height-enter-enter-alone-passes")
    bounds_mm = (0.0, 20.0)

    def frets(self) -> range:
        return range(1, self.pad.neck.frets + 1)

    def turns(self) -> tuple[Station, ...]:
        strings = self.pad.neck.strings
        stations = [
            self.at(string=n, lane="treble" if 2 * n <= strings else "bass")
            for n in range(strings, 0, -1)
        ]
        return (self.at(string=0, lane="bass"), *stations, self.at(string=0, lane="treble"))

    def special(self, key: str) -> None:
        pad = self.pad
        if key != "*":
            super().special(key)
            return
        text, pad.text = pad.text or "0", ""
        if text.isascii() and text.isdigit() and len(text) <= 2 and int(text) < pad.cursor:
            pad.change_station(self.at(capo=int(text)))
        else:
            pad.message = means("keypad.capo-sits-fret-before-alone", cursor=pad.cursor)

    def take(self, _key: str, typed: Length) -> None:
        station = self.station
        self.pad.finish(
            StringHeight(
                side=station.side,
                fret=self.pad.cursor,
                height_mm=typed.mm,
                string=station.string or None,
                capo=station.capo,
                station=self.pad.station_key,
            )
        )


class SizeKeys(StationKeys):
    """A size by caliper, rule or gauge."""

    stations: ClassVar[tuple[str, ...]] = ("size",)
    hint = means("keypad.type-enter-enter-alone-passes")

    @property
    def bounds_mm(self) -> tuple[float, float]:  # type: ignore[override]
        return SIZES[self.station.what].possible

    @property
    def moves_on(self) -> bool:  # type: ignore[override]
        return SIZES[self.station.what].place == "fret"

    def frets(self) -> range | None:
        if SIZES[self.station.what].place in ("side", "wire"):
            return None
        if self.station.what in ("board-width", "radius", "neck-thickness"):
            first = 0
        else:
            first = 1
        return range(first, self.pad.neck.frets + 1)

    def turns(self) -> tuple[Station, ...]:
        match SIZES[self.station.what].place:
            case "string":
                return tuple(self.at(string=n) for n in (*range(self.pad.neck.strings, 1, -1), 0))
            case "fret" | "wire":
                return ()
            case _:
                return self.at(lane="bass"), self.at(lane="treble")

    def special(self, key: str) -> None:
        pad = self.pad
        if key == "-" and self.bounds_mm[0] < 0.0:
            pad.text = pad.text[1:] if pad.text.startswith("-") else f"-{pad.text}"
        else:
            super().special(key)

    def take(self, _key: str, typed: Length) -> None:
        station, place = self.station, SIZES[self.station.what].place
        self.pad.finish(
            Size(
                what=station.what,
                mm=typed.mm,
                fret=0 if place in ("side", "wire") else self.pad.cursor,
                lane=station.side if place.startswith("side") else None,
                string=station.string or 1 if place == "string" else None,
                station=self.pad.station_key,
            )
        )


class DialKeys(StationKeys):
    """An indicator run: one press a fret, and the fret moves on by itself."""

    stations: ClassVar[tuple[str, ...]] = ("dial",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "+": means("keypad.plus"),
        "-": means("keypad.minus"),
        "*": means("keypad.other-way"),
    }
    hint = means("keypad.one-press-fret-fret-moves")

    def first(self) -> int:
        """Where a run that was left goes on: the first fret of its lane without a reading."""
        pad = self.pad
        read = {
            taken.reading.fret
            for taken in pad.taken_since()
            if isinstance(taken.reading, Dial)
            and taken.reading.run == self._run()
            and self._same_beam(taken.reading)
        }
        order = list(self.frets())[:: pad.run_step]
        return next((fret for fret in order if fret not in read), order[0])

    def _run(self) -> int:
        """The run, which has the number of its round; a second pass at its end lies anew."""
        return self.pad.run_number + int(self.station.key.startswith(AGAIN))

    def _same_beam(self, dial: Dial) -> bool:
        """Whether a reading was taken on this lane in the present state: otherwise the beam lay
        anew.
        """
        return (dial.lane, dial.state) == (self.station.lane, self.pad.session.neck_state.state)

    def frets(self) -> range:
        return range(1, self.pad.neck.frets + 1)

    def special(self, key: str) -> None:
        pad = self.pad
        if key == "*":
            pad.run_step = -pad.run_step
            pad.cursor = self.first()
            if pad.run_step < 0:
                pad.message = means("keypad.run-goes-towards-nut")
            else:
                pad.message = means("keypad.run-goes-towards-body")
        else:
            if key == "+" or pad.text.startswith("-"):
                pad.text = pad.text.lstrip("-")
            else:
                pad.text = f"-{pad.text}"

    def take(self, _key: str, typed: Length) -> None:
        """A fret taken again in the same run replaces its reading."""
        pad, station = self.pad, self.station
        if pad.run_step > 0:
            end = self.frets()[-1]
        else:
            end = self.frets()[0]
        last = pad.cursor == end
        run = self._run()
        earlier = [
            taken.number
            for taken in pad.session.neck_state.taken
            if isinstance(taken.reading, Dial)
            and (taken.reading.run, taken.reading.fret) == (run, pad.cursor)
            and self._same_beam(taken.reading)
        ]
        dial = Dial(
            lane=station.lane,
            fret=pad.cursor,
            run=run,
            reading_mm=typed.mm,
            station=pad.station_key if last else "",
        )
        again = pad.replacing
        if not pad.write(dial, strike=earlier) or again:
            return
        if last:
            pad.go_on()
        else:
            pad.cursor, pad.text = pad.cursor + pad.run_step, ""
