"""The next move of the rod: which way, how far, and what the relief should then be."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime

import numpy as np
from scipy.special import ndtr

from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.planning.relief import Wanted, wanted_relief
from nuvrek.readings.kinds import Side
from nuvrek.readings.words import turns_words
from nuvrek.surface.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.surface.unknowns import (
    PLAY_TURNS,
    ROD_PER_TURN_MM,
    SLIP_FLOOR_MM,
    SLIP_SHARE,
    TWIN_OTHER,
)

# Never more than this at once, and no finer than a hand can turn (common practice, no source).
LARGEST_MOVE_TURNS = 0.25
SMALLEST_MOVE_TURNS = 1.0 / 16.0
# A working rod's usual reach either way, as dip in mm (common practice, no source).
REACH_MM = 0.5
# Wood goes on a little after a move, this share of it, within this many days (common practice, no source).
SETTLES, SETTLES_SPREAD, SETTLED_DAYS = 0.05, 0.03, 7
# A rod job once begun is brought this near to the target, if another move promises to help by so much.
NEAR_MM, WORTH_CHANCE = 0.03, 0.06
# Two sides further apart than this are brought together by turning one of twin rods (common practice, no source).
SIDES_APART_MM = 0.04


@dataclass(frozen=True, slots=True)
class RodPlan:
    """The next rod move. ``turns`` plus tightens; forecasts are at pitch, in mm, doubts hold nine times in ten.

    ``side`` names the rod where there are two, ``settled_mm`` the relief once the wood has settled.
    ``known`` is False where the relief is only known to be over or under, not as a figure.
    """

    turns: float
    total_turns: float
    now_mm: float
    after_move_mm: float
    after_move_doubt_mm: float
    settled_mm: float
    side: Side | None
    slacken_first: bool
    known: bool
    words: str

    @property
    def direction(self) -> str:
        """``tighten`` or ``loosen``."""
        return "tighten" if self.turns > 0 else "loosen"


def plan_rod(neck_map: HeightMap) -> RodPlan | None:
    """The next move towards the relief wanted; None when the relief is not known or needs no move."""
    if neck_map.neck.rod == "none":
        return None
    side = _side_to_turn(neck_map) if neck_map.neck.rod == "twin" else None
    wanted = wanted_relief(neck_map, (side,) if side else ("bass", "treble"))
    if wanted is None:
        return None
    # Turning both of twin rods moves the mean by what each does on either side.
    share = 1.0 if side or neck_map.neck.rod != "twin" else 1.0 + TWIN_OTHER
    per_turn = share * max(neck_map.rod_mm_per_turn, 0.05)
    begun = _unsettled_turns(neck_map, side) is not None
    creep = SETTLES * per_turn * (_unsettled_turns(neck_map, side) or 0.0)
    excess = wanted.excess_mm - creep
    exact = excess / (per_turn * (1.0 + SETTLES))
    turns = _sixteenths(float(np.clip(exact, -LARGEST_MOVE_TURNS, LARGEST_MOVE_TURNS)), wanted)
    doubt = _doubt_after(neck_map, wanted, turns, share)
    gained = _worth(excess, wanted, turns * per_turn * (1.0 + SETTLES), doubt)
    if not (wanted.off or (begun and wanted.as_figure and gained)):
        return None
    after = wanted.now.mm - turns * per_turn
    total = _sixteenths(exact, wanted)
    slacken = _slacken_first(neck_map)
    return RodPlan(
        turns,
        total,
        wanted.now.mm,
        after,
        doubt,
        after - creep - SETTLES * turns * per_turn,
        side,
        slacken,
        wanted.as_figure,
        _words(neck_map, turns, side, slacken),
    )


def _side_to_turn(neck_map: HeightMap) -> Side | None:
    """The side whose rod goes first: the one that is further off, if the sides are apart; None turns both."""
    if not (neck_map.known[0] and neck_map.known[2]):
        return None
    excess: dict[Side, float] = {}
    both: tuple[Side, Side] = ("bass", "treble")
    for side in both:
        wanted = wanted_relief(neck_map, (side,))
        assert wanted is not None
        excess[side] = wanted.excess_mm
    if abs(excess["bass"] - excess["treble"]) < SIDES_APART_MM:
        return None
    return max(both, key=lambda side: abs(excess[side]))


def _sixteenths(turns: float, wanted: Wanted) -> float:
    """Turns to the nearest sixteenth, one at least, towards the target."""
    steps = round(turns / SMALLEST_MOVE_TURNS)
    return SMALLEST_MOVE_TURNS * (steps or (1 if wanted.excess_mm > 0.0 else -1))


def _unsettled_turns(neck_map: HeightMap, side: Side | None) -> float | None:
    """Turns made so lately that the wood still goes on; None if there were none. Moves without a date count as late."""
    moves = [move for _, move in neck_map.present.rod_moves if side is None or move.side in (None, side)]
    last = max((one.reading.at for one in neck_map.present.taken), default="")
    late = [move.turns for move in moves if _days_between(move.at, last) < SETTLED_DAYS]
    return sum(late) if late else None


def _days_between(before: str, after: str) -> float:
    try:
        return (datetime.fromisoformat(after) - datetime.fromisoformat(before)).total_seconds() / 86400.0
    except (ValueError, TypeError):
        return 0.0


def _doubt_after(neck_map: HeightMap, wanted: Wanted, turns: float, share: float) -> float:
    """Doubt of the reading straight after the move: of the relief now, the rod's answer, its sticking and play."""
    moves = neck_map.present.rod_moves
    back = PLAY_TURNS if moves and moves[-1][1].turns * turns < 0.0 else 0.0
    slip = float(np.hypot(ROD_PER_TURN_MM * np.hypot(SLIP_SHARE * turns, back), SLIP_FLOOR_MM))
    answer = share * turns * neck_map.rod_doubt_mm_per_turn
    creep = NINE_IN_TEN * SETTLES_SPREAD * turns * neck_map.rod_mm_per_turn
    return float(np.sqrt(wanted.now.doubt_mm**2 + answer**2 + creep**2 + (NINE_IN_TEN * slip) ** 2))


