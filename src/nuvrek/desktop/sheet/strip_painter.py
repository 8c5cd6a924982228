"""What painting any lane needs: colours by name and words that stay inside the box."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QPainter

from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import fitting


def write(
    painter: QPainter,
    theme: Theme,
    box: QRectF,
    text: str,
    size: float,
    colour: str,
    *,
    bold: bool = False,
    align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignCenter,
) -> None:
    """Text in a box, its size at 100 % text, or as much smaller as the box takes."""
    painter.setFont(fitting(theme, size, box, flags=int(align), text=text, bold=bold))
    painter.setPen(theme.colours[colour])
    painter.drawText(box, align, text)


class StripPainter:
    """A lane's box on the neck sheet with its painter."""

    def __init__(
        self, painter: QPainter, box: QRectF, geometry: SheetGeometry, theme: Theme
    ) -> None:
        self.p, self.box, self.geometry, self.theme = painter, box, geometry, theme

    def colour(self, name: str, alpha: int = 255) -> QColor:
        colour = self.theme.colours[name]
        colour.setAlpha(alpha)
        return colour

    def words(
        self,
        x: float,
        y: float,
        text: str,
        name: str = "muted",
        size: float = 13,
        *,
        bold: bool = False,
        figures: bool = True,
        align: str = "centre",
    ) -> None:
        """Text centred on (x, y), or beginning or ending there; kept inside the box."""
        self.p.setFont(self.theme.font(size, bold=bold, figures=figures))
        self.p.setPen(self.colour(name))
        width = self.p.fontMetrics().horizontalAdvance(text)
        height = self.p.fontMetrics().height()
        if align == "centre":
            left = x - width / 2
        elif align == "left":
            left = x
        else:
            left = x - width
        left = min(max(left, self.box.left() + 4), self.box.right() - width - 4)
        self.p.drawText(
            QRectF(left, y - height / 2, width + 2, height), Qt.AlignmentFlag.AlignVCenter, text
        )
