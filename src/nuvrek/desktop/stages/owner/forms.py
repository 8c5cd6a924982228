"""Forms of the owner's side: what it is worth to whom, how it came in and left."""

from __future__ import annotations

from collections.abc import Mapping

from PyQt6.QtCore import Qt, QTimer, pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QLineEdit, QWidget

from nuvrek.bench.forms.owner import LONG
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, heading, scrolling
from nuvrek.desktop.widgets.field import Field
from nuvrek.desktop.widgets.words_field import WordsField
from nuvrek.meaning import Saying
from nuvrek.neck.description import MOST_LETTERS
from nuvrek.wording.speech import say

# So long after the last key what was typed is kept.
_REST_MS = 4000


class WordsForm(QWidget):
    """Named fields in columns; it keeps itself some seconds after the last key, and when it
    is left."""

    kept = pyqtSignal(object)  # the column that was changed
    full = pyqtSignal(str)

    def __init__(self, app: AppState, columns: Mapping[Saying, Mapping[str, str]]) -> None:
        """``columns`` are titles, each with its fields and their words."""
        super().__init__()
        self.app = app
        self.lines: dict[tuple[Saying, str], QLineEdit] = {}
        self.areas: dict[tuple[Saying, str], WordsField] = {}
        self.grids: dict[Saying, QGridLayout] = {}
        self._loading, self._changed = False, set[Saying]()
        row = QHBoxLayout()
        row.setSpacing(30)
        for title, fields in columns.items():
            row.addLayout(self._column(title, fields), 1)
        page = QHBoxLayout(self)
        page.setContentsMargins(0, 0, 0, 0)
        page.addWidget(scrolling(row))
        self._rest = QTimer(self)
        self._rest.setSingleShot(True)
        self._rest.setInterval(_REST_MS)
        self._rest.timeout.connect(self.keep)

    def _column(self, title: Saying, fields: Mapping[str, str]) -> QGridLayout:
        grid = self.grids[title] = QGridLayout()
        grid.setVerticalSpacing(5)
        grid.addWidget(heading(say(title)), 0, 0, 1, 2)
        for n, (name, text) in enumerate(fields.items(), 1):
            label = QLabel(text)
            grid.addWidget(label, n, 0, Qt.AlignmentFlag.AlignTop)
            key = title, name
            if name in LONG:
                area = self.areas[key] = WordsField(text, MOST_LETTERS)
                area.setFixedHeight(72)
                area.full.connect(self.full.emit)
                area.textChanged.connect(lambda title=title: self._edited(title))
                label.setBuddy(area)
                grid.addWidget(area, n, 1)
            else:
                line = self.lines[key] = Field()
                line.setMaxLength(200)
                line.setAccessibleName(text)
                line.textEdited.connect(lambda _text, title=title: self._edited(title))
                label.setBuddy(line)
                grid.addWidget(line, n, 1)
        grid.setColumnStretch(1, 1)
        grid.setRowStretch(99, 1)
        return grid

    def add_choice(self, title: Saying, name: str, choice: Choices) -> None:
        """One more row with a list to choose from."""
        self.add_row(title, choice, name)
        choice.activated.connect(lambda _n: self._edited(title))

    def add_row(self, title: Saying, widget: QWidget, name: str = "") -> None:
        """One more row under the fields of a column."""
        grid = self.grids[title]
        row = next(n for n in range(1, 99) if grid.itemAtPosition(n, 1) is None)
        if name:
            grid.addWidget(QLabel(name), row, 0)
        grid.addWidget(widget, row, 1)

    def fill(self, title: Saying, values: Mapping[str, str]) -> None:
        """Show what is kept, unless it is being typed over."""
        if title in self._changed:
            return
        self._loading = True
        for (column, name), line in self.lines.items():
            if column == title and line.text() != values.get(name, ""):
                line.setText(values.get(name, ""))
        for (column, name), area in self.areas.items():
            if column == title and area.words() != values.get(name, ""):
                area.setPlainText(values.get(name, ""))
        self._loading = False

    def texts(self, title: Saying) -> dict[str, str]:
        """What stands in the fields of a column."""
        found = {
            name: line.text() for (column, name), line in self.lines.items() if column == title
        }
        areas = {
            name: words_field.words()
            for (column, name), words_field in self.areas.items()
            if column == title
        }
        return found | areas

    def touch(self, title: Saying) -> None:
        """Something beside the fields was changed that belongs to a column."""
        self._edited(title)

    def changing(self, title: Saying) -> bool:
        """Whether a column holds something that is not kept yet."""
        return title in self._changed

    def _edited(self, title: Saying) -> None:
        if not self._loading:
            self._changed.add(title)
            self._rest.start()

    def keep(self) -> None:
        """Give out what was changed, now."""
        self._rest.stop()
        changed, self._changed = sorted(self._changed, key=repr), set()
        for title in changed:
            self.kept.emit(title)

    def forget(self) -> None:
        """Another neck: nothing of this one is left to keep."""
        self._rest.stop()
        self._changed = set()
