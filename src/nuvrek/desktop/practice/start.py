"""Opening the practice window, beside the shelf or by itself."""

from __future__ import annotations

import sys
import tempfile
from collections.abc import Callable, Sequence
from pathlib import Path

from nuvrek.bench.practice.kept import Kept
from nuvrek.bench.settings import Settings
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.window import PracticeWindow
from nuvrek.logbook.store import Logbook, LogbookError


def open_practice(
    settings: Settings, clock: Callable[[], str], folder: Path | None, inline: bool = False
) -> PracticeWindow:
    """The practice window over its own logbook in ``folder``; without a folder nothing is kept."""
    holder = None
    if folder is None:
        holder = tempfile.TemporaryDirectory(prefix="nuvrek-practice-")
        folder = Path(holder.name)
    state = AppState(_logbook(folder), settings, None, clock, inline=inline)
    return PracticeWindow(state, Kept(folder), holder)


def _logbook(folder: Path) -> Logbook:
    """The practice logbook; a damaged one is set aside: nothing in it is anyone's neck."""
    folder.mkdir(parents=True, exist_ok=True)
    place = folder / "practice.db"
    try:
        return Logbook.make(place)
    except LogbookError:
        place.replace(place.with_suffix(".damaged"))
        return Logbook.make(place)


def main(arguments: Sequence[str] | None = None, language: str = "en") -> int:
    """The practice window by itself, on the neck of a word if one is given; ``language`` is the
    one that is spoken.
    """
    import argparse

    from PyQt6.QtWidgets import QApplication

    from nuvrek.bench.settings import load
    from nuvrek.desktop import log
    from nuvrek.desktop.app import clock
    from nuvrek.desktop.speaking import speak_in_dialogs
    from nuvrek.desktop.theme import load_fonts
    from nuvrek.logbook.places import log_folder, logbook_path, settings_path
    from nuvrek.practice.seed_words import number_of, word_of

    def word(text: str) -> str:
        try:
            return word_of(number_of(text))
        except ValueError as error:
            raise argparse.ArgumentTypeError(str(error)) from None

    parser = argparse.ArgumentParser(prog="nuvrek practice", description="A neck to practise on.")
    parser.add_argument("--seed", type=word, metavar="WORD", help="the neck of this word")
    parser.add_argument("--advised", action="store_true", help="with the advice on")
    options = parser.parse_args(arguments)
    app = QApplication(sys.argv[:1])
    app.setApplicationName("nuvrek")
    speak_in_dialogs(language)
    load_fonts()
    log.keep_in(log_folder())
    window = open_practice(
        load(settings_path()).settings, clock, logbook_path().parent / "practice"
    )
    window.show()
    if options.seed:
        window.begin(f"neck:{options.seed}", silent=not options.advised)
    return app.exec()
