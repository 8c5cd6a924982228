"""The large picture on the practice bench: what an eye sees of the tool in the hand."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.practice.pad import BenchPad
from nuvrek.desktop.practice.pictures import edges, heard_and_filed, near
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import say, tr

Picture = Callable[[QPainter, Theme, QRectF, BenchPad], None]
_PICTURES: dict[str, Picture] = {
    "leaf": near.leaf,
    "rocker": edges.rocker,
    "finger": near.finger,
    "caliper": near.foot,
    "rule": near.rule,
    "pluck": heard_and_filed.note,
    "sight": edges.sighting,
    "key": near.key,
    "": heard_and_filed.nothing,
}


class ToolView(QWidget):
    """Draws the tool in the hand and what it shows."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.pad: BenchPad | None = None
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def sizeHint(self) -> QSize:
        return QSize(900, 300)

    def show_pad(self, pad: BenchPad) -> None:
        """Draw what is in the hand now; said in words for those who do not see it."""
        self.pad = pad
        felt = "" if pad.felt is None else pad.felt.words
        self.setAccessibleName(tr("What you see"))
        self.setAccessibleDescription(f"{say(pad.prompt)} {say(felt)}".strip())
        self.update()

    @property
    def px_mm(self) -> float:
        """Pixels of this screen a millimetre, as it says itself."""
        screen = self.screen()
        if screen is None:
            found = edges.USUAL_PX_MM
        else:
            found = screen.physicalDotsPerInch() / 25.4
        if 2.0 < found < 20.0:
            return found
        return edges.USUAL_PX_MM

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        if self.pad is None:
            return
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            rect = QRectF(self.rect()).adjusted(1, 1, -1, -1)
            painter.setPen(QPen(self.theme.colours["line"], 1))
            painter.setBrush(self.theme.colours["card"])
            painter.drawRoundedRect(rect, 6, 6)
            inner = rect.adjusted(6, 6, -6, -6)
            painter.setClipRect(inner)
            if self.pad.tool is None:
                name = ""
            else:
                name = self.pad.tool.name
            if name == "edge":
                edges.edge(painter, self.theme, inner, self.pad, self.px_mm)
            else:
                _PICTURES.get(name, heard_and_filed.ink)(painter, self.theme, inner, self.pad)
