"""The shelf: all necks by what they need, over the hours and days ahead; to open one, find one or
start one.
"""

from __future__ import annotations

import time
from collections.abc import Callable
from contextlib import closing
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QPoint, Qt, QTimer
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QLineEdit, QMenu, QVBoxLayout

from nuvrek.bench.shop.keeping_house import Deletion, delete_neck, deletion_of, file_name
from nuvrek.bench.shop.shelf import AT_ONCE, ShelfCard
from nuvrek.bench.working.today import NEEDS
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.bench_time import BenchTime
from nuvrek.desktop.stages.base import Stage, button, heading
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.doors import Doors
from nuvrek.desktop.widgets.neck_list import NeckList
from nuvrek.desktop.widgets.painting import styled
from nuvrek.exchange.jobfile import Job, dump
from nuvrek.readings.shop.entries import Promised, PutAway, WaitsFor
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr

if TYPE_CHECKING:
    from nuvrek.bench.shop.queue import Ready

# No shelf has more necks than a number of so many digits.
LONGEST_NUMBER = 6
# A shelf of thousands is read on in steps no hand feels, with a pause for keys between, and put
# in order now and then.
_STEP_S, _PAUSE_MS, _ARRANGE_S = 0.011, 2, 2.0
# Minutes that may be free between other work; 0: any.
_FREE = (0, 15, 30, 60)


def _stands(card: ShelfCard, asked: str, moment: str) -> bool:
    """Whether what a neck needs now is called so: "waiting", "to be handed back"."""
    return len(asked) > 3 and asked.lower() in say(NEEDS[card.need.at(moment).kind]).lower()


