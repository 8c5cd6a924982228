"""The most likely heights given the evidence, and the doubt that remains.

Minimises ``|z|^2 / 2 - sum log p_i(z)``, which is convex: a plain number contributes a normal
density, a bracket ``Phi((hi-mu)/s) - Phi((lo-mu)/s)``, a one-sided reading one ``Phi``. Damped
Newton with Cholesky; the doubt is the inverse of the Hessian at the optimum (Laplace), with
brackets counted at least as an even spread between their leaves.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray
from scipy.linalg.lapack import dposv, dpotrf, dpotri
from scipy.special import log_ndtr

from nuvrek import patience
from nuvrek.estimate.model.evidence import Evidence

Array = NDArray[np.float64]

_LOG_ROOT_2PI = 0.5 * float(np.log(2.0 * np.pi))
_MOST_STEPS = 60
# A step too long is cut to so much of it at least and at most.
_LEAST_SHARE, _MOST_SHARE = 0.1, 0.5
_CUTS = np.array([1.0, 0.5, 0.25, 0.1])
# How many of a tool's errors outside what it said a row pulls harder and harder.
BOUNDED = 4.0


@dataclass(frozen=True)
class Solution:
    """``z`` (n,), its covariance (n, n), the objective at the peak and the Newton steps used."""

    z: Array
    covariance: Array
    objective: float
    steps: int

    @cached_property
    def root(self) -> Array:
        """A square root of the covariance, (n, n), by eigenvalues: it may be singular where
        nothing was read.
        """
        values, vectors = np.linalg.eigh(self.covariance)
        return np.asarray(vectors * np.sqrt(np.maximum(values, 0.0)))


@dataclass(frozen=True)
class _Terms:
    value: float
    slope: Array
    curvature: Array


def log_likelihood(
    mu: Array, lo: Array, hi: Array, sigma: Array, weight: Array | None = None
) -> _Terms:
    """Sum of log p, and per row its first derivative and minus its second with respect to ``mu``.

    Each row counts ``weight`` times, once if not given. Beyond BOUNDED errors outside what a row
    says its log p goes on straight (Huber, Annals of Mathematical Statistics 35, 1964): a reading
    that is plainly wrong pulls no harder than one just outside, and stays to be named.
    """
    times = np.ones_like(mu) if weight is None else weight
    reach = BOUNDED * sigma
    free, mu = mu, np.minimum(np.maximum(mu, lo - reach), hi + reach)
    # How far past the straight part of the likelihood a reading lies.
    beyond = free - mu
    plain = lo == hi
    bracket = np.flatnonzero(~plain)
    t = np.where(plain, lo - mu, 0.0) / sigma
    value, slope, curvature = -0.5 * t * t, t / sigma, 1.0 / (sigma * sigma)
    if len(bracket):
        s, there = sigma[bracket], mu[bracket]
        a, b = (lo[bracket] - there) / s, (hi[bracket] - there) / s
        log_p = _log_interval(a, b)
        ratio_a, ratio_b = _density_over(a, log_p), _density_over(b, log_p)
        first = ratio_a - ratio_b
        # Where a bound is infinite its density is nil, and so is their product.
        edges = (
            np.where(ratio_b > 0.0, b, 0.0) * ratio_b - np.where(ratio_a > 0.0, a, 0.0) * ratio_a
        )
        value[bracket], slope[bracket] = log_p, first / s
        # Rounding can make the curvature of a far tail slightly negative.
        curvature[bracket] = np.maximum(first * first + edges, 1e-9) / (s * s)
    curvature = np.where(beyond != 0.0, 1e-9, curvature)
    slope = times * slope
    return _Terms(float((times * value + slope * beyond).sum()), slope, times * curvature)


def log_rows(evidence: Evidence, z: Array) -> Array:
    """The log likelihood of each row at ``z`` (n, ...), up to a constant of its own;
    shape (rows, ...).
    """
    each = (slice(None),) + (None,) * (z.ndim - 1)
    lo, hi, sigma = evidence.lo[each], evidence.hi[each], evidence.sigma[each]
    free = np.tensordot(evidence.rows, z, axes=1) + evidence.constant[each]
    reach = BOUNDED * sigma
    mu = np.clip(free, lo - reach, hi + reach)
    plain = lo == hi
    t = np.where(plain, (np.where(plain, lo, 0.0) - mu) / sigma, 0.0)
    a, b = (lo - mu) / sigma, (hi - mu) / sigma
    interval = _log_interval(np.where(plain, -1.0, a), np.where(plain, 1.0, b))
    straight = BOUNDED * np.abs(free - mu) / sigma
    return np.asarray(evidence.weight[each] * (np.where(plain, -0.5 * t * t, interval) - straight))


def _log_interval(a: Array, b: Array) -> Array:
    """log(Phi(b) - Phi(a)) without cancellation: mirrored into the lower tail first."""
    # In the upper tail both Phi are 1 to machine precision and their difference would be nil.
    mirror = a + b > 0.0
    low = np.where(mirror, -b, a)
    high = np.where(mirror, -a, b)
    log_high = log_ndtr(high)
    difference = np.minimum(log_ndtr(low) - log_high, -1e-12)
    return np.asarray(log_high + np.log1p(-np.exp(difference)))


def _density_over(t: Array, log_p: Array) -> Array:
    # Far out the square is infinite and the density nil: no case of its own.
    with np.errstate(over="ignore"):
        return np.asarray(np.exp(-0.5 * t * t - _LOG_ROOT_2PI - log_p))


def _bracket_precision(evidence: Evidence) -> Array:
    """Least precision (1/mm^2) of each row: that of an even spread between its two bounds.

    A wide bracket is flat on top, where the curvature says nothing of how much it tells. A
    rectangular distribution of half-width a has the variance a^2 / 3 (JCGM 100:2008, 4.3.7).
    One-sided rows have no such floor.
    """
    half = 0.5 * (evidence.hi - evidence.lo)
    return np.asarray(evidence.weight / (half**2 / 3.0 + evidence.sigma**2))


def prior_penalty(z: Array, tails: Array) -> tuple[float, Array, Array]:
    """Minus log prior of ``z`` up to a constant, its gradient and its diagonal Hessian.

    Where ``tails`` is infinite z is normal; elsewhere pseudo-Huber, ``d^2 (sqrt(1 + (z/d)^2) - 1)``
    (Charbonnier and others, IEEE Trans. Image Processing 6, 1997): normal within about d, linear
    beyond.
    """
    root = np.sqrt(1.0 + (z / tails) ** 2)
    # z^2 / (1 + root) is d^2 (root - 1) without the difference, and z^2 / 2 where d is infinite.
    return float(np.sum(z * z / (1.0 + root))), z / root, 1.0 / root**3


@dataclass(frozen=True)
class _Place:
    """The objective at one ``z``, with what the rows say and the prior's slope and curvature."""

    z: Array
    mu: Array
    value: float
    terms: _Terms
    prior_slope: Array
    prior_curvature: Array


