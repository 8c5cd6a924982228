"""What is so until it is so no more, under the rail: a lost server, settings that can't be kept."""

from __future__ import annotations

from PyQt6.QtWidgets import QLabel

from nuvrek.desktop.app_state import AppState
from nuvrek.wording.speech import tr


class StandingLine(QLabel):
    """One line for all of it; gone when there is nothing."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.setProperty("role", "standing")
        self.setWordWrap(True)
        self.setAccessibleName(tr("What holds for now"))
        app.standing.connect(self._show)
        self._show(app.stands)

    def _show(self, words: str) -> None:
        self.setText(words)
        self.setVisible(bool(words))
