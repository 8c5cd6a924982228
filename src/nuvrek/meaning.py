"""What the program concludes, as values: a key with named values, never a string meant for people.

``nuvrek.wording`` alone puts them into words, in the language of the screen or of a paper. A value
keeps figures with their units, so that it can be compared, kept in the logbook's cards and handed
on. What a person wrote, such as a name or a complaint, stays the text it is.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from datetime import date
from decimal import Decimal
from pathlib import PurePath
from typing import Any, Literal, Union, cast

import msgspec
from msgspec import Struct

from nuvrek.letters import whole_letters

# More frets than this are counted instead of named.
MOST_NAMED = 8
# How things stand one after another: sentences, whole paragraphs, or a list with its sign.
By = Literal["sentences", "paragraphs", "\n", "and", ",", ";", "·", "/", "  "]


class Said(Struct, frozen=True):
    """Anything that can be put into words. It has none of its own: making a text of it here is a
    mistake, and raises TypeError.
    """

    def __str__(self) -> str:
        raise TypeError(f"{self!r} is put into words by nuvrek.wording")


class Refusal(ValueError):
    """What can't be done or taken, and why; ``saying`` is for the user."""

    def __init__(self, saying: Saying = "") -> None:
        super().__init__(saying)

    def __str__(self) -> str:
        return written(self.args[0] if self.args else "")


class Meaning(Said, frozen=True, tag="meaning"):
    """A key, which names a sentence in ``nuvrek.wording``, and the values it goes with."""

    key: str
    values: tuple[tuple[str, Value], ...] = ()

    def __bool__(self) -> bool:
        return bool(self.key)

    def value(self, name: str) -> Any:
        """The value of that name. Raises KeyError."""
        return dict(self.values)[name]


class Frets(Said, frozen=True, tag="frets"):
    """Frets by number; more than ``most`` are counted instead of named."""

    numbers: tuple[int, ...]
    most: int = MOST_NAMED

    def __bool__(self) -> bool:
        return bool(self.numbers)


class Row(Said, frozen=True, tag="row"):
    """Things one after another; empty ones fall out."""

    parts: tuple[Value, ...]
    by: By = "sentences"

    def __bool__(self) -> bool:
        return any(part not in ("", None) and bool(part) for part in self.parts)


class Cased(Said, frozen=True, tag="cased"):
    """The same at the start of a sentence, as it goes on within one, or with no word too many."""

    what: Kept
    how: Literal["start", "within", "brief"]

    def __bool__(self) -> bool:
        return bool(self.what)


class Shown(Said, frozen=True, tag="length"):
    """A length in mm and the unit it is shown in; ``named`` shows the unit beside the number."""

    mm: float
    unit: str
    sign: bool = False
    decimals: int | None = None
    named: bool = True


class Word(Said, frozen=True, tag="word"):
    """A word of the data, such as how a rod feels."""

    text: str

    def __bool__(self) -> bool:
        return bool(self.text)


class Named(Said, frozen=True, tag="named"):
    """A way, a step or a round by its key, as a record has it."""

    of: Literal["way", "step", "round"]
    key: str


class Figure(Said, frozen=True, tag="figure"):
    """A bare number, written with a point."""

    text: str


class Day(Said, frozen=True, tag="day"):
    """A text with its days written as 2026-03-03."""

    text: str


class Money(Said, frozen=True, tag="money"):
    """An amount, written with a point, in a currency; None where there is none."""

    amount: str | None
    currency: str
    named: bool = True


# Anything that can be said: a value of the program, or the text a person wrote.
Saying = Said | str
# The same, spelt out for what is read back from where it was kept.
Kept = Union[Meaning, Frets, Row, Cased, Shown, Word, Named, Figure, Day, Money, str]  # noqa: UP007
Value = Union[Kept, int, float, bool, None]  # noqa: UP007


def keep(saying: Saying) -> Kept:
    """The same, for what is kept in a file and read back."""
    return cast("Kept", saying)


