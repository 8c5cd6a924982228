"""The relief there is, and the relief that is wanted, by side."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek.estimate.findings.relief import OFF_TARGET_SURE, SHARP_MM
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap, Relief, relief_gap
from nuvrek.estimate.measurer import Measurer
from nuvrek.neck.description import LANES, Lane
from nuvrek.readings.entries import Filed, RodMove, State
from nuvrek.readings.told.what_was_read import levelled, relief_blind, relief_read

# With the relief unknown by more than this, it is not spoken of as a figure.
TOO_UNSURE_MM = 0.15
# No light alone turns no rod; where at least so much is wanted it says enough (common practice, no
# source).
NO_LIGHT_MM = 0.2
# How sure one that is no figure must be off: as good as certain.
VAGUE_SURE = 0.95


@dataclass(frozen=True, slots=True)
class WantedRelief:
    """Relief at pitch over the sides that were measured, against what is wanted there. Doubts
    hold nine times in ten.
    """

    relief: Relief
    target_mm: float
    margin_mm: float
    blind: bool = False  # no string shows light: straight or bowed back, there is none to speak of

    @property
    def excess_mm(self) -> float:
        """How much too much relief there is; negative where there is too little."""
        return self.relief.mm - self.target_mm

    @property
    def as_figure(self) -> bool:
        """Whether the relief is known well enough to be said as a figure."""
        return self.relief.doubt_mm < TOO_UNSURE_MM

    @property
    def off(self) -> bool:
        """Whether it is off target, and so sure of it that a rod may be turned for it."""
        if self.blind and self.target_mm - self.margin_mm > NO_LIGHT_MM:
            return True
        if self.as_figure and self.relief.doubt_mm <= SHARP_MM:
            return abs(self.excess_mm) > self.margin_mm
        sd = self.relief.doubt_mm / NINE_IN_TEN
        over = float(ndtr((self.excess_mm - self.margin_mm) / sd))
        under = float(ndtr((-self.excess_mm - self.margin_mm) / sd))
        return max(over, under) >= (OFF_TARGET_SURE if self.as_figure else VAGUE_SURE)


def wanted_relief(
    neck_map: HeightMap, sides: tuple[Lane, ...] = ("bass", "treble")
) -> WantedRelief | None:
    """Mean relief at pitch over those of ``sides`` that were measured, and what is wanted; None
    if none was.
    """
    lanes = [lane for lane in sides if neck_map.known[LANES.index(lane)]]
    # A rocker alone says nothing of relief: what the map then has is what necks in general have.
    if not lanes or not relief_read(neck_map.neck_state):
        return None
    measurer = Measurer(neck_map)
    measured = measurer.relief([LANES.index(lane) for lane in lanes])
    target = float(np.mean([neck_map.neck.relief_wanted_mm(lane) for lane in lanes]))
    relief = Relief(
        lanes[0] if len(lanes) == 1 else "middle",
        "pitch",
        measured.mm,
        NINE_IN_TEN * measured.sd_mm,
    )
    blind = relief_blind(neck_map.neck_state)
    return WantedRelief(relief, target, neck_map.neck.relief_margin_mm, blind)


def relief_row(neck_map: HeightMap) -> NDArray[np.float64]:
    """The mean relief of both sides as a row over the unknowns of the map."""
    measurer = Measurer(neck_map)
    outer = [k for k in (0, 2) if neck_map.known[k]]
    return measurer.relief(outer or (0, 2)).row


def relief_over_moves(
    neck_map: HeightMap, sides: Sequence[Lane], of_wood: bool = False
) -> tuple[tuple[float, float], ...]:
    """Relief at pitch, mean of ``sides``, with the rod where it stood before and after each move or
    heat.

    Millimetres with doubts, one pair more than there were moves; all readings together tell each of
    them. It is that of the wood; once most frets were filed, what their tops have more than it is
    counted in from then on, but not ``of_wood``: what a rod does is told by the wood.
    """
    neck_state, lanes = neck_map.neck_state, [LANES.index(side) for side in sides]
    gap = [(f, k, w / len(lanes)) for k in lanes for f, w in relief_gap(neck_map.neck, False)]
    dressed_mm, dressed_at = (0.0, 0) if of_wood else _dressed(neck_map, lanes)
    low = high = 0.0
    found = []
    for moved, (_, shift) in enumerate(((0, None), *neck_state.shifts)):
        if isinstance(shift, RodMove):
            low += 0.0 if shift.side == "treble" else shift.turns
            high += 0.0 if shift.side == "bass" else shift.turns
        last = neck_state.shifts[moved - 1][0] if moved else 0
        state = State(
            rod_turns=low,
            rod_high_turns=high,
            rod_moves=moved,
            trued=sum(number <= last for number, _ in neck_state.truings),
            posture=neck_state.state.posture,
        )
        unknowns, solution = neck_map.after_moves(moved)
        rows, constants = unknowns.wood(state)
        row = np.sum([w * rows[f, k] for f, k, w in gap], axis=0)
        mm = float(row @ solution.z + sum(w * constants[f, k] for f, k, w in gap))
        mm += dressed_mm * (moved >= dressed_at)
        doubt = NINE_IN_TEN * float(np.sqrt(max(row @ solution.covariance @ row, 0.0)))
        found.append((mm, doubt))
    return tuple(found)


def _dressed(neck_map: HeightMap, lanes: Sequence[int]) -> tuple[float, int]:
    """How much more relief the tops have than the wood, and after how many moves that was filed."""
    neck_state = neck_map.neck_state
    if not levelled(neck_state):
        return 0.0, 0
    measurer = Measurer(neck_map)
    wood = [(f, k, w / len(lanes)) for k in lanes for f, w in relief_gap(neck_map.neck, False)]
    more = measurer.relief(lanes).mm - measurer.of("wood", wood).mm
    filed = max(work.number for work in neck_state.work if isinstance(work.entry, Filed))
    return more, sum(number < filed for number, _ in neck_state.shifts)


def relief_now(neck_map: HeightMap) -> Relief | None:
    """Relief at pitch over the sides that were measured, or None when it is not known well
    enough as a figure.
    """
    wanted = wanted_relief(neck_map)
    if wanted is not None and wanted.as_figure:
        return wanted.relief
    return None
