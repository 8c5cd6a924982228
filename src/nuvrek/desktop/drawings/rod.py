"""Two drawings for rod work: which way the key turns, seen from where you stand, and the relief
over the moves.
"""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.working.rod_loop import TracePoint
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Side
from nuvrek.readings.words import part_words
from nuvrek.units import Unit, format_number
from nuvrek.wording.speech import listed, say, tr

if TYPE_CHECKING:
    from nuvrek.planning.rod.move import RodPlan

_KEY_WIDE = 300


class RodView(QWidget):
    """The key at the nut, and beside it the trace."""

    pressed = pyqtSignal()

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.neck: NeckDescription | None = None
        self.moves: tuple[tuple[Side | None, float], ...] = ()
        self.plan: RodPlan | None = None
        self.points: tuple[TracePoint, ...] = ()
        self.unit = Unit.MM
        self.other_end = False
        self.setAccessibleName(
            tr("Truss rod: key and trace. Press to see the key from the other end.")
        )
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        """As high as a key drawing needs."""
        return QSize(900, self.theme.px(230))

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.other_end = not self.other_end
        self._describe()
        self.update()
        self.pressed.emit()

    def show_rod(
        self,
        neck: NeckDescription,
        plan: RodPlan | None,
        moves: tuple[tuple[Side | None, float], ...],
        points: tuple[TracePoint, ...],
        unit: Unit,
    ) -> None:
        """Draw ``moves`` (those of the plan, or what the hand made of them) and the trace so
        far.
        """
        self.neck, self.plan, self.moves, self.points, self.unit = neck, plan, moves, points, unit
        self._describe()
        self.update()

    @property
    def from_head(self) -> bool:
        """Whether the key is seen from the headstock."""
        at_head = self.neck is None or self.neck.rod_access in ("head", "unknown")
        return at_head != self.other_end

    def turns_clockwise(self, turns: float) -> bool:
        """Which way the key goes on screen: tightening is clockwise for an eye that faces the
        nut.
        """
        return (turns > 0.0) != self.other_end

    def _describe(self) -> None:
        texts = [
            (
                f"{part_words(round(abs(turns) * 16))} "
                + (tr("clockwise") if self.turns_clockwise(turns) else tr("counter-clockwise"))
            )
            for _, turns in self.moves
        ]
        if self.from_head:
            where = tr("headstock")
        else:
            where = tr("body")
        trail = ", ".join(
            f"{say(p.moved)} {say(format_number(p.mm, self.unit))}" for p in self.points
        )
        self.setAccessibleDescription(
            tr(
                "Seen from the {where}: {detail}. Relief: {trail}",
                where=where,
                detail=listed(texts),
                trail=trail,
            )
        )

    # --- painting -----------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        if self.neck is None:
            return
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            wide = min(self.theme.px(_KEY_WIDE), self.width() // 2)
            self._key(painter, QRectF(0, 0, wide, self.height()))
            self._trace(painter, QRectF(wide + 24, 0, self.width() - wide - 24, self.height()))

    def _key(self, painter: QPainter, box: QRectF) -> None:
        t = self.theme
        head = t.px(22)
        if self.from_head:
            where = tr("the headstock")
        else:
            where = tr("the body")
        if not self.moves:
            top = tr("No turn is due")
        else:
            top = tr("Key seen from {where}", where=where)
        write(
            painter,
            self.theme,
            QRectF(box.left(), 0, box.width(), head),
            text=top,
            size=14,
            colour="muted",
        )
        inner = QRectF(box.left() + 8, head + 2, box.width() - 16, box.height() - 2 * head - 6)
        self._section(painter, inner)
        places, turned = self._nuts(inner), dict(self.moves)
        for side, at in places.items():
            if side in turned:
                self._arc(
                    painter, at, min(inner.height() * 0.30, inner.width() * 0.2), turned[side]
                )
            else:
                self._nut(painter, at, t.px(11))
        right_handed = self.neck is not None and not self.neck.left_handed
        low_right = right_handed == self.from_head
        if low_right:
            sides = (tr("treble side"), tr("bass side"))
        else:
            sides = (tr("bass side"), tr("treble side"))
        foot = QRectF(box.left(), box.bottom() - head, box.width(), head)
        write(
            painter,
            self.theme,
            foot,
            text=sides[0],
            size=13,
            colour="muted",
            align=Qt.AlignmentFlag.AlignLeft,
        )
        write(
            painter,
            self.theme,
            foot,
            text=sides[1],
            size=13,
            colour="muted",
            align=Qt.AlignmentFlag.AlignRight,
        )

    def _section(self, painter: QPainter, box: QRectF) -> None:
        """The neck cut across: the board with its curve above, the wood below."""
        c = self.theme.colours
        painter.setPen(QPen(c["line"], 1.5))
        painter.setBrush(c["card"])
        wood = QPainterPath()
        board = box.top() + box.height() * 0.26
        wood.moveTo(box.left(), board)
        wood.cubicTo(
            QPointF(box.left() + 4, box.bottom() + 6),
            QPointF(box.right() - 4, box.bottom() + 6),
            QPointF(box.right(), board),
        )
        wood.closeSubpath()
        painter.drawPath(wood)
        face = QPainterPath()
        face.moveTo(box.left(), board)
        face.lineTo(box.left(), box.top() + 14)
        face.quadTo(QPointF(box.center().x(), box.top() - 4), QPointF(box.right(), box.top() + 14))
        face.lineTo(box.right(), board)
        face.closeSubpath()
        painter.setBrush(c["board"])
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawPath(face)

    def _nuts(self, box: QRectF) -> dict[Side | None, QPointF]:
        """Where the nuts are drawn, by side where there are two."""
        y = box.top() + box.height() * 0.60
        if self.neck is None or self.neck.rod != "twin":
            return {None: QPointF(box.center().x(), y)}
        apart = box.width() * 0.24
        if (not self.neck.left_handed) == self.from_head:
            low = apart
        else:
            low = -apart
        return {
            "bass": QPointF(box.center().x() + low, y),
            "treble": QPointF(box.center().x() - low, y),
        }

    def _nut(self, painter: QPainter, at: QPointF, size: float) -> None:
        c = self.theme.colours
        corners = [
            QPointF(
                at.x() + size * math.cos(math.radians(60 * k)),
                at.y() + size * math.sin(math.radians(60 * k)),
            )
            for k in range(6)
        ]
        painter.setPen(QPen(c["ink"], 1.5))
        painter.setBrush(c["wire"])
        painter.drawPolygon(QPolygonF(corners))

    def _arc(self, painter: QPainter, at: QPointF, radius: float, turns: float) -> None:
        """The key as a lever, where it is and where it goes, with the arc between."""
        c = self.theme.colours
        colour = "copper" if turns > 0 else "slate"
        way = -1.0 if self.turns_clockwise(turns) else 1.0
        start, sweep = 90.0, way * 360.0 * min(abs(turns), 0.9)
        painter.setPen(QPen(c["muted"], 5, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap))
        painter.drawLine(at, _at_angle(at, radius, start))
        painter.setPen(QPen(c[colour], 5, Qt.PenStyle.DashLine, Qt.PenCapStyle.RoundCap))
        painter.drawLine(at, _at_angle(at, radius, start + sweep))
        painter.setPen(QPen(c[colour], 3))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        ring = QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius)
        painter.drawArc(ring, round(16 * start), round(16 * sweep))
        self._head(painter, at, radius, angle=start + sweep, way=way, colour=colour)
        self._nut(painter, at, self.theme.px(10))
        words = tr("{part_words} turn", part_words=part_words(round(abs(turns) * 16)))
        below = QRectF(at.x() - 90, at.y() + radius * 0.35, 180, self.theme.px(24))
        write(painter, self.theme, below, text=words, size=16, colour=colour, bold=True)

    def _head(
        self, painter: QPainter, at: QPointF, radius: float, angle: float, way: float, colour: str
    ) -> None:
        """The arrow's head at the end of the arc, pointing the way the key goes."""
        tip = _at_angle(at, radius, angle + way * 7.0)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colours[colour])
        back = angle - way * 9.0
        painter.drawPolygon(
            QPolygonF([tip, _at_angle(at, radius + 8, back), _at_angle(at, radius - 8, back)])
        )

    def _trace(self, painter: QPainter, box: QRectF) -> None:
        """Relief over the moves against the wanted band; promises hollow, the next one dashed."""
        if self.neck is None or not self.points:
            write(
                painter,
                self.theme,
                box,
                text=tr("No relief is known yet."),
                size=16,
                colour="muted",
            )
            return
        t, c = self.theme, self.theme.colours
        ahead = self._ahead()
        low, high = self._reach(self.neck, ahead)
        plot = QRectF(
            box.left() + t.px(54), t.px(26), box.width() - t.px(64), box.height() - t.px(54)
        )

        def y(mm: float) -> float:
            return float(plot.bottom() - (mm - low) / (high - low) * plot.height())

        count = len(self.points) + (1 if ahead else 0)
        step = plot.width() / max(count, 3)

        def x(n: int) -> float:
            return plot.left() + step * (n + 0.5)

        self._band(painter, box, plot, y)
        painter.setPen(QPen(c["ink"], 1.5))
        for n in range(1, len(self.points)):
            painter.drawLine(
                QPointF(x(n - 1), y(self.points[n - 1].mm)), QPointF(x(n), y(self.points[n].mm))
            )
        self._sides(painter, x, y)
        for n, point in enumerate(self.points):
            self._point(painter, x(n), step, y=y, point=point, plot=plot)
        if ahead:
            self._forecast(
                painter,
                x(len(self.points)),
                x(len(self.points) - 1),
                step=step,
                y=y,
                ahead=ahead,
                plot=plot,
            )

    def _reach(
        self, neck: NeckDescription, ahead: tuple[float, float] | None
    ) -> tuple[float, float]:
        """The lowest and highest relief to show, mm: what was, what is wanted, what comes."""
        target, margin = neck.relief_wanted_mm("middle"), neck.relief_margin_mm
        every = [target - margin, target + margin]
        for point in self.points:
            each = (point.mm, point.promised_mm, *(point.sides_mm or ()))
            every += [mm for mm in each if mm is not None]
        if ahead:
            every += [ahead[0] - ahead[1], ahead[0] + ahead[1]]
        return min(every) - 0.03, max(every) + 0.03

    def _band(
        self, painter: QPainter, box: QRectF, plot: QRectF, y: Callable[[float], float]
    ) -> None:
        """The title, and what is wanted as a band across."""
        if self.neck is None:
            return
        t, c = self.theme, self.theme.colours
        target, margin = self.neck.relief_wanted_mm("middle"), self.neck.relief_margin_mm
        title = tr("Relief at pitch over the moves, {detail}", detail=self.unit.value)
        head = QRectF(box.left(), 0, box.width(), t.px(22))
        write(
            painter,
            self.theme,
            head,
            text=title,
            size=14,
            colour="muted",
            align=Qt.AlignmentFlag.AlignLeft,
        )
        band = QRectF(
            plot.left(), y(target + margin), plot.width(), y(target - margin) - y(target + margin)
        )
        painter.fillRect(band, c["card"])
        painter.setPen(QPen(c["line"], 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(band)
        beside = QRectF(box.left(), y(target) - t.px(10), t.px(50), t.px(20))
        write(
            painter,
            self.theme,
            beside,
            text=say(format_number(target, self.unit)),
            size=13,
            colour="muted",
        )

    def _sides(
        self, painter: QPainter, x: Callable[[int], float], y: Callable[[float], float]
    ) -> None:
        """Bass side and treble side by themselves where twin rods can part them."""
        c = self.theme.colours
        for k, (name, colour) in enumerate(((tr("low"), "brass"), (tr("high"), "plum"))):
            told = [(n, p.sides_mm[k]) for n, p in enumerate(self.points) if p.sides_mm is not None]
            if not told:
                continue
            painter.setPen(QPen(c[colour], 1.5, Qt.PenStyle.DotLine))
            painter.drawPolyline(QPolygonF([QPointF(x(n), y(mm)) for n, mm in told]))
            for n, mm in told:
                painter.setPen(QPen(c[colour], 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                at = QPointF(x(n), y(mm))
                if k:
                    mark = [QPointF(-5, 4), QPointF(5, 4), QPointF(0, -5)]
                else:
                    mark = [QPointF(-5, -4), QPointF(5, -4), QPointF(0, 5)]
                painter.drawPolygon(QPolygonF([at + corner for corner in mark]))
            n, mm = told[0]
            words = f"{name} {say(format_number(mm, self.unit))}"
            box = QRectF(
                x(n) - self.theme.px(90),
                y(mm) - self.theme.px(11),
                self.theme.px(80),
                self.theme.px(22),
            )
            write(
                painter,
                self.theme,
                box,
                text=words,
                size=13,
                colour=colour,
                align=Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
            )

    def _ahead(self) -> tuple[float, float] | None:
        if self.plan is None or not self.plan.known:
            return None
        return self.plan.after_move_mm, self.plan.after_move_doubt_mm

    def _point(
        self,
        painter: QPainter,
        x: float,
        step: float,
        y: Callable[[float], float],
        point: TracePoint,
        plot: QRectF,
    ) -> None:
        t, c = self.theme, self.theme.colours
        if point.promised_mm is not None:
            doubt = point.promised_doubt_mm or 0.0
            painter.setPen(QPen(c["slate"], 1.5, Qt.PenStyle.DashLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            top, bottom = y(point.promised_mm + doubt), y(point.promised_mm - doubt)
            painter.drawRect(
                QRectF(
                    x - 11,
                    max(top, plot.top()),
                    22,
                    min(bottom, plot.bottom()) - max(top, plot.top()),
                )
            )
        painter.setPen(QPen(c["ink"], 1.5))
        painter.drawLine(
            QPointF(x, max(y(point.mm + point.doubt_mm), plot.top())),
            QPointF(x, min(y(point.mm - point.doubt_mm), plot.bottom())),
        )
        painter.setBrush(c["copper"])
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawEllipse(QPointF(x, y(point.mm)), 5.0, 5.0)
        beside = QRectF(x + 9, y(point.mm) - t.px(24), t.px(60), t.px(22))
        write(
            painter,
            self.theme,
            beside,
            text=say(format_number(point.mm, self.unit)),
            size=15,
            colour="ink",
            bold=True,
            align=Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter,
        )
        self._under(painter, x, step, plot, say(point.moved))

    def _forecast(
        self,
        painter: QPainter,
        x: float,
        before: float,
        step: float,
        y: Callable[[float], float],
        ahead: tuple[float, float],
        plot: QRectF,
    ) -> None:
        c = self.theme.colours
        mm, doubt = ahead
        painter.setPen(QPen(c["slate"], 2, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawLine(QPointF(before, y(self.points[-1].mm)), QPointF(x, y(mm)))
        painter.drawLine(QPointF(x, y(mm + doubt)), QPointF(x, y(mm - doubt)))
        painter.drawEllipse(QPointF(x, y(mm)), 6.0, 6.0)
        beside = QRectF(x + 9, y(mm) - self.theme.px(24), self.theme.px(60), self.theme.px(22))
        write(
            painter,
            self.theme,
            beside,
            text=say(format_number(mm, self.unit)),
            size=15,
            colour="slate",
            bold=True,
            align=Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter,
        )
        self._under(painter, x, step, plot, tr("next"))

    def _under(self, painter: QPainter, x: float, step: float, plot: QRectF, words: str) -> None:
        short = words.replace(f" {tr('turn')} ", " ")
        box = QRectF(x - 0.5 * step, plot.bottom() + 4, step, self.theme.px(22))
        painter.setFont(self.theme.font(13))
        painter.setPen(self.theme.colours["muted"])
        one_line(painter, box, short, Qt.AlignmentFlag.AlignHCenter)


def _at_angle(at: QPointF, radius: float, degrees: float) -> QPointF:
    """A point on the ring; degrees count counter-clockwise from three o'clock, as Qt's arcs do."""
    angle = math.radians(degrees)
    return QPointF(at.x() + radius * math.cos(angle), at.y() - radius * math.sin(angle))
