"""Which of the cauls owned presses which frets of a board. Radii in mm."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

# A caul serves a board whose radius is within this share of its own; a step tighter is the one
# pressed with first (common practice, no source: 9.5 in for a 12 in board).
SERVES, TIGHTER = 0.10, (0.65, 0.92)


@dataclass(frozen=True)
class Caul:
    """A caul owned, the frets it is the true one for, and those it may press first."""

    radius_mm: float
    true_for: tuple[int, ...]
    first_for: tuple[int, ...]


def cauls_for(
    radius_mm: Sequence[float | None], frets: Sequence[int], owned_mm: Sequence[float]
) -> tuple[tuple[Caul, ...], tuple[int, ...]]:
    """Each caul with its frets, and the frets for which none is true; ``radius_mm`` is the board's
    at every fret from 1.
    """
    true: dict[float, list[int]] = {mm: [] for mm in owned_mm}
    first: dict[float, list[int]] = {mm: [] for mm in owned_mm}
    none = []
    for fret in frets:
        board = radius_mm[fret - 1]
        if board is None:
            continue
        nearest = min(owned_mm, key=lambda mm: abs(mm - board), default=None)
        if nearest is None or abs(nearest - board) > SERVES * board:
            none.append(fret)
        else:
            true[nearest].append(fret)
        low, high = TIGHTER
        step = [mm for mm in owned_mm if low * board <= mm <= high * board]
        if step:
            first[max(step)].append(fret)
    cauls = tuple(
        Caul(mm, tuple(true[mm]), tuple(first[mm])) for mm in owned_mm if true[mm] or first[mm]
    )
    return cauls, tuple(none)
