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
    one = strung(desk.neck)
    if later:
        one.pass_time(TWO_WEEKS_MIN)
    rings = clean(one)
    wanted = [one.neck.relief_wanted_mm(lane) for lane in ("bass", "treble")]
    heights = np.array([one.neck.height_low_mm or 0.0, one.neck.height_high_mm or 0.0])
    stand = one.string_height_mm()
    held = ~one.out[1:]
    return Account(
        notes=rings.size,
        clean=int(rings.sum()),
        loose=len(one.loose),
        out=int(one.out[1:].sum()),
        flat=int((one.filed_mm[1:].max(axis=1) > FLAT_MM).sum()),
        under_least=int((one.crown_mm[1:][held] < one.neck.least_crown_mm).any(axis=1).sum()),
        metal_mm=float(one.taken_mm.mean(axis=1).sum()),
        replaced_mm=float(one.replaced_mm.mean(axis=1).sum()),
        wood_mm=float(one.wood_taken_mm.mean(axis=1).sum()),
        relief_off_mm=float(np.abs(one.relief_mm()[[0, 2]] - wanted).max()),
        height_off_mm=float(np.abs(stand - heights).max()),
        heights_mm=(float(stand[0]), float(stand[1])),
        minutes=desk.worked_min,
        days=one.minutes / (24 * 60.0),
        parts=one.parts,
        sharp_ends=int((one.sharp & (one.rounded_mm < ROUND_MM)).sum()),
    )


def strung(neck: LivingNeck) -> LivingNeck:
    """The neck as it will be handed over: at pitch, everything left alone."""
    one = neck.copy()
    one.tension, one.at_pitch = 1.0, True
    return one
