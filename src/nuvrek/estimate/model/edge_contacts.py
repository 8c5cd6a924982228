"""Where a string or a straight edge lies: on the upper hull of what is under it."""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from nuvrek.readings.entries import ON_WOOD, EdgeRests, StringGap
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
Contacts = Mapping[int, tuple[int, int]]
# An edge that runs on past its supports is held down at the nearer one, as the round asks for: as a
# hand does, a little inside it. What stands further than this over
# its line does not lift it: it is no top but a map that is not there yet.
HELD_MM, LIFTS_MM = 4.0, 0.3


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
    x_mm: Array, heights_mm: Array, fret: int, reach: tuple[int, int], hull: list[int] | None = None
) -> tuple[int, int]:
    """The two frets on which a string or edge from one end of ``reach`` to the other lies to
    either side of ``fret``, itself left out. ``hull`` is ``hull_within`` where that is known.

    Between two supports it lies on whatever stands higher. A hump gives an edge two ways to lie:
    meant is the one pressed towards ``fret``. Past its supports it runs on straight, unless what it
    comes over there lifts it.
    """
    if hull is None:
        carrying = hull_within(x_mm, heights_mm, reach)
    else:
        carrying = hull
    if fret in carrying:
        # What it looks at may be what carries it: without it, it lies on others.
        carrying = _hull_without(x_mm, heights_mm, fret, reach, carrying)
    if not carrying[0] <= fret <= carrying[-1]:
        return _run_on(x_mm, heights_mm, fret, reach)
    after = bisect_left(carrying, fret)
    return carrying[after - 1], carrying[after]


def _run_on(x_mm: Array, heights_mm: Array, fret: int, reach: tuple[int, int]) -> tuple[int, int]:
    """The two frets an edge lies on that is held down at its nearer support and runs on past it:
    the tops on its way to ``fret`` carry it as well.
    """
    near, far = (reach[1], reach[0]) if fret > reach[1] else reach
    held = float(x_mm[near] + np.sign(x_mm[far] - x_mm[near]) * HELD_MM)
    a, b = _stretch(x_mm, hull_within(x_mm, heights_mm, reach), held)
    slope = (heights_mm[b] - heights_mm[a]) / (x_mm[b] - x_mm[a])
    line = heights_mm[a] + slope * (x_mm - x_mm[a])
    lifting = np.where(heights_mm - line > LIFTS_MM, line - LIFTS_MM, heights_mm)
    way = min(reach[0], fret + 1), max(reach[1], fret - 1)
    return _stretch(x_mm, hull_within(x_mm, lifting, way), held)


def _stretch(x_mm: Array, hull: list[int], at_mm: float) -> tuple[int, int]:
    """The two places of a hull that a finger at ``at_mm`` presses an edge onto."""
    after = next((n for n, place in enumerate(hull) if n and x_mm[place] >= at_mm), -1)
    return hull[after - 1], hull[after]


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
    return [
        (reading_taken, reading_taken.reading)
        for reading_taken in taken
        if isinstance(reading_taken.reading, StringGap)
    ]


def seen_to_rest(taken: Sequence[Taken]) -> dict[int, tuple[int, int]]:
    """By the numbers of gaps the two frets on which a hand saw the tool rest, laid alike."""
    seen = {_as_laid(one): one.reading.on for one in taken if isinstance(one.reading, EdgeRests)}
    return {one.number: seen[_as_laid(one)] for one, _ in laid(taken) if _as_laid(one) in seen}


def _as_laid(taken: Taken) -> object:
    laid_as = taken.reading
    if not isinstance(laid_as, StringGap | EdgeRests):
        return None
    supports = laid_as.low_support, laid_as.high_support
    on_wood = laid_as.by in ON_WOOD
    return laid_as.lane, laid_as.fret, supports, on_wood, laid_as.state, id(taken.surface)


def reach_of(gap: StringGap, frets: int) -> tuple[int, int]:
    """The places between which a string or edge lies: its supports, what the edge covers as said,
    or the whole board.
    """
    if gap.low_support is not None and gap.high_support is not None:
        return gap.low_support, gap.high_support
    return gap.reach or (1, frets)
