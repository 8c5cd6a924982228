"""A job file opened from outside: a look at it in a window of its own; taken in only on a press."""

from __future__ import annotations

import tempfile
from collections.abc import Callable
from pathlib import Path
from typing import Any

from PyQt6.QtGui import QCloseEvent

from nuvrek.bench.settings import Settings
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import SHELF, Window
from nuvrek.exchange import jobfile
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying
from nuvrek.wording.speech import later, tr


class LookWindow(Window):
    """One neck from a file, in a logbook that is gone with the window. ``take`` takes it in."""

    remembers_place = False
    plain_title: tuple[Saying, Saying] = (
        later("A job file"),
        later("a look: nothing is taken in yet"),
    )

    def __init__(
        self,
        app: AppState,
        job: Job,
        holder: tempfile.TemporaryDirectory[str],
        take: Callable[[Job], str],
    ) -> None:
        self._holder, self._job, self._take = holder, job, take
        super().__init__(app)
        self.setWindowTitle(tr("Nuvrek: a look at a job file"))
        shelf: Any = self.stages[SHELF]
        shelf.new.setText(tr("Take this neck in"))
        shelf.new.clicked.disconnect()
        shelf.new.clicked.connect(self.take_in)
        shelf.take_in = self.take_in
        shelf.refresh()
        self._say(tr("A look at a file: + takes this neck into your shelf, closing leaves it."))

    def take_in(self) -> None:
        """Into the user's own logbook; the window has done its work then."""
        text = self._take(self._job)
        if text:
            self._say(text)
        else:
            self.close()

    def closeEvent(self, event: QCloseEvent | None) -> None:
        super().closeEvent(event)
        self._holder.cleanup()


def open_look(
    path: Path, settings: Settings, clock: Callable[[], str], take: Callable[[Job], str]
) -> LookWindow:
    """A look at a job file. ``take`` returns why it could not be taken in, or nothing. Raises
    JobFaults and OSError for a file that can't be read.
    """
    job = jobfile.read(path)
    holder = tempfile.TemporaryDirectory(prefix="nuvrek-look-")
    book = Logbook.make(Path(holder.name) / "look.db")
    book.start(job.neck, clock(), job.journal)
    return LookWindow(AppState(book, settings, None, clock), job, holder, take)


def faults_words(path: Path, error: JobFaults | OSError) -> str:
    """Why a file can't be shown, in a sentence."""
    if isinstance(error, JobFaults):
        more = ""
        if error.faults[1:]:
            more = tr("(and {number} more)", number=len(error.faults) - 1)
        return tr(
            "{name} is no job file that can be read: {faults} {more}",
            name=path.name,
            faults=error.faults[0],
            more=more,
        )
    why = (error.strerror or tr("no reason given")).lower()
    return tr("{name} can't be read ({why}).", name=path.name, why=why)
