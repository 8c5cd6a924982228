"""What a levelling program stands on: the mapped tops, crowns, grooves and string lines of one
neck.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.string_lines import lane_weights
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.filing.level_program import NeckTops
from nuvrek.planning.rod.move import rod_reach_mm
from nuvrek.planning.rod.stop_rules import rod_stops
from nuvrek.readings.told.observed import grooves_read

Array = NDArray[np.float64]


def neck_tops_of(neck_map: HeightMap) -> NeckTops:
    """The surface of a mapped neck, with what is agreed about the least crown."""
    neck, agreed = neck_map.neck, neck_map.neck_state.agreed
    # While a stop stands nothing turns the rod, in no program either.
    low, high = (0.0, 0.0) if rod_stops(neck_map) else rod_reach_mm(neck)
    if agreed.least_crown_mm is None:
        least = neck.least_crown_mm
    else:
        least = agreed.least_crown_mm
    return NeckTops(
        neck_map.x_mm,
        neck_map.tops_slack_mm,
        neck_map.crown_mm,
        bend=bend_profile(neck)[1:],
        joint_fret=neck.joint_fret,
        least_crown_mm=least,
        rod_dip_low_mm=low,
        rod_dip_high_mm=high,
        across=between_strings(neck),
        groove_mm=groove_map(neck_map),
    )


def between_strings(neck: NeckDescription) -> Array:
    """Where each lane lies between the outer string lines, (frets, 3): -1 under the low string, 1
    under the high one.

    Lanes follow the tapered edges, strings do not: a straight edge is laid along the strings.
    """
    reach = lane_weights(neck)[-1, 1:, 2]
    if not np.all(reach > 0.2):
        reach = np.ones(neck.frets)
    return np.asarray(np.asarray(LANE_ACROSS)[None, :] / reach[:, None])


def groove_map(neck_map: HeightMap) -> Array:
    """Depth of the grooves read on today's tops, at the lane nearest to their string, (frets,
    3).
    """
    neck = neck_map.neck
    deep = np.zeros((neck.frets, 3))
    for (fret, string), mm in grooves_read(neck_map.neck_state).items():
        across = 1.0 - 2.0 * (string - 1) / max(neck.strings - 1, 1)
        lane = round(across) + 1
        if fret <= neck.frets:
            deep[fret - 1, lane] = max(deep[fret - 1, lane], mm)
    return deep
