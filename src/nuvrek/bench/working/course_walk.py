"""Walking a course: after each of its ways the neck is weighed anew, and the next one is what then
is advised.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.working.asked_readings import gone_in_vain
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import NeckState

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.case.way import Way


class Gate(Struct, frozen=True):
    """Where the course stands once the steps of a way are ticked.

    ``way`` is the next one by the neck as it is now, None where nothing is left to be done;
    ``waits`` says what it still waits for, ``changed`` in what the course differs from what was
    agreed, and why.
    """

    way: Way | None
    why: Saying
    waits: Saying
    changed: Saying


def gate_of(
    neck_state: NeckState, solved: Solved | None, entries: Sequence[AnyEntry]
) -> Gate | None:
    """The gate after the way in hand; None where no course goes on, or while it is weighed. Of
    ways that the ``entries`` show to have been gone in vain another pass is not offered.
    """
    chosen = neck_state.chosen
    if chosen is None or not chosen.course or solved is None or solved.plan is None:
        return None
    plan = solved.plan
    legs = [leg for leg in plan.course if leg.way not in ("leave", "hardware")]
    vain = [leg.way for leg in legs if gone_in_vain(neck_state.neck, entries, leg.way)]
    legs = [leg for leg in legs if leg.way not in vain]
    if vain and not legs:
        saying = _in_vain_words(vain)
        return Gate(None, saying, "", saying)
    if not legs:
        done = means("work.nothing-left-course", why=plan.course[0].why)
        return Gate(None, plan.course[0].why, "", done)
    first = legs[0]
    way = plan.way(first.way)
    waits = first.gate if not way.possible else ""
    if not way.possible and not waits:
        waits = meaning.sentences(*way.why_not, *way.not_known)
    changed = _changed(chosen.course, [leg.way for leg in legs], first.why)
    if vain:
        changed = meaning.sentences(_in_vain_words(vain), changed)
    return Gate(way, first.why, waits, changed)


def _in_vain_words(kinds: Sequence[str]) -> Saying:
    """That a way was gone twice and its reading did not change."""
    return means("work.done-twice-reading-has-not", listed=_listed(kinds))


def _listed(kinds: Sequence[str]) -> Saying:
    return meaning.listed(lower_first(way_title(kind)) for kind in kinds)


def _changed(agreed: tuple[str, ...], now: list[str], why: Saying) -> Saying:
    """That the course has changed, and why; nothing where it is as agreed."""
    if tuple(now) == agreed:
        return ""
    return means("work.course-has-changed-now", before=_listed(agreed), after=_listed(now), why=why)
