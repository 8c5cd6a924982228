"""Take in: describe the neck; only scale length, frets and joint fret are needed."""

from __future__ import annotations

from typing import TYPE_CHECKING

import msgspec
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QCompleter,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QScrollArea,
    QSizePolicy,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from nuvrek.bench.forms.neck import LENGTHS, field_text, read_form
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Choices, Picks, Stage, TickBox, button, heading
from nuvrek.desktop.stages.look_over import LookOverPage
from nuvrek.desktop.stages.strings import StringsPage
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.words_field import WordsField
from nuvrek.meaning import Saying
from nuvrek.neck.description import (
    ACCESS_WORDS,
    JOINT_WORDS,
    MOST_LETTERS,
    ROD_WORDS,
    SCHOOL_WORDS,
    TOUCH_WORDS,
    NeckDescription,
    target_by_kind_mm,
)
from nuvrek.readings.entries import Describe
from nuvrek.readings.owner.entries import ComplaintShaped
from nuvrek.wording.speech import later, say, say_values, tr, upper_first

if TYPE_CHECKING:
    from nuvrek.bench.session import Session

_GROUPS: tuple[tuple[Saying, tuple[str, ...]], ...] = (
    (
        later("The neck"),
        (
            "scale_mm",
            "frets",
            "joint_fret",
            "strings",
            "nut_width_mm",
            "end_width_mm",
            "radius_mm",
            "end_radius_mm",
        ),
    ),
    (later("Frets and rod"), ("wire_height_mm", "wire_width_mm", "least_crown_mm", "fall_away_mm")),
)
_SETUP = (
    *("relief_target_mm", "relief_high_mm"),
    *("height_at", "height_low_mm", "height_high_mm"),
)
_PAGES = (later("The neck"), later("Strings and setup"), later("Complaint and look over"))
_WHOLE = {
    "frets": later("Frets"),
    "joint_fret": later("Body joins at fret"),
    "strings": later("Strings"),
    "height_at": later("String heights at fret"),
}
_CHECKS = (
    ("zero_fret", later("Zero fret")),
    ("bound", later("Bound edges")),
    ("lacquered", later("Lacquered fretboard")),
    ("bare", later("Bare neck, no strings")),
    ("no_frets", later("No frets in it yet")),
    ("keep_original", later("Keep it original")),
    ("left_handed", later("Left-handed")),
    ("nut_on_right", later("Nut lies to the right")),
)
_BRIDGE = ("floating_bridge", later("Floating or sprung bridge"))


