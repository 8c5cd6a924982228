"""What stands in the way of a filing, in sentences: frets to seat or read first, metal that is
not there.
"""

from __future__ import annotations

import numpy as np

from nuvrek import words
from nuvrek.language import tr
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.case import Case
from nuvrek.planning.crowns.crowning import LOWEST_MM
from nuvrek.planning.filing.level_program import NeckTops, Removal, Terms, metal_of, what_would_do
from nuvrek.readings.entries import Seated

# Spot work is for a handful: about a quarter of the frets or fewer (common practice, no source).
FEW_SHARE = 0.25


def seat_first_words(case: Case) -> list[str]:
    """That some frets are to be seated, and seated ones read, before any file touches the neck."""
    sentences = []
    if case.unseated:
        sentences.append(
            tr(
                "Seat {frets} first: a file would only hold it down.",
                frets=words.frets(case.unseated),
            )
        )
    if case.unread:
        sentences.append(unread_words(case))
    return sentences


def few_frets(case: Case) -> int:
    """How many frets are a handful on this neck."""
    return max(round(FEW_SHARE * case.neck.frets), 1)


def not_read_words(case: Case) -> tuple[str, ...]:
    """What a way that files all tops hangs on and nobody has read."""
    if case.tops_known:
        return ()
    if len(case.unread_lanes) == len(LANES):
        return (tr("Not known: no rocker, dial or edge was taken over the frets."),)
    lanes = words.listed(LANE_WORDS[LANES[k]] for k in case.unread_lanes)
    return (tr("Not known: the tops on the {lanes} were not read.", lanes=lanes),)


def unread_words(case: Case) -> str:
    """That seated frets are to be read before any file touches the neck."""
    sits = words.frets_do(case.unread, "was seated and sits", "were seated and sit")
    return tr("{sits} at a new height: take the rocker over it before filing.", sits=sits)


def over_driven_words(case: Case) -> list[str]:
    """What frets that were pressed too far cost all the others, once they were read again."""
    seated = [w.entry for w in case.neck_map.neck_state.work if isinstance(w.entry, Seated)]
    latest = {entry.fret: entry for entry in seated}
    sentences = []
    for fret, entry in sorted(latest.items()):
        if entry.stopped != "gone too far" or fret in case.unread or not 1 < fret < case.neck.frets:
            continue
        tops = case.neck_tops.tops_mm.copy()
        x = case.neck_tops.x_mm
        share = (x[fret - 1] - x[fret - 2]) / (x[fret] - x[fret - 2])
        line = tops[fret - 2] * (1.0 - share) + tops[fret] * share
        low = float(np.max(line - tops[fret - 1]))
        now = metal_of(case.neck_tops, Terms(), tops)
        tops[fret - 1] = np.maximum(tops[fret - 1], line)
        cost = now - metal_of(case.neck_tops, Terms(), tops)
        if low > STILL_MM and cost > WORTH_FILING_MM:
            sentences.append(
                tr(
                    "Fret {fret} went too far: it sits {length} low, and a full "
                    "level takes {length_2} more of the "
                    "others for it. Lift it and glue it at the right height, or put new wire "
                    "there, before levelling.",
                    fret=fret,
                    length=case.length(low),
                    length_2=case.length(cost),
                )
            )
    return sentences


_WOULD_DO = {
    "grooves": tr("Leaving the shallow grooves, with the owner's say-so, would do."),
    "touch": tr("Letting the file touch them would do."),
    "replace": tr("New wire for these frets would do."),
    "refret": tr("New wire all over would do."),
}


def metal_words(case: Case, neck_tops: NeckTops, terms: Terms, removal: Removal) -> list[str]:
    """Why a level can't be paid for, by which frets and how much, and what would make it
    possible.
    """
    if removal.possible:
        return []
    sentences = []
    if removal.short:
        worst = sorted(removal.short, key=lambda s: -s[1])[:4]
        named = "; ".join(
            tr("fret {fret} lacks {length}", fret=fret, length=case.length(mm))
            for fret, mm in worst
        )
        sentences.append(
            tr(
                "Too little metal for {length} of crown: {named}.",
                length=case.length(neck_tops.least_crown_mm),
                named=named,
            )
        )
    if removal.standing:
        named = "; ".join(
            tr("fret {fret} stands {length} over the line", fret=fret, length=case.length(mm))
            for fret, mm in removal.standing[:4]
        )
        sentences.append(tr("To be left alone, but in the way: {named}.", named=named))
    for what in what_would_do(neck_tops, terms, removal):
        if what == "lower":
            least = neck_tops.least_crown_mm - max(mm for _, mm in removal.short)
            if least >= LOWEST_MM:
                sentences.append(
                    tr("Keeping {length} instead would do.", length=case.length(least))
                )
        else:
            sentences.append(_WOULD_DO[what])
    return sentences
