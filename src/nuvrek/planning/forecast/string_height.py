"""What each way buys: the lowest string height at which every note rings clean, and what a tenth
of it costs in metal.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.strung_neck import OnNeck
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.way import Costed, Lowest
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.rod.relief import wanted_relief

Array = NDArray[np.float64]

# Strings that come down by less than this are not said to.
GAIN_MM = 0.02


# So even a file leaves neighbouring tops, nine times in ten, a bow it did not see included; common
# practice, no source.
FILED_EVEN_MM = 0.016


def _even_doubt(on: OnNeck, way: Costed, touch: float, less: float, lowest: Array) -> Array:
    """Doubt of the lowest heights over evenly filed tops, of which the map's own is gone: the
    relief may be off by its own doubt, a top by what a file leaves.
    """
    off = way.promise.relief_doubt_mm or 0.0
    apart = [
        on.lowest_clean_mm(touch, on.after(way.lowers_mm, less + d))[0] - lowest
        for d in (-off, off)
    ]
    # A top that stands so much higher asks for that much, brought from the next fret to fret 12.
    lean = on.strung.lean[on.fret_12 // 2, on.fret_12 // 2 + 1]
    share = on.strung.x_mm[on.fret_12] / on.strung.scale_mm
    return np.asarray(np.hypot(np.abs(apart).max(axis=0), FILED_EVEN_MM * share / lean))


def lowest_of(weighing: Weighing, ways: Sequence[Costed]) -> dict[str, Lowest]:
    """The lowest clean heights after each way, by its kind, for the player's touch.

    Metal comes off the tops and the relief goes to what the way promises; nothing is said while the
    relief is not known.
    """
    neck_map = weighing.case.neck_map
    wanted = wanted_relief(neck_map)
    if wanted is None or not wanted.as_figure or neck_map.neck.bare:
        return {}
    touch = TOUCHES[neck_map.neck.touch]
    now = weighing.on.lowest_clean_mm(touch)[0]
    return {way.kind: _lowest(weighing.on, way, touch, wanted.relief.mm, now) for way in ways}


def less_relief_mm(on: OnNeck, way: Costed, relief_mm: float) -> float:
    """How much relief a way takes out of a neck that has ``relief_mm`` in its wood.

    Levelled tops are straight: the relief that is promised, and to which the rod is set by a string
    on them, is theirs and not the wood's.
    """
    if way.promise.relief_mm is None:
        return 0.0
    if "levels" in way.record.families:
        now = on.tops_relief_mm(way.lowers_mm)
    else:
        now = relief_mm
    return now - way.promise.relief_mm


def _lowest(on: OnNeck, way: Costed, touch: float, relief_mm: float, now: Array) -> Lowest:
    less = less_relief_mm(on, way, relief_mm)
    lowest, doubt = on.lowest_clean_mm(touch, on.after(way.lowers_mm, less))
    if "even" in way.record.families and way.possible:
        doubt = _even_doubt(on, way, touch, less, lowest)
    gained = float(np.mean(now - lowest))
    pays = way.files and gained > GAIN_MM
    return Lowest(
        heights_mm=tuple(zip(lowest.tolist(), doubt.tolist(), strict=True)),
        gained_mm=gained,
        per_tenth_mm=0.1 * way.metal_mm / gained if pays else None,
    )
