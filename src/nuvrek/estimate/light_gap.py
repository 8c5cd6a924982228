"""The light under a straight edge laid on the estimated neck: what the real one would show on
the bench.
"""

from __future__ import annotations

import itertools
from dataclasses import dataclass
from typing import Literal

import numpy as np

from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.edge_contacts import upper_hull
from nuvrek.meaning import Saying, means
from nuvrek.readings.entries import Strings

# An edge whose two contacts are this share of its length apart or more lies still under its own
# weight.
STEADY = 0.6


@dataclass(frozen=True, slots=True)
class Lying:
    """One way the edge lies: the two frets it touches, and the light over each fret it covers,
    in mm.
    """

    low: int
    high: int
    gaps_mm: tuple[float, ...]


@dataclass(frozen=True, slots=True)
class Light:
    """An edge on the neck. ``frets`` are those it covers; one way of lying means that it is still.

    With two, it rocks: the first is pressed towards the nut, the second towards the body.
    """

    frets: tuple[int, ...]
    heights_mm: tuple[float, ...]
    ways: tuple[Lying, ...]
    start_mm: float
    length_mm: float

    @property
    def rocks(self) -> bool:
        """Whether the edge can be tipped."""
        return len(self.ways) > 1


def lay_edge(
    measurer: Measurer,
    surface: Literal["tops", "wood"],
    strings: Strings,
    lane: int,
    start_mm: float,
    length_mm: float,
) -> Light | None:
    """Lay a rigid edge of ``length_mm`` with its nut end ``start_mm`` from the nut; None when it
    covers fewer than two frets.

    It rests on the two points of the upper hull under its middle. Where these stand close together
    it rocks, and lies on the first or the last two, as it is pressed.
    """
    x = measurer.x
    frets = [f for f in range(1, len(x)) if start_mm - 1e-9 <= x[f] <= start_mm + length_mm + 1e-9]
    if len(frets) < 2:
        return None
    rows, constants = measurer.heights(surface, strings)
    heights = rows[frets, lane] @ measurer.map.solution.z + constants[frets, lane]
    places = x[frets]
    hull = upper_hull(places, heights)
    sides = list(itertools.pairwise(hull))
    middle = start_mm + 0.5 * length_mm
    under = next((side for side in sides if places[side[1]] >= middle), sides[-1])
    steady = places[under[1]] - places[under[0]] >= STEADY * length_mm or len(sides) == 1
    pairs = [under] if steady else [sides[0], sides[-1]]
    ways = []
    for a, b in pairs:
        share = (places - places[a]) / (places[b] - places[a])
        gaps = heights[a] + share * (heights[b] - heights[a]) - heights
        ways.append(Lying(frets[a], frets[b], tuple(float(g) for g in np.maximum(gaps, 0.0))))
    return Light(tuple(frets), tuple(float(h) for h in heights), tuple(ways), start_mm, length_mm)


def light_words(light: Light | None, wood: bool) -> Saying:
    """What the edge does, in a sentence."""
    if light is None:
        return means("map.edge-covers-fewer-than-two")
    if wood:
        on = means("map.wood-beside")
    else:
        on = means("map.frets")
    if light.rocks:
        middle = light.ways[0].high
        return means("map.rocks-about-wood" if wood else "map.rocks-about", fret=middle)
    way = light.ways[0]
    widest = int(np.argmax(way.gaps_mm))
    if max(way.gaps_mm) < 0.005:
        return means("map.lies-no-light", on=on, low=way.low, high=way.high)
    return means(
        "map.lies-most-light", on=on, low=way.low, high=way.high, frets=light.frets[widest]
    )
