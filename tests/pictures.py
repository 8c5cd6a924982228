"""Pictures by their structure: what of a page is cut, and whether two show the same page."""

from __future__ import annotations

from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

SHOTS = Path(__file__).resolve().parents[1] / "docs/screenshots"
# So coarse a picture shows where things stand, and no letter of them.
_GRID = (40, 25)


def cut_texts(window: Any) -> list[str]:
    """Labels and buttons that show whose words have no room."""
    from PyQt6.QtWidgets import QLabel, QPushButton

    from nuvrek.desktop.widgets.stage_rail import Elided, StageButton

    cut = []
    for one in window.findChildren(QLabel) + window.findChildren(QPushButton):
        # Those that draw their words themselves are measured as they are drawn.
        if not one.isVisible() or isinstance(one, Elided | StageButton) or not one.text():
            continue
        if isinstance(one, QLabel) and one.wordWrap():
            room, need = one.height(), one.heightForWidth(one.width())
        elif isinstance(one, QLabel):
            room = one.width()
            need = max(one.fontMetrics().horizontalAdvance(x) for x in one.text().split("\n"))
        else:
            room, need = one.width(), one.fontMetrics().horizontalAdvance(one.text())
        if need > room + 2:
            cut.append(f"{one.text()[:60]!r}: {need} of {room}")
    return cut


def grid(image: Any) -> NDArray[np.float64]:
    """A picture as a few grey fields, (25, 40), 0 to 1."""
    from PyQt6.QtCore import Qt
    from PyQt6.QtGui import QImage

    small = image.convertToFormat(QImage.Format.Format_Grayscale8).scaled(
        *_GRID, Qt.AspectRatioMode.IgnoreAspectRatio, Qt.TransformationMode.SmoothTransformation
    )
    raw = small.constBits().asstring(small.sizeInBytes())
    rows = np.frombuffer(raw, dtype=np.uint8).reshape(_GRID[1], small.bytesPerLine())
    return np.asarray(rows[:, : _GRID[0]] / 255.0)


def unlike(window: Any, name: str) -> float:
    """How far a page is from the committed picture of that name: 0 alike, 1 black and white; more
    than 1 where even the sizes differ.
    """
    from PyQt6.QtGui import QImage

    kept, now = QImage(str(SHOTS / f"{name}.png")), window.grab().toImage()
    if kept.size() != now.size():
        return 2.0
    return float(np.abs(grid(kept) - grid(now)).mean())