def means(key: str, /, **values: Any) -> Meaning:
    """What is concluded. Raises TypeError for values that can't be kept."""
    return Meaning(key, tuple((name, _plain(value)) for name, value in values.items()))


def frets(numbers: Sequence[int], most: int = MOST_NAMED) -> Frets:
    """Frets by name, or how many where they are too many."""
    return Frets(tuple(int(number) for number in numbers), most)


def listed(items: Iterable[Any], by: By = "and") -> Row:
    """Things in a row, with ``by`` between them."""
    return Row(tuple(_plain(item) for item in items), by)


def sentences(*parts: Saying) -> Saying:
    """Sentences one after the other; empty ones fall out."""
    full = tuple(part for part in parts if part)
    if not full:
        return ""
    if len(full) == 1:
        return full[0]
    return listed(full, "sentences")


def upper_first(what: Saying) -> Cased:
    """The same as the start of a sentence."""
    return Cased(_plain(what), "start")


def lower_first(what: Saying) -> Cased:
    """The same as it goes on within a sentence."""
    return Cased(_plain(what), "within")


def brief(what: Saying) -> Cased:
    """The same as it stands in a drawing."""
    return Cased(_plain(what), "brief")


def told_by(error: BaseException) -> Saying:
    """What an error says to a person."""
    first = error.args[0] if error.args else ""
    if isinstance(first, Said):
        return first
    return str(error)


_SCRIBE: list[Callable[[Saying], str]] = []


def write_with(scribe: Callable[[Saying], str]) -> None:
    """Who puts into words what is written down as text; ``nuvrek.wording`` does."""
    _SCRIBE[:] = [scribe]


def written(saying: Saying) -> str:
    """The text a record or a paper keeps, in the language of whoever writes it down. Raises
    LookupError where nobody writes.
    """
    if isinstance(saying, str):
        return saying
    if not _SCRIBE:
        raise LookupError("nothing here puts values into words: import nuvrek.wording")
    return _SCRIBE[0](saying)


def reason_of(error: OSError) -> Saying:
    """Why the system would not do it, as it says so itself."""
    if error.strerror:
        return error.strerror.lower()
    return means("keeping.no-reason-given")


def as_data(saying: Saying | float | bool | None) -> Any:
    """A saying as plain data, for answers that programs read: ``{"key": ..., "values": {...}}``."""
    if isinstance(saying, Meaning):
        return {
            "key": saying.key,
            "values": {name: as_data(value) for name, value in saying.values},
        }
    if isinstance(saying, Row):
        return [as_data(part) for part in saying.parts if part not in ("", None)]
    if isinstance(saying, Cased):
        return as_data(saying.what)
    if isinstance(saying, Shown):
        return {"mm": saying.mm}
    if isinstance(saying, Frets):
        return {"frets": list(saying.numbers)}
    if isinstance(saying, Said):
        held: Mapping[str, Any] = msgspec.to_builtins(saying)
        return {name: value for name, value in held.items() if name != "type"}
    return saying


def keys_in(saying: Saying | float | bool | None) -> tuple[str, ...]:
    """All keys within a saying, outermost first."""
    if isinstance(saying, Meaning):
        within = [key for _, value in saying.values for key in keys_in(value)]
        return (saying.key, *within)
    if isinstance(saying, Row):
        return tuple(key for part in saying.parts for key in keys_in(part))
    if isinstance(saying, Cased):
        return keys_in(saying.what)
    if isinstance(saying, Named):
        return (f"{saying.of}-{saying.key}",)
    return ()


def _plain(value: Any) -> Any:
    if isinstance(value, str):
        # Names of files may hold what is no letter; a window could not show it.
        if value.isascii():
            return value
        return whole_letters(value)
    if isinstance(value, (Said, int, float, bool)) or value is None:
        return value
    if hasattr(value, "item"):
        return value.item()
    if isinstance(value, BaseException):
        return told_by(value)
    if isinstance(value, (PurePath, Decimal)):
        return whole_letters(str(value))
    if isinstance(value, date):
        return value.isoformat()
    raise TypeError(f"{type(value).__name__} can't be kept in a meaning")
