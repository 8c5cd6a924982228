"""History: every visit of a neck on one line of time, two of them held against each other."""

from __future__ import annotations

from PyQt6.QtWidgets import QVBoxLayout

from nuvrek.bench.pages.history import Visit, days_of, history, own_wear_mm, years_in_words
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.years import YearsView
from nuvrek.desktop.stages.base import Stage
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.logbook.stand import Stand
from nuvrek.readings.shop.entries import SeasonLook
from nuvrek.wording.speech import say, tr


class HistoryStage(Stage):
    """The drawing; arrows choose the later visit, up and down the earlier one."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.visits: tuple[Visit, ...] = ()
        self.of: Stand | None = None
        self.told = ""
        self.before = self.after = 0
        self.view = YearsView(app.theme)
        self.view.picked.connect(self._pick)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addWidget(self.view)

    def refresh(self) -> None:
        session = self.app.session
        if session is None:
            return
        if self.of != session.identity:
            self.visits, self.of, self.told = (), None, ""
            self._ask()
        self._show()

    def _ask(self) -> None:
        """Each visit is mapped by itself: off the interface thread."""
        session = self.app.session
        if session is None:
            return
        first, entries, identity = session.first, tuple(session.entries), session.identity
        neck, unit = session.neck_state.neck, self.app.settings.unit

        def job() -> object:
            visits = history(first, entries)
            return identity, visits, years_in_words(visits, neck, own_wear_mm(entries, first), unit)

        self.app.reckon(job, self._arrived)

    def _arrived(self, made: object) -> None:
        session = self.app.session
        if not isinstance(made, tuple) or session is None or made[0] != session.identity:
            return
        self.of, self.visits, self.told = made
        self.before, self.after = 0, max(len(self.visits) - 1, 0)
        if self.isVisible():
            self._show()

    def _show(self) -> None:
        session = self.app.session
        if session is None:
            return
        count = len(days_of(session.entries))
        if count:
            waiting = tr("Mapping {count} visits", count=count)
        else:
            waiting = tr("Nothing was read on this neck yet.")
        s = self.app.settings
        self.view.least_mm = session.neck_state.neck.least_crown_mm
        self.view.show_visits(self.visits, self.before, self.after, s.unit, waiting)
        if len(self.visits) != 1:
            head = tr("{number} visits", number=len(self.visits))
        else:
            head = tr("One visit")
        self.bar.show_words(
            head if self.visits else tr("History"),
            message=say(self.told) or ("" if self.visits else waiting),
            right_title=tr("keys"),
            right=(
                tr("left, right: the later visit"),
                tr("up, down: the earlier one"),
                f". {tr('tops moved') if self.view.by_fret else tr('metal by fret')}",
                tr(
                    "* {detail} every half year",
                    detail=tr("no look") if session.neck_state.season_look else tr("a look"),
                ),
                tr("Enter: Map"),
            ),
        )

    def _pick(self, number: int) -> None:
        """A press picks the later of the two; what was it before becomes the earlier."""
        if number < self.after:
            self.before = number
        else:
            self.before, self.after = self.after, number
        self._show()

    def _season(self) -> None:
        """Whether the neck is looked at in the other half of the year too."""
        session = self.app.session
        if session is None:
            return
        wanted = not session.neck_state.season_look
        if self.app.write(lambda: session.append(SeasonLook(wanted=wanted))):
            self.of = session.identity
            self.app.changed.emit()
            self.bar.say(
                tr(
                    "It comes due half a year after it was last read, each time, once its work is "
                    "done."
                )
                if wanted
                else tr("No longer looked at by season.")
            )

    def key(self, name: str) -> bool:
        last = len(self.visits) - 1
        if name in ("left", "right") and self.visits:
            self.after = max(0, min(last, self.after + (1 if name == "right" else -1)))
        elif name in ("up", "down") and self.visits:
            self.before = max(0, min(last, self.before + (1 if name == "up" else -1)))
        elif name == ".":
            self.view.by_fret = not self.view.by_fret
        elif name == "*":
            self._season()
        elif name == "enter":
            self.app.stage_wanted.emit("Map")
            return True
        else:
            return False
        self._show()
        return True
