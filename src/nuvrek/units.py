"""Lengths as they are spoken of at the bench.

Inside, every length is a float in millimetres. One inch is 25.4 mm exactly (international yard and
pound agreement, 1959).
"""

from __future__ import annotations

import math
import re
import unicodedata
from enum import StrEnum

from msgspec import Struct

from nuvrek.meaning import Refusal, Saying, Shown, means

MM_PER_INCH = 25.4
MM_PER_THOU = MM_PER_INCH / 1000.0
LONGEST_MM = 3000.0
# So many meanings of an unlikely value are offered.
MOST_MEANINGS = 3
# Where a range begins at nothing, the usual value is reckoned from here (common practice, no
# source: the thinnest gaps that are spoken of).
LEAST_USUAL_MM = 0.05
_LONGEST_TEXT = 40


class Unit(StrEnum):
    """A unit in which lengths are typed and shown."""

    MM = "mm"
    THOU = "thou"
    INCH = "in"
    SIXTYFOURTH = "64ths"


MM_PER_UNIT = {
    Unit.MM: 1.0,
    Unit.THOU: MM_PER_THOU,
    Unit.INCH: MM_PER_INCH,
    Unit.SIXTYFOURTH: MM_PER_INCH / 64.0,
}

_NAMES = {
    "": None,
    "mm": Unit.MM,
    "thou": Unit.THOU,
    "th": Unit.THOU,
    "t": Unit.THOU,
    "in": Unit.INCH,
    "inch": Unit.INCH,
    '"': Unit.INCH,
    "64ths": Unit.SIXTYFOURTH,
    "64th": Unit.SIXTYFOURTH,
}

_NUMBER = r"(?:\d+(?:[.,]\d*)?|[.,]\d+)"
_PLAIN = re.compile(
    rf"(?P<sign>[+-]?)(?P<number>{_NUMBER})\s*(?P<unit>mm|thou|th|t|inch|in|\"|64ths?|)", re.A
)
_FRACTION = re.compile(
    rf"(?P<sign>[+-]?)(?:(?P<whole>\d+)[\s-]+)?(?P<top>{_NUMBER})/(?P<bottom>\d+)"
    r"\s*(?:ths?|nds?)?\s*(?P<unit>inch|in|\"|)",
    re.A,
)
# Signs as they come from other keyboards and papers.
_SIGNS = str.maketrans(
    {
        "\u2212": "-",
        "\u2013": "-",
        "\u2033": '"',
        "\u201d": '"',
        "\u201c": '"',
        "\u2044": "/",
        "\u2032": "'",
    }
)
# An inch decimal with its nought, as calipers show it; in thou nobody writes so little.
_WITH_NOUGHT = re.compile(r"0[.,]0\d+", re.A)
_BOTTOMS = {2, 4, 8, 16, 32, 64, 128, 1000}


class LengthError(Refusal):
    """What was typed is not a length; the message is a sentence for the user."""


class Length(Struct, frozen=True):
    """A length as typed: its value in mm and the unit it was meant in."""

    mm: float
    unit: Unit


def _to_float(text: str) -> float:
    return float(text.replace(",", "."))


def parse_length(text: str, assume: Unit) -> Length:
    """Read bench shorthand: ``12``, ``12 thou``, ``.012``, ``0.3mm``, ``6.5/64``, ``25 1/2 in``.

    ``assume`` is the unit of a bare number. A bare number that begins with the decimal point, or
    with a nought, the point and another nought, and is typed where thou are assumed is an inch
    decimal (``.012`` and ``0.012`` are 12 thou), as benches write it. Raises LengthError.
    """
    words = _plain_signs(text)
    if not words:
        raise LengthError(means("lengths.nothing-typed-yet"))
    if len(words) > _LONGEST_TEXT:
        raise LengthError(means("lengths.too-long-length"))
    length = _parse_fraction(words) or _parse_plain(words, assume)
    if length is None:
        raise LengthError(means("lengths.not-length-try-12-12", text=text.strip()))
    if not math.isfinite(length.mm) or abs(length.mm) > LONGEST_MM:
        raise LengthError(means("lengths.longer-than-any-instrument", text=text.strip()))
    return length


def _plain_signs(text: str) -> str:
    """What was typed with the signs of a plain keyboard: ``25½″`` is ``25 1/2"``."""
    # A fraction in one sign stands apart from the number before it.
    apart = "".join(
        f" {unicodedata.normalize('NFKC', sign)} " if unicodedata.category(sign) == "No" else sign
        for sign in text
    )
    return " ".join(apart.translate(_SIGNS).replace("''", '"').lower().split())


def _parse_fraction(text: str) -> Length | None:
    match = _FRACTION.fullmatch(text)
    if match is None:
        return None
    bottom = int(match["bottom"])
    if bottom not in _BOTTOMS:
        raise LengthError(means("lengths.fraction-inch-has-2-4", bottom=bottom))
    inches = int(match["whole"] or 0) + _to_float(match["top"]) / bottom
    if match["sign"] == "-":
        inches = -inches
    if bottom == 1000:
        unit = Unit.THOU
    elif inches < 1:
        unit = Unit.SIXTYFOURTH
    else:
        unit = Unit.INCH
    return Length(inches * MM_PER_INCH, unit)