def _place(evidence: Evidence, z: Array, mu: Array, tails: Array) -> _Place:
    terms = log_likelihood(mu, evidence.lo, evidence.hi, evidence.sigma, evidence.weight)
    penalty, slope, curvature = prior_penalty(z, tails)
    return _Place(z, mu, penalty - terms.value, terms, slope, curvature)


def _at(evidence: Evidence, z: Array, tails: Array) -> _Place:
    return _place(evidence, z, evidence.rows @ z + evidence.constant, tails)


def solve(evidence: Evidence, start: Array | None = None, tails: Array | None = None) -> Solution:
    """Most likely ``z`` and its covariance. ``start`` warms the search up; ``tails`` as in
    ``prior_penalty``.
    """
    if tails is None:
        tails = np.full(evidence.rows.shape[1], np.inf)
    peak, steps = _newton(evidence, start, tails, _MOST_STEPS)
    # The floor of the brackets enters only the doubt: during the search it would belong to another
    # objective.
    precision = np.maximum(peak.terms.curvature, _bracket_precision(evidence))
    doubt = inverse_of(hessian_of(peak.prior_curvature, precision, evidence.rows))
    return Solution(peak.z, doubt, peak.value, steps)


def objective(evidence: Evidence, z: Array, tails: Array) -> float:
    """Minus the log of the posterior at ``z``, up to a constant."""
    return _at(evidence, z, tails).value


def search(evidence: Evidence, start: Array | None, tails: Array, steps: int) -> Array:
    """``z`` after so many steps towards the most likely."""
    return _newton(evidence, start, tails, steps)[0].z


