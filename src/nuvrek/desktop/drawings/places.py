"""Places within a drawing with two scales: round figures, and free room for words."""

from __future__ import annotations

import math
from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF


def ticks(low: float, high: float) -> list[float]:
    """Round figures between two values, four to eight of them."""
    span = max(high - low, 1e-6)
    power = 10.0 ** math.floor(math.log10(span))
    step = next(s * power for s in (0.1, 0.2, 0.5, 1.0, 2.0) if span / (s * power) <= 8.0)
    first = math.ceil(low / step - 1e-9)
    return [round(n * step, 6) for n in range(first, math.floor(high / step + 1e-9) + 1)]


def free_place(
    at: QPointF, wide: float, high: float, frame: QRectF, taken: Sequence[QRectF]
) -> QRectF | None:
    """The first free place for words round a mark within a frame; words over words tell nothing."""
    right, left = 12.0, -wide - 12.0
    for dx, dy in (
        (right, -high),
        (right, 4),
        (left, -high),
        (left, 4),
        (right, -2.2 * high),
        (right, 1.4 * high),
        (left, -2.2 * high),
        (left, 1.4 * high),
        (-0.5 * wide, -1.7 * high),
        (-0.5 * wide, 0.7 * high),
        (-0.9 * wide, -2.4 * high),
    ):
        box = QRectF(at.x() + dx, at.y() + dy, wide, high)
        inside = box.left() > frame.left() and box.right() < frame.right()
        upright = box.top() > 2 and box.bottom() < frame.bottom()
        if inside and upright and not any(box.intersects(one) for one in taken):
            return box
    return None
