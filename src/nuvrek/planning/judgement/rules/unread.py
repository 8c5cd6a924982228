"""What nobody has read is unknown, and is read before a way that hangs on it."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.rule import Rule


def missing(g: Grounds) -> tuple[Saying, ...]:
    """What is not known yet, the first to be read first."""
    found: list[Saying] = []
    if g.neck.bare:
        pass
    elif _relief_unread(g):
        found.append(means("rules.relief-pitch"))
    elif g.relief is not None and not g.relief.as_figure and not g.relief.off:
        found.append(means("rules.relief-figure"))
    if g.case.unread_lanes:
        if len(g.case.unread_lanes) == len(LANES):
            found.append(means("rules.which-frets-rock"))
        else:
            lanes = meaning.listed(LANE_WORDS[LANES[k]] for k in g.case.unread_lanes)
            found.append(means("rules.which-frets-rock-with-lanes", lanes=lanes))
    if not g.case.neck_map.crown_measured:
        found.append(means("rules.how-much-crown-left"))
    return tuple(found)


def _relief_unread(g: Grounds) -> bool:
    """Whether nobody has read the relief at pitch of a neck that has strings."""
    return not g.neck.bare and (g.relief is None or not g.lanes_strung)


def _blind(g: Grounds) -> Iterator[Leg]:
    if g.relief_blind:
        yield Leg(
            "read",
            means("rules.no-light-shows-under-string"),
            unless=means("rules.light-under-string-or-edge"),
        )


def _unread(g: Grounds) -> Iterator[Leg]:
    if not g.tops_known or _relief_unread(g):
        yield Leg(
            "read", means("rules.not-known-yet-until-then", listed=meaning.listed(missing(g)))
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
