"""How long steps took by their ticks: what the shop's own pace is learnt from."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field

from nuvrek.bench.working.job import doing_of
from nuvrek.bench.working.moments import minutes_between
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps.step import Step
from nuvrek.planning.ways.kinds import steps_of
from nuvrek.readings.entries import Agreed, AnyEntry, Chosen, Describe, NewWire, StepDone, WayKind
from nuvrek.readings.journal import live_numbers
from nuvrek.readings.shop.entries import Pause

# Ticked sooner than this after the step before it, a step was only caught up with, in minutes.
CAUGHT_UP = 0.5

Ticked = tuple[str, float, float, str]  # step, usual minutes, minutes it took, kind of neck


def ticks_of(neck: NeckDescription, entries: Sequence[AnyEntry]) -> tuple[Ticked, ...]:
    """Steps ticked after another of the same day; waits, the time a step was left, and steps caught
    up with, are left out.
    """
    return tuple(one for gone in gone_by(neck, entries) for one in gone.ticked)


@dataclass
class ChosenWay:
    """A way that was chosen with entry ``number``: its steps by key, and those that were timed."""

    number: int
    way: WayKind
    steps: dict[str, Step]
    ticked: list[Ticked] = field(default_factory=list)

    @property
    def hours(self) -> float | None:
        """Hours it took; None where a step of it at the bench was not timed."""
        timed = [s for s in self.steps.values() if s.minutes and not s.wait]
        if len(self.ticked) < sum(step.key != "look-again" for step in timed):
            return None
        return sum(took for _, _, took, _ in self.ticked) / 60.0


def gone_by(neck: NeckDescription, entries: Sequence[AnyEntry]) -> list[ChosenWay]:
    """Every way that was chosen, with what its ticks tell."""
    gone: list[ChosenWay] = []
    agreed, terms = Agreed(), NewWire()
    before, away, left = "", 0.0, ""
    for number in live_numbers(entries):
        match entries[number - 1]:
            case Describe(neck=neck):
                pass
            case Agreed() as agreed:
                pass
            case NewWire() as terms:
                pass
            case Chosen() as chosen:
                steps = steps_of(chosen.way, neck, doing_of(neck, chosen, agreed, terms))
                gone.append(ChosenWay(number, chosen.way, {step.key: step for step in steps}))
                before, away, left = chosen.at, 0.0, ""
            case Pause(what="left", at=left):
                pass
            case Pause(at=at) if left:
                away, left = away + _minutes(left, at), ""
            case StepDone(step=key, at=at):
                took = _minutes(before, left or at) - away
                step = gone[-1].steps.get(key) if gone else None
                before, away, left = at, 0.0, ""
                if step is not None and took > CAUGHT_UP and step.minutes and not step.wait:
                    name = key.rstrip("-0123456789")
                    ticked = (name, float(step.minutes), took, kind_of_neck(neck))
                    gone[-1].ticked.append(ticked)
            case _:
                pass
    return gone


# Necks so long, and so short, take another time at the same step (common practice, no source).
_LONG_MM, _SHORT_MM = 760.0, 480.0


def kind_of_neck(neck: NeckDescription) -> str:
    """The kind a shop's pace is learnt for: by length, and whether its edges are bound."""
    length = "long" if neck.scale_mm >= _LONG_MM else "short" if neck.scale_mm < _SHORT_MM else ""
    if neck.bound:
        return f"{length} bound".strip()
    return length


def _minutes(before: str, after: str) -> float:
    """Minutes between two times of one day, 0 where there is no telling."""
    if not before or before[:10] != after[:10]:
        return 0.0
    return max(minutes_between(before, after) or 0.0, 0.0)
