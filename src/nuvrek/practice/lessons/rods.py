"""The rod: read it at pitch, find its direction, and never blame it for its nut."""

from __future__ import annotations

from nuvrek.meaning import means
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.lessons.lesson import Lesson, TrapCost
from nuvrek.practice.lessons.plain_neck import WANTED_MM, as_wanted, plain_neck
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.simulator.rods import MadeRod

# A whole tone down is four fifths of the pull (tension goes with the square of the pitch).
TONE_DOWN = 0.79
PLAY_TURNS = 1.2


def _off_pitch_neck() -> LivingNeck:
    living = plain_neck(7, complaint=means("lessons.please-set-up-i-play"))
    living.pull_mm, living.tension, living.at_pitch = 0.75, TONE_DOWN, False
    living.wood_mm += 0.58 * living.bend[:, None]
    living.tension = 1.0
    as_wanted(living)
    living.tension = TONE_DOWN
    return living


def _off_pitch_well(desk: Desk) -> None:
    skills.tune(desk)
    skills.rod_to(desk, WANTED_MM)
    skills.heights(desk)


def _off_pitch_trap(desk: Desk) -> None:
    for _ in range(6):
        if skills.relief(desk) > WANTED_MM - 0.04:
            break
        desk.do(do.Turn(turns=-0.25))
    skills.tune(desk)
    skills.heights(desk)


def _one_way_neck() -> LivingNeck:
    rod = MadeRod(0.3, slack_at=0.0)
    living = plain_neck(
        8, rod="one-way", relief_mm=-0.03, rods=(rod,), complaint=means("lessons.first-frets-buzz")
    )
    as_wanted(living)
    return living


def _one_way_well(desk: Desk) -> None:
    if desk.do(do.FeelKey()).key != "slack":
        return
    # The pull of the strings makes the relief: slack, the tops are levelled straight.
    skills.let_down(desk)
    desk.do(do.InkTops())
    for _ in range(20):
        desk.do(do.Block(low=1, high=17, strokes=15, length_mm=300.0))
        if desk.do(do.LayEdge(lane="middle", low=1, high=16)).key == "no light":
            break
    desk.do(do.CrownTops(frets=tuple(range(1, 18))))
    skills.finish(desk)


def _one_way_trap(desk: Desk) -> None:
    for _ in range(2):
        desk.do(do.Turn(turns=0.25))
        skills.tune(desk)
    skills.heights(desk)


def _unknown_neck() -> LivingNeck:
    rod = MadeRod(0.35, play_turns=PLAY_TURNS)
    rod.driven = rod.at + 0.5 * PLAY_TURNS
    living = plain_neck(
        9, rod="unknown", relief_mm=0.5, rods=(rod,), complaint=means("lessons.strings-high")
    )
    living.set_string_height(2.3, 2.0)
    return living


def _unknown_well(desk: Desk) -> None:
    skills.rod_to(desk, WANTED_MM, most=16)
    skills.heights(desk)


def _unknown_trap(desk: Desk) -> None:
    for _ in range(2):
        desk.do(do.Turn(turns=0.25))
    # No answer, so the rod is called spent, and the relief is filed out of the tops.
    skills.level(desk, 1, 22, strokes=400)
    skills.level(desk, 1, 22, strokes=200)
    skills.finish(desk)


def _twin_neck() -> LivingNeck:
    rods = (MadeRod(0.3), MadeRod(0.3))
    living = plain_neck(
        10, rod="twin", rods=rods, complaint=means("lessons.open-high-strings-buzz")
    )
    living.crown_mm[0, 2] -= 0.30
    living.crown_mm[0, 1] -= 0.15
    as_wanted(living)
    return living


def _twin_well(desk: Desk) -> None:
    for lane, side in (("bass", "bass"), ("treble", "treble")):
        slides, _ = skills.gap(desk, lane, 0, 3, 1)  # type: ignore[arg-type]
        if (slides or 0.0) < 0.03:
            desk.do(do.NutSlot(side=side, mm=0.25))  # type: ignore[arg-type]
    skills.heights(desk)


