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
from nuvrek.readings.entries import Filed, FretWork, Seated
from nuvrek.readings.journal import NutWork, Work

Array = NDArray[np.float64]
AnyWorkDone = Seated | Filed | FretWork | NutWork
# How far the three lanes of one fret go down apart from each other when it is seated, mm (common
# practice, no source).
SEATED_LANE_MM = 0.0075
# New wire driven home stands higher or lower as a whole, and by lane, by about so much (common
# practice, no source).
FITTED_MM, FITTED_LANE_MM = 0.025, 0.012
# A nut that was worked on may stand anywhere about where it stood, mm (common practice, no source).
NUT_MM = 0.25


@dataclass(frozen=True, slots=True)
class MetalStep:
    """One step at one place: on surfaces from ``surface`` on the top stands ``off_mm`` lower, give
    or take ``parts``: (place among the unknowns of work, standard deviation in mm). With ``new_mm``
    it is another wire, so high over the wood: what was known of the old one is gone.
    """

    surface: int
    off_mm: float
    parts: tuple[tuple[int, float], ...]
    new_mm: float | None = None


@dataclass(frozen=True, slots=True)
class UsualCrown:
    """The common crown height that all others are counted from: as described, and its spread in one
    column of the unknowns.
    """

    height_mm: float
    column: int
    spread_mm: float


@dataclass(frozen=True)
class MetalWork:
    """The steps of each place in order, and how many unknowns they bring."""

    steps: dict[tuple[int, Lane], tuple[MetalStep, ...]]
    size: int

    def lay_on(
        self, rows: Array, surface: Mapping[tuple[int, Lane], int], first: int, usual: UsualCrown
    ) -> Array:
        """Write the steps up to ``surface`` into ``rows`` (frets + 1, 3, n), their unknowns from
        column ``first`` on; returns the constants (frets + 1, 3). Both count from ``usual``.
        """
        constant = np.zeros(rows.shape[:2])
        for (fret, lane), worked in surface.items():
            k = LANES.index(lane)
            for step in self.steps.get((fret, lane), ()):
                if step.surface > worked:
                    break
                if step.new_mm is not None:
                    rows[fret, k] = 0.0
                    rows[fret, k, usual.column] = -usual.spread_mm
                    constant[fret, k] = step.new_mm - usual.height_mm
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
    new_mm: float | None = None


def metal_work(works: Sequence[Work], read: Sequence[int], usual_mm: float) -> MetalWork:
    """The steps of ``works``; ``read`` are the journal numbers of the readings, ascending.
    ``usual_mm`` is the crown of new wire whose height nobody said.
    """
    own: dict[tuple[int, int, Lane], _Sum] = {}
    shared: dict[tuple[int, int], float] = {}
    for work in works:
        batch, entry = bisect_left(read, work.number), work.entry
        if isinstance(entry, Filed):
            off = {(f, k): mm for f, k, mm in entry.off}
        else:
            off = {}
        for (fret, lane), surface in work.surfaces.items():
            here = own.setdefault((batch, fret, lane), _Sum())
            mm = off.get((fret, lane), 0.0)
            if isinstance(entry, FretWork):
                # Whatever was done to the old wire there is gone with it.
                here.new_mm = usual_mm if entry.crown_mm is None else entry.crown_mm
                here.off_mm, here.variance = 0.0, 0.0
            here.surface, here.off_mm = surface, here.off_mm + mm
            here.variance += _spread_mm(entry, mm) ** 2
        for fret, spread in _whole_fret(entry):
            place = batch, fret
            shared[place] = shared.get(place, 0.0) + spread**2
    return _steps(own, shared)


def _spread_mm(entry: AnyWorkDone, mm: float) -> float:
    """How far a place comes out apart from what was meant, beside the rest of its fret."""
    match entry:
        case NutWork():
            return NUT_MM
        case Seated():
            return SEATED_LANE_MM
        case FretWork():
            return FITTED_LANE_MM
        case Filed():
            return tool_errors.FILED_ERROR_MM + tool_errors.FILED_SHARE_ERROR * mm


def _whole_fret(entry: AnyWorkDone) -> list[tuple[int, float]]:
    """The frets that stand higher or lower as a whole than was meant, and by how much."""
    match entry:
        case Seated(fret=fret):
            return [(fret, tool_errors.SEATED_ERROR_MM)]
        case FretWork(frets=frets):
            return [(fret, FITTED_MM) for fret in frets]
        case Filed() | NutWork():
            return []


def _steps(
    own: dict[tuple[int, int, Lane], _Sum], shared: dict[tuple[int, int], float]
) -> MetalWork:
    whole_fret = {place: column for column, place in enumerate(shared)}
    steps: dict[tuple[int, Lane], list[MetalStep]] = {}
    for column, ((batch, fret, lane), done) in enumerate(own.items(), len(shared)):
        parts = [(column, float(np.sqrt(done.variance)))]
        if (batch, fret) in whole_fret:
            parts.append((whole_fret[batch, fret], float(np.sqrt(shared[batch, fret]))))
        steps.setdefault((fret, lane), []).append(
            MetalStep(done.surface, done.off_mm, tuple(parts), done.new_mm)
        )
    size = len(shared) + len(own)
    return MetalWork({place: tuple(metal_steps) for place, metal_steps in steps.items()}, size)
