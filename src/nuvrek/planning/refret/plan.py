"""All of a refret in one place, before anything is pulled and at every stage of it: why, the wood,
the slots, the wire, the cutting, the bow that tangs bend in.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

import msgspec
import numpy as np
from numpy.typing import NDArray

from nuvrek import meaning
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.estimate.model.edge_contacts import upper_hull
from nuvrek.meaning import Saying, means, told_by
from nuvrek.mechanics.wire_bending import STRENGTH, bend_to_mm
from nuvrek.neck.description import LANES, Lane
from nuvrek.neck.wire import Wire
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.rehearsal import Rehearsal, rehearse
from nuvrek.planning.refret.cutting import Cutting, Piece, cut_from, pieces
from nuvrek.planning.refret.grip import GripPlan, Read, plan_grips, wedges_of
from nuvrek.planning.refret.new_tops import NewTops, new_tops, plan_truing, usual_wire
from nuvrek.planning.refret.reasons import Reason, reasons_for
from nuvrek.planning.refret.slots import Slot, SlotSays, most_extra_mm, slot_for
from nuvrek.planning.refret.truing import Board, TrueTo, Truing, columns, standing_mm
from nuvrek.planning.refret.wire_choice import FIRST_LEVEL_MM, Choice, WantedWire, ranked
from nuvrek.planning.ways.new_wire import level_terms
from nuvrek.planning.wear import Wear
from nuvrek.readings.entries import FretWork, NewWire, Size
from nuvrek.readings.journal import NeckState
from nuvrek.readings.sizes import What
from nuvrek.readings.told.board_read import BoardRead, board_read, sizes_read

Array = NDArray[np.float64]

# New wire stands this much over the least crown after its first level where nothing else is wanted
# (common practice, no source).
WANTED_OVER_MM = 0.35
# A block takes more than was meant here: it must not linger (common practice, no source).
LINGERS_MM = 0.02
# A step tighter than the board, for wire that springs back to it (common practice, no source).
TIGHTER = 0.9


@dataclass(frozen=True)
class Check:
    """What a plain edge shows once a share of the wood is off: the most light on each lane, and at
    which fret.
    """

    share: float
    light_mm: tuple[tuple[Lane, int, float], ...]


@dataclass(frozen=True)
class BoardPlan:
    """The wood: the board as it is and is to be, what comes off, in which order a block takes the
    pencil, where it must not linger, what the edge says on the way.
    """

    board: Board
    to: TrueTo
    truing: Truing
    order: Rehearsal
    lingers: tuple[int, ...]
    checks: tuple[Check, ...]


@dataclass(frozen=True)
class RefretPlan:
    """One refret. ``faults`` say what of it can't be worked out; ``wood`` is None where the board
    is only cleaned. ``bends`` are radius to bend to by piece.
    """

    terms: NewWire
    wire: Wire
    frets: tuple[int, ...]
    reasons: tuple[Reason, ...]
    faults: tuple[Saying, ...]
    read: BoardRead
    new: NewTops | None
    wood: BoardPlan | None
    slots: tuple[Slot, ...]
    choices: tuple[Choice, ...]
    cut: tuple[Piece, ...]
    cutting: Cutting | None
    bends_mm: tuple[float | None, ...]
    grips: GripPlan | None
    reads: tuple[Read, ...]
    wear: Wear


def plan_refret(weighing: Weighing, terms: NewWire, shelf: Sequence[Wire]) -> RefretPlan:
    """The refret of a mapped neck on these terms, with the wires of a shelf."""
    case, faults = weighing.case, list[Saying]()
    neck, neck_state = case.neck, case.neck_map.neck_state
    read = board_read(neck_state)
    faults += read.faults
    frets = terms.frets or tuple(range(1, neck.frets + 1))
    wire = _of_this_run(terms.wire or usual_wire(neck), neck_state)
    made, wood = None, None
    try:
        made = new_tops(case.neck_map, terms, wire, frets, level_terms(case))
        if made.truing is not None:
            wood = _board_plan(case.neck_map, terms, wire)
    except ValueError as error:
        if told_by(error) not in faults:
            faults.append(_sentence(error))
    grips, reads = _grips(case, terms, wire)
    slots = _slots(neck_state, read, wire, frets=frets, grips=grips, faults=faults)
    cut, cutting = _cut(case, terms, wire, frets=frets, read=read, wood=wood, faults=faults)
    wear = case.wear
    # What the first level takes of the thinnest crown does not hang on the height of the wire.
    if made is None:
        first = FIRST_LEVEL_MM
    else:
        first = made.first_level_mm
    return RefretPlan(
        terms=terms,
        wire=wire,
        frets=frets,
        reasons=reasons_for(weighing),
        faults=tuple(faults),
        read=read,
        new=made,
        wood=wood,
        slots=slots,
        choices=ranked(
            shelf, _wanted(case, terms, frets, read=read, cut=cut, first_level_mm=first)
        ),
        cut=cut,
        cutting=cutting,
        bends_mm=tuple(bend_radius_mm(wire, piece.radius_mm) for piece in cut),
        grips=grips,
        reads=reads,
        wear=wear,
    )


def _sentence(error: ValueError) -> Saying:
    return means("refret.fault", fault=told_by(error))


_OF_WIRE: dict[What, str] = {
    "wire-height": "crown_mm",
    "wire-width": "width_mm",
    "tang-depth": "tang_mm",
    "tang-blade": "blade_mm",
    "tang-barbs": "barbs_mm",
}


def _of_this_run(wire: Wire, neck_state: NeckState) -> Wire:
    """The wire as it was measured on this run; the shelf only knows the one before."""
    read = {
        _OF_WIRE[taken.reading.what]: taken.reading.mm
        for taken in neck_state.taken
        if isinstance(taken.reading, Size) and taken.reading.what in _OF_WIRE
    }
    return msgspec.structs.replace(wire, **read)


# --- wood -----------------------------------------------------------------------


def _board_plan(neck_map: HeightMap, terms: NewWire, wire: Wire) -> BoardPlan:
    board, to, truing = plan_truing(neck_map, terms, wire)
    standing = standing_mm(board, to) - columns(board) @ truing.plane
    shape = standing.reshape(-1, 3)
    # The block is led along its own line, whatever dip or arch it has: over that the board stands
    # by what comes off.
    order = rehearse(board.x_mm, shape, truing.off_mm, terms.block_mm, "fingertips")
    over = order.took_mm - truing.off_mm
    lingers = tuple(int(f) + 1 for f in np.flatnonzero(over.max(axis=1) > LINGERS_MM))
    checks = tuple(_check(neck_map, truing, share) for share in (0.0, 0.5, 1.0))
    return BoardPlan(board, to, truing, order=order, lingers=lingers, checks=checks)


def _check(neck_map: HeightMap, truing: Truing, share: float) -> Check:
    face = neck_map.wood["slack"][0] - share * truing.off_mm
    # The rod stands as it is set for truing.
    bend = _bend(neck_map)
    face = face - truing.rod_dip_mm * bend[:, None]
    found = []
    for k, lane in enumerate(LANES):
        hull = upper_hull(neck_map.x_mm, face[:, k])
        line = np.interp(neck_map.x_mm, neck_map.x_mm[hull], face[hull, k])
        light = line - face[:, k]
        fret = int(light.argmax())
        found.append((lane, fret + 1, float(light[fret])))
    return Check(share, tuple(found))


def _bend(neck_map: HeightMap) -> Array:
    from nuvrek.mechanics.beam import bend_profile

    return bend_profile(neck_map.neck)[1:]


# --- slots and grip ---------------------------------------------------------------

_TRIED: dict[str, SlotSays] = {"tight": "tight", "loose": "loose", "shallow": "shallow"}


def _slots(
    neck_state: NeckState,
    read: BoardRead,
    wire: Wire,
    frets: tuple[int, ...],
    grips: GripPlan | None,
    faults: list[Saying],
) -> tuple[Slot, ...]:
    """Every slot: by the trial piece where one was tried there, else by its figures."""
    slots = []
    for fret in frets:
        says = neck_state.fret_work.get(("slot", fret))
        said = None
        if says is not None:
            said = _TRIED.get(says, "right")
        extra = 0.0
        if grips is not None:
            extra = float(grips.grips_mm[fret - 1])
        width, depth = read.slot_width_mm[fret - 1], read.slot_depth_mm[fret - 1]
        try:
            slots.append(slot_for(fret, wire, width, depth_mm=depth, said=said, extra_mm=extra))
        except ValueError as error:
            faults.append(_sentence(error))
    loose = tuple(slot.fret for slot in slots if slot.lacks_mm > 0.0 and slot.says == "loose")
    if loose:
        most = max(slot.lacks_mm for slot in slots)
        faults.append(
            means("refret.even-crimped-these-tangs-hold", frets=meaning.frets(loose), most=most)
        )
    return tuple(slots)


def driven_mm(neck_state: NeckState) -> Array:
    """How much fatter than usual the tangs are that are in, (frets,); nan where a fret is out, or
    still the old one.
    """
    found = np.full(neck_state.neck.frets, np.nan)
    for work in neck_state.work:
        entry = work.entry
        if not isinstance(entry, FretWork):
            continue
        fat = entry.grip_mm or (0.0,) * len(entry.frets)
        for fret, mm in zip(entry.frets, fat, strict=False):
            if fret <= neck_state.neck.frets and fret not in neck_state.out:
                found[fret - 1] = mm
    return found


def _grips(case: Case, terms: NewWire, wire: Wire) -> tuple[GripPlan | None, tuple[Read, ...]]:
    if terms.back_bow_mm <= 0.0:
        return None, ()
    driven, reads = driven_mm(case.neck_map.neck_state), bows_read(case.neck_map)
    wedges = wedges_of(case.neck, wire.tang_mm)
    widths = board_read(case.neck_map.neck_state).slot_width_mm
    most = most_extra_mm(wire, widths)
    return plan_grips(
        wedges, terms.back_bow_mm, driven, reads=reads, spread=terms.spread, most_mm=most
    ), reads


def bows_read(neck_map: HeightMap) -> tuple[Read, ...]:
    """The bow gained since the first new fret, by all readings together; nothing where no reading
    followed a fitting.
    """
    neck_state = neck_map.neck_state
    fits = [
        (n, number)
        for n, (number, shift) in enumerate(neck_state.shifts)
        if isinstance(shift, FretWork) and shift.stage == "fit"
    ]
    last = max((taken.number for taken in neck_state.taken), default=0)
    fits = [(n, number) for n, number in fits if number < last]
    if not fits:
        return ()
    unknowns = neck_map.gathering.unknowns
    row = np.zeros(unknowns.size)
    for n, _ in fits:
        at = n - unknowns.moves_before
        if at >= 0:
            row[unknowns.slip + at] = float(unknowns.slips[at].mean())
    solution = neck_map.solution
    gained = float(row @ solution.z)
    sd = math.sqrt(max(float(row @ solution.covariance @ row), 1e-8))
    driven = driven_mm(neck_state)
    return (Read(np.nan_to_num(driven), ~np.isnan(driven), gained, sd),)


# --- wire ---------------------------------------------------------------------------


def _wanted(
    case: Case,
    terms: NewWire,
    frets: tuple[int, ...],
    read: BoardRead,
    cut: Sequence[Piece],
    first_level_mm: float,
) -> WantedWire:
    neck, tops = case.neck, case.neck_tops
    partial = len(frets) < neck.frets
    old = [fret for fret in range(1, neck.frets + 1) if fret not in frets]
    if partial and old:
        crown = tops.crown_mm[[fret - 1 for fret in old]]
    else:
        crown = tops.crown_mm
    widths = sizes_read(case.neck_map.neck_state, "crown-width")
    wanted = max(neck.wire_height_mm - first_level_mm, tops.least_crown_mm + WANTED_OVER_MM)
    if terms.wire is not None:
        wanted = terms.wire.crown_mm - first_level_mm
    return WantedWire(
        crown_mm=wanted,
        old_width_mm=float(np.median([*widths.values()])) if widths else neck.wire_width_mm,
        old_crown_mm=float(np.median(crown)),
        least_mm=tops.least_crown_mm,
        frets=frets,
        slot_widths_mm=read.slot_width_mm,
        slot_depths_mm=read.slot_depth_mm,
        needed_mm=sum(piece.cut_mm for piece in cut),
        partial=partial,
        wear=case.wear,
        first_level_mm=first_level_mm,
    )


def _cut(
    case: Case,
    terms: NewWire,
    wire: Wire,
    frets: tuple[int, ...],
    read: BoardRead,
    wood: BoardPlan | None,
    faults: list[Saying],
) -> tuple[tuple[Piece, ...], Cutting | None]:
    radius: Sequence[float | None] = read.radius_mm
    if wood is not None:
        radius = [r if math.isfinite(r) else None for r in wood.to.radius_mm.tolist()]
    undercut = case.neck.bound or terms.undercut == "always"
    binding = sizes_read(case.neck_map.neck_state, "binding-width")
    nip = None if undercut else 0.0
    if undercut and case.neck.bound and binding:
        nip = max(binding.values())
    try:
        made = pieces(case.neck, radius, frets, nip)
        return made, cut_from(made, wire)
    except ValueError as error:
        faults.append(_sentence(error))
        return (), None


def bend_radius_mm(wire: Wire, board_mm: float | None) -> float | None:
    """The radius to bend a piece to, so that it springs back to a little tighter than the board; by
    this wire's own trial piece where one told, else by its strength. None on a flat board.
    """
    if board_mm is None:
        return None
    left = TIGHTER * board_mm
    if wire.ratio is not None:
        return wire.ratio * left
    yields, modulus = STRENGTH[wire.hardness]
    return bend_to_mm(left, yields, modulus, wire.crown_mm + wire.tang_mm)


Face = Literal["wood", "slots", "wire", "cut"]
