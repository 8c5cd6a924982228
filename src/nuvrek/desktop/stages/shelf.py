"""The shelf: all necks, to open one or start one."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from nuvrek import words
from nuvrek.bench.pages.shelf import ShelfCard
from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.fingerboard import paint_board
from nuvrek.desktop.stages.base import Stage, button, clear, heading, scrolling
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.painting import painting
from nuvrek.logbook.inspection import Inspected, inspect
from nuvrek.logbook.store import NeckRow
from nuvrek.neck.board import end_mm
from nuvrek.neck.description import ROD_WORDS, NeckDescription


class NeckCard(QWidget):
    """One neck on the shelf, drawn to scale beside its name."""

    opened = pyqtSignal()

    def __init__(self, app: AppState, card: ShelfCard) -> None:
        super().__init__()
        self.app, self.card, self.row = app, card, card.row
        self.selected = False
        self.longest_mm = end_mm(card.neck)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(f"{card.row.id}: {card.neck.title}. {card.sentence}")

    def sizeHint(self) -> QSize:
        return QSize(800, self.app.theme.px(96))

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.opened.emit()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            t, c = self.app.theme, self.app.theme.colours
            box = QRectF(self.rect()).adjusted(2, 3, -2, -3)
            painter.setPen(
                QPen(c["copper" if self.selected else "line"], 2.5 if self.selected else 1)
            )
            painter.setBrush(c["card"])
            painter.drawRoundedRect(box, 5, 5)
            painter.setFont(t.font(24, bold=True, figures=True))
            painter.setPen(c["copper"])
            number = QRectF(12, 0, t.px(44), self.height())
            painter.drawText(number, Qt.AlignmentFlag.AlignCenter, str(self.row.id))
            left, wide = t.px(70), 0.42 * self.width()
            self._lines(painter, left, wide)
            self._board(painter, left + wide + 10)

    def _lines(self, painter: QPainter, left: float, wide: float) -> None:
        """The name, what there is to say of it, and what it is."""
        t, neck = self.app.theme, self.card.neck
        facts = (
            f"{neck.scale_mm:.0f} mm · {neck.frets} frets · joins at {neck.joint_fret} · "
            f"{ROD_WORDS[neck.rod]}"
        )
        lines = (
            (neck.title, 18, "ink", True),
            (self.card.sentence, 15, "ink", False),
            (facts, 13, "muted", False),
        )
        y = 9.0
        for text, size, colour, bold in lines:
            painter.setFont(t.font(size, bold=bold))
            painter.setPen(t.colours[colour])
            metrics = painter.fontMetrics()
            height = metrics.height()
            shown = metrics.elidedText(text, Qt.TextElideMode.ElideRight, int(wide - 10))
            painter.drawText(QRectF(left, y, wide, height), Qt.AlignmentFlag.AlignVCenter, shown)
            y += height + 2

    def _board(self, painter: QPainter, start: float) -> None:
        """All necks of the shelf share one scale, so that a long bass looks long."""
        neck = self.card.neck
        length = (self.width() - start - 24) * end_mm(neck) / self.longest_mm
        g = SheetGeometry(neck, start, length, 16, self.height() - 32)
        paint_board(painter, g, self.app.theme, None, Dots())


def inspected_words(found: object) -> str:
    """What a look through the logbook has shown."""
    if not isinstance(found, Inspected):
        return ""
    size = (
        f"{words.count(found.necks, 'neck', 'necks')}, "
        f"{words.count(found.entries, 'entry', 'entries')}"
    )
    if not found.wrong:
        return f"The logbook is whole: {size} read, one by one."
    more = f" And {len(found.wrong) - 1} more." if len(found.wrong) > 1 else ""
    return f"The logbook is damaged. {found.wrong[0]}{more}"


class ShelfStage(Stage):
    """The list of necks."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.cards: list[NeckCard] = []
        self.index = 0
        self.list = QVBoxLayout()
        self.list.setSpacing(4)
        self.scroller = scrolling(self.list)
        self.new = button("Take in another neck", main=True)
        self.new.clicked.connect(self._start)
        self.check = button("Check the logbook")
        self.check.clicked.connect(self._check)
        head = QHBoxLayout()
        head.addWidget(heading("The shelf"))
        self.count = QLabel("")
        self.count.setProperty("role", "quiet")
        head.addWidget(self.count)
        head.addStretch()
        self.owners = button("Owners")
        self.owners.clicked.connect(lambda: self.app.stage_wanted.emit("Owners"))
        head.addWidget(self.owners)
        head.addWidget(self.check)
        head.addWidget(self.new)
        page = QVBoxLayout(self)
        page.setContentsMargins(24, 12, 24, 10)
        page.addLayout(head)
        page.addWidget(self.scroller, 1)

    def refresh(self) -> None:
        clear(self.list)
        self.cards = []

        said: list[ShelfCard] = []
        readable = self.app.write(lambda: said.extend(self.app.shelf.cards()))
        self.cards = [NeckCard(self.app, card) for card in said]
        longest = max((end_mm(card.card.neck) for card in self.cards), default=1.0)
        for number, card in enumerate(self.cards):
            card.longest_mm = longest
            card.opened.connect(lambda number=number: self._open(number))
            self.list.addWidget(card)
        self.count.setText(f"   {words.count(len(self.cards), 'neck', 'necks')}")
        if readable:
            self._select(min(self.index, max(len(self.cards) - 1, 0)))
        else:
            # Not "empty": the sentence that said why it can't be read stands in the bar's message.
            self.bar.prompt.setText("The shelf can't be read")

    def _select(self, index: int) -> None:
        self.index = index
        for number, card in enumerate(self.cards):
            card.selected = number == index
            card.update()
        if self.cards:
            card = self.cards[index]
            self.scroller.ensureWidgetVisible(card)
            neck = card.card.neck
            self.bar.show_words(
                neck.title,
                message=card.card.damage or neck.complaint or card.card.standing,
                right_title="Enter opens",
                right=("up and down choose", "+ takes in another"),
            )
        else:
            self.bar.show_words(
                "The shelf is empty",
                message=(
                    "Press + to take in a neck: scale length, frets and joint are enough to begin."
                ),
            )

    def _open(self, number: int) -> None:
        self._select(number)
        row = self.cards[number].row
        if self.app.write(lambda: self.app.open(row)):
            self.app.stage_wanted.emit("Measure" if row.entries == 0 else "Map")

    def _start(self) -> None:
        neck = NeckDescription(
            scale_mm=648.0,
            frets=22,
            joint_fret=16,
            title=f"Neck {len(self.cards) + 1}",
            relief_school=self.app.settings.relief_school,
        )

        def start() -> None:
            number = self.app.book.start(neck, self.app.clock())
            self.app.open(NeckRow(number, neck, "", 0))

        if self.app.write(start):
            self.app.stage_wanted.emit("Take in")

    def _check(self) -> None:
        """Look through the whole logbook, beside the window."""
        path = self.app.book.path
        if self.app.aside.busy:
            self.say("One thing after the other: something is still being read.")
            return
        self.app.aside.run(
            lambda told: inspect(path, told),
            lambda found: self.say(inspected_words(found)),
            lambda error: self.say(f"The logbook could not be looked through. {error}"),
        )

    def key(self, name: str) -> bool:
        if name == "enter" and self.cards:
            self._open(self.index)
        elif name == "+":
            self._start()
        elif name in ("up", "down") and self.cards:
            self._select(
                max(0, min(len(self.cards) - 1, self.index + (1 if name == "down" else -1)))
            )
        elif name.isdigit() and any(card.row.id == int(name) for card in self.cards):
            self._open(next(i for i, card in enumerate(self.cards) if card.row.id == int(name)))
        else:
            return False
        return True
