"""Spot-level: only what a rocker finds, on as few frets as will do."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms, NeckTops
from nuvrek.planning.filing.spot_program import rocks_mm
from nuvrek.planning.filing.spot_program import spot_level as least_metal
from nuvrek.planning.ways.filing_words import metal_words, not_read_words, seat_first_words

Array = NDArray[np.float64]

# However little is known of a rock, it is not aimed further under the limit than this share of it.
_MOST_UNDER = 0.75


def _own_doubt_mm(case: Case, still_mm: float) -> Array:
    """Standard deviation of every rock by the map, as far as a file is aimed for it, (frets - 2,
    3).
    """
    rows, _ = case.measurer.heights("tops", "slack")
    rocks = np.moveaxis(rocks_mm(case.neck_tops, np.moveaxis(rows[1:], 2, 0)), 0, 2)
    covariance = case.neck_map.solution.covariance
    variance = np.sum((rocks @ covariance) * rocks, axis=2)
    return np.asarray(np.minimum(np.sqrt(np.maximum(variance, 0.0)), _MOST_UNDER * still_mm))


def _as_if_seated(case: Case) -> NeckTops:
    """The tops with every fret that is to be pressed home, or read again after it, down on its
    neighbours' line.
    """
    tops, x = case.neck_tops.tops_mm.copy(), case.neck_tops.x_mm
    for fret in (*case.unseated, *case.unread):
        if 1 < fret < len(tops):
            share = (x[fret - 1] - x[fret - 2]) / (x[fret] - x[fret - 2])
            line = tops[fret - 2] * (1.0 - share) + tops[fret] * share
            tops[fret - 1] = np.minimum(tops[fret - 1], line)
    return replace(case.neck_tops, tops_mm=tops)


def spot_level(weighing: Weighing) -> Draft:
    """The few frets that stand proud or rock, filed until the rocker is still."""
    case, agreed = weighing.case, weighing.case.agreed
    if agreed.still_mm is None:
        still = STILL_MM
    else:
        still = agreed.still_mm
    named = case.named("proud", "rocks", "end-high")
    under = _own_doubt_mm(case, still)
    removal = least_metal(_as_if_seated(case), named, still, agreed.untouched, under)
    removal = replace(removal, left_mm=case.neck_tops.crown_mm - removal.off_mm)
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(fret) + 1 for fret in np.flatnonzero(filed))
    why: list[Saying] = metal_words(
        case, case.neck_tops, LevelTerms(untouched=agreed.untouched), removal
    )
    if not frets:
        if case.tops_known:
            why.append(means("ways.no-rocker-would-move-there"))
        unknown = not_read_words(case)
        return Draft(
            "spot-level", means("ways.nothing-file"), (), tuple(why), removal, not_known=unknown
        )
    waits = tuple(seat_first_words(case)[:1])
    if still <= STILL_MM:
        until = means("ways.still")
    else:
        until = means("ways.finds-no-more-than", length=case.length(still))
    gist = means("ways.file-until-ink-gone-rocker", frets=meaning.frets(frets), until=until)
    return Draft("spot-level", gist, frets, (*why, *waits), removal, waits=waits)
