"""Three doors on an empty shelf: each a key and a press."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.wording.speech import later, say

# What a door is called, and what lies behind it.
DOORS = (
    ("1", later("Take in a neck"), later("Three figures of it are enough to begin measuring.")),
    (
        "2",
        later("Look round"),
        later("A shelf of made-up necks, a fresh copy: nothing there is yours."),
    ),
    (
        "3",
        later("Practise"),
        later("A neck that forgives, with its truth hidden until you ask for it."),
    ),
)


class Doors(QWidget):
    """``opened`` is called with the key of the door that is pressed."""

    def __init__(self, theme: Theme, opened: Callable[[str], object]) -> None:
        super().__init__()
        self.theme = theme
        self.buttons: list[QPushButton] = []
        self._under: list[QLabel] = []
        row = QHBoxLayout(self)
        row.setSpacing(24)
        row.addStretch()
        for key, title, under in DOORS:
            column = QVBoxLayout()
            push = QPushButton(f"{key}\n{say(title)}")
            push.setAccessibleName(say(title))
            push.setAccessibleDescription(say(under))
            push.clicked.connect(lambda _on, key=key: opened(key))
            words = QLabel(say(under))
            words.setWordWrap(True)
            self.buttons.append(push)
            self._under.append(words)
            column.addStretch()
            column.addWidget(push)
            column.addWidget(words)
            column.addStretch()
            row.addLayout(column)
        row.addStretch()
        self.restyle()

    def restyle(self) -> None:
        """Colours and sizes anew."""
        t = self.theme
        wide = min(t.px(270), 380)
        for push, words in zip(self.buttons, self._under, strict=True):
            push.setFixedSize(wide, t.px(150))
            push.setStyleSheet(f"font-size: {t.px(22)}px; font-weight: bold;")
            words.setFixedWidth(wide)
            words.setStyleSheet(f"font-size: {t.px(16)}px; color: {t.colours.muted};")
