"""A drafted way with its metal, its steps, its time and its promise."""

from __future__ import annotations

import msgspec
import numpy as np
from numpy.typing import NDArray

from nuvrek.meaning import Saying
from nuvrek.neck.crown import STILL_MM
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Costed, Draft
from nuvrek.planning.crowns.crowning import frets_to_crown, levels_left
from nuvrek.planning.filing.spot_program import rocks_mm
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.planning.ways.kinds import way_record
from nuvrek.readings.entries import NewWire, Promise
from nuvrek.readings.told.new_wire import new_tops_of

Array = NDArray[np.float64]


def costed(case: Case, draft: Draft) -> Costed:
    """The draft with everything that follows from its metal alone."""
    record, removal = way_record(draft.kind), draft.removal
    tops = case.neck_tops
    if removal is None:
        off = np.zeros_like(tops.tops_mm)
    else:
        off = removal.off_mm
    left = (tops.crown_mm if draft.new is None else draft.new.crown_mm) - off
    doing = _doing(case, draft, off)
    return Costed(
        kind=draft.kind,
        title=record.title,
        why_not=draft.why_not,
        gist=draft.gist,
        off_mm=off,
        left_mm=left,
        frets=draft.frets,
        steps=job_steps([record.steps(case.neck, doing)])[0],
        promise=_promise(case, draft, off, left),
        level_after=_level_after(case, draft, doing),
        strung=draft.strung,
        rod_dip_mm=0.0 if removal is None else removal.rod_dip_mm,
        weight=None if removal is None else removal.weight,
        above_mm=None if removal is None else removal.above_mm,
        levels_left=levels_left(float(left.min()), tops.least_crown_mm),
        waits=draft.waits,
        not_known=draft.not_known,
        new=draft.new,
        wear=case.wear,
        doing=doing,
    )


def _doing(case: Case, draft: Draft, off: Array) -> Doing:
    """What the steps are made from."""
    turned = case.relief_off and not case.rodless
    rod: Saying = ""
    if case.rod is not None and (turned or draft.kind == "rod"):
        rod = case.rod.words
    crowned = frets_to_crown(case.neck.wire_width_mm, case.neck.wire_height_mm, off.max(axis=1))
    return Doing(
        frets=draft.frets,
        rod=rod,
        ends=case.ends,
        detail=draft.gist,
        agreed=case.agreed,
        crowned=crowned,
        no_rod=case.rodless,
        rod_stopped=bool(case.stops) and not case.rodless,
        new_wire=_new_wire(case, draft),
        dip_mm=0.0 if draft.removal is None else draft.removal.dip_mm,
    )


def _level_after(case: Case, draft: Draft, doing: Doing) -> tuple[Step, ...]:
    """The steps of the light level on new tops; none where no new wire comes."""
    if draft.new is None:
        return ()
    level = msgspec.structs.replace(doing, crowned=draft.new.frets)
    return way_record("level").steps(case.neck, level)


def _new_wire(case: Case, draft: Draft) -> NewWire:
    """What is agreed on new wire: that of a way that brings it, or of the wire that is in by now
    and was not filed yet.
    """
    if draft.new is not None:
        return draft.new.terms
    if new_tops_of(case.neck_map.neck_state):
        return case.agreed_wire
    return NewWire()


def _promise(case: Case, draft: Draft, off: Array, left: Array) -> Promise:
    """What the way promises: its own words over what is usual for its kind."""
    if draft.promise is None:
        return _usual_promise(case, draft.kind, off, left)
    like = draft.kind if draft.new is not None else "leave"
    usual = _usual_promise(case, like, off, left)
    own = msgspec.structs.asdict(draft.promise)
    said = {name: value for name, value in own.items() if value is not None}
    rock = None
    if draft.new is not None or not off.any():
        rock = usual.largest_rock_mm
    changes = {**said, "metal_off_mm": usual.metal_off_mm, "largest_rock_mm": rock}
    return msgspec.structs.replace(usual, **changes)


def _usual_promise(case: Case, kind: str, off: Array, left: Array) -> Promise:
    families = way_record(kind).families
    low, high = (side.now_mm for side in case.heights.sides)
    relief, doubt = _relief_after(case, families)
    return Promise(
        height_low_mm=low,
        height_high_mm=high,
        relief_mm=relief,
        relief_doubt_mm=doubt,
        metal_off_mm=float(off.mean(axis=1).sum()),
        thinnest_mm=float(left.min()) if case.neck_map.crown_measured else None,
        largest_rock_mm=_rock_after(case, families, off),
    )


def _relief_after(case: Case, families: frozenset[str]) -> tuple[float | None, float | None]:
    """Relief at pitch after a way of these families, and its doubt."""
    wanted = case.neck.relief_wanted_mm("middle")
    if case.neck.bare:
        return None, None
    if "levels" in families and case.rodless:
        return wanted, case.neck_map.pull_doubt_mm
    if case.relief is None:
        return None, None
    if "turns the rod" in families and case.rod is not None and not case.rodless:
        return wanted, case.neck.relief_margin_mm
    return case.relief.mm, case.relief.doubt_mm


def _rock_after(case: Case, families: frozenset[str], off: Array) -> float | None:
    """The largest rock that stays; None where only a new reading can tell."""
    if "seats" in families:
        return None
    if "levels" in families:
        # Straight tops leave no rock; what the file leaves is what a rocker just does not feel.
        return STILL_MM
    rock = float(rocks_mm(case.neck_tops, case.neck_tops.tops_mm - off).max())
    return max(rock, 0.0)
