"""How the pieces come out of the sticks, and the cut list beside it."""

from __future__ import annotations

from msgspec import Struct
from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import named, tr


class Stick(Struct, frozen=True):
    """One stick: its length, and its pieces (fret, length in mm)."""

    long_mm: float
    pieces: tuple[tuple[int, float], ...]


class CutFace(QWidget):
    """Sticks with their pieces to scale, numbered by fret; the list of lengths beside them."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.sticks: tuple[Stick, ...] = ()
        self.rows: tuple[tuple[str, ...], ...] = ()
        self.setAccessibleName(tr("Cut list"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(180)

    def show_cut(self, sticks: tuple[Stick, ...], rows: tuple[tuple[str, ...], ...]) -> None:
        """Draw sticks and list."""
        self.sticks, self.rows = sticks, rows
        text = "; ".join(
            tr(
                "fret {r}: {other_r} mm, tang {third_r}, bend to {further_r}",
                r=r[0],
                other_r=r[1],
                third_r=r[2],
                further_r=r[3],
            )
            for r in rows
        )
        self.setAccessibleDescription(text)
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(560, 300)

    @property
    def drawn(self) -> Theme:
        """The theme with text held to what the columns have room for; the print has the list
        too.
        """
        return Theme(self.theme.dark, min(self.theme.percent, 100))

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.fillRect(self.rect(), self.theme.colours["card"])
            if not self.sticks:
                return
            split = 0.56 * self.width()
            self._sticks(painter, QRectF(8, 8, split - 16, self.height() - 16))
            self._list(painter, QRectF(split, 4, self.width() - split - 6, self.height() - 8))

    def _sticks(self, painter: QPainter, box: QRectF) -> None:
        c = self.theme.colours
        longest = max(stick.long_mm for stick in self.sticks)
        high = min(box.height() / len(self.sticks), float(self.theme.px(44)))
        for n, stick in enumerate(self.sticks):
            top = box.top() + n * high
            bar = QRectF(box.left(), top + 3, box.width() * stick.long_mm / longest, high - 8)
            painter.setPen(QPen(c["muted"], 1, Qt.PenStyle.DashLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(bar)
            x = bar.left()
            for fret, mm in stick.pieces:
                wide = box.width() * mm / longest
                painter.setPen(QPen(c["ink"], 1))
                painter.setBrush(c["wire"])
                piece = QRectF(x, bar.top(), wide - 1, bar.height())
                painter.drawRect(piece)
                painter.setFont(self.drawn.font(14, bold=True, figures=True))
                painter.setPen(c["ink"] if not self.theme.dark else c["paper"])
                painter.drawText(piece, Qt.AlignmentFlag.AlignCenter, str(fret))
                x += wide

    def _list(self, painter: QPainter, box: QRectF) -> None:
        c, heads = self.theme.colours, (named("fret"), tr("cut"), tr("tang"), tr("bend to"))
        columns = 2 if len(self.rows) > 13 else 1
        rows = -(-len(self.rows) // columns)
        high = min(box.height() / (rows + 1), float(self.drawn.px(24)))
        wide = box.width() / columns
        for column in range(columns):
            left = box.left() + column * wide
            painter.setFont(self.drawn.font(12))
            painter.setPen(c["muted"])
            self._line(painter, left, box.top(), wide=wide, high=high, row=heads)
            painter.setFont(self.drawn.font(14, figures=True))
            painter.setPen(c["ink"])
            for n, row in enumerate(self.rows[column * rows : (column + 1) * rows], 1):
                self._line(painter, left, box.top() + n * high, wide=wide, high=high, row=row)

    def _line(
        self,
        painter: QPainter,
        left: float,
        top: float,
        wide: float,
        high: float,
        row: tuple[str, ...],
    ) -> None:
        for n, text in enumerate(row):
            one_line(painter, QRectF(left + n * wide / 4, top, wide / 4 - 3, high), text)