def _worth(excess_mm: float, wanted: Wanted, move_mm: float, doubt_after_mm: float) -> bool:
    """Whether the move raises the chance of ending near the target enough to be worth making."""
    return (
        _near(excess_mm - move_mm, doubt_after_mm) - _near(excess_mm, wanted.now.doubt_mm)
        > WORTH_CHANCE
    )


def _near(off_mm: float, doubt_mm: float) -> float:
    sd = max(doubt_mm / NINE_IN_TEN, 1e-6)
    return float(ndtr((NEAR_MM - off_mm) / sd) - ndtr((-NEAR_MM - off_mm) / sd))


def _slacken_first(neck_map: HeightMap) -> bool:
    """Whether the strings come slack before the key turns: the nut is under them, or the rod was felt to be firm."""
    from nuvrek.surface.observed import rod_feel

    return neck_map.neck.rod_access in ("heel", "under strings") or rod_feel(neck_map.present) == "binding"


def _words(neck_map: HeightMap, turns: float, side: Side | None, slacken: bool) -> str:
    way = turns_words(turns).capitalize()
    which = f", {LANE_WORDS[side]} rod" if side else ", both rods" if neck_map.neck.rod == "twin" else ""
    does = "clockwise takes relief out" if turns > 0 else "counter-clockwise lets relief in"
    first = " Slacken the strings first." if slacken else ""
    return f"{way}{which} ({does}).{first}"


def rod_reach_mm(neck: NeckDescription) -> tuple[float, float]:
    """Dip the rod can take out (negative) and add while filing, in mm."""
    if neck.rod == "none":
        return 0.0, 0.0
    if neck.rod == "one-way":
        # It takes relief out; how much it can still be let go is not known.
        return -REACH_MM, 0.0
    return -REACH_MM, REACH_MM
