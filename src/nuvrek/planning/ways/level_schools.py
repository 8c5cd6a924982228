"""Levelling all frets, by each school of how the neck lies meanwhile: metal, and the relief once strung up."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from nuvrek.estimate.heightmap import HeightMap
from nuvrek.neck.description import LANES
from nuvrek.planning.case.case import LEVELS, Case, Way, listed, make_way
from nuvrek.planning.crowns.crowning import LOWEST_MM
from nuvrek.planning.filing.level_program import (
    STILL_MM,
    WORTH_FILING_MM,
    NeckTops,
    Removal,
    Terms,
    level_all,
    metal_of,
    what_would_do,
)
from nuvrek.readings.entries import Seated, WayKind
from nuvrek.readings.words import turns_words

# A one-way rod needs some relief to govern: so much more dip is dressed into the frets (common practice, no source).
TO_GOVERN_MM = 0.05
# So nearly does a dial bring a neck back to its strung shape (common practice, no source).
DIAL_BACK_MM = 0.02
# A rod that answers with less a turn than this gives no turns to speak of, mm; common practice, no source.
LEAST_ANSWER_MM = 0.1


@dataclass(frozen=True)
class SetUp:
    """How the neck lies for filing: what the rod may do, what is dressed in, and what follows.

    ``strung_mm`` and its doubt are the relief of the tops strung up, before the rod is touched again.
    """

    neck_tops: NeckTops
    terms: Terms
    strung_mm: float
    strung_doubt_mm: float
    words: str
    why_not: tuple[str, ...] = ()


def terms_of(case: Case) -> Terms:
    """What is agreed for this neck, as terms of a level."""
    agreed = case.agreed
    return Terms(
        case.neck.fall_away_mm if agreed.fall_away_mm is None else agreed.fall_away_mm,
        agreed.fall_from,
        agreed.dressed_mm,
        grooves_stay=agreed.grooves_stay,
        aim=agreed.aim,
        untouched=agreed.untouched,
    )


def level_ways(case: Case) -> tuple[Way, ...]:
    """A full level by every school that differs on this neck."""
    skipped = ("level-straight", "level-lies") if case.rodless else ()
    solved: dict[tuple[float, float, Terms], Removal] = {}
    return tuple(level_way(case, kind, solved=solved) for kind in LEVELS if kind not in skipped)


def level_way(
    case: Case, kind: WayKind, solved: dict[tuple[float, float, Terms], Removal] | None = None
) -> Way:
    """A full level by one school, as agreed; ``solved`` keeps what schools have in common."""
    made = set_up(case, kind, terms_of(case))
    key = made.neck_tops.rod_dip_low_mm, made.neck_tops.rod_dip_high_mm, made.terms
    removal = (solved or {}).get(key) or level_all(made.neck_tops, made.terms)
    if solved is not None:
        solved[key] = removal
    why = [*made.why_not, *metal_words(case, made.neck_tops, made.terms, removal)]
    if case.unseated:
        why.append(f"Seat fret {listed(case.unseated)} first: a file would only hold it down.")
    if case.unread:
        why.append(unread_words(case))
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    gist = made.words
    if not case.rodless and kind != "level-lies":
        gist = f"{gist} {_rod_for_filing(case, kind, removal.rod_dip_mm)}"
    return make_way(
        case, kind, removal, frets, gist, why, strung=(made.strung_mm, made.strung_doubt_mm)
    )


def _rod_for_filing(case: Case, kind: WayKind, rod_dip_mm: float) -> str:
    """How the wood stands for filing, and about which turn brings it there."""
    held = kind == "level-held"
    stands = board_dip_mm(case.neck_map) + rod_dip_mm
    what = "dip" if stands >= 0.0 else "crest"
    per_turn = max(case.neck_map.rod_mm_per_turn, LEAST_ANSWER_MM)
    turn = turns_words(-(rod_dip_mm - (case.neck_map.pull_mm if held else 0.0)) / per_turn)
    turned = "the rod as it is" if turn == "no turn" else f"about {turn}, an eighth at a time"
    strings = "strung" if held else "slack"
    return f"Set the {strings} wood to {case.length(abs(stands))} of {what}: {turned}."


def unread_words(case: Case) -> str:
    """That seated frets are to be read before any file touches the neck."""
    return f"Fret {listed(case.unread)} was seated and sits at a new height: take the rocker over it before filing."


def set_up(case: Case, kind: WayKind, terms: Terms) -> SetUp:
    """How a school lays this neck for filing."""
    neck_map, length = case.neck_map, case.length
    pull, doubt = neck_map.pull_mm, neck_map.pull_doubt_mm
    wanted = case.neck.relief_wanted_mm("middle")
    rigid = replace(case.neck_tops, rod_dip_low_mm=0.0, rod_dip_high_mm=0.0)
    if case.rodless or kind == "level-lies":
        return _as_it_lies(case, kind, terms, rigid)
    dressed = terms.dip_mm
    strung = pull + dressed
    if kind in ("level-straight", "level-held"):
        # Held as strung, the rod is set with the strings on: it takes out what they pull as well.
        by_strings = pull if kind == "level-held" else 0.0
        rod = -board_dip_mm(neck_map) - by_strings
        reach = float(np.clip(rod, case.neck_tops.rod_dip_low_mm, case.neck_tops.rod_dip_high_mm))
        why = (
            ()
            if abs(rod - reach) < 1e-9
            else (f"The rod would have to move the board by {length(rod)}.",)
        )
        # Rounded, so that schools that come to the same are solved once.
        moved = round(reach + by_strings, 9)
        fixed = replace(case.neck_tops, rod_dip_low_mm=moved, rod_dip_high_mm=moved)
        if kind == "level-held":
            words = "Held at its strung shape, rod set straight: no guess at what the strings pull."
            return SetUp(fixed, terms, dressed, DIAL_BACK_MM, words, why)
        words = f"Rod straight, strings off: strung up {length(strung)}, give or take {length(doubt)}, then the rod."
        return SetUp(fixed, terms, strung, doubt, words, why)
    if kind == "crown-first":
        words = "Worn crowns rounded first, then only what stands over the line: low tops stay as they are."
        return SetUp(case.neck_tops, replace(terms, band_mm=STILL_MM), strung, doubt, words)
    words = (
        f"Every top touched, rod where it costs least: strung up {length(strung)}, give or take {length(doubt)}, "
        f"then the rod to {length(wanted)}."
    )
    return SetUp(case.neck_tops, terms, strung, doubt, words)


def _as_it_lies(case: Case, kind: WayKind, terms: Terms, rigid: NeckTops) -> SetUp:
    """No rod in it: the tops must dip by what the strings will not add themselves."""
    pull, doubt, length = case.neck_map.pull_mm, case.neck_map.pull_doubt_mm, case.length
    wanted = case.neck.relief_wanted_mm("middle")
    wanted += TO_GOVERN_MM if case.rodless and case.neck.rod == "one-way" else 0.0
    dip = wanted - pull
    dressed = replace(terms, dip_mm=dip, band_mm=STILL_MM if kind == "crown-first" else None)
    if kind == "level-held":
        words = f"Held at its strung shape: {length(wanted)} of relief dressed in as the strings will see it."
        return SetUp(rigid, dressed, wanted, DIAL_BACK_MM, words)
    what = "dip" if dip >= 0 else "crest"
    words = f"Filed as it lies to {length(abs(dip))} of {what}: strung up {length(wanted)}, give or take {length(doubt)}."
    if kind == "crown-first":
        words = "Worn crowns rounded first, then only what stands over the line. " + words
    return SetUp(rigid, dressed, wanted, doubt, words)


def board_dip_mm(neck_map: HeightMap) -> float:
    """Dip of the slack board over the lanes that were measured: what the rod takes out to set it straight."""
    lanes = [lane for lane, known in zip(LANES, neck_map.known, strict=True) if known] or list(
        LANES
    )
    return float(np.mean([neck_map.relief_at(lane, "slack").mm for lane in lanes]))


def over_driven_words(case: Case) -> list[str]:
    """What frets that were pressed too far cost all the others, once they were read again."""
    seated = [w.entry for w in case.neck_map.neck_state.work if isinstance(w.entry, Seated)]
    latest = {entry.fret: entry for entry in seated}
    said = []
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
            said.append(
                f"Fret {fret} went too far: it sits {case.length(low)} low, and a full level takes {case.length(cost)} more of the "
                "others for it. Lift it and glue it at the right height, or put new wire there, before levelling."
            )
    return said


_WOULD_DO = {
    "grooves": "Leaving the shallow grooves, with the owner's say-so, would do.",
    "touch": "Letting the file touch them would do.",
    "replace": "New wire for these frets would do.",
    "refret": "New wire all over would do.",
}


def metal_words(case: Case, neck_tops: NeckTops, terms: Terms, removal: Removal) -> list[str]:
    """Why a level can't be paid for, by which frets and how much, and what would make it possible."""
    if removal.possible:
        return []
    said = []
    if removal.short:
        worst = sorted(removal.short, key=lambda s: -s[1])[:4]
        named = "; ".join(f"fret {fret} lacks {case.length(mm)}" for fret, mm in worst)
        said.append(
            f"Too little metal for {case.length(neck_tops.least_crown_mm)} of crown: {named}."
        )
    if removal.standing:
        named = "; ".join(
            f"fret {fret} stands {case.length(mm)} over the line"
            for fret, mm in removal.standing[:4]
        )
        said.append(f"To be left alone, but in the way: {named}.")
    for what in what_would_do(neck_tops, terms, removal):
        if what == "lower":
            least = neck_tops.least_crown_mm - max(mm for _, mm in removal.short)
            if least >= LOWEST_MM:
                said.append(f"Keeping {case.length(least)} instead would do.")
        else:
            said.append(_WOULD_DO[what])
    return said
