"""What air and season do to this neck: the board against its frets since the first visit, and
relief against moisture.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.model.evidence import chord_gap
from nuvrek.meaning import means
from nuvrek.mechanics.beam import bend_profile
from nuvrek.mechanics.moisture import equilibrium_moisture_percent, width_change_mm
from nuvrek.neck.board import end_mm, middle_fret, width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import Air, Filed, Gap, StringGap
from nuvrek.readings.journal import NeckState
from nuvrek.units import Unit, format_length

# Fewer visits, or air that hardly changed, say nothing.
LEAST_VISITS, LEAST_SPREAD_PERCENT = 3, 1.0
# What a percent of moisture does to the relief of a neck nobody followed, mm, and what else moves
# it from visit to visit (common practice, no source).
PER_PERCENT_MM, VISIT_MM = 0.05, 0.03
# A room whose temperature nobody read.
USUAL_C = 20.0
# A board narrower by so much leaves its fret ends to be felt (common practice, no source).
FELT_MM = 0.08


@dataclass(frozen=True, slots=True)
class AirVisit:
    """A day on which the air was read: the moisture wood settles at in it, and the relief at
    pitch, if that was read.
    """

    day: str
    moisture_percent: float
    relief_mm: float | None


@dataclass(frozen=True, slots=True)
class Trend:
    """Relief gained per percent of moisture, with its doubt (nine in ten), from so many visits."""

    mm_per_percent: float
    doubt_mm: float
    visits: int


def visits(neck_map: HeightMap) -> tuple[AirVisit, ...]:
    """The days with readings of the air, in order. Relief is that of the string gaps, as with
    the rod where it is now.
    """
    by_day: dict[str, list[float]] = {}
    air: dict[str, tuple[float, float]] = {}
    neck_state = neck_map.neck_state
    since = max((w.number for w in neck_state.work if isinstance(w.entry, Filed)), default=0)
    for taken in neck_state.taken:
        day = taken.reading.at[:10]
        match taken.reading:
            case Air(temperature_c=warm, humidity_percent=damp) if day:
                before = air.get(day, (USUAL_C, float("nan")))
                air[day] = (
                    before[0] if warm is None else warm,
                    before[1] if damp is None else damp,
                )
            case StringGap(by="string", state=state) as gap if day and taken.number > since:
                mm = _amount_mm(gap)
                if (
                    state.strings == "pitch"
                    and mm is not None
                    and _over_the_neck(gap, neck_state.neck)
                ):
                    turned = state.rod_turns - neck_state.state.rod_turns
                    as_now = (
                        _as_relief_mm(gap, mm, neck_state.neck) + turned * neck_map.rod_mm_per_turn
                    )
                    by_day.setdefault(day, []).append(as_now)
            case _:
                pass
    air_visits = []
    for day, (warm, damp) in sorted(air.items()):
        if np.isfinite(damp) and damp <= 99.0 and -10.0 <= warm <= 60.0:
            mms = by_day.get(day)
            air_visits.append(
                AirVisit(
                    day,
                    equilibrium_moisture_percent(warm, damp),
                    float(np.mean(mms)) if mms else None,
                )
            )
    return tuple(air_visits)


def _amount_mm(gap: Gap) -> float | None:
    if gap.gap_mm is not None:
        return gap.gap_mm
    if gap.slides_mm is not None and gap.drags_mm is not None:
        return 0.5 * (gap.slides_mm + gap.drags_mm)
    return None


def _over_the_neck(gap: StringGap, neck: NeckDescription) -> bool:
    low, high = gap.low_support, gap.high_support
    return (
        low is not None
        and high is not None
        and 1 <= low < gap.fret < high <= neck.joint_fret
        and high - low > 6
    )


def _as_relief_mm(gap: StringGap, mm: float, neck: NeckDescription) -> float:
    """The gap carried to the usual place of relief along the shape a neck bends in."""
    x, bend = place_row_mm(neck), bend_profile(neck)
    here = sum(
        w * bend[f] for f, w in chord_gap(x, gap.low_support or 1, gap.high_support or 1, gap.fret)
    )
    there = sum(w * bend[f] for f, w in chord_gap(x, 1, neck.joint_fret, middle_fret(neck)))
    return mm * float(there / here)


def trend(seen: tuple[AirVisit, ...]) -> Trend | None:
    """Relief against moisture: Bayesian straight line (Rasmussen and Williams, section 2.1);
    None while too little was seen.
    """
    read = [visit for visit in seen if visit.relief_mm is not None]
    if len(read) < LEAST_VISITS:
        return None
    damp = np.array([visit.moisture_percent for visit in read])
    if damp.max() - damp.min() < LEAST_SPREAD_PERCENT:
        return None
    relief = np.array([visit.relief_mm for visit in read], dtype=np.float64)
    # The level is free: a slope about the means, with a prior on the slope alone.
    away, off = damp - damp.mean(), relief - relief.mean()
    precision = float(away @ away) / VISIT_MM**2 + 1.0 / PER_PERCENT_MM**2
    slope = float(away @ off) / VISIT_MM**2 / precision
    return Trend(slope, NINE_IN_TEN / float(np.sqrt(precision)), len(read))


def find_seasons(looking: Looking) -> list[Finding]:
    """The board against its frets since the first visit, and what moisture does to the relief."""
    neck_map, unit = looking.neck_map, looking.unit
    seen = visits(neck_map)
    return [*_board(neck_map.neck_state, seen, unit), *_relief(seen, unit)]


def _board(neck_state: NeckState, seen: tuple[AirVisit, ...], unit: Unit) -> list[Finding]:
    if len(seen) < 2:
        return []
    first, last = seen[0], seen[-1]
    wide = width_mm(neck_state.neck, 0.8 * end_mm(neck_state.neck))
    changes = width_change_mm(
        wide, neck_state.neck.wood, first.moisture_percent, last.moisture_percent
    )
    least, most = sorted(abs(mm) for mm in changes)
    if most < FELT_MM:
        return []
    dry = last.moisture_percent < first.moisture_percent
    head = means(
        "findings.board-about-than-narrower" if dry else "findings.board-about-than-wider",
        least=format_length(0.5 * (least + most), unit),
        day=first.day,
    )
    if dry:
        what = means("findings.fret-ends-come-out-half")
    else:
        what = means("findings.fret-ends-go-glue-lines")
    text = means(
        "findings.reckoned-from-air-moisture-between",
        moisture_percent=first.moisture_percent,
        other_moisture_percent=last.moisture_percent,
        least=format_length(least, unit),
        most=format_length(most, unit),
        what=what,
    )
    return [
        Finding(
            "air",
            None,
            None,
            mm=most,
            sure=0.8,
            text=text,
            headline=head,
            verdict="fault" if dry else "good",
        )
    ]


def _relief(seen: tuple[AirVisit, ...], unit: Unit) -> list[Finding]:
    found = trend(seen)
    if found is None or abs(found.mm_per_percent) < found.doubt_mm:
        return []
    head = means(
        "findings.neck-relief-per-percent-moisture-gains"
        if found.mm_per_percent > 0
        else "findings.neck-relief-per-percent-moisture-loses",
        mm_per_percent=format_length(abs(found.mm_per_percent), unit),
    )
    text = means(
        "findings.from-visits-give-or-take",
        visits=found.visits,
        doubt_mm=format_length(found.doubt_mm, unit),
    )
    return [
        Finding(
            "seasons",
            None,
            None,
            mm=found.mm_per_percent,
            sure=1.0,
            text=text,
            headline=head,
            verdict="good",
        )
    ]
