"""The neck sheet: the fingerboard drawn to scale with lanes under it on the same x axis."""

from __future__ import annotations

import itertools

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QFontMetrics, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import AnyStrip, Dots, SideStrip, ValuesStrip
from nuvrek.desktop.sheet.fingerboard import BoardPicture, paint_marks
from nuvrek.desktop.sheet.strips import paint_strip
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.wording.speech import say, tr

_GAP = 10


class SheetView(QWidget):
    """Paints a neck and its lanes; tells which fret (and lane) is pointed at."""

    fret_chosen = pyqtSignal(int, str)

    def __init__(self, theme: Theme, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.theme = self._drawn = theme
        self._board = BoardPicture()
        self.neck: NeckDescription | None = None
        self.lanes: tuple[AnyStrip, ...] = ()
        self.dots = Dots()
        self.chosen: int | None = None
        self.setAccessibleName(tr("Neck sheet"))
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(80)

    def show_neck(
        self,
        neck: NeckDescription,
        lanes: tuple[AnyStrip, ...],
        dots: Dots,
        chosen: int | None = None,
    ) -> None:
        """Draw ``neck`` with ``lanes``; ``chosen`` is ringed."""
        self.neck, self.lanes, self.dots = neck, lanes, dots
        self.chosen = chosen if chosen is not None and chosen <= neck.frets else None
        self.setAccessibleDescription(
            tr(
                "{title}: {frets} frets. {lanes}",
                title=neck.title,
                frets=neck.frets,
                lanes=", ".join(f"{say(strip.title)} {say(strip.under)}" for strip in lanes),
            )
        )
        self.update()

    def sizeHint(self) -> QSize:
        """Wide, and taller with every lane."""
        return QSize(900, 150 + 110 * len(self.lanes))

    @property
    def drawn(self) -> Theme:
        """The theme with text held to what the lanes have room for; large text is the bench
        bar's task.
        """
        percent = min(self.theme.percent, 150 if len(self.lanes) <= 2 else 125)
        if (self._drawn.dark, self._drawn.percent) != (self.theme.dark, percent):
            self._drawn = Theme(self.theme.dark, percent)
        return self._drawn

    @property
    def margin(self) -> int:
        """Width of the column of lane titles."""
        return self.drawn.px(112)

    def board_height(self) -> float:
        """Height of the board strip."""
        if not self.lanes:
            return float(max(60, self.height() - self.drawn.px(30)))
        return min(max(0.26 * self.height(), 58.0), 122.0)

    def geometry_now(self) -> SheetGeometry | None:
        """Where things lie at the present size."""
        if self.neck is None:
            return None
        return SheetGeometry(
            self.neck, self.margin, self.width() - self.margin - 14.0, 6.0, self.board_height()
        )

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        geometry = self.geometry_now()
        if geometry is None:
            return
        with painting(self) as painter:
            painter.fillRect(self.rect(), self.drawn.colours["paper"])
            self._board.paint(painter, geometry, self.drawn, self.dots, self.devicePixelRatioF())
            paint_marks(painter, geometry, self.drawn, self.chosen, self.dots)
            self._side_words(painter, geometry)
            numbers_top = geometry.top + geometry.height + 2
            self._numbers(painter, geometry, numbers_top)
            top = numbers_top + self.drawn.px(22)
            for strip, height in zip(self.lanes, self._lane_heights(top), strict=True):
                box = QRectF(self.margin, top, self.width() - self.margin - 2.0, height)
                self._card(painter, box, strip)
                painter.save()
                painter.setClipRect(box)
                paint_strip(painter, strip, box, geometry, self.drawn)
                painter.restore()
                top += height + _GAP
            if self.chosen is not None and self.lanes:
                painter.setPen(QPen(self.drawn.colours["copper"], 1, Qt.PenStyle.DashLine))
                x = geometry.fret_x(self.chosen)
                painter.drawLine(
                    QPointF(x, numbers_top + self.drawn.px(20)), QPointF(x, self.height() - 4.0)
                )

    def _lane_heights(self, top: float) -> list[float]:
        weights = [
            0.5 if isinstance(strip, ValuesStrip) else 1.5 if isinstance(strip, SideStrip) else 1.0
            for strip in self.lanes
        ]
        room = self.height() - top - _GAP * max(len(weights) - 1, 0) - 2
        total = sum(weights) or 1.0
        return [max(room * w / total, 24.0) for w in weights]

    def _card(self, painter: QPainter, box: QRectF, strip: AnyStrip) -> None:
        painter.setPen(QPen(self.drawn.colours["line"], 1))
        painter.setBrush(self.drawn.colours["card"])
        painter.drawRoundedRect(box, 3, 3)
        if box.height() < self.drawn.px(44):
            self._title(painter, box.center().y(), say(strip.title), bold=True)
            return
        self._title(painter, box.center().y() - self.drawn.px(9), say(strip.title), bold=True)
        self._title(painter, box.center().y() + self.drawn.px(10), say(strip.under), bold=False)

    def _title(self, painter: QPainter, y: float, text: str, *, bold: bool) -> None:
        size = 15.0 if bold else 13.0
        painter.setFont(self.drawn.font(size, bold=bold))
        room = self.margin - 12
        while size > 9 and painter.fontMetrics().horizontalAdvance(text) > room:
            size -= 1
            painter.setFont(self.drawn.font(size, bold=bold))
        painter.setPen(self.drawn.colours["ink" if bold else "muted"])
        height = painter.fontMetrics().height()
        align = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
        painter.drawText(QRectF(0, y - height / 2, room, height), align, text)

    def _side_words(self, painter: QPainter, geometry: SheetGeometry) -> None:
        for lane in ("bass", "treble"):
            now = self.dots.lane_now == lane
            painter.setFont(self.drawn.font(14, bold=now))
            painter.setPen(self.drawn.colours["copper" if now else "muted"])
            y = geometry.lane_y(lane, 0.0)
            height = painter.fontMetrics().height()
            align = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
            words = LANE_WORDS[lane]
            painter.drawText(QRectF(0, y - height / 2, self.margin - 12, height), align, say(words))

    def _numbers(self, painter: QPainter, geometry: SheetGeometry, top: float) -> None:
        last = -1e9
        size = 13.0
        places = sorted(enumerate(geometry.frets_x, 1), key=lambda p: p[1])
        closest = min((b[1] - a[1] for a, b in itertools.pairwise(places)), default=99.0)
        if closest < self.drawn.px(18):
            size = max(9.0, 13.0 * closest / self.drawn.px(18))
        # Two fonts in all, and their widths: asking for them anew at every fret takes its time.
        looks = [
            (font, QFontMetrics(font), self.drawn.colours[colour])
            for font, colour in (
                (self.drawn.font(size, figures=True), "muted"),
                (self.drawn.font(size + 2, bold=True, figures=True), "copper"),
            )
        ]
        if self.dots.asked is None:
            asked = None
        else:
            asked = self.dots.asked[0]
        before = None
        for fret, x in places:
            here = fret in (self.chosen, asked)
            font, metrics, colour = looks[here]
            wide = metrics.horizontalAdvance(str(fret))
            if x - wide / 2 < last and not here:
                continue
            last = x + wide / 2 + 2
            if here is not before:
                painter.setFont(font)
                painter.setPen(colour)
                before = here
            painter.drawText(
                QRectF(x - wide, top, 2 * wide, self.drawn.px(20)),
                Qt.AlignmentFlag.AlignCenter,
                str(fret),
            )

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        geometry = self.geometry_now()
        if event is None or geometry is None:
            return
        place = event.position()
        if place.x() < self.margin - 8:
            return
        on_board = place.y() <= geometry.top + geometry.height
        self.fret_chosen.emit(
            geometry.fret_at(place.x()), geometry.lane_at(place.y()) if on_board else ""
        )

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None:
            event.ignore()
