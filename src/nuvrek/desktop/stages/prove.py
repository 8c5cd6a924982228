"""Prove: the closing round, with promise beside result."""

from __future__ import annotations

from PyQt6.QtWidgets import QGridLayout, QLabel, QVBoxLayout

from nuvrek.bench.pages.promise_and_result import Outcome, compare
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import clear, heading, scrolling
from nuvrek.desktop.stages.measure import MeasureStage
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.wording.speech import say, tr

# What margins and the bar take of the column beside the board, and half of the gap in it.
_ASIDE = 44
# What a wrapped label needs beside what it says of itself: between its lines.
_LEADING = 4


class ProveStage(MeasureStage):
    """The closing round, with promise beside result."""

    rounds = ("closing",)
    usual = "closing"

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.rows = QGridLayout()
        self.rows.setVerticalSpacing(2)
        self.rows.setHorizontalSpacing(14)
        for column_number in (0, 1):
            self.rows.setColumnStretch(column_number, 1)
        column = QVBoxLayout()
        column.setContentsMargins(14, 4, 0, 0)
        column.addWidget(heading(tr("Promise and result")))
        column.addLayout(self.rows)
        self.scroller = scrolling(column)
        self.body.addWidget(self.scroller)

    def refresh(self) -> None:
        super().refresh()
        self.scroller.setFixedWidth(self.app.theme.px(360))
        clear(self.rows)
        solved = self.app.solved
        rows: tuple[Outcome, ...] = ()
        if solved:
            rows = compare(solved, self.app.settings.unit, self.app.settings.height_unit)
        if not rows:
            self.rows.addWidget(
                self._words(
                    tr(
                        "No way was chosen for this neck yet, so nothing was promised. The "
                        "closing readings are kept all the same."
                    ),
                    "muted",
                    15,
                    columns=1,
                ),
                0,
                0,
            )
        else:
            self.rows.addWidget(self._words(tr("promised"), "muted", 13), 0, 0)
            self.rows.addWidget(self._words(tr("result"), "muted", 13), 0, 1)
        for number, row in enumerate(rows):
            self._row(number, row)

    def _row(self, number: int, row: Outcome) -> None:
        mark, colour = {
            True: (tr("✓ kept"), "slate"),
            False: (tr("✗ missed"), "copper"),
            None: (tr("○ open"), "muted"),
        }[row.kept]
        top = 1 + number * 3
        self.rows.addWidget(self._words(say(row.matter), "ink", 15, bold=True), top, 0)
        self.rows.addWidget(self._words(mark, colour, 14, bold=True), top, 1)
        self.rows.addWidget(self._words(say(row.promised), "muted", 14), top + 1, 0)
        self.rows.addWidget(self._words(say(row.result), "ink", 14), top + 1, 1)
        # What was kept needs no remark.
        if not row.kept:
            self.rows.addWidget(
                self._words(say(row.remark), "muted", 12, columns=1), top + 2, 0, 1, 2
            )
        self.rows.setRowMinimumHeight(top + 2, 6)

    def _words(
        self, text: str, colour: str, size: int, *, bold: bool = False, columns: int = 2
    ) -> QLabel:
        label = QLabel(text)
        label.setWordWrap(True)
        t = self.app.theme
        weight = "bold" if bold else "normal"
        label.setStyleSheet(
            f"font-size: {t.px(size)}px; font-weight: {weight}; color: "
            f"{getattr(t.colours, colour)};"
        )
        # In a scroll area a wrapped label would be pressed to one line: it says what it needs.
        label.ensurePolished()
        high = label.heightForWidth((self.scroller.width() - _ASIDE) // columns)
        label.setMinimumHeight(high + t.px(_LEADING))
        return label
