"""What nobody has read is unknown, and is read before a way that hangs on it."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.rule import Rule


def missing(grounds: Grounds) -> tuple[Saying, ...]:
    """What is not known yet, the first to be read first."""
    sayings: list[Saying] = []
    if grounds.neck.bare:
        pass
    elif _relief_unread(grounds):
        sayings.append(means("rules.relief-pitch"))
    elif grounds.relief is not None and not grounds.relief.as_figure and not grounds.relief.off:
        sayings.append(means("rules.relief-figure"))
    if grounds.case.unread_lanes:
        if len(grounds.case.unread_lanes) == len(LANES):
            sayings.append(means("rules.which-frets-rock"))
        else:
            lanes = meaning.listed(LANE_WORDS[LANES[k]] for k in grounds.case.unread_lanes)
            sayings.append(means("rules.which-frets-rock-with-lanes", lanes=lanes))
    if not grounds.case.neck_map.crown_measured:
        sayings.append(means("rules.how-much-crown-left"))
    return tuple(sayings)


def _relief_unread(grounds: Grounds) -> bool:
    """Whether nobody has read the relief at pitch of a neck that has strings."""
    return not grounds.neck.bare and (grounds.relief is None or not grounds.lanes_strung)


def _blind(grounds: Grounds) -> Iterator[Leg]:
    if grounds.relief_blind:
        why: Saying = means("rules.no-light-shows-under-string")
        if grounds.stopped("unseen"):
            why = grounds.stop_words()
        yield Leg("read", why, unless=means("rules.light-under-string-or-edge"))


def _unread(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.tops_known or _relief_unread(grounds):
        yield Leg(
            "read", means("rules.not-known-yet-until-then", listed=meaning.listed(missing(grounds)))
        )


BLIND = Rule(
    "blind",
    means("rules.string-shows-no-light-tells"),
    _blind,
    excludes=("rod", "leave", "hardware", "strings", "heat", "refer", *NEW_WIRE_KINDS),
)
UNREAD = Rule(
    "unread",
    means("rules.lanes-frets-nobody-measured-unknown"),
    _unread,
    excludes=("leave", "hardware"),
)
