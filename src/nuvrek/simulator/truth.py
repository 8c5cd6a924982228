"""A made-up neck whose every height is known."""

from __future__ import annotations

from dataclasses import dataclass

import msgspec
import numpy as np
from numpy.random import Generator
from numpy.typing import NDArray

from nuvrek.neck.board import LANE_ACROSS, middle_fret
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_places_mm, place_row_mm
from nuvrek.readings.entries import State

Array = NDArray[np.float64]


@dataclass(frozen=True)
class Condition:
    """What is planted in a made-up neck; lengths in mm."""

    proud: int = 2
    low: int = 1
    sprung_ends: int = 0
    slack_dip_mm: float = 0.05
    pull_mm: float = 0.17
    rough_mm: float = 0.03
    twist_mm: float = 0.02
    scatter_mm: float = 0.008
    wear_mm: float = 0.0
    rod_per_turn_mm: float = 0.3
    hump_mm: float = 0.0
    tongue_mm: float = 0.0
    s_shape_mm: float = 0.0
    tilt_mm: float = 0.0  # how much more the bass side dips than the treble side
    middle_up: int = 0
    nut_over_mm: float = 0.08  # common practice, no source


@dataclass(frozen=True)
class Truth:
    """A neck with its secret heights. Shapes: (frets + 1, 3) over nut and frets, and lanes."""

    neck: NeckDescription
    board_mm: Array
    crown_mm: Array
    bend: Array
    pull_mm: float
    rod_per_turn_mm: float
    proud: tuple[tuple[int, Lane], ...]
    string_height_12_mm: tuple[float, float]
    # Frets that are not seated: the whole fret, or the end of a lane.
    loose: tuple[tuple[int, Lane | None], ...] = ()

    def tops_mm(self, state: State) -> Array:
        """Fret tops in ``state``, shape (frets + 1, 3), counted upwards."""
        return self.wood_mm(state) + self.crown_mm

    def wood_mm(self, state: State) -> Array:
        """The board's face in ``state``, shape (frets + 1, 3)."""
        dip = (
            self.pull_mm if state.strings == "pitch" else 0.0
        ) - state.rod_turns * self.rod_per_turn_mm
        return self.board_mm - dip * self.bend[:, None]

    def relief_mm(self, state: State) -> Array:
        """Relief of the wood on each lane, its dip half-way from fret 1 to the joint: (3,), mm."""
        x, wood = place_row_mm(self.neck), self.wood_mm(state)
        joint, middle = self.neck.joint_fret, middle_fret(self.neck)
        share = (x[middle] - x[1]) / (x[joint] - x[1])
        return np.asarray((1.0 - share) * wood[1] + share * wood[joint] - wood[middle])


def make_truth(neck: NeckDescription, condition: Condition, rng: Generator) -> Truth:
    """A neck in the given condition. Bending is that of a tapered beam under an even moment."""
    frets = neck.frets
    x = fret_places_mm(neck.scale_mm, frets)
    bend = _beam_bend(neck, x)
    mean = -condition.slack_dip_mm * bend + _wander(x, condition.rough_mm, rng)
    twist = _wander(x, condition.twist_mm, rng)
    mean = mean + _humps(neck, x, condition)
    twist = twist + 0.5 * condition.tilt_mm * bend
    board = mean[:, None] + np.asarray(LANE_ACROSS) * twist[:, None]
    crown = neck.wire_height_mm + condition.scatter_mm * (
        rng.standard_normal((frets + 1, 1)) + 0.4 * rng.standard_normal((frets + 1, 3))
    )
    # The nut holds the strings a little over the first frets.
    crown[0] += condition.nut_over_mm
    crown[1:6] -= condition.wear_mm * np.linspace(1.0, 0.3, 5)[:, None]
    spots = _spread_out(
        frets, condition.proud + condition.low + condition.sprung_ends + condition.middle_up, rng
    )
    for fret in spots[: condition.proud]:
        crown[fret] += rng.uniform(0.09, 0.14) + 0.015 * rng.standard_normal(3)
    for fret in spots[condition.proud : condition.proud + condition.low]:
        crown[fret] -= rng.uniform(0.06, 0.10)
    ends = condition.proud + condition.low + condition.sprung_ends
    for fret in spots[ends:]:
        crown[fret, 1] += rng.uniform(0.12, 0.2)
    for fret in spots[condition.proud + condition.low : ends]:
        end = int(rng.choice([0, 2]))
        crown[fret, end] += rng.uniform(0.12, 0.2)
        crown[fret, 1] += 0.03
    heights = (float(rng.uniform(1.6, 2.4)), float(rng.uniform(1.3, 2.0)))
    return Truth(
        neck,
        board,
        crown,
        bend=bend,
        pull_mm=condition.pull_mm,
        rod_per_turn_mm=condition.rod_per_turn_mm,
        proud=proud_places(crown, x),
        string_height_12_mm=heights,
    )


