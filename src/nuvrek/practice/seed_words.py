"""A made-up neck goes by a short word that can be said across a room."""

from __future__ import annotations

from nuvrek.meaning import Refusal, Saying, means

_FIRST, _SECOND, _SYLLABLES = "bdfgjklmnprstvwz", "aeiou", 3
_EACH = len(_FIRST) * len(_SECOND)
# So many words there are.
WORDS = _EACH**_SYLLABLES


def word_of(number: int) -> str:
    """The word of a number from 0 to WORDS - 1, three syllables of two letters. Raises ValueError
    for another number.
    """
    if not 0 <= number < WORDS:
        raise ValueError(f"There is no word for {number}.")
    text = ""
    for _ in range(_SYLLABLES):
        number, one = divmod(number, _EACH)
        text = _FIRST[one // len(_SECOND)] + _SECOND[one % len(_SECOND)] + text
    return text


def number_of(word: str) -> int:
    """The number of a word, however it is written. Raises ValueError for what is none."""
    text, number = word.strip().lower(), 0
    if len(text) != 2 * _SYLLABLES:
        raise Refusal(_none(word))
    for first, second in zip(text[::2], text[1::2], strict=True):
        if first not in _FIRST or second not in _SECOND:
            raise Refusal(_none(word))
        number = number * _EACH + _FIRST.index(first) * len(_SECOND) + _SECOND.index(second)
    return number


def _none(word: str) -> Saying:
    return means("practice.no-seed-word-three-syllables", detail=word[:20], like=word_of(31_415))
