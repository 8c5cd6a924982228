"""New wire: all frets or some, the board cleaned or trued, tangs that push back, an angle planed
in.

All are weighed on the same footing as a filing: where the new tops will stand, what their first
level takes, what the strings then can do.
"""

from __future__ import annotations

from dataclasses import replace

import msgspec
import numpy as np

from nuvrek import meaning
from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.meaning import Saying, Word, means, told_by
from nuvrek.neck.wire import Wire
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms
from nuvrek.planning.refret.grip import GripPlan, plan_grips, wedges_of
from nuvrek.planning.refret.new_tops import NewTops, new_tops, usual_wire
from nuvrek.planning.refret.reasons import (
    MOST_ANGLE_MM,
    Reason,
    angle_off_mm,
    low_frets,
    reasons_for,
)
from nuvrek.planning.refret.slots import most_extra_mm
from nuvrek.planning.refret.truing import what_would_do
from nuvrek.planning.refret.wire_choice import MATCH_WIDTH_MM
from nuvrek.planning.ways.filing_words import few_frets
from nuvrek.planning.ways.level_schools import terms_of
from nuvrek.readings.entries import NewWire, Promise, WayKind
from nuvrek.readings.told.board_read import board_read
from nuvrek.readings.told.new_wire import new_tops_of

# Hours of new wire on a whole neck: the least, and in truth; a bound one takes longer (common
# practice, no source).
HOURS, BOUND_HOURS = (8, 12), 2
# Strung up without a rod and levelled by what is read then, the relief comes out within this, one
# standard deviation, and with tangs that still settle within more (measured on made-up necks that
# share nothing with the plan: benchmarks/refret.py).
STRUNG_FIRST_MM, WITH_TANGS_MM = 0.020, 0.05


def refret(weighing: Weighing) -> Draft | None:
    """New wire all over on a board that is only cleaned; None where nothing speaks for it."""
    return _all(weighing, "refret", wood="clean")


def first_frets(weighing: Weighing) -> Draft | None:
    """The first wire on a slotted board that never had any; cleaned, or trued as agreed."""
    case = weighing.case
    if not case.neck.no_frets or new_tops_of(case.neck_map.neck_state):
        return None
    terms = msgspec.structs.replace(case.agreed_wire, frets=(), angle_mm=0.0, back_bow_mm=0.0)
    if case.neck.rod == "none" and terms.held == "rod":
        terms = msgspec.structs.replace(terms, held="hand behind")
    every = tuple(range(1, case.neck.frets + 1))
    return _draft(weighing, "first-frets", terms, every, ())


def refret_true(weighing: Weighing) -> Draft | None:
    """New wire on a board that is trued: where the wood is wrong, or no rod takes the bow."""
    case = weighing.case
    wrong = case.has("hump") or case.has("s-shape") or "bow" in _kinds(weighing)
    if not wrong and case.agreed_wire.wood != "true":
        return None
    return _all(weighing, "refret-true", wood="true")


def _kinds(weighing: Weighing) -> set[str]:
    return {reason.kind for reason in reasons_for(weighing)}


def refret_tangs(weighing: Weighing) -> Draft | None:
    """New wire with tangs fatter than their slots, which push back against a bow no rod takes."""
    case = weighing.case
    agreed = case.agreed_wire.back_bow_mm
    wanted = agreed or max(case.excess_mm or 0.0, 0.0)
    if not case.rodless or wanted <= 0.0:
        return None
    return _all(weighing, "refret-tangs", back_bow_mm=min(wanted, 1.0))


def refret_angle(weighing: Weighing) -> Draft | None:
    """New wire on a board planed to give the strings the angle they lack."""
    case = weighing.case
    if case.agreed_wire.angle_mm:
        return _all(weighing, "refret-angle", wood="true")
    off = angle_off_mm(case)
    if off <= 0.0:
        return None
    return _all(weighing, "refret-angle", wood="true", angle_mm=min(off, 3.0))


def _all(weighing: Weighing, kind: WayKind, **changes: object) -> Draft | None:
    case, reasons = weighing.case, reasons_for(weighing)
    begun = case.agreed_wire.wire is not None or case.neck_map.neck_state.out
    if not reasons and not begun:
        return None
    terms = msgspec.structs.replace(case.agreed_wire, frets=(), **changes)
    if case.neck.rod == "none" and terms.held == "rod":
        terms = msgspec.structs.replace(terms, held="jig")
    if kind == "refret":
        terms = msgspec.structs.replace(terms, angle_mm=0.0, back_bow_mm=0.0)
    every = tuple(range(1, case.neck.frets + 1))
    return _draft(weighing, kind, terms, every, reasons)


