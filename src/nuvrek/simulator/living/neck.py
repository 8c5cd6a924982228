"""A neck that lives: what was done to it stays done, what was not glued comes up again, what was
bent creeps back.

Heights in mm count upwards from the line over fret 1 and the joint of the neck as it came in.
Shapes: (frets + 1, 3) over nut and frets, and lanes.
"""

from __future__ import annotations

import copy
from dataclasses import dataclass, field
from typing import Literal

import numpy as np
from numpy.random import Generator
from numpy.typing import NDArray

from nuvrek.neck.board import LANE_ACROSS
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import State
from nuvrek.simulator.rods import MadeRod
from nuvrek.simulator.truth import Truth

Array = NDArray[np.float64]
Flags = NDArray[np.bool_]
RodNut = Literal["fine", "gummed", "chewed"]
Pressure = Literal["own weight", "fingertips", "pressed"]

# Two rods: what the one moves on the other's side.
OTHER_SHARE = 0.3
# Minutes until glue holds, and until wood has crept as far as it will (common practice, no source).
GLUE_MIN, CREEP_MIN = 240.0, 14 * 24 * 60.0
# How far tops give way under a hand that is not backed, in the middle of the neck, and what a loose
# fret sinks of its stand-off (common practice, no source).
GIVES_MM: dict[Pressure, float] = {"own weight": 0.0, "fingertips": 0.015, "pressed": 0.06}
SINKS: dict[Pressure, float] = {"own weight": 0.4, "fingertips": 0.8, "pressed": 1.0}
# The dip one hundredth of a millimetre of grip in every slot takes out (common practice).
GRIP_TAKES = 2.0
_PLACES = (
    "stand_off_mm",
    "groove_mm",
    "filed_mm",
    "taken_mm",
    "wood_taken_mm",
    "springs_mm",
    "sunk_mm",
    "replaced_mm",
)
# A tape over the board is so thick.
TAPE_MM = 0.13


@dataclass(frozen=True)
class HeatTaken:
    """What one heat bent, mm, the share of it that stays, and when it was."""

    over_mm: float
    stays: float
    at_min: float

    def left_mm(self, minutes: float) -> float:
        """What is left of it: the rest creeps back."""
        back = max(1.0 - (minutes - self.at_min) / CREEP_MIN, 0.0)
        return self.over_mm * (self.stays + (1.0 - self.stays) * back)


