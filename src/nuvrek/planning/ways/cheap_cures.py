"""Cheap cures first: what strings, nut, saddle, shim, rod nut and hardware can do before rod and
frets.
"""

from __future__ import annotations

from nuvrek import words
from nuvrek.clearance.string_heights import LEAST_SADDLE_MM, SideHeight
from nuvrek.estimate.string_pull import forecast, forecast_tuned
from nuvrek.mechanics.angle import at_fret_mm
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.readings.entries import Promise

# A string pressed at 3 should clear fret 1 by about a leaf: so much is left when a slot is filed
# (common practice, no source).
NUT_LEAVES_MM = 0.05
# A heavier set pulls up to about so many times as much; more is another instrument (common
# practice, no source).
MOST_PULL = 1.3
_NUT_STOPS = ("resists", "glued", "key-slips", "out-of-reach")
_NOISE = ("buzz", "rattle", "noise", "hum", "clatter")


def strings(weighing: Weighing) -> Draft | None:
    """Another tuning or set where the relief is off and the neck's own pull is known."""
    case = weighing.case
    excess = case.excess_mm
    if excess is None or case.neck_map.pull_mm < 0.02:
        return None
    neck, unit = case.neck, case.unit
    target = neck.relief_wanted_mm("middle")
    if excess > 0:
        tunings = [(n, forecast_tuned(case.measurer, -n)) for n in (1, 2, 3, 4)]
        near = [t for t in tunings if t[1].mm <= target + neck.relief_margin_mm]
        steps, told = near[0] if near else tunings[1]
        how = {
            1: "a semitone lower",
            2: "a tone lower",
            3: "three semitones lower",
            4: "two tones lower",
        }[steps]
        gist = f"Lighter strings, or {how}: {told.words(unit)}. A slacker string swings wider."
        why = [] if near else [f"Not enough by itself: {told.words(unit)}."]
    else:
        ratio = min(max(1.0 - excess / case.neck_map.pull_mm, 1.0), MOST_PULL)
        told = forecast(case.measurer, ratio, 0.1 * (ratio - 1.0))
        gist = f"Heavier strings, about {100 * (ratio - 1):.0f} % more pull: {told.words(unit)}."
        enough = told.mm >= target - neck.relief_margin_mm
        why = [] if enough else [f"Not enough by itself: {told.words(unit)}."]
    promise = Promise(relief_mm=told.mm, relief_doubt_mm=told.doubt_mm)
    return Draft("strings", gist, why_not=tuple(why), promise=promise)


def nut(weighing: Weighing) -> Draft | None:
    """Slots that are too high, side by side, with what filing them does over fret 12."""
    case = weighing.case
    high = [f for f in case.findings if f.kind == "nut-high" and f.verdict == "fault"]
    if not high:
        return None
    parts, heights = [], {}
    for finding in high:
        down = max(finding.mm - NUT_LEAVES_MM, 0.0)
        at_12 = at_fret_mm(1.5 * down, case.neck.scale_mm, 12)
        side = finding.lane or "bass"
        parts.append(
            f"{LANE_WORDS[side]} down until {case.length(NUT_LEAVES_MM)} are left over fret 1, "
            f"about {case.height(at_12)} less over fret 12"
        )
        heights[side] = at_12
    low, treble = (side.now_mm for side in case.heights.sides)
    promise = Promise(
        height_low_mm=None if low is None else low - heights.get("bass", 0.0),
        height_high_mm=None if treble is None else treble - heights.get("treble", 0.0),
    )
    return Draft("nut", f"Nut slots: {'; '.join(parts)}.", promise=promise)


def saddle(weighing: Weighing) -> Draft | None:
    """Saddle or bridge up or down for the wanted string heights."""
    case = weighing.case
    off = [side for side in case.heights.sides if side.off]
    if not off:
        return None
    why = [
        f"The saddle gives no more on the {LANE_WORDS[side.side]}: "
        f"{case.length(LEAST_SADDLE_MM)} of it must stay, "
        f"and {case.length(side.lacking_mm)} would be lacking: neck angle."
        for side in off
        if side.lacking_mm > 0.0
    ]
    moves = "; ".join(_saddle_move(case, side) for side in off)
    unread = any(
        side.saddle_left_mm is None
        and side.over_bridge_mm is None
        and (side.at_saddle_mm or 0.0) > 0.0
        for side in off
    )
    also = " Measure first how much of the saddle is left." if unread else ""
    promise = Promise(
        height_low_mm=case.heights.low.wanted_mm or case.heights.low.now_mm,
        height_high_mm=case.heights.high.wanted_mm or case.heights.high.now_mm,
    )
    return Draft(
        "saddle", f"{words.upper_first(moves)}.{also}", why_not=tuple(why), promise=promise
    )


def _saddle_move(case: Case, side: SideHeight) -> str:
    move = side.at_saddle_mm or 0.0
    way_words = "down" if move > 0 else "up, shimmed if it has no screw,"
    return (
        f"saddle {way_words} {case.length(abs(move))} on the {LANE_WORDS[side.side]} for "
        f"{case.height(side.wanted_mm or 0.0)} over fret 12"
    )


def shim(weighing: Weighing) -> Draft | None:
    """A bolted neck tilted in its pocket where the saddle runs out."""
    case = weighing.case
    heights = case.heights
    if heights.lacking_mm <= 0.0 or case.neck.joint != "bolted":
        return None
    gist = (
        f"Tilt the neck back by {heights.angle_degrees:.2f}°: a shim of "
        f"{case.length(heights.at_heel_mm)} at the end of "
        f"{'the' if heights.heel_mm else 'a usual'} pocket, or the tilt screw, makes up for "
        f"{case.length(heights.lacking_mm)} at the saddle."
    )
    promise = Promise(height_low_mm=heights.low.wanted_mm, height_high_mm=heights.high.wanted_mm)
    return Draft("shim", gist, promise=promise)


def rod_nut(weighing: Weighing) -> Draft | None:
    """Access and nut of the rod, before the rod itself is judged."""
    case = weighing.case
    stops = [stop for stop in case.stops if stop.kind in _NUT_STOPS]
    if not stops:
        return None
    return Draft("rod-nut", stops[0].words)


def hardware(weighing: Weighing) -> Draft | None:
    """Noise that no height explains."""
    case = weighing.case
    noise = any(word in case.neck.complaint.lower() for word in _NOISE)
    if not noise or case.neck_map.neck_state.chosen is not None or case.excess_mm is not None:
        return None
    if case.named("proud", "rocks", "loose", "end-up", "middle-up"):
        return None
    gist = (
        "No fret and no relief explains the noise: loose hardware, a slack screw, a nut slot, "
        "a string's winding."
    )
    return Draft("hardware", gist)
