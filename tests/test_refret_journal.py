"""A refret in the journal and on the map: old readings belong to the old wire, wood taken off is
gone, new wire stands where it was read.
"""

import unittest

import numpy as np

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import (
    AnyEntry,
    FretWork,
    OthersFirm,
    Rock,
    Size,
    State,
    StateChange,
    Trued,
)
from nuvrek.readings.journal import NeckState, fold
from nuvrek.readings.stations import Station
from nuvrek.readings.told.what_was_read import tops_read, unpressed
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.refretting import Refretted
from nuvrek.simulator.simulated_job import simulated_neck
from tests.support import NECK, rng

EVERY = tuple(range(1, 23))
SLACK = State(strings="slack")


def worked(seed: int) -> tuple[Refretted, list[AnyEntry]]:
    """Surveyed, pulled, a third of a millimetre of wood off its middle, read bare, refretted."""
    truth, bench = simulated_neck(seed)
    entries = measure_round(bench, "full")
    neck = Refretted(truth, rng(seed + 5), 0.2)
    neck.pull(EVERY)
    entries += [StateChange(state=SLACK), FretWork(stage="pull", frets=EVERY)]
    off = tuple((f, lane, 0.1 + 0.01 * min(f, 22 - f)) for f in EVERY for lane in LANES)
    neck.take_wood(off)
    entries.append(Trued(off=off))
    now = fold(truth.neck, entries).state
    for lane in LANES:
        for fret in (4, 8, 12, 19):
            station = Station(f"bare-{lane}-{fret}", "string-gap", lane, fret, (1, 22), "plain")
            entries.append(neck.bench().string_gap(station, now))
    neck.fit(EVERY, 1.35)
    entries.append(FretWork(stage="fit", frets=EVERY, crown_mm=1.35))
    return neck, entries


class OnTheMap(unittest.TestCase):
    def test_wood_and_new_tops_are_found_again(self) -> None:
        tops_off, wood_off, within = list[float](), list[float](), 0
        for seed in range(8):
            neck, entries = worked(seed)
            bench = neck.bench()
            for reading in measure_round(bench, "full"):
                entries.append(reading)
            made = map_neck(fold(neck.truth.neck, entries))
            truth = neck.truth.tops_mm(made.state)[1:]
            x, joint = made.x_mm, neck.truth.neck.joint_fret - 1
            along = ((x - x[0]) / (x[joint] - x[0]))[:, None]

            def above(heights: np.ndarray, along: np.ndarray = along, j: int = joint) -> np.ndarray:
                return heights - (heights[0] * (1 - along) + heights[j] * along)

            tops_off.append(float(np.sqrt(np.mean((made.tops_mm - above(truth)) ** 2))))
            wood = above(neck.truth.wood_mm(SLACK)[1:])
            wood_off.append(float(np.sqrt(np.mean((made.wood["slack"][0] - wood) ** 2))))
            inside = np.abs(made.tops_mm - above(truth)) <= made.tops_doubt_mm
            within += int(inside.sum())
            self.assertTrue(np.all(np.abs(made.crown_mm - 1.35) < 0.12))
        self.assertLess(float(np.median(tops_off)), 0.035)
        self.assertLess(float(np.median(wood_off)), 0.05)
        self.assertGreater(within / (8 * 66), 0.8)

    def test_some_new_frets_beside_old_ones(self) -> None:
        truth, bench = simulated_neck(3)
        entries = measure_round(bench, "full")
        before = map_neck(fold(truth.neck, entries))
        entries += [
            FretWork(stage="pull", frets=(1, 2)),
            FretWork(stage="fit", frets=(1, 2), crown_mm=truth.neck.wire_height_mm + 0.1),
        ]
        after = map_neck(fold(truth.neck, entries))
        new = truth.neck.wire_height_mm + 0.1
        np.testing.assert_allclose(after.crown_mm[:2], new, atol=1e-6)
        np.testing.assert_allclose(after.crown_mm[3:], before.crown_mm[3:], atol=0.01)
        self.assertTrue(np.all(after.crown_doubt_mm[:2] > 0.03))


class OldReadings(unittest.TestCase):
    def state(self, *entries: AnyEntry) -> NeckState:
        return fold(NECK, entries)

    def test_they_say_nothing_of_the_new_wire(self) -> None:
        old: list[AnyEntry] = [
            OthersFirm(frets=EVERY, state=SLACK),
            Rock(lane="bass", fret=7, says="rocks", state=SLACK),
            Size(what="groove", fret=3, string=2, mm=0.2),
        ]
        before = self.state(*old)
        self.assertEqual(unpressed(before), ())
        pulled = self.state(*old, FretWork(stage="pull", frets=(3, 7)))
        self.assertEqual(pulled.out, {3, 7})
        self.assertEqual(unpressed(pulled), (3, 7))
        kinds = {f.kind for f in find(map_neck(pulled))}
        self.assertFalse(kinds & {"rocks", "grooves"})
        fitted = self.state(
            *old, FretWork(stage="pull", frets=(3, 7)), FretWork(stage="fit", frets=(3, 7))
        )
        self.assertEqual((fitted.out, unpressed(fitted)), (frozenset(), (3, 7)))
        self.assertNotIn(7, tops_read(fitted)["bass"])

    def test_one_that_went_in_sideways_is_out_again(self) -> None:
        now = self.state(
            FretWork(stage="pull", frets=(5,)), FretWork(stage="fit", frets=(5,), says="sideways")
        )
        self.assertEqual(now.out, {5})

    def test_a_jig_holds_the_neck_as_its_strings_did(self) -> None:
        truth, bench = simulated_neck(4)
        made = map_neck(fold(truth.neck, measure_round(bench, "full")))
        unknowns = made.gathering.unknowns
        jig, _ = unknowns.wood(State(strings="slack", posture="jig"))
        pitch, _ = unknowns.wood(State(strings="pitch"))
        slack, _ = unknowns.wood(SLACK)
        posture = unknowns.at.posture
        jig[:, :, posture] = 0.0
        np.testing.assert_allclose(jig, pitch)
        self.assertGreater(float(np.abs(pitch - slack).max()), 0.01)


if __name__ == "__main__":
    unittest.main()
