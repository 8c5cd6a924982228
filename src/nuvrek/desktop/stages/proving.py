"""Prove: the closing round, with promise beside result."""

from __future__ import annotations

from PyQt6.QtWidgets import QGridLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.bench.proof import Row, compare
from nuvrek.desktop.benchbar import BenchBar
from nuvrek.desktop.desk import Desk
from nuvrek.desktop.stages.base import clear, heading
from nuvrek.desktop.stages.measuring import MeasureStage


class ProveStage(MeasureStage):
    """The closing round, with promise beside result."""

    rounds = ("closing",)
    usual = "closing"

    def __init__(self, desk: Desk, bar: BenchBar) -> None:
        super().__init__(desk, bar)
        self.panel = QWidget()
        self.rows = QGridLayout()
        self.rows.setVerticalSpacing(4)
        self.rows.setHorizontalSpacing(14)
        column = QVBoxLayout(self.panel)
        column.setContentsMargins(14, 4, 0, 0)
        column.addWidget(heading("Promise and result"))
        column.addLayout(self.rows)
        column.addStretch()
        self.body.addWidget(self.panel)

    def refresh(self) -> None:
        super().refresh()
        self.panel.setFixedWidth(self.desk.theme.px(350))
        clear(self.rows)
        picture = self.desk.picture
        rows = compare(picture, self.desk.settings.unit) if picture else ()
        if not rows:
            self.rows.addWidget(
                self._words(
                    "No way was chosen for this neck yet, so nothing was promised. The closing readings are kept all the same.",
                    "muted",
                    15,
                ),
                0,
                0,
            )
        for number, row in enumerate(rows):
            self._row(number, row)

    def _row(self, number: int, row: Row) -> None:
        mark, colour = {True: ("✓ kept", "slate"), False: ("✗ missed", "copper"), None: ("○ open", "muted")}[
            row.kept
        ]
        top = number * 4
        self.rows.addWidget(self._words(row.matter, "ink", 16, bold=True), top, 0)
        self.rows.addWidget(self._words(mark, colour, 15, bold=True), top, 1)
        self.rows.addWidget(self._words(f"promised  {row.promised}", "muted", 14), top + 1, 0, 1, 2)
        self.rows.addWidget(self._words(f"result  {row.result}", "ink", 15), top + 2, 0, 1, 2)
        self.rows.addWidget(self._words(row.remark + "\n", "muted", 13), top + 3, 0, 1, 2)

    def _words(self, text: str, colour: str, size: int, *, bold: bool = False) -> QLabel:
        label = QLabel(text)
        label.setWordWrap(True)
        t = self.desk.theme
        weight = "bold" if bold else "normal"
        label.setStyleSheet(
            f"font-size: {t.px(size)}px; font-weight: {weight}; color: {getattr(t.colours, colour)};"
        )
        return label
