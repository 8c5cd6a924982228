"""What if, beside the string room: another set, another tuning, a capo."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.bench.forms.strings import TUNINGS, set_in, set_text
from nuvrek.bench.pages.string_room import StringRoomPage
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, clear, heading
from nuvrek.desktop.widgets.field import Field
from nuvrek.planning.forecast.other_strings import OtherStrings
from nuvrek.wording.speech import say, tr

# Capos are set no further up than this.
_MOST_CAPO = 9


class WhatIfFace(QWidget):
    """What is asked above, today beside it below."""

    def __init__(self, app: AppState, changed: Callable[[], None]) -> None:
        super().__init__()
        self.app, self.changed = app, changed
        self.page: StringRoomPage | None = None
        self.gauges = Field()
        self.gauges.setMaxLength(120)
        self.gauges.setAccessibleName(tr("Another set, by its gauges"))
        self.gauges.setToolTip(tr("One gauge for each string, w behind what is wound"))
        self.gauges.editingFinished.connect(self._asked)
        self.tuning, self.capo = Choices(), Choices()
        self.tuning.setAccessibleName(tr("Tuning"))
        for semitones, words in TUNINGS.items():
            self.tuning.addItem(say(words), semitones)
        self.capo.setAccessibleName(tr("Capo"))
        self.capo.addItem(tr("no capo"), 0)
        for fret in range(1, _MOST_CAPO + 1):
            self.capo.addItem(tr("capo at fret {fret}", fret=fret), fret)
        for choices in (self.tuning, self.capo):
            choices.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            choices.activated.connect(self._asked)
        self.fault = QLabel("")
        self.fault.setWordWrap(True)
        self.fault.setProperty("role", "fault")
        self.rows = QGridLayout()
        self.rows.setVerticalSpacing(1)
        for at in (0, 1):
            self.rows.setColumnStretch(at, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(4)
        column.addWidget(heading(tr("What if")))
        for part in (self.gauges, self.tuning, self.capo, self.fault):
            column.addWidget(part)
        column.addLayout(self.rows)
        column.addStretch(1)

    def show_page(self, page: StringRoomPage) -> None:
        """Another neck, or the same one read further."""
        self.page = page
        specs = page.on.neck.string_set
        self.gauges.setEnabled(bool(specs))
        self.gauges.setPlaceholderText(
            set_text(specs, self.app.settings.inch) if specs else tr("list the strings first")
        )
        self.tell()

    def _asked(self) -> None:
        if self.page is None:
            return
        specs = self.page.on.neck.string_set
        found = set_in(self.gauges.text(), specs) if specs else None
        self.fault.setText("")
        if found is not None and not isinstance(found, tuple):
            self.fault.setText(say(found))
            return
        other = OtherStrings(found, self.tuning.currentData(), self.capo.currentData())
        if other != self.page.other:
            self.page.set_other(other)
            self.changed()
        self.tell()

    def tell(self) -> None:
        """Today beside then."""
        clear(self.rows)
        if self.page is None:
            return
        s = self.app.settings
        self.rows.addWidget(_cell(tr("today"), "quiet"), 0, 0)
        self.rows.addWidget(_cell(tr("then"), "quiet"), 0, 1)
        for n, one in enumerate(self.page.beside(s.unit, s.height_unit)):
            today, then = say(one.today), say(one.then)
            self.rows.addWidget(_cell(say(one.matter), "quiet"), 2 * n + 1, 0, 1, 2)
            self.rows.addWidget(_cell(today, ""), 2 * n + 2, 0)
            self.rows.addWidget(_cell(then, "told" if then != today else ""), 2 * n + 2, 1)


def _cell(text: str, role: str) -> QLabel:
    label = QLabel(text)
    label.setProperty("role", role)
    return label
