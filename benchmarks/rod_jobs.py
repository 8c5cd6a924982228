"""Rod work played through: a made-up neck, the advised moves, and a reading after each."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import product
from typing import Literal, NamedTuple

import msgspec
import numpy as np
from numpy.random import Generator

from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANES, Lane, RodKind
from nuvrek.planning.rod.move import RodPlan, plan_rod
from nuvrek.planning.rod.stop_rules import RodStop, rod_stops
from nuvrek.readings.entries import AnyEntry, RodFeel, RodMove, State, StateChange, StringGap
from nuvrek.readings.journal import fold
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import Bench, default_rng, measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.simulator.rods import MadeRod, WorkedNeck
from nuvrek.simulator.truth import Truth

Condition = Literal["works", "spent", "slack in back bow"]
MOST_MOVES = 4
SIDES: tuple[Lane, Lane] = ("bass", "treble")


class Shot(NamedTuple):
    """What was said of the relief after a move (the first is 1), and what came, in mm."""

    move: int
    said_mm: float
    doubt_mm: float
    came_mm: float


@dataclass(frozen=True)
class RodJob:
    """How one rod job went. ``off_mm`` is how far the settled relief ends from what is wanted,
    on the worse side of twin rods.
    """

    condition: Condition
    rod: RodKind
    off_mm: float
    moves: tuple[float, ...]
    stop: RodStop | None
    forecasts: tuple[Shot, ...]


def relief_of(truth: Truth) -> np.ndarray:
    """True relief at pitch of bass side, middle and treble side, in mm, shape (3,)."""
    return truth.relief_mm(State())


def made_rod_case(seed: int) -> tuple[Condition, WorkedNeck]:
    """A made-up neck off its relief, with a rod that works, is spent, or is slack on a neck in back
    bow.

    A working rod can bring it right within MOST_MOVES quarter turns.
    """
    rng = default_rng(seed)
    truth = _rodded(rng)
    neck = truth.neck
    conditions: tuple[Condition, ...] = ("works", "spent", "slack in back bow")
    condition = conditions[int(rng.choice(3, p=[0.6, 0.25, 0.15]))]
    kinds: tuple[RodKind, ...] = ("one-way", "two-way", "unknown", "twin")
    kind = kinds[int(rng.choice(4, p=[0.3, 0.35, 0.25, 0.1]))]
    target = neck.relief_wanted_mm("middle")
    rod = MadeRod(
        float(rng.uniform(0.1, 0.5)),
        sticks=0.25,
        play_turns=float(rng.uniform(0.0, 0.04)),
        settles=float(rng.uniform(0.0, 0.1)),
    )
    sign = 1.0 if rng.random() < 0.75 else -1.0
    start = target + sign * float(rng.uniform(0.08, max(0.09, min(0.4, 0.9 * rod.per_turn_mm))))
    if condition == "spent":
        rod.per_turn_mm = float(rng.uniform(0.0, 0.02))
        start = target + float(rng.uniform(0.1, 0.5))
        rod.tells = bool(rng.random() < 0.5)
        rod.end_at = float(rng.uniform(0.1, 0.4)) if rod.tells else np.inf
    elif condition == "slack in back bow":
        kind, start = "one-way", -float(rng.uniform(0.04, 0.2))
        rod.slack_at, rod.tells = -float(rng.uniform(0.0, 0.1)), bool(rng.random() < 0.7)
    truth = replace(truth, neck=msgspec.structs.replace(neck, rod=kind))
    lift = (relief_of(truth)[1] - start) * truth.bend[:, None] / _at_middle(truth)
    rods = (rod, replace(rod)) if kind == "twin" else (rod,)
    return condition, WorkedNeck(replace(truth, board_mm=truth.board_mm + lift), rods, rng)


def _at_middle(truth: Truth) -> float:
    """The relief of a unit of bending."""
    bent = replace(truth, board_mm=np.repeat(truth.bend[:, None], 3, axis=1))
    return -float(bent.relief_mm(State(strings="slack"))[1])


def _rodded(rng: Generator) -> Truth:
    while True:
        _, truth, _ = varied_neck(int(rng.integers(1_000_000)))
        if truth.neck.rod != "none":
            return truth


def read_relief(worked: WorkedNeck, state: State, notched: bool = False) -> list[AnyEntry]:
    """What is read after a move: leaves under both outer strings on two pairs of supports, then
    whether the leaf in between goes; a notched edge on the wood in place of the second pair, if
    there is one.

    Where the string lies on the frets, an edge from the middle to the joint is looked at over fret
    1.
    """
    bench, found = worked.bench(), list[AnyEntry]()
    neck = bench.truth.neck
    middle = middle_fret(neck)
    first = Station("", "string-gap", "bass", middle, (1, neck.joint_fret))
    second = Station("", "string-gap", "bass", middle + 1, (2, neck.joint_fret - 1))
    if notched:
        second = msgspec.structs.replace(first, by="notched")
    for lane, place in product(SIDES, (first, second)):
        station = msgspec.structs.replace(place, lane=lane)
        gap = bench.string_gap(station, state)
        found.append(gap)
        if gap.slides_mm is None and place is first:
            found.append(_edge_over_first(bench, lane, state))
        if (low := gap.slides_mm or 0.0) + 0.015 < (gap.drags_mm or low + 0.2):
            found.append(
                _goes(bench, station, round(0.5 * (low + (gap.drags_mm or low + 0.2)), 2), state)
            )
    return found


def _goes(bench: Bench, station: Station, leaf_mm: float, state: State) -> StringGap:
    """Whether one leaf goes."""
    fine = replace(bench, leaves_mm=(leaf_mm,)).string_gap(station, state)
    return msgspec.structs.replace(fine, drags_mm=None, wont_go_mm=fine.drags_mm)


def _edge_over_first(bench: Bench, lane: Lane, state: State) -> StringGap:
    neck = bench.truth.neck
    tops = bench.truth.tops_mm(state)[:, LANES.index(lane)]
    middle = middle_fret(neck)
    highest = max(range(middle - 1, middle + 2), key=lambda fret: float(tops[fret]))
    return bench.string_gap(
        Station("", "string-gap", lane, 1, (highest, neck.joint_fret), "edge"), state
    )


def work_rod(seed: int, first: str = "full", notched: bool = False) -> RodJob:
    """One rod job by the plan: survey ``first``, then move and reading until the plan rests or a
    stop rule speaks.
    """
    condition, worked = made_rod_case(seed)
    neck = worked.truth.neck
    state, forecasts, moves = State(), list[Shot](), list[float]()
    kit = Kit(notched_mm=(neck.scale_mm,)) if notched else Kit()
    entries = [*measure_round(worked.bench(), first, kit=kit), StateChange(state=state)]
    entries += read_relief(worked, state, notched)
    neck_map: HeightMap | None = None
    while True:
        neck_map = map_neck(fold(neck, entries), neck_map)
        stops, plan = rod_stops(neck_map), plan_rod(neck_map)
        if [stop.kind for stop in stops] == ["whole-turn"] and len(moves) < MOST_MOVES:
            # The pause: key and nut are looked at, and the rod goes on.
            entries.append(RodFeel(feel="firm"))
            continue
        stops = tuple(stop for stop in stops if stop.kind != "whole-turn")
        if stops or plan is None or len(moves) == MOST_MOVES:
            break
        entries += _move(worked, plan)
        state = fold(neck, entries).state
        moves.append(plan.turns)
        if plan.known:
            came = relief_of(worked.now(0.0))
            forecasts += [
                Shot(len(moves), one.after_mm, one.doubt_mm, _of(came, one.lane))
                for one in plan.forecasts
            ]
        entries += read_relief(worked, state, notched)
    off = relief_of(worked.now()) - np.array([neck.relief_wanted_mm(lane) for lane in LANES])
    worst = float(np.mean(off[[0, 2]])) if neck.rod != "twin" else float(max(off[[0, 2]], key=abs))
    return RodJob(
        condition, neck.rod, worst, tuple(moves), stops[0] if stops else None, tuple(forecasts)
    )


def _of(relief: np.ndarray, lane: Lane) -> float:
    """The relief of a side, or the mean of both for the middle."""
    return float(np.mean(relief[[0, 2]])) if lane == "middle" else float(relief[LANES.index(lane)])


def _move(worked: WorkedNeck, plan: RodPlan) -> Sequence[AnyEntry]:
    moves = []
    for side, turns in plan.moves:
        feel = worked.turn(turns, side)
        moves.append(
            RodMove(turns=turns, feel=feel if feel in ("slack", "at its end") else "", side=side)
        )
    return moves
