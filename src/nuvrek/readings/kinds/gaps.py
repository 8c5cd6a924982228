"""Gaps under a string or an edge, and what all gaps have in common."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import ON_WOOD, Gap, Rock, StandOff, StringGap
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, Tool
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length, format_number


def amount_words(reading: Gap, unit: Unit) -> Saying:
    """The measured part of a gap: one number, a bracket, or one side of it."""
    if reading.gap_mm is not None:
        return format_length(reading.gap_mm, unit)
    low = reading.slides_mm
    highs = [mm for mm in (reading.drags_mm, reading.wont_go_mm) if mm is not None]
    if low is not None and highs:
        return means(
            "stations.to", low=format_number(low, unit), highs=format_length(min(highs), unit)
        )
    if low is not None:
        return means("stations.over-with-low", low=format_length(low, unit))
    if highs:
        return means("stations.under", highs=format_length(min(highs), unit))
    return ""


def amount_mm(reading: Gap) -> float | None:
    """The one number of a gap, or the middle of its bracket; None where it is only bounded."""
    if reading.gap_mm is not None:
        return reading.gap_mm
    highs = [mm for mm in (reading.drags_mm, reading.wont_go_mm) if mm is not None]
    if reading.slides_mm is None or not highs:
        return None
    return 0.5 * (reading.slides_mm + min(highs))


def amount_faults(entry: Gap) -> list[Saying]:
    """What contradicts itself in the measured part of a gap."""
    low, highs = (
        entry.slides_mm,
        [mm for mm in (entry.drags_mm, entry.wont_go_mm) if mm is not None],
    )
    if entry.gap_mm is not None and (low is not None or highs):
        return [means("stations.give-gap-mm-or-leaves")]
    if low is not None and highs and low >= min(highs):
        return [means("stations.leaf-slides-mm-should-thinner", low=low, highs=min(highs))]
    needed = not isinstance(entry, Rock | StandOff)
    if needed and entry.gap_mm is None and low is None and not highs:
        return [means("stations.no-amount-give-gap-mm")]
    return []


def leaf_or(tool: Tool, reading: Gap) -> Tool:
    """A plain number came by the tool itself, a bracket by leaves."""
    if reading.gap_mm is not None:
        return tool
    return "leaf"


_EDGE_WORDS = {
    "string": means("stations.gap"),
    "edge": means("stations.edge"),
    "notched": means("stations.wood"),
    "plain": means("stations.bare-board"),
}


def _place(gap: StringGap) -> Saying:
    name = _EDGE_WORDS[gap.by]
    laid: Saying = means(
        "stations.name-low-support-high-support",
        name=name,
        low_support=gap.low_support,
        high_support=gap.high_support,
    )
    if gap.low_support is None:
        laid = means("stations.resting", name=name)
    return means(
        "stations.over",
        laid=laid,
        fret=gap.fret,
        string_or_side=string_or_side(gap.string, LANE_WORDS[gap.lane]),
    )


def string_or_side(string: int | None, side: Saying) -> Saying:
    """The string where one was named, else the side."""
    if string:
        return means("stations.string-with-string", string=string)
    return side


def _frets(gap: StringGap) -> frozenset[int]:
    named = (gap.fret, gap.low_support, gap.high_support)
    return frozenset(fret for fret in named if fret is not None)


def _highest(gap: StringGap) -> int:
    return max(gap.fret, gap.high_support or 0, gap.reach[1] if gap.reach else 0)


def _faults(gap: StringGap, neck: NeckDescription, _number: int) -> list[Saying]:
    faults = reach_faults(gap.reach) or _support_faults(gap, neck.frets)
    return [*faults, *amount_faults(gap)]


def reach_faults(reach: tuple[int, int] | None) -> list[Saying]:
    """What is wrong with the frets an edge covers, the lower one first; nothing where not said."""
    if reach is None or reach[0] < reach[1]:
        return []
    return [means("stations.reach-should-two-frets-lower", start=reach[0], end=reach[1])]


def _support_faults(gap: StringGap, frets: int) -> list[Saying]:
    low, high = gap.low_support, gap.high_support
    if low is None and high is None:
        if gap.by == "string":
            return [means("stations.string-needs-supports-give-low")]
        start, end = gap.reach or (1, frets)
        if not start < gap.fret < end:
            return [
                means(
                    "stations.fret-should-lie-within-reach-with-fret-start",
                    fret=gap.fret,
                    start=start,
                    end=end,
                )
            ]
        return []
    if low is None or high is None:
        return [means("stations.give-both-supports-or-neither")]
    if low >= high:
        return [means("stations.supports-should-two-frets-lower", low=low, high=high)]
    if gap.by != "string" and gap.fret not in (low, high):
        # An edge runs on past what it rests on.
        return []
    if not low < gap.fret < high:
        return [
            means("stations.fret-should-lie-between-supports", fret=gap.fret, low=low, high=high)
        ]
    return []


def _station(gap: StringGap) -> Station:
    low, high = gap.low_support, gap.high_support
    if low is None or high is None:
        supports = None
    else:
        supports = (low, high)
    return Station(
        gap.station,
        "string-gap",
        gap.lane,
        fret=gap.fret,
        supports=supports,
        by=gap.by,
        string=gap.string or 0,
    )


STRING_GAP = EntryRecord(
    type=StringGap,
    place=_place,
    value=lambda gap, unit, _heights: amount_words(gap, unit),
    frets=_frets,
    highest=_highest,
    faults=_faults,
    station=_station,
    tool=lambda gap: leaf_or("edge", gap),
    figure=amount_mm,
)


_TITLES = {
    "string": means("stations.gap-under-string"),
    "edge": means("stations.edge-frets"),
    "notched": means("stations.edge-wood"),
    "plain": means("stations.edge-bare-board"),
}
_RESTING = {
    "string": means("stations.string"),
    "edge": means("stations.edge-resting-frets"),
    "notched": means("stations.notched-edge-resting-wood"),
    "plain": means("stations.plain-edge-resting-bare-board"),
}


def _prompt(station: Station, fret: int, side: Saying, strings: Saying) -> Saying:
    if station.supports is None:
        return means(
            "stations.gap-with-side-resting-at"
            if station.by in ON_WOOD
            else "stations.gap-with-side-resting-over",
            side=side,
            resting=_RESTING[station.by],
            fret=fret,
        )
    low, high = station.supports
    if station.wanted_mm:
        return means(
            "stations.hold-press-does-leaf-go",
            side=side,
            held=held_words(low),
            high=high,
            fret=fret,
        )
    if station.by == "string":
        named: Saying = side
        if station.string:
            named = means("stations.string-with-string-3", string=station.string)
        return means(
            "stations.hold-press-gap-over", named=named, held=held_words(low), high=high, fret=fret
        )
    if station.by in ON_WOOD:
        return means(
            "stations.gap-with-side-edge-notched-edge-wood"
            if station.by == "notched"
            else "stations.gap-with-side-edge-plain-edge-board",
            side=side,
            held=held_words(low),
            high=high,
            fret=fret,
        )
    # What it comes over past its supports may lift it: where it is held down must be said.
    hold: Saying
    if low <= fret <= high:
        hold = ""
    else:
        hold = means("stations.held-down", low=low if fret < low else high)
    return means(
        "stations.edge-gap-over",
        side=side,
        strings=strings,
        held=held_words(low),
        high=high,
        hold=hold,
        fret=fret,
    )


def held_words(support: int) -> Saying:
    """A fret by its number, and the nut by its name."""
    if support:
        return str(support)
    return means("stations.nut")


STRING_GAP_STATION = StationRecord(
    kind="string-gap",
    title=lambda station: _TITLES[station.by],
    prompt=_prompt,
    likely_mm=(0.0, 1.2),
    picture="edge",
)
