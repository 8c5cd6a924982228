"""One long job beside the window: it says how far it is, and can be left."""

from __future__ import annotations

from collections.abc import Callable
from threading import Event

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from nuvrek.desktop import log
from nuvrek.desktop.solver import LAST_WAIT_MS, left_running
from nuvrek.logbook.store import LogbookError
from nuvrek.patience import NoLongerWanted, while_wanted
from nuvrek.wording.speech import tr

# A job: it is given something to tell how far it is, and returns its result.
Job = Callable[[Callable[[str], None]], object]


class _Thread(QThread):
    """Runs the job; what came of it is kept until the interface thread fetches it."""

    told = pyqtSignal(str)

    def __init__(self, job: Job) -> None:
        super().__init__()
        self.stopped = Event()
        self.result: object = None
        self.error: Exception | None = None
        self._job = job

    def run(self) -> None:
        try:
            with while_wanted(lambda: not self.stopped.is_set()):
                self.result = self._job(self.told.emit)
        except Exception as error:
            self.error = error


class Aside(QObject):
    """Does one job at a time; ``inline`` does it at once on the interface thread, for tests."""

    told = pyqtSignal(str)  # how far the job is; empty when it is over

    def __init__(self, inline: bool, parent: QObject) -> None:
        super().__init__(parent)
        self._inline = inline
        self._thread: _Thread | None = None

    @property
    def busy(self) -> bool:
        """Whether a job is under way."""
        return self._thread is not None

    def run(
        self, job: Job, deliver: Callable[[object], None], failed: Callable[[Exception], None]
    ) -> None:
        """Do ``job``; one of the other two is called on the interface thread when it is over,
        neither when it was left.
        """
        thread = _Thread(job)
        if self._inline:
            thread.run()
            _hand_over(thread, deliver, failed)
            return
        self._thread = thread
        thread.told.connect(self.told)
        thread.finished.connect(lambda: self._over(deliver, failed))
        thread.start()

    def _over(self, deliver: Callable[[object], None], failed: Callable[[Exception], None]) -> None:
        thread, self._thread = self._thread, None
        self.told.emit("")
        if thread is not None:
            thread.wait()
            _hand_over(thread, deliver, failed)

    def stop(self) -> None:
        """Leave the job at its next question."""
        if self._thread is not None:
            self._thread.stopped.set()

    def close(self) -> None:
        """Leave the job, and hear nothing of it any more."""
        thread, self._thread = self._thread, None
        if thread is not None:
            thread.stopped.set()
            if not thread.wait(LAST_WAIT_MS):
                left_running.append(thread)


def _hand_over(
    thread: _Thread, deliver: Callable[[object], None], failed: Callable[[Exception], None]
) -> None:
    if isinstance(thread.error, NoLongerWanted):
        return
    if thread.error is not None:
        # What is wrong with a file or a logbook is no fault of ours.
        if not isinstance(thread.error, ValueError | LogbookError):
            log.fault(thread.error, tr("a job beside the window"))
        failed(thread.error)
        return
    deliver(thread.result)
