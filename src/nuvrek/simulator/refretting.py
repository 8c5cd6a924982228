"""A made-up neck that is refretted: frets pulled, wood taken off by a block, new wire driven in,
and what all that does to its bend. Lengths in mm.

Every tang is a hinge of its own strength, and the neck is the chain of them; nothing here knows how
the estimate or the plan reckon with it.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field, replace

import numpy as np
from numpy.random import Generator
from numpy.typing import NDArray

from nuvrek.neck.description import LANES
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import AnyEntry, Filed, FretWork, Removals, StateChange
from nuvrek.readings.journal import NeckState, advance
from nuvrek.readings.rounds import round_of
from nuvrek.readings.stations import as_found, tells_nothing
from nuvrek.simulator.measuring import Bench
from nuvrek.simulator.truth import Truth

Array = NDArray[np.float64]

# New wire stands this much higher or lower as a whole, and at an end (common practice, no source).
SEATED_MM, END_MM = 0.025, 0.010
# The block takes what was meant give or take this share, smoothly along the board.
BLOCK_SHARE = 0.12
# A millimetre of grip of one tang turns the neck by so much, all of it passed on (rad).
TURN_PER_MM = 0.0219

# What is read at which step: a whole round, or the stations of one that begin so.
_GAPS = ("gap", "lies")
READ_AT: dict[str, tuple[str, tuple[str, ...]]] = {
    "before": ("before-stripping", ()),
    "bare": ("bare-board", ()),
    "bare-again": ("bare-board", ()),
    "new-tops": ("after-fitting", ()),
    "levelled": ("after-levelling", ()),
    "prove": ("closing", ()),
    "strung-relief": ("later", _GAPS),
    "bow": ("after-seating", _GAPS),
}


@dataclass
class Refretted:
    """One neck under work. ``passes_on`` is the share of each tang's grip that bends the neck."""

    truth: Truth
    rng: Generator
    passes_on: float = 0.2
    in_place: set[int] = field(default_factory=set)
    hinges: Array = field(default_factory=lambda: np.zeros(0))

    def __post_init__(self) -> None:
        frets = self.truth.neck.frets
        self.in_place = set(range(1, frets + 1))
        self.hinges = np.zeros(frets + 1)

    def bench(self) -> Bench:
        """The tools laid on the neck as it is now."""
        return Bench(self.truth, self.rng)

    def read_at(self, step: str, neck_state: NeckState) -> list[AnyEntry]:
        """What is read of the neck at a step, by its key; ``now`` is its journal so far."""
        name, only = READ_AT.get(step.rstrip("-0123456789"), ("", ()))
        bench, entries = self.bench(), list[AnyEntry]()
        for station in round_of(name, neck_state.neck).stations if name else ():
            wanted = not only or station.key.startswith(only)
            if station.kind == "state" and name == "closing":
                taken: list[AnyEntry] = [StateChange(state=station.state, station=station.key)]
            elif station.kind == "state" or not wanted or tells_nothing(station, neck_state):
                continue
            else:
                taken = bench.take(as_found(station, neck_state), neck_state.state)
            neck_state = advance(neck_state, neck_state.length + 1, *taken) or neck_state
            entries += taken
        return entries

    def worked(self, sweep: str, action: str, frets: Iterable[int], neck_state: NeckState) -> None:
        """What a ticked step did to the neck itself, by what its journal ``now`` says."""
        done = [work.entry for work in neck_state.work]
        if sweep == "pull":
            self.pull(frets)
        if sweep == "fit":
            fitted = [entry for entry in done if isinstance(entry, FretWork)][-1]
            self.fit(frets, fitted.crown_mm or 1.2, max(fitted.grip_mm, default=0.0))
        if action == "wood" and neck_state.truings:
            self.take_wood(neck_state.truings[-1][1].off)
        if action == "file":
            filed = [entry for entry in done if isinstance(entry, Filed)]
            self.file(filed[-1].off if filed else ())

    def file(self, off: Removals) -> None:
        """Metal off the tops as it was planned."""
        crown = self.truth.crown_mm.copy()
        for fret, lane, mm in off:
            crown[fret, LANES.index(lane)] -= mm
        self.truth = replace(self.truth, crown_mm=crown)

    def pull(self, frets: Iterable[int]) -> None:
        """Frets out: the neck gives back what little bow they held."""
        gone = [fret for fret in frets if fret in self.in_place]
        self.in_place -= {*gone}
        share = len(gone) / self.truth.neck.frets
        self._bend_up(-share * abs(float(self.rng.normal(0.0, 0.03))) * self.truth.bend)

    def take_wood(self, off: Removals) -> None:
        """Wood off as it was planned, more or less."""
        x = place_row_mm(self.truth.neck)
        board = self.truth.board_mm.copy()
        wave = 1.0 + BLOCK_SHARE * self.rng.standard_normal(3) * np.sin(
            np.pi * x[:, None] / x[-1] + self.rng.uniform(0.0, 3.0, 3)
        )
        for fret, lane, mm in off:
            k = LANES.index(lane)
            board[fret, k] -= mm * wave[fret, k]
        nut = [mm for fret, _, mm in off if fret == 1]
        board[0] -= float(np.mean(nut)) if nut else 0.0
        self.truth = replace(self.truth, board_mm=board)

    def fit(self, frets: Iterable[int], crown_mm: float, grip_mm: float = 0.0) -> None:
        """New wire in, each piece a little high or low, its tang a hinge."""
        crown = self.truth.crown_mm.copy()
        turned = np.zeros_like(self.hinges)
        for fret in frets:
            whole = SEATED_MM * float(self.rng.standard_normal())
            crown[fret] = crown_mm + whole + END_MM * self.rng.standard_normal(3)
            self.in_place.add(fret)
            felt = max(grip_mm + 0.01 * float(self.rng.standard_normal()), 0.0)
            turned[fret] = self.passes_on * TURN_PER_MM * felt * float(self.rng.normal(1.0, 0.1))
        self.truth = replace(self.truth, crown_mm=crown)
        self.hinges = self.hinges + turned
        self._bend_up(self._chain(turned))

    def _chain(self, turned: Array) -> Array:
        """Heights of nut and frets after every hinge turned by its angle, over the line through
        fret 1 and the joint: the chain is walked link by link.
        """
        x = place_row_mm(self.truth.neck)
        joint = self.truth.neck.joint_fret
        height, slope = np.zeros(len(x)), 0.0
        for n in range(1, len(x)):
            height[n] = height[n - 1] + slope * (x[n] - x[n - 1])
            # Past the joint the body holds it.
            slope -= float(turned[n]) if n < joint else 0.0
        along = (x - x[1]) / (x[joint] - x[1])
        return np.asarray(height - (height[1] * (1.0 - along) + height[joint] * along))

    def _bend_up(self, up: Array) -> None:
        self.truth = replace(self.truth, board_mm=self.truth.board_mm + up[:, None])
