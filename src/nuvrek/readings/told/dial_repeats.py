"""How well an indicator repeats on this neck: told by passes that were made twice."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from nuvrek.readings import tool_errors
from nuvrek.readings.entries import Dial
from nuvrek.readings.journal import Taken

# The usual error counts as much as so many comparisons before the doubled passes overrule it.
USUAL_COUNTS = 6
# Fewer frets in common leave nothing to compare once level and slope of the beam are taken out.
LEAST_IN_COMMON = 5


def dial_error_mm(taken: Sequence[Taken], x_mm: NDArray[np.float64]) -> float:
    """One standard deviation of a dial reading, mm: the usual one, drawn towards what doubled
    passes over the same tops show. ``x_mm`` (frets + 1,) are the places of nut and frets.

    Two passes differ by a straight line, as the beam lies anew, by what the neck bent meanwhile,
    and by both their errors; the sum
    of squares is pooled with the usual variance (conjugate update of a normal variance; Gelman and
    others, Bayesian Data Analysis, section 2.6, from memory).
    """
    runs: dict[object, dict[int, dict[int, float]]] = {}
    for reading_taken in taken:
        if isinstance(reading_taken.reading, Dial) and reading_taken.reading.error_mm is None:
            dial = reading_taken.reading
            tops = runs.setdefault((dial.lane, dial.state, id(reading_taken.surface)), {})
            tops.setdefault(dial.run, {})[dial.fret] = dial.reading_mm
    squares, count = USUAL_COUNTS * tool_errors.DIAL_ERROR_MM**2, float(USUAL_COUNTS)
    for passes in runs.values():
        numbered = list(passes.values())
        for first, second in pairwise(numbered):
            added, freedoms = _apart(first, second, x_mm)
            squares, count = squares + added, count + freedoms
    return float(np.sqrt(squares / count))


def _apart(
    first: dict[int, float], second: dict[int, float], x_mm: NDArray[np.float64]
) -> tuple[float, int]:
    """Half the squares by which two passes differ beside a straight line and an even bend, and
    their freedoms: the beam lies anew, and the neck may have moved.
    """
    frets = sorted(fret for fret in first.keys() & second.keys() if fret < len(x_mm))
    if len(frets) < LEAST_IN_COMMON:
        return 0.0, 0
    gap, x = np.array([second[fret] - first[fret] for fret in frets]), x_mm[frets]
    rest = gap - np.polyval(np.polyfit(x, gap, 2), x)
    return float(np.sum(rest**2)) / 2.0, len(frets) - 3
