"""One program at a time: a second start hands its file to the first, which is running."""

from __future__ import annotations

import contextlib
import getpass
import os
import socket
import tempfile
import zlib
from pathlib import Path

from PyQt6.QtCore import QObject, QSocketNotifier, pyqtSignal
from PyQt6.sip import voidptr

# A path, and no more; how long a start waits for the first to take it.
_LONGEST, _WAIT_S = 8_192, 0.8


def _place(logbook: str) -> Path:
    """Where the first one listens: the user's own place, by logbook."""
    folder = os.environ.get("XDG_RUNTIME_DIR") or tempfile.gettempdir()
    which = zlib.crc32(logbook.encode())
    return Path(folder) / f"nuvrek-{getpass.getuser()}-{which:x}.door"


def hand_over(path: Path | None, logbook: str = "") -> bool:
    """Give a file to the program that runs; False where none does."""
    said = (str(path.resolve()) if path is not None else "").encode()[: _LONGEST - 1] + b"\n"
    with socket.socket(socket.AF_UNIX) as door:
        door.settimeout(_WAIT_S)
        try:
            door.connect(str(_place(logbook)))
            door.sendall(said)
        except OSError:
            return False
    return True


class Doorbell(QObject):
    """Hears what later starts hand over: a path, or an empty one that only brings the window up."""

    rang = pyqtSignal(str)

    def __init__(self, parent: QObject, logbook: str = "") -> None:
        super().__init__(parent)
        self._place = _place(logbook)
        self._door = socket.socket(socket.AF_UNIX)
        self._door.setblocking(False)
        self.open = False
        # Nobody answered there a moment ago: what lies there is what a killed program left.
        with contextlib.suppress(OSError):
            self._place.unlink()
        try:
            self._door.bind(str(self._place))
            self._place.chmod(0o600)
            self._door.listen(4)
        except OSError:
            # A place that can't be listened at: every start has a window of its own then.
            self._door.close()
            return
        self.open = True
        self._notifier = QSocketNotifier(
            voidptr(self._door.fileno()), QSocketNotifier.Type.Read, self
        )
        self._notifier.activated.connect(self._answer)

    def _answer(self) -> None:
        try:
            caller, _ = self._door.accept()
            with caller:
                caller.settimeout(_WAIT_S)
                line = caller.makefile("rb").readline(_LONGEST)
        except OSError:
            return
        self.rang.emit(line.decode(errors="replace").strip())

    def close(self) -> None:
        """No more is heard."""
        if self.open:
            self.open = False
            self._notifier.setEnabled(False)
            self._door.close()
            with contextlib.suppress(OSError):
                self._place.unlink()
