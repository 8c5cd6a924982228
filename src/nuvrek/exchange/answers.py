"""What the command line prints of a map and a plan: plain values, lengths in mm, unit in the
key.
"""

from __future__ import annotations

from typing import Any

from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.exchange.encoding import by_place, fields, length_mm
from nuvrek.exchange.tables import write_csv
from nuvrek.meaning import means
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import LANES
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.trial import Trial
from nuvrek.planning.case.way import Plan, Way
from nuvrek.planning.causes.weighed import Evidence, WeighedCause
from nuvrek.planning.crowns.recrown_table import recrown, widths_read
from nuvrek.planning.filing.rehearse_way import rehearse_way
from nuvrek.planning.filing.tops import neck_tops_of
from nuvrek.planning.forecast.doubt import doubt_words
from nuvrek.planning.forecast.follow import StringAfter
from nuvrek.planning.refret.new_tops import NewTops
from nuvrek.units import Unit

# Names in an answer, where they are not those of the record.
_GROUNDS = {"for": "speaks_for", "against": "speaks_against"}
_FORECAST = ("lane", "now_mm", "doubt_mm", "settled_mm")
_FORECAST_RENAMED = {"forecast_mm": "after_mm", "wanted_mm": "target_mm"}
_FLAT = ("fret", "flat_mm", "height_mm", "says")
_STEP = ("key", "title", "text", "frets", "minutes", "cautions")
_MAP_COLUMNS = (
    "fret",
    "lane",
    "top_mm",
    "top_doubt_mm",
    "wood_pitch_mm",
    "wood_slack_mm",
    "crown_mm",
    "crown_doubt_mm",
    "measured",
)


def map_answer(neck_map: HeightMap, findings: tuple[Finding, ...]) -> dict[str, Any]:
    """The answer of ``nuvrek map --json``; see docs/job-file.md for its keys."""
    return {
        "tops": [
            {
                "fret": fret + 1,
                "lane": lane,
                "top_mm": length_mm(neck_map.tops_mm[fret, k]),
                "doubt_mm": length_mm(neck_map.tops_doubt_mm[fret, k]),
                "crown_mm": length_mm(neck_map.crown_mm[fret, k]),
                "measured": neck_map.known[k],
            }
            for fret in range(neck_map.neck.frets)
            for k, lane in enumerate(LANES)
        ],
        "relief": [
            fields(relief, "lane", "mm", "doubt_mm", state="strings") for relief in neck_map.relief
        ],
        "findings": [finding_answer(f) for f in findings],
        "room": _room_answer(neck_map),
    }


def _room_answer(neck_map: HeightMap) -> dict[str, Any]:
    """Room per string and note at the player's touch. Strings count from the highest, fret 0 is
    the open string.
    """
    on, touch = string_up(neck_map), neck_map.neck.touch
    rooms = on.rooms(TOUCHES[touch])
    count, notes = rooms.room_mm.shape
    return {
        "touch": touch,
        "touch_per_mille": TOUCHES[touch],
        "assumed": [assumed.words(Unit.MM) for assumed in on.assumed],
        "notes": [
            {
                "string": count - s,
                "fret": n,
                "room_mm": length_mm(rooms.room_mm[s, n]),
                "doubt_mm": length_mm(rooms.doubt_mm[s, n]),
                "touches": int(rooms.first[s, n]),
                "says": rooms.word(s, n),
            }
            for s in range(count)
            for n in range(notes)
        ],
    }


def map_table(neck_map: HeightMap) -> str:
    """The map as CSV, one row per fret and lane; heights count from the line through fret 1 and
    the joint fret.
    """
    figures = (
        neck_map.tops_mm,
        neck_map.tops_doubt_mm,
        neck_map.wood["pitch"][0],
        neck_map.wood["slack"][0],
        neck_map.crown_mm,
        neck_map.crown_doubt_mm,
    )
    rows = list[list[object]]()
    for fret in range(neck_map.neck.frets):
        for k, lane in enumerate(LANES):
            numbers = [f"{float(values[fret, k]):.4f}" for values in figures]
            rows.append([fret + 1, lane, *numbers, "yes" if neck_map.known[k] else "no"])
    return write_csv(_MAP_COLUMNS, rows)


