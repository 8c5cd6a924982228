"""The slots held against the tang of the wire chosen: which are right, and what to do about the
others, before anything is bent.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.meaning import Refusal, means
from nuvrek.neck.wire import Wire
from nuvrek.planning.refret.truing import TANG_ROOM_MM

Array = NDArray[np.float64]
SlotSays = Literal["right", "tight", "loose", "shallow", "not read"]

# Tang over slot, barbs included, mm; common practice, no source: less holds by glue alone, more
# splits or bends the neck.
GRIP_LOW_MM, GRIP_HIGH_MM = 0.10, 0.35
# The blade between the barbs must go in by itself (common practice, no source).
BLADE_ROOM_MM = 0.0
# Crimped or mushroomed, a tang gains at most so much width (common practice, no source).
MOST_CRIMP_MM = 0.25
USUAL_SLOT_MM = 0.5


@dataclass(frozen=True)
class Slot:
    """One slot against its tang: ``grip_mm`` is barbs over slot; ``saw_mm`` how much deeper it must
    be, ``crimp_mm`` how much fatter the tang (less than nil: thinner); ``lacks_mm`` is how much
    less than usual even the fattest tang holds there.
    """

    fret: int
    width_mm: float
    read: bool
    says: SlotSays
    grip_mm: float
    saw_mm: float
    crimp_mm: float
    lacks_mm: float = 0.0


USUAL_GRIP_MM = 0.5 * (GRIP_LOW_MM + GRIP_HIGH_MM)


def most_extra_mm(wire: Wire, widths_mm: Sequence[float | None]) -> Array:
    """The most grip beyond the usual that a crimped tang of this wire finds in each slot, (frets,);
    less than nil where even that holds less than usual.
    """
    widths = np.array([USUAL_SLOT_MM if mm is None else mm for mm in widths_mm])
    return np.asarray(wire.barbs_mm + MOST_CRIMP_MM - widths - USUAL_GRIP_MM)


def slot_for(
    fret: int,
    wire: Wire,
    width_mm: float | None,
    depth_mm: float | None,
    said: SlotSays | None = None,
    extra_mm: float = 0.0,
) -> Slot:
    """The slot of a fret: by what a trial piece ``said`` there, else by its width and depth;
    ``extra_mm`` is grip wanted beyond the usual, to bend the neck. Raises ValueError for a slot
    wider than any tang can be made.
    """
    read = width_mm is not None or said is not None
    width = USUAL_SLOT_MM if width_mm is None else width_mm
    if width > wire.barbs_mm + MOST_CRIMP_MM:
        raise Refusal(means("refret.slot-mm-wide-no-tang", fret=fret, width=width))
    grip = wire.barbs_mm - width
    saw = 0.0
    if depth_mm is not None:
        saw = max(wire.tang_mm + TANG_ROOM_MM - depth_mm, 0.0)
    says = said or _by_width(wire, width, grip, saw, read)
    wanted = USUAL_GRIP_MM + extra_mm
    crimp = 0.0
    if says in ("loose", "tight") or extra_mm > 0.0:
        crimp = min(max(wanted - grip, -MOST_CRIMP_MM), MOST_CRIMP_MM)
        # A trial piece is believed before a figure: loose is loose, however wide the slot was read.
        if says == "loose":
            crimp = max(crimp, GRIP_LOW_MM)
        if says == "tight":
            crimp = min(crimp, -0.05)
    lacks = max(USUAL_GRIP_MM - grip - MOST_CRIMP_MM, 0.0)
    if lacks > USUAL_GRIP_MM - GRIP_LOW_MM:
        says = "loose"
    return Slot(
        fret, width, read, says=says, grip_mm=grip, saw_mm=saw, crimp_mm=crimp, lacks_mm=lacks
    )


def _by_width(wire: Wire, width: float, grip: float, saw: float, read: bool) -> SlotSays:
    if not read:
        if saw <= 0.0:
            return "not read"
        return "shallow"
    if width < wire.blade_mm + BLADE_ROOM_MM or grip > GRIP_HIGH_MM:
        return "tight"
    if grip < GRIP_LOW_MM:
        return "loose"
    if saw > 0.0:
        return "shallow"
    return "right"
