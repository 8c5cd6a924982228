"""Bending wire: what it springs back, and how a badly bent piece stands on the board. Lengths in
mm, stresses in N/mm2.
"""

from __future__ import annotations

from scipy.optimize import brentq

from nuvrek.meaning import Refusal, means

# Yield and modulus of fret wire of each hardness class; values from memory: nickel silver drawn
# half hard about 450 and 125 000, stainless about 600 and 190 000.
STRENGTH: dict[str, tuple[float, float]] = {
    "soft": (300.0, 110_000.0),
    "common": (450.0, 125_000.0),
    "hard": (550.0, 130_000.0),
    "stainless": (600.0, 190_000.0),
}


def back_ratio(bent_mm: float, yields: float, modulus: float, thick_mm: float) -> float:
    """``R_i / R_f = 4 u^3 - 3 u + 1`` with ``u = R_i Y / (E T)``: the radius bent to over the
    radius that is left (Kalpakjian and Schmid, Manufacturing Engineering and Technology, bending;
    from memory; exact for a rectangular elastic-plastic section).

    Bent so little that nothing yields (u of 0.5 and more) it springs back straight: the ratio is
    nil.
    """
    u = bent_mm * yields / (modulus * thick_mm)
    if u >= 0.5:
        return 0.0
    return 4.0 * u**3 - 3.0 * u + 1.0


def bend_to_mm(wanted_mm: float, yields: float, modulus: float, thick_mm: float) -> float:
    """The radius to bend to, so that ``wanted_mm`` is left after it springs back. Raises
    ValueError where no bending leaves a radius so large.
    """
    if wanted_mm <= 0.0:
        raise Refusal(means("necks.radius-over-nil"))
    most = 0.5 * modulus * thick_mm / yields

    def left(bent: float) -> float:
        return bent - wanted_mm * back_ratio(bent, yields, modulus, thick_mm)

    return float(brentq(left, 1e-6, most, xtol=1e-9))


def stand_off_mm(width_mm: float, bent_mm: float, board_mm: float) -> float:
    """How far the middle of a piece stands off the board when its ends touch: ``w^2/8 (1/R_f -
    1/R_b)``, the difference of two sagittas; less than nil where it is bent too little and the
    ends stand off.
    """
    return width_mm**2 / 8.0 * (1.0 / bent_mm - 1.0 / board_mm)
