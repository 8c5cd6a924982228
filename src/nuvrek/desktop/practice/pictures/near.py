"""Things seen near by: a crown under string, edge, leaf, finger, foot, rule or key."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPainterPath, QPen, QPolygonF

from nuvrek.bench.practice.pad import BenchPad
from nuvrek.bench.practice.tools.feeling import FingerTool, LeafTool
from nuvrek.bench.practice.tools.reading import CaliperTool, KeyTool, RuleTool
from nuvrek.desktop.theme import Theme
from nuvrek.wording.speech import named, say, tr

# Pixels a millimetre of what is drawn near by, at 100 % text.
NEAR_PX = 62.0
_CENTRE = Qt.AlignmentFlag.AlignCenter


def crown(
    painter: QPainter, theme: Theme, x: float, floor: float, wide: float, high: float
) -> None:
    """A crown in section on the wood."""
    path = QPainterPath(QPointF(x - wide / 2, floor))
    path.cubicTo(
        QPointF(x - wide / 2, floor - 1.3 * high),
        QPointF(x + wide / 2, floor - 1.3 * high),
        QPointF(x + wide / 2, floor),
    )
    painter.setPen(QPen(theme.colours["muted"], 1))
    painter.setBrush(theme.colours["wire"])
    painter.drawPath(path)


def wood(painter: QPainter, theme: Theme, rect: QRectF, floor: float) -> None:
    """The board below."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colours["board"])
    painter.drawRect(QRectF(rect.left(), floor, rect.width(), rect.bottom() - floor))


