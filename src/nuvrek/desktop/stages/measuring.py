"""Measure and Prove: a guided round at the keypad."""

from __future__ import annotations

import msgspec
from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import (
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QInputDialog,
    QLabel,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from nuvrek.bench.keypad import Keypad
from nuvrek.bench.lanes import AnyLane, Dots, dots_of, side_lane, tops_lane, values_lane, wood_lane
from nuvrek.bench.proof import Row, compare
from nuvrek.bench.session import Session
from nuvrek.desktop.benchbar import BenchBar
from nuvrek.desktop.desk import Desk
from nuvrek.desktop.sheetview import SheetView
from nuvrek.desktop.stages.base import Stage, button, clear, heading
from nuvrek.desktop.theme import Theme
from nuvrek.readings.rounds import ROUNDS, StationKind
from nuvrek.units import LengthError, Unit, parse_length


class Stations(QWidget):
    """How far along the round is: one post per station, grouped as the round goes."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.posts: tuple[tuple[bool, bool], ...] = ()
        self.setAccessibleName("Progress of the round")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return QSize(300, self.theme.px(26))

    def fill(self, posts: tuple[tuple[bool, bool], ...]) -> None:
        """Each post: (done, now)."""
        self.posts = posts
        self.setAccessibleDescription(f"{sum(d for d, _ in posts)} of {len(posts)} stations done")
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        c = self.theme.colours
        step = min(26.0, (self.width() - 10) / max(len(self.posts), 1))
        y = self.height() / 2
        for i, (done, now) in enumerate(self.posts):
            x = 8 + step * i
            painter.setPen(QPen(c["copper" if now else "muted"], 2.5 if now else 1.5))
            painter.setBrush(c["ink"] if done else c["card"])
            size = 8.0 if now else 5.5
            painter.drawRect(QRectF(x - size, y - size, 2 * size, 2 * size))
        painter.end()


_KEYS: tuple[tuple[str, str, str], ...] = (
    ("+", "slides", "+"),
    ("-", "drags", "−"),
    ("*", "rocks", "*"),
    ("/", "still", "/"),
    ("enter", "take", "Enter"),
    ("left", "fret", "◂"),
    ("right", "fret", "▸"),
    ("up", "before", "▴"),
    ("down", "after", "▾"),
    ("back", "strike", "Back"),
)
_USED: dict[StationKind | None, set[str]] = {
    "string-gap": {"+", "-", "enter", "left", "right", "up", "down", "back"},
    "sweep": {"+", "-", "*", "/", "enter", "left", "right", "up", "down", "back"},
    "crown-height": {"enter", "up", "down", "back"},
    "string-height": {"enter", "up", "down", "back"},
    "dial": {"+", "-", "enter", "left", "right", "up", "down", "back"},
    "state": {"enter", "up", "down", "back"},
    None: {"up", "back"},
}


class MeasureStage(Stage):
    """A guided round, chosen by purpose."""

    rounds: tuple[str, ...] = ("quick", "basic", "full", "indicator", "rocker", "after-seating", "later")
    usual = "basic"

    def __init__(self, desk: Desk, bar: BenchBar) -> None:
        super().__init__(desk, bar)
        self.keypad: Keypad | None = None
        self._session: Session | None = None
        self._listening = False
        self.sheet = SheetView(desk.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.title = heading("")
        self.choice = QComboBox()
        self.choice.setAccessibleName("Which round")
        self.choice.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        for name in self.rounds:
            self.choice.addItem(ROUNDS[name][0], name)
        self.choice.activated.connect(self._change_round)
        self.choice.setVisible(len(self.rounds) > 1)
        self.title.setVisible(len(self.rounds) == 1)
        self.stations = Stations(desk.theme)
        self.count = QLabel("")
        self.count.setProperty("role", "quiet")
        self.restart = button("Begin the round again")
        self.restart.clicked.connect(self._start_afresh)
        self.gauge_button = button("no gauge")
        self.gauge_button.setAccessibleName("Gauge: press to connect or let go")
        self.gauge_button.clicked.connect(self._gauge_pressed)
        head = QHBoxLayout()
        head.setSpacing(16)
        head.addWidget(self.title)
        head.addWidget(self.choice)
        head.addWidget(self.stations, 1)
        head.addWidget(self.count)
        self.edges = button("My edges")
        self.edges.setAccessibleName("My rocker edges: press to change")
        self.edges.clicked.connect(self._edges_pressed)
        head.addWidget(self.edges)
        head.addWidget(self.gauge_button)
        head.addWidget(self.restart)
        self.keys: dict[str, QPushButton] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 8, 18, 8)
        column.addLayout(head)
        self.body = QHBoxLayout()
        self.body.addWidget(self.sheet, 1)
        column.addLayout(self.body, 1)
        column.addLayout(self._key_row())

    def _key_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        for key, words, face in _KEYS:
            made = button(f"{face}  {words}")
            made.setAccessibleName(f"{words} ({face})")
            made.clicked.connect(lambda _on, key=key: self._clicked(key))
            self.keys[key] = made
            row.addWidget(made)
        return row

    def enter(self) -> None:
        session = self.desk.session
        if session is not None and (self.keypad is None or self._session is not session):
            self._session = session
            begun = session.present.round_name
            name = begun if begun in self.rounds else self.usual
            self.keypad = Keypad(session, name, lambda kind: self.desk.settings.unit_for(kind))
        elif self.keypad is not None and self.keypad.round.stations != self.keypad.fresh_stations():
            self.keypad.rewind()
        super().enter()

    # --- tools --------------------------------------------------------------

    def _edges_pressed(self) -> None:
        before = " ".join(f"{mm:g}" for mm in self.desk.settings.rockers_mm)
        words = "Lengths of your rocker edges, mm (inches as 2in), with spaces between:"
        text, wanted = QInputDialog.getText(self, "My edges", words, text=before)
        if wanted:
            self.own_edges(text)

    def own_edges(self, text: str) -> None:
        """Keep the rocker edges the user owns, as typed."""
        try:
            lengths = tuple(
                sorted({round(parse_length(part, Unit.MM).mm, 2) for part in text.replace(";", " ").split()})
            )
            if any(not 10 <= mm <= 400 for mm in lengths) or len(lengths) > 12:
                raise LengthError("A rocker edge is 10 to 400 mm long, and a dozen are kept.")
        except LengthError as error:
            self.say(str(error))
            return
        self.desk.change_settings(msgspec.structs.replace(self.desk.settings, rockers_mm=lengths))

    # --- the gauge ----------------------------------------------------------

    def listen(self) -> None:
        """Hear the gauge from now on; it speaks to the stage in front."""
        gauge = self.desk.gauge
        if not self._listening:
            self._listening = True
            gauge.sent.connect(self._gauge_sent)
            gauge.noise.connect(self._gauge_noise)
            gauge.changed.connect(self._gauge_words)
        self._gauge_words()

    def _gauge_pressed(self) -> None:
        self.listen()
        gauge = self.desk.gauge
        if gauge.connected:
            gauge.close()
            return
        before = self.desk.settings.gauge_port
        path, wanted = QInputDialog.getText(self, "Gauge", "Which port is the gauge on?", text=before)
        if wanted and path.strip():
            self.connect_gauge(path.strip())

    def connect_gauge(self, path: str) -> None:
        """Open the gauge's port and remember it."""
        self.listen()
        trouble = self.desk.gauge.open(path)
        if trouble:
            self.say(trouble)
        else:
            self.desk.change_settings(msgspec.structs.replace(self.desk.settings, gauge_port=path))

    def _gauge_sent(self, text: str) -> None:
        if self.isVisible() and self.keypad is not None:
            self.keypad.gauge(text)
            self.refresh()

    def _gauge_noise(self, sentence: str) -> None:
        if self.isVisible():
            self.say(sentence)

    def _gauge_words(self) -> None:
        self.gauge_button.setText(self.desk.gauge.words)

    def _change_round(self) -> None:
        if self.keypad is not None:
            self.keypad.change_round(str(self.choice.currentData()))
            self.setFocus()
            self.refresh()

    def _start_afresh(self) -> None:
        if self.keypad is not None:
            self.keypad.start_afresh()
            self.setFocus()
            self.refresh()

    def _clicked(self, key: str) -> None:
        self.setFocus()
        self.key(key)

    def _pointed(self, fret: int, _lane: str) -> None:
        if self.keypad is not None:
            self.keypad.point_at(fret)
            self.refresh()
        self.setFocus()

    def key(self, name: str) -> bool:
        if self.keypad is None:
            return False
        self.keypad.press(name)
        self.refresh()
        return True

    def refresh(self) -> None:
        if self.keypad is None or self.desk.session is None:
            return
        present, station, s = self.desk.session.present, self.keypad.station, self.desk.settings
        since = self.keypad.since
        lanes: tuple[AnyLane, ...] = (values_lane(present, station, since, s.unit, s.height_unit),)
        if station is not None:
            lanes = (side_lane(station, self.keypad.cursor or station.fret, present, s.rockers_mm), *lanes)
        elif self.desk.picture is not None:
            lanes = (wood_lane(self.desk.picture, "pitch", s.unit), tops_lane(self.desk.picture, s.unit))
        dots = dots_of(present, station, self.keypad.cursor, since) if station else Dots()
        self.sheet.show_neck(present.neck, lanes, dots)
        view = self.keypad.view()
        self.title.setText(self.keypad.round.title)
        self.choice.setCurrentIndex(self.choice.findData(self.keypad.round.name))
        self.stations.fill(self.keypad.posts())
        self.count.setText(f"{view.done} of {view.total}")
        used = _USED[station.kind if station else None]
        self.edges.setVisible(station is not None and station.kind == "sweep")
        dial = station is not None and station.kind == "dial"
        self.keys["+"].setText("+  plus" if dial else "+  slides")
        self.keys["-"].setText("−  minus" if dial else "−  drags")
        for key, made in self.keys.items():
            made.setEnabled(key in used)
            made.setStyleSheet(f"font-size: {min(self.desk.theme.px(15), 20)}px; padding: 6px 2px;")
        self.fill_bar()

    def fill_bar(self) -> None:
        """Prompt, number and last readings."""
        if self.keypad is None or self.desk.session is None:
            return
        view = self.keypad.view()
        marked = ""
        station = self.keypad.station
        if station is not None and station.kind == "sweep":
            rocks = sorted(self.keypad.marked(station.lane))
            marked = f"rocks: {', '.join(map(str, rocks)) or 'none yet'}"
        aside = f"slides {view.slides}   drags" if view.slides else marked
        asking = view.question or view.message
        self.bar.show_words(
            view.prompt,
            number=(view.number or "") + ("▏" if station is not None and station.kind != "state" else ""),
            unit=view.unit if station is not None and station.kind != "state" else "",
            aside=aside,
            message=f"{view.question} {view.hint}".strip() if view.question else view.message or view.hint,
            alert=bool(asking),
            state=self.desk.session.present.state,
            right_title="last readings",
            right=self.recent_lines(),
        )

    def say(self, sentence: str) -> None:
        if self.keypad is not None:
            self.keypad.message = sentence
            self.refresh()


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
