"""Measure: a guided round at the keypad, or readings one by one."""

from __future__ import annotations

import msgspec
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QInputDialog, QLabel, QPushButton, QVBoxLayout

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.view import menu_of, view_of
from nuvrek.bench.session import Session
from nuvrek.bench.strips.measure import dots_of, side_strip, values_strip
from nuvrek.bench.strips.strips import AnyStrip, tops_strip, wood_strip
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.pages import PAGES
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Choices, Stage, button, heading
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.first_time import FirstTimeRow
from nuvrek.desktop.widgets.painting import styled
from nuvrek.desktop.widgets.round_progress import Posts
from nuvrek.desktop.widgets.tiles import Tiles
from nuvrek.meaning import Saying, Word
from nuvrek.readings.rounds import ROUNDS
from nuvrek.readings.stations import Station
from nuvrek.readings.told.new_wire import without_frets
from nuvrek.units import Unit
from nuvrek.wording.speech import later, say, say_all, tr

# Special keys first, with the words each stop gives them; then those that mean the same everywhere.
_FACES = {"+": "+", "-": "−", "*": "*", "/": "/"}
_STEADY: tuple[tuple[str, Saying, Saying], ...] = (
    ("enter", later("take"), later("Enter")),
    ("left", Word("fret"), "◂"),
    ("right", Word("fret"), "▸"),
    ("up", later("before"), "▴"),
    ("down", later("after"), "▾"),
    ("back", later("strike"), later("Back")),
)