def leaf(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """Seen along the neck: the fret from side to side, string or edge over it, and the leaf that is
    pushed in between: through, dragging, or stopped before it.
    """
    tool = pad.tool
    assert isinstance(tool, LeafTool)
    c, near = theme.colours, 2.0 * NEAR_PX * theme.percent / 100.0
    top, x = rect.bottom() - 0.36 * rect.height(), rect.center().x()
    wood(painter, theme, rect, top + 46)
    bar = QPainterPath(QPointF(rect.left(), top + 22))
    bar.quadTo(QPointF(x, top - 22), QPointF(rect.right(), top + 22))
    bar.lineTo(rect.right(), top + 62)
    bar.quadTo(QPointF(x, top + 30), QPointF(rect.left(), top + 62))
    painter.setPen(QPen(c["muted"], 1))
    painter.setBrush(c["wire"])
    painter.drawPath(bar)
    thick = max(tool.leaves[tool.at] * near, 2.0)
    key = pad.felt.key if pad.felt is not None else ""
    gap = {"slides": thick + 10.0, "drags": thick, "stops": 0.55 * thick}.get(say(key), 0.4 * near)
    _carrier(painter, theme, QPointF(x, top - gap), tool.under, faint=not key)
    reach = {"slides": 150.0, "drags": 60.0, "stops": -0.34 * near}.get(say(key), -240.0)
    body = QRectF(rect.left() + 24, top - thick - 1, x + reach - rect.left() - 24, thick)
    painter.setPen(QPen(c["ink"], 1))
    painter.setBrush(QColor(c["brass"]))
    painter.drawRect(body)
    painter.drawRoundedRect(QRectF(body.left() - 8, body.center().y() - 16, 64, 32), 6, 6)
    if key == "drags":
        painter.setPen(QPen(c["copper"], 3))
        for n in range(3):
            at = x - 60 + 52 * n
            painter.drawLine(QPointF(at, top - gap - 26), QPointF(at + 14, top - gap - 12))
    if key:
        painter.setFont(theme.font(24, bold=True))
        painter.setPen(c["copper" if key == "stops" else "ink"])
        box = QRectF(rect.left() + 20, rect.top() + 12, 0.5 * rect.width(), 40)
        painter.drawText(box, Qt.AlignmentFlag.AlignVCenter, named(key))
    _tried(painter, theme, rect, tool)


def _carrier(painter: QPainter, theme: Theme, under: QPointF, kind: str, *, faint: bool) -> None:
    """The string from its end, or the edge; dashed while nothing was tried."""
    c = theme.colours
    if faint:
        style = Qt.PenStyle.DashLine
    else:
        style = Qt.PenStyle.SolidLine
    painter.setPen(QPen(c["ink"], 2.0, style))
    if kind == "string":
        size = 84.0
        painter.setBrush(Qt.BrushStyle.NoBrush if faint else c["string"])
        painter.drawEllipse(QPointF(under.x(), under.y() - size / 2), size / 2, size / 2)
        return
    painter.setBrush(Qt.BrushStyle.NoBrush if faint else c["slate"])
    painter.drawRect(QRectF(under.x() - 42, under.y() - 150, 84, 150))


def _tried(painter: QPainter, theme: Theme, rect: QRectF, tool: LeafTool) -> None:
    """What the leaves so far say: the thickest that slides, the thinnest that does not."""
    texts = []
    if tool.slides is not None:
        texts.append(tr("{slides:.2f} slides", slides=tool.slides))
    if tool.stops is not None:
        texts.append(tr("{stops:.2f} does not", stops=tool.stops))
    if texts:
        _words(painter, theme, rect, "  ·  ".join(texts), bold=True)


def _words(
    painter: QPainter, theme: Theme, rect: QRectF, words: str, *, bold: bool = False
) -> None:
    """A line over the picture, top right."""
    painter.setFont(theme.font(18, bold=bold))
    wide = painter.fontMetrics().horizontalAdvance(words) + 24
    box = QRectF(
        rect.right() - wide - 10, rect.top() + 14, wide, painter.fontMetrics().height() + 10
    )
    painter.setPen(QPen(theme.colours["line"], 1))
    painter.setBrush(theme.colours["card"])
    painter.drawRoundedRect(box, 5, 5)
    painter.setPen(theme.colours["ink"])
    painter.drawText(box, _CENTRE, words)


def finger(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """A finger on a fret, which gives or does not."""
    assert isinstance(pad.tool, FingerTool)
    c, near = theme.colours, NEAR_PX * theme.percent / 100.0
    floor, x = rect.bottom() - 0.22 * rect.height(), rect.center().x()
    moves = pad.felt is not None and pad.felt.key == "moves"
    wood(painter, theme, rect, floor)
    crown(painter, theme, x, floor=floor, wide=2.4 * near, high=1.2 * near)
    top = floor - 1.2 * near
    painter.setPen(QPen(c["muted"], 1.5))
    painter.setBrush(c["card"])
    tip = QPainterPath(QPointF(x - 46, rect.top()))
    tip.lineTo(x - 46, top - 40)
    tip.cubicTo(QPointF(x - 46, top + 6), QPointF(x + 46, top + 6), QPointF(x + 46, top - 40))
    tip.lineTo(x + 46, rect.top())
    painter.drawPath(tip)
    if moves:
        painter.setPen(QPen(c["copper"], 4))
        for side in (-1, 1):
            at = x + side * 1.7 * near
            painter.drawLine(QPointF(at, top), QPointF(at, floor - 14))
            painter.drawPolyline(
                QPolygonF(
                    [
                        QPointF(at - 9, floor - 24),
                        QPointF(at, floor - 12),
                        QPointF(at + 9, floor - 24),
                    ]
                )
            )
    if pad.felt is not None:
        _words(painter, theme, rect, tr("it gives") if moves else tr("firm"), bold=True)


def foot(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """A depth foot across a crown, on what lies beside it."""
    tool = pad.tool
    assert isinstance(tool, CaliperTool)
    c, near = theme.colours, NEAR_PX * theme.percent / 100.0
    floor, x = rect.bottom() - 0.22 * rect.height(), rect.center().x()
    wood(painter, theme, rect, floor)
    lift = 0.0
    if pad.table.desk.neck.taped:
        lift = 8.0
        painter.setBrush(c["light"])
        painter.setPen(Qt.PenStyle.NoPen)
        for at in (rect.left(), x + 1.3 * near):
            painter.drawRect(QRectF(at, floor - lift, x - 1.3 * near - rect.left(), lift))
    crown(painter, theme, x, floor=floor, wide=2.4 * near, high=1.2 * near)
    painter.setPen(QPen(c["ink"], 1.6))
    painter.setBrush(c["slate"])
    for side in (-1, 1):
        painter.drawRect(
            QRectF(x + side * 2.6 * near - 26, floor - lift - 2.2 * near, 52, 2.2 * near)
        )
    bridge = floor - lift - 2.2 * near
    painter.drawRect(QRectF(x - 2.6 * near - 26, bridge - 26, 5.2 * near + 52, 26))
    deep = 0.25 * near if tool.groove else 0.0
    painter.setBrush(c["brass"])
    painter.drawRect(QRectF(x - 5, bridge, 10, floor - 1.2 * near + deep - bridge))
    if pad.felt is not None and pad.felt.number is not None:
        _words(painter, theme, rect, tr("{number:.2f} mm", number=pad.felt.number), bold=True)


def rule(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """A rule standing on the fret beside a string: the eye reads where the string's underside
    stands.
    """
    tool = pad.tool
    assert isinstance(tool, RuleTool)
    c = theme.colours
    floor, left = rect.bottom() - 0.14 * rect.height(), rect.center().x() - 40
    px = (floor - rect.top() - 16) / 4.4
    wood(painter, theme, rect, floor + 8)
    crown(painter, theme, left - 70, floor=floor + 8, wide=150, high=8)
    body = QRectF(left, rect.top() + 6, 150, floor - rect.top() - 6)
    painter.setPen(QPen(c["ink"], 1.4))
    painter.setBrush(c["card"])
    painter.drawRect(body)
    painter.setFont(theme.font(15, figures=True))
    for half in range(9):
        y = floor - 0.5 * half * px
        long = 58 if half % 2 == 0 else 32
        painter.setPen(QPen(c["ink"], 2.0 if half % 2 == 0 else 1.2))
        painter.drawLine(QPointF(left, y), QPointF(left + long, y))
        if half % 2 == 0:
            painter.drawText(QPointF(left + 70, y + 6), str(half // 2))
    if tool.seen is None:
        return
    size = 0.9 * px
    y = floor - min(tool.seen, 4.3) * px
    painter.setPen(QPen(c["ink"], 1))
    painter.setBrush(c["string"])
    painter.drawEllipse(QRectF(left - size - 6, y - size, size, size))
    painter.drawRect(QRectF(rect.left(), y - 0.5 * size - 3, left - size - rect.left(), 6))


def key(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """The key on the rod's nut, seen from its end, with the way it is to be turned."""
    tool = pad.tool
    assert isinstance(tool, KeyTool)
    c, middle = theme.colours, rect.center()
    size = 0.3 * rect.height()
    felt = pad.felt.key if pad.felt is not None else ""
    painter.setPen(QPen(c["ink"], 2))
    painter.setBrush(c["wire"])
    painter.drawEllipse(middle, size, size)
    round_nut = felt in ("key slips", "chewed")
    painter.setBrush(c["board"])
    if round_nut:
        painter.drawEllipse(middle, 0.42 * size, 0.42 * size)
    else:
        corners = [
            QPointF(middle.x() + 0.45 * size * dx, middle.y() + 0.45 * size * dy)
            for dx, dy in ((1, 0), (0.5, 0.87), (-0.5, 0.87), (-1, 0), (-0.5, -0.87), (0.5, -0.87))
        ]
        painter.drawPolygon(QPolygonF(corners))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(c["copper"], 6))
    span = -80 if tool.way > 0 else 80
    ring = QRectF(middle.x() - 1.4 * size, middle.y() - 1.4 * size, 2.8 * size, 2.8 * size)
    painter.drawArc(ring, 90 * 16, span * 16)
    way = 1.0 if tool.way > 0 else -1.0
    tip = QPointF(middle.x() + way * 1.38 * size, middle.y() - 0.25 * size)
    painter.drawLine(tip, QPointF(tip.x() - way * 16, tip.y() - 12))
    painter.drawLine(tip, QPointF(tip.x() + way * 12, tip.y() - 14))
    if pad.felt is not None:
        _words(painter, theme, rect, say(pad.felt.words), bold=True)
