"""What a neck needs now: its next action, what it waits for and until when, a later look that comes
due.
"""

from __future__ import annotations

from datetime import date, datetime, timedelta
from typing import Literal

from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.working.agreement import waiting
from nuvrek.bench.working.clocks import until_of
from nuvrek.bench.working.job import next_step, steps_ahead
from nuvrek.bench.working.moments import apart, moment
from nuvrek.bench.working.ticks import kind_of_neck
from nuvrek.meaning import Kept, Saying, means
from nuvrek.planning.steps.step import Step
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.journal import Later, NeckState

NeedKind = Literal[
    "bench", "look", "back", "choose", "measure", "waits", "word", "part", "rest", "away"
]
# In the order in which they are shown: what can be done now stands first.
NEEDS: dict[NeedKind, Saying] = {
    "bench": means("work.bench"),
    "look": means("work.looked-again"),
    "back": means("work.handed-back"),
    "choose": means("work.decided"),
    "measure": means("work.measured"),
    "waits": means("work.waiting-time"),
    "word": means("work.waiting-owners-word"),
    "part": means("work.waiting-part"),
    "rest": means("work.resting"),
    "away": means("work.put-away"),
}
# A later look is due from so many days after the work, and overdue after as many more (common
# practice, no source).
LOOK_FROM_DAYS, LOOK_UNTIL_DAYS = 7, 14
# By season: in the other half of the year, counted from the last reading; a month's time for it.
SEASON_FROM_DAYS, SEASON_UNTIL_DAYS = 182, 212


class NeckNeed(Struct, frozen=True):
    """What a neck needs, as far as its journal tells. ``action`` in words, ``minutes`` the next
    step takes, ``ahead`` the steps left with their usual minutes.

    ``until`` is when a wait is over (ISO 8601), ``look_from`` when it may be looked at again.
    """

    kind: NeedKind
    action: Kept
    minutes: int = 0
    until: str = ""
    longer_better: bool = False
    look_from: str = ""
    look_until: str = ""
    ahead: tuple[tuple[str, float], ...] = ()
    neck: str = ""
    left: bool = False

    def at(self, now: str) -> NeckNeed:
        """The same at a moment: a wait that is over may go on, a look that is due is due."""
        here = moment(now)
        if here is None:
            return self
        until = moment(self.until)
        if self.kind == "waits" and until is not None and apart(here, until) <= timedelta(0):
            return _replaced(self, "bench")
        if self.kind == "rest" and self.look_from and now[:10] >= self.look_from:
            return _replaced(self, "look")
        return self

    def minutes_left(self, at: str) -> int:
        """Minutes until its wait is over; nothing where none runs."""
        here, until = moment(at), moment(self.until)
        if here is None or until is None:
            return 0
        return max(int(-(-apart(here, until).total_seconds() // 60)), 0)


def _replaced(need: NeckNeed, kind: NeedKind) -> NeckNeed:
    from msgspec import structs

    action: Saying = need.action
    if kind == "look":
        action = means("work.look-again", look_until=need.look_until)
    return structs.replace(need, kind=kind, action=action)


def need_of(neck_state: NeckState, asked: bool = True) -> NeckNeed:
    """What a neck needs by its journal; ``asked``: its owner has to agree to things."""
    if neck_state.away:
        return NeckNeed("away", means("work.put-away-its-journal-stays"))
    chosen, step = neck_state.chosen, next_step(neck_state)
    if neck_state.waits is not None:
        kind: NeedKind = "part" if neck_state.waits.what == "a part" else "word"
        return NeckNeed(
            kind,
            neck_state.waits.words or means("work.waits", what=neck_state.waits.what),
            ahead=_ahead(neck_state),
        )
    if chosen is None:
        return _before_any_way(neck_state, asked)
    title = way_title(chosen.way)
    if step is None or step.key == "look-again":
        return _after_the_work(neck_state, title, step)
    neck_need = NeckNeed(
        "bench",
        means("work.title-detail", title=title, detail=step.title),
        step.minutes,
        ahead=_ahead(neck_state),
        neck=kind_of_neck(neck_state.neck),
        left=bool(neck_state.left_at),
    )
    from msgspec import structs

    if step.wait:
        return structs.replace(
            neck_need, kind="waits", until=until_of(neck_state), longer_better=True
        )
    if asked and (needs := waiting(neck_state, step)):
        named = meaning.listed(dict.fromkeys(need.matter for need in needs))
        sentence = means("work.owners-word", title=title, named=named)
        return structs.replace(neck_need, kind="word", action=sentence)
    return neck_need


def _before_any_way(neck_state: NeckState, asked: bool) -> NeckNeed:
    if not neck_state.taken:
        return NeckNeed("measure", means("work.measure"), 20)
    quote = neck_state.dealings.open_quote
    if asked and quote is not None:
        return NeckNeed("word", means("work.owners-answer-quote", at=quote[1].at[:10]))
    readings = means("work.readings", number=len(neck_state.taken))
    return NeckNeed("choose", means("work.choose-way", readings=readings), 10)


def _after_the_work(neck_state: NeckState, title: Saying, step: Step | None) -> NeckNeed:
    """All is done but the later look, which rests a week at least."""
    if neck_state.chosen is not None and neck_state.chosen.course:
        return NeckNeed("choose", means("work.done-go-next-way", title=title), 5)
    look_from, look_until = _look_days(neck_state) if step is not None else ("", "")
    back = neck_state.dealings.handed_back
    asked_back = neck_state.dealings.arrived is not None and back is None
    if asked_back:
        return NeckNeed("back", means("work.all-done-hand-back", title=title), 10)
    if step is not None and look_from:
        action = means("work.look-again-from", title=title, look_from=look_from)
        return NeckNeed("rest", action, 5, look_from=look_from, look_until=look_until)
    if neck_state.season_look and (season := _days_on(_last_read(neck_state), SEASON_FROM_DAYS)):
        until = _days_on(_last_read(neck_state), SEASON_UNTIL_DAYS)
        action = means("work.other-half-year-look-from", season=season)
        return NeckNeed("rest", action, 10, look_from=season, look_until=until)
    return NeckNeed("rest", means("work.all-steps-done", title=title))


def _last_read(neck_state: NeckState) -> str:
    return max((taken.reading.at[:10] for taken in neck_state.taken), default="")


def _look_days(neck_state: NeckState) -> tuple[str, str]:
    """Between which days to look again: after what bent the neck last, or the last tick."""
    last = max(
        [shift.at[:10] for _, shift in neck_state.shifts if not isinstance(shift, Later)]
        + [at[:10] for at in neck_state.steps_done.values()],
        default="",
    )
    return _days_on(last, LOOK_FROM_DAYS), _days_on(last, LOOK_UNTIL_DAYS)


def _days_on(day: str, days: int) -> str:
    """The day so many days on, ISO; nothing where ``day`` is none."""
    try:
        return str(date.fromisoformat(day) + timedelta(days=days))
    except ValueError:
        return ""


def _ahead(neck_state: NeckState) -> tuple[tuple[str, float], ...]:
    return tuple(
        (step.key.rstrip("-0123456789"), float(step.minutes))
        for step in steps_ahead(neck_state)
        if step.key != "look-again" and step.minutes
    )


def day_after(at: str, days: float) -> str:
    """The day so many days after a moment, ISO."""
    here = moment(at) or datetime(2000, 1, 1)
    return str((here + timedelta(days=days)).date())
