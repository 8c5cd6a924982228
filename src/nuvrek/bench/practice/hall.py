"""What the first page of practice offers: lessons by skill, forms, necks, and how it has gone."""

from __future__ import annotations

from collections.abc import Sequence
from functools import cache
from importlib import resources

import msgspec
from msgspec import Struct
from numpy.random import Generator

from nuvrek.bench.practice.kept import Result
from nuvrek.meaning import Saying, Word, means, sentences
from nuvrek.practice.forms.shelf import FORMS
from nuvrek.practice.hidden import DIFFICULTIES, Difficulty, any_word
from nuvrek.practice.lessons.shelf import LESSONS
from nuvrek.practice.seed_words import WORDS, word_of

HUNDRED = 100


class PracticeOffer(Struct, frozen=True):
    """One thing to practise: its name as an exercise, its words, and how it stands."""

    name: str
    title: Saying
    under: Saying
    tried: bool
    solved: bool


def lessons(results: Sequence[Result]) -> tuple[PracticeOffer, ...]:
    """All lessons in the order of skill."""
    return tuple(
        _offer(f"lesson:{lesson.key}", lesson.title, Word(lesson.skill), results)
        for lesson in LESSONS
    )


def forms(rng: Generator, results: Sequence[Result]) -> tuple[PracticeOffer, ...]:
    """All forms, each with a neck of its own."""
    offers = []
    for form in FORMS:
        word = word_of(int(rng.integers(WORDS)))
        mine = [r for r in results if r.exercise.startswith(f"form:{form.key}:")]
        offers.append(
            PracticeOffer(
                f"form:{form.key}:{word}",
                form.title,
                means("practice_bench.best", mine=max(r.points for r in mine))
                if mine
                else means("practice_bench.not-tried"),
                bool(mine),
                any(r.solved for r in mine),
            )
        )
    return tuple(offers)


def any_neck(difficulty: Difficulty, rng: Generator) -> str:
    """The name of a neck nobody has seen."""
    return f"neck:{any_word(difficulty, rng)}"


def hundred() -> tuple[str, ...]:
    """The words of the hundred necks that the advice has played as well: by difficulty in turn."""
    each = WORDS // len(DIFFICULTIES)
    return tuple(word_of((n % len(DIFFICULTIES)) * each + n) for n in range(HUNDRED))


def next_of_hundred(results: Sequence[Result]) -> str:
    """The first of the hundred that was not played yet; the first of all when all were."""
    played = {result.exercise for result in results}
    names = [f"neck:{word}" for word in hundred()]
    return next((name for name in names if name not in played), names[0])


class AdviceScore(Struct, frozen=True):
    """How the advice of this program did on one of the hundred, as kept with the program."""

    clean: int
    notes: int
    told: bool
    metal_mm: float
    readings: int
    minutes: int
    ways: tuple[str, ...]


@cache
def advice_scores() -> dict[str, AdviceScore]:
    """What the advice made of the hundred, by word."""
    data = resources.files("nuvrek.practice.advice").joinpath("advice_scores.json").read_bytes()
    return msgspec.json.decode(data, type=dict[str, AdviceScore])


def beside(word: str, results: Sequence[Result]) -> tuple[Saying, ...]:
    """The advice's score on a neck of the hundred, and over all of them that one has played."""
    scores = advice_scores()
    score = scores.get(word)
    if score is None:
        return ()
    saying: Saying = (
        means("practice_bench.every-note-clean")
        if score.clean == score.notes
        else means("practice_bench.clean", clean=score.clean, notes=score.notes)
    )
    if score.clean < score.notes and score.told:
        saying = sentences(saying, means("practice_bench.said-so"))
    words: list[Saying] = [
        means(
            "practice_bench.advice-neck-mm-metal-readings",
            detail=saying,
            metal_mm=score.metal_mm,
            readings=score.readings,
            minutes=score.minutes / 60.0,
        )
    ]
    mine = {r.exercise[5:]: r for r in results if r.exercise[5:] in scores}
    if mine:
        theirs = sum(scores[w].clean == scores[w].notes for w in mine)
        own = sum(r.notes[0] == r.notes[1] for r in mine.values())
        words.append(
            means(
                "practice_bench.hundred-clean-you-advice", number=len(mine), own=own, theirs=theirs
            )
        )
    return tuple(words)


def _offer(name: str, title: Saying, under: Saying, results: Sequence[Result]) -> PracticeOffer:
    mine = [result for result in results if result.exercise == name]
    return PracticeOffer(name, title, under, bool(mine), any(result.solved for result in mine))
