"""Painting a refret under the board: wood off, slots against tangs, the table of frets."""

from __future__ import annotations

import itertools

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainterPath, QPen

from nuvrek.bench.strips.refret import SlotStrip, TableStrip, TruingStrip
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.neck.description import LANE_WORDS
from nuvrek.neck.scale import places_mm
from nuvrek.wording.speech import later, say, tr

# Wood that fills its lane at least, mm.
_FULL_MM = 0.15


class Wood(StripPainter):
    """Three lanes under each other: the face as it is, the line it is to come to, and the wood
    between.
    """

    def paint(self, strip: TruingStrip) -> None:
        """Draw the lanes, the figures of the whole and the turns of the pencil."""
        foot, head = self.theme.px(17), self.theme.px(18) if strip.order else 4
        high = (self.box.height() - foot - head - 6) / 3.0
        deepest = max((mm for _, face, _ in strip.lanes for mm in face), default=0.0)
        per_mm = 0.78 * high / max(deepest, _FULL_MM)
        for n, (name, face, to_be) in enumerate(strip.lanes):
            floor = self.box.top() + head + (n + 1) * high
            self._lane(floor, per_mm, face, to_be)
            self.words(
                self.box.left() + 4, floor - high + 9, say(LANE_WORDS[name]), size=11, align="left"
            )
            for fret, side in strip.left:
                if side == name:
                    self._corner(fret, floor, high)
        self._figures(strip)
        times = tr("heights x{per_mm:.0f}", per_mm=per_mm / max(self._per_mm_along(), 1e-6))
        self.words(self.box.right() - 6, self.box.top() + 9, times, size=11, align="right")

    def _per_mm_along(self) -> float:
        xs = sorted(self.geometry.frets_x)
        places = places_mm(self.geometry.neck)
        return (xs[-1] - xs[0]) / max(places[-1] - places[1], 1.0)

    def _lane(
        self, floor: float, per_mm: float, face: tuple[float, ...], to_be: tuple[float, ...]
    ) -> None:
        top, line = QPainterPath(), QPainterPath()
        places = [
            (self.geometry.fret_x(n), up, down)
            for n, (up, down) in enumerate(zip(face, to_be, strict=True), 1)
        ]
        for n, (x, up, down) in enumerate(places):
            if not n:
                move = (top.moveTo, line.moveTo)
            else:
                move = (top.lineTo, line.lineTo)
            move[0](x, floor - up * per_mm)
            move[1](x, floor - down * per_mm)
        between = QPainterPath(top)
        for x, _, down in reversed(places):
            between.lineTo(x, floor - down * per_mm)
        self.p.fillPath(between, self.colour("brass", 120))
        self.p.setPen(QPen(self.colour("ink"), 1.4))
        self.p.drawPath(top)
        self.p.setPen(QPen(self.colour("slate"), 1.4, Qt.PenStyle.DashLine))
        self.p.drawPath(line)

    def _corner(self, fret: int, floor: float, high: float) -> None:
        x = self.geometry.fret_x(fret)
        self.p.setPen(QPen(self.colour("slate"), 1))
        for up in range(3, int(0.6 * high), 4):
            self.p.drawLine(QPointF(x - 7, floor - up), QPointF(x + 7, floor - up - 3))

    def _figures(self, strip: TruingStrip) -> None:
        turns = {fret: n for n, fret in enumerate(strip.order, 1)}
        y = self.box.bottom() - self.theme.px(8)
        for fret, saying in enumerate(strip.figures, 1):
            x = self.geometry.fret_x(fret)
            if saying:
                hot = fret in strip.lingers
                self.words(
                    x, y, say(saying).removeprefix("0"), "copper" if hot else "ink", 12, bold=hot
                )
            turn = turns.get(fret)
            if turn is not None and (turn <= 3 or turn == len(turns)):
                name = "copper" if turn <= 3 else "slate"
                self.words(x, self.box.top() + self.theme.px(9), f"{turn}", name, 13, bold=True)


_SLOT_WORDS = {"tight": later("tight"), "loose": later("loose"), "shallow": later("shallow")}


