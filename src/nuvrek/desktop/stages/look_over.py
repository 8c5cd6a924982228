"""Take in, third page: what the complaint comes to, and whether body and neck are sound."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from functools import partial

import msgspec
from PyQt6.QtCore import QMargins, QSize, Qt
from PyQt6.QtWidgets import QGridLayout, QLabel, QLineEdit, QPushButton, QVBoxLayout, QWidget

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import heading
from nuvrek.meaning import Saying
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import NeckState
from nuvrek.readings.owner.entries import SOUND_FAULTS, ComplaintShaped, LookedOver
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.readings.told.soundness import unsound
from nuvrek.recognise.complaint_chips import CHIPS, WHATS, WHENS, WHERES, Complaint
from nuvrek.recognise.complaints import complaint_in
from nuvrek.wording.speech import say, tr

_Named = Iterable[tuple[str, Saying]]
_COLUMNS = 6
_SOUND = "sound"
_TICK = "✓ "


class Chip(QPushButton):
    """A word to be set and taken away; a tick stands before one that is set."""

    def __init__(self, words: str) -> None:
        super().__init__(words)
        self.setProperty("role", "chip")
        self.words = words
        self.setAccessibleName(words)
        self.setCheckable(True)
        self.toggled.connect(self._shown)
        self._shown(on=False)

    def sizeHint(self) -> QSize:
        """As wide as it is with its tick: nothing moves when it is set."""
        usual = super().sizeHint()
        tick = self.fontMetrics().horizontalAdvance(_TICK)
        return usual if self.isChecked() else usual.grownBy(QMargins(0, 0, tick, 0))

    def _shown(self, on: bool) -> None:
        self.setText(f"{_TICK}{self.words}" if on else self.words)


class LookOverPage(QWidget):
    """Chips to be set and taken away, and the few things a look over tells."""

    def __init__(self, app: AppState, edited: Callable[[], None]) -> None:
        super().__init__()
        self.app, self.edited = app, edited
        self.chips: dict[str, Chip] = {}
        self.sound: dict[str, Chip] = {}
        self.said = QLabel()
        self.said.setWordWrap(True)
        self.where = QLineEdit()
        self.where.setMaxLength(200)
        self.where.setAccessibleName(tr("Where"))
        self.where.setPlaceholderText(tr("Where: heel, head, fret 14 ..."))
        # The words the chips were last put of.
        self._of = ""
        self._corrected = False
        column = QVBoxLayout(self)
        column.setSpacing(6)
        column.addWidget(heading(tr("What the complaint comes to")))
        column.addWidget(self.said)
        rows: tuple[tuple[str, _Named], ...] = (
            (tr("What"), [*WHATS.items()]),
            (tr("Where"), [*WHERES.items()]),
            (tr("When"), [*WHENS.items()]),
        )
        for title, named in rows:
            column.addLayout(self._row(title, named, self.chips, self._chip))
        column.addSpacing(10)
        column.addWidget(heading(tr("Looked over: body and neck")))
        column.addLayout(
            self._row(
                "", [(_SOUND, tr("sound")), *SOUND_FAULTS.items()], self.sound, self._seen, wide=3
            )
        )
        column.addWidget(self.where)
        column.addStretch(1)

    def _row(
        self,
        title: str,
        named: _Named,
        into: dict[str, Chip],
        pressed: Callable[[str], None],
        wide: int = _COLUMNS,
    ) -> QGridLayout:
        grid = QGridLayout()
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(5)
        if title:
            grid.addWidget(QLabel(title), 0, 0, Qt.AlignmentFlag.AlignTop)
        for n, (value, words) in enumerate(named):
            push_button = Chip(say(words))
            push_button.clicked.connect(partial(pressed, value))
            into[value] = push_button
            grid.addWidget(push_button, n // wide, 1 + n % wide)
        grid.setColumnMinimumWidth(0, 64)
        grid.setColumnStretch(wide + 1, 1)
        return grid

    def fill(self, neck_state: NeckState) -> None:
        """Show what is known of a neck."""
        self._of = neck_state.neck.complaint.strip()
        shaped = neck_state.dealings.complaint
        self._corrected = shaped is not None and shaped.of.strip() == self._of
        self._show(complaint_of(neck_state))
        faults = unsound(neck_state)
        looked = neck_state.dealings.looked_over
        for value, push_button in self.sound.items():
            push_button.setChecked(value in faults)
        self.sound[_SOUND].setChecked(looked is not None and not faults)
        self.where.setText("" if looked is None else looked.where)

    def follow(self, words: str) -> None:
        """The owner's words as they are typed: the chips follow until somebody sets one."""
        if words.strip() != self._of:
            self._of, self._corrected = words.strip(), False
            self._show(complaint_in(self._of))

    def _show(self, complaint: Complaint) -> None:
        for value, push_button in self.chips.items():
            push_button.setChecked(value in complaint.chips)
        self.said.setText(
            tr("“{complaint}”", complaint=self._of) if self._of else tr("Nobody complains.")
        )

    def _chip(self, _value: str, *_: object) -> None:
        self._corrected = True
        self.edited()

    def _seen(self, value: str, *_: object) -> None:
        """Sound, or what is not: not both."""
        if value == _SOUND:
            for name, push_button in self.sound.items():
                push_button.setChecked(name == _SOUND and push_button.isChecked())
        else:
            self.sound[_SOUND].setChecked(False)
        self.edited()

    @property
    def complaint(self) -> Complaint:
        """The chips as they stand."""
        on = {value for value, push_button in self.chips.items() if push_button.isChecked()}
        kept = ([v for v in named if v in on] for named in (WHATS, WHERES, WHENS))
        what, where, when = kept
        return msgspec.convert({"what": what, "where": where, "when": when}, Complaint)

    def words(self) -> str:
        """The chips in a line."""
        return " · ".join(say(CHIPS[chip]) for chip in self.complaint.chips)

    def entries(self, neck_state: NeckState) -> list[AnyEntry]:
        """What was set and stands in no journal yet."""
        found: list[AnyEntry] = []
        if self._corrected and self.complaint != complaint_of(neck_state):
            found.append(ComplaintShaped(complaint=self.complaint, of=self._of))
        faults = tuple(v for v in SOUND_FAULTS if self.sound[v].isChecked())
        before, where = unsound(neck_state), self.where.text().strip()
        looked = neck_state.dealings.looked_over
        said_sound = self.sound[_SOUND].isChecked() and (looked is None or looked.faults)
        where_said = where != ("" if looked is None else looked.where)
        if faults != before or said_sound or (where_said and (faults or looked is not None)):
            found.append(LookedOver(faults=faults, where=where))
        return found