def refret_some(weighing: Weighing) -> Draft | None:
    """New wire for a handful, where the rest has metal enough."""
    case = weighing.case
    agreed = case.agreed_wire
    out = tuple(sorted(case.neck_map.neck_state.out))
    some = agreed.frets or (out if len(out) < case.neck.frets else ())
    if some:
        terms = msgspec.structs.replace(agreed, frets=some)
        return _draft(weighing, "refret-some", terms, some, ())
    deep = case.neck_tops.grooves.reshape(-1, 3).max(axis=1)
    frets = tuple(fret for fret in low_frets(case) if deep[fret - 1] >= GROOVE_MM)
    if not frets or len(frets) > few_frets(case):
        return None
    terms = msgspec.structs.replace(agreed, frets=frets, wood="clean", angle_mm=0.0)
    return _draft(weighing, "refret-some", terms, frets, ())


def _draft(
    weighing: Weighing,
    kind: WayKind,
    terms: NewWire,
    frets: tuple[int, ...],
    reasons: tuple[Reason, ...],
) -> Draft:
    """The way with its new tops, its words and its promise."""
    case = weighing.case
    wire = terms.wire or usual_wire(case.neck)
    try:
        tops_of_wire = new_tops(case.neck_map, terms, wire, frets, level_terms(case))
    except ValueError as error:
        return Draft(kind, _why(case, reasons), frets=frets, why_not=(told_by(error),))
    grips = _grips(case, terms, wire)
    if kind == "refret-some":
        why = _some_words(case, frets)
    elif kind == "first-frets":
        why = means("ways.first-frets-on-new-board")
    else:
        why = _why(case, reasons)
    parts = (
        why,
        _wood_words(case, tops_of_wire, terms),
        _grip_words(case, grips, terms) or _other_words(case, terms),
        _wire_words(case, tops_of_wire),
        _set_up_words(case, tops_of_wire),
        "" if kind == "first-frets" else _hours_words(case, frets),
    )
    relief, doubt = _relief_after(case, terms)
    return Draft(
        kind,
        meaning.sentences(*parts),
        frets=frets,
        why_not=tuple(_why_not(case, tops_of_wire, terms, grips)),
        removal=tops_of_wire.level,
        promise=Promise(relief_mm=relief, relief_doubt_mm=doubt),
        new=tops_of_wire,
    )


def level_terms(case: Case) -> LevelTerms:
    """How the new tops are levelled: without a rod the slack tops get the dip from which the
    strings make the relief that is wanted.
    """
    usual = terms_of(case)
    if not case.rodless or case.neck.bare:
        return usual
    wanted = case.neck.relief_wanted_mm("middle") - case.neck_map.pull_mm
    return replace(usual, dip_mm=wanted)


def _grips(case: Case, terms: NewWire, wire: Wire) -> GripPlan | None:
    """The tangs' part in the bow, where they are to have one."""
    if terms.back_bow_mm <= 0.0:
        return None
    wedges = wedges_of(case.neck, wire.tang_mm)
    out = np.full(case.neck.frets, np.nan)
    most = most_extra_mm(wire, board_read(case.neck_map.neck_state).slot_width_mm)
    return plan_grips(wedges, terms.back_bow_mm, out, reads=(), spread=terms.spread, most_mm=most)


def _relief_after(case: Case, terms: NewWire) -> tuple[float | None, float | None]:
    """Relief strung up when all is done, and its doubt."""
    neck = case.neck
    if neck.bare:
        return None, None
    wanted = neck.relief_wanted_mm("middle")
    if not case.rodless:
        return wanted, neck.relief_margin_mm
    # It is strung up and read before the level decides what dip to leave.
    if terms.back_bow_mm > 0.0:
        within = WITH_TANGS_MM
    else:
        within = STRUNG_FIRST_MM
    return wanted, NINE_IN_TEN * within


def _why(case: Case, reasons: tuple[Reason, ...]) -> Saying:
    if not reasons:
        return means(
            "ways.new-wire-all-over-agreed", note=case.agreed_wire.note or means("ways.owner-wants")
        )
    return means("ways.new-wire-all-over", listed=meaning.listed(reason.says for reason in reasons))


def _some_words(case: Case, frets: tuple[int, ...]) -> Saying:
    least = case.length(case.neck_tops.least_crown_mm)
    low = [fret for fret in frets if fret in low_frets(case)]
    kept: Saying = ""
    if len(low) == len(frets):
        kept = means("ways.they-would-keep-less-than", least=least)
    return means(
        "ways.new-wire-only-wire-same",
        frets=meaning.frets(frets),
        kept=kept,
        length=case.length(MATCH_WIDTH_MM),
    )


