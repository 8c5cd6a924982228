"""A neck played to its end without a window: by the advice, or by the plain procedure."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np

from nuvrek import meaning
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import HeightMap, line_projection, map_neck
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.planning.case.way import Plan, Way
from nuvrek.planning.plan import make_plan
from nuvrek.planning.ways.kinds import way_title
from nuvrek.practice.advice.hand import carried_out
from nuvrek.practice.advice.technician import Technician
from nuvrek.practice.at_work import skills
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.hidden import Hidden
from nuvrek.practice.score.account import account
from nuvrek.readings.entries import AnyEntry, Reading, StateChange
from nuvrek.readings.entry import strings_as
from nuvrek.readings.journal import fold

Player = Literal["advice", "plain"]
MOST_WAYS = 16
_NOTHING_MORE = ("leave", "hardware", "read")
_ROD = ("rod", "rod-back")


@dataclass(frozen=True)
class Score:
    """How a neck ended. ``notes`` are clean ones of all; ``metal_mm`` is what came off, summed over
    the frets, ``plain_mm`` what rod straight and level all would have taken; ``held`` counts tops
    at whose place the first map's range held, of all. ``told``: what was left was said beforehand.
    """

    word: str
    by: Player
    matter: str
    difficulty: str
    ways: tuple[str, ...]
    notes: tuple[int, int]
    height_off_mm: float
    told: bool
    metal_mm: float
    plain_mm: float | None
    readings: int
    minutes: int
    held: tuple[int, int]

    @property
    def clean(self) -> bool:
        """Whether every note rings clean."""
        return self.notes[0] == self.notes[1]

    def sentences(self) -> tuple[Saying, ...]:
        """The score in words, a line each."""
        gone = meaning.listed((lower_first(way_title(way)) for way in self.ways), by=",") or means(
            "practice.nothing-done"
        )
        if self.clean:
            rings = means("practice.every-note-rings-clean")
        else:
            if self.told:
                key = "practice.notes-clean-as-said"
            else:
                key = "practice.notes-clean-unsaid"
            rings = means(key, clean=self.notes[0], notes=self.notes[1])
        plain: Saying = ""
        if self.plain_mm is not None and self.by == "advice":
            plain = means("practice.rod-straight-everything-level-would", plain_mm=self.plain_mm)
        return (
            f"{self.word} ({self.difficulty}): {self.matter}.",
            means(
                "practice.by-advice" if self.by == "advice" else "practice.by-plain-procedure",
                gone=gone,
            ),
            rings,
            means("practice.metal-off-sum-mm", metal_mm=self.metal_mm, plain=plain),
            means("practice.readings-minutes-bench", readings=self.readings, minutes=self.minutes),
            means(
                "practice.first-maps-ranges-held-tops", held=self.held[0], other_held=self.held[1]
            ),
        )


def play(hidden: Hidden, by: Player) -> Score:
    """Measure with the virtual tools, conclude, work and measure again until nothing more is to be
    done. The hidden truth is asked only for the score.
    """
    desk = hidden.desk()
    technician = Technician(desk)
    entries: list[AnyEntry] = technician.round("full")
    neck_map, plan = _weighed(desk, entries)
    held = held_tops(desk, neck_map)
    plain = next((way for way in plan.ways if way.kind == "level-straight"), None)
    ways: list[str] = []
    while len(ways) < MOST_WAYS:
        way = _next(plan, by, plain, ways)
        if way is not None and way.kind == "saddle" and ways[-1:] == ["saddle"]:
            # The strings stand as wanted already: the advice would have them higher, and says so.
            break
        if by == "advice" and plan.advice == "read" and ways[-1:] != ["read"]:
            ways.append("read")
            entries += technician.reads_on(plan.course[0].rule)
            neck_map, plan = _weighed(desk, entries)
            continue
        done = None
        if way is not None:
            done = carried_out(desk, way, plan)
        if way is None or done is None:
            break
        ways.append(way.kind)
        entries += _in_state(desk, entries, done)
        technician.state = fold(desk.neck.neck, entries).state
        entries += technician.relief() if way.kind in _ROD else technician.round("full")
        neck_map, plan = _weighed(desk, entries)
    skills.finish(desk)
    end = account(desk)
    return Score(
        word=hidden.word,
        by=by,
        matter=hidden.matter,
        difficulty=hidden.difficulty,
        ways=tuple(ways),
        notes=(end.clean, end.notes),
        height_off_mm=round(end.height_off_mm, 3),
        told=by == "advice" and plan.advice not in ("leave", "hardware"),
        metal_mm=round(end.metal_mm, 3),
        plain_mm=None if plain is None else round(plain.metal_mm, 3),
        readings=sum(isinstance(entry, Reading) for entry in entries),
        minutes=round(end.minutes),
        held=held,
    )


def _in_state(desk: Desk, before: list[AnyEntry], done: list[AnyEntry]) -> list[AnyEntry]:
    """What hands left in the journal; strings slackened or tuned leave the rod as it is."""
    kept: list[AnyEntry] = []
    for entry in done:
        if isinstance(entry, StateChange):
            state = fold(desk.neck.neck, [*before, *kept]).state
            entry = StateChange(state=strings_as(state, entry.state.strings))
        kept.append(entry)
    return kept


def _weighed(desk: Desk, entries: list[AnyEntry]) -> tuple[HeightMap, Plan]:
    neck_map = map_neck(fold(desk.neck.neck, entries))
    return neck_map, make_plan(neck_map, find(neck_map), draw=False)


def _next(plan: Plan, by: Player, plain: Way | None, ways: list[str]) -> Way | None:
    if by == "plain":
        if ways:
            return None
        return plain
    if plan.advice in _NOTHING_MORE:
        return None
    return plan.way(plan.advice)


def held_tops(desk: Desk, neck_map: HeightMap) -> tuple[int, int]:
    """Tops whose true height lies in the range the map states, of all."""
    true = desk.neck.as_truth()
    tops = line_projection(desk.neck.neck) @ true.tops_mm(neck_map.state)[1:]
    inside = np.abs(tops - neck_map.tops_mm) <= neck_map.tops_doubt_mm
    return int(inside.sum()), inside.size
