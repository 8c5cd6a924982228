"""What all stages share: the logbook, the open neck, its solved picture, theme and settings."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from nuvrek.bench.session import Session
from nuvrek.bench.settings import Settings, save
from nuvrek.bench.solved import Solved
from nuvrek.desktop.solver import Solver
from nuvrek.desktop.theme import Theme
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow

if TYPE_CHECKING:
    from nuvrek.desktop.gauge import Gauge


class AppState(QObject):
    """The state of the window that is not widgets."""

    changed = pyqtSignal()  # the journal of the open neck has grown
    solved_anew = pyqtSignal()  # a new picture is there
    themed = pyqtSignal()  # colours, text size or units changed
    said = pyqtSignal(str)  # a sentence for the user
    stage_wanted = pyqtSignal(str)
    retake_wanted = pyqtSignal(int)  # the number of a reading to be taken again
    reading_wanted = pyqtSignal(object)  # a station to be read next

    def __init__(
        self,
        book: Logbook,
        settings: Settings,
        settings_file: Path | None,
        clock: Callable[[], str],
        inline: bool = False,
    ) -> None:
        super().__init__()
        self.book = book
        self.settings = settings
        self._settings_file = settings_file
        self.clock = clock
        self.theme = Theme(settings.dark, settings.text_percent)
        self.session: Session | None = None
        self.solved: Solved | None = None
        self.fret: int | None = None
        self._solver = Solver(inline, self)
        self._solver.arrived.connect(self._on_solved)
        self._solver.failed.connect(self.said)
        self._gauge: Gauge | None = None

    @property
    def busy(self) -> bool:
        """Whether a solve is under way."""
        return self._solver.busy

    @property
    def gauge(self) -> Gauge:
        """The gauge; its library is loaded when it is first wanted."""
        if self._gauge is None:
            from nuvrek.desktop.gauge import Gauge

            self._gauge = Gauge(self)
        return self._gauge

    def open(self, row: NeckRow) -> None:
        """Open a neck of the shelf. Raises LogbookError."""
        self.session = Session(self.book, row.id, row.neck, self.clock)
        self.session.listeners.append(self._on_change)
        self.solved, self.fret = None, None
        self.solve()

    def write(self, action: Callable[[], object]) -> bool:
        """Run an action that writes to the logbook; on failure says why and returns False."""
        try:
            action()
        except LogbookError as error:
            self.said.emit(str(error))
            return False
        return True

    def solve(self) -> None:
        """Ask for a picture of the open neck."""
        if self.session is not None:
            self._solver.request(self.session.neck_state, self.settings.unit, self.settings.kit)

    def change_settings(self, settings: Settings) -> None:
        """Take and keep new settings."""
        unit_changed = settings.unit is not self.settings.unit
        self.settings = settings
        self.theme.__init__(settings.dark, settings.text_percent)  # type: ignore[misc]
        if self._settings_file is not None:
            save(self._settings_file, settings)
        self.themed.emit()
        if unit_changed:
            self.solve()

    def change_quietly(self, settings: Settings) -> None:
        """Take and keep settings that change nothing on screen but a word or two."""
        self.settings = settings
        if self._settings_file is not None:
            save(self._settings_file, settings)

    def close(self) -> None:
        """Stop solving and close the logbook."""
        if self._gauge is not None:
            self._gauge.close()
        self._solver.close()
        self.book.close()

    def _on_change(self) -> None:
        self.solve()
        self.changed.emit()

    def _on_solved(self, solved: object) -> None:
        if not isinstance(solved, Solved) or self.session is None:
            return
        self.solved = solved
        self.solved_anew.emit()
