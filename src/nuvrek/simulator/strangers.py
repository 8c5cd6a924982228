"""Made-up necks that share nothing with the estimate: another beam, other boards, other faults, and
a technician whose hand and ear are their own.

The board is drawn by hand as it were: a few waves, a hump anywhere, a tongue, an angle. It bends as
a stick that is stiffer past its volute and at its heel. Crowns are worn in groups, sprung, or left
uneven by an earlier level.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.random import Generator
from numpy.typing import NDArray

from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings.entries import State
from nuvrek.simulator.measuring import Bench
from nuvrek.simulator.truth import Truth, proud_places

Array = NDArray[np.float64]
# Scale length, frets, joint.
SIZES = (
    (648.0, 22, 16),
    (628.0, 20, 14),
    (645.0, 20, 14),
    (864.0, 20, 16),
    (508.0, 19, 12),
    (610.0, 19, 12),
)
KINDS = (
    "as usual",
    "back bow",
    "hump anywhere",
    "tongue",
    "worn group",
    "unseated",
    "badly levelled",
    "bare",
)


@dataclass(frozen=True)
class Stranger:
    """A neck, what is the matter with it, and who measures it."""

    kind: str
    truth: Truth
    bench: Bench
    worn: tuple[int, ...] = ()


def stranger(seed: int) -> Stranger:
    """The neck of a seed; its kind goes round with it."""
    rng = np.random.default_rng([15, seed])
    kind = KINDS[seed % len(KINDS)]
    scale, frets, joint = SIZES[int(rng.integers(len(SIZES)))]
    neck = NeckDescription(
        title=f"{kind} {seed}",
        scale_mm=scale,
        frets=frets,
        joint_fret=joint,
        rod="two-way",
        wire_height_mm=round(float(rng.uniform(1.0, 1.4)), 2),
    )
    x = fret_places_mm(scale, frets)
    board = _board(neck, x, kind, rng)
    crown, loose, worn = _crowns(neck, kind, rng)
    # The same pull bends a long neck more, as the square of its length.
    longer = (x[joint] / 390.0) ** 2
    pull = 0.0
    if kind != "bare":
        pull = float(rng.uniform(0.05, 0.35)) * longer
    truth = Truth(
        neck,
        board,
        crown,
        bend=_stick(neck, x, rng),
        pull_mm=pull,
        rod_per_turn_mm=float(rng.uniform(0.1, 0.5)),
        proud=proud_places(crown, x),
        string_height_12_mm=(float(rng.uniform(1.5, 2.6)), float(rng.uniform(1.2, 2.0))),
        loose=loose,
    )
    return Stranger(kind, truth, _technician(truth, rng), worn)


def _technician(truth: Truth, rng: Generator) -> Bench:
    return Bench(
        truth,
        rng,
        measure_rocks=bool(rng.random() < 0.5),
        rock_feel_mm=float(rng.uniform(0.015, 0.025)),
        crown_noise_mm=0.02,
        dial_noise_mm=float(rng.uniform(0.003, 0.006)),
        misreads=0.02,
    )


def _stick(neck: NeckDescription, x: Array, rng: Generator) -> Array:
    """Dip under an even pull of a stick clamped at the heel, 1 at its deepest below the line from
    fret 1 to the joint; stiffer by a volute and towards the heel. Past the joint it is body.
    """
    end = x[neck.joint_fret]
    fine = np.linspace(0.0, end, 801)
    volute, heel = float(rng.uniform(0.3, 1.2)), float(rng.uniform(0.5, 2.0))
    stiff = 1.0 + volute * np.exp(-fine / 40.0) + heel * np.exp((fine - end) / 90.0)
    # Strings pull the head up: the moment about the neck's middle is even along it.
    turn = np.concatenate(([0.0], np.cumsum(0.5 * (1 / stiff[1:] + 1 / stiff[:-1])))) * fine[1]
    fall = np.concatenate(([0.0], np.cumsum(0.5 * (turn[1:] + turn[:-1])))) * fine[1]
    at = np.interp(x, fine, fall)
    slope = turn[-1]
    at = np.where(x > end, fall[-1] + slope * (x - end), at)
    share = (x - x[1]) / (end - x[1])
    dip = (1.0 - share) * at[1] + share * at[neck.joint_fret] - at
    return np.asarray(dip / dip.max())


def _board(neck: NeckDescription, x: Array, kind: str, rng: Generator) -> Array:
    """Height of the board's face, (frets + 1, 3), slack."""
    end, joint = x[-1], x[neck.joint_fret]
    t = x / end
    mean, twist = np.zeros_like(t), np.zeros_like(t)
    for wave in range(1, 6):
        for line, size in ((mean, 0.03), (twist, 0.012)):
            line += size / wave * float(rng.normal()) * np.cos(np.pi * wave * t + rng.uniform(0, 6))
    along = np.clip((x - x[1]) / (joint - x[1]), 0.0, None)
    dip = float(rng.uniform(0.0, 0.25))
    if kind == "back bow":
        dip = -float(rng.uniform(0.08, 0.25))
    mean -= dip * 4.0 * along * (1.0 - along)
    if kind == "hump anywhere":
        at, wide = float(rng.uniform(0.2, 0.85)) * end, float(rng.uniform(25.0, 60.0))
        mean += float(rng.uniform(0.06, 0.16)) * np.exp(-(((x - at) / wide) ** 2))
    if kind == "tongue":
        past = np.clip((x - joint) / max(end - joint, 1.0), 0.0, None)
        mean += float(rng.choice([-1.0, 1.0])) * float(rng.uniform(0.08, 0.25)) * past
    return np.asarray(mean[:, None] + np.array([-1.0, 0.0, 1.0]) * twist[:, None])


def _crowns(
    neck: NeckDescription, kind: str, rng: Generator
) -> tuple[Array, tuple[tuple[int, Lane | None], ...], tuple[int, ...]]:
    """Crown heights (frets + 1, 3), which frets are loose, and which are worn as a group."""
    frets, usual = neck.frets, neck.wire_height_mm
    uneven = 0.02
    if kind != "badly levelled":
        uneven = float(rng.uniform(0.004, 0.012))
    crown = usual + uneven * (
        rng.standard_normal((frets + 1, 1)) + 0.5 * rng.standard_normal((frets + 1, 3))
    )
    crown[0] = usual + float(rng.uniform(0.02, 0.2))
    loose: tuple[tuple[int, Lane | None], ...] = ()
    worn: tuple[int, ...] = ()
    if kind == "worn group":
        first, many = int(rng.integers(1, frets - 8)), int(rng.integers(4, 8))
        worn = tuple(range(first, first + many))
        crown[first : first + many] -= float(rng.uniform(0.08, 0.15))
    if kind == "unseated":
        for fret in rng.choice(np.arange(3, frets - 1), 3, replace=False):
            lane: Lane | None = None if rng.random() < 0.5 else LANES[int(rng.choice([0, 2]))]
            loose = (*loose, (int(fret), lane))
            for k in range(3) if lane is None else (LANES.index(lane),):
                crown[fret, k] += float(rng.uniform(0.08, 0.2))
    for fret in rng.choice(np.arange(2, frets), int(rng.integers(0, 4)), replace=False):
        if int(fret) not in {f for f, _ in loose}:
            crown[fret] += float(rng.choice([-1.0, 1.0])) * float(rng.uniform(0.06, 0.12))
    return crown, loose, worn


def bare_state(kind: str) -> State:
    """The state a neck of a kind is measured in to begin with."""
    if kind == "bare":
        return State(strings="slack")
    return State()
