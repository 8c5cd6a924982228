"""Painting the fingerboard to scale."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QColor, QPainter, QPen, QPixmap, QPolygonF

from nuvrek.bench.strips.sheet_geometry import SheetGeometry, dot_frets
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.board import end_mm
from nuvrek.neck.description import Lane
from nuvrek.neck.scale import places_mm

# Room beside the board for what reaches over its ends.
_BESIDE = 12


def paint_board(painter: QPainter, geometry: SheetGeometry, theme: Theme, dots: Dots) -> None:
    """The board with inlays, strings and frets."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    _wood(painter, geometry, theme)
    _strings(painter, geometry, theme, bool(dots.out))
    _frets(painter, geometry, theme, dots)


class BoardPicture:
    """The board drawn once, and again when it looks otherwise."""

    def __init__(self) -> None:
        self._key: object = None
        self._picture = QPixmap()

    def paint(
        self, painter: QPainter, geometry: SheetGeometry, theme: Theme, dots: Dots, ratio: float
    ) -> None:
        """Paint it where ``g`` has it; ``ratio`` pixels of the screen to one of the page."""
        wide, high = (
            geometry.left + geometry.width + _BESIDE,
            geometry.top + geometry.height + _BESIDE,
        )
        key = (geometry, theme.dark, dots.out, dots.filed, ratio, wide, high)
        if key != self._key:
            self._key = key
            self._picture = QPixmap(round(wide * ratio), round(high * ratio))
            self._picture.setDevicePixelRatio(ratio)
            self._picture.fill(QColor(0, 0, 0, 0))
            with painting(self._picture) as inner:
                paint_board(inner, geometry, theme, dots)
        painter.drawPixmap(0, 0, self._picture)


def paint_marks(
    painter: QPainter, geometry: SheetGeometry, theme: Theme, chosen: int | None, dots: Dots
) -> None:
    """The marks of this moment on the board."""
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    if chosen is not None:
        _chosen(painter, geometry, theme, chosen)
    _marks(painter, geometry, theme, dots)


def _wood(painter: QPainter, geometry: SheetGeometry, theme: Theme) -> None:
    end = end_mm(geometry.neck)
    nut, tail = geometry.half_width(0.0), geometry.half_width(end)
    x0, x1 = geometry.x(0.0), geometry.x(end)
    shape = QPolygonF(
        [
            QPointF(x0, geometry.middle - nut),
            QPointF(x1, geometry.middle - tail),
            QPointF(x1, geometry.middle + tail),
            QPointF(x0, geometry.middle + nut),
        ]
    )
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colours["board"])
    painter.drawPolygon(shape)
    places = places_mm(geometry.neck)
    painter.setBrush(QColor(theme.colours.wire).darker(112))
    for fret, count in dot_frets(geometry.neck.frets):
        x_mm = 0.5 * (places[fret] + places[fret - 1])
        for share in (0.0,) if count == 1 else (-0.42, 0.42):
            painter.drawEllipse(QPointF(geometry.x(x_mm), geometry.across(share, x_mm)), 3.5, 3.5)


def _strings(painter: QPainter, geometry: SheetGeometry, theme: Theme, bare: bool) -> None:
    end = end_mm(geometry.neck)
    # A bare neck has none, nor has one whose frets are out.
    if geometry.neck.bare or bare:
        count = 0
    else:
        count = geometry.neck.strings
    for i in range(count):
        share = 0.0
        if count != 1:
            share = -0.8 + 1.6 * i / (count - 1)
        painter.setPen(QPen(theme.colours["string"], 1.0 + 1.1 * (1.0 - i / max(count - 1, 1))))
        painter.drawLine(
            QPointF(geometry.x(0.0), geometry.across(share, 0.0)),
            QPointF(geometry.x(end), geometry.across(share, end)),
        )


