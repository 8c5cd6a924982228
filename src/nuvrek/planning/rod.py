"""What the rod can do about the relief."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np
from msgspec import Struct

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.kinds import Dial, StringGap
from nuvrek.readings.words import turns_words
from nuvrek.surface.heightmap import HeightMap, Relief
from nuvrek.surface.observed import rod_feel

# Never more than this at once (common practice, no source).
LARGEST_MOVE_TURNS = 0.25
# A working rod's usual reach either way, as dip in mm (common practice, no source).
REACH_MM = 0.5
# With the relief of both sides unknown by more than this, no rod advice is given.
TOO_UNSURE_MM = 0.15


# A rod that moves the relief less than this a turn does not answer; common practice, no source.
NO_ANSWER_MM_PER_TURN = 0.06
# After this many moves, and this much turning in all, it has had its chance.
MOVES_TRIED, TURNS_TRIED = 2, 0.4


class RodStop(Struct, frozen=True):
    """A reason not to turn the rod any further, and what it leads to."""

    kind: Literal["resists", "at-end", "no-answer", "slack-back-bow"]
    words: str


def rod_stops(neck_map: HeightMap) -> tuple[RodStop, ...]:
    """The stop rules that hold on this neck, gravest first."""
    neck = neck_map.neck
    if neck.rod == "none":
        return ()
    stops = []
    feel = rod_feel(neck_map.present)
    if feel == "binding":
        words = (
            "The rod resists: it is not to be forced. Slacken the strings, clear and grease its nut, try an eighth; "
            "a first stiffness when loosening may only be old glue."
        )
        stops.append(RodStop("resists", words))
    if feel == "at its end":
        words = (
            "The rod is at its end. A spacer under its nut, compression fretting, heat or a dressed-in relief are "
            "what is left; a new rod is specialist work."
        )
        stops.append(RodStop("at-end", words))
    if _no_answer(neck_map):
        words = (
            "Moves without an answer: the rod is spent, or only its nut turns. See that the key bites and the nut is "
            "not chewed before calling it spent."
        )
        stops.append(RodStop("no-answer", words))
    relief = relief_now(neck_map)
    if neck.rod == "one-way" and feel == "slack" and relief is not None and relief.mm < 0:
        words = (
            "Back bow with a slack one-way rod: the rod can't help. Heavier strings, or level as it lies so that the "
            "frets carry the relief."
        )
        stops.append(RodStop("slack-back-bow", words))
    return tuple(stops)


def _no_answer(neck_map: HeightMap) -> bool:
    """Whether the rod was turned enough, and read after, to know that the neck does not follow it."""
    moves = [(number, move) for number, move in neck_map.present.rod_moves if move.turns]
    if len(moves) < MOVES_TRIED or sum(abs(move.turns) for _, move in moves) < TURNS_TRIED:
        return False
    read_after = any(
        isinstance(one.reading, StringGap | Dial) and one.number > moves[-1][0]
        for one in neck_map.present.taken
    )
    most = neck_map.rod_mm_per_turn + neck_map.rod_doubt_mm_per_turn
    return (
        read_after and most < 2.0 * NO_ANSWER_MM_PER_TURN and neck_map.rod_mm_per_turn < NO_ANSWER_MM_PER_TURN
    )


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
