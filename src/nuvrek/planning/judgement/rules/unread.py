"""What nobody has read is unknown, and is read before a way that hangs on it."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import words
from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.rule import Rule


def missing(g: Grounds) -> tuple[str, ...]:
    """What is not known yet, the first to be read first."""
    found = []
    if g.neck.bare:
        pass
    elif _relief_unread(g):
        found.append(tr("the relief at pitch"))
    elif g.relief is not None and not g.relief.as_figure and not g.relief.off:
        found.append(tr("the relief as a figure"))
    if g.case.unread_lanes:
        if len(g.case.unread_lanes) == len(LANES):
            found.append(tr("which frets rock"))
        else:
            lanes = words.listed(LANE_WORDS[LANES[k]] for k in g.case.unread_lanes)
            found.append(tr("which frets rock on the {lanes}", lanes=lanes))
    if not g.case.neck_map.crown_measured:
        found.append(tr("how much crown is left"))
    return tuple(found)


def _relief_unread(g: Grounds) -> bool:
    """Whether nobody has read the relief at pitch of a neck that has strings."""
    return not g.neck.bare and (g.relief is None or not g.lanes_strung)


def _blind(g: Grounds) -> Iterator[Leg]:
    if g.relief_blind:
        yield Leg(
            "read",
            tr(
                "No light shows under the string: straight, or bowed back, it can't tell which. "
                "Lay a long edge on the frets and see whether it rocks before anything is turned."
            ),
            unless=tr("Light under the string, or an edge that lies all along, answers it."),
        )


def _unread(g: Grounds) -> Iterator[Leg]:
    if not g.tops_known or _relief_unread(g):
        yield Leg(
            "read",
            tr(
                "Not known yet: {listed}. Until then nothing is filed and nothing is called fine.",
                listed=words.listed(missing(g)),
            ),
        )


BLIND = Rule(
    "blind",
    tr("A string that shows no light tells nothing: the edge is asked before the rod."),
    _blind,
    excludes=("rod", "leave", "hardware", "strings", "heat", "refer", *NEW_WIRE_KINDS),
)
UNREAD = Rule(
    "unread",
    tr("Lanes and frets nobody measured are unknown; what hangs on them waits for the reading."),
    _unread,
    excludes=("leave", "hardware"),
)
