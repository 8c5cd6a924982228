"""Readings turned into evidence rows: what a tool says about a combination of heights."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings import tools
from nuvrek.readings.journal import Taken
from nuvrek.readings.kinds import CrownHeight, Dial, OthersStill, Rock, State, StringGap
from nuvrek.surface.unknowns import BEAM_MM, Row, Unknowns

Combination = list[tuple[int, float]]  # (fret, weight)


@dataclass(frozen=True)
class Evidence:
    """Rows ``lo <= rows @ z + constant + error <= hi`` with normal errors of ``sigma`` (mm).

    Where lo equals hi the row is a plain number. ``number[i]`` is the journal
    number of the reading behind row i. All arrays share their first dimension.
    """

    rows: NDArray[np.float64]
    constant: NDArray[np.float64]
    lo: NDArray[np.float64]
    hi: NDArray[np.float64]
    sigma: NDArray[np.float64]
    number: NDArray[np.int64]


@dataclass(frozen=True, slots=True)
class _OneRow:
    row: Row
    constant: float
    lo: float
    hi: float
    sigma: float
    number: int


def chord_gap(x_mm: Row, low_support: int, high_support: int, fret: int) -> Combination:
    """Gap under a straight line over two tops: ``lerp(T_a, T_b, x_m) - T_m``."""
    share = float((x_mm[fret] - x_mm[low_support]) / (x_mm[high_support] - x_mm[low_support]))
    return [(low_support, 1.0 - share), (high_support, share), (fret, -1.0)]


def rock_height(x_mm: Row, fret: int) -> Combination:
    """How far the middle of three frets stands over its neighbours: ``T_m - lerp(T_m-1, T_m+1)``."""
    return [(f, -w) for f, w in chord_gap(x_mm, fret - 1, fret + 1, fret)]


class _Gatherer:
    """Turns readings into rows; what is common to readings of one state and surface is made once."""

    def __init__(self, unknowns: Unknowns) -> None:
        self.unknowns = unknowns
        self.x = fret_places_mm(unknowns.neck.scale_mm, unknowns.neck.frets)
        self._tops: dict[tuple[State, int], tuple[Row, Row]] = {}
        self._crowns: dict[int, tuple[Row, Row]] = {}

    def tops(self, one: Taken) -> tuple[Row, Row]:
        # The journal makes a new surface mapping only when metal is worked, so its identity tells them apart.
        key = one.reading.state, id(one.surface)
        if key not in self._tops:
            self._tops[key] = self.unknowns.tops(one.surface, one.reading.state)
        return self._tops[key]

    def crowns(self, one: Taken) -> tuple[Row, Row]:
        key = id(one.surface)
        if key not in self._crowns:
            self._crowns[key] = self.unknowns.crown_heights(one.surface)
        return self._crowns[key]

    def rows_of(self, one: Taken) -> list[_OneRow]:
        match one.reading:
            case StringGap() as gap:
                row, constant = self._combine(
                    one, gap.lane, chord_gap(self.x, gap.low_support, gap.high_support, gap.fret)
                )
                return [_OneRow(row, constant, *_gap_bounds(gap), one.number)]
            case Rock() as rock:
                row, constant = self._combine(one, rock.lane, rock_height(self.x, rock.fret))
                return [_OneRow(row, constant, *_rock_bounds(rock), one.number)]
            case OthersStill() as others:
                rows = [self._combine(one, others.lane, rock_height(self.x, fret)) for fret in others.frets]
                felt, feel = tools.ROCK_FELT_MM, tools.SWEEP_FEEL_MM
                return [_OneRow(row, c, -np.inf, felt, feel, one.number) for row, c in rows]
            case CrownHeight() as crown:
                heights, constants = self.crowns(one)
                at = crown.fret, LANES.index(crown.lane)
                mm = crown.height_mm
                return [_OneRow(heights[at], float(constants[at]), mm, mm, tools.CROWN_ERROR_MM, one.number)]
            case Dial() as dial:
                return [self._dial(one, dial)]
            case _:
                return []

    def _dial(self, one: Taken, dial: Dial) -> _OneRow:
        """The top against a beam whose level and slope are unknown: ``T_f - (a + b x_f)``."""
        rows, constants = self.tops(one)
        at = dial.fret, LANES.index(dial.lane)
        beam = self.unknowns.beams[dial.run, dial.lane]
        row = rows[at].copy()
        row[beam] = -BEAM_MM
        row[beam + 1] = -BEAM_MM * self.x[dial.fret] / self.x[-1]
        mm = dial.reading_mm
        return _OneRow(row, float(constants[at]), mm, mm, tools.DIAL_ERROR_MM, one.number)

    def _combine(self, one: Taken, lane: Lane, tops: Combination) -> tuple[Row, float]:
        rows, constants = self.tops(one)
        k = LANES.index(lane)
        row = np.sum([w * rows[f, k] for f, w in tops], axis=0)
        return row, float(sum(w * constants[f, k] for f, w in tops))


def gather(unknowns: Unknowns, taken: Sequence[Taken]) -> Evidence:
    """Evidence of all live readings that speak of tops and crowns; string heights do not."""
    gatherer = _Gatherer(unknowns)
    found = [row for one in taken for row in gatherer.rows_of(one)]
    if not found:
        empty = np.zeros(0)
        return Evidence(np.zeros((0, unknowns.size)), empty, empty, empty, empty, np.zeros(0, dtype=np.int64))
    return Evidence(
        np.array([r.row for r in found]),
        np.array([r.constant for r in found]),
        np.array([r.lo for r in found]),
        np.array([r.hi for r in found]),
        np.array([r.sigma for r in found]),
        np.array([r.number for r in found], dtype=np.int64),
    )


def _gap_bounds(gap: StringGap | Rock) -> tuple[float, float, float]:
    if gap.gap_mm is not None:
        return gap.gap_mm, gap.gap_mm, tools.GAP_NUMBER_ERROR_MM
    lo = -np.inf if gap.slides_mm is None else gap.slides_mm
    hi = np.inf if gap.drags_mm is None else gap.drags_mm
    return lo, hi, tools.LEAF_ERROR_MM


def _rock_bounds(rock: Rock) -> tuple[float, float, float]:
    if rock.says == "still":
        return -np.inf, tools.ROCK_FELT_MM, tools.ROCK_FEEL_MM
    if rock.gap_mm is not None:
        return rock.gap_mm, rock.gap_mm, tools.ROCK_GAP_ERROR_MM
    if rock.slides_mm is None and rock.drags_mm is None:
        return tools.ROCK_FELT_MM, np.inf, tools.ROCK_FEEL_MM
    lo, hi, sigma = _gap_bounds(rock)
    # A leaf under a rocker also proves that it rocks.
    return max(lo, tools.ROCK_FELT_MM), hi, sigma


def lanes_spoken_of(taken: Sequence[Taken]) -> set[Lane]:
    """Lanes on which at least one reading was taken."""
    return {lane for one in taken for lane in LANES if getattr(one.reading, "lane", None) == lane}
