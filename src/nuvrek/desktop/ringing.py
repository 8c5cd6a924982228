"""The clocks of all necks: what runs is said on every page, and what is over rings once."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from nuvrek.bench.working.moments import apart, moment
from nuvrek.desktop.app_state import AppState
from nuvrek.wording.speech import tr

if TYPE_CHECKING:
    from nuvrek.bench.shop.shelf import ShelfCard
    from nuvrek.bench.working.today import NeckNeed

_EVERY_MS = 15_000
# Qt's numbers of the types in which the desktop's service wants its arguments.
_INT, _UINT, _STRING = 2, 3, 10
# A clock that was over longer ago than this when the program was started no longer rings.
_STALE_HOURS = 12.0


class Ringing(QObject):
    """Looks at the clocks now and then. ``notify`` tells the desktop; tests give their own."""

    shown = pyqtSignal(str)  # the clocks that run, in a few words
    rang = pyqtSignal(str)  # one is over: a sentence

    def __init__(self, app: AppState, notify: Callable[[str], None] | None = None) -> None:
        super().__init__(app)
        self.app = app
        self._notify = notify or desktop_notice
        self._rung: set[tuple[int, str]] = set()
        self._timer = QTimer(self)
        self._timer.setInterval(_EVERY_MS)
        self._timer.timeout.connect(self.look)
        self._timer.start()

    def needs(self) -> dict[int, tuple[str, NeckNeed]]:
        """What each neck needs: as the shelf last read it, the open one as it is now."""
        found = {card.row.id: (card.neck.title, card.need) for card in self._cards()}
        session = self.app.session
        if session is not None:
            from nuvrek.bench.working.today import need_of

            neck_state = session.neck_state
            found[session.neck_id] = neck_state.neck.title, need_of(neck_state, session.asked)
        return found

    def _cards(self) -> Iterable[ShelfCard]:
        return self.app.shelf.known()

    def look(self) -> None:
        """Say what runs, ring what is over."""
        at, running = self.app.clock(), []
        for neck, (title, need) in self.needs().items():
            if need.kind != "waits" or not need.until:
                continue
            left = need.minutes_left(at)
            if left:
                running.append((left, f"{neck}: {_spoken(left)}"))
            elif (neck, need.until) not in self._rung:
                self._rung.add((neck, need.until))
                self._ring(neck, title, need, at)
        self.shown.emit("  ".join(text for _, text in sorted(running)[:4]))

    def _ring(self, neck: int, title: str, need: NeckNeed, at: str) -> None:
        here, until = moment(at), moment(need.until)
        if here is None or until is None:
            return
        if apart(until, here).total_seconds() > _STALE_HOURS * 3600.0:
            return
        text = tr(
            "{neck} {title}: it has had its time. {action}.",
            neck=neck,
            title=title,
            action=need.action,
        )
        self.rang.emit(text)
        if self.app.settings.ring_notice:
            # Names of owners stay in the logbook; a title may be seen by whoever passes.
            self._notify(tr("Neck {neck}: it has had its time.", neck=neck))
        if self.app.settings.ring_sound:
            from PyQt6.QtWidgets import QApplication

            QApplication.beep()

    def close(self) -> None:
        """Look no more."""
        self._timer.stop()


def _spoken(minutes: int) -> str:
    hours, rest = divmod(minutes, 60)
    if hours:
        return f"{hours} h {rest:02d}"
    return tr("{rest} min", rest=rest)


def desktop_notice(words: str) -> None:
    """A notice by the desktop's own service (org.freedesktop.Notifications); nothing where there is
    no such service.
    """
    from PyQt6.QtCore import QMetaType
    from PyQt6.QtDBus import QDBusArgument, QDBusConnection, QDBusMessage

    bus = QDBusConnection.sessionBus()
    if not bus.isConnected():
        return
    service = "org.freedesktop.Notifications"
    message = QDBusMessage.createMethodCall(
        service, "/org/freedesktop/Notifications", service, "Notify"
    )
    replaces, timeout = QDBusArgument(), QDBusArgument()
    replaces.add(0, _UINT)
    timeout.add(-1, _INT)
    actions = QDBusArgument()
    actions.beginArray(QMetaType(_STRING))
    actions.endArray()
    message.setArguments(["Nuvrek", replaces, "", "Nuvrek", words, actions, {}, timeout])
    bus.asyncCall(message)
