"""What is written beside a heating: bend past straight, source, minutes until cold."""

from __future__ import annotations

import msgspec
from PyQt6.QtWidgets import QHBoxLayout, QLineEdit, QWidget

from nuvrek.desktop.widgets.field import Field
from nuvrek.readings.entries import Heated
from nuvrek.wording.speech import later, say, tr

_FIELDS = (
    ("over_bend_mm", later("past straight, mm")),
    ("source_c", later("source, °C")),
    ("minutes_cold", later("minutes until cold")),
)


class HeatRow(QWidget):
    """Three fields, each of which may stay empty."""

    def __init__(self) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 4, 0, 4)
        self.fields: dict[str, QLineEdit] = {}
        for name, label in _FIELDS:
            line = Field()
            line.setAccessibleName(say(label))
            line.setPlaceholderText(say(label))
            line.setMaxLength(8)
            self.fields[name] = line
            row.addWidget(line)

    def heated(self) -> Heated | str:
        """What the fields say, or why they can't be read."""
        values = {}
        for name, line in self.fields.items():
            text = line.text().strip().replace(",", ".")
            try:
                if text:
                    values[name] = float(text)
            except ValueError:
                return tr(
                    "{accessiblename}: a plain number is needed, or nothing.",
                    accessiblename=line.accessibleName(),
                )
        try:
            return msgspec.convert({"kind": "heated", **values}, Heated)
        except msgspec.ValidationError:
            return tr("One of the figures of the heating can't be; look at them again.")
