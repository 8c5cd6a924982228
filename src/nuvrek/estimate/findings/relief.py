"""Relief against what is wanted, and back bow."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek import words
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking, sure_words
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap, Relief
from nuvrek.estimate.measurer import Measurer, Part
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import StringGap
from nuvrek.units import Unit, format_length, format_number

Array = NDArray[np.float64]

# From here on the neck is said to stand up in the middle (common practice, no source).
BACK_BOW_MM = -0.02


def find_relief(looking: Looking) -> list[Finding]:
    """Relief against what is wanted, or back bow, on each side where they differ."""
    neck_map, unit = looking.neck_map, looking.unit
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
    wanted = (
        f"{format_number(target - margin, unit)} to {format_length(target + margin, unit)} is "
        "wanted"
    )
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
            "relief",
            None,
            lane,
            relief.mm,
            sure,
            words.upper_first(f"{between}; {wanted}."),
            head,
            "over",
        )
    if relief.mm < max(target - margin, 0.0):
        sure = float(ndtr((target - margin - relief.mm) / sd))
        head = f"Relief {format_length(relief.mm, unit)}{where}: less than wanted"
        text = words.upper_first(f"{between}; {wanted}. No fault if it plays clean.")
        return Finding("relief", None, lane, relief.mm, sure, text, head, "under")
    inside = ndtr((target + margin - relief.mm) / sd) - ndtr((target - margin - relief.mm) / sd)
    head = f"Relief {format_length(relief.mm, unit)}{where}: as wanted"
    return Finding(
        "relief",
        None,
        lane,
        relief.mm,
        float(inside),
        words.upper_first(f"{between}."),
        head,
        "good",
    )


def _lowest(neck_map: HeightMap, lane: Lane | None) -> int:
    """The fret between fret 1 and the joint where the wood lies deepest at pitch."""
    wood = neck_map.wood["pitch"][0][: neck_map.neck.joint_fret]
    line = wood[:, LANES.index(lane)] if lane is not None else wood[:, [0, 2]].mean(axis=1)
    return int(np.argmin(line)) + 1


def relief_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The dip a finding of relief rests on, and its size over what would be as wanted."""
    row, mm = bow_height(measurer, finding)
    return row, mm - measurer.map.neck.relief_wanted_mm(finding.lane or "middle")


def bow_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The dip itself: a back bow would be no finding at nil."""
    neck = measurer.map.neck
    middle = measurer.nearest(1, neck.joint_fret, 0.5)
    lanes = (0, 2) if finding.lane is None else (LANES.index(finding.lane),)
    parts: list[Part] = [
        (fret, lane, weight / len(lanes))
        for lane in lanes
        for fret, lane, weight in measurer.chord(1, neck.joint_fret, middle, lane)
    ]
    measured = measurer.of("wood", parts, "pitch")
    return measured.row, measured.mm
