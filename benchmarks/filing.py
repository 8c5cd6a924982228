"""Benchmarks of the filing: metal by way on made-up necks, the plan carried out on the true
neck, doubts held, speed.
"""

from __future__ import annotations

import sys
import time
from collections import defaultdict
from dataclasses import replace
from statistics import mean, median

import numpy as np
from tests.test_against_reference_solver import random_surface, reference_level

from benchmarks.room import demo_window
from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.clearance.string_lines import lane_weights
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, line_projection, map_neck
from nuvrek.neck.board import middle_fret
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.costing import costed
from nuvrek.planning.case.way import Plan
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms, NeckTops, Removal, level_all
from nuvrek.planning.filing.rehearsal import rehearse
from nuvrek.planning.filing.spot_program import rocks_mm
from nuvrek.planning.filing.tops import neck_tops_of
from nuvrek.planning.plan import case_of, make_plan
from nuvrek.planning.ways.just_clean import clean_at
from nuvrek.readings.entries import State
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.simulator.strangers import stranger
from nuvrek.simulator.truth import Truth
from nuvrek.units import Unit

# Seeds no figure of the model was set with.
FIRST, STRANGERS, NECKS = 91_000, 150_000, 200
ABOVE_MM = 0.15
SLACK = State(strings="slack")


def true_surface(truth: Truth, neck_map: HeightMap) -> NeckTops:
    """The neck as it really is, in the frame of the map."""
    tops = line_projection(truth.neck) @ truth.tops_mm(SLACK)[1:]
    return replace(neck_tops_of(neck_map), tops_mm=tops, crown_mm=truth.crown_mm[1:])


def true_lowest(truth: Truth, neck_map: HeightMap, off: np.ndarray, relief_mm: float) -> np.ndarray:
    """Lowest clean heights by the true tops after filing, with the rod at this relief,
    (strings,).
    """
    on, neck = string_up(neck_map), truth.neck
    x, middle, joint = on.strung.x_mm, middle_fret(neck), neck.joint_fret
    wood = truth.wood_mm(State())
    share = (x[middle] - x[1]) / (x[joint] - x[1])
    dips = wood[1] * (1.0 - share) + wood[joint] * share - wood[middle]
    less = 0.5 * float(dips[0] + dips[2]) - relief_mm
    tops = truth.tops_mm(State())
    tops[1:] -= off
    tops = np.einsum("sfk,fk->sf", lane_weights(neck), tops) + less * truth.bend
    # The nut is judged by the map's: only frets are filed here.
    tops[:, 0] = tops[:, 1] + on.strung.tops_mm[:, 0] - on.strung.tops_mm[:, 1]
    made = Strung(neck.scale_mm, x, tops, on.strung.saddle_mm, on.strung.tension_n)
    return np.asarray(made.lowest_clean_mm(TOUCHES[neck.touch], on.fret_12))


class Tally:
    """What the necks came to."""

    def __init__(self) -> None:
        self.sums: dict[str, list[float]] = defaultdict(list)

    def add(self, name: str, value: float) -> None:
        self.sums[name].append(float(value))

    def mean(self, name: str) -> float:
        return mean(self.sums[name]) if self.sums[name] else float("nan")


def one_neck(seed: int, name: str, tally: Tally) -> None:
    one = stranger(seed)
    # Frets that move are seated before anything is filed, and a bare neck has no strings to clear.
    if one.kind in ("unseated", "bare"):
        return
    truth, bench = one.truth, one.bench
    neck_map = map_neck(fold(truth.neck, measure_round(bench, name)))
    found = find(neck_map)
    start = time.perf_counter()
    make_plan(neck_map, found, draw=False)
    middle = time.perf_counter()
    plan = make_plan(neck_map, found)
    tally.add("ms", 1e3 * (middle - start))
    tally.add("whole ms", 1e3 * (time.perf_counter() - middle))
    real = true_surface(truth, neck_map)
    case = case_of(neck_map, found, Unit.MM)
    level = level_all(case.neck_tops, LevelTerms())
    if not level.possible:
        return
    _metal(case, plan, level.metal_mm, tally)
    _carried_out(real, case.neck_tops, level, tally)
    doubt = plan.way("level").doubt
    if doubt is not None and doubt.likely_mm is not None and not case.rodless:
        actual = level_all(real, LevelTerms()).metal_mm
        tally.add("metal held", abs(actual - doubt.likely_mm) <= doubt.metal_doubt_mm)
        tally.add("metal sure", doubt.metal_doubt_mm)
        tally.add("metal more", actual - doubt.likely_mm)
    _spot_carried_out(plan, real, tally)
    _clean_carried_out(truth, neck_map, plan, tally)


