"""Painting the light under a virtual edge, the board from above, and what has changed since an
earlier survey.
"""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QBrush, QColor, QLinearGradient, QPen, QPolygonF

from nuvrek.bench.strips.strips import DifferenceStrip, LightStrip, ShadeStrip
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.neck.description import LANES
from nuvrek.wording.speech import say, tr

_FULL_SHADE_MM = 0.25


class LightDrawing(StripPainter):
    """The slit of light under an edge that lies, or rocks, on the heights below it."""

    def paint(self, strip: LightStrip) -> None:
        """Draw heights, edge and light; the first way of lying solid, the second dashed."""
        ends = [v for way, _ in strip.ways for v in (way[1], way[3])]
        values = [*strip.heights_mm, *ends, 0.05]
        low, high = min(values), max(values)
        per_mm = max(self.box.height() - 62, 14.0) / max(high - low, 0.15) * strip.exaggeration
        middle = 0.5 * (self.box.top() + 44 + self.box.bottom() - 14)
        centre = 0.5 * (low + high)

        def y(mm: float) -> float:
            return middle - (mm - centre) * per_mm

        points = [
            QPointF(x, y(mm)) for x, mm in zip(self.geometry.frets_x, strip.heights_mm, strict=True)
        ]
        floor = self.box.bottom() - 2
        ground = [QPointF(points[0].x(), floor), *points, QPointF(points[-1].x(), floor)]
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("board"))
        self.p.drawPolygon(QPolygonF(ground))
        for n, (way, gaps) in reversed(list(enumerate(strip.ways))):
            left, right = (QPointF(self.geometry.x(way[i]), y(way[i + 1])) for i in (0, 2))
            if n == 0:
                slit = [points[fret - 1] for fret, _ in gaps]
                top = [
                    QPointF(self.geometry.fret_x(f), y(strip.heights_mm[f - 1] + mm))
                    for f, mm in gaps
                ]
                self.p.setPen(Qt.PenStyle.NoPen)
                self.p.setBrush(self.colour("light"))
                self.p.drawPolygon(QPolygonF([*top, *slit[::-1]]))
            self._edge(left, right, first=n == 0)
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        for point in points:
            self.p.drawEllipse(point, 2.6, 2.6)
        self._figures(strip)
        px_per_mm = abs(self.geometry.x(100.0) - self.geometry.x(0.0)) / 100.0
        note = tr("heights ×{per_mm:.0f}", per_mm=per_mm / px_per_mm)
        self.words(self.box.right() - 8, self.box.top() + 12, note, size=12, align="right")
        self.words(
            self.box.left() + 10,
            self.box.top() + 13,
            say(strip.words),
            "ink",
            15,
            bold=True,
            figures=False,
            align="left",
        )

    def _edge(self, left: QPointF, right: QPointF, *, first: bool) -> None:
        thick = 11.0
        edge = [
            left,
            right,
            QPointF(right.x(), right.y() - thick),
            QPointF(left.x(), left.y() - thick),
        ]
        if first:
            style = Qt.PenStyle.SolidLine
        else:
            style = Qt.PenStyle.DashLine
        self.p.setPen(QPen(self.colour("muted"), 1.4, style))
        self.p.setBrush(self.colour("wire", 255 if first else 60))
        self.p.drawPolygon(QPolygonF(edge))

    def _figures(self, strip: LightStrip) -> None:
        edge = -1e9
        for fret, text in sorted(strip.figures, key=lambda f: self.geometry.fret_x(f[0])):
            self.p.setFont(self.theme.font(12, figures=True))
            wide = self.p.fontMetrics().horizontalAdvance(say(text))
            x = self.geometry.fret_x(fret)
            if x - wide / 2 > edge + 3:
                self.words(x, self.box.top() + 31, say(text), "brass", 12)
                edge = x + wide / 2


