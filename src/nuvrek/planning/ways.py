"""The ways forward on the same footing."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from nuvrek.clearance.heights import heights_of
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.advice import advise
from nuvrek.planning.case import Case, Plan, Way, listed, way
from nuvrek.planning.cleanway import clean_way
from nuvrek.planning.cures import cures
from nuvrek.planning.levelling import WORTH_FILING_MM, Removal, Surface, level_all, rocks_mm, spot_level
from nuvrek.planning.lost import lost_ways
from nuvrek.planning.lowest import with_lowest
from nuvrek.planning.relief import relief_now
from nuvrek.planning.rod import plan_rod, rod_reach_mm
from nuvrek.planning.rodstops import rod_stops
from nuvrek.surface.finding import Finding
from nuvrek.surface.heightmap import HeightMap
from nuvrek.surface.observed import end_faults
from nuvrek.units import Unit

__all__ = ["Plan", "Way", "make_plan"]

# A one-way rod needs some relief to govern: so much more dip is dressed into the frets (common practice, no source).
TO_GOVERN_MM = 0.05


def make_plan(neck_map: HeightMap, findings: tuple[Finding, ...], unit: Unit = Unit.MM) -> Plan:
    """Weigh all ways for a mapped neck. ``unit`` is the unit of the sentences."""
    low, high = rod_reach_mm(neck_map.neck)
    surface = Surface(
        neck_map.x_mm,
        neck_map.tops_slack_mm,
        neck_map.crown_mm,
        bend_profile(neck_map.neck)[1:],
        neck_map.neck.joint_fret,
        neck_map.neck.least_crown_mm,
        low,
        high,
    )
    faults = tuple(sorted({fault for _, fault in end_faults(neck_map.present)}))
    case = Case(
        neck_map,
        findings,
        surface,
        relief_now(neck_map),
        plan_rod(neck_map),
        unit,
        rod_stops(neck_map),
        faults,
        heights_of(neck_map.present),
    )
    dressed = (_ends(case),) if faults else ()
    level = _level(case)
    clean = clean_way(case, level)
    filing = (_spot(case), *((clean,) if clean is not None else ()), level)
    ladder = (*cures(case), _rod(case), _seat(case), *dressed, *filing)
    ways = with_lowest(neck_map, (_leave(case), *ladder, *lost_ways(case)))
    advice, reasons = advise(case, {w.kind: w for w in ways})
    rock = float(rocks_mm(surface, surface.tops_mm).max())
    return Plan(advice, tuple(reasons), ways, case.rod, rock, faults, case.stops)


def _leave(case: Case) -> Way:
    proud = case.named("proud")
    gist = (
        f"Fret{'s' if len(proud) > 1 else ''} {listed(proud)} still stand{'' if len(proud) > 1 else 's'} proud."
        if proud
        else "No metal, no turn."
    )
    return way(case, "leave", None, (), gist, [])


def _rod(case: Case) -> Way:
    neck = case.neck_map.neck
    why = []
    if neck.rod == "none":
        why.append("This neck has no rod.")
    elif case.stops:
        why.extend(stop.words for stop in case.stops)
    elif case.rod is None and case.relief is None:
        why.append("The relief at pitch is not known well enough: take a string gap on both sides.")
    elif case.rod is None and case.relief is not None:
        why.append(f"Relief is already as wanted: {case.length(case.relief.mm)}.")
    return way(case, "rod", None, (), _rod_gist(case), why)


def _rod_gist(case: Case) -> str:
    plan = case.rod
    if plan is None:
        return "The relief needs no turn."
    if not plan.known:
        over = "too much" if plan.turns > 0 else "too little"
        return f"{plan.words} How much relief there is isn't known, only that it is {over}: read it again after the move."
    told = "; ".join(
        f"{'' if one.lane == 'middle' else LANE_WORDS[one.lane] + ' '}{case.length(one.after_mm)} after it, "
        f"give or take {case.length(one.doubt_mm)}"
        for one in plan.forecasts
    )
    return f"{plan.words} Forecast {told}."


def _seat(case: Case) -> Way:
    frets = case.unseated
    why = [] if frets else ["No fret stands off the wood by these readings."]
    gist = (
        f"Press fret{'s' if len(frets) > 1 else ''} {listed(frets)} home, then read again."
        if frets
        else "Nothing to press home."
    )
    return way(case, "seat", None, frets, gist, why)


def _ends(case: Case) -> Way:
    frets = tuple(sorted({f for ends in end_faults(case.neck_map.present).values() for f in ends}))
    gist = f"Fret{'s' if len(frets) > 1 else ''} {listed(frets)}: the ends, not the tops."
    return way(case, "ends", None, frets, gist, [])


def _spot(case: Case) -> Way:
    removal = spot_level(case.surface, case.named("proud", "rocks"))
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    why = _short(case, removal)
    if not frets:
        why.append("No rocker would move: there is nothing to file.")
    elif case.unseated:
        why.append(f"Seat fret {listed(case.named('end-up'))} first: a file would only hold it down.")
    gist = f"File {listed(frets)} until the rocker is still." if frets else "Nothing to file."
    return way(case, "spot-level", removal, frets, gist, why)


def _level(case: Case) -> Way:
    neck = case.neck_map.neck
    # Without a rod the slack tops must dip by what the strings will not add themselves.
    dip, surface = 0.0, case.surface
    if case.rodless:
        dip = neck.relief_wanted_mm("middle") - case.neck_map.pull_mm
        dip += TO_GOVERN_MM if neck.rod == "one-way" else 0.0
        surface = replace(surface, rho_low_mm=0.0, rho_high_mm=0.0)
    removal = level_all(surface, neck.fall_away_mm, dip)
    frets = tuple(range(1, neck.frets + 1))
    why = _short(case, removal)
    if case.unseated:
        why.append(f"Seat fret {listed(case.named('end-up'))} first: a file would only hold it down.")
    if case.rodless:
        gist = f"Filed as it lies to {case.length(abs(dip))} of {'dip' if dip >= 0 else 'crest'}: the strings do the rest."
    else:
        gist = "Every top touched on a straight neck."
    return way(case, "level", removal, frets, gist, why)


def _short(case: Case, removal: Removal) -> list[str]:
    if removal.possible:
        return []
    worst = sorted(removal.short, key=lambda s: -s[1])[:4]
    named = "; ".join(f"fret {fret} lacks {case.length(mm)}" for fret, mm in worst)
    return [f"Too little metal for {case.length(case.surface.least_crown_mm)} of crown: {named}."]
