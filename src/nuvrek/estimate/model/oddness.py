"""Readings that agree with nothing else: found, named, and left out of the map."""

from __future__ import annotations

from collections.abc import Container
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.refining import Foretold, Refined
from nuvrek.estimate.model.solver import Solution, objective, search, without_each
from nuvrek.meaning import Saying, means
from nuvrek.units import MM_PER_INCH, MM_PER_THOU

Array = NDArray[np.float64]

MOST_ODD = 3
# A reading is odd from so many standard deviations off what all the others foretell on, and where
# without it they agree so much better (log likelihood); usual for screening outliers.
ODD_FORETOLD, ODD_DROP = 4.0, 8.0
# Less than this no other way of lying makes good.
WORTH_TRYING = 3.0
# From so many on there is something to look for; under so many of its tool's errors all agrees.
_TROUBLE, _AGREES = 3.0, 1.5
# One wrong reading makes others look odd: so many are looked into by so many
# steps, and so many of them tried with the tools laid anew.
LOOKED_INTO, SUSPECTS, _DROP_STEPS = 10, 4, 2
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


def agrees(evidence: Evidence, z: Array) -> bool:
    """Whether no reading lies further outside what it says than its tool's error explains."""
    return float(_outside(evidence, z).max(initial=0.0)) < _AGREES


def _outside(evidence: Evidence, z: Array) -> Array:
    """How far each row lies outside what it says, in errors of its tool."""
    mu = evidence.rows @ z + evidence.constant
    return np.maximum(np.maximum(evidence.lo - mu, mu - evidence.hi), 0.0) / evidence.sigma


def _off(evidence: Evidence, foretold: Foretold) -> Array:
    """How far each row lies off what all the others foretell of it, in standard deviations.

    Each is held against its own prediction without it, as the cavity of expectation propagation
    has it (leave one out; Rasmussen and Williams, Gaussian Processes for Machine Learning, 5.4.2).
    """
    spread = np.sqrt(foretold.sd_mm**2 + evidence.sigma**2 / evidence.weight)
    beside = np.maximum(evidence.lo - foretold.mm, foretold.mm - evidence.hi)
    return np.asarray(np.maximum(beside, 0.0) / spread)


def in_trouble(whole: Refined) -> bool:
    """Whether some reading lies where neither its tool nor the others would have it."""
    outside = _outside(whole.evidence, whole.solution.z).max(initial=0.0)
    off = _off(whole.evidence, whole.foretold).max(initial=0.0)
    return max(float(outside), float(off)) > _TROUBLE


def suspects(
    evidence: Evidence, peak: Solution, whole: Refined, tails: Array, gaps: Container[int]
) -> list[int]:
    """The journal numbers of a few readings one of which may be wrong.

    A wrong gap bends all that is read beside it, until others look odd and it does not: each is
    left out in turn, with the tools lying as they are, to see how well the rest then agrees. Of
    what no tool lies on, those are suspect that are far off what the others foretell.
    """
    # What was read twice alike is no slip of the hand.
    once = [
        row
        for row, numbers in enumerate(evidence.numbers)
        if len(numbers) == 1 and numbers[0] in gaps
    ]
    begun, better = without_each(evidence, peak.z, tails)
    likely = sorted(once, key=lambda row: -better[row])
    drops = []
    for row in likely[:LOOKED_INTO]:
        left = _rest(evidence, row, begun[row], tails, _DROP_STEPS)
        if left < peak.objective - WORTH_TRYING:
            drops.append((left, evidence.numbers[row][0]))
    off = _off(whole.evidence, whole.foretold)
    others = [
        numbers[0]
        for row in np.argsort(-off)
        if off[row] > ODD_FORETOLD
        and len(numbers := whole.evidence.numbers[row]) == 1
        and numbers[0] not in gaps
    ]
    return [number for _, number in sorted(drops)[:SUSPECTS]] + others[:SUSPECTS]


def _rest(evidence: Evidence, row: int, z: Array, tails: Array, steps: int) -> float:
    """The objective of all the other rows, so many steps from ``z``."""
    rest = evidence.only(np.arange(len(evidence.lo)) != row)
    return objective(rest, search(rest, z, tails, steps), tails)


def odd_against(one: Evidence, number: int, mm: float, sd_mm: float) -> Odd | None:
    """A reading (one row) held against what is foretold of it; nothing where it fits."""
    spread = float(np.hypot(sd_mm, one.sigma[0] / np.sqrt(one.weight[0])))
    below, above = float(one.lo[0]) - mm, mm - float(one.hi[0])
    off = max(below, above) / spread
    if off < ODD_FORETOLD:
        return None
    said = float(one.lo[0] if below > above else one.hi[0])
    slip: Saying = ""
    if one.lo[0] == one.hi[0]:
        slip = _slip(said, mm, spread)
    return Odd(number, mm, said, off, slip)
