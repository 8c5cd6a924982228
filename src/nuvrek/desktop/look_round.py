"""The demo shelf in a window of its own, beside one's own shelf, to look round in."""

from __future__ import annotations

import tempfile
from collections.abc import Callable
from pathlib import Path

from PyQt6.QtGui import QCloseEvent

from nuvrek.bench.settings import Settings
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import Window
from nuvrek.meaning import Saying
from nuvrek.wording.speech import later, tr


class DemoWindow(Window):
    """A fresh copy of the demo shelf, gone with its window."""

    remembers_place = False
    plain_title: tuple[Saying, Saying] = (
        later("A made-up shelf"),
        later("look round: nothing here is yours"),
    )

    def __init__(self, app: AppState, holder: tempfile.TemporaryDirectory[str]) -> None:
        self._holder = holder
        super().__init__(app)
        self.setWindowTitle(tr("Nuvrek: a made-up shelf"))

    def closeEvent(self, event: QCloseEvent | None) -> None:
        super().closeEvent(event)
        self._holder.cleanup()


def open_demo_window(clock: Callable[[], str], settings: Settings | None = None) -> DemoWindow:
    """The demo shelf with the tools of its bench; ``settings`` for others."""
    from nuvrek.desktop.app import demo_settings, open_demo

    holder = tempfile.TemporaryDirectory(prefix="nuvrek-look-round-")
    book = open_demo(Path(holder.name))
    return DemoWindow(AppState(book, settings or demo_settings(), None, clock), holder)
