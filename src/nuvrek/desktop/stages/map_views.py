"""Which lanes Map shows, how large heights are drawn, which edge lies on the neck, and what may
be carried away.
"""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QRect, QSize, Qt
from PyQt6.QtWidgets import QGridLayout, QMenu, QPushButton, QWidget

from nuvrek.bench.strips.map import EdgeChoice, Moment, edges_of, moments
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Choices, button, chooser
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.widgets.painting import painting
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import Strings
from nuvrek.wording.speech import later, say, tr

VIEWS = (
    ("light", later("Light gap")),
    ("above", later("From above")),
    ("wood", later("Wood")),
    ("tops", later("Tops")),
    ("crown", later("Crowns")),
    ("room", later("Room")),
    ("change", later("Change")),
)
# Lanes there is room for, by text size in percent: with large text fewer, the latest.
_ROOM = ((100, 4), (125, 3), (250, 2))
_STEPS = (0.25, 0.5, 1.0, 2.0, 4.0)


class MapViews(QWidget):
    """The row of switches over the sheet."""

    def __init__(
        self, app: AppState, changed: Callable[[], None], extras: Extras, sheet: SheetView
    ) -> None:
        super().__init__()
        self.app, self._changed, self.extras, self.sheet = app, changed, extras, sheet
        self.strings: Strings = "pitch"
        self.exaggeration = 1.0
        self._order = ["wood", "tops", "crown"]
        self.buttons: dict[str, QPushButton] = {}
        self._moments: tuple[Moment, ...] = ()
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setSpacing(6)
        for place, (name, words) in enumerate(VIEWS):
            item = chooser(say(words))
            item.chosen.connect(lambda name=name: self.toggle(name))
            self.buttons[name] = item
            grid.addWidget(item, 0, place)
        self.pull = button(tr("at pitch"))
        self.pull.setAccessibleName(tr("Strings at pitch or slack"))
        self.pull.clicked.connect(lambda: self.key("*"))
        self.save = button(tr("Save"))
        self.save.setMenu(self._menu())
        grid.addWidget(self.pull, 0, len(VIEWS))
        grid.addWidget(self.save, 0, len(VIEWS) + 1)
        self.to_room = button(tr("Strings ▸"))
        self.to_room.setAccessibleName(tr("Clearance"))
        self.to_room.clicked.connect(lambda: app.stage_wanted.emit("String room"))
        grid.addWidget(self.to_room, 0, len(VIEWS) + 2)
        self.edges, self.lanes, self.past = Choices(), Choices(), Choices()
        for box, name in (
            (self.edges, tr("Edge to lay")),
            (self.lanes, tr("Which side")),
            (self.past, tr("Compare with")),
        ):
            box.setAccessibleName(name)
            box.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            box.activated.connect(lambda _at: self._changed())
        for lane in LANES:
            self.lanes.addItem(say(LANE_WORDS[lane]), lane)
        grid.addWidget(self.edges, 1, 0, 1, 2)
        grid.addWidget(self.lanes, 1, 2, 1, 2)
        grid.addWidget(self.past, 1, 4, 1, 4)
        self._mark()

    def _menu(self) -> QMenu:
        menu = QMenu(self)
        for words, name, kinds, save in (
            (tr("This picture, as PNG"), "neck.png", tr("Pictures (*.png)"), self.save_png),
            (tr("This picture, as SVG"), "neck.svg", tr("Drawings (*.svg)"), self.save_svg),
            (tr("The heights, as a table"), "heights.csv", tr("Tables (*.csv)"), self.save_table),
        ):
            item = menu.addAction(words)
            assert item is not None
            item.triggered.connect(
                lambda _on, name=name, kinds=kinds, save=save: self.extras.ask_where(
                    name, kinds, save
                )
            )
        return menu

    # --- what is shown ----------------------------------------------------------

    @property
    def edge(self) -> EdgeChoice:
        """The edge that lies on the neck."""
        edges = edges_of(self.app.settings.kit)
        return edges[min(max(self.edges.currentIndex(), 0), len(edges) - 1)]

    @property
    def lane(self) -> Lane:
        """The side the edge lies on."""
        return LANES[max(self.lanes.currentIndex(), 0)]

    @property
    def moment(self) -> Moment | None:
        """The earlier survey to compare with, if there is one."""
        at = self.past.currentIndex()
        if 0 <= at < len(self._moments):
            return self._moments[at]
        return None

    def shows(self, name: str) -> bool:
        """Whether a lane is on."""
        return name in self._order[-self.room :]

    @property
    def room(self) -> int:
        """How many lanes there is room for."""
        return next(lanes for percent, lanes in _ROOM if self.app.theme.percent <= percent)

    def toggle(self, name: str) -> None:
        """A lane on or off; the one that was on longest makes room."""
        if self.shows(name):
            if len(self._order) > 1:
                self._order.remove(name)
        else:
            self._order = [*(kept for kept in self._order if kept != name), name][-self.room :]
        self._mark()
        self._changed()

    def key(self, name: str) -> None:
        """``+`` and ``-`` draw heights larger or smaller, ``*`` turns the strings, ``/`` the
        light gap.
        """
        if name == "*":
            self.strings = "slack" if self.strings == "pitch" else "pitch"
        elif name == "/":
            self.toggle("light")
            return
        else:
            at = _STEPS.index(self.exaggeration) + (1 if name == "+" else -1)
            self.exaggeration = _STEPS[max(0, min(at, len(_STEPS) - 1))]
        self._mark()
        self._changed()

    def fill(self) -> None:
        """The edges on the bench and the surveys of the open neck."""
        session = self.app.session
        chosen, past = self.edges.currentIndex(), self.past.currentIndex()
        self.edges.clear()
        self.edges.addItems([say(edge.words) for edge in edges_of(self.app.settings.kit)])
        self.edges.setCurrentIndex(max(chosen, 0))
        self._moments = moments(session) if session is not None else ()
        self.past.clear()
        self.past.addItems(
            [tr("since {detail}", detail=m.words) for m in self._moments]
            or [tr("no earlier survey")]
        )
        self.past.setCurrentIndex(min(max(past, 0), self.past.count() - 1))
        self._mark()

    def _mark(self) -> None:
        for name, item in self.buttons.items():
            item.setChecked(self.shows(name))
        self.pull.setText(tr("at pitch") if self.strings == "pitch" else tr("slack"))
        light, change = self.shows("light"), self.shows("change")
        self.edges.setVisible(light)
        self.lanes.setVisible(light)
        self.past.setVisible(change)

    def restyle(self) -> None:
        """Text no larger than the row has room for."""
        self._mark()
        c, size = self.app.theme.colours, min(self.app.theme.px(14), 17)
        for item in (*self.buttons.values(), self.pull, self.save, self.to_room):
            item.setStyleSheet(
                f"QPushButton {{ font-size: {size}px; padding: 4px 3px; }}"
                f"QPushButton:checked {{ border: 2px solid {c.copper}; font-weight: bold; }}"
            )

    # --- carrying away ------------------------------------------------------------

    def save_png(self, path: Path) -> None:
        """The sheet as it is shown, twice as fine."""
        from PyQt6.QtCore import QBuffer, QByteArray, QIODevice
        from PyQt6.QtGui import QImage

        size = self.sheet.size() * 2
        image = QImage(size, QImage.Format.Format_RGB32)
        image.setDevicePixelRatio(2.0)
        with painting(image) as painter:
            self.sheet.render(painter)
        data = QByteArray()
        buffer = QBuffer(data)
        buffer.open(QIODevice.OpenModeFlag.WriteOnly)
        image.save(buffer, "PNG")
        self.extras.save(path, bytes(data.data()))

    def save_svg(self, path: Path) -> None:
        """The sheet as a drawing."""
        from PyQt6.QtCore import QBuffer, QByteArray, QIODevice
        from PyQt6.QtSvg import QSvgGenerator

        data = QByteArray()
        buffer = QBuffer(data)
        buffer.open(QIODevice.OpenModeFlag.WriteOnly)
        drawing = QSvgGenerator()
        drawing.setOutputDevice(buffer)
        size: QSize = self.sheet.size()
        drawing.setSize(size)
        drawing.setViewBox(QRect(0, 0, size.width(), size.height()))
        drawing.setTitle(tr("Neck sheet"))
        with painting(drawing) as painter:
            self.sheet.render(painter)
        self.extras.save(path, bytes(data.data()))

    def save_table(self, path: Path) -> None:
        """All heights with their doubts as CSV."""
        from nuvrek.exchange.answers import map_table

        if self.app.solved is not None:
            self.extras.save(path, map_table(self.app.solved.map).encode())