def _wood_words(case: Case, tops_of_wire: NewTops, terms: NewWire) -> Saying:
    truing = tops_of_wire.truing
    if truing is None:
        return means("ways.board-only-cleaned")
    most = int(truing.off_mm.max(axis=1).argmax()) + 1
    sentences = [
        means(
            "ways.board-trued-wood-whole-likely",
            length=case.length(truing.wood_mm),
            wood_likely=case.length(tops_of_wire.wood_likely_mm),
            most=most,
            most_length=case.length(truing.most_mm),
        )
    ]
    if terms.angle_mm:
        sentences.append(means("ways.more-comes-off-nut", length=case.length(terms.angle_mm)))
    deeper = tuple(fret for fret, mm in enumerate(truing.saw_mm, 1) if mm > 0.005)
    if deeper:
        does = means("ways.must-sawn-deeper", frets=meaning.frets(deeper), number=len(deeper))
        sentences.append(means("ways.slots", does=does))
    return meaning.listed(sentences, by="sentences")


def _grip_words(case: Case, grips: GripPlan | None, terms: NewWire) -> Saying:
    if grips is None:
        return ""
    most = terms.spread == "most in the middle"
    low = max(grips.bow_mm - grips.doubt_mm, 0.0)
    return means(
        "ways.tangs-up-fatter-than-usual-most-middle"
        if most
        else "ways.tangs-up-fatter-than-usual-all-alike",
        length=case.length(float(np.nanmax(grips.grips_mm))),
        bow=case.length(grips.bow_mm),
        low=case.length(low),
        bow_length=case.length(grips.bow_mm + grips.doubt_mm),
    )


def _other_words(case: Case, terms: NewWire) -> Saying:
    """That tangs could do what the wood is trued for."""
    if not case.rodless or terms.wood != "true" or (case.excess_mm or 0.0) <= 0.0:
        return ""
    return means("ways.fatter-tangs-would-push-back")


def _wire_words(case: Case, tops_of_wire: NewTops) -> Saying:
    left, least = tops_of_wire.thinnest_mm, case.neck_tops.least_crown_mm
    years = case.wear.years(left, least, tops_of_wire.wire.hardness)
    return means(
        "ways.crown-after-first-level-about",
        name=Word(tops_of_wire.wire.name),
        length=case.length(left),
        years=years,
    )


def _set_up_words(case: Case, tops_of_wire: NewTops) -> Saying:
    change = tops_of_wire.set_up
    if case.neck.bare or len(tops_of_wire.frets) < case.neck.frets:
        return ""
    nut, saddle = change.nut_mm, float(np.mean(change.saddle_mm))
    moves = []
    if abs(nut) >= 0.03:
        moves.append(
            means(
                "ways.nut-slots-with-length-up-up"
                if nut > 0
                else "ways.nut-slots-with-length-up-down",
                length=case.length(abs(nut)),
            )
        )
    if abs(saddle) >= 0.05:
        moves.append(
            means(
                "ways.saddle-with-height-up-up"
                if saddle > 0
                else "ways.saddle-with-height-up-down",
                height=case.height(abs(saddle)),
            )
        )
    if moves:
        return means("ways.afterwards", listed=meaning.listed(moves))
    return ""


def _hours_words(case: Case, frets: tuple[int, ...]) -> Saying:
    if len(frets) < case.neck.frets:
        return ""
    most = HOURS[1] + (BOUND_HOURS if case.neck.bound else 0)
    return means("ways.usually-hours-least-truth-level", hours=HOURS[0], most=most)


def _why_not(
    case: Case, tops_of_wire: NewTops, terms: NewWire, grips: GripPlan | None
) -> list[Saying]:
    sayings: list[Saying] = []
    if tops_of_wire.truing is not None and not tops_of_wire.truing.possible:
        named = meaning.frets(
            tuple(dict.fromkeys(fret for fret, _, _ in tops_of_wire.truing.too_thin))
        )
        do = meaning.listed(what_would_do(tops_of_wire.truing, bool(terms.corners)))
        sayings.append(means("ways.board-would-too-thin-what", named=named, do=do))
    if not tops_of_wire.level.possible:
        short = meaning.frets(tuple(fret for fret, _ in tops_of_wire.level.short))
        sayings.append(means("ways.wire-too-low-first-level", short=short))
    if grips is not None and not grips.possible:
        sayings.append(
            means("ways.even-tightest-tangs-lack-bow", length=case.length(grips.short_mm))
        )
    if terms.angle_mm > MOST_ANGLE_MM:
        sayings.append(
            means("ways.nut-more-than-slight-fretwork", length=case.length(terms.angle_mm))
        )
    return sayings
