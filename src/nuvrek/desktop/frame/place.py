"""Where a window stands and how large it is: within what the screen has free, frame and all, and as
it was left.
"""

from __future__ import annotations

from PyQt6.QtCore import QPoint, QRect
from PyQt6.QtGui import QGuiApplication, QScreen
from PyQt6.QtWidgets import QWidget

USUAL_WIDTH, USUAL_HEIGHT = 1280, 800
# The smallest screen it works on is 1024 x 600; a title bar takes some of that.
SMALLEST_WIDTH, SMALLEST_HEIGHT = 960, 540
# What a frame takes before it is known: a title bar, and a border around.
TITLE_PX, BORDER_PX = 36, 2
Place = tuple[int, int, int, int]


def _free(screen: QScreen | None) -> QRect | None:
    """What a screen has free; None of one on which no window of this program could be (a made-up
    one, say).
    """
    if screen is None:
        return None
    free = screen.availableGeometry()
    small = free.width() < SMALLEST_WIDTH or free.height() < SMALLEST_HEIGHT
    if small:
        return None
    return free


def fit_window(window: QWidget, kept: Place | None) -> None:
    """Give a window that is not shown yet the place it was left at, or the usual size, as far as
    the screen has room for it.
    """
    window.setMinimumSize(SMALLEST_WIDTH, SMALLEST_HEIGHT)
    free = _free(_screen_of(kept))
    if free is None:
        window.resize(USUAL_WIDTH, USUAL_HEIGHT)
        return
    inside = free.adjusted(BORDER_PX, TITLE_PX, -BORDER_PX, -BORDER_PX)
    if kept is None:
        window.resize(
            min(USUAL_WIDTH, max(inside.width(), SMALLEST_WIDTH)),
            min(USUAL_HEIGHT, max(inside.height(), SMALLEST_HEIGHT)),
        )
        return
    x, y, width, height = kept
    window.resize(min(width, inside.width()), min(height, inside.height()))
    window.move(_moved_in(QRect(x, y, window.width(), window.height()), free))


def within_screen(window: QWidget) -> None:
    """Take a shown window, frame and all, into what its screen has free; one that fills it
    stays.
    """
    free, frame = _free(window.screen()), window.frameGeometry()
    if free is None or window.isMaximized() or window.isFullScreen() or free.contains(frame):
        return
    wide, high = frame.width() - window.width(), frame.height() - window.height()
    window.resize(
        min(window.width(), free.width() - wide), min(window.height(), free.height() - high)
    )
    window.move(_moved_in(window.frameGeometry(), free))


def place_of(window: QWidget) -> Place | None:
    """The place to be kept; None where the window fills its screen and has none of its own."""
    if window.isMaximized() or window.isFullScreen() or window.isMinimized():
        return None
    at = window.pos()
    return at.x(), at.y(), window.width(), window.height()


def _screen_of(kept: Place | None) -> QScreen | None:
    """The screen a kept place lies on, else the first one."""
    if kept is not None:
        x, y, width, height = kept
        there = QGuiApplication.screenAt(QPoint(x + width // 2, y + height // 2))
        if there is not None:
            return there
    return QGuiApplication.primaryScreen()


def _moved_in(window: QRect, free: QRect) -> QPoint:
    """Where the top left of a window must be for it to lie within what is free."""
    x = max(free.left(), min(window.left(), free.right() + 1 - window.width()))
    y = max(free.top(), min(window.top(), free.bottom() + 1 - window.height()))
    return QPoint(x, y)
