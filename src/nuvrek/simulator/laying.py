"""How a straight tool lies on a made-up neck: pulled tight over what stands highest.

A string or an edge between two supports starts as the straight line over them and is lifted onto
whatever stands above it, piece by piece, until nothing does (quickhull, Barber and others, ACM
Trans. Math. Software 22, 1996, in the plane).
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
# A hand holds an edge down a little inside its support.
HELD_MM = 4.0


def touched(x_mm: Array, heights_mm: Array, first: int, last: int) -> list[int]:
    """The places between ``first`` and ``last`` that a taut string over both touches, ends
    included.
    """
    if last - first < 2:
        return [first, last]
    slope = (heights_mm[last] - heights_mm[first]) / (x_mm[last] - x_mm[first])
    over = heights_mm[first + 1 : last] - (
        heights_mm[first] + slope * (x_mm[first + 1 : last] - x_mm[first])
    )
    highest = int(np.argmax(over))
    if over[highest] <= 0.0:
        return [first, last]
    middle = first + 1 + highest
    left = touched(x_mm, heights_mm, first, middle)
    return [*left[:-1], *touched(x_mm, heights_mm, middle, last)]


def rests_on(x_mm: Array, heights_mm: Array, first: int, last: int, at: int) -> tuple[int, int]:
    """The two places that carry a tool over place ``at``, laid from ``first`` to ``last``. Past its
    supports the tool, an edge held down at the nearer one, runs on straight over whatever lifts it
    on its way.
    """
    if first < at < last:
        # What it looks at may itself carry it: then there is no light.
        places = touched(x_mm, heights_mm, first, last)
        after = next(n for n, p in enumerate(places) if p >= at)
        return places[after - 1], places[after]
    else:
        near, far = (last, first) if at >= last else (first, last)
        held = x_mm[near] + np.sign(x_mm[far] - x_mm[near]) * HELD_MM
        places = touched(x_mm, heights_mm, min(first, at + 1), max(last, at - 1))
        after = next(n for n, p in enumerate(places) if n and x_mm[p] >= held)
        return places[after - 1], places[after]


def gap_under(x_mm: Array, heights_mm: Array, first: int, last: int, at: int) -> float:
    """The gap over place ``at`` under a tool so laid, mm; nil where it touches there."""
    low, high = rests_on(x_mm, heights_mm, first, last, at)
    slope = (heights_mm[high] - heights_mm[low]) / (x_mm[high] - x_mm[low])
    line = heights_mm[low] + slope * (x_mm[at] - x_mm[low])
    return max(float(line - heights_mm[at]), 0.0)


def rock_over(x_mm: Array, heights_mm: Array, fret: int) -> float:
    """How far the middle of three neighbours stands over the line of the other two, mm."""
    (a, b, c), (ha, hb, hc) = x_mm[fret - 1 : fret + 2], heights_mm[fret - 1 : fret + 2]
    return float(hb - (ha * (c - b) + hc * (b - a)) / (c - a))
