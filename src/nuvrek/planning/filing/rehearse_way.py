"""The rehearsal of a way on its mapped neck: with the agreed beam or stone, pressed as agreed."""

from __future__ import annotations

from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.planning.case.way import Costed
from nuvrek.planning.filing.rehearsal import Rehearsal, give_mm, rehearse
from nuvrek.planning.filing.tops import neck_tops_of

# A stone for single frets lies on three or four of them (common practice, no source).
SHORT_STONE_MM = 90.0


def block_mm(neck_map: HeightMap, way: Costed) -> float:
    """Length of the tool: as agreed, else as long as the board for a level and a short stone for
    a few frets.
    """
    agreed = neck_map.neck_state.agreed.block_mm
    if agreed is not None:
        return agreed
    if "levels" in way.record.families:
        return 1.1 * float(neck_map.x_mm[-1])
    return SHORT_STONE_MM


def rehearse_way(neck_map: HeightMap, way: Costed) -> Rehearsal:
    """In which order this way takes the ink off the tops, as the neck lies for it."""
    neck_tops, pressure = neck_tops_of(neck_map), neck_map.neck_state.agreed.pressure
    # A level is led along its own line, whatever dip or fall-away that has; a short stone lies on
    # the tops as they are.
    if way.above_mm is None:
        shape = neck_tops.tops_mm
    else:
        shape = way.above_mm
    tension = float(string_up(neck_map).strung.tension_n.sum())
    span = float(neck_map.x_mm[neck_map.neck.joint_fret - 1])
    bent = give_mm(pressure, neck_map.pull_mm, tension, span) * neck_tops.bend
    most = neck_tops.crown_mm - neck_tops.least_crown_mm
    block, every = block_mm(neck_map, way), "even" in way.record.families
    return rehearse(
        neck_map.x_mm,
        shape,
        way.off_mm,
        block_mm=block,
        pressure=pressure,
        bent_mm=bent,
        most_mm=most,
        every=every,
    )
