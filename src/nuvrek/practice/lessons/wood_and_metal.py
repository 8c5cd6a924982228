"""Seat, spot or level: whether it is the wood or the metal, and when metal is spent."""

from __future__ import annotations

import numpy as np

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import WANTED_MM, as_wanted, hump, plain_neck
from nuvrek.simulator.living.neck import LivingNeck

GROOVED = tuple(range(1, 7))


def _wood_neck() -> LivingNeck:
    living = plain_neck(12, relief_mm=-0.1, complaint=means("lessons.first-frets-buzz"))
    as_wanted(living)
    return living


def _wood_well(desk: Desk) -> None:
    desk.do(do.LayEdge(lane="middle", low=1, high=16, on="wood", notched_mm=648.0))
    skills.let_down(desk)
    desk.do(do.Turn(turns=-0.5))
    skills.tune(desk)
    for _ in range(6):
        if skills.relief(desk) > WANTED_MM - 0.06:
            break
        desk.do(do.Turn(turns=-0.25))
        skills.tune(desk)
    skills.heights(desk)


def _wood_trap(desk: Desk) -> None:
    skills.level(desk, 4, 13, strokes=150, length_mm=150.0)
    skills.finish(desk)


def _sunk_end_neck() -> LivingNeck:
    living = plain_neck(13, complaint=means("lessons.low-string-chokes-behind-eighth"))
    living.stand_off_mm[8, 0] = 0.16
    living.stand_off_mm[8, 1] = 0.04
    living.held[8] = False
    as_wanted(living)
    return living


def _sunk_end_well(desk: Desk) -> None:
    skills.seat(desk, skills.loose_frets(desk))
    skills.finish(desk)


def _hard_trap(desk: Desk) -> None:
    skills.let_down(desk)
    for _ in range(3):
        desk.do(do.Press(fret=8, force="hard"))
    desk.do(do.Glue(fret=8))
    desk.do(do.Wait(minutes=245))
    # Now it is low, and the others are brought down to it.
    for _ in range(6):
        found = skills.rocks(desk, "middle", range(4, 13))
        if not found:
            break
        skills.spot(desk, found)
    skills.finish(desk)


def _groove_neck() -> LivingNeck:
    living = plain_neck(14, wire_mm=0.98, complaint=means("lessons.first-frets-worn"))
    living.groove_mm[list(GROOVED)] = 0.16
    as_wanted(living)
    return living


def _groove_well(desk: Desk) -> None:
    low = [f for f in range(1, 23) if (_groove(desk, f) or 0.0) > 0.05]
    beside = desk.do(do.Caliper(fret=max(low) + 1, lane="middle")).number or 1.0
    skills.let_down(desk)
    desk.do(do.PullFrets(frets=tuple(low)))
    desk.do(do.Fit(height_mm=round(beside + 0.02, 2)))
    skills.spot(desk, range(1, max(low) + 3))
    skills.finish(desk)


def _groove(desk: Desk, fret: int) -> float | None:
    return desk.do(do.Caliper(fret=fret, lane="bass", groove=True)).number


def _groove_trap(desk: Desk) -> None:
    skills.let_down(desk)
    for _ in range(12):
        desk.do(do.Block(low=1, high=22, strokes=100))
        if max((_groove(desk, f) or 0.0) for f in GROOVED) < 0.03:
            break
    desk.do(do.CrownTops(frets=tuple(range(1, 23))))
    skills.finish(desk)


def _crowned_neck() -> LivingNeck:
    living = plain_neck(15, complaint=means("lessons.somebody-levelled-left-tops-flat"))
    living.filed_mm[1:] = 0.05
    hump(living, 9, 0.14, 35.0)
    return living


def _crowned_well(desk: Desk) -> None:
    skills.let_down(desk)
    _over_the_hump(desk)
    desk.do(do.CrownTops(frets=tuple(range(1, 23))))
    skills.finish(desk)


def _over_the_hump(desk: Desk) -> None:
    for _ in range(10):
        if desk.do(do.LayEdge(lane="middle", low=6, high=12)).key != "rocks":
            break
        desk.do(do.Block(low=7, high=11, strokes=10, length_mm=90.0))


def _crowned_trap(desk: Desk) -> None:
    skills.let_down(desk)
    desk.do(do.CrownTops(frets=tuple(range(1, 23))))
    skills.finish(desk)
    # Only now does it buzz, and the level flattens what was just made round.
    skills.level(desk, 1, 22, strokes=150)
    skills.finish(desk)


def _tongue_neck() -> LivingNeck:
    living = plain_neck(16, complaint=means("lessons.highest-notes-choke"))
    x, joint = living.x_mm, living.neck.joint_fret
    past = np.clip((x - x[joint]) / (x[-1] - x[joint]), 0.0, None)
    living.wood_mm += 0.5 * past[:, None]
    as_wanted(living)
    return living


