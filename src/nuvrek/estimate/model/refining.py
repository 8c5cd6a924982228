"""Mean and doubt of the heights from the whole of what each reading allows, not from its peak.

At the most likely heights a bracket is flat, a one-sided reading has a tail and a crown's prior a
long one: curvature there says too much or too little. Each row is therefore replaced by the normal
one that has the same mean and spread where the others put it (expectation propagation, Minka, UAI
2001; in parallel, damped), and each pseudo-Huber prior by the normal one that touches it at the
mean square of its unknown (Jaakkola and Jordan, Statistics and Computing 10, 2000; both from
memory).
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek import patience
from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import Solution, hessian_of, inverse_of, log_likelihood, objective

Array = NDArray[np.float64]
# The evidence anew for heights and their covariance.
Soften = Callable[[Array, Array], Evidence]
# A few sweeps settle it; all rows at once would swing without damping.
SWEEPS, DAMPING = 4, 0.8
# So much less likely than the peak no mean of theirs was that came near the sampler.
FAR = 40.0
# No row may make an unknown less certain than it was without it.
_LEAST = 1e-12


@dataclass(frozen=True)
class Foretold:
    """What all the others say of each row: its mean and its standard deviation, (rows,), mm."""

    mm: Array
    sd_mm: Array


@dataclass(frozen=True)
class Refined:
    """Mean and covariance of all that readings allow, what the others foretell of each row, and
    the evidence with its tools as they may lie.
    """

    solution: Solution
    foretold: Foretold
    evidence: Evidence


def refined(
    evidence: Evidence, solution: Solution, tails: Array, soften: Soften | None = None
) -> Refined:
    """``solution`` with mean and covariance of the whole posterior; begins from its peak.

    ``soften`` lays the tools anew for each sweep, in all the ways that its heights hold possible.
    """
    weight, peak_rows = evidence.weight, evidence.rows
    z, covariance = solution.z, solution.covariance
    mu = peak_rows @ z + evidence.constant
    peak = log_likelihood(mu, evidence.lo, evidence.hi, evidence.sigma)
    precision = np.maximum(peak.curvature, _LEAST)
    pull = precision * mu + peak.slope
    for _ in range(SWEEPS if len(weight) else 0):
        patience.ask()
        if soften is not None:
            evidence = soften(z, covariance)
        rows = evidence.rows
        spread = np.einsum("ij,ij->i", rows @ covariance, rows)
        mu = rows @ z + evidence.constant
        new_precision, new_pull = _as_normal(evidence, mu, spread, precision, pull)
        precision += DAMPING * (new_precision - precision)
        pull += DAMPING * (new_pull - pull)
        prior = 1.0 / np.sqrt(1.0 + (z * z + np.diag(covariance)) / tails**2)
        covariance = inverse_of(hessian_of(prior, weight * precision, rows))
        z = covariance @ (rows.T @ (weight * (pull - precision * evidence.constant)))
    if objective(evidence, z, tails) > solution.objective + FAR:
        # The mean of a sound posterior lies near its peak: this one has run away.
        z, covariance = solution.z, solution.covariance
        precision = np.maximum(peak.curvature, _LEAST)
        pull = precision * (peak_rows @ z + evidence.constant) + peak.slope
    rows = evidence.rows
    made = Solution(z, covariance, solution.objective, solution.steps)
    mu, spread = rows @ z + evidence.constant, np.einsum("ij,ij->i", rows @ covariance, rows)
    there, variance = _without(mu, spread, weight * precision, weight * pull)
    return Refined(made, Foretold(there, np.sqrt(variance)), evidence)


def _without(mu: Array, spread: Array, precision: Array, pull: Array) -> tuple[Array, Array]:
    """Mean and variance of each row as all the others have it."""
    spread = np.maximum(spread, _LEAST)
    without = 1.0 / spread - precision
    apart = without > 1e-6 / spread
    # A row that says more than all the rest leaves no rest to speak of: it is looked at as it is.
    without = np.where(apart, without, 1.0 / spread)
    return np.where(apart, (mu / spread - pull) / without, mu), 1.0 / without


def _as_normal(
    evidence: Evidence, mu: Array, spread: Array, precision: Array, pull: Array
) -> tuple[Array, Array]:
    """Precision and pull of the normal row that does what each row does, seen from where all the
    others put it.
    """
    there, variance = _without(mu, spread, precision, pull)
    reach = np.sqrt(evidence.sigma**2 + variance)
    terms = log_likelihood(there, evidence.lo, evidence.hi, reach)
    curvature = np.clip(terms.curvature, _LEAST, (1.0 - 1e-9) / variance)
    share = 1.0 - curvature * variance
    found = curvature / share
    return found, found * there + terms.slope / share
