"""Heights and what tools lie on, found together: each decides the other."""

from __future__ import annotations

from collections.abc import Collection, Container, Iterator, Mapping
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import laid, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering
from nuvrek.estimate.model.layings import Edges, Layings, Lies
from nuvrek.estimate.model.oddness import (
    MOST_ODD,
    ODD_DROP,
    WORTH_TRYING,
    Odd,
    agrees,
    in_trouble,
    odd_against,
    suspects,
)
from nuvrek.estimate.model.refining import Refined, refined
from nuvrek.estimate.model.softening import Softening
from nuvrek.estimate.model.solver import Solution, objective, search, solve
from nuvrek.readings.entries import ON_WOOD, EdgeLie, StringGap
from nuvrek.readings.journal import NeckState, Taken
from nuvrek.readings.stations import shows_light

Array = NDArray[np.float64]
# How often tools are laid anew before what they lie on is taken as it is, and how many steps the
# heights are moved in between.
_MOST_LAYINGS, _STEPS, _MOST_STEPS = 6, 3, 60


@dataclass(frozen=True)
class _Settled:
    """A neck solved: its peak with the tools on one way of lying, and all that readings allow."""

    neck_state: NeckState
    layings: Layings
    evidence: Evidence
    peak: Solution

    @cached_property
    def whole(self) -> Refined:
        """All that the readings allow, found from the peak."""
        layings, soften = self.layings, None
        if layings.edges:
            laid_on = Softening(
                layings.gathering, self.neck_state.taken, self.evidence, layings.meant
            )
            soften = laid_on.over
        return refined(self.evidence, self.peak, layings.gathering.unknowns.tails, soften)


def settle(
    gathering: Gathering, neck_state: NeckState, closed: bool = False
) -> tuple[Evidence, Solution, tuple[Odd, ...]]:
    """Solve; find what strings and edges lie on and solve again until that stays; then all the
    ways in which they may lie, the doubt, and what is odd, left out. Of a chapter that is
    ``closed`` nobody can take an odd reading again.
    """
    found, odd = _solved(gathering, neck_state), list[Odd]()
    passed: set[int] = set()
    while not closed and len(odd) < MOST_ODD and in_trouble(found.whole):
        worst = _worst(found, passed)
        if worst is None:
            break
        number, without = worst
        said = _as_foretold(found.neck_state, number, without)
        if said is None:
            passed.add(number)
        else:
            odd.append(said)
            found = without
    return found.whole.evidence, found.whole.solution, tuple(odd)


def _worst(found: _Settled, passed: Container[int]) -> tuple[int, _Settled] | None:
    """The reading without which all the others agree best, by so much that it is wrong, and the
    neck without it; where there is one. Strings and edges may then lie otherwise: of each suspect
    that is tried from the heights as they are, and of the worst all is settled anew.
    """
    unknowns = found.layings.gathering.unknowns
    gaps = {taken.number for taken, _ in laid(found.neck_state.taken)}
    tried = []
    for number in suspects(found.evidence, found.peak, found.whole, unknowns.tails, gaps):
        if number not in passed:
            without = _without(found.neck_state, number)
            layings = Layings(Gathering(unknowns), without.taken)
            evidence, z = _laid_down(layings, without, layings.over(found.peak.z), found.peak.z)
            z = search(evidence, z, unknowns.tails, _STEPS)
            tried.append((objective(evidence, z, unknowns.tails), number))
    if not tried:
        return None
    left, number = min(tried)
    if found.peak.objective - left < WORTH_TRYING:
        return None
    best = _solved(Gathering(unknowns), _without(found.neck_state, number))
    if found.peak.objective - best.peak.objective < ODD_DROP:
        return None
    return number, best


def _without(neck_state: NeckState, number: int) -> NeckState:
    kept = tuple(taken for taken in neck_state.taken if taken.number != number)
    return structs.replace(neck_state, taken=kept)


def _as_foretold(neck_state: NeckState, number: int, without: _Settled) -> Odd | None:
    """How far a reading lies off what the heights without it foretell, once it is laid as these
    have it; nothing where it fits after all: then only what it lay on was wrong.
    """
    gathering, rest = Gathering(without.layings.gathering.unknowns), without.whole.solution
    layings, taken = Layings(gathering, neck_state.taken), neck_state.taken
    evidence = gathering.evidence(taken, layings.over(rest.z))
    evidence = Softening(gathering, taken, evidence, layings.meant).over(rest.z, rest.covariance)
    row = next(i for i, numbers in enumerate(evidence.numbers) if number in numbers)
    one = evidence.only(np.arange(len(evidence.lo)) == row)
    spread = float(one.rows[0] @ rest.covariance @ one.rows[0])
    mm = float(one.rows[0] @ rest.z + one.constant[0])
    return odd_against(one, number, mm, float(np.sqrt(spread)))


