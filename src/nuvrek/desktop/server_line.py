"""The line to a server, beside the window: nothing at the keys ever waits for it."""

from __future__ import annotations

import fcntl
import os
import select
from contextlib import closing, suppress
from pathlib import Path
from threading import Event

from PyQt6.QtCore import QObject, QThread, pyqtSignal

from nuvrek.desktop import log
from nuvrek.desktop.garbage_on_interface_thread import Sweeper
from nuvrek.desktop.solver import LAST_WAIT_MS, left_running
from nuvrek.logbook.benches.bench_copy import BenchCopy
from nuvrek.logbook.benches.carrying import Carrier
from nuvrek.logbook.store import LogbookError
from nuvrek.patience import NoLongerWanted, while_wanted
from nuvrek.wording.speech import tr

# So long it waits for a word of other benches before it looks by itself; and after a failure.
_LOOK_S, _AGAIN_S = 10.0, 2.0


class _Going(QThread):
    """Goes there and back until it is stopped."""

    came = pyqtSignal()
    trouble = pyqtSignal(str)

    def __init__(self, copy: BenchCopy, woken: int) -> None:
        super().__init__()
        self.stopped = Event()
        self._copy, self._woken = copy, woken

    def run(self) -> None:
        try:
            with while_wanted(lambda: not self.stopped.is_set()):
                self._run()
        except NoLongerWanted:
            # The window was closed: what waits is carried at the next start.
            return
        except Exception as error:
            log.fault(error, tr("the line to the server"))
            self.trouble.emit(
                tr(
                    "What is written here no longer goes to the server ({name}); it stays on this "
                    "machine. Start again. {where}",
                    name=type(error).__name__,
                    where=log.where(),
                )
            )

    def _run(self) -> None:
        with closing(_Turn(self._copy.path)) as turn, closing(Carrier(self._copy.again())) as line:
            while not self.stopped.is_set():
                if not turn.ours:
                    # Another window of this machine carries for both.
                    self._pause(_AGAIN_S)
                    turn.try_again()
                    continue
                try:
                    line.go()
                    self.came.emit()
                    self.trouble.emit("")
                    line.wait(self._woken, _LOOK_S)
                except LogbookError as error:
                    self.trouble.emit(str(error))
                    self._pause(_AGAIN_S)
                self._drain()

    def _pause(self, seconds: float) -> None:
        if not self.stopped.is_set():
            select.select([self._woken], [], [], seconds)

    def _drain(self) -> None:
        with suppress(BlockingIOError):
            os.read(self._woken, 4096)


class _Turn:
    """Which of several windows of one machine carries."""

    def __init__(self, copy: Path) -> None:
        door = copy.with_name(f"{copy.name}-line")
        self._door = os.open(door, os.O_RDWR | os.O_CREAT, 0o600)
        self.ours = False
        self.try_again()

    def try_again(self) -> None:
        """Take the turn if nobody has it."""
        with suppress(OSError):
            fcntl.flock(self._door, fcntl.LOCK_EX | fcntl.LOCK_NB)
            self.ours = True

    def close(self) -> None:
        os.close(self._door)


class ServerLine(QObject):
    """Carries between a bench's copy and its server for as long as the window is open."""

    came = pyqtSignal()
    trouble = pyqtSignal(str)

    def __init__(self, copy: BenchCopy, parent: QObject) -> None:
        super().__init__(parent)
        self._woken, self._wakes = os.pipe()
        for end in (self._woken, self._wakes):
            os.set_blocking(end, False)
        self._sweeper = Sweeper(self)
        copy.wake = self.wake
        self._copy = copy
        self._going = _Going(copy, self._woken)
        self._going.came.connect(self.came)
        self._going.trouble.connect(self.trouble)
        self._going.start()

    def wake(self) -> None:
        """There is something to carry."""
        with suppress(OSError):
            os.write(self._wakes, b"w")

    def close(self) -> None:
        """Stop carrying; what waits is carried at the next start."""
        self._copy.wake = lambda: None
        self._going.stopped.set()
        self.wake()
        if not self._going.wait(LAST_WAIT_MS):
            left_running.append(self._going)
        else:
            os.close(self._woken)
        os.close(self._wakes)
        self._sweeper.stop()
