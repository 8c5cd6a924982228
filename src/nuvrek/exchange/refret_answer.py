"""What the command line prints of a refret: plain values, lengths in mm, unit in the key."""

from __future__ import annotations

import math
from typing import Any

import msgspec

from nuvrek.neck.description import LANES
from nuvrek.planning.refret.plan import RefretPlan
from nuvrek.planning.refret.wire_choice import Choice


def _mm(value: float | None) -> float | None:
    return None if value is None or not math.isfinite(value) else round(float(value), 4)


def refret_answer(plan: RefretPlan) -> dict[str, Any]:
    """The answer of ``nuvrek refret --json``; see docs/job-file.md for its keys."""
    return {
        "frets": list(plan.frets),
        "reasons": [
            {"kind": one.kind, "text": one.says, "weight": one.weight, "for": list(one.numbers)}
            for one in plan.reasons
        ],
        "faults": list(plan.faults),
        "wood": _wood_answer(plan),
        "slots": [
            {
                "fret": slot.fret,
                "width_mm": _mm(slot.width_mm),
                "read": slot.read,
                "says": slot.says,
                "grip_mm": _mm(slot.grip_mm),
                "saw_deeper_mm": _mm(slot.saw_mm),
                "crimp_mm": _mm(slot.crimp_mm),
            }
            for slot in plan.slots
        ],
        "wires": [_choice_answer(one) for one in plan.choices],
        "cut": _cut_answer(plan),
        "compression": _grip_answer(plan),
        "set_up": _set_up_answer(plan),
    }


def _wood_answer(plan: RefretPlan) -> dict[str, Any]:
    wood, new = plan.wood, plan.new
    if wood is None or new is None:
        return {"trued": False, "off_mm": []}
    truing = wood.truing
    return {
        "trued": True,
        "mean_mm": _mm(truing.wood_mm),
        "likely_mm": _mm(new.wood_likely_mm),
        "rod_dip_mm": _mm(truing.rod_dip_mm),
        "off_mm": [
            {"fret": fret + 1, "lane": LANES[k], "mm": _mm(truing.off_mm[fret, k])}
            for fret in range(len(truing.off_mm))
            for k in range(3)
        ],
        "pencil_order": list(wood.order.frets),
        "do_not_linger": list(wood.lingers),
        "too_thin": [
            {"fret": fret, "lane": lane, "missing_mm": _mm(mm)}
            for fret, lane, mm in truing.too_thin
        ],
        "checks": [
            {
                "share": check.share,
                "light": [
                    {"lane": lane, "fret": fret, "mm": _mm(mm)} for lane, fret, mm in check.light_mm
                ],
            }
            for check in wood.checks
        ],
    }


def _choice_answer(one: Choice) -> dict[str, Any]:
    return {
        "name": one.wire.name,
        "fits": one.fits,
        "why_not": list(one.why_not),
        "remarks": list(one.remarks),
        "crown_after_level_mm": _mm(one.crown_mm),
        "loose": list(one.loose),
        "tight": list(one.tight),
        "shallow": list(one.shallow),
        "covers_old_marks": one.covers,
        "levels": one.levels,
        "years": round(one.years, 1),
        "mill_mm": _mm(one.mill_mm),
        "short_mm": _mm(one.short_mm),
        "cost": None if one.cost is None else round(one.cost, 2),
    }


def _cut_answer(plan: RefretPlan) -> dict[str, Any]:
    cutting = plan.cutting
    return {
        "wire": msgspec.to_builtins(plan.wire),
        "pieces": [
            {
                "fret": piece.fret,
                "cut_mm": _mm(piece.cut_mm),
                "arc_mm": _mm(piece.arc_mm),
                "tang_mm": _mm(piece.tang_mm),
                "radius_mm": _mm(piece.radius_mm),
                "bend_to_mm": _mm(bend),
            }
            for piece, bend in zip(plan.cut, plan.bends_mm, strict=True)
        ],
        "sticks": [] if cutting is None else [list(one) for one in cutting.sticks],
        "needed_mm": None if cutting is None else _mm(cutting.needed_mm),
        "waste_mm": None if cutting is None else _mm(cutting.waste_mm),
        "fewest": None if cutting is None else cutting.proved,
    }


def _grip_answer(plan: RefretPlan) -> dict[str, Any] | None:
    grips = plan.grips
    if grips is None:
        return None
    return {
        "wanted_mm": _mm(plan.terms.back_bow_mm),
        "forecast_mm": _mm(grips.bow_mm),
        "doubt_mm": _mm(grips.doubt_mm),
        "short_mm": _mm(grips.short_mm),
        "passed_on": round(grips.eta, 3),
        "grips_mm": [_mm(float(mm)) for mm in grips.grips_mm],
        "read": [{"gained_mm": _mm(r.gained_mm), "sd_mm": _mm(r.sd_mm)} for r in plan.reads],
    }


def _set_up_answer(plan: RefretPlan) -> dict[str, Any] | None:
    if plan.new is None:
        return None
    change = plan.new.set_up
    return {
        "top_1_mm": _mm(change.top_1_mm),
        "top_12_mm": _mm(change.top_12_mm),
        "at_bridge_mm": _mm(change.at_bridge_mm),
        "nut_mm": _mm(change.nut_mm),
        "saddle_low_mm": _mm(change.saddle_mm[0]),
        "saddle_high_mm": _mm(change.saddle_mm[1]),
        "level_metal_mm": _mm(plan.new.level.metal_mm),
        "thinnest_after_level_mm": _mm(float(plan.new.level.left_mm.min())),
    }
