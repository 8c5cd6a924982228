"""Everything computed from a neck's present picture, in one frozen value."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct, structs

from nuvrek.readings.journal import Present
from nuvrek.readings.kit import Kit
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.planning.ways import Plan
    from nuvrek.surface.finding import Finding
    from nuvrek.surface.heightmap import HeightMap
    from nuvrek.surface.nextbest import NextBest


class Picture(Struct, frozen=True):
    """Map, findings and plan of one moment; ``number`` is the journal's length at that moment.

    The plan, and what to read next, take longer than the map: a picture shows first without them.
    """

    present: Present
    number: int
    map: HeightMap
    findings: tuple[Finding, ...]
    plan: Plan | None = None
    next: NextBest | None = None


def see(present: Present, unit: Unit, before: Picture | None = None) -> Picture:
    """Solve the neck, without a plan. Imports the heavy libraries only now."""
    from nuvrek.surface.findings import find
    from nuvrek.surface.heightmap import map_neck

    neck_map = map_neck(present, before.map if before else None)
    return Picture(present, present.length, neck_map, find(neck_map, unit))


def weigh(picture: Picture, unit: Unit, kit: Kit | None = None) -> Picture:
    """The same picture with its plan, and what to read next with the tools of ``kit``."""
    from nuvrek.planning.ways import make_plan
    from nuvrek.surface.nextbest import next_best

    plan = make_plan(picture.map, picture.findings, unit)
    return structs.replace(picture, plan=plan, next=next_best(picture.map, kit))
