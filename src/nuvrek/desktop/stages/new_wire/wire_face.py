"""The wires of the shelf in section on this neck, beside the one that is in it."""

from __future__ import annotations

from msgspec import Struct
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import named, tr

_ROW = 74


class Section(Struct, frozen=True):
    """One wire as drawn: its name, figures in words, sizes in mm; ``crown_mm`` after the first
    level; ``out`` why it will not do, ``chosen`` the one agreed on.
    """

    name: str
    figures: tuple[str, ...]
    height_mm: float
    width_mm: float
    tang_mm: float
    blade_mm: float
    barbs_mm: float
    left_mm: float
    out: str = ""
    remark: str = ""
    chosen: bool = False


class WireFace(QWidget):
    """A row a wire: its section over the slot, its figures; the old one faint behind each."""

    picked = pyqtSignal(int)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.wires: tuple[Section, ...] = ()
        self.old = (1.2, 2.4)
        self.slot_mm = (0.55, 2.0)
        self.at = 0
        self.words = ("", "")
        self.setAccessibleName(tr("Wires of the shelf"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(3 * _ROW)

    def show_wires(
        self,
        wires: tuple[Section, ...],
        old: tuple[float, float],
        slot_mm: tuple[float, float],
        at: int,
        heads: tuple[str, ...],
    ) -> None:
        """Draw ``wires``; ``old`` is height and width of the wire there is, ``slot_mm`` width and
        depth of the slots, ``at`` the row in hand.
        """
        self.wires, self.old, self.slot_mm, self.at, self.heads = wires, old, slot_mm, at, heads
        text = "; ".join(f"{w.name}: {', '.join(w.figures)}{w.out}" for w in wires)
        self.setAccessibleDescription(text)
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(560, 60 + _ROW * max(len(self.wires), 2))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        row = int((event.position().y() - self._head()) // self._row())
        if 0 <= row < len(self.wires):
            self.picked.emit(row)

    def _head(self) -> float:
        return float(self.theme.px(26))

    def _row(self) -> float:
        room = self.height() - self._head() - 4
        return min(max(room / max(len(self.wires), 1), 46.0), float(self.theme.px(_ROW)))

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.fillRect(self.rect(), self.theme.colours["card"])
            if not self.wires:
                painter.setPen(self.theme.colours["muted"])
                painter.setFont(self.theme.font(15))
                text = tr("No wire on the shelf yet. Take one in: its sizes, measured on this run.")
                painter.drawText(QRectF(self.rect()), Qt.AlignmentFlag.AlignCenter, text)
                return
            self._heads(painter)
            for n, wire in enumerate(self.wires):
                self._wire(painter, self._head() + n * self._row(), wire, n == self.at)

    def _columns(self) -> list[float]:
        """Where name and figures begin."""
        wide = float(self.width())
        first = 0.20 * wide
        step = (wide - first - 0.26 * wide) / max(len(self.heads) - 1, 1)
        return [first, *(first + 0.26 * wide + n * step for n in range(len(self.heads) - 1))]

    def _heads(self, painter: QPainter) -> None:
        painter.setFont(self.theme.font(13))
        painter.setPen(self.theme.colours["muted"])
        places = [*self._columns(), float(self.width())]
        for left, right, head in zip(places, places[1:], self.heads, strict=False):
            one_line(painter, QRectF(left, 0, right - left - 4, self._head()), head)

    def _wire(self, painter: QPainter, top: float, wire: Section, here: bool) -> None:
        high, c = self._row(), self.theme.colours
        if here:
            painter.fillRect(QRectF(0, top, self.width(), high), c["light"])
        painter.setPen(QPen(c["line"], 1))
        painter.drawLine(QPointF(0, top), QPointF(self.width(), top))
        self._section(painter, QRectF(6, top + 3, 0.18 * self.width() - 8, high - 6), wire)
        places = [*self._columns(), float(self.width())]
        name = f"{'✓ ' if wire.chosen else ''}{named(wire.name)}"
        for n, text in enumerate((name, *wire.figures)):
            bold = n == 0
            painter.setFont(self.theme.font(15 if bold else 16, bold=bold, figures=not bold))
            painter.setPen(c["muted" if wire.out else "ink"])
            box = QRectF(places[n], top, places[n + 1] - places[n] - 4, high)
            if wire.out or wire.remark:
                box.setHeight(high * 0.55)
            one_line(painter, box, text)
        if wire.out or wire.remark:
            painter.setFont(self.theme.font(13))
            painter.setPen(c["plum" if wire.out else "muted"])
            box = QRectF(places[0], top + high * 0.5, self.width() - places[0] - 6, high * 0.45)
            one_line(painter, box, wire.out or wire.remark)

    def _section(self, painter: QPainter, box: QRectF, wire: Section) -> None:
        c = self.theme.colours
        tall = max(wire.height_mm, self.old[0]) + max(wire.tang_mm, self.slot_mm[1]) + 0.2
        per_mm = min(box.height() / tall, box.width() / 3.6)
        x = box.center().x()
        floor = box.top() + (max(wire.height_mm, self.old[0]) + 0.1) * per_mm
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(c["board"])
        painter.drawRect(QRectF(box.left(), floor, box.width(), box.bottom() - floor))
        painter.setBrush(c["card"])
        slot, deep = self.slot_mm
        painter.drawRect(QRectF(x - slot * per_mm / 2, floor, slot * per_mm, deep * per_mm))
        painter.setPen(QPen(c["ink"], 1))
        painter.setBrush(c["wire"])
        painter.drawPath(_bead(x, floor, wire.width_mm * per_mm, wire.height_mm * per_mm))
        blade, tang = wire.blade_mm * per_mm, wire.tang_mm * per_mm
        painter.drawRect(QRectF(x - blade / 2, floor, blade, tang))
        for share in (0.3, 0.6):
            barbs = wire.barbs_mm * per_mm
            painter.drawRect(QRectF(x - barbs / 2, floor + share * tang, barbs, 2.5))
        painter.setPen(QPen(c["slate"], 1.4, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(_bead(x, floor, self.old[1] * per_mm, self.old[0] * per_mm))
        left = floor - wire.left_mm * per_mm
        painter.setPen(QPen(c["copper"], 1.6))
        half = 0.55 * wire.width_mm * per_mm
        painter.drawLine(QPointF(x - half, left), QPointF(x + half, left))


def _bead(x: float, floor: float, width: float, height: float) -> QPainterPath:
    """A circular segment on the wood."""
    radius = (width**2 / 4.0 + height**2) / (2.0 * max(height, 1e-3))
    disc, above = QPainterPath(), QPainterPath()
    disc.addEllipse(QPointF(x, floor - height + radius), radius, radius)
    above.addRect(QRectF(x - width / 2.0, floor - height, width, height))
    return disc.intersected(above)
