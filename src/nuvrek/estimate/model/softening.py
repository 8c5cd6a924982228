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
from nuvrek.readings.entries import Dial, OthersStill, Rock
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
Places = NDArray[np.intp]
# So many necks are drawn, each with its mirror image.
PAIRS = 20
# A finger holds an edge down inside its support by this much more or less, mm, never past it.
FINGER_SPREAD_MM, LEAST_INSIDE_MM = 2.0, 0.5


@dataclass(frozen=True, slots=True)
class _Gap:
    """A gap that some tool may show in many ways: its row of the evidence, the number of its
    reading, the fret it looks at and between which places the tool lies.
    """

    row: int
    number: int
    fret: int
    reach: tuple[int, int]

    @property
    def between(self) -> bool:
        """Whether the fret looked at lies between the supports, not past them."""
        return self.reach[0] < self.fret < self.reach[1]


class _Between:
    """Gaps over one lane between the supports of what spans them: it lies on the pair of places
    that is highest over the fret looked at. All pairs of all gaps stand in one row.
    """

    def __init__(self, gaps: Sequence[_Gap], x: Array) -> None:
        pairs = [_around(gap.fret, gap.reach) for gap in gaps]
        counts = [len(a) for a, _ in pairs]
        self.frets = np.array([gap.fret for gap in gaps])
        self.begin = np.concatenate(([0], np.cumsum(counts)[:-1]))
        self.a = np.concatenate([a for a, _ in pairs])
        self.b = np.concatenate([b for _, b in pairs])
        at = np.repeat(x[self.frets], counts)
        self.share = ((at - x[self.a]) / (x[self.b] - x[self.a]))[:, None]

    def lying(self, heights: Array) -> tuple[Places, Places, Array]:
        """On which pair each lies on the first of the drawn necks, and its gap on all of them,
        (gaps, drawn).
        """
        line = heights[self.a] * (1.0 - self.share) + heights[self.b] * self.share
        highest = np.maximum.reduceat(line, self.begin, axis=0)
        likely = np.split(line[:, 0], self.begin[1:])
        best = self.begin + [int(one.argmax()) for one in likely]
        return self.a[best], self.b[best], highest - heights[self.frets]


class _RunOn:
    """Gaps over one lane past the supports of an edge, which is held down inside the nearer one:
    it lies on the pair of places that is highest under the finger.
    """

    def __init__(self, gaps: Sequence[_Gap], x: Array) -> None:
        self.gaps, self.x = gaps, x

    def lying(self, heights: Array) -> tuple[Places, Places, Array]:
        """As of _Between."""
        found = [self._one(gap, heights) for gap in self.gaps]
        return (
            np.array([a for a, _, _ in found]),
            np.array([b for _, b, _ in found]),
            np.array([mm for _, _, mm in found]),
        )

    def _one(self, gap: _Gap, heights: Array) -> tuple[int, int, Array]:
        x, (low, high), fret = self.x, gap.reach, gap.fret
        near, inward = (high, -1.0) if fret >= high else (low, 1.0)
        a, b = _along(min(low, fret + 1), max(high, fret - 1))
        long = (x[b] - x[a])[:, None]
        held = x[near] + inward * _fingers()
        share = (held[None, :] - x[a][:, None]) / long
        line = heights[a] * (1.0 - share) + heights[b] * share
        line[(share < 0.0) | (share >= 1.0)] = -np.inf
        best = line.argmax(axis=0)
        every = np.arange(heights.shape[1])
        a, b = a[best], b[best]
        at = (x[fret] - x[a]) / long[best, 0]
        reached = heights[a, every] * (1.0 - at) + heights[b, every] * at
        return int(a[0]), int(b[0]), reached - heights[fret]


@lru_cache(maxsize=4096)
def _around(fret: int, reach: tuple[int, int]) -> tuple[Places, Places]:
    """All pairs of places on either side of a fret."""
    a, b = np.meshgrid(np.arange(reach[0], fret), np.arange(fret + 1, reach[1] + 1))
    return a.ravel(), b.ravel()


@lru_cache(maxsize=1024)
def _along(low: int, high: int) -> tuple[Places, Places]:
    """All pairs of places of a stretch."""
    first, second = np.triu_indices(high - low + 1, 1)
    return first + low, second + low


class Softening:
    """The gaps of some evidence, to be laid on many drawn necks at once."""

    def __init__(
        self, gathering: Gathering, taken: Sequence[Taken], evidence: Evidence, meant: Lies
    ) -> None:
        self.gathering, self.evidence = gathering, evidence
        looked_at = {
            one.reading.lane for one in taken if isinstance(one.reading, Rock | OthersStill | Dial)
        }
        gaps = {one.number: (one, gap) for one, gap in laid(taken) if one.number not in meant}
        groups: dict[tuple[HeightGroup, int, bool], list[_Gap]] = {}
        for row, numbers in enumerate(evidence.numbers):
            one, gap = gaps.get(numbers[0] if numbers else 0, (None, None))
            if one is None or gap is None:
                continue
            reach = reach_of(gap, len(gathering.x) - 1)
            found = _Gap(row, one.number, gap.fret, reach)
            # Where nobody has looked at single tops nothing speaks of what a string might lie on
            # between its supports.
            if gap.lane not in looked_at and found.between:
                continue
            key = gathering.heights_under(one, gap), LANES.index(gap.lane), found.between
            groups.setdefault(key, []).append(found)
        self.groups = [
            (key, lane, found, (_Between if between else _RunOn)(found, gathering.x))
            for (key, lane, between), found in groups.items()
        ]

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
        for key, lane, gaps, spans in self.groups:
            height_rows, constants = self.gathering.heights(key)
            under, level = height_rows[:, lane], constants[:, lane]
            heights = under @ drawn + level[:, None]
            a, b, gap_mm = spans.lying(heights)
            likely = _weights(x, a, b, np.array([gap.fret for gap in gaps]))
            at = [gap.row for gap in gaps]
            rows[at], constant[at] = likely @ under, likely @ level
            off = gap_mm - likely @ heights
            sigma[at] = np.hypot(sigma[at], np.sqrt((off**2).mean(axis=1)))
            for gap, weights in zip(gaps, likely, strict=True):
                self.gathering.drifted(rows[gap.row], gap.number, weights)
        return replace(old, rows=rows, constant=constant, sigma=sigma)


def _weights(x: Array, a: Places, b: Places, frets: Places) -> Array:
    """Gaps with their tools on those pairs as combinations of heights, (gaps, frets + 1)."""
    share, every = (x[frets] - x[a]) / (x[b] - x[a]), np.arange(len(frets))
    weights = np.zeros((len(frets), len(x)))
    weights[every, a], weights[every, b] = 1.0 - share, share
    weights[every, frets] -= 1.0
    return weights


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
