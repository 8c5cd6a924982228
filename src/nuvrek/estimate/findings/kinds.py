"""The kinds of findings, one record each: who finds it, how grave it is, its sign, the heights
it rests on.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.findings.by_hand_and_eye import (
    find_air,
    find_ends,
    find_flats,
    find_grooves,
    find_loose,
    find_rod_kind,
    find_rod_stop,
)
from nuvrek.estimate.findings.drift import find_drift
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.frets import (
    crown_height,
    find_low,
    find_proud,
    find_thin,
    over_neighbours_height,
    thin_height,
)
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.findings.relief import bow_height, find_relief, relief_height, slack_bow_height
from nuvrek.estimate.findings.seasons import find_seasons
from nuvrek.estimate.findings.shapes import (
    find_shapes,
    hump_height,
    nut_height,
    s_shape_height,
    tongue_height,
)
from nuvrek.estimate.findings.witnesses_and_odd import find_odd
from nuvrek.estimate.measurer import Measurer

Array = NDArray[np.float64]
Height = Callable[[Measurer, Finding], tuple[Array, float] | None]


@dataclass(frozen=True)
class FindingRecord:
    """A kind of finding as declared.

    ``producer`` finds it, perhaps beside others of its family; ``height`` is the combination of
    heights it rests on and its size over what would be no finding. A ``sign`` and a ``colour`` of
    the theme stand on its card (none: those of a fault, or of what is good); ``on_tops`` marks its
    fret among the tops.
    """

    kind: str
    producer: Callable[[Looking], Iterable[Finding]]
    sign: str = ""
    colour: str = ""
    height: Height | None = None
    on_tops: bool = False


# Gravest first: in this order they are told.
_RECORDS = (
    FindingRecord("odd", find_odd, sign="≠", colour="plum"),
    FindingRecord("drift", find_drift, sign="≈", colour="plum"),
    FindingRecord("rod-stop", find_rod_stop, sign="■", colour="plum"),
    FindingRecord("nut-low", find_shapes, sign="▽", colour="slate", height=nut_height),
    FindingRecord("back-bow", find_relief, height=bow_height),
    FindingRecord("relief", find_relief, height=relief_height),
    FindingRecord("back-bow-slack", find_relief, sign="⌒", colour="slate", height=slack_bow_height),
    FindingRecord("s-shape", find_shapes, sign="∿", colour="copper", height=s_shape_height),
    FindingRecord("loose", find_loose, sign="◠", colour="copper"),
    FindingRecord(
        "end-up", find_proud, sign="◤", colour="copper", height=over_neighbours_height, on_tops=True
    ),
    FindingRecord(
        "end-high",
        find_proud,
        sign="◢",
        colour="copper",
        height=over_neighbours_height,
        on_tops=True,
    ),
    FindingRecord("middle-up", find_proud, sign="◠", colour="copper"),
    FindingRecord(
        "proud", find_proud, sign="▲", colour="copper", height=over_neighbours_height, on_tops=True
    ),
    FindingRecord(
        "rocks", find_proud, sign="△", colour="copper", height=over_neighbours_height, on_tops=True
    ),
    FindingRecord("thin-crown", find_thin, sign="▁", colour="plum", height=thin_height),
    FindingRecord("hump", find_shapes, sign="∩", colour="copper", height=hump_height),
    FindingRecord("tongue", find_shapes, sign="↗", colour="copper", height=tongue_height),
    FindingRecord("uneven-sides", find_shapes, sign="⟂", colour="copper"),
    FindingRecord("nut-high", find_shapes, sign="▲", colour="copper", height=nut_height),
    FindingRecord("grooves", find_grooves, sign="∪", colour="slate"),
    FindingRecord("flats", find_flats, sign="▬", colour="slate"),
    FindingRecord(
        "low", find_low, sign="▽", colour="slate", height=over_neighbours_height, on_tops=True
    ),
    FindingRecord("uneven-crowns", find_shapes, sign="≷", colour="copper", height=crown_height),
    FindingRecord("fret-ends", find_ends, sign="◢", colour="copper"),
    FindingRecord("air", find_air, sign="≈", colour="muted"),
    FindingRecord("fall-away", find_shapes, sign="↘", colour="slate", height=tongue_height),
    FindingRecord("pull", find_shapes, sign="◇", colour="muted"),
    FindingRecord("rod-kind", find_rod_kind, sign="↻", colour="slate"),
    FindingRecord("seasons", find_seasons, sign="≈", colour="muted"),
)

FINDINGS: dict[str, FindingRecord] = {record.kind: record for record in _RECORDS}
