"""Necks drawn by rules of their own; nothing of the program is used here.

Boards are a few Legendre waves of Laplace sizes and one fault each; a neck bends as a stick of
changing thickness under a moment that falls off along it; tools lie on the highest of all chords.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.polynomial.legendre import legval
from numpy.random import Generator
from numpy.typing import NDArray

Array = NDArray[np.float64]
FAULTS = (
    "straight",
    "back bow",
    "twisted",
    "S",
    "two humps",
    "step at the heel",
    "dents",
    "worn under two strings",
    "worn crowns",
    "unseated",
    "poor level",
    "drift",
)
_SIZES = ((650.0, 19, 12), (628.0, 22, 16), (648.0, 21, 16), (430.0, 17, 12), (812.0, 24, 16))
ACROSS = np.array([-1.0, 0.0, 1.0])
# How far a finger that holds an edge down lies inside the fret, mm.
FINGER_MM = 4.0


@dataclass(frozen=True)
class OutsideNeck:
    """Heights over nut and frets in three lanes, (frets + 1, 3), mm, counted upwards."""

    fault: str
    scale_mm: float
    frets: int
    joint: int
    x: Array  # (frets + 1,) from the nut
    board: Array  # slack
    crown: Array
    bend: Array  # (frets + 1,): how a neck dips, 1 half-way or so
    pull_mm: float
    loose: tuple[int, ...]
    drift_mm: float  # how far it dips more in twenty minutes

    def wood(self, pitch: bool, minutes: float = 0.0) -> Array:
        """The board's face, with the strings at pitch or slack, after some minutes."""
        dip = (self.pull_mm if pitch else 0.0) + self.drift_mm * minutes / 20.0
        return self.board - dip * self.bend[:, None]

    def tops(self, pitch: bool, minutes: float = 0.0) -> Array:
        """Fret tops, as ``wood``."""
        return self.wood(pitch, minutes) + self.crown

    def over_line(self, heights: Array) -> Array:
        """Heights of frets 1.. over each lane's line through fret 1 and the joint."""
        a, b = self.x[1], self.x[self.joint]
        share = ((self.x[1:] - a) / (b - a))[:, None]
        return heights[1:] - (1.0 - share) * heights[1] - share * heights[self.joint]


def outside_neck(seed: int, fault: str = "") -> OutsideNeck:
    """The neck of a seed; its fault goes round with the seed where none is named."""
    rng = np.random.default_rng([77, seed])
    fault = fault or FAULTS[seed % len(FAULTS)]
    scale, frets, joint = _SIZES[int(rng.integers(len(_SIZES)))]
    x = scale * (1.0 - 0.5 ** (np.arange(frets + 1) / 12.0))
    long = (x[joint] / 380.0) ** 2
    crown, loose = _crowns(fault, frets, rng)
    drift = 0.0
    if fault == "drift":
        drift = float(rng.choice([-1.0, 1.0]) * rng.uniform(0.05, 0.12)) * long
    return OutsideNeck(
        fault=fault,
        scale_mm=scale,
        frets=frets,
        joint=joint,
        x=x,
        board=_board(fault, x, joint, rng),
        crown=crown,
        bend=_bend(x, joint, rng),
        pull_mm=float(rng.gamma(4.0, 0.05)) * long,
        loose=loose,
        drift_mm=drift,
    )


def _board(fault: str, x: Array, joint: int, rng: Generator) -> Array:
    t = 2.0 * x / x[-1] - 1.0
    sizes = rng.laplace(size=(2, 7)) / (1.0 + np.arange(7)) ** 1.5
    mean, lean = 0.03 * legval(t, sizes[0]), 0.012 * legval(t, sizes[1])
    s = (x - x[1]) / (x[joint] - x[1])
    along, past = np.clip(s, 0.0, 1.0), np.clip(x - x[joint], 0.0, None)
    mean -= 4.0 * along * (1.0 - along) * float(rng.uniform(-0.02, 0.2))
    wide = float(rng.uniform(30.0, 60.0))
    match fault:
        case "back bow":
            mean += 4.0 * s * (1.0 - s) * float(rng.uniform(0.2, 0.4))
        case "twisted":
            lean += float(rng.choice([-1.0, 1.0]) * rng.uniform(0.08, 0.2)) * along**2
        case "S":
            mean += float(rng.choice([-1.0, 1.0]) * rng.uniform(0.05, 0.12)) * np.sin(2 * np.pi * s)
        case "two humps":
            for at in (float(rng.uniform(0.2, 0.4)), float(rng.uniform(0.55, 0.85))):
                hump = float(rng.uniform(0.06, 0.14))
                mean += hump / np.cosh((x - at * x[-1]) / wide * 1.5) ** 2
        case "step at the heel":
            mean += np.where(past > 0.0, float(rng.uniform(0.04, 0.12)), 0.0)
            mean += past * float(rng.uniform(-0.002, 0.002))
    return np.asarray(mean[:, None] + ACROSS * lean[:, None])


