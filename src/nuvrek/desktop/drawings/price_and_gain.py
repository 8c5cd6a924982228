"""Price against what is gained, drawn: how low the strings can lie and ring clean, and how many
years of wear a way leaves. Every way a point, the owner's budget a line.
"""

from __future__ import annotations

from msgspec import Struct
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.drawings.places import free_place, ticks
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.units import MM_PER_UNIT, Unit, unit_word
from nuvrek.wording.speech import figure, tr

_LEFT, _BOTTOM, _TOP, _RIGHT = 58, 44, 40, 18


class Point(Struct, frozen=True):
    """A way: its price, the most it may come to, the lowest clean height (mm), years of wear."""

    kind: str
    words: str
    price: float
    most: float
    height_mm: float | None
    years: float | None


class PriceView(QWidget):
    """Two fields side by side with the price along both; a press picks a way."""

    picked = pyqtSignal(str)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme, self.height_unit, self.currency = theme, Unit.MM, ""
        self.points: tuple[Point, ...] = ()
        self.selected, self.why_not = "", ""
        self.budget: float | None = None
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("Price against what is gained"))

    def sizeHint(self) -> QSize:
        return QSize(900, 380)

    def show_points(
        self,
        points: tuple[Point, ...],
        selected: str,
        budget: float | None,
        currency: str,
        height_unit: Unit,
        why_not: str = "",
    ) -> None:
        """Draw these ways; ``why_not`` says why there are none."""
        self.points, self.selected, self.budget = points, selected, budget
        self.currency, self.height_unit, self.why_not = currency, height_unit, why_not
        text = "; ".join(f"{point.words}: {point.price:.0f} {currency}" for point in points)
        self.setAccessibleDescription(text or why_not)
        self.update()

    # --- places ----------------------------------------------------------------------

    def _boxes(self) -> tuple[QRectF, QRectF]:
        t, half = self.theme, self.width() / 2
        left = QRectF(0, 0, half, self.height())
        inner = left.adjusted(t.px(_LEFT), t.px(_TOP), -t.px(_RIGHT), -t.px(_BOTTOM))
        return inner, inner.translated(half, 0)

    def _most(self) -> float:
        return max([1.0, self.budget or 0.0, *(point.most for point in self.points)]) * 1.06

    def _span(self, values: list[float], floor: float | None) -> tuple[float, float]:
        low, high = min(values), max(values)
        room = max(0.15 * (high - low), 0.04 if floor is None else 1.0)
        return (low - room if floor is None else max(low - room, floor)), high + room

    def _fields(self) -> list[tuple[QRectF, str, list[tuple[Point, float]], tuple[float, float]]]:
        """The two fields: box, words, points with their height in it, and the scale (from, to)."""
        first, second = self._boxes()
        per = MM_PER_UNIT[self.height_unit]
        clean = [(p, p.height_mm / per) for p in self.points if p.height_mm is not None]
        years = [(p, p.years) for p in self.points if p.years is not None]
        found = []
        if clean:
            span = self._span([value for _, value in clean], None)
            text = tr(
                "low string clean from, {unit_word}: lower is better",
                unit_word=unit_word(self.height_unit),
            )
            found.append((first, text, clean, span))
        if years:
            span = self._span([value for _, value in years], 0.0)
            found.append((second, tr("years of ordinary play in it: more is better"), years, span))
        return found

    def _at(self, box: QRectF, price: float, value: float, span: tuple[float, float]) -> QPointF:
        share = (value - span[0]) / max(span[1] - span[0], 1e-9)
        x = box.left() + price / self._most() * box.width()
        return QPointF(x, box.bottom() - share * box.height())

    # --- painting --------------------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            t, c = self.theme, self.theme.colours
            frame = QRectF(self.rect()).adjusted(1, 1, -1, -1)
            painter.setPen(QPen(c["line"], 1))
            painter.setBrush(c["card"])
            painter.drawRoundedRect(frame, 3, 3)
            fields = self._fields()
            if not fields:
                write(painter, t, frame, text=self.why_not, size=15, colour="muted")
            for box, text, values, span in fields:
                self._axes(painter, box, text, span)
                self._budget(painter, box)
                taken: list[QRectF] = []
                for point, value in sorted(values, key=lambda one: one[0].kind != self.selected):
                    self._point(painter, box, point, self._at(box, point.price, value, span), taken)

    def _axes(self, painter: QPainter, box: QRectF, text: str, span: tuple[float, float]) -> None:
        t = self.theme
        painter.setPen(QPen(t.colours["muted"], 1))
        painter.drawLine(box.bottomLeft(), box.bottomRight())
        painter.drawLine(box.topLeft(), box.bottomLeft())
        head = QRectF(box.left(), t.px(8), box.width(), t.px(22))
        write(painter, t, head, text=text, size=14, colour="ink", bold=True)
        for price in ticks(0.0, self._most()):
            x = self._at(box, price, span[0], span).x()
            label = QRectF(x - 40, box.bottom() + 3, 80, t.px(17))
            write(painter, t, label, text=figure(f"{price:g}"), size=12, colour="muted")
        for value in ticks(*span):
            y = self._at(box, 0.0, value, span).y()
            side = QRectF(box.left() - t.px(_LEFT), y - t.px(9), t.px(_LEFT) - 6, t.px(18))
            write(
                painter,
                t,
                side,
                text=figure(f"{value:g}"),
                size=12,
                colour="muted",
                align=Qt.AlignmentFlag.AlignRight,
            )
        foot = QRectF(box.left(), box.bottom() + t.px(19), box.width(), t.px(20))
        write(
            painter,
            t,
            foot,
            text=tr("price, {currency}", currency=self.currency or tr("in all")),
            size=13,
            colour="ink",
        )

    def _budget(self, painter: QPainter, box: QRectF) -> None:
        """The owner's budget: a line with its word, as high as the field."""
        if self.budget is None:
            return
        t, c = self.theme, self.theme.colours
        x = box.left() + self.budget / self._most() * box.width()
        painter.setPen(QPen(c["plum"], 2, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()))
        label = QRectF(x + 6, box.top() + 2, 90, t.px(18))
        left = Qt.AlignmentFlag.AlignLeft
        write(painter, t, label, text="budget", size=13, colour="plum", bold=True, align=left)

    def _point(
        self, painter: QPainter, box: QRectF, point: Point, at: QPointF, taken: list[QRectF]
    ) -> None:
        """A way as a fret end on: a short bar, with a tail to the most it may come to."""
        c, t = self.theme.colours, self.theme
        chosen = point.kind == self.selected
        colour = c["copper" if chosen else "ink"]
        if point.most > point.price:
            tail = box.left() + min(point.most / self._most(), 1.0) * box.width()
            painter.setPen(QPen(c["muted"], 1.4, Qt.PenStyle.DotLine))
            painter.drawLine(at, QPointF(tail, at.y()))
        painter.setPen(QPen(colour, 2))
        painter.setBrush(colour if chosen else c["card"])
        painter.drawRoundedRect(QRectF(at.x() - 4, at.y() - 9, 8, 18), 3, 3)
        painter.setFont(t.font(13, bold=chosen))
        wide = painter.fontMetrics().horizontalAdvance(point.words) + 4
        frame = QRectF(box.left(), 0, box.width() + t.px(_RIGHT) - 4, box.bottom())
        place = free_place(at, wide, t.px(17), frame, taken)
        if place is not None:
            taken.append(place)
            name = "copper" if chosen else "ink"
            left = Qt.AlignmentFlag.AlignLeft
            write(
                painter, t, place, text=point.words, size=13, colour=name, bold=chosen, align=left
            )
        taken.append(QRectF(at.x() - 6, at.y() - 10, 12, 20))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        near: tuple[float, str] = (20.0, "")
        for box, _, values, span in self._fields():
            for point, value in values:
                apart = self._at(box, point.price, value, span) - event.position()
                near = min(near, (apart.manhattanLength(), point.kind))
        if near[1]:
            self.picked.emit(near[1])
