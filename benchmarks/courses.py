"""Advised courses carried out on true necks by a made-up hand: are all notes clean at the end, or
was it said that they won't be, and what metal did it take beside the plain procedure?

The necks, the tools and the hand share nothing with the judgement. After each way the neck is read
anew with the full survey, as a technician would.
"""

from __future__ import annotations

import sys
from collections import Counter
from dataclasses import dataclass, field, replace

import numpy as np
from benchmarks.filing import true_lowest
from msgspec import structs

from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.planning.case.way import Plan, Way
from nuvrek.planning.plan import make_plan
from nuvrek.readings.entries import AnyEntry, OthersClean, State
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.strangers import Stranger, stranger
from nuvrek.simulator.truth import Truth

# Seeds no figure of the model or of a rule was set with.
FIRST, NECKS = 170_000, 200
HEIGHTS_MM, LONG_HEIGHTS_MM, LONG_MM = (2.1, 1.8), (2.6, 2.2), 760.0
MOST_WAYS, SETS_RELIEF_MM, SEATS_MM = 6, 0.02, 0.015
NUT_OVER_MM = 0.03
NOTHING_MORE = ("leave", "hardware", "read")


@dataclass
class Tally:
    """How the courses ended."""

    ends: Counter[str] = field(default_factory=Counter)
    metal: list[float] = field(default_factory=list)
    plain: list[float] = field(default_factory=list)
    first: Counter[str] = field(default_factory=Counter)


def judged(one: Stranger) -> tuple[HeightMap, Plan]:
    entries = measure_round(one.bench, "full")
    neck_map = map_neck(fold(one.truth.neck, entries))
    return neck_map, make_plan(neck_map, find(neck_map), draw=False)


def carried_out(one: Stranger, neck_map: HeightMap, plan: Plan, way: Way) -> Stranger | None:
    """The neck after a way, as a hand does it; None for what no simulated hand does."""
    truth, rng = one.truth, one.bench.rng
    if way.metal_mm > 0.0:
        # The file takes what is meant, by a twentieth more or less.
        took = way.off_mm * rng.normal(1.0, 0.05, way.off_mm.shape)
        crown = truth.crown_mm.copy()
        crown[1:] -= np.maximum(took, 0.0)
        truth = replace(truth, crown_mm=crown)
        if "turns the rod" in way.record.families or way.kind == "play-clean":
            truth = _relief_set(truth, way.promise.relief_mm, one)
    elif way.kind == "rod":
        truth = _relief_set(truth, truth.neck.relief_wanted_mm("middle"), one)
    elif way.kind in ("nut", "zero-fret"):
        crown = truth.crown_mm.copy()
        crown[0] = crown[1] + NUT_OVER_MM
        truth = replace(truth, crown_mm=crown)
    elif way.kind in ("seat", "lift-fret"):
        truth = _seated(truth, way.frets, one)
    elif way.kind in ("saddle", "shim"):
        low, high = way.promise.height_low_mm, way.promise.height_high_mm
        truth = replace(truth, string_height_12_mm=(low or 0.0, high or 0.0))
    else:
        return None
    return replace(one, truth=truth, bench=replace(one.bench, truth=truth))


def _relief_set(truth: Truth, wanted_mm: float | None, one: Stranger) -> Truth:
    """The rod turned until the relief is as wanted, as near as a hand brings it."""
    if wanted_mm is None:
        return truth
    now = float(np.mean(truth.relief_mm(State())[[0, 2]]))
    less = now - wanted_mm - float(one.bench.rng.normal(0.0, SETS_RELIEF_MM))
    return replace(truth, board_mm=truth.board_mm + less * truth.bend[:, None])


def _seated(truth: Truth, frets: tuple[int, ...], one: Stranger) -> Truth:
    """Frets pressed to where their neighbours stand, give or take."""
    crown = truth.crown_mm.copy()
    usual = float(np.median(crown[1:]))
    for fret in frets:
        crown[fret] = usual + one.bench.rng.normal(0.0, SEATS_MM, 3)
    loose = tuple(place for place in truth.loose if place[0] not in frets)
    return replace(truth, crown_mm=crown, loose=loose)


def one_course(seed: int, tally: Tally) -> None:
    one = stranger(seed)
    if one.kind == "bare":
        return
    wished = LONG_HEIGHTS_MM if one.truth.neck.scale_mm >= LONG_MM else HEIGHTS_MM
    neck = structs.replace(
        one.truth.neck, height_low_mm=wished[0], height_high_mm=wished[1], complaint="It buzzes."
    )
    truth = replace(one.truth, neck=neck, string_height_12_mm=wished)
    one = replace(one, truth=truth, bench=replace(one.bench, truth=truth))
    metal, gone = 0.0, 0
    neck_map, plan = judged(one)
    plain = {way.kind: way for way in plan.ways}.get("level-straight")
    tally.first[plan.advice] += 1
    while gone < MOST_WAYS and plan.advice not in NOTHING_MORE:
        way = plan.way(plan.advice)
        after = carried_out(one, neck_map, plan, way)
        if after is None:
            break
        metal, gone, one = metal + way.metal_mm, gone + 1, after
        neck_map, plan = judged(one)
    lowest = true_lowest(one.truth, neck_map, np.zeros((neck.frets, 3)), _relief_of(one.truth))
    heights = np.linspace(*one.truth.string_height_12_mm, len(lowest))
    clean = bool(np.all(lowest <= heights + AS_WANTED_MM))
    told = plan.advice not in ("leave", "hardware")
    tally.ends["clean" if clean else "told" if told else "neither"] += 1
    if plain is not None:
        tally.metal.append(metal)
        tally.plain.append(plain.metal_mm)


def _relief_of(truth: Truth) -> float:
    return float(np.mean(truth.relief_mm(State())[[0, 2]]))


def content(first: int, necks: int) -> tuple[int, int]:
    """Necks heard clean all over whose owner is content: how many are left, of how many."""
    left = counted = 0
    for seed in range(first, first + necks):
        one = stranger(seed)
        if one.kind == "bare":
            continue
        entries: list[AnyEntry] = list(measure_round(one.bench, "basic"))
        frets = tuple(range(one.truth.neck.frets))
        entries += [
            OthersClean(string=string, frets=frets)
            for string in range(1, one.truth.neck.strings + 1)
        ]
        neck_map = map_neck(fold(one.truth.neck, entries))
        left += make_plan(neck_map, find(neck_map), draw=False).advice == "leave"
        counted += 1
    return left, counted


def main(first: int = FIRST, necks: int = NECKS) -> None:
    tally = Tally()
    for seed in range(first, first + necks):
        one_course(seed, tally)
    print(f"{necks} strange necks from seed {first}, full survey, the course carried out on each")
    print(f"  first advised: {dict(tally.first.most_common())}")
    print(
        f"  ended: all notes clean {tally.ends['clean']}, said that they won't be "
        f"{tally.ends['told']}, neither {tally.ends['neither']}"
    )
    print(
        f"  metal, mean: {np.mean(tally.metal):.2f} mm; rod straight, level all: "
        f"{np.mean(tally.plain):.2f} mm"
    )
    left, counted = content(first, necks + necks // 7)
    print(f"  heard clean and content: left {left} of {counted}")


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
