"""Where the frets lie. NumPy is imported only when an array is asked for: the window opens
without it.
"""

from __future__ import annotations

from functools import lru_cache
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray


@lru_cache(maxsize=64)
def fret_line_mm(scale_mm: float, frets: int) -> tuple[float, ...]:
    """Distance of nut (index 0) and each fret from the nut in mm, frets + 1 numbers.

    Twelve-tone equal temperament: ``x_n = L (1 - 2^(-n/12))`` (Fletcher and Rossing, The Physics of
    Musical Instruments, guitar chapter).
    """
    return tuple(scale_mm * (1.0 - 2.0 ** (-n / 12.0)) for n in range(frets + 1))


def fret_places_mm(scale_mm: float, frets: int) -> NDArray[np.float64]:
    """``fret_line_mm`` as an array, shape (frets + 1,)."""
    import numpy as np

    return np.array(fret_line_mm(scale_mm, frets))
