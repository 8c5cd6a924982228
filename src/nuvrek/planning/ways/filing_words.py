"""What stands in the way of a filing, in sentences: frets to seat or read first, metal that is
not there.
"""

from __future__ import annotations

import numpy as np

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.case import Case
from nuvrek.planning.crowns.crowning import LOWEST_MM
from nuvrek.planning.filing.level_program import (
    LevelTerms,
    NeckTops,
    Removal,
    metal_of,
    what_would_do,
)
from nuvrek.readings.entries import Seated

# Spot work is for a handful: about a quarter of the frets or fewer (common practice, no source).
FEW_SHARE = 0.25


def seat_first_words(case: Case) -> list[Saying]:
    """That some frets are to be seated, and seated ones read, before any file touches the neck."""
    sentences: list[Saying] = []
    if case.unseated:
        sentences.append(
            means("ways.seat-first-file-would-only", frets=meaning.frets(case.unseated))
        )
    if case.unread:
        sentences.append(unread_words(case))
    return sentences


def few_frets(case: Case) -> int:
    """How many frets are a handful on this neck."""
    return max(round(FEW_SHARE * case.neck.frets), 1)


def not_read_words(case: Case) -> tuple[Saying, ...]:
    """What a way that files all tops hangs on and nobody has read."""
    if case.tops_known:
        return ()
    if len(case.unread_lanes) == len(LANES):
        return (means("ways.not-known-no-rocker-dial"),)
    lanes = meaning.listed(LANE_WORDS[LANES[k]] for k in case.unread_lanes)
    return (means("ways.not-known-tops-were-not", lanes=lanes),)


def unread_words(case: Case) -> Saying:
    """That seated frets are to be read before any file touches the neck."""
    sits = means("ways.were-seated-sit", frets=meaning.frets(case.unread), number=len(case.unread))
    return means("ways.new-height-take-rocker-over", sits=sits)


def over_driven_words(case: Case) -> list[Saying]:
    """What frets that were pressed too far cost all the others, once they were read again."""
    seated = [w.entry for w in case.neck_map.neck_state.work if isinstance(w.entry, Seated)]
    latest = {entry.fret: entry for entry in seated}
    sentences: list[Saying] = []
    for fret, entry in sorted(latest.items()):
        if entry.stopped != "gone too far" or fret in case.unread or not 1 < fret < case.neck.frets:
            continue
        tops = case.neck_tops.tops_mm.copy()
        x = case.neck_tops.x_mm
        share = (x[fret - 1] - x[fret - 2]) / (x[fret] - x[fret - 2])
        line = tops[fret - 2] * (1.0 - share) + tops[fret] * share
        low = float(np.max(line - tops[fret - 1]))
        now = metal_of(case.neck_tops, LevelTerms(), tops)
        tops[fret - 1] = np.maximum(tops[fret - 1], line)
        cost = now - metal_of(case.neck_tops, LevelTerms(), tops)
        if low > STILL_MM and cost > WORTH_FILING_MM:
            sentences.append(
                means(
                    "ways.fret-went-too-far-sits",
                    fret=fret,
                    length=case.length(low),
                    cost=case.length(cost),
                )
            )
    return sentences


_WOULD_DO = {
    "grooves": means("ways.leaving-shallow-grooves-owners-say"),
    "touch": means("ways.letting-file-touch-them-would"),
    "replace": means("ways.new-wire-these-frets-would"),
    "refret": means("ways.new-wire-all-over-would"),
}


def metal_words(
    case: Case, neck_tops: NeckTops, terms: LevelTerms, removal: Removal
) -> list[Saying]:
    """Why a level can't be paid for, by which frets and how much, and what would make it
    possible.
    """
    if removal.possible:
        return []
    sentences: list[Saying] = []
    if removal.short:
        worst = sorted(removal.short, key=lambda s: -s[1])[:4]
        named = meaning.listed(
            (means("ways.fret-lacks", fret=fret, length=case.length(mm)) for fret, mm in worst),
            by=";",
        )
        sentences.append(
            means(
                "ways.too-little-metal-crown",
                length=case.length(neck_tops.least_crown_mm),
                named=named,
            )
        )
    if removal.standing:
        named = meaning.listed(
            (
                means("ways.fret-stands-over-line", fret=fret, length=case.length(mm))
                for fret, mm in removal.standing[:4]
            ),
            by=";",
        )
        sentences.append(means("ways.left-alone-but-way", named=named))
    for what in what_would_do(neck_tops, terms, removal):
        if what == "lower":
            least = neck_tops.least_crown_mm - max(mm for _, mm in removal.short)
            if least >= LOWEST_MM:
                sentences.append(means("ways.keeping-instead-would-do", length=case.length(least)))
        else:
            sentences.append(_WOULD_DO[what])
    return sentences
