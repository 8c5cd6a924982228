"""The steps of a way as this neck needs them: every caution at its step, a bridge that floats held
and set again.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import lru_cache

from msgspec import structs

from nuvrek.meaning import Saying
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import with_bridge
from nuvrek.planning.steps.step import Doing, Step

# What a step needs by what is done in it, whatever way it belongs to.
_ENDS = (cautions.DUST, cautions.PICKUPS, cautions.EYES)
BY_KEY: dict[str, tuple[Saying, ...]] = {
    "slacken": (cautions.STRINGS,),
    "string-up": (cautions.STRINGS,),
    "string-first": (cautions.STRINGS,),
    "retune": (cautions.STRINGS,),
    "other-strings": (cautions.STRINGS,),
    "dial-zero": (cautions.STRINGS,),
    "jig": (cautions.STRINGS, cautions.PRESS),
    "shim": (cautions.STRINGS,),
    "bridge-block": (cautions.STRINGS,),
    "bridge-release": (cautions.STRINGS,),
    "fit-neck": (cautions.STRINGS,),
    "rod": (cautions.ROD, cautions.STRINGS),
    "set": (cautions.ROD,),
    "heat-clamp": (cautions.HEAT, cautions.PRESS, cautions.ROD),
    "heat": (cautions.HEAT,),
    "cold": (cautions.HOT,),
    "nut-slots": (cautions.STRINGS, cautions.DUST, cautions.GLUE),
    "nut-new": (cautions.DUST, cautions.GLUE),
    "nut-out": (cautions.EYES,),
    "zero-fret": (cautions.PRESS, cautions.DUST, cautions.GLUE, cautions.PICKUPS),
    "saddle": (cautions.STRINGS, cautions.DUST),
    "seat": (cautions.PRESS, cautions.GLUE),
    "press": (cautions.GLUE,),
    "pull": (cautions.HEAT, cautions.HOT, cautions.EYES, cautions.DUST),
    "mend": (cautions.GLUE, cautions.DUST),
    "wood": (cautions.DUST,),
    "slots": (cautions.DUST, cautions.EYES),
    "cut": (cautions.EYES,),
    "try": (cautions.PRESS, cautions.EYES),
    "fit": (cautions.PRESS, cautions.GLUE, cautions.EYES),
    "wick": (cautions.GLUE,),
    "trim": (cautions.DUST, cautions.EYES),
    "lift": (cautions.HEAT, cautions.HOT, cautions.GLUE, cautions.EYES),
    "file": (cautions.DUST, cautions.PICKUPS),
    "short": (cautions.DUST, cautions.PICKUPS),
    "crown": (cautions.DUST, cautions.PICKUPS),
    "crown-worn": (cautions.DUST, cautions.PICKUPS),
    "polish": (cautions.DUST, cautions.PICKUPS, cautions.WHEEL),
    "peel": (cautions.DUST, cautions.PICKUPS),
    "end-roll": _ENDS,
    "end-flush": _ENDS,
    "end-bevel": _ENDS,
    "end-round": _ENDS,
    "end-lip": _ENDS,
    "oil": (cautions.OIL,),
}
# Steps at which a tool can slip onto a finish, or heat and glue reach it.
_AT_FINISH = frozenset(
    {"tape", "pull", "seat", "wick", "fit", "trim", "lift", "slots", "file", "end-flush", "peel"}
)
Steps = tuple[Step, ...]
Made = Callable[[NeckDescription, Doing], Steps]


def cautioned(made: Made) -> Made:
    """The steps of a way on this neck, each with every caution that what is done in it needs."""

    # Asked for at every glance at a page, for the same neck and the same doing.
    @lru_cache(maxsize=64)
    def steps(neck: NeckDescription, doing: Doing) -> Steps:
        found = made(neck, doing)
        if neck.floating_bridge and not neck.bare:
            found = with_bridge(found)
        return tuple(_with_cautions(step, neck) for step in found)

    return steps


def _with_cautions(step: Step, neck: NeckDescription) -> Step:
    key = step.key if step.key in BY_KEY else step.key.rstrip("0123456789").rstrip("-")
    needed = BY_KEY.get(key, ())
    if neck.lacquered and key in _AT_FINISH:
        needed = (*needed, cautions.LACQUER)
    merged = dict.fromkeys((*step.cautions, *needed))
    if neck.bare:
        merged.pop(cautions.STRINGS, None)
    return structs.replace(step, cautions=tuple(merged))
