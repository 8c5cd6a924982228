"""From one neck's grounds to the course that a careful technician would go."""

from __future__ import annotations

from msgspec import structs

from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import MOST_LEGS, Leg
from nuvrek.planning.causes.weighed import WeighedCause
from nuvrek.planning.judgement.accounts import cause_leg, cured_by, relief_again_leg, test_leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.kinds import RULES
from nuvrek.planning.judgement.rules.content import EAR, NOTHING
from nuvrek.readings.entries import WayKind


def judge(grounds: Grounds) -> tuple[Leg, ...]:
    """The legs of the course, the first to be gone first; never empty."""
    course: list[Leg] = []
    shut: set[WayKind] = set()
    for rule in RULES.values():
        if rule in _ALONE and course:
            continue
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
    course = _then_level(_one_filing(_one_neck(_can_be_gone(course, grounds))))
    if not course:
        course = [structs.replace(leg, rule=NOTHING.key) for leg in NOTHING.speaks(grounds)]
    return tuple(_with_causes(course, shut, grounds)[:MOST_LEGS])


# What is said only where nothing else is.
_ALONE = (EAR, NOTHING)
# A way that can't be gone today waits for one of these before it.
_OPENS: dict[str, tuple[WayKind, ...]] = {
    "rod": ("rod-back", "rod-nut", "read"),
    "level": (
        "first-frets",
        "refret",
        "refret-true",
        "refret-tangs",
        "refret-angle",
        "refret-some",
        "lift-fret",
    ),
}


def _can_be_gone(course: list[Leg], grounds: Grounds) -> list[Leg]:
    """The legs that can be gone, or wait for a leg before them."""
    kept: list[Leg] = []
    for leg in course:
        opens = any(before.way in _OPENS.get(leg.way, ()) for before in kept)
        if not grounds.ways[leg.way].why_out or opens:
            kept.append(leg)
    return kept


# A cause likelier than this has its leg; one that no reading shows has its test first.
LIKELY, TESTED_FIRST = 0.3, 0.75
# Rules after which nothing more is asked.
_ENDS = (
    "sound",
    "contradiction",
    "first-frets",
    "frets-out",
    "plays-clean",
    "ear-first",
    "blind",
    "bare",
    "new-tops",
)
_NOTHING_DONE: tuple[WayKind, ...] = ("leave", "hardware", "refer")


def _with_causes(course: list[Leg], shut: set[WayKind], grounds: Grounds) -> list[Leg]:
    """The course with what the likely causes ask for that no rule has named."""
    if any(leg.rule in _ENDS for leg in course):
        return course
    nothing_done = all(leg.way in _NOTHING_DONE for leg in course)
    added: list[Leg] = []
    read_again: Leg | None = None
    for cause in grounds.diagnosis.causes:
        if cause.chance < LIKELY or cured_by(cause, [*course, *added]):
            continue
        if _not_surely_off(cause, grounds):
            read_again = relief_again_leg(grounds)
            continue
        leg = cause_leg(cause, grounds)
        if leg is None or leg.way in shut or (leg.way == "ends" and _dresses(course)):
            continue
        if leg.way == "rod" and not grounds.relief_off:
            continue
        # No metal on a suspicion, nor where every note has its room.
        if leg.way in FILES and (not cause.seen or _rings(grounds)):
            continue
        added.append(leg)
    if not nothing_done:
        return [*course, *(leg for leg in added if leg.way not in FILES)]
    if added:
        return _tested(sorted(added, key=_bench_order), grounds)
    if read_again is not None:
        return [read_again]
    return _tested_or_left(course, grounds)


def _not_surely_off(cause: WeighedCause, grounds: Grounds) -> bool:
    """Whether a rod would be turned for this cause and the relief is not surely off: then it asks
    for no turn, whichever way the rod works, and for no metal either; it is read again.
    """
    return cause.cures[:1] == ("rod",) and not grounds.relief_off and not grounds.case.rodless


def _rings(grounds: Grounds) -> bool:
    """Whether every note has room by the map, and none was heard to buzz."""
    return grounds.roomy and not grounds.heard_faults


def _dresses(course: list[Leg]) -> bool:
    """Whether fret ends are dressed in the course of what is gone anyway."""
    return any(leg.way in (*FILES, "seat") for leg in course)


def _why_left(leg: Leg, causes: tuple[WeighedCause, ...], grounds: Grounds) -> Leg:
    """A leg that leaves the neck as it is for the likeliest cause, and says for which."""
    if leg.way != "leave" or leg.rule != NOTHING.key or not causes or causes[0].chance < LIKELY:
        return leg
    why: Saying = means("rules.left-for-cause", cause=causes[0].title)
    if _not_surely_off(causes[0], grounds) and grounds.ways["rod"].why_not:
        why = sentences(*grounds.ways["rod"].why_not)
    return structs.replace(leg, why=why)


def _bench_order(leg: Leg) -> int:
    """Relief before tops, tops before string height, tuning last."""
    if leg.way in _LAST:
        return 1 + _LAST.index(leg.way)
    return 0


_LAST: tuple[WayKind, ...] = (
    "nut",
    "zero-fret",
    "saddle",
    "shim",
    "bridge",
    "pickups",
    "intonation",
)


def _tested(added: list[Leg], grounds: Grounds) -> list[Leg]:
    """A leg for a cause that nothing shows waits for the test that would show it."""
    first = grounds.diagnosis.causes[0]
    test = test_leg(grounds)
    if test is None or first.seen or first.chance >= TESTED_FIRST or added[0].way == "hardware":
        return added
    return [test, *added]


def _tested_or_left(course: list[Leg], grounds: Grounds) -> list[Leg]:
    """Where a complaint has a cause that no way cures, what would tell, and why nothing is done."""
    causes = grounds.diagnosis.causes
    if course[0].way == "hardware":
        return course
    if not causes or not grounds.complaint_shape.what or cured_by(causes[0], course[:1]):
        if causes and causes[0].kind == "resonance" and (test := test_leg(grounds)) is not None:
            return [test]
        return [_why_left(leg, causes, grounds) for leg in course]
    test = test_leg(grounds)
    if test is not None:
        return [test]
    return course


def _one_neck(course: list[Leg]) -> list[Leg]:
    """What is gone with another neck: nothing is done to the old one, of ways to its metal, wood
    and rod none comes beside it; and what another way holds is no leg of its own.
    """
    ways = [leg.way for leg in course]
    if "new-neck" in ways:
        return [leg for leg in course if leg.way == "new-neck" or leg.way in _WITH_ANY_NECK]
    if any(way in (*FILES, "seat") for way in ways):
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
        if leg.way in FILES:
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
FILES: tuple[WayKind, ...] = (*_WHOLE, "spot-level", "play-clean", "crown-few", "refret-some")
