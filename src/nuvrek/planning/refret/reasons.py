"""Why new wire: every reason with its reading, and why nothing smaller will do. Any one may be
enough; several small ones together often are.
"""

from __future__ import annotations

from msgspec import Struct

from nuvrek import meaning
from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.meaning import Saying, means, sentences
from nuvrek.mechanics.angle import angle_by_truing_mm
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.crowns.crowning import LOWEST_MM
from nuvrek.planning.ways.filing_words import few_frets
from nuvrek.planning.ways.level_schools import level_draft
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.readings.told.observed import grooves_read, stands_off
from nuvrek.readings.told.what_was_read import heard_faults

# Without a rod to hold it a bow of this much is a reason by itself (common practice, no source).
BOW_MM = 0.10
# A board out of true by so much, by itself, at worst (common practice, no source).
WOOD_MM = 0.10
# An angle is planed in up to so much wood at one end; more is no fretwork (common practice, no
# source).
MOST_ANGLE_MM = 0.8
# Two small reasons count as one (common practice, no source).
ENOUGH = 2
# Words of a complaint that speak of notes without life.


class Reason(Struct, frozen=True):
    """One reason: its kind, what it says, and how much it weighs (2: enough by itself)."""

    kind: str
    says: Saying
    weight: int
    numbers: tuple[int, ...] = ()


def reasons_for(weighing: Weighing) -> tuple[Reason, ...]:
    """What speaks for new wire, the weightiest first; empty where all of it together is too
    little.
    """
    case = weighing.case
    reasons = [
        *_too_low(weighing),
        *_wood(case),
        *_no_grip(case),
        *_bow(case),
        *_wish(case),
        *_angle(case),
    ]
    if sum(reason.weight for reason in reasons) < ENOUGH:
        return ()
    return tuple(sorted(reasons, key=lambda reason: -reason.weight))


def _too_low(weighing: Weighing) -> list[Reason]:
    """Height less grooves less the metal a level would take falls under the least crown."""
    case = weighing.case
    least, crown = case.neck_tops.least_crown_mm, float(case.neck_tops.crown_mm.min())
    groove = float(case.neck_tops.grooves.max())
    level = level_draft(weighing, "level")
    short = level.removal is not None and not level.removal.possible
    standing = case.named("proud", "rocks", "end-high")
    asks = bool(standing) or groove >= GROOVE_MM or case.has("hump")
    asks = asks or (case.rodless and case.excess_mm is not None)
    reasons = []
    if short and asks:
        says = means(
            "refret.crowns-cant-pay-level-leaves",
            length=case.length(crown),
            least=case.length(least),
        )
        reasons.append(Reason("too low", says, 2))
    if crown < LOWEST_MM:
        says = means("refret.crown-too-low-grip-or", length=case.length(crown))
        reasons.append(Reason("too low", says, 2))
    return reasons


def _wood(case: Case) -> list[Reason]:
    """Humps or hollows that no rod setting removes."""
    shapes = [f for f in case.findings if f.kind in ("hump", "s-shape") and f.verdict != "good"]
    return [
        Reason("wood", meaning.lower_first(f.headline), 1, f.speaks_for)
        for f in shapes
        if abs(f.mm) >= WOOD_MM
    ]


def _no_grip(case: Case) -> list[Reason]:
    """Frets not seated all over, or loose in wide slots: dull notes from frets that are not
    worn.
    """
    neck_state = case.neck_map.neck_state
    loose, reasons = stands_off(neck_state), list[Reason]()
    if len(loose) > few_frets(case):
        says = means("refret.frets-move-or-stand-off", number=len(loose))
        reasons.append(Reason("no grip", says, 2))
    elif len(loose) > 1:
        does = means(
            "refret.not-seated",
            frets=meaning.frets(tuple(sorted(loose))),
            number=len(tuple(sorted(loose))),
        )
        reasons.append(Reason("no grip", meaning.lower_first(does), 1))
    worn = {fret for (fret, _), mm in grooves_read(neck_state).items() if mm >= GROOVE_MM}
    dull = {fret for _, fret in heard_faults(neck_state) if neck_state.heard and fret} - worn
    dull &= {fret for (_, fret), says in neck_state.heard.items() if says == "badly"}
    standing = {*case.named("proud", "rocks", "end-high")}
    near = {fret + n for fret in standing for n in (-1, 0)}
    if len(dull - near) > few_frets(case):
        says = means("refret.frets-ring-dull-though-they", number=len(dull - near))
        asked = complaint_of(neck_state).of("dead")
        reasons.append(Reason("no grip", says, 2 if asked else 1))
    return reasons


def _bow(case: Case) -> list[Reason]:
    """A bow that no rod takes out: fatter tangs, or the board trued, push back."""
    if not case.rodless or case.excess_mm is None:
        return []
    excess = case.excess_mm
    what = means("refret.too-much-relief-no-rod")
    if excess < 0:
        what = means("refret.too-little-relief-no-rod")
    says = sentences(case.length(abs(excess)), what)
    return [Reason("bow", says, 1 if abs(excess) < 2 * BOW_MM else 2)]


def _wish(case: Case) -> list[Reason]:
    wish = case.neck.wire_wish.strip()
    if wish:
        return [Reason("wish", means("refret.another-wire-wanted", wish=wish), 2)]
    return []


def _angle(case: Case) -> list[Reason]:
    """A slight angle fault can be planed into the board; more is no reason for new wire."""
    if not 0.0 < angle_off_mm(case) <= MOST_ANGLE_MM:
        return []
    says = means("refret.saddle-lacks", height=case.height(case.heights.lacking_mm))
    return [Reason("angle", says, 1)]


def angle_off_mm(case: Case) -> float:
    """How much more wood must come off at the nut to give the strings the angle they lack."""
    lacking = case.heights.lacking_mm
    last = float(case.neck_map.x_mm[-1])
    return max(lacking, 0.0) / angle_by_truing_mm(1.0, case.neck.scale_mm, last)


def why_not_smaller(weighing: Weighing) -> Saying:
    """Why neither filing nor a few frets will do, with figures."""
    case = weighing.case
    parts: list[Saying] = []
    level = level_draft(weighing, "level")
    removal = level.removal
    if removal is not None and removal.short:
        fret, lacks = max(removal.short, key=lambda one: one[1])
        parts.append(means("refret.level-short-fret", length=case.length(lacks), fret=fret))
    low = low_frets(case)
    if len(low) > few_frets(case):
        count = means("refret.frets", number=len(low))
        parts.append(means("refret.too-low-more-than-handful", count=count))
    return meaning.listed(parts, by="sentences")


def low_frets(case: Case) -> tuple[int, ...]:
    """Frets whose crown less its groove is under the least that is kept."""
    tops, least = case.neck_tops, case.neck_tops.least_crown_mm
    left = (tops.crown_mm - tops.grooves.reshape(-1, 3)).min(axis=1)
    return tuple(fret for fret, mm in enumerate(left, 1) if mm < least)
