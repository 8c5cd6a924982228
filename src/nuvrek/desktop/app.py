"""Starting the window."""

from __future__ import annotations

import os
import shutil
import signal
import sys
from collections.abc import Callable, Sequence
from datetime import datetime
from pathlib import Path
from types import TracebackType
from typing import TYPE_CHECKING

import msgspec
from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QApplication, QMessageBox

from nuvrek.bench.settings import Loaded, Settings, load, save
from nuvrek.desktop import log
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.frame.in_language import InLanguage
from nuvrek.desktop.solver import left_running
from nuvrek.desktop.speaking import speak_in_dialogs
from nuvrek.desktop.theme import load_fonts
from nuvrek.desktop.window import SHELF, Window
from nuvrek.logbook.opening import SCHEME, open_at_bench
from nuvrek.logbook.places import log_folder, logbook_path, settings_path
from nuvrek.logbook.store import Logbook, LogbookDamaged, LogbookError
from nuvrek.wording.speech import say, say_all, tr

if TYPE_CHECKING:
    import argparse

    from nuvrek.desktop.one_window import Doorbell


def clock() -> str:
    """Wall-clock time to the second with its offset, ISO 8601."""
    return datetime.now().astimezone().isoformat(timespec="seconds")


def open_demo(folder: Path) -> Logbook:
    """A fresh logbook in ``folder`` with the demo shelf in it."""
    from nuvrek.demo import demo_jobs, demo_owners

    book = Logbook.make(folder / "demo.db")
    for job in demo_jobs():
        book.start(job.neck, clock(), job.journal)
    for owner in demo_owners():
        book.keep_owner(owner, clock())
    return book


def demo_settings() -> Settings:
    """The settings of the demo: the tools of its bench."""
    from nuvrek.demo import demo_kit, demo_prices, demo_sets, demo_shop, demo_wires

    settings = Settings(kit=demo_kit(), sets=demo_sets(), wires=demo_wires())
    return msgspec.structs.replace(settings, prices=demo_prices(), shop=demo_shop())


# The sign of the window is drawn once the first frame and the shelf are there.
_ICON_AFTER_MS = 800
_DEMO = "nuvrek-demo-"


def _clear_killed_demos(folder: Path) -> None:
    """Remove what demos left behind that were killed: those of ours whose process is gone."""
    for place in folder.glob(f"{_DEMO}*-*"):
        number = place.name.removeprefix(_DEMO).split("-")[0]
        ours = number.isdigit() and place.is_dir() and place.lstat().st_uid == os.getuid()
        if ours and not _running(int(number)):
            shutil.rmtree(place, ignore_errors=True)


def _running(process: int) -> bool:
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except OSError:
        return True
    return True


def _opened(address: str | None) -> Logbook:
    """The logbook asked for, the user's own if none was. Raises LogbookError."""
    if address is not None and address.startswith(SCHEME):
        return open_at_bench(address)
    return open_own(logbook_path() if address is None else Path(address))


def open_own(path: Path) -> Logbook:
    """The user's own logbook. Raises LogbookError.

    One that is none at all is set aside, one with damage salvaged, if the user wishes; neither is
    ever deleted. A damaged one that is left as it is can be looked at.
    """
    if not path.is_file() or path.stat().st_size == 0:
        _offer_copy(path)
    try:
        book = Logbook.make(path)
    except LogbookDamaged as error:
        words = tr(
            "{error}\n\nSet it aside and start a new one? The damaged file stays where it is.",
            error=error,
        )
        if not _agreed(words):
            raise
        _set_aside(path)
        _offer_copy(path)
        return Logbook.make(path)
    if book.damaged:
        words = tr(
            "{look_only}\n\nTake what can be read into a new one, and set the damaged one "
            "aside? Otherwise it can be looked at.",
            look_only=book.look_only,
        )
        if _agreed(words):
            book.close()
            return _salvaged(path)
    return book


def _offer_copy(path: Path) -> None:
    """Where the logbook is lost and copies of it are there, the newest is offered. Raises
    LogbookError.
    """
    from nuvrek.logbook.on_disk.copies import copies_of, put_back

    copies = copies_of(path)
    if not copies:
        return
    newest = copies[0]
    words = tr(
        "There is no logbook at {path}, but there are copies of it, the newest of {day}.\n\n"
        "Put that one back? Otherwise a new logbook is begun; the copies stay.",
        path=path,
        day=newest.made_at[:10],
    )
    if _agreed(words):
        put_back(path, newest.path, datetime.now())


