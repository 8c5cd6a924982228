"""Crown the worn few: plenty of metal and the tops are level, only some frets are grooved."""

from __future__ import annotations

import numpy as np

from nuvrek import meaning
from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.meaning import Saying, means
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.crowns.crowning import LAND_MM
from nuvrek.planning.filing.level_program import Removal
from nuvrek.planning.ways.filing_words import seat_first_words
from nuvrek.readings.told.observed import flats_read

# So many frets that run out of metal are named one by one.
_MOST_NAMED = 3


def crown_few(weighing: Weighing) -> Draft | None:
    """Worn frets rounded by themselves, the others left alone; None where neither groove nor wide
    flat was read.

    A groove takes the whole crown down to its bottom, a flat is rounded from its shoulders and
    loses no height.
    """
    case = weighing.case
    tops, alone = case.neck_tops, case.agreed.untouched
    deep = tops.grooves.reshape(-1, 3).max(axis=1)
    deep = np.where(deep >= GROOVE_MM, deep, 0.0)
    flats = {fret for fret, mm in flats_read(case.neck_map.neck_state).items() if mm > LAND_MM}
    worn = {int(at) + 1 for at in np.flatnonzero(deep)} | flats
    if not worn:
        return None
    deep[[fret - 1 for fret in alone]] = 0.0
    frets = tuple(sorted(worn - set(alone)))
    off = np.repeat(deep[:, None], 3, axis=1)
    left = tops.crown_mm - off
    grooved = tuple(fret for fret in frets if deep[fret - 1] > 0.0)
    why: list[Saying] = _thin_words(case, grooved, left)
    if not frets:
        why.append(means("ways.all-worn-frets-left-alone"))
    gist = _gist(case, frets, float(deep.max()))
    waits = tuple(seat_first_words(case))
    return Draft("crown-few", gist, frets, (*why, *waits), Removal(off, left, 0.0), waits=waits)


def _thin_words(
    case: Case, frets: tuple[int, ...], left: np.ndarray[tuple[int, ...], np.dtype[np.float64]]
) -> list[Saying]:
    least = case.neck_tops.least_crown_mm
    sentences: list[Saying] = []
    for fret in frets:
        keeps = float(left[fret - 1].min())
        if keeps < least - 1e-6:
            sentences.append(
                means(
                    "ways.fret-would-keep-less-than",
                    fret=fret,
                    length=case.length(keeps),
                    least=case.length(least),
                )
            )
    return sentences[:_MOST_NAMED]


def _gist(case: Case, frets: tuple[int, ...], deepest_mm: float) -> Saying:
    named = meaning.frets(frets)
    if deepest_mm > 0.0:
        return means(
            "ways.crown-grooves-their-bottom-most", named=named, length=case.length(deepest_mm)
        )
    return means("ways.round-flats-from-shoulders-no", named=named)
