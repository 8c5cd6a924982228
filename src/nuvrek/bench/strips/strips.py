"""What the lanes under the neck sheet show, as plain values; the window only paints them.

Heights in mm. Arrays are nested tuples or NumPy arrays of shape (frets, 3).
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.bench.strips.refret import SlotStrip, TableStrip, TruingStrip
from nuvrek.meaning import Saying, means
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import CrownHeight, Strings
from nuvrek.readings.stations import Station
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved


class WoodCurve(Struct, frozen=True):
    """Heights along the neck for one lane of the board; unknown ones are not drawn."""

    lane: Lane
    heights_mm: Sequence[float]
    doubt_mm: Sequence[float]


class WoodStrip(Struct, frozen=True):
    """The board's face along the neck, with the relief written at the middle."""

    title: Saying
    under: Saying
    curves: tuple[WoodCurve, ...]
    label: Saying
    label_fret: int
    target_mm: float
    exaggeration: float = 1.0


class TopsStrip(Struct, frozen=True):
    """How each top stands against the smooth neck: up to three bars a fret with whiskers.

    ``rise_mm[fret][lane]``; None where a lane was never measured.
    """

    title: Saying
    under: Saying
    rise_mm: tuple[tuple[float | None, ...], ...]
    doubt_mm: tuple[tuple[float, ...], ...]
    named: frozenset[tuple[int, Lane]]
    rule: Saying = ""
    exaggeration: float = 1.0


class CrownStrip(Struct, frozen=True):
    """Metal over the wood: crown left per fret, after ``off_mm`` is gone, and the least to keep."""

    title: Saying
    under: Saying
    crown_mm: tuple[float, ...]
    off_mm: tuple[float, ...]
    least_mm: float
    measured: tuple[bool, ...]
    grooves_mm: tuple[float, ...] = ()  # the deepest groove read at each fret
    figures: tuple[Saying, ...] = ()  # what is left of each crown, in the unit of the bench


class SideStrip(Struct, frozen=True):
    """The side view: how the reading of a station is taken. ``note`` is written at the tool."""

    title: Saying
    under: Saying
    station: Station
    fret: int
    note: Saying = ""
    reach: tuple[int, int] | None = None  # the frets an edge laid as it rests covers
    touches: tuple[int, ...] = ()  # frets between the supports on which it lies as well


class ValuesStrip(Struct, frozen=True):
    """Values read so far, written at their frets."""

    title: Saying
    under: Saying
    values: tuple[
        tuple[int, Saying, bool], ...
    ]  # fret, words, whether it speaks of the lane now measured
    short: frozenset[int] = frozenset()  # frets where something is wanting


class LightStrip(Struct, frozen=True):
    """A virtual edge on the neck: the line of heights under it and, per way it lies, its ends and
    the light.

    ``heights_mm`` run over all frets; a way is (x and height of the edge's two ends, light by
    fret).
    """

    title: Saying
    under: Saying
    heights_mm: tuple[float, ...]
    ways: tuple[tuple[tuple[float, float, float, float], tuple[tuple[int, float], ...]], ...]
    words: Saying
    figures: tuple[tuple[int, Saying], ...]
    exaggeration: float = 1.0


class ShadeStrip(Struct, frozen=True):
    """The board from above: heights (frets, 3) as shade, against the line through fret 1 and the
    joint.
    """

    title: Saying
    under: Saying
    heights_mm: tuple[tuple[float, ...], ...]
    known: tuple[bool, bool, bool]
    figures: tuple[tuple[Saying, ...], ...]


class DifferenceStrip(Struct, frozen=True):
    """Tops now less tops then, (frets, 3) in mm, with what it says in words."""

    title: Saying
    under: Saying
    change_mm: tuple[tuple[float, ...], ...]
    words: Saying


class RoomStrip(Struct, frozen=True):
    """Least room of each note, the open string first, with its doubt and what is said of it;
    ``note`` is marked.
    """

    title: Saying
    under: Saying
    room_mm: tuple[float, ...]
    doubt_mm: tuple[float, ...]
    words: tuple[str, ...]
    note: int | None = None
    label: Saying = ""


class MetalStrip(Struct, frozen=True):
    """Metal off fret by fret, (frets, 3) in mm, hanging down, with the order in which the ink goes
    on each fret.

    ``figures`` are written under the bars; ``thin`` marks the fret that keeps least, ``left`` those
    to be left alone.
    """

    title: Saying
    under: Saying
    off_mm: tuple[tuple[float, ...], ...]
    figures: tuple[Saying, ...]
    order: tuple[int, ...] = ()  # frets in the order of their ink
    thin: int | None = None
    left: frozenset[int] = frozenset()


class SectionStrip(Struct, frozen=True):
    """Each crown in section after filing: width, height before, height after, flat (all mm),
    what is to be done with it.
    """

    title: Saying
    under: str
    crowns: tuple[tuple[float, float, float, float, str], ...]
    figures: tuple[Saying, ...]
    heights: tuple[Saying, ...]


AnyStrip = (
    TruingStrip
    | SlotStrip
    | TableStrip
    | RoomStrip
    | MetalStrip
    | SectionStrip
    | WoodStrip
    | TopsStrip
    | CrownStrip
    | SideStrip
    | ValuesStrip
    | LightStrip
    | ShadeStrip
    | DifferenceStrip
)


