"""What the rod can do about the relief."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.words import turns_words
from nuvrek.surface.heightmap import HeightMap, Relief

# Never more than this at once (common practice, no source).
LARGEST_MOVE_TURNS = 0.25
# A working rod's usual reach either way, as dip in mm (common practice, no source).
REACH_MM = 0.5
# With the relief of both sides unknown by more than this, no rod advice is given.
TOO_UNSURE_MM = 0.15


@dataclass(frozen=True, slots=True)
class RodPlan:
    """The next rod move. ``turns`` plus tightens; forecasts are at pitch, in mm, doubts hold nine times in ten."""

    turns: float
    total_turns: float
    after_move_mm: float
    after_move_doubt_mm: float
    words: str


def relief_now(neck_map: HeightMap) -> Relief | None:
    """Relief at pitch over the sides that were measured, or None when it is not known well enough to act on."""
    sides = [neck_map.relief_at(lane, "pitch") for lane in ("bass", "treble")]
    sides = [r for r, ok in zip(sides, (neck_map.known[0], neck_map.known[2]), strict=True) if ok]
    sides = [r for r in sides if r.doubt_mm < TOO_UNSURE_MM]
    if not sides:
        return None
    mm = float(np.mean([r.mm for r in sides]))
    return Relief(sides[0].lane if len(sides) == 1 else "middle", "pitch", mm, max(r.doubt_mm for r in sides))


def plan_rod(neck_map: HeightMap) -> RodPlan | None:
    """The next move towards the relief target; None when the relief is not known or needs no move."""
    relief = relief_now(neck_map)
    neck = neck_map.neck
    if relief is None or neck.rod == "none":
        return None
    excess = relief.mm - neck.relief_target_mm
    if abs(excess) <= neck.relief_margin_mm:
        return None
    per_turn = max(neck_map.rod_mm_per_turn, 0.05)
    total = round(8.0 * excess / per_turn) / 8.0 or (0.125 if excess > 0 else -0.125)
    turns = float(np.clip(total, -LARGEST_MOVE_TURNS, LARGEST_MOVE_TURNS))
    after = relief.mm - turns * per_turn
    doubt = float(np.hypot(relief.doubt_mm, turns * neck_map.rod_doubt_mm_per_turn))
    way = turns_words(turns)
    words = f"{way.capitalize()} ({'clockwise takes relief out' if turns > 0 else 'counter-clockwise lets relief in'})."
    return RodPlan(turns, total, after, doubt, words)


def rod_reach_mm(neck: NeckDescription) -> tuple[float, float]:
    """Dip the rod can take out (negative) and add while filing, in mm."""
    if neck.rod == "none":
        return 0.0, 0.0
    if neck.rod == "one-way":
        # It takes relief out; how much it can still be let go is not known.
        return -REACH_MM, 0.0
    return -REACH_MM, REACH_MM
