"""What a metre of string weighs: a table of common gauges, from geometry and densities alone.

A plain string is a solid round of music wire. A wound one is a round core with one layer of round
wrap laid turn by turn: a gauge g = c + 2 w has of each millimetre 1 / w turns of length
``pi (c + w)``. Densities: music wire 7.85 g/cm3 (ASTM A228), phosphor bronze 8.86 g/cm3 (ASTM
B159), both from memory; the core is about 0.42 of the gauge (common practice, no source).
"""

from __future__ import annotations

import math

from nuvrek.mechanics.strings import CORE_SHARE, STEEL_KG_PER_M3

# Thousandths of an inch as they are sold: plain and wound (common practice, no source).
PLAIN_THOU = (8, 9, 10, 11, 12, 13, 14, 16, 17, 18, 20, 22, 24)
WOUND_THOU = (20, 22, 24, 26, 28, 30, 32, 34, 36, 38, 42, 46, 49, 52, 54, 56, 60, 65, 80, 105)
STEEL, BRONZE = STEEL_KG_PER_M3 / 1000.0, 8.86


def plain_g_per_m(gauge_mm: float) -> float:
    """Grams a metre of a plain steel string."""
    return 0.25 * math.pi * gauge_mm**2 * STEEL


def wound_g_per_m(gauge_mm: float, wrap: float = STEEL, core_share: float = CORE_SHARE) -> float:
    """Grams a metre of a round-wound string, its wrap of that density in g/cm3."""
    core = core_share * gauge_mm
    wire = 0.5 * (gauge_mm - core)
    turns = 0.25 * math.pi * wire**2 * math.pi * (core + wire) / wire
    return plain_g_per_m(core) + turns * wrap


def table() -> tuple[tuple[int, float | None, float | None, float | None], ...]:
    """Gauge in thousandths of an inch; grams a metre plain, wound with steel, wound with bronze."""
    rows = []
    for thou in sorted({*PLAIN_THOU, *WOUND_THOU}):
        mm = thou * 0.0254
        wound = thou in WOUND_THOU
        rows.append(
            (
                thou,
                plain_g_per_m(mm) if thou in PLAIN_THOU else None,
                wound_g_per_m(mm) if wound else None,
                wound_g_per_m(mm, BRONZE) if wound else None,
            )
        )
    return tuple(rows)
