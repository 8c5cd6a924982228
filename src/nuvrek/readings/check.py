"""Whether an entry makes sense on its neck, and whether a typed value is plausible there."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.kinds import (
    AnyEntry,
    CrownHeight,
    Dial,
    Filed,
    OthersStill,
    Rock,
    Seated,
    Strike,
    StringGap,
    StringHeight,
)
from nuvrek.readings.rounds import StationKind
from nuvrek.units import MM_PER_UNIT, Length, Meaning, likely_meaning

# What a reading can well be, in mm; outside it is questioned, never refused. Common practice, no source.
PLAUSIBLE_MM: dict[StationKind, tuple[float, float]] = {
    "string-gap": (0.0, 1.2),
    "sweep": (0.0, 0.8),
    "crown-height": (0.3, 2.0),
    "string-height": (0.4, 6.0),
    "dial": (-1.5, 1.5),
    "state": (0.0, 0.0),
}


def entry_faults(entry: AnyEntry, neck: NeckDescription, number: int) -> list[str]:
    """What contradicts the neck, one sentence each with what would be right; empty when fine."""
    faults = [
        f"fret {fret} doesn't exist; this neck has 1 to {neck.frets}."
        for fret in _frets(entry)
        if fret > neck.frets
    ]
    match entry:
        case StringGap(low_support=low, high_support=high, fret=fret):
            if not low < fret < high:
                faults.append(f"the fret ({fret}) should lie between the supports ({low} and {high}).")
            faults.extend(_amount_faults(entry, needed=True))
        case Rock(fret=fret):
            if not 2 <= fret <= neck.frets - 1:
                faults.append(f"a rocker's middle fret is 2 to {neck.frets - 1}, not {fret}.")
            faults.extend(_amount_faults(entry, needed=False))
        case Strike(entry=struck) if struck >= number:
            faults.append(f"strikes entry {struck}, which is not before it.")
        case OthersStill(frets=frets) if any(not 2 <= f <= neck.frets - 1 for f in frets):
            faults.append(f"a rocker's middle frets are 2 to {neck.frets - 1}.")
        case _:
            pass
    return faults


def _frets(entry: AnyEntry) -> tuple[int, ...]:
    match entry:
        case StringGap():
            return (entry.high_support,)
        case CrownHeight() | StringHeight() | Dial() | Seated():
            return (entry.fret,)
        case Filed():
            return tuple(sorted({fret for fret, _, _ in entry.off}))
        case _:
            return ()


def _amount_faults(entry: StringGap | Rock, needed: bool) -> list[str]:
    low, high = entry.slides_mm, entry.drags_mm
    if entry.gap_mm is not None and (low is not None or high is not None):
        return ["give gap_mm, or slides_mm and drags_mm, not both."]
    if low is not None and high is not None and low >= high:
        return [f"the leaf that slides ({low} mm) should be thinner than the one that drags ({high} mm)."]
    if needed and entry.gap_mm is None and low is None and high is None:
        return ["no amount: give gap_mm, slides_mm or drags_mm."]
    return []


def question(kind: StationKind, text: str, typed: Length) -> tuple[str, Meaning | None] | None:
    """A question about an unlikely value and the likely meaning, or None when it is plausible."""
    low, high = PLAUSIBLE_MM[kind]
    if low <= typed.mm <= high:
        return None
    meaning = likely_meaning(text, typed, low, high)
    said = f"{typed.mm / MM_PER_UNIT[typed.unit]:g} {typed.unit.value}"
    size = "a lot" if typed.mm > high else "very little"
    offer = f" {meaning.words}." if meaning else ""
    return f"{said}? That is {size} here.{offer}", meaning
