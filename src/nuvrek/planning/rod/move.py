"""The next move of the rod: which way, how far, and what the relief should then be."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.model.shifts import (
    PLAY_TURNS,
    ROD_PER_TURN_MM,
    SLIP_FLOOR_MM,
    SLIP_SHARE,
    TWIN_OTHER,
)
from nuvrek.meaning import Meaning, Saying, listed, means
from nuvrek.neck.description import LANE_WORDS, Lane, NeckDescription
from nuvrek.planning.rod.relief import WantedRelief, wanted_relief
from nuvrek.readings.entries import Side
from nuvrek.readings.told.days import days_between
from nuvrek.readings.told.observed import rod_feel
from nuvrek.readings.told.rod_answers import backwards
from nuvrek.readings.words import turns_words

Array = NDArray[np.float64]

# Never more than this at once, and no finer than a hand can turn (common practice, no source).
LARGEST_MOVE_TURNS = 0.25
SMALLEST_MOVE_TURNS = 1.0 / 16.0
# A working rod's usual reach either way, as dip in mm (common practice, no source).
REACH_MM = 0.5
# What a side that is right is off after a move counts so much more than what is left on the other.
RIGHT_COUNTS = 20.0
# Wood goes on a little after a move, this share of it, within this many days (common practice, no
# source).
SETTLES, SETTLES_SPREAD, SETTLED_DAYS = 0.05, 0.03, 7
# A rod job once begun is brought this near to the target, if another move promises to help by so
# much.
NEAR_MM, WORTH_CHANCE = 0.03, 0.015
# Two sides further apart than this are brought together by turning twin rods each by its own
# amount; common practice, no source.
SIDES_APART_MM = 0.02


@dataclass(frozen=True, slots=True)
class Forecast:
    """Relief at pitch of one side, or of both (``middle``), before and after a move, in mm.

    ``doubt_mm`` holds nine times in ten for the reading straight after; ``settled_mm`` is once the
    wood has settled.
    """

    lane: Lane
    now_mm: float
    after_mm: float
    doubt_mm: float
    settled_mm: float
    target_mm: float


@dataclass(frozen=True, slots=True)
class RodPlan:
    """The next rod move: turns of the one rod, or of each side's where there are two; plus
    tightens.

    ``known`` is False where the relief is only known to be over or under, not as a figure.
    """

    moves: tuple[tuple[Side | None, float], ...]
    total_turns: float
    forecasts: tuple[Forecast, ...]
    slacken_first: bool
    known: bool
    words: Meaning

    @property
    def turns(self) -> float:
        """The largest turn of the move."""
        return max((turns for _, turns in self.moves), key=abs)

    @property
    def direction(self) -> str:
        """``tighten`` or ``loosen``."""
        if self.turns > 0:
            return "tighten"
        return "loosen"

    @property
    def after_move_mm(self) -> float:
        """The forecast, mean of the sides."""
        return float(np.mean([forecast.after_mm for forecast in self.forecasts]))

    @property
    def after_move_doubt_mm(self) -> float:
        """The larger doubt of the forecasts."""
        return max(forecast.doubt_mm for forecast in self.forecasts)


@dataclass(frozen=True)
class _Reckoned:
    """What the rods are asked for: turns now and in all, by rod; change and creep, mm, by side."""

    turns: Array
    exact: Array
    excess_mm: Array
    change_mm: Array
    creep_mm: Array
    doubt_mm: tuple[float, ...]


def plan_rod(neck_map: HeightMap) -> RodPlan | None:
    """The next move towards the relief wanted; None when the relief is not known or needs no
    move.
    """
    if neck_map.neck.rod == "none":
        return None
    sides = _sides(neck_map)
    if not sides:
        return None
    late = _late_turns(neck_map)
    reckoned = _reckon(neck_map, sides, late or (0.0, 0.0))
    figure = all(side.as_figure for side in sides)
    # Once begun, a job goes on while a move still makes the wanted relief much likelier.
    goes_on = late is not None and figure and _chance_gained(sides, reckoned) > WORTH_CHANCE
    if not goes_on and not any(side.off for side in sides):
        return None
    moves = _moves(neck_map.neck, reckoned.turns)
    slacken = slacken_first(neck_map)
    # What it comes to in all, for the sentence; never turned at once.
    in_all = float(max(_sixteenths(reckoned.exact), key=abs))
    total = in_all or float(max(reckoned.turns, key=abs))
    words = _words(neck_map.neck, moves, slacken, backwards(neck_map.neck_state))
    return RodPlan(
        moves, total, _forecasts(sides, reckoned), slacken_first=slacken, known=figure, words=words
    )


def _reckon(
    neck_map: HeightMap, sides: tuple[WantedRelief, ...], late: tuple[float, float]
) -> _Reckoned:
    # A rod that hardly answers would ask for turns without end; stop rules deal with it, not this.
    sign = -1.0 if backwards(neck_map.neck_state) else 1.0
    per_turn = sign * max(sign * neck_map.rod_mm_per_turn, 0.05)
    # What a turn of each rod does to each side: twin rods reach across.
    answer = per_turn * _crosswise(neck_map.neck, len(sides))
    creep = SETTLES * answer @ _by_rod(late, len(sides))
    # Wood that is still moving after the last turns will bring part of the way by itself.
    excess = np.array([side.excess_mm for side in sides]) - creep
    exact: Array = np.asarray(np.linalg.solve(answer, excess) / (1.0 + SETTLES), dtype=np.float64)
    right = np.array([not side.off for side in sides])
    turns = _within_bounds(answer * (1.0 + SETTLES), excess, right)
    # Less than a hand can turn is wanted: the smallest move, on the side that is furthest off.
    if not turns.any():
        worst = int(np.argmax(np.abs(excess)))
        turns[worst] = SMALLEST_MOVE_TURNS * np.sign(excess[worst]) * sign
    change = answer @ turns
    doubts = tuple(
        _doubt_after(neck_map, side, moved, per_turn)
        for side, moved in zip(sides, change, strict=True)
    )
    return _Reckoned(turns, exact, excess, change_mm=change, creep_mm=creep, doubt_mm=doubts)


def _within_bounds(answer: Array, excess: Array, right: NDArray[np.bool_]) -> Array:
    """The turns of all rods together, in sixteenths and none over the largest move, that bring the
    sides nearest to what is wanted.

    Cut each by itself, a side that is right would be moved for the other's sake: of what is off
    after the move, a side that was right counts most. Few enough to try them all.
    """
    most = round(LARGEST_MOVE_TURNS / SMALLEST_MOVE_TURNS)
    steps = SMALLEST_MOVE_TURNS * np.arange(-most, most + 1)
    every = np.stack(np.meshgrid(*[steps] * len(excess), indexing="ij"), axis=-1)
    every = every.reshape(-1, len(excess))
    left = excess - every @ answer.T
    counts = np.where(right & ~right.all(), RIGHT_COUNTS, 1.0)
    # Of moves that do the same the smallest is taken.
    cost = np.sum(counts * left**2, axis=1) + 1e-9 * np.sum(np.abs(every), axis=1)
    return np.asarray(every[int(np.argmin(cost))])


def _chance_gained(sides: tuple[WantedRelief, ...], reckoned: _Reckoned) -> float:
    """How much the move raises the chance of ending near the target, over the sides."""
    after = zip(sides, reckoned.excess_mm, reckoned.change_mm, reckoned.doubt_mm, strict=True)
    return sum(
        _gained(off, moved * (1.0 + SETTLES), side, doubt) for side, off, moved, doubt in after
    )


def _forecasts(sides: tuple[WantedRelief, ...], reckoned: _Reckoned) -> tuple[Forecast, ...]:
    change, creep = reckoned.change_mm, reckoned.creep_mm
    return tuple(
        Forecast(
            side.relief.lane,
            side.relief.mm,
            side.relief.mm - float(moved),
            doubt_mm=doubt,
            settled_mm=side.relief.mm - float(moved) * (1.0 + SETTLES) - float(still),
            target_mm=side.target_mm,
        )
        for side, moved, doubt, still in zip(sides, change, reckoned.doubt_mm, creep, strict=True)
    )


def _sides(neck_map: HeightMap) -> tuple[WantedRelief, ...]:
    """The reliefs the rod is to bring right: the mean of both sides, or each side by itself with
    twin rods apart.
    """
    mean = wanted_relief(neck_map)
    if mean is None:
        return ()
    if neck_map.neck.rod != "twin" or not (neck_map.known[0] and neck_map.known[2]):
        return (mean,)
    low, high = wanted_relief(neck_map, ("bass",)), wanted_relief(neck_map, ("treble",))
    assert low is not None and high is not None
    if abs(low.excess_mm - high.excess_mm) >= SIDES_APART_MM:
        return (low, high)
    return (mean,)


def _crosswise(neck: NeckDescription, sides: int) -> Array:
    """What a turn of each rod does to each side, as a share of a rod's own answer, (sides,
    sides).
    """
    if sides == 2:
        return np.array([[1.0, TWIN_OTHER], [TWIN_OTHER, 1.0]])
    # Turning both of twin rods moves each side by what both do there.
    return np.array([[1.0 + TWIN_OTHER if neck.rod == "twin" else 1.0]])


def _by_rod(turns: tuple[float, float], sides: int) -> Array:
    if sides == 2:
        return np.array(turns)
    return np.array([float(np.mean(turns))])


def _moves(neck: NeckDescription, turns: Array) -> tuple[tuple[Side | None, float], ...]:
    if len(turns) == 2:
        both: tuple[tuple[Side | None, float], ...] = (
            ("bass", float(turns[0])),
            ("treble", float(turns[1])),
        )
        return tuple((side, by) for side, by in both if by)
    if neck.rod == "twin":
        return (("bass", float(turns[0])), ("treble", float(turns[0])))
    return ((None, float(turns[0])),)


def _sixteenths(turns: Array) -> Array:
    """Turns to the nearest sixteenth."""
    return np.asarray(SMALLEST_MOVE_TURNS * np.round(turns / SMALLEST_MOVE_TURNS))


def _late_turns(neck_map: HeightMap) -> tuple[float, float] | None:
    """Turns of the low (or only) and high rod made so lately that the wood still goes on; None if
    there were none.

    Moves without a date count as late.
    """
    last = max((taken.reading.at for taken in neck_map.neck_state.taken), default="")
    moves = [
        move
        for _, move in neck_map.neck_state.rod_moves
        if days_between(move.at, last) < SETTLED_DAYS
    ]
    if not moves:
        return None
    low = sum(move.turns for move in moves if move.side != "treble")
    high = sum(move.turns for move in moves if move.side != "bass")
    return low, high


def _doubt_after(
    neck_map: HeightMap, side: WantedRelief, moved_mm: float, per_turn_mm: float
) -> float:
    """Doubt of the reading straight after the move: of the relief now, the rod's answer, its
    sticking and play.
    """
    # Turned back the way it came, a rod first takes up its play.
    moves, turns = neck_map.neck_state.rod_moves, moved_mm / per_turn_mm
    back = 0.0
    if moves and moves[-1][1].turns * turns < 0.0:
        back = PLAY_TURNS
    slip = float(np.hypot(ROD_PER_TURN_MM * np.hypot(SLIP_SHARE * turns, back), SLIP_FLOOR_MM))
    answer = turns * neck_map.rod_doubt_mm_per_turn
    creep = NINE_IN_TEN * SETTLES_SPREAD * moved_mm
    return float(
        np.sqrt(side.relief.doubt_mm**2 + answer**2 + creep**2 + (NINE_IN_TEN * slip) ** 2)
    )


def _gained(excess_mm: float, move_mm: float, side: WantedRelief, doubt_after_mm: float) -> float:
    """How much the move raises the chance of ending near the target."""
    return _near(excess_mm - move_mm, doubt_after_mm) - _near(excess_mm, side.relief.doubt_mm)


def _near(off_mm: float, doubt_mm: float) -> float:
    sd = max(doubt_mm / NINE_IN_TEN, 1e-6)
    return float(ndtr((NEAR_MM - off_mm) / sd) - ndtr((-NEAR_MM - off_mm) / sd))


def slacken_first(neck_map: HeightMap) -> bool:
    """Whether the strings come slack before the key turns: the nut is under them, or the rod was
    felt to bind.
    """
    return neck_map.neck.rod_access == "heel" or rod_feel(neck_map.neck_state) == "binding"


def _words(
    neck: NeckDescription,
    moves: tuple[tuple[Side | None, float], ...],
    slacken: bool,
    other_way: bool,
) -> Meaning:
    first: Saying = ""
    if slacken:
        first = means("rod.slacken-strings-first")
    if len(moves) == 2 and moves[0][1] == moves[1][1]:
        saying: Saying = means("rod.both-rods", turns_words=turns_words(moves[0][1]))
    elif neck.rod == "twin":
        saying = listed(
            means(
                "rod.on-the", turns_words=turns_words(turns), lane_words=LANE_WORDS[side or "bass"]
            )
            for side, turns in moves
        )
    else:
        saying = turns_words(moves[0][1])
    ways = {turns > 0.0 for _, turns in moves}
    takes_out, lets_in = means("rod.clockwise"), means("rod.counter-clockwise")
    if other_way:
        # Learnt on this neck: said each time, for every hand expects the opposite.
        takes_out, lets_in = means("rod.neck-counter-clockwise"), means("rod.neck-clockwise")
    both = means("rod.takes-relief-out-lets", takes_out=takes_out, lets_in=lets_in)
    does = {
        frozenset({not other_way}): means("rod.takes-relief-out", takes_out=takes_out),
        frozenset({other_way}): means("rod.lets-relief", lets_in=lets_in),
    }.get(frozenset(ways), both)
    return means("rod.move", turning=saying, does=does, first=first)


def rod_reach_mm(neck: NeckDescription) -> tuple[float, float]:
    """Dip the rod can take out (negative) and add while filing, in mm."""
    if neck.rod == "none":
        return 0.0, 0.0
    if neck.rod == "one-way":
        # It takes relief out; how much it can still be let go is not known.
        return -REACH_MM, 0.0
    return -REACH_MM, REACH_MM
