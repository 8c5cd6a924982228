"""Just clean: the least metal for clean notes at the string height that is wanted, as a way
forward.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from nuvrek import meaning
from nuvrek.clearance.strung_neck import OnNeck
from nuvrek.meaning import Saying, means
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import NEARLY_FLAT_MM, NeckDescription
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.costing import costed
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.clean_program import Clean, MetalCurve, curve, play_clean, program
from nuvrek.planning.filing.level_program import Removal
from nuvrek.planning.forecast.string_height import less_relief_mm
from nuvrek.planning.rod.relief import wanted_relief
from nuvrek.planning.ways.filing_words import not_read_words, seat_first_words
from nuvrek.planning.ways.level_schools import level_draft
from nuvrek.readings.entries import Promise

Array = NDArray[np.float64]

# So much above what a full level would allow, where no height was wished for (common practice, no
# source).
ABOVE_LEVEL_MM = 0.15
# Every note is to be clean nine times in ten: so many standard deviations of its room are kept
# (normal, one-sided).
CLEAN_SD = 1.2816


@dataclass(frozen=True)
class CleanBasis:
    """What just clean and its curve stand on: the strings, the relief there is, and the heights
    a full level allows.
    """

    on: OnNeck
    relief_mm: float
    best_mm: Array
    level_mm: float


def clean_basis_of(weighing: Weighing) -> CleanBasis | None:
    """The basis, only where the relief is known and no fret is to be seated first."""
    case, on = weighing.case, weighing.on
    wanted = wanted_relief(case.neck_map)
    known = wanted is not None and wanted.as_figure and not case.neck.bare
    if wanted is None or not known or case.unseated or case.unread:
        return None
    level = costed(case, level_draft(weighing, "level"))
    less = less_relief_mm(on, level, wanted.relief.mm)
    best, _ = on.lowest_clean_mm(TOUCHES[case.neck.touch], on.after(level.off_mm, less))
    return CleanBasis(on, wanted.relief.mm, best, level.metal_mm)


def just_clean(weighing: Weighing) -> Draft | None:
    """The way, only where something would buzz at that height and a little metal cures it."""
    case, basis = weighing.case, clean_basis_of(weighing)
    if basis is None or not _asked_for(case):
        return None
    heights, touch = heights_wanted(case.neck, basis.best_mm), TOUCHES[case.neck.touch]
    reach = _reach(case, basis.relief_mm)
    clean = play_clean(program(basis.on, _spare(case), heights, touch, reach, sure=CLEAN_SD))
    if clean is None or clean.metal_mm < WORTH_FILING_MM:
        return None
    relief_mm = basis.relief_mm - clean.less_relief_mm
    draft = _draft(case, clean, heights, relief_mm=relief_mm, level_mm=basis.level_mm, why=[])
    return replace(draft, not_known=not_read_words(case))


def _asked_for(case: Case) -> bool:
    """Whether a height is wished for, or something stands that clean notes may not need down."""
    wished = case.neck.height_low_mm is not None and case.neck.height_high_mm is not None
    stands = case.named("proud", "rocks", "end-high", "low")
    return wished or bool(stands) or any(case.has(kind) for kind in ("hump", "s-shape", "tongue"))


def clean_curve(case: Case, basis: CleanBasis) -> MetalCurve:
    """Metal against string height from a full level to the neck as it is."""
    touch, reach = TOUCHES[case.neck.touch], _reach(case, basis.relief_mm)
    return curve(
        basis.on,
        _spare(case),
        basis.best_mm,
        level_metal_mm=basis.level_mm,
        touch=touch,
        reach_mm=reach,
        sure=CLEAN_SD,
    )


def clean_at(weighing: Weighing, drawn: MetalCurve, heights: Array) -> Draft:
    """Just clean at these heights (strings,), whether that asks for metal, for none or for too
    much.
    """
    case = weighing.case
    wanted = wanted_relief(case.neck_map)
    now = 0.0 if wanted is None else wanted.relief.mm
    touch = TOUCHES[case.neck.touch]
    clean = play_clean(
        program(weighing.on, _spare(case), heights, touch, _reach(case, now), sure=CLEAN_SD)
    )
    why: list[Saying] = []
    if clean is None:
        why.append(means("ways.frets-cant-pay-height-higher"))
        nothing = np.zeros_like(case.neck_tops.crown_mm)
        clean = Clean(nothing, 0.0, 0.0, nothing)
    elif clean.metal_mm < WORTH_FILING_MM:
        why.append(means("ways.every-note-clean-height-nothing"))
    why += seat_first_words(case)[-1:]
    return _draft(
        case,
        clean,
        heights,
        relief_mm=now - clean.less_relief_mm,
        level_mm=drawn.level_metal_mm,
        why=why,
    )


def _spare(case: Case) -> Array:
    """Metal that may go, (frets, 3)."""
    spare = case.neck_tops.crown_mm - case.neck_tops.least_crown_mm
    spare[[fret - 1 for fret in case.agreed.untouched]] = 0.0
    return np.asarray(spare)


def _reach(case: Case, relief_mm: float) -> tuple[float, float]:
    """Relief the rod may give back (negative) and take out: it may help, but not into back bow."""
    if case.rodless:
        return 0.0, 0.0
    out = min(-case.neck_tops.rod_dip_low_mm, max(relief_mm - NEARLY_FLAT_MM, 0.0))
    return -case.neck_tops.rod_dip_high_mm, out


def _draft(
    case: Case, clean: Clean, heights: Array, relief_mm: float, level_mm: float, why: list[Saying]
) -> Draft:
    filed = clean.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    gist = means(
        "ways.file-every-note-clean-each",
        fret=case.neck.height_fret,
        frets=meaning.frets(frets),
        height=case.height(float(heights[0])),
        heights=case.height(float(heights[-1])),
        length=case.length(relief_mm),
        level=case.length(level_mm),
    )
    promise = Promise(
        relief_mm=relief_mm,
        relief_doubt_mm=case.neck.relief_margin_mm,
        height_low_mm=float(heights[0]),
        height_high_mm=float(heights[-1]),
    )
    removal = Removal(
        clean.off_mm, case.neck_tops.crown_mm - clean.off_mm, 0.0, weight=clean.weight
    )
    return Draft("play-clean", gist, frets, why_not=tuple(why), removal=removal, promise=promise)


def heights_wanted(neck: NeckDescription, best_mm: Array) -> Array:
    """What the owner wishes for, but no lower than a full level would allow; else a little above
    that. (strings,)
    """
    low, high = neck.height_low_mm, neck.height_high_mm
    if low is None or high is None:
        return best_mm + ABOVE_LEVEL_MM
    return np.maximum(np.linspace(low, high, len(best_mm)), best_mm)
