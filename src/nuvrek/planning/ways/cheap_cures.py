"""Cheap cures first: what strings, nut, saddle, shim, rod nut and hardware can do before rod and
frets.
"""

from __future__ import annotations

import numpy as np

from nuvrek import meaning
from nuvrek.clearance.string_heights import AS_WANTED_MM, LEAST_SADDLE_MM, InnerHeight, SideHeight
from nuvrek.estimate.string_pull import forecast, forecast_tuned
from nuvrek.meaning import Saying, means
from nuvrek.mechanics.angle import at_fret_mm, at_height_fret_mm, at_saddle_mm
from nuvrek.neck.description import LANE_WORDS
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.rod.other_way import other_way
from nuvrek.readings.entries import Promise
from nuvrek.readings.rod_words import turns_words
from nuvrek.readings.told.complaint import complaint_of, parts_named

# A string pressed at 3 should clear fret 1 by about a leaf: so much is left when a slot is filed
# (common practice, no source).
NUT_LEAVES_MM = 0.05
# A zero fret stands about so much over the others (common practice, no source).
ZERO_OVER_MM = 0.13
# A heavier set pulls up to about so many times as much; more is another instrument (common
# practice, no source).
MOST_PULL = 1.3
# String heights over fret 12, low and high side, that most hands find easy and that strings of
# steel take (common practice, no source).
USUAL_HEIGHTS_MM = (2.2, 1.8)
_NUT_STOPS = ("resists", "glued", "key-slips", "out-of-reach", "whole-turn", "unanswered")


def strings(weighing: Weighing) -> Draft | None:
    """Another tuning or set where the relief is off and the neck's own pull is known."""
    case = weighing.case
    excess = case.excess_mm
    if case.neck.bare:
        return None
    if excess is None:
        return _lighter_for_the_hand(case) or _fresh(case)
    if case.neck_map.pull_mm < 0.02:
        return None
    neck, unit = case.neck, case.unit
    target = neck.relief_wanted_mm("middle")
    if excess > 0:
        tunings = [(n, forecast_tuned(case.measurer, -n)) for n in (1, 2, 3, 4)]
        near = [t for t in tunings if t[1].mm <= target + neck.relief_margin_mm]
        steps, told = near[0] if near else tunings[1]
        how = {
            1: means("ways.semitone-lower"),
            2: means("ways.tone-lower"),
            3: means("ways.three-semitones-lower"),
            4: means("ways.two-tones-lower"),
        }[steps]
        gist = means("ways.lighter-strings-or-slacker-string", how=how, detail=told.words(unit))
        if near:
            why = []
        else:
            why = [means("ways.not-enough-itself", detail=told.words(unit))]
    else:
        ratio = min(max(1.0 - excess / case.neck_map.pull_mm, 1.0), MOST_PULL)
        told = forecast(case.measurer, ratio, 0.1 * (ratio - 1.0))
        gist = means(
            "ways.heavier-strings-about-more-pull", ratio=100 * (ratio - 1), detail=told.words(unit)
        )
        enough = told.mm >= target - neck.relief_margin_mm
        if enough:
            why = []
        else:
            why = [means("ways.not-enough-itself", detail=told.words(unit))]
    promise = Promise(relief_mm=told.mm, relief_doubt_mm=told.doubt_mm)
    return Draft("strings", gist, why_not=tuple(why), promise=promise)


def _lighter_for_the_hand(case: Case) -> Draft | None:
    """Lighter strings where the relief is right but the strings lie high, or the hand is stiff."""
    high = any((side.now_mm or 0.0) > (side.wanted_mm or 99.0) for side in case.heights.sides)
    if not high and not complaint_of(case.neck_map.neck_state).heavy:
        return None
    told = forecast_tuned(case.measurer, -1)
    gist = means("ways.lighter-strings-or-semitone-lower", detail=told.words(case.unit))
    return Draft("strings", gist, promise=Promise(relief_mm=told.mm, relief_doubt_mm=told.doubt_mm))


def _fresh(case: Case) -> Draft | None:
    """A new set where the strings are old."""
    if "old strings" not in parts_named(case.neck_map.neck_state):
        return None
    return Draft("strings", means("ways.fresh-strings"))


def nut(weighing: Weighing) -> Draft | None:
    """Nut slots that are too high or too low, side by side, with what it does over fret 12."""
    case = weighing.case
    if case.neck.zero_fret:
        return None
    wrong = [f for f in case.findings if f.kind in ("nut-high", "nut-low") and f.verdict == "fault"]
    if not wrong:
        return None
    parts, heights = [], {}
    for finding in wrong:
        side = finding.lane or "bass"
        if finding.kind == "nut-low":
            # No leaf goes in: how far the slot lies under that, nothing tells.
            up = NUT_LEAVES_MM - min(max(finding.mm, 0.0), NUT_LEAVES_MM)
            parts.append(
                means(
                    "ways.raise-or-more-shim-under",
                    lane_words=LANE_WORDS[side],
                    length=case.length(1.5 * max(up, 0.02)),
                )
            )
            heights[side] = -at_fret_mm(1.5 * up, case.neck.scale_mm, case.neck.height_fret)
            continue
        down = max(finding.mm - NUT_LEAVES_MM, 0.0)
        at_12 = at_fret_mm(1.5 * down, case.neck.scale_mm, case.neck.height_fret)
        parts.append(
            means(
                "ways.down-until-left-over-fret",
                lane_words=LANE_WORDS[side],
                length=case.length(NUT_LEAVES_MM),
                height=case.height(at_12),
                fret=case.neck.height_fret,
            )
        )
        heights[side] = at_12
    low, treble = (side.now_mm for side in case.heights.sides)
    promise = Promise(
        height_low_mm=None if low is None else low - heights.get("bass", 0.0),
        height_high_mm=None if treble is None else treble - heights.get("treble", 0.0),
    )
    return Draft(
        "nut", means("ways.nut-slots", parts=meaning.listed(parts, by=";")), promise=promise
    )


