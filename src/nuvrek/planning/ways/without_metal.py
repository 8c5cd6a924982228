"""Ways that take no metal: leave it, the rod, seating, the ends."""

from __future__ import annotations

from nuvrek import words
from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.readings.told.observed import end_faults


def leave(weighing: Weighing) -> Draft:
    """No metal, no turn; what stays so is said."""
    proud = weighing.case.named("proud")
    if not proud:
        return Draft("leave", tr("No metal, no turn."))
    return Draft(
        "leave",
        tr("{frets_do} proud.", frets_do=words.frets_do(proud, "still stands", "still stand")),
    )


def rod(weighing: Weighing) -> Draft:
    """The rod to the relief that is wanted."""
    case = weighing.case
    return Draft("rod", _rod_gist(case), why_not=_rod_why_not(case))


def _rod_why_not(case: Case) -> tuple[str, ...]:
    if case.neck.rod == "none":
        return (tr("This neck has no rod."),)
    if case.neck.bare:
        return (tr("A bare neck has no relief yet: it is set once the strings pull."),)
    if case.stops:
        return tuple(stop.words for stop in case.stops)
    if case.rod is not None:
        return ()
    if case.relief is None:
        return (
            tr("The relief at pitch is not known well enough: take a string gap on both sides."),
        )
    return (tr("Relief is already as wanted: {length}.", length=case.length(case.relief.mm)),)


def _rod_gist(case: Case) -> str:
    move = case.rod
    if move is None:
        return tr("The relief needs no turn.")
    if not move.known:
        over = tr("too much") if move.turns > 0 else tr("too little")
        return tr(
            "{words} How much relief there is isn't known, only that it is {over}: "
            "read it again after the move.",
            words=move.words,
            over=over,
        )
    told = []
    for one in move.forecasts:
        side = "" if one.lane == "middle" else f"{LANE_WORDS[one.lane]} "
        after, doubt = case.length(one.after_mm), case.length(one.doubt_mm)
        told.append(
            tr("{side}{after} after it, give or take {doubt}", side=side, after=after, doubt=doubt)
        )
    return tr("{words} Forecast {told}.", words=move.words, told="; ".join(told))


def seat(weighing: Weighing) -> Draft:
    """Frets that stand off the wood pressed home."""
    frets = weighing.case.unseated
    if not frets:
        why = tr("No fret stands off the wood by these readings.")
        return Draft("seat", tr("Nothing to press home."), why_not=(why,))
    return Draft(
        "seat", tr("Press {frets} home, then read again.", frets=words.frets(frets)), frets
    )


def ends(weighing: Weighing) -> Draft | None:
    """Fret ends alone, where a sweep found fault with them."""
    if not weighing.case.ends:
        return None
    faults = end_faults(weighing.case.neck_map.neck_state)
    frets = tuple(sorted({fret for found in faults.values() for fret in found}))
    gist = tr("{frets}: the ends, not the tops.", frets=words.upper_first(words.frets(frets)))
    return Draft("ends", gist, frets)
