"""Keys that were typed before a page came to the front never act on it."""

from __future__ import annotations

import time

from PyQt6.QtCore import QEvent, QObject
from PyQt6.QtGui import QKeyEvent

# A key that seems to have been under way for longer than this tells of a new beginning of the
# keyboard's clock, not of a slow window.
MOST_LAG_MS = 60_000.0


class TypedBefore(QObject):
    """Watches the keys of a window and swallows those typed before its page was turned.

    Keys carry the time of the keyboard, which has a beginning of its own: how far it lies from
    ours is the least that any key has shown, for a key may arrive late but never early. Keys
    without a time (those of another program's hand) are let through.
    """

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._apart_ms: float | None = None
        self._turned_ms = float("-inf")

    def turned(self) -> None:
        """Another page is in front from now on."""
        self._turned_ms = _now_ms()

    def was_typed_before(self, typed_ms: float) -> bool:
        """Whether a key of that time on the keyboard's clock was meant for the page before."""
        if not typed_ms:
            return False
        apart = _now_ms() - typed_ms
        if self._apart_ms is None or not 0.0 <= apart - self._apart_ms <= MOST_LAG_MS:
            self._apart_ms = apart
        return typed_ms + self._apart_ms <= self._turned_ms

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            return self.was_typed_before(float(event.timestamp()))
        return super().eventFilter(watched, event)


def _now_ms() -> float:
    return 1000.0 * time.monotonic()
