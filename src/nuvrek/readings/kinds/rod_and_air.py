"""How the rod nut feels, the air of the room, and the state of the strings."""

from __future__ import annotations

from nuvrek.language import figure, named, tr
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Air, RodFeel, StateChange
from nuvrek.readings.kinds.record import EntryRecord, StationRecord, titled
from nuvrek.readings.rod_words import state_words
from nuvrek.readings.station import Station
from nuvrek.units import Unit


def _feel_words(felt: RodFeel, _unit: Unit, _heights: Unit) -> str:
    return (
        tr("{feel}, key {key}", feel=named(felt.feel), key=felt.key)
        if felt.key
        else named(felt.feel)
    )


ROD_FEEL = EntryRecord(
    type=RodFeel,
    place=lambda _felt: "rod",
    value=_feel_words,
    station=lambda felt: Station(felt.station, "rod-feel"),
)
ROD_FEEL_STATION = StationRecord(
    kind="rod-feel",
    title=titled(tr("rod feel")),
    prompt=lambda _station, _fret, _side, _strings: tr("Key on the rod nut. How does it feel?"),
    broad=True,
)


def _air_words(air: Air, _unit: Unit, _heights: Unit) -> str:
    warm = "" if air.temperature_c is None else figure(f"{air.temperature_c:g} °C")
    damp = (
        ""
        if air.humidity_percent is None
        else tr("{humidity_percent:g} % humidity", humidity_percent=air.humidity_percent)
    )
    return ", ".join(part for part in (warm, damp) if part)


def _air_faults(air: Air, _neck: NeckDescription, _number: int) -> list[str]:
    if air.temperature_c is None and air.humidity_percent is None:
        return [tr("no value: give temperature_c or humidity_percent.")]
    return []


def _air_station(air: Air) -> Station:
    return Station(air.station, "humidity" if air.temperature_c is None else "temperature")


AIR = EntryRecord(
    type=Air,
    place=lambda _air: tr("room"),
    value=_air_words,
    faults=_air_faults,
    station=_air_station,
)
TEMPERATURE_STATION = StationRecord(
    kind="temperature",
    title=titled(tr("temperature")),
    prompt=lambda _station, _fret, _side, _strings: tr("Room. How warm, in degrees Celsius?"),
    broad=True,
)
HUMIDITY_STATION = StationRecord(
    kind="humidity",
    title=titled(tr("humidity")),
    prompt=lambda _station, _fret, _side, _strings: tr("Room. Relative humidity, in percent?"),
    broad=True,
)

STATE_CHANGE = EntryRecord(
    type=StateChange,
    place=lambda _change: "now",
    value=lambda change, _unit, _heights: state_words(change.state),
)


def _state_prompt(station: Station, _fret: int, _side: str, _strings: str) -> str:
    if station.state.strings == "slack":
        return tr("Slacken the strings. * when they hang.")
    return tr("Strings on, tuned to pitch. * when they are.")


STATE_STATION = StationRecord(
    kind="state",
    title=titled("strings"),
    prompt=_state_prompt,
    broad=True,
    picture="strings",
)
