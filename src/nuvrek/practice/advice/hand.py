"""A hand that carries out a way on the practice bench, by strokes, turns and presses."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np

from nuvrek.neck.description import LANES
from nuvrek.planning.case.way import Plan, Way
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.readings.entries import (
    SIDES,
    AnyEntry,
    Chosen,
    Feel,
    Filed,
    RodFeel,
    RodMove,
    Seated,
    Side,
    State,
    StateChange,
    StepDone,
)
from nuvrek.readings.journal import NUT_MENDED, NUT_WORKED
from nuvrek.simulator.living.filing import BITE_MM

# Half a bite is what a file along one fret takes at a stroke.
STROKE_MM = 0.5 * BITE_MM["fingertips"]
# A nut slot is right when so much is left over fret 1, the string held at 3 (common practice).
OVER_FIRST_MM = 0.06


def carried_out(desk: Desk, way: Way, plan: Plan) -> list[AnyEntry] | None:
    """The way done at the bench, the neck strung up again, and what a journal keeps of it; None
    for what this hand does not do.
    """
    chosen = Chosen(way=way.kind, promise=way.promise, frets=way.frets)
    if way.kind == "rod-back":
        return [chosen, *_turned_back(desk)]
    if way.kind == "rod":
        if plan.rod is None:
            return None
        return [chosen, *_turned(desk, plan.rod.moves)]
    doing = _BY_KIND.get(way.kind)
    if doing is None and (way.metal_mm <= 0.0 or way.new is not None):
        return None
    entries: list[AnyEntry] = [chosen]
    if doing is not None:
        skills.tune(desk)
        entries += doing(desk, way)
    else:
        entries += filed(desk, way)
    skills.finish(desk)
    return [*entries, StateChange(state=State(strings="pitch"))]


def _turned_back(desk: Desk) -> list[AnyEntry]:
    """The last move of the rod, taken back."""
    last = next((a for a in reversed(desk.actions) if isinstance(a, do.Turn)), None)
    return _turned(desk, () if last is None else ((last.side, -last.turns),))


def _turned(desk: Desk, planned: Sequence[tuple[Side | None, float]]) -> list[AnyEntry]:
    """One move of the rod as planned, then tuned."""
    moves: list[AnyEntry] = []
    skills.tune(desk)
    for side, turns in planned:
        felt = desk.do(do.Turn(turns=turns, side=side))
        moves.append(RodMove(turns=turns, side=side, feel=_FEELS.get(felt.key, "")))
    skills.tune(desk)
    return [*moves, StateChange(state=State(strings="pitch"))]


_FEELS: dict[str, Feel] = {
    "key slips": "key slips",
    "binding": "binding",
    "at its end": "at its end",
    "slack": "slack",
}


def filed(desk: Desk, way: Way) -> list[AnyEntry]:
    """Strokes on every fret for what is to come off it, then crowned."""
    skills.let_down(desk)
    for fret, row in enumerate(way.off_mm, 1):
        for lane, mm in zip(LANES, row, strict=True):
            strokes = round(float(mm) / STROKE_MM)
            if strokes:
                desk.do(do.FileFret(fret=fret, where=lane, strokes=strokes))
    flat = tuple(int(f) + 1 for f in np.flatnonzero(way.off_mm.max(axis=1) >= STROKE_MM))
    if flat:
        desk.do(do.CrownTops(frets=flat))
    off = tuple(
        (fret, lane, round(float(mm), 4))
        for fret, row in enumerate(way.off_mm, 1)
        for lane, mm in zip(LANES, row, strict=True)
        if mm > 0.0
    )
    return [StateChange(state=State(strings="slack")), Filed(way=way.kind, off=off)]


def _rod_nut(desk: Desk, _way: Way) -> list[AnyEntry]:
    desk.do(do.MendNut(how="clear"))
    if desk.do(do.FeelKey()).key == "chewed":
        desk.do(do.MendNut(how="renew"))
    return [StepDone(step=NUT_MENDED), RodFeel(feel="free")]


def _nut(desk: Desk, _way: Way) -> list[AnyEntry]:
    """Raised or cut until a leaf says that it is right, press 3 and look at 1."""
    for side in SIDES:
        slides, stops = skills.gap(desk, side, 0, 3, 1)
        now = 0.5 * ((slides or 0.0) + (stops or 0.0))
        x = desk.neck.x_mm
        share = 1.0 - float(x[1] / x[3])
        if abs(now - OVER_FIRST_MM) > 0.03:
            desk.do(do.NutSlot(side=side, mm=round((OVER_FIRST_MM - now) / share, 2)))
    return [StepDone(step=NUT_WORKED[0])]


def _seat(desk: Desk, way: Way) -> list[AnyEntry]:
    skills.seat(desk, way.frets)
    seated = [Seated(fret=fret, glued=True, holds="holds") for fret in way.frets]
    return [StateChange(state=State(strings="slack")), *seated]


def _lift(desk: Desk, way: Way) -> list[AnyEntry]:
    """Out, and a piece of wire as high as its neighbours in its place."""
    skills.let_down(desk)
    for fret in way.frets:
        beside = [f for f in (fret - 1, fret + 1) if 1 <= f <= desk.neck.neck.frets]
        said = [desk.do(do.Caliper(fret=f, lane="middle")).number or 1.0 for f in beside]
        desk.do(do.PullFrets(frets=(fret,)))
        desk.do(do.Fit(height_mm=round(float(np.clip(np.mean(said), 0.5, 2.5)), 2)))
    seated = [Seated(fret=fret, glued=True, holds="holds") for fret in way.frets]
    return [StateChange(state=State(strings="slack")), *seated]


def _heights(desk: Desk, _way: Way) -> list[AnyEntry]:
    skills.heights(desk)
    return []


_BY_KIND: dict[str, Callable[[Desk, Way], list[AnyEntry]]] = {
    "rod-nut": _rod_nut,
    "nut": _nut,
    "zero-fret": _nut,
    "seat": _seat,
    "lift-fret": _lift,
    "saddle": _heights,
    "shim": _heights,
}
