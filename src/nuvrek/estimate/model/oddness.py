"""Readings that agree with nothing else: found, named, and left out of the map."""

from __future__ import annotations

from collections.abc import Container
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.refining import Foretold
from nuvrek.estimate.model.solver import Solution, log_likelihood, solve
from nuvrek.meaning import Saying, means
from nuvrek.units import MM_PER_INCH, MM_PER_THOU

Array = NDArray[np.float64]

# A reading this many of its own doubts off what all the others say is odd; usual for screening
# outliers.
ODD = 4.0
# And at least this many of its tool's errors off as things stand.
LEAST_OFF = 1.5
MOST_ODD = 3
# A gap that nobody took twice is fitted exactly, however wrong it is: it is odd from so many
# standard deviations off what all the others foretell on. Between sound gaps, of which one in two
# hundred lies further off, and gaps misread by half a millimetre, of which nine in ten do.
ODD_FORETOLD = 4.0
# One wrong reading makes others look odd: of so many the one without which all the rest agree best
# is the wrong one.
SUSPECTS = 4
# Slips of the hand: thou for mm, inches for mm, a point dropped or moved. What the typed mm become.
_SLIPS = (
    (MM_PER_THOU, means("map.thou")),
    (1.0 / MM_PER_THOU, means("map.mm-not-thou")),
    (MM_PER_INCH, means("map.inches")),
    (0.1, means("map.point-moved")),
    (10.0, means("map.point-moved")),
    (0.01, means("map.point-left-out")),
)


@dataclass(frozen=True, slots=True)
class Odd:
    """A reading that what all the others say does not explain. ``off`` counts its own doubts;
    ``slip`` is a guess.
    """

    number: int
    expected_mm: float
    said_mm: float
    off: float
    slip: Saying


def odd_readings(evidence: Evidence, solution: Solution) -> list[Odd]:
    """Readings further from what the others say than any tool error explains, worst first.

    A row's own pull on the optimum is taken out with its leverage h: residual and variance grow by
    1 / (1 - h) (deleted residuals; Cook and Weisberg, Residuals and Influence in Regression,
    section 2.2).
    """
    if not len(evidence.rows):
        return []
    mu = evidence.rows @ solution.z + evidence.constant
    below, above = evidence.lo - mu, mu - evidence.hi
    said = np.where(below > 0, evidence.lo, np.where(above > 0, evidence.hi, mu))
    outside = said - mu
    precision = log_likelihood(
        mu, evidence.lo, evidence.hi, evidence.sigma, evidence.weight
    ).curvature
    spread = np.sum((evidence.rows @ solution.covariance) * evidence.rows, axis=1)
    leverage = np.clip(precision * spread, 0.0, 0.98)
    alone = outside / (1.0 - leverage)
    doubt = evidence.sigma / np.sqrt(evidence.weight) / np.sqrt(1.0 - leverage)
    off = np.where(np.abs(outside) > LEAST_OFF * evidence.sigma, np.abs(alone) / doubt, 0.0)
    odds = []
    for i in np.argsort(-off):
        if off[i] < ODD:
            break
        if not evidence.numbers[i]:
            continue
        expected = float(said[i] - alone[i])
        slip: Saying = ""
        if evidence.lo[i] == evidence.hi[i]:
            slip = _slip(float(said[i]), expected, float(doubt[i]))
        odds.append(Odd(evidence.numbers[i][0], expected, float(said[i]), float(off[i]), slip))
    return odds


def _slip(said_mm: float, expected_mm: float, doubt_mm: float) -> Saying:
    """A slip of the hand that would explain a number, or nothing."""
    fitting = [
        (abs(said_mm * factor - expected_mm), words)
        for factor, words in _SLIPS
        # A slip is a factor of ten or more: a tenth either way leaves no two of them alike.
        if abs(said_mm * factor - expected_mm) < max(2.5 * doubt_mm, 0.1 * abs(expected_mm))
    ]
    if fitting:
        return min(fitting)[1]
    return ""


def odd_gaps(evidence: Evidence, foretold: Foretold, gaps: Container[int]) -> list[Odd]:
    """The gaps, of those with these journal numbers, that lie too far from what all the other
    readings foretell of them, the furthest first.

    Each row is held against its own prediction without it, as the cavity of expectation
    propagation has it (leave one out; Rasmussen and Williams, Gaussian Processes for Machine
    Learning, 5.4.2).
    """
    spread = np.sqrt(foretold.sd_mm**2 + evidence.sigma**2 / evidence.weight)
    below, above = evidence.lo - foretold.mm, foretold.mm - evidence.hi
    off = np.maximum(np.maximum(below, above), 0.0) / spread
    odds = []
    for i in np.argsort(-off):
        if off[i] < ODD_FORETOLD:
            break
        numbers = evidence.numbers[i]
        # What was read twice alike is no slip of the hand.
        if len(numbers) != 1 or numbers[0] not in gaps:
            continue
        said = float(evidence.lo[i] if below[i] > above[i] else evidence.hi[i])
        expected = float(foretold.mm[i])
        number = evidence.lo[i] == evidence.hi[i]
        slip: Saying = ""
        if number:
            slip = _slip(said, expected, float(spread[i]))
        odds.append(Odd(numbers[0], expected, said, float(off[i]), slip))
    return odds


def without_odd(
    evidence: Evidence, solution: Solution, tails: Array
) -> tuple[Evidence, Solution, tuple[Odd, ...]]:
    """The evidence without what is odd, solved again, and what was left out: the oddest reading,
    then the next that is still odd without it, for one bad reading makes others look odd.
    """
    odds: list[Odd] = []
    while len(odds) < MOST_ODD:
        odd = odd_readings(evidence, solution)
        if not odd:
            break
        odds.append(odd[0])
        evidence = evidence.only(
            np.array([odd[0].number not in numbers for numbers in evidence.numbers])
        )
        solution = solve(evidence, solution.z, tails)
    return evidence, solution, tuple(odds)
