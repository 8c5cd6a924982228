"""A board of things to practise: each a row to press, with a mark for how it stands."""

from __future__ import annotations

from itertools import pairwise

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from nuvrek.bench.practice.hall import PracticeOffer
from nuvrek.bench.practice.kept import Result
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import say, tr

COLUMNS = 2


class OfferBoard(QWidget):
    """Rows in two columns; one is chosen by the arrows."""

    opened = pyqtSignal(str)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.offers: tuple[PracticeOffer, ...] = ()
        self.chosen = 0

    def sizeHint(self) -> QSize:
        rows = -(-len(self.offers) // COLUMNS)
        return QSize(700, rows * self.theme.px(40))

    def show_offers(self, offers: tuple[PracticeOffer, ...], chosen: int) -> None:
        """Draw them, the chosen one marked."""
        self.offers, self.chosen = offers, chosen
        self.setAccessibleName(tr("Lessons"))
        if 0 <= chosen < len(offers):
            offer = offers[chosen]
            stands = (
                tr("solved") if offer.solved else tr("tried") if offer.tried else tr("not tried")
            )
            self.setAccessibleDescription(f"{say(offer.under)}: {say(offer.title)}, {stands}")
        self.update()

    @property
    def _rows(self) -> int:
        return max(-(-len(self.offers) // COLUMNS), 1)

    def _box(self, n: int) -> QRectF:
        column, row = divmod(n, self._rows)
        wide, high = self.width() / COLUMNS, self.height() / self._rows
        return QRectF(column * wide, row * high, wide - 8, high - 3)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        for n, offer in enumerate(self.offers):
            if self._box(n).contains(event.position()):
                self.opened.emit(offer.name)
                return

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            for n, offer in enumerate(self.offers):
                self._row(painter, self._box(n), offer, n == self.chosen)

    def _row(self, painter: QPainter, box: QRectF, offer: PracticeOffer, chosen: bool) -> None:
        t, c = self.theme, self.theme.colours
        painter.setPen(QPen(c["copper" if chosen else "line"], 2.4 if chosen else 1))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        mark = QPointF(box.left() + 20, box.center().y())
        painter.setPen(QPen(c["copper"], 2))
        painter.setBrush(c["copper"] if offer.solved else QColor(0, 0, 0, 0))
        ring = min(7.0, 0.32 * box.height())
        painter.drawEllipse(mark, ring, ring)
        if offer.tried and not offer.solved:
            slash = QPointF(0.6 * ring, -0.6 * ring)
            painter.drawLine(mark - slash, mark + slash)
        # No larger than the row: the chosen lesson stands in the bar in full size.
        size = min(16.0, 0.62 * box.height() * 100.0 / t.percent)
        painter.setFont(t.font(size, bold=chosen))
        painter.setPen(c["ink"])
        words = QRectF(box.left() + 38, box.top(), box.width() - t.px(110), box.height())
        flat = Qt.AlignmentFlag.AlignVCenter
        text = painter.fontMetrics().elidedText(
            say(offer.title), Qt.TextElideMode.ElideRight, int(words.width())
        )
        painter.drawText(words, flat, text)
        painter.setFont(t.font(min(13.0, size)))
        painter.setPen(c["muted"])
        side = QRectF(box.right() - t.px(74), box.top(), t.px(66), box.height())
        painter.drawText(side, flat | Qt.AlignmentFlag.AlignRight, say(offer.under))


class Progress(QWidget):
    """The points of what was played, oldest first, and how they run on the whole."""

    MOST, RUN = 40, 5

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.results: tuple[Result, ...] = ()
        self.setMinimumHeight(110)

    def show_results(self, results: tuple[Result, ...]) -> None:
        """Draw the last of them."""
        self.results = results[-self.MOST :]
        self.setAccessibleName(tr("Progress"))
        solved = sum(result.solved for result in results)
        self.setAccessibleDescription(
            tr("{number} played, {solved} solved", number=len(results), solved=solved)
        )
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        c = self.theme.colours
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            box = QRectF(self.rect()).adjusted(34, 8, -8, -22)
            painter.setPen(QPen(c["line"], 1))
            for points in (0, 50, 100):
                painter.setPen(QPen(c["line"], 1))
                y = box.bottom() - box.height() * points / 100.0
                painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y))
                painter.setFont(self.theme.font(12))
                painter.setPen(c["muted"])
                painter.drawText(QRectF(0, y - 9, 28, 18), Qt.AlignmentFlag.AlignRight, str(points))
            if not self.results:
                painter.setPen(c["muted"])
                painter.setFont(self.theme.font(15))
                words = tr("Nothing was played yet. What you play is drawn here.")
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, words)
                return
            self._marks(painter, box)

    def _marks(self, painter: QPainter, box: QRectF) -> None:
        """A mark each, filled where it was solved; a line through their running mean."""
        c = self.theme.colours
        step = box.width() / max(len(self.results), 8)
        places, sums = [], []
        for n, result in enumerate(self.results):
            x = box.left() + (n + 0.5) * step
            places.append(QPointF(x, box.bottom() - box.height() * result.points / 100.0))
            run = [r.points for r in self.results[max(n - self.RUN + 1, 0) : n + 1]]
            sums.append(QPointF(x, box.bottom() - box.height() * sum(run) / len(run) / 100.0))
        painter.setPen(QPen(c["slate"], 2.4))
        for a, b in pairwise(sums):
            painter.drawLine(a, b)
        painter.setPen(QPen(c["copper"], 2))
        for place, result in zip(places, self.results, strict=True):
            painter.setBrush(c["copper"] if result.solved else c["card"])
            painter.drawEllipse(place, 5, 5)
        painter.setFont(self.theme.font(13))
        painter.setPen(c["muted"])
        words = tr("points; filled: solved · line: mean of the last five")
        below = QRectF(box.left(), box.bottom() + 3, box.width(), 20)
        painter.drawText(below, Qt.AlignmentFlag.AlignLeft, words)
