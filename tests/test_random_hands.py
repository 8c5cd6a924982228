"""Random keys, pedal, mouse and gauge at the real window: nothing raises, nothing accepted is lost,
it still answers.

``NUVREK_HANDS_SECONDS=600`` makes it ten minutes; without it a few hundred events suffice.
"""

import os
import random
import sys
import time
import traceback
from collections.abc import Callable
from typing import Any

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from nuvrek.desktop import log
from nuvrek.readings.entries import Reading
from nuvrek.readings.rounds import ROUNDS
from nuvrek.simulator.stand_in_gauge import StandIn
from tests.support import Typed, WindowCase

EVENTS = 500
PAGES = (
    *("Measure", "Map", "Choose", "Work", "Prove"),
    *("Filing", "String room", "New wire", "Owner"),
)
KEYS = [
    *"0123456789" * 2,
    *".+-*/+-*/",
    " ",
    "t",
    "m",
    *[Qt.Key.Key_Return] * 8,
    *[Qt.Key.Key_Backspace] * 3,
    Qt.Key.Key_Left,
    Qt.Key.Key_Right,
    Qt.Key.Key_Up,
    Qt.Key.Key_Down,
]


class RandomHands(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.raised: list[str] = []
        before = sys.excepthook
        sys.excepthook = lambda *what: self.raised.append(
            "".join(traceback.format_exception(*what))
        )
        self.addCleanup(lambda: setattr(sys, "excepthook", before))

    def test_nothing_raises_and_nothing_is_lost(self) -> None:
        seconds = float(os.environ.get("NUVREK_HANDS_SECONDS", "0"))
        log.keep_in(self.folder / "log")
        self.addCleanup(log.stop)
        self.window: Any = self.open_window(demo=True, inline=False)
        pick = random.Random(int(os.environ.get("NUVREK_HANDS_SEED", "20260310")))
        self.window.stages["Shelf"]._open(4)
        self.window.show_stage("Measure")
        self.gauge: StandIn | None = None
        self.hand: Typed | None = None
        self.addCleanup(lambda: self.gauge and self.gauge.unplug())
        # What lies in every neck that is not open: nothing may reach it there.
        self.resting = {row.id: self.window.app.book.entries(row.id) for row in self.rows()}
        end = time.monotonic() + seconds
        events = written = 0
        while events < EVENTS or time.monotonic() < end:
            self.one_event(self.window, pick)
            events += 1
            self.app.processEvents()
            self.assertFalse(self.raised, "\n".join(self.raised))
            if events % 100 == 0:
                written = max(written, self.check_all_necks())
        if self.gauge is not None:
            self.gauge.unplug()
        self.assertGreater(written, 20)
        self.assertFalse((self.folder / "log" / "nuvrek.log").exists(), self.logged())
        self.still_answers(self.window)

    def rows(self) -> list[Any]:
        return list(self.window.app.book.necks())

    def logged(self) -> str:
        path = self.folder / "log" / "nuvrek.log"
        return path.read_text() if path.exists() else ""

    def check_all_necks(self) -> int:
        """Whether the open neck holds what its session says, and all others what they held; the
        open one's length.
        """
        session = self.window.app.session
        for row in self.rows():
            entries = self.window.app.book.entries(row.id)
            if row.id == session.neck_id:
                self.assertEqual(entries, session.entries)
            else:
                self.assertEqual(entries, self.resting.get(row.id, entries), row.id)
        return len(session.entries)

    def one_event(self, window: Any, pick: random.Random) -> None:
        doings: list[tuple[int, Callable[[Any, random.Random], None]]] = [
            (150, self.key),
            (10, self.held_key),
            (8, self.click_key_row),
            (8, self.click_sheet),
            (8, self.gauge_line),
            (2, self.plug),
            (3, self.other_round),
            (3, self.tile),
            (2, self.bar),
            (2, self.other_stage),
            (2, self.take_again),
            (1, self.paste),
            (2, self.other_neck),
            (6, self.undo_somewhere),
            (4, self.enter_somewhere),
            (6, self.typed_too_late),
            (1, self.close_and_open),
        ]
        weights = [weight for weight, _ in doings]
        pick.choices(doings, weights)[0][1](window, pick)

    def key(self, window: Any, pick: random.Random) -> None:
        self.keys(window, pick.choice(KEYS))

    def held_key(self, window: Any, pick: random.Random) -> None:
        from PyQt6.QtCore import QEvent
        from PyQt6.QtGui import QKeyEvent

        for repeat in range(5):
            event = QKeyEvent(
                QEvent.Type.KeyPress,
                Qt.Key.Key_Return,
                Qt.KeyboardModifier.NoModifier,
                "\r",
                autorep=repeat > 0,
            )
            self.app.sendEvent(window.stage, event)

    def click_key_row(self, window: Any, pick: random.Random) -> None:
        buttons = [b for b in window.stages["Measure"].keys.values() if b.isVisible()]
        if buttons:
            pick.choice(buttons).click()

    def click_sheet(self, window: Any, pick: random.Random) -> None:
        sheet = getattr(window.stage, "sheet", None)
        if sheet is not None and sheet.isVisible():
            place = QPoint(pick.randrange(sheet.width()), pick.randrange(sheet.height()))
            QTest.mouseClick(sheet, Qt.MouseButton.LeftButton, pos=place)

    def plug(self, window: Any, pick: random.Random) -> None:
        if self.gauge is None:
            self.gauge = StandIn()
            window.stages["Measure"].connect_gauge(self.gauge.path)
        else:
            self.gauge.unplug()
            self.gauge = None
            QTest.qWait(20)

    def gauge_line(self, window: Any, pick: random.Random) -> None:
        if self.gauge is not None:
            send = pick.choice(
                [
                    self.gauge.send,
                    self.gauge.double,
                    lambda _mm: self.gauge and self.gauge.garbage(),
                ]
            )
            send(round(pick.uniform(-2.0, 3.0), 3))
            QTest.qWait(5)

    def other_round(self, window: Any, pick: random.Random) -> None:
        name = pick.choice([name for name in ROUNDS if name != "closing"])
        window.stages["Measure"].change_round(name)

    def tile(self, window: Any, pick: random.Random) -> None:
        tiles = window.stages["Measure"].tiles.tiles
        if tiles and tiles[0].isVisible():
            pick.choice(tiles).click()

    def bar(self, window: Any, pick: random.Random) -> None:
        pick.choice(
            [window.bar.strings.click, window.bar.posture.click, window.bar.unit.pressed.emit]
        )()

    def other_stage(self, window: Any, pick: random.Random) -> None:
        window.show_stage(pick.choice(["Measure", "Measure", *PAGES, "My tools"]))
        if window.page_name == "My tools":
            window.show_stage("Measure")

    def other_neck(self, window: Any, pick: random.Random) -> None:
        """Off to another neck while the solver may still be at this one."""
        session = window.app.session
        self.resting[session.neck_id] = list(session.entries)
        window.show_stage("Shelf")
        self.keys(window, str(pick.randrange(1, 16)), Qt.Key.Key_Return)
        self.resting.setdefault(window.app.session.neck_id, list(window.app.session.entries))
        self.enter_somewhere(window, pick)

    def undo_somewhere(self, window: Any, pick: random.Random) -> None:
        window.show_stage(pick.choice(PAGES))
        QTest.qWait(pick.choice([0, 0, 5, 60]))
        self.keys(window, *[Qt.Key.Key_Backspace] * pick.randrange(1, 4))

    def enter_somewhere(self, window: Any, pick: random.Random) -> None:
        window.show_stage(pick.choice(PAGES))
        QTest.qWait(pick.choice([0, 0, 5, 60, 300]))
        self.keys(window, *[Qt.Key.Key_Return] * pick.randrange(1, 3))

    def typed_too_late(self, window: Any, pick: random.Random) -> None:
        """No key that was typed before a page came in front acts after it."""
        page = pick.choice([*PAGES, "Shelf"])
        window.show_stage(page)
        before = (window.page_name, len(window.app.session.entries), window.app.session.neck_id)
        if self.hand is None or self.hand.window is not window:
            self.hand = Typed(window)
            # From the first key on it is known how the keyboard's clock goes.
            self.hand.press("q")
            window.show_stage(page)
        typed = pick.choices([*"0123456789.+-*/", "\r"], k=3)
        for key in typed:
            self.hand.late(key)
        after = (window.page_name, len(window.app.session.entries), window.app.session.neck_id)
        self.assertEqual(after, before, typed)
        if page == "Shelf":
            window.show_stage("Measure")

    def close_and_open(self, window: Any, pick: random.Random) -> None:
        """The window is closed in the middle of whatever it does, and another opened on the same
        file.
        """
        path, neck = window.app.book.path, window.app.session.neck_id
        if self.gauge is not None:
            self.gauge.unplug()
            self.gauge = None
        self._close(window)
        self.window = self.open_window(path, inline=False)
        self.window.stages["Shelf"]._open([row.id for row in self.rows()].index(neck))
        self.window.show_stage("Measure")

    def take_again(self, window: Any, pick: random.Random) -> None:
        session = window.app.session
        numbers = [n for n, e in enumerate(session.entries, 1) if isinstance(e, Reading)]
        if numbers:
            window._retake(pick.choice(numbers))

    def paste(self, window: Any, pick: random.Random) -> None:
        rows = ["crown-height,middle,3,1.1", "crown-height,middle,99,1.1", "zap,,,"]
        window.stages["Measure"].extras.paste(
            "kind,lane,fret,height_mm\n" + pick.choice(rows) + "\n"
        )

    def still_answers(self, window: Any) -> None:
        window.show_stage("Measure")
        stage, session = window.stages["Measure"], window.app.session
        stage.change_round("one")
        stage.keypad.asking = None
        stage.keypad.rewind()
        taken = len(session.neck_state.taken)
        self.keys(window, "5", Qt.Key.Key_Return, "1.1mm", Qt.Key.Key_Return)
        self.assertEqual(len(session.neck_state.taken), taken + 1)
        self.assertEqual(window.app.book.entries(session.neck_id), session.entries)
