"""Which wire of the shelf: each held against the slots, the height that is wanted, the old marks,
the stock and the years in it. Lengths in mm.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from nuvrek.meaning import Saying, means
from nuvrek.mechanics.wire_life import USUAL_WEAR_MM
from nuvrek.neck.wire import Wire
from nuvrek.planning.crowns.crowning import levels_left
from nuvrek.planning.refret.slots import Slot, slot_for
from nuvrek.planning.wear import Wear

# What the first level takes off new wire: seating leaves tops uneven by so much (common practice,
# no source).
FIRST_LEVEL_MM = 0.06
# New wire beside old must be within a thou and a half of its width, and as high or a little higher
# (common practice, no source).
MATCH_WIDTH_MM, MATCH_TALLER_MM = 0.038, 0.20
# A crown so near the wanted one is the crown wanted (common practice, no source).
AS_WANTED_MM = 0.05


@dataclass(frozen=True)
class WantedWire:
    """What the wire is chosen for: the crown wanted after the first level, the old wire, the least
    crown kept; the slots by width and depth read (from fret 1, None where not read); frets to be
    done and the wire they need, ``partial``: the rest stays.
    """

    crown_mm: float
    old_width_mm: float
    old_crown_mm: float
    least_mm: float
    frets: tuple[int, ...]
    slot_widths_mm: Sequence[float | None]
    slot_depths_mm: Sequence[float | None]
    needed_mm: float
    partial: bool = False
    wear: Wear = Wear(USUAL_WEAR_MM, False)
    first_level_mm: float = FIRST_LEVEL_MM


@dataclass(frozen=True)
class Choice:
    """One wire on this neck. ``why_not`` rules it out; ``remarks`` are to be known. ``crown_mm`` is
    what is left after the first level (or milled to), ``mill_mm`` what is milled off in width.
    """

    wire: Wire
    crown_mm: float
    loose: tuple[int, ...]
    tight: tuple[int, ...]
    shallow: tuple[int, ...]
    covers: bool
    levels: int
    years: float
    short_mm: float
    mill_mm: float
    why_not: tuple[Saying, ...]
    remarks: tuple[Saying, ...]
    cost: float | None

    @property
    def fits(self) -> bool:
        """Whether nothing rules it out."""
        return not self.why_not


def slots_of(wire: Wire, wanted: WantedWire) -> tuple[tuple[Slot, ...], tuple[str, ...]]:
    """The slots of the frets to be done against this wire's tang, and what no tang can hold."""
    slots, faults = [], []
    for fret in wanted.frets:
        width, depth = wanted.slot_widths_mm[fret - 1], wanted.slot_depths_mm[fret - 1]
        try:
            slots.append(slot_for(fret, wire, width, depth))
        except ValueError as error:
            faults.append(f"{error}.")
    return tuple(slots), tuple(faults)


def ranked(wires: Sequence[Wire], wanted: WantedWire) -> tuple[Choice, ...]:
    """All wires, the best first: those that fit before those that don't, then by how near the crown
    comes, slots that need no work, years.
    """
    choices = [_choice(wire, wanted) for wire in wires]
    return tuple(sorted(choices, key=lambda choice: _order(choice, wanted)))


def _order(choice: Choice, wanted: WantedWire) -> tuple[float, ...]:
    off = abs(choice.crown_mm - wanted.crown_mm)
    work = 0.01 * (len(choice.loose) + len(choice.tight)) + 0.005 * len(choice.shallow)
    marks = 0.0 if choice.covers else 0.08
    bought = 0.05 if choice.short_mm > 0.0 else 0.0
    milled = 0.10 if choice.mill_mm > 0.0 else 0.0
    return float(not choice.fits), off + work + marks + bought + milled, -choice.years


def _choice(wire: Wire, wanted: WantedWire) -> Choice:
    slots, faults = slots_of(wire, wanted)
    loose = tuple(slot.fret for slot in slots if slot.says == "loose")
    tight = tuple(slot.fret for slot in slots if slot.says == "tight")
    shallow = tuple(slot.fret for slot in slots if slot.saw_mm > 0.0)
    crown = wire.crown_mm - wanted.first_level_mm
    mill, why_not, remarks = 0.0, list[Saying](faults), list[Saying]()
    if wanted.partial:
        crown, mill, ruled, sayings = _beside_old(wire, wanted)
        why_not += ruled
        remarks += sayings
    elif crown < wanted.least_mm + 1e-9:
        why_not.append(
            means("refret.after-first-level-mm-under", crown=crown, least_mm=wanted.least_mm)
        )
    covers = wire.width_mm >= wanted.old_width_mm - 0.02
    if not covers:
        remarks.append(means("refret.narrower-than-old-beads-their"))
    short = max(wanted.needed_mm - wire.stock_mm, 0.0)
    return Choice(
        wire=wire,
        crown_mm=crown,
        loose=loose,
        tight=tight,
        shallow=shallow,
        covers=covers,
        levels=levels_left(crown, wanted.least_mm),
        years=wanted.wear.years(crown, wanted.least_mm, wire.hardness),
        short_mm=short,
        mill_mm=mill,
        why_not=tuple(why_not),
        remarks=tuple(remarks),
        cost=None if wire.price is None else wire.price * wanted.needed_mm / 1000.0,
    )


def _beside_old(wire: Wire, wanted: WantedWire) -> tuple[float, float, list[Saying], list[Saying]]:
    """New wire beside old: its crown once levelled to the rest, what is milled off its width, what
    rules it out, what is to be known.
    """
    wider = wire.width_mm - wanted.old_width_mm
    taller = wire.crown_mm - wanted.old_crown_mm
    why_not, remarks = list[Saying](), list[Saying]()
    mill = 0.0
    if wider < -MATCH_WIDTH_MM:
        why_not.append(means("refret.mm-narrower-than-old-wire", wider=-wider))
    elif wider > MATCH_WIDTH_MM:
        mill = wider
        remarks.append(
            means(
                "refret.wider-mm-milled-mm-wide",
                wider=wider,
                old_width_mm=wanted.old_width_mm,
                old_crown_mm=wanted.old_crown_mm,
            )
        )
        if wire.barbs_mm > wanted.old_width_mm:
            why_not.append(means("refret.milled-so-narrow-crown-would"))
    if taller < -0.01:
        why_not.append(means("refret.mm-lower-than-what-others", taller=-taller))
    elif taller > MATCH_TALLER_MM:
        remarks.append(means("refret.taller-mm-which-level-takes", taller=taller))
    return wanted.old_crown_mm, mill, why_not, remarks
