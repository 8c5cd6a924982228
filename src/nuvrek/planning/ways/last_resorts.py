"""What is left when rod and frets can't pay: heat, and the work that is referred to specialists."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek import meaning
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.model.shifts import HEAT_MM
from nuvrek.meaning import Saying, means
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.ways.new_wire import HOURS
from nuvrek.readings.told.heat_held import crept_back
from nuvrek.readings.told.soundness import unsound
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
    done = meaning.listed(
        means("ways.cycle-out-give-or-take", detail=n, length=length(mm), doubt=length(doubt))
        for n, (mm, doubt) in enumerate(so_far.gains, 1)
    )
    low, high = (so_far.expected_mm + sign * so_far.doubt_mm for sign in (-1, 1))
    if low <= 0.0:
        out = means("ways.up", length=length(high))
    else:
        out = means("ways.to", length=length(low), high=length(high))
    gist: Saying = means("ways.heat-one-cycle-bow-may", out=out, done=done)
    why: list[Saying] = []
    if case.neck.lacquered:
        why.append(means("ways.not-lacquered-board-heat-lifts"))
    if len(so_far.gains) >= CYCLES_TRIED and so_far.expected_mm < 0.05:
        why.append(means("ways.cycles-neck-does-not-follow", number=len(so_far.gains)))
    crept = crept_back(case.neck_map.neck_state)
    if crept is not None:
        came, back = length(crept.out_mm), length(crept.back_mm)
        why.append(means("ways.heat-crept-back", out=came, back=back))
    if case.neck.rod == "none":
        gist = meaning.sentences(gist, means("ways.without-rod-heated-wood-tends"))
    return Draft("heat", gist, why_not=tuple(why))


def new_neck(weighing: Weighing) -> Draft | None:
    """A new bolt-on neck beside a cure that costs more than the goal: figures, no verdict."""
    case = weighing.case
    if case.neck.joint != "bolted" or not case.rodless or case.excess_mm is None:
        return None
    low, high = NEW_NECK_HOURS
    return Draft(
        "new-neck",
        means(
            "ways.new-bolt-neck-hours-fit", low=low, high=high, hours=HOURS[0], other_hours=HOURS[1]
        ),
    )


def refer(weighing: Weighing) -> Draft | None:
    """Work beyond fretwork: named, explained, and what to measure for the quote."""
    case = weighing.case
    parts = [*_mending(case), *_angle(case), *_rod_work(case)]
    if not parts:
        return None
    return Draft("refer", meaning.listed(parts, by="sentences"))


def _mending(case: Case) -> list[Saying]:
    """What is not sound, for the hand that mends it."""
    return [means(f"ways.mend-{fault}") for fault in unsound(case.neck_map.neck_state)]


def _angle(case: Case) -> list[Saying]:
    heights = case.heights
    if heights.lacking_mm <= 0.0 or case.neck.joint == "bolted":
        return []
    climbs: Saying = ""
    if case.has("tongue"):
        climbs = means("ways.tongue-climbs")
    if heights.heel_mm:
        heel = means("ways.heel", at_heel_mm=format_length(heights.at_heel_mm, case.unit))
    else:
        heel = means(
            "ways.usual-heel-measure-heel-length",
            at_heel_mm=format_length(heights.at_heel_mm, case.unit),
        )
    return [
        means(
            "ways.neck-angle-reset-strings-high",
            climbs=climbs,
            angle_degrees=heights.angle_degrees,
            heel=heel,
        )
    ]


def _rod_work(case: Case) -> list[Saying]:
    if not _far_over(case):
        return []
    if case.neck.rod == "none":
        return [means("ways.rod-fitting-or-board-off")]
    return [means("ways.rod-replacement-rod-spent-relief")]
