"""Tiles of touch size to pick from, numbered for the keypad."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QGridLayout, QPushButton, QSizePolicy, QWidget

from nuvrek.desktop.stages.base import button
from nuvrek.desktop.theme import Theme

_COLUMNS = 6


class Tiles(QWidget):
    """A grid of numbered buttons; ``picked`` is called with the place of the one pressed."""

    def __init__(self, theme: Theme, picked: Callable[[int], None]) -> None:
        super().__init__()
        self.theme, self._picked = theme, picked
        self._said: tuple[object, ...] = ()
        self.tiles: list[QPushButton] = []
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 6, 0, 6)
        self._grid.setSpacing(8)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)

    def fill(self, words: tuple[str, ...]) -> None:
        """Show one tile per word; none hides the whole."""
        self.setVisible(bool(words))
        said = (words, self.theme.percent, self.theme.dark)
        if said == self._said:
            return
        self._said = said
        for tile in self.tiles:
            tile.deleteLater()
        self.tiles = []
        for place, text in enumerate(words):
            # The tenth is picked by nought.
            tile = button(f"{(place + 1) % 10 if place < 10 else place + 1}   {text}")
            tile.setAccessibleName(text)
            tile.setStyleSheet(
                f"text-align: left; font-size: {min(self.theme.px(16), 20)}px; min-height: "
                f"{min(self.theme.px(30), 40)}px; padding: 6px 10px;"
            )
            tile.clicked.connect(lambda _on, place=place: self._picked(place))
            self._grid.addWidget(tile, place // _COLUMNS, place % _COLUMNS)
            self.tiles.append(tile)
