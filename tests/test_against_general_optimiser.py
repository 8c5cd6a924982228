"""The evidence optimum against general optimisers: SciPy's on the whole problem, cvxpy with
Clarabel on plain numbers.

Both are given the problem written out again, not our functions for it.
"""

import unittest
from functools import partial

import cvxpy as cp
import numpy as np
from scipy.optimize import minimize
from scipy.special import log_ndtr

from nuvrek.estimate.model.evidence import Evidence, gather
from nuvrek.estimate.model.solver import solve
from nuvrek.estimate.model.unknowns import unknowns_of
from nuvrek.readings.entries import CrownHeight
from tests.support import EVERY, measured, neck_state, rng


def written_out(evidence: Evidence, tails: np.ndarray, z: np.ndarray) -> float:
    """Minus the log of prior times likelihood, by the book."""
    mu = evidence.rows @ z + evidence.constant
    huber = np.isfinite(tails)
    d = tails[huber]
    value = 0.5 * np.sum(z[~huber] ** 2) + np.sum(d**2 * (np.sqrt(1 + (z[huber] / d) ** 2) - 1))
    plain = evidence.lo == evidence.hi
    off = (evidence.lo[plain] - mu[plain]) / evidence.sigma[plain]
    value += 0.5 * np.sum(evidence.weight[plain] * off**2)
    a, b = (
        (edge[~plain] - mu[~plain]) / evidence.sigma[~plain] for edge in (evidence.lo, evidence.hi)
    )
    # Phi(b) - Phi(a), in whichever tail keeps its digits.
    low, high = np.where(a + b > 0, -b, a), np.where(a + b > 0, -a, b)
    inside = log_ndtr(high) + np.log1p(-np.exp(log_ndtr(low) - log_ndtr(high)))
    return float(value - np.sum(evidence.weight[~plain] * inside))


class GeneralOptimiser(unittest.TestCase):
    def test_numbers_leaves_rocks_and_stills(self) -> None:
        for seed in (3, 8) if EVERY else (3,):
            truth, entries = measured(seed, frets=12, scale_mm=430.0)
            now = neck_state(entries, truth.neck)
            unknowns = unknowns_of(now)
            evidence = gather(unknowns, now.taken, {})
            ours = solve(evidence, None, unknowns.tails)
            at_ours = written_out(evidence, unknowns.tails, ours.z)
            self.assertAlmostEqual(at_ours, ours.objective, delta=1e-6)
            # From another start, and from the optimum itself: neither finds anything lower.
            for start in (
                np.zeros(unknowns.size),
                ours.z + 0.05 * rng(seed).standard_normal(unknowns.size),
            ):
                other = minimize(
                    partial(written_out, evidence, unknowns.tails),
                    start,
                    method="L-BFGS-B",
                    options={"maxiter": 400, "maxfun": 60_000, "ftol": 1e-15, "gtol": 1e-7},
                )
                self.assertGreaterEqual(other.fun, at_ours - 1e-6)
                self.assertLess(other.fun - at_ours, 1e-3)

    def test_plain_numbers_by_cone_program(self) -> None:
        truth, entries = measured(5)
        crowns = [e for e in entries if isinstance(e, CrownHeight)] + [
            CrownHeight(lane="bass", fret=f, height_mm=1.1 + 0.02 * (f % 4)) for f in range(2, 20)
        ]
        now = neck_state(crowns, truth.neck)
        unknowns = unknowns_of(now)
        evidence = gather(unknowns, now.taken, {})
        # The bounds of what strings can pull are no plain number.
        evidence = evidence.only(evidence.lo == evidence.hi)
        ours = solve(evidence, None, unknowns.tails)
        z = cp.Variable(unknowns.size)
        huber = np.isfinite(unknowns.tails)
        precise = np.sqrt(evidence.weight) / evidence.sigma
        residual = cp.multiply(evidence.rows @ z + (evidence.constant - evidence.lo), precise)
        # d sqrt(d^2 + z^2) - d^2, a cone for each unknown with tails.
        tails = [
            d * cp.norm2(cp.hstack([d, z[i]])) - d**2
            for i, d in zip(np.flatnonzero(huber), unknowns.tails[huber], strict=True)
        ]
        goal = (
            0.5 * cp.sum_squares(residual)
            + 0.5 * cp.sum_squares(z[np.flatnonzero(~huber)])
            + sum(tails)
        )
        best = cp.Problem(cp.Minimize(goal)).solve(
            solver=cp.CLARABEL, tol_gap_abs=1e-10, tol_gap_rel=1e-10
        )
        self.assertAlmostEqual(float(best), ours.objective, delta=1e-6)
