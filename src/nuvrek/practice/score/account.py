"""What became of a neck, by its truth alone."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.practice.at_work.desk import Desk
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.simulator.living.ringing import clean

# Heights and relief this near to what is wanted are as wanted; a top that lost more than this since
# it was last crowned is flat; a sharp end rounded by so much is smooth (common practice, no
# source).
HEIGHT_MM, RELIEF_MM, FLAT_MM, ROUND_MM = 0.2, 0.12, 0.02, 0.3
TWO_WEEKS_MIN = 14 * 24 * 60.0


@dataclass(frozen=True)
class Account:
    """Counts and lengths of a finished neck. ``metal_mm``: summed over the frets, a fret's being
    the mean of its three places; ``wood_mm`` likewise, and ``replaced_mm``, what could still have
    been used of the wire that was pulled. ``under_least``: tops below the least crown.
    """

    notes: int
    clean: int
    loose: int
    out: int
    flat: int
    under_least: int
    metal_mm: float
    replaced_mm: float
    wood_mm: float
    relief_off_mm: float
    height_off_mm: float
    heights_mm: tuple[float, float]
    minutes: float
    days: float
    parts: int
    sharp_ends: int

    @property
    def unclean(self) -> int:
        """Notes that do not ring clean."""
        return self.notes - self.clean


def account(desk: Desk, *, later: bool = False) -> Account:
    """What became of the neck, strung to pitch as it is now; ``later``: looked at again after two
    weeks.
    """
    living = strung(desk.neck)
    if later:
        living.pass_time(TWO_WEEKS_MIN)
    rings = clean(living)
    wanted = [living.neck.relief_wanted_mm(lane) for lane in ("bass", "treble")]
    heights = np.array([living.neck.height_low_mm or 0.0, living.neck.height_high_mm or 0.0])
    stand = living.string_height_mm()
    held = ~living.out[1:]
    return Account(
        notes=rings.size,
        clean=int(rings.sum()),
        loose=len(living.loose),
        out=int(living.out[1:].sum()),
        flat=int((living.filed_mm[1:].max(axis=1) > FLAT_MM).sum()),
        under_least=int((living.crown_mm[1:][held] < living.neck.least_crown_mm).any(axis=1).sum()),
        metal_mm=float(living.taken_mm.mean(axis=1).sum()),
        replaced_mm=float(living.replaced_mm.mean(axis=1).sum()),
        wood_mm=float(living.wood_taken_mm.mean(axis=1).sum()),
        relief_off_mm=float(np.abs(living.shown_relief_mm()[[0, 2]] - wanted).max()),
        height_off_mm=float(np.abs(stand - heights).max()),
        heights_mm=(float(stand[0]), float(stand[1])),
        minutes=desk.worked_min,
        days=living.minutes / (24 * 60.0),
        parts=living.parts,
        sharp_ends=int((living.sharp & (living.rounded_mm < ROUND_MM)).sum()),
    )


def strung(neck: LivingNeck) -> LivingNeck:
    """The neck as it will be handed over: at pitch, everything left alone."""
    living = neck.copy()
    living.tension, living.at_pitch = 1.0, True
    return living
