"""What a rod does a turn, learned from its moves, against the Kalman smoother of statsmodels.

The same made-up log as a state-space model: relief and response as the state, a random walk for
sticking, plain gap readings as observations. The map knows more (crowns, board), so its readings
here are of a neck without such doubt.
"""

import unittest

import numpy as np
from msgspec import structs
from statsmodels.tsa.statespace.mlemodel import MLEModel

from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.estimate.model.evidence import chord_gap
from nuvrek.estimate.model.shifts import ROD_PER_TURN_MM, SLIP_FLOOR_MM, SLIP_SHARE
from nuvrek.estimate.model.unknowns import ROD_SPREAD_MM
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings.entries import AnyEntry, RodMove, State, StringGap
from tests.support import neck_state

TURNS = (0.25, 0.25, 0.125, -0.125)
READ_MM = (0.52, 0.45, 0.36, 0.33, 0.352)
ERROR_MM = 0.004


def log() -> list[AnyEntry]:
    """Wood read with a notched edge, so that no crown comes into it."""
    entries: list[AnyEntry] = []
    at = 0.0
    for move, mm in zip((0.0, *TURNS), READ_MM, strict=True):
        if move:
            entries.append(RodMove(turns=move))
            at += move
        for lane in ("bass", "middle", "treble"):
            entries.append(
                StringGap(
                    lane=lane,
                    low_support=1,
                    high_support=16,
                    fret=7,
                    by="notched",
                    gap_mm=mm,
                    error_mm=ERROR_MM,
                    state=State(rod_turns=at),
                )
            )
    return entries


def smoothed() -> tuple[float, float, float]:
    """Response and its standard deviation, and the last relief, by the library."""
    model = MLEModel(np.array(READ_MM), k_states=2, k_posdef=1)
    turned = [*TURNS, 0.0]
    model["design"] = np.array([[1.0, 0.0]])
    model["obs_cov"] = np.array([[ERROR_MM**2 / 3.0]])
    # Relief falls by the response times the turns; the response stays.
    model["transition"] = np.stack([np.array([[1.0, -t], [0.0, 1.0]]) for t in turned], axis=2)
    model["selection"] = np.array([[1.0], [0.0]])
    play = [0.0, 0.0, 0.0, 0.03, 0.0]
    slips = [
        (ROD_PER_TURN_MM * np.hypot(SLIP_SHARE * t, b)) ** 2 + SLIP_FLOOR_MM**2
        for t, b in zip(turned, play, strict=True)
    ]
    model["state_cov"] = np.array(slips).reshape(1, 1, -1)
    model.ssm.initialize_known(
        np.array([0.17, ROD_PER_TURN_MM]), np.diag([0.45**2, ROD_SPREAD_MM**2])
    )
    found = model.ssm.smooth()
    return (
        float(found.smoothed_state[1, -1]),
        float(np.sqrt(found.smoothed_state_cov[1, 1, -1])),
        float(found.smoothed_state[0, -1]),
    )


def a_turn(neck_map: HeightMap) -> tuple[float, float]:
    """What one more turn takes out of the gap over fret 7, and its standard deviation."""
    unknowns, now = neck_map.gathering.unknowns, neck_map.neck_state.state
    chord = chord_gap(fret_places_mm(648.0, 22), 1, 16, 7)
    (before, low), (after, high) = (
        unknowns.wood(structs.replace(now, rod_turns=now.rod_turns + turns)) for turns in (0.0, 1.0)
    )
    row = sum(w * (before - after)[fret, 1] for fret, w in chord)
    mm = float(row @ neck_map.solution.z + sum(w * (low - high)[fret, 1] for fret, w in chord))
    return mm, float(np.sqrt(row @ neck_map.solution.covariance @ row))


class Kalman(unittest.TestCase):
    def test_response_and_its_doubt_agree(self) -> None:
        response, spread, relief = smoothed()
        neck_map = map_neck(neck_state(log()))
        ours, doubt = a_turn(neck_map)
        self.assertAlmostEqual(ours, response, delta=0.1 * spread)
        self.assertAlmostEqual(doubt / spread, 1.0, delta=0.1)
        self.assertAlmostEqual(neck_map.relief_at("middle", "pitch").mm, relief, delta=0.006)


if __name__ == "__main__":
    unittest.main()
