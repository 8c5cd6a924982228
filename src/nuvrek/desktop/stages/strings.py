"""The string list in Take in: gauges, tension, kept sets, and what another set or tuning would
do to the relief.
"""

from __future__ import annotations

from collections.abc import Callable

from msgspec import structs
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QGridLayout,
    QHBoxLayout,
    QInputDialog,
    QLabel,
    QLineEdit,
    QVBoxLayout,
    QWidget,
)

from nuvrek.bench.forms.strings import (
    TUNINGS,
    StringRow,
    change_words,
    other_set,
    pulls,
    read_strings,
    row_of,
    sounding,
    whole,
)
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, TickBox, button, heading
from nuvrek.desktop.widgets.field import Field
from nuvrek.meaning import Saying
from nuvrek.neck.strings import WRAP_WORDS, StringSet
from nuvrek.wording.speech import later, say, say_values, sentences, tr, upper_first

MOST_LINES = 14
MOST_CAPO = 9
_HEADS: tuple[Saying, ...] = (
    "",
    later("note"),
    later("gauge"),
    "",
    later("strings"),
    later("g a metre"),
    later("sounds"),
    later("tension"),
    later("then"),
)


class StringsPage(QWidget):
    """A line for each string or course, bass side first."""

    def __init__(self, app: AppState, edited: Callable[[], None]) -> None:
        super().__init__()
        self.app, self._edited = app, edited
        self.scale_mm = 648.0
        self._loading = False
        self.lines: list[dict[str, QLineEdit]] = []
        self.wound: list[TickBox] = []
        self.counts: list[QLabel] = []
        self.whole: list[tuple[QWidget, ...]] = []
        self.said: list[tuple[QLabel, QLabel, QLabel]] = []
        self.capo, self.tuning, self.sets = Choices(), Choices(), Choices()
        self.wrap = Choices()
        for wrap, words in WRAP_WORDS.items():
            self.wrap.addItem(say(words), wrap)
        self.wrap.setAccessibleName(tr("What the wound strings are wound with"))
        self.wrap.currentIndexChanged.connect(self._typed)
        for n in range(MOST_CAPO + 1):
            self.capo.addItem(tr("capo {detail}", detail=n) if n else tr("no capo"), n)
        for semitones, words in TUNINGS.items():
            self.tuning.addItem(say(words), semitones)
        for box, name in (
            (self.capo, tr("Capo")),
            (self.tuning, tr("Compare with another tuning")),
            (self.sets, tr("Compare with a kept set")),
        ):
            box.setAccessibleName(name)
            box.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            box.currentIndexChanged.connect(self.show_tension)
        self.total, self.told = QLabel(""), QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("What another set or tuning does"))
        self.keep, self.take, self.drop = (
            button(tr("Keep as a set")),
            button(tr("Put it on")),
            button(tr("Forget")),
        )
        self.keep.clicked.connect(self._keep)
        self.take.clicked.connect(self._take)
        self.drop.clicked.connect(self._drop)
        self._lay_out()

    def _lay_out(self) -> None:
        grid = QGridLayout()
        grid.setVerticalSpacing(2)
        grid.setHorizontalSpacing(8)
        for place, words in enumerate(_HEADS):
            label = QLabel(say(words))
            label.setProperty("role", "quiet")
            grid.addWidget(label, 0, place)
        for number in range(MOST_LINES):
            self._line(grid, number)
        grid.setColumnStretch(8, 1)
        choices, pushes = QHBoxLayout(), QHBoxLayout()
        for box in (self.sets, self.tuning, self.capo):
            choices.addWidget(box)
        for push in (self.take, self.drop, self.keep):
            pushes.addWidget(push)
        choices.addStretch()
        pushes.addStretch()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        above = QHBoxLayout()
        above.addWidget(heading(tr("Strings, bass side first")))
        above.addStretch()
        above.addWidget(self.wrap)
        column.addLayout(above)
        column.addLayout(grid)
        column.addWidget(self.total)
        column.addLayout(choices)
        column.addLayout(pushes)
        column.addWidget(self.told)
        column.addStretch(1)

    def _line(self, grid: QGridLayout, number: int) -> None:
        fields = {}
        for column, (name, wide) in enumerate((("note", 56), ("gauge", 84)), 1):
            fields[name] = self._field(
                tr("Line {number}, {name}", number=number + 1, name=name), wide
            )
            grid.addWidget(fields[name], number + 1, column)
        wound = TickBox(tr("wound"), self.app)
        wound.toggled.connect(self._typed)
        self.wound.append(wound)
        grid.addWidget(wound, number + 1, 3)
        for column, (name, wide) in enumerate((("each", 44), ("mass", 56)), 4):
            fields[name] = self._field(
                tr("Line {number}, {name}", number=number + 1, name=name), wide
            )
            grid.addWidget(fields[name], number + 1, column)
        labels = (QLabel(""), QLabel(""), QLabel(""))
        for column, label in enumerate(labels, 6):
            grid.addWidget(label, number + 1, column)
        count = QLabel("")
        self.counts.append(count)
        grid.addWidget(count, number + 1, 0)
        self.whole.append((count, *fields.values(), wound, *labels))
        self.lines.append(fields)
        self.said.append(labels)

    def _field(self, name: str, wide: int) -> QLineEdit:
        field = Field()
        field.setAccessibleName(name)
        field.setMaxLength(14)
        field.setFixedWidth(wide)
        field.textEdited.connect(self._typed)
        return field

    # --- filling and reading ------------------------------------------------

    def fill(self, specs: StringSet, scale_mm: float) -> None:
        """Show a list."""
        self._loading, self.scale_mm = True, scale_mm
        rows = [row_of(spec, self.app.settings.inch) for spec in specs]
        for number, fields in enumerate(self.lines):
            if number < len(rows):
                row = rows[number]
            else:
                row = StringRow(each="")
            for name, field in fields.items():
                field.setText(getattr(row, name))
            self.wound[number].setChecked(row.wound)
        # The strings of a set are wound alike.
        wraps = [row.wrap for row in rows if row.wrap]
        self.wrap.setCurrentIndex(self.wrap.findData(wraps[0] if wraps else ""))
        self._fill_sets()
        self._loading = False
        self.show_tension()

    def rows(self) -> list[StringRow]:
        """The lines as typed."""
        return [
            StringRow(
                note=fields["note"].text(),
                gauge=fields["gauge"].text(),
                wound=self.wound[number].isChecked(),
                each=fields["each"].text(),
                mass=fields["mass"].text(),
                wrap=self.wrap.currentData() or "",
            )
            for number, fields in enumerate(self.lines)
        ]

    def read(self) -> tuple[StringSet | None, dict[int, str]]:
        """The list, or None and a sentence for each faulty line."""
        found, faults = read_strings(self.rows())
        return found, say_values(faults)

    def _fill_sets(self) -> None:
        chosen = self.sets.currentData()
        self.sets.blockSignals(True)
        self.sets.clear()
        self.sets.addItem(tr("with these strings"), "")
        for name in sorted(self.app.settings.sets):
            self.sets.addItem(name, name)
        self.sets.setCurrentIndex(max(self.sets.findData(chosen), 0))
        self.sets.blockSignals(False)

    def _typed(self) -> None:
        if not self._loading:
            self.show_tension()
            self._edited()

    # --- kept sets ----------------------------------------------------------

    def _keep(self) -> None:
        specs, _ = self.read()
        if not specs:
            self.told.setText(tr("There is no list to keep yet."))
            return
        name, sure = QInputDialog.getText(self, "Nuvrek", tr("Name of the set"))
        if sure and name.strip():
            self.keep_as(name.strip()[:60], specs)

    def keep_as(self, name: str, specs: StringSet) -> None:
        """Keep a list under a name for other necks."""
        settings = self.app.settings
        self.app.change_quietly(structs.replace(settings, sets={**settings.sets, name: specs}))
        self._fill_sets()
        self.told.setText(tr("Kept as {name}.", name=name))

    def _take(self) -> None:
        kept = self._chosen()
        if kept is not None:
            self.fill(kept, self.scale_mm)
            self._edited()

    def _drop(self) -> None:
        name = self.sets.currentData()
        settings = self.app.settings
        if name:
            left = {key: value for key, value in settings.sets.items() if key != name}
            self.app.change_quietly(structs.replace(settings, sets=left))
            self._fill_sets()
            self.show_tension()

    def _chosen(self) -> StringSet | None:
        return self.app.settings.sets.get(self.sets.currentData() or "")

    # --- what it comes to ---------------------------------------------------

    def show_tension(self) -> None:
        """Tension of each line and in all, now and with what it is compared with."""
        if self._loading:
            return
        specs, faults = self.read()
        for labels in self.said:
            for label in labels:
                label.clear()
        kept = self._chosen()
        self.take.setEnabled(kept is not None)
        self.drop.setEnabled(kept is not None)
        if specs is None:
            self.total.setText(next(iter(faults.values())))
            self.told.clear()
            return
        self._show_lines()
        then = other_set(specs, self.tuning.currentData() or 0, kept)
        compared = then != specs and bool(then)
        filled = [n for n, row in enumerate(self.rows()) if not row.empty]
        notes = sounding(specs, self.capo.currentData() or 0)
        after = pulls(then, self.scale_mm)
        for n, (line, pull) in enumerate(zip(filled, pulls(specs, self.scale_mm), strict=True)):
            sounds, tension, other = self.said[line]
            sounds.setText(notes[n])
            tension.setText(pull.words)
            if compared and n < len(after):
                other.setText(f"{then[n].note}  {change_words(pull, after[n])}")
        string_pull = whole(specs, self.scale_mm)
        self.total.setText(
            tr("In all {detail}", detail=string_pull.words)
            if specs
            else tr("No strings are listed.")
        )
        self._tell(specs, then, compared)

    def _show_lines(self) -> None:
        """The lines in use and two more; strings count from the highest here as everywhere."""
        rows = self.rows()
        used = max((n for n, row in enumerate(rows, 1) if not row.empty), default=0)
        left = sum(not row.empty for row in rows)
        for count, row in zip(self.counts, rows, strict=True):
            count.setText("" if row.empty else str(left))
            left -= not row.empty
        for number, widgets in enumerate(self.whole):
            for widget in widgets:
                widget.setVisible(number < used + 2)

    def _tell(self, specs: StringSet, then: StringSet, compared: bool) -> None:
        if self.capo.currentData():
            capo = tr("A capo leaves the pull as it is.")
        else:
            capo = ""
        if not compared:
            self.told.setText(
                tr("Choose a kept set or a tuning to compare with. {capo}", capo=capo)
            )
            return
        pull, after = whole(specs, self.scale_mm), whole(then, self.scale_mm)
        if specs:
            change = tr("Then {change_words} in all.", change_words=change_words(pull, after))
        else:
            change = tr("Then {detail} in all.", detail=after.words)
        self.told.setText(sentences(change, self._relief_words(specs, then), capo))

    def _relief_words(self, specs: StringSet, then: StringSet) -> str:
        solved = self.app.solved
        if solved is None or not solved.neck_state.taken:
            return tr("What the relief does is told once it was read.")
        from nuvrek.estimate.measurer import Measurer
        from nuvrek.estimate.string_pull import forecast_set

        neck = structs.replace(solved.map.neck, string_set=specs)
        saying = forecast_set(Measurer(solved.map), then, neck).words(self.app.settings.unit)
        if specs:
            known = ""
        else:
            known = tr("What is on the neck now is not listed, so this is wide.")
        return sentences(f"{upper_first(saying)}.", known)
