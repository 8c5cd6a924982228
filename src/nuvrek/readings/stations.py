"""The stations of a measuring round: what each asks for, and in which words."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Literal

import msgspec
from msgspec import Struct

from nuvrek.neck.description import LANE_WORDS, Lane, NeckDescription
from nuvrek.readings.entries import (
    Air,
    AnyReading,
    CrownHeight,
    Dial,
    EndsFine,
    FretEnd,
    Ink,
    InkLeft,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    Side,
    Size,
    StandOff,
    State,
    StringGap,
    StringHeight,
    Strings,
)
from nuvrek.readings.journal import NeckState
from nuvrek.readings.sizes import SIZES, What
from nuvrek.units import Unit

StationKind = Literal[
    "string-gap",
    "sweep",
    "crown-height",
    "string-height",
    "dial",
    "state",
    "size",
    "press",
    "ends",
    "ink",
    "rod-feel",
    "temperature",
    "humidity",
]


class Station(Struct, frozen=True):
    """One stop of a round.

    ``state`` matters only where the strings are changed; supports of None let an edge lie as it rests;
    ``string`` 0 is the outer one of the side; ``wanted_mm`` is the leaf of a goes-or-not reading.
    """

    key: str
    kind: StationKind
    lane: Lane = "bass"
    fret: int = 0
    supports: tuple[int, int] | None = None
    by: Literal["string", "edge", "notched"] = "string"
    state: State = State()
    string: int = 0
    what: What = "crown-width"
    wanted_mm: float = 0.0
    capo: int = 0

    @property
    def field(self) -> str:
        """The name under which unit and plausible range of this entry field are kept."""
        return f"size-{self.what}" if self.kind == "size" else self.kind

    @property
    def side(self) -> Side:
        """The side of the neck the lane lies on; the middle counts as low."""
        return "treble" if self.lane == "treble" else "bass"


class Suggestion(Struct, frozen=True):
    """A reading worth taking: where, with the strings how, and what it would settle. ``share`` of the doubt it takes away."""

    station: Station
    strings: Strings
    reason: str
    share: float


def strings_first(wanted: Strings, now: State) -> str:
    """What to do with the strings before a suggested reading, in words; nothing if they are as they should be."""
    if wanted == now.strings:
        return ""
    return "Slacken the strings first. " if wanted == "slack" else "Tune to pitch first. "


def already_so(station: Station, neck_state: NeckState) -> bool:
    """Whether a station only asks for a state of the strings that holds anyway."""
    return station.kind == "state" and station.state.strings == neck_state.state.strings


def next_station(stations: Sequence[Station], neck_state: NeckState, after: int = -1) -> int:
    """Index of the first station not done past ``after``, then of any skipped one; len(stations) when all are done."""
    places = [*range(after + 1, len(stations)), *range(after + 1)]
    open_places = [
        i
        for i in places
        if stations[i].key not in neck_state.stations_done
        and not already_so(stations[i], neck_state)
        # A state the round has passed is not gone back to: the strings were slackened since, on purpose.
        and not (i <= after and stations[i].kind == "state")
    ]
    return open_places[0] if open_places else len(stations)


def resume_at(stations: Sequence[Station], neck_state: NeckState) -> int:
    """Where a round that was left goes on: the first open station past the last one done."""
    done = [i for i, s in enumerate(stations) if s.key in neck_state.stations_done]
    return next_station(stations, neck_state, after=max(done, default=-1))


def station_of(reading: AnyReading) -> Station:
    """A station that asks for ``reading`` again, at its own place."""
    key = reading.station
    match reading:
        case StringGap(low_support=low, high_support=high):
            supports = None if low is None or high is None else (low, high)
            return Station(
                key,
                "string-gap",
                reading.lane,
                reading.fret,
                supports,
                reading.by,
                string=reading.string or 0,
            )
        case Rock() | OthersStill():
            return Station(key, "sweep", reading.lane, getattr(reading, "fret", 0))
        case CrownHeight():
            return Station(key, "crown-height", reading.lane, reading.fret)
        case StringHeight():
            string = reading.string or 0
            return Station(
                key, "string-height", reading.side, reading.fret, string=string, capo=reading.capo
            )
        case Dial():
            return Station(key, "dial", reading.lane, reading.fret)
        case Size():
            return Station(
                key,
                "size",
                reading.lane or "bass",
                reading.fret,
                string=reading.string or 0,
                what=reading.what,
            )
        case StandOff() | OthersFirm():
            return Station(key, "press", fret=getattr(reading, "fret", 0))
        case FretEnd() | EndsFine():
            return Station(key, "ends", reading.side, getattr(reading, "fret", 0))
        case Ink() | InkLeft():
            return Station(key, "ink", reading.lane, getattr(reading, "fret", 0))
        case RodFeel():
            return Station(key, "rod-feel")
        case Air():
            return Station(key, "humidity" if reading.temperature_c is None else "temperature")


_TITLES: dict[StationKind, str] = {
    "sweep": "rocker",
    "crown-height": "crown height",
    "string-height": "string height",
    "dial": "indicator",
    "state": "strings",
    "press": "frets that move",
    "ends": "fret ends",
    "ink": "ink under the beam",
    "rod-feel": "rod feel",
    "temperature": "temperature",
    "humidity": "humidity",
}


def title_of(station: Station) -> str:
    """A station's kind in a word or two."""
    if station.kind == "size":
        return SIZES[station.what].title
    if station.kind == "string-gap":
        return {
            "string": "gap under a string",
            "edge": "edge on the frets",
            "notched": "edge on the wood",
        }[station.by]
    return _TITLES[station.kind]


