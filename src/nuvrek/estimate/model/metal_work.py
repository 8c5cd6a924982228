"""What filing and seating leave unknown: each step moved a top by about what was meant.

Steps between which nothing was read are one step: their errors are independent, so their variances
add up, and a fret filed two hundred times in a row is no heavier than one filed once.
"""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import LANES, Lane
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import Seated
from nuvrek.readings.journal import Work

Array = NDArray[np.float64]
# How far the three lanes of one fret go down apart from each other when it is seated, mm (common
# practice, no source).
SEATED_LANE_MM = 0.0075


@dataclass(frozen=True, slots=True)
class Step:
    """One step at one place: on surfaces from ``surface`` on the top stands ``off_mm`` lower, give
    or take ``parts``: (place among the unknowns of work, standard deviation in mm).
    """

    surface: int
    off_mm: float
    parts: tuple[tuple[int, float], ...]


@dataclass(frozen=True)
class MetalWork:
    """The steps of each place in order, and how many unknowns they bring."""

    steps: dict[tuple[int, Lane], tuple[Step, ...]]
    size: int

    def lay_on(self, rows: Array, surface: Mapping[tuple[int, Lane], int], first: int) -> Array:
        """Write the steps up to ``surface`` into ``rows`` (frets + 1, 3, n), their unknowns from
        column ``first`` on; returns the constants (frets + 1, 3).
        """
        constant = np.zeros(rows.shape[:2])
        for (fret, lane), worked in surface.items():
            k = LANES.index(lane)
            for step in self.steps.get((fret, lane), ()):
                if step.surface > worked:
                    break
                constant[fret, k] -= step.off_mm
                for column, spread in step.parts:
                    rows[fret, k, first + column] = spread
        return constant


@dataclass(slots=True)
class _Sum:
    """What was done to one place between two readings."""

    surface: int = 0
    off_mm: float = 0.0
    variance: float = 0.0


def metal_work(works: Sequence[Work], read: Sequence[int]) -> MetalWork:
    """The steps of ``works``; ``read`` are the journal numbers of the readings, ascending."""
    own: dict[tuple[int, int, Lane], _Sum] = {}
    shared: dict[tuple[int, int], float] = {}
    for work in works:
        batch = bisect_left(read, work.number)
        seated = isinstance(work.entry, Seated)
        off = {} if isinstance(work.entry, Seated) else {(f, k): mm for f, k, mm in work.entry.off}
        for (fret, lane), surface in work.surfaces.items():
            here = own.setdefault((batch, fret, lane), _Sum())
            mm = off.get((fret, lane), 0.0)
            here.surface, here.off_mm = surface, here.off_mm + mm
            here.variance += (
                SEATED_LANE_MM
                if seated
                else tool_errors.FILED_ERROR_MM + tool_errors.FILED_SHARE_ERROR * mm
            ) ** 2
        if isinstance(work.entry, Seated):
            place = batch, work.entry.fret
            shared[place] = shared.get(place, 0.0) + tool_errors.SEATED_ERROR_MM**2
    return _steps(own, shared)


def _steps(
    own: dict[tuple[int, int, Lane], _Sum], shared: dict[tuple[int, int], float]
) -> MetalWork:
    whole_fret = {place: column for column, place in enumerate(shared)}
    steps: dict[tuple[int, Lane], list[Step]] = {}
    for column, ((batch, fret, lane), done) in enumerate(own.items(), len(shared)):
        parts = [(column, float(np.sqrt(done.variance)))]
        if (batch, fret) in whole_fret:
            parts.append((whole_fret[batch, fret], float(np.sqrt(shared[batch, fret]))))
        steps.setdefault((fret, lane), []).append(Step(done.surface, done.off_mm, tuple(parts)))
    size = len(shared) + len(own)
    return MetalWork({place: tuple(found) for place, found in steps.items()}, size)
