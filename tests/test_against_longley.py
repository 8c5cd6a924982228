"""The least-squares kernel against the Longley data (J. W. Longley, JASA 62, 1967; NIST Statistical
Reference Datasets).

The data come with statsmodels; NIST's certified coefficients are values from memory, held against
statsmodels' own fit first.
"""

import unittest

import numpy as np
import statsmodels.api as sm

from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import solve

# GNP deflator, GNP, unemployed, armed forces, population, year.
CERTIFIED = (
    15.0618722713733,
    -0.0358191792925910,
    -2.02022980381683,
    -1.03322686717359,
    -0.0511041056535807,
    1829.15146461355,
)


class Longley(unittest.TestCase):
    def test_coefficients(self) -> None:
        data = sm.datasets.longley.load_pandas()
        x, y = data.exog.to_numpy(float), data.endog.to_numpy(float)
        fit = sm.OLS(y, sm.add_constant(x)).fit()
        np.testing.assert_allclose(fit.params[1:], CERTIFIED, rtol=1e-7)
        # Centred and scaled, with a prior a million times wider than any coefficient, ours is plain
        # least squares.
        xc, yc = x - x.mean(axis=0), y - y.mean()
        scale = np.abs(CERTIFIED) * 1e3
        sigma = np.full(len(y), 300.0)
        evidence = Evidence(
            xc * scale, np.zeros(len(y)), yc, yc, sigma, np.ones(len(y)), ((1,),) * len(y)
        )
        ours = solve(evidence).z * scale
        np.testing.assert_allclose(ours, CERTIFIED, rtol=2e-3)
        # The spread of the coefficients for that sigma, by the textbook: sigma^2 (X'X)^-1.
        spread = np.sqrt(np.diag(solve(evidence).covariance)) * scale
        textbook = 300.0 * np.sqrt(np.diag(np.linalg.inv(xc.T @ xc)))
        np.testing.assert_allclose(spread, textbook, rtol=2e-3)
