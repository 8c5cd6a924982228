"""An edge against the light, at the size an eye sees it; a rocker on what it stands on."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPolygonF

from nuvrek.bench.practice.pad import BenchPad
from nuvrek.desktop.practice.pictures.near import crown, wood
from nuvrek.desktop.theme import LIGHT as DAYLIGHT
from nuvrek.desktop.theme import Theme
from nuvrek.simulator.living.tools import LightSeen, Rocked
from nuvrek.wording.speech import tr

# Pixels a millimetre where a screen does not say; how much the glass enlarges; crowns in mm.
USUAL_PX_MM, GLASS, CROWN_MM, WIDE_MM = 3.8, 12.0, 1.2, 2.4


def edge(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad, px_mm: float) -> None:
    """The edge from end to end against the light, and one fret under a glass."""
    seen = pad.felt.seen if pad.felt is not None else None
    c = theme.colours
    strip = QRectF(rect.left(), rect.top() + 0.16 * rect.height(), rect.width(), 84)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(c["board"])
    painter.drawRect(strip)
    if not isinstance(seen, LightSeen):
        painter.setFont(theme.font(17))
        painter.setPen(c["muted"])
        words = tr("Enter lays it. The light is drawn as large as an eye sees it.")
        painter.drawText(rect, Qt.AlignmentFlag.AlignCenter, words)
        return
    _against_the_light(painter, theme, strip, pad=pad, seen=seen, px_mm=px_mm)
    glass = QRectF(
        rect.left(), strip.bottom() + 26, rect.width(), rect.bottom() - strip.bottom() - 30
    )
    _under_the_glass(painter, theme, glass, pad=pad, seen=seen, px_mm=px_mm)


def _against_the_light(
    painter: QPainter, theme: Theme, strip: QRectF, pad: BenchPad, seen: LightSeen, px_mm: float
) -> None:
    """Crowns as black shapes before a lit wall, the edge above them: light is what is between."""
    c = theme.colours
    x = pad.table.desk.neck.x_mm
    first, last = float(x[seen.frets[0]]), float(x[seen.frets[-1]])
    scale = (strip.width() - 60) / max(last - first, 1.0)
    edge_y = strip.center().y() - 4
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(DAYLIGHT["light"])
    painter.drawRect(
        QRectF(strip.left() + 18, edge_y - 1, strip.width() - 36, CROWN_MM * px_mm + 5)
    )
    painter.setBrush(c["bar"])
    for fret, light in zip(seen.frets, seen.light_mm, strict=True):
        at = strip.left() + 30 + (float(x[fret]) - first) * scale
        top = edge_y + float(light) * px_mm
        path = QPainterPath(QPointF(at - 6, edge_y + CROWN_MM * px_mm + 5))
        path.cubicTo(
            QPointF(at - 5, top - 1.5), QPointF(at + 5, top - 1.5), QPointF(at + 6, edge_y + 9)
        )
        painter.drawPath(path)
    painter.drawRect(QRectF(strip.left(), edge_y - 34, strip.width(), 34))
    painter.drawRect(
        QRectF(
            strip.left(), edge_y + CROWN_MM * px_mm + 3, strip.width(), strip.bottom() - edge_y - 8
        )
    )
    painter.setFont(theme.font(13))
    painter.setPen(c["bar_ink"])
    for fret in seen.frets:
        if fret % 2 or fret == seen.frets[-1]:
            at = strip.left() + 30 + (float(x[fret]) - first) * scale
            box = QRectF(at - 14, strip.bottom() - 22, 28, 18)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, str(fret))
    painter.drawText(QPointF(strip.left() + 24, edge_y - 12), tr("as the eye sees it"))
    if seen.rocks:
        _rocking(painter, theme, strip, edge_y)


def _rocking(painter: QPainter, theme: Theme, strip: QRectF, edge_y: float) -> None:
    """Both ends go up and down."""
    painter.setPen(QPen(theme.colours["bar_accent"], 3))
    for at in (strip.left() + 10, strip.right() - 10):
        painter.drawLine(QPointF(at, edge_y - 26), QPointF(at, edge_y - 2))
        for y, way in ((edge_y - 26, 1), (edge_y - 2, -1)):
            painter.drawPolyline(
                QPolygonF(
                    [QPointF(at - 5, y + 7 * way), QPointF(at, y), QPointF(at + 5, y + 7 * way)]
                )
            )


def _under_the_glass(
    painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad, seen: LightSeen, px_mm: float
) -> None:
    """The fret the hand is at, enlarged."""
    c, px = theme.colours, px_mm * GLASS
    fret = min(max(pad.place.fret, seen.frets[0]), seen.frets[-1])
    size = min(rect.height(), 300.0)
    lens = QRectF(rect.center().x() - size, rect.top(), 2 * size, size)
    painter.save()
    path = QPainterPath()
    path.addRoundedRect(lens, 26, 26)
    painter.setClipPath(path)
    painter.fillRect(lens, DAYLIGHT["light"])
    edge_y = lens.top() + 0.42 * size
    light = float(seen.light_mm[seen.frets.index(fret)])
    top = edge_y + light * px
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(c["bar"])
    painter.drawRect(QRectF(lens.left(), lens.top(), lens.width(), edge_y - lens.top()))
    body = QPainterPath(QPointF(lens.center().x() - 0.5 * WIDE_MM * px, top + CROWN_MM * px))
    body.cubicTo(
        QPointF(lens.center().x() - 0.5 * WIDE_MM * px, top - 0.34 * CROWN_MM * px),
        QPointF(lens.center().x() + 0.5 * WIDE_MM * px, top - 0.34 * CROWN_MM * px),
        QPointF(lens.center().x() + 0.5 * WIDE_MM * px, top + CROWN_MM * px),
    )
    painter.drawPath(body)
    floor = top + CROWN_MM * px
    painter.drawRect(QRectF(lens.left(), floor - 1, lens.width(), max(lens.bottom() - floor, 0.0)))
    painter.restore()
    painter.setPen(QPen(c["muted"], 4))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawRoundedRect(lens, 26, 26)
    painter.setFont(theme.font(15, bold=True))
    painter.setPen(c["ink"])
    words = tr("fret {fret} under the glass, x {glass:.0f}", fret=fret, glass=GLASS)
    if fret in seen.notch_hits:
        words += tr(": the edge stands on it, no notch is there")
    painter.drawText(
        QRectF(rect.left(), lens.top() - 24, rect.width(), 22), Qt.AlignmentFlag.AlignCenter, words
    )


def rocker(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """The short edge on the frets it reaches; where it rocks both ways it can lie are drawn."""
    c = theme.colours
    floor = rect.bottom() - 0.24 * rect.height()
    wood(painter, theme, rect, floor)
    seen = pad.felt.seen if pad.felt is not None else None
    x = pad.table.desk.neck.x_mm
    if isinstance(seen, Rocked) and len(seen.frets) > 2:
        frets, rocks = list(seen.frets), seen.rocks
    else:
        at = pad.place.fret
        frets, rocks = [f for f in (at - 1, at, at + 1) if 0 < f < len(x)], False
    middle = 0.5 * (float(x[frets[0]]) + float(x[frets[-1]]))
    scale = 0.72 * rect.width() / max(float(x[frets[-1]] - x[frets[0]]), 40.0)
    high = 46.0
    painter.setFont(theme.font(15))
    for fret in frets:
        place = rect.center().x() + (float(x[fret]) - middle) * scale
        crown(painter, theme, place, floor=floor, wide=60, high=high)
        painter.setPen(c["wire"])
        box = QRectF(place - 20, floor + 8, 40, 24)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, str(fret))
    if seen is None:
        return
    half = 0.5 * float(x[frets[-1]] - x[frets[0]]) * scale + 26
    for turn in (-3.2, 3.2) if rocks else (0.0,):
        painter.save()
        painter.translate(rect.center().x(), floor - high)
        painter.rotate(turn)
        ghost = rocks and turn > 0
        painter.setPen(
            QPen(c["ink"], 1.6, Qt.PenStyle.DashLine if ghost else Qt.PenStyle.SolidLine)
        )
        painter.setBrush(Qt.BrushStyle.NoBrush if ghost else c["slate"])
        painter.drawRect(QRectF(-half, -34, 2 * half, 33))
        painter.restore()
    painter.setFont(theme.font(19, bold=True))
    painter.setPen(c["copper" if rocks else "ink"])
    words = tr(
        "over {number} frets it {rocks}",
        number=len(frets),
        rocks=tr("rocks") if rocks else tr("is still"),
    )
    painter.drawText(
        QRectF(rect.left(), rect.top() + 10, rect.width(), 30), Qt.AlignmentFlag.AlignCenter, words
    )


def sighting(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """The tops as an eye sees them that looks along the neck from before its head: nearer frets
    larger, each where it stands.
    """
    seen = pad.felt.seen if pad.felt is not None else None
    c = theme.colours
    if not isinstance(seen, np.ndarray):
        painter.setFont(theme.font(17))
        painter.setPen(c["muted"])
        painter.drawText(rect, Qt.AlignmentFlag.AlignCenter, tr("Enter: look along the tops."))
        return
    neck, x = pad.neck, pad.table.desk.neck.x_mm
    # An eye a hand's width before the nut, a little over the tops, nearer to one edge.
    before, over = 240.0, 16.0
    aside = -0.22 if pad.place.side == "bass" else 0.22
    focal = 0.62 * rect.width() / neck.nut_width_mm * before
    horizon = rect.top() - 0.2 * rect.height()
    # It looks at the middle of the neck.
    middle_px = focal * aside * neck.nut_width_mm / (before + 0.5 * float(x[-1]))

    def at(fret: int, lane: int) -> QPointF:
        wide = neck.nut_width_mm + (neck.end_width_mm - neck.nut_width_mm) * x[fret] / x[-1]
        away = before + float(x[fret])
        across = (lane - 1) * 0.5 * wide - aside * neck.nut_width_mm
        down = over - float(seen[fret, lane])
        seen_x = rect.center().x() + focal * across / away + middle_px
        return QPointF(seen_x, horizon + focal * down / away)

    _board_seen(painter, theme, neck.frets, at)
    for fret in reversed(range(1, neck.frets + 1)):
        if np.isfinite(seen[fret]).all():
            thick = max(6.0 * before / (before + float(x[fret])), 1.3)
            painter.setPen(QPen(c["wire"], thick, cap=Qt.PenCapStyle.RoundCap))
            painter.drawPath(_fret_seen(at(fret, 0), at(fret, 1), at(fret, 2)))
    painter.setPen(QPen(c["copper"], 1.2, Qt.PenStyle.DotLine))
    lane = 0 if pad.place.side == "bass" else 2
    painter.drawLine(at(1, lane), at(neck.frets, lane))


def _board_seen(
    painter: QPainter, theme: Theme, frets: int, at: Callable[[int, int], QPointF]
) -> None:
    """The board below the tops, from edge to edge."""
    low = QPointF(0, 12)
    board = QPolygonF(
        [
            *(at(f, 0) + low for f in range(frets + 1)),
            *(at(f, 2) + low for f in reversed(range(frets + 1))),
        ]
    )
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colours["board"])
    painter.drawPolygon(board)
    painter.setBrush(Qt.BrushStyle.NoBrush)


def _fret_seen(low: QPointF, middle: QPointF, high: QPointF) -> QPainterPath:
    """A top through its three places."""
    line = QPainterPath(low)
    line.quadTo(2 * middle - 0.5 * (low + high), high)
    return line
