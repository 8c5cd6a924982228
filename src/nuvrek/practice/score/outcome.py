"""A neck played by hand, scored: what rings, what it cost, what was known and what was not."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from nuvrek.estimate.heightmap import HeightMap
from nuvrek.language import tr
from nuvrek.practice.advice.playing import held_tops
from nuvrek.practice.at_work.actions import HANDS, Mark, Tape, Tune, Wait
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.score.account import Account, account
from nuvrek.practice.score.least import least_metal_mm
from nuvrek.practice.score.matters import Matter, matters, right_first, unread, wrong_tops
from nuvrek.readings.entries import AnyEntry, Reading

# What counts how much of a hundred.
FOR_NOTES, FOR_METAL, FOR_DOUBT, FOR_FIRST, FOR_ALL_SEATED = 45, 20, 15, 12, 8
# So much more metal than the least is half as good (common practice, no source).
HALF_AS_GOOD_MM = 0.4


@dataclass(frozen=True)
class Outcome:
    """How it went. ``held`` counts tops at whose place the map's range holds, None without a map;
    ``first_right`` is None where nothing was done.
    """

    end: Account
    before: Account
    least_mm: float | None
    readings: int
    held: tuple[int, int] | None
    first: str
    first_right: bool | None
    missed: tuple[Matter, ...]
    wrong: tuple[str, ...]
    left: tuple[Matter, ...]

    @property
    def wasted_mm(self) -> float:
        """Metal beyond the least that would have done."""
        return max(self.end.metal_mm - (self.least_mm or 0.0), 0.0)

    @property
    def points(self) -> int:
        """Of a hundred."""
        # Of what was to be won; the last few notes are what is hard.
        won = self.before.unclean - self.end.unclean
        rings = min(max(won / max(self.before.unclean, 1), 0.0), 1.0)
        rings = 1.0 if not self.end.unclean else 0.8 * rings
        notes = FOR_NOTES * rings
        metal = FOR_METAL * rings * HALF_AS_GOOD_MM / (HALF_AS_GOOD_MM + self.wasted_mm)
        doubt = FOR_DOUBT * (0.0 if self.held is None else self.held[0] / max(self.held[1], 1))
        first = FOR_FIRST if self.first_right else 0
        seated = 0 if self.end.loose or self.end.out or self.end.flat else FOR_ALL_SEATED
        return round(notes + metal + doubt + first + seated)

    def sentences(self) -> tuple[str, ...]:
        """The score in words, a line each."""
        end = self.end
        least = (
            ""
            if self.least_mm is None
            else tr("; {least_mm:.2f} would have done", least_mm=self.least_mm)
        )
        rings = (
            tr("Every note rings clean.")
            if not end.unclean
            else tr(
                "{clean} of {notes} notes ring clean (before: {clean_2}).",
                clean=end.clean,
                notes=end.notes,
                clean_2=self.before.clean,
            )
        )
        said = [
            rings,
            tr(
                "Strings {height_off_mm:.2f} mm off the wanted height, relief "
                "{relief_off_mm:.2f} mm.",
                height_off_mm=end.height_off_mm,
                relief_off_mm=end.relief_off_mm,
            ),
            tr(
                "Metal off, summed over the frets: {metal_mm:.2f} mm{least}.",
                metal_mm=end.metal_mm,
                least=least,
            ),
            tr(
                "Readings written down: {readings}. {minutes:.0f} minutes of hands, "
                "{days:.1f} days.",
                readings=self.readings,
                minutes=end.minutes,
                days=end.days,
            ),
        ]
        if self.held is not None:
            said.append(
                tr(
                    "Your map's ranges hold at {held} of {held_2} tops.",
                    held=self.held[0],
                    held_2=self.held[1],
                )
            )
        if self.first_right is not None:
            right = tr("was right") if self.first_right else tr("was not what came first")
            said.append(tr("To begin with: {first}. That {right}.", first=self.first, right=right))
        if end.loose or end.flat or end.out:
            said.append(
                tr(
                    "Left behind: {loose} frets that move, {flat} flat tops, {out} out.",
                    loose=end.loose,
                    flat=end.flat,
                    out=end.out,
                )
            )
        return tuple(said)


_SAID = {
    "turn": tr("the rod was turned"),
    "mend-rod-nut": tr("the rod's nut was seen to"),
    "press": tr("a fret was pressed"),
    "glue": tr("a fret was glued"),
    "file": tr("a single fret was filed"),
    "block": tr("the block was taken up"),
    "crown": tr("tops were crowned"),
    "round-end": tr("ends were rounded"),
    "nut-slot": tr("the nut was worked on"),
    "saddle": tr("the saddle was moved"),
    "heat": tr("the neck was heated"),
    "pull": tr("frets were pulled"),
    "true-wood": tr("the wood was sanded"),
    "saw": tr("the slots were sawn"),
    "fit": tr("new wire was fitted"),
}
_NO_STEP = (Tune, Wait, Mark, Tape)


def outcome(desk: Desk, entries: Sequence[AnyEntry], neck_map: HeightMap | None) -> Outcome:
    """The score of a neck as it stands on its desk. ``neck_map`` is one's own map of it now."""
    fresh = desk.fresh()
    found = matters(fresh.neck)
    deeds = [a for a in desk.actions if isinstance(a, HANDS) and not isinstance(a, _NO_STEP)]
    first = "" if not deeds else str(type(deeds[0]).__struct_config__.tag)
    right = right_first(fresh.neck)
    return Outcome(
        end=account(desk),
        before=account(fresh),
        least_mm=least_metal_mm(fresh.neck) if not fresh.neck.out.any() else None,
        readings=sum(isinstance(entry, Reading) for entry in entries),
        held=None if neck_map is None else held_tops(desk, neck_map),
        first=_SAID.get(first, first),
        first_right=None if not deeds else first in right or (first == "glue" and "press" in right),
        missed=unread(found, entries),
        wrong=() if neck_map is None else wrong_tops(desk.neck, neck_map, entries),
        left=matters(desk.neck),
    )
