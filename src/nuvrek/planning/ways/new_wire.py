"""New wire: all frets or some, where crowns, wood or bow ask for it; and a fret that sits too
deep.
"""

from __future__ import annotations

from nuvrek import words
from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.crowns.crowning import LOWEST_MM
from nuvrek.planning.filing.level_program import Terms, metal_of
from nuvrek.planning.ways.filing_words import few_frets
from nuvrek.planning.ways.level_schools import level_draft
from nuvrek.readings.entries import Seated

# Hours of new wire on a whole neck: the least, and in truth; a bound one takes longer (common
# practice, no source).
HOURS, BOUND_HOURS = (8, 12), 2
# New wire beside old must be within a thou and a half of its width (common practice, no source).
MATCH_MM = 0.038
# A fret so much lower than both neighbours was driven too deep (common practice, no source).
TOO_DEEP_MM = 0.05


def refret(weighing: Weighing) -> Draft | None:
    """New wire all over, with the wood trued where it is the wood that is wrong; None where nothing
    speaks for it.
    """
    case = weighing.case
    reasons = _reasons(weighing)
    if not reasons:
        return None
    trued = [f.headline for f in case.findings if f.kind in ("hump", "s-shape")]
    wood = "the wood trued" if trued or _bowed(case) else "the wood only cleaned"
    tangs = ""
    if _bowed(case) and (case.excess_mm or 0.0) > 0.0:
        tangs = (
            " Without a rod tangs a little fatter than their slots, most in the middle, push back "
            "against the bow; what they gain is read strung up, before the level."
        )
    hours = HOURS[1] + (BOUND_HOURS if case.neck.bound else 0)
    gist = (
        f"New wire all over, {wood}: {words.listed(reasons)}.{tangs} {HOURS[0]} hours at the "
        f"least, {hours} in truth."
    )
    return Draft("refret", gist)


def _bowed(case: Case) -> bool:
    return case.rodless and case.excess_mm is not None


def _reasons(weighing: Weighing) -> list[str]:
    """What speaks for new wire, with its figure."""
    case, found = weighing.case, list[str]()
    least, crown = case.neck_tops.least_crown_mm, float(case.neck_tops.crown_mm.min())
    groove = float(case.neck_tops.grooves.max())
    standing = case.named("proud", "rocks", "end-high")
    level = level_draft(weighing, "level")
    short = level.removal is not None and not level.removal.possible
    asks = bool(standing) or groove >= GROOVE_MM or _bowed(case) or case.has("hump")
    if short and asks:
        found.append(
            f"crowns of {case.length(crown)} can't pay for a level that leaves {case.length(least)}"
        )
    if crown < LOWEST_MM:
        found.append(f"{case.length(crown)} of crown is too low to grip or to crown")
    if not found:
        return []
    found += [f.headline for f in case.findings if f.kind in ("hump", "s-shape")]
    return found


def refret_some(weighing: Weighing) -> Draft | None:
    """New wire for a handful, where the rest has metal enough."""
    case = weighing.case
    tops, least = case.neck_tops, case.neck_tops.least_crown_mm
    deep = tops.grooves.reshape(-1, 3).max(axis=1)
    left = tops.crown_mm.min(axis=1) - deep
    frets = tuple(
        fret
        for fret in range(1, case.neck.frets + 1)
        if left[fret - 1] < least and deep[fret - 1] >= GROOVE_MM
    )
    if not frets or len(frets) > few_frets(case):
        return None
    gist = (
        f"New wire for {words.frets(frets)}: they would keep less than {case.length(least)}. Only "
        f"with wire of the same width within {case.length(MATCH_MM)}, as high or a little higher."
    )
    return Draft("refret-some", gist, frets)


def lift_fret(weighing: Weighing) -> Draft | None:
    """A fret that was driven too deep, lifted or replaced, beside what it costs all the others."""
    case = weighing.case
    low = [f for f in case.findings if f.kind == "low" and -f.mm >= TOO_DEEP_MM and f.fret]
    seated = {
        w.entry.fret
        for w in case.neck_map.neck_state.work
        if isinstance(w.entry, Seated) and w.entry.stopped == "gone too far"
    }
    if len(low) != 1 or case.named("proud"):
        return None
    fret, deep = low[0].fret or 0, -low[0].mm
    driven = "It went too far when it was pressed. " if fret in seated else ""
    cost = low_fret_cost_mm(case, fret)
    gist = (
        f"{driven}Fret {fret} sits {case.length(deep)} low: lift it and glue it at the right "
        f"height, or put new wire there. Bringing all the others down to it takes "
        f"{case.length(cost)} of metal."
    )
    return Draft("lift-fret", gist, (fret,))


def low_fret_cost_mm(case: Case, fret: int) -> float:
    """How much more metal a full level takes for one fret that sits low."""
    tops = case.neck_tops.tops_mm.copy()
    if not 1 < fret < len(tops):
        return 0.0
    now = metal_of(case.neck_tops, Terms(), tops)
    x = case.neck_tops.x_mm
    share = (x[fret - 1] - x[fret - 2]) / (x[fret] - x[fret - 2])
    line = tops[fret - 2] * (1.0 - share) + tops[fret] * share
    tops[fret - 1] = line
    return max(now - metal_of(case.neck_tops, Terms(), tops), 0.0)
