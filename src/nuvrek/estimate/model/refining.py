"""Mean and doubt of the heights from the whole of what each reading allows, not from its peak.

At the most likely heights a bracket is flat, a one-sided reading has a tail and a crown's prior a
long one: curvature there says too much or too little. Each row is therefore replaced by the normal
one that has the same mean and spread where the others put it, and each tailed prior likewise
(expectation propagation, Minka, UAI 2001, from memory; in parallel, damped). A prior's mean and
spread there are taken by Gauss-Hermite quadrature.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek import patience
from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import (
    Solution,
    hessian_of,
    inverse_of,
    log_likelihood,
    prior_penalty,
)

Array = NDArray[np.float64]
# A few sweeps settle it; all rows at once would swing without damping.
SWEEPS, DAMPING = 3, 0.8
_NODES, _WEIGHTS = np.polynomial.hermite_e.hermegauss(21)
# No row may make an unknown less certain than it was without it.
_LEAST = 1e-12


def refine(evidence: Evidence, solution: Solution, tails: Array, sweeps: int = SWEEPS) -> Solution:
    """``solution`` with mean and covariance of the whole posterior; begins from its peak."""
    rows, weight = evidence.rows, evidence.weight
    z, covariance = solution.z, solution.covariance
    mu = rows @ z + evidence.constant
    peak = log_likelihood(mu, evidence.lo, evidence.hi, evidence.sigma)
    precision = np.maximum(peak.curvature, _LEAST)
    pull = precision * mu + peak.slope
    _, slope, prior = prior_penalty(z, tails)
    prior_pull = prior * z - slope
    for _ in range(sweeps):
        patience.ask()
        spread = np.einsum("ij,ij->i", rows @ covariance, rows)
        mu = rows @ z + evidence.constant
        new_precision, new_pull = _as_normal(evidence, mu, spread, precision, pull)
        precision += DAMPING * (new_precision - precision)
        pull += DAMPING * (new_pull - pull)
        new_precision, new_pull = _prior_as_normal(z, np.diag(covariance), tails, prior, prior_pull)
        prior = prior + DAMPING * (new_precision - prior)
        prior_pull = prior_pull + DAMPING * (new_pull - prior_pull)
        covariance = inverse_of(hessian_of(prior, weight * precision, rows))
        gathered = rows.T @ (weight * (pull - precision * evidence.constant))
        z = covariance @ (gathered + prior_pull)
    return Solution(z, covariance, solution.objective, solution.steps)


def _prior_as_normal(
    z: Array, variance: Array, tails: Array, precision: Array, pull: Array
) -> tuple[Array, Array]:
    """Precision and pull of the normal prior that does what each tailed one does, seen from where
    the readings put the unknown.
    """
    without, drawn = 1.0 / variance - precision, z / variance - pull
    tailed = np.flatnonzero(np.isfinite(tails))
    # Nodes lie where the posterior is: the readings alone may say nothing of an unknown.
    sd = np.sqrt(variance[tailed, None])
    at = z[tailed, None] + sd * _NODES
    reach = tails[tailed, None]
    log_p = -(reach**2) * (np.sqrt(1.0 + (at / reach) ** 2) - 1.0)
    log_p += at * (drawn[tailed, None] - 0.5 * without[tailed, None] * at) + 0.5 * _NODES**2
    mass = _WEIGHTS * np.exp(log_p - log_p.max(axis=1, keepdims=True))
    mass /= mass.sum(axis=1, keepdims=True)
    mean = (mass * at).sum(axis=1)
    width = np.maximum((mass * (at - mean[:, None]) ** 2).sum(axis=1), _LEAST)
    found, found_pull = np.ones_like(precision), np.zeros_like(pull)
    found[tailed] = np.maximum(1.0 / width - without[tailed], _LEAST)
    found_pull[tailed] = mean / width - drawn[tailed]
    return found, found_pull


def _as_normal(
    evidence: Evidence, mu: Array, spread: Array, precision: Array, pull: Array
) -> tuple[Array, Array]:
    """Precision and pull of the normal row that does what each row does, seen from where all the
    others put it.
    """
    spread = np.maximum(spread, _LEAST)
    without = 1.0 / spread - precision
    apart = without > 1e-6 / spread
    # A row that says more than all the rest leaves no rest to speak of: it is looked at as it is.
    without = np.where(apart, without, 1.0 / spread)
    there = np.where(apart, (mu / spread - pull) / without, mu)
    variance = 1.0 / without
    reach = np.sqrt(evidence.sigma**2 + variance)
    terms = log_likelihood(there, evidence.lo, evidence.hi, reach)
    curvature = np.clip(terms.curvature, _LEAST, (1.0 - 1e-9) / variance)
    share = 1.0 - curvature * variance
    found = curvature / share
    return found, found * there + terms.slope / share
