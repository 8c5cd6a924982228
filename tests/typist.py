"""A technician at the keypad of the real window: measures a made-up neck and types what the tools
say, does what Work asks, and changes the neck as the work does.
"""

from __future__ import annotations

from dataclasses import replace
from typing import Any
from unittest import mock

from nuvrek.bench.working.job import asked_first, next_step
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import (
    CrownHeight,
    EdgeLie,
    Filed,
    Rock,
    Size,
    StandOff,
    StringGap,
    StringHeight,
)
from nuvrek.readings.stations import Station
from nuvrek.simulator.measuring import Bench
from tests.support import WindowCase

ENTER = 0x01000005


def keys_for(entry: Any) -> str:
    """What is typed for a reading, without the Enter that ends it."""
    match entry:
        case StringGap(slides_mm=slides, drags_mm=drags):
            return _leaves(slides, drags)
        case Rock(says="rocks", fret=fret, slides_mm=slides, drags_mm=drags):
            return f"{fret}*{_leaves(slides, drags)}"
        case StandOff(fret=fret):
            return f"{fret}*"
        case EdgeLie(says="rocks", fret=fret):
            return f"{fret}*"
        case EdgeLie(says=says):
            return "+" if says == "all along" else "-"
        case StringHeight(height_mm=mm) | CrownHeight(height_mm=mm) | Size(mm=mm):
            return f"{mm}"
    return ""


def _leaves(slides: float | None, drags: float | None) -> str:
    """A bracket; a single leaf where there is only one side of it."""
    goes = "" if slides is None else f"{slides}+"
    return goes + ("" if drags is None else f"{drags}-")


class Typist:
    """Stands at one neck. Filing that Work writes down comes off the true crowns as well."""

    def __init__(self, case: WindowCase, window: Any, bench: Bench) -> None:
        self.case, self.window, self.bench = case, window, bench
        self.pressed = self.filed = 0

    @property
    def session(self) -> Any:
        return self.window.app.session

    def keys(self, *keys: object) -> None:
        self.pressed += self.case.keys(self.window, *keys)

    def round(self) -> None:
        """The round that is open in front, to its end. It is weighed when it is over: a hand is
        quicker than a map, and the newest is what is worked out.
        """
        app = self.window.app
        with mock.patch.object(app, "solve"):
            self._round()
        app.solve()

    def _round(self) -> None:
        for _ in range(200):
            pad = self.window.stage.keypad
            if pad.station is None:
                return
            self._station(pad.station)
        bar = self.window.bar
        raise AssertionError(f"no end: {bar.prompt.text()} {bar.message.text()}")

    def _station(self, station: Station) -> None:
        for entry in self.bench.take(station, self.session.neck_state.state):
            typed = keys_for(entry)
            if typed:
                self.keys(typed)
        if station.kind in ("sweep", "press", "ends", "ink"):
            self.keys("/")
        elif station.kind == "state":
            self.keys("*")
        elif self.window.stage.keypad.station == station:
            self.keys(ENTER)

    def work(self) -> None:
        """All steps of the ways in hand, with Enter; the rod by what the gap says after each
        move.
        """
        for _ in range(120):
            if self.window.page_name == "Measure":
                # A reading that a step asks for: taken, and back.
                self._station(self.window.stage.keypad.station)
                continue
            if self.window.page_name != "Work":
                return
            page, step = self.window.stages["Work"], next_step(self.session.neck_state)
            asked = self.window.bar.prompt.text()
            if "Does the blade go" in asked:
                self._leaf()
            elif step is not None and asked_first(self.session.neck_state, step):
                self.keys("/")
            elif step is not None and step.key == "levelled":
                self._read_again()
                self.keys(ENTER)
            elif step is None and ("Next:" not in asked or "Read first" in asked):
                return
            else:
                self.keys(ENTER)
            self._wear_down()
            assert page is self.window.stages["Work"]
        raise AssertionError("the work does not end")

    def _leaf(self) -> None:
        """The gap the loop asks for, as a number; a leaf that drags where there is hardly any."""
        asked = self.window.stages["Work"].loop.pad.station
        gap = self.bench.string_gap(asked, self.session.neck_state.state)
        if gap.slides_mm is None:
            self.keys(keys_for(gap))
            return
        mm = 0.5 * (gap.slides_mm + (gap.drags_mm or gap.slides_mm))
        self.keys(f"{mm:.2f}", ENTER)

    def _read_again(self) -> None:
        """Before crowning: the round that Work asks for."""
        self.window.show_stage("Measure")
        self.window.stages["Measure"].begin_round("after-levelling")
        self.round()
        self.window.show_stage("Work")

    def _wear_down(self) -> None:
        """What the journal has new as filed comes off the truth."""
        found = [e for e in self.session.entries if isinstance(e, Filed)]
        for entry in found[self.filed :]:
            crown = self.bench.truth.crown_mm.copy()
            for fret, lane, mm in entry.off:
                crown[fret, LANES.index(lane)] -= mm
            self.bench = replace(self.bench, truth=replace(self.bench.truth, crown_mm=crown))
        self.filed = len(found)
