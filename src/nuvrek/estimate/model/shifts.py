"""What bends a neck between its readings and never quite as it was meant: moves of the rod, heat,
seasons, frets pulled and fitted; and wood taken off the board. Lengths in mm.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import FretWork, Heated, RodMove, State, Trued
from nuvrek.readings.journal import Later, NeckState

Row = NDArray[np.float64]

# A rod's answer a turn; where there are two, that of a rod on its own side.
ROD_PER_TURN_MM = 0.30
# Of what one of twin rods does on its own side, the middle and the other side see this much.
TWIN_MIDDLE, TWIN_OTHER = 0.65, 0.30
# A rod sticks and slips: a move does what its turns say give or take this share of the usual answer
# and this floor.
SLIP_SHARE, SLIP_FLOOR_MM = 0.12, 0.006
# On turning back, so much of a turn may be play.
PLAY_TURNS = 0.03
# Turns that were guessed, as a share and a floor, and a move that nobody counted.
ROUGH_SHARE, ROUGH_TURNS, UNCOUNTED_TURNS = 0.35, 0.03, 0.4
# A cycle of heat takes out anything from nothing to this much.
HEAT_MM = 0.25
# A whole neck of frets pulled, or fitted with tangs fatter than their slots, bends a neck by up to
# this much; wood taken off the face by less.
FRETTED_MM, TRUED_BEND_MM = 0.20, 0.02
# The block takes more or less than was meant.
TRUED_MM, TRUED_SHARE = 0.01, 0.15
# So many unknowns a truing: three shapes on each lane.
TRUING_SIZE = 9
# Between two visits season and creep move the relief by about this much.
SEASON_MM = 0.05
_LOOK_BACK = 20


def rod_turns_by_lane(neck: NeckDescription, state: State) -> Row:
    """How far the rod stands, as each lane sees it, shape (3,): twin rods work most on their own
    side.
    """
    if neck.rod != "twin":
        return np.full(3, state.rod_turns)
    return state.rod_turns * _twin_share(-1.0) + state.rod_high_turns * _twin_share(1.0)


def _twin_share(side: float) -> Row:
    """What the rod of a side (-1 low, 1 high) does to each lane, shape (3,)."""
    across = side * np.asarray(LANE_ACROSS)
    return np.where(across == 0.0, TWIN_MIDDLE, np.where(across > 0.0, 1.0, TWIN_OTHER))


def slips_of(neck_state: NeckState, first: int) -> Row:
    """What each rod move from ``first`` on may have done beside its turns, shape (moves, 3), dip
    in mm by lane.
    """
    slips = np.zeros((len(neck_state.shifts) - first, 3))
    # A few moves back tell which way each rod went last.
    start = max(0, first - _LOOK_BACK)
    before: dict[str | None, float] = {}
    for n, (_, move) in enumerate(neck_state.shifts[start:], start - first):
        if not isinstance(move, RodMove):
            if n >= 0:
                slips[n] = _shift_mm(move, neck_state.neck.frets)
            continue
        if n >= 0:
            back = before.get(move.side, 0.0) * move.turns < 0.0
            slips[n] = _slip_mm(move, back) * _reach(neck_state.neck, move)
        before[move.side] = move.turns
    return slips


def _shift_mm(shift: Heated | Later | Trued | FretWork, frets: int) -> float:
    """How far what is no move of the rod may have bent the neck, mm."""
    match shift:
        case Heated():
            return HEAT_MM
        case FretWork(frets=moved):
            return FRETTED_MM * len(moved) / frets
        case Trued():
            return TRUED_BEND_MM
        case Later():
            return SEASON_MM


def _slip_mm(move: RodMove, back: bool) -> float:
    turns = SLIP_SHARE * abs(move.turns)
    guess = 0.0
    if move.rough:
        if move.turns:
            guess = ROUGH_TURNS + ROUGH_SHARE * abs(move.turns)
        else:
            guess = UNCOUNTED_TURNS
    play = PLAY_TURNS if back else 0.0
    mm = ROD_PER_TURN_MM * np.sqrt(turns**2 + play**2 + guess**2)
    return float(np.hypot(mm, SLIP_FLOOR_MM))


def _reach(neck: NeckDescription, move: RodMove) -> Row:
    """What a move does to each lane, shape (3,)."""
    if neck.rod != "twin" or move.side is None:
        return np.ones(3)
    return _twin_share(1.0 if move.side == "treble" else -1.0)


def truings_of(neck_state: NeckState) -> Row:
    """Wood taken off beside nut and frets each time, (truings, frets + 1, 3); where
    nothing was said none; at the nut as at fret 1.
    """
    found = np.zeros((len(neck_state.truings), neck_state.neck.frets + 1, 3))
    for n, (_, trued) in enumerate(neck_state.truings):
        for fret, lane, mm in trued.off:
            if fret <= neck_state.neck.frets:
                found[n, fret, LANES.index(lane)] += mm
        found[n, 0] = found[n, 1]
    return found


def lay_truing(neck: NeckDescription, rows: Row, first: int, off: Row) -> None:
    """What the block took beside what was meant, into ``rows`` (frets + 1, 3, n) from column
    ``first`` on: on each lane a level, a slope, and a middle that is hollow, in proportion to the
    wood it moved there.
    """
    x = place_row_mm(neck)
    along = 2.0 * x / x[-1] - 1.0
    shapes = np.array([np.ones_like(x), along, 1.5 * along**2 - 0.5])
    for lane in range(3):
        spread = TRUED_MM + TRUED_SHARE * float(off[:, lane].mean())
        for n, shape in enumerate(shapes):
            rows[:, lane, first + 3 * lane + n] += spread * shape
