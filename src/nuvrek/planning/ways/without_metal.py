"""Ways that take no metal: leave it, the rod, seating, the ends."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.forecast.strings_after import per_relief_mm
from nuvrek.readings.told.observed import end_faults


def leave(weighing: Weighing) -> Draft:
    """No metal, no turn; what stays so is said."""
    proud = weighing.case.named("proud")
    if not proud:
        return Draft("leave", means("ways.no-metal-no-turn"))
    return Draft(
        "leave",
        means(
            "ways.proud",
            frets_do=means("ways.still-stand", frets=meaning.frets(proud), number=len(proud)),
        ),
    )


def rod(weighing: Weighing) -> Draft:
    """The rod to the relief that is wanted."""
    case = weighing.case
    return Draft("rod", _rod_gist(case), why_not=_rod_why_not(case))


def _rod_why_not(case: Case) -> tuple[Saying, ...]:
    if case.neck.rod == "none":
        return (means("ways.neck-has-no-rod"),)
    if case.neck.bare:
        return (means("ways.bare-neck-has-no-relief"),)
    if case.stops:
        return tuple(stop.words for stop in case.stops)
    if case.rod is not None:
        return ()
    if case.relief is None:
        return (means("ways.relief-pitch-not-known-well"),)
    relief, wanted = case.relief, case.neck.relief_wanted_mm("middle")
    if abs(relief.mm - wanted) <= case.neck.relief_margin_mm:
        return (means("ways.relief-already-wanted", length=case.length(relief.mm)),)
    return (
        means(
            "ways.relief-not-surely-off",
            length=case.length(relief.mm),
            doubt=case.length(relief.doubt_mm),
            wanted=case.length(wanted),
        ),
    )


def _rod_gist(case: Case) -> Saying:
    move = case.rod
    if move is None:
        return means("ways.relief-needs-no-turn")
    if not move.known:
        return means(
            "ways.how-much-relief-there-isnt-too-much"
            if move.turns > 0
            else "ways.how-much-relief-there-isnt-too-little",
            detail=move.words,
        )
    meanings = []
    for forecast in move.forecasts:
        side: Saying
        side = ""
        if forecast.lane != "middle":
            side = sentences(LANE_WORDS[forecast.lane])
        after, doubt = case.length(forecast.after_mm), case.length(forecast.doubt_mm)
        meanings.append(means("ways.after-give-or-take", side=side, after=after, doubt=doubt))
    told = means("ways.forecast", detail=move.words, figure=meaning.listed(meanings, by=";"))
    return sentences(told, _action_words(case))


def _action_words(case: Case) -> Saying:
    """How far the strings come down or up with the relief; nothing while it is as wanted."""
    excess = case.excess_mm
    if excess is None:
        return ""
    lower = excess * per_relief_mm(case.neck)[1]
    key = "ways.action-comes-lower" if lower > 0 else "ways.action-comes-higher"
    return means(key, fret=case.neck.height_fret, height=case.height(abs(lower)))


def seat(weighing: Weighing) -> Draft:
    """Frets that stand off the wood pressed home."""
    frets = weighing.case.unseated
    if not frets:
        why = means("ways.no-fret-stands-off-wood")
        return Draft("seat", means("ways.nothing-press-home"), why_not=(why,))
    return Draft(
        "seat", means("ways.press-home-then-read-again", frets=meaning.frets(frets)), frets
    )


def ends(weighing: Weighing) -> Draft | None:
    """Fret ends alone, where a sweep found fault with them."""
    if not weighing.case.ends:
        return None
    faults = end_faults(weighing.case.neck_map.neck_state)
    frets = tuple(sorted({fret for found in faults.values() for fret in found}))
    gist = means("ways.ends-not-tops", frets=meaning.frets(frets))
    return Draft("ends", gist, frets)
