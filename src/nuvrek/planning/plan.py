"""The ways forward on the same footing: each drafted by its builder, costed, doubted, and one
advised.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from importlib import import_module

from msgspec import structs

from nuvrek import patience
from nuvrek.clearance.string_heights import heights_of
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.agreement.bounds import bounded, named_above, within_budget
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.costing import costed
from nuvrek.planning.case.course import Leg
from nuvrek.planning.case.trial import Trial
from nuvrek.planning.case.way import Draft, Plan, Way
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.causes.weigh import diagnose
from nuvrek.planning.filing.clean_program import MetalCurve
from nuvrek.planning.filing.spot_program import rocks_mm
from nuvrek.planning.filing.tops import neck_tops_of
from nuvrek.planning.forecast.doubt import doubts_of
from nuvrek.planning.forecast.follow_words import follow_words
from nuvrek.planning.forecast.string_height import lowest_of
from nuvrek.planning.forecast.strings_after import (
    follow_of,
    promised_strings,
    strings_after,
    with_strings,
)
from nuvrek.planning.forecast.trials import alternatives, bench_of, better, tried
from nuvrek.planning.judgement.accounts import settle
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.judge import judge
from nuvrek.planning.judgement.known import what_is_known
from nuvrek.planning.money.prices import PriceList
from nuvrek.planning.rod.move import plan_rod
from nuvrek.planning.rod.relief import relief_now
from nuvrek.planning.rod.stop_rules import rod_stops
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.ways.just_clean import clean_basis_of, clean_curve
from nuvrek.planning.ways.kinds import WAYS, WayRecord, way_title
from nuvrek.readings.entries import Filed
from nuvrek.readings.told.observed import end_faults
from nuvrek.units import Unit

__all__ = ["Plan", "Way", "case_of", "drafted", "make_plan", "whole"]


def make_plan(
    neck_map: HeightMap,
    findings: tuple[Finding, ...],
    unit: Unit = Unit.MM,
    draw: bool = True,
    height_unit: Unit = Unit.MM,
    prices: PriceList | None = None,
) -> Plan:
    """Weigh all ways for a mapped neck, and ``draw`` metal against string height.

    ``unit`` is the unit of the sentences, ``height_unit`` that of string heights in them. What
    costs more by ``prices`` than the owner's budget is out.
    """
    weighing = Weighing(case_of(neck_map, findings, unit, height_unit))
    case = weighing.case
    drafts = (drafted(record, weighing) for record in WAYS.values())
    ways = tuple(
        within_budget(case, way, prices or PriceList())
        for way in whole(weighing, tuple(bounded(case, d) for d in drafts if d is not None))
    )
    grounds = Grounds(weighing, {way.kind: way for way in ways})
    diagnosis = diagnose(grounds)
    grounds = replace(grounds, diagnosis=diagnosis)
    judged = _above_budget(judge(grounds), ways)
    course, trial, beside = _tried(weighing, grounds, judged)
    reasons: list[Saying] = [*what_is_known(case), course[0].why]
    rock = float(rocks_mm(case.neck_tops, case.neck_tops.tops_mm).max())
    return Plan(
        advice=course[0].way,
        reasons=tuple(reasons),
        ways=ways,
        rod=case.rod,
        largest_rock_now_mm=rock,
        ends=case.ends,
        stops=case.stops,
        rodless=case.rodless,
        curve=_curve(weighing) if draw else None,
        course=course,
        diagnosis=diagnosis,
        accounts=settle(course, grounds),
        trial=trial,
        beside=beside,
    )


# After these nobody can say how the tops stand before they were read again.
_READ_ANEW = ("seat", "lift-fret", "read", "refer", "rod-back", "rod-nut", "heat", "new-neck")


def _above_budget(course: tuple[Leg, ...], ways: tuple[Way, ...]) -> tuple[Leg, ...]:
    """The course, its first leg with what only the budget stands against, and its price."""
    above = min(named_above(ways), key=lambda way: way.minutes, default=None)
    if above is None:
        return course
    named = means("rules.named-above-budget", title=above.title, why=above.why_not[0])
    first = structs.replace(course[0], unless=sentences(course[0].unless, named))
    return (first, *course[1:])


def _tried(
    weighing: Weighing, grounds: Grounds, course: tuple[Leg, ...]
) -> tuple[tuple[Leg, ...], Trial | None, tuple[Trial, ...]]:
    """The course as tried on necks the readings allow, another filing in it where that ends clean
    so much more often; and what stands beside it.
    """
    bench = None
    if not any(leg.way in _READ_ANEW for leg in course):
        bench = bench_of(weighing)
    if bench is None:
        return course, None, ()
    trial = tried(bench, [grounds.ways[leg.way] for leg in course])
    filing = next((leg for leg in course if leg.rule == "marks-and-proud"), None)
    possible = [way for way in grounds.ways.values() if way.possible]
    # Tops that were filed once are brought to their end by little: metal never comes back.
    filed = any(isinstance(w.entry, Filed) for w in weighing.case.neck_map.neck_state.work)
    if filing is not None and filing.way in ("spot-level", "play-clean") and not filed:
        other = better(bench, trial, possible)
        if other is not None:
            course = tuple(
                filing_instead(leg, other, trial) if leg is filing else leg for leg in course
            )
            trial = tried(bench, [grounds.ways[leg.way] for leg in course])
    return course, trial, alternatives(bench, possible, [leg.way for leg in course])


def filing_instead(leg: Leg, other: Trial, trial: Trial) -> Leg:
    """The leg with another way that files, and why."""
    why = means(
        "rules.tried-ends-clean-oftener",
        clean=other.clean,
        drawn=len(other.cells),
        before=trial.clean,
        title=way_title(other.ways[0]),
    )
    return structs.replace(leg, way=other.ways[0], why=sentences(leg.why, why))


def drafted(record: WayRecord, weighing: Weighing) -> Draft | None:
    """The way of a record on this neck, or None where the readings do not speak of it."""
    patience.ask()
    module, name = record.builder.split(":")
    build: Callable[[Weighing], Draft | None] = getattr(import_module(module), name)
    return build(weighing)


def whole(weighing: Weighing, drafts: tuple[Draft, ...], doubted: bool = True) -> tuple[Way, ...]:
    """The drafts as whole ways; their doubt, the slower part, can be left out."""
    case = weighing.case
    costs = [costed(case, draft) for draft in drafts]
    lowest = lowest_of(weighing, costs)
    doubts = doubts_of(weighing, costs) if doubted else {}
    return tuple(
        strung(
            weighing, Way(**vars(cost), lowest=lowest.get(cost.kind), doubt=doubts.get(cost.kind))
        )
        for cost in costs
    )


def strung(weighing: Weighing, way: Way) -> Way:
    """The way with what it does to every string, and the steps and promise that follow of it."""
    case = weighing.case
    strings = strings_after(weighing, way)
    if not strings:
        return way
    follow = follow_of(case, way, strings)
    nut, saddle = follow_words(case, follow)
    doing = structs.replace(way.doing, nut=nut, saddle=saddle)
    steps = way.steps
    level_after = way.level_after
    if nut or saddle:
        steps = job_steps([way.record.steps(case.neck, doing)])[0]
        if level_after:
            after = structs.replace(doing, crowned=way.frets)
            level_after = WAYS["level"].steps(case.neck, after)
    promise = with_strings(way.promise, promised_strings(case, way, strings, follow))
    return replace(
        way,
        strings=strings,
        follow=follow,
        doing=doing,
        steps=steps,
        level_after=level_after,
        promise=promise,
    )


def _curve(weighing: Weighing) -> MetalCurve | None:
    basis = clean_basis_of(weighing)
    if basis is None:
        return None
    return clean_curve(weighing.case, basis)


def case_of(
    neck_map: HeightMap,
    findings: tuple[Finding, ...],
    unit: Unit = Unit.MM,
    height_unit: Unit = Unit.MM,
) -> Case:
    """What all ways on a mapped neck have in common."""
    stops = rod_stops(neck_map)
    return Case(
        neck_map,
        findings,
        neck_tops_of(neck_map),
        relief=None if neck_map.neck.bare else relief_now(neck_map),
        rod=None if stops or neck_map.neck.bare else plan_rod(neck_map),
        unit=unit,
        stops=stops,
        ends=tuple(sorted({fault for _, fault in end_faults(neck_map.neck_state)})),
        heights=heights_of(neck_map.neck_state),
        height_unit=height_unit,
    )
