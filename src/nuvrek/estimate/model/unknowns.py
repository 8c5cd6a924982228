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

from nuvrek.estimate.model.metal_work import MetalWork, UsualCrown, metal_work
from nuvrek.estimate.model.shifts import (
    ROD_PER_TURN_MM,
    TRUING_SIZE,
    lay_truing,
    rod_turns_by_lane,
    slips_of,
    truings_of,
)
from nuvrek.mechanics.beam import bend_profile, usual_pull_mm
from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_places_mm, place_row_mm
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import Dial, StandOff, State
from nuvrek.readings.journal import NeckState
from nuvrek.readings.told.dial_repeats import dial_error_mm
from nuvrek.readings.told.drifts import Drift, drifts_of

Row = NDArray[np.float64]

# What necks are like before anything is measured, in mm; common practice, no source.
BOARD_LENGTH_SCALE_MM = 95.0
BOARD_ROUGHNESS_MM = 0.05
# What a smooth board has beside: humps and hollows of a few frets, seldom large.
HUMPS_LENGTH_MM, HUMPS_MM, HUMPS_TAIL = 45.0, 0.02, 0.5
# Frets are worn in groups, about alike from neighbour to neighbour; most necks hardly are.
WEAR_LENGTH_MM, WEAR_MM, WEAR_TAIL = 70.0, 0.025, 0.5
# A fret that moves under a finger has sprung up by about so much, give or take.
LOOSE_UP_MM, LOOSE_MM = 0.08, 0.10
BOW_MM = 0.40
TWIST_MM = 0.05
CROWN_FRET_MM = 0.007
CROWN_LANE_MM = 0.004
CROWN_TAIL = 0.35
LANE_TAIL = 0.35
NUT_MM = 0.30
WIRE_MM = 0.25
TONGUE_MM = 0.12
HUMP_MM = 0.05
# What the strings pull is uncertain by this share of its usual value, and this much at least.
PULL_SPREAD_SHARE, PULL_SPREAD_LEAST_MM = 0.88, 0.10
PULL_TWIST_MM = 0.04
PULL_VARIANT_MM = 0.012
ROD_VARIANT_MM = 0.04
POSTURE_MM = 0.03
ROD_SPREAD_MM = 0.25
# What warm hands, a lamp or retuning move during a round: seldom much (common practice, no source).
DRIFT_MM, DRIFT_TAIL = 0.03, 1.0
# How a beam lies over the frets is not known at all.
BEAM_MM = 5.0


def bend_variants(neck: NeckDescription) -> Row:
    """How a neck may bend otherwise than evenly, shape (2, frets + 1), largest value about 1.

    The first is skewed (a neck that thickens one way bends more at the other end), the second
    fuller or slimmer in the middle. Both vanish at fret 1 and the joint; past it the body goes on
    straight.
    """
    x = place_row_mm(neck)
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
    x = place_row_mm(neck)
    joint = x[neck.joint_fret]
    past = np.clip((x - joint) / max(x[-1] - joint, 1.0), 0.0, None)
    wide = x[min(neck.joint_fret + 2, neck.frets)] - x[neck.joint_fret - 3]
    return past, np.exp(-(((x - joint) / (0.8 * wide)) ** 2))


@lru_cache(maxsize=32)
def _board_basis(scale_mm: float, frets: int, length_scale_mm: float, least: float = 1e-6) -> Row:
    """Square-root of a squared-exponential covariance at nut and frets, shape (frets + 1, k).

    Rasmussen and Williams, Gaussian Processes for Machine Learning, eq. 2.31; directions that carry
    under ``least`` of the largest variance are dropped.
    """
    x = fret_places_mm(scale_mm, frets)
    gaps = (x[:, None] - x[None, :]) / length_scale_mm
    values, vectors = np.linalg.eigh(np.exp(-0.5 * gaps**2))
    keep = values > values[-1] * least
    return np.asarray(vectors[:, keep] * np.sqrt(values[keep]))