def _solved(gathering: Gathering, neck_state: NeckState) -> _Settled:
    """The likeliest heights, with strings and edges on what carries them there."""
    tails, layings = gathering.unknowns.tails, Layings(gathering, neck_state.taken)
    found: list[tuple[Evidence, Array]] = []
    for begin in _beginnings(layings, neck_state):
        found.append(_laid_down(layings, neck_state, begin))
        # Where one way of lying agrees with all readings there is no need of another.
        if agrees(*found[-1]):
            break
    evidence, z = found[0]
    if len(found) > 1:
        evidence, z = min(found, key=lambda one: objective(one[0], one[1], tails))
    return _Settled(neck_state, layings, evidence, solve(evidence, z, tails))


def _laid_down(
    layings: Layings, neck_state: NeckState, contacts: Lies, z: Array | None = None
) -> tuple[Evidence, Array]:
    """One way of lying that its own heights have: heights decide contacts and contacts heights, a
    few rounds settle it. Where they bounce from one to another and back, the one is kept that is
    likelier with the tools lying as its own heights have it.
    """
    gathering, tails = layings.gathering, layings.gathering.unknowns.tails
    tried: list[Lies] = []
    found: list[tuple[Evidence, Array]] = []
    while contacts not in tried and len(tried) <= _MOST_LAYINGS:
        tried.append(contacts)
        evidence = gathering.evidence(neck_state.taken, contacts)
        z = search(evidence, z, tails, _STEPS)
        found.append((evidence, z))
        contacts = layings.over(z)
    if contacts == tried[-1] or contacts not in tried:
        return found[-1]
    bouncing = [found[-1], found[tried.index(contacts)]]

    def judged(one: tuple[Evidence, Array]) -> float:
        z = search(*one, tails, _MOST_STEPS)
        return objective(gathering.evidence(neck_state.taken, layings.over(z)), z, tails)

    return min(bouncing, key=judged)


def _beginnings(layings: Layings, neck_state: NeckState) -> Iterator[Lies]:
    """How the search begins: as the chapters before have the neck; every tool on the ends of what
    it covers, and where a long edge was found to rock, on the fret it rocked about; and where
    others laid alike showed no light at some fret, on those.
    """
    edges, frets = layings.edges, neck_state.neck.frets
    if layings.gathering.unknowns.carried is not None:
        yield layings.over(np.zeros(layings.gathering.unknowns.size))
        return
    crests, lies = _crests(neck_state), Lies()
    for taken, gap in edges:
        low, high = reach_of(gap, frets)
        crest = crests.get(_laid_alike(taken, gap), 0)
        if low < crest < high and crest != gap.fret:
            low, high = (crest, high) if gap.fret > crest else (low, crest)
        lies[taken.number] = low, high
    yield lies | layings.meant
    touching: dict[object, set[int]] = {}
    for taken, gap in edges:
        if not shows_light(gap):
            touching.setdefault(_laid_alike(taken, gap), set()).add(gap.fret)
    if touching:
        yield _on_what_showed_no_light(edges, frets, touching) | layings.meant


def _on_what_showed_no_light(
    edges: Edges, frets: int, touching: Mapping[object, Collection[int]]
) -> Lies:
    lies = Lies()
    for taken, gap in edges:
        low, high = reach_of(gap, frets)
        # Past its supports it runs on from what it lies on, which only the heights tell.
        inside = low < gap.fret < high
        there = touching.get(_laid_alike(taken, gap), ()) if inside else ()
        lies[taken.number] = (
            max((f for f in there if low < f < gap.fret), default=low),
            min((f for f in there if gap.fret < f < high), default=high),
        )
    return lies


def _crests(neck_state: NeckState) -> dict[object, int]:
    """The fret about which a long edge rocked, for all that is laid alike."""
    return {
        _laid_alike(taken, taken.reading): taken.reading.fret
        for taken in neck_state.taken
        if isinstance(taken.reading, EdgeLie) and taken.reading.fret is not None
    }


def _laid_alike(taken: Taken, gap: StringGap | EdgeLie) -> object:
    return gap.lane, gap.by in ON_WOOD, gap.state, id(taken.surface)
