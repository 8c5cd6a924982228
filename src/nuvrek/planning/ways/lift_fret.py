"""A fret that sits too deep: lifted or replaced, beside what it costs all the others."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import LevelTerms, metal_of
from nuvrek.readings.entries import Seated
from nuvrek.readings.told.observed import came_up_again

# A fret so much lower than both neighbours was driven too deep (common practice, no source).
TOO_DEEP_MM = 0.05


def lift_fret(weighing: Weighing) -> Draft | None:
    """A fret that was driven too deep, lifted or replaced, beside what it costs all the others."""
    case = weighing.case
    again = came_up_again(case.neck_map.neck_state)
    if again:
        gist = means("ways.came-up-again", frets=meaning.frets(again), number=len(again))
        return Draft("lift-fret", gist, again)
    low = [f for f in case.findings if f.kind == "low" and -f.mm >= TOO_DEEP_MM and f.fret]
    seated = {
        w.entry.fret
        for w in case.neck_map.neck_state.work
        if isinstance(w.entry, Seated) and w.entry.stopped == "gone too far"
    }
    if len(low) != 1 or case.named("proud"):
        return None
    fret, deep = low[0].fret or 0, -low[0].mm
    driven: Saying = ""
    if fret in seated:
        driven = means("ways.went-too-far-when-pressed")
    cost = low_fret_cost_mm(case, fret)
    gist = means(
        "ways.fret-sits-low-lift-glue",
        driven=driven,
        fret=fret,
        length=case.length(deep),
        cost=case.length(cost),
    )
    return Draft("lift-fret", gist, (fret,))


def low_fret_cost_mm(case: Case, fret: int) -> float:
    """How much more metal a full level takes for one fret that sits low."""
    tops = case.neck_tops.tops_mm.copy()
    if not 1 < fret < len(tops):
        return 0.0
    now = metal_of(case.neck_tops, LevelTerms(), tops)
    x = case.neck_tops.x_mm
    share = (x[fret - 1] - x[fret - 2]) / (x[fret] - x[fret - 2])
    line = tops[fret - 2] * (1.0 - share) + tops[fret] * share
    tops[fret - 1] = line
    return max(now - metal_of(case.neck_tops, LevelTerms(), tops), 0.0)
