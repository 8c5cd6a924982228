"""The gate of the owner's word before the step in hand."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QLabel, QVBoxLayout, QWidget

from nuvrek.bench.session import Session
from nuvrek.bench.working.agreement import waiting, waiting_words
from nuvrek.bench.working.job import next_step
from nuvrek.desktop.stages.base import button
from nuvrek.desktop.theme import Theme
from nuvrek.wording.speech import say, tr


class OwnerGate(QWidget):
    """Says what the step waits for, and leads there; hidden where it waits for nothing."""

    wanted = pyqtSignal()

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.told = QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("What the step waits for"))
        self.to_owner = button(tr("To the owner's word  (0)"), main=True)
        self.to_owner.clicked.connect(self.wanted.emit)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self.told)
        column.addWidget(self.to_owner)
        self.hide()

    def look(self, session: Session | None) -> str:
        """Show what the step in hand waits for; returns it as a sentence, empty for nothing."""
        step = None
        if session is not None:
            step = next_step(session.neck_state)
        text = ""
        if session is not None and step is not None and session.asked:
            text = say(waiting_words(waiting(session.neck_state, step)))
        t = self.theme
        self.told.setText(text)
        self.told.setStyleSheet(
            f"font-size: {t.px(17)}px; font-weight: bold; color: {t.colours.plum}; "
            f"border-left: 5px solid {t.colours.plum}; padding: {t.px(6)}px;"
        )
        self.setVisible(bool(text))
        return text
