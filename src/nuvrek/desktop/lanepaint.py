"""Painting the lanes that share the neck sheet's x axis. High is copper and solid, low is slate and hollow."""

from __future__ import annotations

import math

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPainterPath, QPen, QPolygonF

from nuvrek.bench.lanes import AnyLane, CrownLane, SideLane, TopsLane, ValuesLane, WoodLane
from nuvrek.bench.sheet import SheetGeometry
from nuvrek.desktop.theme import Theme
from nuvrek.neck.board import end_mm, middle_fret
from nuvrek.neck.description import LANE_WORDS, Lane
from nuvrek.neck.scale import fret_line_mm

_STEP_MM = (0.05, 0.1, 0.2, 0.5, 1.0, 2.0)


def paint_lane(painter: QPainter, lane: AnyLane, box: QRectF, g: SheetGeometry, theme: Theme) -> None:
    """Paint ``lane`` into ``box``."""
    match lane:
        case WoodLane():
            _Wood(painter, box, g, theme).paint(lane)
        case TopsLane():
            _Tops(painter, box, g, theme).paint(lane)
        case CrownLane():
            _Crown(painter, box, g, theme).paint(lane)
        case SideLane():
            _Side(painter, box, g, theme).paint(lane)
        case ValuesLane():
            _Values(painter, box, g, theme).paint(lane)


class _Base:
    def __init__(self, painter: QPainter, box: QRectF, g: SheetGeometry, theme: Theme) -> None:
        self.p, self.box, self.g, self.theme = painter, box, g, theme

    def colour(self, name: str, alpha: int = 255) -> QColor:
        colour = self.theme.colours[name]
        colour.setAlpha(alpha)
        return colour

    def words(
        self,
        x: float,
        y: float,
        text: str,
        name: str = "muted",
        size: float = 13,
        *,
        bold: bool = False,
        figures: bool = True,
        align: str = "centre",
    ) -> None:
        """Text centred on (x, y), or beginning or ending there; kept inside the box."""
        self.p.setFont(self.theme.font(size, bold=bold, figures=figures))
        self.p.setPen(self.colour(name))
        width = self.p.fontMetrics().horizontalAdvance(text)
        height = self.p.fontMetrics().height()
        left = x - width / 2 if align == "centre" else x if align == "left" else x - width
        left = min(max(left, self.box.left() + 4), self.box.right() - width - 4)
        self.p.drawText(QRectF(left, y - height / 2, width + 2, height), Qt.AlignmentFlag.AlignVCenter, text)


_STYLES: dict[Lane, Qt.PenStyle] = {
    "bass": Qt.PenStyle.SolidLine,
    "middle": Qt.PenStyle.DotLine,
    "treble": Qt.PenStyle.DashLine,
}