def _parse_plain(text: str, assume: Unit) -> Length | None:
    match = _PLAIN.fullmatch(text)
    if match is None:
        return None
    unit = _NAMES[match["unit"]]
    if unit is None:
        number = match["number"]
        inch_decimal = assume is Unit.THOU and (
            number[0] in ".," or _WITH_NOUGHT.fullmatch(number) is not None
        )
        unit = Unit.INCH if inch_decimal else assume
    value = _to_float(match["number"]) * (-1.0 if match["sign"] == "-" else 1.0)
    if unit is Unit.INCH and abs(value) < 0.2:
        shown = Unit.THOU
    else:
        shown = unit
    return Length(value * MM_PER_UNIT[unit], shown)


_DECIMALS = {Unit.MM: 2, Unit.THOU: 1, Unit.INCH: 3, Unit.SIXTYFOURTH: 1}


def number_text(mm: float, unit: Unit, *, sign: bool = False, decimals: int | None = None) -> str:
    """``mm`` as a bare number in ``unit``, written with a point; ``sign`` shows a plus for positive
    values.
    """
    if decimals is None:
        places = _DECIMALS[unit]
    else:
        places = decimals
    value = round(mm / MM_PER_UNIT[unit], places) + 0.0
    if sign and value:
        text = f"{value:+.{places}f}"
    else:
        text = f"{value:.{places}f}"
    if unit in (Unit.THOU, Unit.SIXTYFOURTH) and decimals is None and text.endswith(".0"):
        text = text[:-2]
    return text


def format_number(
    mm: float, unit: Unit, *, sign: bool = False, decimals: int | None = None
) -> Shown:
    """``mm`` as a bare number in ``unit``; ``sign`` shows a plus for positive values."""
    return Shown(float(mm), unit.value, sign, decimals, named=False)


def unit_word(unit: Unit) -> str:
    """How a unit stands over a column or beside a field."""
    if unit is Unit.SIXTYFOURTH:
        return "in/64"
    return unit.value


def format_length(
    mm: float, unit: Unit, *, sign: bool = False, decimals: int | None = None
) -> Shown:
    """``mm`` with its unit, e.g. ``0.30 mm``, ``12 thou``, ``5.5/64 in``."""
    return Shown(float(mm), unit.value, sign, decimals)


class LikelyLength(Struct, frozen=True):
    """Another way to read what was typed, with what it would come to."""

    length: Length
    words: Saying


def likely_meaning(text: str, typed: Length, low_mm: float, high_mm: float) -> LikelyLength | None:
    """The unit that would bring ``text`` into ``low_mm..high_mm``, if one does; else the decimal
    point that was left out.

    Returns None when the typed length already lies inside, or when nothing explains it.
    """
    if low_mm <= typed.mm <= high_mm:
        return None
    meant = [*_in_other_units(text), *_without_point(text, Unit.MM)]
    return next((length for length in meant if low_mm <= length.length.mm <= high_mm), None)


def likely_meanings(
    text: str, typed: Length, low_mm: float, high_mm: float
) -> tuple[LikelyLength, ...]:
    """All that ``text`` can have meant within ``low_mm..high_mm``, the likeliest first: the decimal
    point left out (16 for 1.6), or another unit. At most three; none where it lies inside.
    """
    if low_mm <= typed.mm <= high_mm:
        return ()
    meant = [*_without_point(text, typed.unit), *_in_other_units(text)]
    inside = [length for length in meant if low_mm <= length.length.mm <= high_mm]
    usual_mm = math.sqrt(max(low_mm, LEAST_USUAL_MM) * high_mm)

    def unlikely(length: LikelyLength) -> float:
        return abs(math.log(max(abs(length.length.mm), 1e-6) / usual_mm))

    by_mm = {round(length.length.mm, 6): length for length in reversed(inside)}
    return tuple(sorted(by_mm.values(), key=unlikely)[:MOST_MEANINGS])


def _number_in(text: str) -> float | None:
    """The number ``text`` begins with."""
    match = re.match(rf"([+-]?)({_NUMBER})", text.strip())
    if match is None:
        return None
    return _to_float(match[2]) * (-1.0 if match[1] == "-" else 1.0)


def _in_other_units(text: str) -> list[LikelyLength]:
    value = _number_in(text)
    if value is None:
        return []
    units = (Unit.THOU, Unit.MM, Unit.SIXTYFOURTH, Unit.INCH)
    return [_likely(value * MM_PER_UNIT[unit], unit) for unit in units]


def _without_point(text: str, unit: Unit) -> list[LikelyLength]:
    """A decimal point left out: 16 for 1.6, 30 for 0.30, 300 for 0.300."""
    value = _number_in(text)
    if value is None or "." in text or "," in text:
        return []
    return [_likely(value / by * MM_PER_UNIT[unit], unit) for by in (10.0, 100.0, 1000.0)]


def _likely(mm: float, unit: Unit) -> LikelyLength:
    return LikelyLength(Length(mm, unit), _both_units(mm, unit))


def _both_units(mm: float, unit: Unit) -> Saying:
    other = Unit.THOU if unit is Unit.MM else Unit.MM
    return means("lengths.is", mm=format_length(mm, unit), other_mm=format_length(mm, other))
