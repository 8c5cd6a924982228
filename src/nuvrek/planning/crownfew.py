"""Crown the worn few: plenty of metal and the tops are level, only some frets are grooved."""

from __future__ import annotations

import numpy as np

from nuvrek.planning.case import Case, Way, listed, way
from nuvrek.planning.levelling import Removal
from nuvrek.surface.observed import GROOVE_MM

# Spot work is for a handful: about a quarter of the frets or fewer (common practice, no source).
FEW_SHARE = 0.25


def crown_few(case: Case) -> Way | None:
    """The worn frets rounded down to the bottom of their grooves, the others left alone; None where no groove was read."""
    surface = case.surface
    deep = surface.grooves.reshape(-1, 3).max(axis=1)
    worn = [at for at in np.flatnonzero(deep >= GROOVE_MM) if int(at) + 1 not in case.agreed.untouched]
    if not worn:
        return None
    # Rounding takes the whole crown down to the groove, from end to end.
    off = np.zeros_like(surface.crown_mm)
    off[worn] = deep[worn, None]
    left = surface.crown_mm - off
    frets = tuple(int(at) + 1 for at in worn)
    thin = tuple((f, float(surface.least_crown_mm - left[f - 1].min())) for f in frets)
    why = [
        f"Fret {fret} would keep {case.length(surface.least_crown_mm - mm)}, less than {case.length(surface.least_crown_mm)}."
        for fret, mm in thin
        if mm > 1e-6
    ][:3]
    if len(frets) > max(FEW_SHARE * case.neck.frets, 1):
        why.append(f"{len(frets)} frets are worn: too many for crowning one by one; level them together.")
    gist = f"Crown {listed(frets)} down to the bottom of the grooves; {case.length(float(deep.max()))} at most comes off."
    return way(case, "crown-few", Removal(off, left, 0.0), frets, gist, why)
