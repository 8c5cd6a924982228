"""Work: the steps of the chosen way, one at a time, with their cautions."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout

from nuvrek.bench.pages.rod_loop_words import LoopWords, loop_words
from nuvrek.bench.pages.work import (
    dots_for,
    ended_words,
    file_words,
    more_words,
    moved_words,
    no_way_words,
    seated_words,
    strip_for,
    to_go_words,
)
from nuvrek.bench.session import undo_hint
from nuvrek.bench.strips.strips import AnyStrip
from nuvrek.bench.working.asked_readings import due_reading
from nuvrek.bench.working.course_walk import Gate, gate_of
from nuvrek.bench.working.found import found_entries, found_words
from nuvrek.bench.working.ink_order import InkWalk
from nuvrek.bench.working.job import (
    asked_first,
    choose,
    leave_or_take_up,
    left_to_file,
    log_filed,
    look_again_words,
    next_step,
    steps_in_hand,
    tick,
)
from nuvrek.bench.working.rod_loop import RodLoop, trace
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.rod import RodView
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.stages.new_wire.at_work import AtWork
from nuvrek.desktop.widgets.at_work.found_row import FoundRow
from nuvrek.desktop.widgets.at_work.heat_row import HeatRow
from nuvrek.desktop.widgets.at_work.owner_gate import OwnerGate
from nuvrek.desktop.widgets.at_work.rod_row import RodRow
from nuvrek.desktop.widgets.at_work.seating_row import SeatRow
from nuvrek.desktop.widgets.at_work.step_list import StepList
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.meaning import Said
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.step import Step
from nuvrek.planning.steps.tools import tools_of
from nuvrek.readings.entries import Heated
from nuvrek.readings.refret.stages import SWEEPS
from nuvrek.readings.stations import Station, Suggestion
from nuvrek.units import Unit
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, say_all, tr


class WorkStage(Stage):
    """Steps on the left, the one in hand large on the right, the neck above."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.fret: int | None = None
        self.sheet = SheetView(app.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.rodview = RodView(app.theme)
        self.loop: RodLoop | None = None
        self.walk: InkWalk | None = None
        self.refret: AtWork | None = None
        self.steps = StepList(app.theme)
        self.step_title, self.step_text, self.caution = heading(""), QLabel(""), QLabel("")
        self.tools = QLabel("")
        self.tools.setProperty("role", "quiet")
        for label in (self.step_title, self.step_text, self.caution, self.tools):
            label.setWordWrap(True)
        self.caution.setAccessibleName(tr("Cautions"))
        self.gate = OwnerGate(app.theme)
        self.gate.wanted.connect(lambda: self.app.stage_wanted.emit("Owner"))
        self._make_buttons()
        row = QHBoxLayout()
        row.addWidget(self.done)
        for push in (self.half, self.sweep, self.one_fret, self.seated, self.opened):
            row.addWidget(push)
        row.addStretch()
        right = QVBoxLayout()
        right.addWidget(self.step_title)
        right.addWidget(self.gate)
        right.addWidget(self.step_text)
        right.addWidget(self.tools)
        right.addWidget(self.caution)
        for part in (self.rod, self.heat, self.seat):
            right.addWidget(part)
        right.addLayout(row)
        right.addWidget(self.found)
        lower = QHBoxLayout()
        lower.setSpacing(22)
        lower.addWidget(self.steps, 4)
        lower.addWidget(scrolling(right), 6)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 8, 18, 8)
        page.addWidget(self.sheet)
        page.addWidget(self.rodview)
        page.addLayout(lower, 1)

    def _make_buttons(self) -> None:
        self.done = button(tr("Done"), main=True)
        self.done.clicked.connect(lambda: self._tick(firm=self._pressing))
        self.seated = button("")
        self.seated.clicked.connect(self._seated)
        self.one_fret = button("")
        self.one_fret.clicked.connect(self._one_fret)
        self.half = button(tr("Half of it is off"))
        self.half.clicked.connect(self._half)
        self.sweep = button(tr("Rocker half-way"))
        self.sweep.clicked.connect(self._rocker)
        self.rod, self.heat, self.seat = RodRow(), HeatRow(), SeatRow(self.app)
        self.rod.turned.connect(self._turned)
        self.found, self.pictures = FoundRow(), Extras(self, about=lambda: None)
        self.found.setVisible(False)
        self.found.kept.connect(self._found)
        self.found.pictured.connect(self._found_with_picture)
        self.opened = button(tr("Found something  (7)"))
        self.opened.clicked.connect(self._open_found)

    def enter(self) -> None:
        self.fret = None
        session = self.app.session
        if session is not None and (self.loop is None or self.loop.session is not session):
            self.walk, self.refret = InkWalk(session), AtWork(self.app, session)
            self.loop = RodLoop(
                session, self.app.settings.unit_for, self.app.settings.kit, self._remember
            )
        elif self.loop is not None:
            self.loop.pad.change_kit(self.app.settings.kit)
        super().enter()

    def _remember(self, field: str, unit: Unit) -> None:
        self.app.change_quietly(self.app.settings.with_unit(field, unit))

    @property
    def turning(self) -> bool:
        """Whether the rod loop is in front: its step is in hand, or nothing else is."""
        session = self.app.session
        if session is None or session.neck_state.neck.rod == "none":
            return False
        step = next_step(session.neck_state)
        if step is None:
            # At the gate to the next way the rod is only in front if it is that way.
            return session.neck_state.chosen is None or not session.neck_state.chosen.course
        return step.action == "rod"

    # --- doing ------------------------------------------------------------

    def _pointed(self, fret: int, _lane: str) -> None:
        self.bar.notice = ""
        self.fret = fret
        if self.walk is not None:
            self.walk.point(fret)
        self.setFocus()
        self.refresh()

    def _turned(self, turns: float) -> None:
        loop, row = self.loop, self.rod
        if loop is not None and self.app.write(lambda: loop.log(turns, row.feel, row.side)):
            row.clear()
            self.setFocus()
            self.refresh()

    def _looped(self, name: str) -> bool:
        """A key for the rod loop."""
        loop, solved = self.loop, self.app.solved
        if loop is None or not self.turning:
            return False
        return self._pressed(lambda: loop.press(name, solved))

    def _pressed(self, press: Callable[[], bool]) -> bool:
        """A key for something that writes; True where it was meant, or could not be written."""
        meant: list[bool] = []
        written = self.app.write(lambda: meant.append(press()))
        if written and meant and meant[0]:
            self.refresh()
        return not written or bool(meant and meant[0])

    def _one_fret(self) -> None:
        session, fret = self.app.session, self.fret
        if (
            session is not None
            and fret is not None
            and self.app.write(lambda: log_filed(session, {fret}))
        ):
            self.refresh()

    def _half(self) -> None:
        session = self.app.session
        if session is not None and self.app.write(lambda: log_filed(session, share=0.5)):
            self.refresh()

    def _rocker(self) -> None:
        """A rocker pass in the middle of the filing: Measure asks for it, the map takes it up."""
        self.app.reading_wanted.emit(
            Suggestion(Station("", "sweep", "bass"), "slack", "half-way", 0.0)
        )

    def _seated(self) -> None:
        session, fret = self.app.session, self.fret
        if session is None or fret is None:
            return
        entry = self.seat.seated(fret)
        if self.app.write(lambda: session.append(entry)):
            self.seat.clear()
            self.refresh()
            self.bar.say(say(seated_words(entry)))

    @property
    def step_in_hand(self) -> Step | None:
        """The step that is next; None without a neck, or with nothing left to do."""
        session = self.app.session
        return None if session is None else next_step(session.neck_state)

    def _tick(self, firm: bool = False, unread: bool = False) -> None:
        """Tick the step in hand; ``firm``: the hand says that all frets were pressed and hold;
        ``unread``: the reading it asks for is left out.
        """
        session = self.app.session
        step = self.step_in_hand
        if session is not None and step is None:
            self._go_on()
            return
        if session is None or step is None:
            return
        if gated := self.gate.look(session):
            self.bar.say(tr("{gated} 0 goes to it.", gated=gated))
            return
        if not firm and (asked := asked_first(session.neck_state, step)):
            self.bar.say(say(asked))
            return
        if unread:
            station = None
        else:
            station = due_reading(session, step, self.app.settings.kit)
        if station is not None:
            self.app.reading_wanted.emit(Suggestion(station, "pitch", step.title, 0.0))
            return
        if step.action == "heat":
            heat = self.heat.heated()
        else:
            heat = Heated()
        if isinstance(heat, (str, Said)):
            self.bar.say(heat)
            return
        if step.action == "seat" and step.frets:
            seated = self.seat.seated(step.frets[0])
        else:
            seated = None
        refret = self.refret
        early = ""
        if refret is not None:
            early = refret.too_early()
        if early:
            self.bar.say(early)
            return
        wood, grips = refret.planned(step) if refret is not None else ((), {})
        if self.app.write(lambda: tick(session, step, heat, seated=seated, wood=wood, grips=grips)):
            text = ""
            if refret is not None:
                text = refret.ticked(step)
            self.seat.clear()
            self.fret = None
            if step.key == "prove":
                self.app.stage_wanted.emit("Prove")
            else:
                self.refresh()
            if text:
                self.bar.say(text)

    def _open_found(self) -> None:
        """Something turned up: the row for it, or away with it."""
        opened = not self.found.isVisible()
        self.found.setVisible(opened)
        # What was found comes first: the step it was found at waits.
        for part in (self.step_text, self.tools, self.caution):
            part.setVisible(not opened)
        if opened:
            self.found.what.setFocus()
        else:
            self.setFocus()

    def _found(self) -> bool:
        """Write down what was found; the job pauses and the rest is weighed anew."""
        session = self.app.session
        if session is None:
            return False
        told = self.found.told(session.neck_state.neck.frets)
        if isinstance(told, str):
            self.bar.say(told)
            return False
        entries = found_entries(session.neck_state, *told)
        if not self.app.write(lambda: session.append(*entries)):
            return False
        self.found.clear()
        self._open_found()
        self.refresh()
        self.bar.say(say(found_words(session.neck_state)))
        return True

    def _found_with_picture(self) -> None:
        if self._found():
            self.pictures.ask_photo()

    def _leave_or_take_up(self) -> None:
        """The step is left for something else, or taken up again: its time is counted so."""
        session = self.app.session
        if session is None or next_step(session.neck_state) is None:
            return
        texts: list[str] = []
        if self.app.write(lambda: texts.append(say(leave_or_take_up(session)))):
            self.refresh()
            self.bar.say(texts[0])

    def _go_on(self) -> None:
        """Past the gate: the next way of the course, as weighed on the neck as it is now."""
        session, solved = self.app.session, self.app.fresh
        gate = None
        if session is not None:
            gate = gate_of(session.neck_state, solved, session.entries)
        if session is not None and not steps_in_hand(session.neck_state):
            self.app.stage_wanted.emit("Choose")
            return
        if session is None or solved is None or gate is None or gate.way is None:
            return
        if gate.waits or not gate.way.possible:
            self.bar.say(tr("Not yet: {waits}", waits=gate.waits))
            return
        way = gate.way
        if self.app.write(lambda: choose(session, solved, way)):
            self.refresh()

    def _inked(self, name: str) -> bool:
        """A key for the sweep of the ink, while the file is in hand."""
        walk, session, step = self.walk, self.app.session, self.step_in_hand
        if walk is None or step is None or step.action != "file" or not walk.order:
            return False
        if name == "+":
            self._half()
            return True
        if name == "0":
            self._rocker()
            return True
        if (
            session is not None
            and session.neck_state.neck.nut_on_right
            and name in ("left", "right")
        ):
            name = "left" if name == "right" else "right"

        def press() -> bool:
            meant = walk.press(name)
            self.fret = walk.fret if meant else self.fret
            return meant

        return self._pressed(press)

    def key(self, name: str) -> bool:
        gated = self.gate.look(self.app.session)
        if gated and name not in ("back", "7"):
            if name == "0":
                self.app.stage_wanted.emit("Owner")
            else:
                self.bar.say(tr("{gated} 0 goes to it.", gated=gated))
            return True
        if name == " ":
            self._leave_or_take_up()
            return True
        if self._looped(name) or self._inked(name):
            return True
        if self.refret is not None and self.refret.press(name):
            self.fret = self.refret.walk.fret or None
            self.refresh()
            return True
        # While a turn is advised Enter logs it; minus leaves the rod as it is and ticks the step.
        if name == "enter" or (name == "-" and self.turning):
            self._tick()
            return True
        if name == "-" and self._reading is not None:
            self._tick(unread=True)
            return True
        if name == "/" and self._pressing:
            self._tick(firm=True)
            return True
        if name == "7" and self.step_in_hand is not None:
            self._open_found()
            return True
        if name == "back" and self.app.session is not None:
            if self.refret is not None:
                self.refret.undo()
            self.refresh()
            return True
        return False

    @property
    def _reading(self) -> Station | None:
        """The reading that the step in hand still asks for."""
        session = self.app.session
        step = self.step_in_hand
        if session is None or step is None:
            return None
        return due_reading(session, step, self.app.settings.kit)

    def _done_words(self, going: bool) -> str:
        """What the button under a step says that pressing it does."""
        step = self.step_in_hand
        if self._reading is not None:
            return tr("Read it now  (- goes on unread)")
        if self._pressing:
            if step is not None and step.sweep:
                sweep = SWEEPS.get(step.sweep)
            else:
                sweep = None
            if sweep is not None:
                return tr("All others: {fine}  (/)", fine=sweep.fine)
            return tr("All others are firm  (/)")
        if going:
            return tr("Go on")
        return tr("Done")

    @property
    def _pressing(self) -> bool:
        """Whether frets wait to be pressed, or spoken of, in the step in hand."""
        session = self.app.session
        step = self.step_in_hand
        return session is not None and bool(step and asked_first(session.neck_state, step))

    # --- showing ----------------------------------------------------------

    def refresh(self) -> None:
        session = self.app.session
        if session is None:
            return
        neck_state, solved, t = session.neck_state, self.app.solved, self.app.theme
        steps, now = steps_in_hand(neck_state), next_step(neck_state)
        # With large text the step and its cautions come first.
        self.sheet.setVisible(t.percent <= 150 and not self.turning)
        if now is not None and (now.action == "seat" or now.key == "set"):
            tall = 190
        else:
            tall = 250
        if steps and any(step.sweep for step in steps):
            tall = 290
        self.sheet.setFixedHeight(tall if t.percent <= 125 else 96)
        self._show_rod()
        shown = solved is not None and t.percent <= 125
        lanes: tuple[AnyStrip, ...] = ()
        if solved is not None and shown:
            strip = None
            if self.refret is not None:
                strip = self.refret.lane(solved)
            lanes = (strip or strip_for(now, solved, self.app.settings.unit),)
        filing = now is not None and now.action == "file"
        if filing and self.walk is not None and self.walk.order:
            chosen = self.walk.fret
        else:
            chosen = self.fret
        self.sheet.show_neck(neck_state.neck, lanes, dots_for(now, neck_state, self.walk), chosen)
        self.steps.show_steps(steps, now, neck_state.steps_done)
        self._step(now, bool(steps))
        left = {fret for fret, _ in left_to_file(neck_state)}
        self.one_fret.setVisible(filing and self.fret in left)
        self.half.setVisible(filing and bool(left))
        self.opened.setVisible(now is not None)
        self.sweep.setVisible(filing)
        seating = now is not None and now.action == "seat"
        swept = now is not None and bool(now.sweep)
        self.seated.setVisible(self.fret is not None and not filing and not swept)
        self.seat.setVisible(seating or self.seated.isVisible())
        self.seated.setText(tr("Fret {fret} was pressed home", fret=self.fret))
        self.one_fret.setText(tr("Only fret {fret} is filed", fret=self.fret))
        self._fill_bar(now, bool(steps))

    def _step(self, step: Step | None, any_steps: bool) -> None:
        t, c = self.app.theme, self.app.theme.colours
        session = self.app.session
        gate = None
        if session and any_steps and step is None:
            gate = gate_of(session.neck_state, self.app.fresh, session.entries)
        going = step is None and gate is not None and gate.way is not None
        gated = self.gate.look(session)
        self.done.setVisible((step is not None and not gated) or going)
        self.done.setText(self._done_words(going))
        rod_known = self.app.session is not None and self.app.session.neck_state.neck.rod != "none"
        at_rod = step is not None and (step.action == "rod" or step.key == "set")
        self.rod.setVisible(rod_known and (at_rod or (step is None and self.turning)))
        twin = self.app.session is not None and self.app.session.neck_state.neck.rod == "twin"
        self.rod.which.setVisible(twin)
        self.heat.setVisible(step is not None and step.action == "heat")
        self.caution.setVisible(step is not None and bool(step.cautions))
        if step is None:
            self._ended(gate, any_steps)
        else:
            self.step_title.setText(say(step.title))
            again = ""
            if session is not None:
                again = say(look_again_words(session.neck_state, session.time_now()))
            dates = again if step.key == "look-again" else ""
            self.step_text.setText(words.sentences(say(step.text), dates, self._more(step)))
            self.tools.setText(say(tools_of(step)))
            self.caution.setText(
                "\n".join(f"!  {say(words)}" for words in step.cautions)
                + f"\n{say(cautions.FIRST)}"
            )
        self.step_title.setStyleSheet(f"font-size: {t.px(24)}px; font-weight: bold;")
        self.step_text.setStyleSheet(f"font-size: {t.px(18)}px;")
        self.tools.setStyleSheet(f"font-size: {t.px(14)}px;")
        self.caution.setStyleSheet(
            f"font-size: {t.px(15)}px; color: {c.ink}; background: {c.card}; border-left: "
            f"5px solid {c.plum}; padding: {t.px(8)}px;"
        )

    def _ended(self, gate: Gate | None, any_steps: bool) -> None:
        """All steps of the way in hand are ticked: the gate to the next one, or the end."""
        title, text = ended_words(gate, any_steps)
        self.step_title.setText(say(title))
        self.step_text.setText(say(text))
        self.tools.setText("")

    def _more(self, step: Step) -> str:
        session, s = self.app.session, self.app.settings
        if session is None:
            return ""
        if self.refret is not None:
            more = self.refret.more(step)
        else:
            more = ""
        return say(
            more or more_words(step, session.neck_state, self.app.solved, s.unit, s.kit.stroke_mm)
        )

    def _show_rod(self) -> None:
        session, solved = self.app.session, self.app.solved
        self.rodview.setVisible(self.turning)
        if session is None or not self.turning:
            return
        plan = solved.plan if solved is not None else None
        rod = None if plan is None or plan.stops else plan.rod
        loop = self.loop
        moves = rod.moves if rod is not None else ()
        if loop is not None and rod is not None and loop.other is not None:
            moves = tuple((side, turns * loop.other / rod.turns) for side, turns in moves)
        if loop is not None and loop.phase(solved) == "read":
            rod, moves = None, ()
        if loop is not None and rod is None:
            moves = loop.back(solved)
        points = trace(solved) if solved is not None else ()
        self.rodview.setFixedHeight(min(self.app.theme.px(230), 290))
        self.rodview.show_rod(session.neck_state.neck, rod, moves, points, self.app.settings.unit)

    def _fill_bar(self, step: Step | None, any_steps: bool) -> None:
        """The bar under the rod, under the ink, or under any other step."""
        told = None
        if self.turning and self.loop is not None:
            told = loop_words(self.loop, self.app.solved, self.app.settings.unit)
        inked = step is not None and step.action == "file" and self.app.solved is not None
        if told is not None:
            self._fill_loop(told, step is not None)
        elif step is not None and inked and self.walk is not None and self.walk.order:
            self._fill_ink(step, self.walk)
        else:
            self._fill_step(step, any_steps)

    def _fill_loop(self, told: LoopWords, step_left: bool) -> None:
        session = self.app.session
        if session is None:
            return
        message = say(told.message)
        if step_left and told.over:
            message = words.sentences(message, tr("Enter ticks the step."))
        self.bar.show_words(
            say(told.prompt),
            number=told.number,
            unit=told.unit,
            aside=say(told.aside),
            message=say(message),
            alert=told.alert,
            state=session.neck_state.state,
            right_title=tr("truss rod moves") if moved_words(session.neck_state) else "",
            right=say_all(moved_words(session.neck_state)),
        )

    def _fill_step(self, step: Step | None, any_steps: bool) -> None:
        session, s = self.app.session, self.app.settings
        if session is None:
            return
        neck_state = session.neck_state
        message = ""
        right = moved_words(neck_state)
        right_title = tr("truss rod moves") if right else ""
        if step is not None and self.refret is not None:
            prompt = self.refret.prompt(step)
            if step.sweep:
                right_title, right = tr("a fret's number, then"), self.refret.keys(step)
            # What Backspace would strike is said before it is pressed.
            back = undo_hint(session.undoable(neck_state.chosen_number), s.unit, s.height_unit)
            enter = self.refret.enter_words(step)
            left = ""
            if neck_state.left_at:
                left = tr("Left for now: Space takes it up.")
            message = words.sentences(
                left, enter, back and f"{say(back)}.", to_go_words(neck_state)
            )
        elif (
            gate := gate_of(neck_state, self.app.fresh, session.entries)
        ) is not None and gate.way is not None:
            prompt = tr("Next: {title}", title=gate.way.title)
            if gate.waits:
                message = tr("Not yet: {waits}", waits=gate.waits)
            else:
                message = tr("Enter goes on with it.")
        elif any_steps:
            prompt = tr("All steps are ticked")
        else:
            prompt, message = tr("No way is in hand yet"), say(no_way_words(self.app.fresh))
        self.bar.show_words(
            prompt,
            message=message,
            state=neck_state.state,
            right_title=right_title,
            right=say_all(right),
        )

    def _fill_ink(self, step: Step, walk: InkWalk) -> None:
        """The filing in one glance, and the keys that follow it."""
        session, solved = self.app.session, self.app.solved
        if session is None or solved is None:
            return
        self.bar.show_words(
            say(walk.prompt() if self.fret is not None else step.title),
            message=say(file_words(solved, walk, self.app.settings.unit)),
            state=session.neck_state.state,
            right_title=tr("as you like"),
            right=(
                tr("* gone, / still there"),
                tr(". as shown up to here"),
                tr("up, down: one side"),
                tr("+ half off, 0 rocker, Enter done"),
            ),
        )