def _frets(painter: QPainter, geometry: SheetGeometry, theme: Theme, dots: Dots) -> None:
    places = places_mm(geometry.neck)
    for fret, x_mm in enumerate(places):
        half = geometry.half_width(x_mm)
        x = geometry.x(x_mm)
        if fret == 0:
            painter.setPen(QPen(QColor("#D6C590"), 6.0 if not geometry.neck.zero_fret else 2.6))
        elif fret in dots.out:
            painter.setPen(QPen(QColor(theme.colours.board).darker(170), 2.0))
        elif fret in dots.filed:
            painter.setPen(QPen(QColor("#E2B64A"), 5.0))
        else:
            painter.setPen(QPen(theme.colours["wire"], 2.6))
        painter.drawLine(QPointF(x, geometry.middle - half), QPointF(x, geometry.middle + half))


def _chosen(painter: QPainter, geometry: SheetGeometry, theme: Theme, fret: int) -> None:
    x_mm = places_mm(geometry.neck)[fret]
    half = geometry.half_width(x_mm) + 4
    painter.setPen(QPen(theme.colours["bar_accent"], 2.0))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawRoundedRect(
        QRectF(geometry.x(x_mm) - 7, geometry.middle - half, 14, 2 * half), 5, 5
    )


def _marks(painter: QPainter, geometry: SheetGeometry, theme: Theme, dots: Dots) -> None:
    places = places_mm(geometry.neck)

    def at(fret: int, lane: Lane) -> QPointF:
        return QPointF(geometry.x(places[fret]), geometry.lane_y(lane, places[fret]))

    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor("#F6F0E3"))
    for fret, lane in dots.read:
        painter.drawEllipse(at(fret, lane), 4.0, 4.0)
    for fret, lane in dots.ink:
        _ink(painter, at(fret, lane))
    painter.setBrush(QColor("#F6F0E3"))
    for fret in dots.alone:
        _alone(painter, at(fret, "middle"))
    for fret, lane in dots.corners:
        _corner(painter, at(fret, lane))
    for fret, lane in dots.rocks:
        _rising(painter, at(fret, lane), QColor("#F4A264"))
    if dots.asked is not None:
        fret, lane = dots.asked
        accent = QColor("#F4A264")
        painter.setBrush(QBrush(accent))
        for support in dots.supports:
            place = at(support, lane)
            painter.drawRect(QRectF(place.x() - 4, place.y() - 4, 8, 8))
        if dots.supports:
            painter.setPen(QPen(accent, 2.0))
            painter.drawLine(at(dots.supports[0], lane), at(dots.supports[1], lane))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(accent, 3.0))
        painter.drawEllipse(at(fret, lane), 12.0, 12.0)


def _ink(painter: QPainter, place: QPointF) -> None:
    """A stroke of the marker across the top."""
    painter.setPen(QPen(QColor("#F6F0E3"), 1.0))
    painter.setBrush(QColor("#27406B"))
    painter.drawRoundedRect(QRectF(place.x() - 4, place.y() - 8, 8, 16), 3, 3)
    painter.setPen(Qt.PenStyle.NoPen)


def _alone(painter: QPainter, place: QPointF) -> None:
    """A bar across: not to be touched."""
    painter.setPen(QPen(QColor("#F6F0E3"), 3.0))
    painter.drawLine(QPointF(place.x() - 7, place.y() + 7), QPointF(place.x() + 7, place.y() - 7))
    painter.setPen(Qt.PenStyle.NoPen)


def _corner(painter: QPainter, place: QPointF) -> None:
    """Pencil strokes: wood that keeps its mark."""
    painter.setPen(QPen(QColor("#F6F0E3"), 1.6))
    for n in (-6, -2, 2, 6):
        painter.drawLine(
            QPointF(place.x() + n - 4, place.y() + 7), QPointF(place.x() + n + 4, place.y() - 7)
        )
    painter.setPen(Qt.PenStyle.NoPen)


def _rising(painter: QPainter, place: QPointF, colour: QColor) -> None:
    """A triangle pointing up: stands high."""
    painter.setPen(QPen(QColor("#231F1C"), 1.0))
    painter.setBrush(colour)
    x, y = place.x(), place.y()
    painter.drawPolygon(
        QPolygonF([QPointF(x - 7, y + 6), QPointF(x + 7, y + 6), QPointF(x, y - 8)])
    )
    painter.setPen(Qt.PenStyle.NoPen)