def _metal(case: object, plan: Plan, level_mm: float, tally: Tally) -> None:
    ways = {w.kind: w for w in plan.ways}
    if "level-straight" in ways:
        # The plain procedure: rod sets the board straight, file until every fret is touched.
        plain = ways["level-straight"].metal_mm
        tally.add("free", level_mm)
        tally.add("plain", plain)
    spot = ways["spot-level"]
    if spot.possible:
        tally.add("spot share", spot.metal_mm / level_mm)
        if "level-straight" in ways:
            tally.add("spot for plain", spot.metal_mm)
            tally.add("plain for spot", ways["level-straight"].metal_mm)
        tally.add("spot", spot.metal_mm)
        tally.add("spot level", level_mm)
    if plan.curve is not None:
        heights = plan.curve.base_mm + ABOVE_MM
        clean = costed(case, clean_at(Weighing(case), plan.curve, heights))
        tally.add("clean share", clean.metal_mm / plan.curve.level_metal_mm)
        tally.add("clean", clean.metal_mm)
        tally.add("clean level", plan.curve.level_metal_mm)


def _carried_out(real: NeckTops, guess: NeckTops, plan: Removal, tally: Tally) -> None:
    """A rigid beam on the true neck, filed until every top has lost its ink or one is down to
    its least by the map.
    """
    shape = real.tops_mm - plan.rod_dip_mm * real.bend[:, None]
    most = guess.crown_mm - guess.least_crown_mm
    done = rehearse(
        real.x_mm, shape, plan.off_mm, 1.1 * float(real.x_mm[-1]), "fingertips", None, most
    )
    rock = float(rocks_mm(real, real.tops_mm - done.took_mm).max())
    tally.add("beam even", rock <= 0.02)
    tally.add("beam metal", done.took_mm.mean(axis=1).sum())
    tally.add("beam plan", plan.metal_mm)
    tally.add("thin", (real.crown_mm - done.took_mm).min() - real.least_crown_mm)


def _spot_carried_out(plan: Plan, real: NeckTops, tally: Tally) -> None:
    spot = plan.way("spot-level")
    if spot.doubt is None or spot.doubt.second_pass is None:
        return
    filed = spot.off_mm.max(axis=1) > 0.004
    near = filed[:-2] | filed[1:-1] | filed[2:]
    rock = rocks_mm(real, real.tops_mm - spot.off_mm)[near].max()
    tally.add("spot second said", spot.doubt.second_pass)
    tally.add("spot second true", rock > 0.032)


def _clean_carried_out(truth: Truth, neck_map: HeightMap, plan: Plan, tally: Tally) -> None:
    ways = {w.kind: w for w in plan.ways}
    clean = ways.get("play-clean")
    if clean is None or clean.doubt is None or clean.doubt.second_pass is None:
        return
    if clean.promise.relief_mm is None:
        return
    lowest = true_lowest(truth, neck_map, clean.off_mm, clean.promise.relief_mm)
    low, high = clean.promise.height_low_mm or 0.0, clean.promise.height_high_mm or 0.0
    over = lowest - np.linspace(low, high, len(lowest))
    tally.add("clean second said", clean.doubt.second_pass)
    tally.add("clean second true", float(over.max()) > AS_WANTED_MM)
    tally.add("clean over held", float(over.max()) <= (clean.doubt.over_mm or 0.0))


def necks(name: str, count: int = NECKS, first: int = STRANGERS) -> None:
    tally = Tally()
    for seed in range(first, first + count):
        one_neck(seed, name, tally)
    t = tally
    print(f"{len(t.sums['ms'])} strange necks from seed {first}, {name} round:")
    print(
        f"  all ways weighed in {median(t.sums['ms']):.0f} ms median, "
        f"{max(t.sums['ms']):.0f} worst (aim: under 300), with the curve "
        f"{median(t.sums['whole ms']):.0f} and {max(t.sums['whole ms']):.0f}"
    )
    print(
        f"  rod free against rod straight, metal {t.mean('free') / t.mean('plain'):.3f} (aim: 0.92)"
    )
    print(
        f"  spot plan against a full level: {t.mean('spot') / t.mean('spot level'):.3f} of "
        f"the metal, mean of shares {t.mean('spot share'):.3f}; against the plain "
        f"procedure {t.mean('spot for plain') / t.mean('plain for spot'):.3f} (aim: 0.15)"
    )
    print(
        f"  just clean {ABOVE_MM} mm above a full level: "
        f"{t.mean('clean') / t.mean('clean level'):.3f}, mean of shares "
        f"{t.mean('clean share'):.3f} (aim: 0.30)"
    )
    print(
        "  a rigid beam on the true neck: no rock over 0.02 mm on "
        f"{t.mean('beam even'):.3f} (aim: 0.95), metal "
        f"{t.mean('beam metal') / t.mean('beam plan'):.2f} of the plan's"
    )
    under = [-mm for mm in t.sums["thin"] if mm < 0]
    print(
        f"  thinnest fret under the least on {len(under)} of {len(t.sums['thin'])}, by "
        f"{max(under, default=0.0):.3f} mm at most"
    )
    print(
        f"  metal by the true heights inside the stated range {t.mean('metal held'):.3f} "
        f"(stated 0.90; range {t.mean('metal sure'):.2f} mm, off by "
        f"{t.mean('metal more'):+.2f} on average)"
    )
    print(
        f"  second pass, spot: said {t.mean('spot second said'):.2f}, needed "
        f"{t.mean('spot second true'):.2f}; just clean: said "
        f"{t.mean('clean second said'):.2f}, needed {t.mean('clean second true'):.2f}; "
        f"stated nine in ten held {t.mean('clean over held'):.2f}"
    )


