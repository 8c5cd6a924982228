"""Solving off the interface thread: the newest request wins."""

from __future__ import annotations

import sys

from PyQt6.QtCore import QObject, QThread, QTimer, pyqtSignal, pyqtSlot

from nuvrek.bench.solved import Solved, see, weigh
from nuvrek.desktop.garbage_on_interface_thread import Sweeper
from nuvrek.readings.journal import NeckState
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

# The window paints the new map before the interpreter is shared with the weighing of the ways.
_PAINT_FIRST_MS = 40


class _Worker(QObject):
    seen = pyqtSignal(object)
    weighed = pyqtSignal(object)
    failed = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._before: Solved | None = None

    @pyqtSlot(object, object)
    def look(self, neck_state: NeckState, unit: Unit) -> None:
        before = self._before
        if before is not None and before.neck_state.neck != neck_state.neck:
            before = None
        try:
            self._before = see(neck_state, unit, before)
        except Exception as error:
            self._before = None
            self.failed.emit(_sentence(error))
        else:
            self.seen.emit(self._before)

    @pyqtSlot(object, object, object)
    def judge(self, solved: Solved, unit: Unit, kit: Kit) -> None:
        try:
            whole = weigh(solved, unit, kit)
        except Exception as error:
            self.failed.emit(_sentence(error))
        else:
            self.weighed.emit(whole)


def _sentence(error: Exception) -> str:
    return f"These readings could not be put together ({error}). They are kept; strike the odd one out."


class Solver(QObject):
    """Turns present pictures into solved ones, first without and then with a plan.

    ``inline`` does both at once on the interface thread, for tests.
    """

    arrived = pyqtSignal(object)
    failed = pyqtSignal(str)
    _look = pyqtSignal(object, object)
    _judge = pyqtSignal(object, object, object)

    def __init__(self, inline: bool = False, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._worker = _Worker()
        self._busy = False
        self._unit, self._kit = Unit.MM, Kit()
        self._waiting: tuple[NeckState, Unit, Kit] | None = None
        self._thread: QThread | None = None
        if not inline:
            # The interface gets the interpreter back from the solver's thread within a millisecond, not five.
            sys.setswitchinterval(0.001)
            self._thread = QThread()
            self._worker.moveToThread(self._thread)
            self._thread.start()
            self._sweeper: Sweeper | None = Sweeper(self)
        else:
            self._sweeper = None
        self._seen: object = None
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(_PAINT_FIRST_MS)
        self._pause.timeout.connect(lambda: self._weigh(self._seen))
        self._look.connect(self._worker.look)
        self._judge.connect(self._worker.judge)
        self._worker.seen.connect(self._on_seen)
        self._worker.weighed.connect(self._on_weighed)
        self._worker.failed.connect(self._on_failed)

    @property
    def busy(self) -> bool:
        """Whether a request is being solved or waits."""
        return self._busy

    def request(self, neck_state: NeckState, unit: Unit, kit: Kit) -> None:
        """Solve ``present``; an older request still waiting is dropped."""
        if self._busy:
            self._waiting = (neck_state, unit, kit)
            return
        self._busy, self._unit, self._kit = True, unit, kit
        self._look.emit(neck_state, unit)

    def close(self) -> None:
        """Stop the thread; a running solve is waited for."""
        self._pause.stop()
        if self._thread is not None:
            self._thread.quit()
            self._thread.wait()
        if self._sweeper is not None:
            self._sweeper.stop()
            self._sweeper = None

    def _on_seen(self, solved: object) -> None:
        self.arrived.emit(solved)
        if self._thread is None:
            self._weigh(solved)
        else:
            self._seen = solved
            self._pause.start()

    def _weigh(self, solved: object) -> None:
        # A newer reading makes the older plan worthless.
        if self._waiting is not None:
            self._next()
        else:
            self._judge.emit(solved, self._unit, self._kit)

    def _on_weighed(self, solved: object) -> None:
        self.arrived.emit(solved)
        self._next()

    def _on_failed(self, words: str) -> None:
        self.failed.emit(words)
        self._next()

    def _next(self) -> None:
        self._busy = False
        if self._waiting is not None:
            waiting, self._waiting = self._waiting, None
            self.request(*waiting)
