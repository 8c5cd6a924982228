"""The language of the screen: every sentence goes through ``tr``, which knows no window.

The window puts a translator behind it before anything else is imported; without one all stays
as it is written. Sentences kept in tables are made when their module is imported, so a language
holds from one start to the next.
"""

from __future__ import annotations

import re
import string
from collections.abc import Callable
from typing import Any, NamedTuple


class Spoken(NamedTuple):
    """A language: ``said(text, other, number)`` is its sentence, the plural that goes with
    ``number`` where that is not negative; ``point`` its decimal sign; ``day`` how it writes a day,
    in the names of ``str.format`` (y, m, d); ``capitals`` says that nouns keep theirs within a
    sentence.
    """

    code: str = "en"
    said: Callable[[str, str, int], str] | None = None
    point: str = "."
    day: str = "{y}-{m}-{d}"
    capitals: bool = False


class _Written(string.Formatter):
    """Figures with the decimal sign of the language, days as it writes them."""

    def format_field(self, value: Any, format_spec: str) -> str:
        made = str(super().format_field(value, format_spec))
        if isinstance(value, float) and _SPOKEN.point != ".":
            return figure(made)
        return day_words(made) if isinstance(value, str) else made


_SPOKEN = Spoken()
_DAY = re.compile(r"\b(?P<y>\d{4})-(?P<m>\d\d)-(?P<d>\d\d)\b")
_WRITTEN = _Written()


def speak(spoken: Spoken) -> None:
    """From now on sentences are said in this language."""
    global _SPOKEN
    _SPOKEN = spoken


def spoken() -> Spoken:
    """The language sentences are said in."""
    return _SPOKEN


def tr(text: str, /, **parts: Any) -> str:
    """``text`` in the language of the screen, its ``{named}`` places filled as ``str.format``
    does.
    """
    if _SPOKEN.said is None:
        return text.format_map(parts)
    return _WRITTEN.vformat(_SPOKEN.said(text, "", -1) or text, (), parts)


def named(word: str) -> str:
    """A word of the data, such as how a rod feels, as it stands on the screen."""
    return (_SPOKEN.said(word, "", -1) or word) if _SPOKEN.said is not None else word


def tr_number(number: int, one: str, many: str) -> str:
    """The word that goes with a number, by the plural forms of the language."""
    if _SPOKEN.said is None:
        return one if number == 1 else many
    return _SPOKEN.said(many, one, abs(number)) or (one if number == 1 else many)


def day_words(text: str) -> str:
    """A text with its days (2026-03-03) as the language writes them."""
    return _DAY.sub(lambda found: _SPOKEN.day.format(**found.groupdict()), text)


def figure(text: str) -> str:
    """A bare number as the language writes it."""
    return text if _SPOKEN.point == "." else text.replace(".", _SPOKEN.point)
