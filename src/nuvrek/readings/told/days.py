"""How far apart two moments of a journal are."""

from __future__ import annotations

from datetime import datetime


def days_between(before: str, after: str) -> float:
    """Days from one moment to another, minus for the other way round; 0 where one was not written
    down.
    """
    try:
        # Days: what summer time shifts is nothing here.
        first, last = (datetime.fromisoformat(at).replace(tzinfo=None) for at in (before, after))
    except ValueError:
        # No date, or none a calendar knows: nothing went by that anybody noted.
        return 0.0
    return (last - first).total_seconds() / 86400.0