@dataclass(frozen=True)
class Carried:
    """What earlier chapters of a journal leave behind: the standing quantities as they were known
    at its end, normal with ``mean`` (n,) and covariance ``root @ root.T``, (n, n).

    They stand in the order of ``Places``: the board's and the neck's unknowns as standard normals,
    then the dip that moves of the rod, heat and seasons left on each lane, then every crown, mm.
    """

    mean: Row
    root: Row
    surface: Mapping[tuple[int, Lane], int]
    moves: int


@dataclass(frozen=True, slots=True)
class Places:
    """Where the standing unknowns stand in a vector; what a chapter adds follows after ``end``."""

    rough: int  # so many directions of the board, then as many of its twist
    humps: int
    humps_end: int
    bow: int
    wire: int
    pull: int
    pull_twist: int
    rod: int
    posture: int
    alone: int  # off its body
    supported: int  # on a support under its middle
    tongue: int
    hump: int
    variant: int  # the variants of the pull, then those of the rod
    dips: int  # by lane, only where something was carried
    crown: int
    wear: int
    end: int


def _places(neck: NeckDescription, carried: Carried | None) -> Places:
    rough = _basis(neck, BOARD_LENGTH_SCALE_MM).shape[1]
    humps = 2 * rough
    humps_end = humps + _basis(neck, HUMPS_LENGTH_MM).shape[1]
    after = iter(range(humps_end, humps_end + 11))
    bow, wire, pull, pull_twist, rod, posture, alone, supported, tongue, hump, variant = after
    dips = variant + 4
    crown = dips if carried is None else dips + 3
    wear = crown + (neck.frets + 1) * (4 if carried is None else 3)
    end = wear + (_basis(neck, WEAR_LENGTH_MM).shape[1] if carried is None else 0)
    return Places(
        rough=rough,
        humps=humps,
        humps_end=humps_end,
        bow=bow,
        wire=wire,
        pull=pull,
        pull_twist=pull_twist,
        rod=rod,
        posture=posture,
        alone=alone,
        supported=supported,
        tongue=tongue,
        hump=hump,
        variant=variant,
        dips=dips,
        crown=crown,
        wear=wear,
        end=end,
    )


def _basis(neck: NeckDescription, length_scale_mm: float) -> Row:
    if length_scale_mm == BOARD_LENGTH_SCALE_MM:
        least = 1e-6
    else:
        least = 1e-2
    return _board_basis(neck.scale_mm, neck.frets, length_scale_mm, least)


