"""Necks whose truss rod turns the other way: is any left worse than it came, or given heat or new
wire for that reason alone?
"""

from __future__ import annotations

import sys

import numpy as np

import nuvrek.wording  # noqa: F401  (hidden necks are named in words)
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.planning.case.way import Plan
from nuvrek.planning.plan import make_plan
from nuvrek.practice.advice.hand import carried_out
from nuvrek.practice.advice.technician import Technician
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.hidden import hidden
from nuvrek.readings.entries import AnyEntry, StateChange
from nuvrek.readings.entry import strings_as
from nuvrek.readings.journal import fold
from nuvrek.simulator.strangers import stranger

FIRST, NECKS = 390_000, 40
# Relief that is off by less than this needs no rod.
OFF_MM, WORSE_MM, MOST_WAYS = 0.1, 0.02, 16
ROD = ("rod", "rod-back", "rod-nut")


def relief_off_mm(desk: Desk) -> float:
    """How far the relief at pitch is from what is wanted, mean of both sides."""
    skills.tune(desk)
    neck = desk.neck.neck
    wanted = np.mean([neck.relief_wanted_mm(lane) for lane in ("bass", "treble")])
    return float(abs(np.mean(np.asarray(desk.neck.relief_mm())[[0, -1]]) - wanted))


def weighed(desk: Desk, entries: list[AnyEntry]) -> Plan:
    """What is planned for what was read so far."""
    neck_map = map_neck(fold(desk.neck.neck, entries))
    return make_plan(neck_map, find(neck_map), draw=False)


def turned(desk: Desk) -> tuple[Plan, int]:
    """The rod turned as the course has it to its end; the plan then, and the moves."""
    technician = Technician(desk)
    entries = technician.round("full")
    plan = weighed(desk, entries)
    for moves in range(MOST_WAYS):
        # Nut and frets wait here: what the rod asks for is gone first.
        kinds = [leg.way for leg in plan.course if leg.way in ROD and plan.way(leg.way).possible]
        if not kinds:
            return plan, moves
        done = carried_out(desk, plan.way(kinds[0]), plan)
        if done is None:
            return plan, moves
        for entry in done:
            state = fold(desk.neck.neck, entries).state
            if isinstance(entry, StateChange):
                entry = StateChange(state=strings_as(state, entry.state.strings))
            entries.append(entry)
        technician.state = fold(desk.neck.neck, entries).state
        entries += technician.relief()
        plan = weighed(desk, entries)
    return plan, MOST_WAYS


def main(first: int = FIRST, necks: int = NECKS) -> None:
    """Turn the rods of so many necks and count how they were left."""
    seed, count, moved, worse, other = first, 0, 0, 0, 0
    while count < necks:
        made = stranger(seed)
        seed += 1
        if made.kind == "bare" or made.truth.neck.rod in ("none", "twin"):
            continue
        desk = hidden(made, str(seed), "usual", seed).desk()
        desk.neck.rod_sign = -1.0
        before = relief_off_mm(desk)
        if before < OFF_MM:
            continue
        count += 1
        plan, moves = turned(desk)
        after = relief_off_mm(desk)
        moved += moves > 0
        if moves and after > before + WORSE_MM:
            worse += 1
            print(f"  {seed - 1}: {before:.2f} -> {after:.2f} in {moves}, then {plan.advice}")
        stops = {stop.kind for stop in plan.stops}
        blamed = bool(stops & {"no-answer", "at-end"})
        other += blamed and (plan.advice == "heat" or plan.advice.startswith("refret"))
    print(f"{necks} necks from seed {first} whose rod turns the other way, {moved} of them turned")
    print(
        f"  left with more relief error than they came: {worse}; heat or new wire for it: {other}"
    )


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
