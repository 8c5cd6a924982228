"""Guided rounds: the stations of a measuring round in the order the hand moves."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Literal

import msgspec
from msgspec import Struct, structs

from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, LANES, Lane, NeckDescription
from nuvrek.neck.scale import fret_line_mm
from nuvrek.readings.journal import Present
from nuvrek.readings.kinds import State, Strings

StationKind = Literal["string-gap", "sweep", "crown-height", "string-height", "dial", "state"]


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
        _SLACKEN,
        *_gaps(neck, "slack"),
        *_sweeps(),
        *_crowns(crown_frets(neck)),
    )


def quick_look(neck: NeckDescription) -> tuple[Station, ...]:
    """What can be read without slackening: string heights, relief, the rocker."""
    return (_TO_PITCH, *_heights(neck), *_gaps(neck, "pitch"), *_sweeps())


def full_survey(neck: NeckDescription) -> tuple[Station, ...]:
    """At pitch and slack: the dip at three places on both sides, once more with other supports, rocker, crowns.

    Each support fret's own height spoils a gap, so the middle is read again from fret 2 to the fret before
    the joint.
    """
    places = survey_frets(neck)
    inner = (2, neck.joint_fret - 1)
    again = middle_fret(neck)
    supports = dict.fromkeys(places, (1, neck.joint_fret))
    return (
        _TO_PITCH,
        *_heights(neck),
        *_dips(neck, "pitch", supports, ("bass", "treble")),
        *_dips(neck, "pitch", {again: inner}, ("bass", "treble"), "-inner"),
        _SLACKEN,
        *_dips(neck, "slack", supports, LANES),
        *_dips(neck, "slack", {again: inner}, ("bass", "treble"), "-inner"),
        *_sweeps(),
        *_crowns(tuple(sorted({*crown_frets(neck), *range(3, neck.frets, 4)}))),
    )


def rocker_pass(_neck: NeckDescription) -> tuple[Station, ...]:
    """The rocker in three lanes and nothing else."""
    return _sweeps()


def indicator_run(neck: NeckDescription) -> tuple[Station, ...]:
    """An indicator carried over every top along a beam, lane by lane, strings slack."""
    return (
        _SLACKEN,
        *(Station(f"dial-{lane}", "dial", lane, 1) for lane in LANES),
        *_crowns(crown_frets(neck)[:1]),
    )


def after_seating(neck: NeckDescription) -> tuple[Station, ...]:
    """A fret glued anew sits at a new height: the rocker, and the dip with the strings slack."""
    return (_SLACKEN, *_sweeps(), *_gaps(neck, "slack"))


def later_look(neck: NeckDescription) -> tuple[Station, ...]:
    """One to two weeks on: has the wood crept?"""
    return (_TO_PITCH, *_gaps(neck, "pitch"), *_heights(neck))


def closing_round(neck: NeckDescription) -> tuple[Station, ...]:
    """After the work: the rocker once more, strung up again relief and string heights."""
    return (
        Station("slack-again", "state", state=State(strings="slack")),
        *(_renamed(s) for s in _sweeps()),
        Station("closing-crown", "crown-height", "middle", crown_frets(neck)[0]),
        Station("string-up", "state", state=State(strings="pitch")),
        *(_renamed(s) for s in _gaps(neck, "pitch")),
        *(_renamed(s) for s in _heights(neck)),
    )


_SLACKEN = Station("slacken", "state", state=State(strings="slack"))
_TO_PITCH = Station("to-pitch", "state", state=State(strings="pitch"))

ROUNDS: dict[str, tuple[str, Callable[[NeckDescription], tuple[Station, ...]]]] = {
    "quick": ("Quick look", quick_look),
    "basic": ("Basic round", basic_round),
    "full": ("Full survey", full_survey),
    "indicator": ("Indicator run", indicator_run),
    "rocker": ("Rocker pass", rocker_pass),
    "after-seating": ("After seating", after_seating),
    "later": ("One-to-two-week look", later_look),
    "closing": ("Closing round", closing_round),
}


def _renamed(station: Station) -> Station:
    return structs.replace(station, key=f"closing-{station.key}")


def _heights(neck: NeckDescription) -> tuple[Station, ...]:
    fret = min(12, neck.frets)
    return (
        Station("height-bass", "string-height", "bass", fret),
        Station("height-treble", "string-height", "treble", fret),
    )


def _gaps(neck: NeckDescription, strings: Strings) -> tuple[Station, ...]:
    by: Literal["string", "edge"] = "string" if strings == "pitch" else "edge"
    return tuple(
        Station(f"gap-{strings}-{lane}", "string-gap", lane, middle_fret(neck), (1, neck.joint_fret), by)
        for lane in (LANES[0], LANES[2])
    )


def _dips(
    neck: NeckDescription,
    strings: Strings,
    places: dict[int, tuple[int, int]],
    lanes: Sequence[Lane],
    tail: str = "",
) -> tuple[Station, ...]:
    """Gap stations over several frets, lane by lane, so that the hand moves along the neck once for each."""
    by: Literal["string", "edge"] = "string" if strings == "pitch" else "edge"
    return tuple(
        Station(f"gap-{strings}-{lane}-{fret}{tail}", "string-gap", lane, fret, supports, by)
        for lane in lanes
        for fret, supports in places.items()
        if supports[0] < fret < supports[1] <= neck.frets
    )


def _sweeps() -> tuple[Station, ...]:
    return tuple(Station(f"sweep-{lane}", "sweep", lane) for lane in LANES)


def _crowns(frets: tuple[int, ...]) -> tuple[Station, ...]:
    return tuple(Station(f"crown-{fret}", "crown-height", "middle", fret) for fret in frets)


def survey_frets(neck: NeckDescription) -> tuple[int, ...]:
    """Frets nearest to a quarter, a half and three quarters of the way from fret 1 to the joint."""
    x = fret_line_mm(neck.scale_mm, neck.frets)
    inside = range(2, neck.joint_fret)

    def nearest(share: float) -> int:
        place = x[1] + share * (x[neck.joint_fret] - x[1])
        return min(inside, key=lambda fret: abs(x[fret] - place))

    return tuple(sorted({nearest(0.25), middle_fret(neck), nearest(0.75)}))


def crown_frets(neck: NeckDescription) -> tuple[int, ...]:
    """Four frets that tell how much wire is left: the most played, two further up and the last."""
    return tuple(sorted({1, min(5, neck.joint_fret - 1), neck.joint_fret, neck.frets}))


def round_of(name: str, neck: NeckDescription) -> Round:
    """The round called ``name`` for this neck; an unknown name gives the basic one."""
    known = name if name in ROUNDS else "basic"
    title, build = ROUNDS[known]
    return Round(known, title, build(neck))


def already_so(station: Station, present: Present) -> bool:
    """Whether a station only asks for a state of the strings that holds anyway."""
    return station.kind == "state" and station.state.strings == present.state.strings


def next_station(stations: Sequence[Station], present: Present, after: int = -1) -> int:
    """Index of the first station not done past ``after``, then of any skipped one; len(stations) when all are done."""
    places = [*range(after + 1, len(stations)), *range(after + 1)]
    open_places = [
        i
        for i in places
        if stations[i].key not in present.stations_done and not already_so(stations[i], present)
    ]
    return open_places[0] if open_places else len(stations)


def resume_at(stations: Sequence[Station], present: Present) -> int:
    """Where a round that was left goes on: the first open station past the last one done."""
    done = [i for i, s in enumerate(stations) if s.key in present.stations_done]
    return next_station(stations, present, after=max(done, default=-1))


def prompt(station: Station, at: int = 0) -> str:
    """What to do at a station, in words that read from two metres; ``at`` is the fret the hand has moved to."""
    fret = at or station.fret
    side = LANE_WORDS[station.lane].capitalize()
    low, high = station.supports
    match station.kind:
        case "string-gap" if station.by == "string":
            return f"{side}. Hold {low}, press {high}. Gap over {fret}?"
        case "string-gap":
            return f"{side}, slack. Edge on {low} and {high}. Gap over {fret}?"
        case "sweep":
            return f"{side}. Rocker along the frets. What rocks?"
        case "crown-height":
            return f"Fret {fret}. Height of the crown over the wood?"
        case "string-height":
            return f"{side}. Open string over fret {fret}. Height?"
        case "dial":
            return f"{side}. Dial on the beam over fret {fret}?"
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
