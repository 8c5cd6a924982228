"""Readings turned into evidence rows: what a tool says about a combination of heights.

Readings that say the same of the same place are one row that counts more: a neck read ten thousand
times has no more rows than places. A tool's own fault does not average out, so they count for nine
at most.
"""

from __future__ import annotations

from collections.abc import Callable, Hashable, Sequence
from dataclasses import dataclass
from functools import partial
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek import patience
from nuvrek.estimate.model.edge_contacts import Contacts, reach_of
from nuvrek.estimate.model.unknowns import BEAM_MM, Row, Unknowns
from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import (
    ON_WOOD,
    CrownHeight,
    Dial,
    EdgeLie,
    Gap,
    OthersStill,
    Rock,
    State,
    StringGap,
)
from nuvrek.readings.journal import Taken

MOST_COUNTED = 9
# The strings pull at most so many times what wood, scale and strings let expect, and this much
# more, mm; how soft these bounds are (common practice, no source: the softest necks of the trade
# bend about six times as far as the stiffest).
MOST_PULL, MOST_PULL_MORE_MM, PULL_BOUND_MM = 6.0, 0.1, 0.01
# Rows of so many states and surfaces are kept to be combined again.
_MOST_KEPT = 60
Combination = list[tuple[int, float]]  # (fret, weight)


@dataclass(frozen=True)
class Evidence:
    """Rows ``lo <= rows @ z + constant + error <= hi`` with normal errors of ``sigma`` (mm).

    Where lo equals hi the row is a plain number. Row i counts ``weight[i]`` times; ``numbers[i]``
    are the journal numbers of its readings. All share their first dimension.
    """

    rows: NDArray[np.float64]
    constant: NDArray[np.float64]
    lo: NDArray[np.float64]
    hi: NDArray[np.float64]
    sigma: NDArray[np.float64]
    weight: NDArray[np.float64]
    numbers: tuple[tuple[int, ...], ...]

    def only(self, keep: NDArray[np.bool_]) -> Evidence:
        """The rows that ``keep`` (rows,) marks."""
        numbers = tuple(n for n, kept in zip(self.numbers, keep, strict=True) if kept)
        return Evidence(
            self.rows[keep],
            self.constant[keep],
            self.lo[keep],
            hi=self.hi[keep],
            sigma=self.sigma[keep],
            weight=self.weight[keep],
            numbers=numbers,
        )

    def and_also(self, other: Evidence) -> Evidence:
        """These rows, and the other's after them."""
        return Evidence(
            np.concatenate((self.rows, other.rows)),
            np.concatenate((self.constant, other.constant)),
            np.concatenate((self.lo, other.lo)),
            hi=np.concatenate((self.hi, other.hi)),
            sigma=np.concatenate((self.sigma, other.sigma)),
            weight=np.concatenate((self.weight, other.weight)),
            numbers=(*self.numbers, *other.numbers),
        )


Bounds = tuple[float, float, float]  # lo, hi, sigma
# Heights a row combines: of the tops, the wood or the crowns, in one state on one surface.
HeightGroup = tuple[Literal["tops", "wood", "crown"], State, int]


@dataclass(slots=True)
class _Said:
    """What was said of one place with one bound: how often, by which reading first."""

    heights: HeightGroup
    lane: int
    parts: Combination
    bounds: Bounds
    numbers: list[int]
    dial: Dial | None = None
    felt: bool = False
    total: float = 0.0


def chord_gap(x_mm: Row, low_support: int, high_support: int, fret: int) -> Combination:
    """Gap under a straight line over two tops: ``lerp(T_a, T_b, x_m) - T_m``."""
    share = float((x_mm[fret] - x_mm[low_support]) / (x_mm[high_support] - x_mm[low_support]))
    return [(low_support, 1.0 - share), (high_support, share), (fret, -1.0)]


def rock_height(x_mm: Row, fret: int) -> Combination:
    """How far the middle of three frets stands over its neighbours: ``T_m - lerp(T_m-1,
    T_m+1)``.
    """
    return [(f, -w) for f, w in chord_gap(x_mm, fret - 1, fret + 1, fret)]


