"""What the keys do at each kind of station: every class of this folder says which stations it is
for.
"""

from __future__ import annotations

from nuvrek.bench.keypad.keys import edge_lie, edge_rests, gaps, numbers, state, sweeps
from nuvrek.bench.keypad.keys.base import DoneKeys, StationKeys
from nuvrek.bench.keypad.pad import Pad

_KEYS: dict[str, type[StationKeys]] = {
    station: made
    for module in (edge_lie, edge_rests, gaps, numbers, state, sweeps)
    for made in vars(module).values()
    if isinstance(made, type) and issubclass(made, StationKeys)
    for station in made.stations
}


def keys_at(pad: Pad) -> StationKeys:
    """The keys for the station the pad stands at."""
    station = pad.station
    if station is None:
        return DoneKeys(pad)
    return _KEYS[station.kind](pad)
