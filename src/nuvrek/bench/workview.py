"""What Work shows of the filing and crowning in hand: lanes, marks and words, as plain values."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek.bench.filinglanes import metal_lane, section_lane
from nuvrek.bench.inkwalk import InkWalk, ink_gone
from nuvrek.bench.job import filed_mm, left_to_file, still_to_file
from nuvrek.bench.lanes import AnyLane, Dots, crown_lane
from nuvrek.neck.description import LANES, Lane
from nuvrek.planning.curesteps import Step
from nuvrek.readings.journal import Present
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.picture import Picture
    from nuvrek.planning.recrown import Recrown

# So many frets are named one by one.
_FEW = 8


def planned(present: Present, left: bool = False) -> NDArray[np.float64]:
    """Metal of the chosen way, (frets, 3); with ``left`` what of it is still to go."""
    import numpy as np

    off = np.zeros((present.neck.frets, 3))
    if left:
        places = left_to_file(present)
    else:
        places = {(f, lane): mm for f, lane, mm in present.chosen.off} if present.chosen else {}
    for (fret, lane), mm in places.items():
        if fret <= present.neck.frets:
            off[fret - 1, LANES.index(lane)] = mm
    return off


def table_of(picture: Picture) -> Recrown:
    """The re-crown table of the job in hand: by what was filed, or is to be."""
    from nuvrek.planning.ground import surface_of
    from nuvrek.planning.recrown import recrown, widths_read

    present = picture.present
    done, off = filed_mm(present), planned(present)
    before = picture.map.crown_mm.copy()
    for (fret, lane), mm in done.items():
        if fret <= present.neck.frets:
            before[fret - 1, LANES.index(lane)] += mm
    least = surface_of(picture.map).least_crown_mm
    return recrown(present.neck, before, off, least, widths_read(present))


def lane_for(step: Step | None, picture: Picture, unit: Unit) -> AnyLane:
    """The lane under the board for a step."""
    present = picture.present
    if step is not None and step.action == "file" and present.chosen is not None:
        left = planned(present, left=True)
        order = tuple(dict.fromkeys(fret for fret, _ in present.chosen.order))
        thin = int((picture.map.crown_mm - left).min(axis=1).argmin()) + 1 if left.any() else None
        return metal_lane(left, unit, order, thin, frozenset(present.agreed.untouched), "Still to go")
    if step is not None and step.key == "crown":
        return section_lane(table_of(picture), present.neck.wire_width_mm, unit)
    return crown_lane(picture, unit, still_to_file(present))


def dots_for(step: Step | None, present: Present, walk: InkWalk | None) -> Dots:
    """Marks on the board for a step: frets to be filed, and the ink still on them."""
    left = {fret for fret, _ in left_to_file(present)}
    frets = frozenset(
        f for f in (step.frets if step else ()) if step and (step.action != "file" or f in left)
    )
    ink: frozenset[tuple[int, Lane]] = frozenset()
    if step is not None and step.action == "file" and walk is not None:
        ink = frozenset(walk.order) - frozenset(ink_gone(present))
    return Dots(filed=frets, ink=ink, alone=frozenset(present.agreed.untouched))


def metal_words(step: Step, present: Present, unit: Unit, stroke_mm: float | None = None) -> str:
    """The most metal of a filing step in words; in strokes as well where the user knows their own."""
    if step.action != "file" or present.chosen is None:
        return ""
    most = still_to_file(present)
    if not most:
        return " All of the plan is off."
    if len(most) > _FEW:
        deepest = sorted(most, key=lambda f: -most[f])[:3]
        return f" Most off at {', '.join(f'{f}: {format_length(most[f], unit)}' for f in deepest)}."
    named = ", ".join(f"fret {f} {format_length(mm, unit)}" for f, mm in sorted(most.items()))
    strokes = ""
    if stroke_mm is not None:
        counted = ", ".join(f"{f}: {max(round(mm / stroke_mm), 1)}" for f, mm in sorted(most.items()))
        strokes = f" In your strokes about {counted}; the rocker decides."
    return f" Off at most: {named}.{strokes}"


def file_words(picture: Picture, walk: InkWalk, unit: Unit) -> str:
    """The filing in one glance, or what the ink says so far, or what the rocker says of the rest."""
    from nuvrek.bench.filing import watch_order
    from nuvrek.planning.case import EVEN

    present = picture.present
    verdict = walk.verdict()
    rest = _rest_words(picture, unit)
    if verdict or rest:
        return " ".join(part for part in (verdict, rest) if part)
    left = picture.map.crown_mm - planned(present, left=True)
    chosen = present.chosen
    return watch_order(walk.order, left, chosen is not None and chosen.way in EVEN, unit)


def _rest_words(picture: Picture, unit: Unit) -> str:
    """After part of it is filed: what the map would still take, beside what the plan has left."""
    present, plan = picture.present, picture.plan
    if present.chosen is None or plan is None or not filed_mm(present):
        return ""
    now = next((way for way in plan.ways if way.kind == present.chosen.way), None)
    if now is None:
        return ""
    by_plan = float(planned(present, left=True).mean(axis=1).sum())
    return (
        f"Still to go by the plan {format_length(by_plan, unit)}, by the map now {format_length(now.metal_mm, unit)}: "
        "a rocker pass makes it sure."
    )
