"""A course as it was tried on necks drawn from what the readings allow."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.readings.entries import WayKind


class Trial(Struct, frozen=True):
    """Ways gone one after the other on the drawn necks: on how many of them every note rings
    clean, metal off (sum over frets of the mean of the lanes) and thinnest crown in mm, minutes at
    the bench, and the chance that the file is picked up again. ``cells`` says of each drawn neck
    whether it ends clean. Heights are those aimed at over fret 12, low and high string; from ``clean_from_mm`` on so many of them end clean as are called most.
    """

    ways: tuple[WayKind, ...]
    cells: tuple[bool, ...]
    metal_mm: float
    thinnest_mm: float | None
    minutes: int
    second_pass: float
    heights_mm: tuple[float, float]
    clean_from_mm: tuple[float, float]

    @property
    def clean(self) -> int:
        """On how many of the drawn necks every note rings clean."""
        return sum(self.cells)

    @property
    def share(self) -> float:
        """The same as a share."""
        return self.clean / len(self.cells)
