"""What every stage page can do."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from PyQt6.QtCore import QEvent, QPoint, QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import (
    QFontMetrics,
    QKeyEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
    QResizeEvent,
)
from PyQt6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFrame,
    QLabel,
    QLayout,
    QPushButton,
    QScrollArea,
    QSlider,
    QVBoxLayout,
    QWidget,
)

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.chooser import Chooser
from nuvrek.desktop.widgets.painting import painting
from nuvrek.readings.stations import Station
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.reading_line import reading_line


def clear(layout: QLayout) -> None:
    """Take all widgets out of a layout at once; they are deleted when Qt has time."""
    while layout.count():
        item = layout.takeAt(0)
        widget = item.widget() if item is not None else None
        if widget is not None:
            widget.hide()
            widget.deleteLater()


def heading(text: str) -> QLabel:
    """A heading whose size the theme sets."""
    label = QLabel(text)
    label.setProperty("role", "heading")
    return label


def button(text: str, *, main: bool = False) -> QPushButton:
    """A push button of touch size that does not steal the keypad's keys."""
    control = QPushButton(text)
    control.setProperty("main", main)
    control.setFocusPolicy(Qt.FocusPolicy.TabFocus)
    return control


def chooser(text: str) -> Chooser:
    """A button that stays down, of touch size, that does not steal the keypad's keys."""
    control = Chooser(text)
    control.setFocusPolicy(Qt.FocusPolicy.TabFocus)
    return control


def fit_tabs(theme: Theme, *tabs: QPushButton) -> None:
    """Room in each for its words in bold, which the one in front is set in."""
    metrics = QFontMetrics(theme.font(15, bold=True))
    for tab in tabs:
        tab.setMinimumWidth(metrics.horizontalAdvance(tab.text()) + theme.px(34))


def sliding(name: str, least: int, most: int) -> QSlider:
    """A slider along the row that does not steal the keypad's keys."""
    control = QSlider(Qt.Orientation.Horizontal)
    control.setAccessibleName(name)
    control.setRange(least, most)
    control.setFocusPolicy(Qt.FocusPolicy.TabFocus)
    return control


class _Column(QWidget):
    """Never lower than its wrapped words need: what does not fit is scrolled, not squeezed."""

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self._fit()

    def event(self, event: QEvent | None) -> bool:
        done = super().event(event)
        if event is not None and event.type() == QEvent.Type.LayoutRequest:
            self._fit()
        return done

    def _fit(self) -> None:
        column = self.layout()
        if column is not None and column.hasHeightForWidth():
            self.setMinimumHeight(column.totalHeightForWidth(self.width()))


def scrolling(inner: QLayout) -> QScrollArea:
    """A plain scroll area around a column that keeps to the top."""
    holder = _Column()
    column = QVBoxLayout(holder)
    column.setContentsMargins(0, 0, 8, 0)
    column.addLayout(inner)
    column.addStretch()
    area = QScrollArea()
    area.setWidgetResizable(True)
    area.setFrameShape(QFrame.Shape.NoFrame)
    area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    area.setWidget(holder)
    return area


class Choices(QComboBox):
    """A list to choose from, with an arrow of the theme's own."""

    def paintEvent(self, event: QPaintEvent | None) -> None:
        super().paintEvent(event)
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            pen = QPen(self.palette().text().color(), 2)
            painter.setPen(pen)
            x, y = self.width() - 15, self.height() / 2 - 2
            painter.drawPolyline(
                QPolygonF([QPointF(x - 5, y), QPointF(x, y + 5), QPointF(x + 5, y)])
            )


