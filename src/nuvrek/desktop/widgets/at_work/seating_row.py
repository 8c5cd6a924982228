"""How a fret was seated: where, by what, why it stopped, glued, holds."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Picks, TickBox
from nuvrek.readings.entries import Seated
from nuvrek.wording.speech import later, say_values, tr

_WHERE = {
    "whole": later("the whole fret"),
    "bass": later("its bass end"),
    "middle": later("its middle"),
    "treble": later("its treble end"),
}
_HOW = {"pressed": later("pressed"), "tapped": later("tapped")}
_STOPPED = {
    "": later("went home"),
    "slot shallow": later("stopped: slot shallow"),
    "slot dirty": later("stopped: slot dirty"),
    "gone too far": later("went too far"),
}
_HOLDS = {
    "not tried": later("not pressed again yet"),
    "holds": later("holds"),
    "moves": later("still moves"),
}


class SeatRow(QWidget):
    """Picks for one fret that is pressed or tapped home."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.where, self.how = (
            Picks(tr("Where it was seated"), say_values(_WHERE)),
            Picks(tr("How"), say_values(_HOW)),
        )
        self.stopped, self.holds = (
            Picks(tr("How far it went"), say_values(_STOPPED)),
            Picks(tr("Does it hold"), say_values(_HOLDS)),
        )
        self.glued = TickBox(tr("glued"), app)
        self.glued.setAccessibleName(tr("Glued"))
        upper, lower = QHBoxLayout(), QHBoxLayout()
        for part in (self.how, self.where, self.glued):
            upper.addWidget(part)
        for part in (self.stopped, self.holds):
            lower.addWidget(part)
        both = QVBoxLayout(self)
        both.setContentsMargins(0, 4, 0, 4)
        for line in (upper, lower):
            line.addStretch()
            both.addLayout(line)
        for pick in (self.where, self.how, self.stopped, self.holds):
            pick.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def seated(self, fret: int) -> Seated:
        """What these picks say of a fret."""
        return Seated(
            fret=fret,
            where=self.where.currentData(),
            how=self.how.currentData(),
            stopped=self.stopped.currentData(),
            glued=self.glued.isChecked(),
            holds=self.holds.currentData(),
        )

    def clear(self) -> None:
        """As for the next fret."""
        for pick in (self.where, self.how, self.stopped, self.holds):
            pick.setCurrentIndex(0)
        self.glued.setChecked(False)
