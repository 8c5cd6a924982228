"""Made-up tools laid on a made-up neck: every one with its error and its resolution."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.random import Generator

from nuvrek.estimate.model.edge_contacts import contacts_around
from nuvrek.estimate.model.evidence import chord_gap, rock_height
from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    CrownHeight,
    Dial,
    EndsFine,
    InkLeft,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    RoundStart,
    Side,
    Size,
    State,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.readings.rounds import round_of
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM, Kit
from nuvrek.simulator.truth import Truth

ROCK_FEEL_MM = 0.02
ROCK_WAVER_MM = 0.007
LEAF_NOISE_MM = 0.008
CROWN_NOISE_MM = 0.015
DIAL_NOISE_MM = 0.003
RULE_STEP_MM = 0.25


@dataclass(frozen=True)
class Bench:
    """A technician with tools at one neck."""

    truth: Truth
    rng: Generator
    leaves_mm: Sequence[float] = METRIC_LEAVES_MM
    measure_rocks: bool = True

    def bracket(self, gap_mm: float) -> tuple[float | None, float | None]:
        """Thickest leaf that slides and thinnest that drags at this gap."""
        felt = gap_mm + LEAF_NOISE_MM * float(self.rng.standard_normal())
        slides = [leaf for leaf in self.leaves_mm if leaf <= felt]
        drags = [leaf for leaf in self.leaves_mm if leaf > felt]
        return (slides[-1] if slides else None), (drags[0] if drags else None)

    def string_gap(self, station: Station, state: State) -> StringGap:
        """A leaf bracket under a string or edge, on its supports or as it rests, over one place
        between.
        """
        lane = LANES.index(station.lane)
        on_wood = station.by == "notched"
        heights = (self.truth.wood_mm if on_wood else self.truth.tops_mm)(state)[:, lane]
        x = fret_places_mm(self.truth.neck.scale_mm, self.truth.neck.frets)
        low, high = station.supports or contacts_around(
            x, heights, station.fret, (1, self.truth.neck.frets)
        )
        gap = sum(w * heights[f] for f, w in chord_gap(x, low, high, station.fret))
        slides, drags = self.bracket(float(gap))
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

    def rocker_sweep(self, lane: Lane, state: State, key: str) -> list[AnyEntry]:
        """Every triple of one lane: rocks (with a leaf, if rocks are measured), then all the
        others still.
        """
        tops = self.truth.tops_mm(state)[:, LANES.index(lane)]
        x = fret_places_mm(self.truth.neck.scale_mm, self.truth.neck.frets)
        marked: list[AnyEntry] = []
        still = []
        for fret in range(2, self.truth.neck.frets):
            height = sum(w * tops[f] for f, w in rock_height(x, fret))
            if height + ROCK_WAVER_MM * self.rng.standard_normal() < ROCK_FEEL_MM:
                still.append(fret)
                continue
            slides, drags = self.bracket(float(height)) if self.measure_rocks else (None, None)
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
            + CROWN_NOISE_MM * self.rng.standard_normal()
        )
        return CrownHeight(
            lane=lane, fret=fret, height_mm=round(float(height), 2), state=state, station=key
        )

    def indicator_run(self, lane: Lane, state: State, key: str, run: int = 1) -> list[AnyEntry]:
        """A dial on a beam that lies anyhow over the frets, one reading a fret to a thousandth."""
        tops = self.truth.tops_mm(state)[1:, LANES.index(lane)]
        x = fret_places_mm(self.truth.neck.scale_mm, self.truth.neck.frets)[1:]
        lie = self.rng.uniform(-0.3, 0.3) + self.rng.uniform(-0.4, 0.4) * x / x[-1]
        seen = tops - tops[0] + lie + DIAL_NOISE_MM * self.rng.standard_normal(len(tops))
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

    def string_height(self, side: Side, fret: int, state: State, key: str) -> StringHeight:
        """A rule reading to the quarter of a mm."""
        height = self.truth.string_height_12_mm[0 if side == "bass" else 1]
        read = round(height / RULE_STEP_MM) * RULE_STEP_MM
        return StringHeight(side=side, fret=fret, height_mm=read, state=state, station=key)

    def take(self, station: Station, state: State) -> list[AnyEntry]:
        """What one station of a round brings in."""
        match station.kind:
            case "string-gap":
                return [self.string_gap(station, state)]
            case "sweep":
                return self.rocker_sweep(station.lane, state, station.key)
            case "crown-height":
                return [self.crown_height(station.fret, station.lane, state, station.key)]
            case "string-height":
                return [self.string_height(station.side, station.fret, state, station.key)]
            case "dial":
                return self.indicator_run(station.lane, state, station.key)
            case "state":
                return [StateChange(state=station.state, station=station.key)]
            case _:
                return [self.look(station, state)]

    def look(self, station: Station, state: State) -> AnyEntry:
        """What eyes and fingers find on a made-up neck, which has no loose frets and no bad
        ends.
        """
        every = tuple(range(1, self.truth.neck.frets + 1))
        match station.kind:
            case "press":
                return OthersFirm(frets=every, state=state, station=station.key)
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
                low, high = SIZES[station.what].likely
                return Size(
                    what=station.what,
                    fret=station.fret,
                    lane=station.lane,
                    mm=round(float(self.rng.uniform(low, high)), 2),
                    state=state,
                    station=station.key,
                )


def measure_basic_round(bench: Bench, upto: int | None = None) -> list[AnyEntry]:
    """The basic round taken on a made-up neck; ``upto`` stops it early."""
    return measure_round(bench, "basic", upto)


def measure_round(
    bench: Bench, name: str, upto: int | None = None, kit: Kit | None = None
) -> list[AnyEntry]:
    """A guided round taken on a made-up neck whose strings are at pitch; ``upto`` stops it
    early.
    """
    entries: list[AnyEntry] = [RoundStart(name=name)]
    state = State()
    for station in round_of(name, bench.truth.neck, kit).stations[:upto]:
        if station.kind == "state":
            state = station.state
        entries.extend(bench.take(station, state))
    return entries


def default_rng(seed: int) -> Generator:
    """The generator for a seed; the same seed gives the same neck."""
    return np.random.default_rng(seed)
