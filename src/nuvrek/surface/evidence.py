"""Readings turned into evidence rows: what a tool says about a combination of heights.

Readings that say the same of the same place are one row that counts more: a neck read ten thousand
times has no more rows than places. A tool's own fault does not average out, so they count for nine at most.
"""

from __future__ import annotations

from collections.abc import Callable, Hashable, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings import tools
from nuvrek.readings.journal import Taken
from nuvrek.readings.kinds import CrownHeight, Dial, Gap, OthersStill, Rock, State, StringGap
from nuvrek.surface.resting import Contacts
from nuvrek.surface.unknowns import BEAM_MM, Row, Unknowns

MOST_COUNTED = 9
Combination = list[tuple[int, float]]  # (fret, weight)


@dataclass(frozen=True)
class Evidence:
    """Rows ``lo <= rows @ z + constant + error <= hi`` with normal errors of ``sigma`` (mm).

    Where lo equals hi the row is a plain number. Row i counts ``weight[i]`` times; ``number[i]`` is the
    journal number of its first reading. All arrays share their first dimension.
    """

    rows: NDArray[np.float64]
    constant: NDArray[np.float64]
    lo: NDArray[np.float64]
    hi: NDArray[np.float64]
    sigma: NDArray[np.float64]
    weight: NDArray[np.float64]
    number: NDArray[np.int64]


Bounds = tuple[float, float, float]  # lo, hi, sigma


@dataclass(slots=True)
class _Said:
    """What was said of one place with one bound: how often, by which reading first."""

    build: Callable[[], tuple[Row, float]]
    bounds: Bounds
    number: int
    count: int = 1
    total: float = 0.0


def chord_gap(x_mm: Row, low_support: int, high_support: int, fret: int) -> Combination:
    """Gap under a straight line over two tops: ``lerp(T_a, T_b, x_m) - T_m``."""
    share = float((x_mm[fret] - x_mm[low_support]) / (x_mm[high_support] - x_mm[low_support]))
    return [(low_support, 1.0 - share), (high_support, share), (fret, -1.0)]


def rock_height(x_mm: Row, fret: int) -> Combination:
    """How far the middle of three frets stands over its neighbours: ``T_m - lerp(T_m-1, T_m+1)``."""
    return [(f, -w) for f, w in chord_gap(x_mm, fret - 1, fret + 1, fret)]


class _Gatherer:
    """Turns readings into rows; what is common to readings of one state and surface is made once."""

    def __init__(self, unknowns: Unknowns, contacts: Contacts) -> None:
        self.unknowns = unknowns
        self.contacts = contacts
        self.x = fret_places_mm(unknowns.neck.scale_mm, unknowns.neck.frets)
        self.said: dict[Hashable, _Said] = {}
        self._tops: dict[tuple[State, int], tuple[Row, Row]] = {}
        self._wood: dict[State, tuple[Row, Row]] = {}
        self._crowns: dict[int, tuple[Row, Row]] = {}

    def tops(self, one: Taken) -> tuple[Row, Row]:
        # The journal makes a new surface mapping only when metal is worked, so its identity tells them apart.
        key = one.reading.state, id(one.surface)
        if key not in self._tops:
            self._tops[key] = self.unknowns.tops(one.surface, one.reading.state)
        return self._tops[key]

    def wood(self, one: Taken) -> tuple[Row, Row]:
        state = one.reading.state
        if state not in self._wood:
            self._wood[state] = self.unknowns.wood(state)
        return self._wood[state]

    def crowns(self, one: Taken) -> tuple[Row, Row]:
        key = id(one.surface)
        if key not in self._crowns:
            self._crowns[key] = self.unknowns.crown_heights(one.surface)
        return self._crowns[key]

    def _say(
        self, one: Taken, place: Hashable, bounds: Bounds, build: Callable[[], tuple[Row, float]]
    ) -> None:
        lo, hi, sigma = bounds
        # Plain numbers of one place gather in their mean; leaves only where they are the same leaves.
        amount = None if lo == hi else (lo, hi)
        key = (place, one.reading.state, id(one.surface), sigma, amount)
        known = self.said.get(key)
        if known is None:
            self.said[key] = _Said(build, bounds, one.number, total=lo if lo == hi else 0.0)
            return
        known.count += 1
        if lo == hi:
            known.total += lo

    def add(self, one: Taken) -> None:
        """Take up one reading; kinds that say nothing of tops, wood or crowns are passed over."""
        reading = one.reading
        match reading:
            case StringGap():
                self._gap(one, reading)
            case Rock(lane=lane, fret=fret):
                self._over_tops(one, lane, ("rock", fret), _rock_bounds(reading))
            case OthersStill(lane=lane):
                error = reading.error_mm or tools.SWEEP_FEEL_MM
                for fret in reading.frets:
                    self._over_tops(one, lane, ("rock", fret), (-np.inf, tools.ROCK_FELT_MM, error))
            case CrownHeight():
                mm, error = reading.height_mm, reading.error_mm or tools.CROWN_ERROR_MM
                at = reading.fret, LANES.index(reading.lane)
                self._say(one, ("crown", *at), (mm, mm, error), lambda: _at(self.crowns(one), at))
            case Dial():
                mm, error = reading.reading_mm, reading.error_mm or tools.DIAL_ERROR_MM
                place = ("dial", reading.run, reading.lane, reading.fret)
                self._say(one, place, (mm, mm, error), lambda: self._dial(one, reading))
            case _:
                pass

    def _over_tops(self, one: Taken, lane: Lane, place: tuple[str, int], bounds: Bounds) -> None:
        fret = place[1]
        self._say(
            one,
            (*place, lane),
            bounds,
            lambda: self._combine(self.tops(one), lane, rock_height(self.x, fret)),
        )

    def _gap(self, one: Taken, gap: StringGap) -> None:
        low, high = gap.low_support, gap.high_support
        if low is None or high is None:
            low, high = self.contacts[one.number]
        heights = self.wood if gap.by == "notched" else self.tops
        place = ("gap", gap.by == "notched", gap.lane, low, high, gap.fret)
        combination = chord_gap(self.x, low, high, gap.fret)
        self._say(one, place, _gap_bounds(gap), lambda: self._combine(heights(one), gap.lane, combination))

    def _dial(self, one: Taken, dial: Dial) -> tuple[Row, float]:
        """The top against a beam whose level and slope are unknown: ``T_f - (a + b x_f)``."""
        row, constant = _at(self.tops(one), (dial.fret, LANES.index(dial.lane)))
        beam = self.unknowns.beams[dial.run, dial.lane, dial.state]
        row = row.copy()
        row[beam] = -BEAM_MM
        row[beam + 1] = -BEAM_MM * self.x[dial.fret] / self.x[-1]
        return row, constant

    def _combine(self, heights: tuple[Row, Row], lane: Lane, parts: Combination) -> tuple[Row, float]:
        rows, constants = heights
        k = LANES.index(lane)
        row = np.sum([w * rows[f, k] for f, w in parts], axis=0)
        return row, float(sum(w * constants[f, k] for f, w in parts))


