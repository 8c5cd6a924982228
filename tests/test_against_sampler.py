"""The stated doubt against emcee, an ensemble sampler, on small cases."""

import unittest
from dataclasses import replace

import emcee
import numpy as np
from scipy.special import log_ndtr

from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.refining import refined
from nuvrek.estimate.model.solver import solve
from tests.support import EVERY, rng


def small_case(seed: int, plain: bool) -> Evidence:
    """Four unknowns read through eight combinations, as numbers or between two leaves."""
    r = rng(seed)
    rows = r.standard_normal((8, 4)) * 0.05
    mu = rows @ r.standard_normal(4)
    sigma = np.full(8, 0.02)
    low = np.floor(mu / 0.05) * 0.05
    lo, hi = (mu, mu) if plain else (low, low + 0.05)
    return Evidence(rows, np.zeros(8), lo, hi, sigma, np.ones(8), tuple((i,) for i in range(8)))


def log_posterior(evidence: Evidence, z: np.ndarray) -> np.ndarray:
    """Vectorised over walkers; written out again."""
    mu = z @ evidence.rows.T
    value = -0.5 * np.sum(z**2, axis=1)
    if np.array_equal(evidence.lo, evidence.hi):
        return value - 0.5 * np.sum(((evidence.lo - mu) / evidence.sigma) ** 2, axis=1)
    a, b = (evidence.lo - mu) / evidence.sigma, (evidence.hi - mu) / evidence.sigma
    flip = a + b > 0
    low, high = np.where(flip, -b, a), np.where(flip, -a, b)
    return value + np.sum(
        log_ndtr(high) + np.log1p(-np.exp(log_ndtr(low) - log_ndtr(high))), axis=1
    )


class Refined(unittest.TestCase):
    def test_tails_and_one_sided_readings(self) -> None:
        # Pseudo-Huber priors of half a spread, leaves, and readings that say "more than": where the
        # peak is a poor witness. Minus log prior d^2 (sqrt(1 + (z / d)^2) - 1) written out again.
        reach, off, peak_off = 0.5, 0.0, 0.0
        for seed in range(5, 9 if EVERY else 7):
            evidence = small_case(seed, False)
            one_sided = np.arange(8) < 3
            evidence = replace(evidence, hi=np.where(one_sided, np.inf, evidence.hi))

            def log_density(z: np.ndarray, e: Evidence = evidence) -> np.ndarray:
                huber = reach**2 * (np.sqrt(1.0 + (z / reach) ** 2) - 1.0).sum(axis=1)
                return log_posterior(e, z) + 0.5 * np.sum(z**2, axis=1) - huber

            peak = solve(evidence, None, np.full(4, reach))
            ours = refined(evidence, peak, np.full(4, reach)).solution
            np.random.seed(seed)
            sampler = emcee.EnsembleSampler(40, 4, log_density, vectorize=True)
            sampler.run_mcmc(peak.z + 0.1 * rng(seed).standard_normal((40, 4)), 4000)
            drawn = sampler.get_chain(discard=800, flat=True)
            true, said = drawn.std(axis=0), np.sqrt(np.diag(ours.covariance))
            # 40 walkers leave the spread uncertain by 3 or 4 %, the mean by a few hundredths of it;
            # a tailed prior replaced by a normal one is up to an eighth too narrow.
            np.testing.assert_allclose(said, true, rtol=0.16)
            np.testing.assert_allclose(ours.z, drawn.mean(axis=0), atol=0.12 * float(true.max()))
            off += float(np.abs((ours.z - drawn.mean(axis=0)) / true).sum())
            peak_off += float(np.abs((peak.z - drawn.mean(axis=0)) / true).sum())
        # The peak is a poor witness of the mean.
        self.assertLess(off, 0.5 * peak_off)


class Sampled(unittest.TestCase):
    def test_means_and_spreads(self) -> None:
        cases = ((1, True), (3, False), (2, True), (4, False))
        for seed, plain in cases[: len(cases) if EVERY else 2]:
            evidence = small_case(seed, plain)
            ours = solve(evidence)
            np.random.seed(seed)
            sampler = emcee.EnsembleSampler(
                40, 4, lambda z, e=evidence: log_posterior(e, z), vectorize=True
            )
            sampler.run_mcmc(ours.z + 0.1 * rng(seed).standard_normal((40, 4)), 3000)
            drawn = sampler.get_chain(discard=500, flat=True)
            sd = np.sqrt(np.diag(ours.covariance))
            # 40 walkers of 2500 steps leave the spread uncertain by 3 or 4 %. Laplace is exact for
            # numbers; between leaves it takes an even spread, which is a little too wide or too
            # narrow.
            near = 0.08 if plain else 0.22
            np.testing.assert_allclose(drawn.std(axis=0), sd, rtol=near)
            np.testing.assert_allclose(drawn.mean(axis=0), ours.z, atol=0.15 * float(sd.max()))
