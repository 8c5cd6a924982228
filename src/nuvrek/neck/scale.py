"""Where the frets lie."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray


def fret_places_mm(scale_mm: float, frets: int) -> NDArray[np.float64]:
    """Distance of nut (index 0) and each fret from the nut, shape (frets + 1,), in mm.

    Twelve-tone equal temperament: ``x_n = L (1 - 2^(-n/12))`` (Fletcher and
    Rossing, The Physics of Musical Instruments, guitar chapter).
    """
    n = np.arange(frets + 1, dtype=np.float64)
    return scale_mm * (1.0 - np.exp2(-n / 12.0))