class _Wood(_Base):
    def paint(self, lane: WoodLane) -> None:
        heights = [v for curve in lane.curves for v in curve.heights_mm]
        low = min([*heights, -lane.target_mm, -0.1])
        high = max([*heights, 0.05])
        usable = self.box.height() - 46
        per_mm = usable / (high - low)
        zero = self.box.top() + 30 + high * per_mm
        self.p.setPen(QPen(self.colour("line"), 1))
        self.p.drawLine(QPointF(self.box.left(), zero), QPointF(self.box.right(), zero))
        banded = next((c for c in lane.curves if c.lane == "middle"), lane.curves[0] if lane.curves else None)
        for curve in lane.curves:
            points = [
                QPointF(x, zero - v * per_mm) for x, v in zip(self.g.frets_x, curve.heights_mm, strict=True)
            ]
            if curve is banded:
                self._band(points, curve.doubt_mm, per_mm)
            self.p.setPen(QPen(self.colour("ink"), 1.6, _STYLES[curve.lane]))
            self.p.drawPolyline(QPolygonF(points))
        self._target(lane, zero, per_mm)
        # A height is drawn this much larger than a length along the neck.
        px_per_mm = abs(self.g.x(100.0) - self.g.x(0.0)) / 100.0
        self.words(
            self.box.right() - 8,
            self.box.top() + 12,
            f"heights ×{per_mm / px_per_mm:.0f}",
            size=12,
            align="right",
        )
        legend_end = self._legend(lane) if len(lane.curves) > 1 else self.box.left()
        self.p.setFont(self.theme.font(16, bold=True, figures=True))
        half = 0.5 * self.p.fontMetrics().horizontalAdvance(lane.label)
        x = max(self.g.fret_x(lane.label_fret), legend_end + half + 6)
        self.words(x, self.box.top() + 13, lane.label, "ink", 16, bold=True)

    def _target(self, lane: WoodLane, zero: float, per_mm: float) -> None:
        start, joint = self.g.fret_x(1), self.g.fret_x(self.g.neck.joint_fret)
        self.p.setPen(QPen(self.colour("plum"), 1.2, Qt.PenStyle.DashLine))
        y = zero + lane.target_mm * per_mm
        middle = self.g.fret_x(middle_fret(self.g.neck))
        reach = 0.16 * abs(joint - start)
        self.p.drawLine(QPointF(middle - reach, y), QPointF(middle + reach, y))
        self.p.setFont(self.theme.font(12))
        place = QRectF(middle + reach + 4, y - 8, self.p.fontMetrics().horizontalAdvance("wanted") + 6, 16)
        self.p.fillRect(place, self.colour("card"))
        self.words(place.left() + 3, y, "wanted", "plum", 12, figures=False, align="left")

    def _band(self, points: list[QPointF], doubt: object, per_mm: float) -> None:
        widths = [float(d) * per_mm for d in doubt]  # type: ignore[attr-defined]
        above = [QPointF(p.x(), p.y() - w) for p, w in zip(points, widths, strict=True)]
        below = [QPointF(p.x(), p.y() + w) for p, w in zip(points, widths, strict=True)]
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("muted", 45))
        self.p.drawPolygon(QPolygonF(above + below[::-1]))

    def _legend(self, lane: WoodLane) -> float:
        """Name the lines that are drawn; returns where the words end."""
        x = self.box.left() + 10
        y = self.box.top() + 12
        for curve in lane.curves:
            word, style = LANE_WORDS[curve.lane], _STYLES[curve.lane]
            self.p.setPen(QPen(self.colour("ink"), 1.6, style))
            self.p.drawLine(QPointF(x, y), QPointF(x + 22, y))
            self.p.setFont(self.theme.font(12))
            wide = self.p.fontMetrics().horizontalAdvance(word)
            self.words(x + 28, y, word, size=12, figures=False, align="left")
            x += 44 + wide
        return x


class _Tops(_Base):
    def paint(self, lane: TopsLane) -> None:
        pairs = zip(lane.rise_mm, lane.doubt_mm, strict=True)
        known = [
            abs(v) + d for row, doubts in pairs for v, d in zip(row, doubts, strict=True) if v is not None
        ]
        reach = max([*known, 0.08]) * 1.05
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
        order = (0, 1, 2) if self.g.neck.nut_on_right == self.g.low_above else (2, 1, 0)
        # Upright bars are sharp, and far quicker, without smoothing.
        self.p.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        for fret, (row, doubts) in enumerate(zip(lane.rise_mm, lane.doubt_mm, strict=True)):
            x = self.g.fret_x(fret + 1)
            for place, k in enumerate(order):
                value = row[k]
                if value is not None:
                    named = (fret + 1, ("bass", "middle", "treble")[k]) in lane.named
                    self._bar(x + (place - 1) * 6.0, zero, value, doubts[k], per_mm, named)
        if lane.rule:
            self.words(self.box.right() - 8, self.box.top() + 11, lane.rule, size=12, align="right")

    def _bar(self, x: float, zero: float, value: float, doubt: float, per_mm: float, named: bool) -> None:
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


