"""Fields of records as the plain values of an answer: lengths in mm, to a tenth of a micron."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import Any

from nuvrek.meaning import Said
from nuvrek.neck.description import LANES

_LENGTH_DIGITS = 4


def length_mm(value: float | None) -> float | None:
    """A length for an answer; what is not known or has no end is null."""
    if value is None or not math.isfinite(value):
        return None
    return round(float(value), _LENGTH_DIGITS)


def fields(record: object, *names: str, **renamed: str) -> dict[str, Any]:
    """Fields of a record by their own names, and others under the name they have in the answer.

    A field whose name ends in ``mm`` is a length; rows become lists.
    """
    shown = {name: name for name in names} | renamed
    return {name: _plain(field, getattr(record, field)) for name, field in shown.items()}


def _plain(field: str, value: Any) -> Any:
    if isinstance(value, Sequence) and not isinstance(value, (str, Said)):
        return [_plain(field, part) for part in value]
    if field == "mm" or field.endswith("_mm"):
        return length_mm(value)
    return value


def by_place(values_mm: Any, above_mm: float = -math.inf) -> list[dict[str, Any]]:
    """Lengths by fret and line, shape (frets, 3), in reading order, of those above a bound."""
    return [
        {"fret": fret, "lane": lane, "mm": length_mm(value)}
        for fret, row in enumerate(values_mm, 1)
        for lane, value in zip(LANES, row, strict=True)
        if value > above_mm
    ]
