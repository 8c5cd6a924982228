"""Strings and edges by all the ways in which they may lie.

What a tool lies on hangs on heights that are themselves in doubt. It is laid as the likely heights
have it; how far the gap would be another with the tool on what other possible heights have it
lie on, drawn from what the map allows, is an error beside the tool's own. (Statistical linear
regression does the same with a row of its own, Garcia-Fernandez and others, IEEE Trans. Signal
Processing 63, 2015, from memory; kept on the likely contacts a lone gap says what it read.)
Where one way of lying is all but certain nothing changes.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import HELD_MM, laid, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering, HeightGroup
from nuvrek.estimate.model.layings import Lies
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import Dial, OthersStill, Rock, StringGap
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
Places = NDArray[np.intp]
# So many necks are drawn, each with its mirror image.
PAIRS = 20
# A finger holds an edge down inside its support by this much more or less, mm, never past it.
FINGER_SPREAD_MM, LEAST_INSIDE_MM = 2.0, 0.5


@dataclass(frozen=True, slots=True)
class _Place:
    """A gap by what it may lie on: all pairs of places ``a``, ``b`` that can carry the tool over
    where it is held, each (pairs,).

    Between its supports that is over the fret looked at, else under the finger: ``inward`` is then
    the way from its support to the other.
    """

    row: int  # of the evidence
    number: int  # of the reading
    lane: int
    fret: int
    a: Places
    b: Places
    held_mm: float
    inward: float = 0.0

    def carrying(self, x: Array, heights: Array, fingers: Array) -> tuple[Places, Array]:
        """Which pair carries the tool, and the gap over the fret looked at, (drawn,) each."""
        long = (x[self.b] - x[self.a])[:, None]
        held = self.held_mm + self.inward * fingers[None, :]
        share = (held - x[self.a][:, None]) / long
        line = heights[self.a] * (1.0 - share) + heights[self.b] * share
        if self.inward:
            line[(share < 0.0) | (share >= 1.0)] = -np.inf
        best = line.argmax(axis=0)
        every = np.arange(heights.shape[1])
        if not self.inward:
            return best, line[best, every] - heights[self.fret]
        a, b = self.a[best], self.b[best]
        at = (x[self.fret] - x[a]) / long[best, 0]
        reached = heights[a, every] * (1.0 - at) + heights[b, every] * at
        return best, reached - heights[self.fret]

    def weights(self, x: Array, pair: int) -> Array:
        """The gap with the tool on that pair as a combination of heights, (frets + 1,)."""
        a, b = int(self.a[pair]), int(self.b[pair])
        at = float((x[self.fret] - x[a]) / (x[b] - x[a]))
        weights = np.zeros(len(x))
        weights[a], weights[b] = 1.0 - at, at
        weights[self.fret] -= 1.0
        return weights


def _place(row: int, one: Taken, gap: StringGap, x: Array) -> _Place:
    low, high = reach_of(gap, len(x) - 1)
    fret, lane = gap.fret, LANES.index(gap.lane)
    if low < fret < high:
        a, b = np.meshgrid(np.arange(low, fret), np.arange(fret + 1, high + 1))
        return _Place(row, one.number, lane, fret, a.ravel(), b.ravel(), held_mm=float(x[fret]))
    near, inward = (high, -1.0) if fret >= high else (low, 1.0)
    on = np.arange(min(low, fret + 1), max(high, fret - 1) + 1)
    first, second = np.triu_indices(len(on), 1)
    a, b = on[first], on[second]
    return _Place(row, one.number, lane, fret, a, b, float(x[near]), inward)


class Softening:
    """The gaps of some evidence, to be laid on many drawn necks at once."""

    def __init__(
        self, gathering: Gathering, taken: Sequence[Taken], evidence: Evidence, meant: Lies
    ) -> None:
        self.gathering, self.evidence = gathering, evidence
        self.groups: dict[tuple[HeightGroup, int], list[_Place]] = {}
        looked_at = {
            one.reading.lane for one in taken if isinstance(one.reading, Rock | OthersStill | Dial)
        }
        gaps = {one.number: (one, gap) for one, gap in laid(taken) if one.number not in meant}
        for row, numbers in enumerate(evidence.numbers):
            one, gap = gaps.get(numbers[0] if numbers else 0, (None, None))
            if one is None or gap is None:
                continue
            place = _place(row, one, gap, gathering.x)
            # Where nobody has looked at single tops nothing speaks of what a string might lie on
            # between its supports.
            if gap.lane not in looked_at and not place.inward:
                continue
            key = gathering.heights_under(one, gap), place.lane
            self.groups.setdefault(key, []).append(place)

    def over(self, z: Array, covariance: Array) -> Evidence:
        """The evidence with every gap laid as ``z`` has it, and the less certain the more ways of
        lying ``covariance`` leaves.
        """
        old, x = self.evidence, self.gathering.x
        if not self.groups:
            return old
        root = np.linalg.cholesky(covariance + 1e-12 * np.eye(len(z)))
        # The first is the likely neck itself.
        drawn = z[:, None] + root @ _normals(len(z))
        rows, constant, sigma = old.rows.copy(), old.constant.copy(), old.sigma.copy()
        for (key, lane), places in self.groups.items():
            height_rows, constants = self.gathering.heights(key)
            under, level = height_rows[:, lane], constants[:, lane]
            heights = under @ drawn + level[:, None]
            for place in places:
                pairs, gap = place.carrying(x, heights, _fingers())
                likely = place.weights(x, int(pairs[0]))
                rows[place.row] = likely @ under
                self.gathering.drifted(rows[place.row], place.number, likely)
                constant[place.row] = likely @ level
                other = float(np.sqrt(((gap - likely @ heights) ** 2).mean()))
                sigma[place.row] = float(np.hypot(sigma[place.row], other))
        return replace(old, rows=rows, constant=constant, sigma=sigma)


@lru_cache(maxsize=64)
def _normals(size: int) -> Array:
    half = np.random.default_rng(size).standard_normal((size, PAIRS))
    return np.concatenate((np.zeros((size, 1)), half, -half), axis=1)


@lru_cache(maxsize=1)
def _fingers() -> Array:
    """How far inside its support a finger holds an edge down, (drawn,), mm."""
    more = FINGER_SPREAD_MM * np.random.default_rng(1).standard_normal(2 * PAIRS + 1)
    more[0] = 0.0
    return np.asarray(np.maximum(HELD_MM + more, LEAST_INSIDE_MM))
