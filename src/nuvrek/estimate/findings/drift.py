"""A neck that moved while it was measured."""

from __future__ import annotations

import numpy as np
from scipy.special import ndtr

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking, sure_words
from nuvrek.meaning import means
from nuvrek.readings.told.drifts import STEP_MM
from nuvrek.units import format_length

# So sure it must be.
MOVED_SURE = 0.75


def find_drift(looking: Looking) -> list[Finding]:
    """The last round's neck dips more or less at its end than where it began, by more than a
    blade's step.
    """
    neck_map = looking.neck_map
    unknowns, solution = neck_map.gathering.unknowns, neck_map.solution
    drifts, begun = unknowns.drifts, neck_map.neck_state.round_number
    if not drifts or drifts[-1].again < begun:
        return []
    row, _ = unknowns.moved(len(drifts) - 1)
    mm = float(row @ solution.z)
    variance = float(row @ solution.covariance @ row)
    sd = max(float(np.sqrt(max(variance, 0.0))), 1e-9)
    sure = float(ndtr((abs(mm) - STEP_MM) / sd))
    if sure < MOVED_SURE:
        return []
    how = means("findings.moved-more-dip" if mm > 0.0 else "findings.moved-less-dip")
    moved = format_length(abs(mm), looking.unit)
    return [
        Finding(
            "drift",
            None,
            None,
            mm=mm,
            sure=sure,
            text=means("findings.moved-between-readings", sure_words=sure_words(sure)),
            headline=means("findings.moved-while-measured", mm=moved, how=how),
            speaks_for=(drifts[-1].first, drifts[-1].again),
        )
    ]
