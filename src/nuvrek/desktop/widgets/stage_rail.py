"""The stage rail on top: where this neck stands and where to go."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QPaintEvent, QPen
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.desktop.pages import PAGES
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.chooser import Chooser
from nuvrek.desktop.widgets.painting import fitting, painting
from nuvrek.meaning import Saying
from nuvrek.wording.speech import later, say, tr

STAGES = ("Take in", "Measure", "Map", "Choose", "Work", "Prove")
# The page all begins from: what its switch says, and its name.
_HOME = (PAGES["Shelf"].title, later("All necks"))


class StageButton(Chooser):
    """A stage with a row of small fret marks that fill as the stage is worked through."""

    MARKS = 6

    def __init__(self, theme: Theme, name: str) -> None:
        super().__init__(say(PAGES[name].title))
        self.theme, self.share = theme, 0.0
        self.setAccessibleName(tr("Stage {name}", name=PAGES[name].title))
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Expanding)

    def sizeHint(self) -> QSize:
        # Large text is set smaller here than elsewhere, so that the neck's name has room.
        if self.theme.percent > 125:
            wide = 100
        else:
            wide = min(self.theme.px(100), 118)
        return QSize(wide, self.theme.px(58))

    def fill(self, share: float) -> None:
        """``share`` (0 to 1) of the stage is done."""
        if share == self.share:
            return
        self.share = share
        self.setAccessibleDescription(tr("{share} percent done", share=round(100 * share)))
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            c = self.theme.colours
            painter.fillRect(self.rect(), c["paper" if self.isChecked() else "card"])
            painter.fillRect(QRectF(0, self.height() - 2, self.width(), 2), c["muted"])
            if self.isChecked():
                painter.fillRect(QRectF(0, self.height() - 4, self.width(), 4), c["copper"])
            words, centred = (
                QRectF(2, 4, self.width() - 4, self.height() - 22),
                Qt.AlignmentFlag.AlignCenter,
            )
            size = 16 if self.theme.percent <= 125 else 13
            painter.setFont(fitting(self.theme, size, words, int(centred), self.text(), bold=True))
            painter.setPen(c["ink"] if self.isChecked() or self.hasFocus() else c["muted"])
            painter.drawText(words, centred, self.text())
            filled = round(self.share * self.MARKS)
            step = 9.0
            x = 0.5 * (self.width() - (self.MARKS - 1) * step)
            for mark in range(self.MARKS):
                done = mark < filled
                painter.setPen(QPen(c["copper" if done else "line"], 3.0 if done else 1.6))
                top = self.height() - 19
                painter.drawLine(int(x), top, int(x), top + 9)
                x += step
            if self.hasFocus():
                painter.setPen(QPen(c["copper"], 1, Qt.PenStyle.DotLine))
                painter.drawRect(self.rect().adjusted(3, 3, -4, -6))


class Elided(QLabel):
    """A label that shortens its text rather than push its neighbours away."""

    def minimumSizeHint(self) -> QSize:
        return QSize(40, super().minimumSizeHint().height())

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setPen(self.palette().windowText().color())
            shown = self.fontMetrics().elidedText(
                self.text(), Qt.TextElideMode.ElideRight, self.width()
            )
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignVCenter, shown)


class Rail(QWidget):
    """Title of the neck, the six stages, the shelf and the switches."""

    stage = pyqtSignal(str)
    shelf = pyqtSignal()
    tools = pyqtSignal()
    unit = pyqtSignal()
    theme_switch = pyqtSignal()
    help = pyqtSignal()
    text_size = pyqtSignal()

    def __init__(
        self, theme: Theme, stages: tuple[str, ...] = STAGES, home: tuple[Saying, Saying] = _HOME
    ) -> None:
        super().__init__()
        self.theme = theme
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.title, self.under = Elided("Nuvrek"), Elided("")
        self.title.setAccessibleDescription(tr("Open neck"))
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 0, 10, 0)
        row.setSpacing(0)
        words = QVBoxLayout()
        words.setSpacing(0)
        words.addStretch()
        words.addWidget(self.title)
        words.addWidget(self.under)
        words.addStretch()
        row.addLayout(words, 1)
        self.buttons: dict[str, StageButton] = {}
        for name in stages:
            button = StageButton(theme, name)
            button.chosen.connect(lambda name=name: self.stage.emit(name))
            self.buttons[name] = button
            row.addWidget(button)
        row.addSpacing(12)
        self.shelf_button = self._switch(say(home[0]), say(home[1]), self.shelf)
        self.tools_button = self._switch(tr("Tools"), tr("My tools"), self.tools)
        self.unit_button = self._switch("mm", tr("Unit: mm or thou"), self.unit)
        self.size_button = self._switch("Aa", tr("Text size"), self.text_size)
        self.theme_button = self._switch(tr("Dark"), tr("Light or dark bench"), self.theme_switch)
        self.help_button = self._switch(
            "?", tr("Keys of this page, and what is to be seen"), self.help
        )
        self.switches = (
            self.shelf_button,
            self.tools_button,
            self.unit_button,
            self.size_button,
            self.theme_button,
            self.help_button,
        )
        for switch in self.switches:
            row.addWidget(switch)
        self.restyle()

    def _switch(self, text: str, name: str, signal: object) -> QPushButton:
        button = QPushButton(text)
        button.setAccessibleName(name)
        button.setToolTip(name)
        button.setProperty("flat", True)
        button.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        button.clicked.connect(lambda: signal.emit())  # type: ignore[attr-defined]
        return button

    def restyle(self) -> None:
        """Colours and sizes anew."""
        t = self.theme
        self.setFixedHeight(t.px(60))
        self.setStyleSheet(
            f"Rail {{ background: {t.colours.card}; border-bottom: 2px solid {t.colours.muted}; }}"
        )
        # The neck's name is read near by as well: it is rather set smaller than cut.
        name, under = min(t.px(17), 22), min(t.px(12), 15)
        self.title.setStyleSheet(f"font-size: {name}px; font-weight: bold;")
        self.under.setStyleSheet(f"font-size: {under}px; color: {t.colours.muted};")
        self.theme_button.setText(tr("Light") if t.dark else tr("Dark"))
        for button in self.switches:
            size, room = min(t.px(14), 17), min(t.px(7), 8)
            button.setStyleSheet(f"padding: {t.px(4)}px {room}px; font-size: {size}px;")
        for stage in self.buttons.values():
            stage.updateGeometry()
            stage.update()

    def mark(self, name: str | None) -> None:
        """Show which stage is open; None on the shelf."""
        for stage, button in self.buttons.items():
            button.setChecked(stage == name)

    def enable(self, on: bool) -> None:
        """Stages make sense only with a neck open."""
        for button in self.buttons.values():
            button.setVisible(on)
