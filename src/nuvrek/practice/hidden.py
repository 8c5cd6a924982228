"""A neck whose truth is hidden, by a word: what is the matter with it, and how hard it is."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np
from msgspec import structs
from numpy.random import Generator

from nuvrek.meaning import means, written
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.seed_words import WORDS, number_of, word_of
from nuvrek.simulator.living.neck import LivingNeck, from_truth
from nuvrek.simulator.rods import MadeRod
from nuvrek.simulator.strangers import KINDS, Stranger, stranger

Difficulty = Literal["plain", "usual", "hard"]
DIFFICULTIES: tuple[Difficulty, ...] = ("plain", "usual", "hard")
# Heights wanted over fret 12, low and treble side; of a long neck (common practice, no source).
HEIGHTS_MM, LONG_HEIGHTS_MM, LONG_MM = (2.1, 1.8), (2.6, 2.2), 760.0
# So much of a rod's answer comes later, as wood creeps (common practice, no source).
SETTLES = 0.08
# Bare necks have nothing that rings: the kinds go round without them.
_ROUND = tuple(n for n, kind in enumerate(KINDS) if kind != "bare")
_THIRD = WORDS // len(DIFFICULTIES)


@dataclass(frozen=True)
class Hidden:
    """A made-up neck, its word, and what really is the matter with it."""

    word: str
    matter: str
    difficulty: Difficulty
    make: Callable[[], LivingNeck]
    seed: int

    def desk(self) -> Desk:
        """The neck on the bench as it came in."""
        return Desk(self.make, self.seed)


def hidden_neck(word: str) -> Hidden:
    """The neck of a word; how hard it is lies in the word as well. Raises ValueError for what is
    no word.
    """
    number = number_of(word)
    times, kind = divmod(number % _THIRD, len(_ROUND))
    one = stranger(times * len(KINDS) + _ROUND[kind])
    difficulty = DIFFICULTIES[min(number // _THIRD, len(DIFFICULTIES) - 1)]
    return hidden(one, word.strip().lower(), difficulty, number)


def any_word(difficulty: Difficulty, rng: Generator) -> str:
    """A word of a difficulty, drawn."""
    return word_of(DIFFICULTIES.index(difficulty) * _THIRD + int(rng.integers(_THIRD)))


def hidden(
    one: Stranger, word: str = "", difficulty: Difficulty = "usual", seed: int = 0
) -> Hidden:
    """A stranger with its strings as high as they are wanted."""
    if one.truth.neck.scale_mm >= LONG_MM:
        wished = LONG_HEIGHTS_MM
    else:
        wished = HEIGHTS_MM
    neck = structs.replace(
        one.truth.neck,
        title=written(means("practice.practice-neck", detail=word)),
        height_low_mm=wished[0],
        height_high_mm=wished[1],
        complaint=written(means("practice.buzzes-with-again")),
    )
    truth = replace(one.truth, neck=neck, string_height_12_mm=wished)

    def make() -> LivingNeck:
        rng = np.random.default_rng([21, seed])
        living = from_truth(truth, rng, (_rod(truth.rod_per_turn_mm, difficulty, rng),))
        if difficulty == "hard":
            _quirk(living, rng)
        living.set_string_height(*wished)
        return living

    return Hidden(word, one.kind, difficulty, make, seed)


def _rod(per_turn_mm: float, difficulty: Difficulty, rng: Generator) -> MadeRod:
    """A rod that answers at once, or sticks and has play, the harder the neck."""
    if difficulty == "plain":
        return MadeRod(per_turn_mm)
    play = float(rng.uniform(0.0, 0.15 if difficulty == "usual" else 0.4))
    sticks = float(rng.uniform(0.0, 0.2))
    return MadeRod(per_turn_mm, sticks=sticks, play_turns=play, settles=SETTLES)


def _quirk(living: LivingNeck, rng: Generator) -> None:
    """One thing more that is the matter."""
    match int(rng.integers(4)):
        case 0:
            living.rod_nut = "chewed"
        case 1:
            living.rod_sign = -1.0
        case 2:
            living.crown_mm[0] = living.crown_mm[1] - float(rng.uniform(0.02, 0.08))
        case _:
            worn = rng.choice(np.arange(1, 10), 3, replace=False)
            living.groove_mm[worn] += float(rng.uniform(0.03, 0.06))
