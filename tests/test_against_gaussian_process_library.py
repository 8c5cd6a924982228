"""The board smoother against scikit-learn's Gaussian process (Rasmussen and Williams, algorithm
2.1) on plain numbers.
"""

import unittest

import numpy as np
from sklearn.gaussian_process import GaussianProcessRegressor
from sklearn.gaussian_process.kernels import RBF, ConstantKernel

from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import solve
from nuvrek.estimate.model.unknowns import _board_basis
from nuvrek.neck.scale import fret_places_mm
from tests.support import rng


class BoardSmoother(unittest.TestCase):
    def test_mean_and_doubt_at_every_fret(self) -> None:
        for seed, (scale, frets, length) in enumerate(
            ((648.0, 22, 95.0), (864.0, 20, 130.0), (430.0, 15, 95.0))
        ):
            x = fret_places_mm(scale, frets)
            read = np.arange(1, frets + 1, 3)
            sigma, rough = 0.012, 0.06
            basis = rough * _board_basis(scale, frets, length)
            heights = basis[read] @ rng(seed).standard_normal(basis.shape[1])
            heights += sigma * rng(seed + 9).standard_normal(len(read))
            evidence = Evidence(
                basis[read],
                np.zeros(len(read)),
                heights,
                heights,
                np.full(len(read), sigma),
                np.ones(len(read)),
                tuple((int(i),) for i in read),
            )
            ours = solve(evidence)
            kernel = ConstantKernel(rough**2, "fixed") * RBF(length, "fixed")
            theirs = GaussianProcessRegressor(kernel, alpha=sigma**2, optimizer=None).fit(
                x[read, None], heights
            )
            mean, sd = theirs.predict(x[:, None], return_std=True)
            np.testing.assert_allclose(basis @ ours.z, mean, atol=2e-4)
            doubt = np.sqrt(np.sum((basis @ ours.covariance) * basis, axis=1))
            # Directions under a millionth of the variance are dropped: sqrt(1e-6) of 0.06 mm.
            np.testing.assert_allclose(doubt, sd, atol=1e-3)
