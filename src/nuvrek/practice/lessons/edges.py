"""What edges and strings lie on, and what light under them means."""

from __future__ import annotations

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import as_wanted, hump, plain_neck
from nuvrek.simulator.living.neck import LivingNeck

HUMP, SUPPORT, OTHER_SCALE_MM = 12, 16, 628.0


def _hump_neck() -> LivingNeck:
    living = plain_neck(4, relief_mm=0.12, complaint=means("lessons.chokes-around-ninth-fret"))
    hump(living, HUMP, 0.22, 28.0)
    return living


def _hump_well(desk: Desk) -> None:
    skills.let_down(desk)
    for _ in range(6):
        if desk.do(do.LayEdge(lane="middle", low=8, high=17)).key != "rocks":
            break
        desk.do(do.Block(low=10, high=14, strokes=12, length_mm=75.0))
    desk.do(do.CrownTops(frets=tuple(range(10, 15))))
    skills.finish(desk)


def _hump_trap(desk: Desk) -> None:
    # Light over the first frets is taken for relief.
    seen = desk.do(do.LayEdge(lane="bass", low=1, high=22))
    if seen.key in ("rocks", "light"):
        for _ in range(3):
            desk.do(do.Turn(turns=0.25))
            skills.tune(desk)
    skills.heights(desk)


def _support_neck() -> LivingNeck:
    living = plain_neck(5, relief_mm=0.2, complaint=means("lessons.notes-before-body-joint-choke"))
    living.crown_mm[SUPPORT] += 0.12
    as_wanted(living)
    return living


def _support_well(desk: Desk) -> None:
    first = skills.relief(desk, hold=1, press=SUPPORT)
    other = skills.relief(desk, hold=2, press=SUPPORT - 3)
    if first - other > 0.04:
        skills.spot(desk, skills.rocks(desk, "middle", range(SUPPORT - 2, SUPPORT + 3)))
    skills.finish(desk)


def _support_trap(desk: Desk) -> None:
    skills.rod_to(desk, 0.10)
    skills.heights(desk)


def _scale_neck() -> LivingNeck:
    return plain_neck(6, relief_mm=0.2, complaint=means("lessons.please-look-over"))


def _scale_well(desk: Desk) -> None:
    # By its own notches the board is as it should be, and nothing is turned.
    desk.do(
        do.LayEdge(lane="middle", low=1, high=16, on="wood", notched_mm=desk.neck.neck.scale_mm)
    )
    skills.heights(desk)


def _scale_trap(desk: Desk) -> None:
    seen = desk.do(do.LayEdge(lane="middle", low=1, high=16, on="wood", notched_mm=OTHER_SCALE_MM))
    # It rides on a fret: what shows under it is taken for a hollow board.
    if seen.key in ("rocks", "light"):
        for _ in range(3):
            desk.do(do.Turn(turns=0.25))
        skills.tune(desk)
    skills.heights(desk)


LESSONS = (
    Lesson(
        key="edge-over-hump",
        skill="edge",
        title=means("lessons.light-both-ends"),
        stake=means("lessons.edge-over-hump-touches-one"),
        afterwards=means("lessons.look-where-edge-touched-whether"),
        looks=("edge", "rocker"),
        deeds=("block", "file"),
        make=_hump_neck,
        well=_hump_well,
        trap=_hump_trap,
        costs=(TrapCost("notes", 3), TrapCost("relief", 0.1)),
        most_metal_mm=0.9,
    ),
    Lesson(
        key="spoilt-supports",
        skill="edge",
        title=means("lessons.support-stands-high"),
        stake=means("lessons.string-held-two-frets-lies"),
        afterwards=means("lessons.hold-relief-read-1-joint"),
        looks=("leaf", "rocker"),
        deeds=("file",),
        make=_support_neck,
        well=_support_well,
        trap=_support_trap,
        costs=(TrapCost("notes", 3), TrapCost("relief", 0.06)),
        most_metal_mm=0.25,
    ),
    Lesson(
        key="wrong-notches",
        skill="edge",
        title=means("lessons.notches-another-scale"),
        stake=means("lessons.notched-edge-another-scale-rides"),
        afterwards=means("lessons.see-which-fret-edge-stood"),
        looks=("edge", "leaf"),
        make=_scale_neck,
        well=_scale_well,
        trap=_scale_trap,
        costs=(TrapCost("relief", 0.12),),
        aims=("notes", "heights", "relief"),
        most_metal_mm=0.0,
    ),
)
