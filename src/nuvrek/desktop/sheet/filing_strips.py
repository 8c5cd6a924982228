"""Painting metal off with the order of the ink, and crowns in section."""

from __future__ import annotations

import itertools

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainterPath, QPen, QTransform

from nuvrek.bench.strips.strips import MetalStrip, SectionStrip
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.wording.speech import say, tr

# Metal that fills the lane at least.
_FULL_MM = 0.12


class Metal(StripPainter):
    """Three bars a fret, hanging from the tops; over them the turn in which the fret loses its
    first ink.
    """

    def paint(self, strip: MetalStrip) -> None:
        """Draw bars, figures and turns."""
        head = self.theme.px(20) if strip.order else 6.0
        foot = self.theme.px(17)
        top = self.box.top() + head
        deepest = max((mm for row in strip.off_mm for mm in row), default=0.0)
        per_mm = max(self.box.height() - head - foot - 6.0, 6.0) / max(_FULL_MM, deepest)
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.drawLine(QPointF(self.box.left(), top), QPointF(self.box.right(), top))
        turns = {fret: number for number, fret in enumerate(strip.order, 1)}
        step = self._step()
        for fret, row in enumerate(strip.off_mm, 1):
            x = self.geometry.fret_x(fret)
            self.p.setPen(QPen(self.colour("muted"), 1))
            self.p.drawLine(QPointF(x, top - 3), QPointF(x, top + 3))
            self.p.setPen(Qt.PenStyle.NoPen)
            self.p.setBrush(self.colour("plum" if fret == strip.thin else "brass"))
            for k, mm in enumerate(row):
                if mm > WORTH_FILING_MM:
                    left = x + (k - 1.5) * step
                    self.p.drawRect(QRectF(left, top, step - 1.0, max(mm * per_mm, 2.0)))
            self._words(strip, fret, x, top=top, deep=max(row) * per_mm, turns=turns)

    def _step(self) -> float:
        places = sorted(self.geometry.frets_x)
        closest = min((b - a for a, b in itertools.pairwise(places)), default=30.0)
        return max(min(closest / 3.6, 9.0), 3.0)

    def _words(
        self, strip: MetalStrip, fret: int, x: float, top: float, deep: float, turns: dict[int, int]
    ) -> None:
        if fret in strip.left:
            self.words(x, top + 12, "alone", "slate", 12, figures=False)
        saying = strip.figures[fret - 1]
        if saying:
            y = min(top + deep + self.theme.px(9), self.box.bottom() - self.theme.px(8))
            self.words(
                x, y, say(saying).removeprefix("0"), "plum" if fret == strip.thin else "ink", 12
            )
        if fret in turns:
            early, last = turns[fret] <= 3, turns[fret] == len(turns)
            if early:
                name = "copper"
            elif last:
                name = "slate"
            else:
                name = "muted"
            self.words(
                x, self.box.top() + self.theme.px(9), f"{turns[fret]}", name, 13, bold=early or last
            )


_SIGNS = {"as it is": "", "crown": "⌒", "too wide": "✕", "too low": "✕"}


class Sections(StripPainter):
    """Every crown as cut across: what is left of it, what the file took, and the flat."""

    def paint(self, strip: SectionStrip) -> None:
        """Draw the sections at their frets."""
        row = self.theme.px(17)
        floor = self.box.bottom() - 3 * row - 3
        closest = min(
            (b - a for a, b in itertools.pairwise(sorted(self.geometry.frets_x))), default=30.0
        )
        widest = max((flattened[0] for flattened in strip.crowns), default=2.4)
        tallest = max((flattened[1] for flattened in strip.crowns), default=1.2)
        per_mm = min((closest - 3.0) / widest, 26.0)
        taller = max(min((floor - self.box.top() - 8.0) / (tallest * per_mm), 4.0), 0.5)
        self.p.setPen(QPen(self.colour("line"), 1))
        self.p.drawLine(QPointF(self.box.left(), floor), QPointF(self.box.right(), floor))
        for fret, crown in enumerate(strip.crowns, 1):
            self._section(self.geometry.fret_x(fret), floor, per_mm, taller, crown)
            says = crown[4]
            if says in ("too wide", "too low"):
                name = "plum"
            else:
                name = "ink"
            x = self.geometry.fret_x(fret)
            self.words(
                x,
                floor + 0.55 * row,
                say(strip.figures[fret - 1]).removeprefix("0"),
                name,
                12,
                bold=True,
            )
            self.words(x, floor + 1.5 * row, say(strip.heights[fret - 1]), "muted", 11)
            self.words(x, floor + 2.4 * row, _SIGNS[says], name, 13, figures=False)
        left = self.box.left() + 4
        for n, text in enumerate(("flat", "left", "do"), 0):
            self.words(
                left,
                floor + (0.55 + 0.95 * n) * row,
                text,
                "muted",
                11,
                figures=False,
                align="left",
            )
        text = tr("heights x{taller:.1f}", taller=taller)
        self.words(self.box.right() - 6, self.box.top() + 10, text, size=11, align="right")

    def _section(
        self,
        x: float,
        floor: float,
        per_mm: float,
        taller: float,
        crown: tuple[float, float, float, float, str],
    ) -> None:
        width, before, after, flat, says = crown
        stretch = QTransform().translate(0.0, floor).scale(1.0, taller).translate(0.0, -floor)
        whole = stretch.map(_crown(x, floor, width * per_mm, before * per_mm, before * per_mm))
        left = stretch.map(_crown(x, floor, width * per_mm, before * per_mm, after * per_mm))
        stuck = says in ("too wide", "too low")
        self.p.setPen(QPen(self.colour("muted"), 1, Qt.PenStyle.DotLine))
        self.p.setBrush(self.colour("brass"))
        self.p.drawPath(whole)
        self.p.setPen(QPen(self.colour("plum" if stuck else "muted"), 1.2))
        self.p.setBrush(self.colour("wire"))
        self.p.drawPath(left)
        if says != "as it is":
            y = floor - after * per_mm * taller
            self.p.setPen(QPen(self.colour("plum" if stuck else "copper"), 2.4))
            half = 0.5 * flat * per_mm
            self.p.drawLine(QPointF(x - half, y), QPointF(x + half, y))


def _crown(x: float, floor: float, width: float, height: float, cut: float) -> QPainterPath:
    """A circular segment of ``width`` and ``height`` on the wood, cut off at ``cut``."""
    radius = (width**2 / 4.0 + height**2) / (2.0 * max(height, 1e-3))
    disc = QPainterPath()
    disc.addEllipse(QPointF(x, floor - height + radius), radius, radius)
    box = QPainterPath()
    box.addRect(QRectF(x - width / 2.0, floor - cut, width, cut))
    return disc.intersected(box)
