"""What all stages share: the logbook, the open neck, its result, theme and settings."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from nuvrek.bench.session import Session, undo_words
from nuvrek.bench.settings import Settings, save
from nuvrek.bench.solved import ResultTerms, Solved, SolveRequest
from nuvrek.desktop.aside import Aside
from nuvrek.desktop.solver import Solver
from nuvrek.desktop.theme import Theme
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.wording.catalogue import spoken
from nuvrek.wording.speech import say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.bench.practice.table import Table
    from nuvrek.bench.shop.shelf import Shelf
    from nuvrek.desktop.gauge import Gauge
    from nuvrek.desktop.server_line import ServerLine
    from nuvrek.planning.money.pace import Pace


# From so many seconds on a solve counts as slow: it is said, and can be stopped.
SLOW_S = 4


def _kept_beside(book: Logbook, settings_file: Path | None) -> Path | None:
    """Where cards and copies lie: beside the user's own file, else nowhere."""
    if settings_file is not None and book.path.is_file():
        return book.path
    return None


# Where a neck is mapped and weighed.
_SOLVING = (
    *("nuvrek.estimate.heightmap", "nuvrek.estimate.findings.find"),
    *("nuvrek.estimate.next_reading", "nuvrek.planning.plan"),
)


class AppState(QObject):
    """The state of the window that is not widgets."""

    changed = pyqtSignal()  # the journal of the open neck has grown
    solved_anew = pyqtSignal()  # a new result is there
    themed = pyqtSignal()  # colours, text size or units changed
    message = pyqtSignal(str)  # a sentence for the user
    language_wanted = pyqtSignal(str)  # the code of another language, nothing for this place's
    stage_wanted = pyqtSignal(str)
    retake_wanted = pyqtSignal(int)  # the number of a reading to be taken again
    heard_others = pyqtSignal()  # other windows or benches have written something
    standing = pyqtSignal(str)  # what is so until it is so no more: a lost server, a full disk
    round_wanted = pyqtSignal(str)  # a round to be begun in Measure
    reading_wanted = pyqtSignal(object)  # a station to be read next
    help_wanted = pyqtSignal()  # what this page's keys do, and what is to be seen
    known_wanted = pyqtSignal()  # how the things of this page are known
    guide_wanted = pyqtSignal()  # the guide is to be read
    demo_wanted = pyqtSignal()  # the made-up shelf is to be looked round
    practice_wanted = pyqtSignal()  # the practice neck is to be opened
    slow = pyqtSignal(int)  # the result has been on its way for so many seconds; 0: no longer

    def __init__(
        self,
        book: Logbook,
        settings: Settings,
        settings_file: Path | None,
        clock: Callable[[], str],
        inline: bool = False,
    ) -> None:
        super().__init__()
        self.book = book
        self.settings = settings
        self._settings_file = settings_file
        self.clock = clock
        self.theme = Theme(settings.dark, settings.text_percent)
        self.session: Session | None = None
        self.solved: Solved | None = None
        self.page = ""
        self.trouble = ""
        self.fret: int | None = None
        # The practice bench, in its own window only; where practice is kept, if anywhere.
        self.practice: Table | None = None
        # The way the owner is spoken to about; None for the course.
        self.meant: str | None = None
        self._solver = Solver(inline, self)
        self._solver.arrived.connect(self._on_solved)
        self._solver.failed.connect(self._on_failed)
        self.background = Aside(inline, self)
        self._under_way_s = 0
        self._clock = QTimer(self)
        self._clock.setInterval(1000)
        self._clock.timeout.connect(self._on_second)
        self._stands: dict[str, str] = {}
        # The settings as they were when they were kept last, where they could not be since.
        self._unkept: Settings | None = None
        self._gauge: Gauge | None = None
        self._pace: tuple[int, Pace] | None = None
        self._listening = QTimer(self)
        self._listening.setInterval(1000)
        self._listening.timeout.connect(self.listen)
        self._stands["logbook"] = say(book.look_only)
        with suppress(LogbookError):
            self.book.changed_elsewhere()
        self._listening.start()
        self._line: ServerLine | None = None
        self._shelf: Shelf | None = None
        # The last result, until the shelf knows what was found on its neck.
        self._to_be_found: Solved | None = None

    @property
    def shelf(self) -> Shelf:
        """The shelf; what it knows is loaded when it is first wanted, after the first frame."""
        if self._shelf is None:
            from nuvrek.bench.shop.shelf import Shelf
            from nuvrek.logbook.on_disk.card_cache import CardCache

            beside = _kept_beside(self.book, self._settings_file)
            self._shelf = Shelf(self.book, CardCache(beside, spoken().code))
        return self._shelf

    def note_found(self) -> None:
        """The shelf is told what was found on the neck that was mapped last."""
        solved, self._to_be_found = self._to_be_found, None
        if solved is not None and solved.looked_at:
            faults = (one.headline for one in solved.findings if one.verdict != "good")
            self.shelf.found_on(solved.identity.neck, faults)

    @property
    def silent(self) -> bool:
        """Whether findings and advice are kept silent: on a practice neck, until they are asked."""
        return self.practice is not None and self.practice.silent

    @property
    def practice_folder(self) -> Path | None:
        """Where practice is kept: beside the user's own logbook; nowhere for a demo."""
        beside = _kept_beside(self.book, self._settings_file)
        if beside is None:
            return None
        return beside.parent / "practice"

    @property
    def busy(self) -> bool:
        """Whether a solve is under way."""
        return self._solver.busy

    @property
    def gauge(self) -> Gauge:
        """The gauge; its library is loaded when it is first wanted."""
        if self._gauge is None:
            from nuvrek.desktop.gauge import Gauge

            self._gauge = Gauge(self)
        return self._gauge

    @property
    def pace(self) -> Pace:
        """The shop's own pace, by the ticks of all its necks as the shelf last read them."""
        from nuvrek.planning.money.pace import Tick, pace_of

        ticks = self.shelf.ticks()
        if self._pace is None or self._pace[0] != len(ticks):
            self._pace = len(ticks), pace_of([Tick(*tick) for tick in ticks])
        return self._pace[1]

    def load_ahead(self, views: Iterable[str]) -> None:
        """What the first neck will want is loaded while the hand is still on the shelf."""
        from nuvrek.planning.ways.kinds import WAYS

        builders = {record.builder.split(":")[0] for record in WAYS.values()}
        self._solver.load((*_SOLVING, *sorted(builders), *views))

    def open(self, row: NeckRow) -> None:
        """Open a neck of the shelf. Raises LogbookError."""
        session = Session(self.book, row.id, row.neck, self.clock, self.page)
        self.note_found()
        self._solver.forget()
        self.session = session
        self.session.listeners.append(self._on_change)
        self.solved, self.fret, self.meant = None, None, None
        self.solve()

    def begin_carrying(self) -> None:
        """Where the logbook is a server's: from now on what is written goes there, and what others
        write comes.
        """
        from nuvrek.logbook.benches.bench_copy import BenchCopy

        if isinstance(self.book, BenchCopy) and self._line is None:
            from nuvrek.desktop.server_line import ServerLine

            self._line = ServerLine(self.book, self)
            self._line.came.connect(self.listen)
            self._line.trouble.connect(self._on_line)

    def _on_line(self, trouble: str) -> None:
        """How the line to the server stands, with what waits for it."""
        from nuvrek.logbook.benches.bench_copy import BenchCopy, waiting_words

        if not isinstance(self.book, BenchCopy):
            return
        try:
            waits, refused = self.book.counts()
        except LogbookError:
            waits, refused = 0, 0
        saying = waiting_words(waits if trouble else 0, refused)
        self.let_stand("server", " ".join(say_all(part for part in (trouble, saying) if part)))

    def carry_now(self) -> None:
        """What was changed on the server comes now."""
        if self._line is not None:
            self._line.wake()

    def let_stand(self, matter: str, words: str) -> None:
        """Show what is so until it is so no more; without words it is so no more."""
        if self._stands.get(matter, "") == words:
            return
        self._stands[matter] = words
        self.standing.emit(self.stands)

    @property
    def stands(self) -> str:
        """All that is shown as long as it is so."""
        return " ".join(words for words in self._stands.values() if words)

    def put_down(self) -> None:
        """The logbook was changed as a whole: no neck is open any more, all cards are read anew."""
        self._solver.forget()
        self._to_be_found = None
        self.session, self.solved, self.fret = None, None, None
        self.shelf.forget_all()

    def listen(self) -> None:
        """Take up what other windows and benches have written."""
        try:
            if not self.book.changed_elsewhere():
                return
        except LogbookError as error:
            self.let_stand("logbook", str(error))
            return
        self.let_stand("logbook", say(self.book.look_only))
        self._take_up_shop()
        session = self.session
        grown: list[bool] = []
        if session is not None:
            if not self.write(lambda: grown.append(session.reread())):
                self.put_down()
                self.stage_wanted.emit("Shelf")
            elif grown[0]:
                self.message.emit(
                    tr("Another window or bench has written to this neck; it is recalculated.")
                )
        self.heard_others.emit()

    def _take_up_shop(self) -> None:
        """What another window has set of the shop's holds here as well."""
        from nuvrek.bench.shop_settings import shop_changed, with_shop

        # What could not be kept yet is not written over: it is joined when it is kept.
        if self._settings_file is None or self._unkept is not None:
            return
        try:
            taken = with_shop(self.settings, self.book.shop()).settings
        except LogbookError:
            return
        if shop_changed(self.settings, taken):
            self.settings = taken

    def copy_if_due(self) -> None:
        """The day's copy, beside the window, where the logbook is the user's own."""
        path = self.book.path
        own = _kept_beside(self.book, self._settings_file) is not None
        if not own or self.book.look_only or self.background.busy:
            return

        def copy(_told: Callable[[str], None]) -> None:
            from datetime import datetime

            from nuvrek.logbook.on_disk.copies import due, make_copy, thin

            moment = datetime.fromisoformat(self.clock()).replace(tzinfo=None)
            if due(path, moment):
                make_copy(path, moment)
                thin(path, moment)

        self.background.run(copy, lambda _done: None, lambda error: self.message.emit(str(error)))

    def turn_to(self, page: str) -> None:
        """From now on what is written comes from this page."""
        self.page = page
        if self.session is not None:
            self.session.page = page

    def write(self, action: Callable[[], object]) -> bool:
        """Run an action that writes to the logbook; on failure says why and returns False."""
        try:
            action()
        except LogbookError as error:
            self.message.emit(str(error))
            return False
        return True

    def undo(self, after: int = 0) -> None:
        """Take back the last act of the page that is open, and say what it was."""
        session, s = self.session, self.settings
        if session is None:
            return
        try:
            undoable = session.undo(after)
        except LogbookError as error:
            self.message.emit(str(error))
        else:
            self.message.emit(say(undo_words(undoable, s.unit, s.height_unit)))

    def reckon(self, job: Callable[[], object], deliver: Callable[[object], None]) -> None:
        """Work something out off the interface thread; of several only the newest is delivered."""
        self._solver.reckon(job, deliver)

    @property
    def wanted(self) -> SolveRequest | None:
        """What a result has to stand on to be shown: the open neck as it is now, on today's
        terms.
        """
        if self.session is None:
            return None
        s = self.settings
        terms = ResultTerms(s.unit, s.kit, s.height_unit, s.prices)
        return SolveRequest(self.session.neck_state, self.session.identity, terms)

    def solve(self) -> None:
        """Ask for a result for the open neck."""
        wanted = self.wanted
        self.trouble = ""
        if wanted is not None:
            self._solver.request(wanted)
            # What was under way for an older journal is left: the time counts from here.
            if self._under_way_s >= SLOW_S:
                self.slow.emit(0)
            self._under_way_s = 0
            if self._solver.busy:
                self._clock.start()

    def _on_second(self) -> None:
        """Counts how long a solve is under way."""
        if self._solver.busy:
            self._under_way_s += 1
        else:
            self._clock.stop()
            self._under_way_s = 0
        if self._under_way_s >= SLOW_S or not self._under_way_s:
            self.slow.emit(self._under_way_s)

    def stop_solving(self) -> None:
        """Leave the solve that is under way."""
        self._solver.stop()

    @property
    def waiting(self) -> str:
        """Why there is no result yet: it is on its way, or what went wrong."""
        return self.trouble or tr("One moment.")

    def _on_failed(self, words: str) -> None:
        self.trouble = words
        self.message.emit(words)

    @property
    def fresh(self) -> Solved | None:
        """The result at hand, if it stands on the journal and the terms of this moment."""
        wanted, solved = self.wanted, self.solved
        if wanted is None or solved is None:
            return None
        stands = (solved.identity, solved.wanted.terms) == (wanted.identity, wanted.terms)
        if stands:
            return solved
        return None

    def change_settings(self, settings: Settings) -> None:
        """Take and keep new settings."""
        before = self.settings
        unit_changed = (settings.unit, settings.height_unit) != (before.unit, before.height_unit)
        self.settings = settings
        self.theme.__init__(settings.dark, settings.text_percent)  # type: ignore[misc]
        self._keep(before)
        self.themed.emit()
        if unit_changed:
            self.solve()

    def change_quietly(self, settings: Settings) -> None:
        """Take and keep settings that change nothing on screen but a word or two."""
        before, self.settings = self.settings, settings
        self._keep(before)
        if settings.height_unit is not before.height_unit or settings.prices != before.prices:
            self.solve()

    def keep_place(self, place: tuple[int, int, int, int] | None) -> None:
        """Where the window stands is kept for its next start."""
        from msgspec import structs

        if place is not None and place != self.settings.window_place:
            before = self.settings
            self.settings = structs.replace(before, window_place=place)
            self._keep(before)

    def _keep(self, before: Settings) -> None:
        """Keep what was changed: the shop's in the logbook, the window's in the settings file. What
        could not be kept is kept with the next change, and said until then.
        """
        from nuvrek.bench.shop_settings import keep_shop, shop_changed, window_only

        if self._settings_file is None:
            return
        # What could not be kept before is among what was changed.
        before = self._unkept or before
        trouble = save(self._settings_file, window_only(self.settings), window_only(before))
        if shop_changed(before, self.settings):
            try:
                self.settings = keep_shop(self.book, before, self.settings, self.clock())
            except LogbookError as error:
                trouble = tr("What you set could not be kept. {error}", error=error)
        self._unkept = before if trouble else None
        self.let_stand("settings", say(trouble))

    def close(self) -> None:
        """Stop solving and close the logbook."""
        if self._gauge is not None:
            self._gauge.close()
        self._listening.stop()
        if self._line is not None:
            self._line.close()
        self.background.close()
        self._solver.close()
        self.note_found()
        if self._shelf is not None:
            self._shelf.close()
        self.book.close()

    def _on_change(self) -> None:
        session = self.session
        described = None
        if session is not None:
            described = session.neck_state.neck
        # Described otherwise, the neck has other frets than the result at hand.
        if self.solved is not None and self.solved.neck_state.neck != described:
            self.solved = None
        self.solve()
        self.changed.emit()

    def _on_solved(self, solved: object) -> None:
        """A result has arrived, perhaps late: of another neck or an older journal it is dropped."""
        wanted = self.wanted
        if not isinstance(solved, Solved) or wanted is None:
            return
        # Slow results arrive when they like; the next request is already on its way.
        if (solved.identity, solved.wanted.terms) != (wanted.identity, wanted.terms):
            return
        self.solved = solved
        self._to_be_found = solved
        self.solved_anew.emit()
