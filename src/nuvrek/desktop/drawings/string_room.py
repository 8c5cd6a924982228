"""String room drawn: every note on the board, the room of one string's notes, and one note from
the side.
"""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QPolygonF
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.pages.string_room import StringRoomPage
from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import RoomStrip
from nuvrek.desktop.sheet.room_strip import FULL_MM, RoomBars, note_x
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import DARK, LIGHT, Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.description import NeckDescription
from nuvrek.units import Unit, format_number
from nuvrek.wording.speech import say, tr

# The column of titles.
_MARGIN = 120


class RoomView(QWidget):
    """Three drawings on one x axis."""

    note_chosen = pyqtSignal(int, int)  # string (0 is the lowest), note

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.page: StringRoomPage | None = None
        self.neck: NeckDescription | None = None
        self.unit = Unit.MM
        self.why = False
        self.heard: dict[tuple[int, int], str] = {}
        self.setAccessibleName(tr("Clearance"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def sizeHint(self) -> QSize:
        """Wide and high."""
        return QSize(860, 520)

    def show_room(self, neck: NeckDescription, page: StringRoomPage | None, unit: Unit) -> None:
        """Draw a page of string room; None while the neck is being solved."""
        self.neck, self.page, self.unit = neck, page, unit
        if page is not None:
            self.setAccessibleDescription(tr("{buzzing} notes will buzz.", buzzing=page.buzzing()))
        self.update()

    @property
    def held(self) -> Theme:
        """The theme with its text held: the titles' column has no room for larger; that is the
        bench bar's task.
        """
        return Theme(self.theme.dark, min(self.theme.percent, 104))

    # --- where things are -----------------------------------------------------

    def _board(self) -> QRectF:
        return QRectF(_MARGIN, 6, self.width() - _MARGIN - 10, self.height() * 0.36)

    def _lane(self) -> QRectF:
        board = self._board()
        return QRectF(board.left(), board.bottom() + 30, board.width(), self.height() * 0.20)

    def _side(self) -> QRectF:
        box = self._lane()
        return QRectF(box.left(), box.bottom() + 12, box.width(), self.height() - box.bottom() - 16)

    def _geometry(self, box: QRectF) -> SheetGeometry:
        assert self.neck is not None
        return SheetGeometry(self.neck, box.left(), box.width(), box.top(), box.height())

    def _string_y(self, geometry: SheetGeometry, string: int, x_mm: float) -> float:
        assert self.page is not None
        count = self.page.strings
        share = 0.0
        if count != 1:
            share = -0.86 + 1.72 * string / (count - 1)
        return geometry.across(share, x_mm)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None or self.page is None or self.neck is None:
            return
        geometry, at = self._geometry(self._board()), event.position()
        note = min(range(self.page.notes), key=lambda n: abs(note_x(geometry, n) - at.x()))
        string = self.page.string
        if self._board().contains(at):
            x_mm = float(self.page.on.strung.x_mm[note])
            string = min(
                range(self.page.strings),
                key=lambda s: abs(self._string_y(geometry, s, x_mm) - at.y()),
            )
        self.note_chosen.emit(string, note)

    # --- painting ---------------------------------------------------------------

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            if self.page is None or self.neck is None:
                write(
                    painter,
                    self.held,
                    QRectF(self.rect()),
                    text=tr("One moment."),
                    size=18,
                    colour="muted",
                )
            else:
                self._paint_board(painter, self.page)
                self._paint_strip(painter, self.page)
                self._paint_side(painter, self.page)

    def _title(self, painter: QPainter, box: QRectF, title: str, under: str) -> None:
        right = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter
        middle = box.center().y()
        write(
            painter,
            self.held,
            QRectF(0, middle - 20, _MARGIN - 12, 20),
            text=title,
            size=15,
            colour="ink",
            bold=True,
            align=right,
        )
        write(
            painter,
            self.held,
            QRectF(0, middle, _MARGIN - 12, 20),
            text=under,
            size=12,
            colour="muted",
            align=right,
        )

    def _paint_board(self, painter: QPainter, page: StringRoomPage) -> None:
        c, box = self.theme.colours, self._board()
        geometry = self._geometry(box)
        x_mm = page.on.strung.x_mm
        end = x_mm[-1]
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(c["board"])
        corners = [(0.0, -1.0), (end, -1.0), (end, 1.0), (0.0, 1.0)]
        painter.drawPolygon(
            QPolygonF(
                [
                    QPointF(geometry.x(float(x)), geometry.across(share, float(x)))
                    for x, share in corners
                ]
            )
        )
        for fret in range(1, len(x_mm)):
            x = float(x_mm[fret])
            painter.setPen(QPen(c["wire"], 2))
            painter.drawLine(
                QPointF(geometry.x(x), geometry.across(-1.0, x)),
                QPointF(geometry.x(x), geometry.across(1.0, x)),
            )
            below = QRectF(geometry.x(x) - 14, box.bottom() + 2, 28, 20)
            write(painter, self.held, below, text=str(fret), size=13, colour="muted")
        places = [note_x(geometry, note) for note in range(page.notes)]
        for string in range(page.strings):
            painter.setPen(QPen(c["string"], 2.2 - 1.2 * string / max(page.strings - 1, 1)))
            ends = [
                QPointF(geometry.x(x), self._string_y(geometry, string, x))
                for x in (0.0, float(end))
            ]
            painter.drawLine(*ends)
            for note, x in enumerate(places):
                at = QPointF(x, self._string_y(geometry, string, float(x_mm[note])))
                self._mark(painter, page, at, string, note)
        self._title(
            painter, box, tr("Every note"), tr("▲ {buzzing} will buzz", buzzing=page.buzzing())
        )
        under = QRectF(0, box.center().y() + 18, _MARGIN - 12, 20)
        write(
            painter,
            self.held,
            under,
            text=tr("○ on the edge"),
            size=12,
            colour="muted",
            align=Qt.AlignmentFlag.AlignRight,
        )

    def _mark(
        self, painter: QPainter, page: StringRoomPage, at: QPointF, string: int, note: int
    ) -> None:
        """A note that will buzz is solid and cornered, one on the edge hollow, a clean one a dot
        that grows with its room.
        """
        c = self.theme.colours
        word = page.rooms.word(string, note)
        chosen = (string, note) == (page.string, page.note)
        painter.setPen(Qt.PenStyle.NoPen)
        if word == "will buzz":
            # The board is dark in both themes.
            painter.setBrush(DARK["copper"])
            painter.drawPolygon(
                QPolygonF([at + QPointF(x, y) for x, y in ((-7, 6), (7, 6), (0, -7))])
            )
        elif word == "on the edge":
            painter.setPen(QPen(LIGHT["light"], 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(at, 5.0, 5.0)
        else:
            painter.setBrush(c["wire"])
            size = 1.5 + 3.0 * min(float(page.rooms.room_mm[string, note]) / FULL_MM, 1.0)
            painter.drawEllipse(at, size, size)
        said = self.heard.get((page.strings - string, note))
        if said is not None:
            # Heard: a stroke under the note, doubled where it buzzes.
            painter.setPen(QPen(c["card"], 2))
            for drop in (9,) if said == "clean" else (8, 12):
                painter.drawLine(at + QPointF(-6, drop), at + QPointF(6, drop))
        if chosen:
            painter.setPen(QPen(LIGHT["light"], 2.5))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(at, 10.0, 10.0)

    def _paint_strip(self, painter: QPainter, page: StringRoomPage) -> None:
        """Room of each note of the chosen string."""
        c, box = self.theme.colours, self._lane()
        painter.setPen(QPen(c["line"], 1))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(box, 4, 4)
        s, rooms = page.string, page.rooms
        strip = RoomStrip(
            tr("Room, string {strings}", strings=page.strings - s),
            tr("{detail} over touching", detail=self.unit.value),
            tuple(rooms.room_mm[s].tolist()),
            doubt_mm=tuple(rooms.doubt_mm[s].tolist()),
            words=tuple(rooms.word(s, n) for n in range(page.notes)),
            note=page.note,
        )
        geometry = self._geometry(box)
        bars = RoomBars(painter, box, geometry, self.theme)
        bars.paint(strip)
        if self.why:
            self._compare(painter, page, geometry, lambda mm: bars.y(strip, mm))
        self._title(painter, box, say(strip.title), say(strip.under))

    def _compare(
        self,
        painter: QPainter,
        page: StringRoomPage,
        geometry: SheetGeometry,
        y: Callable[[float], float],
    ) -> None:
        """This neck with even frets: dead straight, and with the relief that evens the room out."""
        c, box = self.theme.colours, self._lane()
        best = max(sum(page.even_mm()) / 2.0, 0.0)
        for relief, colour, style, words in (
            (0.0, "plum", Qt.PenStyle.DashLine, tr("dead straight")),
            (
                best,
                "ink",
                Qt.PenStyle.SolidLine,
                tr("relief {best}", best=format_number(best, self.unit)),
            ),
        ):
            rooms = page.smooth_mm(relief)
            painter.setPen(QPen(c[colour], 2, style))
            points = [
                QPointF(note_x(geometry, n), y(float(rooms[n]))) for n in range(1, page.notes)
            ]
            painter.drawPolyline(QPolygonF(points))
            right = QRectF(box.right() - 250 + (0 if relief else 120), box.top() + 2, 120, 18)
            write(
                painter,
                self.held,
                right,
                text=words,
                size=13,
                colour=colour,
                align=Qt.AlignmentFlag.AlignRight,
            )

    def _paint_side(self, painter: QPainter, page: StringRoomPage) -> None:
        """The chosen note: the string, how low it swings, and the tops ahead of it."""
        c, box = self.theme.colours, self._side()
        geometry = self._geometry(box)
        view = page.side()
        painter.setPen(QPen(c["line"], 1))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(box, 4, 4)
        low = float(min(view.tops_mm.min(), view.swing_mm.min())) - 0.15
        high = float(max(view.line_mm.max(), view.tops_mm.max())) + 0.1
        scale = (box.height() - 16) / max(high - low, 0.5)

        def at(x_mm: float, mm: float) -> QPointF:
            return QPointF(geometry.x(x_mm), box.bottom() - 8 - (mm - low) * scale)

        upper = [at(float(x), float(m)) for x, m in zip(view.x_mm, view.line_mm, strict=True)]
        lower = [at(float(x), float(m)) for x, m in zip(view.x_mm, view.swing_mm, strict=True)]
        swept = QPainterPath(upper[0])
        for point in [*upper[1:], *reversed(lower)]:
            swept.lineTo(point)
        swept.closeSubpath()
        painter.fillPath(swept, c["line"])
        painter.setPen(QPen(c["ink"], 2))
        painter.drawPolyline(QPolygonF(upper))
        painter.setPen(QPen(c["slate"], 1.5, Qt.PenStyle.DashLine))
        painter.drawPolyline(QPolygonF(lower))
        for place, (x, mm) in enumerate(zip(view.x_mm, view.tops_mm, strict=True)):
            fret = view.note + place
            top = at(float(x), float(mm))
            first = fret == view.first
            painter.setPen(QPen(c["copper" if first else "muted"], 4 if first else 2.5))
            painter.drawLine(top, QPointF(top.x(), box.bottom() - 2))
        room = float(page.rooms.room_mm[page.string, page.note])
        corner = QRectF(box.left() + 8, box.top() + 4, box.width() - 16, 20)
        words = tr(
            "room {room} over fret {first}; heights x{scale:.0f}",
            room=format_number(room, self.unit),
            first=view.first,
            scale=scale * 25.4 / 96.0,
        )
        write(
            painter,
            self.held,
            corner,
            text=words,
            size=13,
            colour="muted",
            align=Qt.AlignmentFlag.AlignRight,
        )
        if view.note == 0:
            name = tr("open")
        else:
            name = tr("fret {note}", note=view.note)
        self._title(
            painter,
            box,
            tr("From the side"),
            tr("string {strings}, {name}", strings=page.strings - page.string, name=name),
        )
