"""What caliper, rule and gauge have said of the board and its slots, and of the wire that was in
them. Lengths in mm.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.radius import described_radius_mm
from nuvrek.neck.scale import places_mm
from nuvrek.readings.entries import Size
from nuvrek.readings.journal import NeckState
from nuvrek.readings.sizes import What

# A board is cut to one radius, or to one that grows: gauges that say it turns back by more than
# this share have misread (common practice, no source).
TURNS_BACK = 0.12


@dataclass(frozen=True)
class BoardRead:
    """By fret from 1: radius (None: flat, or not known), slot width, slot depth and thickness of
    the board, None where nobody read one near. ``faults`` are readings that can't all be true, a
    sentence each.
    """

    radius_mm: tuple[float | None, ...]
    radius_read: bool
    slot_width_mm: tuple[float | None, ...]
    slot_depth_mm: tuple[float | None, ...]
    thick_mm: tuple[float | None, ...]
    faults: tuple[Saying, ...]


def sizes_read(neck_state: NeckState, what: What) -> dict[int, float]:
    """The last size of a kind at each fret; 0 is the nut."""
    return {
        taken.reading.fret: taken.reading.mm
        for taken in neck_state.taken
        if isinstance(taken.reading, Size) and taken.reading.what == what
    }


def board_read(neck_state: NeckState) -> BoardRead:
    """All that was read of the board, brought to every fret; wood taken off since is taken off the
    slots' depth and the thickness.
    """
    neck = neck_state.neck
    radii = sizes_read(neck_state, "radius")
    widths = sizes_read(neck_state, "slot-width")
    depths, thick = _less_wood(neck_state, "slot-depth"), _less_wood(neck_state, "board-thickness")
    return BoardRead(
        radius_mm=_radii(neck, radii),
        radius_read=bool(radii),
        slot_width_mm=_every(neck, widths),
        slot_depth_mm=_every(neck, depths),
        thick_mm=_every(neck, thick),
        faults=(*_radius_faults(neck, radii), *_thin_faults(neck, depths, thick)),
    )


def _less_wood(neck_state: NeckState, what: What) -> dict[int, float]:
    """Depths and thicknesses less the wood taken off since they were read."""
    found = {}
    for taken in neck_state.taken:
        if not isinstance(taken.reading, Size) or taken.reading.what != what:
            continue
        fret, gone = taken.reading.fret, 0.0
        for number, trued in neck_state.truings:
            if number > taken.number:
                gone += max((mm for at, _, mm in trued.off if at == max(fret, 1)), default=0.0)
        found[fret] = taken.reading.mm - gone
    return found


def _every(neck: NeckDescription, read: dict[int, float]) -> tuple[float | None, ...]:
    """Between the places read it runs straight, outside them as at the nearest."""
    if not read:
        return (None,) * neck.frets
    x = places_mm(neck)
    places = sorted(fret for fret in read if fret <= neck.frets)
    if not places:
        return (None,) * neck.frets
    return tuple(_between(x, places, read, fret) for fret in range(1, neck.frets + 1))


def _between(x: Sequence[float], places: Sequence[int], read: dict[int, float], fret: int) -> float:
    before = [p for p in places if p <= fret]
    after = [p for p in places if p >= fret]
    if not before or not after:
        return read[(before or after)[-1 if before else 0]]
    low, high = before[-1], after[0]
    if low == high:
        return read[low]
    share = (x[fret] - x[low]) / (x[high] - x[low])
    return read[low] + (read[high] - read[low]) * share


def _radii(neck: NeckDescription, read: dict[int, float]) -> tuple[float | None, ...]:
    if read:
        return _every(neck, read)
    return tuple(described_radius_mm(neck, fret) for fret in range(1, neck.frets + 1))


def _radius_faults(neck: NeckDescription, read: dict[int, float]) -> list[Saying]:
    """A radius that grows, shrinks and grows again is a gauge misread."""
    places = sorted(fret for fret in read if fret <= neck.frets)
    for before, at, after in zip(places, places[1:], places[2:], strict=False):
        one, two, three = read[before], read[at], read[after]
        over = min(one, three) * (1.0 + TURNS_BACK) < two > max(one, three) * (1.0 + TURNS_BACK)
        under = two < min(one, three) * (1.0 - TURNS_BACK)
        if over or under:
            return [
                means(
                    "stations.radius-gauge-says-mm-no",
                    detail=one,
                    before=before,
                    two=two,
                    at=at,
                    three=three,
                    after=after,
                )
            ]
    return []


def _thin_faults(
    neck: NeckDescription, depths: dict[int, float], thick: dict[int, float]
) -> list[Saying]:
    every_depth, every_thick = _every(neck, depths), _every(neck, thick)
    for fret, (deep, board) in enumerate(zip(every_depth, every_thick, strict=True), 1):
        if deep is not None and board is not None and deep >= board:
            return [means("stations.fret-slot-mm-deep-board", fret=fret, deep=deep, board=board)]
    return []
