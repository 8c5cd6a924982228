"""When the ear has the word: what was read leaves a noise open, and nobody has played the notes."""

from __future__ import annotations

import numpy as np

from nuvrek.planning.judgement.grounds import Grounds

# A note is left to the ear from this chance on that it touches a fret (the map's own doubt).
OPEN_CHANCE = 0.2


def ear_first(grounds: Grounds) -> bool:
    """Whether a noise is complained of that the readings neither show nor shut out: a string that
    lies on fret 1 while it is held at 3, or a note with hardly any room.
    """
    shape = grounds.complaint_shape
    heard = grounds.heard_clean or bool(grounds.case.neck_map.neck_state.heard)
    if heard or grounds.neck.bare or not grounds.tops_known:
        return False
    if not shape.of("buzz", "dead", "choke"):
        return False
    return (lies_on_first(grounds) and _may_be_open(grounds)) or _on_the_edge(grounds)


def lies_on_first(grounds: Grounds) -> bool:
    """Whether a string that is held at 3 was found to lie on fret 1."""
    return any(finding.kind == "nut-low" for finding in grounds.case.findings)


def _may_be_open(grounds: Grounds) -> bool:
    return not grounds.complaint_shape.of("fretted", "high frets", "one note", "bends")


def _on_the_edge(grounds: Grounds) -> bool:
    """Whether a fretted note may well touch, by the map."""
    return grounds.rooms is not None and bool(np.any(grounds.rooms.buzz[:, 1:] > OPEN_CHANCE))
