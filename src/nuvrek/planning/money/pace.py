"""Hours that learn: usual times of the steps, and the shop's own pace by its ticks.

The logarithm of time over usual time is the shop's own pace, plus each step's, plus that of the
kind of neck, plus a waver: a linear model with normal priors (Bayesian linear regression, Bishop,
Pattern Recognition and Machine Learning, section 3.3; from memory).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

Array = NDArray[np.float64]

# How a new shop may differ from common practice, a step and a kind of neck from their shop, and one
# time from the next;
# standard deviations of logarithms (common practice, no source).
SHOP_SPREAD, STEP_SPREAD, KIND_SPREAD, WAVER = 0.45, 0.15, 0.10, 0.22
# Over the shop's own pace by this factor somebody was called away.
INTERRUPTED = 2.2
NINE_IN_TEN = 1.6449


class Tick(Struct, frozen=True):
    """One step as it was ticked: its usual minutes and those it took, on which kind of neck."""

    step: str
    usual: float
    took: float
    neck: str = ""


class Spell(Struct, frozen=True):
    """Minutes at the bench: nine times in ten between ``least`` and ``most``."""

    least: float
    likely: float
    most: float

    @property
    def hours(self) -> tuple[float, float, float]:
        """The same in hours."""
        return self.least / 60.0, self.likely / 60.0, self.most / 60.0


@dataclass(frozen=True)
class Pace:
    """What is known of a shop's pace: mean and covariance of its own, of each step's and each kind
    of neck's logarithm; ``steps`` and ``necks`` are those that were ticked, ``learnt`` how many
    times.
    """

    steps: tuple[str, ...]
    necks: tuple[str, ...]
    mean: Array
    covariance: Array
    learnt: int

    def of(self, work: Sequence[tuple[str, float]], neck: str = "") -> Spell:
        """The time of steps, each with its usual minutes, on a kind of neck."""
        if not work:
            return Spell(0.0, 0.0, 0.0)
        size = len(self.mean)
        rows, more = np.zeros((len(work), size)), np.full(len(work), WAVER**2)
        rows[:, 0] = 1.0
        places = {step: n for n, step in enumerate(self.steps, 1)}
        for n, (step, _) in enumerate(work):
            if step in places:
                rows[n, places[step]] = 1.0
            else:
                more[n] += STEP_SPREAD**2
        usual = np.array([minutes for _, minutes in work])
        # A kind never ticked is off by the same in all steps of the job.
        new_kind = 0.0
        if neck in self.necks:
            rows[:, 1 + len(self.steps) + self.necks.index(neck)] = 1.0
        else:
            new_kind = KIND_SPREAD**2
        shared = rows @ self.covariance @ rows.T + new_kind
        total = shared + np.diag(more)
        # Moments of a sum of lognormals (Fenton, 1960, from memory).
        each = usual * np.exp(rows @ self.mean + 0.5 * np.diag(total))
        mean = float(each.sum())
        variance = float(each @ (np.exp(total) - 1.0) @ each)
        sd = np.sqrt(np.log1p(variance / mean**2))
        middle = mean * np.exp(-0.5 * sd**2)
        return Spell(
            float(middle * np.exp(-NINE_IN_TEN * sd)),
            float(middle),
            float(middle * np.exp(NINE_IN_TEN * sd)),
        )


def pace_of(ticks: Sequence[Tick]) -> Pace:
    """The pace of a shop by its ticks; without any that of common practice."""
    kept = _without_interruptions([tick for tick in ticks if tick.usual > 0.0 and tick.took > 0.0])
    steps = tuple(dict.fromkeys(tick.step for tick in kept))
    necks = tuple(dict.fromkeys(tick.neck for tick in kept))
    size = 1 + len(steps) + len(necks)
    by_step, by_neck = [STEP_SPREAD] * len(steps), [KIND_SPREAD] * len(necks)
    precision = np.diag([1.0 / one**2 for one in (SHOP_SPREAD, *by_step, *by_neck)])
    known = np.zeros(size)
    places = {step: n for n, step in enumerate(steps, 1)}
    for tick in kept:
        row = np.zeros(size)
        row[[0, places[tick.step], 1 + len(steps) + necks.index(tick.neck)]] = 1.0
        precision += np.outer(row, row) / WAVER**2
        known += row * np.log(tick.took / tick.usual) / WAVER**2
    covariance = np.linalg.inv(precision)
    return Pace(steps, necks, covariance @ known, covariance, len(kept))


def _without_interruptions(ticks: list[Tick]) -> list[Tick]:
    """Times far over what is this shop's own: somebody left the bench, or forgot to tick."""
    if len(ticks) < 3:
        return [tick for tick in ticks if tick.took <= INTERRUPTED**2 * tick.usual]
    ratios = np.array([tick.took / tick.usual for tick in ticks])
    middle = float(np.median(ratios))
    return [
        tick
        for tick, ratio in zip(ticks, ratios, strict=True)
        if middle / INTERRUPTED**1.5 <= ratio <= middle * INTERRUPTED
    ]
