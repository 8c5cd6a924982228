"""Solving off the interface thread: the newest request wins."""

from __future__ import annotations

from PyQt6.QtCore import QObject, QThread, pyqtSignal, pyqtSlot

from nuvrek.bench.picture import Picture, compute
from nuvrek.readings.journal import Present
from nuvrek.units import Unit


class _Worker(QObject):
    done = pyqtSignal(object)
    failed = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._before: Picture | None = None

    @pyqtSlot(object, object)
    def work(self, present: Present, unit: Unit) -> None:
        before = self._before
        if before is not None and before.present.neck != present.neck:
            before = None
        try:
            self._before = compute(present, unit, before)
        except (ValueError, ArithmeticError) as error:
            self._before = None
            self.failed.emit(
                f"These readings could not be put together ({error}). They are kept; strike the odd one out."
            )
            return
        self.done.emit(self._before)


class Solver(QObject):
    """Turns present pictures into solved ones. ``inline`` solves at once, for tests."""

    solved = pyqtSignal(object)
    failed = pyqtSignal(str)
    _ask = pyqtSignal(object, object)

    def __init__(self, inline: bool = False, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._worker = _Worker()
        self._busy = False
        self._waiting: tuple[Present, Unit] | None = None
        self._thread: QThread | None = None
        if not inline:
            self._thread = QThread()
            self._worker.moveToThread(self._thread)
            self._thread.start()
        self._ask.connect(self._worker.work)
        self._worker.done.connect(self._on_done)
        self._worker.failed.connect(self._on_failed)

    @property
    def busy(self) -> bool:
        """Whether a request is being solved or waits."""
        return self._busy

    def request(self, present: Present, unit: Unit) -> None:
        """Solve ``present``; an older request still waiting is dropped."""
        if self._busy:
            self._waiting = (present, unit)
            return
        self._busy = True
        self._ask.emit(present, unit)

    def close(self) -> None:
        """Stop the thread; a running solve is waited for."""
        if self._thread is not None:
            self._thread.quit()
            self._thread.wait()

    def _next(self) -> None:
        self._busy = False
        if self._waiting is not None:
            waiting, self._waiting = self._waiting, None
            self.request(*waiting)

    def _on_done(self, picture: object) -> None:
        self.solved.emit(picture)
        self._next()

    def _on_failed(self, words: str) -> None:
        self.failed.emit(words)
        self._next()
