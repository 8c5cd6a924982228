"""Which rocker edge serves where: it must span two fret spacings but not three."""

from __future__ import annotations

import math
from collections.abc import Sequence

from nuvrek import meaning
from nuvrek.meaning import Figure, Refusal, Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import places_mm


def rocker_span_mm(neck: NeckDescription, fret: int) -> tuple[float, float]:
    """Shortest and longest edge for the triple around ``fret``, in mm.

    The edge lies on the frets before and after it. Longer than the way to a fourth fret (or the
    nut) on either side, it could touch that too. Raises ValueError for a fret without two
    neighbours.
    """
    if not 2 <= fret <= neck.frets - 1:
        raise Refusal(means("necks.rockers-middle-fret-2-not", frets=neck.frets - 1, fret=fret))
    x = places_mm(neck)
    least = x[fret + 1] - x[fret - 1]
    fourths = [x[fret + 1] - x[fret - 2]]
    if fret + 2 <= neck.frets:
        fourths.append(x[fret + 2] - x[fret - 1])
    return least, min(fourths)


def fitting_edges(neck: NeckDescription, fret: int, owned_mm: Sequence[float]) -> tuple[float, ...]:
    """Those of the edges owned that span the triple around ``fret`` and no fourth fret, shortest
    first.
    """
    least, most = rocker_span_mm(neck, fret)
    return tuple(mm for mm in sorted(owned_mm) if least < mm < most)


def edge_words(neck: NeckDescription, fret: int, owned_mm: Sequence[float] = ()) -> Saying:
    """Which edge to take for the triple around ``fret``, of those owned if any are known."""
    least, most = rocker_span_mm(neck, fret)
    span = means("necks.mm", ceil=math.ceil(least), floor=math.floor(most))
    if not owned_mm:
        return means("necks.edge-long", span=span)
    fitting = [Figure(f"{mm:g}") for mm in fitting_edges(neck, fret, owned_mm)]
    if not fitting:
        return means("necks.none-your-edges-fits-needed", span=span)
    fit = means("necks.edges-fit", number=len(fitting))
    return means("necks.your-mm", listed=meaning.listed(fitting), fit=fit)
