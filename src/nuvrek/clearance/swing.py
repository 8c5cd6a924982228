"""How far a plucked string swings: the two triangles an ideal string never leaves.

Stiffness and damping are left out: a real string swings a little less.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

Array = NDArray[np.float64]

# Forces of three touches at the plucked place, N, and where it is plucked, as a share of the open
# string from the saddle (common practice, no source).
TOUCHES_N = {"light": 0.25, "usual": 0.5, "firm": 0.8}
PLUCKED_SHARE = 0.22


def displacement_mm(
    force_n: ArrayLike, tension_n: ArrayLike, length_mm: ArrayLike, plucked_mm: ArrayLike
) -> Array:
    """How far a string is drawn aside: ``d = F p (l - p) / (T l)`` (Fletcher and Rossing,
    chapter 2: balance of forces).
    """
    force, tension, length, plucked = (
        np.asarray(v, dtype=np.float64) for v in (force_n, tension_n, length_mm, plucked_mm)
    )
    return np.asarray(force * plucked * (length - plucked) / (tension * length))


def swing_share(place_mm: ArrayLike, length_mm: ArrayLike, plucked_mm: ArrayLike) -> Array:
    """The largest swing at a place, as a share of the displacement; places count from the saddle.

    An ideal string drawn to a triangle swings between it and its mirror through the middle
    (Fletcher and Rossing, chapter 2: travelling waves), so the larger of the two bounds it. Arrays
    are broadcast.
    """
    place, length, plucked = (
        np.asarray(v, dtype=np.float64) for v in (place_mm, length_mm, plucked_mm)
    )
    return np.maximum(_triangle(place, length, plucked), _triangle(place, length, length - plucked))


def _triangle(place: Array, length: Array, apex: Array) -> Array:
    return np.minimum(place / apex, (length - place) / (length - apex))
