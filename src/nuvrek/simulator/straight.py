"""Made-up necks that are straight and healthy, the commonest there are: relief near nothing, even
tops, wire with life in it.
"""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from msgspec import structs

from nuvrek.neck.description import target_by_kind_mm
from nuvrek.readings.entries import State
from nuvrek.simulator.measuring import Bench
from nuvrek.simulator.strangers import KINDS, Stranger, stranger
from nuvrek.simulator.truth import Truth

# How far from straight, at pitch, these necks are at the most.
NEAR_STRAIGHT_MM = 0.05
# How even their tops are; a careful level leaves about so much (common practice, no source).
EVEN_MM = 0.006
# What of a stranger's waves in the board is left on a straight one.
WAVES_LEFT = 0.2


def straight_neck(seed: int, most_mm: float = NEAR_STRAIGHT_MM) -> Stranger:
    """The straight neck of a seed, its relief at pitch within ``most_mm`` of nothing."""
    rng = np.random.default_rng([30, seed])
    model = stranger(seed * len(KINDS)).truth
    target, margin = target_by_kind_mm(model.neck.scale_mm)
    neck = structs.replace(
        model.neck, title=f"straight {seed}", relief_target_mm=target, relief_margin_mm=margin
    )
    uneven = rng.standard_normal((neck.frets + 1, 1)) + 0.5 * rng.standard_normal(
        (neck.frets + 1, 3)
    )
    crown = neck.wire_height_mm + EVEN_MM * uneven
    crown[0] = neck.wire_height_mm + float(rng.uniform(0.05, 0.15))
    plain = replace(
        model,
        neck=neck,
        board_mm=WAVES_LEFT * model.board_mm,
        crown_mm=crown,
        proud=(),
        loose=(),
        string_height_12_mm=(2.0, 1.6),
    )
    truth = _bent_to(plain, float(rng.uniform(-most_mm, most_mm)))
    return Stranger("straight", truth, Bench(truth, rng))


def _bent_to(truth: Truth, relief_mm: float) -> Truth:
    """The same neck with so much relief at pitch, mean of both sides."""
    too_much = float(truth.relief_mm(State())[[0, 2]].mean()) - relief_mm
    return replace(truth, board_mm=truth.board_mm + too_much * truth.bend[:, None])
