"""Kept safe: dated copies, what they hold, and what of them is put back; archive and merging."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import closing
from datetime import datetime
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QFileDialog, QGridLayout, QHBoxLayout, QLabel, QVBoxLayout

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, Stage, button, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.logbook.benches.bench_copy import BenchCopy
from nuvrek.logbook.joining.merging import (
    Everything,
    TakenIn,
    everything_in,
    forecast,
    restore_neck,
    take_in,
)
from nuvrek.logbook.on_disk.copies import (
    Copy,
    Look,
    copies_of,
    look_into,
    make_copy,
    restore_all,
    thin,
)
from nuvrek.logbook.on_disk.inspection import Inspected, inspect
from nuvrek.logbook.stand import Stand
from nuvrek.logbook.store import Logbook, LogbookError
from nuvrek.meaning import Said
from nuvrek.wording import speech as words
from nuvrek.wording.speech import later, say, tr

MERGED = later("Take another logbook in")


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
    more = ""
    if len(found.wrong) > 1:
        more = tr("And {number} more.", number=len(found.wrong) - 1)
    return tr("The logbook is damaged. {wrong} {more}", wrong=found.wrong[0], more=more)


class KeptSafeStage(Stage):
    """Copies on the left with what is in them; what goes out and comes in on the right."""

    contains = Qt.MatchFlag.MatchContains

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.copies: list[Copy] = []
        self.seen: Look | None = None
        self._sure = ""
        # What comes from elsewhere and waits for a word, with what was shown of it.
        self._waits: tuple[Everything, TakenIn] | None = None
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
            push = button(say(words_))
            push.clicked.connect(lambda _on, action=action: action())
            column.addWidget(push)
        self.so = button(tr("Take it in all the same"), main=True)
        self.so.clicked.connect(self._take_so)
        self.so.setVisible(False)
        self.refused = QLabel("")
        self.refused.setWordWrap(True)
        self.refused.setAccessibleName(tr("What the server can't take"))
        self.leave_refused = button(tr("Drop what can't go to the server"))
        self.leave_refused.clicked.connect(self._leave_refused)
        for part in (self.so, self.refused, self.leave_refused):
            column.addWidget(part)
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
            day, at = copy.made_at[:10], copy.made_at[11:]
            self.dated.addItem(
                tr(
                    "{day} {at}:{other_at}, {size:,} kB",
                    day=day,
                    at=at[:2],
                    other_at=at[2:4],
                    size=copy.size // 1024,
                ),
                copy.path,
            )
        self._show_refused()
        self._look()
        newest = ""
        if self.copies:
            newest = self.copies[0].made_at[:10]
        self.bar.show_words(
            tr("Kept safe"),
            message=tr("The newest copy is of {newest}.", newest=newest)
            if newest
            else tr("No copy was made yet."),
            right_title="keys",
            right=(tr("Home: the shelf"),),
        )

    def _show_refused(self) -> None:
        """What the server can't take, with why: it is left only when that is wished."""
        refused = refused_words(self.app.book)
        self.refused.setText("\n".join(refused))
        for part in (self.refused, self.leave_refused):
            part.setVisible(bool(refused))

    def _look(self) -> None:
        """What the copy in front holds, looked through beside the window."""
        path, self.seen = self.dated.currentData(), None
        self.necks.clear()
        self.told.setText("")
        for push in (self.one, self.every):
            push.setEnabled(False)
        if not isinstance(path, Path):
            return
        self.told.setText(tr("One moment."))
        if not self.app.background.busy:
            self.app.background.run(
                lambda _told: look_into(path),
                lambda seen: self._seen(path, seen),
                lambda error: self.told.setText(str(error)),
            )

    def _seen(self, path: Path, seen: object) -> None:
        if path != self.dated.currentData() or not isinstance(seen, Look):
            self._look()
            return
        self.seen = seen
        for uid, title, entries in seen.necks:
            self.necks.addItem(f"{title}: {words.count(entries, 'entry', 'entries')}", uid)
        held = words.count(len(seen.necks), "neck", "necks")
        if seen.wrong:
            wrong = tr("Damaged: {wrong} Another copy is better.", wrong=seen.wrong)
        else:
            wrong = ""
        self.told.setText(tr("This copy holds {held}. {wrong}", held=held, wrong=wrong))
        self.one.setEnabled(True)
        self.every.setEnabled(not seen.wrong)

    # --- doing ---------------------------------------------------------------------------

    @property
    def _now(self) -> datetime:
        return datetime.fromisoformat(self.app.clock()).replace(tzinfo=None)

    def _did(self, action: Callable[[Logbook], object], done: Callable[[object], str]) -> None:
        """Do something to the logbook where it is kept, beside the window; then everything is read
        anew, and it is said how it went.
        """
        source = self.app.book.at_source

        def job(tell: Callable[[str], None]) -> object:
            tell(tr("Changing the logbook"))
            with closing(source()) as book:
                return action(book)

        def over(result: object) -> None:
            text = say(done(result))
            self.app.carry_now()
            self.app.put_down()
            self.refresh()
            self.say(text)

        self._beside(job, over)

    def _beside(
        self, job: Callable[[Callable[[str], None]], object], over: Callable[[object], None]
    ) -> None:
        """One long thing at a time, beside the window; what goes wrong is a sentence."""
        if self.app.background.busy:
            self.say(tr("One thing after the other: something is still being read."))
            return
        self.app.background.run(job, over, lambda error: self.say(_why_not(error)))

    def _make(self) -> None:
        moment, path = self._now, self.app.book.path

        def make(_book: Logbook) -> object:
            make_copy(path, moment)
            return thin(path, moment)

        self._did(make, lambda _gone: tr("A copy is made."))

    def _one(self) -> None:
        """The neck in front, as the copy holds it; what is there now becomes a copy first."""
        path, uid, moment = self.dated.currentData(), self.necks.currentData(), self._now

        def put_back(book: Logbook) -> object:
            number = book.number_of(uid)
            if number is None:
                stand = Stand(0, uid)
            else:
                stand = book.stand(number)
            make_copy(book, moment, "before-restore")
            return restore_neck(book, path, stand)

        if isinstance(path, Path) and uid:
            self._did(put_back, lambda told: say(told) if isinstance(told, Said) else str(told))

    def _every(self) -> None:
        """All of the copy, at the second press."""
        path, moment = self.dated.currentData(), self._now
        if not isinstance(path, Path):
            return
        if self._sure != path.name:
            self._sure = path.name
            self.say(
                tr("Press it again: all necks go back to that day; today's state becomes a copy.")
            )
            return
        self._did(
            lambda book: restore_all(book, path, moment).name,
            lambda name: tr("Put back; today's is {all_back}.", all_back=name),
        )

    def _leave_refused(self) -> None:
        """What the server can't take goes, at the second press."""
        book = self.app.book
        if not isinstance(book, BenchCopy):
            return
        if self._sure != _LEAVE:
            self._sure = _LEAVE
            self.say(tr("Press it again: what can't go to the server is gone then."))
            return
        left: list[int] = []
        if self.app.write(lambda: left.append(book.forget_refused())):
            self.app.carry_now()
            self.refresh()
            self.say(tr("Dropped: {how_many}.", how_many=words.count(left[0], "change", "changes")))

    def check_all(self) -> None:
        """Look through the whole logbook, beside the window."""
        again = self.app.book.again
        self._beside(
            lambda tell: inspect(again, lambda words: tell(say(words))),
            lambda found: self.say(inspected_words(found)),
        )

    def merge(self, path: Path) -> None:
        """Take another logbook in; what both sides changed is shown first."""
        self._take_in(lambda book: everything_in(book, path))

    def _take_in(self, read: Callable[[Logbook], Everything]) -> None:
        """Read what comes from elsewhere; where both sides changed the same it waits for a word."""
        source = self.app.book.at_source

        def job(tell: Callable[[str], None]) -> object:
            with closing(source()) as book:
                tell(tr("Reading what comes in"))
                every = read(book)
                tell(tr("Holding it beside what is here"))
                seen = forecast(book, every)
                if seen.asks:
                    return every, seen
                return take_in(book, every, seen.asks)

        def over(result: object) -> None:
            if isinstance(result, tuple):
                self._wait_for_word(*result)
            elif isinstance(result, TakenIn):
                self._taken(result)

        self._waits = None
        self._beside(job, over)

    def _wait_for_word(self, every: Everything, seen: TakenIn) -> None:
        self._waits = every, seen
        self.so.setVisible(True)
        self.say(words.sentences(tr("Nothing was taken in yet."), *seen.sayings[:3]))

    def _take_so(self) -> None:
        """Both sides changed the same, and it was seen."""
        if self._waits is None:
            return
        every, seen = self._waits
        self._did(lambda book: take_in(book, every, seen.asks), _taken_words)
        self._waits = None
        self.so.setVisible(False)

    def _taken(self, taken: TakenIn) -> None:
        self.so.setVisible(False)
        self.app.carry_now()
        self.app.put_down()
        self.refresh()
        self.say(_taken_words(taken))

    def _ask_merge(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, say(MERGED), "", tr("Logbooks (*.db)"))
        if path:
            self.merge(Path(path))

    def _ask_archive(self) -> None:
        self.extras.ask_where("logbook.zip", tr("Archives (*.zip)"), self.archive)

    def archive(self, path: Path) -> None:
        """Everything into one open archive, beside the window; over one that holds more only at the
        second time.
        """
        again, sure = self.app.book.again, self._sure == str(path)

        def pack(tell: Callable[[str], None]) -> object:
            from nuvrek.bench.working.archive import less_than_there, packed

            tell(tr("Packing"))
            with closing(again()) as book:
                data, damaged = packed(book)
            return data, damaged, "" if sure else less_than_there(path, data)

        def over(made: object) -> None:
            assert isinstance(made, tuple)
            data, damaged, why = made
            if why:
                self._sure = str(path)
                self.say(tr("{why} Write it there once more, and it takes its place.", why=why))
            elif self.extras.save(path, data) and damaged:
                self.say(words.sentences(*damaged[:3]))

        self._beside(pack, over)

    def _ask_take(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, tr("Archive"), "", tr("Archives (*.zip)"))
        if path:
            self.take(Path(path))

    def take(self, path: Path) -> None:
        """Take an archive in, all of it or nothing."""
        from nuvrek.bench.working.archive import everything_in_archive

        self._take_in(lambda _book: everything_in_archive(path))


_LEAVE = "refused"


def refused_words(book: Logbook) -> list[str]:
    """What the server of a logbook can't take, a sentence each."""
    if not isinstance(book, BenchCopy):
        return []
    texts = []
    for waiting in book.waiting():
        if waiting.why:
            number = book.number_of(waiting.uid)
            named = tr("The shop")
            if waiting.uid:
                named = tr("Neck {number}", number=number if number is not None else "?")
            texts.append(tr("{named}: not written, {why}", named=named, why=waiting.why))
    return texts


def _why_not(error: Exception) -> str:
    from nuvrek.exchange.jobfile import JobFaults

    if isinstance(error, JobFaults):
        return tr("{faults} Nothing was taken in.", faults=error.faults[0])
    if isinstance(error, LogbookError):
        return str(error)
    return tr("That did not work ({name}). Nothing was changed.", name=type(error).__name__)


def _taken_words(taken: object) -> str:
    if not isinstance(taken, TakenIn):
        return ""
    text = tr(
        "{new} new, {grown} grown, {same} as they were.",
        new=taken.new,
        grown=taken.grown,
        same=taken.same,
    )
    return words.sentences(text, *taken.sayings[:3])
