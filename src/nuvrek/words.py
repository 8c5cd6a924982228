"""Plurals, lists and signs: the one place that makes them, so that a sentence only says what is
meant.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from nuvrek.language import spoken, tr, tr_number

# More frets than this are counted instead of named.
MOST_NAMED = 8


def plural(number: int, one: str, many: str) -> str:
    """The word that goes with a number."""
    return tr_number(number, one, many)


def count(number: int, one: str, many: str) -> str:
    """A number with its word: ``1 reading``, ``12 readings``."""
    return f"{number} {plural(number, one, many)}"


def listed(items: Iterable[object]) -> str:
    """Things in a row: ``3``, ``3 and 4``, ``3, 4 and 7``; nothing for none."""
    said = [str(item) for item in items]
    if len(said) <= 1:
        return "".join(said)
    return tr("{before} and {last}", before=", ".join(said[:-1]), last=said[-1])


def frets(numbers: Sequence[int], most: int = MOST_NAMED) -> str:
    """Frets by name, or how many where they are too many: ``fret 3``, ``frets 3 and 4``, ``9
    frets``.
    """
    if not numbers:
        return tr("no fret")
    if len(numbers) > most:
        return tr("{number} frets", number=len(numbers))
    return f"{plural(len(numbers), 'fret', 'frets')} {listed(numbers)}"


def frets_do(numbers: Sequence[int], one: str, many: str, most: int = MOST_NAMED) -> str:
    """Frets and what they do, with the verb that fits: ``Fret 3 moves``, ``9 frets move``."""
    return f"{upper_first(frets(numbers, most))} {plural(len(numbers), one, many)}"


def upper_first(text: str) -> str:
    """The text as the start of a sentence."""
    return text[:1].upper() + text[1:]


def lower_first(text: str) -> str:
    """The text as it goes on within a sentence, where the language lets nouns go on small."""
    return text if spoken().capitals else text[:1].lower() + text[1:]


def whole_letters(text: str) -> str:
    """The text without halves of letters, as a field of limited length leaves of a last one."""
    return text.encode("utf-16", "surrogatepass").decode("utf-16", "ignore")


def sentences(*parts: str) -> str:
    """Sentences one after the other; empty ones fall out."""
    return " ".join(part for part in parts if part)
