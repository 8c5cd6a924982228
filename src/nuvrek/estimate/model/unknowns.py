"""The unknowns of a neck, as one vector of independent standard normals.

Every height on the neck is ``row @ z + constant`` with ``z ~ N(0, I)`` before anything is measured.
Heights are in mm and count upwards; their common level and slope are left out because no reading
depends on them.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.mechanics.beam import bend_profile
from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_places_mm
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import Dial, Heated, RodMove, Seated, State
from nuvrek.readings.journal import NeckState, Work

Row = NDArray[np.float64]

# What necks are like before anything is measured, in mm; common practice, no source.
BOARD_LENGTH_SCALE_MM = 95.0
BOARD_ROUGHNESS_MM = 0.05
BOW_MM = 0.40
TWIST_MM = 0.05
CROWN_FRET_MM = 0.015
CROWN_LANE_MM = 0.0075
CROWN_TAIL = 0.5
LANE_TAIL = 0.5
NUT_MM = 0.30
WIRE_MM = 0.25
TONGUE_MM = 0.12
HUMP_MM = 0.05
PULL_MM = 0.17
PULL_SPREAD_MM = 0.15
PULL_TWIST_MM = 0.04
PULL_VARIANT_MM = 0.012
ROD_VARIANT_MM = 0.04
POSTURE_MM = 0.03
# A rod's answer a turn; where there are two, that of a rod on its own side.
ROD_PER_TURN_MM = 0.30
ROD_SPREAD_MM = 0.25
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
# Between two visits season and creep move the relief by about this much.
SEASON_MM = 0.05
# How a beam lies over the frets is not known at all.
BEAM_MM = 5.0


def bend_variants(neck: NeckDescription) -> Row:
    """How a neck may bend otherwise than evenly, shape (2, frets + 1), largest value about 1.

    The first is skewed (a neck that thickens one way bends more at the other end), the second
    fuller or slimmer in the middle. Both vanish at fret 1 and the joint; past it the body goes on
    straight.
    """
    x = fret_places_mm(neck.scale_mm, neck.frets)
    s = (x - x[1]) / (x[neck.joint_fret] - x[1])
    # 10.39 makes the highest point of s (1 - s) (1 - 2 s) one; its slope at s = 1 is then 10.39 as
    # well.
    skewed = np.where(s > 1.0, 10.39 * (s - 1.0), 10.39 * s * (1.0 - s) * (1.0 - 2.0 * s))
    fuller = np.where(s > 1.0, 0.0, 16.0 * (s * (1.0 - s)) ** 2)
    return np.array([skewed, fuller])


def joint_shapes(neck: NeckDescription) -> tuple[Row, Row]:
    """What a board may do where the body begins, each (frets + 1,) and at most 1: an angle there,
    and a hump.

    A smooth board can't make the angle, nor so narrow a hump; the crowns would be blamed for it.
    """
    x = fret_places_mm(neck.scale_mm, neck.frets)
    joint = x[neck.joint_fret]
    past = np.clip((x - joint) / max(x[-1] - joint, 1.0), 0.0, None)
    wide = x[min(neck.joint_fret + 2, neck.frets)] - x[neck.joint_fret - 3]
    return past, np.exp(-(((x - joint) / (0.8 * wide)) ** 2))


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


def _slips(neck_state: NeckState) -> Row:
    """What each rod move may have done beside its turns, shape (moves, 3), dip in mm by lane."""
    slips = np.zeros((len(neck_state.shifts), 3))
    before: dict[str | None, float] = {}
    for n, (_, move) in enumerate(neck_state.shifts):
        if not isinstance(move, RodMove):
            slips[n] = HEAT_MM if isinstance(move, Heated) else SEASON_MM
            continue
        turns = SLIP_SHARE * abs(move.turns)
        back = PLAY_TURNS if before.get(move.side, 0.0) * move.turns < 0.0 else 0.0
        guess = 0.0
        if move.rough:
            guess = ROUGH_TURNS + ROUGH_SHARE * abs(move.turns) if move.turns else UNCOUNTED_TURNS
        mm = ROD_PER_TURN_MM * np.sqrt(turns**2 + back**2 + guess**2)
        share = np.ones(3)
        if neck_state.neck.rod == "twin" and move.side is not None:
            share = _twin_share(1.0 if move.side == "treble" else -1.0)
        slips[n] = np.hypot(mm, SLIP_FLOOR_MM) * share
        before[move.side] = move.turns
    return slips


@lru_cache(maxsize=32)
def _board_basis(scale_mm: float, frets: int, length_scale_mm: float) -> Row:
    """Square-root of a squared-exponential covariance at nut and frets, shape (frets + 1, k).

    Rasmussen and Williams, Gaussian Processes for Machine Learning, eq. 2.31; directions that carry
    under a millionth of the variance are dropped.
    """
    x = fret_places_mm(scale_mm, frets)
    gaps = (x[:, None] - x[None, :]) / length_scale_mm
    values, vectors = np.linalg.eigh(np.exp(-0.5 * gaps**2))
    keep = values > values[-1] * 1e-6
    return np.asarray(vectors[:, keep] * np.sqrt(values[keep]))


@dataclass(frozen=True)
class Unknowns:
    """Rows that turn the standard normals into heights."""

    neck: NeckDescription
    size: int
    board: Row  # (frets + 1, size): mean over the width, slack, rod at 0, lying
    twist: Row  # (frets + 1, size): half the difference high side minus low side
    crown: Row  # (frets + 1, 3, surfaces, size)
    crown_constant: NDArray[np.float64]  # (frets + 1, 3, surfaces)
    wire: int
    pull: int
    pull_twist: int
    rod: int
    posture: int
    bend: Row  # (frets + 1,)
    variants: Row  # (2, frets + 1): see bend_variants
    variant: int  # where the variants of the pull, then those of the rod, stand in z
    tails: Row  # (size,): how far the normal part of each unknown's prior reaches
    beams: dict[
        tuple[int, Lane, State], int
    ]  # where a run's level and slope (beams + 1) stand in z
    # (moves, 3): what each rod move, heat or season may have done beside its turns, dip in mm, by
    # lane
    slips: Row
    slip: int  # where they stand in z

    def alike(self, other: Unknowns) -> bool:
        """Whether the unknowns are laid out the same: same neck, same metal work, same beams."""
        return (
            self.neck == other.neck
            and self.beams == other.beams
            and self.size == other.size
            and np.array_equal(self.slips, other.slips)
            and np.array_equal(self.crown_constant, other.crown_constant)
            and np.array_equal(self.crown, other.crown)
        )

    def wood(self, state: State) -> tuple[Row, Row]:
        """Rows (frets + 1, 3, size) and constants (frets + 1, 3) of the board's face beside nut
        and frets.
        """
        across = np.asarray(LANE_ACROSS)
        rows = self.board[:, None, :] + across[None, :, None] * self.twist[:, None, :]
        dip = -self.bend[:, None]
        constant = np.zeros((len(self.bend), 3))
        if state.strings == "pitch":
            rows[:, :, self.pull] += dip * PULL_SPREAD_MM
            rows[:, :, self.pull_twist] += dip * across * PULL_TWIST_MM
            for n, shape in enumerate(self.variants):
                rows[:, :, self.variant + n] -= shape[:, None] * PULL_VARIANT_MM
            constant += dip * PULL_MM
        turned = rod_turns_by_lane(self.neck, state)
        if np.any(turned):
            rows[:, :, self.rod] -= dip * turned * ROD_SPREAD_MM
            for n, shape in enumerate(self.variants, 2):
                rows[:, :, self.variant + n] += shape[:, None] * turned * ROD_VARIANT_MM
            constant -= dip * turned * ROD_PER_TURN_MM
        for move, slip in enumerate(self.slips[: state.rod_moves]):
            rows[:, :, self.slip + move] -= dip * slip
        if state.posture == "played":
            rows[:, :, self.posture] += dip * POSTURE_MM
        return rows, constant

    def deviations(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        """Rows and constants, shaped as in ``wood``, of how far each crown stands off the common
        crown height.

        ``surface`` names the places that were worked on and which of their surfaces is meant.
        """
        rows, constant = self.crown[:, :, 0].copy(), self.crown_constant[:, :, 0].copy()
        for (fret, lane), surfaces in surface.items():
            k = LANES.index(lane)
            rows[fret, k], constant[fret, k] = (
                self.crown[fret, k, surfaces],
                self.crown_constant[fret, k, surfaces],
            )
        return rows, constant

    def tops(self, surface: Mapping[tuple[int, Lane], int], state: State) -> tuple[Row, Row]:
        """Rows and constants of all tops, shaped as in ``wood``; the common crown height cancels
        and is left out.
        """
        wood, low = self.wood(state)
        crown, high = self.deviations(surface)
        return wood + crown, low + high

    def crown_heights(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        """Rows and constants of all crown heights above the wood, shaped as in ``wood``."""
        rows, constant = self.deviations(surface)
        rows[:, :, self.wire] += WIRE_MM
        return rows, constant + self.neck.wire_height_mm


def unknowns_of(neck_state: NeckState) -> Unknowns:
    """Lay out the unknowns for the neck and the metal work done so far."""
    neck = neck_state.neck
    places = neck.frets + 1
    rough = _board_basis(neck.scale_mm, neck.frets, BOARD_LENGTH_SCALE_MM)
    k = rough.shape[1]
    surfaces = 1 + max(neck_state.surface.values(), default=0)
    bow, wire, pull, pull_twist, rod, posture, tongue, hump, variant = range(2 * k, 2 * k + 9)
    first_crown = variant + 4
    per_fret = 4 + 4 * (surfaces - 1)
    dials = (one.reading for one in neck_state.taken if isinstance(one.reading, Dial))
    # The beam is laid anew for each run, lane and state.
    runs = list(dict.fromkeys((d.run, d.lane, d.state) for d in dials))
    first_beam = first_crown + places * per_fret
    beams = {run: first_beam + 2 * n for n, run in enumerate(runs)}
    slips = _slips(neck_state)
    slip = first_beam + 2 * len(runs)
    size = slip + len(slips)
    board, twist = _board_rows(neck, rough, size, bow, tongue, hump)
    crown, tails = _crown_rows(places, surfaces, size, first_crown, per_fret)
    constant = np.zeros((places, 3, surfaces))
    for work in neck_state.work:
        _lay_work(crown, constant, work, first_crown, per_fret)
    bend, variants = bend_profile(neck), bend_variants(neck)
    return Unknowns(
        neck,
        size,
        board,
        twist,
        crown,
        constant,
        wire,
        pull,
        pull_twist,
        rod,
        posture,
        bend,
        variants,
        variant,
        tails,
        beams,
        slips,
        slip,
    )


def _board_rows(
    neck: NeckDescription, rough: Row, size: int, bow: int, tongue: int, hump: int
) -> tuple[Row, Row]:
    """Rows of the board's mean height and of its twist, (frets + 1, size) each."""
    k = rough.shape[1]
    board, twist = np.zeros((len(rough), size)), np.zeros((len(rough), size))
    past, rise = joint_shapes(neck)
    board[:, :k] = BOARD_ROUGHNESS_MM * rough
    board[:, bow] = -BOW_MM * bend_profile(neck)
    board[:, tongue] = TONGUE_MM * past
    board[:, hump] = HUMP_MM * rise
    twist[:, k : 2 * k] = TWIST_MM * rough
    return board, twist