class Shade(StripPainter):
    """The board from above: copper and ▲ stand high, slate and ▽ low."""

    def paint(self, this_strip: ShadeStrip) -> None:
        """Shade strips between the frets, blended along the neck and across, with the highest
        and lowest named.
        """
        top, height = self.box.top() + 6, self.box.height() - 12
        if self.geometry.low_above:
            order = (0, 1, 2)
        else:
            order = (2, 1, 0)
        known = [k for k in order if this_strip.known[k]]
        if not known:
            self.words(
                self.box.center().x(),
                self.box.center().y(),
                tr("no lane was measured yet"),
                size=14,
                figures=False,
            )
            return
        bands = 12
        xs = self.geometry.frets_x
        for band in range(bands):
            share = (band + 0.5) / bands * 2.0
            low, high = min(int(share), 1), min(int(share) + 1, 2)
            weight = share - low
            strip = QLinearGradient(xs[0], 0.0, xs[-1], 0.0)
            for x, row in zip(xs, this_strip.heights_mm, strict=True):
                mm = (1 - weight) * self._of(row, order[low], known) + weight * self._of(
                    row, order[high], known
                )
                strip.setColorAt(
                    min(max((x - xs[0]) / (xs[-1] - xs[0]), 0.0), 1.0), self._shade(mm)
                )
            left, right = min(xs), max(xs)
            y = top + band * height / bands
            self.p.fillRect(QRectF(left, y, right - left, height / bands + 1), QBrush(strip))
        self.p.setPen(QPen(self.colour("line"), 1))
        for x in xs:
            self.p.drawLine(QPointF(x, top), QPointF(x, top + height))
        self._marks(this_strip, order, known, top, height)

    def _of(self, row: tuple[float, ...], k: int, known: list[int]) -> float:
        if k in known:
            return row[k]
        return row[min(known, key=lambda other: abs(other - k))]

    def _shade(self, mm: float) -> QColor:
        share = max(-1.0, min(mm / _FULL_SHADE_MM, 1.0))
        ground, full = self.colour("card"), self.colour("copper" if share >= 0 else "slate")
        mix = abs(share)
        parts = [
            round((1 - mix) * a + mix * b)
            for a, b in zip(ground.getRgb()[:3], full.getRgb()[:3], strict=True)
        ]
        return QColor(*parts)

    def _marks(
        self, strip: ShadeStrip, order: tuple[int, ...], known: list[int], top: float, height: float
    ) -> None:
        """The highest and the lowest place of each lane, in figures."""
        for place, k in enumerate(order):
            if k not in known:
                continue
            y = top + (place + 0.5) / 3.0 * height
            column = [row[k] for row in strip.heights_mm]
            for sign, fret in (("▲", column.index(max(column))), ("▽", column.index(min(column)))):
                text = f"{sign} {say(strip.figures[fret][k])}"
                x = self.geometry.fret_x(fret + 1)
                self.p.setFont(self.theme.font(13, bold=True, figures=True))
                wide = self.p.fontMetrics().horizontalAdvance(text) + 8
                left = min(max(x - wide / 2, self.box.left() + 3), self.box.right() - wide - 3)
                self.p.setPen(Qt.PenStyle.NoPen)
                self.p.setBrush(self.colour("card", 225))
                self.p.drawRoundedRect(QRectF(left, y - 10, wide, 20), 3, 3)
                self.words(left + wide / 2, y, text, "ink", 13, bold=True)


class Difference(StripPainter):
    """What has changed: bars up for tops that rose, down for tops that came down, three lanes a
    fret.
    """

    def paint(self, strip: DifferenceStrip) -> None:
        """Draw the bars with their rule, and what the relief did in words."""
        reach = max([abs(v) for row in strip.change_mm for v in row] + [0.06]) * 1.1
        zero = self.box.center().y() + 8
        per_mm = (self.box.height() / 2 - 16) / reach
        self.p.setPen(QPen(self.colour("line"), 1, Qt.PenStyle.DotLine))
        for mm in (0.05, -0.05):
            self.p.drawLine(
                QPointF(self.box.left(), zero - mm * per_mm),
                QPointF(self.box.right(), zero - mm * per_mm),
            )
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.drawLine(QPointF(self.box.left(), zero), QPointF(self.box.right(), zero))
        if self.geometry.neck.nut_on_right == self.geometry.low_above:
            order = (0, 1, 2)
        else:
            order = (2, 1, 0)
        for fret, row in enumerate(strip.change_mm, 1):
            for place, k in enumerate(order[: len(LANES)]):
                value = row[k]
                x = self.geometry.fret_x(fret) + (place - 1) * 6.0
                box = QRectF(x - 2.2, zero - max(value, 0.0) * per_mm, 4.4, abs(value) * per_mm)
                if value >= 0:
                    self.p.setPen(Qt.PenStyle.NoPen)
                    self.p.setBrush(self.colour("copper"))
                else:
                    self.p.setPen(QPen(self.colour("slate"), 1.4))
                    self.p.setBrush(Qt.BrushStyle.NoBrush)
                self.p.drawRect(box)
        self.words(
            self.box.left() + 10,
            self.box.top() + 12,
            say(strip.words),
            "ink",
            14,
            bold=True,
            align="left",
        )
        self.words(
            self.box.right() - 8,
            self.box.top() + 12,
            tr("▲ rose  ▽ came down"),
            size=12,
            align="right",
            figures=False,
        )
