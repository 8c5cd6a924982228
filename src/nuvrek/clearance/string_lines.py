"""Where the strings run across the board, and which heights lie under them."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.board import LANE_INSET, end_mm, width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import place_row_mm

Array = NDArray[np.float64]

# From the middle of an outer string to the edge of the board, at nut and end (common practice, no
# source).
TO_EDGE_MM = 3.4


def string_lines(neck: NeckDescription) -> int:
    """How many lines the strings run on: courses lie together."""
    return len(neck.string_set) or neck.strings


@lru_cache(maxsize=16)
def lane_weights(neck: NeckDescription) -> Array:
    """What each lane counts under each string at nut and frets, (strings, frets + 1, 3), bass side
    first.

    Strings run straight from nut to saddle, so an outer string lies nearer to the edge up the neck
    than a lane does; heights run straight from lane to lane and on past them.
    """
    places = place_row_mm(neck)
    half = np.array([0.5 * width_mm(neck, float(x)) for x in places])
    at_end = 0.5 * neck.end_width_mm - TO_EDGE_MM
    at_nut = 0.5 * neck.nut_width_mm - TO_EDGE_MM
    outer = at_nut + (at_end - at_nut) * places / end_mm(neck)
    count = string_lines(neck)
    if count > 1:
        share = np.linspace(-1.0, 1.0, count)
    else:
        share = np.zeros(1)
    across = share[:, None] * (outer / (half * (1.0 - 2.0 * LANE_INSET)))[None, :]
    low, high = np.maximum(-across, 0.0), np.maximum(across, 0.0)
    weights = np.stack([low, 1.0 - low - high, high], axis=2)
    # One for all who ask.
    weights.flags.writeable = False
    return weights
