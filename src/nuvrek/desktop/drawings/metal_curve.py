"""Metal off against string height, drawn: where the neck stands, what a full level buys, and
what lies between.
"""

from __future__ import annotations

from itertools import pairwise

from msgspec import Struct
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.drawings.places import free_place, ticks
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.units import MM_PER_UNIT, Unit, format_length, unit_word
from nuvrek.wording.speech import figure, tr

_LEFT, _BOTTOM, _TOP, _RIGHT = 62, 40, 14, 16
# The curve keeps words so far from it, px.
_DOT = 7.0


class CurveMark(Struct, frozen=True):
    """A way on the drawing: metal off and the height of the low string, in mm; ``sign`` tells
    its kind without colour.
    """

    words: str
    metal_mm: float
    height_mm: float
    sign: str
    chosen: bool = False


class CurveView(QWidget):
    """The curve of least metal with the ways on it; a press or drag asks for another height."""

    height_wanted = pyqtSignal(float)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme, self.unit, self.height_unit = theme, Unit.MM, Unit.MM
        self.points: tuple[tuple[float, float], ...] = ()
        self.marks: tuple[CurveMark, ...] = ()
        self.why_not = ""
        self.setMinimumHeight(150)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("Metal off against action"))

    def sizeHint(self) -> QSize:
        return QSize(560, 240)

    def show_curve(
        self,
        points: tuple[tuple[float, float], ...],
        marks: tuple[CurveMark, ...],
        unit: Unit,
        height_unit: Unit,
        why_not: str = "",
    ) -> None:
        """``points`` are (metal, height of the low string), mm; ``why_not`` says why there are
        none.
        """
        self.points, self.marks, self.why_not = points, marks, why_not
        self.unit, self.height_unit = unit, height_unit
        self.setAccessibleDescription(
            "; ".join(
                tr(
                    "{detail}: {metal_mm} off, {height_mm}",
                    detail=m.words,
                    metal_mm=format_length(m.metal_mm, unit),
                    height_mm=format_length(m.height_mm, height_unit),
                )
                for m in marks
            )
        )
        self.update()

    # --- places -----------------------------------------------------------------

    def _box(self) -> QRectF:
        t = self.theme
        return QRectF(self.rect()).adjusted(t.px(_LEFT), t.px(_TOP), -t.px(_RIGHT), -t.px(_BOTTOM))

    def _span(self) -> tuple[float, float, float]:
        """Most metal, lowest and highest string."""
        every = [*self.points, *((m.metal_mm, m.height_mm) for m in self.marks)]
        metal, heights = [p[0] for p in every], [p[1] for p in every]
        low, high = min(heights), max(heights)
        room = max(0.12 * (high - low), 0.04)
        return max([0.1, *metal]) * 1.12, low - room, high + room

    def _at(self, metal_mm: float, height_mm: float) -> QPointF:
        box, (most, low, high) = self._box(), self._span()
        return QPointF(
            box.left() + metal_mm / most * box.width(),
            box.bottom() - (height_mm - low) / (high - low) * box.height(),
        )

    # --- painting -----------------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            c, t = self.theme.colours, self.theme
            frame = QRectF(self.rect()).adjusted(1, 1, -1, -1)
            painter.setPen(QPen(c["line"], 1))
            painter.setBrush(c["card"])
            painter.drawRoundedRect(frame, 3, 3)
            if not self.points and not self.marks:
                write(painter, t, frame, text=self.why_not, size=14, colour="muted")
                return
            self._axes(painter)
            if len(self.points) > 1:
                painter.setPen(QPen(c["copper"], 2.4))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawPolyline(QPolygonF([self._at(*p) for p in self.points]))
            # Words stand beside the curve as well; where there is no room but on it, there.
            taken = self._along_the_curve()
            for mark in sorted(self.marks, key=lambda m: not m.chosen):
                self._mark(painter, mark, taken)

    def _along_the_curve(self) -> list[QRectF]:
        """Small boxes from one end of the curve to the other."""
        found, points = list[QRectF](), [self._at(*p) for p in self.points]
        for a, b in pairwise(points):
            steps = max(1, int(max(abs(b.x() - a.x()), abs(b.y() - a.y())) / _DOT))
            for n in range(steps + 1):
                at = a + (b - a) * (n / steps)
                found.append(QRectF(at.x() - _DOT / 2, at.y() - _DOT / 2, _DOT, _DOT))
        return found

    def _axes(self, painter: QPainter) -> None:
        box, t = self._box(), self.theme
        most, low, high = self._span()
        painter.setPen(QPen(t.colours["muted"], 1))
        painter.drawLine(box.bottomLeft(), box.bottomRight())
        painter.drawLine(box.topLeft(), box.bottomLeft())
        per = MM_PER_UNIT[self.unit]
        for metal in ticks(0.0, most / per):
            x = self._at(metal * per, low).x()
            label = QRectF(x - 40, box.bottom() + 2, 80, t.px(17))
            write(painter, t, label, text=figure(f"{metal:g}"), size=12, colour="muted")
        tall = MM_PER_UNIT[self.height_unit]
        for height in ticks(low / tall, high / tall):
            y = self._at(0.0, height * tall).y()
            side = QRectF(0, y - t.px(9), box.left() - 6, t.px(18))
            write(
                painter,
                t,
                side,
                text=figure(f"{height:g}"),
                size=12,
                colour="muted",
                align=Qt.AlignmentFlag.AlignRight,
            )
        foot = QRectF(box.left(), box.bottom() + t.px(17), box.width(), t.px(20))
        write(
            painter,
            t,
            foot,
            text=tr("metal off, all frets, {detail}", detail=self.unit.value),
            size=13,
            colour="ink",
        )
        painter.save()
        painter.translate(t.px(12), box.center().y())
        painter.rotate(-90)
        words = QRectF(-box.height() / 2 - 10, -t.px(10), box.height() + 20, t.px(20))
        write(
            painter,
            t,
            words,
            text=tr("low string, {unit_word}, 9 in 10", unit_word=unit_word(self.height_unit)),
            size=13,
            colour="ink",
        )
        painter.restore()

    def _mark(self, painter: QPainter, mark: CurveMark, taken: list[QRectF]) -> None:
        c, t = self.theme.colours, self.theme
        at = self._at(mark.metal_mm, mark.height_mm)
        painter.setPen(QPen(c["copper" if mark.chosen else "ink"], 2))
        painter.setBrush(c["copper"] if mark.chosen else c["card"])
        if mark.sign == "square":
            painter.drawRect(QRectF(at.x() - 6, at.y() - 6, 12, 12))
        elif mark.sign == "corner":
            painter.drawPolygon(
                QPolygonF(
                    [
                        QPointF(at.x() - 7, at.y() + 6),
                        QPointF(at.x() + 7, at.y() + 6),
                        QPointF(at.x(), at.y() - 7),
                    ]
                )
            )
        else:
            painter.drawEllipse(at, 6, 6)
        painter.setFont(t.font(13, bold=mark.chosen))
        wide = painter.fontMetrics().horizontalAdvance(mark.words) + 4
        frame = self._box().adjusted(0, 0, self.width() - 4 - self._box().right(), 0)
        high = t.px(17)
        box = free_place(at, wide, high, frame, taken)
        if box is None:
            box = free_place(at, wide, high, frame, [one for one in taken if one.width() > _DOT])
        if box is not None:
            taken.append(box)
            name = "copper" if mark.chosen else "ink"
            left = Qt.AlignmentFlag.AlignLeft
            write(
                painter, t, box, text=mark.words, size=13, colour=name, bold=mark.chosen, align=left
            )
        taken.append(QRectF(at.x() - 8, at.y() - 8, 16, 16))

    # --- hands --------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self._asked(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        self._asked(event)

    def _asked(self, event: QMouseEvent | None) -> None:
        if event is None or not self.points:
            return
        box, (_, low, high) = self._box(), self._span()
        share = (box.bottom() - event.position().y()) / max(box.height(), 1.0)
        self.height_wanted.emit(low + min(max(share, 0.0), 1.0) * (high - low))
