"""Garbage is collected on the interface thread only: a widget must not be taken apart by the
solver's thread.
"""

from __future__ import annotations

import gc

from PyQt6.QtCore import QObject, QTimer

_EVERY_MS = 500


class Sweeper(QObject):
    """Stands in for the automatic collector while a second thread runs Python."""

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._was_on = gc.isenabled()
        gc.disable()
        self._timer = QTimer(self)
        self._timer.timeout.connect(self.sweep)
        self._timer.start(_EVERY_MS)

    def sweep(self) -> None:
        """Collect the generations that are due, as the automatic collector would."""
        due = [
            n
            for n, (count, most) in enumerate(zip(gc.get_count(), gc.get_threshold(), strict=True))
            if count > most
        ]
        if due:
            gc.collect(max(due))

    def stop(self) -> None:
        """Give the work back to the automatic collector."""
        self._timer.stop()
        if self._was_on:
            gc.enable()
