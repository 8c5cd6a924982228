"""Lanes of a refret: the wood before and as planned, the slots against their tangs, the table of
frets.
"""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.bench.working.fret_table import FretTableRow
from nuvrek.meaning import Figure, Saying, means
from nuvrek.neck.description import LANES, Lane
from nuvrek.units import Unit, format_length, format_number, number_text

if TYPE_CHECKING:
    from nuvrek.planning.refret.grip import GripPlan
    from nuvrek.planning.refret.slots import Slot
    from nuvrek.planning.refret.truing import Board, TrueTo, Truing

# Less wood is not told from none.
SEEN_MM = 0.015


class TruingStrip(Struct, frozen=True):
    """The face of the board on three lanes over its planned line, as it is and as it is to be,
    (frets,) each in mm, and the wood between them; ``left`` are corners that keep their pencil,
    ``lingers`` frets where the block takes more than it should, ``order`` frets in the order in
    which they lose their pencil.
    """

    title: Saying
    under: Saying
    lanes: tuple[tuple[Lane, tuple[float, ...], tuple[float, ...]], ...]
    figures: tuple[Saying, ...]
    left: frozenset[tuple[int, Lane]] = frozenset()
    lingers: tuple[int, ...] = ()
    order: tuple[int, ...] = ()


class SlotStrip(Struct, frozen=True):
    """Each slot against its tang: fret, width of the slot, width over the barbs (both mm), what is
    said of it, whether that was read; ``grips`` are how much fatter each tang is to be.
    """

    title: Saying
    under: Saying
    slots: tuple[tuple[int, float, float, str, bool], ...]
    figures: tuple[tuple[int, Saying], ...]
    grips: tuple[float, ...] = ()
    most_mm: float = 0.15


class TableStrip(Struct, frozen=True):
    """The table of frets: a row a stage, a sign a fret; ``batch`` frets are in hand."""

    title: Saying
    under: Saying
    rows: tuple[FretTableRow, ...]
    batch: frozenset[int] = frozenset()
    fret: int | None = None


def truing_strip(
    board: Board,
    to: TrueTo,
    truing: Truing,
    unit: Unit,
    left: frozenset[tuple[int, Lane]] = frozenset(),
    lingers: tuple[int, ...] = (),
    order: tuple[int, ...] = (),
) -> TruingStrip:
    """The wood of three lanes: each counts from the straight line it is to come to."""
    from nuvrek.planning.refret.truing import columns, standing_mm

    over = (standing_mm(board, to) - columns(board) @ truing.plane).reshape(-1, 3)
    # Over its line stands what comes off; a corner left alone lies under it.
    lanes = tuple(
        (lane, tuple(map(float, over[:, k])), tuple(map(float, over[:, k] - truing.off_mm[:, k])))
        for k, lane in enumerate(LANES)
    )
    most = truing.off_mm.max(axis=1)
    figures = tuple(format_number(float(mm), unit) if mm > SEEN_MM else "" for mm in most)
    under = means("strips.most", most_mm=format_length(truing.most_mm, unit))
    return TruingStrip(
        means("strips.wood-off"),
        under,
        lanes,
        figures=figures,
        left=left,
        lingers=lingers,
        order=order,
    )


def slot_strip(
    slots: tuple[Slot, ...], barbs_mm: float, grips: GripPlan | None, unit: Unit
) -> SlotStrip:
    """The slots with what is to be done about each."""
    drawn = tuple(
        (slot.fret, slot.width_mm, barbs_mm + slot.crimp_mm, slot.says, slot.read) for slot in slots
    )
    figures = tuple(
        (slot.fret, _to_do(slot, unit)) for slot in slots if slot.crimp_mm or slot.saw_mm > 0.0
    )
    fat: tuple[float, ...] = ()
    if grips is not None:
        fat = tuple(float(mm) if mm == mm else 0.0 for mm in grips.grips_mm)
    return SlotStrip(
        means("strips.slots"),
        means("strips.over-barbs", barbs_mm=format_number(barbs_mm, unit)),
        drawn,
        figures,
        fat,
    )


def _to_do(slot: Slot, unit: Unit) -> Figure:
    if slot.saw_mm > 0.0 and not slot.crimp_mm:
        return Figure(f"↓{number_text(slot.saw_mm, unit).removeprefix('0')}")
    sign = "+" if slot.crimp_mm > 0.0 else "−"
    return Figure(f"{sign}{number_text(abs(slot.crimp_mm), unit).removeprefix('0')}")
