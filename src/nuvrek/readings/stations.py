"""Going through the stations of a measuring round: what each asks, which is next."""

from __future__ import annotations

from collections.abc import Sequence

import msgspec

from nuvrek.meaning import Saying, Word, means, upper_first
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.readings.entries import AnyReading, EdgeLie, State, StringGap, Strings
from nuvrek.readings.journal import NeckState
from nuvrek.readings.kinds import STATIONS, record_of
from nuvrek.readings.station import Station, Suggestion
from nuvrek.readings.told.drifts import AGAIN, differs
from nuvrek.units import Unit

__all__ = ["Station", "Suggestion"]


def strings_first(wanted: Strings, state: State) -> Saying:
    """What to do with the strings before a suggested reading, in words; nothing if they are as
    they should be.
    """
    if wanted == state.strings:
        return ""
    if wanted == "slack":
        return means("stations.slacken-strings-first")
    return means("stations.tune-pitch-first")


def already_so(station: Station, neck_state: NeckState) -> bool:
    """Whether a station only asks for a state of the strings that holds anyway."""
    return station.kind == "state" and station.state.strings == neck_state.state.strings


# The thinnest leaf of usual sets: where only this one drags there is as good as no light.
THINNEST_LEAF_MM = 0.06
# After so many gaps without light on a lane further ones are not asked for.
_BLIND = 2


def tells_nothing(station: Station, neck_state: NeckState) -> bool:
    """Whether this round has shown by now that a station can't tell anything: light under string
    or edge where it shows none, the crest of a back bow where there is light.
    """
    strings = station.state.strings
    if not station.when:
        return False
    if neck_state.state.strings != strings:
        return True
    if station.when == "moved":
        return not differs(neck_state)
    found = _lights(station, neck_state)
    if station.when == "crest" and (lies := _lies(station, neck_state)):
        return lies[-1].says != "rocks"
    if station.when in ("blind", "crest"):
        return not found or any(found)
    return len(found) >= _BLIND and not any(found)


def _lights(station: Station, neck_state: NeckState) -> list[bool]:
    """Whether string or edge showed light, at each place on the station's lane in this round, with
    the strings as the station has them.
    """
    return [
        shows_light(taken.reading)
        for taken in neck_state.taken
        if taken.number > neck_state.round_number
        and isinstance(taken.reading, StringGap)
        and taken.reading.lane == station.lane
        and taken.reading.state.strings == station.state.strings
        and _over_the_neck(taken.reading, neck_state.neck.joint_fret)
    ]


def _lies(station: Station, neck_state: NeckState) -> list[EdgeLie]:
    """How a long edge lay on the station's lane in this round."""
    return [
        taken.reading
        for taken in neck_state.taken
        if taken.number > neck_state.round_number
        and isinstance(taken.reading, EdgeLie)
        and taken.reading.lane == station.lane
        and taken.reading.state.strings == station.state.strings
    ]


def as_found(station: Station, neck_state: NeckState) -> Station:
    """The station as this neck asks for it: light from the crest about which the long edge rocks
    in this round, instead of from the fret where a crest usually is.
    """
    crests = [lie.fret for lie in _lies(station, neck_state) if lie.fret is not None]
    if station.when != "crest" or station.supports is None or not crests:
        return station
    low, high = station.supports
    if station.fret <= low and low <= crests[-1] < high:
        return msgspec.structs.replace(station, supports=(crests[-1], high))
    if station.fret >= high and low < crests[-1]:
        return msgspec.structs.replace(station, supports=(low, min(crests[-1], station.fret - 1)))
    return station


def shows_light(gap: StringGap) -> bool:
    """Whether any leaf went under the string or edge."""
    return bool(gap.gap_mm or gap.slides_mm or (gap.drags_mm or 0.0) > THINNEST_LEAF_MM)


def _over_the_neck(gap: StringGap, joint: int) -> bool:
    low, high = gap.low_support, gap.high_support
    return low is not None and high is not None and low < gap.fret < high <= joint


def next_station(stations: Sequence[Station], neck_state: NeckState, after: int = -1) -> int:
    """Index of the first station not done past ``after``, then of any skipped one; len(stations)
    when all are done.
    """
    places = [*range(after + 1, len(stations)), *range(after + 1)]
    open_places = [
        i
        for i in places
        if stations[i].key not in neck_state.stations_done
        and not already_so(stations[i], neck_state)
        and not tells_nothing(stations[i], neck_state)
        # A state the round has passed is not gone back to: the strings were slackened since, on
        # purpose.
        and not (i <= after and stations[i].kind == "state")
    ]
    if open_places:
        return int(open_places[0])
    return len(stations)


def resume_at(stations: Sequence[Station], neck_state: NeckState) -> int:
    """Where a round that was left goes on: the first open station past the last one done."""
    done = [i for i, s in enumerate(stations) if s.key in neck_state.stations_done]
    return next_station(stations, neck_state, after=max(done, default=-1))


def station_of(reading: AnyReading) -> Station:
    """A station that asks for ``reading`` again, at its own place and under its own name."""
    station = record_of(reading).station
    assert station is not None, means("stations.every-reading-declares-station")
    return station(reading)


def title_of(station: Station) -> Saying:
    """A station's kind in a word or two."""
    return STATIONS[station.kind].title(station)


def prompt(station: Station, at: int = 0, strings: str = "slack") -> Saying:
    """What to do at a station, in words that read from two metres; ``at`` is the fret the hand
    has moved to.
    """
    side = upper_first(LANE_WORDS[station.lane])
    asked = STATIONS[station.kind].prompt(station, at or station.fret, side, Word(strings))
    if station.key.startswith(AGAIN):
        return means("stations.once-more", asked=asked)
    return asked


def rocker_triples(neck: NeckDescription) -> range:
    """Middle frets of all rocker triples."""
    return range(2, neck.frets)


def with_strings(state: State, change: State) -> State:
    """``state`` with the strings of ``change``: rod and posture stay as they are; strung up again
    a neck is out of its jig.
    """
    if change.strings == "pitch" and state.posture == "jig":
        state = msgspec.structs.replace(state, posture="lying")
    return msgspec.structs.replace(state, strings=change.strings)


def units_of(field: str) -> tuple[Unit, ...]:
    """The units an entry field goes through."""
    if field == "size-radius":
        return Unit.INCH, Unit.MM
    kind = "size" if field.startswith("size-") else field
    return STATIONS[kind].units
