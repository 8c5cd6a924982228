"""Sound first: what was seen when it was looked over, and readings that contradict each other."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.readings.told.contradictions import Contradiction


def _sound(grounds: Grounds) -> Iterator[Leg]:
    faults = grounds.unsound
    if faults and "refer" in grounds.ways:
        yield Leg(
            "refer",
            means("rules.not-sound-first", faults=meaning.listed(_seen(f) for f in faults)),
            unless=means("rules.looked-over-and-sound"),
        )


def _seen(fault: str) -> Saying:
    return means(f"causes.seen-{fault}")


def _again(grounds: Grounds) -> Iterator[Leg]:
    found = grounds.contradictions
    if not found or "read" not in grounds.ways:
        return
    yield Leg(
        "read",
        meaning.listed((contradiction_words(grounds, each) for each in found[:2]), by="sentences"),
        unless=means("rules.third-reading-settles"),
        speaks_for=tuple(n for each in found for n in each.numbers)[:8],
    )


def contradiction_words(grounds: Grounds, found: Contradiction) -> Saying:
    """What is to be read again, and why."""
    length, height = grounds.case.length, grounds.case.height
    if found.kind == "rock twice":
        return means("rules.rock-again", fret=found.fret)
    side = LANE_WORDS[found.side] if found.side else means("necks.middle")
    if found.kind == "height twice":
        return means(
            "rules.height-again",
            side=side,
            fret=found.fret,
            before=height(found.before_mm),
            after=height(found.after_mm),
        )
    key = {
        "gap twice": "rules.gap-again",
        "pull backwards": "rules.pull-backwards-again",
        "pull one side": "rules.pull-much-again",
    }[found.kind]
    return means(
        key,
        side=side,
        fret=found.fret,
        before=length(found.before_mm),
        after=length(found.after_mm),
    )


SOUND = Rule("sound", means("rules.sound-comes-first"), _sound, final=True)
AGAIN = Rule("contradiction", means("rules.contradictions-come-first"), _again, final=True)