def zero_fret(weighing: Weighing) -> Draft | None:
    """A zero fret that stands too high or too low over its neighbours: no nut slot mends that."""
    case = weighing.case
    if not case.neck.zero_fret:
        return None
    high = [f for f in case.findings if f.kind == "nut-high" and f.verdict == "fault"]
    low = [f for f in case.findings if f.kind == "nut-low" and f.verdict == "fault"]
    if low and not high:
        side = LANE_WORDS[low[0].lane or "bass"]
        gist = means("ways.zero-fret-low", lane_words=side, zero_over=case.length(ZERO_OVER_MM))
        return Draft("zero-fret", gist)
    if not high:
        return None
    worst = max(high, key=lambda f: f.mm)
    down = max(worst.mm - ZERO_OVER_MM, 0.0)
    return Draft(
        "zero-fret",
        means(
            "ways.zero-fret-lets-under-string",
            length=case.length(worst.mm),
            zero_over=case.length(ZERO_OVER_MM),
            down=case.length(1.5 * down),
        ),
    )


def saddle(weighing: Weighing) -> Draft | None:
    """Saddle or bridge up or down for the wanted string heights, or up until every note is clean
    over tops that are even.
    """
    case = weighing.case
    if case.neck.bare:
        return None
    off = [side for side in case.heights.sides if side.off]
    complaint = complaint_of(case.neck_map.neck_state)
    down = None if off else _down_for_hand(weighing)
    if complaint.heavy and down is not None:
        return down
    up = _up_for_clean(weighing)
    inner = case.heights.inner_off
    if not off and up is None and not inner:
        return down
    if up is not None:
        return up
    why = [
        means(
            "ways.saddle-gives-no-more-must",
            lane_words=LANE_WORDS[side.side],
            length=case.length(LEAST_SADDLE_MM),
            lacking=case.length(side.lacking_mm),
        )
        for side in off
        if side.lacking_mm > 0.0
    ]
    parts = [_saddle_move(case, side) for side in off] + [_inner_move(case, one) for one in inner]
    moves = meaning.listed(parts, by=";")
    unread = any(
        side.saddle_left_mm is None
        and side.over_bridge_mm is None
        and (side.at_saddle_mm or 0.0) > 0.0
        for side in off
    )
    also: Saying = ""
    if unread:
        also = means("ways.measure-first-how-much-saddle")
    promise = Promise(
        height_low_mm=case.heights.low.wanted_mm or case.heights.low.now_mm,
        height_high_mm=case.heights.high.wanted_mm or case.heights.high.now_mm,
    )
    return Draft(
        "saddle",
        means("ways.moves-also", moves=moves, also=also),
        why_not=tuple(why),
        promise=promise,
    )


