"""The bench in time: which neck next, when each can be ready, which promise slips."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import TYPE_CHECKING, Literal

from msgspec import Struct

from nuvrek.bench.shop.shelf import ShelfCard
from nuvrek.bench.working.today import NEEDS, NeedKind, day_after

if TYPE_CHECKING:
    from nuvrek.planning.money.pace import Pace

# Of necks that wait for something else nobody knows when work goes on.
_UNKNOWN: tuple[NeedKind, ...] = ("word", "part", "rest", "measure")
Slip = Literal["", "may slip", "slips"]


class Ready(Struct, frozen=True):
    """When a neck can be ready: the likely day, and the one it is by nine times in ten; whether a
    promise slips.
    """

    likely: str
    by: str
    slip: Slip = ""


def order_of(cards: Sequence[ShelfCard], moment: str) -> list[ShelfCard]:
    """What can be done now first, each kind by the day promised, then by number."""
    place = {kind: n for n, kind in enumerate(NEEDS)}

    def key(card: ShelfCard) -> tuple[int, str, str, int]:
        need = card.need.at(moment)
        return place[need.kind], card.promised or "9999", need.until, card.row.id

    return sorted(cards, key=key)


def queued(cards: Sequence[ShelfCard], moment: str) -> list[ShelfCard]:
    """The necks there is work left on, in the order that keeps promises: what is promised soonest
    first, what waits for its time after what does not.
    """
    working = [
        card
        for card in cards
        if card.need.ahead and card.need.at(moment).kind not in _UNKNOWN and not card.damage
    ]
    return sorted(
        working,
        key=lambda card: (
            card.promised or "9999",
            card.need.at(moment).kind == "waits",
            card.row.id,
        ),
    )


def forecast(
    cards: Sequence[ShelfCard], moment: str, pace: Pace, week_hours: float
) -> dict[int, Ready]:
    """When each neck of the queue can be ready, by the shop's pace and hours a week: the hours of
    those before it count as well. Doubts of several necks add up as squares.
    """
    likely = variance = 0.0
    found: dict[int, Ready] = {}
    for card in queued(cards, moment):
        spell = pace.of(card.need.ahead, card.need.neck)
        _, hours, most = spell.hours
        likely += hours
        variance += (most - hours) ** 2
        wait = card.need.minutes_left(moment) / 60.0 / 24.0
        days = max(likely / week_hours * 7.0, wait)
        later = max((likely + math.sqrt(variance)) / week_hours * 7.0, wait)
        one, by = day_after(moment, days), day_after(moment, later)
        slip: Slip = ""
        if card.promised and one > card.promised:
            slip = "slips"
        elif card.promised and by > card.promised:
            slip = "may slip"
        found[card.row.id] = Ready(one, by, slip)
    return found


def fits(card: ShelfCard, moment: str, minutes: int) -> bool:
    """Whether the next step of a neck can be done now in so much time."""
    need = card.need.at(moment)
    if need.kind in ("waits", "word", "part", "rest"):
        return False
    return 0 < need.minutes <= minutes
