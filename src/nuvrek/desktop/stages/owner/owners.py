"""Owners: a list of its own, each with their necks and how they are reached."""

from __future__ import annotations

import json
from collections.abc import Callable
from contextlib import closing
from pathlib import Path

from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPaintEvent, QPen
from PyQt6.QtWidgets import QHBoxLayout, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.bench.forms.owner import OWNER, read_owner
from nuvrek.bench.owner.owners import OwnerCard, keep_owner, owner_cards
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.stages.base import Picks, Stage, TickBox, button, clear, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.stages.owner.forms import WordsForm
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.painting import painting
from nuvrek.meaning import Said
from nuvrek.neck.owner import HOW_WORDS, Owner
from nuvrek.wording import speech as words
from nuvrek.wording.speech import later, say, say_values, tr

_TITLE = later("The owner")


class OwnerLine(QWidget):
    """One owner: the name, and their necks."""

    chosen = pyqtSignal()

    def __init__(self, app: AppState, card: OwnerCard) -> None:
        super().__init__()
        self.app, self.card, self.selected = app, card, False
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(f"{card.owner.name}: {say(card.told)}")

    def sizeHint(self) -> QSize:
        return QSize(420, self.app.theme.px(54))

    def mousePressEvent(self, _event: QMouseEvent | None) -> None:
        self.chosen.emit()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            t, c = self.app.theme, self.app.theme.colours
            if self.selected:
                painter.setPen(QPen(c["copper"], 2))
                painter.setBrush(c["card"])
                painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 2, -1, -2), 4, 4)
            half = self.height() / 2
            name = QRectF(14, 3, self.width() - 24, half)
            painter.setFont(t.font(17, bold=True))
            painter.setPen(c["ink"])
            one_line(painter, name, self.card.owner.name, Qt.AlignmentFlag.AlignLeft)
            painter.setFont(t.font(13))
            painter.setPen(c["muted"])
            below = name.translated(0, half - 5)
            text = say(self.card.told)
            if not self.card.owner.asked:
                text = tr("the house's own · {card}", card=text)
            one_line(painter, below, text, Qt.AlignmentFlag.AlignLeft)


