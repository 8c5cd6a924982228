"""What a lesson is: a stake, a neck, what a good end is, and what its trap costs."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from typing import Literal

from nuvrek.language import figure, tr
from nuvrek.practice.at_work.actions import action_kind
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.at_work.work import WORK
from nuvrek.practice.score.account import HEIGHT_MM, RELIEF_MM, Account, account
from nuvrek.simulator.living.neck import LivingNeck
from nuvrek.words import upper_first

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
class Cost:
    """What a trap costs more than the good way: so much of something at the least."""

    of: CostIn
    least: float

    def paid(self, trapped: Account, well: Account) -> bool:
        """Whether it was paid."""
        return _figure(trapped, self.of) - _figure(well, self.of) >= self.least

    @property
    def words(self) -> str:
        """The cost as a sentence."""
        n = figure(f"{self.least:g}")
        return {
            "metal": tr(
                "It costs {n} mm of metal or more, summed over the frets, and it never comes back.",
                n=n,
            ),
            "notes": tr("{n} notes or more do not ring clean afterwards.", n=n),
            "minutes": tr("It costs {n} minutes or more at the bench.", n=n),
            "wood": tr("It costs {n} mm of wood or more, summed over the frets.", n=n),
            "relief": tr("The relief ends {n} mm or more further from what is wanted.", n=n),
            "crown": tr("{n} frets or more end too low to crown.", n=n),
            "parts": tr("It costs {n} frets of new wire or more.", n=n),
            "heights": tr("The strings end {n} mm or more further from their height.", n=n),
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
    title: str
    stake: str
    afterwards: str
    make: Callable[[], LivingNeck]
    well: Callable[[Desk], None]
    trap: Callable[[Desk], None]
    costs: tuple[Cost, ...]
    aims: tuple[Aim, ...] = ("notes", "heights", "seated", "round")
    most_metal_mm: float | None = None
    later: bool = False
    looks: tuple[str, ...] = ()
    deeds: tuple[str, ...] = ()
    most_parts: int = 0

    def desk(self) -> Desk:
        """The neck on the bench."""
        return Desk(self.make, sum(map(ord, self.key)))

    def missed(self, desk: Desk) -> tuple[str, ...]:
        """What is not as it should be, a sentence each; empty when the lesson is solved."""
        end = account(desk, later=self.later)
        wrong = [*missed(end, self.aims, self.most_metal_mm), *self._not_learnt(desk)]
        if end.parts > self.most_parts:
            wrong.append(
                tr(
                    "{parts} frets of new wire went in; {most} would have done.",
                    parts=end.parts,
                    most=self.most_parts,
                )
            )
        return tuple(wrong)

    def _not_learnt(self, desk: Desk) -> Iterator[str]:
        """What of the lesson was not seen, or not done."""
        kinds = [action_kind(action) for action in desk.actions]
        looked = not self.looks
        for kind in kinds:
            looked = looked or kind in self.looks
            if kind in WORK and not looked:
                yield tr("Work began before anything had been read that tells what is the matter.")
                break
        if not looked and not any(kind in WORK for kind in kinds):
            yield tr("Nothing was read that tells what is the matter.")
        called_for = {*self.deeds, *HEIGHTS, *(("crown",) if FILING & {*self.deeds} else ())}
        strange = sorted({kind for kind in kinds if kind in WORK} - called_for)
        for kind in strange:
            yield tr("{done}: that was not called for here.", done=upper_first(WORK[kind]))


def missed(one: Account, aims: tuple[Aim, ...], most_metal_mm: float | None) -> tuple[str, ...]:
    """What of some aims was not reached, a sentence each."""
    wrong: dict[Aim, tuple[bool, str]] = {
        "notes": (
            one.unclean > 0,
            tr(
                "{unclean} of {notes} notes do not ring clean.",
                unclean=one.unclean,
                notes=one.notes,
            ),
        ),
        "heights": (
            one.height_off_mm > HEIGHT_MM,
            tr(
                "The strings stand {height_off_mm:.2f} mm off the wanted height.",
                height_off_mm=one.height_off_mm,
            ),
        ),
        "relief": (
            one.relief_off_mm > RELIEF_MM,
            tr(
                "The relief is {relief_off_mm:.2f} mm off what is wanted.",
                relief_off_mm=one.relief_off_mm,
            ),
        ),
        "seated": (
            one.loose + one.out > 0,
            tr("{out} frets are out.", out=one.out)
            if one.out
            else tr("{loose} of the frets still move.", loose=one.loose),
        ),
        "round": (
            one.flat > 0,
            tr("{flat} tops were filed and not made round again.", flat=one.flat),
        ),
        "crown": (
            one.under_least > 0,
            tr("{under_least} frets are lower than they may be.", under_least=one.under_least),
        ),
        "smooth": (
            one.sharp_ends > 0,
            tr("{sharp_ends} fret ends are still sharp.", sharp_ends=one.sharp_ends),
        ),
    }
    out = [words for key, (bad, words) in wrong.items() if bad and key in aims]
    if most_metal_mm is not None and one.metal_mm > most_metal_mm:
        out.append(
            tr(
                "{metal_mm:.2f} mm of metal is gone in sum; {most_metal_mm:.2f} would have done.",
                metal_mm=one.metal_mm,
                most_metal_mm=most_metal_mm,
            )
        )
    return tuple(out)
