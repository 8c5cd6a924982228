"""Heights and what tools lie on, found together: each decides the other."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple

import numpy as np
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import laid, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering
from nuvrek.estimate.model.layings import Edges, Layings, Lies
from nuvrek.estimate.model.oddness import (
    MOST_ODD,
    ODD_FORETOLD,
    SUSPECTS,
    Odd,
    odd_gaps,
    without_odd,
)
from nuvrek.estimate.model.refining import refine, refined
from nuvrek.estimate.model.solver import Solution, objective, search, solve
from nuvrek.estimate.model.unknowns import Unknowns
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
    evidence, solution = _solved(gathering, neck_state, closed)
    if closed:
        return evidence, refine(evidence, solution, tails), ()
    whole, foretold = refined(evidence, solution, tails)
    odd: list[Odd] = []
    gaps = {taken.number for taken in neck_state.taken if isinstance(taken.reading, StringGap)}
    while len(odd) < MOST_ODD and (suspects := odd_gaps(evidence, foretold, gaps)):
        worst, without = _worst(gathering.unknowns, neck_state, suspects[:SUSPECTS])
        gaps.remove(worst.number)
        rest, others_say = refined(without.evidence, without.solution, tails)
        if _fits_after_all(gathering.unknowns, neck_state.taken, worst.number, rest):
            continue
        odd.append(worst)
        neck_state, evidence, solution = without
        whole, foretold = rest, others_say
    evidence, solution, others = without_odd(evidence, solution, tails)
    if others:
        whole = refine(evidence, solution, tails)
    return evidence, whole, (*odd, *others)


class _Without(NamedTuple):
    """A neck without one of its readings, solved."""

    neck_state: NeckState
    evidence: Evidence
    solution: Solution


def _worst(
    unknowns: Unknowns, neck_state: NeckState, suspects: Sequence[Odd]
) -> tuple[Odd, _Without]:
    """The reading, of these, without which all the others agree best, and the neck without it.

    Strings and edges may then lie otherwise: all is settled anew.
    """
    tried = []
    for odd in suspects:
        kept = tuple(taken for taken in neck_state.taken if taken.number != odd.number)
        without = structs.replace(neck_state, taken=kept)
        tried.append((odd, _Without(without, *_solved(Gathering(unknowns), without, False))))
    return min(tried, key=lambda pair: pair[1].solution.objective)


def _fits_after_all(
    unknowns: Unknowns, taken: Sequence[Taken], number: int, rest: Solution
) -> bool:
    """Whether a gap is as the heights without it foretell once it is laid as these have it: then
    only what it lay on was wrong.
    """
    gathering = Gathering(unknowns)
    lies = Layings(gathering, laid(taken)).over(rest.z)
    evidence = gathering.evidence(taken, lies)
    row = next(i for i, numbers in enumerate(evidence.numbers) if number in numbers)
    spread = evidence.rows[row] @ rest.covariance @ evidence.rows[row]
    mm = float(evidence.rows[row] @ rest.z + evidence.constant[row])
    outside = max(float(evidence.lo[row]) - mm, mm - float(evidence.hi[row]), 0.0)
    return outside < ODD_FORETOLD * float(np.hypot(np.sqrt(spread), evidence.sigma[row]))


def _solved(gathering: Gathering, neck_state: NeckState, closed: bool) -> tuple[Evidence, Solution]:
    """The likeliest heights, with strings and edges on what carries them there."""
    layings = Layings(gathering, laid(neck_state.taken))
    evidence, z = _likeliest(layings, neck_state, closed)
    return evidence, solve(evidence, z, gathering.unknowns.tails)


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

    def least(settled: Settled) -> float:
        return min(objective(evidence, z, tails) for evidence, z in settled)

    return least(more) < least(found) - _BETTER


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
        for taken, gap in edges:
            low, high = reach_of(gap, frets)
            crest = crests.get(_laid_alike(taken, gap), 0)
            if low < crest < high and crest != gap.fret:
                low, high = (crest, high) if gap.fret > crest else (low, crest)
            lies[taken.number] = low, high
        return lies

    def on_ends(frets: int) -> Lies:
        return {taken.number: reach_of(gap, frets) for taken, gap in edges}

    touching: dict[object, set[int]] = {}
    for taken, gap in edges:
        if not shows_light(gap):
            touching.setdefault(_laid_alike(taken, gap), set()).add(gap.fret)
    first = [on_crests] if crests else []
    if not touching:
        return [*first, on_ends]

    def on_what_showed_no_light(frets: int) -> Lies:
        lies = {}
        for taken, gap in edges:
            low, high = reach_of(gap, frets)
            # Past its supports it runs on from what it lies on, which only the heights tell.
            inside = low < gap.fret < high
            if inside:
                there = touching.get(_laid_alike(taken, gap), set())
            else:
                there = set()
            lies[taken.number] = (
                max((f for f in there if low < f < gap.fret), default=low),
                min((f for f in there if gap.fret < f < high), default=high),
            )
        return lies

    return [*first, on_ends, on_what_showed_no_light]


def _crests(neck_state: NeckState) -> dict[object, int]:
    """The fret about which a long edge rocked, for all that is laid alike."""
    return {
        _laid_alike(taken, taken.reading): taken.reading.fret
        for taken in neck_state.taken
        if isinstance(taken.reading, EdgeLie) and taken.reading.fret is not None
    }


def _laid_alike(taken: Taken, gap: StringGap | EdgeLie) -> object:
    return gap.lane, gap.by in ON_WOOD, gap.state, id(taken.surface)


def _settled(
    layings: Layings, neck_state: NeckState, begin: Callable[[int], Lies], z: Array | None
) -> Settled:
    """The likeliest heights with the tools lying as these have it; where they bounce from one way
    of lying to another and back, with each of those. ``z`` is where the search begins.
    """
    gathering, tails = layings.gathering, layings.gathering.unknowns.tails
    contacts = begin(neck_state.neck.frets)
    # Heights decide contacts and contacts heights: a few rounds settle it.
    tried, evidence = [contacts], [gathering.evidence(neck_state.taken, contacts)]
    bounced = 0
    for _ in range(_MOST_LAYINGS if layings.edges else 0):
        z = search(evidence[-1], z, tails, _STEPS)
        contacts = layings.over(z)
        if contacts in tried:
            bounced = len(tried) - 1 - tried.index(contacts)
            break
        tried.append(contacts)
        evidence.append(gathering.evidence(neck_state.taken, contacts))
    last = evidence[-1 - min(bounced, _MOST_BOUNCES) :]
    return [(one, search(one, z, tails, _MOST_STEPS)) for one in last]
