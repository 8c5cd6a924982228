"""Solving off the interface thread: the newest request wins."""

from __future__ import annotations

import sys
from collections.abc import Callable, Sequence
from importlib import import_module
from threading import Event

from PyQt6.QtCore import QObject, QThread, QTimer, pyqtSignal, pyqtSlot

from nuvrek.bench.solved import Solved, SolveRequest, WhenLookedAt, see, weigh
from nuvrek.desktop import log
from nuvrek.desktop.garbage_on_interface_thread import Sweeper
from nuvrek.patience import NoLongerWanted, while_wanted
from nuvrek.wording.speech import later, say, tr

# The window paints the new map before the interpreter is shared with the weighing of the ways.
_PAINT_FIRST_MS = 40
# On closing, a calculation that was told to stop is given so long to notice.
LAST_WAIT_MS = 3000
STOPPED = later(
    "Stopped. The readings are kept; strike some that no longer matter, or open the neck again to "
    "have another try."
)
# Threads that did not notice in time: kept until the program is gone.
left_running: list[QObject] = []


class _Worker(QObject):
    seen = pyqtSignal(object)
    weighed = pyqtSignal(object)
    left = pyqtSignal()  # the weighing, for a newer reading
    failed = pyqtSignal(str)
    reckoned = pyqtSignal(int, object)
    unreckoned = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._before: Solved | None = None
        self.stopped, self.overtaken, self.asked = Event(), Event(), Event()

    def _wanted(self) -> bool:
        return not self.stopped.is_set()

    def _still_newest(self) -> bool:
        return not (self.stopped.is_set() or self.overtaken.is_set())

    @pyqtSlot(object)
    def load(self, modules: Sequence[str]) -> None:
        """What the first neck will want, as long as nobody asks for one."""
        for name in modules:
            if self.asked.is_set() or self.stopped.is_set():
                return
            import_module(name)

    @pyqtSlot(object)
    def look(self, wanted: SolveRequest) -> None:
        try:
            with while_wanted(self._wanted):
                self._before = see(wanted, self._before)
        except NoLongerWanted:
            self.failed.emit(say(STOPPED))
        except Exception as error:
            self._before = None
            self.failed.emit(_sentence(error, wanted))
        else:
            self.seen.emit(self._before)

    @pyqtSlot(object)
    def judge(self, solved: Solved) -> None:
        try:
            with while_wanted(self._still_newest):
                whole = weigh(solved)
        except NoLongerWanted:
            if self.stopped.is_set():
                self.failed.emit(say(STOPPED))
            else:
                self.left.emit()
        except Exception as error:
            self.failed.emit(_sentence(error, solved.wanted))
        else:
            self.weighed.emit(whole)

    @pyqtSlot(int, object)
    def reckon(self, ticket: int, job: Callable[[], object]) -> None:
        try:
            with while_wanted(self._wanted):
                result = job()
        except NoLongerWanted:
            # Nobody waits for it any more: there is nothing to deliver.
            return
        except Exception as error:
            log.fault(error, tr("reckoning beside the solving"))
            self.unreckoned.emit(
                tr(
                    "That could not be worked out ({name}). {where}",
                    name=type(error).__name__,
                    where=log.where(),
                )
            )
        else:
            self.reckoned.emit(ticket, result)


def _sentence(error: Exception, wanted: SolveRequest) -> str:
    """What failed, for the user; how it failed goes into the log, with no word of the neck
    itself.
    """
    log.fault(error, tr("solving a neck of {length} entries", length=wanted.neck_state.length))
    return tr(
        "These readings could not be put together ({name}). They are kept; strike "
        "the odd one out. {where}",
        name=type(error).__name__,
        where=log.where(),
    )


