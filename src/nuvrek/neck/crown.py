"""The crown in section: a circular segment of the wire's width and height. All lengths in mm.

Geometry of the circular segment: any handbook of mathematics, e.g. Bronshtein et al., section on
the circle.
"""

from __future__ import annotations

import math

from nuvrek.meaning import Refusal, means

# Less metal than this is not worth picking the file up for (common practice, no source).
WORTH_FILING_MM = 0.004
# A rocker moves from about this height on (common practice, no source); so much less under the line
# needs no file.
STILL_MM = 0.02


def crown_radius_mm(width_mm: float, height_mm: float) -> float:
    """Radius of a crown: ``(w^2 / 4 + h^2) / (2 h)``. Raises ValueError for sizes that are not
    positive.
    """
    if width_mm <= 0.0 or height_mm <= 0.0:
        raise Refusal(means("necks.crown-needs-width-height-over"))
    return (width_mm**2 / 4.0 + height_mm**2) / (2.0 * height_mm)


def flat_mm(width_mm: float, height_mm: float, off_mm: float) -> float:
    """Width of the flat after ``off_mm`` came off the top: ``2 sqrt(r^2 - (r - d)^2)``, at most
    the wire's width.
    """
    r = crown_radius_mm(width_mm, height_mm)
    d = min(max(off_mm, 0.0), height_mm)
    # A crown taller than half a circle has sides that fall straight: there the flat is as wide as
    # the wire.
    if d >= r:
        return width_mm
    return min(2.0 * math.sqrt(max(r**2 - (r - d) ** 2, 0.0)), width_mm)


def worn_mm(width_mm: float, height_mm: float, flat: float) -> float:
    """How much metal went, by the flat it left: ``r - sqrt(r^2 - (f / 2)^2)``; ``height_mm`` is
    that of the unworn wire.
    """
    r = crown_radius_mm(width_mm, height_mm)
    half = min(0.5 * max(flat, 0.0), r)
    return r - math.sqrt(r**2 - half**2)


def cap_area_mm2(radius_mm: float, depth_mm: float) -> float:
    """Area of a circular segment so deep: ``r^2 acos((r - d) / r) - (r - d) sqrt(2 r d - d^2)``,
    in mm^2.
    """
    r, d = radius_mm, min(max(depth_mm, 0.0), 2.0 * radius_mm)
    return r**2 * math.acos((r - d) / r) - (r - d) * math.sqrt(max(2.0 * r * d - d**2, 0.0))