class Gathering:
    """Turns readings into rows; those of one state and surface are made together.

    It follows a growing journal: what was there before is not worked through again.
    """

    def __init__(self, unknowns: Unknowns) -> None:
        self.unknowns = unknowns
        self.x = place_row_mm(unknowns.neck)
        self._forget()

    def _forget(self) -> None:
        self.contacts: dict[int, tuple[int, int]] = {}
        self.said: dict[Hashable, _Said] = {}
        # What each string or edge was taken to say, by its number: laid otherwise it says another
        # thing.
        self._laid: dict[int, tuple[Taken, _Said, float]] = {}
        self._seen: Sequence[Taken] = ()
        self._surfaces: dict[int, Taken] = {}
        self._height_rows: dict[HeightGroup, tuple[Row, Row]] = {}
        self._rows = np.zeros((0, self.unknowns.size))
        self._constants = np.zeros(0)

    def evidence(self, taken: Sequence[Taken], contacts: Contacts) -> Evidence:
        """Evidence of all live readings that speak of tops, wood and crowns; string heights do not.

        ``contacts`` names by journal number the two frets on which strings and edges are taken to
        lie.
        """
        known = len(self._seen)
        if not (len(taken) >= known and (not known or taken[known - 1] is self._seen[-1])):
            self._forget()
            known = 0
        before, self.contacts = self.contacts, dict(contacts)
        for number, pair in before.items():
            if self.contacts.get(number) != pair:
                self._lay_anew(number)
        for reading_taken in taken[known:]:
            self._add(reading_taken)
        self._seen = taken
        return self._evidence()

    def _lay_anew(self, number: int) -> None:
        """A string or edge is taken to lie on other frets: what it said there is taken back."""
        taken, statement, total = self._laid.pop(number)
        statement.numbers.remove(number)
        statement.total -= total
        self._add(taken)

    def _evidence(self) -> Evidence:
        """All that was said, as rows; what was taken back by all who said it is left out."""
        statements = list(self.said.values())
        fresh = self._make(statements[len(self._rows) :])
        self._rows = np.concatenate((self._rows, fresh[0]))
        self._constants = np.concatenate((self._constants, fresh[1]))
        bounds = np.array([statement.bounds for statement in statements]).reshape(-1, 3)
        count = np.array([float(len(statement.numbers)) for statement in statements])
        # Numbers of one place are one row at their mean, counted as often as they were read.
        plain = bounds[:, 0] == bounds[:, 1]
        mean = np.array([statement.total for statement in statements]) / np.maximum(count, 1.0)
        whole = Evidence(
            self._rows,
            self._constants,
            np.where(plain, mean, bounds[:, 0]),
            hi=np.where(plain, mean, bounds[:, 1]),
            sigma=bounds[:, 2],
            weight=np.minimum(count, MOST_COUNTED),
            numbers=tuple(tuple(statement.numbers) for statement in statements),
        )
        if np.all(count > 0):
            evidence = whole
        else:
            evidence = whole.only(count > 0)
        known = self.unknowns.carried is not None or self.unknowns.neck.bare
        if known:
            return evidence
        return evidence.and_also(self._strings_pull())

    def _strings_pull(self) -> Evidence:
        """What nobody reads and every neck knows: strings pull relief in, never out of it, and no
        more than the wood and its strings allow. Later chapters of a journal carry it on.
        """
        row, constant = self.unknowns.pull()
        most = MOST_PULL * self.unknowns.pull_mm[0] + MOST_PULL_MORE_MM
        one = np.ones(1)
        return Evidence(
            row[None, :],
            constant * one,
            0.0 * one,
            hi=most * one,
            sigma=PULL_BOUND_MM * one,
            weight=one,
            numbers=((),),
        )

    def _say(
        self,
        taken: Taken,
        kind: Literal["tops", "wood", "crown"],
        lane: Lane,
        place: Hashable,
        parts: Callable[[], Combination],
        bounds: Bounds,
        dial: Dial | None = None,
        felt: bool = False,
    ) -> None:
        lo, hi, sigma = bounds
        # The journal makes a new surface mapping only when metal is worked, so its identity tells
        # them apart.
        surface = id(taken.surface)
        self._surfaces[surface] = taken
        # Plain numbers of one place gather in their mean; leaves only where they are the same
        # leaves.
        key = (
            kind,
            lane,
            place,
            taken.reading.state,
            surface,
            sigma,
            None if lo == hi else (lo, hi),
            self.unknowns.since(taken.number),
        )
        known = self.said.get(key)
        if known is None:
            heights = kind, taken.reading.state, surface
            known = _Said(
                heights, LANES.index(lane), parts(), bounds=bounds, numbers=[], dial=dial, felt=felt
            )
            self.said[key] = known
        known.numbers.append(taken.number)
        mine = lo if lo == hi else 0.0
        known.total += mine
        if isinstance(taken.reading, StringGap):
            self._laid[taken.number] = taken, known, mine

    def _add(self, taken: Taken) -> None:
        """Take up one reading; kinds that say nothing of tops, wood or crowns are passed over."""
        reading = taken.reading
        match reading:
            case StringGap():
                self._gap(taken, reading)
            case EdgeLie():
                self._lie(taken, reading)
            case Rock(lane=lane, fret=fret):
                self._rock(taken, lane, fret, _rock_bounds(reading))
            case OthersStill(lane=lane):
                error = reading.error_mm or tool_errors.SWEEP_FEEL_MM
                for fret in reading.frets:
                    self._rock(taken, lane, fret, (-np.inf, tool_errors.ROCK_FELT_MM, error))
            case CrownHeight(lane=lane, fret=fret):
                mm, error = reading.height_mm, reading.error_mm or tool_errors.CROWN_ERROR_MM
                self._say(
                    taken,
                    "crown",
                    lane,
                    place=fret,
                    parts=lambda: [(fret, 1.0)],
                    bounds=(mm, mm, error),
                )
            case Dial(lane=lane, fret=fret):
                mm, error = reading.reading_mm, reading.error_mm or self.unknowns.dial_mm
                place = ("dial", reading.run, fret)
                self._say(
                    taken,
                    "tops",
                    lane,
                    place=place,
                    parts=lambda: [(fret, 1.0)],
                    bounds=(mm, mm, error),
                    dial=reading,
                )
            case _:
                pass

    def _rock(self, taken: Taken, lane: Lane, fret: int, bounds: Bounds) -> None:
        # A leaf under the rocker tells by itself; what is only felt hangs on the hand.
        felt = not (isinstance(taken.reading, Rock) and has_leaf(taken.reading))
        place = ("rock", fret, felt)
        parts = partial(rock_height, self.x, fret)
        self._say(taken, "tops", lane, place=place, parts=parts, bounds=bounds, felt=felt)

    def _lie(self, taken: Taken, lie: EdgeLie) -> None:
        """A long edge rocks about the fret that stands over the line of its ends; or nothing stands
        over that line at a quarter, half and three quarters of what it covers, and, where it lies
        all along, no light is to be seen there.
        """
        low, high = lie.reach or (1, self.unknowns.neck.frets)
        kind: Literal["tops", "wood"] = "wood" if lie.by in ON_WOOD else "tops"
        error = lie.error_mm or tool_errors.EDGE_LIE_MM
        if lie.fret is not None:
            bounds = (-np.inf, -tool_errors.EDGE_ROCKS_MM, error)
            places = [lie.fret]
        else:
            if lie.says == "all along":
                light = tool_errors.EDGE_LIGHT_MM
            else:
                light = np.inf
            bounds = (-tool_errors.EDGE_ROCKS_MM, light, error)
            quarter = (high - low) / 4.0
            places = sorted({round(low + n * quarter) for n in (1, 2, 3)} - {low, high})
        for fret in places:
            parts = partial(chord_gap, self.x, low, high, fret)
            self._say(
                taken, kind, lie.lane, place=("lie", low, high, fret), parts=parts, bounds=bounds
            )

    def _gap(self, taken: Taken, gap: StringGap) -> None:
        low, high = self.contacts.get(taken.number) or reach_of(gap, self.unknowns.neck.frets)
        kind: Literal["tops", "wood"] = "wood" if gap.by in ON_WOOD else "tops"
        parts = partial(chord_gap, self.x, low, high, gap.fret)
        bounds = _gap_bounds(gap)
        # Laid over other places it may lie otherwise, even where it now rests on the same two.
        place = (low, high, gap.fret, reach_of(gap, self.unknowns.neck.frets))
        self._say(taken, kind, gap.lane, place=place, parts=parts, bounds=bounds)

    def heights_under(self, taken: Taken, gap: StringGap) -> HeightGroup:
        """Which heights a string or edge lies on."""
        self._surfaces[id(taken.surface)] = taken
        return "wood" if gap.by in ON_WOOD else "tops", gap.state, id(taken.surface)

    def heights(self, key: HeightGroup) -> tuple[Row, Row]:
        """Rows (frets + 1, 3, n) and constants (frets + 1, 3) of all places of a group."""
        if key not in self._height_rows:
            if len(self._height_rows) >= _MOST_KEPT:
                self._height_rows.clear()
            self._height_rows[key] = self._heights(key)
        return self._height_rows[key]

    def _heights(self, key: HeightGroup) -> tuple[Row, Row]:
        kind, state, surface = key
        match kind:
            case "wood":
                return self.unknowns.wood(state)
            case "tops":
                return self.unknowns.tops(self._surfaces[surface].surface, state)
            case _:
                return self.unknowns.crown_heights(self._surfaces[surface].surface)

    def _make(self, statements: Sequence[_Said]) -> tuple[Row, Row]:
        """Rows and constants of what was said: combinations of heights, group by group."""
        groups: dict[HeightGroup, list[int]] = {}
        for i, statement in enumerate(statements):
            groups.setdefault(statement.heights, []).append(i)
        rows, constants = np.empty((len(statements), self.unknowns.size)), np.empty(len(statements))
        for key, members in groups.items():
            patience.ask()
            heights, constant = self.heights(key)
            weights = np.zeros((len(members), constant.size))
            # Rows of one state share their heights: one product a group instead of one a reading.
            for line, i in enumerate(members):
                for fret, weight in statements[i].parts:
                    weights[line, 3 * fret + statements[i].lane] += weight
            rows[members] = weights @ heights.reshape(constant.size, -1)
            constants[members] = weights @ constant.ravel()
        for i, statement in enumerate(statements):
            if statement.dial is not None:
                self._lay_beam(rows[i], statement.dial)
            if statement.felt:
                # All that one hand calls still or rocking hangs on how light it is: sixty stills
                # of a sweep are not sixty witnesses.
                rows[i, self.unknowns.hand] = -tool_errors.HAND_FEEL_MM
            if self.unknowns.drifts and statement.numbers and statement.heights[0] != "crown":
                on_frets = np.zeros(len(self.x))
                for fret, weight in statement.parts:
                    on_frets[fret] += weight
                self.drifted(rows[i], statement.numbers[0], on_frets)
        return rows, constants

    def drifted(self, row: Row, number: int, weights: Row) -> None:
        """The neck dipped less or more when it was read, where it moved since in the same round."""
        if since := self.unknowns.since(number):
            column, spread = since
            row[column] += spread * float(weights @ self.unknowns.bend)

    def _lay_beam(self, row: Row, dial: Dial) -> None:
        """A top against a beam whose level and slope are unknown: ``T_f - (a + b x_f)``."""
        beam = self.unknowns.beams[dial.run, dial.lane, dial.state]
        row[beam] = -BEAM_MM
        row[beam + 1] = -BEAM_MM * self.x[dial.fret] / self.x[-1]


