"""A course tried on necks drawn from what the readings allow: how often every note rings clean at
the end, and what it costs.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek import patience
from nuvrek.clearance.room import Strung
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.trial import Trial
from nuvrek.planning.case.way import Way
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.forecast.doubt import WORST_COMES_TRUE
from nuvrek.planning.forecast.string_height import less_relief_mm
from nuvrek.planning.rod.relief import relief_row, wanted_relief
from nuvrek.readings.entries import WayKind

Array = NDArray[np.float64]

# So many necks are drawn, always the same ones: the same readings give the same count.
DRAWN, SEED = 48, 33
# So many of them are most.
MOST = 0.85
# What a hand leaves: a filed top as its worst note has it, relief set by a rod, a string height set
# at the saddle, one standard deviation (measured on made-up necks that share nothing with the map).
FILED_SD_MM, ROD_SD_MM, SADDLE_SD_MM = 0.022, 0.03, 0.03
# What is off alike on all strings of a neck: the string height as read, the touch as described, one
# standard deviation (measured likewise).
ALL_SD_MM = 0.16
# A file takes the ink off what it is led over: of what the map did not know so much stays there
# (measured on made-up necks that share nothing with the map).
STAYS_FILED = 0.25
# Over so little less than its lowest clean height a string still rings clean for the ear.
PASSES_MM = 0.06


@dataclass(frozen=True)
class Bench:
    """The drawn necks of one weighing: how far each is off the map on every string's tops,
    (drawn, strings, frets + 1), and in its relief, (drawn,), mm.
    """

    weighing: Weighing
    apart_mm: Array
    relief_off_mm: Array
    hand: Array  # standard normal numbers, (drawn, strings, frets + 1)
    turns: Array  # the same, (drawn, 2)
    heights_mm: tuple[float, float]


def bench_of(weighing: Weighing) -> Bench | None:
    """The necks to try on; None while relief or string heights are not known."""
    case = weighing.case
    sides, wanted = case.heights.sides, wanted_relief(case.neck_map)
    known = wanted is not None and wanted.as_figure and not case.neck.bare
    if not known or any(side.now_mm is None for side in sides):
        return None
    solution, rng = case.neck_map.solution, np.random.default_rng(SEED)
    off = WORST_COMES_TRUE * rng.standard_normal((DRAWN, len(solution.z))) @ solution.root.T
    rows = weighing.on.rows
    apart = (off @ rows.reshape(-1, rows.shape[2]).T).reshape(DRAWN, *rows.shape[:2])
    return Bench(
        weighing,
        apart_mm=apart,
        relief_off_mm=off @ relief_row(case.neck_map),
        hand=rng.standard_normal(apart.shape),
        turns=rng.standard_normal((DRAWN, 2)),
        heights_mm=(sides[0].now_mm or 0.0, sides[1].now_mm or 0.0),
    )


def tried(bench: Bench, ways: Sequence[Way]) -> Trial:
    """Ways gone one after the other on every drawn neck."""
    patience.ask()
    case, on = bench.weighing.case, bench.weighing.on
    filed = next((way for way in ways if way.files or way.new is not None), None)
    relief = next((way for way in ways if _sets_relief(way)), None)
    aims, saddle = _heights(bench, ways)
    off = np.zeros_like(case.neck_tops.tops_mm) if filed is None else filed.lowers_mm
    wanted = wanted_relief(case.neck_map)
    assert wanted is not None
    less = 0.0
    setter = relief or filed
    if setter is not None:
        less = less_relief_mm(on, setter, wanted.relief.mm)
    after = on.after(off, less)
    apart = _apart(bench, filed, relief is not None or _turned(filed))
    tops = after.tops_mm[None] + apart
    count = tops.shape[0] * tops.shape[1]
    many = Strung(
        after.scale_mm,
        after.x_mm,
        tops.reshape(count, -1),
        saddle_mm=np.zeros(count),
        tension_n=np.tile(after.tension_n, DRAWN),
        stiff_mm=np.tile(np.broadcast_to(after.stiff_mm, after.tension_n.shape), DRAWN),
    )
    lowest = many.lowest_clean_mm(TOUCHES[case.neck.touch], on.fret_12).reshape(DRAWN, -1)
    at = np.linspace(aims[0], aims[1], lowest.shape[1])[None]
    at = at + ALL_SD_MM * bench.turns[:, :1]
    if saddle:
        at = at + SADDLE_SD_MM * bench.turns[:, 1:]
    clean = np.all(lowest <= at + PASSES_MM, axis=1).tolist()
    short = float(np.quantile((lowest - PASSES_MM - at).max(axis=1), MOST))
    doubt = None if filed is None else filed.doubt
    left = None
    if case.neck_map.crown_measured:
        left = float((filed.left_mm if filed is not None else case.neck_tops.crown_mm).min())
    return Trial(
        tuple(way.kind for way in ways),
        tuple(clean),
        metal_mm=0.0 if filed is None else filed.metal_mm,
        thinnest_mm=left,
        minutes=sum(way.minutes for way in ways),
        second_pass=0.0 if doubt is None else doubt.second_pass or 0.0,
        heights_mm=aims,
        clean_from_mm=(aims[0] + max(short, 0.0), aims[1] + max(short, 0.0)),
    )


def _sets_relief(way: Way) -> bool:
    return way.kind in ("rod", "strings")


def _turned(way: Way | None) -> bool:
    return way is not None and "turns the rod" in way.record.families


def _heights(bench: Bench, ways: Sequence[Way]) -> tuple[tuple[float, float], bool]:
    """Heights aimed at, and whether the saddle sets them."""
    low, high = bench.heights_mm
    saddle = False
    for way in ways:
        promise = way.promise
        moved = way.kind in ("saddle", "shim", "bridge") or "to a height" in way.record.families
        if moved and promise.height_low_mm is not None and promise.height_high_mm is not None:
            low, high = promise.height_low_mm, promise.height_high_mm
            saddle = True
        elif way.files and not moved:
            # After a level the saddle is set: to what is wished, else to what the strings had.
            for side in bench.weighing.case.heights.sides:
                if side.wanted_mm is not None and side.side == "bass":
                    low, saddle = side.wanted_mm, True
                elif side.wanted_mm is not None:
                    high, saddle = side.wanted_mm, True
    return (low, high), saddle


def _apart(bench: Bench, filed: Way | None, rod_set: bool) -> Array:
    """What is left of the drawn necks' difference from the map once the ways were gone."""
    apart = bench.apart_mm.copy()
    neck = bench.weighing.case.neck
    if rod_set:
        # Whatever the relief was, a string on the frets tells when it is right.
        set_off = bench.relief_off_mm + ROD_SD_MM * bench.turns[:, 0]
        apart += set_off[:, None, None] * bend_profile(neck)
    if filed is not None:
        worked = filed.off_mm.max(axis=1) > 0.0
        if "even" in filed.record.families or filed.new is not None:
            worked[:] = True
        share = np.concatenate(([1.0], np.where(worked, STAYS_FILED, 1.0)))
        hand = np.concatenate(([0.0], np.where(worked, FILED_SD_MM, 0.0)))
        # The long wave of the tops is relief, which no file of single frets knows.
        apart = apart * share + bench.hand * hand
    return apart


