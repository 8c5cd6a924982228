"""The one place where values become words: sentences by key, figures by unit and language."""

from __future__ import annotations

import re
import string
from collections.abc import Callable, Iterable, Mapping, Sequence
from decimal import Decimal
from functools import lru_cache
from importlib import import_module
from typing import Any, TypeVar

from nuvrek.meaning import (
    MOST_NAMED,
    Cased,
    Day,
    Figure,
    Frets,
    Meaning,
    Money,
    Named,
    Row,
    Said,
    Saying,
    Shown,
    Word,
)
from nuvrek.money import places_of
from nuvrek.units import Unit, number_text
from nuvrek.wording.catalogue import spoken
from nuvrek.wording.entry import Entry

K = TypeVar("K")
_DAY = re.compile(r"\b(?P<y>\d{4})-(?P<m>\d\d)-(?P<d>\d\d)\b")
_BETWEEN = {"sentences": " ", "paragraphs": "\n\n", "\n": "\n", "/": " / ", "  ": "  ", "·": "·"}


class _Written(string.Formatter):
    """Figures with the decimal sign of the language, days as it writes them, values in words.

    Beside the usual formats ``start`` sets a value as the start of a sentence, ``within`` as it
    goes on within one, ``sentence`` as one of its own.
    """

    def format_field(self, value: Any, format_spec: str) -> str:
        if format_spec in _TURNS:
            return _TURNS[format_spec](say(value))
        if isinstance(value, Said):
            return say(value)
        made = str(super().format_field(value, format_spec))
        if isinstance(value, float):
            return figure(made)
        if isinstance(value, str):
            return day_words(made)
        return made


_WRITTEN = _Written()


def say(saying: Saying | float | None) -> str:
    """Anything the core hands on, in the language of the screen. What a person wrote stays as it
    is; so do bare numbers.
    """
    if isinstance(saying, str):
        return str(saying)
    if isinstance(saying, Meaning):
        return _sentence(saying)
    if isinstance(saying, Row):
        return _row(saying)
    if isinstance(saying, Cased):
        return _TURNS[saying.how](say(saying.what))
    if isinstance(saying, Frets):
        return frets(saying.numbers, saying.most)
    if isinstance(saying, Said):
        return _value(saying)
    if saying is None:
        return ""
    return str(saying)


def say_all(sayings: Iterable[Saying | float | None]) -> tuple[str, ...]:
    """Each of them in words."""
    return tuple(say(saying) for saying in sayings)


def say_values(sayings: Mapping[K, Saying]) -> dict[K, str]:
    """The same names with their words."""
    return {name: say(saying) for name, saying in sayings.items()}


def said_error(error: BaseException) -> str:
    """What an error says to a person."""
    if error.args:
        return say(error.args[0])
    return ""


class Phrase(Said, frozen=True, tag="phrase"):
    """A sentence of a page that stands in a table: it is said when it is shown."""

    text: str

    def __bool__(self) -> bool:
        return bool(self.text)


def later(text: str) -> Phrase:
    """``text`` in whatever language the screen has when it is shown."""
    return Phrase(text)


def tr(text: str, /, **parts: Any) -> str:
    """``text`` in the language of the screen, its ``{named}`` places filled as ``str.format``
    does; values of the core are put into words.
    """
    said = spoken().said
    return _filled((said("", text) or text) if said is not None else text, parts)


def tr_number(number: int, one: str, many: str) -> str:
    """The word that goes with a number, by the plural forms of the language."""
    said_of = spoken().said_of
    if said_of is None:
        if number == 1:
            return one
        return many
    return said_of("", one, many, abs(number))


def named(word: str) -> str:
    """A word of the data, such as how a rod feels, as it stands on the screen."""
    said = spoken().said
    if said is None:
        return word
    return said("word", word) or word


@lru_cache(maxsize=1024)
def entry_of(key: str) -> Entry:
    """How a key is said in English. Raises KeyError."""
    family = import_module(f"nuvrek.wording.families.{key.partition('.')[0]}")
    entry: Entry = family.SENTENCES[key]
    return entry


def _sentence(meaning: Meaning) -> str:
    if not meaning.key:
        return ""
    entry, values = entry_of(meaning.key), dict(meaning.values)
    language = spoken()
    if isinstance(entry, tuple):
        one, many = entry
        number = abs(int(say(values["number"])))
        text = one if number == 1 else many
        if language.said_of is not None:
            text = language.said_of(meaning.key, one, many, number)
    else:
        text = entry
        if language.said is not None:
            text = language.said(meaning.key, entry) or entry
    return _filled(text, values)


