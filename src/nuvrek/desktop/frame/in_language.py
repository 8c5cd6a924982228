"""Another language while the program runs: the same logbook in a window that is made anew."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QApplication

from nuvrek.desktop.speaking import speak_in_dialogs
from nuvrek.desktop.window import Window
from nuvrek.wording.catalogue import speak_code, system_language


class InLanguage:
    """Holds the window that is shown. ``make`` opens the logbook and shows a window on it."""

    def __init__(self, make: Callable[[], Window], made: Callable[[Window], None]) -> None:
        self._make, self._made = make, made
        self.window = make()
        self._listen()

    def _listen(self) -> None:
        self.window.app.language_wanted.connect(self.speak)
        self._made(self.window)

    def speak(self, code: str) -> None:
        """From now on in the language of that code, or this place's where there is none: the
        neck and the page stay in front.
        """
        old, app = self.window, QApplication.instance()
        assert isinstance(app, QApplication)
        page, session = old.page_name, old.app.session
        if session is None:
            neck = None
        else:
            neck = session.identity.neck
        place = old.geometry()
        app.setQuitOnLastWindowClosed(False)
        old.close()
        speak_in_dialogs(speak_code(code or system_language()))
        self.window = self._make()
        self.window.setGeometry(place)
        if neck is not None:
            self.window.app.open(self.window.app.book.row(neck))
        self.window.show_stage(page)
        self._listen()
        app.setQuitOnLastWindowClosed(True)
        old.deleteLater()
