"""What people write in words of their own, found as whole words in every language at once: what a
neck is judged by never hangs on the language of the screen.
"""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterable, Mapping
from functools import lru_cache
from typing import TypeVar

Value = TypeVar("Value", bound=str)


def place_of(text: str, forms: Iterable[str]) -> int | None:
    """Where the first of these words stands in ``text``, None where none does.

    A form is a regular expression for a whole word with its endings, or for several words.
    """
    found = _pattern(tuple(forms)).search(_plain(text))
    if found is None:
        return None
    return found.start()


def says(text: str, forms: Iterable[str]) -> bool:
    """Whether one of these words stands in ``text``."""
    return place_of(text, forms) is not None


def first_of(text: str, named: Mapping[Value, Iterable[str]]) -> Value | None:
    """The value whose word stands first in ``text``, None where there is none of them."""
    places = {value: place_of(text, forms) for value, forms in named.items()}
    there = {value: place for value, place in places.items() if place is not None}
    if there:
        return min(there, key=lambda value: there[value])
    return None


def _plain(text: str) -> str:
    """Small letters, signs that are one however they were typed, single blanks."""
    return " ".join(unicodedata.normalize("NFC", text).casefold().split())


@lru_cache(maxsize=64)
def _pattern(forms: tuple[str, ...]) -> re.Pattern[str]:
    return re.compile(rf"(?<!\w)(?:{'|'.join(forms)})(?!\w)")