class Slots(StripPainter):
    """Each slot as cut across, the tang it is to hold, and how fat that is to be."""

    def paint(self, strip: SlotStrip) -> None:
        """Draw slots over the bars of their grips."""
        row = self.theme.px(16)
        if any(strip.grips):
            grips = 0.36 * self.box.height()
        else:
            grips = 0.0
        floor = self.box.bottom() - 2 * row - grips - 4
        top = self.box.top() + 8
        xs = sorted(self.geometry.frets_x)
        closest = min((b - a for a, b in itertools.pairwise(xs)), default=30.0)
        per_mm = min((closest - 4.0) / 1.1, 34.0)
        self.half = 0.5 * (closest - 2.0)
        for fret, width, barbs, says, read in strip.slots:
            self._slot(
                self.geometry.fret_x(fret),
                top,
                floor,
                wide=(width * per_mm, barbs * per_mm),
                says=says,
                read=read,
            )
            if says in _SLOT_WORDS:
                self.words(
                    self.geometry.fret_x(fret), floor + 0.6 * row, says, "plum", 11, figures=False
                )
        for fret, saying in strip.figures:
            self.words(
                self.geometry.fret_x(fret), floor + 1.6 * row, say(saying), "ink", 12, bold=True
            )
        if grips:
            self._grips(strip, self.box.bottom() - 4, grips - row)

    def _slot(
        self, x: float, top: float, floor: float, wide: tuple[float, float], says: str, read: bool
    ) -> None:
        slot, barbs = wide
        if read:
            style = Qt.PenStyle.SolidLine
        else:
            style = Qt.PenStyle.DashLine
        self.p.setPen(QPen(self.colour("muted"), 1, style))
        self.p.setBrush(self.colour("card"))
        self.p.fillRect(
            QRectF(x - self.half, top, 2 * self.half, floor - top), self.colour("board")
        )
        self.p.drawRect(QRectF(x - slot / 2, top, slot, floor - top - 6))
        wrong = says in _SLOT_WORDS
        self.p.setPen(QPen(self.colour("plum" if wrong else "muted"), 1.3))
        self.p.setBrush(self.colour("wire"))
        blade = 0.66 * barbs
        deep = 0.80 * (floor - top)
        self.p.drawRect(QRectF(x - blade / 2, top - 4, blade, deep))
        for n in range(3):
            y = top + deep * (0.25 + 0.25 * n)
            self.p.drawRect(QRectF(x - barbs / 2, y, barbs, 3.0))

    def _grips(self, strip: SlotStrip, bottom: float, high: float) -> None:
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("copper"))
        for fret, mm in enumerate(strip.grips, 1):
            tall = high * min(mm / strip.most_mm, 1.0)
            self.p.drawRect(QRectF(self.geometry.fret_x(fret) - 4, bottom - tall, 8, tall))
        self.words(
            self.box.left() + 4, bottom - high, tr("fatter than usual"), size=11, align="left"
        )


class FretStagesDrawing(StripPainter):
    """A row a stage: what was said of every fret."""

    def paint(self, strip: TableStrip) -> None:
        """Draw the rows; the one in hand stands out."""
        rows = strip.rows
        if not rows:
            return
        high = (self.box.height() - 4) / len(rows)
        for n, row in enumerate(rows):
            top = self.box.top() + 2 + n * high
            if row.now:
                self.p.fillRect(
                    QRectF(self.box.left() + 1, top, self.box.width() - 2, high),
                    self.colour("light"),
                )
            middle = top + high / 2
            for fret, cell in enumerate(row.cells, 1):
                x = self.geometry.fret_x(fret)
                if row.now and fret in strip.batch:
                    self.p.setPen(QPen(self.colour("copper"), 1.6))
                    self.p.setBrush(Qt.BrushStyle.NoBrush)
                    self.p.drawRoundedRect(QRectF(x - 9, top + 2, 18, high - 4), 4, 4)
                if cell.sign:
                    name = "muted" if cell.fine else "copper"
                    self.words(x, middle, cell.sign, name, 14, bold=not cell.fine, figures=False)
                elif not cell.alone:
                    self.p.setPen(QPen(self.colour("line"), 1.2))
                    self.p.setBrush(Qt.BrushStyle.NoBrush)
                    self.p.drawEllipse(QPointF(x, middle), 2.4, 2.4)
            at = "ink" if row.now else "muted"
            self.p.setOpacity(0.9)
            self.words(
                self.box.left() + 4, middle, say(row.title), at, 12, bold=row.now, align="left"
            )
            self.p.setOpacity(1.0)
