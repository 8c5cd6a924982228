"""Made-up tools laid on a made-up neck: every one with its error and its resolution."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal, Protocol

import numpy as np
from numpy.random import Generator

from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_places_mm, place_row_mm
from nuvrek.readings.entries import (
    ON_WOOD,
    Air,
    AnyEntry,
    CrownHeight,
    Dial,
    EdgeLie,
    EdgeRests,
    EndsFine,
    InkLeft,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    RoundStart,
    Side,
    Size,
    StandOff,
    State,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.readings.journal import advance, fold
from nuvrek.readings.rounds import round_of
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.stations import Station, as_found, tells_nothing
from nuvrek.readings.told.drifts import AGAIN
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM, Kit
from nuvrek.simulator.laying import gap_under, rests_on, rock_over
from nuvrek.simulator.truth import Truth

ROCK_FEEL_MM = 0.02
ROCK_WAVER_MM = 0.007
EDGE_ROCK_MM, EDGE_LIGHT_MM = 0.025, 0.05
LEAF_NOISE_MM = 0.008
CROWN_NOISE_MM = 0.015
DIAL_NOISE_MM = 0.003
RULE_STEP_MM = 0.25
# Sizes that hang together: a slot is no deeper than its board is thick.
_STEADY: dict[str, tuple[float, float]] = {
    "slot-width": (0.54, 0.58),
    "slot-depth": (1.9, 2.1),
    "board-thickness": (4.8, 5.2),
    "over-bridge": (3.8, 4.2),
}


@dataclass(frozen=True)
class Bench:
    """A technician with tools at one neck. One reading in ``1 / misreads`` is taken down wrong."""

    truth: Truth
    rng: Generator
    leaves_mm: Sequence[float] = METRIC_LEAVES_MM
    measure_rocks: bool = True
    rock_feel_mm: float = ROCK_FEEL_MM
    crown_noise_mm: float = CROWN_NOISE_MM
    dial_noise_mm: float = DIAL_NOISE_MM
    misreads: float = 0.0

    @property
    def neck(self) -> NeckDescription:
        """The neck as it is described."""
        return self.truth.neck

    def bracket(self, gap_mm: float) -> tuple[float | None, float | None]:
        """Thickest leaf that slides and thinnest that drags at this gap."""
        felt = gap_mm + LEAF_NOISE_MM * float(self.rng.standard_normal())
        if self.misreads and self.rng.random() < self.misreads:
            # The neighbouring leaf, or a stack counted once too often.
            felt = max(felt + float(self.rng.choice([-0.1, 0.1, 0.2])), 0.0)
        slides = [leaf for leaf in self.leaves_mm if leaf <= felt]
        drags = [leaf for leaf in self.leaves_mm if leaf > felt]
        return (slides[-1] if slides else None), (drags[0] if drags else None)

    def string_gap(self, station: Station, state: State) -> StringGap:
        """A leaf bracket under a string or edge, on its supports or as it rests, over one place
        between.
        """
        lane = LANES.index(station.lane)
        on_wood = station.by in ON_WOOD
        heights = (self.truth.wood_mm if on_wood else self.truth.tops_mm)(state)[:, lane]
        x = place_row_mm(self.truth.neck)
        low, high = station.supports or (1, self.truth.neck.frets)
        slides, drags = self.bracket(gap_under(x, heights, low, high, station.fret))
        return StringGap(
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

    def edge_rests(self, station: Station, state: State) -> EdgeRests:
        """The two frets a tool so laid rests on, seen by a strip of paper."""
        heights = self.truth.tops_mm(state)[:, LANES.index(station.lane)].copy()
        low, high = station.supports or (1, self.truth.neck.frets)
        # What it looks at may itself touch: asked is what carries it beside that.
        heights[station.fret] -= 10.0
        on = rests_on(place_row_mm(self.truth.neck), heights, low, high, station.fret)
        return EdgeRests(
            lane=station.lane,
            fret=station.fret,
            low_support=low,
            high_support=high,
            on=on,
            by=station.by,
            state=state,
            station=station.key,
        )

    def edge_lie(self, station: Station, state: State) -> EdgeLie:
        """A long edge laid on a lane: where it touches in one place only, it rocks."""
        lane, frets = LANES.index(station.lane), self.truth.neck.frets
        on_wood = station.by in ON_WOOD
        heights = (self.truth.wood_mm if on_wood else self.truth.tops_mm)(state)[:, lane]
        x = fret_places_mm(self.truth.neck.scale_mm, frets)
        line = np.interp(x, [x[1], x[frets]], [heights[1], heights[frets]])
        over = heights[1 : frets + 1] - line[1 : frets + 1]
        crest = 1 + int(np.argmax(over))
        if over.max() < EDGE_ROCK_MM or not 1 < crest < frets:
            light = over.min() < -EDGE_LIGHT_MM
            says: Literal["all along", "on its ends"] = "on its ends" if light else "all along"
            return EdgeLie(lane=station.lane, says=says, state=state, station=station.key)
        return EdgeLie(
            lane=station.lane, says="rocks", fret=crest, state=state, station=station.key
        )

    def rocker_sweep(self, lane: Lane, state: State, key: str) -> list[AnyEntry]:
        """Every triple of one lane: rocks (with a leaf, if rocks are measured), then all the
        others still.
        """
        tops = self.truth.tops_mm(state)[:, LANES.index(lane)]
        x = place_row_mm(self.truth.neck)
        marked: list[AnyEntry] = []
        still = []
        for fret in range(2, self.truth.neck.frets):
            height = rock_over(x, tops, fret)
            if height + ROCK_WAVER_MM * self.rng.standard_normal() < self.rock_feel_mm:
                still.append(fret)
                continue
            slides, drags = self.bracket(height) if self.measure_rocks else (None, None)
            marked.append(
                Rock(
                    lane=lane,
                    fret=fret,
                    says="rocks",
                    slides_mm=slides,
                    drags_mm=drags,
                    state=state,
                )
            )
        return [*marked, OthersStill(lane=lane, frets=tuple(still), state=state, station=key)]

    def crown_height(self, fret: int, lane: Lane, state: State, key: str) -> CrownHeight:
        """A caliper reading of one crown, to a hundredth of a mm."""
        height = (
            self.truth.crown_mm[fret, LANES.index(lane)]
            + self.crown_noise_mm * self.rng.standard_normal()
        )
        return CrownHeight(
            lane=lane, fret=fret, height_mm=round(float(height), 2), state=state, station=key
        )

    def indicator_run(self, lane: Lane, state: State, key: str, run: int = 1) -> list[AnyEntry]:
        """A dial on a beam that lies anyhow over the frets, one reading a fret to a thousandth."""
        tops = self.truth.tops_mm(state)[1:, LANES.index(lane)]
        x = place_row_mm(self.truth.neck)[1:]
        lie = self.rng.uniform(-0.3, 0.3) + self.rng.uniform(-0.4, 0.4) * x / x[-1]
        seen = tops - tops[0] + lie + self.dial_noise_mm * self.rng.standard_normal(len(tops))
        return [
            Dial(
                lane=lane,
                fret=f,
                run=run,
                reading_mm=round(float(mm), 3),
                state=state,
                station=key if f == len(tops) else "",
            )
            for f, mm in enumerate(seen, 1)
        ]

    def string_height(
        self, side: Side, fret: int, state: State, key: str, string: int = 0
    ) -> StringHeight:
        """A rule reading to the quarter of a mm, of an outer string or a named one between them."""
        low, high = self.truth.string_height_12_mm
        height = low if side == "bass" else high
        if string:
            share = (string - 1) / max(self.truth.neck.strings - 1, 1)
            height = high + (low - high) * share
        read = round(height / RULE_STEP_MM) * RULE_STEP_MM
        return StringHeight(
            side=side, fret=fret, height_mm=read, string=string or None, state=state, station=key
        )

    def take(self, station: Station, state: State) -> list[AnyEntry]:
        """What one station of a round brings in."""
        match station.kind:
            case "string-gap":
                return [self.string_gap(station, state)]
            case "edge-lie":
                return [self.edge_lie(station, state)]
            case "edge-rests":
                return [self.edge_rests(station, state)]
            case "sweep":
                return self.rocker_sweep(station.lane, state, station.key)
            case "crown-height":
                return [self.crown_height(station.fret, station.lane, state, station.key)]
            case "string-height":
                side, fret = station.side, station.fret
                return [self.string_height(side, fret, state, station.key, station.string)]
            case "dial":
                run = 2 if station.key.startswith(AGAIN) else 1
                return self.indicator_run(station.lane, state, station.key, run)
            case "press":
                return self.press(state, station.key)
            case "state":
                return [StateChange(state=station.state, station=station.key)]
            case _:
                return [self.look_along(station, state)]

    def press(self, state: State, key: str) -> list[AnyEntry]:
        """Every fret pressed: those that move, then all the others firm."""
        loose: list[AnyEntry] = [
            StandOff(fret=fret, lane=lane, moves="moves", state=state)
            for fret, lane in self.truth.loose
        ]
        named = {fret for fret, _ in self.truth.loose}
        firm = tuple(f for f in range(1, self.truth.neck.frets + 1) if f not in named)
        return [*loose, OthersFirm(frets=firm, state=state, station=key)]

    def look_along(self, station: Station, state: State) -> AnyEntry:
        """What eyes and fingers find on a made-up neck; its fret ends are fine."""
        every = tuple(range(1, self.truth.neck.frets + 1))
        match station.kind:
            case "ends":
                return EndsFine(side=station.side, frets=every, state=state, station=station.key)
            case "ink":
                return InkLeft(lane=station.lane, frets=every, state=state, station=station.key)
            case "rod-feel":
                return RodFeel(feel="free", state=state, station=station.key)
            case "temperature":
                return Air(temperature_c=21.0, state=state, station=station.key)
            case "humidity":
                return Air(humidity_percent=48.0, state=state, station=station.key)
            case _:
                return Size(
                    what=station.what,
                    fret=station.fret,
                    lane=station.lane,
                    mm=self.size_mm(station),
                    state=state,
                    station=station.key,
                )

    def size_mm(self, station: Station) -> float:
        """A size by caliper or gauge: the radius as described, all else anything that is likely."""
        low, high = SIZES[station.what].likely
        if station.what == "radius":
            return self.truth.neck.radius_mm or 305.0
        if station.what in _STEADY:
            low, high = _STEADY[station.what]
        return round(float(self.rng.uniform(low, high)), 2)


def measure_basic_round(bench: Bench, upto: int | None = None) -> list[AnyEntry]:
    """The basic round taken on a made-up neck; ``upto`` stops it early."""
    return measure_round(bench, "basic", upto)


class Measures(Protocol):
    """Who can measure a neck, by whatever tools."""

    @property
    def neck(self) -> NeckDescription:
        """The neck as it is described."""

    def take(self, station: Station, state: State) -> list[AnyEntry]:
        """What one station of a round brings in."""


def measure_round(
    bench: Measures, name: str, upto: int | None = None, kit: Kit | None = None
) -> list[AnyEntry]:
    """A guided round taken on a made-up neck, its strings (if it has any) at pitch; ``upto`` stops
    it early.
    """
    entries: list[AnyEntry] = [RoundStart(name=name)]
    neck_state = fold(bench.neck, entries)
    state = neck_state.state
    for station in round_of(name, bench.neck, kit).stations[:upto]:
        if tells_nothing(station, neck_state):
            continue
        if station.kind == "state":
            state = station.state
        taken = bench.take(as_found(station, neck_state), state)
        neck_state = advance(neck_state, len(entries) + 1, *taken) or neck_state
        entries.extend(taken)
    return entries


def default_rng(seed: int) -> Generator:
    """The generator for a seed; the same seed gives the same neck."""
    return np.random.default_rng(seed)
