"""The language of the window: which one is asked for, and Qt's own words in it."""

from __future__ import annotations

import json
from pathlib import Path

from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from nuvrek.wording.catalogue import LANGUAGES, speak_code, system_language

__all__ = ["LANGUAGES", "speak_first", "speak_in_dialogs"]

_kept: list[QTranslator] = []


def speak_first(settings: Path) -> str:
    """Take up the language that ``settings`` name, or else the one of this place; returns its
    code.
    """
    return speak_code(_asked(settings))


def speak_in_dialogs(code: str) -> None:
    """Qt's own buttons and dialogs in the same language, in place of the one before; call it once
    there is a QApplication.
    """
    QLocale.setDefault(QLocale(code) if code != "en" else QLocale.c())
    while _kept:
        QCoreApplication.removeTranslator(_kept.pop())
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
    return system_language()
