"""Every word on every page stands out from what it is drawn on, in both themes.

Measured on the pixels: words of widgets by the colour in their box that differs most from its
ground, words of drawings by the pen they were drawn with. WCAG 2.1, 1.4.3 (from memory): 4.5, or 3
for text from 24 px on, or bold from 19 px.
"""

from __future__ import annotations

from typing import Any

import numpy as np
from PyQt6.QtCore import QPoint, QRect, QRectF
from PyQt6.QtGui import QColor, QImage, QPainter
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QCheckBox, QLabel, QPushButton, QWidget

from tests.support import EVERY, WindowCase
from tests.test_walls import contrast

ENOUGH, ENOUGH_LARGE = 4.5, 3.0
# What smoothing of letters takes off the darkest pixel of a thin stroke.
SMOOTHING = 0.85
PAGES = (
    (2, "Take in"),
    (4, "Measure"),
    (2, "Map"),
    (1, "Choose"),
    (2, "Work"),
    (12, "Prove"),
    (2, "String room"),
    (2, "Filing"),
    (8, "New wire"),
    (13, "Owner"),
    (5, "History"),
    (2, "My tools"),
    (2, "Kept safe"),
    (2, "Honesty"),
    (2, "Shelf"),
)


def colours_in(image: QImage, box: QRect) -> np.ndarray:
    """The dots of a box as 0xRRGGBB."""
    box = box.intersected(image.rect())
    part = image.copy(box).convertToFormat(QImage.Format.Format_RGB32)
    bits = part.constBits()
    if bits is None or part.isNull():
        return np.array([], dtype=np.uint32)
    return np.frombuffer(bits.asarray(part.sizeInBytes()), dtype=np.uint32) & 0xFFFFFF


def ground_of(image: QImage, box: QRect) -> str:
    """The commonest colour in a box."""
    found, times = np.unique(colours_in(image, box), return_counts=True)
    return f"#{found[times.argmax()]:06x}" if found.size else ""


def strongest(image: QImage, box: QRect, ground: str) -> float:
    """The best contrast to the ground that a pixel of the box has."""
    seen = np.unique(colours_in(image, box))
    return max((contrast(f"#{one:06x}", ground) for one in seen), default=99.0)


class Drawn:
    """Records what is drawn as text while it is listened to: words, pen, size and place.

    Qt's method can't be put back once it was replaced: ours stays, and hands on.
    """

    def __init__(self) -> None:
        self.found: list[tuple[QWidget, str, QColor, int, bool, QRect]] = []
        self.listening = False
        plain = QPainter.drawText

        def draw(painter: QPainter, *parts: Any) -> Any:
            made = plain(painter, *parts)
            if self.listening:
                self._note(painter, parts)
            return made

        QPainter.drawText = draw  # type: ignore[method-assign]

    def _note(self, painter: QPainter, parts: tuple[Any, ...]) -> None:
        words = next((one for one in parts if isinstance(one, str)), "")
        place, device = parts[0], painter.device()
        if not words.strip() or not isinstance(device, QWidget):
            return
        metrics, font = painter.fontMetrics(), painter.font()
        if isinstance(place, (QRectF, QRect)):
            box = QRectF(place)
        else:
            wide = metrics.horizontalAdvance(words)
            box = QRectF(place.x(), place.y() - metrics.ascent(), wide, metrics.height())
        there = painter.worldTransform().mapRect(box).toRect()
        pen = painter.pen().color()
        self.found.append((device, words, pen, font.pixelSize(), font.bold(), there))


class StandsOut(WindowCase):
    def test_words_of_widgets_and_drawings_in_both_themes(self) -> None:
        window: Any = self.open_window(demo=True)
        measured, drawn = 0, Drawn()
        for dark in (False, True):
            window._set(dark=dark)
            # Every other page in each of the themes.
            for neck, page in PAGES if EVERY else PAGES[dark::2]:
                window.show_stage("Shelf")
                window.stages["Shelf"]._open(neck)
                window.show_stage(page)
                QTest.qWait(20)
                drawn.found, drawn.listening = [], True
                image = window.grab().toImage()
                drawn.listening = False
                with self.subTest(page=page, dark=dark):
                    poor = self._widgets(window, image) + self._drawings(window, image, drawn)
                    self.assertEqual(poor, [])
                measured += len(drawn.found)
        self.assertGreater(measured, 1000 if EVERY else 500)

    def test_grey_on_grey_is_found(self) -> None:
        faint = QWidget()
        faint.resize(200, 60)
        label = QLabel("hard to read", faint)
        label.setStyleSheet("color: #8a8a8a; background: #a8a8a8; font-size: 20px;")
        faint.show()
        QTest.qWait(20)
        self.addCleanup(faint.deleteLater)
        image = faint.grab().toImage()
        self.assertEqual(len(self._widgets(faint, image)), 1)
        drawn = Drawn()
        drawn.found = [(label, "hard", QColor("#8a8a8a"), 20, False, QRect(0, 0, 60, 20))]
        self.assertEqual(len(self._drawings(faint, image, drawn)), 1)

    def _widgets(self, window: Any, image: QImage) -> list[str]:
        poor = []
        for one in (
            window.findChildren(QLabel)
            + window.findChildren(QPushButton)
            + window.findChildren(QCheckBox)
        ):
            if not one.isVisible() or not one.isEnabled() or not one.text().strip():
                continue
            box = QRect(one.mapTo(window, QPoint(0, 0)), one.size()).intersected(
                one.visibleRegion().boundingRect().translated(one.mapTo(window, QPoint(0, 0)))
            )
            if box.width() < 8 or box.height() < 8:
                continue
            ground = ground_of(image, box)
            best = strongest(image, box, ground)
            if best < SMOOTHING * ENOUGH:
                poor.append(f"{one.text()[:40]!r}: {best:.2f} on {ground}")
        return poor

    def _drawings(self, window: Any, image: QImage, drawn: Drawn) -> list[str]:
        poor = []
        for widget, words, pen, size, bold, place in drawn.found:
            box = place.translated(widget.mapTo(window, QPoint(0, 0)))
            if not image.rect().intersects(box) or not widget.isEnabled():
                continue
            large = size >= 24 or (bold and size >= 19)
            ground = ground_of(image, box)
            ratio = contrast(pen.name(), ground)
            if pen.name() != ground and ratio < (ENOUGH_LARGE if large else ENOUGH):
                poor.append(f"{words[:30]!r}: {pen.name()} on {ground} {ratio:.2f}")
        return sorted(set(poor))
