"""One way forward as a row: its name, its metal along the neck, and its figures beside those of
the others.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.owner.cost import Cost, hours_words
from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.meaning import Saying
from nuvrek.money import money_words
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import NeckDescription
from nuvrek.units import Unit, format_number
from nuvrek.wording.speech import figure, later, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.planning.case.way import Way

_FULL_MM = 0.15
_TITLE, _COLUMN = 216, 82
# Head and what stands under it.
HEADS: tuple[tuple[Saying, Saying], ...] = (
    (later("metal off"), later("all frets, {{unit}}")),
    (later("worst"), later("one place, {{unit}}")),
    (later("thinnest"), later("{{unit}} left")),
    (later("levels"), later("left in it")),
    (later("relief"), later("{{unit}} after")),
    (later("clean at"), later("low string, {{height}}")),
    (later("per 0.1 mm"), later("{{unit}} of metal")),
    (later("hours"), later("usual")),
)


# The same with what the way costs, shown when it is asked for.
COST_HEADS: tuple[tuple[Saying, Saying], ...] = (
    (later("thinnest"), later("{{unit}} left")),
    (later("years"), later("of wear in it")),
    (later("clean at"), later("low, {{height}}")),
    (later("hours"), later("likely, at most")),
    (later("days"), later("until done")),
    (later("price"), "{currency}"),
    (later("at most"), later("9 in 10")),
    (later("a year"), later("of its wear")),
)

MOST_PERCENT, LEAST_PERCENT = 125, 85
_OPEN, _CLOSED = 35, 23


def row_theme(app: AppState, percent: int = MOST_PERCENT) -> Theme:
    """The theme with its text held so that all ways stand side by side on one screen."""
    return Theme(app.theme.dark, min(app.theme.percent, percent))


def fitting_percent(ways: Sequence[Way], height: float) -> int:
    """Text size at which the rows of these ways and their heads fit into a height."""
    needed = sum((_OPEN if way.possible else _CLOSED) for way in ways) + 40
    return max(LEAST_PERCENT, min(MOST_PERCENT, int(100 * (height - 3 * len(ways) - 12) / needed)))


def columns(theme: Theme, width: float, height: float) -> list[QRectF]:
    """Boxes of the figures, at the right of a row."""
    wide = theme.px(_COLUMN)
    left = width - wide * len(HEADS) - 8
    return [QRectF(left + wide * i, 0, wide, height) for i in range(len(HEADS))]


def figures(way: Way, unit: Unit, height_unit: Unit) -> tuple[str, ...]:
    """The figures of a way under ``HEADS``; a dash where nothing is said."""
    promise, filed = way.promise, way.metal_mm > WORTH_FILING_MM
    thin: Saying
    thin = "–"
    if promise.thinnest_mm is not None:
        thin = format_number(promise.thinnest_mm, unit)
    relief = "–"
    if promise.relief_mm is not None:
        spread = _short(promise.relief_doubt_mm or 0.0, unit)
        relief = f"{say(format_number(promise.relief_mm, unit))} ±{spread}"
    clean = "–"
    if way.lowest_mm:
        mm, doubt = way.lowest_mm[0]
        clean = f"{say(format_number(mm, height_unit))} ±{_short(doubt, height_unit)}"
    per: Saying
    per = "–"
    if way.per_tenth_mm is not None:
        per = format_number(way.per_tenth_mm, unit)
    hours = "–"
    if way.minutes:
        hours = figure(f"{way.minutes / 60:.1f}")
    worst: Saying = "0"
    if filed:
        worst = format_number(way.worst_mm, unit)
    metal: Saying = "0"
    if filed:
        metal = format_number(way.metal_mm, unit)
    return say_all((metal, worst, thin, str(way.levels_left), relief, clean, per, hours))


def cost_figures(way: Way, cost: Cost, unit: Unit, height_unit: Unit) -> tuple[str, ...]:
    """The figures of a way under ``COST_HEADS``; a dash where nothing is said."""
    plain = figures(way, unit, height_unit)
    price = cost.price
    return say_all(
        (
            plain[2],
            "–" if cost.years is None else f"{cost.years:.0f}",
            plain[5],
            hours_words(cost.spell),
            str(cost.days) if cost.days else "–",
            money_words(price.total, price.currency, named=False),
            "–" if price.between is None else f"{price.between[1]:.0f}",
            money_words(cost.a_year, price.currency, named=False),
        )
    )


def _short(mm: float, unit: Unit) -> str:
    return say(format_number(mm, unit)).removeprefix("0")


class WayRow(QWidget):
    """One way: its name, its metal on the fret places, and its figures."""

    chosen = pyqtSignal()

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app = app
        self.way: Way | None = None
        self.neck: NeckDescription | None = None
        self.cost: Cost | None = None
        self.selected = self.advised = self.taken = False
        self.percent = MOST_PERCENT
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(20)

    def sizeHint(self) -> QSize:
        return QSize(800, self.row_px)

    @property
    def row_px(self) -> int:
        """How high this row is: a way that is not open now takes a small line."""
        return self.theme.px(_OPEN if self.way is None or self.way.possible else _CLOSED)

    @property
    def theme(self) -> Theme:
        """The theme at the size at which all rows fit."""
        return row_theme(self.app, self.percent)

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.chosen.emit()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        way, neck = self.way, self.neck
        if way is None or neck is None:
            return
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            self._card(painter)
            if not way.possible:
                self._closed(painter, way)
                return
            self._title(painter, way)
            t, high = self.theme, self.height()
            boxes = columns(t, self.width(), high)
            left = t.px(_TITLE)
            self._metal(painter, QRectF(left, 3, boxes[0].left() - left - 10, high - 6), way, neck)
            self._figures(painter, boxes, way)

    def _card(self, painter: QPainter) -> None:
        c = self.app.theme.colours
        painter.setPen(
            QPen(c["copper" if self.selected else "line"], 2.4 if self.selected else 1.0)
        )
        painter.setBrush(c["card"])
        painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 4, 4)

    def _title(self, painter: QPainter, way: Way) -> None:
        """The name of the way, and whether it is in hand or advised."""
        t, c = self.theme, self.app.theme.colours
        if self.taken:
            tag = tr("■ in hand")
        elif self.advised:
            tag = tr("● advised")
        else:
            tag = ""
        colour = c["copper"] if tag else c["ink"]
        title = QRectF(14, 0, t.px(_TITLE) - 14, self.height())
        self._text(painter, title, say(way.title), 16, colour, bold=True)
        if tag:
            after = painter.fontMetrics().horizontalAdvance(say(way.title)) + 8
            self._text(painter, title.adjusted(after, 1, 0, 1), tag, 12, colour)

    def _figures(self, painter: QPainter, boxes: Sequence[QRectF], way: Way) -> None:
        values = figures(way, self.app.settings.unit, self.app.settings.height_unit)
        if self.cost is not None:
            s = self.app.settings
            values = cost_figures(way, self.cost, s.unit, s.height_unit)
        for n, (value, column) in enumerate(zip(values, boxes, strict=True)):
            lesser = n in ((2, 3, 7) if self.cost is not None else (4, 5))
            self._text(
                painter,
                column,
                value,
                14 if lesser else 15,
                self.app.theme.colours["ink"],
                bold=not lesser,
                figures_=True,
                align=Qt.AlignmentFlag.AlignHCenter,
            )

    def _closed(self, painter: QPainter, way: Way) -> None:
        """A way that is not open now: its name and why, small."""
        t, muted = self.theme, self.app.theme.colours["muted"]
        high = float(self.height())
        self._text(
            painter,
            QRectF(14, 0, t.px(_TITLE) - 14, high),
            f"{('?' if way.status == 'not known' else '○')} {say(way.title)}",
            13,
            muted,
        )
        left = t.px(_TITLE)
        self._text(
            painter,
            QRectF(left, 0, self.width() - left - 14, high),
            " ".join(say_all((*way.why_not, *way.not_known))),
            13,
            muted,
        )

    def _text(
        self,
        painter: QPainter,
        box: QRectF,
        text: str,
        size: float,
        colour: object,
        *,
        bold: bool = False,
        figures_: bool = False,
        align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignLeft,
    ) -> None:
        painter.setFont(self.theme.font(size, bold=bold, figures=figures_))
        painter.setPen(colour)  # type: ignore[call-overload]
        one_line(painter, box, text, align)

    def _metal(self, painter: QPainter, box: QRectF, way: Way, neck: NeckDescription) -> None:
        c = self.app.theme.colours
        geometry = SheetGeometry(neck, box.left(), box.width(), box.top(), box.height())
        y = box.top() + 6
        painter.setPen(QPen(c["muted"], 1))
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y))
        off = way.off_mm.max(axis=1)
        room, full = box.height() - 9, max(_FULL_MM, float(off.max()))
        for fret, x in enumerate(geometry.frets_x, 1):
            painter.setPen(QPen(c["muted"], 1))
            painter.drawLine(QPointF(x, y - 3), QPointF(x, y + 3))
            depth = float(off[fret - 1])
            if depth > WORTH_FILING_MM:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(c["brass"])
                painter.drawRect(QRectF(x - 3, y, 6, max(2.0, depth / full * room)))
            if way.kind == "seat" and fret in way.frets:
                painter.setPen(QPen(c["slate"], 2))
                painter.drawLine(QPointF(x, y + 2), QPointF(x, y + 16))
                painter.drawLine(QPointF(x - 5, y + 10), QPointF(x, y + 16))
                painter.drawLine(QPointF(x + 5, y + 10), QPointF(x, y + 16))
