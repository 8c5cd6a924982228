"""Whether what heat took out of a neck stayed out."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.readings.entries import StringGap
from nuvrek.readings.journal import NeckState
from nuvrek.readings.told.days import days_between

# So much must have come out to be spoken of, and such a share of it be back, so many days later at
# the least, before heat is said not to have held (common practice, no source).
OUT_MM, BACK_SHARE, DAYS = 0.08, 0.5, 7


class CreptBack(Struct, frozen=True):
    """What the last heat took out of the relief at pitch, and how much of it is back, mm."""

    out_mm: float
    back_mm: float


def crept_back(neck_state: NeckState) -> CreptBack | None:
    """What came back after the last heat; None where nothing tells, or where it held."""
    if not neck_state.heats:
        return None
    heated, turned = neck_state.heats[-1][0], [number for number, _ in neck_state.rod_moves]
    before: dict[tuple[object, ...], float] = {}
    after: dict[tuple[object, ...], list[tuple[str, float]]] = {}
    for taken in neck_state.taken:
        gap = taken.reading
        if not isinstance(gap, StringGap) or gap.gap_mm is None or gap.state.strings != "pitch":
            continue
        place = (gap.lane, gap.low_support, gap.high_support, gap.fret, gap.by)
        if taken.number < heated:
            before[place] = gap.gap_mm
        elif not any(heated < number < taken.number for number in turned):
            after.setdefault(place, []).append((gap.at, gap.gap_mm))
    both = [place for place in before if len(after.get(place, ())) > 1]
    later = [p for p in both if days_between(after[p][0][0], after[p][-1][0]) >= DAYS]
    if not later:
        return None
    out = sum(before[place] - after[place][0][1] for place in later) / len(later)
    back = sum(after[place][-1][1] - after[place][0][1] for place in later) / len(later)
    if out < OUT_MM or back < BACK_SHARE * out:
        return None
    return CreptBack(out, back)
