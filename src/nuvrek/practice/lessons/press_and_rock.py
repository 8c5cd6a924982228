"""Frets that move, frets that rock."""

from __future__ import annotations

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import as_wanted, plain_neck
from nuvrek.simulator.living.neck import LivingNeck

LOOSE, LOW, PROUD = 9, 7, 20
# An edge that stands on three of the first frets.
FIRST_FRETS_MM = 75.0


def _loose_neck() -> LivingNeck:
    living = plain_neck(1, complaint=means("lessons.one-fret-middle-chokes-some"))
    living.stand_off_mm[LOOSE] = 0.14
    living.held[LOOSE] = False
    as_wanted(living)
    return living


def _loose_well(desk: Desk) -> None:
    skills.seat(desk, skills.loose_frets(desk))
    skills.finish(desk)


def _loose_trap(desk: Desk) -> None:
    skills.level(desk, 1, 22, strokes=120)
    skills.finish(desk)


def _low_neck() -> LivingNeck:
    living = plain_neck(2, complaint=means("lessons.two-frets-beside-each-other"))
    living.crown_mm[LOW] -= 0.10
    as_wanted(living)
    return living


def _low_well(desk: Desk) -> None:
    found = skills.rocks(desk, "middle")
    between = range(min(found) + 1, max(found))
    skills.let_down(desk)
    near = desk.do(do.Caliper(fret=min(found), lane="middle")).number or 1.2
    for fret in between:
        desk.do(do.PullFrets(frets=(fret,)))
    desk.do(do.Fit(height_mm=round(near + 0.02, 2)))
    skills.spot(desk, between)
    skills.finish(desk)


def _low_trap(desk: Desk) -> None:
    for _ in range(4):
        found = skills.rocks(desk, "middle", range(3, 13))
        if not found:
            break
        skills.spot(desk, found)
    skills.finish(desk)


def _four_neck() -> LivingNeck:
    living = plain_neck(3, complaint=means("lessons.last-notes-choke"))
    living.crown_mm[PROUD] += 0.09
    as_wanted(living)
    return living


def _four_well(desk: Desk) -> None:
    skills.spot(desk, skills.rocks(desk, "middle", range(15, 22)))
    skills.finish(desk)


def _four_trap(desk: Desk) -> None:
    skills.let_down(desk)
    for _ in range(10):
        frets = [
            fret
            for fret in range(17, 22)
            if desk.do(do.Rocker(lane="middle", fret=fret, edge_mm=FIRST_FRETS_MM)).key == "rocks"
        ]
        if not frets:
            break
        for fret in frets:
            desk.do(do.FileFret(fret=fret, strokes=10))
    desk.do(do.CrownTops(frets=tuple(range(17, 22))))
    skills.finish(desk)


LESSONS = (
    Lesson(
        key="loose-fret",
        skill="press",
        title=means("lessons.fret-ducks"),
        stake=means("lessons.fret-not-seated-goes-down"),
        afterwards=means("lessons.look-fret-chokes-your-beam"),
        looks=("finger",),
        deeds=("press", "glue"),
        make=_loose_neck,
        well=_loose_well,
        trap=_loose_trap,
        costs=(TrapCost("metal", 0.2), TrapCost("notes", 2)),
        most_metal_mm=0.05,
    ),
    Lesson(
        key="low-fret",
        skill="rocker",
        title=means("lessons.one-low-fret-two-rocks"),
        stake=means("lessons.rocker-says-three-frets-not"),
        afterwards=means("lessons.count-what-filed-frets-rocked"),
        looks=("rocker", "edge", "caliper"),
        deeds=("pull", "fit", "file"),
        most_parts=1,
        make=_low_neck,
        well=_low_well,
        trap=_low_trap,
        costs=(TrapCost("metal", 0.1),),
        most_metal_mm=0.08,
    ),
    Lesson(
        key="rocker-on-four",
        skill="rocker",
        title=means("lessons.rocker-stands-four"),
        stake=means("lessons.up-neck-frets-stand-close"),
        afterwards=means("lessons.compare-metal-taken-from-each"),
        looks=("rocker",),
        deeds=("file",),
        make=_four_neck,
        well=_four_well,
        trap=_four_trap,
        costs=(TrapCost("metal", 1.0), TrapCost("notes", 5)),
        most_metal_mm=0.14,
    ),
)
