"""Heights and what tools lie on, found together: each decides the other."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import laid, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering
from nuvrek.estimate.model.layings import Edges, Layings, Lies
from nuvrek.estimate.model.oddness import Odd, without_odd
from nuvrek.estimate.model.refining import refine
from nuvrek.estimate.model.solver import Solution, objective, search, solve
from nuvrek.readings.entries import ON_WOOD, EdgeLie, StringGap
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.stations import shows_light

Array = NDArray[np.float64]
# Ways of lying with the heights they lead to.
Settled = list[tuple[Evidence, Array]]
# How often tools are laid anew before what they lie on is taken as it is, and how many steps the
# heights are moved in between.
_MOST_LAYINGS, _STEPS, _MOST_BOUNCES, _MOST_STEPS = 6, 3, 1, 60
# So many of its tool's errors outside what it says a reading still agrees.
_AGREES = 1.5
# A way of lying is likelier than another from this difference of their log likelihoods on.
_BETTER = 0.5


def settle(
    gathering: Gathering, neck_state: NeckState, closed: bool = False
) -> tuple[Evidence, Solution, tuple[Odd, ...]]:
    """Solve; find what strings and edges lie on and solve again until that stays; leave out what
    is odd; then the doubt. Of a chapter that is ``closed`` the likeliest way of lying is enough:
    its many readings leave little to choose, and nobody can take an odd one of them again.
    """
    tails = gathering.unknowns.tails
    layings = Layings(gathering, laid(neck_state.taken))
    evidence, z = _likeliest(layings, neck_state, closed)
    solution, odd = solve(evidence, z, tails), tuple[Odd, ...]()
    if not closed:
        evidence, solution, odd = without_odd(evidence, solution, tails)
    return evidence, refine(evidence, solution, tails), odd


def _likeliest(layings: Layings, neck_state: NeckState, closed: bool) -> tuple[Evidence, Array]:
    """Over a hump a tool may lie in several ways: the likeliest is kept, each judged with the tools
    lying as its own heights have it.
    """
    unknowns = layings.gathering.unknowns
    known, ways = unknowns.carried is not None, _ways_to_lie(layings.edges, neck_state)
    if known:
        # Most of the neck is known from the chapters before: tools lie as those have it.
        ways.insert(0, lambda _frets: layings.over(np.zeros(unknowns.size)))
    found: Settled = []
    for n, begin in enumerate(ways[: 1 if closed else None]):
        # Where one way of lying has been found that all readings agree with there is no need of
        # another; and that would change a few heights only: the search goes on from the first.
        if len(found) == 1 and _agrees(*found[0]):
            break
        start = found[0][1] if found else None
        more = _settled(layings, neck_state, begin, start)
        # Of a known neck a second beginning that ends no better leaves nothing to choose.
        enough = known and n > 0 and not _better(more, found, unknowns.tails)
        found += more
        if enough:
            break
    if len(found) == 1:
        return found[0]
    return min(found, key=lambda one: _judged(layings, neck_state, one[1]))


def _better(more: Settled, found: Settled, tails: Array) -> bool:
    """Whether there is a way of lying among ``more`` that is likelier than all that were found."""
    new, old = (min(objective(e, z, tails) for e, z in some) for some in (more, found))
    return new < old - _BETTER


def _agrees(evidence: Evidence, z: Array) -> bool:
    """Whether no reading lies further outside what it says than its tool's error explains."""
    mu = evidence.rows @ z + evidence.constant
    outside = np.maximum(evidence.lo - mu, mu - evidence.hi) / evidence.sigma
    return bool(outside.max(initial=0.0) < _AGREES)


def _judged(layings: Layings, neck_state: NeckState, z: Array) -> float:
    gathering = layings.gathering
    evidence = gathering.evidence(neck_state.taken, layings.over(z))
    return objective(evidence, z, gathering.unknowns.tails)


def _ways_to_lie(edges: Edges, neck_state: NeckState) -> list[Callable[[int], Lies]]:
    """How the search begins: where a long edge was found to rock, on the fret it rocked about;
    every tool on the ends of what it covers; and, where others laid alike showed no light at some
    fret, on those frets.
    """
    crests = _crests(neck_state)

    def on_crests(frets: int) -> Lies:
        lies = {}
        for one, gap in edges:
            low, high = reach_of(gap, frets)
            crest = crests.get(_laid_alike(one, gap), 0)
            if low < crest < high and crest != gap.fret:
                low, high = (crest, high) if gap.fret > crest else (low, crest)
            lies[one.number] = low, high
        return lies

    def on_ends(frets: int) -> Lies:
        return {one.number: reach_of(gap, frets) for one, gap in edges}

    touching: dict[object, set[int]] = {}
    for one, gap in edges:
        if not shows_light(gap):
            touching.setdefault(_laid_alike(one, gap), set()).add(gap.fret)
    first = [on_crests] if crests else []
    if not touching:
        return [*first, on_ends]

    def on_what_showed_no_light(frets: int) -> Lies:
        lies = {}
        for one, gap in edges:
            low, high = reach_of(gap, frets)
            # Past its supports it runs on from what it lies on, which only the heights tell.
            inside = low < gap.fret < high
            there = touching.get(_laid_alike(one, gap), set()) if inside else set()
            lies[one.number] = (
                max((f for f in there if low < f < gap.fret), default=low),
                min((f for f in there if gap.fret < f < high), default=high),
            )
        return lies

    return [*first, on_ends, on_what_showed_no_light]


def _crests(neck_state: NeckState) -> dict[object, int]:
    """The fret about which a long edge rocked, for all that is laid alike."""
    return {
        _laid_alike(one, one.reading): one.reading.fret
        for one in neck_state.taken
        if isinstance(one.reading, EdgeLie) and one.reading.fret is not None
    }


def _laid_alike(one: Taken, gap: StringGap | EdgeLie) -> object:
    return gap.lane, gap.by in ON_WOOD, gap.state, id(one.surface)


def _settled(
    layings: Layings,
    neck_state: NeckState,
    begin: Callable[[int], Lies],
    z: Array | None,
) -> Settled:
    """The likeliest heights with the tools lying as these have it; where they bounce from one way
    of lying to another and back, with each of those. ``z`` is where the search begins.
    """
    gathering, tails = layings.gathering, layings.gathering.unknowns.tails
    contacts = begin(neck_state.neck.frets)
    # Heights decide contacts and contacts heights: a few rounds settle it.
    tried, made = [contacts], [gathering.evidence(neck_state.taken, contacts)]
    bounced = 0
    for _ in range(_MOST_LAYINGS if layings.edges else 0):
        z = search(made[-1], z, tails, _STEPS)
        contacts = layings.over(z)
        if contacts in tried:
            bounced = len(tried) - 1 - tried.index(contacts)
            break
        tried.append(contacts)
        made.append(gathering.evidence(neck_state.taken, contacts))
    last = made[-1 - min(bounced, _MOST_BOUNCES) :]
    return [(one, search(one, z, tails, _MOST_STEPS)) for one in last]
