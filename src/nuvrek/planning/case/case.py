"""What the ways forward have in common, and what each is made of."""

from __future__ import annotations

from dataclasses import dataclass

import msgspec
import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.string_heights import StringHeights
from nuvrek.estimate.findings.by_hand_and_eye import seated_unread
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap, Relief
from nuvrek.estimate.measurer import Measurer
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.case.titles import TITLES
from nuvrek.planning.crowns.crowning import frets_to_crown, levels_left
from nuvrek.planning.filing.clean_program import MetalCurve
from nuvrek.planning.filing.level_program import STILL_MM, NeckTops, Removal
from nuvrek.planning.filing.spot_program import rocks_mm
from nuvrek.planning.forecast.doubt import Doubt
from nuvrek.planning.rod.move import RodPlan
from nuvrek.planning.rod.stop_rules import RodStop
from nuvrek.planning.steps.cures import Step
from nuvrek.planning.steps.steps import Doing, steps_of
from nuvrek.readings.entries import Agreed, EndFault, Promise, WayKind
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# Stops after which the rod is out of the game, whatever its nut is made to do.
_LOST = ("at-end", "no-answer", "slack-back-bow")

# Ways after which every top lies on the file's line, and those that level at all.
EVEN: tuple[WayKind, ...] = ("level", "level-straight", "level-held", "level-lies")
LEVELS: tuple[WayKind, ...] = (*EVEN, "crown-first")
# Ways after which the rod is brought to the relief that is wanted.
_TURNED: tuple[WayKind, ...] = ("rod", "spot-level", "crown-few", *LEVELS)


@dataclass(frozen=True)
class Way:
    """One way forward with what it costs and promises. ``off_mm``, ``left_mm``: (frets, 3), mm."""

    kind: WayKind
    title: str
    possible: bool
    why_not: tuple[str, ...]
    gist: str
    off_mm: Array
    left_mm: Array
    frets: tuple[int, ...]
    steps: tuple[Step, ...]
    promise: Promise
    minutes: int
    # Lowest clean height over fret 12 of each string, low side first, and its doubt.
    lowest_mm: tuple[tuple[float, float], ...] = ()
    # Relief of the tops strung up before the rod is touched again, and its doubt.
    strung: tuple[float, float] | None = None
    # Dip the rod adds while filing, mm, and how much all metal grows with each millimetre a top stands higher, (frets, 3).
    rod_dip_mm: float = 0.0
    weight: Array | None = None
    # How far each top stands over the line a straight tool is led along, (frets, 3); None where there is no such line.
    above_mm: Array | None = None
    doubt: Doubt | None = None
    # How many more light levels the thinnest fret has in it afterwards.
    levels_left: int = 0
    # Metal for each tenth of a millimetre the strings can lie lower, and how far that is in all; None where nothing is said.
    per_tenth_mm: float | None = None
    gained_mm: float | None = None

    @property
    def worst_mm(self) -> float:
        """Most metal off any one place."""
        return float(self.off_mm.max())

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


@dataclass(frozen=True)
class Plan:
    """All ways, the advised one and why."""

    advice: WayKind
    reasons: tuple[str, ...]
    ways: tuple[Way, ...]
    rod: RodPlan | None
    largest_rock_now_mm: float
    ends: tuple[EndFault, ...] = ()
    stops: tuple[RodStop, ...] = ()
    rodless: bool = False
    # Metal against string height, where the relief is known.
    curve: MetalCurve | None = None

    def way(self, kind: WayKind) -> Way:
        """The way of that kind."""
        return next(w for w in self.ways if w.kind == kind)


@dataclass(frozen=True)
class Case:
    """What the ways have in common."""

    neck_map: HeightMap
    findings: tuple[Finding, ...]
    neck_tops: NeckTops
    relief: Relief | None
    rod: RodPlan | None
    unit: Unit
    stops: tuple[RodStop, ...]
    ends: tuple[EndFault, ...]
    heights: StringHeights

    @property
    def neck(self) -> NeckDescription:
        """The neck as described."""
        return self.neck_map.neck

    @property
    def rodless(self) -> bool:
        """Whether no rod can set the relief: there is none, or it is spent."""
        return self.neck.rod == "none" or any(stop.kind in _LOST for stop in self.stops)

    @property
    def excess_mm(self) -> float | None:
        """Relief over (minus: under) what is wanted, where it is known and off by more than the margin."""
        if self.relief is None:
            return None
        excess = self.relief.mm - self.neck.relief_wanted_mm("middle")
        return excess if abs(excess) > self.neck.relief_margin_mm else None

    @property
    def measurer(self) -> Measurer:
        """Measures on the mapped neck."""
        return Measurer(self.neck_map)

    @property
    def agreed(self) -> Agreed:
        """What is agreed about filing."""
        return self.neck_map.neck_state.agreed

    @property
    def unread(self) -> tuple[int, ...]:
        """Frets that were seated and not read again since."""
        return seated_unread(self.neck_map.neck_state)

    @property
    def unseated(self) -> tuple[int, ...]:
        """Frets to be pressed home before any file touches them."""
        return self.named("end-up", "middle-up", "loose")

    def has(self, kind: str) -> bool:
        """Whether a fault of that kind was found."""
        return any(f.kind == kind and f.verdict != "good" for f in self.findings)

    def named(self, *kinds: str) -> tuple[int, ...]:
        """Frets named in findings of these kinds."""
        return tuple(
            sorted({f.fret for f in self.findings if f.kind in kinds and f.fret is not None})
        )

    @property
    def relief_off(self) -> bool:
        """Whether a rod move is due."""
        return self.rod is not None

    def length(self, mm: float) -> str:
        """A length in the unit of the sentences."""
        return format_length(mm, self.unit)


