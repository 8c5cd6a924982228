"""Walking a course: after each of its ways the neck is weighed anew, and the next one is what then
is advised.
"""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import words
from nuvrek.language import tr
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.journal import NeckState
from nuvrek.words import lower_first

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
    why: str
    waits: str
    changed: str


def gate_of(neck_state: NeckState, solved: Solved | None) -> Gate | None:
    """The gate after the way in hand; None where no course goes on, or while it is weighed."""
    chosen = neck_state.chosen
    if chosen is None or not chosen.course or solved is None or solved.plan is None:
        return None
    plan = solved.plan
    legs = [leg for leg in plan.course if leg.way not in ("leave", "hardware")]
    if not legs:
        done = tr("Nothing is left of the course: {why}", why=plan.course[0].why)
        return Gate(None, plan.course[0].why, "", done)
    first = legs[0]
    way = plan.way(first.way)
    waits = first.gate if not way.possible else ""
    if not way.possible and not waits:
        waits = " ".join((*way.why_not, *way.not_known))
    return Gate(
        way, first.why, waits, _changed(chosen.course, [leg.way for leg in legs], first.why)
    )


def _changed(agreed: tuple[str, ...], now: list[str], why: str) -> str:
    """That the course has changed, and why; nothing where it is as agreed."""
    if tuple(now) == agreed:
        return ""
    before, after = (
        words.listed(lower_first(way_title(kind)) for kind in ks) for ks in (agreed, now)
    )
    return tr(
        "The course has changed: it was {before}, now it is {after}. {why}",
        before=before,
        after=after,
        why=why,
    )
