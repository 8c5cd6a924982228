"""Strokes: a file or block takes from what carries it, and nothing from what it does not touch."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.simulator.living.lying import crests, stretch
from nuvrek.simulator.living.neck import GIVES_MM, LivingNeck, Pressure

Array = NDArray[np.float64]

# What one stroke takes where a file lies on a single top, mm by pressure, and what 36 paper takes
# of wood beside it; how uneven a hand is (common practice, no source).
BITE_MM: dict[Pressure, float] = {"own weight": 0.006, "fingertips": 0.010, "pressed": 0.015}
WOOD_TIMES, UNEVEN = 2.0, 0.08
# Tops this close under the block are touched by it as well: paper gives.
SOFT_MM = 0.004
_STOPS = 24
# A file reaches no lower over the wood than this, and a block no deeper into the board.
LEAST_METAL_MM, MOST_WOOD_MM = 0.05, 3.0


def file_fret(
    living: LivingNeck, fret: int, lanes: list[int], strokes: int, pressure: Pressure
) -> None:
    """A file along one fret only. One that is loose sinks under it and is hardly cut."""
    living.disturb()
    for k in lanes:
        sinks = min(living.stand_off_mm[fret, k] / 0.05, 1.0)
        bite = BITE_MM[pressure] * 0.5 * (1.0 - 0.6 * sinks) * (1.0 + UNEVEN * living.rng.normal())
        _take(living, fret, k, max(bite, 0.0) * strokes)


def block(
    living: LivingNeck,
    first: int,
    last: int,
    lanes: list[int],
    strokes: int,
    pressure: Pressure,
    length_mm: float,
    *,
    backed: bool = False,
) -> None:
    """A straight block or beam to and fro from one fret to another along some lanes."""
    living.disturb()
    for _ in range(strokes):
        tops = living.tops_mm(pressure)
        if backed:
            tops += (living.board_mm() - living.board_mm(GIVES_MM[pressure])) * np.isfinite(tops)
        for k in lanes:
            spread = carried(living.x_mm, tops[:, k], first, last, length_mm)
            bite = BITE_MM[pressure] * (1.0 + UNEVEN * living.rng.normal())
            for fret in np.flatnonzero(spread):
                _take(living, int(fret), k, max(bite * float(spread[fret]), 0.0))


def true_wood(
    living: LivingNeck, first: int, last: int, strokes: int, length_mm: float, pressure: Pressure
) -> None:
    """A block on the bare board, all its width at once."""
    for _ in range(strokes):
        wood = living.board_mm(GIVES_MM[pressure])
        for k in range(3):
            spread = carried(living.x_mm, wood[:, k], first, last, length_mm)
            off = BITE_MM[pressure] * WOOD_TIMES * spread
            off = np.minimum(off, MOST_WOOD_MM - living.wood_taken_mm[:, k])
            living.wood_mm[:, k] -= off
            living.wood_taken_mm[:, k] += off
            if k == 1:
                living.slot_mm = np.maximum(living.slot_mm - off, 0.0)


def carried(x_mm: Array, h_mm: Array, first: int, last: int, length_mm: float) -> Array:
    """Which share of a stroke's work each place does: (places,). The block goes to and fro as far
    as its ends reach the outermost tops; at each stop it lies on the two tops its middle falls
    between, and its weight is theirs by their leverage.
    """
    places = [p for p in range(first, last + 1) if np.isfinite(h_mm[p])]
    work = np.zeros_like(h_mm)
    if len(places) == 1:
        work[places[0]] = 1.0
    if len(places) < 2:
        return work
    length = min(length_mm, x_mm[places[-1]] - x_mm[places[0]])
    low, high = x_mm[places[0]] + 0.5 * length, x_mm[places[-1]] - 0.5 * length
    stops = np.linspace(low, max(high, low), _STOPS if high - low > 2.0 else 1)
    for middle in stops:
        under = [p for p in places if abs(x_mm[p] - middle) <= 0.5 * length + 0.5]
        if len(under) < 2:
            near = min(places, key=lambda p: abs(x_mm[p] - middle))
            work[near] += 1.0
            continue
        _shared(work, x_mm, h_mm, under, float(middle))
    return np.asarray(work / len(stops))


def _shared(work: Array, x_mm: Array, h_mm: Array, under: list[int], middle: float) -> None:
    """Add what the tops under the block carry at one stop."""
    on = crests(x_mm, h_mm, under)
    a, b = stretch(x_mm, on, middle)
    lever = float(np.clip((middle - x_mm[a]) / (x_mm[b] - x_mm[a]), 0.0, 1.0))
    slope = (h_mm[b] - h_mm[a]) / (x_mm[b] - x_mm[a])
    near = {}
    for p in under:
        gap = h_mm[a] + slope * (x_mm[p] - x_mm[a]) - h_mm[p]
        if gap < SOFT_MM:
            pull = 1.0 - gap / SOFT_MM
            near[p] = pull * (1.0 - lever if x_mm[p] <= middle else lever)
    total = sum(near.values())
    for p, share in near.items():
        work[p] += share / total if total else 0.0


def _take(living: LivingNeck, fret: int, lane: int, mm: float) -> None:
    """Metal is gone, and stays gone; shallow grooves go with it."""
    mm = min(mm, float(living.crown_mm[fret, lane]) - LEAST_METAL_MM)
    if mm <= 0.0:
        return
    living.crown_mm[fret, lane] -= mm
    living.groove_mm[fret, lane] = max(living.groove_mm[fret, lane] - mm, 0.0)
    living.taken_mm[fret, lane] += mm
    living.filed_mm[fret, lane] += mm
    if mm > 2e-4:
        living.ink[fret, lane] = False
