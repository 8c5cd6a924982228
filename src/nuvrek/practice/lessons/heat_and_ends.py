"""What comes back, and what slips off."""

from __future__ import annotations

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import WANTED_MM, plain_neck
from nuvrek.readings.entries import SIDES
from nuvrek.simulator.living.neck import LivingNeck

WEEKS_MIN = 14 * 24 * 60.0
EVERY = tuple(range(1, 23))


def _heat_neck() -> LivingNeck:
    living = plain_neck(
        18, rod="none", relief_mm=0.55, rods=(), complaint=means("lessons.high-strings-no-rod")
    )
    living.set_string_height(2.4, 2.1)
    return living


def _heat_well(desk: Desk) -> None:
    for _ in range(4):
        off = skills.relief(desk) - WANTED_MM
        if off < 0.05:
            break
        skills.let_down(desk)
        desk.do(do.Heat(over_mm=round(off / 0.45, 2)))
        # Only after two weeks is it known what stayed.
        desk.do(do.Wait(minutes=WEEKS_MIN))
        skills.tune(desk)
    skills.heights(desk)


def _heat_trap(desk: Desk) -> None:
    off = skills.relief(desk) - WANTED_MM
    skills.let_down(desk)
    desk.do(do.Heat(over_mm=round(off, 2)))
    skills.finish(desk)


def _ends_neck() -> LivingNeck:
    living = plain_neck(19, complaint=means("lessons.fret-ends-scratch"))
    living.sharp[1:] = True
    return living


def _ends_well(desk: Desk) -> None:
    skills.let_down(desk)
    for side in SIDES:
        desk.do(do.RoundEnd(frets=EVERY, side=side, strokes=3))
    skills.finish(desk)


def _ends_trap(desk: Desk) -> None:
    skills.let_down(desk)
    for side in SIDES:
        desk.do(do.RoundEnd(frets=EVERY, side=side, strokes=9))
    skills.finish(desk)


LESSONS = (
    Lesson(
        key="heat-comes-back",
        skill="level",
        title=means("lessons.heat-comes-back"),
        stake=means("lessons.wood-bent-heat-goes-part"),
        afterwards=means("lessons.compare-relief-day-two-weeks"),
        looks=("leaf", "edge"),
        deeds=("heat",),
        make=_heat_neck,
        well=_heat_well,
        trap=_heat_trap,
        costs=(TrapCost("relief", 0.1),),
        aims=("notes", "heights", "relief"),
        later=True,
        most_metal_mm=0.0,
    ),
    Lesson(
        key="over-rounded-ends",
        skill="ends",
        title=means("lessons.ends-too-round"),
        stake=means("lessons.fret-end-broken-hair-so"),
        afterwards=means("lessons.play-outer-strings-up-neck"),
        deeds=("round-end",),
        make=_ends_neck,
        well=_ends_well,
        trap=_ends_trap,
        costs=(TrapCost("notes", 20),),
        aims=("notes", "heights", "smooth"),
        most_metal_mm=0.0,
    ),
)
