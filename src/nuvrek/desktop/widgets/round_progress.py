"""How far along a round is: one post per station."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import tr


class Posts(QWidget):
    """A row of posts: filled when done, ringed where the round is now."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.posts: tuple[tuple[bool, bool], ...] = ()
        self.setAccessibleName(tr("Progress of the round"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(300, self.theme.px(26))

    def fill(self, posts: tuple[tuple[bool, bool], ...]) -> None:
        """Each post: (done, now)."""
        self.posts = posts
        self.setAccessibleDescription(
            tr("{sum} of {number} stations done", sum=sum(d for d, _ in posts), number=len(posts))
        )
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            c = self.theme.colours
            step = min(26.0, (self.width() - 10) / max(len(self.posts), 1))
            y = self.height() / 2
            for i, (done, now) in enumerate(self.posts):
                x = 8 + step * i
                painter.setPen(QPen(c["copper" if now else "muted"], 2.5 if now else 1.5))
                painter.setBrush(c["ink"] if done else c["card"])
                size = min(8.0 if now else 5.5, 0.46 * step)
                painter.drawRect(QRectF(x - size, y - size, 2 * size, 2 * size))
