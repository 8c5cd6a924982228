"""Where a quick test ends with a reading: the station that asks for it."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.rounds import ROUNDS
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit

# The round in which a test's station stands, and how its key begins.
_WHERE: dict[str, tuple[str, str]] = {
    "press": ("look-over", "press"),
    "nut": ("full", "nut-"),
    "relief": ("quick", "gap-pitch-"),
    "height": ("quick", "height-"),
    "air": ("look-over", "humidity"),
}


def station_of_test(test: str, neck: NeckDescription, kit: Kit) -> Station | None:
    """The station of a test, None where it has none of its own."""
    if test not in _WHERE:
        return None
    name, begins = _WHERE[test]
    _, stations = ROUNDS[name]
    return next((s for s in stations(neck, kit) if s.key.startswith(begins)), None)
