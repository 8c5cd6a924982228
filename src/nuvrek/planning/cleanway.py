"""Just clean: the least metal for clean notes at the string height that is wanted, as a way forward."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.onneck import OnNeck, string_up
from nuvrek.clearance.swing import TOUCHES_N
from nuvrek.neck.description import NEARLY_FLAT_MM
from nuvrek.planning.case import Case, Way, listed, way
from nuvrek.planning.levelling import WORTH_FILING_MM, Removal
from nuvrek.planning.playclean import play_clean
from nuvrek.planning.relief import wanted_relief
from nuvrek.readings.kinds import Promise

Array = NDArray[np.float64]

# So much above what a full level would allow, where no height was wished for (common practice, no source).
ABOVE_LEVEL_MM = 0.15


def clean_way(case: Case, level: Way) -> Way | None:
    """Only where the relief is known, something would buzz at that height, and a little metal cures it."""
    wanted = wanted_relief(case.neck_map)
    if wanted is None or not wanted.as_figure or case.unseated:
        return None
    on, force = string_up(case.neck_map), TOUCHES_N[case.neck.touch]
    promised = level.promise.relief_mm
    less = 0.0 if promised is None else wanted.now.mm - promised
    best, _ = on.lowest_clean_mm(force, on.after(level.off_mm, less))
    heights = _heights(case, on, best)
    if not np.any(on.lowest_clean_mm(force)[0] > heights):
        return None
    spare = case.surface.crown_mm - case.surface.least_crown_mm
    # The rod may help, but not into back bow.
    out = min(-case.surface.rho_low_mm, max(wanted.now.mm - NEARLY_FLAT_MM, 0.0))
    reach = (0.0, 0.0) if case.rodless else (-case.surface.rho_high_mm, out)
    clean = play_clean(on, spare, heights, force, reach)
    if clean is None or clean.metal_mm < WORTH_FILING_MM:
        return None
    filed = clean.off_mm.max(axis=1) > WORTH_FILING_MM
    frets = tuple(int(f) + 1 for f in np.flatnonzero(filed))
    relief = wanted.now.mm - clean.less_relief_mm
    gist = (
        f"File {listed(frets)}: every note clean at {case.length(float(heights[0]))} low and {case.length(float(heights[-1]))} high "
        f"over fret 12, relief {case.length(relief)}. A full level takes {case.length(level.metal_mm)}."
    )
    promise = Promise(
        relief_mm=relief,
        relief_doubt_mm=case.neck.relief_margin_mm,
        height_low_mm=float(heights[0]),
        height_high_mm=float(heights[-1]),
    )
    removal = Removal(clean.off_mm, case.surface.crown_mm - clean.off_mm, 0.0)
    return way(case, "play-clean", removal, frets, gist, [], promise)


def _heights(case: Case, on: OnNeck, best: Array) -> Array:
    """What the owner wishes for, but no lower than a full level would allow; else a little above that."""
    low, high = case.neck.height_low_mm, case.neck.height_high_mm
    if low is None or high is None:
        return best + ABOVE_LEVEL_MM
    return np.maximum(np.linspace(low, high, len(on.strung.saddle_mm)), best)
