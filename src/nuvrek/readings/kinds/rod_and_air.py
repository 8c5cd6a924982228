"""How the rod nut feels, the air of the room, and the state of the strings."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Figure, Saying, Word, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Air, RodFeel, StateChange
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.rod_words import state_words
from nuvrek.readings.station import Station
from nuvrek.units import Unit


def _feel_words(felt: RodFeel, _unit: Unit, _heights: Unit) -> Saying:
    if felt.key:
        return means("stations.key", feel=Word(felt.feel), key=felt.key)
    return Word(felt.feel)


ROD_FEEL = EntryRecord(
    type=RodFeel,
    place=lambda _felt: Word("truss rod"),
    value=_feel_words,
    station=lambda felt: Station(felt.station, "rod-feel"),
)
ROD_FEEL_STATION = StationRecord(
    kind="rod-feel",
    title=titled(means("stations.rod-feel")),
    prompt=lambda _station, _fret, _side, _strings: means("stations.key-rod-nut-how-does"),
    broad=True,
)


def _air_words(air: Air, _unit: Unit, _heights: Unit) -> Saying:
    warm: Saying
    warm = ""
    if air.temperature_c is not None:
        warm = Figure(f"{air.temperature_c:g} °C")
    damp: Saying
    damp = ""
    if air.humidity_percent is not None:
        damp = means("stations.humidity", humidity_percent=air.humidity_percent)
    return meaning.listed((part for part in (warm, damp) if part), by=",")


def _air_faults(air: Air, _neck: NeckDescription, _number: int) -> list[Saying]:
    if air.temperature_c is None and air.humidity_percent is None:
        return [means("stations.no-value-give-temperature-c")]
    return []


def _air_station(air: Air) -> Station:
    return Station(air.station, "humidity" if air.temperature_c is None else "temperature")


AIR = EntryRecord(
    type=Air,
    place=lambda _air: means("stations.room"),
    value=_air_words,
    faults=_air_faults,
    station=_air_station,
)
TEMPERATURE_STATION = StationRecord(
    kind="temperature",
    title=titled(means("stations.temperature")),
    prompt=lambda _station, _fret, _side, _strings: means("stations.room-how-warm-degrees-celsius"),
    broad=True,
)
HUMIDITY_STATION = StationRecord(
    kind="humidity",
    title=titled(means("stations.humidity-with-again")),
    prompt=lambda _station, _fret, _side, _strings: means(
        "stations.room-relative-humidity-percent"
    ),
    broad=True,
)

STATE_CHANGE = EntryRecord(
    type=StateChange,
    place=lambda _change: "",
    value=lambda change, _unit, _heights: state_words(change.state),
)


def _state_prompt(station: Station, _fret: int, _side: Saying, _strings: Saying) -> Saying:
    if station.state.strings == "slack":
        return means("stations.slacken-strings-when-they-hang")
    return means("stations.strings-tuned-pitch-when-they")


STATE_STATION = StationRecord(
    kind="state",
    title=titled(means("stations.strings")),
    prompt=_state_prompt,
    broad=True,
    picture="strings",
)