def _up_for_clean(weighing: Weighing) -> Draft | None:
    """How far each side's saddle comes up so that every note rings clean at this touch."""
    case, (low, high) = weighing.case, weighing.case.heights.sides
    standing = case.named("proud", "rocks", "end-high", "end-up", "middle-up", "loose", "low")
    if low.now_mm is None or high.now_mm is None or standing or not case.tops_known:
        return None
    if case.relief is None:
        return None
    on = weighing.on
    lowest, _ = on.lowest_clean_mm(TOUCHES[case.neck.touch])
    need = np.maximum(lowest - on.heights_mm, 0.0)
    half = max(len(need) // 2, 1)
    ups = {"bass": float(need[:half].max()), "treble": float(need[-half:].max())}
    if max(ups.values()) <= AS_WANTED_MM:
        return None
    parts = [
        means(
            "ways.saddle-over-fret-with-length-lane-words",
            length=case.length(at_saddle_mm(up, case.neck.scale_mm, case.neck.height_fret)),
            lane_words=LANE_WORDS[side.side],
            height=case.height((side.now_mm or 0.0) + up),
            fret=case.neck.height_fret,
        )
        for side in (low, high)
        if (up := ups[side.side]) > 0.02
    ]
    gist = means("ways.raise-strings-gauge-under-each", parts=meaning.listed(parts, by=";"))
    promise = Promise(
        height_low_mm=low.now_mm + ups["bass"], height_high_mm=high.now_mm + ups["treble"]
    )
    return Draft("saddle", gist, promise=promise)


def _down_for_hand(weighing: Weighing) -> Draft | None:
    """How far each side's saddle comes down for a hand that finds the strings high, where nobody
    named a height: to what is usual, and never below what rings clean.
    """
    case, (low, high) = weighing.case, weighing.case.heights.sides
    if low.now_mm is None or high.now_mm is None or case.relief is None:
        return None
    if not complaint_of(case.neck_map.neck_state).heavy:
        return None
    lowest, _ = weighing.on.lowest_clean_mm(TOUCHES[case.neck.touch])
    half = max(len(lowest) // 2, 1)
    least = {"bass": float(lowest[:half].max()), "treble": float(lowest[-half:].max())}
    aims = {
        side.side: max(at_height_fret_mm(case.neck, usual), least[side.side] + AS_WANTED_MM)
        for side, usual in zip((low, high), USUAL_HEIGHTS_MM, strict=True)
    }
    downs = [side for side in (low, high) if (side.now_mm or 0.0) - aims[side.side] > AS_WANTED_MM]
    if not downs:
        return None
    parts = [
        means(
            "ways.saddle-over-fret-down",
            length=case.length(
                at_saddle_mm(
                    (side.now_mm or 0.0) - aims[side.side],
                    case.neck.scale_mm,
                    case.neck.height_fret,
                )
            ),
            lane_words=LANE_WORDS[side.side],
            height=case.height(aims[side.side]),
            fret=case.neck.height_fret,
        )
        for side in downs
    ]
    after = {side.side: aims[side.side] if side in downs else side.now_mm for side in (low, high)}
    promise = Promise(height_low_mm=after["bass"], height_high_mm=after["treble"])
    gist = means("ways.saddle-down-for-hand", parts=meaning.listed(parts, by=";"))
    return Draft("saddle", gist, promise=promise)


def _saddle_move(case: Case, side: SideHeight) -> Saying:
    move = side.at_saddle_mm or 0.0
    return means(
        "ways.saddle-over-fret-down" if move > 0 else "ways.saddle-over-fret-up-shimmed-if",
        length=case.length(abs(move)),
        lane_words=LANE_WORDS[side.side],
        height=case.height(side.wanted_mm or 0.0),
        fret=case.neck.height_fret,
    )


def _inner_move(case: Case, inner: InnerHeight) -> Saying:
    """One string by itself: its slot, or its own piece of the saddle."""
    apart = inner.now_mm - inner.line_mm
    at_saddle = at_saddle_mm(abs(apart), case.neck.scale_mm, case.neck.height_fret)
    return means(
        "ways.inner-string-lower" if apart > 0 else "ways.inner-string-higher",
        string=inner.string,
        apart=case.height(abs(apart)),
        fret=case.neck.height_fret,
        length=case.length(at_saddle),
    )


def shim(weighing: Weighing) -> Draft | None:
    """A bolted neck tilted in its pocket where the saddle runs out."""
    case = weighing.case
    heights = case.heights
    if heights.lacking_mm <= 0.0 or case.neck.joint != "bolted":
        return None
    gist = means(
        "ways.tilt-neck-back-shim-end-the"
        if heights.heel_mm
        else "ways.tilt-neck-back-shim-end-usual",
        angle_degrees=heights.angle_degrees,
        length=case.length(heights.at_heel_mm),
        lacking=case.length(heights.lacking_mm),
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


def rod_back(weighing: Weighing) -> Draft | None:
    """The last moves turned back, where the relief went the other way."""
    case = weighing.case
    answer = other_way(case.neck_map)
    if answer is None:
        return None
    back = turns_words(-answer.turns)
    gist = means("ways.turn-back-retune-read-again", back=back)
    return Draft("rod-back", gist)


def hardware(weighing: Weighing) -> Draft | None:
    """Noise that no height explains."""
    case = weighing.case
    noise = complaint_of(case.neck_map.neck_state).noise
    if not noise or case.neck_map.neck_state.chosen is not None or case.excess_mm is not None:
        return None
    standing = case.named("proud", "rocks", "loose", "end-up", "end-high", "middle-up", "low")
    if standing or case.has("grooves") or case.has("hump"):
        return None
    gist = means("ways.no-fret-no-relief-explains")
    return Draft("hardware", gist)


def pickups(weighing: Weighing) -> Draft | None:
    """Pickups too near the strings, where the owner speaks of them."""
    if "pickups" not in parts_named(weighing.case.neck_map.neck_state):
        return None
    return Draft("pickups", means("ways.pickups-lower"))


def intonation(weighing: Weighing) -> Draft | None:
    """The saddle's place along the strings, where notes are out of tune up the neck."""
    complaint = complaint_of(weighing.case.neck_map.neck_state)
    if weighing.case.neck.bare or not complaint.of("out of tune", "sharp", "flat"):
        return None
    return Draft("intonation", means("ways.intonation-set"))


def bridge(weighing: Weighing) -> Draft | None:
    """A bridge that floats, set again after what moved it."""
    if weighing.case.neck.bare or "floating bridge" not in parts_named(
        weighing.case.neck_map.neck_state
    ):
        return None
    return Draft("bridge", means("ways.bridge-set"))