def _crown_rows(
    places: int, surfaces: int, size: int, first_crown: int, per_fret: int
) -> tuple[Row, Row]:
    """Rows of every crown (frets + 1, 3, surfaces, size), and the tails of all priors (size,)."""
    crown, tails = np.zeros((places, 3, surfaces, size)), np.full(size, np.inf)
    for fret in range(places):
        at = first_crown + fret * per_fret
        crown[fret, :, :, at] = NUT_MM if fret == 0 else CROWN_FRET_MM
        for lane in range(3):
            crown[fret, lane, :, at + 1 + lane] = CROWN_LANE_MM
        if fret:
            tails[at] = CROWN_TAIL
            tails[at + 1 : at + 4] = LANE_TAIL
    return crown, tails


def _lay_work(
    crown: Row, constant: NDArray[np.float64], work: Work, first_crown: int, per_fret: int
) -> None:
    """A filed or seated top is the old top moved by about what was meant."""
    if isinstance(work.entry, Seated):
        off = {}
    else:
        off = {(f, lane): mm for f, lane, mm in work.entry.off}
    for (fret, lane), surface in work.surfaces.items():
        k = LANES.index(lane)
        at = first_crown + fret * per_fret + 4 * surface
        mm = off.get((fret, lane), 0.0)
        for later in range(surface, crown.shape[2]):
            constant[fret, k, later] -= mm
            if isinstance(work.entry, Seated):
                crown[fret, k, later, at] = tool_errors.SEATED_ERROR_MM
                crown[fret, k, later, at + 1 + k] = CROWN_LANE_MM
            else:
                crown[fret, k, later, at + 1 + k] = (
                    tool_errors.FILED_ERROR_MM + tool_errors.FILED_SHARE_ERROR * mm
                )
