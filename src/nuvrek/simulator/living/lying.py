"""How a rigid edge lies on what stands under it: by its weight, on two tops that its middle falls
between; pushed at an end, it tips over to the next two.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]

# A hand tries whether an edge rocks so far in from either end.
PUSHED_AT = 0.2


@dataclass(frozen=True)
class Lie:
    """An edge that lies on ``contacts``; ``gaps_mm`` is the light under it at every place of
    ``places``; ``tips_mm`` how far an end comes up when the other is pushed down.
    """

    places: tuple[int, ...]
    contacts: tuple[int, int]
    gaps_mm: Array
    tips_mm: float


def crests(x_mm: Array, h_mm: Array, places: list[int]) -> list[int]:
    """The places that an edge can lie on: corners of the upper hull (Andrew's monotone chain,
    Information Processing Letters 9, 1979).
    """
    kept: list[int] = []
    for p in places:
        while len(kept) > 1:
            a, b = kept[-2], kept[-1]
            rise = (h_mm[b] - h_mm[a]) * (x_mm[p] - x_mm[a])
            if rise > (h_mm[p] - h_mm[a]) * (x_mm[b] - x_mm[a]):
                break
            kept.pop()
        kept.append(p)
    return kept


def lie(x_mm: Array, h_mm: Array, places: list[int], middle_mm: float | None = None) -> Lie:
    """An edge over some places, two at the least, its weight at ``middle_mm``. Raises ValueError
    where it has fewer to lie on.
    """
    there = [p for p in places if np.isfinite(h_mm[p])]
    if len(there) < 2:
        raise ValueError("An edge needs two places to lie on.")
    on = crests(x_mm, h_mm, there)
    if middle_mm is None:
        middle = 0.5 * (x_mm[there[0]] + x_mm[there[-1]])
    else:
        middle = middle_mm
    a, b = stretch(x_mm, on, float(middle))
    slope = (h_mm[b] - h_mm[a]) / (x_mm[b] - x_mm[a])
    gaps = h_mm[a] + slope * (x_mm[there] - x_mm[a]) - h_mm[there]
    return Lie(tuple(there), (a, b), np.maximum(gaps, 0.0), _tips(x_mm, h_mm, on, there))


def _tips(x_mm: Array, h_mm: Array, on: list[int], there: list[int]) -> float:
    """How far an end moves when the edge is pushed down near one end, then near the other."""
    length = x_mm[there[-1]] - x_mm[there[0]]
    slopes = []
    for share in (PUSHED_AT, 1.0 - PUSHED_AT):
        a, b = stretch(x_mm, on, float(x_mm[there[0]] + share * length))
        slopes.append((h_mm[b] - h_mm[a]) / (x_mm[b] - x_mm[a]))
    return float((slopes[0] - slopes[1]) * length / 2.0)


def stretch(x_mm: Array, on: list[int], at_mm: float) -> tuple[int, int]:
    """The two of the tops an edge can lie on that a weight at ``at_mm`` rests between."""
    n = next((n for n in range(len(on) - 2) if x_mm[on[n + 1]] >= at_mm), len(on) - 2)
    return on[n], on[n + 1]


def over_line(x_mm: Array, h_mm: Array, first: int, at: int, last: int) -> float:
    """How far a place stands over the line of two others, mm."""
    share = (x_mm[at] - x_mm[first]) / (x_mm[last] - x_mm[first])
    return float(h_mm[at] - (h_mm[first] * (1.0 - share) + h_mm[last] * share))
