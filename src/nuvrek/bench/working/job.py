"""The job in hand: the chosen way, its steps, and what ticking each of them writes down."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from datetime import date, timedelta
from typing import TYPE_CHECKING, assert_never

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.session import Refused, Session
from nuvrek.bench.working.agreement import waiting, waiting_words
from nuvrek.bench.working.fret_table import rest_entries
from nuvrek.bench.working.fret_table import waiting as frets_waiting
from nuvrek.bench.working.moments import minutes_between
from nuvrek.meaning import Saying, means, written
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import LANES, MOST_LETTERS, Lane, NeckDescription
from nuvrek.planning.agreement.needs import Need
from nuvrek.planning.crowns.crowning import frets_to_crown
from nuvrek.planning.steps.job import job_steps, with_extras
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.planning.ways.kinds import of_family, steps_of
from nuvrek.readings.entries import (
    MOST_MINUTES_COLD,
    Agreed,
    AnyEntry,
    Chosen,
    Filed,
    FretWork,
    Heated,
    NewWire,
    OthersFirm,
    Promise,
    Seated,
    StateChange,
    StepDone,
    Trued,
)
from nuvrek.readings.entry import Removals
from nuvrek.readings.journal import Later, NeckState
from nuvrek.readings.refret.stages import SWEEPS
from nuvrek.readings.shop.entries import Pause
from nuvrek.readings.stations import with_strings
from nuvrek.readings.told.what_was_read import unpressed

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.planning.plan import Plan, Way


def choose(session: Session, solved: Solved, way: Way) -> None:
    """Write down that ``way`` of a solved neck was chosen.

    Raises LogbookError, also where the way was weighed on another neck or an older journal.
    """
    chosen = chosen_entry(solved, way, solved.map)
    agreed = () if way.new is None else (way.new.terms,)
    session.append(*agreed, chosen, on=solved.identity)


def chosen_entry(solved: Solved, way: Way, neck_map: HeightMap) -> Chosen:
    """A way as it is written down: its promise, its metal, and the order of the ink on
    ``neck_map``.
    """
    plan = solved.plan
    assert plan is not None
    # What a level takes off wire that is not in yet is weighed again once it is.
    planned = way.off_mm * (way.new is None)
    off = tuple(
        (fret + 1, LANES[k], round(float(planned[fret, k]), 4))
        for fret in range(len(planned))
        for k in range(3)
        if planned[fret, k] > WORTH_FILING_MM
    )
    turned = plan.rod is not None and (way.kind == "rod" or not plan.rodless)
    return Chosen(
        way=way.kind,
        promise=promised(way),
        frets=way.frets,
        off=off,
        rod=written(plan.rod.words) if plan.rod is not None and turned else "",
        ends=plan.ends,
        detail=written(way.gist)[:MOST_LETTERS],
        order=_ink_order(neck_map, way) if off else (),
        no_rod=plan.rodless,
        rod_stopped=bool(plan.stops) and not plan.rodless,
        dip_mm=round(max(-2.0, min(way.doing.dip_mm, 2.0)), 4),
        nut=written(way.doing.nut)[:MOST_LETTERS],
        saddle=written(way.doing.saddle)[:MOST_LETTERS],
        course=following(plan, way.kind),
    )


def following(plan: Plan, kind: str) -> tuple[str, ...]:
    """The ways of the course that come after one of its own; none after another way, but the level
    that all new wire needs.
    """
    kinds = [leg.way for leg in plan.course]
    if kind not in kinds and of_family(kind, "new wire"):
        return ("level",)
    if kind in kinds:
        return tuple(kinds[kinds.index(kind) + 1 :])
    return ()


def _ink_order(neck_map: HeightMap, way: Way) -> tuple[tuple[int, Lane], ...]:
    """The order in which the tool takes the ink off the tops."""
    from nuvrek.planning.filing.rehearse_way import rehearse_way

    return rehearse_way(neck_map, way).order


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
    neck = neck_state.neck
    doing = doing_of(neck, chosen, neck_state.agreed, _new_wire_of(neck_state, chosen))
    steps = steps_of(chosen.way, neck, doing)
    pressed = not unpressed(neck_state) and "press" not in neck_state.steps_done
    gone = {"press"} if pressed else set()
    # What the ways that follow do as well is theirs, once.
    ahead = [steps_of(kind, neck, Doing()) for kind in chosen.course]
    if not chosen.course:
        steps = with_extras(steps, neck_state.dealings.extras)
    mine = job_steps([steps, *ahead])[0]
    if _off_already(mine, neck_state):
        gone.add("slacken")
    return tuple(step for step in mine if step.key not in gone)


def _off_already(steps: Sequence[Step], neck_state: NeckState) -> bool:
    """Whether the strings were off when the way was taken up: nobody takes them off again."""
    keys = [step.key for step in steps]
    if "slacken" not in keys or "slacken" in neck_state.steps_done:
        return False
    after = keys[keys.index("slacken") + 1 :]
    began = any(key in neck_state.steps_done for key in after)
    return began or neck_state.state.strings == "slack"


def doing_of(neck: NeckDescription, chosen: Chosen, agreed: Agreed, terms: NewWire) -> Doing:
    """What the steps of a chosen way are made from."""
    most = [0.0] * neck.frets
    for fret, _, mm in chosen.off:
        if fret <= neck.frets:
            most[fret - 1] = max(most[fret - 1], mm)
    return Doing(
        frets=chosen.frets,
        rod=chosen.rod,
        ends=chosen.ends,
        detail=chosen.detail,
        agreed=agreed,
        crowned=frets_to_crown(neck.wire_width_mm, neck.wire_height_mm, most),
        no_rod=chosen.no_rod or neck.rod == "none",
        rod_stopped=chosen.rod_stopped,
        new_wire=terms,
        dip_mm=chosen.dip_mm,
        nut=chosen.nut,
        saddle=chosen.saddle,
    )


def _new_wire_of(neck_state: NeckState, chosen: Chosen) -> NewWire:
    """What is agreed on new wire where the way in hand brings it, or files it first."""
    fitted = any(isinstance(work.entry, FretWork) for work in neck_state.work)
    if of_family(chosen.way, "new wire") or (fitted and of_family(chosen.way, "levels")):
        return neck_state.new_wire
    return NewWire()


def steps_ahead(neck_state: NeckState) -> tuple[Step, ...]:
    """The steps that are still to be ticked: those after the last that was. What this program asks
    for today, and did not when the job was walked, is not asked for afterwards.
    """
    steps, done = steps_in_hand(neck_state), neck_state.steps_done
    last = max((n for n, step in enumerate(steps) if step.key in done), default=-1)
    return steps[last + 1 :]


def next_step(neck_state: NeckState) -> Step | None:
    """The first step not ticked yet."""
    return next(iter(steps_ahead(neck_state)), None)


def look_again_words(neck_state: NeckState, today: str) -> Saying:
    """Between which dates to look again: one to two weeks after the rod was moved or the neck
    heated last; nothing once they have passed.
    """
    last = max(
        (shift.at[:10] for _, shift in neck_state.shifts if not isinstance(shift, Later)),
        default="",
    )
    try:
        day, now = date.fromisoformat(last), date.fromisoformat(today[:10])
    except ValueError:
        return ""
    first, until = day + timedelta(days=7), day + timedelta(days=14)
    if until < now:
        return ""
    return means("work.between", day=max(first, now), until=until)


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
    planned: tuple[tuple[int, Lane, float], ...] = ()
    if neck_state.chosen:
        planned = neck_state.chosen.off
    left = {(fret, lane): mm - done.get((fret, lane), 0.0) for fret, lane, mm in planned}
    return {place: mm for place, mm in left.items() if mm > WORTH_FILING_MM}


def still_to_file(neck_state: NeckState) -> dict[int, float]:
    """What the chosen way still takes off each fret at most, in mm, by fret."""
    most: dict[int, float] = {}
    for (fret, _), mm in left_to_file(neck_state).items():
        most[fret] = max(most.get(fret, 0.0), mm)
    return most


def log_filed(session: Session, frets: set[int] | None = None, share: float = 1.0) -> bool:
    """Write down that this share of what is left was filed as planned.

    False when nothing of the plan is left there.
    """
    filed = _filed_as_planned(session.neck_state, frets, share)
    if filed is not None:
        session.append(filed)
    return filed is not None


def _filed_as_planned(
    neck_state: NeckState, frets: set[int] | None = None, share: float = 1.0
) -> Filed | None:
    if neck_state.chosen is None:
        return None
    off = tuple(
        (fret, lane, round(mm * share, 4))
        for (fret, lane), mm in left_to_file(neck_state).items()
        if frets is None or fret in frets
    )
    if off:
        return Filed(way=neck_state.chosen.way, off=off)
    return None


def asked_first(neck_state: NeckState, step: Step) -> Saying:
    """What the hand is asked before a step at single frets is ticked: of which of them nothing was
    said yet. Nothing where every fret was spoken of, and at other steps.
    """
    if rest := frets_waiting(neck_state, step):
        return means(
            "work.nothing-said-yet-fret-deviates",
            frets=meaning.frets(rest),
            fine=SWEEPS[step.sweep].fine if step.sweep else "",
        )
    left: tuple[int, ...] = ()
    if step.action == "press":
        left = unpressed(neck_state)
    if not left:
        return ""
    return means("work.nobody-has-pressed-yet-one", frets=meaning.frets(left))


def tick(
    session: Session,
    step: Step,
    heat: Heated | None = None,
    seated: Seated | None = None,
    wood: Removals = (),
    grips: Mapping[int, float] | None = None,
) -> None:
    """Tick a step with what doing it means for the neck, as one act.

    ``heat`` and ``seated`` are how it was done, ``wood`` what the block was to take off,
    ``grips`` how fat the tangs were to be by fret. Raises LogbookError, and then nothing is
    ticked.
    """
    needs: tuple[Need, ...] = ()
    if session.asked:
        needs = waiting(session.neck_state, step)
    if needs:
        raise Refused(means("work.not-ticked", waiting_words=waiting_words(needs)))
    cooled = _cooled(session.neck_state, heat or Heated(), session.time_now())
    done = _done_by(
        session.neck_state,
        step,
        cooled,
        seated=seated or Seated(fret=1),
        wood=wood,
        grips=grips or {},
    )
    session.append(*done, StepDone(step=step.key))


def _done_by(
    neck_state: NeckState,
    step: Step,
    heat: Heated,
    seated: Seated,
    wood: Removals,
    grips: Mapping[int, float],
) -> list[AnyEntry]:
    """What doing a step means for the neck."""
    done: list[AnyEntry] = []
    state = neck_state.state
    match step.action:
        case "slack" | "pitch":
            strung = msgspec.structs.replace(state, strings=step.action)
            done.append(StateChange(state=with_strings(state, strung)))
        case "seat":
            done.extend(msgspec.structs.replace(seated, fret=fret) for fret in step.frets)
        case "heat":
            done.append(heat)
        case "file":
            filed = _filed_as_planned(neck_state)
            done.extend([filed] if filed is not None else [])
        case "press":
            left = unpressed(neck_state)
            done.extend([OthersFirm(frets=left, state=state)] if left else [])
        case "frets":
            done.extend(rest_entries(neck_state, step, grips))
        case "wood":
            done.extend([Trued(off=wood)] if wood else [])
        case "jig":
            held = msgspec.structs.replace(state, strings="slack", posture="jig")
            done.append(StateChange(state=held))
        case "block":
            done.append(StateChange(state=msgspec.structs.replace(state, posture="blocked")))
        case "release":
            free = msgspec.structs.replace(state, strings="pitch", posture="lying")
            done.append(StateChange(state=free))
        case "tick" | "rod" | "measure" | "cut":
            pass
        case _:
            assert_never(step.action)
    return done


# Ticked sooner than this after the heat, the steps were only caught up with.
COOLS_MIN = 30.0


def _cooled(neck_state: NeckState, heat: Heated, at: str) -> Heated:
    """How long it lay is known from the step before; what was written goes before it."""
    hot = neck_state.steps_done.get("heat", "")
    lay = minutes_between(hot, at)
    if heat.minutes_cold is not None or lay is None or not COOLS_MIN <= lay <= MOST_MINUTES_COLD:
        return heat
    return msgspec.structs.replace(heat, minutes_cold=round(lay))


def leave_or_take_up(session: Session) -> Saying:
    """Leave the step in hand for something else, or take it up again; says which. Raises
    LogbookError.
    """
    if session.neck_state.left_at:
        session.append(Pause(what="taken up"))
        return means("work.taken-up-again-time-between")
    session.append(Pause(what="left"))
    return means("work.left-now-space-takes-up")


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
    live = {taken.reading.station for taken in neck_state.taken}
    basic = [s for s in basic_round(neck_state.neck, Kit()) if s.kind != "state"]
    closing = [s for s in closing_round(neck_state.neck, Kit()) if s.kind != "state"]
    # A round half done fills half of its mark on the rail.
    measured = sum(s.key in live for s in basic) / len(basic)
    proved = sum(s.key in live for s in closing) / len(closing)
    return Advance(
        1.0,
        measured,
        measured,
        chosen=float(neck_state.chosen is not None),
        worked=done / len(steps) if steps else 0.0,
        proved=proved,
    )
