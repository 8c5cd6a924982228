"""Accounts: every fault that was found is answered by a leg, or left with its reason."""

from __future__ import annotations

from collections.abc import Sequence

from msgspec import structs

from nuvrek.estimate.findings.finding import Finding
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.causes.weighed import Account, WeighedCause
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import WayKind

# Which ways touch a fault that was found; what is told beside faults (air, seasons, a rod's kind)
# asks for none.
_LEVELS: tuple[WayKind, ...] = (
    "level",
    "level-straight",
    "level-held",
    "level-lies",
    "crown-first",
    "refret",
    "refret-true",
    "refret-tangs",
    "refret-angle",
    "refret-some",
    "new-neck",
)
_FILES: tuple[WayKind, ...] = ("spot-level", "play-clean", *_LEVELS)
_WORN: tuple[WayKind, ...] = ("crown-few", *_LEVELS)
ANSWERS: dict[str, tuple[WayKind, ...]] = {
    "odd": ("read",),
    "rod-stop": ("rod-nut", "rod-back", "strings", "heat", "refer", "read", *_LEVELS),
    "nut-low": ("nut", "zero-fret"),
    "nut-high": ("nut", "zero-fret"),
    "back-bow": ("rod", "rod-nut", "rod-back", "strings", "refer", "read", *_LEVELS),
    "relief": ("rod", "rod-nut", "rod-back", "strings", "heat", "refer", "read", *_LEVELS),
    "s-shape": _LEVELS,
    "loose": ("seat", "lift-fret", *_LEVELS),
    "end-up": ("seat", "lift-fret", *_FILES),
    "end-high": ("seat", *_FILES),
    "middle-up": ("seat", "lift-fret", *_LEVELS),
    "proud": ("seat", "lift-fret", *_FILES),
    "rocks": ("seat", "lift-fret", "read", *_FILES),
    "thin-crown": ("refret", "refret-some", *_WORN),
    "hump": _LEVELS,
    "tongue": ("shim", "refer", *_LEVELS),
    "uneven-sides": ("rod", "read", "saddle", *_LEVELS),
    "grooves": _WORN,
    "flats": _WORN,
    "low": ("lift-fret", *_FILES),
    "uneven-crowns": _WORN,
    "fret-ends": ("ends", "seat", *_FILES, "crown-few"),
    "fall-away": _LEVELS,
}


def settle(course: Sequence[Leg], grounds: Grounds) -> tuple[Account, ...]:
    """Every fault that was found, each with its leg or its reason."""
    return tuple(
        _account(finding, course, grounds)
        for finding in grounds.case.findings
        if finding.verdict != "good" and finding.kind in ANSWERS
    )


def _account(finding: Finding, course: Sequence[Leg], grounds: Grounds) -> Account:
    ways = ANSWERS[finding.kind]
    answer = next((leg.way for leg in course if leg.way in ways), None)
    reason: Saying = ""
    if answer is None:
        reason = _why_left(finding, course, grounds)
    return Account(finding.kind, finding.fret, finding.lane, answer, reason)


def _why_left(finding: Finding, course: Sequence[Leg], grounds: Grounds) -> Saying:
    first = course[0]
    if first.rule == "plays-clean":
        return means("rules.left-plays-clean")
    if first.rule in ("sound", "contradiction", "frets-out", "blind", "unread"):
        return means("rules.left-after-first", title=way_title(first.way))
    there = [way for kind in ANSWERS[finding.kind] if (way := grounds.ways.get(kind)) is not None]
    if there and not any(way.possible for way in there):
        for way in there:
            stands = (*way.why_not, *way.not_known)
            if stands:
                return stands[0]
    if first.way != "leave":
        return means("rules.left-look-again-after", title=way_title(course[-1].way))
    return means("rules.left-small")


def cured_by(cause: WeighedCause, course: Sequence[Leg]) -> bool:
    """Whether a leg of the course answers a cause."""
    return any(leg.way in cause.cures for leg in course)


def cause_leg(cause: WeighedCause, grounds: Grounds) -> Leg | None:
    """The first way that answers a cause and can be gone, as a leg."""
    for kind in cause.cures:
        if kind == "leave" or not grounds.possible(kind):
            continue
        numbers = tuple(n for each in cause.speaks_for for n in each.numbers)[:8]
        way = grounds.ways[kind]
        leg = Leg(kind, means("rules.cause-asks", cause=cause.title, gist=way.gist))
        return structs.replace(leg, rule="cause", speaks_for=numbers)
    return None


def relief_again_leg(grounds: Grounds) -> Leg | None:
    """Reading on where the relief is a likely cause, yet not surely off what is wanted."""
    rod = grounds.ways.get("rod")
    if rod is None or rod.possible or "read" not in grounds.ways:
        return None
    unless = means("rules.as-test-says")
    return Leg("read", sentences(*rod.why_not), unless=unless, rule="cause")


def test_leg(grounds: Grounds) -> Leg | None:
    """Reading on by the test that tells most, where one would."""
    tests = grounds.diagnosis.tests
    if not tests or "read" not in grounds.ways:
        return None
    why = means("rules.one-test-tells", test=tests[0].text)
    return Leg("read", why, unless=means("rules.as-test-says"), rule="cause")
