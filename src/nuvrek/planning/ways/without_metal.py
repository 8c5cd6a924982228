"""Ways that take no metal: leave it, the rod, seating, the ends."""

from __future__ import annotations

from nuvrek import words
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.readings.told.observed import end_faults


def leave(weighing: Weighing) -> Draft:
    """No metal, no turn; what stays so is said."""
    proud = weighing.case.named("proud")
    if not proud:
        return Draft("leave", "No metal, no turn.")
    return Draft("leave", f"{words.frets_do(proud, 'still stands', 'still stand')} proud.")


def rod(weighing: Weighing) -> Draft:
    """The rod to the relief that is wanted."""
    case = weighing.case
    return Draft("rod", _rod_gist(case), why_not=_rod_why_not(case))


def _rod_why_not(case: Case) -> tuple[str, ...]:
    if case.neck.rod == "none":
        return ("This neck has no rod.",)
    if case.neck.bare:
        return ("A bare neck has no relief yet: it is set once the strings pull.",)
    if case.stops:
        return tuple(stop.words for stop in case.stops)
    if case.rod is not None:
        return ()
    if case.relief is None:
        return ("The relief at pitch is not known well enough: take a string gap on both sides.",)
    return (f"Relief is already as wanted: {case.length(case.relief.mm)}.",)


def _rod_gist(case: Case) -> str:
    move = case.rod
    if move is None:
        return "The relief needs no turn."
    if not move.known:
        over = "too much" if move.turns > 0 else "too little"
        return (
            f"{move.words} How much relief there is isn't known, only that it is {over}: "
            "read it again after the move."
        )
    told = []
    for one in move.forecasts:
        side = "" if one.lane == "middle" else f"{LANE_WORDS[one.lane]} "
        after, doubt = case.length(one.after_mm), case.length(one.doubt_mm)
        told.append(f"{side}{after} after it, give or take {doubt}")
    return f"{move.words} Forecast {'; '.join(told)}."


def seat(weighing: Weighing) -> Draft:
    """Frets that stand off the wood pressed home."""
    frets = weighing.case.unseated
    if not frets:
        why = "No fret stands off the wood by these readings."
        return Draft("seat", "Nothing to press home.", why_not=(why,))
    return Draft("seat", f"Press {words.frets(frets)} home, then read again.", frets)


def ends(weighing: Weighing) -> Draft | None:
    """Fret ends alone, where a sweep found fault with them."""
    if not weighing.case.ends:
        return None
    faults = end_faults(weighing.case.neck_map.neck_state)
    frets = tuple(sorted({fret for found in faults.values() for fret in found}))
    gist = f"{words.upper_first(words.frets(frets))}: the ends, not the tops."
    return Draft("ends", gist, frets)
