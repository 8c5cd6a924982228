"""Questions one under the other, each with its answer, the open one in front."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import tr


class AskedList(QWidget):
    """Drawn, not typed into: what is typed shows where it will stand."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.questions: tuple[str, ...] = ()
        self.answers: list[str] = []
        self.now = 0

    def fill(self, questions: tuple[str, ...], answers: list[str], now: int) -> None:
        """``now`` is the place of the open question, from 0."""
        self.questions, self.answers, self.now = questions, answers, now
        self.setAccessibleName(
            tr(
                "Question {now} of {number}",
                now=min(now + 1, len(questions)),
                number=len(questions),
            )
        )
        texts = [f"{q} {a}" for q, a in zip(questions, answers, strict=False)]
        self.setAccessibleDescription(" ".join(texts))
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            row = min(self.height() / max(len(self.questions), 1), self.theme.px(84))
            top = 0.5 * (self.height() - row * len(self.questions))
            for number, question in enumerate(self.questions):
                self._row(painter, number, question, top + number * row, row)

    def _row(self, painter: QPainter, number: int, question: str, y: float, high: float) -> None:
        """A stroke like a fret before each: thick where it is answered, copper where it is open."""
        c, theme, now = self.theme.colours, self.theme, number == self.now
        left, wide = 0.16 * self.width(), 0.68 * self.width()
        colour = "copper" if now else "ink" if number < self.now else "line"
        painter.setPen(QPen(c[colour], 5 if number <= self.now else 2))
        painter.drawLine(int(left), int(y + 0.2 * high), int(left), int(y + 0.8 * high))
        painter.setFont(theme.font(22 if now else 18, bold=now))
        painter.setPen(c["ink" if number <= self.now else "muted"])
        painter.drawText(
            QRectF(left + 22, y, wide - 22, high), Qt.AlignmentFlag.AlignVCenter, question
        )
        answer = ""
        if number < len(self.answers):
            answer = self.answers[number]
        painter.setFont(theme.font(26, bold=True))
        painter.setPen(c["copper" if now else "ink"])
        painter.drawText(
            QRectF(left, y, wide, high),
            Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight,
            f"{answer}▏" if now else answer,
        )
