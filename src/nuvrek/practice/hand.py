"""A hand that carries out a way on the practice bench, by strokes, turns and presses."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np

from nuvrek.neck.description import LANES
from nuvrek.planning.case.way import Way
from nuvrek.practice import actions as do
from nuvrek.practice import skills
from nuvrek.practice.desk import Desk
from nuvrek.readings.entries import SIDES
from nuvrek.simulator.living.filing import BITE_MM

# Half a bite is what a file along one fret takes at a stroke.
STROKE_MM = 0.5 * BITE_MM["fingertips"]
# A nut slot is right when so much is left over fret 1, the string held at 3 (common practice).
OVER_FIRST_MM = 0.06


def carried_out(desk: Desk, way: Way) -> bool:
    """The way done at the bench, and the neck strung up again; False for what this hand does not
    do.
    """
    doing = _BY_KIND.get(way.kind)
    if doing is None and way.metal_mm <= 0.0:
        return False
    if doing is not None:
        skills.tune(desk)
        doing(desk, way)
    else:
        _filed(desk, way)
    skills.finish(desk)
    return True


def _filed(desk: Desk, way: Way) -> None:
    """Strokes on every fret for what is to come off it, crowned, and the rod set again."""
    skills.let_down(desk)
    for fret, row in enumerate(way.off_mm, 1):
        for lane, mm in zip(LANES, row, strict=True):
            strokes = round(float(mm) / STROKE_MM)
            if strokes:
                desk.do(do.FileFret(fret=fret, where=lane, strokes=strokes))
    flat = tuple(int(f) + 1 for f in np.flatnonzero(way.off_mm.max(axis=1) >= STROKE_MM))
    if flat:
        desk.do(do.Crown(frets=flat))
    if "turns the rod" in way.record.families or way.kind == "play-clean":
        skills.tune(desk)
        _rod(desk, way.promise.relief_mm)


def _rod(desk: Desk, wanted_mm: float | None) -> None:
    neck = desk.neck.neck
    wanted = neck.relief_wanted_mm("middle") if wanted_mm is None else wanted_mm
    skills.rod_to(desk, wanted)


def _rod_only(desk: Desk, way: Way) -> None:
    _rod(desk, way.promise.relief_mm)


def _rod_nut(desk: Desk, _way: Way) -> None:
    desk.do(do.MendNut(how="clear"))
    if desk.do(do.FeelKey()).key == "chewed":
        desk.do(do.MendNut(how="renew"))


def _nut(desk: Desk, _way: Way) -> None:
    """Raised or cut until a leaf says that it is right, press 3 and look at 1."""
    for side in SIDES:
        slides, stops = skills.gap(desk, side, 0, 3, 1)
        now = 0.5 * ((slides or 0.0) + (stops or 0.0))
        x = desk.neck.x_mm
        share = 1.0 - float(x[1] / x[3])
        if abs(now - OVER_FIRST_MM) > 0.03:
            desk.do(do.NutSlot(side=side, mm=round((OVER_FIRST_MM - now) / share, 2)))


def _seat(desk: Desk, way: Way) -> None:
    skills.seat(desk, way.frets)


def _lift(desk: Desk, way: Way) -> None:
    """Out, and a piece of wire as high as its neighbours in its place."""
    skills.let_down(desk)
    for fret in way.frets:
        beside = [f for f in (fret - 1, fret + 1) if 1 <= f <= desk.neck.neck.frets]
        said = [desk.do(do.Caliper(fret=f, lane="middle")).number or 1.0 for f in beside]
        desk.do(do.Pull(frets=(fret,)))
        desk.do(do.Fit(height_mm=round(float(np.clip(np.mean(said), 0.5, 2.5)), 2)))


def _heights(desk: Desk, _way: Way) -> None:
    skills.heights(desk)


_BY_KIND: dict[str, Callable[[Desk, Way], None]] = {
    "rod": _rod_only,
    "rod-nut": _rod_nut,
    "rod-back": _rod_only,
    "nut": _nut,
    "zero-fret": _nut,
    "seat": _seat,
    "lift-fret": _lift,
    "saddle": _heights,
    "shim": _heights,
}
