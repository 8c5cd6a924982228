"""What two windows changed since both read the same, as one: by field, by name, never one over the
other.
"""

from __future__ import annotations

from typing import Any

_NONE = object()


def both_changes(before: Any, after: Any, theirs: Any) -> Any:
    """``theirs`` with what was changed from ``before`` to ``after``; plain values as JSON has them.
    Things with a name are known by it; of a stock both changes count.
    """
    if after == before:
        return theirs
    if theirs == before:
        return after
    if all(isinstance(one, dict) for one in (before, after, theirs)):
        return _by_key(before, after, theirs)
    if all(_named(one) for one in (before, after, theirs)):
        return list(_by_key(*map(_by_name, (before, after, theirs))).values())
    return after


def _by_name(things: list[dict[str, Any]]) -> dict[str, Any]:
    return {thing["name"]: thing for thing in things}


def _by_key(
    before: dict[str, Any], after: dict[str, Any], theirs: dict[str, Any]
) -> dict[str, Any]:
    made = {}
    for key in {**theirs, **after}:
        had, ours, other = (one.get(key, _NONE) for one in (before, after, theirs))
        if key == "stock_mm" and all(isinstance(one, int | float) for one in (had, ours, other)):
            one = round(max(other + ours - had, 0.0), 1)
        else:
            one = both_changes(had, ours, other)
        if one is not _NONE:
            made[key] = one
    return made


def _named(value: Any) -> bool:
    if not isinstance(value, list | tuple):
        return False
    return all(isinstance(one, dict) and isinstance(one.get("name"), str) for one in value)