def without_each(evidence: Evidence, peak: Array, tails: Array) -> tuple[Array, Array]:
    """For each row where all the others would have the heights, (rows, n), and how much less their
    objective is there than at the peak with it, both by one step cut short.

    The Hessian without it is one of rank one less (Sherman and Morrison, Annals of Mathematical
    Statistics 21, 1950).
    """
    here, rows = _at(evidence, peak, tails), evidence.rows
    inverse = inverse_of(hessian_of(here.prior_curvature, here.terms.curvature, rows))
    moved = rows @ inverse
    kept = 1.0 - here.terms.curvature * np.einsum("ij,ij->i", moved, rows)
    step = (here.terms.slope / np.maximum(kept, 1e-6))[:, None] * moved
    there = peak[:, None, None] - step.T[:, :, None] * _CUTS
    said = log_rows(evidence, there)
    every = np.arange(len(rows))
    said[every, every] = 0.0
    wide = tails[:, None, None]
    penalty = np.sum(there**2 / (1.0 + np.sqrt(1.0 + (there / wide) ** 2)), axis=0)
    value = penalty - said.sum(axis=0)
    before = prior_penalty(peak, tails)[0] - log_rows(evidence, peak).sum()
    best = value.argmin(axis=1)
    return there[:, every, best].T, before - value[every, best]


def _newton(evidence: Evidence, start: Array | None, tails: Array, most: int) -> tuple[_Place, int]:
    if start is None or start.shape != (evidence.rows.shape[1],):
        start = _even_start(evidence)
    here = _at(evidence, start, tails)
    for steps in range(most):
        patience.ask()
        gradient = here.prior_slope - evidence.rows.T @ here.terms.slope
        # Convex, so the Newton step points downhill; its decrement says how much is still to be
        # gained.
        hessian = hessian_of(here.prior_curvature, here.terms.curvature, evidence.rows)
        step = solved(hessian, gradient)
        decrement = float(gradient @ step)
        if decrement < 1e-9:
            return here, steps
        lower = _lower(evidence, here, step, decrement, tails)
        if lower is None:
            return here, steps
        here = lower
    return here, most


def _lower(
    evidence: Evidence, here: _Place, step: Array, decrement: float, tails: Array
) -> _Place | None:
    """Down along ``step`` to where the objective really falls: far out, where the tails run
    straight, a full step overshoots by a lot. Nothing where rounding leaves no way down.
    """
    along, share = evidence.rows @ step, 1.0
    while share > 1e-6:
        there = _place(evidence, here.z - share * step, here.mu - share * along, tails)
        if there.value <= here.value - 1e-4 * share * decrement:
            return there
        # Too far, so it rises there again: back to where its slope would be nil between the two.
        rising = float(there.terms.slope @ along - there.prior_slope @ step)
        between = decrement / (decrement + rising) if rising > 0.0 else 0.5
        share *= min(max(between, _LEAST_SHARE), _MOST_SHARE)
    return None


def hessian_of(prior: Array, precision: Array, rows: Array) -> Array:
    """``diag(prior) + rows' diag(precision) rows``; written as a square, which BLAS does in half
    the time.
    """
    # One product of a matrix with itself: symmetric by construction, whatever is rounded.
    rooted = np.sqrt(precision)[:, None] * rows
    hessian: Array = rooted.T @ rooted
    hessian.flat[:: len(prior) + 1] += prior
    return hessian


def _even_start(evidence: Evidence) -> Array:
    """Where the search begins: every bracket a plain number in its middle, one-sided rows left
    out.
    """
    two_sided = np.isfinite(evidence.lo) & np.isfinite(evidence.hi)
    if not np.any(two_sided):
        return np.zeros(evidence.rows.shape[1])
    rows, precision = evidence.rows[two_sided], _bracket_precision(evidence)[two_sided]
    middle = 0.5 * (evidence.lo + evidence.hi)[two_sided] - evidence.constant[two_sided]
    hessian = hessian_of(np.ones(rows.shape[1]), precision, rows)
    return solved(hessian, rows.T @ (precision * middle))


def solved(positive: Array, right: Array) -> Array:
    """``positive`` (symmetric) divided into ``right``, by Cholesky."""
    _, found, failed = dposv(positive, right, lower=1)
    return np.asarray(np.linalg.solve(positive, right) if failed else found)


def inverse_of(positive: Array) -> Array:
    """The inverse of a symmetric positive matrix, by Cholesky."""
    root, failed = dpotrf(positive, lower=1)
    if failed:
        inverse = np.linalg.inv(positive)
        return np.asarray(0.5 * (inverse + inverse.T))
    half, _ = dpotri(root, lower=1)
    below = np.tril(half)
    return np.asarray(below + np.tril(half, -1).T)
