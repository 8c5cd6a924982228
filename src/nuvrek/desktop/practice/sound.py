"""Sound for the practice bench, by whatever player the system has; without one it is silent."""

from __future__ import annotations

import shutil
import tempfile
from pathlib import Path

from PyQt6.QtCore import QObject, QProcess

from nuvrek.neck.description import NeckDescription
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work import sounds
from nuvrek.practice.at_work.doing import Felt

# Players of the usual sound systems; each takes a file.
_PLAYERS = ("pw-play", "paplay", "aplay")


class Sounds(QObject):
    """Plays one thing at a time; what comes next breaks off what is heard."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self.player = next(filter(None, map(shutil.which, _PLAYERS)), "")
        self.on = bool(self.player)
        self._process: QProcess | None = None
        self._folder: tempfile.TemporaryDirectory[str] | None = None

    def felt(self, action: do.AnyAction, felt: Felt, neck: NeckDescription) -> None:
        """Let it be heard, where it makes a sound."""
        if not self.on or not self.player:
            return
        made = _waves_made(action, felt, neck)
        if made is None:
            return
        if self._folder is None:
            self._folder = tempfile.TemporaryDirectory(prefix="nuvrek-sound-")
        place = Path(self._folder.name) / "heard.wav"
        try:
            place.write_bytes(sounds.wav(made))
        except OSError:
            # A full disk: it is felt and seen, only not heard.
            return
        self._play(str(place))

    def _play(self, place: str) -> None:
        if self._process is not None:
            self._process.kill()
            self._process.waitForFinished(50)
        self._process = QProcess(self)
        self._process.start(self.player, [place])

    def close(self) -> None:
        """Silence."""
        if self._process is not None:
            self._process.kill()
            self._process.waitForFinished(200)
            self._process = None
        if self._folder is not None:
            self._folder.cleanup()
            self._folder = None


def _waves_made(action: do.AnyAction, felt: Felt, neck: NeckDescription) -> sounds.Array | None:
    match action:
        case do.Leaf():
            return sounds.leaf(felt.key)
        case do.Rocker():
            return sounds.rocker(felt.key == "rocks")
        case do.LayEdge() if felt.key == "rocks":
            return sounds.rocker(True)
        case do.Pluck(string=string, fret=fret):
            return sounds.note(sounds.note_hz(neck, string, fret), felt.key)
        case do.FileFret() | do.Block() | do.CrownTops() | do.TrueWood():
            return sounds.stroke()
        case _:
            return None
