"""A neck's visits on one line of time: relief, the air, the metal left, string heights,
and what was done.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from datetime import date

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.pages.history import Visit, change
from nuvrek.desktop.drawings.places import ticks
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.units import MM_PER_UNIT, Unit, format_number
from nuvrek.wording.speech import day_words, figure, say, say_all, tr

_LEFT, _RIGHT = 142, 30
# Shares of the height: relief, air, metal, string heights, what was done, the change between two
# visits.
_SHARES = (0.27, 0.12, 0.12, 0.12, 0.13, 0.24)


class YearsView(QWidget):
    """Visits from left to right by their day; two of them can be held against each other."""

    picked = pyqtSignal(int)

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme, self.unit = theme, Unit.MM
        self.visits: tuple[Visit, ...] = ()
        self.before = self.after = 0
        self.waiting, self.by_fret, self.least_mm = "", False, 0.0
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("The neck through the years"))

    def sizeHint(self) -> QSize:
        return QSize(900, 480)

    def show_visits(
        self, visits: tuple[Visit, ...], before: int, after: int, unit: Unit, waiting: str = ""
    ) -> None:
        """Draw these; ``before`` and ``after`` are the two that are held against each other."""
        self.visits, self.before, self.after = visits, before, after
        self.unit, self.waiting = unit, waiting
        told = (f"{v.day}: {', '.join(say_all(v.done)) or tr('looked at')}" for v in visits)
        self.setAccessibleDescription("; ".join(told))
        self.update()

    # --- places ----------------------------------------------------------------------

    def _t(self) -> Theme:
        return Theme(self.theme.dark, min(self.theme.percent, 150))

    def _bands(self) -> list[QRectF]:
        t, top, boxes = self._t(), float(self._t().px(26)), []
        left, wide = t.px(_LEFT), self.width() - t.px(_LEFT) - t.px(_RIGHT)
        room = self.height() - top - 6
        for share in _SHARES:
            boxes.append(QRectF(left, top, wide, share * room - 8))
            top += share * room
        return boxes

    def _x(self, box: QRectF, day: str) -> float:
        days = [date.fromisoformat(v.day).toordinal() for v in self.visits]
        first, last = min(days), max(days)
        share = (date.fromisoformat(day).toordinal() - first) / max(last - first, 1)
        return box.left() + 14 + share * (box.width() - 28)

    # --- painting --------------------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            t = self._t()
            if not self.visits:
                write(painter, t, QRectF(self.rect()), text=self.waiting, size=16, colour="muted")
                return
            relief, air, metal, strings, done, moved = self._bands()
            self._days(painter, relief, done)
            self._relief(painter, relief)
            unit = self.unit.value
            per = MM_PER_UNIT[self.unit]
            self._line(painter, air, (tr("the air"), tr("humidity, %")), lambda v: v.humidity)
            self._line(
                painter,
                metal,
                (tr("metal left"), tr("thinnest, {unit}", unit=unit)),
                lambda v: None if v.thinnest_mm is None else v.thinnest_mm / per,
            )
            self._heights(painter, strings)
            self._done(painter, done)
            (self._metal_by_fret if self.by_fret else self._moved)(painter, moved)

    def _label(self, painter: QPainter, box: QRectF, name: str, under: str) -> None:
        t = self._t()
        right = Qt.AlignmentFlag.AlignRight
        place = QRectF(4, box.top() + 2, t.px(_LEFT - 42), t.px(20))
        write(painter, t, place, text=name, size=14, colour="ink", bold=True, align=right)
        write(
            painter,
            t,
            place.translated(0, t.px(18)),
            text=under,
            size=12,
            colour="muted",
            align=right,
        )

    def _days(self, painter: QPainter, first: QRectF, last: QRectF) -> None:
        """A line a visit; those held against each other in copper, with their day."""
        t, c = self._t(), self.theme.colours
        for n, visit in enumerate(self.visits):
            x, held = self._x(first, visit.day), n in (self.before, self.after)
            painter.setPen(QPen(c["copper" if held else "line"], 2 if held else 1))
            painter.drawLine(QPointF(x, first.top()), QPointF(x, last.bottom()))
        taken = -1e9
        for n in sorted(range(len(self.visits)), key=lambda n: n not in (self.before, self.after)):
            x = self._x(first, self.visits[n].day)
            held = n in (self.before, self.after)
            if held or abs(x - taken) > t.px(90):
                box = QRectF(x - 60, 2, 120, t.px(20))
                colour = "copper" if held else "muted"
                if held or all(
                    abs(x - self._x(first, self.visits[m].day)) > t.px(90)
                    for m in (self.before, self.after)
                ):
                    write(
                        painter,
                        t,
                        box,
                        text=day_words(self.visits[n].day),
                        size=12,
                        colour=colour,
                        bold=held,
                    )
                    taken = x

    def _scale(
        self, painter: QPainter, box: QRectF, values: Sequence[float]
    ) -> Callable[[float], float]:
        """A scale for these values, its figures written; gives the place of a value."""
        t, c = self._t(), self.theme.colours
        low, high = min(values), max(values)
        room = max(0.15 * (high - low), 0.02 * max(abs(high), 0.1))
        low, high = low - room, high + room
        painter.setPen(QPen(c["line"], 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(box)

        def y(value: float) -> float:
            return box.bottom() - (value - low) / (high - low) * box.height()

        marks = ticks(low, high)
        fit = max(int(box.height() / t.px(18)), 1)
        few = [marks[0], marks[-1]]
        if fit > 2:
            few = marks[:: max(-(-len(marks) // min(fit, 4)), 1)]
        for value in few:
            place = QRectF(box.left() - t.px(36), y(value) - t.px(8), t.px(32), t.px(16))
            write(
                painter,
                t,
                place,
                text=figure(f"{value:g}"),
                size=11,
                colour="muted",
                align=Qt.AlignmentFlag.AlignRight,
            )
        return y

    def _relief(self, painter: QPainter, box: QRectF) -> None:
        """At pitch full, slack hollow, each with its doubt."""
        c, per = self.theme.colours, MM_PER_UNIT[self.unit]
        self._label(painter, box, tr("relief"), tr("● pitch  ○ slack"))
        every = [
            (a[0] + s * a[1]) / per
            for v in self.visits
            for a in (v.pitch, v.slack)
            if a is not None
            for s in (-1, 1)
        ]
        if not every:
            return
        y = self._scale(painter, box, every)
        for full in (True, False):
            amounts = ((v, v.pitch if full else v.slack) for v in self.visits)
            points = [(v, a) for v, a in amounts if a is not None]
            if full:
                style = Qt.PenStyle.SolidLine
            else:
                style = Qt.PenStyle.DotLine
            before: QPointF | None = None
            for visit, (mm, doubt) in points:
                at = QPointF(self._x(box, visit.day), y(mm / per))
                painter.setPen(QPen(c["copper" if full else "slate"], 1.6, style))
                if before is not None:
                    painter.drawLine(before, at)
                painter.setPen(QPen(c["copper" if full else "slate"], 1.4))
                low, high = y((mm - doubt) / per), y((mm + doubt) / per)
                painter.drawLine(QPointF(at.x(), low), QPointF(at.x(), high))
                painter.setBrush(c["copper" if full else "paper"])
                painter.drawEllipse(at, 5, 5)
                before = at

    def _line(
        self,
        painter: QPainter,
        box: QRectF,
        said: tuple[str, str],
        value: Callable[[Visit], float | None],
    ) -> None:
        c = self.theme.colours
        self._label(painter, box, *said)
        points = [(v, one) for v in self.visits if (one := value(v)) is not None]
        if not points:
            self._never(painter, box)
            return
        y = self._scale(painter, box, [one for _, one in points])
        before: QPointF | None = None
        painter.setBrush(c["ink"])
        for visit, one in points:
            at = QPointF(self._x(box, visit.day), y(one))
            painter.setPen(QPen(c["ink"], 1.4))
            if before is not None:
                painter.drawLine(before, at)
            painter.drawEllipse(at, 3, 3)
            before = at

    def _heights(self, painter: QPainter, box: QRectF) -> None:
        """Strings over fret 12: the bass side full, the treble side hollow."""
        c, per = self.theme.colours, MM_PER_UNIT[self.unit]
        self._label(painter, box, tr("action"), tr("● low  ○ high"))

        def read(side: str) -> list[tuple[Visit, float]]:
            at_visits = ((visit, getattr(visit, side)) for visit in self.visits)
            return [(visit, mm / per) for visit, mm in at_visits if mm is not None]

        rows = [read("high_mm"), read("low_mm")]
        every = [mm for row in rows for _, mm in row]
        if not every:
            self._never(painter, box)
            return
        y = self._scale(painter, box, every)
        painter.setPen(QPen(c["ink"], 1.2))
        for row, (fill, size) in zip(rows, (("paper", 5), ("ink", 3)), strict=True):
            painter.setBrush(c[fill])
            for visit, mm in row:
                painter.drawEllipse(QPointF(self._x(box, visit.day), y(mm)), size, size)

    def _never(self, painter: QPainter, box: QRectF) -> None:
        place, left = box.adjusted(14, 0, 0, 0), Qt.AlignmentFlag.AlignLeft
        write(painter, self._t(), place, text=tr("never read"), size=13, colour="muted", align=left)

    def _done(self, painter: QPainter, box: QRectF) -> None:
        """What was done, in two rows so that words don't cover each other."""
        t = self._t()
        self._label(painter, box, tr("done"), tr("that day"))
        ends = [-1e9, -1e9, -1e9]
        for visit in self.visits:
            text = ", ".join(say_all(visit.done))
            if not text:
                continue
            painter.setFont(t.font(12))
            wide = painter.fontMetrics().horizontalAdvance(text) + 8
            x = min(self._x(box, visit.day) + 4, box.right() - wide)
            row = next((n for n in range(3) if ends[n] < x), 0)
            ends[row] = x + wide
            place = QRectF(x, box.top() + row * t.px(17), wide, t.px(17))
            write(
                painter,
                t,
                place,
                text=text,
                size=12,
                colour="ink",
                align=Qt.AlignmentFlag.AlignLeft,
            )

    def _moved(self, painter: QPainter, box: QRectF) -> None:
        """How each top has moved between the two visits."""
        t, c = self._t(), self.theme.colours
        visit, two = self.visits[self.before], self.visits[self.after]
        self._label(painter, box, tr("tops moved"), tr("hollow: in doubt"))
        rows = None
        if self.before != self.after:
            rows = change(visit, two)
        if rows is None:
            words = ""
            if self.before != self.after:
                words = tr("no lane was read both times")
            write(painter, t, box, text=words or tr("choose two visits"), size=13, colour="muted")
            return
        largest = max([abs(mm) for mm, _ in rows] + [0.02])
        middle, step = box.center().y(), box.width() / (len(rows) + 1)
        painter.setPen(QPen(c["muted"], 1))
        painter.drawLine(QPointF(box.left(), middle), QPointF(box.right(), middle))
        for n, (mm, doubt) in enumerate(rows, 1):
            x, high = box.left() + step * n, mm / largest * (box.height() / 2 - t.px(16))
            colour, sure = c["copper" if mm > 0 else "slate"], abs(mm) > doubt
            painter.setPen(QPen(colour, 1))
            painter.setBrush(colour if sure else c["paper"])
            painter.drawRect(QRectF(x - 4, min(middle, middle - high), 8, max(abs(high), 1.0)))
            if sure and abs(mm) > 0.5 * largest:
                if mm > 0:
                    place = middle - high - t.px(15)
                else:
                    place = middle - high + 1
                text = format_number(mm, self.unit, sign=True)
                write(
                    painter,
                    t,
                    QRectF(x - 30, place, 60, t.px(15)),
                    text=say(text),
                    size=11,
                    colour="ink",
                )

    def _metal_by_fret(self, painter: QPainter, box: QRectF) -> None:
        """The lowest crown of every fret at both visits with its doubt, over the least that
        may be left.
        """
        t, c, per = self._t(), self.theme.colours, MM_PER_UNIT[self.unit]
        self._label(painter, box, tr("metal by fret"), tr("○ before  ● after"))
        shown = [self.visits[n].crowns for n in (self.before, self.after)]
        every = [(mm + s * doubt) / per for row in shown for mm, doubt in row for s in (-1, 1)]
        if not every:
            write(
                painter, t, box, text=tr("no crown was read by either day"), size=13, colour="muted"
            )
            return
        y = self._scale(painter, box, [*every, self.least_mm / per])
        painter.setPen(QPen(c["copper"], 1.4, Qt.PenStyle.DashLine))
        least = y(self.least_mm / per)
        painter.drawLine(QPointF(box.left(), least), QPointF(box.right(), least))
        for row, fill in zip(shown, ("paper", "ink"), strict=True):
            painter.setPen(QPen(c["ink"], 1.2))
            painter.setBrush(c[fill])
            aside = -5 if fill == "paper" else 5
            for n, (mm, doubt) in enumerate(row, 1):
                x = box.left() + box.width() / (len(row) + 1) * n + aside
                low, high = y((mm - doubt) / per), y((mm + doubt) / per)
                painter.drawLine(QPointF(x, low), QPointF(x, high))
                painter.drawEllipse(QPointF(x, y(mm / per)), 4, 4)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None or not self.visits:
            return
        box = self._bands()[0]
        near = min(
            range(len(self.visits)),
            key=lambda n: abs(self._x(box, self.visits[n].day) - event.position().x()),
        )
        self.picked.emit(near)
