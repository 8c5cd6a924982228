"""What one practises on: a lesson, the neck of a word, or a form; each by a short name that says it
all.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.meaning import Refusal, Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.practice.advice.technician import Technician
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.forms.form import Form
from nuvrek.practice.forms.shelf import form
from nuvrek.practice.hidden import Hidden, hidden_neck
from nuvrek.practice.lessons.lesson import Lesson
from nuvrek.practice.lessons.shelf import lesson
from nuvrek.practice.seed_words import number_of
from nuvrek.readings.entries import AnyEntry, FretWork, State, StateChange


@dataclass(frozen=True)
class Exercise:
    """A neck to practise on. ``name`` is ``lesson:KEY``, ``neck:WORD`` or ``form:KEY:WORD``."""

    name: str
    title: Saying
    task: Saying
    of: Lesson | Hidden | Form

    @property
    def form(self) -> Form | None:
        """The form, if it is one."""
        if isinstance(self.of, Form):
            return self.of
        return None

    @property
    def lesson(self) -> Lesson | None:
        """The lesson, if it is one."""
        if isinstance(self.of, Lesson):
            return self.of
        return None

    @property
    def word(self) -> str:
        """The word of its neck; empty for lessons."""
        kind, *rest = self.name.split(":")
        if kind == "lesson":
            return ""
        return rest[-1]

    def desk(self) -> Desk:
        """The neck on the bench as it came in."""
        if not isinstance(self.of, Form):
            return self.of.desk()
        made, seed = self.of.make, number_of(self.word)
        return Desk(lambda: made(np.random.default_rng([22, seed])), seed)

    def neck(self) -> NeckDescription:
        """The neck as it is described to whoever practises."""
        return self.desk().neck.neck

    def begun(self) -> list[AnyEntry]:
        """What was read before one came: nothing, or what a form had a technician read."""
        out = tuple(int(f) for f in np.flatnonzero(self.desk().neck.out) if f)
        if out:
            return [StateChange(state=State(strings="slack")), FretWork(stage="pull", frets=out)]
        if self.form is None or not self.form.surveyed:
            return []
        technician = Technician(self.desk())
        read = technician.round(self.form.surveyed)
        if self.form.surveyed == "full":
            read += technician.grooves()
        return [*read, StateChange(state=State(strings="pitch"))]

    def allows(self, tool: str) -> bool:
        """Whether a tool may be used."""
        return self.form is None or self.form.tools is None or tool in self.form.tools


def exercise(name: str) -> Exercise:
    """The exercise of a name. Raises ValueError where there is none."""
    match name.split(":"):
        case ["lesson", key]:
            each_lesson = lesson(key)
            return Exercise(name, each_lesson.title, each_lesson.stake, each_lesson)
        case ["neck", word]:
            hidden = hidden_neck(word)
            task = means("practice.read-decide-work-make-every")
            return Exercise(name, means("practice.neck", detail=hidden.word), task, hidden)
        case ["form", key, word]:
            number_of(word)
            made = form(key)
            return Exercise(name, made.title, made.task, made)
        case _:
            raise Refusal(means("practice.nothing-practise", name=name[:60]))
