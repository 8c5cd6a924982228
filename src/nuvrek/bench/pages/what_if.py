"""What if, as the string room tells it: today's strings beside others. Nothing here knows a
window.
"""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.meaning import Saying, means
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.planning.forecast.what_if import Strings

# Less than so many cents nobody hears.
_HEARD_CENTS = 0.5


class Beside(Struct, frozen=True):
    """One matter: today and then."""

    matter: Saying
    today: Saying
    then: Saying


def beside(today: Strings, then: Strings, unit: Unit, heights: Unit) -> tuple[Beside, ...]:
    """Today's strings beside the others, matter by matter."""
    rows = [
        Beside(means("pages.pull-of-all"), _pull(today), _pull(then)),
        Beside(means("pages.relief-pitch"), _relief(today, unit), _relief(then, unit)),
        _sides("pages.action-sides", today.action_mm, then.action_mm, heights),
        _sides("pages.clean-sides", today.lowest_mm, then.lowest_mm, heights),
        Beside(
            means("pages.notes-that-buzz"),
            means("pages.so-many", number=today.buzzing),
            means("pages.so-many", number=then.buzzing),
        ),
    ]
    if today.cents_1 is not None and then.cents_1 is not None:
        rows.append(
            Beside(means("pages.sharp-at-first"), _cents(today.cents_1), _cents(then.cents_1))
        )
    if today.cents_12 is not None and then.cents_12 is not None:
        rows.append(
            Beside(means("pages.sharp-at-12"), _cents(today.cents_12), _cents(then.cents_12))
        )
    if today.back_mm is not None and then.back_mm is not None:
        rows.append(_sides("pages.back-sides", today.back_mm, then.back_mm, unit))
    return tuple(rows)


def _pull(strings: Strings) -> Saying:
    if strings.tensions_n is None:
        return means("pages.pull-share", percent=100.0 * strings.pull)
    return means("pages.pull-newtons", newtons=strings.total_n, percent=100.0 * strings.pull)


def _relief(strings: Strings, unit: Unit) -> Saying:
    if strings.relief_mm is None:
        return means("pages.not-measured")
    return means(
        "pages.mm-doubt",
        mm=format_number(strings.relief_mm, unit),
        doubt=format_length(strings.relief_doubt_mm, unit),
    )


def _sides(key: str, today: tuple[float, ...], then: tuple[float, ...], unit: Unit) -> Beside:
    """The outer strings, bass side first."""
    said = [
        means(
            "pages.two-sides", low=format_number(some[0], unit), high=format_length(some[-1], unit)
        )
        for some in (today, then)
    ]
    return Beside(means(key), *said)


def _cents(cents: tuple[float, ...]) -> Saying:
    """The least and the most of all strings."""
    low, high = min(cents), max(cents)
    if high < _HEARD_CENTS:
        return means("pages.hardly-sharp")
    return means("pages.cents-from-to", low=low, high=high)
