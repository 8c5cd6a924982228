"""A hand with tools at such a neck: it answers what a round asks for."""

from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime, timedelta

import numpy as np
from msgspec import structs
from numpy.random import Generator

from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.readings.entries import (
    ON_WOOD,
    AnyEntry,
    CrownHeight,
    Dial,
    EdgeLie,
    EdgeRests,
    OthersFirm,
    OthersStill,
    Rock,
    StandOff,
    State,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.readings.stations import Station
from nuvrek.readings.told.drifts import AGAIN
from tests.outside.necks import Array, OutsideNeck, carried, light

# A set of twenty leaves by steps of 0.05 mm with the thin ones between (common practice).
LEAVES = (0.04, 0.05, 0.06, 0.07, 0.08, 0.09, *(round(0.05 * n, 2) for n in range(2, 21)))
# How long a station of a kind takes.
MINUTES = {"state": 1.5, "edge-lie": 0.5, "sweep": 1.5, "dial": 2.5, "press": 1.0}


@dataclass
class OutsideHand:
    """One hand, lighter or heavier than others, that looks at the clock."""

    truth: OutsideNeck
    rng: Generator
    slips: float = 0.01
    minutes: float = 0.0
    feel_mm: float = field(init=False)
    with_leaf: bool = field(init=False)

    def __post_init__(self) -> None:
        self.feel_mm = float(self.rng.uniform(0.014, 0.026))
        self.with_leaf = bool(self.rng.random() < 0.5)

    @property
    def neck(self) -> NeckDescription:
        """What is known of the neck when it is taken in."""
        t = self.truth
        return NeckDescription(
            title=f"{t.fault}",
            scale_mm=t.scale_mm,
            frets=t.frets,
            joint_fret=t.joint,
            rod="two-way",
            wire_height_mm=round(float(np.median(t.crown)), 1),
        )

    def take(self, station: Station, state: State) -> list[AnyEntry]:
        """What one station brings in, each entry with its time."""
        self.minutes += MINUTES.get(station.kind, 0.3)
        return [structs.replace(entry, at=self._time()) for entry in self._take(station, state)]

    def _time(self) -> str:
        return (datetime(2026, 3, 4, 9, 30) + timedelta(minutes=self.minutes)).isoformat()

    def _take(self, station: Station, state: State) -> list[AnyEntry]:
        match station.kind:
            case "state":
                return [StateChange(state=station.state, station=station.key)]
            case "string-gap":
                return [self._gap(station, state)]
            case "edge-rests":
                return [self._rests(station, state)]
            case "edge-lie":
                return [self._lie(station, state)]
            case "sweep":
                return self._sweep(station, state)
            case "crown-height":
                mm = self.truth.crown[station.fret, LANES.index(station.lane)]
                mm += self.rng.uniform(-0.03, 0.03)
                place = {"fret": station.fret, "lane": station.lane, "station": station.key}
                return [CrownHeight(height_mm=round(float(mm), 2), state=state, **place)]
            case "string-height":
                mm = round(float(self.rng.uniform(1.5, 2.4)) * 4) / 4
                return [
                    StringHeight(
                        side=station.side,
                        fret=station.fret,
                        height_mm=mm,
                        state=state,
                        station=station.key,
                    )
                ]
            case "dial":
                return self._dial(station, state)
            case "press":
                return self._press(station, state)
            case _:
                return []

    def _heights(self, station: Station, state: State, wood: bool) -> Array:
        of = self.truth.wood if wood else self.truth.tops
        return of(state.strings == "pitch", self.minutes)[:, LANES.index(station.lane)]

    def _gap(self, station: Station, state: State) -> StringGap:
        h = self._heights(station, state, station.by in ON_WOOD)
        on = station.supports or (1, self.truth.frets)
        finger = max(4.0 + 2.0 * float(self.rng.standard_normal()), 1.0)
        slides, drags = self._leaf(light(self.truth.x, h, on, station.fret, finger))
        return StringGap(
            lane=station.lane,
            fret=station.fret,
            low_support=station.supports and on[0],
            high_support=station.supports and on[1],
            by=station.by,
            slides_mm=slides,
            drags_mm=drags,
            state=state,
            station=station.key,
        )

    def _rests(self, station: Station, state: State) -> EdgeRests:
        h = self._heights(station, state, station.by in ON_WOOD)
        low, high = station.supports or (1, self.truth.frets)
        finger = max(4.0 + 2.0 * float(self.rng.standard_normal()), 1.0)
        return EdgeRests(
            lane=station.lane,
            fret=station.fret,
            low_support=low,
            high_support=high,
            on=carried(self.truth.x, h, (low, high), station.fret, finger),
            by=station.by,
            state=state,
        )

    def _leaf(self, gap_mm: float) -> tuple[float | None, float | None]:
        felt = gap_mm + float(self.rng.laplace(0.0, 0.006))
        if self.rng.random() < self.slips:
            felt = max(felt + float(self.rng.choice([-0.1, 0.1, 0.3])), 0.0)
        under = [leaf for leaf in LEAVES if leaf <= felt]
        over = [leaf for leaf in LEAVES if leaf > felt]
        return max(under, default=None), min(over, default=None)

    def _lie(self, station: Station, state: State) -> EdgeLie:
        h, x, last = self._heights(station, state, False)[1:], self.truth.x[1:], self.truth.frets
        over = h - np.interp(x, [x[0], x[-1]], [h[0], h[-1]])
        crest = int(np.argmax(over))
        said = {"lane": station.lane, "state": state, "station": station.key}
        if over[crest] > float(self.rng.uniform(0.015, 0.03)) and 0 < crest < last - 1:
            return EdgeLie(says="rocks", fret=crest + 1, **said)
        if over.min() < -0.05:
            return EdgeLie(says="on its ends", **said)
        return EdgeLie(says="all along", **said)

    def _sweep(self, station: Station, state: State) -> list[AnyEntry]:
        h, x = self._heights(station, state, False), self.truth.x
        found: list[AnyEntry] = []
        still = []
        for f in range(2, self.truth.frets):
            over = float(h[f] - np.interp(x[f], x[[f - 1, f + 1]], h[[f - 1, f + 1]]))
            if over + float(self.rng.laplace(0.0, 0.005)) < self.feel_mm:
                still.append(f)
                continue
            slides, drags = self._leaf(over) if self.with_leaf else (None, None)
            found.append(
                Rock(
                    lane=station.lane,
                    fret=f,
                    says="rocks",
                    slides_mm=slides,
                    drags_mm=drags,
                    state=state,
                )
            )
        return [
            *found,
            OthersStill(lane=station.lane, frets=tuple(still), state=state, station=station.key),
        ]

    def _dial(self, station: Station, state: State) -> list[AnyEntry]:
        h, x = self._heights(station, state, False)[1:], self.truth.x[1:]
        seen = h - h[0] + self.rng.uniform(-0.5, 0.5, 2) @ np.array([np.ones_like(x), x / x[-1]])
        seen = seen + self.rng.uniform(-0.006, 0.006, len(x))
        return [
            Dial(
                lane=station.lane,
                fret=f,
                run=2 if station.key.startswith(AGAIN) else 1,
                reading_mm=round(float(mm), 3),
                state=state,
                station=station.key if f == len(x) else "",
            )
            for f, mm in enumerate(seen, 1)
        ]

    def _press(self, station: Station, state: State) -> list[AnyEntry]:
        loose = self.truth.loose
        firm = tuple(f for f in range(1, self.truth.frets + 1) if f not in loose)
        moves: list[AnyEntry] = [StandOff(fret=f, moves="moves", state=state) for f in loose]
        return [*moves, OthersFirm(frets=firm, state=state, station=station.key)]