def better(bench: Bench, trial: Trial, ways: Sequence[Way]) -> Trial | None:
    """A way that ends clean so much more often than these that its metal is worth it; None where
    these do well enough, or nothing does.
    """
    if trial.share >= DOES_WELL:
        return None
    found = [other for other in alternatives(bench, ways, trial.ways) if other.ways[0] in _FILING]
    enough = [
        other
        for other in found
        if other.share >= trial.share + MUCH_OFTENER
        and other.metal_mm <= trial.metal_mm + WORTH_METAL_MM
    ]
    return min(enough, key=lambda other: (other.metal_mm, -other.clean), default=None)


# A course that ends clean so often is gone; another must end clean so much oftener, for so much
# more metal at most, summed over the frets (common practice, no source).
DOES_WELL, MUCH_OFTENER, WORTH_METAL_MM = 0.5, 0.4, 0.8
_FILING = ("spot-level", "play-clean", "level", "crown-first")


def alternatives(bench: Bench, ways: Sequence[Way], course: Sequence[WayKind]) -> tuple[Trial, ...]:
    """Other ways tried on the same necks, each by itself: those that end clean most often first."""
    found = [
        tried(bench, (way,))
        for way in ways
        if way.possible and way.kind in _BESIDE and (way.kind,) != tuple(course)
    ]
    kept: list[Trial] = []
    for trial in sorted(found, key=lambda one: (-one.clean, one.metal_mm, one.minutes)):
        # What takes more metal and ends clean no oftener is no choice.
        if trial.ways != ("leave",) and any(
            other.clean >= trial.clean and other.metal_mm <= trial.metal_mm for other in kept
        ):
            continue
        if all(not _alike(trial, other) for other in kept):
            kept.append(trial)
    return tuple(kept)


# Ways that stand beside a course; schools of one level are one way here.
_BESIDE: tuple[WayKind, ...] = (
    "leave",
    "rod",
    "saddle",
    "strings",
    "spot-level",
    "play-clean",
    "crown-few",
    "level",
    "crown-first",
    "refret",
)


def _alike(one: Trial, other: Trial) -> bool:
    """Whether two ways give the same for the same."""
    return (
        abs(one.clean - other.clean) <= 1
        and abs(one.metal_mm - other.metal_mm) < 0.02
        and one.metal_mm > 0.0
    )
