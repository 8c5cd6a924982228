"""Heights and what tools lie on, found together: each decides the other."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import contacts_around, hull_within, laid, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering
from nuvrek.estimate.model.oddness import Odd, without_odd
from nuvrek.estimate.model.refining import refine
from nuvrek.estimate.model.solver import Solution, search, solve
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import StringGap
from nuvrek.readings.journal import NeckState, Taken

Array = NDArray[np.float64]
# How often tools are laid anew before what they lie on is taken as it is, and how many steps the
# heights are moved in between.
_MOST_LAYINGS, _STEPS = 10, 3


def settle(
    gathering: Gathering, neck_state: NeckState, start: Array | None
) -> tuple[Evidence, Solution, tuple[Odd, ...]]:
    """Solve; find what strings and edges lie on and solve again until that stays; leave out what
    is odd; then the doubt. ``start`` are heights to begin from.
    """
    tails, edges = gathering.unknowns.tails, laid(neck_state.taken)
    # To begin with they lie on the ends of what they cover, or as they were found to lie before;
    # the heights then say on what.
    contacts = {one.number: reach_of(gap, neck_state.neck.frets) for one, gap in edges}
    if start is not None:
        contacts = {**_lay(gathering, edges, start), **gathering.contacts}
        contacts = {one.number: contacts[one.number] for one, _ in edges}
    evidence, z = gathering.evidence(neck_state.taken, contacts), start
    # Heights decide contacts and contacts heights: a few rounds settle it. Where two ways of lying
    # are as good as each other it would go on for ever: what was laid before ends it as well.
    tried = [contacts]
    for _ in range(_MOST_LAYINGS if edges else 0):
        z = search(evidence, z, tails, _STEPS)
        contacts = _lay(gathering, edges, z)
        if contacts in tried:
            break
        tried.append(contacts)
        evidence = gathering.evidence(neck_state.taken, contacts)
    evidence, solution, odd = without_odd(evidence, solve(evidence, z, tails), tails)
    return evidence, refine(evidence, solution, tails), odd


def _lay(
    gathering: Gathering, edges: list[tuple[Taken, StringGap]], z: Array
) -> dict[int, tuple[int, int]]:
    """What every string and edge lies on with the heights of ``z``, by the reading's number."""
    contacts = {}
    frets = gathering.unknowns.neck.frets
    heights: dict[object, Array] = {}
    hulls: dict[object, list[int]] = {}
    for one, gap in edges:
        key = gathering.heights_under(one, gap)
        if key not in heights:
            rows, constant = gathering.heights(key)
            heights[key] = rows @ z + constant
        reach = reach_of(gap, frets)
        under, place = heights[key][:, LANES.index(gap.lane)], (key, gap.lane, reach)
        if place not in hulls:
            hulls[place] = hull_within(gathering.x, under, reach)
        contacts[one.number] = contacts_around(gathering.x, under, gap.fret, reach, hulls[place])
    return contacts
