"""A push button that stays down while its choice holds, for hands and for assistive technology."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QPushButton


class Chooser(QPushButton):
    """``chosen`` comes when somebody presses it, by whatever means; setting it by code is quiet.

    Assistive technology does not press a button that can stay down but toggles it, and Qt then
    sends no ``clicked``.
    """

    chosen = pyqtSignal()

    def __init__(self, words: str) -> None:
        super().__init__(words)
        self._quiet = False
        self.setCheckable(True)
        self.toggled.connect(self._on_toggled)

    def setChecked(self, on: bool) -> None:
        """Show the choice without making it."""
        self._quiet = True
        super().setChecked(on)
        self._quiet = False

    def _on_toggled(self, _on: bool) -> None:
        if not self._quiet:
            self.chosen.emit()
