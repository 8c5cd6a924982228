"""The advised course in one glance: its ways in order, and what stands between them."""

from __future__ import annotations

from itertools import pairwise
from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.desktop.widgets.way_row import MOST_PERCENT, row_theme
from nuvrek.planning.ways.kinds import way_title
from nuvrek.wording.speech import say, tr

if TYPE_CHECKING:
    from nuvrek.planning.case.course import Leg

_LINE, _GATE, _TITLE, _SHORT = 17, 20, 206, 2


class CourseView(QWidget):
    """Legs one under the other, joined by a line; a gate is a bar across it with its words."""

    picked = pyqtSignal(str)

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app = app
        self.legs: tuple[Leg, ...] = ()
        self.selected, self.percent = "", MOST_PERCENT
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("The advised course"))

    def show_course(self, legs: tuple[Leg, ...], selected: str, percent: int) -> None:
        """Draw these legs; ``selected`` is the way that is looked at below."""
        self.legs, self.selected, self.percent = legs, selected, percent
        told = (
            f"{n}: {say(way_title(leg.way))}. {say(leg.why)} {say(leg.gate)}"
            for n, leg in enumerate(legs, 1)
        )
        self.setAccessibleDescription(" ".join(told))
        self.setFixedHeight(self.high)
        self.update()

    @property
    def theme(self) -> Theme:
        """The theme at the size of the rows below."""
        return row_theme(self.app, self.percent)

    @property
    def lines(self) -> int:
        """Over how many lines a reason may run: a short course has room for all of it."""
        if len(self.legs) <= _SHORT:
            return 3
        return 2

    @property
    def leg_px(self) -> int:
        """How high a leg is."""
        return self.theme.px(_LINE * self.lines)

    @property
    def high(self) -> int:
        """How high all legs and gates are."""
        gates = sum(bool(leg.gate) for leg in self.legs)
        return self.leg_px * len(self.legs) + self.theme.px(_GATE) * gates + 8

    def sizeHint(self) -> QSize:
        return QSize(800, self.high)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        for leg, box in self._boxes():
            if box.contains(event.position()):
                self.picked.emit(leg.way)

    def _boxes(self) -> list[tuple[Leg, QRectF]]:
        t, top, found = self.theme, 4.0, []
        for leg in self.legs:
            top += t.px(_GATE) if leg.gate else 0
            found.append((leg, QRectF(0, top, self.width(), self.leg_px)))
            top += self.leg_px
        return found

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            boxes = self._boxes()
            self._thread(painter, [box for _, box in boxes])
            for number, (leg, box) in enumerate(boxes, 1):
                if leg.gate:
                    self._gate(painter, leg, box)
                self._leg(painter, number, leg, box)

    def _thread(self, painter: QPainter, boxes: list[QRectF]) -> None:
        """The line from the first leg to the last."""
        x = self.theme.px(18)
        painter.setPen(QPen(self.app.theme.colours["copper"], 2))
        for before, after in pairwise(boxes):
            painter.drawLine(QPointF(x, before.center().y()), QPointF(x, after.center().y()))

    def _gate(self, painter: QPainter, leg: Leg, box: QRectF) -> None:
        """A bar across the line: what must be true before the leg begins."""
        t, c = self.theme, self.app.theme.colours
        y = box.top() - 0.5 * t.px(_GATE)
        painter.setPen(QPen(c["slate"], 3))
        painter.drawLine(QPointF(t.px(8), y), QPointF(t.px(28), y))
        words = QRectF(t.px(38), y - t.px(_GATE) / 2, self.width() - t.px(44), t.px(_GATE))
        self._text(painter, words, tr("First: {gate}", gate=leg.gate), 13, "slate")

    def _leg(self, painter: QPainter, number: int, leg: Leg, box: QRectF) -> None:
        t, c = self.theme, self.app.theme.colours
        middle, r = QPointF(t.px(18), box.center().y()), t.px(12)
        painter.setPen(QPen(c["copper"], 2))
        painter.setBrush(c["copper" if leg.way == self.selected else "card"])
        painter.drawEllipse(middle, r, r)
        figure = QRectF(middle.x() - r, middle.y() - r, 2 * r, 2 * r)
        if leg.way == self.selected:
            inside = "card"
        else:
            inside = "copper"
        self._text(painter, figure, str(number), 14, inside, bold=True, centred=True)
        title = QRectF(t.px(38), box.top(), t.px(_TITLE) - t.px(38), box.height())
        self._text(painter, title, say(way_title(leg.way)), 16, "ink", bold=True)
        words = QRectF(t.px(_TITLE), box.top(), self.width() - t.px(_TITLE) - 8, box.height())
        self._words(painter, words, say(leg.why))

    def _words(self, painter: QPainter, box: QRectF, text: str) -> None:
        """The reason, over as many lines as there is room for; what is left is cut."""
        painter.setFont(self.theme.font(13))
        painter.setPen(self.app.theme.colours["ink"])
        metrics, wide = painter.fontMetrics(), int(box.width())
        lines: list[str] = []
        while text and len(lines) < self.lines:
            line = text
            while line and metrics.horizontalAdvance(line) > wide and len(lines) < self.lines - 1:
                line = line.rpartition(" ")[0]
            lines.append(metrics.elidedText(line, Qt.TextElideMode.ElideRight, wide))
            text = text[len(line) :].strip()
        high = self.theme.px(_LINE)
        top = box.center().y() - 0.5 * high * len(lines)
        for n, line in enumerate(lines):
            painter.drawText(
                QRectF(box.left(), top + n * high, box.width(), high),
                Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter,
                line,
            )

    def _text(
        self,
        painter: QPainter,
        box: QRectF,
        text: str,
        size: float,
        colour: str,
        *,
        bold: bool = False,
        centred: bool = False,
    ) -> None:
        painter.setFont(self.theme.font(size, bold=bold))
        painter.setPen(self.app.theme.colours[colour])
        if centred:
            side = Qt.AlignmentFlag.AlignHCenter
        else:
            side = Qt.AlignmentFlag.AlignLeft
        one_line(painter, box, text, side)
