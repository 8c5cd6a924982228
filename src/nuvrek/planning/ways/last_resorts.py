"""What is left when rod and frets can't pay: heat, and the work that is referred to specialists."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.model.shifts import HEAT_MM
from nuvrek.language import tr
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.ways.new_wire import HOURS
from nuvrek.units import format_length

# From this much too much relief on, heat is worth its risk (common practice, no source).
FAR_OVER_MM = 0.25
# What one cycle of heat takes out, and how unsure that is, before this neck has shown it (common
# practice, no source).
HEAT_GAIN_MM, HEAT_GAIN_SPREAD_MM = 0.12, 0.10
# Hours to fit a bolt-on neck and set it up (common practice, no source).
NEW_NECK_HOURS = (2, 4)
# After so many cycles without the neck following, it is a matter for a rod or a neck (common
# practice, no source).
CYCLES_TRIED = 2


@dataclass(frozen=True, slots=True)
class HeatSoFar:
    """What the cycles so far took out of the relief, in mm each with its doubt, and what another
    is expected to.
    """

    gains: tuple[tuple[float, float], ...]
    expected_mm: float
    doubt_mm: float


def heat_so_far(neck_map: HeightMap) -> HeatSoFar:
    """Read from the map: what came out beside the rod's turns. Each cycle updates what the next
    is expected to do.
    """
    gains, mean, variance = [], HEAT_GAIN_MM, HEAT_GAIN_SPREAD_MM**2
    for n, (number, _) in enumerate(neck_map.neck_state.shifts):
        if number not in {heat for heat, _ in neck_map.neck_state.heats}:
            continue
        unknowns, solution = neck_map.after_moves(n + 1)
        move = n - unknowns.moves_before
        at, share = unknowns.slip + move, float(unknowns.slips[move].mean())
        mm = share * float(solution.z[at])
        sd = share * float(np.sqrt(solution.covariance[at, at]))
        gains.append((mm, NINE_IN_TEN * sd))
        if sd < 0.8 * HEAT_MM:
            # The cycles of one neck are alike but not the same: half the spread is the cycle's own.
            weight = variance / (variance + sd**2 + (0.5 * HEAT_GAIN_SPREAD_MM) ** 2)
            mean, variance = mean + weight * (mm - mean), (1.0 - weight) * variance
    spread = float(np.sqrt(variance + (0.5 * HEAT_GAIN_SPREAD_MM) ** 2))
    return HeatSoFar(tuple(gains), mean, NINE_IN_TEN * spread)


def _far_over(case: Case) -> bool:
    return case.rodless and case.excess_mm is not None and case.excess_mm > FAR_OVER_MM


def heat(weighing: Weighing) -> Draft | None:
    """Heat straightening, where no rod answers and the relief is far over."""
    case = weighing.case
    if not _far_over(case):
        return None
    so_far = heat_so_far(case.neck_map)
    length = case.length
    done = "".join(
        tr(
            " Cycle {n}: {length} out, give or take {length_2}.",
            n=n,
            length=length(mm),
            length_2=length(doubt),
        )
        for n, (mm, doubt) in enumerate(so_far.gains, 1)
    )
    low, high = (so_far.expected_mm + sign * so_far.doubt_mm for sign in (-1, 1))
    out = (
        tr("up to {length}", length=length(high))
        if low <= 0.0
        else tr("{length} to {length_2}", length=length(low), length_2=length(high))
    )
    gist = tr(
        "Heat, one cycle: {out} of bow may come out, and it may not hold.{done} Judged by travel "
        "regained: strung up with the rod tight, the rod has to be loosened to the relief wanted.",
        out=out,
        done=done,
    )
    why = []
    if case.neck.lacquered:
        why.append(tr("Not on a lacquered board: heat lifts the finish."))
    if len(so_far.gains) >= CYCLES_TRIED and so_far.expected_mm < 0.05:
        why.append(
            tr(
                "{number} cycles and the neck does not follow: rod or neck must be replaced.",
                number=len(so_far.gains),
            )
        )
    if case.neck.rod == "none":
        gist += tr(" Without a rod heated wood tends to return.")
    return Draft("heat", gist, why_not=tuple(why))


def new_neck(weighing: Weighing) -> Draft | None:
    """A new bolt-on neck beside a cure that costs more than the goal: figures, no verdict."""
    case = weighing.case
    if case.neck.joint != "bolted" or not case.rodless or case.excess_mm is None:
        return None
    low, high = NEW_NECK_HOURS
    return Draft(
        "new-neck",
        tr(
            "A new bolt-on neck: {low} to {high} hours to fit and set up, beside {hours} to "
            "{hours_2} for new wire and days for heat, and its rod works.",
            low=low,
            high=high,
            hours=HOURS[0],
            hours_2=HOURS[1],
        ),
    )


def refer(weighing: Weighing) -> Draft | None:
    """Work beyond fretwork: named, explained, and what to measure for the quote."""
    case = weighing.case
    parts = [*_angle(case), *_rod_work(case)]
    if not parts:
        return None
    return Draft("refer", " ".join(parts))


def _angle(case: Case) -> list[str]:
    heights = case.heights
    if heights.lacking_mm <= 0.0 or case.neck.joint == "bolted":
        return []
    climbs = tr(" and the tongue climbs") if case.has("tongue") else ""
    if heights.heel_mm:
        heel = tr(
            "{at_heel_mm} at the heel", at_heel_mm=format_length(heights.at_heel_mm, case.unit)
        )
    else:
        heel = tr(
            "{at_heel_mm} on a usual heel; measure heel "
            "length and edge over the bridge for the quote",
            at_heel_mm=format_length(heights.at_heel_mm, case.unit),
        )
    return [
        tr(
            "Neck angle reset: the strings are high, the saddle is spent{climbs}. "
            "{angle_degrees:.2f}°, {heel}.",
            climbs=climbs,
            angle_degrees=heights.angle_degrees,
            heel=heel,
        )
    ]


def _rod_work(case: Case) -> list[str]:
    if not _far_over(case):
        return []
    if case.neck.rod == "none":
        return [
            tr(
                "Rod fitting, or the board off and the neck trued: no rod, and more bow than "
                "frets should pay for. For the quote: "
                "relief at pitch and slack, board thickness, wood, scale."
            )
        ]
    return [
        tr(
            "Rod replacement: the rod is spent and the relief far over. For the quote: rod "
            "log, relief at pitch and slack, "
            "board thickness."
        )
    ]
