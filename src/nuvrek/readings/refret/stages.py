"""The stages of a refret at which every fret is looked at: what is fine there, and which key says
what deviates.
"""

from __future__ import annotations

from msgspec import Struct

from nuvrek.meaning import Saying, means
from nuvrek.readings.refret.entries import FretSays, FretStage


class Sweep(Struct, frozen=True):
    """One stage: its name in the table, what a fret that gave no trouble did, and what each key
    says of one that did.
    """

    stage: FretStage
    title: Saying
    fine: Saying
    keys: dict[str, FretSays]


SWEEPS: dict[FretStage, Sweep] = {
    sweep.stage: sweep
    for sweep in (
        Sweep(
            "pull",
            means("stations.pulled"),
            means("stations.came-clean"),
            {"*": "chipped", "-": "tang broke"},
        ),
        Sweep(
            "slot",
            means("stations.slots"),
            means("stations.right"),
            {"+": "tight", "-": "loose", "*": "shallow"},
        ),
        Sweep(
            "try",
            means("stations.tried"),
            means("stations.follows-board"),
            {"*": "light in the middle", "-": "light at the ends"},
        ),
        Sweep(
            "fit",
            means("stations.fitted"),
            means("stations.sits"),
            {"*": "stands off", "-": "too deep", "+": "sideways"},
        ),
        Sweep(
            "seat",
            means("stations.seat"),
            means("stations.firm-no-light"),
            {"*": "moves", "+": "stands off"},
        ),
        Sweep("trim", means("stations.ends"), means("stations.flush"), {"*": "finish touched"}),
    )
}
# One sign for each thing that can be said, drawn in the table beside its word.
SIGNS: dict[FretSays, str] = {
    "fine": "✓",
    "chipped": "◣",
    "tang broke": "⊥",
    "tight": "›‹",
    "loose": "‹›",
    "shallow": "⊔",
    "light in the middle": "⌒",
    "light at the ends": "⌣",
    "stands off": "△",
    "too deep": "▽",
    "sideways": "∕",
    "moves": "↕",
    "finish touched": "×",
}
# Said of a fitted fret it is out again.
TAKEN_OUT: tuple[FretSays, ...] = ("sideways",)
# Said of a fitted fret it is seated again before anything is filed.
SEAT_AGAIN: tuple[FretSays, ...] = ("stands off", "moves")