def finding_answer(finding: Finding) -> dict[str, Any]:
    """One finding; ``fret`` and ``lane`` are None where they don't apply."""
    return {
        **fields(finding, "kind", "fret", "lane", "mm"),
        "sure": round(finding.sure, 3),
        "text": means("exchange.headline-text", headline=finding.headline, text=finding.text),
        **fields(finding, "verdict", **_GROUNDS),
    }


def plan_answer(plan: Plan, neck_map: HeightMap) -> dict[str, Any]:
    """The answer of ``nuvrek plan --json``; see docs/job-file.md for its keys."""
    return {
        "advice": plan.advice,
        "reasons": list(plan.reasons),
        "course": [
            fields(leg, "way", "why", "gate", "unless", "rule", **_GROUNDS) for leg in plan.course
        ],
        "causes": [_cause_answer(cause) for cause in plan.causes],
        "something_else": round(plan.diagnosis.other, 3),
        "tests": [
            fields(test, "kind", "text", "minutes", "settles", "fret")
            for test in plan.diagnosis.tests
        ],
        "accounts": [
            fields(account, "finding", "fret", "lane", "leg", "reason") for account in plan.accounts
        ],
        "trial": None if plan.trial is None else _trial_answer(plan.trial),
        "beside": [_trial_answer(trial) for trial in plan.beside],
        "rod": _rod_answer(plan),
        "ways": [_way_answer(way, neck_map) for way in plan.ways],
        "curve": _curve_answer(plan),
    }


def _cause_answer(cause: WeighedCause) -> dict[str, Any]:
    """One cause: its chance beside the others, and what speaks for and against it."""
    return {
        **fields(cause, "kind", "title", "seen", "cures", "test"),
        "chance": round(cause.chance, 3),
        "for": [_evidence_answer(each) for each in cause.speaks_for],
        "against": [_evidence_answer(each) for each in cause.speaks_against],
    }


def _trial_answer(trial: Trial) -> dict[str, Any]:
    """Ways as tried on the drawn necks."""
    return {
        **fields(
            trial,
            "ways",
            "clean",
            "metal_mm",
            "thinnest_mm",
            "minutes",
            "heights_mm",
            "clean_from_mm",
        ),
        "drawn": len(trial.cells),
        "second_pass": round(trial.second_pass, 3),
    }


def _evidence_answer(evidence: Evidence) -> dict[str, Any]:
    return {
        "text": evidence.says,
        "log_odds": round(evidence.log_odds, 2),
        "from": "map" if evidence.figured else "practice",
        "readings": list(evidence.numbers),
    }


def _curve_answer(plan: Plan) -> dict[str, Any] | None:
    """Metal against string height: heights of the low string over fret 12."""
    curve = plan.curve
    if curve is None:
        return None
    base = float(curve.base_mm[0])
    return {
        "points": [
            {"low_string_mm": length_mm(base + up), "metal_mm": length_mm(metal)}
            for up, metal in zip(curve.up_mm, curve.metal_mm, strict=True)
        ],
        "as_it_is_mm": length_mm(base + curve.now_up_mm),
        "full_level": {
            "low_string_mm": length_mm(base),
            "metal_mm": length_mm(curve.level_metal_mm),
        },
        "bend": None
        if curve.bend is None
        else {
            "low_string_mm": length_mm(base + curve.bend.up_mm),
            "metal_mm": length_mm(curve.bend.metal_mm),
        },
    }


def _rod_answer(plan: Plan) -> dict[str, Any]:
    """The next rod move, if one is due, and why not to turn it if there is a reason."""
    stops = [{"kind": stop.kind, "text": stop.words} for stop in plan.stops]
    rod = plan.rod
    if rod is None:
        return {
            "direction": None,
            "turns": 0.0,
            "forecast_mm": None,
            "doubt_mm": None,
            "stop": stops,
        }
    mm, doubt = rod.after_move_mm, rod.after_move_doubt_mm
    return {
        "direction": rod.direction,
        "turns": abs(rod.turns),
        "forecast_mm": length_mm(mm),
        "doubt_mm": length_mm(doubt),
        "range_mm": [length_mm(mm - doubt), length_mm(mm + doubt)],
        "moves": [{"side": side, "turns": turns} for side, turns in rod.moves],
        "sides": [fields(side, *_FORECAST, **_FORECAST_RENAMED) for side in rod.forecasts],
        **fields(rod, "slacken_first", "known"),
        "stop": stops,
    }


