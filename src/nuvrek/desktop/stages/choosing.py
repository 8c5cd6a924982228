"""Choose: the ways forward side by side, metal drawn fret by fret."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QHBoxLayout, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.bench.job import choose
from nuvrek.bench.lanes import Dots, crown_lane
from nuvrek.bench.sheet import SheetGeometry
from nuvrek.desktop.benchbar import BenchBar
from nuvrek.desktop.desk import Desk
from nuvrek.desktop.sheetview import SheetView
from nuvrek.desktop.stages.base import Stage, button
from nuvrek.desktop.theme import Theme
from nuvrek.neck.description import NeckDescription
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.planning.case import Plan, Way

_FULL_MM = 0.15
_LONGEST_HEAD = 110
MOST_WAYS = 12


def _theme(desk: Desk) -> Theme:
    """The theme with its text held at 125 %: all ways must stand side by side on one screen."""
    return Theme(desk.theme.dark, min(desk.theme.percent, 125))


class WayRow(QWidget):
    """One way: its name and gist, its metal on the fret places, and its figures."""

    chosen = pyqtSignal()

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.desk = desk
        self.way: object | None = None
        self.neck: NeckDescription | None = None
        self.selected = self.advised = self.taken = False
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(34)

    def sizeHint(self) -> QSize:
        return QSize(800, self.row_px)

    @property
    def row_px(self) -> int:
        """What this row is high at least: a way that is not open now takes one line."""
        t = _theme(self.desk)
        return t.px(60) if getattr(self.way, "possible", True) else t.px(36)

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.chosen.emit()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        from nuvrek.planning.case import Way

        if not isinstance(self.way, Way) or self.neck is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        t, c, way = _theme(self.desk), self.desk.theme.colours, self.way
        box = QRectF(self.rect()).adjusted(2, 2, -2, -2)
        painter.setPen(QPen(c["copper" if self.selected else "line"], 2.5 if self.selected else 1.0))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(box, 5, 5)
        ink = c["ink" if way.possible else "muted"]
        if not way.possible:
            self._one_line(painter, way)
            painter.end()
            return
        # In a low row the title moves up, so that its tag stays whole below it.
        low = self.height() < t.px(60)
        top, below = (2, self.height() - t.px(18) - 5) if low else (8, 8 + t.px(26))
        self._text(painter, QRectF(16, top, t.px(170), t.px(26)), way.title, 18, ink, bold=True)
        self._tag(painter, below, low, way.possible)
        figures = t.px(370)
        middle = QRectF(t.px(190), 6, self.width() - t.px(190) - figures - 16, self.height() - 12)
        self._metal(painter, middle, way)
        words = " ".join(way.why_not) if way.why_not else way.gist
        self._text(
            painter,
            QRectF(middle.left(), middle.bottom() - t.px(22), middle.width(), t.px(22)),
            words,
            14,
            ink,
        )
        self._figures(painter, QRectF(self.width() - figures, 0, figures - 10, self.height()), way)
        painter.end()

    def _tag(self, painter: QPainter, below: float, low: bool, possible: bool) -> None:
        """Whether the way is advised or in hand."""
        t, c = _theme(self.desk), self.desk.theme.colours
        tag = "advised" if self.advised else "" if possible else "not now"
        tag = "in hand" if self.taken else tag
        if not tag:
            return
        colour = c["copper"] if tag != "not now" else c["muted"]
        sign = {"advised": "● ", "in hand": "■ ", "not now": "○ "}[tag]
        box = QRectF(16, below, t.px(170), t.px(18 if low else 22))
        self._text(painter, box, sign + tag, 12 if low else 14, colour, bold=tag != "not now")

    def _one_line(self, painter: QPainter, way: Way) -> None:
        """A way that is not open now: its name, its tag and why."""
        t, high = _theme(self.desk), float(self.height())
        tag = "in hand" if self.taken else "not now"
        self._text(
            painter,
            QRectF(16, 0, t.px(170), high),
            way.title,
            15,
            self.desk.theme.colours["muted"],
            bold=True,
        )
        left = t.px(190)
        self._text(painter, QRectF(left, 0, t.px(84), high), f"○ {tag}", 13, self.desk.theme.colours["muted"])
        left += t.px(88)
        why = " ".join(way.why_not)
        self._text(
            painter,
            QRectF(left, 0, self.width() - left - 16, high),
            why,
            13,
            self.desk.theme.colours["muted"],
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
        figures: bool = False,
        align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignLeft,
    ) -> None:
        painter.setFont(_theme(self.desk).font(size, bold=bold, figures=figures))
        painter.setPen(colour)  # type: ignore[call-overload]
        elided = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(box.width()))
        painter.drawText(box, align | Qt.AlignmentFlag.AlignVCenter, elided)

    def _metal(self, painter: QPainter, box: QRectF, way: object) -> None:
        from nuvrek.planning.case import Way

        assert isinstance(way, Way) and self.neck is not None
        c = self.desk.theme.colours
        g = SheetGeometry(self.neck, box.left(), box.width(), box.top(), box.height())
        y = box.top() + 8
        painter.setPen(QPen(c["muted"], 1))
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y))
        room = box.height() - _theme(self.desk).px(22) - 12
        off = way.off_mm.max(axis=1)
        full = max(_FULL_MM, float(off.max()))
        for fret, x in enumerate(g.frets_x, 1):
            painter.setPen(QPen(c["muted"], 1))
            painter.drawLine(QPointF(x, y - 3), QPointF(x, y + 3))
            depth = float(off[fret - 1])
            if depth > 0.004:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(c["brass"] if way.possible else c["line"])
                painter.drawRect(QRectF(x - 4, y, 8, max(2.0, depth / full * room)))
            if way.kind == "seat" and fret in way.frets:
                painter.setPen(QPen(c["slate"], 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawLine(QPointF(x, y + 4), QPointF(x, y + 20))
                painter.drawLine(QPointF(x - 5, y + 14), QPointF(x, y + 20))
                painter.drawLine(QPointF(x + 5, y + 14), QPointF(x, y + 20))

    def _figures(self, painter: QPainter, box: QRectF, way: object) -> None:
        from nuvrek.planning.case import Way

        assert isinstance(way, Way)
        unit = self.desk.settings.unit
        promise = way.promise
        relief = "–" if promise.relief_mm is None else format_number(promise.relief_mm, unit)
        thin = "–" if promise.thinnest_mm is None else format_number(promise.thinnest_mm, unit)
        minutes = f"{way.minutes / 60:.1f}" if way.minutes else "–"
        metal = format_number(way.metal_mm, unit) if way.metal_mm > 0.004 else "0"
        clean = f"{max(mm for mm, _ in way.lowest_mm):.1f}" if way.lowest_mm else "–"
        ink = self.desk.theme.colours["ink" if way.possible else "muted"]
        for value, column in zip((metal, thin, relief, clean, minutes), _columns(box), strict=True):
            self._text(
                painter, column, value, 16, ink, bold=True, figures=True, align=Qt.AlignmentFlag.AlignHCenter
            )


def _columns(box: QRectF) -> list[QRectF]:
    wide = box.width() / 5
    return [QRectF(box.left() + wide * i, box.top(), wide, box.height()) for i in range(5)]


class _Heads(QWidget):
    """Heads over the figures."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.desk = desk

    def sizeHint(self) -> QSize:
        return QSize(800, _theme(self.desk).px(40))

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        t = _theme(self.desk)
        unit = self.desk.settings.unit.value
        figures = t.px(370)
        box = QRectF(self.width() - figures, 0, figures - 10, self.height())
        names = (
            ("metal off", unit + ", all"),
            ("thinnest", unit + " left"),
            ("relief", unit + " after"),
            ("clean at", "mm at 12"),
            ("hours", "about"),
        )
        for (name, under), column in zip(names, _columns(box), strict=True):
            half = QRectF(column.left(), 2, column.width(), column.height() / 2)
            painter.setFont(t.font(13, bold=True))
            painter.setPen(t.colours["ink"])
            painter.drawText(half, Qt.AlignmentFlag.AlignCenter, name)
            painter.setFont(t.font(12))
            painter.setPen(t.colours["muted"])
            painter.drawText(half.translated(0, column.height() / 2 - 2), Qt.AlignmentFlag.AlignCenter, under)
        painter.end()