@dataclass
class LivingNeck:
    """The whole truth of a neck on the bench, and what happens to it.

    ``stand_off_mm`` is how far a fret stands off when left alone, ``held`` which frets are glued or
    tight; ``groove_mm`` how deep the strings have worn in; ``filed_mm`` what came off since a top
    was last round; row 0 of the crowns is the bottom of the nut's slots. ``sharp`` and
    ``rounded_mm`` are of fret ends, low and treble side. ``springs_mm`` is how far a fret stands
    off of its own, ``sunk_mm`` what hard presses drove into the wood, ``replaced_mm`` what still
    could have been used of frets that were pulled, ``grip_mm`` how tight new tangs are in their
    slots.
    """

    neck: NeckDescription
    wood_mm: Array
    crown_mm: Array
    bend: Array
    pull_mm: float
    saddle_mm: Array
    rng: Generator
    rods: tuple[MadeRod, ...] = ()
    rod_nut: RodNut = "fine"
    rod_sign: float = 1.0
    tension: float = 1.0
    at_pitch: bool = True
    stand_off_mm: Array = field(default_factory=lambda: np.zeros(0))
    held: Flags = field(default_factory=lambda: np.zeros(0, dtype=bool))
    groove_mm: Array = field(default_factory=lambda: np.zeros(0))
    filed_mm: Array = field(default_factory=lambda: np.zeros(0))
    taken_mm: Array = field(default_factory=lambda: np.zeros(0))
    wood_taken_mm: Array = field(default_factory=lambda: np.zeros(0))
    rounded_mm: Array = field(default_factory=lambda: np.zeros(0))
    sharp: Flags = field(default_factory=lambda: np.zeros(0, dtype=bool))
    ink: Flags = field(default_factory=lambda: np.zeros(0, dtype=bool))
    glue_wet: dict[int, float] = field(default_factory=dict)
    springs_mm: Array = field(default_factory=lambda: np.zeros(0))
    sunk_mm: Array = field(default_factory=lambda: np.zeros(0))
    replaced_mm: Array = field(default_factory=lambda: np.zeros(0))
    heats: tuple[HeatTaken, ...] = ()
    grip_mm: Array = field(default_factory=lambda: np.zeros(0))
    out: Flags = field(default_factory=lambda: np.zeros(0, dtype=bool))
    slot_mm: Array = field(default_factory=lambda: np.zeros(0))
    tang_mm: float = 1.5
    taped: bool = False
    minutes: float = 0.0
    crownings: int = 0
    parts: int = 0

    def __post_init__(self) -> None:
        places = self.neck.frets + 1
        for name in _PLACES:
            if not getattr(self, name).size:
                setattr(self, name, np.zeros((places, 3)))
        if not self.rounded_mm.size:
            self.rounded_mm = np.zeros((places, 2))
        if not self.sharp.size:
            self.sharp = np.zeros((places, 2), dtype=bool)
        for name in ("held", "out"):
            if not getattr(self, name).size:
                setattr(self, name, np.zeros(places, dtype=bool))
        if not self.ink.size:
            self.ink = np.zeros((places, 3), dtype=bool)
        if not self.grip_mm.size:
            self.grip_mm = np.zeros(places)
        if not self.slot_mm.size:
            self.slot_mm = np.full(places, 1.9)

    def copy(self) -> LivingNeck:
        """A neck of its own that is just like this one."""
        return copy.deepcopy(self)

    @property
    def x_mm(self) -> Array:
        """Places of nut and frets along the board, (frets + 1,)."""
        return place_row_mm(self.neck)

    def dip_mm(self) -> Array:
        """How far the neck is bent below its wood at rest, by lane: (3,)."""
        out = np.zeros(3)
        for rod, side in zip(self.rods, (-1.0, 1.0), strict=False):
            share = np.ones(3)
            if len(self.rods) == 2:
                across = 0.5 * (1.0 + side * np.asarray(LANE_ACROSS))
                share = OTHER_SHARE + (1.0 - OTHER_SHARE) * across
            crept = 1.0 + rod.settles * min(self.minutes / CREEP_MIN, 1.0)
            out += rod.taken_out_mm * crept * share
        heated = sum(heat_taken.left_mm(self.minutes) for heat_taken in self.heats)
        tangs = GRIP_TAKES * float(self.grip_mm.sum()) / max(self.neck.frets, 1)
        return np.asarray(self.pull_mm * self.tension - out - heated - tangs)

    def board_mm(self, gives_mm: float = 0.0) -> Array:
        """The board's face now; ``gives_mm`` is how far a hand presses its middle down."""
        return self.wood_mm - (self.dip_mm() + gives_mm)[None, :] * self.bend[:, None]

    def tops_mm(self, pressure: Pressure | None = None) -> Array:
        """Fret tops now, left alone or under a tool that is pressed so; NaN where none is."""
        off = self.stand_off_mm
        gives = 0.0
        if pressure is not None:
            off, gives = off * (1.0 - SINKS[pressure]), GIVES_MM[pressure]
        tops = self.board_mm(gives) + self.crown_mm + off
        tops[self.out] = np.nan
        return tops

    def under_strings_mm(self) -> Array:
        """What a string lies on when it is held there: the bottom of its groove."""
        return np.asarray(self.tops_mm() - self.groove_mm)

    def saddles_mm(self) -> Array:
        """Low and high saddle over the same line as all else: they stand on the body, (2,)."""
        past = (self.bend[-1] - self.bend[-2]) / (self.x_mm[-1] - self.x_mm[-2])
        reach = self.bend[-1] + past * (self.neck.scale_mm - self.x_mm[-1])
        return np.asarray(self.saddle_mm - self.dip_mm()[[0, 2]] * reach)

    def string_height_mm(self, fret: int = 12) -> Array:
        """Low and high outer string over a fret, open, (2,)."""
        tops = self.under_strings_mm()[:, [0, 2]]
        share = self.x_mm[fret] / self.neck.scale_mm
        return np.asarray(tops[0] * (1.0 - share) + self.saddles_mm() * share - tops[fret])

    def set_string_height(self, low_mm: float, high_mm: float, fret: int = 12) -> None:
        """Saddles so that the outer strings stand so high over a fret."""
        share = self.x_mm[fret] / self.neck.scale_mm
        wanted = np.array([low_mm, high_mm])
        self.saddle_mm = self.saddle_mm + (wanted - self.string_height_mm(fret)) / share

    def relief_mm(self) -> Array:
        """Relief of the wood by lane, half-way from fret 1 to the joint, (3,)."""
        return self._dip_of(self.board_mm())

    def shown_relief_mm(self) -> Array:
        """Relief a string shows by lane, (3,): that of the tops once most of them were filed."""
        most_filed = 2 * np.count_nonzero(self.taken_mm[1:].max(axis=1)) > self.neck.frets
        if not most_filed or self.out[1 : self.neck.joint_fret + 1].any():
            return self.relief_mm()
        return self._dip_of(self.under_strings_mm())

    def _dip_of(self, line: Array) -> Array:
        x, joint = self.x_mm, self.neck.joint_fret
        half = 0.5 * (x[1] + x[joint])
        at = int(np.argmin(np.abs(x[2:joint] - half))) + 2
        share = (x[at] - x[1]) / (x[joint] - x[1])
        return np.asarray((1.0 - share) * line[1] + share * line[joint] - line[at])

    @property
    def loose(self) -> tuple[int, ...]:
        """Frets that stand off the wood somewhere and are not held."""
        off = (self.stand_off_mm > 0.02).any(axis=1) & ~self.held & ~self.out
        return tuple(int(f) for f in np.flatnonzero(off) if f)

    def pass_time(self, minutes: float) -> None:
        """Time goes by: glue that had long enough holds."""
        self.minutes += minutes
        for fret, since in list(self.glue_wet.items()):
            if self.minutes - since >= GLUE_MIN:
                self.held[fret] = True
                self.stand_off_mm[fret] = self.springs_mm[fret] = 0.0
                del self.glue_wet[fret]

    def disturb(self) -> None:
        """Files and strings lift what was glued and has not set."""
        self.glue_wet.clear()

    def as_truth(self) -> Truth:
        """Its heights as a truth to hold against, in the state it is in."""
        tops = self.tops_mm()
        board = self.board_mm()
        heights = self.string_height_mm()
        return Truth(
            self.neck,
            board,
            np.nan_to_num(tops - board),
            bend=self.bend,
            pull_mm=0.0,
            rod_per_turn_mm=0.0,
            proud=(),
            string_height_12_mm=(float(heights[0]), float(heights[1])),
            loose=tuple((fret, None) for fret in self.loose),
        )

    def state(self) -> State:
        """The state as a journal names it."""
        return State(strings="pitch" if self.tension > 0.5 else "slack")


