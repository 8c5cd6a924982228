"""Prices: what the shop charges and how it names itself, as forms that keep themselves."""

from __future__ import annotations

import msgspec
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QLineEdit, QVBoxLayout

from nuvrek.bench.forms.owner import SHOP, read_shop
from nuvrek.bench.forms.prices import FIXED, PLAIN, labels, read_prices, texts_of
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Picks, Stage, heading, scrolling
from nuvrek.desktop.stages.owner.forms import WordsForm
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.field import Field
from nuvrek.meaning import Said
from nuvrek.planning.money.prices import SURCHARGES, TAX_WORDS
from nuvrek.wording.speech import later, say, say_values, tr

_GROUPS = (
    (later("The shop"), tuple(PLAIN)),
    (later("On top of the work"), tuple(SURCHARGES)),
    (later("Fixed prices, by way"), tuple(f"fixed {kind}" for kind in FIXED)),
)

_PAPERS = later("On the papers")


class PricesStage(Stage):
    """Fields in three columns; whatever reads as a list is kept at once."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.fields: dict[str, QLineEdit] = {}
        self._loading = False
        self.tax = Picks(tr("Tax"), say_values(TAX_WORDS))
        self.tax.activated.connect(self._edited)
        columns = QHBoxLayout()
        columns.setSpacing(34)
        for title, names in _GROUPS:
            columns.addLayout(self._group(say(title), names), 1)
        self.shop = WordsForm(app, {_PAPERS: say_values(SHOP)})
        self.shop.kept.connect(lambda _title: self._keep_shop())
        columns.addWidget(self.shop, 2)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addWidget(scrolling(columns))

    def _group(self, title: str, names: tuple[str, ...]) -> QGridLayout:
        grid, said = QGridLayout(), labels()
        grid.setVerticalSpacing(4)
        grid.addWidget(heading(title), 0, 0, 1, 2)
        for row, name in enumerate(names, 1):
            label, line = QLabel(say(said[name])), Field()
            label.setBuddy(line)
            line.setAccessibleName(say(said[name]))
            line.setMaxLength(20)
            line.setAlignment(Qt.AlignmentFlag.AlignRight)
            line.textEdited.connect(self._edited)
            self.fields[name] = line
            grid.addWidget(label, row, 0)
            grid.addWidget(line, row, 1)
        if "currency" in names:
            grid.addWidget(self.tax, len(names) + 1, 0, 1, 2)
        grid.setRowStretch(len(names) + 2, 1)
        return grid

    def refresh(self) -> None:
        self._loading = True
        texts = texts_of(self.app.settings.prices)
        for name, line in self.fields.items():
            line.setText(texts.get(name, ""))
        self.tax.setCurrentIndex(self.tax.findData(self.app.settings.prices.tax))
        self._loading = False
        shop = self.app.settings.shop
        self.shop.fill(_PAPERS, {name: getattr(shop, name) for name in SHOP})
        self._bar(tr("What is left empty is not charged by itself."))

    def _edited(self, *_what: object) -> None:
        if self._loading:
            return
        typed = {name: line.text() for name, line in self.fields.items()}
        made = read_prices({**typed, "tax": str(self.tax.currentData())})
        if isinstance(made, (str, Said)):
            self._bar(tr("{detail} Not kept yet.", detail=made))
            return
        # Fixed prices of ways that have no field here stay as they are.
        others = {
            kind: amount
            for kind, amount in self.app.settings.prices.fixed.items()
            if kind not in FIXED
        }
        made = msgspec.structs.replace(made, fixed={**others, **made.fixed})
        self.app.change_quietly(msgspec.structs.replace(self.app.settings, prices=made))
        self._bar(tr("Kept."))

    def leave(self) -> None:
        self.shop.keep()

    def _keep_shop(self) -> None:
        made = read_shop(self.shop.texts(_PAPERS))
        if isinstance(made, (str, Said)):
            self.say(tr("{detail} Not kept yet.", detail=made))
        elif made != self.app.settings.shop:
            self.app.change_quietly(msgspec.structs.replace(self.app.settings, shop=made))
            self._bar(tr("Kept."))

    def _bar(self, message: str) -> None:
        self.bar.show_words(
            tr("Prices"), message=message, right_title=tr("keys"), right=(tr("Enter: Choose"),)
        )

    def key(self, name: str) -> bool:
        if name == "enter" and self.app.session is not None:
            self.app.stage_wanted.emit("Choose")
            return True
        return False
