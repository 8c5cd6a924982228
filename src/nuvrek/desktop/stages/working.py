"""Work: the steps of the chosen way, one at a time, with their cautions."""

from __future__ import annotations

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.bench.job import filed_already, log_filed, log_rod, next_step, steps_in_hand, still_to_file, tick
from nuvrek.bench.lanes import Dots, crown_lane
from nuvrek.desktop.benchbar import BenchBar
from nuvrek.desktop.desk import Desk
from nuvrek.desktop.sheetview import SheetView
from nuvrek.desktop.stages.base import Choices, Stage, button, clear, heading, scrolling
from nuvrek.planning import cautions
from nuvrek.planning.curesteps import Step
from nuvrek.readings.kinds import Seated
from nuvrek.readings.words import turns_words
from nuvrek.units import format_length

_TURNS = (("1/4 looser", -0.25), ("1/8 looser", -0.125), ("1/8 tighter", 0.125), ("1/4 tighter", 0.25))
_FEELS = ("feel not noted", "free", "firm", "binding", "at its end", "slack")


class WorkStage(Stage):
    """Steps on the left, the one in hand large on the right, the neck above."""

    def __init__(self, desk: Desk, bar: BenchBar) -> None:
        super().__init__(desk, bar)
        self.fret: int | None = None
        self.sheet = SheetView(desk.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.list = QVBoxLayout()
        self.list.setSpacing(2)
        self.scroller = scrolling(self.list)
        self.step_title, self.step_text, self.caution = heading(""), QLabel(""), QLabel("")
        for label in (self.step_title, self.step_text, self.caution):
            label.setWordWrap(True)
        self.caution.setAccessibleName("Cautions")
        self.done = button("Done", main=True)
        self.done.clicked.connect(self._tick)
        self.seated = button("")
        self.seated.clicked.connect(self._seated)
        self.one_fret = button("")
        self.one_fret.clicked.connect(self._one_fret)
        row = QHBoxLayout()
        row.addWidget(self.done)
        row.addWidget(self.one_fret)
        row.addWidget(self.seated)
        row.addStretch()
        right = QVBoxLayout()
        right.addWidget(self.step_title)
        right.addWidget(self.step_text)
        right.addWidget(self.caution)
        right.addWidget(self._rod_row())
        right.addLayout(row)
        lower = QHBoxLayout()
        lower.setSpacing(22)
        lower.addWidget(self.scroller, 4)
        lower.addWidget(scrolling(right), 6)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 8, 18, 8)
        page.addWidget(self.sheet)
        page.addLayout(lower, 1)

    def _rod_row(self) -> QWidget:
        self.rod = QWidget()
        row = QHBoxLayout(self.rod)
        row.setContentsMargins(0, 4, 0, 4)
        for words, turns in _TURNS:
            made = button(words)
            made.setAccessibleName(f"Log a rod move: {words}")
            made.clicked.connect(lambda _on, turns=turns: self._turned(turns))
            row.addWidget(made)
        self.feel = Choices()
        self.feel.addItems(_FEELS)
        self.feel.setAccessibleName("How the rod felt")
        row.addWidget(self.feel)
        row.addStretch()
        return self.rod

    def enter(self) -> None:
        self.fret = None
        super().enter()

    # --- doing ------------------------------------------------------------

    def _pointed(self, fret: int, _lane: str) -> None:
        self.fret = fret
        self.setFocus()
        self.refresh()

    def _turned(self, turns: float) -> None:
        session = self.desk.session
        feel = self.feel.currentText() if self.feel.currentIndex() else ""
        if session is not None and self.desk.write(lambda: log_rod(session, turns, feel)):
            self.refresh()
            self.bar.message.setText(
                f"{turns_words(turns).capitalize()} is written down. Retune, then measure the relief again in Measure or Prove."
            )

    def _one_fret(self) -> None:
        session, fret = self.desk.session, self.fret
        if session is not None and fret is not None and self.desk.write(lambda: log_filed(session, {fret})):
            self.refresh()

    def _seated(self) -> None:
        session, fret = self.desk.session, self.fret
        if (
            session is not None
            and fret is not None
            and self.desk.write(lambda: session.append(Seated(fret=fret)))
        ):
            self.refresh()
            self.bar.message.setText(
                f"Fret {fret} is written down as seated. Take the rocker over it again before filing."
            )

    def _tick(self) -> None:
        session = self.desk.session
        step = next_step(session.present) if session else None
        if session is None or step is None:
            return
        if self.desk.write(lambda: tick(session, step)):
            self.fret = None
            if step.key == "prove":
                self.desk.stage_wanted.emit("Prove")
            else:
                self.refresh()

    def key(self, name: str) -> bool:
        if name == "enter":
            self._tick()
            return True
        if name == "back" and self.desk.session is not None:
            session = self.desk.session
            after = session.present.chosen_number
            self.desk.write(lambda: session.undo(after) if after else None)
            self.refresh()
            return True
        return False

    # --- showing ----------------------------------------------------------

    def refresh(self) -> None:
        session = self.desk.session
        if session is None:
            return
        present, picture, t = session.present, self.desk.picture, self.desk.theme
        steps, now = steps_in_hand(present), next_step(present)
        # With large text the step and its cautions come first.
        self.sheet.setVisible(t.percent <= 150)
        self.sheet.setFixedHeight(250 if t.percent <= 125 else 96)
        filed = filed_already(present)
        frets = frozenset(f for f in (now.frets if now else ()) if f not in filed)
        off = still_to_file(present)
        lanes = (crown_lane(picture, self.desk.settings.unit, off),) if picture and t.percent <= 125 else ()
        self.sheet.show_neck(present.neck, lanes, Dots(filed=frets), self.fret)
        self._steps(steps, now)
        self._step(now, bool(steps))
        one = now is not None and now.action == "file" and self.fret in frets
        self.one_fret.setVisible(one)
        self.seated.setVisible(self.fret is not None)
        self.seated.setText(f"Fret {self.fret} was pressed home")
        self.one_fret.setText(f"Only fret {self.fret} is filed")
        self._fill_bar(now, bool(steps))

    def _steps(self, steps: tuple[Step, ...], now: Step | None) -> None:
        clear(self.list)
        t = self.desk.theme
        done = self.desk.session.present.steps_done if self.desk.session else {}
        for number, step in enumerate(steps, 1):
            ticked = done.get(step.key)
            sign = "✓" if ticked is not None else "▸" if step == now else "○"
            when = f"   {ticked[11:16]}" if ticked else f"   {step.minutes} min" if step.minutes else ""
            label = QLabel(f"{sign}  {number}. {step.title}{when}")
            colour = (
                t.colours.copper if step == now else t.colours.muted if ticked is not None else t.colours.ink
            )
            weight = "bold" if step == now else "normal"
            label.setStyleSheet(
                f"font-size: {t.px(15)}px; font-weight: {weight}; color: {colour}; padding: {t.px(2)}px;"
            )
            label.setWordWrap(True)
            self.list.addWidget(label)

    def _step(self, now: Step | None, any_steps: bool) -> None:
        t, c = self.desk.theme, self.desk.theme.colours
        self.done.setVisible(now is not None)
        rod_known = self.desk.session is not None and self.desk.session.present.neck.rod != "none"
        self.rod.setVisible(rod_known and (now is None or now.action == "rod"))
        self.caution.setVisible(now is not None and bool(now.cautions))
        if now is None:
            self.step_title.setText("All steps are ticked" if any_steps else "No way is in hand")
            self.step_text.setText(
                "Prove holds promise and result side by side."
                if any_steps
                else "Take one in Choose; its steps appear here."
            )
        else:
            self.step_title.setText(now.title)
            self.step_text.setText(now.text + self._metal_words(now))
            self.caution.setText("\n".join(f"!  {words}" for words in now.cautions) + f"\n{cautions.FIRST}")
        self.step_title.setStyleSheet(f"font-size: {t.px(24)}px; font-weight: bold;")
        self.step_text.setStyleSheet(f"font-size: {t.px(18)}px;")
        self.caution.setStyleSheet(
            f"font-size: {t.px(15)}px; color: {c.ink}; background: {c.card}; border-left: 5px solid {c.plum}; padding: {t.px(8)}px;"
        )

    def _metal_words(self, step: Step) -> str:
        session = self.desk.session
        if step.action != "file" or session is None or session.present.chosen is None:
            return ""
        most = still_to_file(session.present)
        if len(most) > 8:
            deepest = sorted(most, key=lambda f: -most[f])[:3]
            return (
                " Most off at "
                + ", ".join(f"{f}: {format_length(most[f], self.desk.settings.unit)}" for f in deepest)
                + "."
            )
        return (
            " Off at most: "
            + ", ".join(
                f"fret {f} {format_length(mm, self.desk.settings.unit)}" for f, mm in sorted(most.items())
            )
            + "."
        )

    def _fill_bar(self, now: Step | None, any_steps: bool) -> None:
        session = self.desk.session
        if session is None:
            return
        prompt = now.title if now else "All steps are ticked" if any_steps else "No way is in hand yet"
        ahead = [s for s in steps_in_hand(session.present) if s.key not in session.present.steps_done]
        left = f"About {sum(s.minutes for s in ahead if s.key != 'look-again')} minutes to go."
        moves = tuple(
            f"{turns_words(move.turns)}   {move.feel}".strip()
            for _, move in reversed(session.present.rod_moves[-4:])
        )
        self.bar.show_words(
            prompt,
            message=f"Enter ticks the step, Backspace takes the last tick back. {left}" if now else "",
            state=session.present.state,
            right_title="rod moves" if moves else "",
            right=moves,
        )
