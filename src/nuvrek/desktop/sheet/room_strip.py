"""Painting the room of notes: bars up from the line where a string touches, down from it where
it does.
"""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPen

from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import RoomStrip
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.wording.speech import say

# Room that fills the lane.
FULL_MM = 0.4
_COLOURS = {"will buzz": "copper", "on the edge": "brass"}


def note_x(geometry: SheetGeometry, note: int) -> float:
    """Where a note is pressed: a little behind its fret; the open string at the nut."""
    if note == 0:
        return geometry.fret_x(0)
    return geometry.fret_x(note) + 0.30 * (geometry.fret_x(note - 1) - geometry.fret_x(note))


class RoomBars(StripPainter):
    """One bar a note with its doubt; solid and copper where it will buzz."""

    def y(self, strip: RoomStrip, mm: float) -> float:
        """Vertical place of so much room, kept inside the box."""
        full = max(FULL_MM, *strip.room_mm)
        nought = self.box.bottom() - 0.28 * self.box.height()
        place = nought - mm * (nought - self.box.top() - 8) / full
        return min(max(place, self.box.top() + 3), self.box.bottom() - 3)

    def paint(self, strip: RoomStrip) -> None:
        """Draw the bars and the line of touching."""
        nought = self.y(strip, 0.0)
        self.p.setPen(QPen(self.colour("plum"), 1.2, Qt.PenStyle.DashLine))
        self.p.drawLine(QPointF(self.box.left(), nought), QPointF(self.box.right(), nought))
        rows = zip(strip.room_mm, strip.doubt_mm, strip.words, strict=True)
        for note, (mm, doubt, word) in enumerate(rows):
            x, colour = note_x(self.geometry, note), self.colour(_COLOURS.get(word, "slate"))
            self.p.setPen(QPen(colour, 1.5))
            self.p.setBrush(colour if mm < 0 else Qt.BrushStyle.NoBrush)
            top = self.y(strip, mm)
            self.p.drawRect(QRectF(x - 5, min(top, nought), 10, abs(top - nought)))
            self.p.setPen(QPen(self.colour("muted"), 1))
            self.p.drawLine(
                QPointF(x, self.y(strip, mm - doubt)), QPointF(x, self.y(strip, mm + doubt))
            )
            if note == strip.note:
                self.p.setPen(QPen(self.colour("copper"), 2))
                foot = self.box.bottom() - 3
                self.p.drawLine(QPointF(x - 8, foot), QPointF(x + 8, foot))
        if strip.label:
            self.words(
                self.box.right() - 8, self.box.top() + 12, say(strip.label), align="right", size=12
            )
