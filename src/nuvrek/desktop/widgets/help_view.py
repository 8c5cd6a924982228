"""The help of a page, drawn over it: its keys on a keypad, and what is to be seen."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QWidget

from nuvrek.desktop.pages.page import EVERYWHERE, KEYS, Page
from nuvrek.desktop.stages.base import key_name
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import fitting, painting
from nuvrek.wording.speech import say, tr

# Where a key lies on the drawn pad: column, row, columns and rows it takes.
_PLACES: dict[str, tuple[int, int, int, int]] = {
    "/": (1, 0, 1, 1),
    "*": (2, 0, 1, 1),
    "-": (3, 0, 1, 1),
    "digits": (0, 1, 3, 2),
    "+": (3, 1, 1, 2),
    "0": (0, 3, 2, 1),
    ".": (2, 3, 1, 1),
    "enter": (3, 3, 1, 1),
    "back": (0, 0, 1, 1),
    "left": (0, 5, 1, 1),
    "up": (1, 5, 1, 1),
    "down": (2, 5, 1, 1),
    "right": (3, 5, 1, 1),
    " ": (0, 6, 4, 1),
}
# A key lower than this has no room for a line under its face.
_TWO_LINES_PX = 52.0
_ROWS = 7


class HelpView(QWidget):
    """``doors`` are the keys that lead on from here; any other, or a press, takes it away."""

    def __init__(
        self, parent: QWidget, theme: Theme, doors: Mapping[str, Callable[[], None]]
    ) -> None:
        super().__init__(parent)
        self.theme, self._doors = theme, doors
        self.page = Page("", "")
        self.about: tuple[str, ...] = ()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hide()

    def show_help(self, page: Page, about: tuple[str, ...] = ()) -> None:
        """Draw the help of a page over all of it; on the first page what ships stands below."""
        self.page, self.about = page, about
        parent = self.parentWidget()
        if parent is not None:
            self.setGeometry(parent.rect())
        keys = "; ".join(f"{say(KEYS[key])}: {say(words)}" for key, words in page.keys.items())
        sees = " ".join(f"{say(thing)}: {say(means)}" for thing, means in page.sees)
        self.setAccessibleName(tr("Help for {title}", title=self.page.title))
        self.setAccessibleDescription(" ".join((f"{keys}. {sees}", *about)))
        self.show()
        self.raise_()
        self.setFocus()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        self._away()
        if event is not None:
            opened = self._doors.get(key_name(event))
            if opened is not None:
                opened()
            event.accept()

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self._away()

    def _away(self) -> None:
        self.hide()
        parent = self.parentWidget()
        if parent is not None:
            parent.setFocus()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            paper = QColor(self.theme.colours.paper)
            painter.fillRect(self.rect(), paper)
            wide = 0.58 * self.width()
            self._pad(painter, QRectF(24, 56, wide - 36, self.height() - 84))
            self._told(painter, QRectF(wide + 14, 56, self.width() - wide - 38, self.height() - 84))
            head, middle = QRectF(26, 8, self.width() - 52, 44), int(Qt.AlignmentFlag.AlignVCenter)
            painter.setFont(fitting(self.theme, 22, head, middle, say(self.page.title), bold=True))
            painter.setPen(self.theme.colours["ink"])
            painter.drawText(head, middle, say(self.page.title))
            painter.setPen(self.theme.colours["muted"])
            away = middle | int(Qt.AlignmentFlag.AlignRight)
            text = tr("Enter: the guide   .  how this is known   any other key: back to work")
            beside = head.adjusted(0.3 * head.width(), 0.0, 0.0, 0.0)
            painter.setFont(fitting(self.theme, 15, beside, away, text))
            painter.drawText(beside, away, text)

    def _pad(self, painter: QPainter, box: QRectF) -> None:
        """The keypad; keys this page has no use for are faint."""
        c = self.theme.colours
        wide, high = box.width() / 4, box.height() / _ROWS
        for key, (column, row, columns, rows) in _PLACES.items():
            place = QRectF(
                box.left() + column * wide,
                box.top() + row * high - (0.5 * high if row > 3 else 0.0),
                columns * wide - 7,
                rows * high - 7,
            )
            words = say(self.page.keys.get(key, ""))
            painter.setPen(QPen(c["copper" if words else "line"], 2 if words else 1))
            painter.setBrush(c["card"] if words else c["paper"])
            painter.drawRoundedRect(place, 7, 7)
            self._key(painter, place.adjusted(6.0, 3.0, -6.0, -2.0), say(KEYS[key]), words)

    def _key(self, painter: QPainter, room: QRectF, face: str, words: str) -> None:
        """A key's face with what it does under it, or beside it where the key is too low."""
        c, centred = self.theme.colours, int(Qt.AlignmentFlag.AlignCenter)
        wrapped = int(Qt.TextFlag.TextWordWrap)
        low = room.height() < _TWO_LINES_PX
        top = QRectF(room)
        if words and low:
            top.setWidth(0.24 * room.width())
        elif words:
            top.setHeight(min(24.0, 0.45 * room.height()))
        painter.setPen(c["copper" if words else "muted"])
        painter.setFont(
            fitting(
                self.theme, 17 if words else 14, top, flags=centred, text=face, bold=bool(words)
            )
        )
        painter.drawText(top, centred, face)
        under = QRectF(room)
        if low:
            under.setLeft(top.right() + 4.0)
            wrapped |= int(Qt.AlignmentFlag.AlignVCenter)
        else:
            under.setTop(top.bottom())
            wrapped |= int(Qt.AlignmentFlag.AlignHCenter)
        painter.setPen(c["ink"])
        painter.setFont(fitting(self.theme, 15, under, wrapped, words))
        painter.drawText(under, wrapped, words)

    def _told(self, painter: QPainter, box: QRectF) -> None:
        """What is to be seen, then the keys of every page."""
        c, flags = self.theme.colours, int(Qt.TextFlag.TextWordWrap)
        y = box.top()
        for thing, means in self.page.sees:
            for words, bold, colour in ((thing, True, "copper"), (means, False, "ink")):
                painter.setFont(self.theme.font(16, bold=bold))
                painter.setPen(c[colour])
                room = QRectF(box.left(), y, box.width(), box.bottom() - y)
                drawn = painter.boundingRect(room, flags, say(words))
                painter.drawText(drawn, flags, say(words))
                y = drawn.bottom() + (2 if bold else 14)
        painter.setFont(self.theme.font(15))
        painter.setPen(c["muted"])
        for words in EVERYWHERE:
            room = QRectF(box.left(), y, box.width(), 60)
            drawn = painter.boundingRect(room, flags, say(words))
            painter.drawText(drawn, flags, say(words))
            y = drawn.bottom() + 4
        self._about(painter, box, y + 14)

    def _about(self, painter: QPainter, box: QRectF, y: float) -> None:
        """What ships, and under which licences; small, and where there is room."""
        painter.setFont(self.theme.font(12))
        for words in self.about:
            if y > box.bottom() - 14:
                return
            painter.drawText(QRectF(box.left(), y, box.width(), 18), 0, words)
            y += painter.fontMetrics().height() + 1