def _agreed(words: str) -> bool:
    answer = QMessageBox.question(None, "Nuvrek", words)
    return bool(answer == QMessageBox.StandardButton.Yes)


def _set_aside(path: Path) -> Path:
    """Give a damaged logbook another name beside its old place. Raises LogbookError."""
    stamp = datetime.now().strftime("%Y-%m-%d-%H%M%S")
    aside = path.with_name(f"{path.stem}-damaged-{stamp}{path.suffix}")
    try:
        for tail in ("", "-wal", "-shm"):
            part = path.with_name(path.name + tail)
            if part.exists():
                part.rename(aside.with_name(aside.name + tail))
    except OSError as error:
        why = (error.strerror or tr("no reason given")).lower()
        raise LogbookError(
            tr("{name} can't be set aside ({why}); it stays as it is.", name=path.name, why=why)
        ) from error
    return aside


def _salvaged(path: Path) -> Logbook:
    """What can be read, in the place of a logbook that was set aside; what was lost is told."""
    from nuvrek.logbook.on_disk.copies import forget_cards
    from nuvrek.logbook.on_disk.salvage import salvage

    new = path.with_name(f"{path.stem}-salvaged{path.suffix}")
    new.unlink(missing_ok=True)
    result = salvage(path, new)
    aside = _set_aside(path)
    new.rename(path)
    forget_cards(path)
    lost = "\n".join(say_all(result.lost[:12])) or tr("Nothing was lost.")
    text = tr(
        "{necks} necks, {entries} entries. {lost}\n\nOld: {name}",
        necks=result.necks,
        entries=result.entries,
        lost=lost,
        name=aside.name,
    )
    QMessageBox.information(None, "Nuvrek", text)
    return Logbook(path)


# The day's copy is made once the window has settled.
_COPY_AFTER_MS = 4000
# What the first neck will want is loaded once the shelf is painted.
_LOAD_AFTER_MS = 250


def show_window(book: Logbook, settings: Settings, settings_file: Path | None) -> Window:
    """Make the window on an open logbook and show it."""
    # From here on garbage is collected between events only, which also leaves the first picture
    # alone.
    app_state = AppState(book, settings, settings_file, clock)
    window = Window(app_state, at_once=False)
    window.show()
    # The frame is on screen first, the shelf a moment later.
    window.when_painted(lambda: _fill(window))
    QTimer.singleShot(_COPY_AFTER_MS, app_state.copy_if_due)
    return window


def _fill(window: Window) -> None:
    window.show_stage(SHELF)
    QTimer.singleShot(0, window.app.begin_carrying)
    QTimer.singleShot(_LOAD_AFTER_MS, window.load_ahead)


def main(arguments: Sequence[str] | None = None, language: str = "en") -> int:
    """Show the window and run until it is closed; ``language`` is the one that is spoken."""
    options = _options(arguments)
    app = QApplication(sys.argv[:1])
    app.setApplicationName("nuvrek")
    app.setDesktopFileName("nuvrek")
    speak_in_dialogs(language)
    if not options.demo:
        from nuvrek.desktop.one_window import hand_over

        if hand_over(options.job, options.logbook or ""):
            return 0
    load_fonts()
    log.keep_in(log_folder())
    import tempfile

    _clear_killed_demos(Path(tempfile.gettempdir()))
    with tempfile.TemporaryDirectory(prefix=f"{_DEMO}{os.getpid()}-") as folder:
        try:
            shown = InLanguage(_maker(options, Path(folder)), _made(options))
        except LogbookError as error:
            QMessageBox.critical(None, "Nuvrek", str(error))
            return 2
        if options.job is not None:
            QTimer.singleShot(0, lambda: shown.window.look_at(options.job))
        QTimer.singleShot(_ICON_AFTER_MS, lambda: _show_icon(app))
        timer = _leave_on_signals(app)
        status = app.exec()
        timer.stop()
        _close_door()
    if left_running:
        # A calculation that did not notice in time would keep the program; all is on disk.
        os._exit(status)
    return status


