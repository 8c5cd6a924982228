"""A line to type into."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QLineEdit, QWidget

_ENTERS = (Qt.Key.Key_Return, Qt.Key.Key_Enter)


class Field(QLineEdit):
    """A field whose Enter is its own: it gives the keys back to the page, and nothing is ticked,
    opened or left by it.
    """

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        super().keyPressEvent(event)
        if event is None or event.key() not in _ENTERS:
            return
        event.accept()
        if self.hasFocus():
            self._page().setFocus()

    def _page(self) -> QWidget:
        """The nearest widget around it that takes keys by itself."""
        found = self.parentWidget()
        while found is not None and found.focusPolicy() != Qt.FocusPolicy.StrongFocus:
            found = found.parentWidget()
        return self if found is None else found
