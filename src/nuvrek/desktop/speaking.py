"""The language of the window: Qt's translator behind the sentences of all rooms.

It is chosen before any other room is imported, for sentences in tables are made then.
"""

from __future__ import annotations

from nuvrek.wording.speech import say
import json
import os
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from nuvrek.wording.catalogue import Spoken, speak

FOLDER = Path(__file__).parent / "languages"
CONTEXT = "nuvrek"
# How a language writes a day, where it is otherwise than 2026-03-03.
_DAYS = {"de": "{d}.{m}.{y}"}
# Languages whose nouns keep their capitals within a sentence.
_CAPITALS = ("de",)
# Languages there are, by their own names; the first is the one sentences are written in.
LANGUAGES: dict[str, str] = {"en": "English", "de": "Deutsch"}
_kept: list[QTranslator] = []


def speak_first(settings: Path) -> str:
    """Take up the language that ``settings`` name, or else the one of this place; returns its
    code.

    Call it before the rooms with sentences are imported, and before the QApplication is made.
    """
    code = _asked(settings)
    translator = QTranslator()
    if code == "en" or not translator.load(f"nuvrek_{code}", str(FOLDER)):
        return "en"
    locale = QLocale(code)
    QLocale.setDefault(locale)

    def said(text: str, other: str, number: int) -> str:
        # As text it would have to be ASCII; bytes are taken as UTF-8.
        written: tuple[Any, Any] = text.encode(), other.encode()
        return translator.translate(CONTEXT, *written, number) or ""

    days = _DAYS.get(code, Spoken().day)
    speak(Spoken(code, say(said), say(locale.decimalPoint()), days, say(code in _CAPITALS)))
    _kept.append(translator)
    return code


def speak_in_dialogs(code: str) -> None:
    """Qt's own buttons and dialogs in the same language; call it once there is a QApplication."""
    own = QTranslator()
    place = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    if code != "en" and own.load(f"qtbase_{code}", place):
        QCoreApplication.installTranslator(own)
        _kept.append(own)


def _asked(settings: Path) -> str:
    """The code in the settings file, which may be missing or damaged; else by the environment."""
    try:
        code = json.loads(settings.read_bytes()).get("language", "")
    except (OSError, ValueError, AttributeError, RecursionError):
        # Damaged settings are set aside and spoken of when the window reads them.
        code = ""
    if code in LANGUAGES:
        return str(code)
    place = os.environ.get("LC_ALL") or os.environ.get("LC_MESSAGES") or os.environ.get("LANG", "")
    short = place.split("_")[0].split(".")[0].lower()
    return short if short in LANGUAGES else "en"
