"""What new wire does to nut, saddle and action: all tops rise by new height less old height less
wood taken. Lengths in mm, plus is up.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import place_row_mm

Array = NDArray[np.float64]


@dataclass(frozen=True)
class SetUp:
    """How far the tops rise over frets 1 and 12, how far the line of the frets rises at the bridge,
    and what nut slots, zero fret and saddle must do to keep the strings as high over the frets as
    they were, bass side then treble side.
    """

    top_1_mm: float
    top_12_mm: float
    at_bridge_mm: float
    nut_mm: float
    saddle_mm: tuple[float, float]


def set_up_after(neck: NeckDescription, rise_mm: Array) -> SetUp:
    """Set-up changes for tops that rise by ``rise_mm`` (frets, 3): new crown less old less wood.

    The nut stands where it stood, so its slots follow the top of fret 1, and go down where more
    wood is taken there than the new crown brings. At the saddle the line through fret 1 and the
    joint is run on.
    """
    x = place_row_mm(neck)
    first, joint = x[1], x[neck.joint_fret]
    ahead = (neck.scale_mm - first) / (joint - first)
    line = rise_mm[0] + (rise_mm[neck.joint_fret - 1] - rise_mm[0]) * ahead
    twelve = neck.height_fret - 1
    top_1_mm = float(rise_mm[0].mean())
    return SetUp(
        top_1_mm=top_1_mm,
        top_12_mm=float(rise_mm[twelve].mean()),
        at_bridge_mm=float(line.mean()),
        nut_mm=top_1_mm,
        saddle_mm=(float(line[0]), float(line[2])),
    )
