"""Guided rounds: the stations of a measuring round in the order the hand moves."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Literal

import msgspec
from msgspec import Struct

from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, LANES, Lane, NeckDescription
from nuvrek.readings.journal import Present
from nuvrek.readings.kinds import State

StationKind = Literal["string-gap", "sweep", "crown-height", "string-height", "state"]


class Station(Struct, frozen=True):
    """One stop of a round. ``state`` matters only where the strings are changed."""

    key: str
    kind: StationKind
    lane: Lane = "bass"
    fret: int = 0
    supports: tuple[int, int] = (0, 0)
    by: Literal["string", "edge"] = "string"
    state: State = State()


class Round(Struct, frozen=True):
    """A named list of stations."""

    name: str
    title: str
    stations: tuple[Station, ...]


def basic_round(neck: NeckDescription) -> tuple[Station, ...]:
    """String heights and relief at pitch, then slack: relief, the rocker in three lanes, four crowns."""
    return (
        *_heights(neck),
        *_gaps(neck, "pitch"),
        Station("slacken", "state", state=State(strings="slack")),
        *_gaps(neck, "slack"),
        *(Station(f"sweep-{lane}", "sweep", lane) for lane in LANES),
        *(Station(f"crown-{fret}", "crown-height", "middle", fret) for fret in crown_frets(neck)),
    )


def closing_round(neck: NeckDescription) -> tuple[Station, ...]:
    """After the work: the rocker once more, strung up again relief and string heights."""
    return (
        Station("slack-again", "state", state=State(strings="slack")),
        *(Station(f"closing-sweep-{lane}", "sweep", lane) for lane in LANES),
        Station("closing-crown", "crown-height", "middle", crown_frets(neck)[0]),
        Station("string-up", "state", state=State(strings="pitch")),
        *(_renamed(s) for s in _gaps(neck, "pitch")),
        *(_renamed(s) for s in _heights(neck)),
    )


def _renamed(station: Station) -> Station:
    return Station(
        f"closing-{station.key}", station.kind, station.lane, station.fret, station.supports, station.by
    )


def _heights(neck: NeckDescription) -> tuple[Station, ...]:
    fret = min(12, neck.frets)
    return (
        Station("height-bass", "string-height", "bass", fret),
        Station("height-treble", "string-height", "treble", fret),
    )


def _gaps(neck: NeckDescription, strings: Literal["pitch", "slack"]) -> tuple[Station, ...]:
    by: Literal["string", "edge"] = "string" if strings == "pitch" else "edge"
    return tuple(
        Station(f"gap-{strings}-{lane}", "string-gap", lane, middle_fret(neck), (1, neck.joint_fret), by)
        for lane in (LANES[0], LANES[2])
    )


def crown_frets(neck: NeckDescription) -> tuple[int, ...]:
    """Four frets that tell how much wire is left: the most played, two further up and the last."""
    return tuple(sorted({1, min(5, neck.joint_fret - 1), neck.joint_fret, neck.frets}))


def round_of(name: str, neck: NeckDescription) -> Round:
    """The round called ``name`` for this neck; an unknown name gives the basic one."""
    if name == "closing":
        return Round("closing", "Closing round", closing_round(neck))
    return Round("basic", "Basic round", basic_round(neck))


def next_station(stations: Sequence[Station], present: Present, after: int = -1) -> int:
    """Index of the first station not done past ``after``, then of any skipped one; len(stations) when all are done."""
    places = [*range(after + 1, len(stations)), *range(after + 1)]
    open_places = [i for i in places if stations[i].key not in present.stations_done]
    return open_places[0] if open_places else len(stations)


def resume_at(stations: Sequence[Station], present: Present) -> int:
    """Where a round that was left goes on: the first open station past the last one done."""
    done = [i for i, s in enumerate(stations) if s.key in present.stations_done]
    return next_station(stations, present, after=max(done, default=-1))


def prompt(station: Station) -> str:
    """What to do at a station, in words that read from two metres."""
    side = LANE_WORDS[station.lane].capitalize()
    low, high = station.supports
    match station.kind:
        case "string-gap" if station.by == "string":
            return f"{side}. Hold 1, press {high}. Gap over {station.fret}?"
        case "string-gap":
            return f"{side}, slack. Edge on {low} and {high}. Gap over {station.fret}?"
        case "sweep":
            return f"{side}. Rocker along the frets. What rocks?"
        case "crown-height":
            return f"Fret {station.fret}. Height of the crown over the wood?"
        case "string-height":
            return f"{side}. Open string over fret {station.fret}. Height?"
        case "state" if station.state.strings == "slack":
            return "Slacken the strings. Enter when they hang."
        case _:
            return "Strings on, tuned to pitch. Enter when they are."


def rocker_triples(neck: NeckDescription) -> range:
    """Middle frets of all rocker triples."""
    return range(2, neck.frets)


def with_strings(state: State, change: State) -> State:
    """``state`` with the strings of ``change``: rod and posture stay as they are."""
    return msgspec.structs.replace(state, strings=change.strings)
