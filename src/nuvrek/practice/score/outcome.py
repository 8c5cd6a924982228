"""A neck played by hand, scored: what rings, what it cost, what was known and what was not."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass

import numpy as np

from nuvrek.estimate.heightmap import HeightMap
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.practice.advice.playing import held_tops
from nuvrek.practice.at_work.actions import action_kind
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.at_work.work import WORK
from nuvrek.practice.score.account import HEIGHT_MM, RELIEF_MM, Account, account
from nuvrek.practice.score.least import least_metal_mm
from nuvrek.practice.score.matters import (
    GROOVE_MM,
    Matter,
    matters,
    right_first,
    unread,
    wrong_tops,
)
from nuvrek.readings.entries import AnyEntry, Reading

# What counts how much of a hundred.
FOR_NOTES, FOR_METAL, FOR_TIME, FOR_DOUBT, FOR_FIRST, FOR_ALL_SEATED = 42, 20, 5, 13, 12, 8
# So much more metal than the least is half as good; new wire counts as all the metal it replaces
# (common practice, no source).
HALF_AS_GOOD_MM = 0.5
# What the notes are worth where metal was wasted without end.
WASTED_SHARE = 0.1
# Strings and relief so many times further off than what counts as wanted are worth nothing.
FAR_TIMES = 2.0
# Hands may take so long for whatever it is, and so long for every part that was put in.
UNHURRIED_MIN, PART_MIN = 90.0, 10.0
# A neck may lie so many days for glue and settling, or where heat is right; every further day is as
# bad as so much metal.
FEW_DAYS, WEEKS_DAYS, DAY_MM = 3.0, 80.0, 0.2


@dataclass(frozen=True)
class PlayOutcome:
    """How it went. ``held`` counts tops at whose place the map's range holds, None without a map;
    ``first_right`` is None where nothing was done; ``takes_weeks``: heat was one of the right ways.
    ``replaced_mm``: what could still have been used of wire that was pulled, low and worn frets
    left out.
    """

    end: Account
    before: Account
    least_mm: float | None
    readings: int
    held: tuple[int, int] | None
    first: Saying
    first_right: bool | None
    takes_weeks: bool
    replaced_mm: float
    missed: tuple[Matter, ...]
    wrong: tuple[Saying, ...]
    left: tuple[Matter, ...]

    @property
    def wasted_mm(self) -> float:
        """Metal beyond the least that would have done, new wire as what it replaced."""
        gone = self.end.metal_mm + self.replaced_mm
        return max(gone - (self.least_mm or 0.0), 0.0)

    @property
    def as_wished(self) -> float:
        """How near strings and relief are to what is wanted, 0 to 1. A relief that is no worse
        than it came in counts half at the least: some necks have nothing that moves it.
        """
        relief = _near(self.end.relief_off_mm, RELIEF_MM)
        if self.end.relief_off_mm <= self.before.relief_off_mm + 0.02:
            relief = max(relief, 0.5)
        return _near(self.end.height_off_mm, HEIGHT_MM) * relief

    @property
    def points(self) -> int:
        """Of a hundred."""
        # Of what was to be won; the last few notes are what is hard.
        won = self.before.unclean - self.end.unclean
        rings = min(max(won / max(self.before.unclean, 1), 0.0), 1.0)
        rings = 1.0 if not self.end.unclean else 0.8 * rings
        done = rings * self.as_wished
        days = max(self.end.days - (WEEKS_DAYS if self.takes_weeks else FEW_DAYS), 0.0)
        wasted = self.wasted_mm + DAY_MM * days
        thrift = HALF_AS_GOOD_MM / (HALF_AS_GOOD_MM + wasted)
        notes = FOR_NOTES * done * (WASTED_SHARE + (1.0 - WASTED_SHARE) * thrift)
        metal = FOR_METAL * done * thrift
        took = self.end.minutes + PART_MIN * self.end.parts
        time = FOR_TIME * done * min(UNHURRIED_MIN / max(took, 1.0), 1.0)
        if self.held is None:
            held = 0.0
        else:
            held = self.held[0] / max(self.held[1], 1)
        # A map that holds is worth most to whoever acts on it.
        doubt = FOR_DOUBT * held * (0.25 + 0.75 * done * thrift)
        first = FOR_FIRST if self.first_right else 0
        if self.end.loose or self.end.out or self.end.flat:
            seated = 0
        else:
            seated = FOR_ALL_SEATED
        return round(notes + metal + time + doubt + first + seated)

    def sentences(self) -> tuple[Saying, ...]:
        """The score in words, a line each."""
        return (*self._of_the_neck(), *self._of_the_work(), *self._left_behind())

    def _of_the_neck(self) -> Iterator[Saying]:
        end = self.end
        if end.unclean:
            yield means(
                "practice.notes-ring-clean-before",
                clean=end.clean,
                notes=end.notes,
                other_clean=self.before.clean,
            )
        else:
            yield means("practice.every-note-rings-clean-with-again")
        if not end.out:
            yield means(
                "practice.strings-mm-off-wanted-height",
                height_off_mm=end.height_off_mm,
                relief_off_mm=end.relief_off_mm,
            )

    def _of_the_work(self) -> Iterator[Saying]:
        end = self.end
        least: Saying = ""
        if self.least_mm is not None:
            least = means("practice.would-have-done-string-height", least_mm=self.least_mm)
        yield means("practice.metal-off-summed-over-frets", metal_mm=end.metal_mm, least=least)
        yield means(
            "practice.readings-written-down-minutes-hands",
            readings=self.readings,
            minutes=end.minutes,
            days=end.days,
        )
        if end.parts:
            yield means(
                "practice.new-wire-places-mm-old", parts=end.parts, replaced_mm=self.replaced_mm
            )

    def _left_behind(self) -> Iterator[Saying]:
        end = self.end
        if self.held is not None:
            yield means(
                "practice.your-maps-ranges-hold-tops", held=self.held[0], other_held=self.held[1]
            )
        if self.first_right is not None:
            yield means(
                "practice.begin-right" if self.first_right else "practice.begin-not-what-came",
                first=self.first,
            )
        if end.loose or end.flat or end.out:
            yield means(
                "practice.left-behind-frets-move-flat", loose=end.loose, flat=end.flat, out=end.out
            )


def _near(off_mm: float, counts_mm: float) -> float:
    """1 within what counts as wanted, 0 from `FAR_TIMES` of it on, or where there is no telling."""
    if np.isnan(off_mm):
        return 0.0
    return min(max((FAR_TIMES - off_mm / counts_mm) / (FAR_TIMES - 1.0), 0.0), 1.0)


def _counted(neck: NeckDescription, end: Account) -> tuple[float, float]:
    """The heights the strings ended at, no further from the wanted ones than what counts."""
    wanted = (neck.height_low_mm or 0.0, neck.height_high_mm or 0.0)
    if np.isnan(end.heights_mm).any():
        return wanted
    low, high = (
        min(max(stands, asked - HEIGHT_MM), asked + HEIGHT_MM)
        for stands, asked in zip(end.heights_mm, wanted, strict=True)
    )
    return low, high


def outcome(desk: Desk, entries: Sequence[AnyEntry], neck_map: HeightMap | None) -> PlayOutcome:
    """The score of a neck as it stands on its desk. ``neck_map`` is one's own map of it now."""
    fresh = desk.fresh()
    found = matters(fresh.neck)
    deeds = [kind for kind in map(action_kind, desk.actions) if kind in WORK]
    first = deeds[0] if deeds else ""
    right = right_first(fresh.neck)
    # What heat bent is looked at again after two weeks.
    end = account(desk, later=bool(desk.neck.heats))
    worn = np.flatnonzero(fresh.neck.groove_mm.max(axis=1) > GROOVE_MM)
    spoilt = sorted(
        {int(fret) for fret in worn} | {matter.fret for matter in found if matter.of == "low"}
    )
    return PlayOutcome(
        end=end,
        before=account(fresh),
        least_mm=least_metal_mm(fresh.neck, _counted(fresh.neck.neck, end))
        if not fresh.neck.out.any()
        else None,
        readings=sum(isinstance(entry, Reading) for entry in entries),
        held=None if neck_map is None else held_tops(desk, neck_map),
        first=WORK.get(first, ""),
        first_right=None if not deeds else first in right or (first == "glue" and "press" in right),
        takes_weeks="heat" in right,
        replaced_mm=end.replaced_mm - float(desk.neck.replaced_mm[spoilt].mean(axis=1).sum()),
        missed=unread(found, entries),
        wrong=() if neck_map is None else wrong_tops(desk.neck, neck_map, entries),
        left=matters(desk.neck),
    )
