"""Refretting: wood under a block, tang and slot, wire that matches, heights taken on tape."""

from __future__ import annotations

import numpy as np

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import as_wanted, plain_neck
from nuvrek.simulator.living.neck import LivingNeck

EVERY = tuple(range(1, 23))
WORN = (1, 2, 3, 4, 5)
OLD_MM, TALL_MM = 1.05, 1.35
SHALLOW = (5, 6, 11, 17)


def _stripped(living: LivingNeck) -> LivingNeck:
    living.tension, living.at_pitch = 0.0, False
    living.out[1:] = True
    return living


def _ends_lag_neck() -> LivingNeck:
    living = plain_neck(20, complaint=means("lessons.stripped-new-wire-board-rough"))
    living.wood_mm += 0.05 * np.sin(living.x_mm / 22.0)[:, None]
    return _stripped(living)


def _ends_lag_well(desk: Desk) -> None:
    desk.do(do.LayEdge(lane="middle", low=1, high=22, on="wood"))
    for _ in range(4):
        desk.do(do.TrueWood(low=0, high=22, strokes=5, length_mm=450.0))
    _fit_and_string(desk, 60)


def _ends_lag_trap(desk: Desk) -> None:
    # A short block, to and fro, its ends never past the middle of the board's ends.
    for _ in range(8):
        desk.do(do.TrueWood(low=2, high=16, strokes=12, length_mm=120.0, pressure="pressed"))
    _fit_and_string(desk)


def _fit_and_string(desk: Desk, strokes: int = 30) -> None:
    desk.do(do.Fit(height_mm=1.2))
    skills.level(desk, 1, 22, strokes=strokes)
    skills.finish(desk)


def _tang_neck() -> LivingNeck:
    living = plain_neck(21, complaint=means("lessons.stripped-new-wire"))
    living.slot_mm[:] = 1.75
    living.slot_mm[list(SHALLOW)] = 1.35
    return _stripped(living)


def _tang_well(desk: Desk) -> None:
    desk.do(do.Saw(mm=0.3))
    _fit_and_string(desk)


def _tang_trap(desk: Desk) -> None:
    desk.do(do.Fit(height_mm=1.2))
    for _ in range(3):
        skills.level(desk, 1, 22, strokes=100, crown=False)
    desk.do(do.CrownTops(frets=EVERY))
    skills.finish(desk)


def _match_neck() -> LivingNeck:
    living = plain_neck(22, wire_mm=OLD_MM, complaint=means("lessons.five-frets-worn-out"))
    living.groove_mm[list(WORN)] = 0.22
    as_wanted(living)
    return living


def _match(desk: Desk, height_mm: float) -> None:
    skills.let_down(desk)
    desk.do(do.PullFrets(frets=WORN))
    desk.do(do.Fit(height_mm=height_mm))


def _match_well(desk: Desk) -> None:
    beside = desk.do(do.Caliper(fret=6, lane="middle")).number or OLD_MM
    _match(desk, round(beside + 0.01, 2))
    skills.spot(desk, range(1, 8))
    skills.finish(desk)


def _match_trap(desk: Desk) -> None:
    _match(desk, TALL_MM)
    for _ in range(6):
        skills.level(desk, 1, 22, strokes=80, crown=False)
    skills.let_down(desk)
    desk.do(do.CrownTops(frets=EVERY))
    skills.finish(desk)


def _tape_neck() -> LivingNeck:
    living = plain_neck(23, wire_mm=0.98, complaint=means("lessons.taped-ready-says-note"))
    living.crown_mm[1:] += np.where(np.arange(1, 23) % 4 == 0, 0.08, 0.0)[:, None]
    as_wanted(living)
    living.taped = True
    return living


def _tape_well(desk: Desk) -> None:
    desk.do(do.Tape(on=False))
    _by_height(desk)


def _tape_trap(desk: Desk) -> None:
    _by_height(desk)


def _by_height(desk: Desk) -> None:
    """Level if the crowns can pay for it, new wire if not."""
    least = min(
        desk.do(do.Caliper(fret=f, lane="middle")).number or 0.0 for f in (2, 6, 10, 14, 18)
    )
    if least - 0.07 >= desk.neck.neck.least_crown_mm:
        skills.level(desk, 1, 22, strokes=90)
        skills.finish(desk)
        return
    skills.let_down(desk)
    desk.do(do.PullFrets(frets=EVERY))
    _fit_and_string(desk)


LESSONS = (
    Lesson(
        key="board-ends-lag",
        skill="refret",
        title=means("lessons.ends-lag"),
        stake=means("lessons.block-goes-fro-takes-most"),
        afterwards=means("lessons.lay-edge-unpressed-every-few"),
        looks=("edge",),
        deeds=("true-wood", "fit", "block", "file"),
        most_parts=22,
        make=_ends_lag_neck,
        well=_ends_lag_well,
        trap=_ends_lag_trap,
        costs=(TrapCost("wood", 1.0), TrapCost("relief", 0.05)),
        aims=("notes", "heights", "seated", "round", "relief"),
    ),
    Lesson(
        key="slot-and-tang",
        skill="refret",
        title=means("lessons.slots-shallower-than-tang"),
        stake=means("lessons.wire-stops-where-tang-meets"),
        afterwards=means("lessons.measure-slot-tang-before-first"),
        deeds=("saw", "fit", "block", "file"),
        most_parts=22,
        make=_tang_neck,
        well=_tang_well,
        trap=_tang_trap,
        costs=(TrapCost("metal", 1.0),),
        most_metal_mm=0.6,
    ),
    Lesson(
        key="partial-match",
        skill="refret",
        title=means("lessons.five-frets-match"),
        stake=means("lessons.new-wire-among-old-wire"),
        afterwards=means("lessons.see-how-much-new-wire"),
        looks=("caliper",),
        deeds=("pull", "fit", "file", "block"),
        most_parts=5,
        make=_match_neck,
        well=_match_well,
        trap=_match_trap,
        costs=(TrapCost("metal", 0.8),),
        aims=("notes", "heights", "seated", "round"),
        most_metal_mm=0.3,
    ),
    Lesson(
        key="measured-on-tape",
        skill="refret",
        title=means("lessons.measured-tape"),
        stake=means("lessons.depth-foot-tape-reads-every"),
        afterwards=means("lessons.take-one-height-again-beside"),
        looks=("caliper",),
        deeds=("block", "file"),
        make=_tape_neck,
        well=_tape_well,
        trap=_tape_trap,
        costs=(TrapCost("parts", 22), TrapCost("minutes", 60)),
        aims=("notes", "heights", "seated", "round", "crown"),
        most_metal_mm=1.0,
    ),
)
