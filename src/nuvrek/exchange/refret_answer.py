"""What the command line prints of a refret: plain values, lengths in mm, unit in the key."""

from __future__ import annotations

from typing import Any

import msgspec

from nuvrek.exchange.encoding import by_place, fields, length_mm
from nuvrek.planning.refret.plan import Check, RefretPlan
from nuvrek.planning.refret.wire_choice import Choice

_REASON = {"text": "says", "for": "numbers"}
_SLOT = ("fret", "width_mm", "read", "says", "grip_mm", "crimp_mm")
_CHOICE = (
    "fits",
    "why_not",
    "remarks",
    "loose",
    "tight",
    "shallow",
    "levels",
    "mill_mm",
    "short_mm",
)
_PIECE = ("fret", "cut_mm", "arc_mm", "tang_mm", "radius_mm")


def refret_answer(plan: RefretPlan) -> dict[str, Any]:
    """The answer of ``nuvrek refret --json``; see docs/job-file.md for its keys."""
    return {
        "frets": list(plan.frets),
        "reasons": [fields(reason, "kind", "weight", **_REASON) for reason in plan.reasons],
        "faults": list(plan.faults),
        "wood": _wood_answer(plan),
        "slots": [fields(slot, *_SLOT, saw_deeper_mm="saw_mm") for slot in plan.slots],
        "wires": [_choice_answer(choice) for choice in plan.choices],
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
        "mean_mm": length_mm(truing.wood_mm),
        "likely_mm": length_mm(new.wood_likely_mm),
        "rod_dip_mm": length_mm(truing.rod_dip_mm),
        "off_mm": by_place(truing.off_mm),
        "pencil_order": list(wood.order.frets),
        "do_not_linger": list(wood.lingers),
        "too_thin": [
            {"fret": fret, "lane": lane, "missing_mm": length_mm(mm)}
            for fret, lane, mm in truing.too_thin
        ],
        "checks": [{"share": check.share, "light": _light_answer(check)} for check in wood.checks],
    }


def _light_answer(check: Check) -> list[dict[str, Any]]:
    return [{"lane": lane, "fret": fret, "mm": length_mm(mm)} for lane, fret, mm in check.light_mm]


def _choice_answer(choice: Choice) -> dict[str, Any]:
    return {
        "name": choice.wire.name,
        **fields(choice, *_CHOICE, crown_after_level_mm="crown_mm", covers_old_marks="covers"),
        "years": round(choice.years, 1),
        "cost": None if choice.cost is None else round(choice.cost, 2),
    }


def _cut_answer(plan: RefretPlan) -> dict[str, Any]:
    cutting = plan.cutting
    return {
        "wire": msgspec.to_builtins(plan.wire),
        "pieces": [
            {**fields(piece, *_PIECE), "bend_to_mm": length_mm(bend)}
            for piece, bend in zip(plan.cut, plan.bends_mm, strict=True)
        ],
        "sticks": [] if cutting is None else [list(stick) for stick in cutting.sticks],
        "needed_mm": None if cutting is None else length_mm(cutting.needed_mm),
        "waste_mm": None if cutting is None else length_mm(cutting.waste_mm),
        "fewest": None if cutting is None else cutting.proved,
    }


def _grip_answer(plan: RefretPlan) -> dict[str, Any] | None:
    grips = plan.grips
    if grips is None:
        return None
    return {
        "wanted_mm": length_mm(plan.terms.back_bow_mm),
        "forecast_mm": length_mm(grips.bow_mm),
        "doubt_mm": length_mm(grips.doubt_mm),
        "short_mm": length_mm(grips.short_mm),
        "passed_on": round(grips.eta, 3),
        "grips_mm": [length_mm(float(mm)) for mm in grips.grips_mm],
        "read": [fields(read, "gained_mm", "sd_mm") for read in plan.reads],
    }


def _set_up_answer(plan: RefretPlan) -> dict[str, Any] | None:
    if plan.new is None:
        return None
    change = plan.new.set_up
    return {
        **fields(change, "top_1_mm", "top_12_mm", "at_bridge_mm", "nut_mm"),
        "saddle_low_mm": length_mm(change.saddle_mm[0]),
        "saddle_high_mm": length_mm(change.saddle_mm[1]),
        "level_metal_mm": length_mm(plan.new.level.metal_mm),
        "thinnest_after_level_mm": length_mm(float(plan.new.level.left_mm.min())),
    }
