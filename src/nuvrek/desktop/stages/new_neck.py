"""New neck: three figures at the keypad, and measuring begins."""

from __future__ import annotations

from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout

from nuvrek.bench.forms.three_figures import ASKED, ThreeFigures
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button
from nuvrek.desktop.widgets.asked_list import AskedList
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.logbook.store import NeckRow
from nuvrek.wording.speech import say, say_all, tr


class NewNeckStage(Stage):
    """The neck is drawn as far as it is known; nothing is written before the third figure."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.figures = ThreeFigures("")
        self.sheet = SheetView(app.theme)
        self.list = AskedList(app.theme)
        leave = button(tr("Back to the shelf"))
        leave.clicked.connect(lambda: app.stage_wanted.emit("Shelf"))
        self.take = button(tr("Take it"), main=True)
        self.take.clicked.connect(lambda: self.key("enter"))
        foot = QHBoxLayout()
        foot.addWidget(leave)
        foot.addStretch()
        foot.addWidget(self.take)
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 12, 18, 12)
        column.addWidget(self.list, 2)
        column.addWidget(self.sheet, 1)
        column.addLayout(foot)

    def enter(self) -> None:
        number = len(self.app.book.necks()) + 1
        self.figures = ThreeFigures(
            tr("Neck {number}", number=number),
            self.app.settings.relief_school,
            nut_on_right=self.app.settings.nut_on_right,
        )
        super().enter()

    def key(self, name: str) -> bool:
        self.figures.press(name)
        if self.figures.neck is not None:
            self._begin()
        else:
            self.refresh()
        return True

    def refresh(self) -> None:
        figures = self.figures
        answers = [*figures.typed, figures.text][: len(ASKED)]
        self.list.fill(say_all(one.question for one in ASKED), answers, len(figures.typed))
        neck = figures.as_known
        self.sheet.setVisible(neck is not None)
        if neck is not None:
            self.sheet.show_neck(neck, (), Dots())
        self.bar.show_words(
            say(figures.asked.question),
            number=f"{figures.text}▏",
            unit=figures.asked.unit,
            message=say(figures.message or figures.asked.where),
            alert=bool(figures.message),
        )

    def _begin(self) -> None:
        neck = self.figures.neck
        assert neck is not None

        def start() -> None:
            number = self.app.book.start(neck, self.app.clock())
            self.app.open(NeckRow(number, neck, "", 0))

        if self.app.write(start):
            self.app.stage_wanted.emit("Measure")
