"""Where a straight edge rests: on the upper hull of what lies under it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from nuvrek.readings.entries import StringGap
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
Contacts = Mapping[int, tuple[int, int]]


def upper_hull(x_mm: Array, heights_mm: Array) -> list[int]:
    """Indices of the points a straight edge from above can touch, left to right.

    Andrew's monotone chain (Information Processing Letters 9, 1979), upper half. ``x_mm`` rises.
    """
    hull: list[int] = []
    for i in range(len(x_mm)):
        while len(hull) >= 2:
            a, b = hull[-2], hull[-1]
            turn = (x_mm[b] - x_mm[a]) * (heights_mm[i] - heights_mm[a]) - (
                heights_mm[b] - heights_mm[a]
            ) * (x_mm[i] - x_mm[a])
            if turn < 0.0:
                break
            hull.pop()
        hull.append(i)
    return hull


def contacts_around(
    x_mm: Array, heights_mm: Array, fret: int, reach: tuple[int, int]
) -> tuple[int, int]:
    """The two frets on which an edge over ``reach`` rests to either side of ``fret``, itself left
    out.

    A hump under the edge gives it two ways to lie: meant is the one pressed towards ``fret``.
    """
    low, high = reach
    places = np.array([f for f in range(low, high + 1) if f != fret])
    hull = places[upper_hull(x_mm[places], heights_mm[places])]
    return int(hull[hull < fret].max()), int(hull[hull > fret].min())


def resting(taken: Sequence[Taken]) -> list[tuple[Taken, StringGap]]:
    """The readings of edges that were laid as they rest."""
    return [
        (one, one.reading)
        for one in taken
        if isinstance(one.reading, StringGap) and one.reading.low_support is None
    ]


def reach_of(gap: StringGap, frets: int) -> tuple[int, int]:
    """The frets an edge covers: as said, or all of them."""
    return gap.reach or (1, frets)
