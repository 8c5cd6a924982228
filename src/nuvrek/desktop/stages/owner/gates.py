"""What the owner has to say, drawn along the way of the work: each gate a bar, what it waits for
above it.
"""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF, QResizeEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.owner.draft import GATES
from nuvrek.bench.working.agreement import Standing
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.readings.owner.entries import MATTERS
from nuvrek.wording.speech import say, tr

_ROW, _GATE, _LEFT, _NAME, _SAID = 42, 26, 46, 176, 214
# Narrower than this a thing has its words on a line of their own.
_NARROW, _TWO_LINES = 660, 66


class GatesView(QWidget):
    """Rows of things to be agreed; one is selected."""

    picked = pyqtSignal(int)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.rows: tuple[Standing, ...] = ()
        self.selected = 0
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("What is to be agreed"))

    def show_rows(self, rows: tuple[Standing, ...], selected: int) -> None:
        """Draw these rows, by gate."""
        self.rows, self.selected = rows, selected
        told = (f"{say(MATTERS[r.need.matter])}: {say(r.need.said)} {say(r.says)}" for r in rows)
        self.setAccessibleDescription("; ".join(told))
        self.setFixedHeight(self.high)
        self.update()

    @property
    def _t(self) -> Theme:
        return Theme(self.theme.dark, min(self.theme.percent, 150))

    @property
    def high(self) -> int:
        """How high all rows and gates are."""
        gates = len({row.need.before for row in self.rows})
        return self._row_px * len(self.rows) + self._t.px(_GATE) * gates + 8

    @property
    def narrow(self) -> bool:
        """Whether name, words and standing have no room side by side."""
        return self.width() < self._t.px(_NARROW)

    @property
    def _row_px(self) -> int:
        return self._t.px(_TWO_LINES if self.narrow else _ROW)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self.setFixedHeight(self.high)

    def sizeHint(self) -> QSize:
        return QSize(640, self.high)

    def boxes(self) -> list[tuple[float | None, QRectF]]:
        """The place of each row, and that of the gate over it where one begins."""
        t, top, found = self._t, 4.0, []
        before: object = None
        for row in self.rows:
            gate = None
            if row.need.before != before:
                before, gate = row.need.before, top + t.px(_GATE) / 2
                top += t.px(_GATE)
            found.append((gate, QRectF(0, top, self.width(), self._row_px)))
            top += self._row_px
        return found

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is not None:
            for number, (_, box) in enumerate(self.boxes()):
                if box.contains(event.position()):
                    self.picked.emit(number)

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            c, boxes = self.theme.colours, self.boxes()
            if boxes:
                x = self._t.px(22)
                painter.setPen(QPen(c["line"], 3))
                painter.drawLine(QPointF(x, 4), QPointF(x, boxes[-1][1].center().y()))
            for number, (row, (gate, box)) in enumerate(zip(self.rows, boxes, strict=True)):
                if gate is not None:
                    self._gate(painter, row, gate)
                self._row(painter, row, box, number == self.selected)

    def _gate(self, painter: QPainter, row: Standing, y: float) -> None:
        """A bar across the way: shut in slate while something is missing, else a thin line."""
        c, t = self.theme.colours, self._t
        same = [standing for standing in self.rows if standing.need.before == row.need.before]
        shut = bool(row.need.before) and not all(standing.settled for standing in same)
        painter.setPen(QPen(c["plum" if shut else "line"], 5 if shut else 2))
        painter.drawLine(QPointF(t.px(6), y), QPointF(t.px(38), y))
        words = say(GATES[row.need.before]) + (
            tr(": shut") if shut else tr(": open") if row.need.before else ""
        )
        box = QRectF(t.px(_LEFT), y - t.px(11), self.width(), t.px(22))
        self._text(painter, box, words, 13, "plum" if shut else "muted", bold=shut)

    def _row(self, painter: QPainter, row: Standing, box: QRectF, selected: bool) -> None:
        c, t = self.theme.colours, self._t
        if selected:
            painter.setPen(QPen(c["copper"], 2))
            painter.setBrush(c["card"])
            card = box.adjusted(t.px(_LEFT) - 8, 1, -2, -1)
            painter.drawRoundedRect(card, 4, 4)
        self._sign(painter, row, QPointF(t.px(22), box.center().y()))
        line = QRectF(t.px(_LEFT), box.top(), box.width() - t.px(_LEFT) - 8, box.height())
        said_wide = t.px(_SAID)
        words = line.adjusted(t.px(_NAME) + 6, 2, -said_wide, -2)
        if self.narrow:
            line.setHeight(t.px(26))
            words = line.translated(0, t.px(26))
            words.setHeight(box.height() - t.px(26))
        self._text(painter, line, say(MATTERS[row.need.matter]), 15, "ink", bold=True)
        open_still = not row.settled and bool(row.need.before)
        said = QRectF(line.right() - said_wide + 10, line.top(), said_wide - 10, line.height())
        self._text(
            painter, said, say(row.says), 14, "plum" if open_still else "muted", bold=open_still
        )
        painter.setFont(t.font(13))
        painter.setPen(c["ink"])
        flags = int(Qt.AlignmentFlag.AlignVCenter) | int(Qt.TextFlag.TextWordWrap)
        painter.drawText(words, flags, say(row.words))

    def _sign(self, painter: QPainter, row: Standing, at: QPointF) -> None:
        """Agreed: a full disc with a tick; refused: a cross; lifted: an open bar; else a ring."""
        c, r = self.theme.colours, self._t.px(9)
        given = row.given
        agreed = given is not None and given.agreed
        painter.setPen(QPen(c["copper" if agreed else "muted"], 2))
        painter.setBrush(c["copper" if agreed else "paper"])
        painter.drawEllipse(at, r, r)
        inside = QPen(c["card" if agreed else "plum"], 2.4)
        painter.setPen(inside)
        if agreed:
            painter.drawPolyline(
                QPolygonF(
                    [
                        QPointF(at.x() - 0.45 * r, at.y()),
                        QPointF(at.x() - 0.1 * r, at.y() + 0.4 * r),
                        QPointF(at.x() + 0.5 * r, at.y() - 0.4 * r),
                    ]
                )
            )
        elif given is not None and given.reason:
            painter.drawLine(QPointF(at.x() - r, at.y() + r), QPointF(at.x() + r, at.y() - r))
        elif given is not None:
            d = 0.5 * r
            painter.drawLine(QPointF(at.x() - d, at.y() - d), QPointF(at.x() + d, at.y() + d))
            painter.drawLine(QPointF(at.x() - d, at.y() + d), QPointF(at.x() + d, at.y() - d))

    def _text(
        self,
        painter: QPainter,
        box: QRectF,
        text: str,
        size: float,
        colour: str,
        *,
        bold: bool = False,
    ) -> None:
        painter.setFont(self._t.font(size, bold=bold))
        painter.setPen(self.theme.colours[colour])
        one_line(painter, box, text, Qt.AlignmentFlag.AlignLeft)
