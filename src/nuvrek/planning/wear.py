"""One wear for one neck: what its crowns lose a year by its own readings, or as is usual; and the
years that leaves.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date

import numpy as np

from nuvrek.mechanics.wire_life import USUAL_LEVEL_MM, USUAL_WEAR_MM, years_left
from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.wire import LASTS, Hardness
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import CrownHeight, Filed, Seated
from nuvrek.readings.journal import NeckState

# Visits that lie nearer together than this tell no wear.
LEAST_YEARS = 0.5
# A neck's own wear is spoken of from so many crowns read at two visits on.
LEAST_CROWNS = 2
Place = tuple[int, Lane]


@dataclass(frozen=True)
class Wear:
    """What a crown loses a year, mm; ``own``: by this neck's own readings."""

    mm_a_year: float
    own: bool

    def years(self, crown_mm: float, least_mm: float, hardness: Hardness = "common") -> float:
        """Years until a crown is down to the least that is kept, light levels included."""
        return years_left(crown_mm, least_mm, self.mm_a_year, USUAL_LEVEL_MM, LASTS[hardness])


@dataclass(frozen=True)
class _WearingCrown:
    """A crown as read: when, in years, and how high it was with all that was filed since put back,
    mm; how well it was read.
    """

    years: float
    mm: float
    error_mm: float


def wear_of(neck_state: NeckState) -> Wear:
    """Wear a year by the crowns read at two visits or more, else as is usual.

    All crowns together have one wear: the slope of their heights over the years, each about its
    own mean and weighted by its error, with what was filed between two readings put back (least
    squares with a level for each place). Losses and gains count alike, so that crowns which
    nothing wears come to nil and not to what the caliper wavers.
    """
    across = along = 0.0
    counted = 0
    for crowns in _by_place(neck_state):
        years = np.array([crown.years for crown in crowns])
        if np.ptp(years) < LEAST_YEARS:
            continue
        weights = np.array([crown.error_mm**-2 for crown in crowns])
        apart = years - np.average(years, weights=weights)
        heights = np.array([crown.mm for crown in crowns])
        along += float(np.sum(weights * apart * heights))
        across += float(np.sum(weights * apart**2))
        counted += 1
    if counted < LEAST_CROWNS:
        return Wear(USUAL_WEAR_MM, False)
    return Wear(max(-along / across, 0.0), True)


def _by_place(neck_state: NeckState) -> Iterable[list[_WearingCrown]]:
    """The crowns read of each place since its wire went in and was last seated."""
    found: dict[Place, list[_WearingCrown]] = {}
    seated = {
        work.entry.fret: work.number for work in neck_state.work if isinstance(work.entry, Seated)
    }
    for taken in neck_state.taken:
        reading = taken.reading
        if not isinstance(reading, CrownHeight) or not neck_state.stands(
            taken.number, reading.fret
        ):
            continue
        years = _years(reading.at)
        if years is None or taken.number < seated.get(reading.fret, 0):
            continue
        filed = _filed_mm(neck_state, taken.number, (reading.fret, reading.lane))
        error = reading.error_mm or tool_errors.CROWN_ERROR_MM
        place = reading.fret, reading.lane
        found.setdefault(place, []).append(_WearingCrown(years, reading.height_mm + filed, error))
    return found.values()


def _filed_mm(neck_state: NeckState, before: int, place: Place) -> float:
    """What was filed off a place before a reading, since its wire went in; the mean of the lanes
    that were filed where its own was not written down.
    """
    fret, lane = place
    total = 0.0
    for work in neck_state.work:
        if work.number > before or not isinstance(work.entry, Filed):
            continue
        off = {
            k: mm
            for f, k, mm in work.entry.off
            if f == fret and neck_state.stands(work.number, fret)
        }
        total += off.get(lane, sum(off.values()) / len(LANES))
    return total


def _years(at: str) -> float | None:
    """The day of a reading in years, None where it has none."""
    try:
        return date.fromisoformat(at[:10]).toordinal() / 365.25
    except ValueError:
        return None
