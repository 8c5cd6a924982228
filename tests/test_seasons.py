import unittest

import numpy as np
from msgspec import structs
from sklearn.gaussian_process import GaussianProcessRegressor
from sklearn.gaussian_process.kernels import ConstantKernel, DotProduct

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.findings.seasons import (
    PER_PERCENT_MM,
    VISIT_MM,
    AirVisit,
    find_seasons,
    trend,
    visits,
)
from nuvrek.estimate.heightmap import NINE_IN_TEN, map_neck
from nuvrek.mechanics.moisture import equilibrium_moisture_percent, width_change_mm
from nuvrek.readings.entries import Air, AnyEntry
from nuvrek.readings.journal import ANOTHER_VISIT_DAYS
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import neck_state, neck_with
from tests.test_rod import gaps

WET_DRY = (
    ("2025-02-01", 35.0, 0.12),
    ("2025-07-01", 65.0, 0.26),
    ("2025-11-01", 50.0, 0.19),
    ("2026-02-01", 36.0, 0.13),
)


def followed(*looks: tuple[str, float, float]) -> list[AnyEntry]:
    found: list[AnyEntry] = []
    for day, damp, relief in looks:
        taken: list[AnyEntry] = [Air(temperature_c=20.0, humidity_percent=damp), *gaps(relief)]
        found += [structs.replace(e, at=f"{day}T10:00:00") for e in taken]
    return found


class Visits(unittest.TestCase):
    def test_days_moisture_and_relief(self) -> None:
        seen = visits(map_neck(neck_state(followed(*WET_DRY))))
        self.assertEqual([v.day for v in seen], [day for day, _, _ in WET_DRY])
        self.assertAlmostEqual(seen[1].moisture_percent, equilibrium_moisture_percent(20.0, 65.0))
        for visit, (_, _, relief) in zip(seen, WET_DRY, strict=True):
            self.assertAlmostEqual(visit.relief_mm or 0.0, relief, delta=0.01)

    def test_readings_of_another_season_do_not_contradict_todays(self) -> None:
        entries = followed(*WET_DRY)
        neck_map = map_neck(neck_state(entries))
        self.assertAlmostEqual(neck_map.relief_at("bass", "pitch").mm, 0.13, delta=0.02)
        self.assertNotIn("odd", [f.kind for f in find(neck_map)])
        self.assertEqual(neck_map.neck_state.state.rod_moves, 3)
        self.assertGreater(ANOTHER_VISIT_DAYS, 7)

    def test_too_few_visits_or_the_same_air_say_nothing(self) -> None:
        self.assertIsNone(trend(visits(map_neck(neck_state(followed(*WET_DRY[:2]))))))
        same = tuple((day, 50.0, mm) for day, _, mm in WET_DRY)
        self.assertIsNone(trend(visits(map_neck(neck_state(followed(*same))))))

    def test_the_trend_is_that_of_a_library(self) -> None:
        rng = np.random.default_rng(3)
        damp = rng.uniform(6.0, 12.0, 7)
        relief = 0.15 + 0.03 * (damp - 9.0) + 0.01 * rng.standard_normal(7)
        seen = tuple(
            AirVisit(f"2025-0{n + 1}-01", d, r)
            for n, (d, r) in enumerate(zip(damp, relief, strict=True))
        )
        found = trend(seen)
        assert found is not None
        # A straight line with a free level and a normal prior on its slope, as a Gaussian process.
        kernel = ConstantKernel(1e4, "fixed") + ConstantKernel(
            PER_PERCENT_MM**2, "fixed"
        ) * DotProduct(sigma_0=0.0, sigma_0_bounds="fixed")
        line = GaussianProcessRegressor(kernel, alpha=VISIT_MM**2, optimizer=None)
        line.fit((damp - damp.mean())[:, None], relief)
        mean, covariance = line.predict([[0.0], [1.0]], return_cov=True)
        spread = np.sqrt(covariance[0, 0] + covariance[1, 1] - 2 * covariance[0, 1])
        self.assertAlmostEqual(found.mm_per_percent, mean[1] - mean[0], places=4)
        self.assertAlmostEqual(found.doubt_mm / NINE_IN_TEN, spread, places=4)

    def test_findings_speak_of_relief_and_of_the_board(self) -> None:
        made = neck_with(wood="hard maple")
        heads = [
            f.headline
            for f in find_seasons(Looking(map_neck(neck_state(followed(*WET_DRY), made)), Unit.MM))
        ]
        self.assertTrue(any("of relief per percent" in say(head) for head in heads), heads)
        dry = followed(("2025-07-01", 68.0, 0.2), ("2026-02-01", 30.0, 0.15))
        told = find_seasons(Looking(map_neck(neck_state(dry, made)), Unit.MM))
        self.assertIn("narrower", say(told[0].headline))

    def test_width_by_hand(self) -> None:
        # Wood Handbook, chapter 13 (values from memory): hard maple 0.00165 radial, 0.00353
        # tangential. 50 mm, 4 % drier:
        # 0.33 to 0.71 mm narrower.
        along, around = width_change_mm(50.0, "hard maple", 10.0, 6.0)
        self.assertAlmostEqual(along, -0.33)
        self.assertAlmostEqual(around, -0.706)


if __name__ == "__main__":
    unittest.main()
