"""One page: what is to be fast, how fast it is, and whether it was faster when last kept.

Figures are ratios taken in one run: to a bare PyQt6 window, or to a fixed piece of linear algebra,
so that pages of different machines can be held against each other. Times stand beside for the eye.
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path
from statistics import median
from typing import NamedTuple

import numpy as np

KEPT = Path(__file__).with_name("kept.json")
# A ratio that grew by more than a fifth is slower; less is what two runs differ by.
_SLOWER = 1.2


class Line(NamedTuple):
    """One figure: its ratio, to what, the time behind it, and the aim (a ratio, or ms)."""

    name: str
    ratio: float
    to: str
    ms: float
    aim: float
    aim_unit: str

    @property
    def met(self) -> bool:
        """Whether the aim is met in this run."""
        return (self.ratio if self.aim_unit == "x" else self.ms) <= self.aim


def yardstick() -> float:
    """Seconds of a fixed piece of work on this machine: a symmetric solve of 300 unknowns."""
    rng = np.random.default_rng(1)
    a = rng.normal(size=(300, 300))
    a = a @ a.T + 300 * np.eye(300)
    b = rng.normal(size=300)
    return timed(lambda: np.linalg.solve(a, b), 60)


def timed(action: Callable[[], object], times: int) -> float:
    """Median seconds of an action."""
    found = []
    for _ in range(times):
        start = time.perf_counter()
        action()
        found.append(time.perf_counter() - start)
    return median(found)


@contextmanager
def neighbours() -> Iterator[None]:
    """Something else at work on every core, as on a machine that is used."""
    busy = [
        subprocess.Popen([sys.executable, "-c", "while True: sum(range(100_000))"])
        for _ in range(os.cpu_count() or 1)
    ]
    try:
        yield
    finally:
        for one in busy:
            one.kill()
            one.wait()


def print_page(lines: list[Line], keep: bool) -> None:
    """The page, what is slower than the last one kept, and, if wished, this one kept."""
    before: dict[str, float] = json.loads(KEPT.read_text()) if KEPT.exists() else {}
    print(f"{'':44}{'ratio':>8}  {'to':22}{'time':>9}   aim")
    slower = []
    for line in lines:
        aim = f"{line.aim:g} {'times' if line.aim_unit == 'x' else 'ms'}"
        met = "met" if line.met else "NOT MET"
        print(f"{line.name:44}{line.ratio:8.2f}  {line.to:22}{line.ms:6.1f} ms   {aim:10} {met}")
        if line.name in before and line.ratio > _SLOWER * before[line.name]:
            slower.append(f"  {line.name}: {line.ratio:.2f}, was {before[line.name]:.2f}")
    print("\nslower than the last page kept:" if slower else "\nnothing slower than when last kept")
    print("\n".join(slower))
    if keep:
        kept = {line.name: round(line.ratio, 3) for line in lines}
        KEPT.write_text(json.dumps(kept, indent=1) + "\n")
        print(f"kept in benchmarks/{KEPT.name}")
