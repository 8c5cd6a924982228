"""Shared by the tests: necks, journals and a window on a throw-away logbook."""

from __future__ import annotations

import os
import subprocess
import tempfile
import time
import unittest
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import Any

import numpy as np

from nuvrek.bench.solved import Solved, see, wanted_alone, weigh
from nuvrek.exchange.jobfile import Job
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.plan import Plan
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import NeckState, fold
from nuvrek.simulator.measuring import measure_basic_round
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.truth import Truth
from nuvrek.units import Unit

NECK = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, rod="two-way")
TIME = "2026-03-03T10:00:00"
_APPS: list[Any] = []


def neck_with(**changes: object) -> NeckDescription:
    return NeckDescription(
        **{"scale_mm": 648.0, "frets": 22, "joint_fret": 16, "rod": "two-way", **changes}
    )  # type: ignore[arg-type]


def neck_state(entries: Sequence[AnyEntry], neck: NeckDescription = NECK) -> NeckState:
    return fold(neck, entries)


def measured(seed: int, frets: int = 22, scale_mm: float = 648.0) -> tuple[Truth, list[AnyEntry]]:
    truth, bench = simulated_neck(seed, frets, scale_mm)
    return truth, measure_basic_round(bench)


def job(seed: int) -> Job:
    truth, entries = measured(seed)
    return Job(neck=truth.neck, journal=tuple(entries))


def rng(seed: int) -> np.random.Generator:
    return np.random.default_rng(seed)


def compute(now: NeckState) -> tuple[Solved, Plan]:
    """The whole picture of a moment and its plan."""
    solved = weigh(see(wanted_alone(now, Unit.MM)))
    assert solved.plan is not None
    return solved, solved.plan


def virtual_screen(test: unittest.TestCase, size: tuple[int, int] = (1400, 900)) -> str:
    """A virtual X screen; its server tells by itself when it is ready, and under which number."""
    reader, writer = os.pipe()
    screen = ("-screen", "0", f"{size[0]}x{size[1]}x24")
    server = subprocess.Popen(
        ["Xvfb", "-displayfd", str(writer), *screen, "-nolisten", "tcp", "-noreset"],
        pass_fds=[writer],
        stderr=subprocess.DEVNULL,
    )
    test.addCleanup(server.wait)
    test.addCleanup(server.terminate)
    os.close(writer)
    with os.fdopen(reader) as told:
        return f":{told.readline().strip()}"


def needs_pseudo_terminals(test: unittest.TestCase) -> None:
    """Skip where the machine has none: the stand-in gauge speaks over one."""
    try:
        for end in os.openpty():
            os.close(end)
    except OSError as error:
        test.skipTest(f"this machine has no pseudo-terminals ({error.strerror})")


class Typed:
    """Keys that carry the time at which they were typed, as those of a real keyboard do."""

    def __init__(self, window: Any) -> None:
        self.window = window
        self._last_ms = 1_000_000.0 - 1000.0 * time.monotonic()

    def press(self, key: str) -> None:
        """A key typed now, by a hand: a keyboard's clock counts whole milliseconds, and no hand
        follows a page within one or two of them.
        """
        time.sleep(0.003)
        self._send(key, self._last_ms + 1000.0 * time.monotonic())

    def late(self, key: str, by_ms: float = 40.0) -> None:
        """A key that was typed before the page in front was, and comes only now."""
        turned_ms = self.window.typed_before._turned_ms
        self._send(key, self._last_ms + turned_ms - by_ms)

    def _send(self, key: str, at_ms: float) -> None:
        from PyQt6.QtCore import QCoreApplication, QEvent, Qt
        from PyQt6.QtGui import QKeyEvent

        class Timed(QKeyEvent):
            def timestamp(self) -> int:
                return round(at_ms)

        code = Qt.Key.Key_Return if key == "\r" else Qt.Key(ord(key))
        event = Timed(QEvent.Type.KeyPress, code, Qt.KeyboardModifier.NoModifier, key)
        QCoreApplication.sendEvent(self.window.windowHandle(), event)


class TempCase(unittest.TestCase):
    """A test with a folder of its own."""

    def setUp(self) -> None:
        holder = tempfile.TemporaryDirectory()
        self.addCleanup(holder.cleanup)
        self.folder = Path(holder.name)


# NUVREK_EVERY=1, as ./run counts has it: all of what else a sample is taken of.
EVERY = "NUVREK_EVERY" in os.environ


class WindowCase(TempCase):
    """Drives the real window with real key presses; leaked windows and Qt warnings fail."""

    def setUp(self) -> None:
        super().setUp()
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
        from PyQt6.QtCore import QtMsgType, qInstallMessageHandler
        from PyQt6.QtWidgets import QApplication

        from nuvrek.desktop.theme import load_fonts

        if not _APPS:
            # Kept for the whole run: an X server resets when its last client leaves.
            _APPS.append(QApplication.instance() or QApplication([]))
            load_fonts()
        self.app = _APPS[0]
        self.warnings: list[str] = []
        self.closed: list[object] = []
        bad = {QtMsgType.QtWarningMsg, QtMsgType.QtCriticalMsg}

        def heard(kind: QtMsgType, _where: object, text: str | None) -> None:
            # Where there is no screen a menu can't be raised: that is no fault of the window.
            if kind in bad and "plugin does not support" not in str(text):
                self.warnings.append(str(text))

        qInstallMessageHandler(heard)
        self.addCleanup(lambda: qInstallMessageHandler(None))

    def open_window(
        self, path: Path | None = None, inline: bool = True, demo: bool = False
    ) -> object:
        from nuvrek.bench.settings import Settings
        from nuvrek.desktop.app import open_demo
        from nuvrek.desktop.app_state import AppState
        from nuvrek.desktop.window import Window
        from nuvrek.logbook.store import Logbook

        book = open_demo(self.folder) if demo else Logbook.make(path or self.folder / "book.db")
        app = AppState(book, Settings(), None, lambda: TIME, inline=inline)
        window = Window(app)
        window.show()
        self.app.processEvents()
        self.addCleanup(self._close, window)
        return window

    def _close(self, window: object) -> None:
        if window in self.closed:
            return
        self.closed.append(window)
        window.close()  # type: ignore[attr-defined]
        window.deleteLater()  # type: ignore[attr-defined]
        self.app.processEvents()
        self.assertEqual(self.warnings, [], "Qt complained")

    def wait_until(self, true: Callable[[], object]) -> None:
        """Let the window live until something holds, for five seconds at most."""
        from PyQt6.QtTest import QTest

        for _ in range(500):
            if true():
                return
            QTest.qWait(10)
        self.fail("never came")

    def keys(self, window: object, *keys: object) -> int:
        """Press keys one after the other: text is typed letter by letter. Returns how many were
        pressed.
        """
        from PyQt6.QtCore import Qt
        from PyQt6.QtTest import QTest

        pressed = 0
        for key in keys:
            target = self.app.focusWidget() or window.focusWidget() or window  # type: ignore[attr-defined]
            if isinstance(key, str):
                QTest.keyClicks(target, key)
                pressed += len(key)
            else:
                QTest.keyClick(target, Qt.Key(key))
                pressed += 1
        return pressed
