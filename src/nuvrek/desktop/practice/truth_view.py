"""The truth drawn over one's own map: true tops, the map with its ranges, and the metal."""

from __future__ import annotations

from itertools import pairwise

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.description import LANE_WORDS, LANES, NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.wording.speech import say, tr

Array = NDArray[np.float64]


class TruthView(QWidget):
    """One lane a row: the true tops as a line, one's own map as marks with whiskers."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.neck: NeckDescription | None = None
        self.true: Array | None = None
        self.mapped: tuple[Array, Array] | None = None
        self.taken: Array | None = None
        self.setMinimumHeight(260)

    def sizeHint(self) -> QSize:
        return QSize(760, 360)

    @property
    def drawn(self) -> Theme:
        """The theme with its text held to what the drawing has room for."""
        return Theme(self.theme.dark, min(self.theme.percent, 115))

    def show_truth(
        self, neck: NeckDescription, true: Array, mapped: tuple[Array, Array] | None, taken: Array
    ) -> None:
        """``true`` and ``mapped`` (heights and ranges) are (frets, 3) over the line of each lane;
        ``taken`` the metal that is gone, (frets, 3).
        """
        self.neck, self.true, self.mapped, self.taken = neck, true, mapped, taken
        self.setAccessibleName(tr("The truth over your map"))
        outside = 0
        if mapped is not None:
            outside = int((np.abs(true - mapped[0]) > mapped[1]).sum())
        self.setAccessibleDescription(
            tr("{outside} tops lie outside the range your map gave them", outside=outside)
        )
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        if self.neck is None or self.true is None or self.taken is None:
            return
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            rows = 3.7
            high = (self.height() - 40) / rows
            every = [self.true] + ([] if self.mapped is None else [self.mapped[0]])
            span = max(float(np.nanmax(np.abs(one))) for one in every) + 0.03
            for n, k in enumerate((2, 1, 0)):
                self._lane(painter, QRectF(108, n * high, self.width() - 116, high - 6), k, span)
            metal = QRectF(108, 3 * high, self.width() - 116, 0.7 * high - 6)
            self._metal(painter, metal)
            self._legend(painter, QRectF(108, self.height() - 38, self.width() - 116, 36))

    def _x(self, box: QRectF) -> list[float]:
        assert self.neck is not None
        x = place_row_mm(self.neck)[1:]
        share = (x - x[0]) / (x[-1] - x[0])
        if self.neck.nut_on_right:
            share = 1.0 - share
        return [box.left() + 12 + float(s) * (box.width() - 24) for s in share]

    def _lane(self, painter: QPainter, box: QRectF, k: int, span: float) -> None:
        assert self.true is not None
        c, t = self.theme.colours, self.drawn
        painter.setPen(QPen(c["line"], 1))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(box, 4, 4)
        middle, scale = box.center().y(), 0.46 * box.height() / span
        painter.drawLine(QPointF(box.left(), middle), QPointF(box.right(), middle))
        painter.setFont(t.font(14, bold=True))
        painter.setPen(c["ink"])
        side = QRectF(0, box.top(), 100, box.height())
        flat = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight
        painter.drawText(side, flat, say(LANE_WORDS[LANES[k]]))
        xs = self._x(box)
        painter.save()
        painter.setClipRect(box.adjusted(1, 1, -1, -1))
        if self.mapped is not None:
            for x, mm, doubt, true in zip(
                xs, self.mapped[0][:, k], self.mapped[1][:, k], self.true[:, k], strict=True
            ):
                wrong = abs(float(true) - float(mm)) > float(doubt)
                y = middle - float(mm) * scale
                painter.setPen(QPen(c["copper" if wrong else "slate"], 3 if wrong else 2))
                reach = float(doubt) * scale
                painter.drawLine(QPointF(x, y - reach), QPointF(x, y + reach))
                painter.setBrush(c["card"])
                if wrong:
                    painter.drawRect(QRectF(x - 5, y - 5, 10, 10))
                else:
                    painter.drawEllipse(QPointF(x, y), 4, 4)
        painter.setPen(QPen(c["ink"], 2))
        places = [
            QPointF(x, middle - float(mm) * scale)
            for x, mm in zip(xs, self.true[:, k], strict=True)
            if np.isfinite(mm)
        ]
        for a, b in pairwise(places):
            painter.drawLine(a, b)
        painter.restore()
        painter.setFont(t.font(13))
        painter.setPen(c["muted"])
        under = QRectF(0, box.top() + 0.5 * box.height() + 8, 100, 20)
        painter.drawText(under, Qt.AlignmentFlag.AlignRight, tr("± {span:.2f} mm", span=span))

    def _metal(self, painter: QPainter, box: QRectF) -> None:
        """What came off each fret."""
        assert self.taken is not None
        c = self.theme.colours
        painter.setFont(self.drawn.font(14, bold=True))
        painter.setPen(c["ink"])
        side = QRectF(0, box.top(), 100, box.height())
        flat = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight
        painter.drawText(side, flat, tr("metal off"))
        painter.setFont(self.drawn.font(13))
        painter.setPen(c["muted"])
        most = tr("most {mm:.2f} mm", mm=float(self.taken.mean(axis=1).max(initial=0.0)))
        under = QRectF(0, side.center().y() + 8, 100, 20)
        painter.drawText(under, Qt.AlignmentFlag.AlignRight, most)
        off = self.taken.mean(axis=1)
        top = max(float(off.max(initial=0.0)), 0.05)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(c["brass"])
        for x, mm in zip(self._x(box), off, strict=True):
            high = float(mm) / top * (box.height() - 16)
            painter.drawRect(QRectF(x - 6, box.top() + 2, 12, high))
        painter.setFont(self.drawn.font(13))
        painter.setPen(c["muted"])
        for fret, x in enumerate(self._x(box), 1):
            if fret % 2 or fret == len(off):
                place = QRectF(x - 15, box.bottom() - 12, 30, 18)
                painter.drawText(place, Qt.AlignmentFlag.AlignCenter, str(fret))

    def _legend(self, painter: QPainter, box: QRectF) -> None:
        c = self.theme.colours
        painter.setFont(self.drawn.font(13))
        painter.setPen(c["muted"])
        if self.mapped is not None:
            words = tr(
                "line: true · ring: your map, whisker its range · square: the truth lies outside"
            )
        else:
            words = tr("line: true. You wrote nothing down, so there is no map to hold against it.")
        painter.drawText(box, Qt.AlignmentFlag.AlignVCenter, words)
