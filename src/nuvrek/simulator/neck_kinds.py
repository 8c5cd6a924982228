"""Made-up necks of several kinds, by seed: to judge the map by."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription, target_by_kind_mm
from nuvrek.simulator.measuring import Bench, default_rng
from nuvrek.simulator.truth import Condition, Truth, make_truth

# Name, scale length, frets, fret at the body: guitars of several scales, a long bass, an octave
# mandolin, a small one.
KINDS: tuple[tuple[str, float, int, int], ...] = (
    ("guitar", 648.0, 22, 16),
    ("short-scale guitar", 628.0, 20, 14),
    ("steel-string guitar", 645.0, 20, 14),
    ("long bass", 864.0, 20, 16),
    ("octave mandolin", 508.0, 19, 12),
    ("small rodless", 430.0, 15, 12),
)


def varied_neck(seed: int) -> tuple[str, Truth, Bench]:
    """A neck of the kind ``seed`` falls on, in a random condition, and a bench to measure it at."""
    rng = default_rng(seed)
    name, scale, frets, joint = KINDS[seed % len(KINDS)]
    target, margin = target_by_kind_mm(scale)
    neck = NeckDescription(
        title=f"{name} {seed}",
        scale_mm=scale,
        frets=frets,
        joint_fret=joint,
        rod="none" if name == "small rodless" else "two-way",
        relief_target_mm=target,
        relief_margin_mm=margin,
        wire_height_mm=round(float(rng.uniform(1.0, 1.4)), 2),
    )
    condition = Condition(
        proud=int(rng.integers(0, 5)),
        low=int(rng.integers(0, 3)),
        sprung_ends=int(rng.integers(0, 2)),
        slack_dip_mm=float(rng.uniform(-0.08, 0.25)),
        pull_mm=float(rng.uniform(0.08, 0.3)),
        rough_mm=float(rng.uniform(0.01, 0.05)),
        twist_mm=float(rng.uniform(0.0, 0.04)),
        scatter_mm=float(rng.uniform(0.005, 0.02)),
        wear_mm=float(rng.choice([0.0, 0.05])),
        hump_mm=float(rng.choice([0.0, 0.0, 0.0, 0.1])),
        tongue_mm=float(rng.choice([0.0, 0.0, 0.15, -0.15])),
    )
    truth = make_truth(neck, condition, rng)
    return name, truth, Bench(truth, rng)
