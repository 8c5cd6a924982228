"""Which readings speak for a finding, which against it, and which agree with nothing else."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import Solution, log_likelihood, log_rows, solve
from nuvrek.readings.words import place_words, value_words
from nuvrek.units import MM_PER_INCH, MM_PER_THOU, format_length

Array = NDArray[np.float64]

# A reading this many of its own doubts off what all the others say is odd; usual for screening
# outliers.
ODD = 4.0
# And at least this many of its tool's errors off as things stand.
LEAST_OFF = 1.5
# Readings that change by less than this (in log likelihood) are not worth naming.
WORTH = 0.3
MOST_NAMED = 4
MOST_ODD = 3
# Slips of the hand: thou for mm, inches for mm, a point dropped or moved. What the typed mm become.
_SLIPS = (
    (MM_PER_THOU, "Was it in thou?"),
    (1.0 / MM_PER_THOU, "Was it in mm, not thou?"),
    (MM_PER_INCH, "Was it in inches?"),
    (0.1, "Was its point moved?"),
    (10.0, "Was its point moved?"),
    (0.01, "Was its point left out?"),
)


def with_witnesses(measurer: Measurer, finding: Finding, row: Array, mm: float) -> Finding:
    """``finding`` with the numbers of the readings that speak for and against it.

    ``row`` is the combination of heights it rests on, ``mm`` its size over what would be no
    finding.

    Held against the most likely neck that has nothing of the kind: the optimum moved along the
    covariance until the finding's height is nil. What that makes less likely speaks for it, and the
    reverse.
    """
    solution = measurer.map.solution
    spread = solution.covariance @ row
    variance = float(row @ spread)
    if variance < 1e-12:
        return finding
    other = solution.z - spread * mm / variance
    evidence = measurer.map.evidence
    gain = log_rows(evidence, solution.z) - log_rows(evidence, other)
    order = np.argsort(-gain)
    speaks_for = _numbers(evidence, [i for i in order if gain[i] > WORTH])
    against = _numbers(evidence, [i for i in order[::-1] if gain[i] < -WORTH])
    return structs.replace(finding, speaks_for=speaks_for, speaks_against=against)


def _numbers(evidence: Evidence, rows: list[int]) -> tuple[int, ...]:
    found: dict[int, None] = {}
    for i in rows:
        for number in evidence.numbers[i]:
            found.setdefault(number)
    return tuple(found)[:MOST_NAMED]


# --- odd readings -----------------------------------------------------------


@dataclass(frozen=True, slots=True)
class Odd:
    """A reading that what all the others say does not explain. ``off`` counts its own doubts;
    ``slip`` is a guess.
    """

    number: int
    expected_mm: float
    said_mm: float
    off: float
    slip: str


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
    found = []
    for i in np.argsort(-off):
        if off[i] < ODD:
            break
        expected = float(said[i] - alone[i])
        if evidence.lo[i] == evidence.hi[i]:
            slip = _slip(float(said[i]), expected, float(doubt[i]))
        else:
            slip = ""
        found.append(Odd(evidence.numbers[i][0], expected, float(said[i]), float(off[i]), slip))
    return found


def _slip(said_mm: float, expected_mm: float, doubt_mm: float) -> str:
    """A slip of the hand that would explain a number, or nothing."""
    fitting = [
        (abs(said_mm * factor - expected_mm), words)
        for factor, words in _SLIPS
        # A slip is a factor of ten or more: a tenth either way leaves no two of them alike.
        if abs(said_mm * factor - expected_mm) < max(2.5 * doubt_mm, 0.1 * abs(expected_mm))
    ]
    return min(fitting)[1] if fitting else ""


def _one_by_one(neck_map: HeightMap) -> Iterator[Odd]:
    """The oddest reading, then the next that is still odd without it: one bad reading makes
    others look odd.
    """
    evidence, solution, tails = (
        neck_map.evidence,
        neck_map.solution,
        neck_map.gathering.unknowns.tails,
    )
    for _ in range(MOST_ODD):
        odd = odd_readings(evidence, solution)
        if not odd:
            return
        yield odd[0]
        keep = np.array([odd[0].number not in numbers for numbers in evidence.numbers])
        evidence = evidence.only(keep)
        solution = solve(evidence, solution.z, tails)


def find_odd(looking: Looking) -> list[Finding]:
    """Odd readings as findings, the oddest first."""
    neck_map, unit = looking.neck_map, looking.unit
    readings = {one.number: one.reading for one in neck_map.neck_state.taken}
    found = []
    for odd in _one_by_one(neck_map):
        reading = readings[odd.number]
        fret = getattr(reading, "fret", None)
        head = f"Odd: {place_words(reading)} says {value_words(reading, unit, looking.height_unit)}"
        slip = f" {odd.slip}" if odd.slip else ""
        text = (
            "All the other readings together say "
            f"{format_length(odd.expected_mm, unit)}.{slip} Take it again."
        )
        lane, said = getattr(reading, "lane", None), (odd.number,)
        found.append(Finding("odd", fret, lane, odd.said_mm, 1.0, text, head, speaks_for=said))
    return found
