"""What a lesson is: a stake, a neck, what a good end is, and what its trap costs."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from typing import Literal

from nuvrek.meaning import Figure, Saying, means
from nuvrek.practice.at_work.actions import action_kind
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.at_work.work import WORK
from nuvrek.practice.score.account import HEIGHT_MM, RELIEF_MM, Account, account
from nuvrek.simulator.living.neck import LivingNeck

Skill = Literal[
    "press", "rocker", "edge", "rod", "seat", "spot", "level", "crown", "ends", "refret"
]
SKILLS: tuple[Skill, ...] = (
    "press",
    "rocker",
    "edge",
    "rod",
    "seat",
    "spot",
    "level",
    "crown",
    "ends",
    "refret",
)
# Strings may be set to their height anywhere; whoever files makes the tops round again.
HEIGHTS, FILING = ("saddle",), frozenset({"file", "block"})
Aim = Literal["notes", "heights", "relief", "seated", "round", "crown", "smooth"]
CostIn = Literal["metal", "notes", "minutes", "wood", "relief", "crown", "parts", "heights"]


@dataclass(frozen=True)
class TrapCost:
    """What a trap costs more than the good way: so much of something at the least."""

    of: CostIn
    least: float

    def paid(self, trapped: Account, well: Account) -> bool:
        """Whether it was paid."""
        return _figure(trapped, self.of) - _figure(well, self.of) >= self.least

    @property
    def words(self) -> Saying:
        """The cost as a sentence."""
        n = Figure(f"{self.least:g}")
        return {
            "metal": means("lessons.costs-mm-metal-or-more", detail=n),
            "notes": means("lessons.notes-or-more-do-not", detail=n),
            "minutes": means("lessons.costs-minutes-or-more-bench", detail=n),
            "wood": means("lessons.costs-mm-wood-or-more", detail=n),
            "relief": means("lessons.relief-ends-mm-or-more", detail=n),
            "crown": means("lessons.frets-or-more-end-too", detail=n),
            "parts": means("lessons.costs-frets-new-wire-or", detail=n),
            "heights": means("lessons.strings-end-mm-or-more", detail=n),
        }[self.of]


def _figure(one: Account, of: CostIn) -> float:
    return {
        "metal": one.metal_mm,
        "notes": float(one.unclean),
        "minutes": one.minutes,
        "wood": one.wood_mm,
        "relief": one.relief_off_mm,
        "crown": float(one.under_least),
        "parts": float(one.parts),
        "heights": one.height_off_mm,
    }[of]


@dataclass(frozen=True)
class Lesson:
    """One trap. ``stake`` is two sentences; ``afterwards`` what to look for; ``make`` the neck, the
    same every time; ``well`` and ``trap`` go through it by what is felt. ``most_metal_mm`` is what
    a good end may cost; ``later`` judges it two weeks on. ``looks``: kinds of reading of which one
    has to come before the first work of hands; ``deeds``: kinds of work that belong to it, beside
    strings set to their height; ``most_parts``: frets of new wire.
    """

    key: str
    skill: Skill
    title: Saying
    stake: Saying
    afterwards: Saying
    make: Callable[[], LivingNeck]
    well: Callable[[Desk], None]
    trap: Callable[[Desk], None]
    costs: tuple[TrapCost, ...]
    aims: tuple[Aim, ...] = ("notes", "heights", "seated", "round")
    most_metal_mm: float | None = None
    later: bool = False
    looks: tuple[str, ...] = ()
    deeds: tuple[str, ...] = ()
    most_parts: int = 0

    def desk(self) -> Desk:
        """The neck on the bench."""
        return Desk(self.make, sum(map(ord, self.key)))

    def missed(self, desk: Desk) -> tuple[Saying, ...]:
        """What is not as it should be, a sentence each; empty when the lesson is solved."""
        end = account(desk, later=self.later)
        wrong: list[Saying] = [*missed(end, self.aims, self.most_metal_mm), *self._not_learnt(desk)]
        if end.parts > self.most_parts:
            wrong.append(
                means("lessons.frets-new-wire-went-would", parts=end.parts, most=self.most_parts)
            )
        return tuple(wrong)

    def _not_learnt(self, desk: Desk) -> Iterator[Saying]:
        """What of the lesson was not seen, or not done."""
        kinds = [action_kind(action) for action in desk.actions]
        looked = not self.looks
        for kind in kinds:
            looked = looked or kind in self.looks
            if kind in WORK and not looked:
                yield means("lessons.work-began-before-anything-had")
                break
        if not looked and not any(kind in WORK for kind in kinds):
            yield means("lessons.nothing-read-tells-what-matter")
        called_for = {*self.deeds, *HEIGHTS, *(("crown",) if FILING & {*self.deeds} else ())}
        strange = sorted({kind for kind in kinds if kind in WORK} - called_for)
        for kind in strange:
            yield means("lessons.not-called-here", done=WORK[kind])


def missed(one: Account, aims: tuple[Aim, ...], most_metal_mm: float | None) -> tuple[Saying, ...]:
    """What of some aims was not reached, a sentence each."""
    wrong: dict[Aim, tuple[bool, Saying]] = {
        "notes": (
            one.unclean > 0,
            means("lessons.notes-do-not-ring-clean", unclean=one.unclean, notes=one.notes),
        ),
        "heights": (
            one.height_off_mm > HEIGHT_MM,
            means("lessons.strings-stand-mm-off-wanted", height_off_mm=one.height_off_mm),
        ),
        "relief": (
            one.relief_off_mm > RELIEF_MM,
            means("lessons.relief-mm-off-what-wanted", relief_off_mm=one.relief_off_mm),
        ),
        "seated": (
            one.loose + one.out > 0,
            means("lessons.frets-out", out=one.out)
            if one.out
            else means("lessons.frets-still-move", loose=one.loose),
        ),
        "round": (one.flat > 0, means("lessons.tops-were-filed-not-made", flat=one.flat)),
        "crown": (
            one.under_least > 0,
            means("lessons.frets-lower-than-they-may", under_least=one.under_least),
        ),
        "smooth": (
            one.sharp_ends > 0,
            means("lessons.fret-ends-still-sharp", sharp_ends=one.sharp_ends),
        ),
    }
    out: list[Saying] = [words for key, (bad, words) in wrong.items() if bad and key in aims]
    if most_metal_mm is not None and one.metal_mm > most_metal_mm:
        out.append(
            means(
                "lessons.mm-metal-gone-sum-would",
                metal_mm=one.metal_mm,
                most_metal_mm=most_metal_mm,
            )
        )
    return tuple(out)
