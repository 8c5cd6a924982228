"""A painter that is closed whatever happens: left open on a widget it takes the whole program
down.
"""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager

from PyQt6.QtGui import QPaintDevice, QPainter
from PyQt6.QtWidgets import QWidget


@contextmanager
def painting(device: QPaintDevice) -> Iterator[QPainter]:
    """A painter on ``device`` for as long as the block lasts."""
    painter = QPainter(device)
    try:
        yield painter
    finally:
        painter.end()


def styled(widget: QWidget, sheet: str) -> None:
    """Give a widget its style sheet; the same one again would be worked out anew for nothing."""
    if widget.styleSheet() != sheet:
        widget.setStyleSheet(sheet)
