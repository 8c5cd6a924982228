"""Found when opened: something turns up in the middle of a job. It pauses, what was agreed holds
for what is done, and the rest is weighed and asked for anew.
"""

from __future__ import annotations

from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.description import MAX_FRETS
from nuvrek.readings.entries import AnyEntry, StandOff
from nuvrek.readings.journal import NeckState
from nuvrek.readings.owner.entries import FOUND_WHAT, ExtraLine, Found, FoundWhat, LookedOver
from nuvrek.readings.shop.entries import Pause

# What it usually takes more: for each fret, or in all (common practice, no source).
USUAL_MIN: dict[FoundWhat, int] = {
    "more frets": 15,
    "glue everywhere": 90,
    "shelf in the slot": 30,
    "loose tongue": 0,
    "something else": 30,
}
_EACH: tuple[FoundWhat, ...] = ("more frets", "shelf in the slot")


def usual_minutes(what: FoundWhat, frets: int) -> int:
    """How much longer it usually makes a job."""
    if what in _EACH:
        return USUAL_MIN[what] * max(frets, 1)
    return USUAL_MIN[what]


def frets_in(text: str, most: int) -> tuple[int, ...] | None:
    """Frets as typed, ``3 7-9``; None where that can't be read."""
    found: set[int] = set()
    for part in text.replace(",", " ").split():
        low, _, high = part.partition("-")
        if not (
            low.isascii() and low.isdigit() and (not high or (high.isascii() and high.isdigit()))
        ):
            return None
        first, last = int(low[:3]), int((high or low)[:3])
        if not 1 <= first <= last <= min(most, MAX_FRETS):
            return None
        found |= set(range(first, last + 1))
    return tuple(sorted(found))


def found_entries(
    neck_state: NeckState,
    what: FoundWhat,
    words: str = "",
    frets: tuple[int, ...] = (),
    minutes: int | None = None,
) -> list[AnyEntry]:
    """What is written down when something is found: the thing itself, what it means for the neck,
    and that the step in hand is left.
    """
    if minutes is None:
        minutes = usual_minutes(what, len(frets))
    entries: list[AnyEntry] = [
        Found(what=what, words=words.strip()[:200], frets=frets, minutes=minutes)
    ]
    if what == "more frets":
        entries += [StandOff(fret=fret, moves="moves", state=neck_state.state) for fret in frets]
    if what == "loose tongue":
        entries.append(LookedOver(faults=("tongue",)))
    if not neck_state.left_at and neck_state.chosen is not None:
        entries.append(Pause(what="left"))
    return entries


def found_lines(neck_state: NeckState) -> tuple[ExtraLine, ...]:
    """What was found, as lines beside the course: its time is paid with the rest."""
    from nuvrek.meaning import written

    return tuple(
        ExtraLine(written(FOUND_WHAT[found.what]), found.minutes)
        for _, found in neck_state.dealings.found
        if found.minutes
    )


def found_words(neck_state: NeckState) -> Saying:
    """What was found last, and that the rest is to be agreed; nothing once it was."""
    dealings = neck_state.dealings
    if not dealings.found or dealings.accepted_quote is not None:
        return ""
    found = dealings.found[-1][1]
    return sentences(
        means("work.found-in-the-middle", what=FOUND_WHAT[found.what]),
        means("work.rest-is-weighed-anew"),
    )