class _Crown(_Base):
    def paint(self, lane: CrownLane) -> None:
        tallest = max([*lane.crown_mm, lane.least_mm]) * 1.25
        per_mm = (self.box.height() - 20) / tallest
        floor = self.box.bottom() - 14
        self.p.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        for fret, (crown, off, measured) in enumerate(
            zip(lane.crown_mm, lane.off_mm, lane.measured, strict=True)
        ):
            x = round(self.g.fret_x(fret + 1))
            top = round(floor - crown * per_mm)
            pen = QPen(self.colour("muted"), 1, Qt.PenStyle.SolidLine if measured else Qt.PenStyle.DashLine)
            self.p.setPen(pen)
            self.p.setBrush(self.colour("wire", 150))
            self.p.drawRect(x - 5, top, 10, round(floor) - top)
            if off > 0.001:
                self.p.setPen(Qt.PenStyle.NoPen)
                self.p.setBrush(self.colour("brass"))
                self.p.drawRect(QRectF(x - 7, top, 14, max(off * per_mm, 3.0)))
        y = floor - lane.least_mm * per_mm
        self.p.setPen(QPen(self.colour("plum"), 1.4, Qt.PenStyle.DashLine))
        self.p.drawLine(QPointF(self.box.left(), y), QPointF(self.box.right(), y))
        note = "solid outline: measured, dashed: estimated"
        self.words(self.box.right() - 8, self.box.bottom() - 7, note, size=11, figures=False, align="right")


