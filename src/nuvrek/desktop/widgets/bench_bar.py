"""The bench bar below: the prompt, the number and the last readings, made to be read from two
metres.
"""

from __future__ import annotations

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtGui import QFont, QFontMetrics, QMouseEvent
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import styled
from nuvrek.meaning import Saying
from nuvrek.readings.entries import State
from nuvrek.readings.words import rod_words
from nuvrek.wording.speech import later, say, tr


class PressLabel(QLabel):
    """A label that says when it is pressed."""

    pressed = pyqtSignal()

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.pressed.emit()


# Around the bar, between its columns and between its rows.
_MARGIN_PX, _TOP_PX, _GAP_PX, _ROW_PX = 22, 8, 24, 4
POSTURES: dict[str, Saying] = {
    "lying": later("neck lying"),
    "played": later("neck held as played"),
    "jig": later("neck in its jig"),
    "alone": later("neck off its body"),
    "supported": later("support under the middle"),
    "blocked": later("bridge blocked"),
}


class BenchBar(QWidget):
    """Prompt, large number, message and right-hand lines."""

    state_pressed = pyqtSignal(str)
    unit_pressed = pyqtSignal()
    told = pyqtSignal(str)  # what the bar says has changed: prompt and message

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.prompt = self._label(tr("Prompt"), wrap=True)
        self.number = self._label(tr("Number"))
        self.unit = PressLabel()
        self.unit.setAccessibleName(tr("Unit: press for another, or Space"))
        self.unit.setTextFormat(Qt.TextFormat.PlainText)
        self.unit.pressed.connect(self.unit_pressed)
        self.aside = self._label(tr("Blade that slides"))
        self.message = self._label(tr("Message"), wrap=True)
        self.stop = self._chip(tr("Leave what is being worked out; all readings are kept"))
        self.stop.hide()
        self.notice = self._said = ""
        self.strings = self._chip(tr("Strings: press to change"))
        self.posture = self._chip(tr("Posture: press to change"))
        self.rod = self._label(tr("Truss rod"))
        self.strings.clicked.connect(lambda: self.state_pressed.emit("strings"))
        self.posture.clicked.connect(lambda: self.state_pressed.emit("posture"))
        self.chips = self._state_row()
        self.chips.setVisible(False)
        self.right_title = self._label(tr("List title"))
        self.right = self._label(tr("Last readings"))
        self.right.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignTop)
        self.right_title.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.clocks = self._label(tr("Clocks that run"))
        self.clocks.setAlignment(Qt.AlignmentFlag.AlignRight)
        self._lay_out()
        self.restyle()

    def _lay_out(self) -> None:
        theme = self.theme
        figures = QHBoxLayout()
        figures.setSpacing(theme.px(12))
        for label in (self.aside, self.number, self.unit):
            figures.addWidget(label, 0, Qt.AlignmentFlag.AlignBaseline)
        figures.addStretch()
        row = QHBoxLayout()
        row.addWidget(self.message, 1)
        row.addWidget(self.stop)
        right = QVBoxLayout()
        right.addWidget(self.right_title)
        right.addWidget(self.right, 1)
        right.addWidget(self.clocks)
        grid = QGridLayout(self)
        grid.setContentsMargins(_MARGIN_PX, _TOP_PX, _MARGIN_PX, _TOP_PX)
        grid.setHorizontalSpacing(_GAP_PX)
        grid.setVerticalSpacing(_ROW_PX)
        grid.addWidget(self.prompt, 0, 0)
        grid.addLayout(figures, 1, 0)
        grid.addLayout(row, 2, 0)
        grid.addWidget(self.chips, 4, 0)
        grid.addLayout(right, 0, 1, 5, 1)
        grid.setColumnStretch(0, 1)
        grid.setRowStretch(3, 1)

    def _state_row(self) -> QWidget:
        """Strings, posture and rod beside each other."""
        row = QWidget()
        chips = QHBoxLayout(row)
        chips.setContentsMargins(0, 0, 0, 0)
        chips.setSpacing(10)
        for part in (self.strings, self.posture, self.rod):
            chips.addWidget(part)
        chips.addStretch()
        return row

    def _chip(self, name: str) -> QPushButton:
        chip = QPushButton()
        chip.setAccessibleName(name)
        chip.setToolTip(name)
        chip.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        return chip

    def _label(self, name: str, *, wrap: bool = False) -> QLabel:
        label = QLabel()
        # Its name is what it says just now.
        label.setAccessibleDescription(name)
        label.setWordWrap(wrap)
        label.setTextFormat(Qt.TextFormat.PlainText)
        return label

    def restyle(self) -> None:
        """Colours and sizes anew."""
        c, px = self.theme.colours, self.theme.px
        self.setStyleSheet(
            f"BenchBar {{ background: {c.bar}; }} BenchBar QLabel {{ background: "
            f"transparent; color: {c.bar_ink}; }}"
        )
        self.setFixedHeight(self._usual_height())
        figures = "font-weight: bold;"
        self.number.setStyleSheet(f"font-size: {px(40)}px; {figures} color: {c.bar_accent};")
        self.unit.setStyleSheet(f"font-size: {px(22)}px; color: {c.bar_muted};")
        self.aside.setStyleSheet(f"font-size: {px(22)}px; {figures} color: {c.bar_ink};")
        self.message.setStyleSheet(f"font-size: {min(px(16), 25)}px; color: {c.bar_muted};")
        self.rod.setStyleSheet(f"font-size: {px(14)}px; color: {c.bar_muted};")
        self.chips.setStyleSheet(
            f"QWidget {{ background: {c.bar}; }} QPushButton {{ background: transparent; "
            f"color: {c.bar_muted}; font-size: {px(14)}px;"
            f" border: 1px solid {c.bar_muted}; border-radius: {px(5)}px; padding: "
            f"{px(2)}px {px(9)}px; min-height: {px(18)}px; }}"
            f"QPushButton:hover {{ color: {c.bar_accent}; border-color: {c.bar_accent}; }}"
        )
        self.stop.setStyleSheet(
            f"color: {c.bar_accent}; background: transparent; font-size: {px(14)}px;"
            f" border: 1px solid {c.bar_accent}; border-radius: {px(5)}px; padding: 2px {px(9)}px;"
        )
        self.right_title.setStyleSheet(f"font-size: {px(13)}px; color: {c.bar_muted};")
        self.clocks.setStyleSheet(
            f"font-size: {min(px(15), 20)}px; font-weight: bold; color: {c.bar_accent};"
        )
        self.right.setStyleSheet(f"font-size: {min(px(15), 20)}px; color: {c.bar_ink};")

    def _prompt_px(self, prompt: str) -> int:
        """The prompt's size: with large text a long one is held to one line."""
        px = min(self.theme.px(26), 38)
        if self.theme.percent <= 125:
            return px
        font = self.theme.font(26, bold=True)
        font.setPixelSize(px)
        # About two thirds of the bar are the prompt's, the rest is for the last readings.
        if QFontMetrics(font).horizontalAdvance(prompt) < 0.66 * self.width():
            return px
        return 30

    def _fit_message(self, message: str) -> int:
        """The message's size: as large as its room allows; where even small letters have none, the
        bar grows.
        """
        most, least = min(self.theme.px(17), 25), max(round(0.75 * min(self.theme.px(17), 25)), 12)
        width, font = self._left_width(), self.theme.font(17)
        room = self._usual_height() - self._beside_message(width)
        for px in range(most, least - 1, -1):
            font.setPixelSize(px)
            need = _wrapped_height(font, message, width)
            if need <= room:
                break
        self.setFixedHeight(self._usual_height() + max(need - room, 0))
        return px

    def _usual_height(self) -> int:
        return min(self.theme.px(156), 262)

    def _left_width(self) -> int:
        """What the prompt and the message have beside the list on the right."""
        right = (self.right_title, self.right, self.clocks)
        listed = max(part.sizeHint().width() for part in right if not part.isHidden())
        margins = _MARGIN_PX * 2 + (_GAP_PX if listed else 0)
        if self.stop.isHidden():
            stop = 0
        else:
            stop = self.stop.sizeHint().width() + 6
        return max(self.width() - margins - listed - stop, 200)

    def _beside_message(self, width: int) -> int:
        """The height that everything but the message takes, with the space between."""
        prompt = max(self.prompt.heightForWidth(width), 0)
        figures = max(
            (part.sizeHint().height() for part in (self.number, self.aside) if not part.isHidden()),
            default=0,
        )
        if self.chips.isHidden():
            chips = 0
        else:
            chips = self.chips.sizeHint().height()
        rows = 1 + sum(bool(part) for part in (prompt, figures, chips))
        return prompt + figures + chips + 2 * _TOP_PX + _ROW_PX * rows

    def say(self, sentence: str) -> None:
        """A sentence that stays over whatever else the bar would show, until the next key."""
        self.notice = sentence
        self.show_message(sentence, alert=True)
        self._tell(self.prompt.text())

    def _tell(self, prompt: str) -> None:
        """Say on what the bar says, once for each change."""
        words = f"{prompt} {self.message.text()}".strip()
        if words != self._said:
            self._said = words
            self.told.emit(words)

    def show_clocks(self, text: str) -> None:
        """The clocks that run, of all necks."""
        self.clocks.setText(f"◔ {text}" if text else "")
        self.clocks.setVisible(bool(text))

    def show_slow(self, seconds: int) -> None:
        """A result is on its way for so long already; 0: no longer."""
        self.show_under_way(
            tr("Working it out for {seconds} s", seconds=seconds) if seconds else ""
        )

    def show_under_way(self, words: str) -> None:
        """Something takes long, and can be left; no words: no longer."""
        self.stop.setVisible(bool(words))
        self.stop.setText(tr("{detail} · stop", detail=words))

    def show_words(
        self,
        prompt: str,
        *,
        number: str = "",
        unit: str = "",
        aside: str = "",
        message: str = "",
        alert: bool = False,
        state: State | None = None,
        right_title: str = "",
        right: tuple[str, ...] = (),
    ) -> None:
        """Fill the bar. ``alert`` sets the message in the accent colour."""
        c = self.theme.colours
        self.prompt.setText(prompt)
        styled(
            self.prompt,
            f"font-size: {self._prompt_px(prompt)}px; font-weight: bold; color: {c.bar_ink};",
        )
        for label in (self.number, self.unit):
            label.setVisible(bool(number or unit or aside))
        self.number.setText(number)
        self.unit.setText(unit)
        self.aside.setText(aside)
        self.aside.setVisible(bool(aside))
        alert = alert or bool(self.notice)
        self.chips.setVisible(state is not None and not (alert and self.theme.percent > 125))
        if state is not None:
            self.strings.setText(
                tr("strings at pitch") if state.strings == "pitch" else tr("strings slack")
            )
            self.posture.setText(say(POSTURES[state.posture]))
            self.rod.setText(say(rod_words(state)))
        self.right_title.setText(right_title)
        self.right.setText("\n".join(right))
        self.show_message(self.notice or message, alert)
        self._tell(prompt)

    def show_message(self, message: str, alert: bool) -> None:
        """The message in the size it has room for; ``alert`` in the accent colour."""
        c = self.theme.colours
        self.message.setText(message)
        colour, weight = (c.bar_accent, "bold") if alert else (c.bar_muted, "normal")
        size = self._fit_message(message)
        styled(self.message, f"font-size: {size}px; font-weight: {weight}; color: {colour};")


def _wrapped_height(font: QFont, text: str, width: int) -> int:
    """How high a text stands when it is wrapped to a width; bold, which is the wider."""
    font.setBold(True)
    return (
        QFontMetrics(font)
        .boundingRect(0, 0, width, 10_000, int(Qt.TextFlag.TextWordWrap), text)
        .height()
    )