def _tongue_well(desk: Desk) -> None:
    desk.do(do.LayEdge(lane="middle", low=12, high=22))
    for _ in range(12):
        skills.let_down(desk)
        for fret in range(17, 23):
            desk.do(do.FileFret(fret=fret, strokes=3 * (fret - 16)))
        skills.tune(desk)
        notes = [do.Pluck(string=n, fret=f) for n in range(6) for f in range(10, 22)]
        if all(desk.do(note).key == "clean" for note in notes):
            break
    desk.do(do.CrownTops(frets=tuple(range(16, 23))))
    skills.finish(desk)


def _tongue_trap(desk: Desk) -> None:
    skills.let_down(desk)
    for _ in range(4):
        desk.do(do.Block(low=1, high=22, strokes=150))
    desk.do(do.CrownTops(frets=tuple(range(1, 23))))
    skills.finish(desk)


def _zero_neck() -> LivingNeck:
    living = plain_neck(
        17, relief_mm=0.08, zero_fret=True, complaint=means("lessons.uneven-all-over-says-label")
    )
    living.crown_mm[1:] += np.where(np.arange(1, 23) % 4 == 0, 0.08, 0.0)[:, None]
    living.crown_mm[0] = living.crown_mm[1] + 0.08
    as_wanted(living)
    return living


def _zero_well(desk: Desk) -> None:
    skills.rocks(desk, "middle")
    skills.level(desk, 1, 22, strokes=90)
    skills.finish(desk)


def _zero_trap(desk: Desk) -> None:
    # The one that stands over the others is taken for a proud fret.
    skills.level(desk, 0, 22, strokes=90)
    desk.do(do.FileFret(fret=0, strokes=30))
    skills.finish(desk)


LESSONS = (
    Lesson(
        key="wood-or-metal",
        skill="spot",
        title=means("lessons.wood-or-metal"),
        stake=means("lessons.tops-follow-wood-they-sit"),
        afterwards=means("lessons.notched-edge-wood-had-all"),
        looks=("edge", "leaf"),
        deeds=("turn",),
        make=_wood_neck,
        well=_wood_well,
        trap=_wood_trap,
        costs=(TrapCost("metal", 0.5),),
        aims=("notes", "heights", "round", "relief"),
        most_metal_mm=0.0,
    ),
    Lesson(
        key="pressed-too-deep",
        skill="seat",
        title=means("lessons.pressed-too-deep"),
        stake=means("lessons.fret-pressed-until-stop-felt"),
        afterwards=means("lessons.look-frets-beside-they-pay"),
        looks=("finger",),
        deeds=("press", "glue"),
        make=_sunk_end_neck,
        well=_sunk_end_well,
        trap=_hard_trap,
        costs=(TrapCost("metal", 0.1),),
        most_metal_mm=0.05,
    ),
    Lesson(
        key="crown-level-refret",
        skill="crown",
        title=means("lessons.crown-level-or-new-wire"),
        stake=means("lessons.groove-taken-out-bringing-every"),
        afterwards=means("lessons.height-less-groove-less-what"),
        looks=("caliper",),
        deeds=("pull", "fit", "file", "block"),
        most_parts=7,
        make=_groove_neck,
        well=_groove_well,
        trap=_groove_trap,
        costs=(TrapCost("crown", 5), TrapCost("metal", 2.0)),
        aims=("notes", "heights", "round", "crown"),
        most_metal_mm=0.3,
    ),
    Lesson(
        key="crowned-too-soon",
        skill="crown",
        title=means("lessons.crowned-before-bow-seen"),
        stake=means("lessons.pretty-frets-uneven-board-work"),
        afterwards=means("lessons.compare-minutes-twenty-two-crowns"),
        looks=("edge", "rocker"),
        deeds=("block", "file"),
        make=_crowned_neck,
        well=_crowned_well,
        trap=_crowned_trap,
        costs=(TrapCost("minutes", 50),),
        most_metal_mm=0.9,
    ),
    Lesson(
        key="climbing-tongue",
        skill="level",
        title=means("lessons.tongue-climbs"),
        stake=means("lessons.board-climbs-past-joint-brought"),
        afterwards=means("lessons.see-which-frets-choked-notes"),
        looks=("edge", "pluck", "rocker"),
        deeds=("file", "block"),
        make=_tongue_neck,
        well=_tongue_well,
        trap=_tongue_trap,
        costs=(TrapCost("metal", 0.6),),
        most_metal_mm=1.6,
    ),
    Lesson(
        key="over-the-zero-fret",
        skill="level",
        title=means("lessons.over-zero-fret"),
        stake=means("lessons.zero-fret-stands-little-over"),
        afterwards=means("lessons.listen-open-strings-taped-over"),
        looks=("edge", "rocker", "caliper"),
        deeds=("block", "file"),
        make=_zero_neck,
        well=_zero_well,
        trap=_zero_trap,
        costs=(TrapCost("notes", 3),),
        most_metal_mm=1.0,
    ),
)
