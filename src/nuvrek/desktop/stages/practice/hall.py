"""Practice: lessons by skill, forms, necks by difficulty or by word, and how it has gone."""

from __future__ import annotations

from typing import Any

import numpy as np
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout

from nuvrek.bench.practice import hall
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.offers import COLUMNS, OfferBoard, Progress
from nuvrek.desktop.stages.base import Stage, button, heading
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.field import Field
from nuvrek.practice.hidden import DIFFICULTIES
from nuvrek.practice.lessons.shelf import lesson
from nuvrek.wording.speech import say, tr


class HallStage(Stage):
    """What one can practise; digits for necks and forms, arrows and Enter for lessons."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.rng = np.random.default_rng()
        self.index = 0
        self.offers: tuple[hall.PracticeOffer, ...] = ()
        self.forms: tuple[hall.PracticeOffer, ...] = ()
        self.board, self.progress = OfferBoard(app.theme), Progress(app.theme)
        self.board.opened.connect(self._open)
        self.word = Field()
        self.word.setPlaceholderText(tr("a word  (/)"))
        self.word.setAccessibleName(tr("The neck of a word"))
        self.word.setMaxLength(12)
        self.word.setFixedWidth(150)
        self.word.returnPressed.connect(self._word)
        self.go_on = button("", main=True)
        self.go_on.clicked.connect(lambda: self.app.stage_wanted.emit("Bench"))
        page = QVBoxLayout(self)
        page.setContentsMargins(24, 8, 24, 6)
        page.setSpacing(6)
        page.addLayout(self._head())
        page.addWidget(self.board, 1)
        page.addLayout(self._form_row())
        page.addWidget(self.progress)

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.addWidget(heading(tr("Practice")))
        row.addStretch()
        row.addWidget(self.go_on)
        words = (
            tr("1  plain neck"),
            tr("2  usual neck"),
            tr("3  hard neck"),
            tr("4  next of the hundred"),
        )
        self.necks = []
        for n, text in enumerate(words, 1):
            push = button(text)
            push.clicked.connect(lambda _on, n=n: self.key(str(n)))
            self.necks.append(push)
            row.addWidget(push)
        row.addWidget(self.word)
        return row

    def _form_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        label = QLabel(tr("Forms"))
        label.setProperty("role", "quiet")
        row.addWidget(label)
        self.form_buttons = []
        for n in range(5, 10):
            push = button("")
            push.clicked.connect(lambda _on, n=n: self.key(str(n)))
            self.form_buttons.append(push)
            row.addWidget(push, 1)
        return row

    # --- opening ----------------------------------------------------------------------

    def _open(self, name: str) -> None:
        window: Any = self.window()
        window.begin(name)

    def _word(self) -> None:
        try:
            self._open(f"neck:{self.word.text().strip().lower()}")
        except ValueError as error:
            self.bar.say(str(error))
        self.word.clear()

    def key(self, name: str) -> bool:
        rows = -(-len(self.offers) // COLUMNS)
        moves = {"up": -1, "down": 1, "left": -rows, "right": rows}
        if name in moves:
            self.index = min(max(self.index + moves[name], 0), len(self.offers) - 1)
        elif name == "enter":
            self._open(self.offers[self.index].name)
            return True
        elif name in "123":
            self._open(hall.any_neck(DIFFICULTIES[int(name) - 1], self.rng))
            return True
        elif name == "4":
            self._open(hall.next_of_hundred(self._results))
            return True
        elif name in "56789" and int(name) - 5 < len(self.forms):
            self._open(self.forms[int(name) - 5].name)
            return True
        elif name == "/":
            self.word.setFocus()
        else:
            return False
        self.refresh()
        return True

    # --- showing ----------------------------------------------------------------------

    @property
    def _results(self) -> tuple[Any, ...]:
        table = self.app.practice
        if table is None:
            return ()
        return table.kept.results

    def enter(self) -> None:
        self.forms = hall.forms(self.rng, self._results)
        super().enter()

    def refresh(self) -> None:
        table = self.app.practice
        self.offers = hall.lessons(self._results)
        self.board.show_offers(self.offers, self.index)
        self.progress.show_results(self._results)
        # Large text needs the room: the curve is for near by.
        self.progress.setVisible(self.app.theme.percent <= 125)
        for push in self.necks:
            push.setStyleSheet(f"font-size: {min(self.app.theme.px(15), 19)}px;")
        for n, (push, form) in enumerate(zip(self.form_buttons, self.forms, strict=True), 5):
            push.setText(f"{n}  {say(form.title)}")
            push.setStyleSheet(f"font-size: {min(self.app.theme.px(14), 17)}px;")
            push.setAccessibleDescription(say(form.under))
        begun = table is not None and table.exercise is not None
        self.go_on.setVisible(begun)
        if begun and table is not None and table.exercise is not None:
            self.go_on.setText(tr("Go on: {title}", title=table.exercise.title))
        self.fill_bar()

    def fill_bar(self) -> None:
        """The lesson that is chosen: its stake."""
        if not self.offers:
            return
        each_lesson = lesson(self.offers[self.index].name.split(":")[1])
        solved = sum(offer.solved for offer in self.offers)
        self.bar.show_words(
            say(each_lesson.title),
            message=say(each_lesson.stake),
            right_title=tr("lessons"),
            right=(
                tr("{solved} of {number} solved", solved=solved, number=len(self.offers)),
                tr("Enter begins"),
            ),
        )
