"""Choose: the ways forward side by side, metal drawn fret by fret."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QPaintEvent
from PyQt6.QtWidgets import QGridLayout, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.bench.strips.filing import metal_strip
from nuvrek.bench.strips.strips import AnyStrip, Dots, crown_strip
from nuvrek.bench.work.job import choose
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.painting import painting
from nuvrek.desktop.widgets.way_row import (
    HEADS,
    MOST_PERCENT,
    WayRow,
    columns,
    fitting_percent,
    row_theme,
)
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.readings.entries import WayKind
from nuvrek.units import Unit, format_length, unit_word

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.case.way import Plan, Way

_LONGEST_HEAD = 84
MOST_WAYS = 18


class _Heads(QWidget):
    """Heads over the figures."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app, self.percent = app, MOST_PERCENT

    def sizeHint(self) -> QSize:
        return QSize(800, row_theme(self.app, self.percent).px(38))

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        s = self.app.settings
        with painting(self) as painter:
            t = row_theme(self.app, self.percent)
            for (name, under), column in zip(
                HEADS, columns(t, self.width(), self.height()), strict=True
            ):
                half = QRectF(column.left(), 1, column.width(), column.height() / 2)
                write(painter, t, half, name, 13, "ink", bold=True)
                below = half.translated(0, column.height() / 2 - 2)
                write(
                    painter,
                    t,
                    below,
                    under.format(unit=s.unit.value, height=unit_word(s.height_unit)),
                    12,
                    "muted",
                )


