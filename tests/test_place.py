"""The window on its screen: within what is free, as it was left, and every text within its box."""

from __future__ import annotations

import os
import subprocess
import sys
import unittest
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from types import SimpleNamespace
from typing import Any
from unittest import mock

from msgspec import structs
from PyQt6.QtCore import QPoint, QRect
from PyQt6.QtWidgets import QWidget

from nuvrek.bench.settings import Settings, load, save
from nuvrek.desktop.app_state import SLOW_S
from nuvrek.desktop.frame import place
from nuvrek.wording.speech import say
from tests.support import EVERY, WindowCase, virtual_screen

ROOT = Path(__file__).resolve().parents[1]
# Window sizes inside a title bar and a border, on a usual and on the smallest screen.
TEXTS = [("de", "100", "1276x762"), ("en", "175", ""), ("en", "100", "1276x762"), ("de", "175", "")]


class Screen:
    """A made-up screen."""

    def __init__(self, *free: int) -> None:
        self.free = QRect(*free)

    def availableGeometry(self) -> QRect:
        return self.free


class OnItsScreen(WindowCase):
    def fitted(self, screen: Screen, kept: place.Place | None = None) -> QWidget:
        widget = QWidget()
        self.addCleanup(widget.deleteLater)
        with (
            mock.patch.object(place.QGuiApplication, "primaryScreen", lambda: screen),
            mock.patch.object(place.QGuiApplication, "screenAt", lambda _at: None),
        ):
            place.fit_window(widget, kept)
        return widget

    def test_a_new_window_leaves_room_for_its_frame(self) -> None:
        for wide, high in ((1280, 800), (1280, 720), (1024, 600), (1920, 1080)):
            with self.subTest(screen=(wide, high)):
                one = self.fitted(Screen(0, 0, wide, high))
                self.assertLessEqual(one.height(), high - place.TITLE_PX)
                self.assertLessEqual(one.width(), wide)
        self.assertEqual((one.width(), one.height()), (1280, 800))

    def test_a_place_kept_from_a_larger_screen_comes_onto_this_one(self) -> None:
        one = self.fitted(Screen(0, 25, 1280, 775), (2000, 900, 1600, 1000))
        self.assertTrue(
            QRect(0, 25, 1280, 775).contains(QRect(one.pos(), one.size())), one.geometry()
        )
        same = self.fitted(Screen(0, 0, 1920, 1080), (100, 90, 1300, 850))
        self.assertEqual((same.pos(), same.width(), same.height()), (QPoint(100, 90), 1300, 850))

    def test_what_is_kept_comes_back_and_nonsense_does_not(self) -> None:
        path = self.folder / "settings.json"
        kept = structs.replace(Settings(), window_place=(10, 20, 1100, 700))
        self.assertEqual(say(save(path, kept)), "")
        self.assertEqual(load(path)[0].window_place, (10, 20, 1100, 700))
        path.write_text('{"window_place": "anywhere"}')
        self.assertIsNone(load(path)[0].window_place)

    def test_the_window_keeps_where_it_is_left(self) -> None:
        window: Any = self.open_window()
        window.resize(1010, 640)
        window.close()
        left = window.app.settings.window_place
        self.assertEqual(left[2:], (1010, 640))

    def test_the_time_said_is_that_of_this_calculation(self) -> None:
        """A reading comes while one is worked out: the clock begins anew, and nothing alarms."""
        window: Any = self.open_window(demo=True)
        app, said = window.app, list[int]()
        window.stages["Shelf"]._open(4)
        app.slow.connect(said.append)
        busy = SimpleNamespace(busy=True, request=lambda _wanted: None, close=lambda: None)
        with mock.patch.object(app, "_solver", busy):
            self.counted_anew(app, said)

    def counted_anew(self, app: Any, said: list[int]) -> None:
        for _ in range(SLOW_S + 3):
            app._on_second()
        self.assertEqual(said[-1], SLOW_S + 3)
        app.solve()
        self.assertEqual(said[-1], 0)
        app._on_second()
        self.assertEqual(app._under_way_s, 1)


class UnderXvfb(unittest.TestCase):
    def test_it_fits_a_usual_and_a_small_screen(self) -> None:
        for size in ((1280, 800), (1024, 600)):
            with self.subTest(screen=size):
                shown = {"QT_QPA_PLATFORM": "xcb", "DISPLAY": virtual_screen(self, size)}
                done = _python("-m", "tests.test_place", **shown)
                self.assertEqual(done.returncode, 0, done.stderr[-800:])
                wide, high = (int(one) for one in done.stdout.split("x"))
                self.assertLessEqual(wide, size[0])
                self.assertLessEqual(high, size[1] - place.TITLE_PX)


class Room(unittest.TestCase):
    def test_every_text_has_room_in_both_languages_at_two_sizes(self) -> None:
        cases = TEXTS if EVERY else TEXTS[:2]
        with ThreadPoolExecutor(2) as pool:
            for case, done in zip(cases, pool.map(_room, cases), strict=True):
                with self.subTest(case=case):
                    self.assertEqual(done.returncode, 0, done.stderr[-800:])
                    self.assertEqual(done.stdout.strip(), "")


def _room(case: tuple[str, str, str]) -> subprocess.CompletedProcess[str]:
    return _python("-m", "tests.text_room", *filter(None, case), QT_QPA_PLATFORM="offscreen")


def _python(*words: str, **environment: str) -> subprocess.CompletedProcess[str]:
    plain = {key: one for key, one in os.environ.items() if not key.endswith("_NUM_THREADS")}
    return subprocess.run(
        [sys.executable, *words],
        cwd=ROOT,
        env={**plain, **environment},
        capture_output=True,
        text=True,
        check=False,
        timeout=240,
    )


class OneThread(unittest.TestCase):
    def test_every_door_leaves_the_linear_algebra_one_thread(self) -> None:
        asked = (
            "import {door}, numpy, threadpoolctl; "
            "print(max(one['num_threads'] for one in threadpoolctl.threadpool_info()))"
        )
        for door in ("nuvrek.cli.main", "nuvrek.desktop.app", "nuvrek.estimate.heightmap"):
            with self.subTest(door=door):
                done = _python("-c", asked.format(door=door), QT_QPA_PLATFORM="offscreen")
                self.assertEqual(done.stdout.strip(), "1", done.stderr[-800:])


def main() -> None:
    """Open the window on the demo and print how large it is, frame left out."""
    import tempfile

    from PyQt6.QtTest import QTest
    from PyQt6.QtWidgets import QApplication

    from nuvrek.desktop.app import open_demo
    from nuvrek.desktop.app_state import AppState
    from nuvrek.desktop.window import Window

    app = QApplication([])
    book = open_demo(Path(tempfile.mkdtemp()))
    window = Window(AppState(book, Settings(), None, lambda: "2026-03-03T10:00:00", True))
    window.show()
    QTest.qWait(300)
    print(f"{window.width()}x{window.height()}")
    window.close()
    app.quit()


if __name__ == "__main__":
    main()
