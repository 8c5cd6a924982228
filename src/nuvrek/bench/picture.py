"""Everything computed from a neck's present picture, in one frozen value."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct, structs

from nuvrek.readings.journal import Present
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.planning.ways import Plan
    from nuvrek.surface.finding import Finding
    from nuvrek.surface.heightmap import HeightMap


class Picture(Struct, frozen=True):
    """Map, findings and plan of one moment; ``number`` is the journal's length at that moment.

    The plan takes longer than the map, so a picture shows first without one.
    """

    present: Present
    number: int
    map: HeightMap
    findings: tuple[Finding, ...]
    plan: Plan | None = None


def see(present: Present, unit: Unit, before: Picture | None = None) -> Picture:
    """Solve the neck, without a plan. Imports the heavy libraries only now."""
    from nuvrek.surface.findings import find
    from nuvrek.surface.heightmap import map_neck

    neck_map = map_neck(present, before.map if before else None)
    return Picture(present, present.length, neck_map, find(neck_map, unit))


def weigh(picture: Picture, unit: Unit) -> Picture:
    """The same picture with its plan."""
    from nuvrek.planning.ways import make_plan

    return structs.replace(picture, plan=make_plan(picture.map, picture.findings, unit))
