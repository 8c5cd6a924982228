"""What the rules look at: one neck's findings, readings and ways, in the words of the bench."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from scipy.special import ndtr

from nuvrek import meaning
from nuvrek.clearance.string_heights import AS_WANTED_MM
from nuvrek.clearance.strung_neck import Rooms
from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.shapes import tops_follow_mm
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.estimate.measurer import Measurer
from nuvrek.meaning import Saying
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.course import Leg
from nuvrek.planning.case.way import Way
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.causes.weighed import Diagnosis
from nuvrek.planning.crowns.crowning import LAND_MM
from nuvrek.planning.rod.relief import WantedRelief, wanted_relief
from nuvrek.planning.ways.filing_words import few_frets
from nuvrek.readings.entries import ON_WOOD, EdgeLie, StringGap, WayKind
from nuvrek.readings.told.complaint import complaint_of, parts_named
from nuvrek.readings.told.contradictions import Contradiction, contradictions
from nuvrek.readings.told.new_wire import new_tops_of
from nuvrek.readings.told.observed import flats_read, grooves_read, rod_feel
from nuvrek.readings.told.soundness import unsound
from nuvrek.readings.told.what_was_read import (
    heard_clean,
    heard_faults,
    nut_trouble,
    relief_blind,
    tops_read,
    unpressed,
)
from nuvrek.recognise.complaint_chips import Complaint
from nuvrek.recognise.complaints import Part
from nuvrek.recognise.soundness import SoundFault

NEW_WIRE_KINDS: tuple[WayKind, ...] = (
    *("refret", "refret-true", "refret-tangs", "refret-angle"),
    "first-frets",
)
# A groove to this depth may be left by agreement (common practice, no source).
SHALLOW_GROOVE_MM = 0.12
# With less than this share of the tops of a lane spoken of, nothing is filed yet (common practice).
BARELY_READ = 0.25
# So sure must it be that the sides differ before one rod is called unable (common practice).
SIDES_SURE = 0.8
# Tops that have less than this share of a shape of the wood do not follow it (common practice).
FOLLOWS = 0.5


@dataclass(frozen=True)
class Grounds:
    """One neck as it is judged."""

    weighing: Weighing
    ways: Mapping[WayKind, Way]
    diagnosis: Diagnosis = Diagnosis()

    @property
    def case(self) -> Case:
        """What the ways have in common."""
        return self.weighing.case

    @property
    def neck(self) -> NeckDescription:
        """The neck as described."""
        return self.case.neck

    def possible(self, kind: WayKind) -> bool:
        """Whether a way is there and nothing speaks against it."""
        return kind in self.ways and self.ways[kind].possible

    # --- the tops -----------------------------------------------------------

    @cached_property
    def proud(self) -> tuple[int, ...]:
        """Frets that stand proud, or high at an end though they were pressed and hold."""
        return self.case.named("proud", "end-high")

    @cached_property
    def marked(self) -> tuple[int, ...]:
        """Frets marked as rocking and nothing more."""
        return self.case.named("rocks")

    @cached_property
    def unseated(self) -> tuple[int, ...]:
        """Frets to be pressed home first."""
        return self.case.unseated

    @cached_property
    def low(self) -> tuple[int, ...]:
        """Frets lower than both neighbours."""
        return self.case.named("low")

    @property
    def even(self) -> bool:
        """Whether the tops are known and none of them stands out."""
        return self.tops_known and not (self.proud or self.marked or self.unseated or self.low)

    @property
    def tops_known(self) -> bool:
        """Whether nearly every top was spoken of, on all three lanes."""
        return self.case.tops_known

    @cached_property
    def barely_read(self) -> bool:
        """Whether so few tops were spoken of, on whatever lane, that a mark tells of one place
        only.
        """
        read = tops_read(self.case.neck_map.neck_state)
        most = max(len(frets) for frets in read.values())
        return most < BARELY_READ * self.neck.frets

    # --- wear ---------------------------------------------------------------

    @cached_property
    def grooves(self) -> dict[int, float]:
        """The deepest groove of each fret that counts, mm."""
        found: dict[int, float] = {}
        for (fret, _), mm in grooves_read(self.case.neck_map.neck_state).items():
            if mm >= GROOVE_MM and fret <= self.neck.frets:
                found[fret] = max(found.get(fret, 0.0), mm)
        return found

    @cached_property
    def worn(self) -> tuple[int, ...]:
        """Frets with a groove that counts or a wide flat."""
        flats = flats_read(self.case.neck_map.neck_state)
        wide = {fret for fret, mm in flats.items() if mm > LAND_MM and fret <= self.neck.frets}
        return tuple(sorted({*self.grooves} | wide))

    @property
    def few(self) -> int:
        """How many frets are a handful on this neck."""
        return few_frets(self.case)

    # --- wood ---------------------------------------------------------------

    @cached_property
    def wood(self) -> tuple[Finding, ...]:
        """What no rod setting takes out: hump, S, a tongue that climbs; not what the tops were
        levelled over.
        """
        kinds, measurer = ("hump", "s-shape", "tongue"), Measurer(self.case.neck_map)
        return tuple(
            f
            for f in self.case.findings
            if f.kind in kinds
            and f.verdict != "good"
            and abs(tops_follow_mm(measurer, f)) > FOLLOWS * abs(f.mm)
        )

    # --- new wire -----------------------------------------------------------

    @cached_property
    def out(self) -> tuple[int, ...]:
        """Frets that are out."""
        return tuple(sorted(self.case.neck_map.neck_state.out))

    @cached_property
    def new_tops(self) -> tuple[int, ...]:
        """Frets with new wire that no file has touched yet."""
        return new_tops_of(self.case.neck_map.neck_state)

    @property
    def new_wire(self) -> WayKind | None:
        """The way with new wire all over that fits the reasons best, None where nothing speaks for
        any: the angle planed in, the board trued, fatter tangs, the board only cleaned.
        """
        for kind in ("refret-angle", "refret-true", "refret-tangs", "refret"):
            if self.possible(kind):
                return kind
        return next((kind for kind in NEW_WIRE_KINDS if kind in self.ways), None)

    # --- relief -------------------------------------------------------------

    @cached_property
    def relief(self) -> WantedRelief | None:
        """The relief at pitch against what is wanted."""
        return wanted_relief(self.case.neck_map)

    @property
    def relief_off(self) -> bool:
        """Whether the relief is known to be off what is wanted, of twin rods on either side; a
        bare neck has none yet.
        """
        if self.neck.bare or self.relief is None:
            return False
        return self.relief.off or (self.neck.rod == "twin" and self.case.rod is not None)

    @property
    def relief_over(self) -> bool:
        """Whether there is too much of it."""
        return self.relief_off and self.relief is not None and self.relief.excess_mm > 0.0

    @cached_property
    def uneven_sides_mm(self) -> float | None:
        """How far the relief of the two sides differs, where that is surely more than both margins
        and no setting of one rod brings both right; None where not.
        """
        if self.sides_apart is None:
            return None
        mm, sd = self.sides_apart
        limit = 2.0 * self.neck.relief_margin_mm
        if abs(mm) <= limit or ndtr((abs(mm) - limit) / max(sd, 0.01)) < SIDES_SURE:
            return None
        return mm

    @cached_property
    def wood_read(self) -> bool:
        """Whether an edge on the wood told of both sides."""
        lanes = {
            taken.reading.lane
            for taken in self.case.neck_map.neck_state.taken
            if isinstance(taken.reading, StringGap | EdgeLie) and taken.reading.by in ON_WOOD
        }
        return {"bass", "treble"} <= lanes

    @cached_property
    def unsound(self) -> tuple[SoundFault, ...]:
        """What has to be mended before anything is done."""
        return unsound(self.case.neck_map.neck_state)

    @cached_property
    def contradictions(self) -> tuple[Contradiction, ...]:
        """Readings that can't both be true."""
        return contradictions(self.case.neck_map.neck_state)

    @cached_property
    def relief_blind(self) -> bool:
        """Whether nothing read so far tells a straight neck from one that is bowed back."""
        return relief_blind(self.case.neck_map.neck_state) or self.stopped("no-light", "unseen")

    @property
    def relief_vague(self) -> bool:
        """Whether the relief at pitch of a neck with strings is not known as a figure."""
        if self.neck.bare or self.relief_off:
            return False
        return self.relief is None or not self.lanes_strung or not self.relief.as_figure

    @property
    def lanes_strung(self) -> tuple[int, ...]:
        """Lanes (0 and 2) on which the relief was read at pitch."""
        lanes = {
            taken.reading.lane
            for taken in self.case.neck_map.neck_state.taken
            if isinstance(taken.reading, StringGap)
            and taken.reading.state.strings == "pitch"
            and taken.reading.low_support
        }
        return tuple(k for k in (0, 2) if LANES[k] in lanes)

    def stopped(self, *kinds: str) -> bool:
        """Whether one of these stops stands."""
        return any(stop.kind in kinds for stop in self.case.stops)

    def stop_words(self) -> Saying:
        """The stops in words."""
        return meaning.listed((stop.words for stop in self.case.stops), by="sentences")

    @property
    def nut_waits(self) -> bool:
        """Whether a chewed, gummed or unreachable rod nut still waits to be mended."""
        return nut_trouble(self.case.neck_map.neck_state) is not None

    # --- strings ------------------------------------------------------------

    @cached_property
    def rooms(self) -> Rooms | None:
        """Room of every note at the player's touch; None where heights or relief are not known."""
        sides = self.case.heights.sides
        known = self.relief is not None and self.relief.as_figure
        if not known or any(side.now_mm is None for side in sides):
            return None
        return self.weighing.on.rooms(TOUCHES[self.neck.touch])

    @cached_property
    def buzzing(self) -> int:
        """How many fretted notes are predicted to buzz."""
        if self.rooms is None:
            return 0
        strings, notes = self.rooms.room_mm.shape
        words = [self.rooms.word(s, n) for s in range(strings) for n in range(1, notes)]
        return sum(word == "will buzz" for word in words)

    @cached_property
    def roomy(self) -> bool:
        """Whether every fretted note has room, by the map."""
        return self.rooms is not None and bool(np.all(self.rooms.room_mm[:, 1:] > 0.0))

    @cached_property
    def heard_faults(self) -> tuple[tuple[int, int], ...]:
        """Notes last heard to buzz or ring badly, (string, fret)."""
        return heard_faults(self.case.neck_map.neck_state)

    @property
    def heard_clean(self) -> bool:
        """Whether every note was played and rang clean."""
        return heard_clean(self.case.neck_map.neck_state)

    @cached_property
    def raise_mm(self) -> tuple[float, float]:
        """How far the low and the high string must come up over fret 12 to ring clean."""
        if self.rooms is None:
            return 0.0, 0.0
        on = self.weighing.on
        lowest, _ = on.lowest_clean_mm(TOUCHES[self.neck.touch])
        need = np.maximum(lowest - on.heights_mm, 0.0)
        half = len(need) // 2 or 1
        return float(need[:half].max()), float(need[-half:].max())

    @property
    def too_low(self) -> bool:
        """Whether the strings lie too low for the player's touch over tops that are even."""
        return self.even and self.buzzing > 0 and max(self.raise_mm) > AS_WANTED_MM

    # --- the owner ----------------------------------------------------------

    @property
    def complaint(self) -> str:
        """What the owner says, as said."""
        return self.neck.complaint.strip()

    @cached_property
    def complaint_shape(self) -> Complaint:
        """The complaint as values."""
        return complaint_of(self.case.neck_map.neck_state)

    @cached_property
    def parts_named(self) -> frozenset[Part]:
        """Parts and changes that complaint and take-in speak of."""
        return parts_named(self.case.neck_map.neck_state)

    @cached_property
    def rod_slack(self) -> bool:
        """Whether the rod was last felt slack."""
        return rod_feel(self.case.neck_map.neck_state) == "slack"

    @cached_property
    def worn_strings(self) -> tuple[int, ...]:
        """Strings under which grooves that count were read."""
        read = grooves_read(self.case.neck_map.neck_state)
        return tuple(sorted({string for (_, string), mm in read.items() if mm >= GROOVE_MM}))

    @cached_property
    def sides_apart(self) -> tuple[float, float] | None:
        """How much more relief over its wish the low side has than the high side, and the doubt
        of that (one standard deviation), mm; None where not both were read.
        """
        sides = [wanted_relief(self.case.neck_map, (lane,)) for lane in ("bass", "treble")]
        low, high = sides
        if low is None or high is None or self.neck.bare or self.relief_blind:
            return None
        doubt = np.hypot(low.relief.doubt_mm, high.relief.doubt_mm) / NINE_IN_TEN
        return low.excess_mm - high.excess_mm, float(doubt)

    @property
    def wishes(self) -> bool:
        """Whether string heights are wished for that the neck does not have."""
        heights = self.case.heights
        return any(side.off for side in heights.sides) or bool(heights.inner_off)

    @property
    def content(self) -> bool:
        """Whether nobody complains, hears a fault or wishes for another height or wire, and no new
        wire waits for its first level.
        """
        wants = self.wishes or self.new_tops or self.neck.wire_wish.strip()
        return not self.complaint and not self.heard_faults and not wants

    # --- gates --------------------------------------------------------------

    @cached_property
    def unpressed(self) -> tuple[int, ...]:
        """Frets that nobody has pressed yet."""
        return unpressed(self.case.neck_map.neck_state)

    def leg(
        self, way: WayKind, why: Saying, *kinds: str, gate: Saying = "", unless: Saying = ""
    ) -> Leg:
        """A leg with the readings that speak for and against the findings of these kinds."""
        speaks_for, against = self.readings_of(*kinds)
        return Leg(way, why, gate, unless, speaks_for=speaks_for, speaks_against=against)

    def readings_of(self, *kinds: str) -> tuple[tuple[int, ...], tuple[int, ...]]:
        """Numbers of the readings that speak for and against the findings of these kinds, the
        weightiest first.
        """
        findings = [f for f in self.case.findings if f.kind in kinds]
        speaks_for = dict.fromkeys(n for f in findings for n in f.speaks_for)
        against = dict.fromkeys(n for f in findings for n in f.speaks_against)
        return tuple(speaks_for)[:8], tuple(against)[:8]
