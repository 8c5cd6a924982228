"""What the keys do at each kind of station."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek.bench.keypad.keys.base import DoneKeys, StationKeys
from nuvrek.bench.keypad.keys.gaps import GapKeys
from nuvrek.bench.keypad.keys.numbers import CrownKeys, DialKeys, HeightKeys, SizeKeys
from nuvrek.bench.keypad.keys.state import AirKeys, FeelKeys, StateKeys
from nuvrek.bench.keypad.keys.sweeps import EndsKeys, InkKeys, PressKeys, RockerKeys
from nuvrek.readings.stations import StationKind

if TYPE_CHECKING:
    from nuvrek.bench.keypad.keypad import Keypad

_KEYS: dict[StationKind, type[StationKeys]] = {
    "string-gap": GapKeys,
    "sweep": RockerKeys,
    "crown-height": CrownKeys,
    "string-height": HeightKeys,
    "dial": DialKeys,
    "state": StateKeys,
    "size": SizeKeys,
    "press": PressKeys,
    "ends": EndsKeys,
    "ink": InkKeys,
    "rod-feel": FeelKeys,
    "temperature": AirKeys,
    "humidity": AirKeys,
}


def keys_at(pad: Keypad) -> StationKeys:
    """The stop for the station the keypad stands at."""
    station = pad.station
    return DoneKeys(pad) if station is None else _KEYS[station.kind](pad)
