"""The bench in time, drawn as a string over the days ahead: each neck a bead where it can go on, a
tail from now while it waits, a notch where it is promised.
"""

from __future__ import annotations

import math
from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen, QPixmap, QResizeEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.shop.queue import Ready
from nuvrek.bench.shop.shelf import ShelfCard
from nuvrek.bench.working.moments import apart, moment
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import later, say, tr

# Hours ahead that carry a name; near ones stand wide apart, far ones close.
_MARKS = ((0.0, later("now")), (1.0, "1 h"), (4.0, "4 h"), (12.0, "12 h"), (24.0, later("1 day")))
_FAR = (
    (48.0, later("2 days")),
    (96.0, later("4 days")),
    (168.0, later("1 week")),
    (336.0, later("2 weeks")),
)
_MOST_HOURS, _SOON = 400.0, 0.7
_BEAD, _TOP, _ROWS = 11, 22, 5
# So many columns of beads stand beside the one that is in its place.
_MOST_ASIDE = 3

Bead = tuple[ShelfCard, float, QPointF]


class BenchTime(QWidget):
    """Necks over the hours and days ahead; a press picks one."""

    picked = pyqtSignal(int)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.ready: dict[int, Ready] = {}
        self.now, self.selected = "", 0
        self._cards: Sequence[ShelfCard] = ()
        # Those with a place in time, and their hours, the soonest first.
        self._in_time: list[tuple[ShelfCard, float]] = []
        self._beads: list[Bead] | None = None
        # All but the neck in front, as drawn last, and how the theme was then.
        self._picture: QPixmap | None = None
        self._drawn_in: object = None
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("The bench in time"))

    def sizeHint(self) -> QSize:
        return QSize(900, self._t.px(_TOP + 26 * _ROWS + 4))

    @property
    def _t(self) -> Theme:
        return Theme(self.theme.dark, min(self.theme.percent, 125))

    def show_cards(
        self, cards: Sequence[ShelfCard], ready: dict[int, Ready], at: str, selected: int
    ) -> None:
        """Draw the necks that stand on the bench, wait, are promised or come due."""
        self.select(selected)
        # The same shelf within the same minute stands where it stood.
        if cards is self._cards and ready is self.ready and at[:16] == self.now[:16]:
            return
        self._cards, self.ready, self.now = cards, ready, at
        hours = ((card, self._hours(card, at)) for card in cards)
        there = [(card, h) for card, h in hours if h is not None]
        self._in_time = sorted(there, key=lambda one: one[1])
        self.setVisible(bool(there))
        self._forget()

    def select(self, neck: int) -> None:
        """Bring the bead of a neck to the front."""
        self.selected = neck
        self.update()

    def _forget(self) -> None:
        self._beads, self._picture = None, None
        self.update()

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self._forget()

    def _hours(self, card: ShelfCard, at: str) -> float | None:
        """Hours until a neck can go on; None where it has no place in time."""
        need = card.need.at(at)
        if need.kind in ("bench", "look", "back"):
            return 0.0
        if need.kind == "waits":
            return need.minutes_left(at) / 60.0
        if need.kind == "rest" and need.look_from:
            return _hours_until(at, need.look_from)
        if card.promised:
            return _hours_until(at, card.promised)
        return None

    def _x(self, hours: float) -> float:
        """Near hours wide, far days close: a logarithm from a little before now."""
        t = self._t
        span = math.log((_MOST_HOURS + _SOON) / _SOON)
        share = math.log((max(hours, 0.0) + _SOON) / _SOON) / span
        return t.px(40) + min(share, 1.0) * (self.width() - t.px(80))

    @property
    def beads(self) -> list[Bead]:
        """Each neck with its hours and its bead, as many as have room; beads that would cover each
        other stand in rows.
        """
        if self._beads is None:
            self._beads = self._places()
            told = (
                f"{card.row.id} {say(card.need.at(self.now).action)}" for card, *_ in self._beads
            )
            self.setAccessibleDescription("; ".join(told))
        return self._beads

    def _places(self) -> list[Bead]:
        t, found = self._t, list[Bead]()
        ends = [-1e9] * _ROWS
        for card, hours in self._in_time:
            due = x = self._x(hours)
            row = next((n for n in range(_ROWS) if ends[n] < x - t.px(2 * _BEAD + 4)), None)
            if row is None:
                row = min(range(_ROWS), key=lambda n: ends[n])
                x = ends[row] + t.px(2 * _BEAD + 5)
            # Pushed further along it would look due at another time.
            if x - due > _MOST_ASIDE * t.px(2 * _BEAD + 5):
                continue
            ends[row] = x
            found.append((card, hours, QPointF(x, t.px(_TOP + 13 + 26 * row))))
        return found

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.drawPixmap(0, 0, self._all_others())
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            for card, hours, at in self.beads:
                if card.row.id == self.selected:
                    self._tail(painter, card, hours, at, chosen=True)
                    self._bead(painter, card, at, chosen=True)

    def _all_others(self) -> QPixmap:
        """The scale and every bead, drawn once: a hand that goes down the shelf moves only the
        one in front.
        """
        drawn_in = self._t.dark, self._t.percent, self.size(), self.devicePixelRatioF()
        if self._picture is None or drawn_in != self._drawn_in:
            self._beads, self._drawn_in = None, drawn_in
            self._picture = QPixmap(self.size() * self.devicePixelRatioF())
            self._picture.setDevicePixelRatio(self.devicePixelRatioF())
            with painting(self._picture) as painter:
                painter.setRenderHint(QPainter.RenderHint.Antialiasing)
                self._scale(painter)
                for card, hours, at in self.beads:
                    self._tail(painter, card, hours, at)
                for card, _, at in self.beads:
                    self._bead(painter, card, at)
                self._say_more(painter)
        return self._picture

    def _scale(self, painter: QPainter) -> None:
        t, c = self._t, self.theme.colours
        painter.fillRect(QRectF(self.rect()), c["card"])
        for hours, said in (*_MARKS, *_FAR):
            x = self._x(hours)
            painter.setPen(QPen(c["line"], 2 if not hours else 1))
            painter.drawLine(QPointF(x, t.px(_TOP)), QPointF(x, self.height() - 4))
            box = QRectF(x - 50, 2, 100, t.px(18))
            write(
                painter,
                t,
                box,
                text=say(said),
                size=12,
                colour="ink" if not hours else "muted",
                bold=not hours,
            )

    def _say_more(self, painter: QPainter) -> None:
        """How many have no room."""
        t, more = self._t, len(self._in_time) - len(self.beads)
        if more:
            # Beside those of now: that is where they crowd.
            left = self._x(0.0) + (_MOST_ASIDE + 1) * t.px(2 * _BEAD + 5)
            box = QRectF(left, self.height() - t.px(22), t.px(120), t.px(18))
            side = Qt.AlignmentFlag.AlignLeft
            text = tr("and {number} more", number=more)
            write(painter, t, box, text=text, size=13, colour="ink", bold=True, align=side)

    def _slips(self, card: ShelfCard) -> bool:
        ready = self.ready.get(card.row.id)
        return ready is not None and bool(ready.slip)

    def _tail(
        self, painter: QPainter, card: ShelfCard, hours: float, at: QPointF, chosen: bool = False
    ) -> None:
        """From now to when it can go on, and on to the notch of its promise."""
        t, c = self._t, self.theme.colours
        slips = self._slips(card)
        if hours > 0.0:
            painter.setPen(QPen(c["copper" if chosen else "muted"], 2, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(self._x(0.0), at.y()), at)
        if card.promised:
            x = self._x(_hours_until(self.now, card.promised) or 0.0)
            painter.setPen(QPen(c["plum" if slips else "slate"], 3))
            painter.drawLine(QPointF(x, at.y() - t.px(9)), QPointF(x, at.y() + t.px(9)))
            painter.setPen(QPen(c["plum" if slips else "slate"], 1))
            painter.drawLine(at, QPointF(x, at.y()))

    def _bead(self, painter: QPainter, card: ShelfCard, at: QPointF, chosen: bool = False) -> None:
        t, c = self._t, self.theme.colours
        slips = self._slips(card)
        r = t.px(_BEAD)
        painter.setPen(QPen(c["copper" if chosen else "ink"], 2.4 if chosen else 1.4))
        painter.setBrush(c["copper" if chosen else "paper"])
        painter.drawEllipse(at, r, r)
        inside = QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r)
        colour = "card" if chosen else "plum" if slips else "ink"
        write(painter, t, inside, text=str(card.row.id), size=12, colour=colour, bold=True)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        for card, _, at in self.beads:
            if (at - event.position()).manhattanLength() < self._t.px(_BEAD) * 1.4:
                self.picked.emit(card.row.id)
                return


def _hours_until(at: str, day: str) -> float | None:
    """Hours from a moment to the morning of a day; None where either is unknown."""
    here, there = moment(at), moment(day)
    if here is None or there is None:
        return None
    return max(apart(here, there).total_seconds() / 3600.0 + 9.0, 0.0)