class TakeInStage(Stage):
    """The description form with the neck drawn as it is described."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.sheet = SheetView(app.theme)
        self.sheet.setFixedHeight(app.theme.px(150))
        self.fields: dict[str, QLineEdit] = {}
        self.checks: dict[str, TickBox] = {}
        self.words: dict[str, QLineEdit] = {}
        self.rod = Choices()
        for kind, word in ROD_WORDS.items():
            self.rod.addItem(upper_first(word), kind)
        self.rod.setAccessibleName(tr("Kind of rod"))
        self.picks = {
            "rod_access": Picks(tr("Truss-rod nut"), say_values(ACCESS_WORDS)),
            "touch": Picks(tr("Player's touch"), say_values(TOUCH_WORDS)),
            "joint": Picks(tr("Neck joint"), say_values(JOINT_WORDS)),
            "relief_school": Picks(tr("Relief to aim at"), say_values(SCHOOL_WORDS)),
        }
        self.strings = StringsPage(app, self._edited)
        self.complaint = WordsField(tr("Complaint"), MOST_LETTERS)
        self.complaint.full.connect(self.say)
        self.complaint.textChanged.connect(self._complaint_typed)
        self.chips = QLabel()
        # A line of its own under the words, never wider than they are.
        self.chips.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        self.look_over = LookOverPage(app, self._look_over_edited)
        self.keep = button(tr("Keep this description"), main=True)
        self.keep.clicked.connect(self._keep)
        self._lay_out()
        for line in self.fields.values():
            line.textEdited.connect(self._edited)
        for box in self.checks.values():
            box.toggled.connect(self._edited)
        self.rod.currentIndexChanged.connect(self._edited)
        for pick in self.picks.values():
            pick.currentIndexChanged.connect(self._edited)
        self._loading = False
        # The neck whose description the form shows.
        self._filled: Session | None = None

    def _lay_out(self) -> None:
        columns = QHBoxLayout()
        columns.setSpacing(34)
        for title, names in _GROUPS:
            grid = self._group(say(title))
            for row, name in enumerate(names, 1):
                self._line(grid, row, name)
            if "wire_height_mm" in names:
                grid.addWidget(QLabel(tr("Truss rod")), len(names) + 1, 0)
                grid.addWidget(self.rod, len(names) + 1, 1)
                self._checks(grid, len(names) + 2)
            grid.setRowStretch(20, 1)
            columns.addLayout(grid, 1)
        columns.addLayout(self._owner(), 1)
        self.form = QWidget()
        self.form.setLayout(columns)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setFrameShape(QFrame.Shape.NoFrame)
        scroll.setWidget(self.form)
        self.pages = QStackedWidget()
        self.pages.addWidget(scroll)
        self.pages.addWidget(self._setup())
        self.pages.addWidget(self._scrolled(self.look_over))
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addWidget(self.sheet)
        page.addWidget(self.pages, 1)
        foot = QHBoxLayout()
        self.turn = button(say(_PAGES[1]))
        self.turn.clicked.connect(self._turn_page)
        self.look = button(say(_PAGES[2]))
        self.look.clicked.connect(
            lambda: self.show_page(0 if self.pages.currentIndex() == 2 else 2)
        )
        foot.addWidget(self.turn)
        foot.addWidget(self.look)
        foot.addStretch()
        foot.addWidget(self.keep)
        page.addLayout(foot)

    def _setup(self) -> QWidget:
        """The second page: rod and setup beside the string list."""
        grid = self._group(tr("Truss rod and setup"))
        rows: list[QWidget] = [
            self.picks["rod_access"],
            self.words_line("rod_key", tr("Key that fits")),
        ]
        rows += [
            self.picks["joint"],
            self.words_line("neck_wood", tr("Neck wood")),
            self.picks["relief_school"],
        ]
        rows += [self.picks["touch"], self.words_line("wire_wish", tr("Other wire wanted"))]
        for row, widget in enumerate(rows, 1):
            label = QLabel(widget.accessibleName())
            label.setBuddy(widget)
            grid.addWidget(label, row, 0)
            grid.addWidget(widget, row, 1)
        for row, name in enumerate(_SETUP, len(rows) + 1):
            self._line(grid, row, name)
        name, words = _BRIDGE
        self.checks[name] = TickBox(say(words), self.app)
        grid.addWidget(self.checks[name], len(rows) + len(_SETUP) + 1, 0, 1, 2)
        grid.setRowStretch(20, 1)
        holder = QWidget()
        columns = QHBoxLayout(holder)
        columns.setSpacing(30)
        columns.addLayout(grid, 2)
        columns.addWidget(self.strings, 5)
        self.setup = holder
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setFrameShape(QFrame.Shape.NoFrame)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(holder)
        return scroll

    def words_line(self, name: str, words: str) -> QLineEdit:
        """A line of free words."""
        line = QLineEdit()
        line.setAccessibleName(words)
        line.setMaxLength(200)
        self.words[name] = line
        return line

    def _scrolled(self, page: QWidget) -> QScrollArea:
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setFrameShape(QFrame.Shape.NoFrame)
        scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        scroll.setWidget(page)
        return scroll

    def _turn_page(self) -> None:
        self.show_page(0 if self.pages.currentIndex() == 1 else 1)

    def show_page(self, number: int) -> None:
        """Bring a page of the form to the front."""
        self.pages.setCurrentIndex(number)
        self.turn.setText(say(_PAGES[0 if number == 1 else 1]))
        self.look.setText(say(_PAGES[0 if number == 2 else 2]))
        self.sheet.setVisible(number == 0)

    def _group(self, title: str) -> QGridLayout:
        grid = QGridLayout()
        grid.setVerticalSpacing(3)
        grid.setHorizontalSpacing(12)
        grid.addWidget(heading(title), 0, 0, 1, 2)
        return grid

    def _line(self, grid: QGridLayout, row: int, name: str) -> None:
        label = QLabel(say(_WHOLE.get(name) or next(f.label for f in LENGTHS if f.name == name)))
        line = QLineEdit()
        line.setAccessibleName(label.text())
        line.setMaxLength(20)
        label.setBuddy(line)
        self.fields[name] = line
        grid.addWidget(label, row, 0)
        grid.addWidget(line, row, 1)

    def _checks(self, grid: QGridLayout, row: int) -> None:
        for number, (name, words) in enumerate(_CHECKS):
            box = TickBox(say(words), self.app)
            self.checks[name] = box
            grid.addWidget(box, row + number // 2, number % 2)

    def _owner(self) -> QGridLayout:
        grid = self._group(tr("The instrument"))
        for row, (name, words) in enumerate(
            (
                ("title", tr("Name or number")),
                ("owner", tr("Owner")),
                ("tuning", tr("Strings and tuning")),
                ("wood", tr("Fretboard wood")),
            ),
            1,
        ):
            label, line = QLabel(words), QLineEdit()
            line.setAccessibleName(words)
            line.setMaxLength(200)
            label.setBuddy(line)
            self.words[name] = line
            grid.addWidget(label, row, 0)
            grid.addWidget(line, row, 1)
        grid.addWidget(QLabel(tr("Complaint")), 5, 0, Qt.AlignmentFlag.AlignTop)
        grid.addWidget(self.complaint, 5, 1)
        grid.addWidget(self.chips, 6, 1)
        grid.setRowStretch(5, 1)
        return grid

    def restyle(self) -> None:
        super().restyle()
        # Three columns must fit beside each other: the form's text grows to 125 % only.
        size = min(self.app.theme.px(15), 19)
        self.form.setStyleSheet(
            f"QLabel, QLineEdit, QComboBox, QPlainTextEdit {{ font-size: {size}px; }} "
            "QLineEdit { min-width: 84px; }"
        )
        self.setup.setStyleSheet(
            f"QLabel, QLineEdit, QComboBox, QPushButton {{ font-size: {min(size, 16)}px; }}"
            "QLineEdit { padding: 2px 6px; } QPushButton { padding: 4px 10px; min-height: 24px; }"
        )
        self.setup.setMinimumHeight(430)
        self.sheet.setFixedHeight(min(self.app.theme.px(150), 150))

    # --- filling and reading ------------------------------------------------

    def enter(self) -> None:
        session = self.app.session
        if session is not None:
            self._fill(session.neck_state.neck)
            self.look_over.fill(session.neck_state)
            self._filled = session
            self._show_chips()
            self._name_owners()
        self.show_page(0)
        super().enter()
        self.fields["scale_mm"].setFocus()

    def _name_owners(self) -> None:
        """Owners that are known are proposed while a name is typed."""
        known: list[str] = []
        self.app.write(lambda: known.extend(self.app.book.owners()))
        known.sort(key=str.casefold)
        completer = QCompleter(known, self)
        completer.setCaseSensitivity(Qt.CaseSensitivity.CaseInsensitive)
        self.words["owner"].setCompleter(completer)

    def _complaint_typed(self) -> None:
        """The chips follow the words."""
        if not self._loading:
            self.look_over.follow(self.complaint.words())
            self._show_chips()

    def _look_over_edited(self) -> None:
        self._show_chips()
        self._edited()

    def _show_chips(self) -> None:
        words, wide = self.look_over.words(), self.complaint.width()
        self.chips.setText(
            self.chips.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, max(wide, 60))
        )
        self.chips.setToolTip(words)

    def _fill(self, neck: NeckDescription) -> None:
        self._loading = True
        for field in LENGTHS:
            self.fields[field.name].setText(say(field_text(neck, field, self.app.settings.inch)))
        for name in _WHOLE:
            self.fields[name].setText(str(getattr(neck, name)))
        for name, box in self.checks.items():
            box.setChecked(getattr(neck, name))
        for name, line in self.words.items():
            line.setText(getattr(neck, name))
        self.rod.setCurrentIndex(list(ROD_WORDS).index(neck.rod))
        for name, pick in self.picks.items():
            pick.setCurrentIndex(pick.findData(getattr(neck, name)))
        self.strings.fill(neck.string_set, neck.scale_mm)
        self.complaint.setPlainText(neck.complaint)
        self._loading = False
        self._edited()

    def read(self) -> tuple[NeckDescription | None, dict[str, str]]:
        """The neck as the form now describes it, or the faults by field."""
        rest: dict[str, object] = {name: box.isChecked() for name, box in self.checks.items()}
        rest |= {name: line.text().strip() for name, line in self.words.items()}
        rest["rod"] = self.rod.currentData()
        rest |= {name: pick.currentData() for name, pick in self.picks.items()}
        specs, wrong = self.strings.read()
        rest["string_set"] = specs or ()
        rest["complaint"] = self.complaint.words()
        if self.app.session is not None:
            rest["relief_margin_mm"] = self.app.session.neck_state.neck.relief_margin_mm
        neck, faults = read_form({name: line.text() for name, line in self.fields.items()}, rest)
        if wrong and not faults:
            return None, {"strings": next(iter(wrong.values()))}
        return neck, say_values(faults)

    def _edited(self) -> None:
        if self._loading or self.app.session is None:
            return
        neck, faults = self.read()
        for name, line in self.fields.items():
            wrong = name in faults
            if line.property("wrong") != wrong:
                line.setProperty("wrong", wrong)
                style = line.style()
                if style is not None:
                    style.polish(line)
        self.keep.setEnabled(neck is not None)
        if neck is not None:
            self.sheet.show_neck(neck, (), Dots())
        usual, margin = target_by_kind_mm(neck.scale_mm if neck else 648.0)
        advice = tr(
            "Relief on such a scale is usually {usual:.2f} to {other_usual:.2f} mm.",
            usual=usual - margin,
            other_usual=usual + margin,
        )
        self.bar.show_words(
            tr("What is on the bench?"),
            message=next(iter(faults.values()))
            if faults
            else tr(
                "{advice} Lengths take mm, thou, inches, 64ths: 648, 25 1/2 in, 47 thou.",
                advice=advice,
            ),
            alert=bool(faults),
            state=self.app.session.neck_state.state,
        )

    def _keep(self) -> None:
        session = self.app.session
        neck, _ = self.read()
        if session is None or neck is None:
            return
        if neck.relief_school != self.app.settings.relief_school:
            # The school a user takes is the one the next neck begins with.
            settings = msgspec.structs.replace(self.app.settings, relief_school=neck.relief_school)
            self.app.change_quietly(settings)
        described = neck == session.neck_state.neck or self.app.write(
            lambda: session.append(Describe(neck=neck))
        )
        seen = self.look_over.entries(session.neck_state)
        if described and (not seen or self.app.write(lambda: session.append(*seen))):
            self.app.stage_wanted.emit("Measure")

    def leave(self) -> None:
        """Chips and what was seen are kept without a word: they are said of this neck alone."""
        session = self.app.session
        if session is None or session is not self._filled:
            return
        words = session.neck_state.neck.complaint.strip()
        seen = [
            entry
            for entry in self.look_over.entries(session.neck_state)
            # Chips of words that were not kept are chips of nothing.
            if not isinstance(entry, ComplaintShaped) or entry.of == words
        ]
        if seen:
            self.app.write(lambda: session.append(*seen))

    def refresh(self) -> None:
        self._edited()

    def key(self, name: str) -> bool:
        if name == "enter":
            self._keep()
        return name == "enter"
