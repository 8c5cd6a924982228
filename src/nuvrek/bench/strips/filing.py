"""Lanes of the filing: metal off with the order of the ink, and the crowns in section after it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek.bench.strips.strips import MetalStrip, SectionStrip
from nuvrek.meaning import Saying, means
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.units import Unit, format_number

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.planning.crowns.recrown_table import Recrown

# Less than this is drawn as nothing.


METAL_OFF = means("strips.metal-off")


def metal_strip(
    off_mm: NDArray[np.float64],
    unit: Unit,
    order: tuple[int, ...] = (),
    thin: int | None = None,
    left: frozenset[int] = frozenset(),
    title: Saying = METAL_OFF,
) -> MetalStrip:
    """Metal off (frets, 3) as a lane; the figure at a fret is the most at any of its places."""
    most = off_mm.max(axis=1)
    figures = tuple(format_number(float(mm), unit) if mm > WORTH_FILING_MM else "" for mm in most)
    rows = tuple(map(tuple, off_mm.tolist()))
    under = means("strips.low-middle-high")
    return MetalStrip(title, under, rows, figures=figures, order=order, thin=thin, left=left)


def section_strip(table: Recrown, width_mm: float, unit: Unit) -> SectionStrip:
    """The re-crown table drawn: one section a fret, the flat's width under it."""
    crowns = tuple(
        (width_mm, crown.height_mm + crown.off_mm, crown.height_mm, crown.flat_mm, crown.says)
        for crown in table.crowns
    )
    figures = tuple(
        format_number(crown.flat_mm, unit) if crown.says != "as it is" else ""
        for crown in table.crowns
    )
    heights = tuple(format_number(crown.height_mm, unit) for crown in table.crowns)
    return SectionStrip(means("strips.crowns"), f"{unit.value}", crowns, figures, heights)