class ShelfStage(Stage):
    """The bench in time above, the necks below in the order of what they need."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        # In the order they were started, and those that are shown in theirs.
        self.cards: list[ShelfCard] = []
        self.shown: list[ShelfCard] = []
        self.ready: dict[int, Ready] = {}
        self.index = self.free = 0
        self._arranged = 0.0
        # The number of a neck as far as it is typed: digits gather here, Enter opens.
        self.typed = ""
        self.time = BenchTime(app.theme)
        self.time.picked.connect(self._pick)
        self.list = NeckList(app)
        self.list.clicked.connect(lambda place: self._open_card(self.shown[place.row()]))
        self.list.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.list.customContextMenuRequested.connect(self._menu_at)
        self._sure: Deletion | None = None
        self.search = QLineEdit()
        self.search.setPlaceholderText(tr("find: owner, name, wire, finding, date, waiting  (/)"))
        self.search.setAccessibleName(tr("Find a neck"))
        self.search.setMaxLength(80)
        self.search.textChanged.connect(lambda _text: self._arrange())
        self.search.returnPressed.connect(self.setFocus)
        self.count = QLabel("")
        self.count.setProperty("role", "quiet")
        page = QVBoxLayout(self)
        page.setContentsMargins(24, 8, 24, 8)
        page.setSpacing(5)
        page.addLayout(self._head())
        page.addWidget(self.time)
        page.addWidget(self.list, 1)
        self.doors: Doors | None = None
        self.rest = QTimer(self)
        self.rest.setSingleShot(True)
        self.rest.setInterval(_PAUSE_MS)
        self.rest.timeout.connect(self._read_on)

    def _head(self) -> QHBoxLayout:
        self.new = button(tr("Take in another neck"), main=True)
        self.take_in: Callable[[], None] = self._start
        self.new.clicked.connect(self._start)
        self.safe = button(tr("Kept safe"))
        self.safe.clicked.connect(lambda: self.app.stage_wanted.emit("Kept safe"))
        self.owners = button(tr("Owners"))
        self.owners.clicked.connect(lambda: self.app.stage_wanted.emit("Owners"))
        self.practise = button(tr("Practise"))
        self.practise.clicked.connect(lambda: self.app.practice_wanted.emit())
        self.fitting = button("")
        self.fitting.clicked.connect(self._other_time)
        row = QHBoxLayout()
        row.addWidget(heading(tr("The shelf")))
        row.addWidget(self.count)
        row.addWidget(self.search, 1)
        for push in (self.fitting, self.practise, self.owners, self.safe, self.new):
            row.addWidget(push)
        return row

    def restyle(self) -> None:
        super().restyle()
        # The buttons of the head stand beside each other: with large text they grow less.
        t = Theme(self.app.theme.dark, min(self.app.theme.percent, 125))
        for push in (self.fitting, self.practise, self.owners, self.safe, self.new):
            styled(push, f"font-size: {t.px(15)}px; padding: {t.px(6)}px {t.px(9)}px;")

    # --- filling -------------------------------------------------------------------------

    def refresh(self) -> None:
        cards: list[ShelfCard] = []
        self.app.note_found()
        readable = self.app.write(lambda: cards.extend(self.app.shelf.cards(AT_ONCE)))
        self.cards = cards
        self._arrange()
        if self.app.shelf.unread:
            self.rest.start()
        else:
            self._forecast()
        if not readable:
            # Not "empty": the sentence that said why it can't be read stands in the bar's message.
            self.bar.prompt.setText(tr("The shelf can't be read"))

    def _read_on(self) -> None:
        """The necks that were not read yet, some at a time, while the page is in front."""
        if not self.isVisible():
            return
        shelf = self.app.shelf
        if not self.app.write(lambda: shelf.read_on(_STEP_S)):
            return
        # To put thousands in order takes longer than to read some more of them.
        if not shelf.unread or time.monotonic() - self._arranged > _ARRANGE_S:
            self.cards = list(shelf.known())
            self._arrange()
        if shelf.unread:
            self.rest.start()
        else:
            self._forecast()

    def _forecast(self) -> None:
        """When each neck can be ready, worked out off the interface thread: the shelf is on screen
        before the heavy libraries are there.
        """
        if not any(card.need.ahead for card in self.cards):
            self.ready = {}
            return
        cards, ticks = tuple(self.cards), self.app.shelf.ticks()
        moment, hours = self.app.clock(), self.app.settings.week_hours

        def job() -> object:
            from nuvrek.bench.shop.queue import forecast
            from nuvrek.planning.money.pace import Tick, pace_of

            return cards, forecast(cards, moment, pace_of([Tick(*tick) for tick in ticks]), hours)

        self.app.reckon(job, self._forecast_arrived)

    def _forecast_arrived(self, made: object) -> None:
        if isinstance(made, tuple) and made[0] == tuple(self.cards):
            self.ready = made[1]
            if self.isVisible():
                self._arrange()

    def _arrange(self) -> None:
        """The necks that are asked for, in the order of what they need."""
        from nuvrek.bench.shop.queue import fits, order_of

        moment, asked = self.app.clock(), self.search.text().strip()
        chosen = self.cards
        if not asked:
            # What is put away shows when it is looked for.
            chosen = [card for card in chosen if card.need.kind != "away"]
        if asked:
            found = self.app.shelf.search(asked)
            chosen = [
                card for card in chosen if card.row.id in found or _stands(card, asked, moment)
            ]
        if self.free:
            chosen = [card for card in chosen if fits(card, moment, self.free)]
        before = 0
        if self.selected is not None:
            before = self.selected.row.id
        self._arranged = time.monotonic()
        self.shown = order_of(chosen, moment)
        ids = [card.row.id for card in self.shown]
        self.index = ids.index(before) if before in ids else 0
        self.list.show_cards(self.shown, self.ready, moment)
        self.time.show_cards(self.cards, self.ready, moment, before)
        self._say_count(asked)
        self._show()

    def _say_count(self, asked: str) -> None:
        away = sum(card.need.kind == "away" for card in self.cards)
        count = words.count(len(self.cards) - away, "neck", "necks")
        if away:
            count += tr(", {number} put away", number=away)
        if asked or self.free:
            count = tr("{number} of {count}", number=len(self.shown), count=count)
        if self.app.shelf.unread:
            count += tr(", {number} being read", number=len(self.app.shelf.unread))
        self.count.setText(f"   {count}")
        if self.free:
            text = tr("{free} minutes free", free=self.free)
        else:
            text = tr("any time free")
        self.fitting.setText(f"{text}  (.)")

    @property
    def selected(self) -> ShelfCard | None:
        """The neck in front."""
        if self.index < len(self.shown):
            return self.shown[self.index]
        return None

    def _select(self, index: int) -> None:
        """Bring the neck at a place of the list to the front."""
        self.index = max(0, min(index, len(self.shown) - 1))
        self._show()

    def _pick(self, neck: int) -> None:
        ids = [card.row.id for card in self.shown]
        if neck in ids:
            self._select(ids.index(neck))

    def _show_doors(self, on: bool) -> None:
        """An empty shelf is three doors; they are made when they are first wanted."""
        if on and self.doors is None:
            self.doors = Doors(self.app.theme, self.key)
            layout = self.layout()
            assert isinstance(layout, QVBoxLayout)
            layout.insertWidget(layout.indexOf(self.list), self.doors, 1)
        if self.doors is not None:
            self.doors.setVisible(on)
            self.doors.restyle()
        parts = (
            self.list,
            self.time,
            self.search,
            self.fitting,
            self.practise,
            self.owners,
            self.new,
        )
        for part in parts:
            part.setVisible(not on)

    def _show(self) -> None:
        card = self.selected
        self._show_doors(not self.cards and not self.app.shelf.unread)
        if card is None:
            asked = bool(self.search.text().strip() or self.free)
            self.list.mark(0)
            self.bar.show_words(
                tr("Nothing is found") if asked else tr("The shelf is empty"),
                message=tr("Fewer letters, or another time free, find more.")
                if asked
                else tr(
                    "1 or + takes in a neck: scale length, frets and body joint are "
                    "enough to begin."
                ),
            )
            return
        self.list.mark(card.row.id)
        self.time.select(card.row.id)
        there = not self.typed or card.row.id == int(self.typed)
        self.bar.show_words(
            card.neck.title if there else tr("Neck {number}", number=self.typed),
            number=f"{self.typed}▏" if self.typed else "",
            message=self._about(card) if there else tr("No neck on the shelf has this number."),
            right_title=tr("Enter opens"),
            right=(
                tr("up and down or its number choose, / finds"),
                tr("+ takes in another"),
                tr("* promise a day, - take it back"),
                tr("0 waits for a part, right: more"),
            ),
        )

    def _about(self, card: ShelfCard) -> str:
        if card.damage:
            return say(card.damage)
        moment = self.app.clock()
        need, ready = card.need.at(moment), self.ready.get(card.row.id)
        texts = [f"{say(NEEDS[need.kind])}: {say(need.action)}."]
        left = need.minutes_left(moment)
        if left:
            texts.append(
                tr(
                    "{left} h {other_left:02d} min to go, the longer the better.",
                    left=left // 60,
                    other_left=left % 60,
                )
            )
        if ready is not None:
            texts.append(
                tr("Ready likely {likely}, 90 % sure by {by}.", likely=ready.likely, by=ready.by)
            )
        return words.sentences(*texts, card.neck.complaint)

    # --- doing ---------------------------------------------------------------------------

    def _open(self, number: int) -> None:
        """Open the neck that was started as that one (from 0)."""
        self._open_card(self.cards[number])

    def _open_card(self, card: ShelfCard) -> None:
        self._pick(card.row.id)
        row, due = card.row, card.need.at(self.app.clock()).kind == "look"
        if not self.app.write(lambda: self.app.open(row)):
            return
        self.app.stage_wanted.emit("Measure" if row.entries == 0 or due else "Map")
        if due:
            self.app.round_wanted.emit("later")

    def _start(self) -> None:
        self.app.stage_wanted.emit("New neck")

    def _other_time(self) -> None:
        """Another span of time that is free: only what fits into it is shown."""
        self.free = _FREE[(_FREE.index(self.free) + 1) % len(_FREE)]
        self.setFocus()
        self._arrange()

    def _promise(self, back: bool = False) -> None:
        """Promise the neck in front for the day it is ready by, or take the promise back."""
        card = self.selected
        if card is None:
            ready = None
        else:
            ready = self.ready.get(card.row.id)
        if card is None or (ready is None and not back):
            self.say(
                tr("Nothing is left to be done on it, or it waits for somebody: no day to name.")
            )
            return
        day = "" if back or ready is None else ready.by
        self._append(card, Promised(day=day))
        self.say(tr("Promised for {day}.", day=day) if day else tr("The promise is taken back."))

    def _waits(self) -> None:
        """The neck in front waits for a part, or no more."""
        card = self.selected
        if card is not None:
            waits = card.need.kind == "part"
            self._append(card, WaitsFor(what="nothing" if waits else "a part"))
            self.say(tr("It waits no more.") if waits else tr("It waits for a part."))

    # --- more with a neck ------------------------------------------------------------------

    def menu(self, card: ShelfCard) -> QMenu:
        """What else can be done with a neck."""
        away = card.need.kind == "away"
        menu = QMenu(self)
        for text, doing in (
            (tr("Open"), lambda: self._open_card(card)),
            (tr("Send as a job file"), lambda: self._ask_send(card)),
            (
                tr("Bring back to the shelf") if away else tr("Put away"),
                lambda: self.put_away(card),
            ),
            (tr("Delete for good"), lambda: self.delete(card)),
        ):
            action = menu.addAction(text)
            assert action is not None
            action.triggered.connect(lambda _on, doing=doing: doing())
        return menu

    def _menu_at(self, place: QPoint) -> None:
        index = self.list.indexAt(place)
        if index.isValid():
            self._pick(self.shown[index.row()].row.id)
            self._more(self.list.mapToGlobal(place))

    def _more(self, place: QPoint | None = None) -> None:
        """The menu of the neck in front."""
        if self.selected is not None:
            menu = self.menu(self.selected)
            menu.popup(place or self.mapToGlobal(self.list.geometry().center()))
            menu.setActiveAction(menu.actions()[0])

    def put_away(self, card: ShelfCard) -> None:
        """Off the shelf, or back to it; nothing of it is lost."""
        away = card.need.kind == "away"
        self._append(card, PutAway(what="back" if away else "away"))
        if away:
            self.say(tr("Back on the shelf."))
        else:
            self.say(tr("Put away. Find it by its name, or by “put away”."))

    def _ask_send(self, card: ShelfCard) -> None:
        extras = Extras(self)
        extras.ask_where(
            file_name(card.row), tr("Job files (*.json)"), lambda path: self._send(card, path)
        )

    def _send(self, card: ShelfCard, path: Path) -> None:
        self.send(card, path)

    def send(self, card: ShelfCard, path: Path) -> bool:
        """Write a neck whole as a job file."""
        datas: list[bytes] = []

        def gather() -> None:
            entries = tuple(self.app.book.entries(card.row.id))
            datas.append(dump(Job(neck=card.row.neck, journal=entries)))

        return self.app.write(gather) and Extras(self).save(path, datas[0])

    def delete(self, card: ShelfCard) -> None:
        """Delete the neck for good, at the second time; the first says what that means."""
        before, self._sure = self._sure, None
        found: list[Deletion] = []

        def ask_or_do() -> None:
            # What is deleted goes where the logbook is kept, not only here.
            with closing(self.app.book.at_source()) as book:
                found.append(deletion_of(book, self.app.book.uid(card.row.id)))
                if found[0] == before:
                    self.app.put_down()
                    delete_neck(book, found[0])

        if not self.app.write(ask_or_do):
            return
        if found[0] != before:
            self._sure = found[0]
            self.say(words.sentences(found[0].words, tr("Choose it once more to do so.")))
            return
        self.app.carry_now()
        self.app.shelf.forget([card.row.id])
        self.refresh()
        self.say(tr("Deleted: {title}.", title=card.neck.title))

    def _append(self, card: ShelfCard, entry: Promised | WaitsFor | PutAway) -> None:
        def write() -> None:
            self.app.open(card.row)
            session = self.app.session
            assert session is not None
            session.append(entry)

        if self.app.write(write):
            self.refresh()

    def leave(self) -> None:
        self.typed = ""

    def _type(self, digit: str) -> None:
        """One more digit of a neck's number; a neck that has it comes to the front."""
        if len(self.typed) < LONGEST_NUMBER:
            self.typed += digit
        self._pick(int(self.typed))
        self._show()

    def _enter(self) -> None:
        """Open the neck whose number was typed, else the one in front."""
        number, self.typed = self.typed, ""
        if not number:
            if self.selected is not None:
                self._open_card(self.selected)
            return
        card = next((card for card in self.cards if card.row.id == int(number)), None)
        if card is not None:
            self._open_card(card)
            return
        self._show()
        self.say(tr("No neck on the shelf has this number."))

    def _door(self, name: str) -> bool:
        """One of the three doors of an empty shelf."""
        doors: dict[str, Callable[[], None]] = {
            "1": self._start,
            "2": self.app.demo_wanted.emit,
            "3": self.app.practice_wanted.emit,
        }
        if name in doors:
            doors[name]()
        return name in doors

    def key(self, name: str) -> bool:
        if self.typed and name == "back":
            self.typed = self.typed[:-1]
            self._show()
            return True
        if name in tuple("123456789") or (name == "0" and self.typed):
            if not self.cards:
                return self._door(name)
            self._type(name)
            return True
        if name != "enter":
            self.typed = ""
        simple = {
            "+": self.take_in,
            "*": self._promise,
            "-": lambda: self._promise(back=True),
            "/": self.search.setFocus,
            ".": self._other_time,
            "0": self._waits,
        }
        if name in simple:
            simple[name]()
        elif name == "enter" and (self.typed or self.selected is not None):
            self._enter()
        elif name == "right" and self.selected is not None:
            self._more()
        elif name in ("up", "down") and self.shown:
            self._select(self.index + (1 if name == "down" else -1))
        else:
            return False
        return True
