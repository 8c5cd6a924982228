"""A neck of ten years: how its first map and one reading more compare with a neck measured once."""

from __future__ import annotations

import resource
import time
from collections.abc import Callable
from dataclasses import replace
from datetime import date, timedelta
from statistics import median

import msgspec
import numpy as np

from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import AnyEntry, CrownHeight, Filed, RodMove, State
from nuvrek.readings.journal import advance, fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.truth import Truth

VISITS, LEVELS, SPOTS, ENTRIES = 12, (2, 6, 10), 5, 2000
ROUNDS = ("basic", "full", "basic", "full")


def ten_years(seed: int) -> tuple[Truth, list[AnyEntry]]:
    """A neck seen twice a year or so: surveyed, filed here and there, levelled, its rod turned."""
    rng = np.random.default_rng(seed)
    truth, bench = simulated_neck(seed, 22, 648.0)
    entries: list[AnyEntry] = []
    rod = 0.0
    for visit in range(VISITS):
        now: list[AnyEntry] = []
        for name in ROUNDS:
            now += measure_round(replace(bench, truth=truth), name)
        if visit in LEVELS:
            places = [(f, lane) for f in range(1, 23) for lane in LANES]
            truth = _file(truth, places, float(rng.uniform(0.02, 0.08)), rng, now)
        for _ in range(SPOTS):
            fret = int(rng.integers(2, 22))
            truth = _file(truth, [(fret, lane) for lane in LANES], 0.02, rng, now)
            now.append(replace(bench, truth=truth).crown_height(fret, "middle", State(), ""))
        now = [_with_rod(e, rod) for e in now]
        turns = 0.125 if visit % 2 else -0.125
        now.append(RodMove(turns=turns))
        rod += turns
        moved = turns * truth.rod_per_turn_mm - 0.03 * rng.standard_normal()
        truth = replace(truth, board_mm=truth.board_mm + moved * truth.bend[:, None])
        day = date(2016, 3, 1) + timedelta(days=300 * visit)
        entries += [msgspec.structs.replace(e, at=f"{day}T10:00:00") for e in now]
    return truth, entries


def _with_rod(entry: AnyEntry, rod_turns: float) -> AnyEntry:
    """A reading with the turns of the rod up to it."""
    state = getattr(entry, "state", None)
    if not isinstance(state, State):
        return entry
    turned = msgspec.structs.replace(state, rod_turns=rod_turns)
    return msgspec.structs.replace(entry, state=turned)


def _file(
    truth: Truth,
    places: list[tuple[int, Lane]],
    mm: float,
    rng: np.random.Generator,
    journal: list[AnyEntry],
) -> Truth:
    crown = truth.crown_mm.copy()
    for fret, lane in places:
        crown[fret, LANES.index(lane)] -= mm + (0.008 + 0.08 * mm) * rng.standard_normal()
    journal.append(Filed(way="spot-level", off=tuple((*place, mm) for place in places)))
    return replace(truth, crown_mm=crown)


def _ms(action: Callable[[], object]) -> float:
    found = []
    for _ in range(7):
        start = time.perf_counter()
        action()
        found.append(1e3 * (time.perf_counter() - start))
    return median(found)


def main() -> None:
    truth, entries = ten_years(5)
    now = fold(truth.neck, entries)
    once = fold(truth.neck, measure_round(simulated_neck(5, 22, 648.0)[1], "full"))
    crown = CrownHeight(lane="bass", fret=3, height_mm=round(float(truth.crown_mm[3, 0]), 2))
    crown = msgspec.structs.replace(crown, at=entries[-1].at)
    following = advance(now, len(entries) + 1, crown) or now
    before = map_neck(now)
    first, single = _ms(lambda: map_neck(now)), _ms(lambda: map_neck(once))
    shorter = fold(truth.neck, entries[:ENTRIES])
    begun = _ms(lambda: map_neck(shorter))
    more = _ms(lambda: map_neck(following, before))
    print(
        f"ten years, {len(entries)} entries, {len(now.work)} times metal, in "
        f"{1 + len(before.earlier)} chapters: first map {first:.0f} ms, "
        f"{first / single:.1f} of a full survey alone; of its first {ENTRIES} entries "
        f"{begun:.0f} ms (aim: under 300), {begun / single:.1f}; one reading more "
        f"{more:.0f} ms (aim: under 50), {more / single:.2f}; at most "
        f"{resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024} MB"
    )


if __name__ == "__main__":
    main()