def gather(unknowns: Unknowns, taken: Sequence[Taken], contacts: Contacts) -> Evidence:
    """The evidence of ``taken`` by itself, see Gathering."""
    return Gathering(unknowns).evidence(taken, contacts)


def _gap_bounds(gap: Gap) -> Bounds:
    if gap.gap_mm is not None:
        # No light at all: the string lies on the fret, or would if it could.
        lo = -np.inf if gap.gap_mm == 0.0 else gap.gap_mm
        return lo, gap.gap_mm, gap.error_mm or tool_errors.GAP_NUMBER_ERROR_MM
    if gap.slides_mm is None:
        lo = -np.inf
    else:
        lo = gap.slides_mm
    if (
        gap.slides_mm is None
        and gap.drags_mm is not None
        and gap.drags_mm >= tool_errors.LEAST_DRAG_MM
    ):
        # A leaf that drags still goes: the gap is not much less than the leaf.
        lo = gap.drags_mm - tool_errors.DRAGS_OVER_MM
    highs = [mm for mm in (gap.drags_mm, gap.wont_go_mm) if mm is not None]
    return lo, min(highs, default=np.inf), gap.error_mm or tool_errors.LEAF_ERROR_MM


def has_leaf(rock: Rock) -> bool:
    """Whether a rock was measured, not only felt."""
    return (rock.gap_mm, rock.slides_mm, rock.drags_mm, rock.wont_go_mm) != (None,) * 4


def _rock_bounds(rock: Rock) -> Bounds:
    feel = rock.error_mm or tool_errors.ROCK_FEEL_MM
    if rock.says == "still":
        return -np.inf, tool_errors.ROCK_FELT_MM, feel
    if rock.gap_mm is not None:
        return rock.gap_mm, rock.gap_mm, rock.error_mm or tool_errors.ROCK_GAP_ERROR_MM
    lo, hi, error = _gap_bounds(rock)
    if not np.isfinite(lo) and not np.isfinite(hi):
        return tool_errors.ROCK_FELT_MM, np.inf, feel
    # A leaf under a rocker also proves that it rocks.
    return max(lo, min(tool_errors.ROCK_FELT_MM, hi)), hi, error


def lanes_spoken_of(taken: Sequence[Taken]) -> set[Lane]:
    """Lanes on which at least one reading of heights was taken."""
    kinds = StringGap | EdgeLie | Rock | OthersStill | CrownHeight | Dial
    return {
        reading_taken.reading.lane
        for reading_taken in taken
        if isinstance(reading_taken.reading, kinds)
    }
