"""Levelling all frets, by each school of how the neck lies meanwhile: metal, and the relief once
strung up.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from nuvrek.estimate.heightmap import HeightMap
from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.crown import STILL_MM, WORTH_FILING_MM
from nuvrek.neck.description import LANES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms, NeckTops, level_all
from nuvrek.planning.ways.filing_words import metal_words, not_read_words, seat_first_words
from nuvrek.readings.entries import WayKind
from nuvrek.readings.rod_words import sixteenths, turns_words

# A one-way rod needs some relief to govern: so much more dip is dressed into the frets (common
# practice, no source).
TO_GOVERN_MM = 0.05
# So nearly does a dial bring a neck back to its strung shape, and so nearly do the pads keep it
# there under the file (common practice, no source).
DIAL_BACK_MM, PADS_KEEP_MM = 0.02, 0.02
# Between its pads a neck bends as under single loads, not as by its strings: by so much of what
# these pull the two differ half-way to the middle (parabola against the cubic of a load in the
# middle, simply supported beams of any handbook: 0.75 against 0.6875 of the dip).
OTHER_SHAPE = 0.0625
# A rod that answers with less a turn than this gives no turns to speak of, mm; common practice, no
# source.
LEAST_ANSWER_MM = 0.1


@dataclass(frozen=True)
class FilingSetUp:
    """How the neck lies for filing: what the rod may do, what is dressed in, and what follows.

    ``strung_mm`` and its doubt are the relief of the tops strung up, before the rod is touched
    again.
    """

    neck_tops: NeckTops
    terms: LevelTerms
    strung_mm: float
    strung_doubt_mm: float
    words: Saying
    why_not: tuple[Saying, ...] = ()


def terms_of(case: Case) -> LevelTerms:
    """What is agreed for this neck, as terms of a level."""
    agreed = case.agreed
    return LevelTerms(
        case.neck.fall_away_mm if agreed.fall_away_mm is None else agreed.fall_away_mm,
        agreed.fall_from,
        agreed.dressed_mm,
        grooves_stay=agreed.grooves_stay,
        aim=agreed.aim,
        untouched=agreed.untouched,
    )


def level_all_tops(weighing: Weighing) -> Draft:
    """The rod set where the level costs least."""
    return level_draft(weighing, "level")


def level_straight(weighing: Weighing) -> Draft | None:
    """The rod set straight with the strings off; nothing of its own where no rod can."""
    if weighing.case.rodless:
        return None
    return level_draft(weighing, "level-straight")


def level_held(weighing: Weighing) -> Draft | None:
    """The neck held at its strung shape; a bare one has none."""
    if weighing.case.neck.bare:
        return None
    return level_draft(weighing, "level-held")


def level_lies(weighing: Weighing) -> Draft | None:
    """The neck as it lies; without a rod every level is that."""
    if weighing.case.rodless:
        return None
    return level_draft(weighing, "level-lies")


def crown_first(weighing: Weighing) -> Draft:
    """Worn crowns rounded first, then a light level."""
    return level_draft(weighing, "crown-first")


def level_draft(weighing: Weighing, kind: WayKind) -> Draft:
    """A full level by one school, as agreed; schools that come to the same are solved once."""
    case = weighing.case
    lie = set_up(case, kind, terms_of(case))
    key = lie.neck_tops.rod_dip_low_mm, lie.neck_tops.rod_dip_high_mm, lie.terms
    if key not in weighing.levels:
        weighing.levels[key] = level_all(lie.neck_tops, lie.terms)
    removal = weighing.levels[key]
    metal = metal_words(case, lie.neck_tops, lie.terms, removal)
    filed = removal.off_mm.max(axis=1) > WORTH_FILING_MM
    gist: Saying = lie.words
    if not case.rodless and not case.stops and kind != "level-lies":
        gist = sentences(gist, _rod_for_filing(case, kind, removal.rod_dip_mm))
    if case.neck.bare:
        gist = means("ways.straight-board-relief-stays-open")
    return Draft(
        kind,
        gist,
        frets=tuple(int(fret) + 1 for fret in np.flatnonzero(filed)),
        why_not=(*lie.why_not, *metal, *(waits := tuple(seat_first_words(case)))),
        removal=removal,
        strung=None if case.neck.bare else (lie.strung_mm, lie.strung_doubt_mm),
        waits=waits,
        not_known=not_read_words(case),
    )


def _rod_for_filing(case: Case, kind: WayKind, rod_dip_mm: float) -> Saying:
    """How the wood stands for filing, and about which turn brings it there."""
    held = kind == "level-held"
    stands = board_dip_mm(case.neck_map) + rod_dip_mm
    wood = "strung" if held else "slack"
    shape = "dip" if stands >= 0.0 else "crest"
    wanted = means(f"ways.set-{wood}-wood-to-{shape}", length=case.length(abs(stands)))
    per_turn = max(case.neck_map.rod_mm_per_turn, LEAST_ANSWER_MM)
    turns = -(rod_dip_mm - (case.neck_map.pull_mm if held else 0.0)) / per_turn
    if sixteenths(turns) == 0:
        return sentences(wanted, means("ways.rod-stays-as-it-is"))
    return sentences(wanted, means("ways.about-turn-an-eighth-at-a-time", turn=turns_words(turns)))


def set_up(case: Case, kind: WayKind, terms: LevelTerms) -> FilingSetUp:
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
        why: tuple[Saying, ...] = ()
        if abs(rod - reach) >= 1e-9:
            why = (means("ways.rod-would-have-move-board", length=length(rod)),)
        # Rounded, so that schools that come to the same are solved once.
        moved = round(reach + by_strings, 9)
        fixed = replace(case.neck_tops, rod_dip_low_mm=moved, rod_dip_high_mm=moved)
        if kind == "level-held":
            words = means("ways.held-strung-shape-rod-set")
            return FilingSetUp(
                fixed, terms, dressed, strung_doubt_mm=_held(pull), words=words, why_not=why
            )
        words = means(
            "ways.rod-straight-strings-off-strung", length=length(strung), doubt=length(doubt)
        )
        return FilingSetUp(fixed, terms, strung, strung_doubt_mm=doubt, words=words, why_not=why)
    if kind == "crown-first":
        words = means("ways.worn-crowns-rounded-first-then")
        return FilingSetUp(case.neck_tops, replace(terms, band_mm=STILL_MM), strung, doubt, words)
    words = means(
        "ways.every-top-touched-rod-where",
        length=length(strung),
        doubt=length(doubt),
        wanted=length(wanted),
    )
    return FilingSetUp(case.neck_tops, terms, strung, doubt, words)


def _held(pull_mm: float) -> float:
    """How far the relief may come out from what it was held at."""
    return float(np.sqrt(DIAL_BACK_MM**2 + PADS_KEEP_MM**2 + (OTHER_SHAPE * pull_mm) ** 2))


def _as_it_lies(case: Case, kind: WayKind, terms: LevelTerms, rigid: NeckTops) -> FilingSetUp:
    """No rod in it: the tops must dip by what the strings will not add themselves."""
    pull, doubt, length = case.neck_map.pull_mm, case.neck_map.pull_doubt_mm, case.length
    wanted = case.neck.relief_wanted_mm("middle")
    wanted += TO_GOVERN_MM if case.rodless and case.neck.rod == "one-way" else 0.0
    dip = wanted - pull
    dressed = replace(terms, dip_mm=dip, band_mm=STILL_MM if kind == "crown-first" else None)
    if kind == "level-held":
        words: Saying = means("ways.held-strung-shape-relief-dressed", length=length(wanted))
        return FilingSetUp(rigid, dressed, wanted, _held(pull), words)
    words = means(
        "ways.filed-with-dip" if dip >= 0 else "ways.filed-with-crest",
        length=length(abs(dip)),
        wanted=length(wanted),
        doubt=length(doubt),
    )
    if kind == "crown-first":
        words = sentences(means("ways.worn-crowns-rounded-first-then-only"), words)
    return FilingSetUp(rigid, dressed, wanted, doubt, words)


def board_dip_mm(neck_map: HeightMap) -> float:
    """Dip of the slack board over the lanes that were measured: what the rod takes out to set it
    straight.
    """
    measured = [lane for lane, known in zip(LANES, neck_map.known, strict=True) if known]
    dips = [neck_map.relief_at(lane, "slack").mm for lane in measured or LANES]
    return float(np.mean(dips))
