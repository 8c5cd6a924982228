"""Painting metal off with the order of the ink, and crowns in section."""

from __future__ import annotations

import itertools

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainterPath, QPen

from nuvrek.bench.lanes import MetalLane, SectionLane
from nuvrek.desktop.lanebase import LaneBase

# Metal that fills the lane at least.
_FULL_MM = 0.12
_WORTH_MM = 0.004


class Metal(LaneBase):
    """Three bars a fret, hanging from the tops; over them the turn in which the fret loses its first ink."""

    def paint(self, lane: MetalLane) -> None:
        """Draw bars, figures and turns."""
        head = self.theme.px(20) if lane.order else 6.0
        foot = self.theme.px(17)
        top = self.box.top() + head
        deepest = max((mm for row in lane.off_mm for mm in row), default=0.0)
        per_mm = max(self.box.height() - head - foot - 6.0, 6.0) / max(_FULL_MM, deepest)
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.drawLine(QPointF(self.box.left(), top), QPointF(self.box.right(), top))
        turns = {fret: number for number, fret in enumerate(lane.order, 1)}
        step = self._step()
        for fret, row in enumerate(lane.off_mm, 1):
            x = self.g.fret_x(fret)
            self.p.setPen(QPen(self.colour("muted"), 1))
            self.p.drawLine(QPointF(x, top - 3), QPointF(x, top + 3))
            self.p.setPen(Qt.PenStyle.NoPen)
            self.p.setBrush(self.colour("plum" if fret == lane.thin else "brass"))
            for k, mm in enumerate(row):
                if mm > _WORTH_MM:
                    left = x + (k - 1.5) * step
                    self.p.drawRect(QRectF(left, top, step - 1.0, max(mm * per_mm, 2.0)))
            self._words(lane, fret, x, top, max(row) * per_mm, turns)

    def _step(self) -> float:
        places = sorted(self.g.frets_x)
        closest = min((b - a for a, b in itertools.pairwise(places)), default=30.0)
        return max(min(closest / 3.6, 9.0), 3.0)

    def _words(
        self, lane: MetalLane, fret: int, x: float, top: float, deep: float, turns: dict[int, int]
    ) -> None:
        if fret in lane.left:
            self.words(x, top + 12, "alone", "slate", 12, figures=False)
        said = lane.figures[fret - 1]
        if said:
            y = min(top + deep + self.theme.px(9), self.box.bottom() - self.theme.px(8))
            self.words(x, y, said.removeprefix("0"), "plum" if fret == lane.thin else "ink", 12)
        if fret in turns:
            early, last = turns[fret] <= 3, turns[fret] == len(turns)
            name = "copper" if early else "slate" if last else "muted"
            self.words(x, self.box.top() + self.theme.px(9), f"{turns[fret]}", name, 13, bold=early or last)


_SIGNS = {"as it is": "", "crown": "⌒", "too wide": "✕", "too low": "✕"}


class Sections(LaneBase):
    """Every crown as cut across: what is left of it, what the file took, and the flat."""

    def paint(self, lane: SectionLane) -> None:
        """Draw the sections at their frets."""
        foot = self.theme.px(36)
        floor = self.box.bottom() - foot
        places = sorted(self.g.frets_x)
        closest = min((b - a for a, b in itertools.pairwise(places)), default=30.0)
        widest = max((one[0] for one in lane.crowns), default=2.4)
        tallest = max((one[1] for one in lane.crowns), default=1.2)
        per_mm = min((closest - 4.0) / widest, (self.box.height() - foot - 10.0) / tallest, 26.0)
        self.p.setPen(QPen(self.colour("line"), 1))
        self.p.drawLine(QPointF(self.box.left(), floor), QPointF(self.box.right(), floor))
        for fret, (width, before, after, flat, says) in enumerate(lane.crowns, 1):
            x = self.g.fret_x(fret)
            whole = _crown(x, floor, width * per_mm, before * per_mm, before * per_mm)
            left = _crown(x, floor, width * per_mm, before * per_mm, after * per_mm)
            self.p.setPen(QPen(self.colour("muted"), 1, Qt.PenStyle.DashLine))
            self.p.setBrush(Qt.BrushStyle.NoBrush)
            self.p.drawPath(whole)
            stuck = says in ("too wide", "too low")
            self.p.setPen(QPen(self.colour("plum" if stuck else "muted"), 1.2))
            self.p.setBrush(self.colour("wire", 190))
            self.p.drawPath(left)
            if says != "as it is":
                y = floor - after * per_mm
                self.p.setPen(QPen(self.colour("plum" if stuck else "copper"), 2.4))
                half = 0.5 * flat * per_mm
                self.p.drawLine(QPointF(x - half, y), QPointF(x + half, y))
            name = "plum" if stuck else "ink"
            self.words(x, floor + self.theme.px(10), lane.figures[fret - 1].removeprefix("0"), name, 12)
            self.words(x, floor + self.theme.px(25), _SIGNS[says], name, 13, figures=False)


def _crown(x: float, floor: float, width: float, height: float, cut: float) -> QPainterPath:
    """A circular segment of ``width`` and ``height`` on the wood, cut off at ``cut``."""
    radius = (width**2 / 4.0 + height**2) / (2.0 * max(height, 1e-3))
    disc = QPainterPath()
    disc.addEllipse(QPointF(x, floor - height + radius), radius, radius)
    box = QPainterPath()
    box.addRect(QRectF(x - width / 2.0, floor - cut, width, cut))
    return disc.intersected(box)
