"""Gaps under a string or an edge, and what all gaps have in common."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import ON_WOOD, Gap, Rock, StandOff, StringGap
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, Tool
from nuvrek.readings.station import Station
from nuvrek.units import Unit, format_length, format_number


def amount_words(reading: Gap, unit: Unit) -> str:
    """The measured part of a gap: one number, a bracket, or one side of it."""
    if reading.gap_mm is not None:
        return format_length(reading.gap_mm, unit)
    low = reading.slides_mm
    highs = [mm for mm in (reading.drags_mm, reading.wont_go_mm) if mm is not None]
    if low is not None and highs:
        return tr(
            "{low} to {highs}", low=format_number(low, unit), highs=format_length(min(highs), unit)
        )
    if low is not None:
        return tr("over {low}", low=format_length(low, unit))
    if highs:
        return tr("under {highs}", highs=format_length(min(highs), unit))
    return ""


def amount_mm(reading: Gap) -> float | None:
    """The one number of a gap, or the middle of its bracket; None where it is only bounded."""
    if reading.gap_mm is not None:
        return reading.gap_mm
    highs = [mm for mm in (reading.drags_mm, reading.wont_go_mm) if mm is not None]
    if reading.slides_mm is None or not highs:
        return None
    return 0.5 * (reading.slides_mm + min(highs))


def amount_faults(entry: Gap) -> list[str]:
    """What contradicts itself in the measured part of a gap."""
    low, highs = (
        entry.slides_mm,
        [mm for mm in (entry.drags_mm, entry.wont_go_mm) if mm is not None],
    )
    if entry.gap_mm is not None and (low is not None or highs):
        return [tr("give gap_mm, or leaves (slides_mm, drags_mm, wont_go_mm), not both.")]
    if low is not None and highs and low >= min(highs):
        return [
            tr(
                "the leaf that slides ({low} mm) should be thinner than the one that drags or "
                "won't go ({highs} mm).",
                low=low,
                highs=min(highs),
            )
        ]
    needed = not isinstance(entry, Rock | StandOff)
    if needed and entry.gap_mm is None and low is None and not highs:
        return [tr("no amount: give gap_mm, slides_mm, drags_mm or wont_go_mm.")]
    return []


def leaf_or(tool: Tool, reading: Gap) -> Tool:
    """A plain number came by the tool itself, a bracket by leaves."""
    return tool if reading.gap_mm is not None else "leaf"


_EDGE_WORDS = {
    "string": tr("gap"),
    "edge": tr("edge"),
    "notched": tr("wood"),
    "plain": tr("bare board"),
}


def _place(gap: StringGap) -> str:
    name = _EDGE_WORDS[gap.by]
    laid = f"{name} {gap.low_support}-{gap.high_support}"
    if gap.low_support is None:
        laid = tr("{name}, resting,", name=name)
    return tr(
        "{laid} over {fret}, {string_or_side}",
        laid=laid,
        fret=gap.fret,
        string_or_side=string_or_side(gap.string, LANE_WORDS[gap.lane]),
    )


def string_or_side(string: int | None, side: str) -> str:
    """The string where one was named, else the side."""
    return tr("string {string}", string=string) if string else side


def _frets(gap: StringGap) -> frozenset[int]:
    named = (gap.fret, gap.low_support, gap.high_support)
    return frozenset(fret for fret in named if fret is not None)


def _highest(gap: StringGap) -> int:
    return max(gap.fret, gap.high_support or 0, gap.reach[1] if gap.reach else 0)


def _faults(gap: StringGap, neck: NeckDescription, _number: int) -> list[str]:
    faults = reach_faults(gap.reach) or _support_faults(gap, neck.frets)
    return [*faults, *amount_faults(gap)]


def reach_faults(reach: tuple[int, int] | None) -> list[str]:
    """What is wrong with the frets an edge covers, the lower one first; nothing where not said."""
    if reach is None or reach[0] < reach[1]:
        return []
    return [
        tr(
            "the reach ({start} to {end}) should be two frets, the lower one first.",
            start=reach[0],
            end=reach[1],
        )
    ]


def _support_faults(gap: StringGap, frets: int) -> list[str]:
    low, high = gap.low_support, gap.high_support
    if low is None and high is None:
        if gap.by == "string":
            return [tr("a string needs its supports: give low_support and high_support.")]
        start, end = gap.reach or (1, frets)
        if not start < gap.fret < end:
            return [
                tr(
                    "the fret ({fret}) should lie within the reach ({start} to {end}).",
                    fret=gap.fret,
                    start=start,
                    end=end,
                )
            ]
        return []
    if low is None or high is None:
        return [tr("give both supports, or neither for an edge as it rests.")]
    if low >= high:
        return [
            tr(
                "the supports ({low} and {high}) should be two frets, the lower one first.",
                low=low,
                high=high,
            )
        ]
    if gap.by != "string" and gap.fret not in (low, high):
        # An edge runs on past what it rests on.
        return []
    if not low < gap.fret < high:
        return [
            tr(
                "the fret ({fret}) should lie between the supports ({low} and {high}).",
                fret=gap.fret,
                low=low,
                high=high,
            )
        ]
    return []


def _station(gap: StringGap) -> Station:
    low, high = gap.low_support, gap.high_support
    supports = None if low is None or high is None else (low, high)
    return Station(
        gap.station, "string-gap", gap.lane, gap.fret, supports, gap.by, string=gap.string or 0
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
    "string": tr("gap under a string"),
    "edge": tr("edge on the frets"),
    "notched": tr("edge on the wood"),
    "plain": tr("edge on the bare board"),
}
_RESTING = {
    "string": tr("String"),
    "edge": tr("Edge resting on the frets"),
    "notched": tr("Notched edge resting on wood"),
    "plain": tr("Plain edge resting on the bare board"),
}


def _prompt(station: Station, fret: int, side: str, strings: str) -> str:
    if station.supports is None:
        where = tr("at") if station.by in ON_WOOD else tr("over")
        return tr(
            "{side}. {resting}. Gap {where} {fret}?",
            side=side,
            resting=_RESTING[station.by],
            where=where,
            fret=fret,
        )
    low, high = station.supports
    if station.wanted_mm:
        return tr(
            "{side}. Hold {held}, press {high}. Does the leaf go over {fret}?",
            side=side,
            held=_held(low),
            high=high,
            fret=fret,
        )
    if station.by == "string":
        named = tr("String {string}", string=station.string) if station.string else side
        return tr(
            "{named}. Hold {held}, press {high}. Gap over {fret}?",
            named=named,
            held=_held(low),
            high=high,
            fret=fret,
        )
    if station.by in ON_WOOD:
        edge = (
            tr("Notched edge on wood") if station.by == "notched" else tr("Plain edge on the board")
        )
        return tr(
            "{side}. {edge}, {held} and {high}. Gap at {fret}?",
            side=side,
            edge=edge,
            held=_held(low),
            high=high,
            fret=fret,
        )
    # What it comes over past its supports may lift it: where it is held down must be said.
    hold = (
        "" if low <= fret <= high else tr(", held down at {low}", low=low if fret < low else high)
    )
    return tr(
        "{side}, {strings}. Edge on {held} and {high}{hold}. Gap over {fret}?",
        side=side,
        strings=strings,
        held=_held(low),
        high=high,
        hold=hold,
        fret=fret,
    )


def _held(support: int) -> str:
    return str(support) if support else tr("the nut")


STRING_GAP_STATION = StationRecord(
    kind="string-gap",
    title=lambda station: _TITLES[station.by],
    prompt=_prompt,
    likely_mm=(0.0, 1.2),
    picture="edge",
)
