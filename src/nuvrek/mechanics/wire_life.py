"""How long a crown lasts."""

from __future__ import annotations

from nuvrek.meaning import Refusal, means

# Wear of common wire under ordinary play, and what levels take, mm a year: 20 years from a crown
# of 1.2 to one of 0.8 (common practice, no source).
USUAL_WEAR_MM, USUAL_LEVEL_MM = 0.012, 0.008


def years_left(
    crown_mm: float, least_mm: float, wear_mm: float, level_mm: float, lasts: float = 1.0
) -> float:
    """``(crown - least) / (wear + level)``, both a year; ``lasts`` is how much longer this wire
    wears than the one whose wear was read (Archard: wear goes as one over hardness).

    Raises ValueError where nothing is said to wear.
    """
    yearly = wear_mm / lasts + level_mm
    if yearly <= 0.0:
        raise Refusal(means("necks.crown-nothing-wears-lasts-ever"))
    return max(crown_mm - least_mm, 0.0) / yearly
