"""Painting the lanes that share the neck sheet's x axis. High is copper and solid, low is slate
and hollow.
"""

from __future__ import annotations

import math

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPolygonF

from nuvrek.bench.strips.refret import SlotStrip, TableStrip, TruingStrip
from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import (
    AnyStrip,
    CrownStrip,
    DifferenceStrip,
    LightStrip,
    MetalStrip,
    RoomStrip,
    SectionStrip,
    ShadeStrip,
    SideStrip,
    TopsStrip,
    ValuesStrip,
    WoodStrip,
)
from nuvrek.desktop.sheet.filing_strips import Metal, Sections
from nuvrek.desktop.sheet.map_strips import Difference, LightDrawing, Shade
from nuvrek.desktop.sheet.refret_strips import FretStagesDrawing, Slots, Wood
from nuvrek.desktop.sheet.room_strip import RoomBars
from nuvrek.desktop.sheet.side_view import Side
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.desktop.theme import Theme
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, Lane
from nuvrek.wording.speech import say, tr


def paint_strip(
    painter: QPainter, strip: AnyStrip, box: QRectF, geometry: SheetGeometry, theme: Theme
) -> None:
    """Paint ``lane`` into ``box``."""
    match strip:
        case WoodStrip():
            _Wood(painter, box, geometry, theme).paint(strip)
        case TopsStrip():
            _Tops(painter, box, geometry, theme).paint(strip)
        case CrownStrip():
            _Crown(painter, box, geometry, theme).paint(strip)
        case SideStrip():
            Side(painter, box, geometry, theme).paint(strip)
        case LightStrip():
            LightDrawing(painter, box, geometry, theme).paint(strip)
        case ShadeStrip():
            Shade(painter, box, geometry, theme).paint(strip)
        case DifferenceStrip():
            Difference(painter, box, geometry, theme).paint(strip)
        case MetalStrip():
            Metal(painter, box, geometry, theme).paint(strip)
        case SectionStrip():
            Sections(painter, box, geometry, theme).paint(strip)
        case TruingStrip():
            Wood(painter, box, geometry, theme).paint(strip)
        case SlotStrip():
            Slots(painter, box, geometry, theme).paint(strip)
        case TableStrip():
            FretStagesDrawing(painter, box, geometry, theme).paint(strip)
        case RoomStrip():
            RoomBars(painter, box, geometry, theme).paint(strip)
        case ValuesStrip():
            _Values(painter, box, geometry, theme).paint(strip)


_STYLES: dict[Lane, Qt.PenStyle] = {
    "bass": Qt.PenStyle.SolidLine,
    "middle": Qt.PenStyle.DotLine,
    "treble": Qt.PenStyle.DashLine,
}


