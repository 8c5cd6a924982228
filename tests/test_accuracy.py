"""How near the map comes on a handful of made-up necks of several kinds; the whole table is in
the benchmark.
"""

import unittest

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import line_projection, map_neck
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.journal import fold
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import KINDS, varied_neck
from nuvrek.simulator.truth import proud_places


def surveyed(kit: Kit, seeds: range) -> tuple[list[float], float, list[tuple[bool, bool, bool]]]:
    """Per neck the rms error of the tops; how often the doubt holds; of each inner fret whether
    it is named, whether it is proud, and whether it stands half of that.
    """
    rms, held, frets = [], [], []
    for seed in seeds:
        _, truth, bench = varied_neck(seed)
        now = fold(truth.neck, measure_round(bench, "full", kit=kit))
        neck_map = map_neck(now)
        error = neck_map.tops_mm - line_projection(truth.neck) @ truth.tops_mm(now.state)[1:]
        counted = neck_map.tops_doubt_mm > 1e-6
        rms.append(float(np.sqrt(np.mean(error**2))))
        held.append(float(np.mean(np.abs(error)[counted] <= neck_map.tops_doubt_mm[counted])))
        proud = {fret for fret, _ in truth.proud}
        x = place_row_mm(truth.neck)
        half = {fret for fret, _ in proud_places(truth.crown_mm, x, 0.03)}
        kinds = ("proud", "end-up", "end-high", "middle-up", "rocks")
        named = {f.fret for f in find(neck_map) if f.kind in kinds}
        frets += [(f in named, f in proud, f in half) for f in range(2, truth.neck.frets)]
    return rms, float(np.mean(held)), frets


class Accuracy(unittest.TestCase):
    def test_leaves_and_rocker(self) -> None:
        rms, held, frets = surveyed(Kit(), range(9000, 9000 + 3 * len(KINDS)))
        # Aims over 200 necks: 0.015 mm and 85 to 95 %; here with room for a handful, and the tools
        # of a simulator that lie on what stands highest.
        self.assertLess(float(np.median(rms)), 0.021)
        self.assertGreater(held, 0.85)
        self.assertLess(held, 0.985)
        # Of frets that are named most stand half of what counts as proud, and few proud ones are
        # missed.
        right = [half for named, _, half in frets if named]
        self.assertGreater(sum(right) / max(len(right), 1), 0.8)
        found = [named for named, truly, _ in frets if truly]
        self.assertGreater(sum(found) / len(found), 0.85)

    def test_an_indicator_comes_nearer(self) -> None:
        rms, held, _ = surveyed(Kit(indicator=True), range(9000, 9000 + len(KINDS)))
        self.assertLess(float(np.median(rms)), 0.006)
        self.assertGreater(held, 0.85)