class TickBox(QCheckBox):
    """A check box whose tick is drawn, so that it does not speak by colour alone."""

    def __init__(self, text: str, app: AppState) -> None:
        super().__init__(text)
        self.app = app

    def sizeHint(self) -> QSize:
        t = self._theme
        return QSize(t.px(40) + QFontMetrics(t.font(15)).horizontalAdvance(self.text()), t.px(34))

    @property
    def _theme(self) -> Theme:
        """The theme with its text held at 125 %: boxes stand in forms of three columns."""
        return Theme(self.app.theme.dark, min(self.app.theme.percent, 125))

    def hitButton(self, _place: QPoint) -> bool:
        return True

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            t, c = self._theme, self.app.theme.colours
            size = t.px(20)
            box = QRectF(1, (self.height() - size) / 2, size, size)
            painter.setPen(QPen(c["copper" if self.hasFocus() else "muted"], 2))
            painter.setBrush(c["card"])
            painter.drawRoundedRect(box, 3, 3)
            if self.isChecked():
                painter.setPen(QPen(c["copper"], 3))
                x, y, s = box.left(), box.top(), size
                tick = [(0.2, 0.55), (0.42, 0.78), (0.82, 0.24)]
                painter.drawPolyline(QPolygonF([QPointF(x + a * s, y + b * s) for a, b in tick]))
            painter.setFont(t.font(15))
            painter.setPen(c["ink"])
            painter.drawText(
                QRectF(size + 10, 0, self.width(), self.height()),
                Qt.AlignmentFlag.AlignVCenter,
                self.text(),
            )


class Picks(Choices):
    """A list to choose one of a few named values from."""

    def __init__(self, name: str, words: Mapping[Any, str]) -> None:
        super().__init__()
        self.setAccessibleName(name)
        for value, text in words.items():
            self.addItem(text, value)


class Stage(QWidget):
    """A page between rail and bench bar. Subclasses fill ``refresh``, ``fill_bar`` and ``key``."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__()
        self.app, self.bar = app, bar
        # The page Backspace leads back to, where a page is read between others.
        self.came_from = "Shelf"
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def enter(self) -> None:
        """The stage comes to the front."""
        self.bar.notice = ""
        self.setFocus(Qt.FocusReason.OtherFocusReason)
        self.refresh()

    def leave(self) -> None:
        """Another page comes to the front: what was typed and not kept yet is kept."""

    def refresh(self) -> None:
        """Show the journal and the result of this moment."""

    def restyle(self) -> None:
        """The theme has changed."""
        t = self.app.theme
        for label in self.findChildren(QLabel):
            role = label.property("role")
            if role == "heading":
                label.setStyleSheet(
                    f"font-size: {t.px(19)}px; font-weight: bold; color: {t.colours.ink};"
                )
            elif role == "quiet":
                label.setStyleSheet(f"font-size: {t.px(14)}px; color: {t.colours.muted};")

    def say(self, sentence: str) -> None:
        """Show a sentence from elsewhere (a full disk, say) in the bench bar."""
        self.bar.say(sentence)

    def known(self) -> tuple[Known, ...]:
        """How what is in front of this page just now is known; its plain figures are told "
        "beside."""
        return ()

    def unit_pressed(self) -> None:
        """The unit in the bench bar was pressed."""

    def ask(self, _station: Station, _first: str, _back_to: str) -> None:
        """One reading is wanted; only Measure can."""

    def begin_round(self, _name: str) -> None:
        """A round is wanted; only Measure can."""

    def retake(self, _number: int) -> None:
        """A reading is to be taken again; only Measure can."""

    def key(self, _name: str) -> bool:
        """Handle a key by name; True when it was meant for this stage."""
        return False

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None:
            return
        name = key_name(event)
        # A key held down must not take the same reading twice.
        if name and event.isAutoRepeat() and name not in ("left", "right", "back"):
            event.accept()
            return
        self.bar.notice = ""
        if name == "?":
            self.app.help_wanted.emit()
            event.accept()
            return
        if name and self.key(name):
            event.accept()
        else:
            super().keyPressEvent(event)

    def recent_lines(self, count: int = 4) -> tuple[str, ...]:
        """The last readings, newest first."""
        session, s = self.app.session, self.app.settings
        if session is None:
            return ()
        return tuple(reading_line(e, s.unit, s.height_unit) for _, e in session.recent(count))


# Qt's key numbers as plain integers: touching the enum itself costs 80 ms at start-up.
_NAMES = {
    0x01000004: "enter",  # Return
    0x01000005: "enter",  # Enter of the keypad
    0x01000003: "back",
    0x01000007: "back",  # Delete
    0x01000012: "left",
    0x01000013: "up",
    0x01000014: "right",
    0x01000015: "down",
}


def key_name(event: QKeyEvent) -> str:
    """The keypad's name of a key, or an empty string for keys it has no use for."""
    named = _NAMES.get(event.key())
    if named:
        return named
    if event.modifiers() & (Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.AltModifier):
        return ""
    text = event.text()
    if len(text) == 1 and text.isprintable():
        return text
    return ""