class _Wood(StripPainter):
    def paint(self, strip: WoodStrip) -> None:
        heights = [v for curve in strip.curves for v in curve.heights_mm]
        low = min([*heights, -strip.target_mm, -0.1])
        high = max([*heights, 0.05])
        usable = self.box.height() - 46
        per_mm = usable / (high - low) * strip.exaggeration
        zero = self.box.top() + 30 + high * per_mm
        self.p.setPen(QPen(self.colour("line"), 1))
        self.p.drawLine(QPointF(self.box.left(), zero), QPointF(self.box.right(), zero))
        banded = next(
            (c for c in strip.curves if c.lane == "middle"),
            strip.curves[0] if strip.curves else None,
        )
        for curve in strip.curves:
            points = [
                QPointF(x, zero - v * per_mm)
                for x, v in zip(self.geometry.frets_x, curve.heights_mm, strict=True)
            ]
            if curve is banded:
                self._band(points, curve.doubt_mm, per_mm)
            self.p.setPen(QPen(self.colour("ink"), 1.6, _STYLES[curve.lane]))
            self.p.drawPolyline(QPolygonF(points))
        self._target(strip, zero, per_mm)
        # A height is drawn this much larger than a length along the neck.
        px_per_mm = abs(self.geometry.x(100.0) - self.geometry.x(0.0)) / 100.0
        note = tr("heights ×{per_mm:.0f}", per_mm=per_mm / px_per_mm)
        if len(strip.curves) > 1:
            legend_end = self._legend(strip)
        else:
            legend_end = self.box.left()
        self.p.setFont(self.theme.font(16, bold=True, figures=True))
        half = 0.5 * self.p.fontMetrics().horizontalAdvance(say(strip.label))
        x = max(self.geometry.fret_x(strip.label_fret), legend_end + half + 6)
        self.words(x, self.box.top() + 13, say(strip.label), "ink", 16, bold=True)
        # Where the sheet is narrow the note goes below what is read first.
        self.p.setFont(self.theme.font(12, figures=True))
        begins = self.box.right() - 8 - self.p.fontMetrics().horizontalAdvance(note)
        if x + half + 10 < begins:
            y = self.box.top() + 12
        else:
            y = self.box.bottom() - 9
        self.words(self.box.right() - 8, y, note, size=12, align="right")

    def _target(self, strip: WoodStrip, zero: float, per_mm: float) -> None:
        start, joint = self.geometry.fret_x(1), self.geometry.fret_x(self.geometry.neck.joint_fret)
        self.p.setPen(QPen(self.colour("plum"), 1.2, Qt.PenStyle.DashLine))
        y = zero + strip.target_mm * per_mm
        middle = self.geometry.fret_x(middle_fret(self.geometry.neck))
        reach = 0.16 * abs(joint - start)
        self.p.drawLine(QPointF(middle - reach, y), QPointF(middle + reach, y))
        self.p.setFont(self.theme.font(12))
        place = QRectF(
            middle + reach + 4, y - 8, self.p.fontMetrics().horizontalAdvance(tr("wanted")) + 6, 16
        )
        self.p.fillRect(place, self.colour("card"))
        self.words(place.left() + 3, y, tr("wanted"), "plum", 12, figures=False, align="left")

    def _band(self, points: list[QPointF], doubt: object, per_mm: float) -> None:
        widths = [float(d) * per_mm for d in doubt]  # type: ignore[attr-defined]
        above = [QPointF(p.x(), p.y() - w) for p, w in zip(points, widths, strict=True)]
        below = [QPointF(p.x(), p.y() + w) for p, w in zip(points, widths, strict=True)]
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("muted", 45))
        self.p.drawPolygon(QPolygonF(above + below[::-1]))

    def _legend(self, strip: WoodStrip) -> float:
        """Name the lines that are drawn; returns where the words end."""
        x = self.box.left() + 10
        y = self.box.top() + 12
        for curve in strip.curves:
            word, style = LANE_WORDS[curve.lane], _STYLES[curve.lane]
            self.p.setPen(QPen(self.colour("ink"), 1.6, style))
            self.p.drawLine(QPointF(x, y), QPointF(x + 22, y))
            self.p.setFont(self.theme.font(12))
            wide = self.p.fontMetrics().horizontalAdvance(say(word))
            self.words(x + 28, y, say(word), size=12, figures=False, align="left")
            x += 44 + wide
        return x


class _Tops(StripPainter):
    def paint(self, strip: TopsStrip) -> None:
        pairs = zip(strip.rise_mm, strip.doubt_mm, strict=True)
        known = [
            abs(v) + d
            for row, doubts in pairs
            for v, d in zip(row, doubts, strict=True)
            if v is not None
        ]
        reach = max([*known, 0.08]) * 1.05 / strip.exaggeration
        per_mm = (self.box.height() / 2 - 10) / reach
        zero = self.box.center().y()
        rule = 0.05
        self.p.setPen(QPen(self.colour("line"), 1, Qt.PenStyle.DotLine))
        for k in range(1, math.ceil(reach / rule)):
            for sign in (1, -1):
                y = zero - sign * k * rule * per_mm
                self.p.drawLine(QPointF(self.box.left(), y), QPointF(self.box.right(), y))
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.drawLine(QPointF(self.box.left(), zero), QPointF(self.box.right(), zero))
        if self.geometry.neck.nut_on_right == self.geometry.low_above:
            order = (0, 1, 2)
        else:
            order = (2, 1, 0)
        # Upright bars are sharp, and far quicker, without smoothing.
        self.p.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        for fret, (row, doubts) in enumerate(zip(strip.rise_mm, strip.doubt_mm, strict=True)):
            x = self.geometry.fret_x(fret + 1)
            for place, k in enumerate(order):
                value = row[k]
                if value is not None:
                    named = (fret + 1, ("bass", "middle", "treble")[k]) in strip.named
                    self._bar(
                        x + (place - 1) * 6.0,
                        zero,
                        value,
                        doubt=doubts[k],
                        per_mm=per_mm,
                        named=named,
                    )
        if strip.rule:
            self.words(
                self.box.right() - 8, self.box.top() + 11, say(strip.rule), size=12, align="right"
            )

    def _bar(
        self, x: float, zero: float, value: float, doubt: float, per_mm: float, named: bool
    ) -> None:
        tip = zero - value * per_mm
        box = QRectF(x - 2.2, min(tip, zero), 4.4, abs(tip - zero))
        if value >= 0:
            self.p.setPen(Qt.PenStyle.NoPen)
            self.p.setBrush(self.colour("copper" if named else "muted", 255 if named else 150))
            self.p.drawRect(box)
        else:
            self.p.setPen(QPen(self.colour("slate" if named else "muted"), 1.4))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawRect(box)
        self.p.setPen(QPen(self.colour("ink", 230 if named else 110), 1))
        self.p.drawLine(QPointF(x, tip - doubt * per_mm), QPointF(x, tip + doubt * per_mm))


