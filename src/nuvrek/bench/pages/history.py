"""A neck through the years: each visit by itself, as the readings up to its day showed it."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import meaning, patience
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    Chosen,
    CrownHeight,
    Describe,
    Filed,
    FretWork,
    Heated,
    Reading,
    RodMove,
    StringHeight,
)
from nuvrek.readings.journal import fold, live_numbers
from nuvrek.readings.rod_words import turns_words
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    from nuvrek.estimate.heightmap import HeightMap

Amount = tuple[float, float]  # mm and its doubt
# A relief known no better than this is no point on the line (common practice, no source).
_VAGUE_MM = 0.25


class Visit(Struct, frozen=True):
    """One day with readings: relief at pitch and slack, humidity of the room, turns of the rod
    since it was first seen, the thinnest crown where crowns were read, string heights over fret 12,
    and what was done that day. ``tops`` are those at pitch by fret and lane, ``doubts`` how far
    each may be off, ``known`` the lanes that were read, ``crowns`` the lowest crown of each
    fret.
    """

    day: str
    length: int
    pitch: Amount | None = None
    slack: Amount | None = None
    humidity: float | None = None
    turns: float = 0.0
    thinnest_mm: float | None = None
    crowns: tuple[Amount, ...] = ()
    low_mm: float | None = None
    high_mm: float | None = None
    done: tuple[Saying, ...] = ()
    tops: tuple[tuple[float, ...], ...] = ()
    doubts: tuple[tuple[float, ...], ...] = ()
    known: tuple[bool, ...] = ()


def days_of(entries: Sequence[AnyEntry]) -> list[tuple[str, int]]:
    """The days on which something was read, each with the number of its last entry."""
    found: dict[str, int] = {}
    for number in live_numbers(entries):
        entry = entries[number - 1]
        if entry.at and (isinstance(entry, Reading) or entry.at[:10] in found):
            found[entry.at[:10]] = number
    return list(found.items())


def history(first: NeckDescription, entries: Sequence[AnyEntry]) -> tuple[Visit, ...]:
    """Every visit of a neck. Each is mapped by itself, which takes its time; it can be left. What
    the visit before has closed is used again, which changes nothing.
    """
    from nuvrek.estimate.heightmap import map_neck

    visits, neck_map = [], None
    for day, length in days_of(entries):
        patience.ask()
        upto = entries[:length]
        neck_map = map_neck(fold(first, upto), neck_map)
        visits.append(_visit(neck_map, upto, day, length))
    return tuple(visits)


def _visit(neck_map: HeightMap, upto: Sequence[AnyEntry], day: str, length: int) -> Visit:
    today = [upto[n - 1] for n in live_numbers(upto) if upto[n - 1].at[:10] == day]
    air = [e.humidity_percent for e in today if isinstance(e, Air) and e.humidity_percent]
    crowned = any(isinstance(e, CrownHeight) for e in upto)
    heights = {e.side: e.height_mm for e in today if isinstance(e, StringHeight) and not e.capo}
    return Visit(
        day=day,
        length=length,
        pitch=_relief(neck_map, "pitch"),
        slack=_relief(neck_map, "slack"),
        humidity=air[-1] if air else None,
        turns=neck_map.neck_state.state.rod_turns,
        thinnest_mm=float(neck_map.crown_mm.min()) if crowned else None,
        crowns=_crowns(neck_map) if crowned else (),
        low_mm=heights.get("bass"),
        high_mm=heights.get("treble"),
        done=_done(today),
        tops=tuple(map(tuple, neck_map.tops_mm.tolist())),
        doubts=tuple(map(tuple, neck_map.tops_doubt_mm.tolist())),
        known=tuple(bool(one) for one in neck_map.known),
    )


def _crowns(neck_map: HeightMap) -> tuple[Amount, ...]:
    """The lowest crown of every fret over the lanes, with its doubt."""
    lowest = neck_map.crown_mm.argmin(axis=1)
    return tuple(
        (float(neck_map.crown_mm[n, k]), float(neck_map.crown_doubt_mm[n, k]))
        for n, k in enumerate(lowest)
    )


def _relief(neck_map: HeightMap, strings: str) -> Amount | None:
    """Mean over the sides that are known, with its doubt; None where it is no figure."""
    sides = [
        relief
        for relief in neck_map.relief
        if relief.strings == strings and relief.lane != "middle" and relief.doubt_mm < _VAGUE_MM
    ]
    if not sides:
        return None
    mm = sum(relief.mm for relief in sides) / len(sides)
    return float(mm), float(max(relief.doubt_mm for relief in sides))


def _done(today: Sequence[AnyEntry]) -> tuple[Saying, ...]:
    """What was done on a day, in a word or two each."""
    found: dict[Saying, None] = {}
    turned = sum(e.turns for e in today if isinstance(e, RodMove))
    if turned:
        found[means("pages.rod", turns=turns_words(turned))] = None
    for entry in today:
        match entry:
            case Filed(way=way):
                found[lower_first(way_title(way))] = None
            case FretWork(stage="fit"):
                found[means("pages.new-wire")] = None
            case Heated():
                found[means("pages.heat")] = None
            case Describe(neck=neck) if neck.string_set:
                found[means("pages.strings-described")] = None
            case Chosen(way=way) if way in ("strings", "nut", "saddle", "seat"):
                found[lower_first(way_title(way))] = None
            case _:
                pass
    return tuple(found)


def change(before: Visit, after: Visit) -> tuple[Amount, ...] | None:
    """How each top has moved at pitch from one visit to another, mean of the lanes known both
    times, and how far that may be off; None where no lane is.
    """
    lanes = [k for k, both in enumerate(zip(before.known, after.known, strict=False)) if all(both)]
    if not lanes or len(before.tops) != len(after.tops):
        return None
    import numpy as np

    moved = np.subtract(after.tops, before.tops)[:, lanes].mean(axis=1)
    doubt = np.hypot(after.doubts, before.doubts)[:, lanes].max(axis=1)
    return tuple(zip(moved.tolist(), doubt.tolist(), strict=True))


def years_in_words(
    visits: Sequence[Visit], neck: NeckDescription, wear_mm: float | None, unit: Unit
) -> Saying:
    """What the years say of a neck: its wear and the years left by it, what it does in dry and damp
    air.
    """
    from nuvrek.planning.wear import Wear

    parts: list[Saying] = []
    crowns = [visit.thinnest_mm for visit in visits if visit.thinnest_mm is not None]
    if wear_mm is not None and crowns:
        years = Wear(wear_mm, True).years(crowns[-1], neck.least_crown_mm)
        parts.append(
            means(
                "pages.wears-year-own-crowns-years",
                wear_mm=format_length(wear_mm, unit, decimals=3),
                years=years,
                least_crown_mm=format_length(neck.least_crown_mm, unit),
            )
        )
    parts.append(_air_words(visits, unit))
    return meaning.sentences(*parts)


def _air_words(visits: Sequence[Visit], unit: Unit) -> Saying:
    """Relief in the driest and the dampest air it was seen in, with its rod as it is now: what a
    turn does is not the air's.
    """
    seen = [
        (visit.humidity, visit.pitch[0])
        for visit in visits
        if visit.humidity is not None
        and visit.pitch is not None
        and visit.turns == visits[-1].turns
    ]
    if len(seen) < 3:
        return ""
    (dry, low), (damp, high) = min(seen), max(seen)
    if damp - dry < 10.0:
        return ""
    return means(
        "pages.rod-now-relief-dry-air",
        low=format_length(low, unit),
        dry=dry,
        high=format_length(high, unit),
        damp=damp,
    )


def own_wear_mm(entries: Sequence[AnyEntry], neck: NeckDescription) -> float | None:
    """Wear a year by crowns read at two visits; None where they don't tell."""
    from nuvrek.planning.wear import wear_of

    wear = wear_of(fold(neck, entries))
    if wear.own:
        return wear.mm_a_year
    return None