def _filled(text: str, values: dict[str, Any]) -> str:
    if "{" not in text and "}" not in text:
        return text
    made = _WRITTEN.vformat(text, (), values)
    # What is not there leaves no gap.
    if all(_there(value) for value in values.values()):
        return made
    return _closed(made)


def _there(value: Any) -> bool:
    return bool(value) or isinstance(value, (int, float))


def _closed(text: str) -> str:
    return re.sub(r" +(?=[ .,;:)]|$)", "", text).strip()


def _row(row: Row) -> str:
    texts = [text for part in row.parts if (text := say(part))]
    if row.by == "and":
        return listed(texts)
    return _BETWEEN.get(row.by, f"{row.by} ").join(texts)


def _value(saying: Said) -> str:
    if isinstance(saying, Shown):
        return length(saying)
    if isinstance(saying, Word):
        return named(saying.text)
    if isinstance(saying, Phrase):
        return tr(saying.text)
    if isinstance(saying, Named):
        return say(import_module("nuvrek.wording.names").name_of(saying))
    if isinstance(saying, Figure):
        return figure(saying.text)
    if isinstance(saying, Day):
        return day_words(saying.text)
    if isinstance(saying, Money):
        return money(saying)
    raise TypeError(f"no words for {type(saying).__name__}")


def length(shown: Shown) -> str:
    """A length as it is shown: ``0.30 mm``, ``12 thou``, ``5.5/64 in``."""
    unit = Unit(shown.unit)
    number = figure(number_text(shown.mm, unit, sign=shown.sign, decimals=shown.decimals))
    if not shown.named:
        return number
    if unit is Unit.SIXTYFOURTH:
        return tr("{number}/64 in", number=number)
    return f"{number} {unit.value}"


def money(amount: Money) -> str:
    """An amount with its currency, or without its name; a dash where there is none."""
    if amount.amount is None:
        return "–"
    places = places_of(amount.currency)
    text = figure(f"{Decimal(amount.amount):,.{places}f}".replace(",", " "))
    if amount.named:
        return f"{text} {amount.currency}".strip()
    return text


def day_words(text: str) -> str:
    """A text with its days (2026-03-03) as the language writes them."""
    return _DAY.sub(lambda found: spoken().day.format(**found.groupdict()), text)


def figure(text: str) -> str:
    """A bare number as the language writes it."""
    point = spoken().point
    if point == ".":
        return text
    return text.replace(".", point)


def plural(number: int, one: str, many: str) -> str:
    """The word that goes with a number."""
    return tr_number(number, one, many)


def count(number: int, one: str, many: str) -> str:
    """A number with its word: ``1 reading``, ``12 readings``."""
    return f"{number} {plural(number, one, many)}"


def listed(items: Iterable[Saying | float | None]) -> str:
    """Things in a row: ``3``, ``3 and 4``, ``3, 4 and 7``; nothing for none."""
    texts = [say(item) for item in items]
    if len(texts) <= 1:
        return "".join(texts)
    return tr("{before} and {last}", before=", ".join(texts[:-1]), last=texts[-1])


def frets(numbers: Sequence[int], most: int = MOST_NAMED) -> str:
    """Frets by name, or how many where they are too many: ``fret 3``, ``frets 3 and 4``, ``9
    frets``.
    """
    if not numbers:
        return tr("no fret")
    if len(numbers) > most:
        return tr("{number} frets", number=len(numbers))
    if len(numbers) == 1:
        return tr("fret {fret}", fret=numbers[0])
    return tr("frets {listed}", listed=listed(numbers))


def upper_first(text: Saying) -> str:
    """The text as the start of a sentence."""
    words = say(text)
    return words[:1].upper() + words[1:]


def lower_first(text: Saying) -> str:
    """The text as it goes on within a sentence, where the language lets nouns go on small."""
    words = say(text)
    if spoken().capitals:
        return words
    return words[:1].lower() + words[1:]


def brief(text: str) -> str:
    """A value as it stands in a drawing: its unit is known, and ``0.25 to 0.30`` is a range."""
    for unit in (Unit.MM.value, Unit.THOU.value, Unit.INCH.value):
        text = text.removesuffix(f" {unit}")
    return text.replace(f" {tr('to')} ", "–")


def as_sentence(text: str) -> str:
    """The text as a sentence of its own."""
    return upper_first(text if text.endswith((".", "!", "?")) else f"{text}.")


def sentences(*parts: Saying) -> str:
    """Sentences one after the other; empty ones fall out."""
    return " ".join(text for part in parts if (text := say(part)))


# What the formats of places beside the usual ones do.
_TURNS: dict[str, Callable[[str], str]] = {
    "start": upper_first,
    "within": lower_first,
    "brief": brief,
    "sentence": as_sentence,
}
