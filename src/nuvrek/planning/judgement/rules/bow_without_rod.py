"""A bow that no rod answers: strings, then the frets if they can pay, then new wire, heat, or a
new neck, each against what it costs.
"""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.estimate.findings.shapes import PULL_UNKNOWN_MM
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.readings.entries import WayKind

# Crown to spare above the least before a bow is dressed into the frets (common practice, no
# source).
SPARE_CROWN_MM = 0.05


def _bow(grounds: Grounds) -> Iterator[Leg]:
    case = grounds.case
    if not grounds.relief_off or not case.rodless or grounds.stopped("nothing-left"):
        return
    stopped: Saying = ""
    if case.stops:
        stopped = sentences(grounds.stop_words())
    if grounds.neck.rod == "none":
        none = means("rules.neck-has-no-rod")
    else:
        none = means("rules.rod-out")
    if grounds.possible("strings"):
        yield Leg(
            "strings",
            sentences(stopped, none, grounds.ways["strings"].gist),
            unless=_new_neck(grounds),
        )
        return
    level = grounds.ways["level"]
    spare = float(level.left_mm.min()) - case.neck_tops.least_crown_mm
    if level.possible and spare >= SPARE_CROWN_MM:
        unknown = case.neck_map.pull_doubt_mm > PULL_UNKNOWN_MM
        slack: Saying = ""
        if unknown:
            slack = means("rules.read-slack-too-before-filing")
        yield Leg(
            "level",
            means(
                "rules.dressing-relief-into-frets-costs",
                stopped=stopped,
                none=none,
                length=case.length(level.metal_mm),
                slack=slack,
            ),
            unless=_new_neck(grounds),
        )
        return
    yield from _last(
        grounds, means("rules.frets-cant-pay-dressing-bow", stopped=stopped, none=none)
    )


def _last(grounds: Grounds, why: Saying) -> Iterator[Leg]:
    """Without a rod to hold it heated wood tends to return: there new wire comes before heat."""
    order: tuple[WayKind, ...] = ("heat", "refer", "refret")
    if grounds.neck.rod == "none":
        order = ("refret", "refer", "heat")
    elif grounds.stopped("slack-back-bow"):
        # A bolt-on neck is changed in a few hours.
        order = ("new-neck", "refret", "refer")
    for named in order:
        if named == "refret":
            kind = grounds.new_wire or named
        else:
            kind = named
        if grounds.possible(kind):
            yield Leg(kind, sentences(why, grounds.ways[kind].gist), unless=_new_neck(grounds))
            return
    yield Leg("leave", means("rules.leave-or-have-neck-itself", why=why), unless=_new_neck(grounds))


def _new_neck(grounds: Grounds) -> Saying:
    """The money side, in figures and without contempt."""
    if "new-neck" not in grounds.ways:
        return ""
    return means("rules.owner-decides-what-worth", gist=grounds.ways["new-neck"].gist)


BOW = Rule("bow-without-rod", means("rules.bow-no-rod-answers-strings"), _bow, excludes=("rod",))
