"""Reveal: the truth over one's own map, the score, and what could have been known."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import Any

import numpy as np
from PyQt6.QtWidgets import QFileDialog, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.bench.practice import hall
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.truth_view import TruthView
from nuvrek.desktop.stages.base import Stage, button, clear, heading, scrolling
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.plain_text import plain_labels
from nuvrek.practice.hidden import Hidden
from nuvrek.wording.speech import say, tr


class RevealStage(Stage):
    """Nothing is shown before Enter; then everything."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.truth = TruthView(app.theme)
        self.points = QLabel("")
        self.list = QVBoxLayout()
        self.list.setSpacing(5)
        self.played: tuple[str, ...] = ()
        self.map_shown: object = None
        left = QVBoxLayout()
        left.addWidget(self.truth, 1)
        row = QHBoxLayout()
        row.addLayout(left, 1)
        row.addWidget(self._side())
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 8, 18, 6)
        page.addLayout(row, 1)
        page.addLayout(self._buttons())

    def _side(self) -> QWidget:
        side = QWidget()
        side.setFixedWidth(430)
        column = QVBoxLayout(side)
        column.setContentsMargins(10, 0, 0, 0)
        self.title = heading("")
        column.addWidget(self.title)
        column.addWidget(self.points)
        column.addWidget(scrolling(self.list), 1)
        return side

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.does: list[tuple[str, str, Callable[[], None]]] = [
            ("1", tr("The same neck again"), lambda: self._again(silent=True)),
            ("2", tr("Again, with the advice on"), lambda: self._again(silent=False)),
            ("3", tr("Let the advice speak now"), self._speak),
            ("4", tr("What the advice would do"), self._play),
            ("5", tr("Save with its truth"), self._save),
        ]
        self.pushes = []
        for key, words, does in self.does:
            push = button(f"{key}  {words}")
            push.clicked.connect(lambda _on, does=does: does())
            self.pushes.append(push)
            row.addWidget(push)
        row.addStretch()
        return row

    # --- doing ------------------------------------------------------------------------

    def enter(self) -> None:
        self.played = ()
        super().enter()

    def key(self, name: str) -> bool:
        table = self.app.practice
        if table is None or table.exercise is None:
            return False
        if name == "enter" and table.outcome is None:
            self.reveal()
            return True
        for key, _words, does in self.does:
            if key == name:
                does()
                return True
        return False

    def reveal(self) -> None:
        """The truth comes out, and the score is kept."""
        table = self.app.practice
        if table is None or table.exercise is None:
            return
        if self.app.busy and table.own():
            self.bar.say(tr("Your map is being worked out. One moment."))
            return
        solved = self.app.fresh
        if solved is None or not table.own():
            own = None
        else:
            own = solved.map
        self.map_shown = own
        table.end(own, self.app.clock())
        if table.kept.trouble:
            self.bar.say(say(table.kept.trouble))
        self.refresh()

    def _again(self, *, silent: bool) -> None:
        table = self.app.practice
        if table is not None and table.exercise is not None:
            window: Any = self.window()
            window.begin(table.exercise.name, silent=silent)

    def _speak(self) -> None:
        table = self.app.practice
        if table is not None:
            table.let_speak()
            self.bar.say(tr("Findings and advice are shown on this neck from now on."))
            self.refresh()

    def _play(self) -> None:
        """The advice plays the same neck, beside the window."""
        table = self.app.practice
        if table is None or table.exercise is None:
            one = None
        else:
            one = table.exercise.of
        if not isinstance(one, Hidden):
            self.bar.say(
                tr("Lessons and forms have their own good way; the advice plays whole necks.")
            )
            return
        self.bar.say(tr("The advice is playing this neck. It takes a few seconds."))

        def job() -> object:
            from nuvrek.practice.advice.playing import play

            return one.word, play(one, "advice").sentences()

        self.app.reckon(job, self._has_played)

    def _has_played(self, made: object) -> None:
        table = self.app.practice
        if not isinstance(made, tuple) or table is None or table.exercise is None:
            return
        # Slow results arrive when they like: perhaps another neck lies there by now.
        if table.exercise.word == made[0] and self.isVisible():
            self.played = tuple(made[1])
            self.bar.say(say(self.played[2]))
            self.refresh()

    def _save(self) -> None:
        table = self.app.practice
        if table is None or table.outcome is None:
            self.bar.say(tr("The truth comes out first: Enter."))
            return
        path, _ = QFileDialog.getSaveFileName(self, tr("Save with its truth"), "practice-neck.json")
        if path:
            self.save_to(Path(path))

    def save_to(self, path: Path) -> None:
        """The journal as a job file, and its truth beside it."""
        from nuvrek.bench.practice.saving import save

        table, session = self.app.practice, self.app.session
        if table is None or session is None:
            return
        try:
            truth = save(path, session, table)
        except OSError as error:
            why = (error.strerror or tr("no reason given")).lower()
            self.bar.say(tr("It can't be saved there ({why}).", why=why))
        else:
            self.bar.say(
                tr(
                    "Saved as {name}, its truth beside it as {other_name}.",
                    name=path.name,
                    other_name=truth.name,
                )
            )

    # --- showing ----------------------------------------------------------------------

    def refresh(self) -> None:
        table = self.app.practice
        if table is None or table.exercise is None:
            return
        clear(self.list)
        shown = table.outcome is not None
        self.truth.setVisible(shown)
        self.title.setText(say(table.exercise.title))
        for push in self.pushes:
            size = min(self.app.theme.px(15), 17)
            push.setStyleSheet(f"font-size: {size}px; padding: 7px 9px;")
        self.pushes[4].setEnabled(shown)
        if shown:
            self._fill()
        else:
            self.points.setText("")
            self._say_line(
                tr("Enter lets the truth come out and ends this neck with a score."), "ink"
            )
            if table.silent:
                self._say_line(
                    tr("Findings and advice are silent so far; 3 lets them speak."), "muted"
                )
        self.fill_bar()

    def _fill(self) -> None:
        from nuvrek.estimate.heightmap import HeightMap, line_projection

        table = self.app.practice
        assert table is not None and table.outcome is not None and table.exercise is not None
        outcome, living = table.outcome, table.desk.neck
        own = None
        if isinstance(self.map_shown, HeightMap):
            own = self.map_shown
        state = living.state() if own is None else own.state
        true = line_projection(living.neck) @ np.nan_to_num(living.as_truth().tops_mm(state))[1:]
        mapped = None
        if own is not None:
            mapped = (own.tops_mm, own.tops_doubt_mm)
        self.truth.show_truth(living.neck, true, mapped, living.taken_mm[1:])
        if table.judged is None:
            points = outcome.points
        else:
            points = table.judged.points
        self.points.setText(tr("{points} of 100", points=points))
        self.points.setStyleSheet(
            f"font-size: {self.app.theme.px(34)}px; font-weight: bold; "
            f"color: {self.app.theme.colours.copper};"
        )
        self._lesson_lines()
        if table.judged is not None:
            self._block("", table.judged.words)
        else:
            self._block("", outcome.sentences())
        self._block(
            tr("Could have been known"),
            [f"{say(m.words)} {say(m.told_by)}" for m in outcome.missed],
        )
        self._block(tr("Where your map was wrong"), outcome.wrong)
        self._block(tr("Still the matter"), [m.words for m in outcome.left])
        self._block(tr("Beside you"), hall.beside(table.exercise.word, table.kept.results))
        self._block(tr("The advice, on the same neck"), self.played)
        plain_labels(self)

    def _lesson_lines(self) -> None:
        table = self.app.practice
        assert table is not None and table.exercise is not None
        lesson = table.exercise.lesson
        if lesson is None:
            return
        missed = lesson.missed(table.desk)
        self._block(
            tr("Solved") if not missed else tr("Not solved"), missed or (tr("As it should be."),)
        )
        self._block(tr("What to look for"), (lesson.afterwards,))
        self._block(tr("What the trap costs"), [cost.words for cost in lesson.costs])

    def _block(self, title: str, lines: Any) -> None:
        if not lines:
            return
        if title:
            self._say_line(title, "copper", bold=True)
        for line in lines:
            self._say_line(say(line), "ink")

    def _say_line(self, words: str, colour: str, *, bold: bool = False) -> None:
        label = QLabel(words)
        label.setWordWrap(True)
        t = self.app.theme
        weight = "bold" if bold else "normal"
        label.setStyleSheet(
            f"font-size: {t.px(15)}px; font-weight: {weight}; color: {t.colours[colour].name()};"
        )
        self.list.addWidget(label)

    def fill_bar(self) -> None:
        """What the page waits for, or how it went in a word."""
        table = self.app.practice
        if table is None or table.exercise is None:
            return
        if table.outcome is None:
            self.bar.show_words(
                tr("Let the truth come out?"),
                message=tr("Enter ends this neck with a score. Bench goes on with it."),
            )
            return
        judged = table.judged
        if judged is None:
            points = table.outcome.points
        else:
            points = judged.points
        if judged is None:
            saying = table.outcome.sentences()[0]
        else:
            saying = judged.words[0]
        self.bar.show_words(
            say(saying), number=str(points), unit=tr("of 100"), message=tr("1 begins it again.")
        )
