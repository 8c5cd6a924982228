"""Names of the ways forward."""

from __future__ import annotations

from nuvrek.readings.kinds import WayKind

TITLES: dict[WayKind, str] = {
    "leave": "Leave it",
    "rod": "Rod only",
    "seat": "Seat first",
    "ends": "Dress the ends",
    "spot-level": "Spot-level",
    "level": "Level all",
}
