"""A painter that is closed whatever happens: left open on a widget it takes the whole program
down.
"""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager

from PyQt6.QtGui import QPaintDevice, QPainter


@contextmanager
def painting(device: QPaintDevice) -> Iterator[QPainter]:
    """A painter on ``device`` for as long as the block lasts."""
    painter = QPainter(device)
    try:
        yield painter
    finally:
        painter.end()