class _Crown(StripPainter):
    def paint(self, strip: CrownStrip) -> None:
        tallest = max([*strip.crown_mm, strip.least_mm]) * 1.25
        over = self.theme.px(13) if strip.figures else 0
        per_mm = (self.box.height() - 20 - over) / tallest
        floor = self.box.bottom() - 14
        self.p.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        for fret, (crown, off, measured) in enumerate(
            zip(strip.crown_mm, strip.off_mm, strip.measured, strict=True)
        ):
            x = round(self.geometry.fret_x(fret + 1))
            top = round(floor - crown * per_mm)
            pen = QPen(
                self.colour("muted"), 1, Qt.PenStyle.SolidLine if measured else Qt.PenStyle.DashLine
            )
            self.p.setPen(pen)
            self.p.setBrush(self.colour("wire", 150))
            self.p.drawRect(x - 5, top, 10, round(floor) - top)
            groove = 0.0
            if strip.grooves_mm:
                groove = strip.grooves_mm[fret]
            if groove > 0.0:
                self.p.setPen(QPen(self.colour("slate"), 1.4))
                self.p.setBrush(self.colour("card"))
                self.p.drawRect(QRectF(x - 2.5, top, 5, max(groove * per_mm, 3.0)))
            if off > 0.001:
                self.p.setPen(Qt.PenStyle.NoPen)
                self.p.setBrush(self.colour("brass"))
                self.p.drawRect(QRectF(x - 7, top, 14, max(off * per_mm, 3.0)))
        self._figures(strip, floor, per_mm)
        y = floor - strip.least_mm * per_mm
        self.p.setPen(QPen(self.colour("plum"), 1.4, Qt.PenStyle.DashLine))
        self.p.drawLine(QPointF(self.box.left(), y), QPointF(self.box.right(), y))
        note = tr("solid outline: measured, dashed: estimated")
        self.words(
            self.box.right() - 8, self.box.bottom() - 7, note, size=11, figures=False, align="right"
        )

    def _figures(self, strip: CrownStrip, floor: float, per_mm: float) -> None:
        """What is left of each crown, over it; where frets stand close every other one."""
        wide = self.theme.px(32)
        right = -1e9
        for fret, figure in sorted(
            enumerate(strip.figures, 1), key=lambda pair: self.geometry.fret_x(pair[0])
        ):
            x = self.geometry.fret_x(fret)
            if x - wide / 2 < right:
                continue
            right = x + wide / 2
            thin = strip.crown_mm[fret - 1] - strip.off_mm[fret - 1] < strip.least_mm
            top = floor - strip.crown_mm[fret - 1] * per_mm - self.theme.px(7)
            self.words(x, top, say(figure), "plum" if thin else "muted", 11, bold=thin)


class _Values(StripPainter):
    def paint(self, strip: ValuesStrip) -> None:
        row = self.theme.px(20)
        rows = max(1, int((self.box.height() - 8) // row))
        right_edge = [-1e9] * rows
        for fret, words, here in sorted(strip.values, key=lambda v: self.geometry.fret_x(v[0])):
            self.p.setFont(self.theme.font(14, figures=True, bold=here))
            wide = self.p.fontMetrics().horizontalAdvance(say(words)) + 10
            x = self.geometry.fret_x(fret)
            free = next((i for i in range(rows) if right_edge[i] < x - wide / 2), None)
            if free is None:
                # No room: words over words tell nothing. The last readings stand in the bench bar.
                continue
            right_edge[free] = x + wide / 2
            y = self.box.top() + 4 + row * (free + 0.5)
            wanting = fret in strip.short
            if wanting:
                colour = "copper"
            elif here:
                colour = "ink"
            else:
                colour = "muted"
            self.words(x, y, say(words), colour, 14, bold=here or wanting)
        if not strip.values:
            self.words(
                self.box.center().x(),
                self.box.center().y(),
                tr("nothing of this kind yet"),
                size=13,
                figures=False,
            )
