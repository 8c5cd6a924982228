"""Refrets on made-up necks that share nothing with the plan: does the relief forecast hold, how
much wood against a plain block, how long the programs take. Run: ./run python benchmarks/refret.py
[N]
"""

from __future__ import annotations

import sys
import time
from dataclasses import replace
from pathlib import Path

import numpy as np

sys.path.insert(0, str(Path(__file__).resolve().parents[1]))
from scripts.make_demo_refret import Driver
from tests.test_truing import board

from nuvrek.demo import demo_wires
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.planning.refret.truing import block_until_clean, true_board
from nuvrek.readings.entries import NewWire, State
from nuvrek.simulator.truth import Condition


def tops_relief_mm(driver: Driver) -> float:
    """True relief of the tops strung up, mean of both sides: what a string shows."""
    neck = driver.neck
    tops = driver.made.truth.tops_mm(State(strings="pitch"))
    x = place_row_mm(neck)
    joint, middle = neck.joint_fret, middle_fret(neck)
    share = (x[middle] - x[1]) / (x[joint] - x[1])
    dip = (1.0 - share) * tops[1] + share * tops[joint] - tops[middle]
    return float(np.mean(dip[[0, 2]]))


def rodless(seed: int, kind: str) -> tuple[float, float, float]:
    """One rodless neck refretted from reason to last string: promised relief and doubt, and what it
    came to.
    """
    r = np.random.default_rng(seed)
    neck = NeckDescription(
        scale_mm=float(r.choice([605.0, 630.0, 648.0])),
        frets=int(r.choice([18, 19, 20])),
        joint_fret=int(r.choice([12, 14])),
        rod="none",
        radius_mm=305.0,
        wire_height_mm=0.85,
        least_crown_mm=0.75,
        relief_target_mm=0.15,
        title=f"rodless {seed}",
    )
    condition = Condition(
        proud=0,
        low=0,
        slack_dip_mm=float(r.uniform(0.12, 0.30)),
        pull_mm=float(r.uniform(0.10, 0.22)),
        rough_mm=float(r.uniform(0.01, 0.03)),
        twist_mm=float(r.uniform(0.0, 0.02)),
    )
    driver = Driver(neck, condition, seed, "2026-03-02")
    driver.session.append(NewWire(wire=demo_wires()[0], held="hand behind"))
    driver.take(kind)
    chosen = driver.session.neck_state.chosen
    assert chosen is not None
    driver.until("")
    driver.go_on()
    driver.until("look-again")
    driver.book.close()
    promise = chosen.promise
    return promise.relief_mm or 0.0, promise.relief_doubt_mm or 0.0, tops_relief_mm(driver)


def relief(count: int) -> None:
    for kind in ("refret-true", "refret-tangs"):
        inside, off = 0, []
        for seed in range(count):
            wanted, doubt, came = rodless(300 + seed, kind)
            off.append(came - wanted)
            inside += abs(came - wanted) <= doubt
        print(
            f"{kind}: relief within its nine-in-ten range {inside / count:.2f} of {count} "
            f"(aim 0.85-0.95); off by {np.mean(off):+.3f}, spread {np.std(off):.3f} mm"
        )


def wood() -> None:
    shares, took = [], []
    for seed in range(200):
        b, to = board(seed)
        start = time.perf_counter()
        found = true_board(b, to)
        took.append(time.perf_counter() - start)
        plain = block_until_clean(b, replace(to, corners=None))
        shares.append(found.wood_mm / float(plain.mean()))
    print(
        f"wood off against a block led until the last mark is gone: {np.mean(shares):.2f} (<= 0.8)"
    )
    print(
        f"truing program: {1e3 * np.median(took):.0f} ms median, {1e3 * max(took):.0f} at most (80)"
    )


if __name__ == "__main__":
    wood()
    relief(int(sys.argv[1]) if len(sys.argv) > 1 else 30)
