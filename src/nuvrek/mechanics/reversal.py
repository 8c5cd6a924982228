"""Proving an edge, a beam or a rocker against itself: the same place read twice, the tool turned
over and end for end between.
"""

from __future__ import annotations

import math

from msgspec import Struct


class Proved(Struct, frozen=True):
    """What two readings tell: the true gap, and what the tool itself adds the way it lay first
    (minus: takes away), in mm.
    """

    true_mm: float
    own_mm: float


def by_reversal(first_mm: float, turned_mm: float) -> Proved:
    """The tool's own bow counts once for it and once against: half the sum is the gap, half the
    difference the tool (reversal; Evans, Hocken and Estler, CIRP Annals 45, 1996, from memory).
    """
    return Proved(0.5 * (first_mm + turned_mm), 0.5 * (first_mm - turned_mm))


def error_with(own_mm: float, reading_mm: float) -> float:
    """Error of one reading by a tool whose bow is known and not allowed for, beside that of the
    reading itself; standard deviations.
    """
    return math.hypot(own_mm, reading_mm)
