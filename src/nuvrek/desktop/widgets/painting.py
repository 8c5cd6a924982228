"""A painter that is closed whatever happens: left open on a widget it takes the whole program
down.
"""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QFont, QFontMetricsF, QPaintDevice, QPainter
from PyQt6.QtWidgets import QWidget

from nuvrek.desktop.theme import Theme

# Smaller than this share of its size no text is set; then its words are too many.
LEAST_SHARE = 0.5


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


def fitting(
    theme: Theme, size: float, box: QRectF, flags: int, text: str, bold: bool = False
) -> QFont:
    """The font of a size, or as much smaller as it takes for a text to have room in a box."""
    font = theme.font(size, bold=bold)
    least = max(round(LEAST_SHARE * font.pixelSize()), 9)
    while font.pixelSize() > least:
        need = QFontMetricsF(font).boundingRect(box, flags, text)
        if need.height() <= box.height() and need.width() <= box.width() + 1.0:
            break
        font.setPixelSize(font.pixelSize() - 1)
    return font
