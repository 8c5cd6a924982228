"""Everything computed from a neck's present picture, in one frozen value."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

from nuvrek.readings.journal import Present
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.planning.ways import Plan
    from nuvrek.surface.findings import Finding
    from nuvrek.surface.heightmap import HeightMap


@dataclass(frozen=True)
class Picture:
    """Map, findings and plan of one moment; ``number`` is the journal's length at that moment."""

    present: Present
    number: int
    map: HeightMap
    findings: tuple[Finding, ...]
    plan: Plan


def compute(present: Present, unit: Unit, before: Picture | None = None) -> Picture:
    """Solve the neck and weigh the ways. Imports the heavy libraries only now."""
    from nuvrek.planning.ways import make_plan
    from nuvrek.surface.findings import find
    from nuvrek.surface.heightmap import map_neck

    neck_map = map_neck(present, before.map.solution.z if before else None)
    findings = find(neck_map, unit)
    return Picture(present, present.length, neck_map, findings, make_plan(neck_map, findings, unit))
