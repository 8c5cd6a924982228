"""Tangs fatter than their slots bend a neck back: each is a small wedge. Lengths in mm, stiffness
in N mm2, angles in rad.

Eigenstrain moment: Gere, Mechanics of Materials, thermal bending (from memory); how much of it the
crushed walls of a slot pass on, ``eta``, is no constant of nature: it is learnt on each neck.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]

# Stiffness of a fingerboard along the grain, N/mm2 (common practice, no source).
BOARD_MODULUS = 12_000.0


def wedge_rad(
    grip_mm: float | Array,
    tang_mm: float,
    arm_mm: float,
    width_mm: float,
    ei_nmm2: float | Array,
    eta: float,
    modulus: float = BOARD_MODULUS,
) -> Array:
    """``theta = eta E_b b d delta e / (E I)``: the angle one tang bends into the neck.

    ``grip_mm`` is delta, tang over slot; ``tang_mm`` d, how deep it sits; ``arm_mm`` e, from its
    middle to the neck's neutral axis; ``width_mm`` b of the board.
    """
    return np.asarray(eta * modulus * width_mm * tang_mm * np.asarray(grip_mm) * arm_mm / ei_nmm2)


def lift_shape(x_mm: Array, at_mm: Array, first_mm: float, joint_mm: float) -> Array:
    """How far a kink of one radian at each of ``at_mm`` lifts the places ``x_mm`` over the line
    from ``first_mm`` to ``joint_mm``, (places, kinks).

    A kink at x_i turns what lies beyond it; under the line through both ends the neck rises by
    ``(x_i - x_1) (x_j - X) / (x_j - x_1)`` at X beyond x_i, and mirrored before it. A kink outside
    the two ends bends nothing between them.
    """
    span = joint_mm - first_mm
    at = np.clip(at_mm, first_mm, joint_mm)[None, :] - first_mm
    x = x_mm[:, None] - first_mm
    lifted = np.where(x >= at, at * (span - x), x * (span - at)) / span
    return np.asarray(lifted)
