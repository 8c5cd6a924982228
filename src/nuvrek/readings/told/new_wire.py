"""What a journal tells of new wire: which frets have it and were not filed since, and which still
want seating.
"""

from __future__ import annotations

from nuvrek.readings.entries import Filed, FretWork
from nuvrek.readings.journal import NeckState
from nuvrek.readings.refret.entries import FretStage
from nuvrek.readings.refret.stages import SEAT_AGAIN


def new_tops_of(neck_state: NeckState) -> tuple[int, ...]:
    """Frets with new wire that no file has touched yet."""
    filed: dict[int, int] = {}
    fitted: dict[int, int] = {}
    for work in neck_state.work:
        match work.entry:
            case Filed(off=off):
                filed |= {fret: work.number for fret, _, _ in off}
            case FretWork(frets=frets):
                fitted |= dict.fromkeys(frets, work.number)
            case _:
                pass
    return tuple(
        fret
        for fret, number in sorted(fitted.items())
        if filed.get(fret, 0) < number
        and fret not in neck_state.out
        and fret <= neck_state.neck.frets
    )


def without_frets(neck_state: NeckState) -> bool:
    """Whether the board has never had frets, and none was fitted so far."""
    if not neck_state.neck.no_frets:
        return False
    return not any(isinstance(work.entry, FretWork) for work in neck_state.work)


def said_at(neck_state: NeckState, stage: FretStage) -> frozenset[int]:
    """Frets of which something was said at a stage of the refret in hand."""
    return frozenset(fret for at, fret in neck_state.fret_work if at == stage)


def seat_again(neck_state: NeckState) -> tuple[int, ...]:
    """New frets that stand off or move, as last said."""
    found: dict[int, bool] = {}
    for stage in ("fit", "seat"):
        for (at, fret), says in neck_state.fret_work.items():
            if at == stage:
                found[fret] = says in SEAT_AGAIN
    return tuple(sorted(fret for fret, again in found.items() if again))
