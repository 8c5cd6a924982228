"""One line of words in a box, cut with dots where there is no more room."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter


def one_line(
    painter: QPainter, box: QRectF, text: str, align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignLeft
) -> None:
    """Draw ``text`` on one line, half-way up ``box``, in the painter's font and pen."""
    cut = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(box.width()))
    painter.drawText(box, align | Qt.AlignmentFlag.AlignVCenter, cut)
