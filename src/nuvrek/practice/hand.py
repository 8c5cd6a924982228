"""What a hand does to a neck when a way is carried out: never quite what was meant."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from nuvrek.planning.case.way import Way
from nuvrek.practice.hidden import Hidden
from nuvrek.readings.entries import State
from nuvrek.simulator.truth import Truth

# A file takes what is meant by a twentieth more or less; how near a hand brings a relief, a seated
# fret and a nut slot (common practice, no source).
FILES_SHARE, SETS_RELIEF_MM, SEATS_MM, NUT_OVER_MM = 0.05, 0.02, 0.015, 0.03


def carried_out(one: Hidden, way: Way) -> Hidden | None:
    """The neck after a way; None for what this hand does not do."""
    truth, rng = one.truth, one.bench.rng
    if way.metal_mm > 0.0:
        took = way.off_mm * rng.normal(1.0, FILES_SHARE, way.off_mm.shape)
        truth = _filed(truth, took)
        if "turns the rod" in way.record.families or way.kind == "play-clean":
            truth = _relief_set(truth, way.promise.relief_mm, one)
    elif way.kind == "rod":
        truth = _relief_set(truth, truth.neck.relief_wanted_mm("middle"), one)
    elif way.kind in ("nut", "zero-fret"):
        crown = truth.crown_mm.copy()
        crown[0] = crown[1] + NUT_OVER_MM
        truth = replace(truth, crown_mm=crown)
    elif way.kind in ("seat", "lift-fret"):
        truth = _seated(truth, way.frets, one)
    elif way.kind in ("saddle", "shim"):
        low, high = way.promise.height_low_mm, way.promise.height_high_mm
        truth = replace(truth, string_height_12_mm=(low or 0.0, high or 0.0))
    else:
        return None
    return one.with_truth(truth)


def _filed(truth: Truth, took: np.ndarray) -> Truth:
    """Metal is gone, and stays gone."""
    crown = truth.crown_mm.copy()
    crown[1:] -= np.maximum(took, 0.0)
    return replace(truth, crown_mm=crown)


def _relief_set(truth: Truth, wanted_mm: float | None, one: Hidden) -> Truth:
    """The rod turned until the relief is as wanted, as near as a hand brings it."""
    if wanted_mm is None:
        return truth
    now = float(np.mean(truth.relief_mm(State())[[0, 2]]))
    less = now - wanted_mm - float(one.bench.rng.normal(0.0, SETS_RELIEF_MM))
    return replace(truth, board_mm=truth.board_mm + less * truth.bend[:, None])


def _seated(truth: Truth, frets: tuple[int, ...], one: Hidden) -> Truth:
    """Frets pressed to where their neighbours stand, give or take."""
    crown = truth.crown_mm.copy()
    usual = float(np.median(crown[1:]))
    for fret in frets:
        crown[fret] = usual + one.bench.rng.normal(0.0, SEATS_MM, 3)
    loose = tuple(place for place in truth.loose if place[0] not in frets)
    return replace(truth, crown_mm=crown, loose=loose)
