"""What the ways forward have in common: one neck as mapped, with what was found on it."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

from msgspec import structs

from nuvrek.clearance.string_heights import StringHeights
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap, Relief
from nuvrek.estimate.measurer import Measurer
from nuvrek.meaning import Saying
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.planning.filing.level_program import NeckTops
from nuvrek.planning.rod.move import RodPlan
from nuvrek.planning.rod.stop_rules import RodStop
from nuvrek.planning.wear import Wear, wear_of
from nuvrek.readings.entries import Agreed, EndFault, NewWire
from nuvrek.readings.told.observed import seated_unread
from nuvrek.readings.told.what_was_read import tops_read
from nuvrek.units import Unit, format_length

# So many inner frets of a lane must have been spoken of before its tops count as read.
READ_SHARE = 0.8
# Stops after which the rod is out of the game, whatever its nut is made to do.
_LOST = ("at-end", "no-answer", "slack-back-bow", "nothing-left")


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
    height_unit: Unit

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
        """Relief over (minus: under) what is wanted, where it is known and off by more than the
        margin.
        """
        if self.relief is None:
            return None
        excess = self.relief.mm - self.neck.relief_wanted_mm("middle")
        if abs(excess) > self.neck.relief_margin_mm:
            return excess
        return None

    @property
    def measurer(self) -> Measurer:
        """Measures on the mapped neck."""
        return Measurer(self.neck_map)

    @property
    def agreed(self) -> Agreed:
        """What is agreed about filing."""
        return self.neck_map.neck_state.agreed

    @property
    def agreed_wire(self) -> NewWire:
        """What is agreed about new wire, by itself: not when and where it was written down."""
        agreed = self.neck_map.neck_state.new_wire
        return structs.replace(agreed, at="", page="", joined=False)

    @cached_property
    def wear(self) -> Wear:
        """What the crowns of this neck lose a year."""
        return wear_of(self.neck_map.neck_state)

    @property
    def unread(self) -> tuple[int, ...]:
        """Frets that were seated and not read again since."""
        return seated_unread(self.neck_map.neck_state)

    @property
    def unseated(self) -> tuple[int, ...]:
        """Frets to be pressed home before any file touches them."""
        return self.named("end-up", "middle-up", "loose")

    @cached_property
    def unread_lanes(self) -> tuple[int, ...]:
        """Lanes (0 to 2) of whose inner frets rocker, dial, string or edge have not spoken of
        nearly all.
        """
        inner = {*range(2, self.neck.frets)}
        read = tops_read(self.neck_map.neck_state)
        least = READ_SHARE * len(inner)
        return tuple(k for k, lane in enumerate(LANES) if len(read[lane] & inner) < least)

    @property
    def tops_known(self) -> bool:
        """Whether nearly every top was spoken of."""
        return not self.unread_lanes

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

    def length(self, mm: float) -> Saying:
        """A length in the unit of the sentences."""
        return format_length(mm, self.unit)

    def height(self, mm: float) -> Saying:
        """A string height in the unit of the sentences."""
        return format_length(mm, self.height_unit)
