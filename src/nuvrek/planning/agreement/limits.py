"""What no way can promise, in words for the owner (common practice, no source)."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.planning.ways.kinds import of_family

_BY_KIND: dict[str, tuple[Saying, ...]] = {
    "rod": (means("needs.rod-may-turn-out-end"),),
    "rod-nut": (means("needs.nut-rod-may-past-freeing"),),
    "heat": (means("needs.heat-may-not-hold-bow"),),
    "refret-tangs": (means("needs.back-bow-fat-tangs-give"),),
    "refret-some": (means("needs.new-frets-beside-old-ones"),),
    "lift-fret": (means("needs.slot-may-chip-when-fret"),),
    "new-neck": (means("needs.another-neck-plays-sounds-little"),),
    "refer": (means("needs.another-hand-says-what-costs"),),
}


def limits_of(kind: str) -> tuple[Saying, ...]:
    """What could go wrong with a way, or can't be promised, one sentence each."""
    sayings: list[Saying] = list(_BY_KIND.get(kind, ()))
    if of_family(kind, "new wire"):
        sayings.append(means("needs.board-may-chip-where-old"))
    if of_family(kind, "seats"):
        sayings.append(means("needs.fret-pressed-home-may-rise"))
    if of_family(kind, "planned") or (of_family(kind, "levels") and not sayings):
        sayings.append(means("needs.metal-filed-off-does-not"))
    return tuple(sayings)
