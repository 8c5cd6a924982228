"""The rounds of a refret: before stripping, on the bare board, its slots, the wire of this run, and
after fitting.
"""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.scale import places_mm
from nuvrek.readings.entries import State
from nuvrek.readings.sizes import What
from nuvrek.readings.station import Station

_SLACK = State(strings="slack")


def spread_frets(neck: NeckDescription, shares: Sequence[float]) -> tuple[int, ...]:
    """The frets nearest to these shares of the way from the first to the last."""
    x = places_mm(neck)
    places = [x[1] + share * (x[-1] - x[1]) for share in shares]
    found = {min(range(1, neck.frets + 1), key=lambda f: abs(x[f] - place)) for place in places}
    return tuple(sorted(found))


def board_sizes(neck: NeckDescription) -> tuple[Station, ...]:
    """What decides how far a board can be trued: its radius at several frets, its thickness at both
    ends, the binding, and how high an edge on the frets comes over the bridge.
    """
    radius = _sizes("radius", spread_frets(neck, (0.0, 0.45, 1.0)))
    thick = _sizes("board-thickness", (1, neck.frets))
    bound = list[Station]()
    if neck.bound:
        bound.append(Station("binding", "size", "bass", 0, what="binding-width"))
    bridge = tuple(
        Station(f"bridge-{lane}", "size", lane, 0, what="over-bridge")
        for lane in ("bass", "treble")
    )
    return (*radius, *thick, *bound, *(() if neck.bare else bridge))


def bare_board(neck: NeckDescription) -> tuple[Station, ...]:
    """A plain edge on the bare wood of three lanes, gap by gap, then the radius: what truing is
    planned by.
    """
    lies = tuple(
        Station(f"bare-lies-{lane}", "edge-lie", lane, by="plain", state=_SLACK) for lane in LANES
    )
    places = spread_frets(neck, (0.15, 0.3, 0.45, 0.6, 0.8))
    gaps = tuple(
        Station(
            f"bare-{lane}-{fret}",
            "string-gap",
            lane,
            fret=fret,
            supports=(1, neck.frets),
            by="plain",
            state=_SLACK,
        )
        for lane in LANES
        for fret in places
        if 1 < fret < neck.frets
    )
    return (*lies, *gaps, *_sizes("radius", spread_frets(neck, (0.0, 0.45, 1.0))))


def slots(neck: NeckDescription) -> tuple[Station, ...]:
    """Width and depth of a few slots; which of the others are worn the trial piece says in Work."""
    few = spread_frets(neck, (0.0, 0.25, 0.5, 0.75, 1.0))
    return tuple(
        station
        for fret in few
        for station in (*_sizes("slot-width", (fret,)), *_sizes("slot-depth", (fret,)))
    )


def wire(_neck: NeckDescription) -> tuple[Station, ...]:
    """This run of wire under the caliper: runs differ."""
    kinds: tuple[What, ...] = (
        "wire-height",
        "wire-width",
        "tang-depth",
        "tang-blade",
        "tang-barbs",
    )
    return tuple(Station(f"run-{what}", "size", "middle", 0, what=what) for what in kinds)


def _sizes(what: What, frets: Sequence[int]) -> tuple[Station, ...]:
    return tuple(Station(f"{what}-{fret}", "size", "middle", fret, what=what) for fret in frets)
