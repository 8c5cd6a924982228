"""What becomes of a filing plan if the map is off by its doubt."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek import meaning, patience
from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.clearance.strung_neck import OnNeck
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.estimate.next_reading import Pool
from nuvrek.meaning import Saying, means
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Costed, Doubt
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms, metal_of
from nuvrek.planning.filing.spot_program import NO_ROCKER_TELLS_MM, rocks_mm
from nuvrek.planning.rod.relief import relief_row, wanted_relief
from nuvrek.readings.stations import prompt
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# So many necks that the readings allow are drawn, always the same ones: the same readings give the
# same words.
DRAWS, SEED = 200, 12
# Of them so many are levelled for what the lowest tops cost.
LEVELLED = 6
# What the map has smoothed over costs a level so much of what its doubt allows, and the worst note
# comes so near to the worst of a drawn neck: neighbouring tops of true necks are off alike
# (measured on made-up necks that share nothing with the map).
COMES_TRUE, WORST_COMES_TRUE, OVER_COMES_TRUE = 0.35, 0.85, 0.92
# A fret that ends too thin with more than this chance is named.
MAY_RUN_THIN = 0.1
# Less metal hangs on the doubt than this: no reading is asked for.
WORTH_READING_MM = 0.05


def doubt_words(doubt: Doubt, unit: Unit, height_unit: Unit) -> Saying:
    """A doubt in a sentence or three."""
    sentences: list[Saying] = []
    if doubt.likely_mm is not None:
        likely, off = (
            format_length(doubt.likely_mm, unit),
            format_length(doubt.metal_doubt_mm, unit),
        )
        sentences.append(means("metal.likely-before-lowest-top-reached", likely=likely, off=off))
    elif doubt.metal_doubt_mm >= 0.005:
        sentences.append(
            means(
                "metal.metal-give-or-take", metal_doubt_mm=format_length(doubt.metal_doubt_mm, unit)
            )
        )
    if doubt.thin:
        named = ", ".join(f"{fret} ({round(100 * chance)} %)" for fret, chance in doubt.thin[:3])
        sentences.append(means("metal.may-run-thin-fret", named=named))
    if doubt.over_mm is not None and doubt.over_mm >= 0.02:
        sentences.append(
            means(
                "metal.all-notes-together-nine-times",
                over_mm=format_length(doubt.over_mm, height_unit),
            )
        )
    if doubt.second_pass is not None and doubt.second_pass >= 0.05:
        sentences.append(
            means(
                "metal.second-pass-needed-times-ten", second_pass=round(10 * doubt.second_pass) or 1
            )
        )
    if doubt.read is not None:
        asked = prompt(doubt.read.station, strings=doubt.read.strings)
        sentences.append(means("metal.reading-would-save-most-metal", asked=asked))
    return meaning.listed(sentences, by="sentences")


def doubts_of(weighing: Weighing, ways: Sequence[Costed]) -> dict[str, Doubt]:
    """The doubt of each way that files, by its kind."""
    case = weighing.case
    # Of wire that is not in yet the readings tell nothing.
    filing = [costed for costed in ways if costed.files and costed.possible and costed.new is None]
    if not filing:
        return {}
    pool, drawn = Pool(case.measurer), _drawn(case)
    evened = any("even" in costed.record.families for costed in filing)
    more = _more_metal(case, drawn) if evened else 0.0
    return {costed.kind: _doubt(weighing, costed, pool, drawn, more) for costed in filing}


def _drawn(case: Case) -> Array:
    """Unknowns of necks the readings allow, (draws, n): mean and covariance of the map."""
    solution = case.neck_map.solution
    rng = np.random.default_rng(SEED)
    return np.asarray(solution.z + rng.standard_normal((DRAWS, len(solution.z))) @ solution.root.T)


def _doubt(weighing: Weighing, costed: Costed, pool: Pool, drawn: Array, more: float) -> Doubt:
    patience.ask()
    case, families = weighing.case, costed.record.families
    rows, _ = case.measurer.heights("tops", "slack")
    metal, read = 0.0, None
    if costed.weight is not None:
        row = np.tensordot(costed.weight, rows[1:], axes=2)
        metal = NINE_IN_TEN * float(
            np.sqrt(max(float(row @ case.neck_map.solution.covariance @ row), 0.0))
        )
        if metal > WORTH_READING_MM:
            read = pool.settles_most(row, means("metal.most-metal-hangs"))
    thin = _thin(case, costed, metal)
    if "to a height" in families:
        over = _over_promise(case, costed, drawn, weighing.on)
        again = float(np.mean(over > AS_WANTED_MM))
        return Doubt(
            metal, again, thin, read=read, over_mm=float(np.quantile(over, 0.9)), likely_mm=None
        )
    # Where every top is filed until its ink is gone the planned metal is never the end of it.
    again_at = None
    if "spot" in families:
        again_at = _second_pass(case, costed, drawn)
    likely = None
    if "even" in families:
        likely = costed.metal_mm + more
    return Doubt(metal, again_at, thin, read=read, over_mm=None, likely_mm=likely)


def _more_metal(case: Case, drawn: Array) -> float:
    """How much more metal a level takes on the necks the readings allow than on their mean.

    A level comes down to the lowest tops: what the map has smoothed over always costs, never saves
    (the least metal is a convex function of the heights).
    """
    rows, constants = case.measurer.heights("tops", "slack")
    terms = LevelTerms()
    tops = np.tensordot(drawn[:LEVELLED], rows[1:], axes=(1, 2)) + constants[1:]
    mean = np.tensordot(rows[1:], case.neck_map.solution.z, axes=(2, 0)) + constants[1:]
    found = [metal_of(case.neck_tops, terms, top) for top in tops]
    more = np.nanmean(found) - metal_of(case.neck_tops, terms, mean)
    return COMES_TRUE * max(float(more), 0.0)


def _thin(case: Case, costed: Costed, metal_mm: float) -> tuple[tuple[int, float], ...]:
    """Frets that may end under the least crown: by the doubt of their height, and of the metal
    all over.
    """
    own = case.neck_map.crown_doubt_mm / NINE_IN_TEN
    sd = np.hypot(own, metal_mm / NINE_IN_TEN / len(costed.off_mm))
    chance = np.asarray(
        ndtr((case.neck_tops.least_crown_mm - costed.left_mm) / np.maximum(sd, 1e-6))
    )
    worst = np.where(costed.off_mm > WORTH_FILING_MM, chance, 0.0).max(axis=1)
    named = [(fret + 1, float(p)) for fret, p in enumerate(worst) if p > MAY_RUN_THIN]
    return tuple(sorted(named, key=lambda pair: -pair[1]))


def _second_pass(case: Case, costed: Costed, drawn: Array) -> float:
    """How often the planned metal of single frets is not the end of it."""
    rows, constants = case.measurer.heights("tops", "slack")
    likely = case.neck_map.solution.z
    apart = likely + WORST_COMES_TRUE * (drawn - likely)
    tops = np.tensordot(apart, rows[1:], axes=(1, 2)) + constants[1:] - costed.off_mm
    if case.agreed.still_mm is None:
        still = STILL_MM
    else:
        still = case.agreed.still_mm
    # Only where something is filed: elsewhere the rocker was still before and stays so.
    filed = costed.off_mm.max(axis=1) > WORTH_FILING_MM
    # A filed fret changes the rock of its neighbours as well.
    near = filed[:-2] | filed[1:-1] | filed[2:]
    largest = rocks_mm(case.neck_tops, tops)[:, near].max(axis=(1, 2))
    # What a rocker tells from still wavers by as much as the plan leaves alone.
    return float(np.mean(largest > still + 2.0 * NO_ROCKER_TELLS_MM))


def _over_promise(case: Case, costed: Costed, drawn: Array, on: OnNeck) -> Array:
    """How far over its promise the lowest clean height of a neck comes that the readings allow,
    worst string, (draws,).
    """
    low, high = costed.promise.height_low_mm, costed.promise.height_high_mm
    wanted = wanted_relief(case.neck_map)
    if low is None or high is None or wanted is None:
        return np.zeros(len(drawn))
    less = wanted.relief.mm - (costed.promise.relief_mm or wanted.relief.mm)
    after = on.after(costed.off_mm, less)
    off = OVER_COMES_TRUE * (drawn - case.neck_map.solution.z)
    apart = off @ on.rows.reshape(-1, on.rows.shape[2]).T
    tops = after.tops_mm[None] + apart.reshape(len(drawn), *after.tops_mm.shape)
    # The rod brings the relief of both sides together to what is promised, whatever it was: the
    # rest counts.
    # The part of each draw that is relief, to be given back by the rod.
    dips = off @ relief_row(case.neck_map)
    tops += dips[:, None, None] * bend_profile(case.neck)
    count = tops.shape[0] * tops.shape[1]
    many = Strung(
        after.scale_mm,
        after.x_mm,
        tops.reshape(count, -1),
        saddle_mm=np.zeros(count),
        tension_n=np.tile(after.tension_n, len(drawn)),
        stiff_mm=np.tile(np.broadcast_to(after.stiff_mm, after.tension_n.shape), len(drawn)),
    )
    lowest = many.lowest_clean_mm(TOUCHES[case.neck.touch], on.fret_12).reshape(len(drawn), -1)
    return np.asarray((lowest - np.linspace(low, high, lowest.shape[1])).max(axis=1))
