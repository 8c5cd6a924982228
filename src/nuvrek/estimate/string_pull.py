"""How the relief follows the pull of the strings: another tuning, another set."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import Measured, Measurer
from nuvrek.meaning import Saying, means
from nuvrek.mechanics.strings import PULL_SHARE_SPREAD, pull_ratio, tension_ratio
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.strings import StringSet
from nuvrek.readings.entries import StringGap
from nuvrek.units import Unit, format_length, format_number

# What is on the neck is not known by its gauges: its pull may be this much more or less (common
# practice, no source).
UNKNOWN_SET = 0.2


@dataclass(frozen=True, slots=True)
class PullForecast:
    """Relief at pitch, mean of both sides, under another pull; ``doubt_mm`` holds nine times in
    ten.

    ``read`` tells whether this neck was read at pitch and slack; without that the range is that of
    necks in general.
    """

    ratio: float
    now_mm: float
    mm: float
    doubt_mm: float
    read: bool

    def words(self, unit: Unit) -> Saying:
        """``relief from 0.31 to about 0.24 mm, between 0.21 and 0.27``."""
        low, high = self.mm - self.doubt_mm, self.mm + self.doubt_mm
        meaning = means(
            "map.relief-from-about-between",
            now_mm=format_number(self.now_mm, unit),
            mm=format_length(self.mm, unit),
            low=format_number(low, unit),
            high=format_number(high, unit),
        )
        if self.read:
            return meaning
        return means("map.wide-neck-not-read-both", detail=meaning)


def both_read(neck_map: HeightMap) -> bool:
    """Whether gaps were read at pitch and slack, so that this neck's own pull is known."""
    gaps = (
        taken.reading for taken in neck_map.neck_state.taken if isinstance(taken.reading, StringGap)
    )
    return {gap.state.strings for gap in gaps} == {"pitch", "slack"}


def relief_pulled(measurer: Measurer, ratio: float, ratio_sd: float = 0.0) -> Measured:
    """The relief, mean of both sides, under ``ratio`` times today's pull.

    The bend goes with the pull: ``slack + ratio (pitch - slack)``, so its doubt is that of this
    neck's own readings at pitch and slack, and that of the ratio.
    """
    pitch, slack = measurer.relief((0, 2)), measurer.relief((0, 2), "slack")
    row = ratio * pitch.row + (1.0 - ratio) * slack.row
    mm = ratio * pitch.mm + (1.0 - ratio) * slack.mm
    variance = (
        float(row @ measurer.map.solution.covariance @ row)
        + (ratio_sd * (pitch.mm - slack.mm)) ** 2
    )
    return Measured(mm, float(np.sqrt(max(variance, 0.0))), row)


def forecast(measurer: Measurer, ratio: float, ratio_sd: float) -> PullForecast:
    """The relief under another pull, given as a share of today's."""
    measured, then = relief_pulled(measurer, 1.0), relief_pulled(measurer, ratio, ratio_sd)
    return PullForecast(
        ratio, measured.mm, then.mm, NINE_IN_TEN * then.sd_mm, both_read(measurer.map)
    )


def forecast_tuned(measurer: Measurer, semitones: float) -> PullForecast:
    """The relief with all strings tuned by so many semitones; needs no gauges."""
    ratio = tension_ratio(semitones)
    return forecast(measurer, ratio, PULL_SHARE_SPREAD * abs(ratio - 1.0))


def forecast_set(
    measurer: Measurer, then: StringSet, neck: NeckDescription | None = None
) -> PullForecast:
    """The relief under another set; wide where the gauges that are on the neck are not known.

    ``neck`` may name other strings than the mapped neck, as on a form that is being filled in.
    """
    neck = neck or measurer.map.neck
    if not neck.string_set:
        return forecast(measurer, 1.0, UNKNOWN_SET)
    ratio, spread = pull_ratio(neck.string_set, then, neck.scale_mm)
    return forecast(measurer, ratio, spread)
