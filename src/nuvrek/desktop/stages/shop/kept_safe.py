"""Kept safe: dated copies, what they hold, and what of them is put back; archive and merging."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import closing
from datetime import datetime
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFileDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout

from nuvrek import words
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, Stage, button, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.language import tr
from nuvrek.logbook.copies import Copy, Look, copies_of, look, make_copy, restore_all, thin
from nuvrek.logbook.inspection import Inspected, inspect
from nuvrek.logbook.merging import TakenIn, merge, restore_neck
from nuvrek.logbook.server import ServerLogbook
from nuvrek.logbook.store import LogbookError

MERGED = tr("Take another logbook in")


def inspected_words(found: object) -> str:
    """What a look through the logbook has shown."""
    if not isinstance(found, Inspected):
        return ""
    size = (
        f"{words.count(found.necks, 'neck', 'necks')}, "
        f"{words.count(found.entries, 'entry', 'entries')}"
    )
    if not found.wrong:
        return tr("The logbook is whole: {size} read, one by one.", size=size)
    more = tr(" And {number} more.", number=len(found.wrong) - 1) if len(found.wrong) > 1 else ""
    return tr("The logbook is damaged. {wrong}{more}", wrong=found.wrong[0], more=more)


class KeptSafeStage(Stage):
    """Copies on the left with what is in them; what goes out and comes in on the right."""

    contains = Qt.MatchFlag.MatchContains

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.copies: list[Copy] = []
        self.seen: Look | None = None
        self._sure = ""
        self.extras = Extras(self)
        self.dated, self.necks = Choices(), Choices()
        self.dated.setAccessibleName(tr("Copies by their day"))
        self.necks.setAccessibleName(tr("Necks in this copy"))
        self.dated.activated.connect(lambda _n: self._look())
        self.told = QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("What the copy holds"))
        page = QHBoxLayout(self)
        page.setContentsMargins(24, 12, 24, 12)
        page.setSpacing(40)
        page.addLayout(self._left(), 1)
        page.addWidget(scrolling(self._right()), 1)

    def _left(self) -> QVBoxLayout:
        self.make = button(tr("Make a copy now"), main=True)
        self.one, self.every = button(tr("Put this neck back")), button(tr("Put all of it back"))
        self.make.clicked.connect(self._make)
        self.one.clicked.connect(self._one)
        self.every.clicked.connect(self._every)
        grid = QGridLayout()
        grid.setVerticalSpacing(8)
        for row, (label, choice, push) in enumerate(
            ((tr("Copy of"), self.dated, self.every), (tr("Neck"), self.necks, self.one))
        ):
            grid.addWidget(QLabel(label), row, 0)
            grid.addWidget(choice, row, 1)
            grid.addWidget(push, row, 2)
        grid.setColumnStretch(1, 1)
        column = QVBoxLayout()
        column.setSpacing(8)
        column.addWidget(heading(tr("Copies")))
        column.addWidget(self.make)
        column.addLayout(grid)
        column.addWidget(self.told)
        column.addStretch(1)
        return column

    def _right(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.setSpacing(8)
        column.addWidget(heading(tr("Out, in, and through")))
        for words_, action in (
            (tr("How the promises held"), lambda: self.app.stage_wanted.emit("Honesty")),
            (tr("Look through the logbook"), self.check_all),
            (MERGED, self._ask_merge),
            (tr("Everything into one archive"), self._ask_archive),
            (tr("Take an archive in"), self._ask_take),
        ):
            push = button(words_)
            push.clicked.connect(lambda _on, action=action: action())
            column.addWidget(push)
        self.aside = button("")
        self.aside.clicked.connect(self._write_aside)
        column.addWidget(self.aside)
        about = QLabel(
            tr(
                "Nuvrek makes a backup every day you use it and thins out old ones. You can also "
                "merge the logbook from another computer: nothing gets lost or doubled."
            )
        )
        about.setWordWrap(True)
        about.setProperty("role", "quiet")
        column.addWidget(about)
        column.addStretch(1)
        return column

    # --- filling -------------------------------------------------------------------------

    def refresh(self) -> None:
        self._sure = ""
        self.copies = copies_of(self.app.book.path)
        self.dated.clear()
        for copy in self.copies:
            day, at = copy.made[:10], copy.made[11:]
            self.dated.addItem(
                tr(
                    "{day} {at}:{at_2}, {size:,} kB",
                    day=day,
                    at=at[:2],
                    at_2=at[2:4],
                    size=copy.size // 1024,
                ),
                copy.path,
            )
        for push in (self.one, self.every):
            push.setEnabled(bool(self.copies))
        book = self.app.book
        waiting = len(book.kept_aside()) if isinstance(book, ServerLogbook) else 0
        torn = book.torn_aside() if isinstance(book, ServerLogbook) else 0
        acts = words.count(waiting, "act", "acts")
        stays = tr("; {torn} can't be read and stay in their file", torn=torn) if torn else ""
        self.aside.setText(tr("Write what was kept aside: {acts}{stays}", acts=acts, stays=stays))
        self.aside.setVisible(bool(waiting or torn))
        self.make.setEnabled(not isinstance(book, ServerLogbook))
        self._look()
        if isinstance(book, ServerLogbook):
            self.told.setText(
                tr("Copies of a server's logbook are made there; the archive holds all.")
            )
        newest = self.copies[0].made[:10] if self.copies else ""
        self.bar.show_words(
            tr("Kept safe"),
            message=tr("The newest copy is of {newest}.", newest=newest)
            if newest
            else tr("No copy was made yet."),
            right_title="keys",
            right=(tr("Home: the shelf"),),
        )

    def _look(self) -> None:
        """What the copy in front holds."""
        path, self.seen = self.dated.currentData(), None
        self.necks.clear()
        self.told.setText("")
        if not isinstance(path, Path):
            return
        try:
            self.seen = look(path)
        except LogbookError as error:
            self.told.setText(str(error))
            return
        for uid, title, entries in self.seen.necks:
            self.necks.addItem(f"{title}: {words.count(entries, 'entry', 'entries')}", uid)
        held = words.count(len(self.seen.necks), "neck", "necks")
        wrong = tr(" Damaged: {wrong}.", wrong=self.seen.wrong) if self.seen.wrong else ""
        self.told.setText(tr("This copy holds {held}.{wrong}", held=held, wrong=wrong))

    # --- doing ---------------------------------------------------------------------------

    @property
    def _now(self) -> datetime:
        return datetime.fromisoformat(self.app.clock()).replace(tzinfo=None)

    def _did(self, action: Callable[[], str]) -> None:
        """Do something to the logbook, say how it went, and read everything anew."""
        said: list[str] = []
        if self.app.write(lambda: said.append(action())):
            self.app.put_down()
            self.refresh()
            self.say(said[0])

    def _make(self) -> None:
        def make() -> str:
            make_copy(self.app.book.path, self._now)
            thin(self.app.book.path, self._now)
            return tr("A copy is made.")

        self._did(make)

    def _one(self) -> None:
        """The neck in front, as the copy holds it; what is there now becomes a copy first."""
        path, uid, book = self.dated.currentData(), self.necks.currentData(), self.app.book

        def put_back() -> str:
            make_copy(book.path, self._now, "before-restore")
            return restore_neck(book, path, uid)

        if isinstance(path, Path) and uid:
            self._did(put_back)

    def _every(self) -> None:
        """All of the copy, at the second press."""
        path = self.dated.currentData()
        if not isinstance(path, Path):
            return
        if self._sure != path.name:
            self._sure = path.name
            self.say(
                tr("Press it again: all necks go back to that day; today's state becomes a copy.")
            )
            return
        self._did(lambda: tr("Put back; today's is {all_back}.", all_back=self._all_back(path)))

    def _all_back(self, path: Path) -> str:
        return restore_all(self.app.book.path, path, self._now).name

    def _write_aside(self) -> None:
        """What could not be written while the server was lost."""
        book = self.app.book
        if isinstance(book, ServerLogbook):
            self._did(
                lambda: tr(
                    "Written: {how_many}.", how_many=words.count(book.write_aside(), "act", "acts")
                )
            )

    def check_all(self) -> None:
        """Look through the whole logbook, beside the window."""
        again = self.app.book.again
        if self.app.aside.busy:
            self.say(tr("One thing after the other: something is still being read."))
            return
        self.app.aside.run(
            lambda told: inspect(again, told),
            lambda found: self.say(inspected_words(found)),
            lambda error: self.say(
                tr("The logbook could not be looked through. {error}", error=error)
            ),
        )

    def merge(self, path: Path) -> None:
        """Take another logbook in."""
        self._did(lambda: _taken_words(merge(self.app.book, path)))

    def _ask_merge(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, MERGED, "", tr("Logbooks (*.db)"))
        if path:
            self.merge(Path(path))

    def _ask_archive(self) -> None:
        self.extras.ask_where("logbook.zip", tr("Archives (*.zip)"), self.archive)

    def archive(self, path: Path) -> None:
        """Everything into one open archive, beside the window."""
        again = self.app.book.again

        def pack(_told: Callable[[str], None]) -> bytes:
            from nuvrek.bench.work.archive import packed

            with closing(again()) as book:
                return packed(book)

        self.app.aside.run(
            pack,
            lambda data: self.extras.save(path, data) if isinstance(data, bytes) else None,
            lambda error: self.say(tr("No archive could be made. {error}", error=error)),
        )

    def _ask_take(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, tr("Archive"), "", tr("Archives (*.zip)"))
        if path:
            self.take(Path(path))

    def take(self, path: Path) -> None:
        """Take an archive in, all of it or nothing."""
        from nuvrek.bench.work.archive import taken_in
        from nuvrek.exchange.jobfile import JobFaults

        try:
            self._did(lambda: _taken_words(taken_in(self.app.book, path)))
        except JobFaults as error:
            self.say(tr("{faults} Nothing was taken in.", faults=error.faults[0]))


def _taken_words(taken: TakenIn) -> str:
    said = tr(
        "{new} new, {grown} grown, {same} as they were.",
        new=taken.new,
        grown=taken.grown,
        same=taken.same,
    )
    return words.sentences(said, *taken.told[:3])
