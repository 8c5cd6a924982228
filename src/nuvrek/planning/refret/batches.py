"""In which order new frets are fitted, and how many at once: as many as the clamping block
spans.
"""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import places_mm

# After so many frets, and after two thirds, the bow is read where tangs are to bend it.
FIRST_READ, SECOND_SHARE = 6, 2.0 / 3.0


def fitting_order(frets: Sequence[int]) -> tuple[int, ...]:
    """In which order frets are fitted where their tangs bend the neck: the middle one of every
    three is left for last, so that those still to come can steer it.
    """
    kept = tuple(fret for n, fret in enumerate(frets) if n % 3 == 1)
    return (*(fret for fret in frets if fret not in kept), *kept)


def batches(
    neck: NeckDescription, frets: Sequence[int], block_mm: float, steer: bool = False
) -> tuple[tuple[int, ...], ...]:
    """Frets that are driven and clamped together. To ``steer`` a bow by its tangs the middle one of
    every three is left for last.
    """
    x = places_mm(neck)
    order = fitting_order(frets) if steer else tuple(frets)
    found: list[list[int]] = []
    for fret in order:
        last = found[-1] if found else []
        if last and 0.0 < x[fret] - x[last[0]] <= block_mm:
            last.append(fret)
        else:
            found.append([fret])
    return tuple(tuple(batch) for batch in found)


def read_after(made: Sequence[Sequence[int]]) -> tuple[int, ...]:
    """After which batches (from 0) the bow is read: the first six frets, and two thirds."""
    total, done, frets = sum(map(len, made)), 0, list[int]()
    marks = [FIRST_READ, round(SECOND_SHARE * total)]
    for n, batch in enumerate(made):
        done += len(batch)
        while marks and done >= marks[0]:
            marks.pop(0)
            if n not in frets and done < total:
                frets.append(n)
    return tuple(frets)
