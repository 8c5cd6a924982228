"""From one neck's grounds to the course that a careful technician would go."""

from __future__ import annotations

from msgspec import structs

from nuvrek.meaning import means
from nuvrek.planning.case.course import MOST_LEGS, Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.kinds import RULES
from nuvrek.planning.judgement.rules.content import NOTHING
from nuvrek.readings.entries import WayKind


def judge(grounds: Grounds) -> tuple[Leg, ...]:
    """The legs of the course, the first to be gone first; never empty."""
    course: list[Leg] = []
    shut: set[WayKind] = set()
    for rule in RULES.values():
        if rule is NOTHING and course:
            break
        spoken = [
            structs.replace(leg, rule=rule.key)
            for leg in rule.speaks(grounds)
            # A rule may name a way that these readings do not make: then it has nothing to advise.
            if leg.way not in shut and leg.way in grounds.ways
        ]
        there = {leg.way for leg in course}
        course += [leg for leg in spoken if leg.way not in there]
        if spoken:
            shut |= {*rule.excludes}
            if rule.final:
                break
    return tuple(_then_level(_one_filing(_one_neck(course)))[:MOST_LEGS])


def _one_neck(course: list[Leg]) -> list[Leg]:
    """What is gone with another neck: nothing is done to the old one, of ways to its metal, wood
    and rod none comes beside it; and what another way holds is no leg of its own.
    """
    ways = [leg.way for leg in course]
    if "new-neck" in ways:
        return [leg for leg in course if leg.way == "new-neck" or leg.way in _WITH_ANY_NECK]
    if any(way in (*_FILES, "seat") for way in ways):
        # The ends are dressed in the course of it.
        return [leg for leg in course if leg.way != "ends"]
    return course


def _then_level(course: list[Leg]) -> list[Leg]:
    """New wire is levelled: how, is weighed once its tops were read."""
    ways = [leg.way for leg in course]
    new = next((n for n, way in enumerate(ways) if way in _NEW_WIRE), None)
    if new is None or "level" in ways:
        return course
    # An angle that is planed in needs no other.
    if ways[new] == "refret-angle":
        course = [leg for leg in course if leg.way not in ("refer", "shim")]
        new = [leg.way for leg in course].index("refret-angle")
    why = means("rules.new-tops-stand-little-high")
    level = Leg("level", why, means("rules.new-tops-read-every-fret"), rule="new-tops")
    return [*course[: new + 1], level, *course[new + 1 :]]


def _one_filing(course: list[Leg]) -> list[Leg]:
    """Nothing is crowned twice: of the ways that file all or crown, only the first is gone; a full
    level makes spot work before it needless, and sets the rod by itself.
    """
    whole = next((leg.way for leg in course if leg.way in _WHOLE), None)
    kept: list[Leg] = []
    filed = False
    for leg in course:
        if leg.way in _FILES:
            if filed or (whole is not None and leg.way != whole):
                continue
            filed = True
        if leg.way == "rod" and not leg.gate and whole in _SETS_THE_ROD:
            continue
        kept.append(leg)
    return kept


_WHOLE: tuple[WayKind, ...] = (
    *NEW_WIRE_KINDS,
    "level",
    "level-straight",
    "level-held",
    "level-lies",
    "crown-first",
)
_SETS_THE_ROD: tuple[WayKind, ...] = (
    "level",
    "level-straight",
    "level-held",
    "crown-first",
    *NEW_WIRE_KINDS,
)
_NEW_WIRE: tuple[WayKind, ...] = (*NEW_WIRE_KINDS, "refret-some")
_WITH_ANY_NECK: tuple[WayKind, ...] = ("read", "hardware", "saddle", "strings")
_FILES: tuple[WayKind, ...] = (*_WHOLE, "spot-level", "play-clean", "crown-few", "refret-some")
