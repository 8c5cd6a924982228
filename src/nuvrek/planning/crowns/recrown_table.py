"""The re-crown table of a neck: which frets get a crown back, with which file, and what wire is
left.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek import meaning
from nuvrek.meaning import Saying, Word, means
from nuvrek.neck.crown import cap_area_mm2, crown_radius_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.crowns.crowning import FlattenedCrown, crown_after, file_for, levels_left
from nuvrek.readings.entries import Size
from nuvrek.readings.journal import NeckState
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]


@dataclass(frozen=True)
class Recrown:
    """What is to be crowned after a filing. ``left`` is how many more light levels the thinnest
    fret has in it.
    """

    crowns: tuple[FlattenedCrown, ...]
    file: Word
    left: int
    measured: bool

    @property
    def due(self) -> tuple[FlattenedCrown, ...]:
        """Frets a crowning file goes over."""
        return tuple(crown for crown in self.crowns if crown.says == "crown")

    @property
    def stuck(self) -> tuple[FlattenedCrown, ...]:
        """Frets no crowning file can round again."""
        return tuple(crown for crown in self.crowns if crown.says in ("too wide", "too low"))


def widths_read(neck_state: NeckState) -> dict[int, float]:
    """Crown widths read with the caliper, mm, by fret."""
    return {
        taken.reading.fret: taken.reading.mm
        for taken in neck_state.taken
        if isinstance(taken.reading, Size) and taken.reading.what == "crown-width"
    }


def recrown(
    neck: NeckDescription,
    crown_mm: Array,
    off_mm: Array,
    least_mm: float,
    widths: Mapping[int, float],
) -> Recrown:
    """The table after ``off_mm`` (frets, 3) comes off crowns of ``crown_mm`` (frets, 3); the worst
    lane speaks for a fret.

    ``widths`` are those read; where none was, the wire as described.
    """
    read = list(widths.values())
    if read:
        usual = float(np.median(read))
    else:
        usual = neck.wire_width_mm
    crowns = []
    for at in range(len(off_mm)):
        lane = int(off_mm[at].argmax())
        height = max(float(crown_mm[at, lane]), 0.06)
        crowns.append(
            crown_after(at + 1, widths.get(at + 1, usual), height, float(off_mm[at, lane]))
        )
    left = levels_left(float((crown_mm - off_mm).min()), least_mm)
    return Recrown(tuple(crowns), file_for(usual), left, bool(read))


def recrown_words(table: Recrown, neck: NeckDescription, unit: Unit) -> Saying:
    """The table in a sentence or two."""
    if not table.due and not table.stuck:
        return means("metal.no-flat-wide-enough-need")
    sentences: list[Saying] = []
    if table.due:
        widest = max(table.due, key=lambda crown: crown.flat_mm)
        sentences.append(
            means(
                "metal.crown-file-widest-flat-fret",
                how_many=means("metal.frets", number=len(table.due)),
                file=table.file,
                flat_mm=format_length(widest.flat_mm, unit),
                fret=widest.fret,
                share_gone=_share_gone(widest),
            )
        )
    if table.stuck:
        frets = ", ".join(str(crown.fret) for crown in table.stuck)
        sentences.append(means("metal.fret-too-wide-or-too", frets=frets))
    new = crown_radius_mm(neck.wire_width_mm, neck.wire_height_mm)
    sentences.append(means("metal.new-wire-round", new=format_length(new, unit)))
    return meaning.listed(sentences, by="sentences")


def _share_gone(crown: FlattenedCrown) -> float:
    """How much of a crown's section the file took, percent."""
    before = crown.height_mm + crown.off_mm
    radius = crown_radius_mm(crown.width_mm, before)
    return 100.0 * cap_area_mm2(radius, crown.off_mm) / cap_area_mm2(radius, before)
