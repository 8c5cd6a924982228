"""The necks as a list that draws only what is on screen, ten or ten thousand of them."""

from __future__ import annotations

from PyQt6.QtCore import QAbstractListModel, QModelIndex, QObject, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QListView, QStyledItemDelegate, QStyleOptionViewItem

from nuvrek.bench.shop.queue import Ready
from nuvrek.bench.shop.shelf import ShelfCard
from nuvrek.bench.strips.sheet_geometry import SheetGeometry
from nuvrek.bench.strips.strips import Dots
from nuvrek.bench.working.today import NEEDS
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.sheet.fingerboard import paint_board
from nuvrek.neck.board import end_mm
from nuvrek.neck.description import ROD_WORDS
from nuvrek.wording.speech import say, tr

_HIGH, _HEAD = 96, 26
_CARD = Qt.ItemDataRole.UserRole


class NeckModel(QAbstractListModel):
    """Cards in the order in which they are shown."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self.cards: list[ShelfCard] = []
        self.heads: set[int] = set()
        self.places: dict[int, int] = {}  # of each neck, by its number

    def show_cards(self, cards: list[ShelfCard], heads: set[int]) -> None:
        """Other cards; ``heads`` are the places at which a kind begins."""
        self.beginResetModel()
        self.cards, self.heads = cards, heads
        self.places = {card.row.id: place for place, card in enumerate(cards)}
        self.endResetModel()

    def rowCount(self, parent: QModelIndex | None = None) -> int:
        if parent is not None and parent.isValid():
            return 0
        return len(self.cards)

    def data(self, index: QModelIndex, role: int = 0) -> object:
        if not index.isValid() or index.row() >= len(self.cards):
            return None
        card = self.cards[index.row()]
        if role == _CARD:
            return card
        if role in (Qt.ItemDataRole.AccessibleTextRole, Qt.ItemDataRole.DisplayRole):
            return card.spoken
        return None


class NeckDelegate(QStyledItemDelegate):
    """Draws one neck to scale beside its name and what it needs."""

    def __init__(self, app: AppState, model: NeckModel, parent: QObject) -> None:
        super().__init__(parent)
        self.app, self.model = app, model
        self.selected = 0
        self.longest_mm = 1.0
        self.now = ""
        self.ready: dict[int, Ready] = {}
        self.measure()

    def measure(self) -> None:
        """How high a neck stands in the list, without and with a name over it."""
        t = self.app.theme
        high = t.px(_HIGH) + 4
        self.sizes = QSize(400, high), QSize(400, high + t.px(_HEAD))

    def sizeHint(self, _option: QStyleOptionViewItem, index: QModelIndex) -> QSize:
        # Asked of every neck of the shelf, at every letter that finds others.
        plain, headed = self.sizes
        return headed if index.row() in self.model.heads else plain

    def paint(
        self, painter: QPainter | None, option: QStyleOptionViewItem, index: QModelIndex
    ) -> None:
        if painter is None or not index.isValid():
            return
        card = self.model.cards[index.row()]
        t, c = self.app.theme, self.app.theme.colours
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(option.rect)
        painter.translate(box.topLeft())
        wide, top = box.width(), 0.0
        if index.row() in self.model.heads:
            top = t.px(_HEAD)
            painter.setFont(t.font(14, bold=True))
            painter.setPen(c["muted"])
            words = NEEDS[card.need.at(self.now).kind]
            one_line(painter, QRectF(4, 0, wide, top), say(words), Qt.AlignmentFlag.AlignLeft)
        painter.translate(0, top)
        high = box.height() - top
        chosen = card.row.id == self.selected
        painter.setPen(QPen(c["copper" if chosen else "line"], 2.5 if chosen else 1))
        painter.setBrush(c["card"])
        painter.drawRoundedRect(QRectF(2, 3, wide - 4, high - 6), 5, 5)
        painter.setFont(t.font(24, bold=True, figures=True))
        painter.setPen(c["copper"])
        number = QRectF(12, 0, t.px(50), high)
        painter.drawText(number, Qt.AlignmentFlag.AlignCenter, str(card.row.id))
        left, words_wide = t.px(76), 0.42 * wide
        self._lines(painter, card, left, words_wide)
        self._board(painter, card, left + words_wide + 10, wide, high)
        painter.restore()

    def _lines(self, painter: QPainter, card: ShelfCard, left: float, wide: float) -> None:
        """The name, what it needs, what it is and for when it is promised."""
        t, neck = self.app.theme, card.neck
        facts = tr(
            "{scale_mm:.0f} mm · {frets} frets · joins at {joint_fret} · {rod_words}",
            scale_mm=neck.scale_mm,
            frets=neck.frets,
            joint_fret=neck.joint_fret,
            rod_words=ROD_WORDS[neck.rod],
        )
        promise, colour = self._promise(card)
        lines = (
            (neck.title, 18, "ink", True),
            (card.sentence, 15, "ink", False),
            (promise or facts, 13, colour if promise else "muted", bool(promise)),
        )
        y = 9.0
        for text, size, colour, bold in lines:
            painter.setFont(t.font(size, bold=bold))
            painter.setPen(t.colours[colour])
            metrics = painter.fontMetrics()
            height = metrics.height()
            shown = metrics.elidedText(say(text), Qt.TextElideMode.ElideRight, int(wide - 10))
            painter.drawText(QRectF(left, y, wide, height), Qt.AlignmentFlag.AlignVCenter, shown)
            y += height + 2

    def _promise(self, card: ShelfCard) -> tuple[str, str]:
        ready = self.ready.get(card.row.id)
        if not card.promised:
            return "", "muted"
        if ready is None:
            return tr("promised for {promised}", promised=card.promised), "muted"
        if ready.slip == "slips":
            return tr(
                "promised for {promised}: slips, likely {likely}",
                promised=card.promised,
                likely=ready.likely,
            ), "plum"
        if ready.slip:
            return tr(
                "promised for {promised}: may slip, to {by}", promised=card.promised, by=ready.by
            ), "plum"
        return tr("promised for {promised}: holds", promised=card.promised), "muted"

    def _board(
        self, painter: QPainter, card: ShelfCard, start: float, wide: float, high: float
    ) -> None:
        """All necks of the shelf share one scale, so that a long bass looks long."""
        length = (wide - start - 24) * end_mm(card.neck) / self.longest_mm
        geometry = SheetGeometry(card.neck, start, length, 16, high - 32)
        paint_board(painter, geometry, self.app.theme, Dots())


class NeckList(QListView):
    """The list itself; keys go to the page."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app = app
        self.necks = NeckModel(self)
        self.drawn = NeckDelegate(app, self.necks, self)
        self.setModel(self.necks)
        self.setItemDelegate(self.drawn)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setSelectionMode(QListView.SelectionMode.NoSelection)
        self.setVerticalScrollMode(QListView.ScrollMode.ScrollPerPixel)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setFrameShape(QListView.Shape.NoFrame)
        self.setAccessibleName(tr("Necks"))

    def show_cards(self, cards: list[ShelfCard], ready: dict[int, Ready], moment: str) -> None:
        """Show these necks in this order, each kind of need under its name."""
        heads, before = set(), ""
        for place, card in enumerate(cards):
            kind = card.need.at(moment).kind
            if kind != before:
                heads.add(place)
                before = kind
        self.drawn.now, self.drawn.ready = moment, ready
        self.drawn.measure()
        self.drawn.longest_mm = max((end_mm(card.neck) for card in cards), default=1.0)
        self.necks.show_cards(cards, heads)

    def mark(self, neck: int) -> None:
        """Bring a neck to the front of the list."""
        self.drawn.selected = neck
        place = self.necks.places.get(neck)
        if place is not None:
            self.scrollTo(self.necks.index(place))
        view = self.viewport()
        if view is not None:
            view.update()
