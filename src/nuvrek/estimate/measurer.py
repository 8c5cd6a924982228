"""Any combination of the estimated heights, with its doubt."""

from __future__ import annotations

from collections.abc import Collection, Iterable
from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.heightmap import HeightMap, relief_gap
from nuvrek.estimate.model.edge_contacts import hull_within
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import Strings
from nuvrek.readings.entry import strings_as
from nuvrek.readings.told.what_was_read import levelled

Array = NDArray[np.float64]
HeightKind = Literal["wood", "tops", "crown"]
Part = tuple[int, int, float]  # fret (0 is the nut), lane 0 to 2, weight


@dataclass(frozen=True, slots=True)
class Measured:
    """A combination of heights: its most likely value, its standard deviation, and its row over
    the unknowns.
    """

    mm: float
    sd_mm: float
    row: Array

    def over(self, limit_mm: float) -> float:
        """The probability that it is over a limit."""
        from scipy.special import ndtr

        return float(ndtr((self.mm - limit_mm) / max(self.sd_mm, 1e-9)))


class Measurer:
    """Measures on the estimated neck as tools would on the real one."""

    def __init__(self, neck_map: HeightMap) -> None:
        self.map = neck_map
        self.x = place_row_mm(neck_map.neck)

    def heights(self, surface: HeightKind, strings: Strings) -> tuple[Array, Array]:
        """Rows (frets + 1, 3, n) and constants (frets + 1, 3) of a surface with the strings at
        pitch or slack.
        """
        key = surface, strings
        if key not in self.map.rows:
            unknowns, neck_state = self.map.gathering.unknowns, self.map.neck_state
            state = strings_as(neck_state.state, strings)
            match surface:
                case "wood":
                    rows = unknowns.wood(state)
                case "tops":
                    rows = unknowns.tops(neck_state.surface, state)
                case "crown":
                    rows = unknowns.crown_heights(neck_state.surface)
            self.map.rows[key] = rows
        return self.map.rows[key]

    def of(
        self, surface: HeightKind, parts: Iterable[Part], strings: Strings = "pitch"
    ) -> Measured:
        """A combination of heights of one surface."""
        rows, constants = self.heights(surface, strings)
        parts = list(parts)
        row = np.sum([w * rows[f, k] for f, k, w in parts], axis=0)
        constant = float(sum(w * constants[f, k] for f, k, w in parts))
        solution = self.map.solution
        variance = float(row @ solution.covariance @ row)
        return Measured(float(row @ solution.z) + constant, float(np.sqrt(max(variance, 0.0))), row)

    def relief(self, lanes: Collection[int], strings: Strings = "pitch") -> Measured:
        """The mean relief of some lanes (0 to 2), as the map has it: see ``levelled``."""
        on_tops = levelled(self.map.neck_state)
        gap = relief_gap(self.map.neck, on_tops)
        parts = [(fret, k, w / len(lanes)) for k in lanes for fret, w in gap]
        return self.of("tops" if on_tops else "wood", parts, strings)

    def chord(self, low: int, high: int, fret: int, lane: int) -> list[Part]:
        """The gap under a line over two places: ``lerp(a, b) - m``; ``fret`` may lie outside
        them.
        """
        share = float((self.x[fret] - self.x[low]) / (self.x[high] - self.x[low]))
        return [(low, lane, 1.0 - share), (high, lane, share), (fret, lane, -1.0)]

    def carrying(
        self,
        surface: HeightKind,
        strings: Strings,
        lane: int,
        between: tuple[int, int],
        least_mm: float,
    ) -> tuple[int, ...]:
        """Frets between two supports on which a string or edge over them lies as well: those of
        the upper hull that stand ``least_mm`` and more over the line of the supports.
        """
        low, high = between
        rows, constants = self.heights(surface, strings)
        heights = rows[:, lane] @ self.map.solution.z + constants[:, lane]
        inside = hull_within(self.x, heights, between)[1:-1]
        line = np.interp(self.x, self.x[[low, high]], heights[[low, high]])
        return tuple(fret for fret in inside if heights[fret] - line[fret] >= least_mm)

    def nearest(self, low: int, high: int, share: float) -> int:
        """The fret nearest to a share of the way between two others, itself between them."""
        place = self.x[low] + share * (self.x[high] - self.x[low])
        return min(range(low + 1, high), key=lambda fret: abs(self.x[fret] - place), default=low)