@dataclass(frozen=True)
class Unknowns:
    """Rows that turn the standard normals into heights."""

    neck: NeckDescription
    size: int
    at: Places
    board: Row  # (frets + 1, size): mean over the width, slack, rod at 0, lying
    twist: Row  # (frets + 1, size): half the difference treble side minus bass side
    crown: Row  # (frets + 1, 3, size): crowns as they stood when the chapter began
    work: MetalWork
    sprung: dict[tuple[int, Lane], int]  # frets that move, and on which of their surfaces
    bend: Row  # (frets + 1,)
    pull_mm: tuple[float, float]  # what the strings usually pull on such a neck, and its spread
    variants: Row  # (2, frets + 1): see bend_variants
    tails: Row  # (size,): how far the normal part of each unknown's prior reaches
    # where a run's level and slope (beams + 1) stand in z
    beams: dict[tuple[int, Lane, State], int]
    # (moves, 3): what each rod move, heat or season of the chapter may have done beside its turns,
    # dip in mm, by lane
    slips: Row
    slip: int  # where they stand in z
    truings: Row  # (truings, frets + 1, 3): wood taken off the board, one after the other, mm
    truing: int  # where what was taken beside it stands in z
    drifts: tuple[Drift, ...]  # rounds that ended where they began, and
    drift: int  # where what moved meanwhile stands in z
    hand: int  # where the hand that feels rocks stands in z: lighter or heavier all along
    rod_mm: float = ROD_PER_TURN_MM  # what a turn usually takes out; less than nil if it adds
    dial_mm: float = tool_errors.DIAL_ERROR_MM  # how well the indicator repeats on this neck
    carried: Carried | None = None

    @property
    def moves_before(self) -> int:
        """How many moves of the rod, heats and seasons lie before this chapter."""
        if self.carried is None:
            return 0
        return self.carried.moves

    def alike(self, other: Unknowns) -> bool:
        """Whether the unknowns are laid out the same: same neck, same metal work, same beams."""
        return (
            self.neck == other.neck
            and self.carried is other.carried
            and self.beams == other.beams
            and self.size == other.size
            and np.array_equal(self.slips, other.slips)
            and np.array_equal(self.truings, other.truings)
            and self.work == other.work
            and self.sprung == other.sprung
            and self.drifts == other.drifts
            and self.dial_mm == other.dial_mm
            and self.rod_mm == other.rod_mm
        )

    def wood(self, state: State) -> tuple[Row, Row]:
        """Rows (frets + 1, 3, size) and constants (frets + 1, 3) of the board's face beside nut
        and frets.
        """
        return self._standing(*self._wood(state))

    def _wood(self, state: State) -> tuple[Row, Row]:
        across, at = np.asarray(LANE_ACROSS), self.at
        rows = self.board[:, None, :] + across[None, :, None] * self.twist[:, None, :]
        dip = -self.bend[:, None]
        constant = np.zeros((len(self.bend), 3))
        # In a jig the neck is held in the shape its strings gave it.
        if state.strings == "pitch" or state.posture == "jig":
            rows[:, :, at.pull] += dip * self.pull_mm[1]
            rows[:, :, at.pull_twist] += dip * across * PULL_TWIST_MM
            for n, shape in enumerate(self.variants):
                rows[:, :, at.variant + n] -= shape[:, None] * PULL_VARIANT_MM
            constant += dip * self.pull_mm[0]
        turned = rod_turns_by_lane(self.neck, state)
        if np.any(turned):
            rows[:, :, at.rod] -= dip * turned * ROD_SPREAD_MM
            for n, shape in enumerate(self.variants, 2):
                rows[:, :, at.variant + n] += shape[:, None] * turned * ROD_VARIANT_MM
            constant -= dip * turned * self.rod_mm
        if self.carried is not None:
            for lane in range(3):
                rows[:, lane, at.dips + lane] += dip[:, 0]
        for move, slip in enumerate(self.slips[: max(state.rod_moves - self.moves_before, 0)]):
            rows[:, :, self.slip + move] -= dip * slip
        # A bridge held fast leaves the wood as it is.
        if state.posture not in ("lying", "blocked"):
            held = {"alone": at.alone, "supported": at.supported}.get(state.posture, at.posture)
            rows[:, :, held] += dip * POSTURE_MM
        for n, off in enumerate(self.truings[: state.trued]):
            constant -= off
            lay_truing(self.neck, rows, self.truing + TRUING_SIZE * n, off)
        return rows, constant

    def deviations(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        """Rows and constants, shaped as in ``wood``, of how far each crown stands off the common
        crown height.

        ``surface`` names the places that were worked on and which of their surfaces is meant.
        """
        return self._standing(*self._deviations(surface))

    def _deviations(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        rows = self.crown.copy()
        usual = UsualCrown(self.neck.wire_height_mm, self.at.wire, WIRE_MM)
        constant = self.work.lay_on(rows, surface, self.at.end, usual)
        for (fret, lane), worked in self.sprung.items():
            # Whatever was done to it since has pressed it home, or its own error says otherwise.
            if surface.get((fret, lane), 0) == worked:
                constant[fret, LANES.index(lane)] += LOOSE_UP_MM
        return rows, constant

    def tops(self, surface: Mapping[tuple[int, Lane], int], state: State) -> tuple[Row, Row]:
        """Rows and constants of all tops, shaped as in ``wood``; the common crown height cancels
        and is left out.
        """
        wood, low = self._wood(state)
        crown, high = self._deviations(surface)
        return self._standing(wood + crown, low + high)

    def crown_heights(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        """Rows and constants of all crown heights above the wood, shaped as in ``wood``."""
        rows, constant = self._deviations(surface)
        rows[:, :, self.at.wire] += WIRE_MM
        return self._standing(rows, constant + self.neck.wire_height_mm)

    def pull(self) -> tuple[Row, float]:
        """Row and constant of the relief that the strings pull in, mm."""
        usual, spread = self.pull_mm
        return self._single(self.at.pull, spread, usual)

    def rod(self) -> tuple[Row, float]:
        """Row and constant of what a turn of the rod takes out, mm."""
        return self._single(self.at.rod, ROD_SPREAD_MM, self.rod_mm)

    def moved(self, number: int) -> tuple[Row, float]:
        """Row and constant of how much more the neck dips at the end of a round than at its first
        gap, mm; of the drift of this number.
        """
        return self._single(self.drift + number, DRIFT_MM, 0.0)

    def since(self, number: int) -> tuple[int, float] | None:
        """Where in z the dip stands that came after an entry was written, and its spread in mm."""
        for n, drift in enumerate(self.drifts):
            to_come = drift.to_come.get(number, 0.0)
            if to_come:
                return self.drift + n, DRIFT_MM * to_come
        return None

    def _single(self, place: int, spread: float, usual: float) -> tuple[Row, float]:
        row = np.zeros(self.size)
        row[place] = spread
        rows, constants = self._standing(row, np.array(usual))
        return rows, float(constants)

    def standing(self, surface: Mapping[tuple[int, Lane], int]) -> tuple[Row, Row]:
        """Rows (n, size) and constants (n,) of what the next chapter starts from, see Carried;
        crowns as on ``surface``.
        """
        normals = np.eye(self.at.dips, self.size)
        dips = np.zeros((3, self.size))
        if self.carried is not None:
            dips[:, self.at.dips : self.at.dips + 3] = np.eye(3)
        dips[:, self.slip : self.slip + len(self.slips)] = -self.slips.T
        crown, constant = self._deviations(surface)
        rows = np.concatenate((normals, dips, crown.reshape(-1, self.size)))
        return self._standing(rows, np.concatenate((np.zeros(len(normals) + 3), constant.ravel())))

    def _standing(self, rows: Row, constants: Row) -> tuple[Row, Row]:
        """From rows over what was carried to rows over standard normals."""
        if self.carried is None:
            return rows, constants
        end = self.at.end
        constants = constants + rows[..., :end] @ self.carried.mean
        made = rows.copy()
        made[..., :end] = rows[..., :end] @ self.carried.root
        return made, constants


def unknowns_of(
    neck_state: NeckState, carried: Carried | None = None, backwards: bool = False
) -> Unknowns:
    """Lay out the unknowns for the neck and the metal work done so far, after what was
    ``carried``: readings and work in ``neck_state`` are then those of the chapter. ``backwards``:
    this rod lets relief in where others take it out.
    """
    neck = neck_state.neck
    at = _places(neck, carried)
    loose = _loose(neck_state)
    work = metal_work(
        neck_state.work, [taken.number for taken in neck_state.taken], neck.wire_height_mm
    )
    runs = _beam_runs(neck_state)
    first_beam = at.end + work.size
    slips = slips_of(neck_state, 0 if carried is None else carried.moves)
    slip = first_beam + 2 * len(runs)
    truings = truings_of(neck_state)
    truing = slip + len(slips)
    first_loose = truing + TRUING_SIZE * len(truings)
    drifts = drifts_of(neck_state)
    drift = first_loose + len(loose)
    size = drift + len(drifts) + 1
    board, twist = _board_rows(neck, size, at)
    crown, tails = _crown_rows(neck, size, at, carried is not None)
    _loosen(crown, loose, first_loose)
    tails[drift : drift + len(drifts)] = DRIFT_TAIL
    return Unknowns(
        neck=neck,
        size=size,
        at=at,
        board=board,
        twist=twist,
        crown=crown,
        work=work,
        sprung=_sprung(neck_state),
        bend=bend_profile(neck),
        pull_mm=_pull_mm(neck),
        variants=bend_variants(neck),
        tails=tails,
        beams={run: first_beam + 2 * n for n, run in enumerate(runs)},
        slips=slips,
        slip=slip,
        truings=truings,
        truing=truing,
        drifts=drifts,
        drift=drift,
        hand=size - 1,
        rod_mm=-ROD_PER_TURN_MM if backwards else ROD_PER_TURN_MM,
        dial_mm=dial_error_mm(neck_state.taken, place_row_mm(neck)),
        carried=carried,
    )


def _beam_runs(neck_state: NeckState) -> list[tuple[int, Lane, State]]:
    """The beam is laid anew for each run, lane and state."""
    dials = (taken.reading for taken in neck_state.taken if isinstance(taken.reading, Dial))
    return list(dict.fromkeys((d.run, d.lane, d.state) for d in dials))


def _loosen(crown: Row, loose: list[tuple[int, list[int]]], first: int) -> None:
    """Frets that move stand higher by an unknown of their own, from column ``first`` on."""
    for n, (fret, lanes) in enumerate(loose):
        crown[fret, lanes, first + n] = LOOSE_MM


def _pull_mm(neck: NeckDescription) -> tuple[float, float]:
    usual = usual_pull_mm(neck)
    return usual, max(PULL_SPREAD_SHARE * usual, PULL_SPREAD_LEAST_MM)


def _loose(neck_state: NeckState) -> list[tuple[int, list[int]]]:
    """The frets that were found to move, each with the lanes where it does."""
    found: dict[tuple[int, Lane | None], None] = {}
    for taken in neck_state.taken:
        if isinstance(taken.reading, StandOff) and taken.reading.moves == "moves":
            found[taken.reading.fret, taken.reading.lane] = None
    return [
        (fret, [0, 1, 2] if lane is None else [LANES.index(lane)])
        for fret, lane in found
        if fret <= neck_state.neck.frets
    ]


def _sprung(neck_state: NeckState) -> dict[tuple[int, Lane], int]:
    """Where frets were found to move, and on which surface of theirs."""
    found = {}
    for taken in neck_state.taken:
        reading = taken.reading
        if isinstance(reading, StandOff) and reading.moves == "moves":
            for lane in LANES if reading.lane is None else (reading.lane,):
                if reading.fret <= neck_state.neck.frets:
                    found[reading.fret, lane] = taken.surface.get((reading.fret, lane), 0)
    return found


def _board_rows(neck: NeckDescription, size: int, at: Places) -> tuple[Row, Row]:
    """Rows of the board's mean height and of its twist, (frets + 1, size) each."""
    rough = _basis(neck, BOARD_LENGTH_SCALE_MM)
    k = rough.shape[1]
    board, twist = np.zeros((len(rough), size)), np.zeros((len(rough), size))
    past, rise = joint_shapes(neck)
    board[:, :k] = BOARD_ROUGHNESS_MM * rough
    board[:, at.humps : at.humps_end] = HUMPS_MM * _basis(neck, HUMPS_LENGTH_MM)
    board[:, at.bow] = -BOW_MM * bend_profile(neck)
    board[:, at.tongue] = TONGUE_MM * past
    board[:, at.hump] = HUMP_MM * rise
    twist[:, k : 2 * k] = TWIST_MM * rough
    return board, twist


def _crown_rows(neck: NeckDescription, size: int, at: Places, carried: bool) -> tuple[Row, Row]:
    """Rows of every crown (frets + 1, 3, size), and the tails of all priors (size,)."""
    places = neck.frets + 1
    crown, tails = np.zeros((places, 3, size)), np.full(size, np.inf)
    if carried:
        crown.reshape(-1, size)[:, at.crown : at.end] = np.eye(3 * places)
        return crown, tails
    tails[at.humps : at.humps_end], tails[at.wear : at.end] = HUMPS_TAIL, WEAR_TAIL
    crown[1:, :, at.wear : at.end] = WEAR_MM * _basis(neck, WEAR_LENGTH_MM)[1:, None, :]
    for fret in range(places):
        own = at.crown + 4 * fret
        crown[fret, :, own] = NUT_MM if fret == 0 else CROWN_FRET_MM
        for lane in range(3):
            crown[fret, lane, own + 1 + lane] = CROWN_LANE_MM
        if fret:
            tails[own] = CROWN_TAIL
            tails[own + 1 : own + 4] = LANE_TAIL
    return crown, tails