class Solver(QObject):
    """Solves what is wanted, first without and then with a plan; the newest request wins.

    ``inline`` hands out results that are worked out on the interface thread when somebody looks at
    them, for tests.
    """

    arrived = pyqtSignal(object)
    failed = pyqtSignal(str)
    _load = pyqtSignal(object)
    _look = pyqtSignal(object)
    _judge = pyqtSignal(object)
    _reckon = pyqtSignal(int, object)

    def __init__(self, inline: bool = False, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._worker = _Worker()
        self._busy = False
        self._forgotten = False
        self._ticket = 0
        self._deliver: Callable[[object], None] | None = None
        self._waiting: SolveRequest | None = None
        self._thread: QThread | None = None
        self._sweeper: Sweeper | None = None
        if not inline:
            # The interface gets the interpreter back from the solver within a millisecond, not
            # five.
            # Python hands its lock over every five milliseconds unless told otherwise; typing would
            # stutter.
            sys.setswitchinterval(0.001)
            self._thread = QThread()
            self._worker.moveToThread(self._thread)
            self._thread.start()
            self._sweeper = Sweeper(self)
        self._seen: object = None
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(_PAINT_FIRST_MS)
        self._pause.timeout.connect(lambda: self._weigh(self._seen))
        # The page with the reading on it is painted before the solver asks for the interpreter.
        self._wanted: SolveRequest | None = None
        self._when_looked_at: Solved | None = None
        self._begin = QTimer(self)
        self._begin.setSingleShot(True)
        self._begin.setInterval(0)
        self._begin.timeout.connect(lambda: self._look.emit(self._wanted))
        self._load.connect(self._worker.load)
        self._look.connect(self._worker.look)
        self._judge.connect(self._worker.judge)
        self._worker.seen.connect(self._on_seen)
        self._worker.weighed.connect(self._on_weighed)
        self._worker.left.connect(self._next)
        self._reckon.connect(self._worker.reckon)
        self._worker.reckoned.connect(self._on_reckoned)
        self._worker.unreckoned.connect(self.failed)
        self._worker.failed.connect(self._on_failed)

    @property
    def busy(self) -> bool:
        """Whether a request is being solved or waits."""
        return self._busy

    def request(self, wanted: SolveRequest) -> None:
        """Solve ``wanted``; an older request still waiting is dropped."""
        self._worker.asked.set()
        if self._busy:
            self._waiting = wanted
            # A map is brought to its end and shown; a plan of yesterday's readings is of no use.
            self._worker.overtaken.set()
            return
        if self._thread is None:
            self._when_looked_at = WhenLookedAt(wanted, self._when_looked_at)
            self.arrived.emit(self._when_looked_at)
            return
        self._busy = True
        self._worker.overtaken.clear()
        self._worker.stopped.clear()
        self._wanted = wanted
        self._begin.start()

    def load(self, modules: Sequence[str]) -> None:
        """Import these on the solver's thread, while there is nothing to solve."""
        if self._thread is not None:
            self._load.emit(modules)

    def reckon(self, job: Callable[[], object], deliver: Callable[[object], None]) -> None:
        """Do ``job`` on the solver's thread; ``deliver`` gets its result unless a newer job
        came.
        """
        # Only the newest matters: a hand on a slider asks many times a second.
        self._ticket += 1
        self._deliver = deliver
        self._reckon.emit(self._ticket, job)

    def _on_reckoned(self, ticket: int, result: object) -> None:
        if ticket == self._ticket and self._deliver is not None:
            self._deliver(result)

    def forget(self) -> None:
        """Nothing under way is wanted any more: another neck was opened."""
        self._waiting = None
        self._forgotten = self._busy
        self.stop()

    def stop(self) -> None:
        """What is being solved should end at its next question."""
        if self._busy:
            self._worker.stopped.set()

    def close(self) -> None:
        """Stop the thread; closing never waits for a long solve, and what is on its way by then
        reaches no page: its logbook is closed.
        """
        self.blockSignals(True)
        self._deliver, self._waiting = None, None
        self._begin.stop()
        self._pause.stop()
        self._worker.stopped.set()
        if self._thread is not None:
            self._thread.quit()
            if not self._thread.wait(LAST_WAIT_MS):
                left_running.extend((self._thread, self._worker))
        if self._sweeper is not None:
            self._sweeper.stop()
            self._sweeper = None

    def _on_seen(self, solved: object) -> None:
        self._forgotten = False
        self.arrived.emit(solved)
        self._seen = solved
        self._pause.start()

    def _weigh(self, solved: object) -> None:
        # A newer reading makes the older plan worthless.
        if self._waiting is not None:
            self._next()
        elif self._worker.stopped.is_set():
            self._on_failed(say(STOPPED))
        else:
            self._judge.emit(solved)

    def _on_weighed(self, solved: object) -> None:
        self.arrived.emit(solved)
        self._next()

    def _on_failed(self, words: str) -> None:
        # Of a neck that is no longer open nobody wants to hear that it was stopped.
        if not self._forgotten:
            self.failed.emit(words)
        self._forgotten = False
        self._next()

    def _next(self) -> None:
        self._busy = False
        if self._waiting is not None:
            waiting, self._waiting = self._waiting, None
            self.request(waiting)
