"""The bench bar below: the prompt, the number and the last readings, made to be read from two metres."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.desktop.theme import Theme


class BenchBar(QWidget):
    """Prompt, large number, message and right-hand lines."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.prompt = self._label("Prompt", wrap=True)
        self.number = self._label("Number")
        self.unit = self._label("Unit")
        self.aside = self._label("Leaf that slides")
        self.message = self._label("Message", wrap=True)
        self.chips = self._label("State of the neck")
        self.right_title = self._label("List title")
        self.right = self._label("Last readings")
        self.right.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignTop)
        self.right_title.setAlignment(Qt.AlignmentFlag.AlignRight)
        figures = QHBoxLayout()
        figures.setSpacing(theme.px(12))
        for label in (self.aside, self.number, self.unit):
            figures.addWidget(label, 0, Qt.AlignmentFlag.AlignBaseline)
        figures.addStretch()
        right = QVBoxLayout()
        right.addWidget(self.right_title)
        right.addWidget(self.right, 1)
        grid = QGridLayout(self)
        grid.setContentsMargins(22, 8, 22, 8)
        grid.setHorizontalSpacing(24)
        grid.setVerticalSpacing(4)
        grid.addWidget(self.prompt, 0, 0)
        grid.addLayout(figures, 1, 0)
        grid.addWidget(self.message, 2, 0)
        grid.addWidget(self.chips, 4, 0)
        grid.addLayout(right, 0, 1, 5, 1)
        grid.setColumnStretch(0, 1)
        grid.setRowStretch(3, 1)
        self.restyle()

    def _label(self, name: str, *, wrap: bool = False) -> QLabel:
        label = QLabel()
        label.setAccessibleName(name)
        label.setWordWrap(wrap)
        label.setTextFormat(Qt.TextFormat.PlainText)
        return label

    def restyle(self) -> None:
        """Colours and sizes anew."""
        c, px = self.theme.colours, self.theme.px
        self.setStyleSheet(
            f"BenchBar {{ background: {c.bar}; }} BenchBar QLabel {{ background: transparent; color: {c.bar_ink}; }}"
        )
        self.setFixedHeight(min(px(156), 262))
        figures = "font-weight: bold;"
        self.prompt.setStyleSheet(f"font-size: {min(px(26), 38)}px; font-weight: bold; color: {c.bar_ink};")
        self.number.setStyleSheet(f"font-size: {px(40)}px; {figures} color: {c.bar_accent};")
        self.unit.setStyleSheet(f"font-size: {px(22)}px; color: {c.bar_muted};")
        self.aside.setStyleSheet(f"font-size: {px(22)}px; {figures} color: {c.bar_ink};")
        self.message.setStyleSheet(f"font-size: {px(16)}px; color: {c.bar_muted};")
        self.chips.setStyleSheet(f"font-size: {px(13)}px; color: {c.bar_muted};")
        self.right_title.setStyleSheet(f"font-size: {px(13)}px; color: {c.bar_muted};")
        self.right.setStyleSheet(f"font-size: {min(px(15), 20)}px; color: {c.bar_ink};")

    def show_words(
        self,
        prompt: str,
        *,
        number: str = "",
        unit: str = "",
        aside: str = "",
        message: str = "",
        alert: bool = False,
        chips: str = "",
        right_title: str = "",
        right: tuple[str, ...] = (),
    ) -> None:
        """Fill the bar. ``alert`` sets the message in the accent colour."""
        c = self.theme.colours
        self.prompt.setText(prompt)
        for label in (self.number, self.unit):
            label.setVisible(bool(number or unit or aside))
        self.number.setText(number)
        self.unit.setText(unit)
        self.aside.setText(aside)
        self.aside.setVisible(bool(aside))
        self.message.setText(message)
        colour = c.bar_accent if alert else c.bar_muted
        weight = "bold" if alert else "normal"
        self.message.setStyleSheet(
            f"font-size: {self.theme.px(17)}px; font-weight: {weight}; color: {colour};"
        )
        self.chips.setText(chips)
        self.chips.setVisible(not (alert and self.theme.percent > 125))
        self.right_title.setText(right_title)
        self.right.setText("\n".join(right))
