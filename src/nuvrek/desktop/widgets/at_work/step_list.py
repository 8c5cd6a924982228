"""The steps of a way under each other: done, in hand, to come."""

from __future__ import annotations

from collections.abc import Mapping

from PyQt6.QtWidgets import QFrame, QLabel, QScrollArea, QVBoxLayout, QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.planning.steps.step import Step
from nuvrek.wording.speech import say, tr

_ROW = 28
# So many steps done before stay in sight over the one in hand.
_BEFORE = 3


class StepList(QScrollArea):
    """Keeps the step in hand in sight."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        holder = QWidget()
        column = QVBoxLayout(holder)
        column.setContentsMargins(0, 0, 8, 0)
        self.rows = QVBoxLayout()
        self.rows.setSpacing(2)
        column.addLayout(self.rows)
        column.addStretch()
        self.setWidget(holder)

    def show_steps(
        self, steps: tuple[Step, ...], now: Step | None, done: Mapping[str, str]
    ) -> None:
        """Draw ``steps``; ``done`` are the times at which they were ticked, by key."""
        while self.rows.count():
            item = self.rows.takeAt(0)
            widget = item.widget() if item is not None else None
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        for number, step in enumerate(steps, 1):
            self.rows.addWidget(self._row(number, step, step == now, done.get(step.key)))
        at = steps.index(now) if now in steps else len(steps)
        bar = self.verticalScrollBar()
        if bar is not None:
            row = self.theme.px(_ROW)
            bar.setMaximum(max(bar.maximum(), len(steps) * row))
            bar.setValue(max(at - _BEFORE, 0) * row)

    def _row(self, number: int, step: Step, here: bool, ticked: str | None) -> QLabel:
        t = self.theme
        if ticked is not None:
            sign, colour = "✓", t.colours.muted
        elif here:
            sign, colour = "▸", t.colours.copper
        else:
            sign, colour = "○", t.colours.ink
        when = ""
        if step.minutes:
            when = f"   {tr('{minutes} min', minutes=step.minutes)}"
        if ticked:
            when = f"   {ticked[11:16]}"
        label = QLabel(f"{sign}  {number}. {say(step.title)}{when}")
        weight = "bold" if here else "normal"
        label.setStyleSheet(
            f"font-size: {t.px(15)}px; font-weight: {weight}; color: {colour}; "
            f"padding: {t.px(2)}px;"
        )
        label.setWordWrap(True)
        # A label that may wrap lets itself be squeezed until its letters are cut.
        label.setMinimumHeight(t.px(26))
        return label
