"""Everything computed from one moment of a neck, in one frozen value that knows what it stands
on.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cached_property
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.logbook.stand import Stand
from nuvrek.planning.money.prices import PriceList
from nuvrek.readings.journal import NeckState
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.estimate.next_reading import NextBest
    from nuvrek.planning.plan import Plan


class ResultTerms(Struct, frozen=True):
    """What a result depends on beside the neck: the units of its sentences, the tools of the
    bench, the shop's prices.
    """

    unit: Unit
    kit: Kit = Kit()
    height_unit: Unit = Unit.MM
    prices: PriceList = PriceList()


class SolveRequest(Struct, frozen=True):
    """What is to be solved: a neck's state at one moment, and on which terms."""

    neck_state: NeckState
    identity: Stand
    terms: ResultTerms


@dataclass(frozen=True)
class Solved:
    """Map, findings and plan of one moment.

    The plan, and what to read next, take longer than the map: a result shows first without them.
    """

    wanted: SolveRequest
    map: HeightMap
    findings: tuple[Finding, ...]
    plan: Plan | None = None
    next: NextBest | None = None

    @property
    def neck_state(self) -> NeckState:
        """The state it was solved from."""
        return self.wanted.neck_state

    @property
    def looked_at(self) -> bool:
        """Whether its map is made."""
        return True

    @property
    def identity(self) -> Stand:
        """The neck and the journal it stands on."""
        return self.wanted.identity


def wanted_alone(neck_state: NeckState, unit: Unit) -> SolveRequest:
    """What is to be solved for a neck of no logbook: the command line, tests."""
    return SolveRequest(neck_state, Stand(0, "", neck_state.length), ResultTerms(unit))


def see(wanted: SolveRequest, before: Solved | None = None) -> Solved:
    """Solve the neck, without a plan; ``before``, of the same neck, gives it a start.

    Imports the heavy libraries only now.
    """
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck

    same = before is not None and _same_neck(before, wanted)
    neck_map = map_neck(wanted.neck_state, before.map if before is not None and same else None)
    return Solved(wanted, neck_map, find(neck_map, wanted.terms.unit, wanted.terms.height_unit))


def _same_neck(before: Solved, wanted: SolveRequest) -> bool:
    """Whether an earlier result is of the same neck as described today."""
    stand, other = before.identity, wanted.identity
    same = (stand.neck, stand.uid) == (other.neck, other.uid)
    return same and before.neck_state.neck == wanted.neck_state.neck


def weigh(solved: Solved) -> Solved:
    """The same result with its plan, and what to read next with the tools of the bench."""
    from nuvrek.estimate.next_reading import next_best
    from nuvrek.planning.plan import make_plan

    terms = solved.wanted.terms
    plan = make_plan(
        solved.map, solved.findings, terms.unit, height_unit=terms.height_unit, prices=terms.prices
    )
    return replace(solved, plan=plan, next=next_best(solved.map, terms.kit))


class WhenLookedAt(Solved):
    """A result whose map is made when it is first looked at, and its plan by itself: for who drives
    the pages faster than anybody reads them.
    """

    def __init__(self, wanted: SolveRequest, before: Solved | None) -> None:
        self.__dict__["wanted"] = wanted
        # Of those that nobody looked at nothing can be used again.
        while before is not None and not before.looked_at:
            before = before.__dict__["_before"]
        self.__dict__["_before"] = before

    @property
    def looked_at(self) -> bool:
        """Whether somebody did."""
        return "_seen" in self.__dict__

    @cached_property
    def _seen(self) -> Solved:
        return see(self.wanted, self.__dict__.pop("_before", None))

    @cached_property
    def _whole(self) -> Solved:
        return weigh(self._seen)

    @property
    def map(self) -> HeightMap:
        """The map."""
        return self._seen.map

    @property
    def findings(self) -> tuple[Finding, ...]:
        """What was found on it."""
        return self._seen.findings

    @property
    def plan(self) -> Plan | None:
        """The plan made from it."""
        return self._whole.plan

    @property
    def next(self) -> NextBest | None:
        """What to read next."""
        return self._whole.next
