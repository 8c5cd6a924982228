"""Relief against what is wanted, and back bow."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek import meaning
from nuvrek.estimate.findings.finding import Finding, Verdict
from nuvrek.estimate.findings.looking import Looking, sure_words
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap, Relief
from nuvrek.estimate.measurer import Measurer
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import EdgeLie, StringGap
from nuvrek.readings.told.what_was_read import relief_blind
from nuvrek.units import Unit, format_length, format_number

Array = NDArray[np.float64]

# From here on the neck is said to stand up in the middle (common practice, no source).
BACK_BOW_MM = -0.02
# So sure a relief must be off what is wanted before that is said, or a rod turned for it; known
# within so much its figure alone decides.
OFF_TARGET_SURE, SHARP_MM = 0.8, 0.07
# So sure it must be that a slack neck is bowed back to be told.
SLACK_SURE = 0.75


def find_relief(looking: Looking) -> list[Finding]:
    """Relief against what is wanted, or back bow, on each side where they differ."""
    neck_map, unit = looking.neck_map, looking.unit
    known = [
        lane for lane, ok in zip(LANES, neck_map.known, strict=True) if ok and lane != "middle"
    ]
    sides = [neck_map.relief_at(lane, "pitch") for lane in known]
    sides = [r for r in sides if r.doubt_mm < 0.15]
    slack = _slack_back_bow(neck_map, known, unit)
    if relief_blind(neck_map.neck_state):
        return [_no_light(neck_map), *slack]
    if not sides:
        return slack
    if len(sides) == 2 and abs(sides[0].mm - sides[1].mm) < 0.05:
        mean = Relief(
            "bass", "pitch", 0.5 * (sides[0].mm + sides[1].mm), max(r.doubt_mm for r in sides)
        )
        findings = [_relief_finding(neck_map, mean, None, unit)]
    else:
        findings = [_relief_finding(neck_map, r, r.lane, unit) for r in sides]
    # A neck that stands up under its strings does so without them: that is said once.
    if any(f.kind == "back-bow" for f in findings):
        return findings
    return [*findings, *slack]


def _slack_back_bow(neck_map: HeightMap, known: Sequence[Lane], unit: Unit) -> list[Finding]:
    """The neck stands up in the middle once the strings no longer pull."""
    read = any(
        taken.reading.state.strings == "slack"
        for taken in neck_map.neck_state.taken
        if isinstance(taken.reading, StringGap | EdgeLie)
    )
    sides = []
    if read:
        sides = [neck_map.relief_at(lane, "slack") for lane in known]
    if not sides:
        return []
    worst = min(sides, key=lambda r: r.mm)
    sure = float(ndtr((BACK_BOW_MM - worst.mm) / (worst.doubt_mm / NINE_IN_TEN)))
    if worst.mm >= BACK_BOW_MM or sure < SLACK_SURE:
        return []
    where = LANE_WORDS[worst.lane]
    text = means("findings.strings-slack-neck-stands-up", where=where, sure_words=sure_words(sure))
    head = means("findings.slack-bowed-back", mm=format_length(-worst.mm, unit))
    return [
        Finding(
            "back-bow-slack",
            None,
            worst.lane,
            mm=worst.mm,
            sure=sure,
            text=text,
            headline=head,
            verdict="good",
        )
    ]


@dataclass(frozen=True)
class _Held:
    """A relief held against what is wanted on its side, with the words its findings share."""

    relief: Relief
    lane: Lane | None
    target_mm: float
    margin_mm: float
    unit: Unit

    @property
    def sd_mm(self) -> float:
        return self.relief.doubt_mm / NINE_IN_TEN

    @property
    def where(self) -> Saying:
        if self.lane is None:
            return ""
        return means("findings.on-the", lane_words=LANE_WORDS[self.lane])

    @property
    def statement(self) -> Saying:
        return format_length(self.relief.mm, self.unit)

    @property
    def between(self) -> Saying:
        low, high = self.relief.mm - self.relief.doubt_mm, self.relief.mm + self.relief.doubt_mm
        span = means(
            "findings.and-with-low-high",
            low=format_number(low, self.unit),
            high=format_length(high, self.unit),
        )
        return means("findings.between-strings-pitch", span=span)

    @property
    def wanted(self) -> Saying:
        low, high = self.target_mm - self.margin_mm, self.target_mm + self.margin_mm
        return means(
            "findings.wanted",
            low=format_number(low, self.unit),
            high=format_length(high, self.unit),
        )

    def off_words(self, way: str, sure: float) -> Saying:
        """More or less than wanted, or only perhaps."""
        plain = sure >= OFF_TARGET_SURE or self.relief.doubt_mm <= SHARP_MM
        perhaps = "" if plain else "perhaps-"
        return means(f"findings.{perhaps}{way}-than-wanted")

    def finding(self, sure: float, text: Saying, is_what: Saying, verdict: Verdict) -> Finding:
        head = means("findings.relief", detail=self.statement, where=self.where, is_what=is_what)
        sentence = meaning.upper_first(text)
        return Finding(
            "relief",
            None,
            self.lane,
            mm=self.relief.mm,
            sure=sure,
            text=sentence,
            headline=head,
            verdict=verdict,
        )


def _relief_finding(neck_map: HeightMap, relief: Relief, lane: Lane | None, unit: Unit) -> Finding:
    neck = neck_map.neck
    target, margin = neck.relief_wanted_mm(lane or "middle"), neck.relief_margin_mm
    held = _Held(relief, lane, target, margin, unit)
    mm, sd = relief.mm, held.sd_mm
    if mm < BACK_BOW_MM:
        return _back_bow(neck_map, held)
    if mm > target + margin:
        sure = float(ndtr((mm - target - margin) / sd))
        deepest = means("findings.lowest-fret", lowest=_lowest(neck_map, lane))
        text: Saying = means(
            "findings.between-deepest-wanted",
            between=held.between,
            deepest=deepest,
            wanted=held.wanted,
        )
        return held.finding(sure, text, held.off_words("more", sure), "over")
    # Under nothing at all there is no "less than wanted": a flat neck may be wished for.
    if mm < max(target - margin, 0.0):
        sure = float(ndtr((target - margin - mm) / sd))
        text = means("findings.no-fault-if-plays-clean", between=held.between, wanted=held.wanted)
        return held.finding(sure, text, held.off_words("less", sure), "under")
    inside = ndtr((target + margin - mm) / sd) - ndtr((target - margin - mm) / sd)
    return held.finding(
        float(inside),
        means("findings.between", between=held.between),
        means("findings.wanted-with-again"),
        "good",
    )


def _no_light(neck_map: HeightMap) -> Finding:
    """That no light was seen is all that was read: a figure would be a guess."""
    text = means("findings.no-string-shows-light-over")
    mean = 0.5 * sum(neck_map.relief_at(lane, "pitch").mm for lane in ("bass", "treble"))
    head = means("findings.no-light-under-strings-straight")
    return Finding(
        "relief", None, None, mm=mean, sure=1.0, text=text, headline=head, verdict="under"
    )


def _back_bow(neck_map: HeightMap, held: _Held) -> Finding:
    """The neck stands up in the middle; a low nut, where nobody looked at it, feels the same."""
    sure = float(ndtr(-held.relief.mm / held.sd_mm))
    readings = [taken.reading for taken in neck_map.neck_state.taken]
    nut_read = any(
        isinstance(reading, StringGap) and reading.low_support == 0 for reading in readings
    )
    also: Saying
    if nut_read:
        also = ""
    else:
        also = means("findings.low-nut-feels-same-press")
    text = means("findings.neck-stands-up-middle-under", also=also, sure_words=sure_words(sure))
    head = means(
        "findings.back-bow", where=held.where, mm=format_length(-held.relief.mm, held.unit)
    )
    return Finding(
        "back-bow", None, held.lane, mm=held.relief.mm, sure=sure, text=text, headline=head
    )


def _lowest(neck_map: HeightMap, lane: Lane | None) -> int:
    """The fret between fret 1 and the joint where the wood lies deepest at pitch."""
    wood = neck_map.wood["pitch"][0][: neck_map.neck.joint_fret]
    if lane is not None:
        line = wood[:, LANES.index(lane)]
    else:
        line = wood[:, [0, 2]].mean(axis=1)
    return int(np.argmin(line)) + 1


def relief_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The dip a finding of relief rests on, and its size over what would be as wanted."""
    row, mm = bow_height(measurer, finding)
    return row, mm - measurer.map.neck.relief_wanted_mm(finding.lane or "middle")


def slack_bow_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The dip with the strings slack."""
    measured = measurer.relief([LANES.index(finding.lane or "bass")], "slack")
    return measured.row, measured.mm


def bow_height(measurer: Measurer, finding: Finding) -> tuple[Array, float]:
    """The dip itself: a back bow would be no finding at nil."""
    measured = measurer.relief([0, 2] if finding.lane is None else [LANES.index(finding.lane)])
    return measured.row, measured.mm
