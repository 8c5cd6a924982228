"""Someone who takes a whole round with the virtual tools, leaf by leaf, and writes down what was
felt.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np

from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.at_work.doing import NotNow
from nuvrek.readings import entries as kept
from nuvrek.readings.entries import AnyEntry, State
from nuvrek.readings.entry import strings_as
from nuvrek.readings.rounds import crests
from nuvrek.readings.stations import THINNEST_LEAF_MM as THIN_MM
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.living.tools import LightSeen
from nuvrek.simulator.measuring import measure_round

_FEELS: dict[str, kept.Feel] = {
    "chewed": "key slips",
    "gummed": "binding",
    "slack": "slack",
    "fine": "free",
    "none": "out of reach",
}


@dataclass
class Technician:
    """Measures the neck of a desk; knows nothing of it but what the tools say."""

    desk: Desk
    # The state the journal has the neck in before the next reading: the turns of its rod above all.
    state: State = State()

    @property
    def neck(self) -> NeckDescription:
        """The neck as it is described."""
        return self.desk.neck.neck

    def round(self, name: str) -> list[AnyEntry]:
        """A guided round from its beginning to its end."""
        return measure_round(self, name)

    def relief(self) -> list[AnyEntry]:
        """The relief at pitch on both sides, as it is read after a move of the rod."""
        low, high = 1, self.neck.joint_fret
        state = State(strings="pitch")
        stations = (
            Station(f"relief-{side}", "string-gap", side, middle_fret(self.neck), (low, high))
            for side in kept.SIDES
        )
        entries = [entry for station in stations for entry in self.take(station, state)]
        if any(isinstance(e, kept.StringGap) and (e.slides_mm or 0.0) > THIN_MM for e in entries):
            return entries
        # Hardly any light there: only a long edge tells a straight neck from a bowed one.
        return [*entries, *self.edges()]

    def edges(self) -> list[AnyEntry]:
        """A long edge on the tops, strings at pitch."""
        stations = crests(self.neck, Kit(), "pitch")
        return [e for station in stations for e in self.take(station, State(strings="pitch"))]

    def reads_on(self, rule: str) -> list[AnyEntry]:
        """What a rule that asks for one reading more is given; nothing where this hand does not
        know it.
        """
        skills.tune(self.desk)
        match rule:
            case "ear-first":
                return self.listen()
            case "blind":
                return self.edges()
            case "contradiction":
                return self.round("full")
            case _:
                return []

    def listen(self) -> list[AnyEntry]:
        """Every note played up each string, and what the ear says of it."""
        entries: list[AnyEntry] = []
        for low in range(self.neck.strings):
            string, clean = self.neck.strings - low, []
            for fret in range(self.neck.frets):
                sound = self.desk.do(do.Pluck(string=low, fret=fret)).key
                if sound == "clean":
                    clean.append(fret)
                else:
                    says: Literal["buzzes", "badly"] = "buzzes" if sound == "buzzes" else "badly"
                    entries.append(kept.Heard(string=string, fret=fret, says=says))
            entries.append(kept.OthersClean(string=string, frets=tuple(clean)))
        return entries

    def grooves(self) -> list[AnyEntry]:
        """The grooves of every fret under the low string, slack as the neck lies there."""
        state, strings = strings_as(self.state, "slack"), self.neck.strings
        entries: list[AnyEntry] = []
        for fret in range(1, self.neck.frets + 1):
            said = self.desk.do(do.Caliper(fret=fret, lane="bass", groove=True)).number or 0.0
            if said > 0.0:
                entries.append(
                    kept.Size(what="groove", fret=fret, mm=said, string=strings, state=state)
                )
        return entries

    def take(self, station: Station, state: State) -> list[AnyEntry]:
        """What one station brings in; nothing where it can't be taken as the neck is."""
        try:
            return self._take(station, strings_as(self.state, state.strings))
        except NotNow:
            return []

    def _take(self, station: Station, state: State) -> list[AnyEntry]:
        match station.kind:
            case "string-gap":
                return [self._gap(station, state)]
            case "edge-lie":
                return [self._edge(station, state)]
            case "sweep":
                return self._sweep(station, state)
            case "crown-height":
                said = self.desk.do(do.Caliper(fret=station.fret, lane=station.lane)).number
                return [
                    kept.CrownHeight(
                        lane=station.lane,
                        fret=station.fret,
                        height_mm=max(said or 0.0, 0.0),
                        state=state,
                        station=station.key,
                    )
                ]
            case "string-height":
                return [self._height(station, state)]
            case "press":
                return self._press(state, station.key)
            case "state":
                self.desk.do(do.Tune(to=station.state.strings))
                so = strings_as(self.state, station.state.strings)
                return [kept.StateChange(state=so, station=station.key)]
            case "rod-feel":
                feel = _FEELS[self.desk.do(do.FeelKey()).key]
                return [kept.RodFeel(feel=feel, state=state, station=station.key)]
            case _:
                return []

    def _gap(self, station: Station, state: State) -> kept.StringGap:
        low, high = station.supports or (1, self.neck.frets)
        under: dict[str, do.LeafUnder] = {"string": "string", "notched": "notched"}
        slides, drags = skills.gap(
            self.desk, station.lane, low, high, station.fret, under=under.get(station.by, "edge")
        )
        return kept.StringGap(
            lane=station.lane,
            low_support=station.supports and low,
            high_support=station.supports and high,
            fret=station.fret,
            by=station.by,
            slides_mm=slides,
            drags_mm=drags,
            state=state,
            station=station.key,
        )

    def _edge(self, station: Station, state: State) -> kept.EdgeLie:
        wood = station.by in kept.ON_WOOD
        felt = self.desk.do(
            do.LayEdge(
                lane=station.lane,
                low=1,
                high=self.neck.frets,
                on="wood" if wood else "frets",
                notched_mm=self.neck.scale_mm if wood else None,
            )
        )
        seen = felt.seen
        assert isinstance(seen, LightSeen)
        says: Literal["rocks", "all along", "on its ends"] = "all along"
        fret = None
        if seen.rocks:
            # It rocks about the fret that it lies on whichever end is pushed down.
            says, fret = "rocks", self._crest(seen)
        elif felt.key == "light":
            says = "on its ends"
        return kept.EdgeLie(
            lane=station.lane, says=says, fret=fret, state=state, station=station.key
        )

    def _crest(self, seen: LightSeen) -> int:
        """Of the two tops it lies on, that nearer to the middle of where it touches."""
        dark = [f for f, mm in zip(seen.frets, seen.light_mm, strict=True) if mm == 0.0]
        inner = [f for f in dark if 1 < f < self.neck.frets]
        x = self.desk.neck.x_mm
        middle = float(np.mean([x[f] for f in dark]))
        return min(inner or list(seen.contacts), key=lambda f: abs(x[f] - middle))

    def _sweep(self, station: Station, state: State) -> list[AnyEntry]:
        found = skills.rocks(self.desk, station.lane)
        marked: list[AnyEntry] = []
        for fret in found:
            slides, drags = skills.gap(self.desk, station.lane, 0, 0, fret, under="rocker")
            marked.append(
                kept.Rock(
                    lane=station.lane,
                    fret=fret,
                    says="rocks",
                    slides_mm=slides,
                    drags_mm=drags,
                    state=state,
                )
            )
        still = tuple(f for f in range(2, self.neck.frets) if f not in found)
        end = kept.OthersStill(lane=station.lane, frets=still, state=state, station=station.key)
        return [*marked, end]

    def _height(self, station: Station, state: State) -> kept.StringHeight:
        seen = self.desk.do(do.HoldRule(side=station.side, fret=station.fret)).seen
        assert isinstance(seen, float)
        # Read between the marks, as an eye does.
        return kept.StringHeight(
            side=station.side,
            fret=station.fret,
            height_mm=max(round(seen, 1), 0.0),
            state=state,
            station=station.key,
        )

    def _press(self, state: State, key: str) -> list[AnyEntry]:
        loose: list[AnyEntry] = []
        firm = []
        for fret in range(1, self.neck.frets + 1):
            moves = [
                lane
                for lane in LANES
                if self.desk.do(do.Finger(fret=fret, lane=lane)).key == "moves"
            ]
            if not moves:
                firm.append(fret)
                continue
            loose.extend(
                kept.StandOff(fret=fret, lane=lane, moves="moves", state=state)
                for lane in ([None] if len(moves) == len(LANES) else moves)
            )
        return [*loose, kept.OthersFirm(frets=tuple(firm), state=state, station=key)]
