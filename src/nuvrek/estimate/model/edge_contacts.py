"""Where a string or a straight edge lies: on the upper hull of what is under it."""

from __future__ import annotations

from bisect import bisect_left
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
    # Plain numbers: a loop over single elements of an array is five times as slow.
    x, heights = x_mm.tolist(), heights_mm.tolist()
    hull: list[int] = []
    for i, (at, height) in enumerate(zip(x, heights, strict=True)):
        while len(hull) >= 2:
            a, b = hull[-2], hull[-1]
            turn = (x[b] - x[a]) * (height - heights[a]) - (heights[b] - heights[a]) * (at - x[a])
            if turn < 0.0:
                break
            hull.pop()
        hull.append(i)
    return hull


def hull_within(x_mm: Array, heights_mm: Array, reach: tuple[int, int]) -> list[int]:
    """The places from one end of ``reach`` to the other that carry a string or edge over them."""
    low, high = reach
    return [low + n for n in upper_hull(x_mm[low : high + 1], heights_mm[low : high + 1])]


def contacts_around(
    x_mm: Array,
    heights_mm: Array,
    fret: int,
    reach: tuple[int, int],
    hull: list[int] | None = None,
) -> tuple[int, int]:
    """The two frets on which a string or edge from one end of ``reach`` to the other lies to
    either side of ``fret``, itself left out. ``hull`` is ``hull_within`` where that is known.

    Between two supports it lies on whatever stands higher. A hump gives an edge two ways to lie:
    meant is the one pressed towards ``fret``. Past its supports it runs on straight from the two
    it lies on last.
    """
    carrying = hull_within(x_mm, heights_mm, reach) if hull is None else hull
    if fret in carrying:
        # What it looks at may be what carries it: without it, it lies on others.
        carrying = _hull_without(x_mm, heights_mm, fret, reach, carrying)
    if fret < carrying[0]:
        return carrying[0], carrying[1]
    if fret > carrying[-1]:
        return carrying[-2], carrying[-1]
    after = bisect_left(carrying, fret)
    return carrying[after - 1], carrying[after]


def _hull_without(
    x_mm: Array, heights_mm: Array, fret: int, reach: tuple[int, int], hull: list[int]
) -> list[int]:
    """``hull`` without one of its places: only between its neighbours does another one carry."""
    at = hull.index(fret)
    begin = hull[at - 1] if at else reach[0]
    end = hull[at + 1] if at + 1 < len(hull) else reach[1]
    places = np.array([f for f in range(begin, end + 1) if f != fret])
    between = places[upper_hull(x_mm[places], heights_mm[places])].tolist()
    return [*hull[: max(at - 1, 0)], *between, *hull[at + 2 :]]


def laid(taken: Sequence[Taken]) -> list[tuple[Taken, StringGap]]:
    """The readings of strings and edges, which lie on what stands highest."""
    return [(one, one.reading) for one in taken if isinstance(one.reading, StringGap)]


def reach_of(gap: StringGap, frets: int) -> tuple[int, int]:
    """The places between which a string or edge lies: its supports, what the edge covers as said,
    or the whole board.
    """
    if gap.low_support is not None and gap.high_support is not None:
        return gap.low_support, gap.high_support
    return gap.reach or (1, frets)
