"""A made-up neck with rods that answer as rods do: they stick and slip, have play, settle, go
slack or end.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.random import Generator

from nuvrek.neck.board import LANE_ACROSS
from nuvrek.readings.entries import Feel, Side
from nuvrek.simulator.measuring import Bench
from nuvrek.simulator.truth import Truth


@dataclass
class MadeRod:
    """One rod. ``per_turn_mm``: relief a turn takes out; ``sticks``: the share of a move that may
    hang until the next.

    ``slack_at`` and ``end_at`` are the turns, counted from where it was found, past which loosening
    or tightening does nothing; ``tells`` says whether a hand feels that.
    """

    per_turn_mm: float = 0.3
    sticks: float = 0.0
    play_turns: float = 0.0
    settles: float = 0.0
    slack_at: float = -np.inf
    end_at: float = np.inf
    tells: bool = True
    at: float = 0.0
    driven: float = 0.0
    hanging_mm: float = 0.0
    taken_out_mm: float = 0.0

    @property
    def slack(self) -> bool:
        """Whether it has been let out as far as it goes."""
        return self.at <= self.slack_at

    def turn(self, turns: float, rng: Generator) -> Feel:
        """Turn it and say how it felt."""
        wanted = self.at + turns
        self.at = float(np.clip(wanted, self.slack_at, self.end_at))
        before = self.driven
        half = 0.5 * self.play_turns
        self.driven = float(np.clip(before, self.at - half, self.at + half))
        answer = self.per_turn_mm * (self.driven - before) + self.hanging_mm
        self.hanging_mm = answer * float(rng.uniform(0.0, self.sticks)) if self.sticks else 0.0
        self.taken_out_mm += answer - self.hanging_mm
        if wanted == self.at or not self.tells:
            return "free"
        if wanted < self.at:
            return "slack"
        return "at its end"


@dataclass
class WorkedNeck:
    """A made-up neck on the bench whose rods are turned; two rods are those of the low and the
    treble side.
    """

    truth: Truth
    rods: tuple[MadeRod, ...]
    rng: Generator
    other_share: float = 0.3

    def turn(self, turns: float, side: Side | None = None) -> Feel:
        """Turn the rod, or the rod of a side."""
        return self.rods[-1 if side == "treble" else 0].turn(turns, self.rng)

    def bench(self) -> Bench:
        """Tools laid on the neck straight after the move."""
        return Bench(self.now(0.0), self.rng)

    def now(self, settled: float = 1.0) -> Truth:
        """The neck as it is; ``settled`` is how much of the later creep has come, 0 to 1."""
        board = self.truth.board_mm.copy()
        for rod, side in zip(self.rods, (-1.0, 1.0), strict=False):
            mm = rod.taken_out_mm * (1.0 + settled * rod.settles)
            share = np.ones(3)
            if len(self.rods) == 2:
                across = 0.5 * (1.0 + side * np.asarray(LANE_ACROSS))
                share = self.other_share + (1.0 - self.other_share) * across
            board += mm * self.truth.bend[:, None] * share
        return replace(self.truth, board_mm=board, rod_per_turn_mm=0.0)
