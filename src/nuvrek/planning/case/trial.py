"""A course as it was tried on necks drawn from what the readings allow."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.readings.entries import WayKind


class Trial(Struct, frozen=True):
    """Ways gone one after the other on the drawn necks.

    ``cells`` says of each neck whether every note rings clean at the end; ``metal_mm`` is what
    comes off, summed over frets at the mean of the lanes, ``second_pass`` the chance that the file
    is picked up again. ``heights_mm`` are aimed at over fret 12, low and high string; from
    ``clean_from_mm`` on most of the necks end clean.
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
