"""The ways forward on the same footing."""

from __future__ import annotations

import numpy as np

from nuvrek.clearance.string_heights import heights_of
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.findings.by_hand_and_eye import end_faults
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case, Plan, Way, listed, make_way
from nuvrek.planning.filing.level_program import STILL_MM, WORTH_FILING_MM, Terms
from nuvrek.planning.filing.spot_program import rocks_mm, spot_level
from nuvrek.planning.filing.tops import neck_tops_of
from nuvrek.planning.forecast.doubt import with_doubt
from nuvrek.planning.forecast.string_height import with_lowest
from nuvrek.planning.rod.move import plan_rod
from nuvrek.planning.rod.relief import relief_now
from nuvrek.planning.rod.stop_rules import rod_stops
from nuvrek.planning.rules.advice import advise
from nuvrek.planning.ways.cheap_cures import cures
from nuvrek.planning.ways.crown_worn import crown_few
from nuvrek.planning.ways.just_clean import clean_basis_of, clean_curve, clean_way
from nuvrek.planning.ways.last_resorts import lost_ways
from nuvrek.planning.ways.level_schools import level_ways, metal_words, unread_words
from nuvrek.units import Unit

__all__ = ["Plan", "Way", "case_of", "make_plan"]


def make_plan(
    neck_map: HeightMap, findings: tuple[Finding, ...], unit: Unit = Unit.MM, draw: bool = True
) -> Plan:
    """Weigh all ways for a mapped neck, and ``draw`` metal against string height. ``unit`` is the unit of the sentences."""
    case = case_of(neck_map, findings, unit)
    on = string_up(neck_map)
    levels = level_ways(case)
    basis = clean_basis_of(case, levels[0], on)
    clean = None if basis is None else clean_way(case, basis)
    curve = None if basis is None or not draw else clean_curve(case, basis)
    filing = (spot_way(case), clean, crown_few(case), *levels)
    dressed = _ends(case) if case.ends else None
    ladder = (*cures(case), _rod(case), _seat(case), dressed, *filing)
    ways = with_lowest(
        neck_map, (_leave(case), *(w for w in ladder if w is not None), *lost_ways(case)), on
    )
    ways = with_doubt(case, ways)
    advice, reasons = advise(case, {w.kind: w for w in ways})
    rock = float(rocks_mm(case.neck_tops, case.neck_tops.tops_mm).max())
    return Plan(
        advice, tuple(reasons), ways, case.rod, rock, case.ends, case.stops, case.rodless, curve
    )


def case_of(neck_map: HeightMap, findings: tuple[Finding, ...], unit: Unit = Unit.MM) -> Case:
    """What all ways on a mapped neck have in common."""
    return Case(
        neck_map,
        findings,
        neck_tops_of(neck_map),
        relief_now(neck_map),
        plan_rod(neck_map),
        unit,
        rod_stops(neck_map),
        tuple(sorted({fault for _, fault in end_faults(neck_map.neck_state)})),
        heights_of(neck_map.neck_state),
    )


def _leave(case: Case) -> Way:
    proud = case.named("proud")
    gist = (
        f"Fret{'s' if len(proud) > 1 else ''} {listed(proud)} still stand{'' if len(proud) > 1 else 's'} proud."
        if proud
        else "No metal, no turn."
    )
    return make_way(case, "leave", None, (), gist, [])


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
    return make_way(case, "rod", None, (), _rod_gist(case), why)


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
    return make_way(case, "seat", None, frets, gist, why)


def _ends(case: Case) -> Way:
    frets = tuple(
        sorted({f for ends in end_faults(case.neck_map.neck_state).values() for f in ends})
    )
    gist = f"Fret{'s' if len(frets) > 1 else ''} {listed(frets)}: the ends, not the tops."
    return make_way(case, "ends", None, frets, gist, [])


def spot_way(case: Case) -> Way:
    """Only what a rocker finds, on as few frets as will do."""
    agreed = case.agreed
    still = STILL_MM if agreed.still_mm is None else agreed.still_mm
    removal = spot_level(case.neck_tops, case.named("proud", "rocks"), still, agreed.untouched)
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    why = metal_words(case, case.neck_tops, Terms(untouched=agreed.untouched), removal)
    if not frets:
        why.append("No rocker would move: there is nothing to file.")
    elif case.unseated:
        why.append(f"Seat fret {listed(case.unseated)} first: a file would only hold it down.")
    elif case.unread:
        why.append(unread_words(case))
    until = "is still" if still <= STILL_MM else f"finds no more than {case.length(still)}"
    gist = f"File {listed(frets)} until the rocker {until}." if frets else "Nothing to file."
    return make_way(case, "spot-level", removal, frets, gist, why)