def _filing_answer(way: Way, neck_map: HeightMap) -> dict[str, Any]:
    """What a way that files leaves of each fret, and the order in which the ink goes."""
    if way.metal_mm <= WORTH_FILING_MM:
        return {"flats": [], "ink_order": []}
    table = recrown(
        neck_map.neck,
        neck_map.crown_mm,
        way.off_mm,
        neck_tops_of(neck_map).least_crown_mm,
        widths_read(neck_map.neck_state),
    )
    rehearsal = rehearse_way(neck_map, way)
    return {
        "flats": [fields(crown, *_FLAT, crown_radius_mm="radius_mm") for crown in table.crowns],
        "ink_order": [{"fret": fret, "lane": lane} for fret, lane in rehearsal.order],
    }


def _doubt_answer(way: Way) -> dict[str, Any] | None:
    doubt = way.doubt
    if doubt is None:
        return None
    return {
        "metal_mm": length_mm(doubt.metal_doubt_mm),
        "likely_metal_mm": length_mm(doubt.likely_mm),
        "second_pass": None if doubt.second_pass is None else round(doubt.second_pass, 3),
        "clean_above_mm": length_mm(doubt.over_mm),
        "thin": [{"fret": fret, "chance": round(chance, 3)} for fret, chance in doubt.thin],
        "text": doubt_words(doubt, Unit.MM, Unit.MM),
    }


def _way_answer(way: Way, neck_map: HeightMap) -> dict[str, Any]:
    return {
        **fields(way, "kind", "title", "gist", "possible", "status"),
        "why_not": [*way.why_not, *way.not_known],
        "metal_off_mm": by_place(way.off_mm, above_mm=WORTH_FILING_MM),
        "metal_left_mm": by_place(way.left_mm),
        "metal_total_mm": length_mm(way.metal_mm),
        "metal_worst_mm": length_mm(way.worst_mm),
        "thinnest_mm": length_mm(float(way.left_mm.min())),
        "levels_left": way.levels_left,
        "metal_per_tenth_mm": length_mm(way.per_tenth_mm),
        "strung_relief_mm": None if way.strung is None else length_mm(way.strung[0]),
        "strung_relief_doubt_mm": None if way.strung is None else length_mm(way.strung[1]),
        "rod_while_filing_mm": length_mm(way.rod_dip_mm),
        "doubt": _doubt_answer(way),
        **_filing_answer(way, neck_map),
        **fields(way.promise, "height_low_mm", "height_high_mm", relief_after_mm="relief_mm"),
        "lowest_clean_mm": [
            {"string": len(way.lowest_mm) - n, "mm": length_mm(mm), "doubt_mm": length_mm(doubt)}
            for n, (mm, doubt) in enumerate(way.lowest_mm)
        ],
        "strings": [_string_answer(one) for one in way.strings],
        "follows": {
            "nut_mm": [length_mm(mm) for mm in way.follow.nut_mm],
            "saddle_mm": [length_mm(mm) for mm in way.follow.saddle_mm or ()],
            "nut_unread_mm": length_mm(way.follow.nut_unread),
        },
        **({} if way.new is None else {"new_wire": _new_wire_answer(way.new)}),
        "minutes": way.minutes,
        "steps": [fields(step, *_STEP) for step in way.steps],
    }


def _string_answer(one: StringAfter) -> dict[str, Any]:
    """A string before and after a way, nut and saddle left alone; nulls where nobody read it."""
    told: dict[str, Any] = {"string": one.string}
    for name, heights in (("over_first", one.first), ("height", one.height)):
        before, after, doubt = heights or (None, None, None)
        told |= {
            f"{name}_mm": length_mm(before),
            f"{name}_after_mm": length_mm(after),
            f"{name}_doubt_mm": length_mm(doubt),
        }
    return told


def _new_wire_answer(new: NewTops) -> dict[str, Any]:
    """The wire of a way that brings it, the wood it takes, what nut and saddle must do."""
    return {
        "wire": new.wire.name,
        "wood_mean_mm": length_mm(float(new.wood_mm.mean())),
        "wood_likely_mm": length_mm(new.wood_likely_mm),
        "wood_most_mm": length_mm(float(new.wood_mm.max())),
        "nut_mm": length_mm(new.set_up.nut_mm),
        "saddle_mm": [length_mm(mm) for mm in new.set_up.saddle_mm],
    }
