"""The rod: its nut first, its direction, what slack means, and the relief."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.estimate.findings.relief import BACK_BOW_MM
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.rod.other_way import other_way
from nuvrek.readings.told.observed import rod_feel

READ_AGAIN = means("rules.relief-read-again-after-every")


def _nut_first(grounds: Grounds) -> Iterator[Leg]:
    if "rod-nut" not in grounds.ways or not (
        grounds.nut_waits or grounds.stopped("whole-turn", "unanswered")
    ):
        return
    if not grounds.relief_off and grounds.relief is not None and grounds.relief.as_figure:
        return
    yield Leg(
        "rod-nut", grounds.ways["rod-nut"].gist, unless=means("rules.stays-named-until-nut-mended")
    )
    # Of a rod that did not answer nobody knows yet whether it comes back into it.
    if grounds.relief_off and not grounds.stopped("unanswered"):
        yield Leg(
            "rod",
            means("rules.then-relief-rod-can-judged"),
            gate=means("rules.nut-mended-turning-freely-relief"),
        )


def _other_way(grounds: Grounds) -> Iterator[Leg]:
    answer = other_way(grounds.case.neck_map)
    if answer is None or "rod-back" not in grounds.ways or not grounds.stopped("other-way"):
        return
    meaning = means(
        "rules.became",
        length=grounds.case.length(answer.before_mm),
        after=grounds.case.length(answer.after_mm),
    )
    yield Leg(
        "rod-back",
        means("rules.relief-went-other-way-rod", detail=meaning),
        unless=means("rules.two-moves-answer-alike-settle"),
        speaks_for=(answer.last_move,),
    )
    yield Leg(
        "rod",
        means("rules.then-relief-right-way-round"),
        gate=means("rules.turned-back-read-again"),
    )


def _set(grounds: Grounds) -> Iterator[Leg]:
    if (
        not grounds.relief_off
        or grounds.case.stops
        or grounds.neck.rod == "none"
        or not grounds.possible("rod")
    ):
        return
    if grounds.relief is not None and grounds.relief.relief.mm < BACK_BOW_MM:
        why: Saying = means("rules.back-bow-under-string-tension")
    else:
        why = means(
            "rules.there-relief-than-wanted-rod-more"
            if grounds.relief_over
            else "rules.there-relief-than-wanted-rod-less"
        )
    moved = grounds.case.neck_map.neck_state.rod_moves
    unless = means("rules.strings-ring-clean-content-owner")
    if _slack(grounds) and grounds.neck.rod in ("two-way", "unknown", "twin") and moved:
        why = sentences(why, means("rules.slack-turn-until-bites-how"))
    yield grounds.leg("rod", why, "relief", "back-bow", unless=unless)


def _slack(grounds: Grounds) -> bool:
    return rod_feel(grounds.case.neck_map.neck_state) == "slack"


def _nothing_left(grounds: Grounds) -> Iterator[Leg]:
    """One-way, slack, and still less relief than wanted: not spent, there is nothing to let out."""
    if not grounds.stopped("nothing-left"):
        return
    why = grounds.stop_words()
    lies = means("rules.left-lies-where-every-note")
    if grounds.complaint and grounds.possible("strings"):
        yield Leg("strings", sentences(why, grounds.ways["strings"].gist), unless=lies)
    else:
        unless = means("rules.note-buzzes-there-would-ask")
        yield Leg("leave", sentences(why, lies), unless=unless)


NUT_FIRST = Rule(
    "rod-nut-first",
    means("rules.chewed-gummed-or-unreachable-rod"),
    _nut_first,
    excludes=("heat", "refer", "level", "rod-back"),
)
OTHER_WAY = Rule(
    "other-way",
    means("rules.rod-moves-relief-other-way"),
    _other_way,
    excludes=("heat", "refer", "level"),
)
SET = Rule("rod", means("rules.relief-off-frets-even-rod"), _set)
NOTHING_LEFT = Rule(
    "slack-is-not-spent",
    means("rules.one-way-rod-turned-out"),
    _nothing_left,
    excludes=("heat", "refer", "level", "level-lies"),
)