def _maker(options: argparse.Namespace, folder: Path) -> Callable[[], Window]:
    """Opens the logbook asked for and shows a window on it; the demo's settings live as long as
    the program.
    """
    demo = Loaded(demo_settings()) if options.demo else Loaded(Settings())

    def make() -> Window:
        if not options.demo:
            book = _opened(options.logbook)
            loaded = _settings(book)
        else:
            there = folder / "demo.db"
            if there.exists():
                book = Logbook(there)
            else:
                book = open_demo(folder)
            loaded = demo
        window = show_window(book, loaded.settings, None if options.demo else settings_path())
        if loaded.trouble:
            QTimer.singleShot(0, lambda: window.app.message.emit(say(loaded.trouble)))
        return window

    return make


def _made(options: argparse.Namespace) -> Callable[[Window], None]:
    """What belongs to each window that is shown: its door, and who tells of faults of ours."""

    def made(window: Window) -> None:
        _close_door()
        if not options.demo:
            _doors.append(_door_of(window, options.logbook or ""))
        sys.excepthook = _teller(window.app)

    return made


_doors: list[Doorbell] = []


def _close_door() -> None:
    while _doors:
        _doors.pop().close()


def _settings(book: Logbook) -> Loaded:
    """The user's settings with what the logbook holds of the shop's."""
    from nuvrek.bench.shop_settings import moved_in, window_only

    path = settings_path()
    loaded = load(path)
    try:
        both = moved_in(book, loaded.settings, clock())
    except LogbookError as error:
        return Loaded(loaded.settings, " ".join(say_all((loaded.trouble, str(error)))).strip())
    if path.is_file() and window_only(loaded.settings) != loaded.settings and not both.trouble:
        # They are in the logbook now, or were there already.
        save(path, window_only(loaded.settings))
    return Loaded(both.settings, " ".join(say_all((loaded.trouble, both.trouble))).strip())


def _show_icon(app: QApplication) -> None:
    """Give the windows their sign; without Qt's SVG part they have the desktop's."""
    from PyQt6.QtGui import QIcon

    inside = Path(__file__).with_name("nuvrek.svg")
    beside = Path(__file__).parents[3] / "packaging/icons/nuvrek.svg"
    app.setWindowIcon(QIcon(str(inside if inside.is_file() else beside)))


def _options(arguments: Sequence[str] | None) -> argparse.Namespace:
    """What the window was started with."""
    import argparse

    parser = argparse.ArgumentParser(prog="nuvrek", description="Nuvrek's window.")
    parser.add_argument(
        "--demo", action="store_true", help=tr("open a fresh copy of the demo shelf")
    )
    parser.add_argument(
        "--logbook", default=None, help=tr("another logbook: a file, or postgresql://...")
    )
    parser.add_argument("job", nargs="?", type=Path, help=tr("a job file to look at"))
    return parser.parse_args(arguments)


def _door_of(window: Window, logbook: str) -> Doorbell:
    """A later start brings this window to the front, with the file it was given."""
    from nuvrek.desktop.one_window import Doorbell

    def answer(path: str) -> None:
        window.showNormal()
        window.activateWindow()
        if path:
            window.look_at(Path(path))

    door = Doorbell(window, logbook)
    door.rang.connect(answer)
    return door


def _teller(
    app_state: AppState,
) -> Callable[[type[BaseException], BaseException, TracebackType | None], None]:
    """What happens on a fault of ours: it is said, the window stays, and nothing accepted is
    lost.
    """

    def tell(kind: type[BaseException], error: BaseException, trace: TracebackType | None) -> None:
        sys.__excepthook__(kind, error, trace)
        log.fault(error, tr("at the window"))
        app_state.message.emit(
            tr(
                "A fault of ours ({name}). Everything accepted so far is on disk; go on, "
                "or start again. {where}",
                name=kind.__name__,
                where=log.where(),
            )
        )

    return tell


def _leave_on_signals(app: QApplication) -> QTimer:
    """Ctrl-C and a polite kill close the window; the timer lets Python see them."""

    def leave(*_: object) -> None:
        # Heard by the loop even where it has not begun: quitting at once would then be lost.
        QTimer.singleShot(0, app.quit)

    for number in (signal.SIGINT, signal.SIGTERM):
        signal.signal(number, leave)
    timer = QTimer()
    timer.timeout.connect(lambda: None)
    timer.start(250)
    return timer