class _Side(_Base):
    """The side view: the neck's dip, the tool on it and where the gap is read, at the true fret places."""

    def paint(self, lane: SideLane) -> None:
        self.base = self.box.top() + 0.62 * self.box.height()
        self.crown = min(34.0, self.box.height() * 0.15)
        places = fret_line_mm(self.g.neck.scale_mm, self.g.neck.frets)
        self._neck(places, lane)
        match lane.station.kind:
            case "string-gap":
                self._gap(lane)
            case "sweep":
                self._rocker(lane)
            case "crown-height":
                self._caliper(lane)
            case "string-height":
                self._rule(lane)
            case "dial":
                self._beam(lane)
            case "state":
                slack = lane.station.state.strings == "slack"
                text = (
                    "Loosen them all evenly, let them hang."
                    if slack
                    else "Tune all strings, let the neck settle."
                )
                self._string(drop=0.0, sag=10.0 if slack else 0.0)
                self.words(
                    self.box.center().x(), self.box.top() + 22, text, "copper", 16, bold=True, figures=False
                )

    def _dip(self, fret: int, lane: SideLane) -> float:
        x = fret_line_mm(self.g.neck.scale_mm, self.g.neck.frets)
        s = (x[fret] - x[1]) / (x[self.g.neck.joint_fret] - x[1])
        depth = (
            0.0
            if lane.station.kind in ("sweep", "crown-height", "dial", "state")
            else 0.14 * self.box.height()
        )
        return depth * 4.0 * s * (1.0 - s) if s <= 1.0 else 0.0

    def _neck(self, places: tuple[float, ...], lane: SideLane) -> None:
        floor = self.base + 24 + 0.14 * self.box.height()
        path = QPainterPath(QPointF(self.g.x(0.0), floor))
        for fret in range(len(places)):
            path.lineTo(self.g.fret_x(fret), self.base + max(self._dip(fret, lane), 0.0))
        end = self.g.x(end_mm(self.g.neck))
        path.lineTo(end, self.base)
        path.lineTo(end, floor)
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("board"))
        self.p.drawPath(path)
        self.p.setBrush(self.colour("wire"))
        self.p.setPen(QPen(self.colour("muted"), 1))
        for fret in range(1, len(places)):
            self._crown_at(fret, lane)

    def _crown_at(self, fret: int, lane: SideLane, lift: float = 0.0) -> None:
        x, y = self.g.fret_x(fret), self.base + max(self._dip(fret, lane), 0.0)
        path = QPainterPath(QPointF(x - 7, y))
        path.cubicTo(
            QPointF(x - 7, y - self.crown - lift), QPointF(x + 7, y - self.crown - lift), QPointF(x + 7, y)
        )
        self.p.drawPath(path)

    def top_y(self, fret: int, lane: SideLane) -> float:
        return self.base + max(self._dip(fret, lane), 0.0) - 0.75 * self.crown

    def _string(self, drop: float, sag: float = 0.0) -> None:
        self.p.setPen(QPen(self.colour("ink"), 2))
        start, end = self.g.x(0.0), self.g.fret_x(self.g.neck.frets)
        path = QPainterPath(QPointF(start, self.base - self.crown - 8))
        middle = QPointF(0.5 * (start + end), self.base - self.crown - 18 + drop + sag)
        path.quadTo(middle, QPointF(end, self.base - self.crown - 26))
        self.p.drawPath(path)

    def _gap(self, lane: SideLane) -> None:
        low, high = lane.station.supports
        a = QPointF(self.g.fret_x(low), self.top_y(low, lane))
        b = QPointF(self.g.fret_x(high), self.top_y(high, lane))
        side = 1.0 if b.x() > a.x() else -1.0
        if lane.station.by == "string":
            self.p.setPen(QPen(self.colour("ink"), 2))
            self.p.drawLine(QPointF(a.x() - 40 * side, a.y() - 6), a)
            self.p.drawLine(a, b)
            self.p.drawLine(b, QPointF(b.x() + 120 * side, b.y() - 18))
            self._hand(a.x() - 14 * side, a.y(), f"hold at {low}")
            self._hand(b.x() - 14 * side, b.y(), f"press {high}")
        else:
            self.p.setPen(QPen(self.colour("muted"), 1))
            self.p.setBrush(self.colour("wire"))
            self.p.drawRect(QRectF(min(a.x(), b.x()) - 8, a.y() - 16, abs(b.x() - a.x()) + 16, 16))
            # On a low lane (large text) there is room for one line of words only.
            if self.box.height() > self.theme.px(110):
                words = f"straight edge on {low} and {high}"
                self.words(0.5 * (a.x() + b.x()), a.y() - 30, words, "ink", 14, figures=False)
        x = self.g.fret_x(lane.fret)
        y = a.y() + 1
        self.p.setPen(QPen(self.colour("brass"), 1))
        self.p.setBrush(self.colour("light"))
        self.p.drawRect(QRectF(x - 34, y, 68, max(self.top_y(lane.fret, lane) - y - 1, 5)))
        tool = "string" if lane.station.by == "string" else "edge"
        y_words = a.y() - 46 if tool == "edge" else self.box.top() + 18
        self.words(
            x,
            max(y_words, self.box.top() + 14),
            f"leaf between {tool} and fret {lane.fret}",
            "copper",
            16,
            bold=True,
            figures=False,
        )

    def _hand(self, x: float, y: float, text: str) -> None:
        self.p.setPen(QPen(self.colour("copper"), 2))
        self.p.setBrush(self.colour("copper", 60))
        self.p.drawPolygon(QPolygonF([QPointF(x, y - 1), QPointF(x - 9, y - 22), QPointF(x + 9, y - 22)]))
        self.words(x, y - 34, text, "ink", 14, figures=False)

    def _rocker(self, lane: SideLane) -> None:
        fret = lane.fret
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("copper"))
        self._crown_at(fret, lane, lift=7)
        a, b = self.g.fret_x(fret - 1), self.g.fret_x(fret + 1)
        y = self.top_y(fret, lane) - 6
        self.p.setBrush(self.colour("wire"))
        margin = 0.18 * abs(b - a)
        path = QPolygonF(
            [
                QPointF(min(a, b) - margin, y - 3),
                QPointF(max(a, b) + margin, y + 3),
                QPointF(max(a, b) + margin, y - 27),
                QPointF(min(a, b) - margin, y - 33),
            ]
        )
        self.p.drawPolygon(path)
        self.words(
            self.g.fret_x(fret),
            y - 50 if y - 62 > self.box.top() else y - 15,
            f"{fret - 1} · {fret} · {fret + 1}",
            "copper",
            17,
            bold=True,
        )
        self.words(self.g.fret_x(fret), self.base + 24, lane.note, "string", 14, figures=False)

    def _caliper(self, lane: SideLane) -> None:
        x = self.g.fret_x(lane.fret)
        y = self.top_y(lane.fret, lane)
        self.p.setPen(QPen(self.colour("copper"), 2))
        for level, end in ((self.base, 26), (y, 26)):
            self.p.drawLine(QPointF(x - end, level), QPointF(x + end, level))
        self.p.drawLine(QPointF(x + 20, y - 22), QPointF(x + 20, y))
        self.p.drawLine(QPointF(x + 20, self.base + 16), QPointF(x + 20, self.base))
        self.words(x, y - 36, f"top of fret {lane.fret} to the wood", "copper", 16, bold=True, figures=False)

    def _beam(self, lane: SideLane) -> None:
        """The indicator hanging from its beam, the plunger on the top that is read."""
        x, y = self.g.fret_x(lane.fret), self.top_y(lane.fret, lane)
        level = max(self.base - self.crown - 58, self.box.top() + 12)
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        left, right = sorted((self.g.x(0.0), self.g.fret_x(self.g.neck.frets)))
        self.p.drawRect(QRectF(left, level - 9, right - left, 9))
        self.p.setPen(QPen(self.colour("copper"), 3))
        self.p.drawLine(QPointF(x, level), QPointF(x, y))
        self.p.setBrush(self.colour("card"))
        radius = min(15.0, 0.4 * (y - level))
        self.p.drawEllipse(QPointF(x, level + radius + 1), radius, radius)
        self.p.drawLine(QPointF(x, level + radius), QPointF(x + 0.5 * radius, level + 0.5 * radius))
        if level - 24 > self.box.top():
            self.words(x, level - 24, f"dial over fret {lane.fret}", "copper", 16, bold=True, figures=False)

    def _rule(self, lane: SideLane) -> None:
        self._string(drop=0.0)
        x = self.g.fret_x(lane.fret)
        self.p.setPen(QPen(self.colour("brass"), 1))
        self.p.setBrush(self.colour("light"))
        top = self.base - self.crown - 44
        self.p.drawRect(QRectF(x - 6, top, 12, self.top_y(lane.fret, lane) - top))
        self.p.setPen(QPen(self.colour("ink"), 1))
        for k in range(int((self.top_y(lane.fret, lane) - top) // 5)):
            self.p.drawLine(QPointF(x - 6, top + 5 * k), QPointF(x - (0 if k % 2 else 3), top + 5 * k))
        self.words(
            x, top - 14, f"rule on fret {lane.fret}, string open", "copper", 16, bold=True, figures=False
        )


class _Values(_Base):
    def paint(self, lane: ValuesLane) -> None:
        row = self.theme.px(20)
        rows = max(1, int((self.box.height() - 8) // row))
        right_edge = [-1e9] * rows
        for fret, words, here in sorted(lane.values, key=lambda v: self.g.fret_x(v[0])):
            self.p.setFont(self.theme.font(14, figures=True, bold=here))
            wide = self.p.fontMetrics().horizontalAdvance(words) + 10
            x = self.g.fret_x(fret)
            free = next((i for i in range(rows) if right_edge[i] < x - wide / 2), None)
            if free is None:
                # No room: words over words tell nothing. The last readings stand in the bench bar.
                continue
            right_edge[free] = x + wide / 2
            y = self.box.top() + 4 + row * (free + 0.5)
            self.words(x, y, words, "ink" if here else "muted", 14, bold=here)
        if not lane.values:
            self.words(
                self.box.center().x(),
                self.box.center().y(),
                "nothing of this kind yet",
                size=13,
                figures=False,
            )
