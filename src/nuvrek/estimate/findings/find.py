"""What the height map says, in the words of the trade: every producer asked once, gravest first."""

from __future__ import annotations

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.kinds import FINDINGS
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.findings.witnesses_and_odd import with_witnesses
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.units import Unit


def find(
    neck_map: HeightMap, unit: Unit = Unit.MM, height_unit: Unit = Unit.MM
) -> tuple[Finding, ...]:
    """All findings, gravest first. ``unit`` and ``height_unit`` are the units of the sentences."""
    looking = Looking(neck_map, unit, height_unit)
    producers = dict.fromkeys(record.producer for record in FINDINGS.values())
    # Of a fret that is out nothing can be found.
    out = neck_map.neck_state.out
    findings = [
        finding
        for producer in producers
        for finding in producer(looking)
        if finding.fret is None or finding.fret not in out
    ]
    return tuple(_witnessed(looking, finding) for finding in sorted(findings, key=_gravity))


def _gravity(finding: Finding) -> tuple[int, float]:
    """Faults by the order of their records, what is good after all of them; the larger first."""
    if finding.verdict == "good":
        return len(FINDINGS), -abs(finding.mm)
    return [*FINDINGS].index(finding.kind), -abs(finding.mm)


def _witnessed(looking: Looking, finding: Finding) -> Finding:
    """The finding with the readings that speak for and against it, where it rests on heights."""
    height = FINDINGS[finding.kind].height
    rests_on = None
    if height is not None:
        rests_on = height(looking.measurer, finding)
    if rests_on is None:
        return finding
    return with_witnesses(looking.measurer, finding, *rests_on)
