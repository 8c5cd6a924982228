"""The language of the screen: which it is, and its catalogue.

Catalogues are compiled by GNU gettext's rules; ``scripts/translations.py`` makes them. Without one
all stays as it is written.
"""

from __future__ import annotations

import os
from collections.abc import Callable, Mapping
from functools import lru_cache
from gettext import GNUTranslations
from pathlib import Path
from typing import NamedTuple

FOLDER = Path(__file__).parent / "languages"
# Languages there are, by their own names; the first is the one sentences are written in.
LANGUAGES: dict[str, str] = {"en": "English", "de": "Deutsch"}


class Spoken(NamedTuple):
    """A language: ``said(context, text)`` is its sentence, ``said_of(context, text, many, number)``
    the one whose plural form goes with ``number``; nothing where it has none. ``point`` is its
    decimal sign; ``day`` how it writes a day, in the names of ``str.format`` (y, m, d);
    ``capitals`` says that nouns keep theirs within a sentence.
    """

    code: str = "en"
    said: Callable[[str, str], str] | None = None
    said_of: Callable[[str, str, str, int], str] | None = None
    point: str = "."
    day: str = "{y}-{m}-{d}"
    capitals: bool = False


# What is written otherwise than in English.
_OTHERWISE: dict[str, tuple[str, str, bool]] = {"de": (",", "{d}.{m}.{y}", True)}
_SPOKEN = Spoken()


def speak(language: Spoken) -> None:
    """From now on sentences are said in this language."""
    global _SPOKEN
    _SPOKEN = language


def spoken() -> Spoken:
    """The language sentences are said in."""
    return _SPOKEN


def speak_code(code: str) -> str:
    """Take up the language of that code, or English where it has no catalogue; returns the code."""
    language = language_of(code)
    speak(language)
    return language.code


@lru_cache(maxsize=8)
def language_of(code: str) -> Spoken:
    """The language of that code; English where it has no catalogue."""
    path = FOLDER / f"nuvrek_{code}.mo"
    if code not in LANGUAGES or not path.is_file():
        return Spoken()
    with path.open("rb") as kept:
        catalogue = GNUTranslations(kept)

    def said(context: str, text: str) -> str:
        if context:
            words = catalogue.pgettext(context, text)
        else:
            words = catalogue.gettext(text)
        if words == text:
            return ""
        return words

    def said_of(context: str, text: str, many: str, number: int) -> str:
        if context:
            return catalogue.npgettext(context, text, many, number)
        return catalogue.ngettext(text, many, number)

    return Spoken(code, said, said_of, *_OTHERWISE[code])


def system_language(environment: Mapping[str, str] = os.environ) -> str:
    """The code of the language of this place, where there is one of ours; else English."""
    place = next(filter(None, map(environment.get, ("LC_ALL", "LC_MESSAGES", "LANG"))), "")
    short = place.split("_")[0].split(".")[0].lower()
    if short in LANGUAGES:
        return short
    return "en"