_EDGES = {
    "string": "String",
    "edge": "Edge resting on the frets",
    "notched": "Notched edge resting on wood",
}


def prompt(station: Station, at: int = 0, strings: str = "slack") -> str:
    """What to do at a station, in words that read from two metres; ``at`` is the fret the hand has moved to."""
    fret = at or station.fret
    side = LANE_WORDS[station.lane].capitalize()
    match station.kind:
        case "string-gap":
            return _gap_prompt(station, fret, side, strings)
        case "sweep" if station.fret:
            return f"{side}. Rocker over {fret - 1}-{fret}-{fret + 1}. A leaf under it?"
        case "sweep":
            return f"{side}. Rocker along the frets. What rocks?"
        case "crown-height":
            return f"Fret {fret}. Height of the crown over the wood?"
        case "string-height":
            named = f"String {station.string}" if station.string else f"{side}. Open string"
            if station.capo:
                named = f"{named.removesuffix('. Open string')}, capo at {station.capo}. String"
            return f"{named} over fret {fret}. Height?"
        case "dial":
            return f"{side}. Dial on the beam over fret {fret}?"
        case "size":
            return _size_prompt(station, fret, side)
        case "press":
            return "Press every fret. Which one moves?"
        case "ends":
            return f"{side}. A finger along the fret ends. What is felt?"
        case "ink":
            return f"{side}. Beam over the marked tops. Where is the ink gone?"
        case "rod-feel":
            return "Key on the rod nut. How does it feel?"
        case "temperature":
            return "Room. How warm, in degrees Celsius?"
        case "humidity":
            return "Room. Relative humidity, in percent?"
        case "state" if station.state.strings == "slack":
            return "Slacken the strings. Enter when they hang."
        case _:
            return "Strings on, tuned to pitch. Enter when they are."


def _gap_prompt(station: Station, fret: int, side: str, strings: str) -> str:
    if station.supports is None:
        return f"{side}. {_EDGES[station.by]}. Gap {'at' if station.by == 'notched' else 'over'} {fret}?"
    low, high = station.supports
    if station.wanted_mm:
        return f"{side}. Hold {_held(low)}, press {high}. Does the leaf go over {fret}?"
    if station.by == "string":
        named = f"String {station.string}" if station.string else side
        return f"{named}. Hold {_held(low)}, press {high}. Gap over {fret}?"
    if station.by == "notched":
        return f"{side}. Notched edge on wood, {_held(low)} and {high}. Gap at {fret}?"
    return f"{side}, {strings}. Edge on {_held(low)} and {high}. Gap over {fret}?"


def _held(support: int) -> str:
    return str(support) if support else "the nut"


def _size_prompt(station: Station, fret: int, side: str) -> str:
    size = SIZES[station.what]
    where = f"Fret {fret}" if fret else "Nut"
    if size.place == "side":
        where = side
    elif size.place == "side and fret":
        where = f"{side}, fret {fret}"
    elif size.place == "string":
        where = f"Fret {fret}, string {station.string or 1}"
    return f"{where}. {size.prompt}"


def rocker_triples(neck: NeckDescription) -> range:
    """Middle frets of all rocker triples."""
    return range(2, neck.frets)


def with_strings(state: State, change: State) -> State:
    """``state`` with the strings of ``change``: rod and posture stay as they are."""
    return msgspec.structs.replace(state, strings=change.strings)


def units_of(field: str) -> tuple[Unit, ...]:
    """The units an entry field goes through."""
    if field == "string-height":
        return Unit.MM, Unit.SIXTYFOURTH, Unit.THOU
    if field == "size-radius":
        return Unit.INCH, Unit.MM
    return Unit.MM, Unit.THOU
