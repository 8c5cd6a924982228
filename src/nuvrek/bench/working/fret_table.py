"""The frets of a refret as a table: at each stage one key for a fret that deviates, one for all the
rest as it should be.
"""

from __future__ import annotations

from collections.abc import Mapping

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying, Word, means
from nuvrek.neck.wire import Wire
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import AnyEntry, Describe, FretWork, OthersFirm, StandOff
from nuvrek.readings.journal import NeckState
from nuvrek.readings.refret.entries import FretSays, FretStage
from nuvrek.readings.refret.stages import SIGNS, SWEEPS, TAKEN_OUT
from nuvrek.readings.told.new_wire import said_at


class Cell(Struct, frozen=True):
    """What stands in the table at a fret: its sign and word, and whether it is as it should be.
    Empty where nothing was said yet, ``alone`` where this fret is not done.
    """

    sign: str = ""
    says: Saying = ""
    fine: bool = True
    alone: bool = False


class FretTableRow(Struct, frozen=True):
    """One stage: its title, a cell a fret from 1, and whether it is the one in hand."""

    stage: FretStage
    title: Saying
    cells: tuple[Cell, ...]
    now: bool


def table_rows(
    neck_state: NeckState, steps: tuple[Step, ...], in_hand: Step | None
) -> tuple[FretTableRow, ...]:
    """The table of the refret in hand; nothing where none is."""
    meant: dict[FretStage, set[int]] = {}
    for step in steps:
        if step.sweep:
            meant.setdefault(step.sweep, set()).update(step.frets)
    stage = in_hand.sweep if in_hand is not None else ""
    rows = []
    for at, frets in meant.items():
        every = range(1, neck_state.neck.frets + 1)
        cells = tuple(_cell(neck_state, at, fret, frets) for fret in every)
        rows.append(FretTableRow(at, SWEEPS[at].title, cells, at == stage))
    return tuple(rows)


def _cell(neck_state: NeckState, stage: FretStage, fret: int, meant: set[int]) -> Cell:
    if fret not in meant:
        return Cell(alone=True)
    says = neck_state.fret_work.get((stage, fret))
    if says is None:
        return Cell()
    return Cell(SIGNS[says], SWEEPS[stage].fine if says == "fine" else Word(says), says == "fine")


def waiting(neck_state: NeckState, step: Step) -> tuple[int, ...]:
    """Frets of a step of which nothing was said yet; of a fit those that are still out."""
    if step.sweep == "fit":
        return tuple(fret for fret in step.frets if fret in neck_state.out)
    if not step.sweep:
        return ()
    said = said_at(neck_state, step.sweep)
    return tuple(fret for fret in step.frets if fret not in said)


def rest_entries(neck_state: NeckState, step: Step, grips: Mapping[int, float]) -> list[AnyEntry]:
    """All the rest as it should be: what the hand says of a stage before it is ticked."""
    left = waiting(neck_state, step)
    if not step.sweep or not left:
        return []
    entries: list[AnyEntry] = [fret_entry(neck_state, step.sweep, left, "fine", grips)]
    if step.sweep == "seat":
        entries.append(OthersFirm(frets=left, state=neck_state.state))
    if step.sweep == "fit" and not neck_state.out - {*left}:
        entries += _described(neck_state)
    return entries


def fret_entry(
    neck_state: NeckState,
    stage: FretStage,
    frets: tuple[int, ...],
    says: FretSays,
    grips: Mapping[int, float] | None = None,
) -> FretWork:
    """What is said of frets at a stage; of fitted ones with the wire that went in."""
    if stage != "fit" or says in TAKEN_OUT:
        return FretWork(stage=stage, frets=frets, says=says)
    wire = neck_state.new_wire.wire
    fat = tuple(round((grips or {}).get(fret, 0.0), 4) for fret in frets)
    return FretWork(
        stage=stage,
        frets=frets,
        says=says,
        crown_mm=neck_state.neck.wire_height_mm if wire is None else wire.crown_mm,
        grip_mm=fat if any(fat) else (),
    )


def _described(neck_state: NeckState) -> list[AnyEntry]:
    """With the last of all frets in, the neck has another wire."""
    wire = neck_state.new_wire.wire
    if wire is None or neck_state.new_wire.frets:
        return []
    neck = msgspec.structs.replace(
        neck_state.neck,
        wire_height_mm=wire.crown_mm,
        wire_width_mm=wire.width_mm,
        wire_wish="",
        least_crown_mm=min(neck_state.neck.least_crown_mm, wire.crown_mm - 0.1),
    )
    return [Describe(neck=neck)]


class FretWalk:
    """The keypad over the table: a fret's number and a key say what deviates there."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self.typed = ""
        self.fret = 0
        self.message: Saying = ""

    def forget(self) -> None:
        """Another step is in hand."""
        self.typed, self.fret, self.message = "", 0, ""

    def press(self, step: Step, name: str, grips: Mapping[int, float] | None = None) -> bool:
        """A key at a step of the table; True when it was meant for it. Raises LogbookError."""
        if not step.sweep:
            return False
        self.message = ""
        if name.isdigit():
            self.typed = (self.typed + name)[-2:]
            return True
        if name == "back" and self.typed:
            self.typed = self.typed[:-1]
            return True
        if name in ("left", "right"):
            self._move(step, 1 if name == "right" else -1)
            return True
        sweep = SWEEPS[step.sweep]
        if name not in sweep.keys:
            return False
        fret = int(self.typed) if self.typed else self.fret
        self.typed = ""
        if fret not in step.frets:
            which = meaning.frets(step.frets)
            self.message = means("work.which-fret-number-then-key", which=which)
            return True
        self._say(step.sweep, fret, sweep.keys[name], grips)
        self.fret = fret
        return True

    def _move(self, step: Step, by: int) -> None:
        at = 0
        if self.fret in step.frets:
            at = step.frets.index(self.fret) + by
        self.fret = step.frets[min(max(at, 0), len(step.frets) - 1)] if step.frets else 0
        self.typed = ""

    def _say(
        self, stage: FretStage, fret: int, says: FretSays, grips: Mapping[int, float] | None
    ) -> None:
        """Write down what deviates; the same again takes it back."""
        neck_state = self.session.neck_state
        if neck_state.fret_work.get((stage, fret)) == says and stage not in ("pull", "fit"):
            says = "fine"
        entries: list[AnyEntry] = [fret_entry(neck_state, stage, (fret,), says, grips)]
        if stage == "seat" and says != "fine":
            entries.append(StandOff(fret=fret, moves="moves", state=neck_state.state))
        self.session.append(*entries)


def wire_needed(neck_state: NeckState) -> tuple[Wire | None, float]:
    """The wire agreed on, and how much of it the frets of the refret take, mm."""
    from nuvrek.planning.refret.cutting import cut_from, pieces
    from nuvrek.readings.told.board_read import board_read

    terms = neck_state.new_wire
    if terms.wire is None:
        return None, 0.0
    frets = terms.frets or tuple(range(1, neck_state.neck.frets + 1))
    try:
        made = pieces(neck_state.neck, board_read(neck_state).radius_mm, frets)
        return terms.wire, cut_from(made, terms.wire).needed_mm
    except ValueError:
        return terms.wire, 0.0


def keys_words(step: Step) -> tuple[str, ...]:
    """The keys of a stage, a line each."""
    if not step.sweep:
        return ()
    return tuple(f"{key}  {says}" for key, says in SWEEPS[step.sweep].keys.items())
