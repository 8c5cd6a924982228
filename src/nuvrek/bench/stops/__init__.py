"""What the keys do at each kind of station."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek.bench.stops.base import DoneStop, Stop
from nuvrek.bench.stops.gaps import GapStop
from nuvrek.bench.stops.others import AirStop, FeelStop, StateStop
from nuvrek.bench.stops.sweeps import EndsStop, InkStop, PressStop, RockerStop
from nuvrek.bench.stops.values import CrownStop, DialStop, HeightStop, SizeStop
from nuvrek.readings.stations import StationKind

if TYPE_CHECKING:
    from nuvrek.bench.keypad import Keypad

_STOPS: dict[StationKind, type[Stop]] = {
    "string-gap": GapStop,
    "sweep": RockerStop,
    "crown-height": CrownStop,
    "string-height": HeightStop,
    "dial": DialStop,
    "state": StateStop,
    "size": SizeStop,
    "press": PressStop,
    "ends": EndsStop,
    "ink": InkStop,
    "rod-feel": FeelStop,
    "temperature": AirStop,
    "humidity": AirStop,
}


def stop_at(pad: Keypad) -> Stop:
    """The stop for the station the keypad stands at."""
    station = pad.station
    return DoneStop(pad) if station is None else _STOPS[station.kind](pad)
