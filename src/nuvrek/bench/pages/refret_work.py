"""What Work shows of a refret in hand: the table of frets, the wood that is planned, how fat the
next tangs are to be.
"""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek import meaning
from nuvrek.bench.strips.refret import TableStrip, TruingStrip, truing_strip
from nuvrek.bench.working.fret_table import table_rows, waiting
from nuvrek.bench.working.job import steps_in_hand
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANES
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entry import Removals
from nuvrek.readings.journal import NeckState
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.refret.truing import Board, TrueTo, Truing

# Less wood than this is no work for a block.
LEAST_MM = 0.004


def table_strip(neck_state: NeckState, step: Step | None, fret: int | None) -> TableStrip | None:
    """The table of frets of the refret in hand; None where none is."""
    rows = table_rows(neck_state, steps_in_hand(neck_state), step)
    if not rows:
        return None
    if step is not None and step.sweep:
        batch = frozenset(waiting(neck_state, step))
    else:
        batch = frozenset()
    if step is not None and step.sweep == "fit":
        batch = frozenset(step.frets)
    done = sum(bool(cell.sign) for row in rows for cell in row.cells)
    whole = sum(not cell.alone for row in rows for cell in row.cells)
    return TableStrip(
        means("pages.frets-with-again"),
        means("pages.of", done=done, whole=whole),
        rows,
        batch,
        fret,
    )


def wood_planned(solved: Solved) -> Removals:
    """Wood the board in hand is still to lose, by the map as it is now."""
    planned = _truing(solved)
    if planned is None:
        return ()
    truing = planned[2]
    return tuple(
        (fret + 1, LANES[k], round(float(truing.off_mm[fret, k]), 4))
        for fret in range(len(truing.off_mm))
        for k in range(3)
        if truing.off_mm[fret, k] > LEAST_MM
    )


def wood_strip(solved: Solved, unit: Unit) -> TruingStrip | None:
    """The wood still to go, drawn; None where the board is only cleaned or can't be planned."""
    planned = _truing(solved)
    if planned is None:
        return None
    return truing_strip(*planned, unit, frozenset(solved.neck_state.new_wire.corners))


def _truing(solved: Solved) -> tuple[Board, TrueTo, Truing] | None:
    """The board in hand, what it is to be trued to, and how; None where it is only cleaned, or
    where a board of these figures can't be (the page New wire says which).
    """
    from nuvrek.planning.refret.new_tops import plan_truing, usual_wire

    terms = solved.neck_state.new_wire
    if terms.wood != "true":
        return None
    try:
        return plan_truing(solved.map, terms, terms.wire or usual_wire(solved.map.neck))
    except ValueError:
        return None


def grips_planned(solved: Solved) -> dict[int, float]:
    """How much fatter than usual the tangs still out are to be, by fret."""
    import numpy as np

    from nuvrek.planning.refret.grip import plan_grips, wedges_of
    from nuvrek.planning.refret.new_tops import usual_wire
    from nuvrek.planning.refret.plan import bows_read, driven_mm
    from nuvrek.planning.refret.slots import most_extra_mm
    from nuvrek.readings.told.board_read import board_read

    terms = solved.neck_state.new_wire
    if terms.back_bow_mm <= 0.0:
        return {}
    wire = terms.wire or usual_wire(solved.map.neck)
    wedges = wedges_of(solved.map.neck, wire.tang_mm)
    driven, reads = driven_mm(solved.neck_state), bows_read(solved.map)
    most = most_extra_mm(wire, board_read(solved.neck_state).slot_width_mm)
    plan = plan_grips(
        wedges, terms.back_bow_mm, driven, reads=reads, spread=terms.spread, most_mm=most
    )
    out = np.flatnonzero(np.isnan(driven)).tolist()
    return {n + 1: float(plan.grips_mm[n]) for n in out}


def more_words(step: Step, solved: Solved | None, unit: Unit) -> Saying:
    """What the plan says of a step of the refret, beside its own words."""
    if solved is None:
        return ""
    if step.action == "wood" and solved.neck_state.new_wire.wood == "true":
        off = wood_planned(solved)
        if not off:
            return means("pages.map-nothing-left-take")
        most = max(off, key=lambda one: one[2])
        mean = sum(mm for *_, mm in off) / (3 * solved.map.neck.frets)
        return means(
            "pages.still-go-whole-most-fret",
            mean=format_length(mean, unit),
            most=most[0],
            other_most=format_length(most[2], unit),
        )
    if step.sweep == "fit":
        fat = {f: mm for f, mm in grips_planned(solved).items() if f in step.frets and mm > 0.0}
        if fat:
            least, most_fat = min(fat.values()), max(fat.values())
            size: Saying = format_length(most_fat, unit)
            if most_fat - least > 0.005:
                size = means("pages.to", least=format_length(least, unit), size=size)
            return means(
                "pages.tangs-fatter-than-usual", frets=meaning.frets(tuple(fat)), size=size
            )
    return ""