class MeasureStage(Stage):
    """A guided round, chosen by purpose."""

    rounds: tuple[str, ...] = tuple(name for name in ROUNDS if name != "closing")
    usual = "basic"

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.keypad: Keypad | None = None
        # The page a reading that was asked for leads back to.
        self.back_to = "Map"
        self._session: Session | None = None
        self._listening = False
        self.sheet = SheetView(app.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.tiles = Tiles(app.theme, self._picked)
        self.first = FirstTimeRow(app)
        self.extras = Extras(self)
        self.keys: dict[str, QPushButton] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 8, 18, 8)
        column.addLayout(self._head())
        self.body = QHBoxLayout()
        self.body.addWidget(self.sheet, 1)
        column.addLayout(self.body, 1)
        column.addWidget(self.tiles)
        column.addWidget(self.first)
        column.addLayout(self._key_row())

    def _head(self) -> QHBoxLayout:
        self.title = heading("")
        self.choice = Choices()
        self.choice.setAccessibleName(tr("Which round"))
        self.choice.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        for name in self.rounds:
            self.choice.addItem(say(ROUNDS[name][0]), name)
        self.choice.activated.connect(lambda: self.change_round(str(self.choice.currentData())))
        self.choice.setVisible(len(self.rounds) > 1)
        self.title.setVisible(len(self.rounds) == 1)
        self.posts = Posts(self.app.theme)
        self.count = QLabel("")
        self.count.setProperty("role", "quiet")
        self.gauge_button = button(tr("no gauge"))
        self.gauge_button.setAccessibleName(tr("Gauge: press to connect or let go"))
        self.gauge_button.clicked.connect(self._gauge_pressed)
        self.stand_in = button(tr("press stand-in"))
        self.stand_in.setAccessibleName(tr("Press the button of the stand-in gauge"))
        self.stand_in.clicked.connect(self._stand_in_pressed)
        self.stand_in.hide()
        more = button(tr("More"))
        more.setMenu(self.extras.menu(more, self.start_afresh))
        head = QHBoxLayout()
        head.setSpacing(16)
        head.addWidget(self.title)
        head.addWidget(self.choice)
        head.addWidget(self.posts, 1)
        for part in (self.count, self.stand_in, self.gauge_button, more):
            head.addWidget(part)
        return head

    def _key_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        for key, _words, face in (*((key, "", face) for key, face in _FACES.items()), *_STEADY):
            push = button(say(face))
            push.clicked.connect(lambda _on, key=key: self._clicked(key))
            self.keys[key] = push
            row.addWidget(push)
        return row

    def enter(self) -> None:
        session, settings = self.app.session, self.app.settings
        if session is not None and (self.keypad is None or self._session is not session):
            self._session = session
            begun = session.neck_state.round_name
            usual = self.usual
            if usual == "basic" and without_frets(session.neck_state):
                # Of a board without frets only the wood can be read.
                usual = "bare-board"
            name = begun if begun in self.rounds else usual
            self.keypad = Keypad(session, name, self._unit_of, settings.kit, self._remember)
        elif self.keypad is not None and self.keypad.kit != settings.kit:
            self.keypad.change_kit(settings.kit)
        elif self.keypad is not None and self.keypad.round.stations != self.keypad.fresh_stations():
            self.keypad.rewind()
        super().enter()

    def _unit_of(self, field: str) -> Unit:
        return self.app.settings.unit_for(field)

    def _remember(self, field: str, unit: Unit) -> None:
        self.app.change_quietly(self.app.settings.with_unit(field, unit))

    # --- the gauge ----------------------------------------------------------

    def listen(self) -> None:
        """Hear the gauge from now on; it speaks to the stage in front."""
        gauge = self.app.gauge
        if not self._listening:
            self._listening = True
            gauge.sent.connect(self._gauge_sent)
            gauge.noise.connect(self._gauge_noise)
            gauge.changed.connect(self._gauge_words)
        self._gauge_words()

    def _gauge_pressed(self) -> None:
        self.listen()
        if self.app.gauge.connected:
            self.app.gauge.close()
            return
        before = self.app.settings.gauge_port
        ports = [*self.app.gauge.ports(), say(self.app.gauge.STAND_IN)]
        if before in ports or not before:
            known = ports
        else:
            known = [before, *ports]
        path, wanted = QInputDialog.getItem(
            self,
            tr("Gauge"),
            tr("Which port is the gauge on? Any path may be typed."),
            say_all(known),
            max(known.index(before), 0) if before else 0,
        )
        if wanted and path.strip():
            self.connect_gauge(path.strip())

    def connect_gauge(self, path: str) -> None:
        """Open the gauge's port and remember it."""
        self.listen()
        gauge, settings = self.app.gauge, self.app.settings
        if self.app.session is None:
            neck = None
        else:
            neck = self.app.session.neck_state.neck
        if path == say(gauge.STAND_IN):
            trouble = gauge.open_stand_in(neck)
        else:
            trouble = gauge.open(path, settings.gauge_line)
        if trouble:
            self.say(trouble)
        else:
            self.app.change_quietly(msgspec.structs.replace(settings, gauge_port=path))

    def _stand_in_pressed(self) -> None:
        if self.keypad is not None:
            station = self.keypad.station
        else:
            station = None
        if self.keypad is not None and station is not None:
            self.app.gauge.press_stand_in(self.keypad.cursor, station.lane)
        self.setFocus()

    def _gauge_sent(self, text: str) -> None:
        if self.isVisible() and self.keypad is not None:
            self.keypad.gauge(text)
            self.refresh()
        elif (
            getattr(self.window(), "now", "") not in ("Measure", "Prove") and self.usual == "basic"
        ):
            self.app.message.emit(
                tr(
                    "The gauge sent {text}, but no reading is asked for here. It was not taken.",
                    text=text,
                )
            )

    def _gauge_noise(self, sentence: str) -> None:
        if self.isVisible():
            self.say(sentence)

    def _gauge_words(self) -> None:
        self.gauge_button.setText(self.app.gauge.words)
        self.stand_in.setVisible(self.app.gauge.stands_in)

    # --- keys and pointing ----------------------------------------------------

    def change_round(self, name: str) -> None:
        """Another round, or readings one by one."""
        if self.keypad is not None:
            self.keypad.change_round(name)
            self.setFocus()
            self.refresh()

    def begin_round(self, name: str) -> None:
        self.change_round(name)

    def start_afresh(self) -> None:
        """Begin the round again; what was read stays."""
        if self.keypad is not None:
            self.keypad.start_afresh()
            self.setFocus()
            self.refresh()

    def retake(self, number: int) -> None:
        """Ask for a reading of the journal again."""
        if self.keypad is not None:
            self.keypad.retake(number)
            self.refresh()

    def ask(self, station: Station, first: str, back_to: str) -> None:
        """Ask for one reading that another page wants, and go ``back_to`` it; ``first`` says what
        to do with the strings before.
        """
        self.back_to = back_to
        if self.keypad is not None:
            self.keypad.ask(station)
            page = PAGES[back_to].title
            if first:
                self.keypad.message = tr("{first}Then back to {page}.", first=first, page=page)
            else:
                self.keypad.message = tr("One reading, then back to {page}.", page=page)
            self.refresh()

    def _clicked(self, key: str) -> None:
        self.setFocus()
        self.key(key)

    def _picked(self, place: int) -> None:
        if self.keypad is not None:
            self.keypad.pick(place)
            self.setFocus()
            self.refresh()

    def _pointed(self, fret: int, _lane: str) -> None:
        if self.keypad is not None:
            self.keypad.point_at(fret)
            self.refresh()
        self.setFocus()

    def key(self, name: str) -> bool:
        if self.keypad is None:
            return False
        if self.first.answers(name, self.keypad):
            if self.keypad.kit != self.app.settings.kit:
                self.keypad.change_kit(self.app.settings.kit)
            self.refresh()
            return True
        asked, taken = self.keypad.asked, len(self.keypad.session.neck_state.taken)
        self.keypad.press(name)
        if asked and not self.keypad.asked and len(self.keypad.session.neck_state.taken) > taken:
            self.app.stage_wanted.emit(self.back_to)
            return True
        self.refresh()
        return True

    # --- showing --------------------------------------------------------------

    def refresh(self) -> None:
        pad = self.keypad
        if pad is None or self.app.session is None:
            return
        s = self.app.settings
        lanes: tuple[AnyStrip, ...] = (values_strip(pad, s.unit, s.height_unit),)
        if pad.station is not None:
            lanes = (side_strip(pad, pad.station, self.app.solved), *lanes)
        elif menu_of(pad):
            lanes = ()
        elif self.app.solved is not None:
            lanes = (
                wood_strip(self.app.solved, "pitch", s.unit),
                tops_strip(self.app.solved, s.unit),
            )
        self.sheet.show_neck(pad.neck, lanes, dots_of(pad))
        self.tiles.fill(say_all(menu_of(pad)))
        view = view_of(pad)
        self.title.setText(say(pad.round.title))
        self.choice.setCurrentIndex(self.choice.findData(pad.round.name))
        self.posts.fill(pad.posts())
        self.count.setText(
            "" if pad.by_picking else tr("{done} of {total}", done=view.done, total=view.total)
        )
        self._fill_keys(pad)
        self.first.fill(pad)
        self.fill_bar()

    def _fill_keys(self, pad: Keypad) -> None:
        keys = pad.keys_here
        moves = bool(keys.frets())
        turns = bool(keys.turns()) if pad.by_picking else True
        on = {
            "left": moves,
            "right": moves,
            "up": turns,
            "down": turns and (pad.by_picking or not pad.finished),
        }
        words: dict[str, Saying] = {**{key: saying for key, saying, _ in _STEADY}, **keys.keys}
        words["up"], words["down"] = (
            (tr("across"), tr("across")) if pad.by_picking else (tr("before"), tr("after"))
        )
        for key, push in self.keys.items():
            face = _FACES.get(key) or next(f for k, _, f in _STEADY if k == key)
            saying = words.get(key, "")
            push.setText(f"{say(face)}  {say(saying)}".strip())
            push.setAccessibleName(f"{say(saying or face)} ({say(face)})")
            push.setEnabled(on.get(key, key in keys.keys or key in ("enter", "back")))
            size = min(self.app.theme.px(15), 20)
            styled(push, f"font-size: {size}px; padding: 6px 2px;")

    def fill_bar(self) -> None:
        """Prompt, number and last readings."""
        if self.keypad is None or self.app.session is None:
            return
        asked = self.first.asked
        if asked is not None:
            self.bar.show_words(say(asked.question), message=asked.hint, alert=True)
            return
        view, back = view_of(self.keypad), self.keypad.back_words()
        self.bar.show_words(
            say(view.prompt),
            number=view.number,
            unit=view.unit,
            aside=say(view.beside_number),
            message=say(
                f"{say(view.question)} {say(view.hint)}".strip()
                if view.question
                else view.message or view.hint
            ),
            alert=bool(view.question or view.message),
            state=self.app.session.neck_state.state,
            right_title=tr("last readings"),
            right=(*self.recent_lines(3 if back else 4), *([say(back)] if back else [])),
        )

    def unit_pressed(self) -> None:
        """The unit in the bar was pressed: this field takes another."""
        self._clicked(" ")

    def say(self, sentence: str) -> None:
        if self.keypad is not None:
            self.keypad.message = sentence
            self.refresh()