class OwnersStage(Stage):
    """The list on the left, the owner in front on the right."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.extras = Extras(self)
        self.cards: list[OwnerCard] = []
        self.rows: list[OwnerLine] = []
        self.index = 0
        self.list = QVBoxLayout()
        self.list.setSpacing(2)
        self.form = WordsForm(app, {_TITLE: say_values(OWNER)})
        self.form.kept.connect(lambda _title: self._keep())
        self.form.full.connect(self.say)
        self.usually = Picks(tr("Usually reached"), say_values(HOW_WORDS))
        self.form.add_choice(_TITLE, tr("Usually reached"), self.usually)
        self.house = TickBox(tr("The house's own: nobody is asked"), app)
        self.house.clicked.connect(lambda: self.form.touch(_TITLE))
        self.form.add_row(_TITLE, self.house)
        self.photos = TickBox(tr("and the photos of their necks"), app)
        self.out, self.remove = button(tr("All that is kept of them")), button(tr("Take them out"))
        self.out.clicked.connect(self._ask_out)
        self.remove.clicked.connect(self._remove)
        self._sure = ""
        for row in (self.out, self.remove, self.photos):
            self.form.add_row(_TITLE, row)
        self.new = button(tr("Another owner"))
        self.new.clicked.connect(self._new)
        left = QVBoxLayout()
        head = QHBoxLayout()
        head.addWidget(heading(tr("Owners")))
        head.addStretch(1)
        head.addWidget(self.new)
        left.addLayout(head)
        self.scroller = scrolling(self.list)
        left.addWidget(self.scroller, 1)
        page = QHBoxLayout(self)
        page.setContentsMargins(24, 10, 24, 10)
        page.setSpacing(26)
        page.addLayout(left, 1)
        page.addWidget(self.form, 1)

    def enter(self) -> None:
        session = self.app.session
        wanted = ""
        if session is not None:
            wanted = session.neck_state.neck.owner.strip()
        self._read()
        names = [card.owner.name for card in self.cards]
        if wanted in names:
            self.index = names.index(wanted)
        super().enter()

    def leave(self) -> None:
        self.form.keep()

    def _read(self) -> None:
        found: list[OwnerCard] = []

        def read() -> None:
            found.extend(owner_cards(self.app.book.owners(), self.app.shelf.cards()))

        self.app.write(read)
        self.cards = found

    def refresh(self) -> None:
        clear(self.list)
        self.rows = [OwnerLine(self.app, card) for card in self.cards]
        for number, row in enumerate(self.rows):
            row.chosen.connect(lambda number=number: self.select(number))
            self.list.addWidget(row)
        self.index = max(0, min(self.index, len(self.cards) - 1))
        self._show()

    def select(self, number: int) -> None:
        """Bring an owner to the front; what was typed of the one before is kept."""
        self.form.keep()
        self.index = max(0, min(number, len(self.cards) - 1))
        self.setFocus()
        self._show()

    def _show(self) -> None:
        self.form.setEnabled(bool(self.cards))
        for number, row in enumerate(self.rows):
            row.selected = number == self.index
            row.update()
        if not self.cards:
            self.bar.show_words(
                tr("No owner yet"), message=tr("An owner is named in Take in, or taken in here.")
            )
            return
        self.scroller.ensureWidgetVisible(self.rows[self.index])
        card = self.cards[self.index]
        self.form.fill(_TITLE, {name: getattr(card.owner, name) for name in OWNER})
        self.usually.setCurrentIndex(self.usually.findData(card.owner.usually))
        self.house.setChecked(not card.owner.asked)
        self.bar.show_words(
            card.owner.name,
            message=say(card.told),
            right_title=tr("keys"),
            right=(
                tr("up and down: an owner"),
                tr("+ another owner"),
                tr("Enter: their first neck"),
            ),
        )

    def _ask_out(self) -> None:
        """All that is kept of the owner in front, as a file."""
        if self.cards:
            self.extras.ask_where("owner.json", tr("Open text (*.json)"), self.write_out)

    def write_out(self, path: Path) -> None:
        """Write all that is kept of the owner in front."""
        from nuvrek.logbook.joining.privacy import owner_data

        name, datas = self.cards[self.index].owner.name, list[bytes]()

        def gather() -> None:
            text = json.dumps(owner_data(self.app.book, name), ensure_ascii=False, indent=1)
            datas.append(text.encode())

        if self.app.write(gather):
            self.extras.save(path, datas[0])

    def _remove(self) -> None:
        """Take the owner in front out of logbook and copies, at the second press; necks stay."""
        from nuvrek.logbook.joining.privacy import Removed, remove_owner

        if not self.cards:
            return
        name = self.cards[self.index].owner.name
        if self._sure != name:
            self._sure = name
            self.say(
                tr("Press it again: name, address, words and letters go, also from the copies.")
            )
            return
        if self.app.background.busy:
            self.say(tr("One thing after the other: something is still being read."))
            return
        source, photos, at = self.app.book.at_source, self.photos.isChecked(), self.app.clock()

        def remove(tell: Callable[[str], None]) -> Removed:
            tell(tr("Changing the logbook"))
            with closing(source()) as book:
                return remove_owner(book, name, photos, at)

        self.form.forget()
        self.app.background.run(remove, self._removed, lambda error: self.say(str(error)))

    def _removed(self, done: object) -> None:
        from nuvrek.logbook.joining.privacy import Removed

        if not isinstance(done, Removed):
            return
        necks = words.count(done.necks, "neck stays", "necks stay")
        self.app.carry_now()
        self.app.put_down()
        self._read()
        self.refresh()
        self.say(words.sentences(tr("Gone; {necks} without a name.", necks=necks), *done.sayings))

    def _new(self) -> None:
        self.form.keep()
        names = {card.owner.name for card in self.cards}
        number = 1
        while (name := tr("Owner {i}", i=number)) in names:
            number += 1
        if self.app.write(lambda: self.app.book.keep_owner(Owner(name=name), self.app.clock())):
            self._read()
            self.index = [card.owner.name for card in self.cards].index(name)
            self.refresh()
            line = self.form.lines[_TITLE, "name"]
            line.setFocus()
            line.selectAll()

    def _keep(self) -> None:
        """What was typed, if it reads and says something new."""
        if not self.cards:
            return
        before = self.cards[self.index]
        texts = {**self.form.texts(_TITLE), "usually": str(self.usually.currentData())}
        now = read_owner(texts, not self.house.isChecked())
        if isinstance(now, (str, Said)):
            self.say(tr("{now} Not kept yet.", now=now))
            return
        if now == before.owner:
            return
        taken = {card.owner.name for card in self.cards} - {before.owner.name}
        if now.name in taken:
            self.say(tr("There is another owner of that name; add a place to tell them apart."))
            return
        session = self.app.session
        if self.app.write(lambda: keep_owner(self.app.book, before, now, self.app.clock, session)):
            self.app.shelf.forget(card.row.id for card in before.necks)
            self._read()
            names = [card.owner.name for card in self.cards]
            self.index = names.index(now.name) if now.name in names else 0
            self.refresh()
            self.say(tr("Kept."))

    def key(self, name: str) -> bool:
        if name in ("up", "down"):
            self.select(self.index + (1 if name == "down" else -1))
        elif name == "+":
            self._new()
        elif name == "enter" and self.cards and self.cards[self.index].necks:
            row = self.cards[self.index].necks[0].row
            if self.app.write(lambda: self.app.open(row)):
                self.app.stage_wanted.emit("Owner")
        else:
            return False
        return True
