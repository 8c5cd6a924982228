"""The one window: rail, stage and bench bar."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from importlib import import_module
from pathlib import Path
from typing import TYPE_CHECKING, ClassVar

import msgspec
from PyQt6.QtCore import QTimer
from PyQt6.QtGui import QCloseEvent, QKeyEvent, QPaintEvent, QShowEvent
from PyQt6.QtWidgets import QStackedWidget, QVBoxLayout, QWidget

from nuvrek.bench.settings import TEXT_STEPS
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.frame.place import fit_window, place_of, within_screen
from nuvrek.desktop.frame.standing import StandingLine
from nuvrek.desktop.frame.typed_before import TypedBefore
from nuvrek.desktop.pages import NECK_PAGES, PAGES, SHOP_PAGES, Page
from nuvrek.desktop.pages.page import NOTHING_RECKONED
from nuvrek.desktop.ringing import Ringing
from nuvrek.desktop.stages.base import Stage
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.plain_text import plain_labels
from nuvrek.desktop.widgets.stage_rail import STAGES, Rail
from nuvrek.meaning import Saying
from nuvrek.neck.description import ROD_WORDS
from nuvrek.readings.entries import StateChange
from nuvrek.readings.stations import Suggestion, strings_first
from nuvrek.wording.speech import later, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.exchange.jobfile import Job

NEW_NECK, GUIDE = "New neck", "Guide"
SHELF, TOOLS, ROOM, FILING = "Shelf", "My tools", "String room", "Filing"
NEW_WIRE, PRICES, OWNER, OWNERS = "New wire", "Prices", "Owner", "Owners"
SAFE, HISTORY, HONESTY = "Kept safe", "History", "Honesty"
_VIEWS = "nuvrek.desktop.stages"
# The pages that are wanted soonest once a neck is open.
_FIRST = ("Measure", "Map", "Choose", "Work", "Take in")
# Qt's key numbers as plain integers, see stages/base.py.
_HOME, _PAGE_UP, _PAGE_DOWN, _F1 = 0x01000010, 0x01000016, 0x01000017, 0x01000030


class Stages(dict[str, Stage]):
    """The stage pages, each imported and made when it is first wanted: the window opens sooner."""

    def __init__(
        self, app: AppState, bar: BenchBar, pages: QStackedWidget, records: Mapping[str, Page]
    ) -> None:
        super().__init__()
        self._parts = app, bar
        self._pages, self._records = pages, records

    def __missing__(self, name: str) -> Stage:
        module, kind = self._records[name].view.split(":")
        stage: Stage = getattr(import_module(f"{_VIEWS}.{module}"), kind)(*self._parts)
        self[name] = stage
        plain_labels(stage)
        self._pages.addWidget(stage)
        return stage


class Window(QWidget):
    """Holds the stages and moves between them."""

    # The page that needs no open neck, the stages on the rail, and where all pages are made.
    home = SHELF
    rail_stages: tuple[str, ...] = STAGES
    home_switch: tuple[Saying, Saying] = (PAGES["Shelf"].title, later("All necks"))
    records: ClassVar[Mapping[str, Page]] = SHOP_PAGES | NECK_PAGES
    # Whether where this window stands is kept for its next start.
    remembers_place = True
    plain_title: tuple[Saying, Saying] = ("Nuvrek", later("bench companion for fretwork"))

    def __init__(self, app: AppState, at_once: bool = True) -> None:
        """``at_once`` fills the shelf now; otherwise the caller does, once the frame is on
        screen.
        """
        super().__init__()
        self.app = app
        self.setWindowTitle(tr("Nuvrek"))
        fit_window(self, app.settings.window_place)
        self.rail = Rail(app.theme, self.rail_stages, self.home_switch)
        self.bar = BenchBar(app.theme)
        self.pages = QStackedWidget()
        self.standing = StandingLine(app)
        self.stages = Stages(app, self.bar, self.pages, self.records)
        self.typed_before = TypedBefore(self)
        self.practice: QWidget | None = None
        self.demo: QWidget | None = None
        self.looks: list[QWidget] = []
        for part in (self.rail, self.bar):
            plain_labels(part)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(self.rail)
        column.addWidget(self.standing)
        column.addWidget(self.pages, 1)
        column.addWidget(self.bar)
        self.page_name = self.home
        self._connect()
        self._dress()
        self.rail.enable(False)
        self.ringing = Ringing(app)
        self.ringing.shown.connect(self.bar.show_clocks)
        self.ringing.rang.connect(self._say)
        app.changed.connect(self.ringing.look)
        self._when_painted: Callable[[], None] | None = None
        self._title()
        if at_once:
            self.show_stage(self.home)

    def load_ahead(self) -> None:
        """The pages of a neck and what fills them, before one is opened."""
        views = (self.records[name].view.split(":")[0] for name in _FIRST)
        self.app.load_ahead(f"{_VIEWS}.{module}" for module in views)

    def _connect(self) -> None:
        app = self.app
        self.rail.stage.connect(self.show_stage)
        self.rail.shelf.connect(lambda: self.show_stage(self.home))
        app.practice_wanted.connect(self.practise)
        app.demo_wanted.connect(self.look_round)
        app.help_wanted.connect(self.show_help)
        app.guide_wanted.connect(self.show_guide)
        app.known_wanted.connect(self.show_known)
        self.rail.tools.connect(lambda: self.show_stage(TOOLS))
        self.rail.unit.connect(lambda: self._set(inch=not app.settings.inch))
        self.rail.theme_switch.connect(lambda: self._set(dark=not app.settings.dark))
        self.rail.text_size.connect(self._next_text_size)
        self.rail.help.connect(self.show_help)
        self.bar.told.connect(self._speak)
        self.bar.state_pressed.connect(self._turn_state)
        self.bar.unit_pressed.connect(lambda: self.stage.unit_pressed())
        app.changed.connect(self._on_changed)
        app.solved_anew.connect(self._on_solved)
        app.themed.connect(self._restyle)
        app.message.connect(self._say)
        app.stage_wanted.connect(self.show_stage)
        app.retake_wanted.connect(self._retake)
        app.reading_wanted.connect(self._ask)
        app.round_wanted.connect(lambda name: self.stage.begin_round(name))
        app.heard_others.connect(
            lambda: self.stage.refresh() if self.page_name == self.home else None
        )
        app.slow.connect(self.bar.show_slow)
        app.background.told.connect(self.bar.show_under_way)
        self.bar.stop.clicked.connect(self._stop)

    @property
    def stage(self) -> Stage:
        """The stage in front."""
        return self.stages[self.page_name]

    def show_help(self) -> None:
        """The keys of this page and what is to be seen, drawn over it."""
        from nuvrek.desktop.widgets.help_view import HelpView
        from nuvrek.wording.help.about import about

        page = self.stage
        view = page.findChild(HelpView) or HelpView(
            page, self.app.theme, {"enter": self.show_guide, ".": self.show_known}
        )
        credits: tuple[str, ...] = ()
        if self.page_name == self.home:
            credits = say_all(about())
        view.show_help(self.records[self.page_name], credits)

    def show_known(self) -> None:
        """How what is in front on this page is known, and its figures."""
        from nuvrek.desktop.widgets.known_view import KnownView

        page = self.stage
        view = page.findChild(KnownView) or KnownView(page, self.app.theme)
        view.show_known((*page.known(), *self.records[self.page_name].known) or (NOTHING_RECKONED,))

    def show_guide(self) -> None:
        """The guide, from which Backspace leads back here."""
        came_from = self.page_name
        self.stages[GUIDE].came_from = came_from
        self.show_stage(GUIDE)

    def look_at(self, path: Path) -> None:
        """A job file from outside, in a window of its own; taken in only if that is wished."""
        from nuvrek.desktop.look import faults_words, open_look
        from nuvrek.exchange.jobfile import JobFaults

        try:
            look_window = open_look(path, self.app.settings, self.app.clock, self._take_in)
        except (JobFaults, OSError) as error:
            self._say(faults_words(path, error))
            return
        look_window.setGeometry(self.geometry())
        look_window.show()
        look_window.activateWindow()
        self.looks = [widget for widget in self.looks if widget.isVisible()] + [look_window]

    def _take_in(self, job: Job) -> str:
        """A neck from a file onto the shelf; returns why not, or nothing."""
        texts: list[str] = []
        self.app.message.connect(texts.append)
        made = self.app.write(lambda: self.app.book.start(job.neck, self.app.clock(), job.journal))
        self.app.message.disconnect(texts.append)
        if made:
            self.show_stage(self.home)
            self._say(tr("{title} is on the shelf.", title=job.neck.title))
        if made:
            return ""
        return texts[-1]

    def look_round(self) -> None:
        """Another window with the demo shelf."""
        from nuvrek.desktop.look_round import open_demo_window

        if self.demo is None or not self.demo.isVisible():
            self.demo = open_demo_window(self.app.clock)
            self.demo.setGeometry(self.geometry())
        self.demo.show()
        self.demo.activateWindow()

    def practise(self) -> None:
        """Another window with the practice neck: it has a logbook of its own and knows no other."""
        from nuvrek.desktop.practice.start import open_practice

        if self.practice is None or not self.practice.isVisible():
            self.practice = open_practice(
                self.app.settings, self.app.clock, self.app.practice_folder
            )
            self.practice.setGeometry(self.geometry())
        self.practice.show()
        self.practice.activateWindow()

    def show_stage(self, name: str) -> None:
        """Bring a stage to the front; without an open neck only the shelf."""
        if self.page_name in self.stages:
            self.stages[self.page_name].leave()
        if self.page_name == TOOLS and name != TOOLS:
            # Other tools on the bench, other readings to suggest.
            self.app.solve()
        self.page_name = (
            name if self.app.session is not None or self.records[name].anytime else self.home
        )
        self.app.turn_to(self.page_name)
        self.rail.mark(self.page_name)
        self.rail.enable(
            self.app.session is not None and self.page_name not in (self.home, NEW_NECK)
        )
        self._title()
        self.pages.setCurrentWidget(self.stage)
        self.stage.restyle()
        self.stage.enter()
        self.ringing.look()
        self.typed_before.turned()

    def _title(self) -> None:
        session = self.app.session
        if session is None or self.page_name in (self.home, NEW_NECK):
            self.rail.title.setText(say(self.plain_title[0]))
            self.rail.under.setText(say(self.plain_title[1]))
            return
        neck = session.neck_state.neck
        self.rail.title.setText(f"{session.neck_id} · {neck.title}")
        rod = ROD_WORDS[neck.rod]
        self.rail.under.setText(
            tr(
                "{scale_mm:.0f} mm · {frets} frets · {rod}",
                scale_mm=neck.scale_mm,
                frets=neck.frets,
                rod=rod,
            )
        )
        self._fill_rail()

    def _fill_rail(self) -> None:
        session = self.app.session
        if session is None:
            return
        from nuvrek.bench.working.job import advance_of

        a = advance_of(session.neck_state)
        for name, share in zip(
            STAGES, (a.described, a.measured, a.mapped, a.chosen, a.worked, a.proved), strict=True
        ):
            if name in self.rail.buttons:
                self.rail.buttons[name].fill(share)

    def _turn_state(self, part: str) -> None:
        """Strings slackened or tuned, the neck laid down or taken up: written down at once."""
        session = self.app.session
        if session is None:
            return
        state = session.neck_state.state
        following = {
            "pitch": "slack",
            "slack": "pitch",
            "lying": "played",
            "played": "jig",
            "jig": "alone",
            "alone": "supported",
            "supported": "blocked" if session.neck_state.neck.floating_bridge else "lying",
            "blocked": "lying",
        }
        other = following[getattr(state, part)]
        entry = StateChange(state=msgspec.structs.replace(state, **{part: other}))
        if self.app.write(lambda: session.append(entry)):
            self.stage.refresh()

    def _retake(self, number: int) -> None:
        """A reading is to be taken again in its place: Measure asks for it."""
        self.show_stage("Measure")
        self.stage.retake(number)

    def _ask(self, wanted: object) -> None:
        """A reading that Map suggests: Measure asks for it."""
        session = self.app.session
        if not isinstance(wanted, Suggestion) or session is None:
            return
        first = strings_first(wanted.strings, session.neck_state.state)
        came_from = self.page_name
        self.show_stage("Measure")
        self.stage.ask(
            wanted.station, say(first), came_from if came_from in ("Work", "Choose") else "Map"
        )

    def _on_changed(self) -> None:
        self._title()

    def _on_solved(self) -> None:
        if self.page_name in ("Map", "Choose", "Work", "Prove", ROOM, FILING, NEW_WIRE, OWNER):
            self.stage.refresh()

    def _stop(self) -> None:
        """Leave whatever takes long."""
        if self.app.background.busy:
            self.app.background.stop()
            self._say(tr("Stopped. Nothing was taken in."))
        else:
            self.app.stop_solving()

    def _say(self, sentence: str) -> None:
        self.stage.say(sentence)

    def _speak(self, words: str) -> None:
        """The page in front holds the focus: its name is what a screen reader says when it
        changes.
        """
        if self.page_name in self.stages:
            self.stages[self.page_name].setAccessibleName(
                f"{say(self.records[self.page_name].title)}. {words}"
            )

    def _set(self, **changes: object) -> None:
        self.app.change_settings(msgspec.structs.replace(self.app.settings, **changes))

    def _next_text_size(self) -> None:
        steps = TEXT_STEPS
        now = self.app.settings.text_percent
        at = steps.index(now) if now in steps else 0
        self._set(text_percent=steps[(at + 1) % len(steps)])

    def _restyle(self) -> None:
        self._dress()
        self.stage.restyle()
        self.stage.enter()

    def _dress(self) -> None:
        self.setStyleSheet(self.app.theme.sheet())
        self.rail.unit_button.setText(tr("thou") if self.app.settings.inch else tr("mm"))
        self.rail.restyle()
        self.bar.restyle()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None:
            return
        order = [self.home, *self.rail_stages]
        key = event.key()
        if key in (_PAGE_DOWN, _PAGE_UP):
            at = 0
            if self.page_name in order:
                at = order.index(self.page_name) + (1 if key == _PAGE_DOWN else -1)
            if 0 <= at < len(order):
                self.show_stage(order[at])
        elif key == _HOME:
            self.show_stage(self.home)
        elif key == _F1:
            self.show_help()
        else:
            super().keyPressEvent(event)

    def when_painted(self, action: Callable[[], None]) -> None:
        """Do this once the window stands on the screen; a server answers when it likes."""
        self._when_painted = action

    def paintEvent(self, event: QPaintEvent | None) -> None:
        super().paintEvent(event)
        if self._when_painted is not None:
            # What is painted is handed to the screen when the event is through.
            QTimer.singleShot(0, self._when_painted)
            self._when_painted = None

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        handle = self.windowHandle()
        if handle is not None:
            handle.installEventFilter(self.typed_before)
        # Only once it is shown does the frame have its size.
        QTimer.singleShot(0, self.fit_screen)

    def fit_screen(self) -> None:
        """Frame and all, the window lies within what the screen has free."""
        within_screen(self)

    def closeEvent(self, event: QCloseEvent | None) -> None:
        if self.remembers_place:
            self.app.keep_place(place_of(self))
        if self.page_name in self.stages:
            self.stage.leave()
        for beside in (self.practice, self.demo, *self.looks):
            if beside is not None:
                beside.close()
        self.ringing.close()
        self.app.close()
        super().closeEvent(event)
