"""A neck with nothing the matter, for a lesson to plant one thing in."""

from __future__ import annotations

import numpy as np

from nuvrek.meaning import Saying, means, written
from nuvrek.neck.description import NeckDescription, RodKind
from nuvrek.neck.scale import place_row_mm
from nuvrek.simulator.living.neck import LivingNeck, from_truth
from nuvrek.simulator.rods import MadeRod
from nuvrek.simulator.truth import Condition, make_truth

WANTED_MM, LOW_MM, HIGH_MM = 0.2, 1.8, 1.5


BUZZES = means("lessons.buzzes")


def plain_neck(
    seed: int,
    *,
    rod: RodKind = "two-way",
    relief_mm: float = 0.2,
    wire_mm: float = 1.2,
    zero_fret: bool = False,
    complaint: Saying = BUZZES,
    rods: tuple[MadeRod, ...] | None = None,
) -> LivingNeck:
    """Even tops on a smooth board, strung to pitch with the heights its owner wants."""
    neck = NeckDescription(
        title=written(means("lessons.practice-neck")),
        scale_mm=648.0,
        frets=22,
        joint_fret=16,
        rod=rod,
        wire_height_mm=wire_mm,
        height_low_mm=LOW_MM,
        height_high_mm=HIGH_MM,
        relief_target_mm=WANTED_MM,
        zero_fret=zero_fret,
        complaint=written(complaint),
    )
    condition = Condition(
        proud=0,
        low=0,
        slack_dip_mm=relief_mm - 0.17,
        rough_mm=0.006,
        twist_mm=0.004,
        scatter_mm=0.003,
    )
    rng = np.random.default_rng([2_020, seed])
    living = from_truth(make_truth(neck, condition, rng), rng, rods)
    as_wanted(living)
    return living


def hump(living: LivingNeck, fret: int, up_mm: float, wide_mm: float = 35.0) -> None:
    """A rise of the wood about a fret; the strings are set anew over it."""
    x = place_row_mm(living.neck)
    living.wood_mm += up_mm * np.exp(-(((x - x[fret]) / wide_mm) ** 2))[:, None]
    as_wanted(living)


def as_wanted(living: LivingNeck) -> None:
    """Strings at the heights wanted over the neck as it is."""
    living.set_string_height(
        living.neck.height_low_mm or LOW_MM, living.neck.height_high_mm or HIGH_MM
    )