def _crowns(fault: str, frets: int, rng: Generator) -> tuple[Array, tuple[int, ...]]:
    usual, uneven = float(rng.uniform(0.9, 1.4)), float(rng.uniform(0.003, 0.01))
    if fault == "poor level":
        uneven = 0.025
    crown = usual + uneven * rng.laplace(size=(frets + 1, 1))
    crown = crown + 0.5 * uneven * rng.laplace(size=(frets + 1, 3))
    crown[0] = usual + float(rng.uniform(0.0, 0.2))
    loose: tuple[int, ...] = ()
    first = int(rng.integers(1, 6))
    match fault:
        case "dents":
            for fret in rng.choice(np.arange(1, 9), 4, replace=False):
                crown[fret, int(rng.integers(3))] -= float(rng.uniform(0.05, 0.14))
        case "worn under two strings":
            for lane in rng.choice(3, 2, replace=False):
                deep = rng.uniform(0.04, 0.12) * np.sin(np.linspace(0.6, np.pi, 7))
                crown[first : first + 7, lane] -= deep
        case "worn crowns":
            last = first + int(rng.integers(5, 9))
            crown[first:last] -= rng.uniform(0.06, 0.14) * rng.uniform(0.8, 1.2, (last - first, 1))
        case "unseated":
            loose = tuple(int(f) for f in rng.choice(np.arange(3, frets - 1), 3, replace=False))
            for fret in loose:
                crown[fret] += float(rng.uniform(0.07, 0.22))
        case "straight":
            pass
        case _:
            for fret in rng.choice(np.arange(2, frets), int(rng.integers(0, 4)), replace=False):
                crown[fret] += float(rng.choice([-0.5, 1.0])) * float(rng.uniform(0.05, 0.13))
    return crown, loose


def _bend(x: Array, joint: int, rng: Generator) -> Array:
    end = x[joint]
    fine = np.linspace(0.0, end, 1201)
    thick = 1.0 + float(rng.uniform(-0.1, 0.35)) * fine / end
    thick += float(rng.uniform(0.1, 0.9)) * np.exp((fine - end) / 45.0)
    moment = 1.0 - float(rng.uniform(-0.15, 0.3)) * fine / end
    turned = np.cumsum(moment / thick**3) * fine[1]
    fallen = np.cumsum(turned) * fine[1]
    at = np.where(x > end, fallen[-1] + turned[-1] * (x - end), np.interp(x, fine, fallen))
    s = (x - x[1]) / (x[joint] - x[1])
    dip = (1.0 - s) * at[1] + s * at[joint] - at
    return np.asarray(dip / dip.max())


def carried(
    x: Array, h: Array, on: tuple[int, int], at: int, finger_mm: float = FINGER_MM
) -> tuple[int, int]:
    """The two places that carry a string or edge laid over places ``on``: those of the highest of
    all chords over ``at``, or, past its supports, over the finger that holds it at the nearer one.
    """
    low, high = on
    if low < at < high:
        return _highest(x, h, [f for f in range(low, high + 1) if f != at], float(x[at]))[1:]
    if at >= high:
        places, held = list(range(low, at)), float(x[high]) - finger_mm
    else:
        places, held = list(range(at + 1, high + 1)), float(x[low]) + finger_mm
    return _highest(x, h, places, held)[1:]


def light(x: Array, h: Array, on: tuple[int, int], at: int, finger_mm: float = FINGER_MM) -> float:
    """The light at one place under a tool so laid."""
    a, b = carried(x, h, on, at, finger_mm)
    line = h[a] + (h[b] - h[a]) / (x[b] - x[a]) * (x[at] - x[a])
    return max(float(line - h[at]), 0.0)


def _highest(x: Array, h: Array, places: list[int], at_mm: float) -> tuple[float, int, int]:
    """The highest chord over a place: its height there and its two ends."""
    before = [f for f in places if x[f] <= at_mm]
    after = [f for f in places if x[f] > at_mm]
    return max(
        (float(h[a] + (h[b] - h[a]) * (at_mm - x[a]) / (x[b] - x[a])), a, b)
        for a in before
        for b in after
    )


def without_drift(neck: OutsideNeck) -> OutsideNeck:
    """The same neck, holding still."""
    return replace(neck, drift_mm=0.0)
