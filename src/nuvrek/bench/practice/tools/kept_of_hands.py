"""What a journal keeps of hands' work: as much as the bench knows of it, never what is hidden."""

from __future__ import annotations

from nuvrek.neck.description import LANES, Lane
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work.doing import Felt
from nuvrek.readings.entries import (
    AnyEntry,
    Feel,
    Filed,
    FretWork,
    Heated,
    RodMove,
    Seated,
    StateChange,
    StepDone,
    Trued,
)
from nuvrek.readings.entry import strings_as
from nuvrek.readings.journal import NUT_MENDED, NUT_WORKED, NeckState

# What a stroke is taken to take where nothing is known of it, mm: a file on one fret, and a block
# on each of the tops it goes over (common practice, no source).
FILE_STROKE_MM, BLOCK_STROKE_MM = 0.005, 0.0008
_FELT: dict[str, Feel] = {
    "slack": "slack",
    "at its end": "at its end",
    "key slips": "key slips",
    "binding": "binding",
    "free": "free",
}


def kept_of(action: do.AnyAction, felt: Felt, neck_state: NeckState) -> tuple[AnyEntry, ...]:
    """The entries an action leaves by itself; ``now`` is what the journal knows before it."""
    match action:
        case do.Turn(turns=turns, side=side):
            return (RodMove(turns=turns, side=side, feel=_FELT.get(felt.key, "")),)
        case do.Tune(to=to):
            return (StateChange(state=strings_as(neck_state.state, to)),)
        case do.MendNut() if felt.key == "fine":
            return (StepDone(step=NUT_MENDED),)
        case do.NutSlot():
            return (StepDone(step=NUT_WORKED[0]),)
        case do.Glue(fret=fret):
            return (Seated(fret=fret, glued=True),)
        case do.Heat(over_mm=over):
            return (Heated(over_bend_mm=over),)
        case do.FileFret(fret=fret, where=where, strokes=strokes) if fret:
            return (_filed(range(fret, fret + 1), where, strokes * FILE_STROKE_MM),)
        case do.Block(low=low, high=high, where=where, strokes=strokes):
            frets = range(max(low, 1), high + 1)
            return (_filed(frets, where, strokes * BLOCK_STROKE_MM),)
        case do.PullFrets(frets=frets):
            return (FretWork(stage="pull", frets=frets),)
        case do.Fit(height_mm=height):
            return (FretWork(stage="fit", frets=tuple(sorted(neck_state.out)), crown_mm=height),)
        case do.TrueWood(low=low, high=high, strokes=strokes):
            places = range(max(low, 1), high + 1)
            mm = round(2.0 * strokes * BLOCK_STROKE_MM, 4)
            return (Trued(off=tuple((fret, lane, mm) for fret in places for lane in LANES)),)
        case _:
            return ()


def _filed(frets: range, where: str, mm: float) -> Filed:
    lanes: tuple[Lane, ...] = LANES if where == "whole" else tuple(k for k in LANES if k == where)
    off = tuple((fret, lane, round(mm, 4)) for fret in frets for lane in lanes)
    return Filed(way="spot-level", off=off)
