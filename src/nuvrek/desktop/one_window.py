"""One program at a time for each logbook: a second start hands its file to the first, which is
running. What is heard is short, quick, and only from this user; anything else is no word of ours.
"""

from __future__ import annotations

import contextlib
import hashlib
import os
import socket
import stat
import threading
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

# A path, and no more; how long a start waits for the first to take it, and a caller may take.
_LONGEST, _WAIT_S = 8_192, 0.8
_ANSWER = b"nuvrek\n"


def identity_of(logbook: str) -> str:
    """By what a logbook is known whatever was typed: the file itself, or where the server's lies;
    an unmade file by the place it will have.
    """
    from nuvrek.logbook.opening import SCHEME
    from nuvrek.logbook.places import logbook_path

    if logbook.startswith(SCHEME):
        from nuvrek.logbook.benches.server import identity_of as server

        return f"server {server(logbook)}"
    path = Path(logbook) if logbook else logbook_path()
    try:
        found = path.stat()
    except (OSError, ValueError):
        return f"place {os.path.realpath(str(path).replace(chr(0), ''))}"
    return f"file {found.st_dev} {found.st_ino}"


def _folder() -> Path | None:
    """A folder that is this user's alone; None where there is none: then every start has a window
    of its own.
    """
    told = os.environ.get("XDG_RUNTIME_DIR")
    if told and _is_ours(Path(told)):
        return Path(told)
    from nuvrek.logbook.places import log_folder

    own = log_folder() / "door"
    try:
        own.mkdir(mode=0o700, parents=True, exist_ok=True)
    except OSError:
        return None
    if _is_ours(own):
        return own
    return None


def _is_ours(folder: Path) -> bool:
    """Whether nobody else can put anything there."""
    try:
        found = folder.lstat()
    except OSError:
        return False
    others = found.st_mode & (stat.S_IWGRP | stat.S_IWOTH)
    return stat.S_ISDIR(found.st_mode) and found.st_uid == os.getuid() and not others


def _place(logbook: str) -> Path | None:
    """Where the first one listens: the user's own place, by logbook."""
    folder = _folder()
    if folder is None:
        return None
    which = hashlib.sha256(identity_of(logbook).encode(errors="surrogateescape")).hexdigest()[:16]
    return folder / f"nuvrek-{which}.door"


def hand_over(path: Path | None, logbook: str = "") -> bool:
    """Give a file to the program that runs; False where none does, or it does not answer."""
    place = _place(logbook)
    data = b""
    if path is not None:
        data = os.fsencode(path.resolve())
    if place is None or len(data) >= _LONGEST or b"\n" in data or b"\0" in data:
        return False
    with socket.socket(socket.AF_UNIX) as door:
        door.settimeout(_WAIT_S)
        try:
            door.connect(str(place))
            door.sendall(data + b"\n")
            return door.recv(len(_ANSWER)) == _ANSWER
        except OSError:
            return False


class Doorbell(QObject):
    """Hears what later starts hand over: a path, or an empty one that only brings the window up."""

    rang = pyqtSignal(str)

    def __init__(self, parent: QObject, logbook: str = "") -> None:
        super().__init__(parent)
        self.open = False
        place = _place(logbook)
        if place is None:
            return
        self._place = place
        self._door = socket.socket(socket.AF_UNIX)
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
        self._mine = self._place.lstat().st_ino
        self._hears = threading.Thread(target=self._listen, daemon=True)
        self._hears.start()

    def _listen(self) -> None:
        """One caller after the other, each for a moment only; beside the window."""
        while self.open:
            try:
                caller, _ = self._door.accept()
            except OSError:
                # The door was closed: nobody listens any more.
                return
            with caller, contextlib.suppress(OSError):
                said = _heard(caller)
                if said is not None and self.open:
                    caller.sendall(_ANSWER)
                    self.rang.emit(said)

    def close(self) -> None:
        """No more is heard."""
        if not self.open:
            return
        self.open = False
        with contextlib.suppress(OSError):
            self._door.shutdown(socket.SHUT_RDWR)
        self._door.close()
        self._hears.join(_WAIT_S)
        # Another program may listen there by now.
        with contextlib.suppress(OSError):
            if self._place.lstat().st_ino == self._mine:
                self._place.unlink()


def _heard(caller: socket.socket) -> str | None:
    """What a caller says, if it is said within a moment and is a path, or nothing at all; None for
    any other word.
    """
    caller.settimeout(_WAIT_S)
    timer = threading.Timer(_WAIT_S, lambda: _hang_up(caller))
    timer.daemon = True
    timer.start()
    try:
        line = b""
        while b"\n" not in line:
            more = caller.recv(_LONGEST)
            if not more or len(line) + len(more) > _LONGEST:
                return None
            line += more
    finally:
        timer.cancel()
    data, _, rest = line.partition(b"\n")
    if rest or b"\0" in data or (data and not data.startswith(b"/")):
        return None
    return os.fsdecode(data)


def _hang_up(caller: socket.socket) -> None:
    with contextlib.suppress(OSError):
        caller.shutdown(socket.SHUT_RDWR)
