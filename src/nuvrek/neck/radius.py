"""The round of the board: arcs and sags across its width. Lengths in mm."""

from __future__ import annotations

import math

from nuvrek.meaning import Refusal, Saying, means
from nuvrek.neck.board import end_mm, width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import places_mm


def sag_mm(radius_mm: float, width_mm: float) -> float:
    """How far the middle stands over the edges: ``r - sqrt(r^2 - (w/2)^2)``, the sagitta of a
    circle.

    Raises ValueError for a width over twice the radius.
    """
    half = 0.5 * width_mm
    if not 0.0 < half <= radius_mm:
        raise Refusal(means("necks.board-mm-wide-has-no", width_mm=width_mm, radius_mm=radius_mm))
    # The textbook form loses digits where the sag is small; this one is the same without the
    # difference.
    return half**2 / (radius_mm + math.sqrt(radius_mm**2 - half**2))


def arc_mm(radius_mm: float, width_mm: float) -> float:
    """Length of the arc over a chord of the width: ``2 r asin(w / (2 r))``. Raises ValueError as
    ``sag_mm``.
    """
    if not 0.0 < 0.5 * width_mm <= radius_mm:
        raise Refusal(means("necks.board-mm-wide-has-no", width_mm=width_mm, radius_mm=radius_mm))
    return 2.0 * radius_mm * math.asin(0.5 * width_mm / radius_mm)


def described_radius_mm(neck: NeckDescription, fret: int) -> float | None:
    """Radius at a fret (0 is the nut) as described: from nut to end in proportion to the way, as
    on a cone.
    """
    if neck.radius_mm is None:
        return None
    if neck.end_radius_mm is None:
        end = neck.radius_mm
    else:
        end = neck.end_radius_mm
    share = places_mm(neck)[fret] / end_mm(neck)
    return neck.radius_mm + (end - neck.radius_mm) * share


def gauge_words(neck: NeckDescription, fret: int) -> Saying:
    """Which radius the description promises at a fret, and how high the middle stands there."""
    radius = described_radius_mm(neck, fret)
    if radius is None:
        return means("necks.no-radius-described")
    width = width_mm(neck, places_mm(neck)[fret])
    return means(
        "necks.described-middle-mm-over-edges", radius=radius / 25.4, sag_mm=sag_mm(radius, width)
    )
