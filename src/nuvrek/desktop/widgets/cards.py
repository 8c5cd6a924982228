"""Cards: a sign, a headline and a few words, to be pressed."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout

from nuvrek.desktop.theme import Theme


class Card(QPushButton):
    """One finding, or one reading to take; ``fret`` and ``place`` say what a press goes to."""

    def __init__(self) -> None:
        super().__init__()
        self.fret: int | None = None
        self.place = 0
        self._said: tuple[object, ...] = ()
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._row = QHBoxLayout(self)
        self._row.setContentsMargins(10, 7, 8, 7)
        self._mark, self._head, self._body = QLabel(), QLabel(), QLabel()
        self._words = words = QVBoxLayout()
        words.setSpacing(3)
        for label in (self._head, self._body):
            label.setWordWrap(True)
            label.setTextFormat(Qt.TextFormat.PlainText)
            label.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
            words.addWidget(label)
        self._row.addWidget(self._mark, 0, Qt.AlignmentFlag.AlignTop)
        self._row.addLayout(words, 1)

    def say(
        self, theme: Theme, sign: str, colour: str, headline: str, text: str, width: int
    ) -> None:
        """Fill the card and take the height its words need at ``width``; the same words again
        cost nothing.
        """
        said = (theme.dark, theme.percent, sign, colour, headline, text, width)
        if said == self._said:
            return
        self._said = said
        self.setAccessibleName(f"{headline}. {text}")
        for label, words in ((self._mark, sign), (self._head, headline), (self._body, text)):
            label.setText(words)
        c, tint = theme.colours, getattr(theme.colours, colour)
        self.setStyleSheet(
            f"Card {{ text-align: left; padding: 0; background: {c.card}; border: 1px "
            f"solid {c.line}; border-left: 4px solid {tint}; }}"
            f"Card:hover, Card:focus {{ border: 2px solid {c.copper}; border-left: 4px "
            f"solid {tint}; }}"
        )
        self._mark.setStyleSheet(f"font-size: {theme.px(17)}px; color: {tint};")
        self._mark.setFixedWidth(theme.px(22))
        self._head.setStyleSheet(f"font-size: {theme.px(16)}px; font-weight: bold;")
        self._body.setStyleSheet(f"font-size: {theme.px(14)}px; color: {c.muted};")
        for label in (self._mark, self._head, self._body):
            label.ensurePolished()
        # Both layouts remember the height of the words before.
        self._words.invalidate()
        self._row.invalidate()
        self.setFixedHeight(max(self._row.heightForWidth(width) + 4, 44))
