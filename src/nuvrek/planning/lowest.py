"""What each way buys: the lowest string height at which every note rings clean."""

from __future__ import annotations

from dataclasses import replace

from nuvrek.clearance.onneck import string_up
from nuvrek.clearance.swing import TOUCHES_N
from nuvrek.planning.case import Way
from nuvrek.planning.relief import wanted_relief
from nuvrek.surface.heightmap import HeightMap


def with_lowest(neck_map: HeightMap, ways: tuple[Way, ...]) -> tuple[Way, ...]:
    """The ways with the lowest clean height over fret 12 per string after each, for the player's touch.

    Metal comes off the tops and the relief goes to what the way promises; nothing is said while the relief is not known.
    """
    wanted = wanted_relief(neck_map)
    if wanted is None or not wanted.as_figure:
        return ways
    on, force = string_up(neck_map), TOUCHES_N[neck_map.neck.touch]
    made = []
    for way in ways:
        promised = way.promise.relief_mm
        less = 0.0 if promised is None else wanted.now.mm - promised
        lowest, doubt = on.lowest_clean_mm(force, on.after(way.off_mm, less))
        made.append(replace(way, lowest_mm=tuple(zip(lowest.tolist(), doubt.tolist(), strict=True))))
    return tuple(made)
