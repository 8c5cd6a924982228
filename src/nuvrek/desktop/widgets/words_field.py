"""A field for free words of limited length; what does not fit is said, never dropped unsaid."""

from __future__ import annotations

from PyQt6.QtCore import QMimeData, pyqtSignal
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QPlainTextEdit

from nuvrek.letters import whole_letters
from nuvrek.wording.speech import say, tr


class WordsField(QPlainTextEdit):
    """Several lines of words, at most ``most`` letters: of what is pasted beyond them the rest is
    left out and counted.
    """

    full = pyqtSignal(str)

    def __init__(self, name: str, most: int) -> None:
        super().__init__()
        self.most = most
        self.setAccessibleName(name)
        self.setTabChangesFocus(True)

    def words(self) -> str:
        """What stands in the field."""
        return whole_letters(self.toPlainText())[: self.most]

    def _room(self) -> int:
        return self.most - len(self.toPlainText()) + len(self.textCursor().selectedText())

    def insertFromMimeData(self, source: QMimeData | None) -> None:
        text, room = source.text() if source is not None else "", self._room()
        # Cut before it is laid out: a field lays out every letter, however many are pasted.
        self.insertPlainText(say(whole_letters(text[: max(room, 0)])))
        if len(text) > room:
            self.full.emit(
                tr(
                    "{most:,} letters at most: the last {number:,} pasted were left out.",
                    most=self.most,
                    number=len(text) - max(room, 0),
                )
            )

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.text().isprintable() and event.text() and self._room() <= 0:
            self.full.emit(tr("{most:,} letters at most.", most=self.most))
            return
        super().keyPressEvent(event)
