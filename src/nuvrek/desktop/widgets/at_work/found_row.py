"""What was found in the middle of a job, in a row under the step in hand."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QVBoxLayout, QWidget

from nuvrek.bench.working.found import frets_in
from nuvrek.desktop.stages.base import Picks, button, heading
from nuvrek.desktop.widgets.field import Field
from nuvrek.readings.owner.entries import FOUND_WHAT, FoundWhat
from nuvrek.wording.speech import say_values, tr


class FoundRow(QWidget):
    """What, at which frets, how much longer, in words; a picture goes with it."""

    kept = pyqtSignal()
    pictured = pyqtSignal()

    def __init__(self) -> None:
        super().__init__()
        self.what = Picks(tr("What was found"), say_values(FOUND_WHAT))
        self.frets, self.minutes, self.words = Field(), Field(), Field()
        for line, name, most in (
            (self.frets, tr("at frets, like 3 7-9"), 60),
            (self.minutes, tr("minutes more"), 4),
            (self.words, tr("in words"), 200),
        ):
            line.setMaxLength(most)
            line.setPlaceholderText(name)
            line.setAccessibleName(name)
        keep, picture = button(tr("Write it down"), main=True), button(tr("With a picture"))
        keep.clicked.connect(self.kept.emit)
        self.words.returnPressed.connect(self.kept.emit)
        picture.clicked.connect(self.pictured.emit)
        grid = QGridLayout()
        grid.addWidget(self.what, 0, 0)
        grid.addWidget(self.frets, 0, 1)
        grid.addWidget(self.minutes, 0, 2)
        grid.addWidget(self.words, 1, 0, 1, 3)
        pushes = QHBoxLayout()
        pushes.addWidget(keep)
        pushes.addWidget(picture)
        pushes.addStretch()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 4, 0, 4)
        column.addWidget(heading(tr("Found something")))
        column.addLayout(grid)
        column.addLayout(pushes)

    def told(self, most: int) -> tuple[FoundWhat, str, tuple[int, ...], int | None] | str:
        """What the fields say, or a sentence that says what is wrong."""
        frets = frets_in(self.frets.text(), most)
        if frets is None:
            return tr("Frets as numbers from 1 to {most}, like 3 7-9.", most=most)
        minutes = self.minutes.text().strip()
        if minutes and not (minutes.isascii() and minutes.isdigit()):
            return tr("Minutes as a number, or none.")
        what = next(one for one in FOUND_WHAT if one == self.what.currentData())
        return what, self.words.text(), frets, int(minutes) if minutes else None

    def clear(self) -> None:
        """Nothing found any more."""
        for line in (self.frets, self.minutes, self.words):
            line.clear()
