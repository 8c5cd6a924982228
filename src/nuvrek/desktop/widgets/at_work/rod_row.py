"""Rod moves logged by hand, without the loop's keys."""

from __future__ import annotations

from typing import Literal

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from nuvrek.bench.working.rod_loop import FEELS
from nuvrek.desktop.stages.base import Choices, button
from nuvrek.readings.entries import Feel, Side
from nuvrek.wording.speech import later, named, say, tr

_TURNS = (
    (later("1/4 looser"), -0.25),
    (later("1/8 looser"), -0.125),
    (later("1/8 tighter"), 0.125),
    (later("1/4 tighter"), 0.25),
)
_SIDES = (
    (later("both rods"), None),
    (later("low-side rod"), "bass"),
    (later("high-side rod"), "treble"),
)


class RodRow(QWidget):
    """One button per move, which rod it was and how it felt."""

    turned = pyqtSignal(float)

    def __init__(self) -> None:
        super().__init__()
        both = QVBoxLayout(self)
        both.setContentsMargins(0, 4, 0, 4)
        row, lower = QHBoxLayout(), QHBoxLayout()
        for label, turns in _TURNS:
            push = button(say(label))
            push.setAccessibleName(tr("Log a rod move: {label}", label=label))
            push.clicked.connect(lambda _on, turns=turns: self.turned.emit(turns))
            row.addWidget(push)
        self.which = Choices()
        for label, side in _SIDES:
            self.which.addItem(say(label), side)
        self.which.setAccessibleName(tr("Which rod"))
        self.feels = Choices()
        self.feels.addItems([named(feel) or tr("feel not noted") for feel in FEELS])
        self.feels.setAccessibleName(tr("How the rod felt"))
        for pick in (self.which, self.feels):
            lower.addWidget(pick)
        for line in (row, lower):
            line.addStretch()
            both.addLayout(line)

    @property
    def side(self) -> Side | None:
        """The rod of a pair that was turned, None for both."""
        side: Side | None = self.which.currentData()
        return side

    @property
    def feel(self) -> Feel | Literal[""]:
        """How the rod felt."""
        return FEELS[self.feels.currentIndex()]

    def clear(self) -> None:
        """As for the next move."""
        self.feels.setCurrentIndex(0)
