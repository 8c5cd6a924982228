"""The window of the practice neck: the same pages, a logbook of its own, and the bench."""

from __future__ import annotations

import tempfile
from collections.abc import Mapping
from typing import Any, ClassVar

from PyQt6.QtGui import QCloseEvent

from nuvrek.bench.practice.kept import Kept
from nuvrek.bench.practice.table import Table
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.pages import PAGES, Page
from nuvrek.desktop.window import Window
from nuvrek.logbook.store import LogbookError
from nuvrek.meaning import Saying
from nuvrek.practice.at_work.actions import Tune
from nuvrek.practice.exercise import exercise
from nuvrek.wording.speech import later, say, tr

HALL, BENCH, REVEAL = "Practice", "Bench", "Reveal"
# The page that concludes: closed while the advice is silent. What Work writes down as filed and
# turned is done by hands here, on the bench; both would count it twice.
_SPEAKING, _BY_HAND = "Choose", "Work"


class PracticeWindow(Window):
    """Practice instead of a shelf, the bench before Measure, the truth at the end."""

    remembers_place = False
    home = HALL
    rail_stages = (BENCH, "Measure", "Map", "Choose", REVEAL)
    home_switch: tuple[Saying, Saying] = (later("Practice"), later("All lessons and necks"))
    plain_title: tuple[Saying, Saying] = (later("Practice"), later("a neck that forgives"))
    records: ClassVar[Mapping[str, Page]] = PAGES

    def __init__(
        self, app: AppState, kept: Kept, holder: tempfile.TemporaryDirectory[str] | None = None
    ) -> None:
        """``holder``: a folder that goes with the window, where nothing is to be kept."""
        self._holder = holder
        self.table = app.practice = Table(kept)
        super().__init__(app, at_once=False)
        self.setWindowTitle(tr("Nuvrek: practice"))
        self._take_up()
        self.show_stage(HALL)
        if kept.trouble:
            self._say(say(kept.trouble))

    def _take_up(self) -> None:
        """What lay on the bench when the program was left."""
        found = self.table.kept.on_bench()
        if found is None:
            return
        on_bench, actions = found
        try:
            self.app.open(self.app.book.row(on_bench.neck))
            session = self.app.session
            assert session is not None
            self.table.take_up(on_bench, actions, session)
        except (LogbookError, ValueError, LookupError):
            # The neck of an older program, or of a logbook that was cleared: begin afresh.
            self.app.put_down()
            self.table.exercise = None

    def begin(self, name: str, *, silent: bool = True) -> bool:
        """Lay an exercise on the bench, as it came in, with a journal of its own."""
        practice_exercise = exercise(name)
        begun = practice_exercise.begun()
        made: list[int] = []
        started = self.app.write(
            lambda: made.append(
                self.app.book.start(practice_exercise.neck(), self.app.clock(), begun)
            )
        )
        if not started:
            return False
        if not self.app.write(lambda: self.app.open(self.app.book.row(made[0]))):
            return False
        session = self.app.session
        assert session is not None
        self.table.lay(practice_exercise, session, len(begun), silent)
        bench: Any = self.stages[BENCH]
        bench.fresh()
        self.show_stage(BENCH)
        if self.table.kept.trouble:
            self._say(say(self.table.kept.trouble))
        return True

    def show_stage(self, name: str) -> None:
        if name == _BY_HAND:
            self.show_stage(REVEAL if self._offers else BENCH)
            self._say(
                tr("Offered. Enter shows what this program would do.")
                if self._offers
                else tr("The way is taken. Here its work is done by hands.")
            )
            return
        if name == _SPEAKING and self.table.silent and not self._offers:
            self.show_stage(REVEAL)
            self._say(tr("The advice is silent on this neck until you let it speak here."))
            return
        super().show_stage(name)

    def _turn_state(self, part: str) -> None:
        """Strings are let down and tuned by hands here, and that takes its time."""
        session, bench = self.app.session, self.stages.get(BENCH)
        if part != "strings" or session is None or bench is None:
            super()._turn_state(part)
            return
        pad = getattr(bench, "pad", None)
        if pad is not None:
            slack = session.neck_state.state.strings == "slack"
            pad.carry_out(Tune(to="pitch" if slack else "slack"))
            self.stage.refresh()

    @property
    def _offers(self) -> bool:
        """Whether this is a form that is answered by choosing a way."""
        practice_exercise = self.table.exercise
        return practice_exercise is not None and practice_exercise.name.startswith(
            "form:what-to-offer"
        )

    def closeEvent(self, event: QCloseEvent | None) -> None:
        super().closeEvent(event)
        if self._holder is not None:
            self._holder.cleanup()

    def _on_solved(self) -> None:
        super()._on_solved()
        if self.page_name == REVEAL:
            self.stage.refresh()