def _twin_trap(desk: Desk) -> None:
    for _ in range(3):
        desk.do(do.Turn(turns=-0.25, side="treble"))
        skills.tune(desk)
    skills.heights(desk)


def _chewed_neck() -> LivingNeck:
    living = plain_neck(11, relief_mm=0.5, complaint=means("lessons.far-too-much-bow-rod"))
    living.rod_nut = "chewed"
    living.set_string_height(2.3, 2.0)
    return living


def _chewed_well(desk: Desk) -> None:
    if desk.do(do.FeelKey()).key == "chewed":
        desk.do(do.MendNut(how="renew"))
    skills.rod_to(desk, WANTED_MM)
    skills.heights(desk)


def _chewed_trap(desk: Desk) -> None:
    if desk.do(do.Turn(turns=0.25)).key == "key slips":
        skills.let_down(desk)
        desk.do(do.Heat(over_mm=0.35))
        desk.do(do.Wait(minutes=1440))
    skills.finish(desk)


LESSONS = (
    Lesson(
        key="off-pitch",
        skill="rod",
        title=means("lessons.read-tone-too-low"),
        stake=means("lessons.relief-answer-neck-strings-strings"),
        afterwards=means("lessons.compare-relief-before-after-tuning"),
        looks=("leaf",),
        deeds=("turn",),
        make=_off_pitch_neck,
        well=_off_pitch_well,
        trap=_off_pitch_trap,
        costs=(TrapCost("relief", 0.1),),
        aims=("notes", "heights", "relief"),
        most_metal_mm=0.0,
    ),
    Lesson(
        key="one-way-back-bow",
        skill="rod",
        title=means("lessons.nothing-left-let-out"),
        stake=means("lessons.one-way-rod-only-takes"),
        afterwards=means("lessons.feel-key-before-turning-slack"),
        looks=("key",),
        deeds=("block", "file"),
        make=_one_way_neck,
        well=_one_way_well,
        trap=_one_way_trap,
        costs=(TrapCost("notes", 3), TrapCost("relief", 0.08)),
        most_metal_mm=2.4,
    ),
    Lesson(
        key="through-the-slack",
        skill="rod",
        title=means("lessons.through-slack"),
        stake=means("lessons.rod-does-not-answer-once"),
        afterwards=means("lessons.count-turns-until-first-answer"),
        looks=("leaf",),
        deeds=("turn",),
        make=_unknown_neck,
        well=_unknown_well,
        trap=_unknown_trap,
        costs=(TrapCost("metal", 1.5),),
        aims=("notes", "heights", "relief"),
        most_metal_mm=0.0,
    ),
    Lesson(
        key="twin-rods-low-nut",
        skill="rod",
        title=means("lessons.two-rods-low-nut"),
        stake=means("lessons.open-strings-buzz-one-side"),
        afterwards=means("lessons.press-3-look-over-1"),
        looks=("leaf", "pluck"),
        deeds=("nut-slot",),
        make=_twin_neck,
        well=_twin_well,
        trap=_twin_trap,
        costs=(TrapCost("relief", 0.1),),
        aims=("notes", "heights", "relief"),
        most_metal_mm=0.0,
    ),
    Lesson(
        key="chewed-nut",
        skill="rod",
        title=means("lessons.chewed-nut-no-spent-rod"),
        stake=means("lessons.key-slips-chewed-nut-turns"),
        afterwards=means("lessons.feel-whether-rod-turned-or"),
        looks=("key", "turn"),
        deeds=("mend-rod-nut", "turn"),
        make=_chewed_neck,
        well=_chewed_well,
        trap=_chewed_trap,
        costs=(TrapCost("relief", 0.1),),
        aims=("notes", "heights", "relief"),
        most_metal_mm=0.0,
        later=True,
    ),
)
