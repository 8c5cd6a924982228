"""What is the matter and what is to be done, as it is shown: a few short lines each."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.meaning import Saying, means
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import WayKind
from nuvrek.readings.journal import NeckState
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.recognise.complaint_chips import CHIPS
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    from nuvrek.planning.case.trial import Trial
    from nuvrek.planning.case.way import Plan
    from nuvrek.planning.causes.weighed import QuickTest, WeighedCause

# So many causes, ways beside the course, and lines for and against one are read at a glance.
CAUSES, BESIDE, FOR, AGAINST = 4, 3, 2, 1


class CauseShown(Struct, frozen=True):
    """A cause with its chance in percent, and what speaks for and against it."""

    kind: str
    title: Saying
    percent: int
    speaks_for: tuple[Saying, ...]
    speaks_against: tuple[Saying, ...]


class LegShown(Struct, frozen=True):
    """A leg of the course, and what it does on this neck."""

    way: WayKind
    title: Saying
    detail: Saying
    gate: Saying


class BesideShown(Struct, frozen=True):
    """Another way: on how many of the drawn necks it ends clean, and what it costs."""

    way: WayKind
    title: Saying
    clean: int
    drawn: int
    costs: Saying


class Matter(Struct, frozen=True):
    """All that the page shows. ``lines`` are what, why and what next in a sentence each."""

    words: str
    chips: tuple[Saying, ...]
    causes: tuple[CauseShown, ...]
    other_percent: int
    test: QuickTest | None
    legs: tuple[LegShown, ...]
    trial: Trial | None
    trial_words: Saying
    beside: tuple[BesideShown, ...]
    follows: tuple[Saying, ...]
    lines: tuple[Saying, Saying, Saying]


def matter_of(
    plan: Plan, neck_state: NeckState, unit: Unit, height_unit: Unit, job: Saying = ""
) -> Matter:
    """What the page shows of a plan; ``job`` says what the whole course takes and costs."""
    causes = tuple(_cause(cause) for cause in plan.causes[:CAUSES])
    tests = plan.diagnosis.tests
    return Matter(
        words=" ".join(neck_state.neck.complaint.split()),
        chips=tuple(CHIPS[chip] for chip in complaint_of(neck_state).chips),
        causes=causes,
        other_percent=max(100 - sum(cause.percent for cause in causes), 0),
        test=tests[0] if tests else None,
        legs=tuple(_leg(plan, number) for number in range(len(plan.course))),
        trial=plan.trial if _does_something(plan) else None,
        trial_words=_trial_words(plan.trial, unit, height_unit),
        beside=_beside(plan, unit, height_unit),
        follows=_follows(plan, neck_state, height_unit, job),
        lines=_lines(plan),
    )


def _follows(
    plan: Plan, neck_state: NeckState, height_unit: Unit, job: Saying
) -> tuple[Saying, ...]:
    """What the course does to the strings and what nut and saddle do for it, then the whole job."""
    if not _does_something(plan):
        return ()
    said: list[Saying] = []
    way = next((plan.way(leg.way) for leg in plan.course if plan.way(leg.way).strings), None)
    if way is not None:
        low, high = way.strings[-1].height, way.strings[0].height
        if low is not None and high is not None and _moves(low, high):
            figures = {
                name: format_length(mm, height_unit)
                for name, mm in zip(
                    ("low", "low_after", "high", "high_after"), (*low[:2], *high[:2]), strict=True
                )
            }
            fret = neck_state.neck.height_fret
            said.append(means("matter.action-before-after", fret=fret, **figures))
        legs = {leg.way for leg in plan.course}
        by_leg = {"nut": way.doing.nut, "saddle": way.doing.saddle}
        # What has a leg of its own is told there.
        said += [words for kind, words in by_leg.items() if words and kind not in legs]
    return (*said, job) if job else tuple(said)


# Less than this nobody sees at a rule.
_SEEN_MM = 0.05


def _moves(low: tuple[float, float, float], high: tuple[float, float, float]) -> bool:
    return max(abs(low[1] - low[0]), abs(high[1] - high[0])) >= _SEEN_MM


def _does_something(plan: Plan) -> bool:
    return any(leg.way not in ("leave", "read", "refer") for leg in plan.course)


def _cause(cause: WeighedCause) -> CauseShown:
    return CauseShown(
        cause.kind,
        cause.title,
        round(100 * cause.chance),
        tuple(each.says for each in cause.speaks_for[:FOR]),
        tuple(each.says for each in cause.speaks_against[:AGAINST]),
    )


def _leg(plan: Plan, number: int) -> LegShown:
    leg = plan.course[number]
    way = next((way for way in plan.ways if way.kind == leg.way), None)
    detail: Saying = leg.why
    if way is not None and leg.way not in ("read", "leave") and leg.rule != "cause":
        detail = way.gist
    if leg.way in ("nut", "saddle") and (after := _after_the_metal(plan, number)):
        detail = after
    return LegShown(leg.way, way_title(leg.way), detail, leg.gate)


def _after_the_metal(plan: Plan, number: int) -> Saying:
    """What nut or saddle do once the legs before are gone: their figures today say less."""
    leg = plan.course[number]
    for before in reversed(plan.course[:number]):
        doing = plan.way(before.way).doing
        words = doing.nut if leg.way == "nut" else doing.saddle
        if words:
            return words
    return ""


def _trial_words(trial: Trial | None, unit: Unit, height_unit: Unit) -> Saying:
    if trial is None:
        return ""
    low, high = trial.heights_mm
    if trial.share < MOSTLY:
        from_low, from_high = (format_length(mm, height_unit) for mm in trial.clean_from_mm)
        return means(
            "matter.trial-clean-from",
            clean=trial.clean,
            low=format_length(low, height_unit),
            high=format_length(high, height_unit),
            from_low=from_low,
            from_high=from_high,
        )
    return means(
        "matter.trial",
        clean=trial.clean,
        low=format_length(low, height_unit),
        high=format_length(high, height_unit),
        metal=_metal_words(trial, unit),
        hours=trial.minutes / 60.0,
    )


def _metal_words(trial: Trial, unit: Unit) -> Saying:
    if trial.metal_mm > 0.0:
        return means("matter.metal", mm=format_length(trial.metal_mm, unit))
    return means("matter.no-metal")


def _beside(plan: Plan, unit: Unit, height_unit: Unit) -> tuple[BesideShown, ...]:
    course = {leg.way for leg in plan.course}
    kept = [trial for trial in plan.beside if len(trial.ways) == 1 and trial.ways[0] not in course]
    found = []
    for trial in kept[:BESIDE]:
        metal = _metal_words(trial, unit)
        low, high = (format_length(mm, height_unit) for mm in trial.heights_mm)
        costs = means("matter.costs", metal=metal, hours=trial.minutes / 60.0, low=low, high=high)
        found.append(
            BesideShown(
                trial.ways[0], way_title(trial.ways[0]), trial.clean, len(trial.cells), costs
            )
        )
    return tuple(found)


def _lines(plan: Plan) -> tuple[Saying, Saying, Saying]:
    """What is the matter, why, and what next."""
    first = plan.course[0]
    title = way_title(first.way)
    ends = ("plays-clean", "sound", "contradiction", "unread", "blind", "frets-out", "bare")
    if not plan.causes or (first.rule in ends and first.rule != "sound"):
        key = {
            "plays-clean": "matter.plays-clean",
            "contradiction": "matter.contradiction",
            "unread": "matter.not-read",
            "blind": "matter.not-read",
        }.get(first.rule, "matter.nothing-found")
        if first.way not in ("leave", "read"):
            key = "matter.work-in-hand"
        return means(key), "", _next(plan, title)
    cause = plan.causes[0]
    key = "matter.is" if cause.chance >= SURE else "matter.probably"
    if cause.chance < PERHAPS:
        key = "matter.perhaps"
    # A reading says more than the complaint does, which stands above.
    read = next((each for each in cause.speaks_for if each.figured), None)
    told = (read, *cause.speaks_for)
    why = next((each.says for each in told if each is not None), "")
    return (
        means(key, cause=cause.title),
        means("matter.because", why=why) if why else "",
        _next(plan, title),
    )


def _next(plan: Plan, title: Saying) -> Saying:
    """What comes next; of a rod which way and how far."""
    moves = () if plan.rod is None else plan.rod.moves
    if plan.advice == "rod" and len({turns for _, turns in moves}) > 1:
        return means("matter.next-rods", title=title)
    if plan.advice == "read" and plan.course[0].rule in _BY_TEST and plan.diagnosis.tests:
        return means("matter.next-test", test=plan.diagnosis.tests[0].text)
    if plan.advice == "rod" and plan.rod is not None:
        return means("matter.next-rod", title=title, move=plan.rod.words.value("turning"))
    return means("matter.next", title=title)


# Rules that ask for the test shown first.
_BY_TEST = ("cause", "ear-first")
# Where fewer of the drawn necks end clean, the heights from which most do are said.
MOSTLY = 0.7
# From these chances on a cause is said as it is, or as probable.
SURE, PERHAPS = 0.8, 0.4
