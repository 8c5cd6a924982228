"""The job in hand: the chosen way, its steps, and what ticking each of them writes down."""

from __future__ import annotations

from datetime import date, timedelta
from typing import TYPE_CHECKING

import msgspec
from msgspec import Struct

from nuvrek.bench.session import Session
from nuvrek.neck.description import LANES, Lane
from nuvrek.planning.crowns.crowning import frets_to_crown
from nuvrek.planning.steps.cures import Step
from nuvrek.planning.steps.steps import Doing, steps_of
from nuvrek.readings.entries import Chosen, Filed, Heated, Promise, Seated, StateChange, StepDone
from nuvrek.readings.journal import Later, NeckState

if TYPE_CHECKING:
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.planning.plan import Plan, Way

_WORTH_MM = 0.004


def choose(session: Session, plan: Plan, way: Way, neck_map: HeightMap | None = None) -> None:
    """Write down that ``way`` was chosen, with its promise, the metal it means to take and, on ``neck_map``, the order of the ink."""
    off = tuple(
        (fret + 1, LANES[k], round(float(way.off_mm[fret, k]), 4))
        for fret in range(len(way.off_mm))
        for k in range(3)
        if way.off_mm[fret, k] > _WORTH_MM
    )
    rehearsed: tuple[tuple[int, Lane], ...] = ()
    if neck_map is not None and off:
        from nuvrek.planning.filing.rehearse_way import rehearse_way

        rehearsed = rehearse_way(neck_map, way).order
    session.append(
        Chosen(
            way=way.kind,
            promise=promised(way),
            frets=way.frets,
            off=off,
            rod=plan.rod.words if plan.rod and (way.kind == "rod" or not plan.rodless) else "",
            ends=plan.ends,
            detail=way.gist[:4000],
            order=rehearsed,
            no_rod=plan.rodless,
        )
    )


def promised(way: Way) -> Promise:
    """The way's promise with what it says of clean strings."""
    if not way.lowest_mm:
        return way.promise
    (low, low_doubt), (high, high_doubt) = way.lowest_mm[0], way.lowest_mm[-1]
    return msgspec.structs.replace(
        way.promise,
        clean_low_mm=round(low, 4),
        clean_high_mm=round(high, 4),
        clean_doubt_mm=round(max(low_doubt, high_doubt), 4),
    )


def steps_in_hand(neck_state: NeckState) -> tuple[Step, ...]:
    """The steps of the chosen way, or none."""
    chosen = neck_state.chosen
    if chosen is None:
        return ()
    neck, most = neck_state.neck, [0.0] * neck_state.neck.frets
    for fret, _, mm in chosen.off:
        if fret <= neck.frets:
            most[fret - 1] = max(most[fret - 1], mm)
    doing = Doing(
        frets=chosen.frets,
        rod=chosen.rod,
        ends=chosen.ends,
        detail=chosen.detail,
        agreed=neck_state.agreed,
        crowned=frets_to_crown(neck.wire_width_mm, neck.wire_height_mm, most),
        no_rod=chosen.no_rod or neck.rod == "none",
    )
    return steps_of(chosen.way, neck, doing)


def next_step(neck_state: NeckState) -> Step | None:
    """The first step not ticked yet."""
    return next((s for s in steps_in_hand(neck_state) if s.key not in neck_state.steps_done), None)


def look_again_words(neck_state: NeckState) -> str:
    """Between which dates to look again: one to two weeks after the rod was moved or the neck heated last."""
    last = max(
        (shift.at[:10] for _, shift in neck_state.shifts if not isinstance(shift, Later)),
        default="",
    )
    try:
        day = date.fromisoformat(last)
    except ValueError:
        return ""
    return f" Between {day + timedelta(days=7)} and {day + timedelta(days=14)}."


def filed_mm(neck_state: NeckState) -> dict[tuple[int, Lane], float]:
    """Metal off each top since the way was chosen, as written down."""
    off: dict[tuple[int, Lane], float] = {}
    for work in neck_state.work:
        if work.number > neck_state.chosen_number and isinstance(work.entry, Filed):
            for fret, lane, mm in work.entry.off:
                off[fret, lane] = off.get((fret, lane), 0.0) + mm
    return off


def left_to_file(neck_state: NeckState) -> dict[tuple[int, Lane], float]:
    """What the chosen way still takes off each top, in mm."""
    done = filed_mm(neck_state)
    planned = neck_state.chosen.off if neck_state.chosen else ()
    left = {(fret, lane): mm - done.get((fret, lane), 0.0) for fret, lane, mm in planned}
    return {place: mm for place, mm in left.items() if mm > _WORTH_MM}


def still_to_file(neck_state: NeckState) -> dict[int, float]:
    """What the chosen way still takes off each fret at most, in mm, by fret."""
    most: dict[int, float] = {}
    for (fret, _), mm in left_to_file(neck_state).items():
        most[fret] = max(most.get(fret, 0.0), mm)
    return most


def log_filed(session: Session, frets: set[int] | None = None, share: float = 1.0) -> bool:
    """Write down that this share of what is left was filed as planned; False when nothing of the plan is left there."""
    chosen = session.neck_state.chosen
    if chosen is None:
        return False
    off = tuple(
        (fret, lane, round(mm * share, 4))
        for (fret, lane), mm in left_to_file(session.neck_state).items()
        if frets is None or fret in frets
    )
    if off:
        session.append(Filed(way=chosen.way, off=off))
    return bool(off)


def tick(
    session: Session, step: Step, heat: Heated | None = None, seated: Seated | None = None
) -> None:
    """Tick a step, writing down first what doing it means for the neck; ``heat`` and ``seated`` are how it was done."""
    state = session.neck_state.state
    match step.action:
        case "slack" | "pitch":
            session.append(StateChange(state=msgspec.structs.replace(state, strings=step.action)))
        case "seat":
            for fret in step.frets:
                session.append(msgspec.structs.replace(seated or Seated(fret=fret), fret=fret))
        case "heat":
            session.append(heat or Heated())
        case "file":
            log_filed(session)
        case _:
            pass
    session.append(StepDone(step=step.key))


class Advance(Struct, frozen=True):
    """How far a neck is through each stage, 0 to 1."""

    described: float
    measured: float
    mapped: float
    chosen: float
    worked: float
    proved: float


def advance_of(neck_state: NeckState) -> Advance:
    """The filling of the stage rail."""
    from nuvrek.readings.rounds import basic_round, closing_round
    from nuvrek.readings.tool_kit import Kit

    steps = steps_in_hand(neck_state)
    done = sum(s.key in neck_state.steps_done for s in steps)
    live = {one.reading.station for one in neck_state.taken}
    basic = [s for s in basic_round(neck_state.neck, Kit()) if s.kind != "state"]
    closing = [s for s in closing_round(neck_state.neck, Kit()) if s.kind != "state"]
    measured = sum(s.key in live for s in basic) / len(basic)
    proved = sum(s.key in live for s in closing) / len(closing)
    return Advance(
        1.0,
        measured,
        measured,
        float(neck_state.chosen is not None),
        done / len(steps) if steps else 0.0,
        proved,
    )
