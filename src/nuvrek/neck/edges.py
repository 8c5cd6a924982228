"""What a straight edge of a given length covers."""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import places_mm


def edge_reach(
    neck: NeckDescription, fret: int, owned_mm: Sequence[float]
) -> tuple[float, int, int] | None:
    """The longest edge owned, laid with its middle as near to ``fret`` as the frets allow: length,
    first and last fret.

    None when no edge is known, when one covers all frets, or when even the longest reaches no fret
    on one side.
    """
    x = places_mm(neck)
    longest = max(owned_mm, default=0.0)
    if not longest or longest >= x[-1] - x[1]:
        return None
    start = min(max(x[fret] - 0.5 * longest, x[1]), x[-1] - longest)
    covered = [
        f for f in range(1, neck.frets + 1) if start - 1e-9 <= x[f] <= start + longest + 1e-9
    ]
    if not covered or not covered[0] < fret < covered[-1]:
        return None
    return longest, covered[0], covered[-1]
