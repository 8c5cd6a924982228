"""Single frets: proud, low, rocking, up at an end, worn thin."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek import words
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking, sure_words
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.readings.entries import CrownHeight
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# A fret is called proud from here on; common practice, no source: a rocker that moves under a thin
# leaf.
PROUD_MM = 0.05
PROUD_CERTAIN_MM = 0.02
ROCKING_MM = 0.02
ALIKE_MM = 0.035
LOW_MM = 0.04
END_UP_MM = 0.06


def rise_over_neighbours(neck_map: HeightMap) -> tuple[Array, Array]:
    """How far each crown stands over the higher of its two neighbours, and the standard deviation
    of that.

    Shapes (frets, 3), in mm; the first and last fret have one neighbour only. Counted from the
    smooth neck, so that relief does not pass for a proud fret.
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
                # The smaller of the two gaps counts: proud is what stands over both neighbours.
                if rise[fret, k] == -np.inf or gap < rise[fret, k]:
                    variance = (
                        covariance[here, here]
                        + covariance[there, there]
                        - 2.0 * covariance[here, there]
                    )
                    rise[fret, k], sd[fret, k] = gap, np.sqrt(max(variance, 1e-12))
    return rise, sd


def _explained_by_low(neck_map: HeightMap, rise: Array) -> Array:
    """Where a rise is better explained by one low fret between two that rise alike; bool, (frets,
    3).

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
    """The probability that each top stands proud, (frets, 3); nil where one low fret explains
    the rise.
    """
    rise, sd = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, rise), -np.inf, rise)
    return np.asarray(ndtr((rise - PROUD_CERTAIN_MM) / sd))


def find_proud(looking: Looking) -> list[Finding]:
    """Frets that stand proud, rock unmeasured, or are up at an end or in the middle.

    A fret that moves under a finger stands anyhow: what rocks there is no second fault.
    """

    def find() -> list[Finding]:
        found = _proud(looking.neck_map, looking.unit)
        return [one for one in found if one.fret not in looking.loose]

    return looking.once("proud", find)


def _proud(neck_map: HeightMap, unit: Unit) -> list[Finding]:
    over, _ = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, over), -np.inf, over)
    sure = proud_chance(neck_map)
    found = []
    for fret in range(1, len(rise) - 1):
        # A bare mark says that it rocks, not by how much: that is a finding of its own.
        marked = [k for k in range(3) if (fret + 1, LANES[k]) in neck_map.rocks_unmeasured]
        lanes = [
            k
            for k in range(3)
            if k not in marked
            and neck_map.known[k]
            and sure[fret, k] >= 0.5
            and rise[fret, k] >= PROUD_MM
        ]
        rocking = [k for k in marked if np.isfinite(rise[fret, k])]
        if lanes:
            found.append(_proud_finding(neck_map, fret, lanes, over, sure, unit))
        elif rocking:
            found.append(_rocking_finding(fret, rocking, rise, sure))
    return found


def _proud_finding(
    neck_map: HeightMap, fret: int, lanes: list[int], rise: Array, sure: Array, unit: Unit
) -> Finding:
    """One fret proud on ``lanes``; ``rise`` counts the other lanes as well, also where a low
    neighbour explains them.

    A middle that rises with its ends is not down: the fret is not sprung there, whatever explains
    the rise.
    """
    worst = max(lanes, key=lambda k: rise[fret, k])
    size, p = float(rise[fret, worst]), float(sure[fret, worst])
    named = tuple(LANES[k] for k in lanes)
    n = fret + 1
    # A middle that rocks too, measured or not, speaks for a fret that is proud all across.
    middle_rocks = (n, "middle") in neck_map.rocks_unmeasured
    if lanes in ([0], [2]) and size - max(rise[fret, 1], 0.0) >= END_UP_MM and not middle_rocks:
        end = "low" if lanes == [0] else "high"
        text = (
            f"{format_length(size, unit)}. Look for light under it: press it home before any "
            f"filing. {sure_words(p)}"
        )
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
        text = (
            f"{format_length(size, unit)}. Look for light under its middle: press the whole "
            f"fret home. {sure_words(p)}"
        )
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
    """What a crown reading at a proud fret says: tall metal, metal that is not seated, or the
    wood under it.
    """
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
    # The median, for a few worn or tall crowns must not move the measure.
    taller = float(np.mean(read)) - float(np.median(neck_map.crown_mm))
    if taller >= 0.5 * rise_mm:
        return (
            f" By caliper {format_length(taller, unit)} taller than the rest: look for light "
            "under it first."
        )
    if taller <= 0.25 * rise_mm:
        return " By caliper no taller than the rest: it is the wood that rises here."
    return ""


def _rocking_finding(fret: int, lanes: list[int], rise: Array, sure: Array) -> Finding:
    worst = max(lanes, key=lambda k: rise[fret, k])
    p = float(sure[fret, worst])
    named = tuple(LANES[k] for k in lanes)
    where = " and ".join(LANE_WORDS[lane] for lane in named)
    text = (
        f"Marked {where}, not measured: it is proud, or a neighbour is low. A leaf under the "
        "rocker tells."
    )
    size = float(rise[fret, worst])
    return Finding(
        "rocks", fret + 1, LANES[worst], size, p, text, f"Fret {fret + 1} rocks", lanes=named
    )


def find_low(looking: Looking) -> list[Finding]:
    """Frets lower than both neighbours, where those are not proud or loose themselves."""
    return looking.once("low", lambda: _low(looking))


def _low(looking: Looking) -> list[Finding]:
    neck_map, unit = looking.neck_map, looking.unit
    proud_frets = {one.fret for one in find_proud(looking)} | looking.loose
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


def find_thin(looking: Looking) -> list[Finding]:
    """The thinnest crown, where it is under the least that is kept."""
    neck_map, unit = looking.neck_map, looking.unit
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
    below = words.count(few, "fret is", "frets are")
    text = f"{below} below the {format_length(least, unit)} you keep. {sure_words(p)}"
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


def over_neighbours_height(measurer: Measurer, finding: Finding) -> tuple[Array, float] | None:
    """How far the top of a fret stands over the line of its neighbours."""
    fret, lane = finding.fret or 0, LANES.index(finding.lane or "bass")
    if not 2 <= fret < measurer.map.neck.frets:
        return None
    chord = measurer.chord(fret - 1, fret + 1, fret, lane)
    measured = measurer.of("tops", [(f, k, -weight) for f, k, weight in chord])
    return measured.row, measured.mm


def thin_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """How far a crown stands over the least that is kept."""
    row, mm = crown_height(measurer, finding)
    neck = measurer.map.neck
    return row, mm + neck.wire_height_mm - neck.least_crown_mm


def crown_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """How far a crown stands over the wire as described."""
    place = (finding.fret or 1, LANES.index(finding.lane or "bass"), 1.0)
    measured = measurer.of("crown", [place])
    return measured.row, measured.mm - measurer.map.neck.wire_height_mm
