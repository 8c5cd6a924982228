"""Times of entries: with the offset of their day's clock, or (older ones) without."""

from __future__ import annotations

from datetime import datetime, timedelta
from functools import lru_cache


@lru_cache(maxsize=4096)
def moment(at: str) -> datetime | None:
    """The time of an entry; None where it is none."""
    try:
        return datetime.fromisoformat(at)
    except ValueError:
        return None


def apart(before: datetime, after: datetime) -> timedelta:
    """What has passed between two times, summer time or not. One without an offset is taken to be
    by the other's clock.
    """
    if before.tzinfo is None or after.tzinfo is None:
        return after.replace(tzinfo=None) - before.replace(tzinfo=None)
    return after - before


def minutes_between(before: str, after: str) -> float | None:
    """Minutes from one entry's time to another's; None where either is unknown."""
    first, second = moment(before), moment(after)
    if first is None or second is None:
        return None
    return apart(first, second).total_seconds() / 60.0


def by_the_clock_of(when: datetime, here: datetime) -> datetime:
    """A time as the clock on the wall shows it ``here``."""
    if when.tzinfo is None or here.tzinfo is None:
        return when.replace(tzinfo=here.tzinfo)
    return when.astimezone(here.tzinfo)
