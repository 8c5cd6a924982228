"""Whether an entry makes sense on its neck, and whether a typed value is plausible there."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription, description_faults
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    Describe,
    Gap,
    Note,
    OthersStill,
    Rock,
    Size,
    StandOff,
    Strike,
    StringGap,
)
from nuvrek.readings.frets_named import highest_fret, highest_string
from nuvrek.readings.sizes import SIZES
from nuvrek.units import MM_PER_UNIT, Length, Meaning, likely_meaning

# What a reading can well be, in mm; outside it is questioned, never refused. Common practice, no source.
PLAUSIBLE_MM: dict[str, tuple[float, float]] = {
    "string-gap": (0.0, 1.2),
    "sweep": (0.0, 0.8),
    "crown-height": (0.3, 2.0),
    "string-height": (0.4, 6.0),
    "dial": (-1.5, 1.5),
    "press": (0.0, 0.8),
    "ends": (0.0, 1.0),
    **{f"size-{what}": size.likely for what, size in SIZES.items()},
}


def entry_faults(entry: AnyEntry, neck: NeckDescription, number: int) -> list[str]:
    """What contradicts the neck, one sentence each with what would be right; empty when fine."""
    faults = []
    if (fret := highest_fret(entry)) > neck.frets and not isinstance(entry, Rock | OthersStill):
        faults.append(f"fret {fret} doesn't exist; this neck has 1 to {neck.frets}.")
    if (string := highest_string(entry)) > neck.strings:
        faults.append(f"string {string} doesn't exist; this neck has 1 to {neck.strings}.")
    match entry:
        case Describe(neck=described):
            faults.extend(description_faults(described))
        case StringGap():
            faults.extend(_support_faults(entry, neck.frets))
        case Rock(fret=fret) if not 2 <= fret <= neck.frets - 1:
            faults.append(f"a rocker's middle fret is 2 to {neck.frets - 1}, not {fret}.")
        case Strike(entry=struck) if struck >= number:
            faults.append(f"strikes entry {struck}, which is not before it.")
        case OthersStill(frets=frets) if any(not 2 <= f <= neck.frets - 1 for f in frets):
            faults.append(f"a rocker's middle frets are 2 to {neck.frets - 1}.")
        case Size(what=what, mm=mm):
            low, high = SIZES[what].possible
            if not low <= mm <= high:
                faults.append(f"a {SIZES[what].title} is {low:g} to {high:g} mm, not {mm:g}.")
        case Air(temperature_c=None, humidity_percent=None):
            faults.append("no value: give temperature_c or humidity_percent.")
        case Note(text="", photo=None):
            faults.append("an empty note: give text or photo.")
        case Note(about=about) if about is not None and about >= number:
            faults.append(f"is about entry {about}, which is not before it.")
        case _:
            pass
    if isinstance(entry, Gap):
        faults.extend(_amount_faults(entry))
    return faults


def _support_faults(gap: StringGap, frets: int) -> list[str]:
    low, high = gap.low_support, gap.high_support
    if low is None and high is None:
        if gap.by == "string":
            return ["a string needs its supports: give low_support and high_support."]
        start, end = gap.reach or (1, frets)
        if not start < gap.fret < end:
            return [f"the fret ({gap.fret}) should lie within the reach ({start} to {end})."]
        return []
    if low is None or high is None:
        return ["give both supports, or neither for an edge as it rests."]
    if low >= high:
        return [f"the supports ({low} and {high}) should be two frets, the lower one first."]
    if gap.by != "string" and gap.fret not in (low, high):
        # An edge runs on past what it rests on.
        return []
    if not low < gap.fret < high:
        return [f"the fret ({gap.fret}) should lie between the supports ({low} and {high})."]
    return []


def _amount_faults(entry: Gap) -> list[str]:
    low, highs = (
        entry.slides_mm,
        [mm for mm in (entry.drags_mm, entry.wont_go_mm) if mm is not None],
    )
    if entry.gap_mm is not None and (low is not None or highs):
        return ["give gap_mm, or leaves (slides_mm, drags_mm, wont_go_mm), not both."]
    if low is not None and highs and low >= min(highs):
        return [
            f"the leaf that slides ({low} mm) should be thinner than the one that drags or won't go ({min(highs)} mm)."
        ]
    needed = not isinstance(entry, Rock | StandOff)
    if needed and entry.gap_mm is None and low is None and not highs:
        return ["no amount: give gap_mm, slides_mm, drags_mm or wont_go_mm."]
    return []


def question(field: str, text: str, typed: Length) -> tuple[str, Meaning | None] | None:
    """A question about an unlikely value and the likely meaning, or None when it is plausible."""
    low, high = PLAUSIBLE_MM[field]
    if low <= typed.mm <= high:
        return None
    meaning = likely_meaning(text, typed, low, high)
    said = f"{typed.mm / MM_PER_UNIT[typed.unit]:g} {typed.unit.value}"
    size = "a lot" if typed.mm > high else "very little"
    offer = f" {meaning.words}." if meaning else ""
    return f"{said}? That is {size} here.{offer}", meaning