class ChooseStage(Stage):
    """All ways forward; one of them is selected, one advised, one may be in hand."""

    def __init__(self, desk: Desk, bar: BenchBar) -> None:
        super().__init__(desk, bar)
        self.index: int | None = None
        self.sheet = SheetView(desk.theme)
        self.heads = _Heads(desk)
        self.heads.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.rows = [WayRow(desk) for _ in range(MOST_WAYS)]
        self.take = button("Take this way", main=True)
        self.take.clicked.connect(self._take)
        column = self.column = QVBoxLayout(self)
        column.setContentsMargins(18, 4, 18, 6)
        column.setSpacing(3)
        column.addWidget(self.sheet)
        head = QHBoxLayout()
        head.addWidget(self.take)
        head.addWidget(self.heads, 1)
        column.addLayout(head)
        for number, row in enumerate(self.rows):
            row.chosen.connect(lambda number=number: self._select(number))
            column.addWidget(row)
        column.addStretch(1)

    def enter(self) -> None:
        self.index = None
        super().enter()

    def _select(self, number: int) -> None:
        self.index = number
        self.setFocus()
        self.refresh()

    def key(self, name: str) -> bool:
        if self.desk.picture is None or self.desk.picture.plan is None or name not in ("up", "down", "enter"):
            return False
        if name == "enter":
            self._take()
        else:
            step = 1 if name == "down" else -1
            last = len(self.desk.picture.plan.ways) - 1
            self._select(max(0, min(last, (self.index or 0) + step)))
        return True

    def _take(self) -> None:
        picture, session = self.desk.picture, self.desk.session
        plan = picture.plan if picture else None
        if plan is None or session is None or self.index is None:
            return
        way = plan.ways[self.index]
        if not way.possible:
            self.bar.message.setText(" ".join(way.why_not))
            return
        neck_map = picture.map if picture else None
        if self.desk.write(lambda: choose(session, plan, way, neck_map)):
            self.desk.stage_wanted.emit("Work")

    def refresh(self) -> None:
        picture, session, s = self.desk.picture, self.desk.session, self.desk.settings
        if session is None:
            return
        if picture is None or picture.plan is None:
            self.bar.show_words("Weighing the ways", message="One moment.")
            return
        plan = picture.plan
        if self.index is None or self.index >= len(plan.ways):
            self.index = [w.kind for w in plan.ways].index(plan.advice)
        in_hand = session.present.chosen.way if session.present.chosen else None
        for row in self.rows[len(plan.ways) :]:
            row.hide()
        for number, (row, way) in enumerate(zip(self.rows, plan.ways, strict=False)):
            row.show()
            row.way, row.neck = way, session.present.neck
            row.selected, row.advised, row.taken = (
                number == self.index,
                way.kind == plan.advice,
                way.kind == in_hand,
            )
            row.setAccessibleName(_row_name(row, way.title, way.gist, s.unit, way.metal_mm))
            row.update()
        way = plan.ways[self.index]
        off = {fret: float(mm) for fret, mm in enumerate(way.off_mm.max(axis=1), 1)}
        filed = frozenset(int(f) + 1 for f in (way.off_mm.max(axis=1) > 0.004).nonzero()[0])
        # With large text the ways come first; the sheet takes what they leave.
        for row in self.rows:
            row.setFixedHeight(row.row_px)
        used = sum(row.row_px + 3 for row in self.rows[: len(plan.ways)])
        left_over = self.height() - used - _theme(self.desk).px(60)
        self.sheet.setVisible(left_over > 80)
        self.sheet.setFixedHeight(max(min(left_over, 240), 80))
        lanes = (crown_lane(picture, s.unit, off),) if left_over > 130 else ()
        self.sheet.show_neck(session.present.neck, lanes, Dots(filed=filed))
        self.take.setEnabled(way.possible)
        self.heads.update()
        self._fill_bar(plan, plan.advice == way.kind)

    def _fill_bar(self, plan: Plan, advised: bool) -> None:
        session, s = self.desk.session, self.desk.settings
        if session is None or self.index is None:
            return
        way = plan.ways[self.index]
        reasons = plan.reasons if advised else way.why_not
        head = f"{way.title}: {way.gist}" if way.possible else f"{way.title}: not now"
        if way.possible and len(head) > _LONGEST_HEAD:
            # What does not fit large is said small.
            head = way.title
            told = any(way.gist in reason for reason in reasons)
            reasons = reasons if told else (way.gist, *reasons)
        worst = float(way.off_mm.max())
        if worst > 0.004 and way.possible:
            deepest = int(way.off_mm.max(axis=1).argmax()) + 1
            reasons = (*reasons, f"Most off at fret {deepest}: {format_length(worst, s.unit)}.")
        self.bar.show_words(
            head,
            message=" ".join(reasons) or "Another way is advised; this one is open to you.",
            state=session.present.state,
            right_title="Enter takes this way" if way.possible else "",
            right=("up and down compare",),
        )


def _row_name(row: WayRow, title: str, gist: str, unit: Unit, metal_mm: float) -> str:
    flags = [
        word
        for word, on in (("advised", row.advised), ("in hand", row.taken), ("selected", row.selected))
        if on
    ]
    return f"{title}, {' '.join(flags)}: {gist} {format_length(metal_mm, unit)} of metal."