def lane_number(lane: str) -> int:
    """Which column a lane is."""
    return [str(one) for one in LANES].index(lane)


def from_truth(truth: Truth, rng: Generator, rods: tuple[MadeRod, ...] | None = None) -> LivingNeck:
    """A living neck that begins as a truth: strung and at pitch."""
    places = truth.neck.frets + 1
    off, crown = np.zeros((places, 3)), truth.crown_mm.copy()
    held = np.ones(places, dtype=bool)
    for fret, lane in truth.loose:
        lanes = range(3) if lane is None else [lane_number(lane)]
        around = np.median(crown[1:])
        for k in lanes:
            up = max(float(crown[fret, k] - around), 0.04)
            off[fret, k] += up
            crown[fret, k] -= up
        held[fret] = False
    if rods is None:
        rods = ()
        if truth.neck.rod != "none":
            rods = (MadeRod(truth.rod_per_turn_mm),)
    living = LivingNeck(
        neck=truth.neck,
        wood_mm=truth.board_mm.copy(),
        crown_mm=crown,
        bend=truth.bend.copy(),
        pull_mm=truth.pull_mm,
        saddle_mm=np.zeros(2),
        rng=rng,
        rods=rods,
        stand_off_mm=off,
        held=held,
    )
    living.set_string_height(*truth.string_height_12_mm)
    return living
