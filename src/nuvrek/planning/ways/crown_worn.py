"""Crown the worn few: plenty of metal and the tops are level, only some frets are grooved."""

from __future__ import annotations

import numpy as np

from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM, flats_read
from nuvrek.planning.case.case import Case, Way, listed, make_way
from nuvrek.planning.crowns.crowning import LAND_MM
from nuvrek.planning.filing.level_program import Removal

# Spot work is for a handful: about a quarter of the frets or fewer (common practice, no source).
FEW_SHARE = 0.25


def crown_few(case: Case) -> Way | None:
    """Worn frets rounded by themselves, the others left alone; None where neither groove nor wide flat was read.

    A groove takes the whole crown down to its bottom, a flat is rounded from its shoulders and loses no height.
    """
    neck_tops, alone = case.neck_tops, case.agreed.untouched
    deep = neck_tops.grooves.reshape(-1, 3).max(axis=1)
    deep = np.where(deep >= GROOVE_MM, deep, 0.0)
    flats = {fret for fret, mm in flats_read(case.neck_map.neck_state).items() if mm > LAND_MM}
    worn = {int(at) + 1 for at in np.flatnonzero(deep)} | flats
    if not worn:
        return None
    deep[[fret - 1 for fret in alone]] = 0.0
    frets = tuple(sorted(worn - set(alone)))
    off = np.repeat(deep[:, None], 3, axis=1)
    left = neck_tops.crown_mm - off
    thin = [
        (f, neck_tops.least_crown_mm - float(left[f - 1].min())) for f in frets if deep[f - 1] > 0.0
    ]
    why = [
        f"Fret {fret} would keep {case.length(neck_tops.least_crown_mm - mm)}, less than {case.length(neck_tops.least_crown_mm)}."
        for fret, mm in thin
        if mm > 1e-6
    ][:3]
    if not frets:
        why.append("All the worn frets are to be left alone.")
    if len(frets) > max(FEW_SHARE * case.neck.frets, 1):
        why.append(
            f"{len(frets)} frets are worn: too many for crowning one by one; level them together."
        )
    if deep.any():
        gist = f"Crown {listed(frets)}; grooves to their bottom, {case.length(float(deep.max()))} at most, flats from the shoulders."
    else:
        gist = f"Round the flats of {listed(frets)} from the shoulders: no height is lost."
    return make_way(case, "crown-few", Removal(off, left, 0.0), frets, gist, why)
