"""Gaps under a string or an edge."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar, Literal

from nuvrek.bench.keypad.keys.base import StationKeys
from nuvrek.meaning import Saying, means
from nuvrek.neck.edges import edge_reach
from nuvrek.readings.entries import StringGap
from nuvrek.units import Length, format_number

Leaf = Literal["slides_mm", "drags_mm", "wont_go_mm"]
LEAF_KEYS: dict[str, Leaf] = {"+": "slides_mm", "-": "drags_mm", "/": "wont_go_mm"}


class LeafKeys(StationKeys):
    """Stations where leaves go under something: a leaf that slides may come before one that does
    not.
    """

    @property
    def beside_number(self) -> Saying:
        """The leaf that slides, while the next one is typed."""
        slides = self.pad.slides
        if slides:
            return means("keypad.slides-then", mm=format_number(slides.mm, self.pad.unit))
        return ""

    def special(self, key: str) -> None:
        if not self.pad.text:
            self.pad.message = means("keypad.type-leaf-first-then-if")
        else:
            self.typed(key)

    def enter(self) -> None:
        if self.pad.slides is not None:
            self.gap({"slides_mm": self.pad.slides.mm})
        else:
            self.pad.pass_on()

    def take(self, key: str, typed: Length) -> None:
        pad = self.pad
        if key == "enter":
            self.gap({"gap_mm": typed.mm})
            return
        remark = pad.kit.leaf_words(typed.mm)
        if key == "+":
            pad.slides, pad.text = typed, ""
        elif pad.slides is not None and pad.slides.mm >= typed.mm:
            pad.message = means("keypad.leaf-slides-should-thinner-than")
            pad.text = ""
            return
        else:
            thinner: dict[str, float] = {"slides_mm": pad.slides.mm} if pad.slides else {}
            self.gap({**thinner, LEAF_KEYS[key]: typed.mm})
        if remark and not pad.message:
            pad.message = remark

    def gap(self, amount: dict[str, float]) -> None:
        """Make a reading of the amount: a number, or leaves by what they did."""
        raise NotImplementedError


class GapKeys(LeafKeys):
    """A gap over one fret: the arrows move it, ``*`` after a number moves a support."""

    stations: ClassVar[tuple[str, ...]] = ("string-gap",)
    keys: ClassVar[Mapping[str, Saying]] = {
        "+": means("keypad.slides"),
        "-": means("keypad.drags"),
        "/": means("keypad.wont-go"),
        "*": means("keypad.support"),
    }
    hint: ClassVar[Saying] = means("keypad.leaf-slides-drags-wont-go")

    @property
    def wanted(self) -> bool:
        """Whether this asks only whether the wanted leaf goes."""
        return self.station.wanted_mm > 0

    @property
    def words(self) -> Saying:
        if self.wanted:
            return means("keypad.goes-just-drags-wont-go")
        return self.hint

    @property
    def beside_number(self) -> Saying:
        if self.wanted and not self.pad.text:
            return means(
                "keypad.leaf", wanted_mm=format_number(self.station.wanted_mm, self.pad.unit)
            )
        return super().beside_number

    def frets(self) -> range:
        low, high = self.station.supports or (1, self.pad.neck.frets)
        # An edge runs on past what it lies on, towards the nut as well.
        past = 0
        if self.station.by != "string":
            past = self.station.fret
        return range(min(low + 1, past or low + 1), max(high, past + 1))

    def reach(self) -> tuple[float, int, int] | None:
        """The edge of the user's own that is laid as it rests, and what it covers; None where it
        covers all.
        """
        if self.station.by != "edge" or self.station.supports is not None:
            return None
        return edge_reach(self.pad.neck, self.pad.cursor, self.pad.kit.edges_mm)

    def special(self, key: str) -> None:
        pad = self.pad
        if key == "*":
            self._support()
        elif self.wanted and not pad.text:
            self.gap({LEAF_KEYS[key]: self.station.wanted_mm})
        else:
            super().special(key)

    def take(self, key: str, typed: Length) -> None:
        if self.wanted and key in LEAF_KEYS:
            self.gap({LEAF_KEYS[key]: typed.mm})
        else:
            super().take(key, typed)

    def _support(self) -> None:
        pad, station = self.pad, self.station
        text, pad.text = pad.text, ""
        if not text:
            if station.by == "string":
                pad.message = means("keypad.type-fret-holds-string-then")
            else:
                resting = station.supports is None
                supports = None
                if resting:
                    supports = pad.kit.relief_supports(pad.neck)
                pad.change_station(self.at(supports=supports))
                pad.message = (
                    means("keypad.laid-supports") if resting else means("keypad.laid-rests")
                )
            return
        if text.isascii() and text.isdigit() and len(text) <= 2:
            fret = int(text)
        else:
            fret = -1
        low, high = station.supports or (1, pad.neck.frets)
        if 0 <= fret < pad.cursor:
            low = fret
        elif pad.cursor < fret <= pad.neck.frets:
            high = fret
        else:
            pad.message = means("keypad.support-0-nut-not-fret", frets=pad.neck.frets)
            return
        pad.change_station(self.at(supports=(low, high)))

    def gap(self, amount: dict[str, float]) -> None:
        station = self.station
        low, high = station.supports or (None, None)
        if self.pad.cursor in (low, high):
            self.pad.message, self.pad.text = (means("keypad.fret-carries-edge-no-gap"), "")
            return
        reach = self.reach()
        self.pad.finish(
            StringGap(
                lane=station.lane,
                low_support=low,
                high_support=high,
                fret=self.pad.cursor or station.fret,
                by=station.by,
                reach=reach and reach[1:],
                string=station.string or None,
                station=self.pad.station_key,
                **amount,  # type: ignore[arg-type]
            )
        )
