"""What the height map says, in the words of the trade."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek.estimate.findings.by_hand_and_eye import find_observed
from nuvrek.estimate.findings.finding import Finding, FindingKind
from nuvrek.estimate.findings.seasons import find_seasons
from nuvrek.estimate.findings.shapes import find_shapes
from nuvrek.estimate.findings.witnesses_and_odd import find_odd, with_witnesses
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap, Relief
from nuvrek.estimate.measurer import measurer_of
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import CrownHeight, StringGap
from nuvrek.units import Unit, format_length, format_number

Array = NDArray[np.float64]

# A fret is called proud from here on; common practice, no source: a rocker that moves under a thin leaf.
PROUD_MM = 0.05
PROUD_CERTAIN_MM = 0.02
ROCKING_MM = 0.02
ALIKE_MM = 0.035
LOW_MM = 0.04
END_UP_MM = 0.06
BACK_BOW_MM = -0.02


_ORDER: tuple[FindingKind, ...] = (
    "odd", "rod-stop", "nut-low", "back-bow", "relief", "s-shape", "loose", "end-up", "middle-up", "proud", "rocks",
    "thin-crown", "hump", "tongue", "uneven-sides", "nut-high", "grooves", "flats", "low", "uneven-crowns", "fret-ends",
    "air", "fall-away", "pull", "rod-kind", "seasons",
)  # fmt: skip


def sure_words(sure: float) -> str:
    """A probability in plain words."""
    if sure >= 0.97:
        return "Sure."
    if sure >= 0.85:
        return "Almost sure."
    if sure >= 0.65:
        return "Likely."
    return "Perhaps: measure again."


def find(neck_map: HeightMap, unit: Unit = Unit.MM) -> tuple[Finding, ...]:
    """All findings, gravest first. ``unit`` is the unit of the sentences."""
    observed = find_observed(neck_map.neck_state, unit)
    loose = {f.fret for f in observed if f.kind == "loose"}
    # A fret that moves under a finger stands anyhow: what rocks there is no second fault.
    proud = [f for f in _proud(neck_map, unit) if f.fret not in loose]
    found = [
        *_relief_findings(neck_map, unit),
        *proud,
        *_low(neck_map, unit, {f.fret for f in proud} | loose),
        *_thin(neck_map, unit),
        *observed,
        *find_odd(neck_map, unit),
        *find_seasons(neck_map, unit),
    ]
    measurer = measurer_of(neck_map)
    # Proud and low frets are named one by one; what is left says whether the crowns are uneven besides.
    named = {
        f.fret for f in found if f.kind in ("proud", "rocks", "low", "end-up", "middle-up", "loose")
    }
    found += (f for f in find_shapes(measurer, unit) if f.kind != "uneven-crowns" or not named)
    return tuple(with_witnesses(measurer, finding) for finding in sorted(found, key=_gravity))


def _gravity(finding: Finding) -> tuple[int, float]:
    good = finding.verdict == "good"
    return (len(_ORDER) if good else _ORDER.index(finding.kind), -abs(finding.mm))


# --- relief ---------------------------------------------------------------


def _relief_findings(neck_map: HeightMap, unit: Unit) -> list[Finding]:
    known = [
        lane for lane, ok in zip(LANES, neck_map.known, strict=True) if ok and lane != "middle"
    ]
    sides = [neck_map.relief_at(lane, "pitch") for lane in known]
    sides = [r for r in sides if r.doubt_mm < 0.15]
    if not sides:
        return []
    if len(sides) == 2 and abs(sides[0].mm - sides[1].mm) < 0.05:
        mean = Relief(
            "bass", "pitch", 0.5 * (sides[0].mm + sides[1].mm), max(r.doubt_mm for r in sides)
        )
        return [_relief_finding(neck_map, mean, None, unit)]
    return [_relief_finding(neck_map, r, r.lane, unit) for r in sides]


def _relief_finding(neck_map: HeightMap, relief: Relief, lane: Lane | None, unit: Unit) -> Finding:
    target, margin = (
        neck_map.neck.relief_wanted_mm(lane or "middle"),
        neck_map.neck.relief_margin_mm,
    )
    sd = relief.doubt_mm / NINE_IN_TEN
    where = "" if lane is None else f" on the {LANE_WORDS[lane]}"
    between = (
        f"between {format_number(relief.mm - relief.doubt_mm, unit)} and "
        f"{format_length(relief.mm + relief.doubt_mm, unit)} with the strings at pitch"
    )
    wanted = f"{format_number(target - margin, unit)} to {format_length(target + margin, unit)} is wanted"
    if relief.mm < BACK_BOW_MM:
        sure = float(ndtr(-relief.mm / sd))
        head = f"Back bow{where}: {format_length(-relief.mm, unit)}"
        nut = any(
            isinstance(r.reading, StringGap) and r.reading.low_support == 0
            for r in neck_map.neck_state.taken
        )
        also = "" if nut else " A low nut feels the same: press at 3, look at 1."
        text = f"The neck stands up in the middle under string tension.{also} {sure_words(sure)}"
        return Finding("back-bow", None, lane, relief.mm, sure, text, head)
    if relief.mm > target + margin:
        sure = float(ndtr((relief.mm - target - margin) / sd))
        between += f", lowest at fret {_lowest(neck_map, lane)}"
        head = f"Relief {format_length(relief.mm, unit)}{where}: more than wanted"
        return Finding(
            "relief", None, lane, relief.mm, sure, _sentence(f"{between}; {wanted}."), head, "over"
        )
    if relief.mm < max(target - margin, 0.0):
        sure = float(ndtr((target - margin - relief.mm) / sd))
        head = f"Relief {format_length(relief.mm, unit)}{where}: less than wanted"
        text = _sentence(f"{between}; {wanted}. No fault if it plays clean.")
        return Finding("relief", None, lane, relief.mm, sure, text, head, "under")
    inside = ndtr((target + margin - relief.mm) / sd) - ndtr((target - margin - relief.mm) / sd)
    head = f"Relief {format_length(relief.mm, unit)}{where}: as wanted"
    return Finding(
        "relief", None, lane, relief.mm, float(inside), _sentence(f"{between}."), head, "good"
    )


def _sentence(text: str) -> str:
    return text[:1].upper() + text[1:]


def _lowest(neck_map: HeightMap, lane: Lane | None) -> int:
    """The fret between fret 1 and the joint where the wood lies deepest at pitch."""
    wood = neck_map.wood["pitch"][0][: neck_map.neck.joint_fret]
    line = wood[:, LANES.index(lane)] if lane is not None else wood[:, [0, 2]].mean(axis=1)
    return int(np.argmin(line)) + 1


# --- frets ----------------------------------------------------------------


def rise_over_neighbours(neck_map: HeightMap) -> tuple[Array, Array]:
    """How far each crown stands over the higher of its two neighbours, and the standard deviation of that.

    Shapes (frets, 3), in mm; the first and last fret have one neighbour only.
    Counted from the smooth neck, so that relief does not pass for a proud fret.
    """
    return _over_neighbours(neck_map, 1.0)


def _over_neighbours(neck_map: HeightMap, sign: float) -> tuple[Array, Array]:
    d = sign * neck_map.deviation_mm
    frets = len(d)
    rise = np.full((frets, 3), -np.inf)
    sd = np.full((frets, 3), np.inf)
    covariance = neck_map.deviation_covariance
    for fret in range(frets):
        for k in range(3):
            here = fret * 3 + k
            for other in (fret - 1, fret + 1):
                if not 0 <= other < frets:
                    continue
                there = other * 3 + k
                gap = d[fret, k] - d[other, k]
                if rise[fret, k] == -np.inf or gap < rise[fret, k]:
                    variance = (
                        covariance[here, here]
                        + covariance[there, there]
                        - 2.0 * covariance[here, there]
                    )
                    rise[fret, k], sd[fret, k] = gap, np.sqrt(max(variance, 1e-12))
    return rise, sd


def _explained_by_low(neck_map: HeightMap, rise: Array) -> Array:
    """Where a rise is better explained by one low fret between two that rise alike; bool, (frets, 3).

    A low fret makes both its neighbours rock by the same amount. One fault is likelier than two
    equal ones with a fret between them.
    """
    explained = np.zeros(rise.shape, dtype=bool)
    d = neck_map.deviation_mm
    for low in range(1, len(rise) - 1):
        left, right = rise[low - 1], rise[low + 1]
        both = (
            (left >= ROCKING_MM)
            & (right >= ROCKING_MM)
            & (np.abs(left - right) < ALIKE_MM)
            & (d[low] < 0)
        )
        explained[low - 1] |= both
        explained[low + 1] |= both
    return explained


def proud_chance(neck_map: HeightMap) -> Array:
    """The probability that each top stands proud, (frets, 3); nil where one low fret explains the rise."""
    rise, sd = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, rise), -np.inf, rise)
    return np.asarray(ndtr((rise - PROUD_CERTAIN_MM) / sd))


def _proud(neck_map: HeightMap, unit: Unit) -> list[Finding]:
    rise, _ = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, rise), -np.inf, rise)
    sure = proud_chance(neck_map)
    found = []
    for fret in range(1, len(rise) - 1):
        lanes = [
            k
            for k in range(3)
            if neck_map.known[k] and sure[fret, k] >= 0.5 and rise[fret, k] >= PROUD_MM
        ]
        rocking = [
            k
            for k in range(3)
            if (fret + 1, LANES[k]) in neck_map.rocks_unmeasured and rise[fret, k] >= ROCKING_MM
        ]
        if lanes:
            found.append(_proud_finding(neck_map, fret, lanes, rise, sure, unit))
        elif rocking:
            found.append(_rocking_finding(fret, rocking, rise, sure))
    return found


def _proud_finding(
    neck_map: HeightMap, fret: int, lanes: list[int], rise: Array, sure: Array, unit: Unit
) -> Finding:
    worst = max(lanes, key=lambda k: rise[fret, k])
    size, p = float(rise[fret, worst]), float(sure[fret, worst])
    named = tuple(LANES[k] for k in lanes)
    n = fret + 1
    # A middle that rocks too, measured or not, speaks for a fret that is proud all across.
    middle_rocks = (n, "middle") in neck_map.rocks_unmeasured
    if lanes in ([0], [2]) and size - max(rise[fret, 1], 0.0) >= END_UP_MM and not middle_rocks:
        end = "low" if lanes == [0] else "high"
        text = f"{format_length(size, unit)}. Look for light under it: press it home before any filing. {sure_words(p)}"
        return Finding(
            "end-up",
            n,
            LANES[worst],
            size,
            p,
            text,
            f"Fret {n} is up at its {end} end",
            lanes=named,
        )
    if lanes == [1] and size - max(rise[fret, 0], rise[fret, 2], 0.0) >= END_UP_MM:
        text = f"{format_length(size, unit)}. Look for light under its middle: press the whole fret home. {sure_words(p)}"
        return Finding(
            "middle-up", n, "middle", size, p, text, f"Fret {n} is up in its middle", lanes=named
        )
    place = "all across" if len(lanes) == 3 else " and ".join(LANE_WORDS[lane] for lane in named)
    text = (
        f"Over both its neighbours, {place}.{_by_caliper(neck_map, n, size, unit)} {sure_words(p)}"
    )
    head = f"Fret {n} stands proud by {format_length(size, unit)}"
    return Finding("proud", n, LANES[worst], size, p, text, head, lanes=named)


def _by_caliper(neck_map: HeightMap, fret: int, rise_mm: float, unit: Unit) -> str:
    """What a crown reading at a proud fret says: tall metal, metal that is not seated, or the wood under it."""
    read = [
        one.reading.height_mm
        for one in neck_map.neck_state.taken
        if isinstance(one.reading, CrownHeight)
        and one.reading.fret == fret
        and one.surface.get((fret, one.reading.lane), 0)
        == neck_map.neck_state.surface.get((fret, one.reading.lane), 0)
    ]
    if not read:
        return ""
    taller = float(np.mean(read)) - float(np.median(neck_map.crown_mm))
    if taller >= 0.5 * rise_mm:
        return f" By caliper {format_length(taller, unit)} taller than the rest: look for light under it first."
    if taller <= 0.25 * rise_mm:
        return " By caliper no taller than the rest: it is the wood that rises here."
    return ""


def _rocking_finding(fret: int, lanes: list[int], rise: Array, sure: Array) -> Finding:
    worst = max(lanes, key=lambda k: rise[fret, k])
    p = float(sure[fret, worst])
    named = tuple(LANES[k] for k in lanes)
    where = " and ".join(LANE_WORDS[lane] for lane in named)
    text = f"Marked {where}, not measured: it is proud, or a neighbour is low. A leaf under the rocker tells."
    size = float(rise[fret, worst])
    return Finding(
        "rocks", fret + 1, LANES[worst], size, p, text, f"Fret {fret + 1} rocks", lanes=named
    )


def _low(neck_map: HeightMap, unit: Unit, proud_frets: set[int | None]) -> list[Finding]:
    drop, sd = _over_neighbours(neck_map, -1.0)
    found = []
    for fret in range(1, len(drop) - 1):
        if {fret, fret + 2} & proud_frets:
            continue
        lanes = [k for k in range(3) if neck_map.known[k] and drop[fret, k] >= LOW_MM]
        if lanes:
            worst = max(lanes, key=lambda k: drop[fret, k])
            size = float(drop[fret, worst])
            p = float(ndtr((size - PROUD_CERTAIN_MM) / sd[fret, worst]))
            text = f"Its neighbours rock over it; they are not proud themselves. {sure_words(p)}"
            head = f"Fret {fret + 1} is low by {format_length(size, unit)}"
            lanes_named = tuple(LANES[k] for k in lanes)
            found.append(
                Finding("low", fret + 1, LANES[worst], -size, p, text, head, lanes=lanes_named)
            )
    return found


def _thin(neck_map: HeightMap, unit: Unit) -> list[Finding]:
    if not neck_map.crown_measured:
        return []
    least = neck_map.neck.least_crown_mm
    thinnest = neck_map.crown_mm.min(axis=1)
    fret = int(np.argmin(thinnest))
    mm = float(thinnest[fret])
    if mm >= least:
        return []
    lane = int(np.argmin(neck_map.crown_mm[fret]))
    sd = float(neck_map.crown_doubt_mm[fret, lane]) / NINE_IN_TEN
    p = float(ndtr((least - mm) / sd))
    few = int(np.sum(thinnest < least))
    text = f"{few} {'fret is' if few == 1 else 'frets are'} below the {format_length(least, unit)} you keep. {sure_words(p)}"
    return [
        Finding(
            "thin-crown",
            fret + 1,
            LANES[lane],
            mm,
            p,
            text,
            f"Fret {fret + 1} has {format_length(mm, unit)} of crown left",
        )
    ]
