"""String room: will it play, before anything is filed? Touch and string height follow the hand."""

from __future__ import annotations

from msgspec import structs
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QStackedWidget, QVBoxLayout, QWidget

from nuvrek.bench.pages.string_room import LEAST, MOST, STEP, StringRoomPage
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.string_room import RoomView
from nuvrek.desktop.stages.base import Choices, Stage, button, chooser, heading, scrolling, sliding
from nuvrek.desktop.stages.what_if import WhatIfFace
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.neck.touch import TOUCHES
from nuvrek.planning.forecast.other_strings import OtherStrings
from nuvrek.readings.entries import Describe
from nuvrek.units import format_length
from nuvrek.wording.speech import lower_first, named, say, say_all, tr

_HEIGHT_STEPS = 0.05
_PANEL_WIDE = 290
# The hand rests on a slider when it has not moved for so long.
_REST_MS = 120


class RoomStage(Stage):
    """The drawings on the left; touch, heights, what it comes to on the right."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.room: StringRoomPage | None = None
        self.view = RoomView(app.theme)
        self.view.note_chosen.connect(self._pointed)
        self.touch = sliding(tr("Touch"), round(LEAST / STEP), round(MOST / STEP))
        self.low = sliding(tr("Action, bass side"), 6, 120)
        self.high = sliding(tr("Action, treble side"), 6, 120)
        self.touch_words, self.low_words, self.high_words = QLabel(""), QLabel(""), QLabel("")
        self.touch.valueChanged.connect(self._touched)
        for slider in (self.low, self.high):
            slider.valueChanged.connect(self._lifted)
        self.after = Choices()
        self.after.setAccessibleName(tr("As it is, or after a way forward"))
        self.after.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.after.activated.connect(self._after)
        self.lowest = (QLabel(""), QLabel(""))
        self.even, self.assumed, self.ear = QLabel(""), QLabel(""), QLabel("")
        self.fitted = button(tr("Take this touch"))
        self.fitted.clicked.connect(self._take_touch)
        for label in (self.even, self.assumed, self.ear):
            label.setWordWrap(True)
        self.assumed.setProperty("role", "quiet")
        self.why = chooser(tr("Why?"))
        self.why.setAccessibleName(tr("Why dead straight is not best"))
        self.why.chosen.connect(self._settle)
        self.aim = button(tr("Aim at it"))
        self.aim.clicked.connect(self._aim)
        self.what_if = WhatIfFace(app, self._other_strings)
        self.faces = QStackedWidget()
        self.turn = button(tr("What if  (0)"))
        self.turn.clicked.connect(self._turn)
        self._filling = False
        self.rest = QTimer(self)
        self.rest.setSingleShot(True)
        self.rest.setInterval(_REST_MS)
        self.rest.timeout.connect(self._tell)
        row = QHBoxLayout(self)
        row.setContentsMargins(8, 6, 18, 6)
        row.addWidget(self.view, 1)
        side = QVBoxLayout()
        side.addWidget(self.turn)
        self.faces.addWidget(self._panel())
        asked = QVBoxLayout()
        asked.addWidget(self.what_if)
        self.faces.addWidget(scrolling(asked))
        side.addWidget(self.faces, 1)
        row.addLayout(side)

    def _turn(self) -> None:
        """From touch and height to other strings, and back to those that are on."""
        asking = self.faces.currentIndex() == 0
        self.faces.setCurrentIndex(1 if asking else 0)
        self.turn.setText(tr("Touch and height  (0)") if asking else tr("What if  (0)"))
        if self.room is not None and asking:
            self.what_if.show_page(self.room)
        elif self.room is not None and self.room.other.asks:
            self.room.set_other(OtherStrings())
            self._fill_sliders()
        self.setFocus()
        self._settle()

    def _other_strings(self) -> None:
        self._fill_sliders()
        self._settle()

    def _panel(self) -> QWidget:
        column = QVBoxLayout()
        column.setSpacing(4)
        touches = QHBoxLayout()
        for name, touch in TOUCHES.items():
            push = button(named(name))
            push.clicked.connect(lambda _on, touch=touch: self.touch.setValue(round(touch / STEP)))
            touches.addWidget(push)
        parts = (self.touch_words, self.touch, self.low_words, self.low, self.high_words, self.high)
        column.addWidget(heading(tr("Touch and height")))
        column.addLayout(touches)
        for part in parts:
            column.addWidget(part)
        column.addWidget(self.after)
        column.addWidget(heading(tr("Lowest clean action")))
        columns = QHBoxLayout()
        for label in self.lowest:
            columns.addWidget(label, 1)
        column.addLayout(columns)
        column.addWidget(heading(tr("Even room")))
        column.addWidget(self.even)
        ask = QHBoxLayout()
        ask.addWidget(self.aim)
        ask.addWidget(self.why)
        column.addLayout(ask)
        column.addWidget(heading(tr("By ear")))
        column.addWidget(self.ear)
        column.addWidget(self.fitted)
        column.addStretch(1)
        column.addWidget(self.assumed)
        self.panel = scrolling(column)
        return self.panel

    def restyle(self) -> None:
        super().restyle()
        self.faces.setFixedWidth(min(self.app.theme.px(_PANEL_WIDE), 380))

    # --- filling ------------------------------------------------------------------

    def enter(self) -> None:
        self.room = None
        # Backspace takes back what was heard here, and no more.
        super().enter()

    def refresh(self) -> None:
        session, solved = self.app.session, self.app.solved
        if session is None:
            return
        if solved is None:
            self.view.show_room(session.neck_state.neck, None, self.app.settings.unit)
            self.bar.show_words(tr("Clearance"), message=self.app.waiting)
            return
        if self.room is None or self.room.solved is not solved:
            before, self.room = self.room, StringRoomPage(solved)
            if before is not None:
                self.room.follow(before)
            self._fill_ways()
            self._fill_sliders()
            self.what_if.show_page(self.room)
        self._settle()

    def _fill_ways(self) -> None:
        if self.app.solved:
            plan = self.app.solved.plan
        else:
            plan = None
        self.after.clear()
        self.after.addItem(tr("as it is"), "")
        for way in plan.ways if plan is not None else ():
            if way.possible and "not heard" not in way.record.families:
                self.after.addItem(tr("after: {title}", title=lower_first(way.title)), way.kind)

    def _fill_sliders(self) -> None:
        room = self.room
        if room is None:
            return
        self._filling = True
        self.touch.setValue(round(room.touch / STEP))
        self.low.setValue(round(room.low_mm / _HEIGHT_STEPS))
        self.high.setValue(round(room.high_mm / _HEIGHT_STEPS))
        self._filling = False

    def _show(self) -> None:
        """Everything anew; what takes longer follows when the hand rests."""
        room, session, s = self.room, self.app.session, self.app.settings
        if room is None or session is None:
            return
        self.view.why = self.why.isChecked()
        self.view.heard = session.neck_state.heard
        self.view.show_room(session.neck_state.neck, room, s.unit)
        name = room.touch_word()
        self.touch_words.setText(
            tr(
                "Touch: {name}, {touch:.1f} ‰ of the tension",
                name=named(name) if name else tr("between"),
                touch=room.touch,
            )
        )
        self.low_words.setText(
            tr("Bass side {low_mm}", low_mm=format_length(room.low_mm, s.height_unit))
        )
        self.high_words.setText(
            tr("Treble side {high_mm}", high_mm=format_length(room.high_mm, s.height_unit))
        )
        self.rest.start()

    def _tell(self) -> None:
        """The figures and sentences."""
        room, session, s = self.room, self.app.session, self.app.settings
        if room is None or session is None or not self.isVisible():
            return
        heard = room.ear(session)
        self.ear.setText(
            say(tr("Play up the neck: * where it buzzes.") if heard is None else heard.words)
        )
        self.fitted.setVisible(heard is not None)
        words = room.lowest_words(s.unit)
        half = (len(words) + 1) // 2
        for label, some in zip(self.lowest, (words[:half], words[half:]), strict=True):
            label.setText("\n".join(say_all(some)))
        self.even.setText(
            tr("Relief for this touch: {even_words}.", even_words=room.even_words(s.unit))
        )
        self.assumed.setText(
            " ".join(say_all(assumed.words(s.height_unit) for assumed in room.on.assumed))
        )
        note = room.note_words(s.unit)
        rest = note.value("room")
        self.bar.show_words(
            say(note.value("head")),
            message=say(room.why_not_straight(s.unit) if self.why.isChecked() else rest),
            state=session.neck_state.state,
            right_title=tr("keys"),
            right=(
                tr("arrows: note and string"),
                tr("* buzzes, / clean, . the rest clean"),
                tr("+ and -: touch"),
                tr("0: what if"),
                tr("Enter: back to Map"),
            ),
        )

    def _settle(self) -> None:
        """Show, and tell at once: a key or a press, not a drag."""
        self._show()
        self.rest.stop()
        self._tell()

    # --- hands ----------------------------------------------------------------------

    def _pointed(self, string: int, note: int) -> None:
        if self.room is not None:
            self.room.point(string, note)
            self.setFocus()
            self._settle()

    def _touched(self, value: int) -> None:
        if self.room is not None and not self._filling:
            self.room.set_touch(value * STEP)
            self._show()

    def _lifted(self, _value: int) -> None:
        if self.room is not None and not self._filling:
            self.room.set_heights(
                self.low.value() * _HEIGHT_STEPS, self.high.value() * _HEIGHT_STEPS
            )
            self._show()

    def _after(self, _at: int) -> None:
        if self.app.solved:
            plan = self.app.solved.plan
        else:
            plan = None
        kind = self.after.currentData()
        if self.room is not None and plan is not None:
            self.room.set_way(plan.way(kind) if kind else None)
            self.setFocus()
            self._settle()

    def _take_touch(self) -> None:
        session = self.app.session
        heard = None
        if self.room is not None and session is not None:
            heard = self.room.ear(session)
        if heard is not None:
            self.touch.setValue(round(heard.touch / STEP))

    def _listen(self, name: str) -> None:
        """The ear's verdict on the chosen note."""
        room, session = self.room, self.app.session
        if room is None or session is None:
            return
        if name == ".":
            self.app.write(lambda: room.others_clean(session))
        elif (
            self.app.write(lambda: room.hear(session, "buzzes" if name == "*" else "clean"))
            and self.room
        ):
            # The neck may have been solved anew meanwhile: the hand moves on there.
            self.room.move(notes=1)
        self._settle()

    def _aim(self) -> None:
        """The even relief becomes the relief wanted, written down with the description."""
        session, room = self.app.session, self.room
        if session is None or room is None:
            return
        low, high = (round(max(mm, 0.0), 2) for mm in room.even_mm())
        neck = structs.replace(
            session.neck_state.neck,
            relief_target_mm=min(low, 1.5),
            relief_high_mm=min(high, 1.5),
            relief_school="figure",
        )
        if self.app.write(lambda: session.append(Describe(neck=neck))):
            self.bar.say(
                tr(
                    "Relief wanted is now {even_words}.",
                    even_words=room.even_words(self.app.settings.unit),
                )
            )

    def key(self, name: str) -> bool:
        room, session = self.room, self.app.session
        if room is None or session is None:
            return False
        if name in ("left", "right"):
            room.move(notes=1 if (name == "right") != session.neck_state.neck.nut_on_right else -1)
        elif name in ("up", "down"):
            down_is_low = not self.view._geometry(self.view._board()).low_above
            room.move(strings=1 if (name == "down") == down_is_low else -1)
        elif name == "0":
            self._turn()
            return True
        elif name in ("+", "-"):
            self.touch.setValue(self.touch.value() + (1 if name == "+" else -1))
            return True
        elif name in ("*", "/", "."):
            self._listen(name)
            return True
        elif name == "back":
            self.app.undo()
        elif name == "enter":
            self.app.stage_wanted.emit("Map")
            return True
        else:
            return False
        self._settle()
        return True
