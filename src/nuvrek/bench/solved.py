"""Everything computed from a neck's present picture, in one frozen value."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct, structs

from nuvrek.readings.journal import NeckState
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.estimate.next_reading import NextBest
    from nuvrek.planning.plan import Plan


class Solved(Struct, frozen=True):
    """Map, findings and plan of one moment; ``number`` is the journal's length at that moment.

    The plan, and what to read next, take longer than the map: a picture shows first without them.
    """

    neck_state: NeckState
    number: int
    map: HeightMap
    findings: tuple[Finding, ...]
    plan: Plan | None = None
    next: NextBest | None = None


def see(neck_state: NeckState, unit: Unit, before: Solved | None = None) -> Solved:
    """Solve the neck, without a plan. Imports the heavy libraries only now."""
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck

    neck_map = map_neck(neck_state, before.map if before else None)
    return Solved(neck_state, neck_state.length, neck_map, find(neck_map, unit))


def weigh(solved: Solved, unit: Unit, kit: Kit | None = None) -> Solved:
    """The same picture with its plan, and what to read next with the tools of ``kit``."""
    from nuvrek.estimate.next_reading import next_best
    from nuvrek.planning.plan import make_plan

    plan = make_plan(solved.map, solved.findings, unit)
    return structs.replace(solved, plan=plan, next=next_best(solved.map, kit))
