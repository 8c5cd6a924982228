"""What the lanes under the neck sheet show, as plain values; the window only paints them.

Heights in mm. Arrays are nested tuples or NumPy arrays of shape (frets, 3).
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.neck.rocker import edge_words
from nuvrek.readings.journal import Present, fitting
from nuvrek.readings.kinds import (
    AnyEntry,
    AnyReading,
    CrownHeight,
    Dial,
    OthersStill,
    Rock,
    StringGap,
    StringHeight,
    Strings,
)
from nuvrek.readings.rounds import Station
from nuvrek.readings.words import amount_words, value_words
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.bench.picture import Picture


class Curve(Struct, frozen=True):
    """Heights along the neck for one lane of the board; unknown ones are not drawn."""

    lane: Lane
    heights_mm: Sequence[float]
    doubt_mm: Sequence[float]


class WoodLane(Struct, frozen=True):
    """The board's face along the neck, with the relief written at the middle."""

    title: str
    under: str
    curves: tuple[Curve, ...]
    label: str
    label_fret: int
    target_mm: float


class TopsLane(Struct, frozen=True):
    """How each top stands against the smooth neck: up to three bars a fret with whiskers.

    ``rise_mm[fret][lane]``; None where a lane was never measured.
    """

    title: str
    under: str
    rise_mm: tuple[tuple[float | None, ...], ...]
    doubt_mm: tuple[tuple[float, ...], ...]
    named: frozenset[tuple[int, Lane]]
    rule: str = ""


class CrownLane(Struct, frozen=True):
    """Metal over the wood: crown left per fret, after ``off_mm`` is gone, and the least to keep."""

    title: str
    under: str
    crown_mm: tuple[float, ...]
    off_mm: tuple[float, ...]
    least_mm: float
    measured: tuple[bool, ...]


class SideLane(Struct, frozen=True):
    """The side view: how the reading of a station is taken."""

    title: str
    under: str
    station: Station
    fret: int
    note: str = ""


class ValuesLane(Struct, frozen=True):
    """Values read so far, written at their frets."""

    title: str
    under: str
    values: tuple[tuple[int, str, bool], ...]  # fret, words, whether it speaks of the lane now measured


AnyLane = WoodLane | TopsLane | CrownLane | SideLane | ValuesLane


class Dots(Struct, frozen=True):
    """Marks on the fingerboard: frets (with lane) that were read, that rock, or that a way files."""

    read: frozenset[tuple[int, Lane]] = frozenset()
    rocks: frozenset[tuple[int, Lane]] = frozenset()
    filed: frozenset[int] = frozenset()
    supports: tuple[int, ...] = ()
    asked: tuple[int, Lane] | None = None
    lane_now: Lane | None = None


# --- map ------------------------------------------------------------------


def wood_lane(picture: Picture, strings: Strings, unit: Unit) -> WoodLane:
    """The wood under the tops, on the lanes that were measured."""
    neck_map = picture.map
    wood, doubt = neck_map.wood[strings]
    curves = tuple(
        Curve(lane, [float(v) for v in wood[:, k]], [float(v) for v in doubt[:, k]])
        for k, lane in enumerate(LANES)
        if neck_map.known[k]
    )
    here = [r for r, known in zip(_reliefs(picture, strings), neck_map.known, strict=True) if known]
    label = "not measured yet"
    if here:
        deepest = max(here, key=lambda r: abs(r[0]))
        word = "relief" if deepest[0] >= 0 else "back bow"
        label = f"{word} {format_number(abs(deepest[0]), unit)} ±{format_number(deepest[1], unit)}"
    under = "strings at pitch" if strings == "pitch" else "strings slack"
    return WoodLane("Wood", under, curves, label, middle_fret(neck_map.neck), neck_map.neck.relief_target_mm)


def _reliefs(picture: Picture, strings: Strings) -> list[tuple[float, float]]:
    return [(r.mm, r.doubt_mm) for r in picture.map.relief if r.strings == strings]


def tops_lane(picture: Picture, unit: Unit) -> TopsLane:
    """Tops against the smooth neck under them, with doubt; frets with a finding are named."""
    neck_map = picture.map
    rise = tuple(
        tuple(float(neck_map.deviation_mm[f, k]) if neck_map.known[k] else None for k in range(3))
        for f in range(neck_map.neck.frets)
    )
    doubt = tuple(tuple(float(v) for v in row) for row in neck_map.deviation_doubt_mm)
    named = frozenset(
        (finding.fret, lane)
        for finding in picture.findings
        if finding.fret is not None and finding.kind != "thin-crown"
        for lane in finding.lanes
    )
    return TopsLane(
        "Tops", "off the smooth neck", rise, doubt, named, f"one rule {format_length(0.05, unit)}"
    )


