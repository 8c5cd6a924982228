"""What the air does to wood: the moisture it settles at."""

from __future__ import annotations

from nuvrek.meaning import Refusal, means
from nuvrek.recognise.woods import Wood, wood_in

# Outside this wood moves noticeably against the frets; common practice, no source.
DRY_PERCENT, DAMP_PERCENT = 40.0, 60.0


def equilibrium_moisture_percent(temperature_c: float, humidity_percent: float) -> float:
    """Moisture content wood settles at, in percent of its dry mass.

    Hailwood-Horrobin equation as in Forest Products Laboratory, Wood Handbook, chapter 4
    (coefficients for degrees Celsius; value from memory). Raises ValueError outside -10 to 60
    degrees or 0 to 99 percent.
    """
    t, h = temperature_c, humidity_percent / 100.0
    if not -10.0 <= t <= 60.0 or not 0.0 <= h <= 0.99:
        raise Refusal(means("necks.relation-holds-from-10-60"))
    w = 349.0 + 1.29 * t + 0.0135 * t * t
    k = 0.805 + 0.000736 * t - 0.00000273 * t * t
    k1 = 6.27 - 0.00938 * t - 0.000303 * t * t
    k2 = 1.91 + 0.0407 * t - 0.000293 * t * t
    kh = k * h
    bound = (k1 * kh + 2.0 * k1 * k2 * kh * kh) / (1.0 + k1 * kh + k1 * k2 * kh * kh)
    return 1800.0 / w * (kh / (1.0 - kh) + bound)


# Change of size across the grain per percent of moisture, along the rings' radius and around them:
# Forest Products Laboratory, Wood Handbook, chapter 13, table 13-5; rosewood from its shrinkage
# green to dry in chapter 4, table 4-4, over 30 percent (values from memory).
SHRINKAGE: dict[Wood, tuple[float, float]] = {
    "maple": (0.00165, 0.00353),
    "cherry": (0.00126, 0.00248),
    "walnut": (0.00190, 0.00274),
    "mahogany": (0.00172, 0.00238),
    "beech": (0.00190, 0.00431),
    "birch": (0.00256, 0.00338),
    "rosewood": (0.00090, 0.00193),
}
USUAL_SHRINKAGE = (0.0012, 0.0035)


def width_change_mm(
    width_mm: float, wood: str, from_percent: float, to_percent: float
) -> tuple[float, float]:
    """Least and most change of a board's width when its moisture goes from one content to another;
    minus is narrower.

    ``dD = D C (M2 - M1)`` (Wood Handbook, chapter 13). How the rings lie is not known, so both
    directions bound it.
    """
    known = wood_in(wood)
    along, around = USUAL_SHRINKAGE if known is None else SHRINKAGE.get(known, USUAL_SHRINKAGE)
    change = width_mm * (to_percent - from_percent)
    return along * change, around * change
