"""One job of several ways: what they share is done once, in the order of the bench."""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache

from nuvrek.meaning import means
from nuvrek.planning.steps.step import Step
from nuvrek.readings.owner.entries import ExtraLine

Legs = tuple[tuple[Step, ...], ...]

# What opens a job, or closes it, whatever ways it has: done once, at the first of them or at the
# last.
_OPENS = frozenset({"bridge-block", "before", "press", "tape", "nut-out"})
_CLOSES = frozenset(
    {
        *("end-roll", "end-flush", "end-bevel", "end-round", "end-lip"),
        *("polish", "peel", "clean", "oil", "oil-dry"),
        *("nut-slots", "read-nut", "saddle", "read-heights", "read-relief"),
        *("tuner", "bridge-release", "prove", "look-again"),
    }
)
# Steps that are done with the strings at pitch.
_AT_PITCH = frozenset(
    {
        *("rod", "dial-zero", "jig", "intonation", "pickups", "bridge"),
        *("before", "read", "strung-relief", "tuner", "bridge-release", "prove"),
    }
)
_SLACK, _PITCH = ("slack", "jig"), ("pitch", "release")


def job_steps(legs: Sequence[Sequence[Step]], slack: bool = False) -> Legs:
    """The steps of each way of a job, what another way of it does already left out.

    ``slack``: the strings are off when it begins. Strings go off and on only where a step between
    asks for it; the rod is turned once, after the neck was laid by it where a way does so.
    """
    return _made(tuple(tuple(steps) for steps in legs), slack)


@lru_cache(maxsize=64)
def _made(legs: Legs, slack: bool) -> Legs:
    rows = [(leg, step) for leg, steps in enumerate(legs) for step in steps]
    rows = _once(rows)
    rows = _strings_once(_rod_once(rows), slack)
    return tuple(tuple(step for at, step in rows if at == leg) for leg in range(len(legs)))


def with_extras(steps: Sequence[Step], extras: Sequence[ExtraLine]) -> tuple[Step, ...]:
    """The steps with what is done along with the job, before it is proved."""
    made = tuple(
        Step(f"extra-{n}", extra.words, means("steps.along-with-job"), extra.minutes)
        for n, extra in enumerate(extras, 1)
    )
    at = next((n for n, step in enumerate(steps) if step.key == "prove"), len(steps))
    return (*steps[:at], *made, *steps[at:])


Rows = list[tuple[int, Step]]


def _once(rows: Rows) -> Rows:
    """Opening steps at the first way that has them, closing ones at the last."""
    first: dict[str, int] = {}
    last: dict[str, int] = {}
    for n, (_, step) in enumerate(rows):
        first.setdefault(step.key, n)
        last[step.key] = n
    return [
        (leg, step)
        for n, (leg, step) in enumerate(rows)
        if (step.key not in _OPENS or first[step.key] == n)
        and (step.key not in _CLOSES or last[step.key] == n)
    ]


def _rod_once(rows: Rows) -> Rows:
    """The rod where it is turned last if a way lays the neck by it, else where it is turned
    first.
    """
    turns = [n for n, (_, step) in enumerate(rows) if step.key == "rod"]
    if len(turns) < 2:
        return rows
    laid = any(step.key == "set" for _, step in rows[turns[0] : turns[-1]])
    kept = turns[-1] if laid else turns[0]
    return [row for n, row in enumerate(rows) if n == kept or row[1].key != "rod"]


def _strings_once(rows: Rows, slack: bool) -> Rows:
    """Strings off only while they are on, and on only where something then asks for pitch."""
    found: Rows = []
    for n, (leg, step) in enumerate(rows):
        if step.key == "slacken" and slack:
            continue
        if _strings_on(step) and not _pitch_needed(rows[n + 1 :]):
            continue
        if step.key == "retune" and _string_up_before(found):
            continue
        if step.action in _SLACK:
            slack = True
        elif step.action in _PITCH:
            slack = False
        found.append((leg, step))
    return found


def _pitch_needed(ahead: Rows) -> bool:
    """Whether a step asks for strings at pitch before they come off again, or the job ends so."""
    for _, step in ahead:
        if step.key in _AT_PITCH or step.asks:
            return True
        if step.action in _SLACK or _strings_on(step):
            return False
    return True


def _strings_on(step: Step) -> bool:
    """Whether strings go on with it; strings that are on are only tuned again."""
    return step.action in _PITCH and step.key not in ("retune", "bridge-release")


def _string_up_before(found: Rows) -> bool:
    """Whether the last thing done was stringing up: it is tuned already."""
    return bool(found) and found[-1][1].action in _PITCH