def _at(heights: tuple[Row, Row], place: tuple[int, int]) -> tuple[Row, float]:
    rows, constants = heights
    return rows[place], float(constants[place])


def gather(unknowns: Unknowns, taken: Sequence[Taken], contacts: Contacts) -> Evidence:
    """Evidence of all live readings that speak of tops, wood and crowns; string heights do not.

    ``contacts`` names by journal number the two frets on which edges laid as they rest are taken to lie.
    """
    gatherer = _Gatherer(unknowns, contacts)
    for one in taken:
        gatherer.add(one)
    found = list(gatherer.said.values())
    if not found:
        empty = np.zeros(0)
        return Evidence(
            np.zeros((0, unknowns.size)), empty, empty, empty, empty, empty, np.zeros(0, dtype=np.int64)
        )
    built = [said.build() for said in found]
    plain = np.array([said.bounds[0] == said.bounds[1] for said in found])
    mean = np.array([said.total / said.count for said in found])
    bounds = np.array([said.bounds for said in found])
    return Evidence(
        np.array([row for row, _ in built]),
        np.array([constant for _, constant in built]),
        np.where(plain, mean, bounds[:, 0]),
        np.where(plain, mean, bounds[:, 1]),
        bounds[:, 2],
        np.minimum([float(said.count) for said in found], MOST_COUNTED),
        np.array([said.number for said in found], dtype=np.int64),
    )


def _gap_bounds(gap: Gap) -> Bounds:
    if gap.gap_mm is not None:
        return gap.gap_mm, gap.gap_mm, gap.error_mm or tools.GAP_NUMBER_ERROR_MM
    lo = -np.inf if gap.slides_mm is None else gap.slides_mm
    highs = [mm for mm in (gap.drags_mm, gap.wont_go_mm) if mm is not None]
    return lo, min(highs, default=np.inf), gap.error_mm or tools.LEAF_ERROR_MM


def _rock_bounds(rock: Rock) -> Bounds:
    feel = rock.error_mm or tools.ROCK_FEEL_MM
    if rock.says == "still":
        return -np.inf, tools.ROCK_FELT_MM, feel
    if rock.gap_mm is not None:
        return rock.gap_mm, rock.gap_mm, rock.error_mm or tools.ROCK_GAP_ERROR_MM
    lo, hi, error = _gap_bounds(rock)
    if not np.isfinite(lo) and not np.isfinite(hi):
        return tools.ROCK_FELT_MM, np.inf, feel
    # A leaf under a rocker also proves that it rocks.
    return max(lo, min(tools.ROCK_FELT_MM, hi)), hi, error


def lanes_spoken_of(taken: Sequence[Taken]) -> set[Lane]:
    """Lanes on which at least one reading of heights was taken."""
    kinds = StringGap | Rock | OthersStill | CrownHeight | Dial
    return {one.reading.lane for one in taken if isinstance(one.reading, kinds)}
