"""The form that takes a wire onto the shelf, or changes one."""

from __future__ import annotations

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QLabel, QLineEdit, QWidget

from nuvrek.bench.forms.wire import FIELDS, read_wire, texts_of
from nuvrek.desktop.stages.base import Picks, button
from nuvrek.desktop.widgets.field import Field
from nuvrek.meaning import Said
from nuvrek.neck.wire import FORM_WORDS, HARDNESS_WORDS, Wire
from nuvrek.units import Unit
from nuvrek.wording.speech import say, say_values, tr


class WireForm(QWidget):
    """Fields in two columns; what is wrong is said, nothing typed is lost."""

    kept = pyqtSignal(object, str)  # the wire, and the name of the one it replaces
    left = pyqtSignal()
    wrong = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self.unit, self.before = Unit.MM, ""
        self.fields: dict[str, QLineEdit] = {}
        grid = QGridLayout(self)
        grid.setContentsMargins(8, 4, 8, 4)
        for n, (name, words, _) in enumerate(FIELDS):
            field = Field()
            field.setAccessibleName(say(words))
            label = QLabel(say(words))
            label.setBuddy(field)
            self.fields[name] = field
            grid.addWidget(label, n % 5, 2 * (n // 5))
            grid.addWidget(field, n % 5, 2 * (n // 5) + 1)
        self.hardness = Picks(tr("Hardness"), say_values(HARDNESS_WORDS))
        self.form = Picks(tr("Form"), say_values(FORM_WORDS))
        grid.addWidget(self.hardness, 5, 2, 1, 2)
        grid.addWidget(self.form, 5, 0, 1, 2)
        self.keep, self.leave = button(tr("Keep this wire"), main=True), button(tr("Leave it"))
        self.keep.clicked.connect(self._keep)
        self.leave.clicked.connect(self.left.emit)
        grid.addWidget(self.keep, 6, 0, 1, 2)
        grid.addWidget(self.leave, 6, 2)

    def begin(self, wire: Wire | None, unit: Unit) -> None:
        """Fill the fields with a wire, or empty them for a new one."""
        self.unit, self.before = unit, "" if wire is None else wire.name
        texts = {} if wire is None else texts_of(wire, unit)
        for name, field in self.fields.items():
            field.setText(say(texts.get(name, "")))
        self.hardness.setCurrentIndex(
            self.hardness.findData("common" if wire is None else wire.hardness)
        )
        self.form.setCurrentIndex(self.form.findData("sticks" if wire is None else wire.form))
        self.fields["name"].setFocus(Qt.FocusReason.OtherFocusReason)

    def _keep(self) -> None:
        typed = {name: field.text() for name, field in self.fields.items()}
        made = read_wire(typed, self.unit, self.hardness.currentData(), self.form.currentData())
        if isinstance(made, (str, Said)):
            self.wrong.emit(say(made))
        else:
            self.kept.emit(made, self.before)