def make_way(
    case: Case,
    kind: WayKind,
    removal: Removal | None,
    frets: tuple[int, ...],
    gist: str,
    why_not: list[str],
    promise: Promise | None = None,
    strung: tuple[float, float] | None = None,
) -> Way:
    """A way of this kind with its steps. ``promise`` is what it changes beside metal; the rest is filled in."""
    off = np.zeros_like(case.neck_tops.tops_mm) if removal is None else removal.off_mm
    left = case.neck_tops.crown_mm - off
    turned = case.relief_off and not case.rodless
    doing = Doing(
        frets=frets,
        rod=case.rod.words if case.rod is not None and (turned or kind == "rod") else "",
        ends=case.ends,
        detail=gist,
        agreed=case.agreed,
        crowned=frets_to_crown(case.neck.wire_width_mm, case.neck.wire_height_mm, off.max(axis=1)),
        no_rod=case.rodless,
    )
    steps = steps_of(kind, case.neck, doing)
    return Way(
        kind,
        TITLES[kind],
        not why_not,
        tuple(why_not),
        gist,
        off,
        left,
        frets,
        steps,
        _promise(case, kind, off, left) if promise is None else _filled(case, promise, off, left),
        sum(s.minutes for s in steps if s.key != "look-again"),
        strung=strung,
        rod_dip_mm=0.0 if removal is None else removal.rod_dip_mm,
        weight=None if removal is None else removal.weight,
        above_mm=None if removal is None else removal.above_mm,
        levels_left=levels_left(float(left.min()), case.neck_tops.least_crown_mm),
    )


def _filled(case: Case, promise: Promise, off: Array, left: Array) -> Promise:
    """A cheap cure's promise: what it does not change stays as it is."""
    usual = _promise(case, "leave", off, left)
    said = {
        name: value for name, value in msgspec.structs.asdict(promise).items() if value is not None
    }
    rock = None if off.any() else usual.largest_rock_mm
    return msgspec.structs.replace(
        usual, **{**said, "metal_off_mm": usual.metal_off_mm, "largest_rock_mm": rock}
    )


def _promise(case: Case, kind: WayKind, off: Array, left: Array) -> Promise:
    relief, doubt = (None, None) if case.relief is None else (case.relief.mm, case.relief.doubt_mm)
    if kind in _TURNED and case.rod is not None and relief is not None and not case.rodless:
        relief, doubt = case.neck.relief_wanted_mm("middle"), case.neck.relief_margin_mm
    if kind in LEVELS and case.rodless:
        relief, doubt = case.neck.relief_wanted_mm("middle"), case.neck_map.pull_doubt_mm
    rock = float(rocks_mm(case.neck_tops, case.neck_tops.tops_mm - off).max())
    if kind in LEVELS:
        # Straight tops leave no rock; what the file leaves is what a rocker just does not feel.
        rock = STILL_MM
    low, high = (side.now_mm for side in case.heights.sides)
    return Promise(
        height_low_mm=low,
        height_high_mm=high,
        relief_mm=relief,
        relief_doubt_mm=doubt,
        metal_off_mm=float(off.mean(axis=1).sum()),
        thinnest_mm=float(left.min()) if case.neck_map.crown_measured else None,
        largest_rock_mm=None if kind == "seat" else max(rock, 0.0),
    )


def listed(frets: tuple[int, ...]) -> str:
    """Frets in words: ``3, 4 and 7``."""
    if len(frets) <= 1:
        return "".join(str(f) for f in frets)
    if len(frets) > 7:
        return f"{len(frets)} of them"
    return ", ".join(str(f) for f in frets[:-1]) + f" and {frets[-1]}"
