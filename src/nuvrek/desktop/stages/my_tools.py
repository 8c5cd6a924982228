"""My tools: what is on the bench, how good it is, and what of it fits this neck."""

from __future__ import annotations

import msgspec
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import (
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QScrollArea,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from nuvrek.bench.forms.tools import (
    ERRORS,
    FIELDS,
    OWNED,
    PROVABLE,
    SCHOOL,
    ToolField,
    field_words,
    fit_sentence,
    proved,
    read_kit,
    rocker_fits,
    rocker_spans,
)
from nuvrek.bench.settings import LINES
from nuvrek.bench.strips.strips import Dots, ValuesStrip
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.speaking import LANGUAGES
from nuvrek.desktop.stages.base import Choices, Picks, Stage, TickBox, button, heading
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.field import Field
from nuvrek.readings.tool_kit import INCH_LEAVES_MM, METRIC_LEAVES_MM, Kit
from nuvrek.wording.speech import later, say, say_values, tr

OFF = later("How far each may be off")
STRING_HEIGHTS = (
    ("", later("as lengths: mm, or 64ths beside thou")),
    ("mm", later("always in mm")),
    ("64ths", later("always in 64ths of an inch")),
    ("thou", later("always in thou")),
)


class KitStage(Stage):
    """The tools as a form that keeps itself, over the open neck with the edges that fit it."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.fields: dict[str, QLineEdit] = {}
        self._loading = False
        self.wide = True
        self.sheet = SheetView(app.theme)
        self.indicator = TickBox(tr("An indicator on a beam"), app)
        self.indicator.toggled.connect(self._edited)
        self.line = Choices()
        self.line.setAccessibleName(tr("Line settings of the gauge"))
        self.line.addItems(LINES)
        self.line.activated.connect(self._line_chosen)
        self.heights = Choices()
        self.heights.setAccessibleName(tr("Unit of action"))
        for value, label in STRING_HEIGHTS:
            self.heights.addItem(say(label), value)
        self.heights.activated.connect(self._heights_chosen)
        self.sound = TickBox(tr("A clock that is over is heard"), app)
        self.notice = TickBox(tr("and told by the desktop"), app)
        self.week = QSpinBox()
        self.week.setRange(1, 100)
        self.week.setAccessibleName(tr("Hours a week at the bench"))
        for box in (self.sound, self.notice):
            box.toggled.connect(lambda _on: None if self._loading else self._day_chosen())
        self.week.valueChanged.connect(lambda _n: None if self._loading else self._day_chosen())
        self.form = QWidget()
        columns = QHBoxLayout(self.form)
        columns.setContentsMargins(0, 0, 0, 0)
        columns.setSpacing(34)
        columns.addLayout(self._owned(), 4)
        columns.addLayout(self._errors(), 3)
        columns.addLayout(self._school(), 3)
        self.scroller = QScrollArea()
        self.scroller.setWidgetResizable(True)
        self.scroller.setFrameShape(QFrame.Shape.NoFrame)
        self.scroller.setWidget(self.form)
        self.scroller.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addWidget(self.scroller, 3)
        page.addWidget(self.sheet, 2)

    def _group(self, title: str, fields: tuple[ToolField, ...]) -> QGridLayout:
        grid = QGridLayout()
        grid.setVerticalSpacing(4)
        grid.setHorizontalSpacing(12)
        grid.addWidget(heading(title), 0, 0, 1, 2)
        for row, field in enumerate(fields, 1):
            label, line = QLabel(say(field.label)), Field()
            label.setBuddy(line)
            line.setAccessibleName(say(field.label))
            line.setPlaceholderText(say(field.hint))
            line.setToolTip(say(field.hint))
            line.setMaxLength(400)
            line.textEdited.connect(self._edited)
            self.fields[field.name] = line
            grid.addWidget(label, row, 0)
            grid.addWidget(line, row, 1)
        grid.setRowStretch(20, 1)
        return grid

    def _errors(self) -> QGridLayout:
        grid = self._group(say(OFF), ERRORS)
        self.language = Picks(tr("Language"), {"": tr("as this system"), **LANGUAGES})
        self.language.activated.connect(self._language_chosen)
        grid.addWidget(QLabel(self.language.accessibleName()), len(ERRORS) + 1, 0, 1, 2)
        grid.addWidget(self.language, len(ERRORS) + 2, 0, 1, 2)
        grid.addLayout(self._proving(), len(ERRORS) + 3, 0, 1, 2)
        return grid

    def _proving(self) -> QGridLayout:
        """One's own edge or rocker proved by turning it: the same gap twice."""
        self.which = Picks(tr("Prove by turning it"), say_values(PROVABLE))
        self.twice = (Field(), Field())
        for line, words in zip(
            self.twice, (tr("a gap"), tr("turned over, end for end")), strict=True
        ):
            line.setPlaceholderText(words)
            line.setAccessibleName(words)
            line.setMaxLength(20)
            line.editingFinished.connect(self._prove)
        grid = QGridLayout()
        grid.addWidget(QLabel(tr("Prove by turning it")), 0, 0)
        grid.addWidget(self.which, 0, 1)
        for at, line in enumerate(self.twice):
            grid.addWidget(line, 1, at)
        return grid

    def _prove(self) -> None:
        """What both gaps say of the tool is taken into its error."""
        settings = self.app.settings
        texts = self.twice[0].text(), self.twice[1].text()
        found = proved(settings.kit, str(self.which.currentData()), texts, settings.unit)
        if found is None:
            return
        if not isinstance(found, tuple):
            self._show(say(found))
            return
        kit, saying = found
        self.app.change_quietly(msgspec.structs.replace(settings, kit=kit))
        self._fill(kit)
        self._show("")
        self.bar.say(say(saying))

    def _language_chosen(self) -> None:
        """Another language is spoken at once: the window is made anew."""
        settings = msgspec.structs.replace(self.app.settings, language=self.language.currentData())
        self.app.change_quietly(settings)
        QTimer.singleShot(0, lambda: self.app.language_wanted.emit(settings.language))

    def _owned(self) -> QGridLayout:
        grid = self._group(tr("On my bench"), OWNED)
        sets = QHBoxLayout()
        sets.setSpacing(8)
        for words, leaves in (
            (tr("A metric set"), METRIC_LEAVES_MM),
            (tr("An inch set"), INCH_LEAVES_MM),
        ):
            push = button(words)
            push.setAccessibleName(tr("{detail} of feeler blades, as usually sold", detail=words))
            push.clicked.connect(lambda _on, leaves=leaves: self._take_leaves(leaves))
            sets.addWidget(push)
        sets.addStretch()
        grid.addLayout(sets, len(OWNED) + 1, 1)
        grid.addWidget(self.indicator, len(OWNED) + 2, 1)
        extras = Extras(self)
        prints = QHBoxLayout()
        prints.setSpacing(8)
        self.prints = (button(tr("Notched edge to print")), button(tr("Rocker table")))
        for push, action in zip(self.prints, (extras.ask_template, extras.ask_spans), strict=True):
            push.clicked.connect(lambda _on, action=action: action())
            prints.addWidget(push)
        prints.addStretch()
        grid.addLayout(prints, len(OWNED) + 3, 1)
        return grid

    def _school(self) -> QGridLayout:
        grid = self._group(tr("How I read relief and file"), SCHOOL)
        grid.addWidget(QLabel(tr("Line settings of the gauge")), len(SCHOOL) + 1, 0, 1, 2)
        grid.addWidget(self.line, len(SCHOOL) + 2, 0, 1, 2)
        grid.addWidget(QLabel(tr("Action, on every page")), len(SCHOOL) + 3, 0, 1, 2)
        grid.addWidget(self.heights, len(SCHOOL) + 4, 0, 1, 2)
        grid.addWidget(QLabel(tr("Hours a week at the bench")), len(SCHOOL) + 5, 0)
        grid.addWidget(self.week, len(SCHOOL) + 5, 1)
        grid.addWidget(self.sound, len(SCHOOL) + 6, 0, 1, 2)
        grid.addWidget(self.notice, len(SCHOOL) + 7, 0, 1, 2)
        return grid

    def _day_chosen(self) -> None:
        """How clocks ring, and the hours by which days are promised."""
        settings = msgspec.structs.replace(
            self.app.settings,
            ring_sound=self.sound.isChecked(),
            ring_notice=self.notice.isChecked(),
            week_hours=float(self.week.value()),
        )
        self.app.change_quietly(settings)

    def enter(self) -> None:
        self._fill(self.app.settings.kit)
        super().enter()
        self.fields["leaves_mm"].setFocus()

    def _fill(self, kit: Kit) -> None:
        self._loading = True
        for field in FIELDS:
            self.fields[field.name].setText(say(field_words(kit, field, self.app.settings.unit)))
            self.fields[field.name].setCursorPosition(0)
        self.indicator.setChecked(kit.indicator)
        self.language.setCurrentIndex(self.language.findData(self.app.settings.language))
        line = self.app.settings.gauge_line
        if self.line.findText(line) < 0:
            self.line.addItem(line)
        self.line.setCurrentText(line)
        self.heights.setCurrentIndex(self.heights.findData(self.app.settings.string_heights))
        self.sound.setChecked(self.app.settings.ring_sound)
        self.notice.setChecked(self.app.settings.ring_notice)
        self.week.setValue(round(self.app.settings.week_hours))
        self._loading = False

    def _take_leaves(self, leaves: tuple[float, ...]) -> None:
        kit = msgspec.structs.replace(self.app.settings.kit, leaves_mm=leaves)
        self.app.change_quietly(msgspec.structs.replace(self.app.settings, kit=kit))
        self._fill(kit)
        self.refresh()

    def _heights_chosen(self) -> None:
        chosen = self.heights.currentData()
        self.app.change_quietly(msgspec.structs.replace(self.app.settings, string_heights=chosen))

    def _line_chosen(self) -> None:
        line = self.line.currentText()
        self.app.change_quietly(msgspec.structs.replace(self.app.settings, gauge_line=line))

    def _edited(self) -> None:
        """What is typed is kept as soon as it makes sense."""
        if self._loading:
            return
        settings = self.app.settings
        kit, faults = read_kit(
            {n: f.text() for n, f in self.fields.items()}, settings.unit, settings.kit
        )
        for name, field in self.fields.items():
            field.setProperty("wrong", name in faults)
            style = field.style()
            if style is not None:
                style.polish(field)
        if kit is not None:
            kit = msgspec.structs.replace(kit, indicator=self.indicator.isChecked())
            self.app.change_quietly(msgspec.structs.replace(settings, kit=kit))
        self._show(say(next(iter(faults.values()), "")))

    def refresh(self) -> None:
        self._show("")

    def _show(self, fault: str) -> None:
        session, kit = self.app.session, self.app.settings.kit
        words = tr("Lengths in mm, or with their unit: 2in, 12t, 1/16in. Kept as you type.")
        if session is None:
            self.sheet.hide()
            for push in self.prints:
                push.hide()
            prompt = tr("What lies on the bench?")
        else:
            neck = session.neck_state.neck
            fits = rocker_fits(neck, kit)
            lanes = (
                ValuesStrip(
                    tr("My edge"),
                    tr("rocker, mm"),
                    fits,
                    frozenset(f for f, _, good in fits if not good),
                ),
                ValuesStrip(tr("Would fit"), tr("from–to, mm"), rocker_spans(neck)),
            )
            self.sheet.show_neck(neck, lanes, Dots())
            self.sheet.setVisible(self.wide)
            for push in self.prints:
                push.show()
            prompt = say(fit_sentence(neck, kit))
        self.bar.show_words(
            prompt,
            message=fault or words,
            alert=bool(fault),
            state=None if session is None else session.neck_state.state,
        )

    def restyle(self) -> None:
        super().restyle()
        t = Theme(self.app.theme.dark, min(self.app.theme.percent, 125))
        self.form.setStyleSheet(
            f"QLabel, QLineEdit, QComboBox, QPushButton {{ font-size: {t.px(15)}px; "
            f"min-height: {t.px(22)}px; }}"
            f"QLineEdit, QComboBox {{ padding: 4px 8px; min-width: {t.px(48)}px; }} "
            f"QPushButton {{ padding: {t.px(6)}px {t.px(12)}px; }}"
        )
        for label in self.form.findChildren(QLabel):
            if label.property("role") == "heading":
                label.setStyleSheet(f"font-size: {t.px(19)}px; font-weight: bold;")
        # With large text the form takes the page; which edge fits is said in the bar.
        self.wide = self.app.theme.percent <= 125

    def say(self, sentence: str) -> None:
        self._show(sentence)
