"""The slots held against the tang of the wire chosen: which are right, and what to do about the
others, before anything is bent.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from nuvrek.language import tr
from nuvrek.neck.wire import Wire
from nuvrek.planning.refret.truing import TANG_ROOM_MM

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
    be, ``crimp_mm`` how much fatter the tang (less than nil: thinner).
    """

    fret: int
    width_mm: float
    read: bool
    says: SlotSays
    grip_mm: float
    saw_mm: float
    crimp_mm: float


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
        raise ValueError(
            tr(
                "slot {fret} is {width:.2f} mm wide: no tang of this wire can be made to hold "
                "there. Fill it with wood and saw it anew, or take another wire",
                fret=fret,
                width=width,
            )
        )
    grip = wire.barbs_mm - width
    saw = 0.0 if depth_mm is None else max(wire.tang_mm + TANG_ROOM_MM - depth_mm, 0.0)
    says = said or _by_width(wire, width, grip, saw, read)
    wanted = 0.5 * (GRIP_LOW_MM + GRIP_HIGH_MM) + extra_mm
    crimp = 0.0
    if says in ("loose", "tight") or extra_mm > 0.0:
        crimp = min(max(wanted - grip, -MOST_CRIMP_MM), MOST_CRIMP_MM)
        # A trial piece is believed before a figure: loose is loose, however wide the slot was read.
        if says == "loose":
            crimp = max(crimp, GRIP_LOW_MM)
        if says == "tight":
            crimp = min(crimp, -0.05)
    return Slot(fret, width, read, says, grip, saw, crimp)


def _by_width(wire: Wire, width: float, grip: float, saw: float, read: bool) -> SlotSays:
    if not read:
        return "not read" if saw <= 0.0 else "shallow"
    if width < wire.blade_mm + BLADE_ROOM_MM or grip > GRIP_HIGH_MM:
        return "tight"
    if grip < GRIP_LOW_MM:
        return "loose"
    return "shallow" if saw > 0.0 else "right"
