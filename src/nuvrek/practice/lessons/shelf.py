"""All lessons, in the order of skill."""

from __future__ import annotations

from nuvrek.meaning import Refusal, means
from nuvrek.practice.lessons import (
    edges,
    heat_and_ends,
    new_wire,
    press_and_rock,
    rods,
    wood_and_metal,
)
from nuvrek.practice.lessons.lesson import SKILLS, Lesson

LESSONS: tuple[Lesson, ...] = tuple(
    sorted(
        (
            *press_and_rock.LESSONS,
            *edges.LESSONS,
            *rods.LESSONS,
            *wood_and_metal.LESSONS,
            *heat_and_ends.LESSONS,
            *new_wire.LESSONS,
        ),
        key=lambda lesson: SKILLS.index(lesson.skill),
    )
)


def lesson(key: str) -> Lesson:
    """The lesson of a key. Raises ValueError where there is none."""
    for each_lesson in LESSONS:
        if each_lesson.key == key:
            return each_lesson
    raise Refusal(means("lessons.there-no-lesson", key=key[:40]))