def programs() -> None:
    worst, ours_ms, reference_ms = 0.0, [], []
    for seed in range(200):
        neck_tops = random_surface(seed)
        start = time.perf_counter()
        plan = level_all(neck_tops)
        middle = time.perf_counter()
        value = reference_level(neck_tops, np.zeros(22))
        reference_ms.append(1e3 * (time.perf_counter() - middle))
        ours_ms.append(1e3 * (middle - start))
        worst = max(worst, abs(float(plan.off_mm.sum()) - value))
    ratio = median(ours_ms) / median(reference_ms)
    print(
        f"levelling program, 200 random necks: {median(ours_ms):.1f} ms (aim: under 50), "
        f"{ratio:.2f} of Clarabel's; apart by {worst:.1e} (aim: 1e-6)"
    )


def checked(count: int = 60) -> None:
    """Every plan returned, counted anew without the solver: nothing untouched, nothing too thin,
    all tops on one line.
    """
    worst, plans = 0.0, 0
    for seed in range(FIRST, FIRST + count):
        _, truth, bench = varied_neck(seed)
        neck_map = map_neck(fold(truth.neck, measure_round(bench, "basic")))
        found = find(neck_map)
        neck_tops = case_of(neck_map, found).neck_tops
        for way in make_plan(neck_map, found).ways:
            if way.metal_mm <= 0.004 or not way.possible:
                continue
            plans += 1
            thin = (
                np.maximum(neck_tops.crown_mm, neck_tops.least_crown_mm) - neck_tops.least_crown_mm
            )
            worst = max(worst, float((way.off_mm - thin).max()), float(-way.off_mm.min()))
            if way.kind in ("level", "level-straight") and truth.neck.rod != "none":
                left = neck_tops.tops_mm - way.off_mm - way.rod_dip_mm * neck_tops.bend[:, None]
                plane = np.linalg.lstsq(neck_tops.columns[:, :-1], left.ravel(), rcond=None)[0]
                worst = max(
                    worst, float(np.abs(neck_tops.columns[:, :-1] @ plane - left.ravel()).max())
                )
            if way.kind == "spot-level":
                rock = rocks_mm(neck_tops, neck_tops.tops_mm - way.off_mm)
                before = rocks_mm(neck_tops, neck_tops.tops_mm)
                worst = max(worst, float((rock - np.maximum(before, 0.02)).max()))
    print(
        f"{plans} plans on {count} made-up necks counted anew: rules broken by {worst:.1e} "
        "mm at most"
    )


def sliders() -> None:
    """The sliders of the filing dragged in the real window, a repaint each step."""
    with demo_window() as (app, window):
        window.stages["Shelf"]._open(2)
        window.show_stage("Filing")
        page = window.stages["Filing"]
        page.kinds.setCurrentIndex(page.kinds.findData("level"))
        page._other_way(0)
        app.processEvents()
        for name, values in (("least", range(60, 118)), ("fall", range(1, 40))):
            times = []
            for value in values:
                start = time.perf_counter()
                getattr(page, name).setValue(value)
                page.sheet.repaint()
                page.curve.repaint()
                times.append(1e3 * (time.perf_counter() - start))
            print(
                f"{name} slider: {1e3 / median(times):.0f} repaints a second, slowest "
                f"{max(times):.0f} ms"
            )


def main(first: int = STRANGERS, count: int = NECKS) -> None:
    if first == STRANGERS:
        programs()
        checked()
        sliders()
    necks("full", count, first)
    necks("basic", count // 2, first)


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
