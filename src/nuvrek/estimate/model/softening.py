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

from nuvrek.estimate.model.edge_contacts import HELD_MM, reach_of
from nuvrek.estimate.model.evidence import Evidence, Gathering, HeightGroup
from nuvrek.estimate.model.layings import Edges
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import Dial, OthersStill, Rock
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
# So many necks are drawn, each with its mirror image.
PAIRS = 32
# A finger holds an edge down inside its support by this much more or less, mm, never past it.
FINGER_SPREAD_MM, LEAST_INSIDE_MM = 2.0, 0.5


@dataclass(frozen=True, slots=True)
class _Place:
    """A gap by what it lies on: row of the evidence, lane, reach and the fret looked at."""

    row: int
    number: int
    lane: int
    reach: tuple[int, int]
    fret: int


class Softening:
    """The gaps of some evidence, to be laid on many drawn necks at once."""

    def __init__(
        self, gathering: Gathering, taken: Sequence[Taken], edges: Edges, evidence: Evidence
    ) -> None:
        self.gathering, self.evidence = gathering, evidence
        self.groups: dict[HeightGroup, list[_Place]] = {}
        frets = gathering.unknowns.neck.frets
        looked_at = {
            one.reading.lane for one in taken if isinstance(one.reading, Rock | OthersStill | Dial)
        }
        gaps = {one.number: (one, gap) for one, gap in edges}
        for row, numbers in enumerate(evidence.numbers):
            one, gap = gaps.get(numbers[0] if numbers else 0, (None, None))
            if one is None or gap is None:
                continue
            # A fret that stands so much over the line of its supports was meant; and where nobody
            # has looked at single tops, nothing speaks of what a string might lie on.
            if (gap.gap_mm is not None and gap.gap_mm < 0.0) or gap.lane not in looked_at:
                continue
            place = _Place(row, one.number, LANES.index(gap.lane), reach_of(gap, frets), gap.fret)
            self.groups.setdefault(gathering.heights_under(one, gap), []).append(place)

    def over(self, z: Array, covariance: Array) -> Evidence:
        """The evidence with every gap laid as ``z`` has it, and the less certain the more ways of
        lying ``covariance`` leaves.
        """
        old = self.evidence
        if not self.groups:
            return old
        root = np.linalg.cholesky(covariance + 1e-12 * np.eye(len(z)))
        drawn = z[:, None] + root @ _normals(len(z))
        rows, constant, sigma = old.rows.copy(), old.constant.copy(), old.sigma.copy()
        for key, places in self.groups.items():
            height_rows, constants = self.gathering.heights(key)
            for lane in {place.lane for place in places}:
                under = height_rows[:, lane]
                heights = under @ drawn + constants[:, lane, None]
                middle = (under @ z + constants[:, lane])[:, None]
                for place in places:
                    if place.lane != lane:
                        continue
                    likely = self._weights(middle, place, np.zeros(1))[:, 0]
                    gap = (self._weights(heights, place, _fingers()) * heights).sum(axis=0)
                    rows[place.row] = likely @ under
                    parts = list(enumerate(likely.tolist()))
                    self.gathering.drifted(rows[place.row], place.number, parts)
                    constant[place.row] = likely @ constants[:, lane]
                    other = float(np.sqrt(((gap - likely @ heights) ** 2).mean()))
                    sigma[place.row] = float(np.hypot(sigma[place.row], other))
        return replace(old, rows=rows, constant=constant, sigma=sigma)

    def _weights(self, heights: Array, place: _Place, fingers: Array) -> Array:
        """The gap as a combination of heights, (frets + 1, drawn): the tool lies on the highest of
        all chords over the fret, or, past its supports, over the finger that holds it down.
        ``fingers`` (drawn,) are standard normal.
        """
        x, (low, high), fret = self.gathering.x, place.reach, place.fret
        if low < fret < high:
            held = np.full(len(fingers), x[fret])
            on = np.array([f for f in range(low, high + 1) if f != fret])
        else:
            near, inward = (high, -1.0) if fret >= high else (low, 1.0)
            inside = np.maximum(HELD_MM + FINGER_SPREAD_MM * fingers, LEAST_INSIDE_MM)
            held = x[near] + inward * inside
            on = np.arange(min(low, fret + 1), max(high, fret - 1) + 1)
        first, second = np.triu_indices(len(on), 1)
        a, b = on[first], on[second]
        long = x[b] - x[a]
        share = (held[None, :] - x[a][:, None]) / long[:, None]
        over = (share >= 0.0) & (share < 1.0)
        line = np.where(over, heights[a] * (1.0 - share) + heights[b] * share, -np.inf)
        best = np.argmax(line, axis=0)
        at = (x[fret] - x[a[best]]) / long[best]
        weights = np.zeros_like(heights)
        every = np.arange(len(fingers))
        weights[a[best], every] = 1.0 - at
        weights[b[best], every] += at
        weights[fret] -= 1.0
        return weights


@lru_cache(maxsize=64)
def _normals(size: int) -> Array:
    half = np.random.default_rng(size).standard_normal((size, PAIRS))
    return np.concatenate((half, -half), axis=1)


@lru_cache(maxsize=1)
def _fingers() -> Array:
    return np.random.default_rng(1).standard_normal(2 * PAIRS)
