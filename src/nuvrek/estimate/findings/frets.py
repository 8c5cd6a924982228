"""Single frets: proud, low, rocking, up at an end, worn thin."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek import meaning
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking, sure_words
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.readings.entries import CrownHeight
from nuvrek.readings.told.observed import seated_unread
from nuvrek.readings.told.what_was_read import firm, pressed, tops_read
from nuvrek.units import Unit, format_length, format_number

Array = NDArray[np.float64]

# A fret is called proud from here on; common practice, no source: a rocker that moves under a thin
# leaf.
PROUD_MM = 0.05
PROUD_CERTAIN_MM = 0.02
ROCKING_MM = 0.02
ALIKE_MM = 0.035
LOW_MM = 0.04
# An end by itself, how much it then stands over a middle that is still (which it lifts a little on
# the map), and a middle over both ends, from here on.
END_UP_MM, OVER_MIDDLE_MM, MIDDLE_UP_MM = 0.03, 0.02, 0.06


def rise_over_neighbours(neck_map: HeightMap) -> tuple[Array, Array]:
    """How far each crown stands over the higher of its two neighbours, and the standard deviation
    of that.

    Shapes (frets, 3), in mm; the first and last fret have one neighbour only. Counted from the
    smooth neck, so that relief does not pass for a proud fret.
    """
    return _over_neighbours(neck_map, 1.0)


def _over_neighbours(neck_map: HeightMap, sign: float) -> tuple[Array, Array]:
    d = sign * neck_map.deviation_mm
    frets = len(d)
    rise = np.full((frets, 3), -np.inf)
    sd = np.full((frets, 3), np.inf)
    covariance = neck_map.deviation_covariance
    for fret in range(frets):
        for k in range(3):
            here = fret * 3 + k
            for other in (fret - 1, fret + 1):
                if not 0 <= other < frets:
                    continue
                there = other * 3 + k
                gap = d[fret, k] - d[other, k]
                # The smaller of the two gaps counts: proud is what stands over both neighbours.
                if rise[fret, k] == -np.inf or gap < rise[fret, k]:
                    variance = (
                        covariance[here, here]
                        + covariance[there, there]
                        - 2.0 * covariance[here, there]
                    )
                    rise[fret, k], sd[fret, k] = gap, np.sqrt(max(variance, 1e-12))
    return rise, sd


def _explained_by_low(neck_map: HeightMap, rise: Array) -> Array:
    """Where a rise is better explained by one low fret between two that rise alike; bool, (frets,
    3).

    A low fret makes both its neighbours rock by the same amount. One fault is likelier than two
    equal ones with a fret between them.
    """
    explained = np.zeros(rise.shape, dtype=bool)
    d = neck_map.deviation_mm
    for low in range(1, len(rise) - 1):
        left, right = rise[low - 1], rise[low + 1]
        both = (
            (left >= ROCKING_MM)
            & (right >= ROCKING_MM)
            & (np.abs(left - right) < ALIKE_MM)
            & (d[low] < 0)
        )
        explained[low - 1] |= both
        explained[low + 1] |= both
    return explained


def proud_chance(neck_map: HeightMap) -> Array:
    """The probability that each top stands proud, (frets, 3); nil where one low fret explains
    the rise.
    """
    rise, sd = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, rise), -np.inf, rise)
    return np.asarray(ndtr((rise - PROUD_CERTAIN_MM) / sd))


def find_proud(looking: Looking) -> list[Finding]:
    """Frets that stand proud, rock unmeasured, or are up at an end or in the middle.

    A fret that moves under a finger stands anyhow: what rocks there is no second fault. One that
    was seated and not read since may stand anywhere: nothing is said of it.
    """

    def find() -> list[Finding]:
        findings = _proud(looking)
        unread = {*seated_unread(looking.neck_state)}
        return [finding for finding in findings if finding.fret not in looking.loose | unread]

    return looking.once("proud", find)


@dataclass(frozen=True)
class _Standing:
    """One fret that stands over its neighbours: on which lanes by measure, on which by a bare mark
    of the rocker, and whether a finger has pressed it and found it firm.
    """

    fret: int
    lanes: tuple[int, ...]
    marked: tuple[int, ...]
    rise_mm: Array  # (3,), the lanes that a low neighbour explains counted as well
    sure: Array  # (3,)
    middle_read: bool
    pressed: bool
    firm: bool
    unit: Unit

    @property
    def here(self) -> tuple[int, ...]:
        """All lanes on which it stands."""
        return tuple(sorted({*self.lanes, *self.marked}))

    @property
    def worst(self) -> int:
        """The lane on which it stands highest."""
        return max(self.lanes or self.marked, key=lambda k: float(self.rise_mm[k]))

    @property
    def size_mm(self) -> float:
        return max(float(self.rise_mm[self.worst]), 0.0)

    @property
    def chance(self) -> float:
        return float(self.sure[self.worst])

    @property
    def certain(self) -> Saying:
        """How sure it is: of a fret that nobody pressed nothing is."""
        if self.pressed:
            return sure_words(self.chance)
        return means("findings.nobody-has-pressed-yet-press")

    @property
    def where(self) -> Saying:
        if len(self.here) == 3:
            return means("findings.all-across")
        return meaning.listed(LANE_WORDS[LANES[k]] for k in self.here)

    def named(self, kind: str, text: Saying, head: Saying) -> Finding:
        lanes, lane = tuple(LANES[k] for k in self.here), LANES[self.worst]
        return Finding(
            kind,
            self.fret,
            lane,
            mm=self.size_mm,
            sure=self.chance,
            text=text,
            headline=head,
            lanes=lanes,
        )

    @property
    def ends_only(self) -> bool:
        """Whether an end stands and the middle is down: a middle that rises with its ends is not,
        whatever explains the rise.
        """
        if 1 in self.here or not self.middle_read:
            return False
        over_middle = self.size_mm - max(float(self.rise_mm[1]), 0.0)
        return not self.lanes or over_middle >= OVER_MIDDLE_MM


def _proud(looking: Looking) -> list[Finding]:
    neck_map = looking.neck_map
    over, _ = rise_over_neighbours(neck_map)
    rise = np.where(_explained_by_low(neck_map, over), -np.inf, over)
    sure = proud_chance(neck_map)
    middle = tops_read(looking.neck_state)["middle"]
    touched, held = pressed(looking.neck_state), firm(looking.neck_state)
    findings = []
    for fret in range(1, len(rise) - 1):
        # A bare mark says that it rocks, not by how much: every mark is told, whatever explains it.
        marked = tuple(k for k in range(3) if (fret + 1, LANES[k]) in neck_map.rocks_unmeasured)
        lanes = tuple(
            k
            for k in range(3)
            if k not in marked
            and neck_map.known[k]
            and sure[fret, k] >= 0.5
            and rise[fret, k] >= (END_UP_MM if k != 1 else PROUD_MM)
        )
        # Ends by themselves count from less on than a fret all across.
        if lanes and not marked and rise[fret, list(lanes)].max() < PROUD_MM:
            lanes = lanes if 1 not in lanes else ()
        n = fret + 1
        standing = _Standing(
            n,
            lanes,
            marked,
            rise_mm=over[fret],
            sure=sure[fret],
            middle_read=n in middle,
            pressed=n in touched,
            firm=n in held,
            unit=looking.unit,
        )
        if standing.here:
            findings.append(_standing_finding(neck_map, standing))
    return findings


def _standing_finding(neck_map: HeightMap, standing: _Standing) -> Finding:
    size = format_length(standing.size_mm, standing.unit)
    if standing.ends_only:
        return _end_finding(standing, size)
    if standing.lanes == (1,) and not standing.marked:
        ends = max(float(standing.rise_mm[0]), float(standing.rise_mm[2]), 0.0)
        if standing.size_mm - ends >= MIDDLE_UP_MM:
            text = means(
                "findings.look-light-under-middle-press", size=size, certain=standing.certain
            )
            return standing.named(
                "middle-up", text, means("findings.fret-up-middle", fret=standing.fret)
            )
    if not standing.lanes:
        text = means(
            "findings.marked-file-until-ink-gone",
            where=standing.where,
            range_words=_range_words(standing),
        )
        return standing.named("rocks", text, means("findings.fret-rocks", fret=standing.fret))
    text = means(
        "findings.over-both-neighbours",
        where=standing.where,
        by_caliper=_by_caliper(neck_map, standing.fret, standing.size_mm, standing.unit),
        certain=standing.certain,
    )
    return standing.named(
        "proud", text, means("findings.fret-stands-proud", fret=standing.fret, size=size)
    )


def _range_words(standing: _Standing) -> Saying:
    """A mark without a leaf in figures: from what a rocker is felt at to twice what is likely."""
    high = max(2.0 * standing.size_mm, 2.5 * ROCKING_MM)
    return means(
        "findings.to",
        rocking_mm=format_number(ROCKING_MM, standing.unit),
        high=format_length(high, standing.unit),
    )


def _end_finding(standing: _Standing, size: Saying) -> Finding:
    """A rock at the ends and none in the middle: sprung, until pressing says otherwise."""
    at = "both" if len(standing.here) > 1 else ("bass" if standing.here[0] == 0 else "treble")
    amount: Saying = means("findings.size-sentence", size=size) if standing.lanes else ""
    if standing.firm:
        if at == "both":
            holds = "findings.ends-pressed-hold"
        else:
            holds = "findings.end-pressed-holds"
        head = means(f"findings.fret-high-{at}", fret=standing.fret)
        return standing.named("end-high", meaning.sentences(amount, means(holds)), head)
    text = meaning.sentences(amount, means("findings.middle-down-sprung-end-until"))
    return standing.named("end-up", text, means(f"findings.fret-up-{at}", fret=standing.fret))


def _by_caliper(neck_map: HeightMap, fret: int, rise_mm: float, unit: Unit) -> Saying:
    """What a crown reading at a proud fret says: tall metal, metal that is not seated, or the
    wood under it.
    """
    read = [
        taken.reading.height_mm
        for taken in neck_map.neck_state.taken
        if isinstance(taken.reading, CrownHeight)
        and taken.reading.fret == fret
        and taken.surface.get((fret, taken.reading.lane), 0)
        == neck_map.neck_state.surface.get((fret, taken.reading.lane), 0)
    ]
    if not read:
        return ""
    # The median, for a few worn or tall crowns must not move the measure.
    taller = float(np.mean(read)) - float(np.median(neck_map.crown_mm))
    if taller >= 0.5 * rise_mm:
        return means("findings.caliper-taller-than-rest-look", taller=format_length(taller, unit))
    if taller <= 0.25 * rise_mm:
        return means("findings.caliper-no-taller-than-rest")
    return ""


def find_low(looking: Looking) -> list[Finding]:
    """Frets lower than both neighbours, where those are not proud or loose themselves."""
    return looking.once("low", lambda: _low(looking))


def _low(looking: Looking) -> list[Finding]:
    neck_map, unit = looking.neck_map, looking.unit
    standing = find_proud(looking)
    proud_frets = {finding.fret for finding in standing if finding.kind != "rocks"} | looking.loose
    drop, sd = _over_neighbours(neck_map, -1.0)
    findings = []
    for fret in range(1, len(drop) - 1):
        if {fret, fret + 2} & proud_frets:
            continue
        between = _rocks_around(neck_map, fret)
        lanes = [
            k for k in range(3) if neck_map.known[k] and (drop[fret, k] >= LOW_MM or k in between)
        ]
        if not lanes:
            continue
        worst = max(lanes, key=lambda k: drop[fret, k])
        size = max(float(drop[fret, worst]), 0.0)
        p = float(ndtr((size - PROUD_CERTAIN_MM) / sd[fret, worst]))
        lanes_named = tuple(LANES[k] for k in lanes)
        named = (fret + 1, LANES[worst], -size)
        if size >= LOW_MM:
            text = means("findings.neighbours-rock-over-they-not", sure_words=sure_words(p))
            head = means("findings.fret-low", fret=fret + 1, size=format_length(size, unit))
        else:
            text = means("findings.frets-rock-around-one-low", fret=fret, other_fret=fret + 2)
            head = means("findings.fret-low-with-fret", fret=fret + 1)
        findings.append(Finding("low", *named, p, text, head, lanes=lanes_named))
    return findings


def _rocks_around(neck_map: HeightMap, fret: int) -> set[int]:
    """Lanes on which both neighbours of a fret (an index from 0) were marked as rocking and it was
    not.
    """
    marks = neck_map.rocks_unmeasured
    return {
        k
        for k, lane in enumerate(LANES)
        if (fret, lane) in marks and (fret + 2, lane) in marks and (fret + 1, lane) not in marks
    }


def find_thin(looking: Looking) -> list[Finding]:
    """The thinnest crown, where it is under the least that is kept."""
    neck_map, unit = looking.neck_map, looking.unit
    if not neck_map.crown_measured:
        return []
    least = neck_map.neck.least_crown_mm
    thinnest = neck_map.crown_mm.min(axis=1)
    fret = int(np.argmin(thinnest))
    mm = float(thinnest[fret])
    if mm >= least:
        return []
    lane = int(np.argmin(neck_map.crown_mm[fret]))
    sd = float(neck_map.crown_doubt_mm[fret, lane]) / NINE_IN_TEN
    p = float(ndtr((least - mm) / sd))
    few = int(np.sum(thinnest < least))
    below = means("findings.frets", number=few)
    text = means(
        "findings.below-you-keep",
        below=below,
        least=format_length(least, unit),
        sure_words=sure_words(p),
    )
    return [
        Finding(
            "thin-crown",
            fret + 1,
            LANES[lane],
            mm=mm,
            sure=p,
            text=text,
            headline=means(
                "findings.fret-has-crown-left", fret=fret + 1, mm=format_length(mm, unit)
            ),
        )
    ]


def over_neighbours_height(measurer: Measurer, finding: Finding) -> tuple[Array, float] | None:
    """How far the top of a fret stands over the line of its neighbours."""
    fret, lane = finding.fret or 0, LANES.index(finding.lane or "bass")
    if not 2 <= fret < measurer.map.neck.frets:
        return None
    chord = measurer.chord(fret - 1, fret + 1, fret, lane)
    measured = measurer.of("tops", [(f, k, -weight) for f, k, weight in chord])
    return measured.row, measured.mm


def thin_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """How far a crown stands over the least that is kept."""
    row, mm = crown_height(measurer, finding)
    neck = measurer.map.neck
    return row, mm + neck.wire_height_mm - neck.least_crown_mm


def crown_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """How far a crown stands over the wire as described."""
    place = (finding.fret or 1, LANES.index(finding.lane or "bass"), 1.0)
    measured = measurer.of("crown", [place])
    return measured.row, measured.mm - measurer.map.neck.wire_height_mm
