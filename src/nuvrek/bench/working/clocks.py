"""Clocks of the steps that must wait: glue, oil, a heated neck that cools. They follow from the
journal, so they run on while another neck is worked on.
"""

from __future__ import annotations

from datetime import datetime, timedelta

from msgspec import Struct

from nuvrek.bench.working.job import next_step, steps_in_hand
from nuvrek.bench.working.moments import apart, by_the_clock_of, moment
from nuvrek.meaning import Saying, means
from nuvrek.readings.journal import NeckState


class Clock(Struct, frozen=True):
    """A wait in hand: what waits, until when at the earliest, and minutes left (nil: it may go
    on).
    """

    title: Saying
    until: str
    minutes_left: int

    def words(self) -> Saying:
        """The clock in a few words."""
        if self.minutes_left <= 0:
            return means("work.has-had-time", title=self.title, until=self.until)
        hours, minutes = divmod(self.minutes_left, 60)
        if hours:
            left = means("work.h-min", hours=hours, minutes=minutes)
        else:
            left = means("work.min", minutes=minutes)
        return means("work.not-before-go", title=self.title, until=self.until, left=left)


def clock_of(neck_state: NeckState, at: str) -> Clock | None:
    """The clock of the step in hand, where it is one that waits; ``at`` is the time now, ISO
    8601. None where there is no wait, or ``at`` is no time.
    """
    step, until, here = next_step(neck_state), _until(neck_state), moment(at)
    if step is None or until is None or here is None:
        return None
    left = int(-(-apart(here, until).total_seconds() // 60))
    shown = by_the_clock_of(until, here)
    day = ""
    if shown.date() != here.date():
        day = f"{shown:%Y-%m-%d} "
    return Clock(step.title, f"{day}{shown:%H:%M}", max(left, 0))


def due_of(neck_state: NeckState) -> str:
    """When the wait in hand is over, date and time; nothing where none is."""
    until = _until(neck_state)
    if until is None:
        return ""
    return f"{until:%Y-%m-%d %H:%M}"


def _until(neck_state: NeckState) -> datetime | None:
    """A wait begins when the step before it was ticked; none runs where no time of that is
    known.
    """
    step = next_step(neck_state)
    if step is None or not step.wait:
        return None
    steps = steps_in_hand(neck_state)
    place = steps.index(step)
    begun = moment(neck_state.steps_done.get(steps[place - 1].key, "") if place else "")
    if begun is None:
        return None
    return begun + timedelta(minutes=step.wait)


def until_of(neck_state: NeckState) -> str:
    """When the wait in hand is over, ISO 8601; nothing where none is."""
    until = _until(neck_state)
    if until is None:
        return ""
    return until.isoformat(timespec="minutes")