def _humps(neck: NeckDescription, x: Array, condition: Condition) -> Array:
    """What the board does beside bending: a hump at the joint, a tongue that climbs (or falls),
    an S.
    """
    joint = x[neck.joint_fret]
    # A hump reaches about four frets to either side.
    wide = 1.5 * (x[min(neck.joint_fret + 1, neck.frets)] - x[neck.joint_fret - 2])
    hump = condition.hump_mm * np.exp(-(((x - joint) / wide) ** 2))
    past = np.clip((x - joint) / max(x[-1] - joint, 1.0), 0.0, None)
    s = np.clip((x - x[1]) / (joint - x[1]), 0.0, 1.0)
    return np.asarray(
        hump + condition.tongue_mm * past - condition.s_shape_mm * np.sin(2.0 * np.pi * s)
    )


def proud_places(
    crown_mm: Array, x_mm: Array, least_mm: float = 0.06
) -> tuple[tuple[int, Lane], ...]:
    """(fret, lane) of crowns ``least_mm`` or more above both neighbours."""
    found = []
    for fret in range(2, len(x_mm) - 1):
        for k, lane in enumerate(LANES):
            rise = crown_mm[fret, k] - max(crown_mm[fret - 1, k], crown_mm[fret + 1, k])
            if rise >= least_mm:
                found.append((fret, lane))
    return tuple(found)


def _spread_out(frets: int, count: int, rng: Generator) -> list[int]:
    """``count`` frets away from both ends, none next to another."""
    chosen: list[int] = []
    for fret in rng.permutation(np.arange(2, frets)):
        if len(chosen) < count and all(abs(int(fret) - other) > 2 for other in chosen):
            chosen.append(int(fret))
    return chosen


def _wander(x: Array, size_mm: float, rng: Generator) -> Array:
    """A smooth random line: a few long sine waves, root-mean-square about ``size_mm``."""
    phases = rng.uniform(0.0, 2.0 * np.pi, 4)
    sizes = rng.standard_normal(4) / np.array([1.0, 1.5, 2.0, 3.0])
    waves = [
        a * np.sin(np.pi * (k + 1) * x / x[-1] + p)
        for k, (a, p) in enumerate(zip(sizes, phases, strict=True))
    ]
    return np.asarray(size_mm * np.sum(waves, axis=0))


def _beam_bend(neck: NeckDescription, x: Array) -> Array:
    """Dip of a beam from nut to joint that thickens towards the body, 1 at its deepest.

    Past the joint it runs straight on. Integrates ``w'' = M / EI`` with a stiffness that grows by
    half towards the joint.
    """
    fine = np.linspace(x[1], x[neck.joint_fret], 400)
    share = np.linspace(0.0, 1.0, 400)
    step = fine[1] - fine[0]
    slope = np.cumsum(1.0 / (1.0 + 0.5 * share)) * step
    sag = np.cumsum(slope) * step
    dip = share * sag[-1] - sag
    dip /= dip.max()
    bend = np.interp(x, fine, dip)
    bend[0] = -(dip[1] - dip[0]) / step * x[1]
    beyond = x > x[neck.joint_fret]
    bend[beyond] = (dip[-1] - dip[-2]) / step * (x[beyond] - x[neck.joint_fret])
    return np.asarray(bend)


def truth_document(truth: Truth) -> dict[str, object]:
    """The truth as plain values for a JSON file; lengths in mm."""
    tops = {strings: truth.tops_mm(State(strings=strings)) for strings in ("pitch", "slack")}
    return {
        "format": "nuvrek-truth",
        "version": 1,
        "neck": msgspec.to_builtins(truth.neck),
        "pull_mm": truth.pull_mm,
        "rod_mm_per_turn": truth.rod_per_turn_mm,
        "tops": [
            {
                "fret": fret,
                "lane": lane,
                "top_pitch_mm": round(float(tops["pitch"][fret, k]), 5),
                "top_slack_mm": round(float(tops["slack"][fret, k]), 5),
                "crown_mm": round(float(truth.crown_mm[fret, k]), 5),
            }
            for fret in range(1, truth.neck.frets + 1)
            for k, lane in enumerate(LANES)
        ],
        "proud": [{"fret": fret, "lane": lane} for fret, lane in truth.proud],
    }