def crown_lane(picture: Picture, unit: Unit, off: Mapping[int, float] | None = None) -> CrownLane:
    """Crown left per fret (the thinnest over the lanes); ``off`` is what is to be filed off it, by fret."""
    neck_map = picture.map
    least = neck_map.neck.least_crown_mm
    read = {one.reading.fret for one in picture.present.taken if isinstance(one.reading, CrownHeight)}
    crown = tuple(float(v) for v in neck_map.crown_mm.min(axis=1))
    filed = tuple((off or {}).get(fret, 0.0) for fret in range(1, len(crown) + 1))
    measured = tuple(fret + 1 in read for fret in range(len(crown)))
    return CrownLane("Crown left", f"keep {format_length(least, unit)}", crown, filed, least, measured)


# --- measure --------------------------------------------------------------


def side_lane(station: Station, fret: int, present: Present, owned_mm: Sequence[float] = ()) -> SideLane:
    """The side view of a station; ``owned_mm`` are the lengths of the user's rocker edges."""
    under = LANE_WORDS[station.lane]
    note = edge_words(present.neck, fret, owned_mm) if station.kind == "sweep" else ""
    return SideLane("How", under, station, fret, note)


def values_lane(
    present: Present, station: Station | None, since: int, unit: Unit, height_unit: Unit
) -> ValuesLane:
    """Readings of the kind now asked for at their frets, of rockers only those past entry ``since``."""
    kind = type_of(station)
    values: dict[int, tuple[str, bool]] = {}
    for one in fitting(present)[0].taken:
        reading = one.reading
        fret = getattr(reading, "fret", 0)
        old_rock = kind in (Rock, Dial) and one.number <= since
        if kind is None or not isinstance(reading, kind) or not fret or old_rock:
            continue
        lane = getattr(reading, "lane", getattr(reading, "side", "middle"))
        here = station is not None and lane == station.lane
        if here or fret not in values or not values[fret][1]:
            values[fret] = (_short(reading, unit, height_unit), here)
    shown = tuple((fret, words, here) for fret, (words, here) in sorted(values.items()))
    under = f"in {height_unit.value if kind is StringHeight else unit.value}"
    return ValuesLane("So far", under, shown)


def _short(reading: AnyReading, unit: Unit, height_unit: Unit) -> str:
    if isinstance(reading, StringGap | Rock):
        words = amount_words(reading, unit).replace(" to ", "–")
    else:
        words = value_words(reading, unit, height_unit)
    for name in (" mm", " thou", " in"):
        words = words.removesuffix(name)
    return words


def type_of(station: Station | None) -> type[AnyEntry] | None:
    """The reading kind a station asks for."""
    if station is None or station.kind == "state":
        return None
    kinds: dict[str, type[AnyEntry]] = {
        "string-gap": StringGap,
        "sweep": Rock,
        "crown-height": CrownHeight,
        "string-height": StringHeight,
        "dial": Dial,
    }
    return kinds[station.kind]


def dots_of(present: Present, station: Station | None, cursor: int, since: int) -> Dots:
    """Marks on the fingerboard for the station now asked for."""
    read: set[tuple[int, Lane]] = set()
    rocks: set[tuple[int, Lane]] = set()
    for one in fitting(present)[0].taken:
        reading = one.reading
        if isinstance(reading, Rock) and reading.says == "rocks" and one.number > since:
            rocks.add((reading.fret, reading.lane))
        elif isinstance(reading, StringHeight):
            read.add((reading.fret, reading.side))
        elif isinstance(reading, StringGap | CrownHeight | Dial):
            read.add((reading.fret, reading.lane))
    if station is None or station.kind == "state":
        return Dots(frozenset(read), frozenset(rocks))
    supports = station.supports if station.kind == "string-gap" else ()
    if station.kind == "sweep":
        supports = (cursor - 1, cursor + 1)
    fret = cursor or station.fret
    return Dots(
        frozenset(read),
        frozenset(rocks),
        supports=supports,
        asked=(fret, station.lane),
        lane_now=station.lane,
    )


def readings_at(present: Present, fret: int) -> list[tuple[int, AnyReading]]:
    """Live readings that speak of a fret, newest first, with their numbers."""
    found = []
    for one in reversed(present.taken):
        reading = one.reading
        match reading:
            case StringGap():
                touches = fret in (reading.fret, reading.low_support, reading.high_support)
            case Rock():
                touches = abs(reading.fret - fret) <= 1
            case OthersStill():
                touches = fret in reading.frets
            case _:
                touches = reading.fret == fret
        if touches:
            found.append((one.number, reading))
    return found
