"""Made-up necks by seed."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription, target_by_kind_mm
from nuvrek.readings.entries import AnyEntry
from nuvrek.simulator.measuring import Bench, default_rng, measure_basic_round
from nuvrek.simulator.truth import Condition, Truth, make_truth, truth_document


def simulated_neck(seed: int, frets: int = 22, scale_mm: float = 648.0) -> tuple[Truth, Bench]:
    """A made-up neck in a random condition and a bench to measure it at."""
    rng = default_rng(seed)
    target, margin = target_by_kind_mm(scale_mm)
    neck = NeckDescription(
        title=f"made-up neck {seed}",
        scale_mm=scale_mm,
        frets=frets,
        joint_fret=min(frets, int(rng.choice([12, 14, 16]))),
        rod="two-way",
        relief_target_mm=target,
        relief_margin_mm=margin,
        wire_height_mm=round(float(rng.uniform(1.0, 1.4)), 2),
    )
    condition = Condition(
        proud=int(rng.integers(1, 5)),
        low=int(rng.integers(0, 2)),
        slack_dip_mm=float(rng.uniform(-0.08, 0.2)),
        pull_mm=float(rng.uniform(0.1, 0.25)),
    )
    truth = make_truth(neck, condition, rng)
    return truth, Bench(truth, rng)


def simulated_job(
    seed: int, frets: int, scale_mm: float
) -> tuple[list[AnyEntry], Truth, dict[str, object]]:
    """The basic round on a made-up neck: its journal, the truth and the truth as plain values."""
    truth, bench = simulated_neck(seed, frets, scale_mm)
    return measure_basic_round(bench), truth, truth_document(truth)
