"""Where the frets lie. NumPy is imported only when an array is asked for: the window opens
without it.
"""

from __future__ import annotations

from functools import lru_cache
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.neck.description import Lane, NeckDescription


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


def places_mm(neck: NeckDescription, line: Lane = "middle") -> tuple[float, ...]:
    """Where nut and frets of a neck lie along one line of its board, mm from the nut, frets + 1
    numbers. How a place is computed is decided here and nowhere else.

    Frets stand square to the board: every line has the same places.
    """
    return fret_line_mm(neck.scale_mm, neck.frets)


def place_row_mm(neck: NeckDescription, line: Lane = "middle") -> NDArray[np.float64]:
    """``places_mm`` as an array, shape (frets + 1,)."""
    import numpy as np

    return np.array(places_mm(neck, line))
