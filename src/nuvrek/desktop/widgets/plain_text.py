"""Text is shown as it is: what a file or a hand brought along is never read as markup."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QLabel, QWidget


def plain_labels(widget: QWidget) -> None:
    """All labels of a widget show their text letter by letter: no tag loads a local file."""
    for label in widget.findChildren(QLabel):
        label.setTextFormat(Qt.TextFormat.PlainText)