class ChooseStage(Stage):
    """All ways forward; one of them is selected, one advised, one may be in hand."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.kind: WayKind | None = None
        self.sheet = SheetView(app.theme)
        self.heads = _Heads(app)
        self.heads.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.rows = [WayRow(app) for _ in range(MOST_WAYS)]
        self.take = button("Take this way", main=True)
        self.take.clicked.connect(self._take)
        self.filing = button("Plan the filing")
        self.filing.clicked.connect(lambda: self.app.stage_wanted.emit("Filing"))
        column = self.column = QVBoxLayout(self)
        column.setContentsMargins(18, 4, 18, 6)
        column.setSpacing(3)
        column.addWidget(self.sheet)
        # The heads stand over the figures of the rows, so they run as wide as those; the buttons
        # lie over their empty part.
        head = QGridLayout()
        head.addWidget(self.heads, 0, 0, 1, 3)
        head.addWidget(self.take, 0, 0)
        head.addWidget(self.filing, 0, 1)
        head.setColumnStretch(2, 1)
        column.addLayout(head)
        for number, row in enumerate(self.rows):
            row.chosen.connect(lambda number=number: self._select(number))
            column.addWidget(row)
        column.addStretch(1)

    def enter(self) -> None:
        self.kind = None
        super().enter()

    @property
    def plan(self) -> Plan | None:
        """The ways as weighed on the neck as it is now; None while they are being weighed."""
        fresh = self.app.fresh
        return fresh.plan if fresh is not None else None

    @property
    def index(self) -> int | None:
        """The place of the selected way in the list: that of its kind, however the list has
        changed.
        """
        plan = self.plan
        if plan is None:
            return None
        kinds = [way.kind for way in plan.ways]
        return kinds.index(self.kind if self.kind in kinds else plan.advice)

    def _select(self, number: int) -> None:
        self.bar.notice = ""
        plan = self.plan
        if plan is None:
            return
        self.kind = plan.ways[number].kind
        self.setFocus()
        self.refresh()

    def key(self, name: str) -> bool:
        plan, at = self.plan, self.index
        if plan is None or at is None or name not in ("up", "down", "enter", "0", "back"):
            return False
        if name == "enter":
            self._take()
        elif name == "back":
            self.app.undo()
        elif name == "0":
            self.app.stage_wanted.emit("Filing")
        else:
            step = 1 if name == "down" else -1
            self._select(max(0, min(len(plan.ways) - 1, at + step)))
        return True

    def _take(self) -> None:
        solved, session, plan, at = self.app.fresh, self.app.session, self.plan, self.index
        if solved is None or session is None or plan is None or at is None:
            self.bar.say("The ways are being weighed anew. One moment, then Enter.")
            return
        way = plan.ways[at]
        if not way.possible:
            self.bar.say(" ".join(way.why_not))
            return
        if self.app.write(lambda: choose(session, solved, way)):
            self.app.stage_wanted.emit("Work")

    def refresh(self) -> None:
        solved, session, s = self.app.fresh, self.app.session, self.app.settings
        plan, at = self.plan, self.index
        if session is None:
            return
        if solved is None or plan is None or at is None:
            for row in self.rows:
                row.hide()
            self.take.setEnabled(False)
            self.bar.show_words("Weighing the ways", message=self.app.waiting)
            return
        in_hand = session.neck_state.chosen.way if session.neck_state.chosen else None
        for row in self.rows[len(plan.ways) :]:
            row.hide()
        for number, (row, way) in enumerate(zip(self.rows, plan.ways, strict=False)):
            row.show()
            row.way, row.neck = way, solved.neck_state.neck
            row.selected, row.advised, row.taken = (
                number == at,
                way.kind == plan.advice,
                way.kind == in_hand,
            )
            row.setAccessibleName(_row_name(row, way.title, way.gist, s.unit, way.metal_mm))
            row.update()
        way = plan.ways[at]
        self._fit(plan, way, solved)
        self.take.setEnabled(way.possible)
        self.heads.update()
        self._fill_bar(plan, plan.advice == way.kind)

    def _fit(self, plan: Plan, way: Way, solved: Solved) -> None:
        """Rows and heads at the size at which all ways fit; the sheet takes what they leave."""
        s, neck_state = self.app.settings, solved.neck_state
        filed = frozenset(
            int(f) + 1 for f in (way.off_mm.max(axis=1) > WORTH_FILING_MM).nonzero()[0]
        )
        percent = self.heads.percent = fitting_percent(plan.ways, self.height())
        t = row_theme(self.app, percent)
        for row in self.rows:
            row.percent = percent
            row.setFixedHeight(row.row_px)
        self.heads.setFixedHeight(t.px(38))
        for made in (self.take, self.filing):
            made.setStyleSheet(f"font-size: {t.px(14)}px; padding: {t.px(4)}px {t.px(10)}px;")
            made.setFixedHeight(t.px(36))
        used = sum(row.row_px + 3 for row in self.rows[: len(plan.ways)])
        left_over = self.height() - used - t.px(52)
        self.sheet.setVisible(left_over > 80)
        self.sheet.setFixedHeight(max(min(left_over, 250), 80))
        alone = frozenset(neck_state.agreed.untouched)
        drawn: AnyStrip
        if filed:
            drawn = metal_strip(way.off_mm, s.unit, left=alone)
        else:
            drawn = crown_strip(solved, s.unit)
        lanes = (drawn,) if left_over > 130 else ()
        self.sheet.show_neck(neck_state.neck, lanes, Dots(filed=filed, alone=alone))

    def _fill_bar(self, plan: Plan, advised: bool) -> None:
        session, s = self.app.session, self.app.settings
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
        if way.doubt is not None and way.possible:
            from nuvrek.planning.forecast.doubt import doubt_words

            reasons = (*reasons, doubt_words(way.doubt, s.unit, s.height_unit))
        self.bar.show_words(
            head,
            message=" ".join(reasons) or "Another way is advised; this one is open to you.",
            state=session.neck_state.state,
            right_title="Enter takes this way" if way.possible else "",
            right=("up and down: compare", "0: plan the filing"),
        )


def _row_name(row: WayRow, title: str, gist: str, unit: Unit, metal_mm: float) -> str:
    flags = [
        word
        for word, on in (
            ("advised", row.advised),
            ("in hand", row.taken),
            ("selected", row.selected),
        )
        if on
    ]
    return f"{title}, {' '.join(flags)}: {gist} {format_length(metal_mm, unit)} of metal."
