"""What the lanes under the neck sheet show, as plain values; the window only paints them.

Heights in mm. Arrays are nested tuples or NumPy arrays of shape (frets, 3).
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.bench.strips.refret import SlotStrip, TableStrip, TruingStrip
from nuvrek.language import tr
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

    title: str
    under: str
    curves: tuple[WoodCurve, ...]
    label: str
    label_fret: int
    target_mm: float
    exaggeration: float = 1.0


class TopsStrip(Struct, frozen=True):
    """How each top stands against the smooth neck: up to three bars a fret with whiskers.

    ``rise_mm[fret][lane]``; None where a lane was never measured.
    """

    title: str
    under: str
    rise_mm: tuple[tuple[float | None, ...], ...]
    doubt_mm: tuple[tuple[float, ...], ...]
    named: frozenset[tuple[int, Lane]]
    rule: str = ""
    exaggeration: float = 1.0


class CrownStrip(Struct, frozen=True):
    """Metal over the wood: crown left per fret, after ``off_mm`` is gone, and the least to keep."""

    title: str
    under: str
    crown_mm: tuple[float, ...]
    off_mm: tuple[float, ...]
    least_mm: float
    measured: tuple[bool, ...]
    grooves_mm: tuple[float, ...] = ()  # the deepest groove read at each fret
    figures: tuple[str, ...] = ()  # what is left of each crown, in the unit of the bench


class SideStrip(Struct, frozen=True):
    """The side view: how the reading of a station is taken. ``note`` is written at the tool."""

    title: str
    under: str
    station: Station
    fret: int
    note: str = ""
    reach: tuple[int, int] | None = None  # the frets an edge laid as it rests covers
    touches: tuple[int, ...] = ()  # frets between the supports on which it lies as well


class ValuesStrip(Struct, frozen=True):
    """Values read so far, written at their frets."""

    title: str
    under: str
    values: tuple[
        tuple[int, str, bool], ...
    ]  # fret, words, whether it speaks of the lane now measured
    short: frozenset[int] = frozenset()  # frets where something is wanting


class LightStrip(Struct, frozen=True):
    """A virtual edge on the neck: the line of heights under it and, per way it lies, its ends and
    the light.

    ``heights_mm`` run over all frets; a way is (x and height of the edge's two ends, light by
    fret).
    """

    title: str
    under: str
    heights_mm: tuple[float, ...]
    ways: tuple[tuple[tuple[float, float, float, float], tuple[tuple[int, float], ...]], ...]
    words: str
    figures: tuple[tuple[int, str], ...]
    exaggeration: float = 1.0


class ShadeStrip(Struct, frozen=True):
    """The board from above: heights (frets, 3) as shade, against the line through fret 1 and the
    joint.
    """

    title: str
    under: str
    heights_mm: tuple[tuple[float, ...], ...]
    known: tuple[bool, bool, bool]
    figures: tuple[tuple[str, ...], ...]


class DifferenceStrip(Struct, frozen=True):
    """Tops now less tops then, (frets, 3) in mm, with what it says in words."""

    title: str
    under: str
    change_mm: tuple[tuple[float, ...], ...]
    words: str


class RoomStrip(Struct, frozen=True):
    """Least room of each note, the open string first, with its doubt and what is said of it;
    ``note`` is marked.
    """

    title: str
    under: str
    room_mm: tuple[float, ...]
    doubt_mm: tuple[float, ...]
    words: tuple[str, ...]
    note: int | None = None
    label: str = ""


class MetalStrip(Struct, frozen=True):
    """Metal off fret by fret, (frets, 3) in mm, hanging down, with the order in which the ink goes
    on each fret.

    ``figures`` are written under the bars; ``thin`` marks the fret that keeps least, ``left`` those
    to be left alone.
    """

    title: str
    under: str
    off_mm: tuple[tuple[float, ...], ...]
    figures: tuple[str, ...]
    order: tuple[int, ...] = ()  # frets in the order of their ink
    thin: int | None = None
    left: frozenset[int] = frozenset()


class SectionStrip(Struct, frozen=True):
    """Each crown in section after filing: width, height before, height after, flat (all mm),
    what is to be done with it.
    """

    title: str
    under: str
    crowns: tuple[tuple[float, float, float, float, str], ...]
    figures: tuple[str, ...]
    heights: tuple[str, ...]


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
        WoodCurve(lane, [float(v) for v in wood[:, k]], [float(v) for v in doubt[:, k]])
        for k, lane in enumerate(LANES)
        if neck_map.known[k]
    )
    sides = zip(_reliefs(solved, strings), LANES, neck_map.known, strict=True)
    here = [(*relief, lane) for relief, lane, known in sides if known]
    label = tr("not measured yet")
    if here:
        deepest = max(here, key=lambda r: abs(r[0]))
        word = tr("relief") if deepest[0] >= 0 else tr("back bow")
        label = (
            f"{word} {format_number(abs(deepest[0]), unit)} ±{format_number(deepest[1], unit)}, "
            f"{LANE_WORDS[deepest[2]]}"
        )
    under = tr("strings at pitch") if strings == "pitch" else tr("strings slack")
    target = neck_map.neck.relief_wanted_mm("middle")
    return WoodStrip(
        tr("Wood"), under, curves, label, middle_fret(neck_map.neck), target, exaggeration
    )


def _reliefs(solved: Solved, strings: Strings) -> list[tuple[float, float]]:
    return [(r.mm, r.doubt_mm) for r in solved.map.relief if r.strings == strings]


def tops_strip(solved: Solved, unit: Unit, exaggeration: float = 1.0) -> TopsStrip:
    """Tops against the smooth neck under them, with doubt; frets with a finding are named."""
    from nuvrek.estimate.findings.kinds import FINDINGS

    neck_map = solved.map
    rise = tuple(
        tuple(float(neck_map.deviation_mm[f, k]) if neck_map.known[k] else None for k in range(3))
        for f in range(neck_map.neck.frets)
    )
    doubt = tuple(tuple(float(v) for v in row) for row in neck_map.deviation_doubt_mm)
    named = frozenset(
        (finding.fret, lane)
        for finding in solved.findings
        if finding.fret is not None and FINDINGS[finding.kind].on_tops
        for lane in finding.lanes
    )
    return TopsStrip(
        tr("Tops"),
        tr("off the smooth neck"),
        rise,
        doubt,
        named,
        tr("one rule {it}", it=format_length(0.05, unit)),
        exaggeration,
    )


def crown_strip(solved: Solved, unit: Unit, off: Mapping[int, float] | None = None) -> CrownStrip:
    """Crown left per fret (the thinnest over the lanes); ``off`` is what is to be filed off it,
    by fret.
    """
    from nuvrek.readings.told.observed import grooves_read

    neck_map = solved.map
    agreed = neck_map.neck_state.agreed.least_crown_mm
    least = neck_map.neck.least_crown_mm if agreed is None else agreed
    read = {
        one.reading.fret for one in solved.neck_state.taken if isinstance(one.reading, CrownHeight)
    }
    crown = tuple(float(v) for v in neck_map.crown_mm.min(axis=1))
    filed = tuple((off or {}).get(fret, 0.0) for fret in range(1, len(crown) + 1))
    measured = tuple(fret + 1 in read for fret in range(len(crown)))
    deepest = dict.fromkeys(range(1, len(crown) + 1), 0.0)
    for (fret, _), mm in grooves_read(neck_map.neck_state).items():
        deepest[fret] = max(deepest.get(fret, 0.0), mm)
    under = tr("keep {least}", least=format_length(least, unit))
    figures = tuple(format_number(mm - off, unit) for mm, off in zip(crown, filed, strict=True))
    grooves = tuple(deepest.values())
    return CrownStrip(tr("Crown left"), under, crown, filed, least, measured, grooves, figures)