class Dots(Struct, frozen=True):
    """Marks on the fingerboard: frets (with lane) that were read, that rock, or that a way
    files.
    """

    read: frozenset[tuple[int, Lane]] = frozenset()
    rocks: frozenset[tuple[int, Lane]] = frozenset()
    filed: frozenset[int] = frozenset()
    supports: tuple[int, ...] = ()
    asked: tuple[int, Lane] | None = None
    lane_now: Lane | None = None
    ink: frozenset[tuple[int, Lane]] = frozenset()  # tops that still wear the marker
    alone: frozenset[int] = frozenset()  # frets that are to lose nothing
    out: frozenset[int] = frozenset()  # frets that are not in
    corners: frozenset[tuple[int, Lane]] = frozenset()  # wood that keeps its pencil


# --- map ------------------------------------------------------------------


def wood_strip(
    solved: Solved, strings: Strings, unit: Unit, exaggeration: float = 1.0
) -> WoodStrip:
    """The wood under the tops, on the lanes that were measured."""
    neck_map = solved.map
    wood, doubt = neck_map.wood[strings]
    curves = tuple(
        WoodCurve(lane, wood[:, k].tolist(), doubt[:, k].tolist())
        for k, lane in enumerate(LANES)
        if neck_map.known[k]
    )
    sides = zip(_reliefs(solved, strings), LANES, neck_map.known, strict=True)
    here = [(*relief, lane) for relief, lane, known in sides if known]
    label: Saying = means("strips.not-measured-yet")
    if here:
        deepest = max(here, key=lambda r: abs(r[0]))
        label = means(
            "strips.detail-deepest-figure-lane-relief"
            if deepest[0] >= 0
            else "strips.detail-deepest-figure-lane-back-bow",
            deepest=format_number(abs(deepest[0]), unit),
            figure=format_number(deepest[1], unit),
            lane=LANE_WORDS[deepest[2]],
        )
    if strings == "pitch":
        under = means("strips.strings-pitch")
    else:
        under = means("strips.strings-slack")
    target = neck_map.neck.relief_wanted_mm("middle")
    return WoodStrip(
        means("strips.wood"),
        under,
        curves,
        label=label,
        label_fret=middle_fret(neck_map.neck),
        target_mm=target,
        exaggeration=exaggeration,
    )


def _reliefs(solved: Solved, strings: Strings) -> list[tuple[float, float]]:
    return [(r.mm, r.doubt_mm) for r in solved.map.relief if r.strings == strings]


def tops_strip(solved: Solved, unit: Unit, exaggeration: float = 1.0) -> TopsStrip:
    """Tops against the smooth neck under them, with doubt; frets with a finding are named."""
    from nuvrek.estimate.findings.kinds import FINDINGS

    neck_map = solved.map
    import numpy as np

    measured = np.where(neck_map.known, neck_map.deviation_mm, None)  # type: ignore[call-overload]
    rise = tuple(map(tuple, measured.tolist()))
    doubt = tuple(map(tuple, neck_map.deviation_doubt_mm.tolist()))
    named = frozenset(
        (finding.fret, lane)
        for finding in solved.findings
        if finding.fret is not None and FINDINGS[finding.kind].on_tops
        for lane in finding.lanes
    )
    return TopsStrip(
        means("strips.tops"),
        means("strips.off-smooth-neck"),
        rise,
        doubt_mm=doubt,
        named=named,
        rule=means("strips.one-rule", unit=format_length(0.05, unit)),
        exaggeration=exaggeration,
    )


def crown_strip(solved: Solved, unit: Unit, off: Mapping[int, float] | None = None) -> CrownStrip:
    """Crown left per fret (the thinnest over the lanes); ``off`` is what is to be filed off it,
    by fret.
    """
    from nuvrek.readings.told.observed import grooves_read

    neck_map = solved.map
    agreed = neck_map.neck_state.agreed.least_crown_mm
    if agreed is None:
        least = neck_map.neck.least_crown_mm
    else:
        least = agreed
    read = {
        taken.reading.fret
        for taken in solved.neck_state.taken
        if isinstance(taken.reading, CrownHeight)
    }
    crown = tuple(float(v) for v in neck_map.crown_mm.min(axis=1))
    filed = tuple((off or {}).get(fret, 0.0) for fret in range(1, len(crown) + 1))
    measured = tuple(fret + 1 in read for fret in range(len(crown)))
    deepest = dict.fromkeys(range(1, len(crown) + 1), 0.0)
    for (fret, _), mm in grooves_read(neck_map.neck_state).items():
        deepest[fret] = max(deepest.get(fret, 0.0), mm)
    under = means("strips.keep", least=format_length(least, unit))
    figures = tuple(format_number(mm - off, unit) for mm, off in zip(crown, filed, strict=True))
    grooves = tuple(deepest.values())
    return CrownStrip(
        means("strips.crown-left"),
        under,
        crown,
        off_mm=filed,
        least_mm=least,
        measured=measured,
        grooves_mm=grooves,
        figures=figures,
    )
