"""The ways forward on the same footing, and the one advised."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.planning.levelling import (
    STILL_MM,
    WORTH_FILING_MM,
    Removal,
    Surface,
    level_all,
    rocks_mm,
    spot_level,
)
from nuvrek.planning.relief import relief_now
from nuvrek.planning.rod import RodPlan, plan_rod, rod_reach_mm
from nuvrek.planning.rodstops import RodStop, rod_stops
from nuvrek.planning.steps import Step, steps_of
from nuvrek.planning.titles import TITLES
from nuvrek.readings.kinds import EndFault, Promise, WayKind
from nuvrek.surface.finding import Finding
from nuvrek.surface.heightmap import HeightMap, Relief
from nuvrek.surface.observed import end_faults
from nuvrek.surface.unknowns import bend_shape
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# Spot work is for a handful: about a quarter of the frets or fewer (common practice, no source).
FEW_SHARE = 0.25
# Crown to spare above the least before a bow is dressed into the frets (common practice, no source).
SPARE_CROWN_MM = 0.05


@dataclass(frozen=True)
class Way:
    """One way forward with what it costs and promises. ``off_mm``, ``left_mm``: (frets, 3), mm."""

    kind: WayKind
    title: str
    possible: bool
    why_not: tuple[str, ...]
    gist: str
    off_mm: Array
    left_mm: Array
    frets: tuple[int, ...]
    steps: tuple[Step, ...]
    promise: Promise
    minutes: int

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


@dataclass(frozen=True)
class Plan:
    """All ways, the advised one and why."""

    advice: WayKind
    reasons: tuple[str, ...]
    ways: tuple[Way, ...]
    rod: RodPlan | None
    largest_rock_now_mm: float
    ends: tuple[EndFault, ...] = ()
    stops: tuple[RodStop, ...] = ()

    def way(self, kind: WayKind) -> Way:
        """The way of that kind."""
        return next(w for w in self.ways if w.kind == kind)


@dataclass(frozen=True)
class _Case:
    """What the ways have in common."""

    neck_map: HeightMap
    findings: tuple[Finding, ...]
    surface: Surface
    relief: Relief | None
    rod: RodPlan | None
    unit: Unit
    stops: tuple[RodStop, ...]
    ends: tuple[EndFault, ...]

    @property
    def unseated(self) -> tuple[int, ...]:
        """Frets to be pressed home before any file touches them."""
        return self.named("end-up", "middle-up", "loose")

    def named(self, *kinds: str) -> tuple[int, ...]:
        return tuple(sorted({f.fret for f in self.findings if f.kind in kinds and f.fret is not None}))

    @property
    def relief_off(self) -> bool:
        return self.rod is not None

    def length(self, mm: float) -> str:
        return format_length(mm, self.unit)


def make_plan(neck_map: HeightMap, findings: tuple[Finding, ...], unit: Unit = Unit.MM) -> Plan:
    """Weigh all ways for a mapped neck. ``unit`` is the unit of the sentences."""
    low, high = rod_reach_mm(neck_map.neck)
    surface = Surface(
        neck_map.x_mm,
        neck_map.tops_slack_mm,
        neck_map.crown_mm,
        bend_shape(neck_map.neck)[1:],
        neck_map.neck.joint_fret,
        neck_map.neck.least_crown_mm,
        low,
        high,
    )
    faults = tuple(sorted({fault for _, fault in end_faults(neck_map.present)}))
    case = _Case(
        neck_map,
        findings,
        surface,
        relief_now(neck_map),
        plan_rod(neck_map),
        unit,
        rod_stops(neck_map),
        faults,
    )
    dressed = (_ends(case),) if faults else ()
    ways = (_leave(case), _rod(case), _seat(case), *dressed, _spot(case), _level(case))
    advice, reasons = _advise(case, {w.kind: w for w in ways})
    rock = float(rocks_mm(surface, surface.tops_mm).max())
    return Plan(advice, tuple(reasons), ways, case.rod, rock, faults, case.stops)


# --- the ways -------------------------------------------------------------


def _way(
    case: _Case, kind: WayKind, removal: Removal | None, frets: tuple[int, ...], gist: str, why_not: list[str]
) -> Way:
    off = np.zeros_like(case.surface.tops_mm) if removal is None else removal.off_mm
    left = case.surface.crown_mm - off
    turn = case.rod.words if case.rod else "No turn is needed for the relief."
    steps = steps_of(kind, case.neck_map.neck, frets, turn, rod_needed=case.relief_off, ends=case.ends)
    return Way(
        kind,
        TITLES[kind],
        not why_not,
        tuple(why_not),
        gist,
        off,
        left,
        frets,
        steps,
        _promise(case, kind, off, left),
        sum(s.minutes for s in steps if s.key != "look-again"),
    )


def _promise(case: _Case, kind: WayKind, off: Array, left: Array) -> Promise:
    relief, doubt = (None, None) if case.relief is None else (case.relief.mm, case.relief.doubt_mm)
    if kind in ("rod", "spot-level", "level") and case.rod is not None and relief is not None:
        relief, doubt = case.neck_map.neck.relief_wanted_mm("middle"), case.neck_map.neck.relief_margin_mm
    if kind == "level" and case.neck_map.neck.rod == "none":
        relief, doubt = case.neck_map.neck.relief_wanted_mm("middle"), case.neck_map.pull_doubt_mm
    rock = float(rocks_mm(case.surface, case.surface.tops_mm - off).max())
    if kind == "level":
        # Straight tops leave no rock; what the file leaves is what a rocker just does not feel.
        rock = STILL_MM
    return Promise(
        relief_mm=relief,
        relief_doubt_mm=doubt,
        metal_off_mm=float(off.mean(axis=1).sum()),
        thinnest_mm=float(left.min()) if case.neck_map.crown_measured else None,
        largest_rock_mm=None if kind == "seat" else max(rock, 0.0),
    )


def _leave(case: _Case) -> Way:
    proud = case.named("proud")
    gist = (
        f"Fret{'s' if len(proud) > 1 else ''} {_and(proud)} still stand{'' if len(proud) > 1 else 's'} proud."
        if proud
        else "No metal, no turn."
    )
    return _way(case, "leave", None, (), gist, [])


def _rod(case: _Case) -> Way:
    neck = case.neck_map.neck
    why = []
    if neck.rod == "none":
        why.append("This neck has no rod.")
    elif case.relief is None:
        why.append("The relief at pitch is not known well enough: take a string gap on both sides.")
    elif case.rod is None:
        why.append(f"Relief is already as wanted: {case.length(case.relief.mm)}.")
    elif case.stops:
        why.extend(stop.words for stop in case.stops)
    elif neck.rod == "one-way" and case.rod.turns < 0 and case.relief.mm < 0:
        why.append(
            "Back bow, and a one-way rod only takes relief out: it helps only if it can still be let go."
        )
    gist = "The relief needs no turn."
    if case.rod is not None:
        gist = f"{case.rod.words} Forecast {case.length(case.rod.after_move_mm)} after it, give or take {case.length(case.rod.after_move_doubt_mm)}."
    return _way(case, "rod", None, (), gist, why)


def _seat(case: _Case) -> Way:
    frets = case.unseated
    why = [] if frets else ["No fret stands off the wood by these readings."]
    gist = (
        f"Press fret{'s' if len(frets) > 1 else ''} {_and(frets)} home, then read again."
        if frets
        else "Nothing to press home."
    )
    return _way(case, "seat", None, frets, gist, why)


def _ends(case: _Case) -> Way:
    frets = tuple(sorted({f for ends in end_faults(case.neck_map.present).values() for f in ends}))
    gist = f"Fret{'s' if len(frets) > 1 else ''} {_and(frets)}: the ends, not the tops."
    return _way(case, "ends", None, frets, gist, [])


def _spot(case: _Case) -> Way:
    removal = spot_level(case.surface, case.named("proud", "rocks"))
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    why = _short(case, removal)
    if not frets:
        why.append("No rocker would move: there is nothing to file.")
    elif case.unseated:
        why.append(f"Seat fret {_and(case.named('end-up'))} first: a file would only hold it down.")
    gist = f"File {_and(frets)} until the rocker is still." if frets else "Nothing to file."
    return _way(case, "spot-level", removal, frets, gist, why)


def _level(case: _Case) -> Way:
    neck = case.neck_map.neck
    # Without a rod the slack tops must dip by what the strings will not add themselves.
    dip = neck.relief_wanted_mm("middle") - case.neck_map.pull_mm if neck.rod == "none" else 0.0
    removal = level_all(case.surface, neck.fall_away_mm, dip)
    frets = tuple(range(1, neck.frets + 1))
    why = _short(case, removal)
    if case.unseated:
        why.append(f"Seat fret {_and(case.named('end-up'))} first: a file would only hold it down.")
    if neck.rod == "none":
        gist = f"Filed as it lies to {case.length(abs(dip))} of {'dip' if dip >= 0 else 'crest'}: the strings do the rest."
    else:
        gist = "Every top touched on a straight neck."
    return _way(case, "level", removal, frets, gist, why)


def _short(case: _Case, removal: Removal) -> list[str]:
    if removal.possible:
        return []
    worst = sorted(removal.short, key=lambda s: -s[1])[:4]
    named = "; ".join(f"fret {fret} lacks {case.length(mm)}" for fret, mm in worst)
    return [f"Too little metal for {case.length(case.surface.least_crown_mm)} of crown: {named}."]


def _and(frets: tuple[int, ...]) -> str:
    if len(frets) <= 1:
        return "".join(str(f) for f in frets)
    if len(frets) > 7:
        return f"{len(frets)} of them"
    return ", ".join(str(f) for f in frets[:-1]) + f" and {frets[-1]}"


# --- the advice -----------------------------------------------------------


def _advise(case: _Case, ways: dict[WayKind, Way]) -> tuple[WayKind, list[str]]:
    reasons = _what_is_known(case)
    proud, sprung, rocking = case.named("proud"), case.unseated, case.named("rocks")
    few = round(FEW_SHARE * case.neck_map.neck.frets)
    if sprung:
        loose = case.named("loose")
        how = "moves or stands off the wood" if loose == sprung else "looks sprung at one end"
        reasons.append(f"Fret {_and(sprung)} {how}. Seat before filing; it rises again otherwise.")
        return "seat", reasons
    if not proud:
        if rocking:
            reasons.append(
                f"{len(rocking)} rocking places were not measured. A leaf under the rocker decides what they are."
            )
        return _without_proud(case, ways, reasons)
    if ways["spot-level"].possible and len(ways["spot-level"].frets) <= few:
        reasons.append(
            f"{len(proud)} proud fret{'s' if len(proud) > 1 else ''}, a quarter of the neck or fewer: file {_and(ways['spot-level'].frets)} only."
        )
        return "spot-level", reasons
    if ways["level"].possible:
        reasons.append(
            f"Too many frets to file one by one ({len(ways['spot-level'].frets)}): one level brings all tops together."
        )
        return "level", reasons
    if ways["spot-level"].possible:
        reasons.append("A full level would leave too little metal; spot work still fits.")
        return "spot-level", reasons
    reasons.append("Not enough metal to file what is proud. New wire for those frets is the honest cure.")
    return "leave", reasons


def _without_proud(case: _Case, ways: dict[WayKind, Way], reasons: list[str]) -> tuple[WayKind, list[str]]:
    over = [f for f in case.findings if f.kind == "relief" and f.verdict == "over"]
    bowed = [f for f in case.findings if f.kind == "back-bow"]
    if (over or bowed) and ways["rod"].possible:
        reasons.append("No fret is proud beyond doubt: the rod comes before the file.")
        return "rod", reasons
    if (over or bowed) and case.neck_map.neck.rod == "none":
        return _without_rod(case, ways["level"], reasons)
    if case.ends:
        reasons.append("The tops ask for nothing; the fret ends do.")
        return "ends", reasons
    reasons.append(
        "Nothing here asks for metal. Strings, nut and saddle first if it does not play as wished."
    )
    return "leave", reasons


def _without_rod(case: _Case, level: Way, reasons: list[str]) -> tuple[WayKind, list[str]]:
    spare = float(level.left_mm.min()) - case.surface.least_crown_mm
    if level.possible and spare >= SPARE_CROWN_MM:
        reasons.append(
            f"No rod: dressing the relief into the frets costs {case.length(level.metal_mm)} of metal and leaves enough."
        )
        return "level", reasons
    reasons.append(
        "No rod, and the frets can't pay for dressing the bow out: leave it, or have the neck itself seen to."
    )
    return "leave", reasons


def _what_is_known(case: _Case) -> list[str]:
    reasons = []
    if case.neck_map.left_out:
        count = len(case.neck_map.left_out)
        what = "reading names frets" if count == 1 else "readings name frets"
        reasons.append(f"{count} {what} this neck, as described, doesn't have: kept, but not used.")
    if case.relief is None:
        reasons.append("Relief at pitch is not known yet.")
    else:
        neck = case.neck_map.neck
        state = (
            "more than wanted"
            if case.relief.mm > neck.relief_wanted_mm("middle") + neck.relief_margin_mm
            else "less than wanted"
        )
        state = (
            state
            if case.rod
            or (neck.rod == "none" and abs(case.relief.mm - neck.relief_wanted_mm("middle")) > neck.relief_margin_mm)
            else "as wanted"
        )
        reasons.append(
            f"Relief at pitch {case.length(case.relief.mm)}, give or take {case.length(case.relief.doubt_mm)}: {state}."
        )
    if not case.neck_map.crown_measured:
        reasons.append("No crown height was measured: metal left is counted from the wire as described.")
    return reasons
