"""What a form is: a neck, what may be used, when it ends, and how it is judged."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

from numpy.random import Generator

from nuvrek.meaning import Saying
from nuvrek.practice.at_work.desk import Desk
from nuvrek.readings.entries import AnyEntry
from nuvrek.simulator.living.neck import LivingNeck


@dataclass(frozen=True)
class Judged:
    """Points of a hundred, and why, a line each."""

    points: int
    words: tuple[Saying, ...]


@dataclass(frozen=True)
class Form:
    """One form. ``tools`` are names of what may be used, None for all; ``seconds`` of bench time
    after which it ends, None for no limit; ``readings`` so many may be written down, None for any;
    ``surveyed``: a technician has read the neck before.
    """

    key: str
    title: Saying
    task: Saying
    make: Callable[[Generator], LivingNeck]
    judge: Callable[[Desk, Sequence[AnyEntry], Sequence[AnyEntry]], Judged]
    tools: tuple[str, ...] | None = None
    seconds: float | None = None
    readings: int | None = None
    surveyed: str = ""
    leaves_mm: tuple[float, ...] | None = None
