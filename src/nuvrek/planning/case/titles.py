"""Names of the ways forward."""

from __future__ import annotations

from nuvrek.readings.entries import WayKind

TITLES: dict[WayKind, str] = {
    "leave": "Leave it",
    "strings": "Strings",
    "nut": "Nut",
    "saddle": "Saddle",
    "shim": "Tilt the neck",
    "rod-nut": "Free the rod nut",
    "hardware": "Quiet the hardware",
    "rod": "Rod only",
    "seat": "Seat first",
    "ends": "Dress the ends",
    "spot-level": "Spot-level",
    "play-clean": "Just clean",
    "crown-few": "Crown the worn",
    "level": "Level all",
    "level-straight": "Level, rod straight",
    "level-held": "Level, held as strung",
    "level-lies": "Level as it lies",
    "crown-first": "Crown, then level",
    "heat": "Heat",
    "refer": "Specialist work",
}
