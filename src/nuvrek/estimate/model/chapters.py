"""A long journal in chapters: each is solved once, and leaves to the next what it found.

The heights, their doubt and how it all hangs together are carried over as one normal distribution
(assumed density filtering, Maybeck, Stochastic Models, Estimation and Control 2, 1982, from
memory); what only the old surfaces and old settings of the rod needed is summed up and gone. So a
neck of many years costs what its last visit costs. Where chapters begin follows from the journal
alone, from its beginning on: what is written later never moves them.
"""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Iterator, Sequence
from dataclasses import dataclass

import numpy as np
from msgspec import structs

from nuvrek.estimate.model.solver import Solution
from nuvrek.estimate.model.unknowns import Carried, Unknowns
from nuvrek.neck.description import Lane
from nuvrek.readings.entries import Dial, Seated
from nuvrek.readings.journal import Later, NeckState, Taken, Work

# A chapter is full with so many readings, or so many unknowns of its own; then it ends with the
# next work or visit, or, far over that, at once.
READINGS, UNKNOWNS = 500, 160
_FAR_OVER_READINGS, _FAR_OVER_UNKNOWNS = 2000, 320
# Keeps a covariance positive where a quantity is known without any doubt, mm^2.
_JITTER = 1e-12


@dataclass(frozen=True)
class Chapter:
    """A chapter that is closed: its part of the journal, and how it was solved."""

    neck_state: NeckState
    unknowns: Unknowns
    solution: Solution
    carried: Carried

    def same_journal(self, part: NeckState) -> bool:
        """Whether ``part`` is what this chapter was solved from."""
        mine = self.neck_state
        return (mine.neck, mine.taken, mine.work, mine.shifts) == (
            part.neck,
            part.taken,
            part.work,
            part.shifts,
        )


@dataclass(slots=True)
class _Fill:
    """How full the chapter is that is being read."""

    readings: int = 0
    unknowns: int = 0
    runs: int = -1

    def full(self) -> bool:
        return self.readings >= READINGS or self.unknowns >= UNKNOWNS

    def over(self) -> bool:
        return self.readings >= _FAR_OVER_READINGS or self.unknowns >= _FAR_OVER_UNKNOWNS


def chapters(neck_state: NeckState) -> list[NeckState]:
    """``neck_state`` divided: each part has the readings and work of its chapter, and the shifts
    and surfaces up to its end. The last one is still open.
    """
    ends = list(_ends(neck_state))
    if not ends:
        return [neck_state]
    read = [taken.number for taken in neck_state.taken]
    worked = [work.number for work in neck_state.work]
    shifted = [number for number, _ in neck_state.shifts]
    parts: list[NeckState] = []
    surface: dict[tuple[int, Lane], int] = {}
    first_read = first_worked = 0
    for end in ends:
        last_read, last_worked = bisect_left(read, end), bisect_left(worked, end)
        surface = _surface_after(surface, neck_state.work[first_worked:last_worked])
        part = structs.replace(
            neck_state,
            taken=neck_state.taken[first_read:last_read],
            work=neck_state.work[first_worked:last_worked],
            shifts=neck_state.shifts[: bisect_left(shifted, end)],
            truings=tuple(truing for truing in neck_state.truings if truing[0] < end),
            surface=surface,
        )
        parts.append(part)
        first_read, first_worked = last_read, last_worked
    rest = structs.replace(
        neck_state, taken=neck_state.taken[first_read:], work=neck_state.work[first_worked:]
    )
    return [*parts, rest]


def _surface_after(
    before: dict[tuple[int, Lane], int], works: Sequence[Work]
) -> dict[tuple[int, Lane], int]:
    surface = dict(before)
    for work in works:
        surface.update(work.surfaces)
    return surface


def _ends(neck_state: NeckState) -> Iterator[int]:
    """The journal numbers before which a chapter ends."""
    fill, pending = _Fill(), 0
    for number, event in _events(neck_state):
        # Steps with nothing read between them are one: they weigh when the next reading comes.
        turns_over = isinstance(event, Work | Later) and pending == 0
        if (turns_over and fill.full()) or fill.over():
            yield number
            fill, pending = _Fill(), 0
        match event:
            case Taken(reading=reading):
                fill.readings += 1
                fill.unknowns += pending
                pending = 0
                if isinstance(reading, Dial) and reading.run != fill.runs:
                    fill.runs = reading.run
                    fill.unknowns += 2
            case Work(surfaces=surfaces):
                pending = min(pending + len(surfaces), 3 * (neck_state.neck.frets + 1))
                pending += isinstance(event.entry, Seated)
            case _:
                fill.unknowns += 1


def _events(neck_state: NeckState) -> list[tuple[int, object]]:
    """Readings, work and shifts in the order of the journal; a new visit before its reading."""
    events: list[tuple[int, int, object]] = [(taken.number, 1, taken) for taken in neck_state.taken]
    events += [(work.number, 1, work) for work in neck_state.work]
    events += [(number, 0, shift) for number, shift in neck_state.shifts]
    return [(number, event) for number, _, event in sorted(events, key=lambda e: e[:2])]


def carry(neck_state: NeckState, unknowns: Unknowns, solution: Solution) -> Carried:
    """What a solved chapter leaves to the next."""
    rows, constants = unknowns.standing(neck_state.surface)
    covariance = rows @ solution.covariance @ rows.T
    covariance.flat[:: len(covariance) + 1] += _JITTER
    return Carried(
        mean=rows @ solution.z + constants,
        root=np.asarray(np.linalg.cholesky(covariance), dtype=np.float64),
        surface=neck_state.surface,
        moves=len(neck_state.shifts),
    )
