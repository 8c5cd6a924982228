"""The real window, driven by real key presses."""

import contextlib
import io
import os
import subprocess
import sys
import unittest
from pathlib import Path
from typing import Any

from nuvrek.bench.working.job import asked_first, next_step, steps_in_hand
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import (
    SIDES,
    CrownHeight,
    Describe,
    OthersFirm,
    OthersStill,
    Rock,
    Seated,
    StringGap,
    StringHeight,
)
from nuvrek.wording.speech import say
from tests.support import EVERY, Typed, WindowCase, virtual_screen
from tests.test_logbook import _environment

ENTER, UP, DOWN, LEFT, RIGHT, BACK = (
    0x01000005,
    0x01000013,
    0x01000015,
    0x01000012,
    0x01000014,
    0x01000003,
)
PAGE_UP, PAGE_DOWN, HOME = 0x01000016, 0x01000017, 0x01000010
STAGES = ("Take in", "Measure", "Map", "Choose", "Work", "Prove")


def three_figures(case: WindowCase, window: Any) -> None:
    """Scale length, frets and joint: a neck is begun with them."""
    case.keys(window, "648", ENTER, "22", ENTER, "16", ENTER)


def take_round(case: WindowCase, window: Any) -> int:
    """The basic round of a 22-fret neck from the keypad alone; returns the keys pressed."""
    count = case.keys(window, "1.75", ENTER, "1.5", ENTER, ".4+.45-", ".4+.45-", "*")
    # Slack, the long edge lies on its ends on both sides.
    count += case.keys(window, "-", "-", ".2+.25-", ".2+.25-")
    # Past the joint on the middle lane, every fret pressed, the rocker.
    count += case.keys(window, ".1+.15-", ".1+.15-", ".1+.15-", "/")
    count += case.keys(window, "5*.1+.12-", "12*.1+.12-", "/", "5*", "12*", "/", "5*", "/")
    count += case.keys(window, "1.15", ENTER, "1.15", ENTER, "1.1", ENTER, "1.15", ENTER)
    # The relief once more: nothing moved.
    return count + case.keys(window, ".2+.25-")


def to_sweep(case: WindowCase, window: Any) -> None:
    """Down to the next rocker sweep of the round."""
    while window.stages["Measure"].keypad.station.kind != "sweep":
        case.keys(window, DOWN)


class FromTheKeypad(WindowCase):
    def test_from_an_empty_shelf_to_a_plan_without_the_mouse(self) -> None:
        window: Any = self.open_window()
        self.assertIn("empty", window.bar.prompt.text())
        self.keys(window, "+")
        self.assertEqual(window.page_name, "New neck")
        three_figures(self, window)
        self.assertEqual(window.page_name, "Measure")
        count = take_round(self, window)
        session = window.app.session
        self.assertEqual(window.bar.prompt.text(), "Round done.")
        kinds = [type(one.reading) for one in session.neck_state.taken]
        self.assertEqual(
            [kinds.count(k) for k in (StringGap, Rock, OthersStill, CrownHeight)], [8, 7, 3, 4]
        )
        self.assertLess(count / (len(kinds) + 0.0), 6.0)
        self.keys(window, PAGE_DOWN)
        texts = [card.accessibleName() for card in window.stages["Map"].cards]
        self.assertTrue(any("Relief" in t and "more than wanted" in t for t in texts), texts)
        self.assertTrue(any(t.startswith("Fret 5") for t in texts), texts)
        self.keys(window, PAGE_DOWN)
        self.assertEqual(window.page_name, "Choose")
        self.assertTrue(any(row.advised and row.selected for row in window.stages["Choose"].rows))
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Work")
        self.assertEqual(session.neck_state.chosen.way, "rod")
        self.assertIn("spot-level", session.neck_state.chosen.course)

    def test_undo_and_retake(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        to_sweep(self, window)
        before = len(window.app.session.neck_state.taken)
        self.keys(window, "7*", BACK)
        self.assertEqual(len(window.app.session.neck_state.taken), before)
        self.assertIn("Struck out", window.bar.message.text())
        self.keys(window, BACK)
        self.assertIn("Gap over", window.bar.prompt.text())
        self.keys(window, ".05", ENTER)
        self.assertEqual(len(window.app.session.neck_state.taken), before)

    def test_a_held_down_key_takes_one_reading(self) -> None:
        from PyQt6.QtCore import QEvent, Qt
        from PyQt6.QtGui import QKeyEvent

        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        to_sweep(self, window)
        start = len(window.app.session.entries)
        for repeat in (False, True, True, True):
            event = QKeyEvent(
                QEvent.Type.KeyPress,
                Qt.Key.Key_Slash,
                Qt.KeyboardModifier.KeypadModifier,
                "/",
                repeat,
            )
            self.app.sendEvent(window.stages["Measure"], event)
        self.assertEqual(len(window.app.session.entries), start + 1)

    def test_questions_and_letters_show_in_the_bar(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        self.keys(window, UP, UP, "300", ENTER)
        self.assertIn("300 mm?", window.bar.message.text())
        self.keys(window, BACK, "tt", ENTER)
        self.assertIn("not a length", window.bar.message.text())

    def test_closing_and_reopening_in_the_middle_of_a_round(self) -> None:
        path = self.folder / "own.db"
        first: Any = self.open_window(path)
        first.stages["Shelf"].new.click()
        three_figures(self, first)
        self.keys(first, "1.75", ENTER, "1.5", ENTER)
        first.close()
        second: Any = self.open_window(path)
        self.keys(second, ENTER)
        second.show_stage("Measure")
        self.assertIn("2 of 20", second.stages["Measure"].count.text())
        self.assertIn("Gap over 7", second.bar.prompt.text())

    def test_a_full_disk_is_said_and_the_number_stays(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        database = window.app.book._db
        database.execute("PRAGMA query_only=ON")
        self.keys(window, UP, ".1", ENTER)
        self.assertIn("not written down", window.bar.message.text())
        self.assertIn(".1", window.bar.number.text())
        window.show_stage("Choose")
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Choose")
        self.assertIn("not written down", window.bar.message.text())
        database.execute("PRAGMA query_only=OFF")


class Stages(WindowCase):
    def test_every_stage_of_every_demo_neck_in_both_themes_and_units(self) -> None:
        window: Any = self.open_window(demo=True)
        for number in range(0, 15, 1 if EVERY else 4):
            window.show_stage("Shelf")
            window.stages["Shelf"]._open(number)
            for changes in (
                {"dark": True, "inch": True},
                {"dark": False, "inch": False, "text_percent": 175},
                {"text_percent": 100},
            ):
                window._set(**changes)
                for stage in (*STAGES, "Owner"):
                    window.show_stage(stage)
                    self.assertFalse(window.grab().isNull())
                    self.assertTrue(window.bar.prompt.text(), stage)
        self.assertEqual(len(window.stages["Shelf"].cards), 15)

    def test_garbage_is_collected_on_the_interface_thread_only(self) -> None:
        import gc
        import weakref

        class Knot:
            pass

        window: Any = self.open_window(inline=False)
        self.assertFalse(gc.isenabled())
        knot = Knot()
        knot.itself = knot  # type: ignore[attr-defined]
        gone = weakref.ref(knot)
        del knot
        self.assertIsNotNone(gone())
        threshold = gc.get_threshold()
        gc.set_threshold(1, 1, 1)
        for _ in range(6):
            window.app._solver._sweeper.sweep()
        gc.set_threshold(*threshold)
        self.assertIsNone(gone())
        window.close()
        self.assertTrue(gc.isenabled())

    def test_the_app_shows_its_frame_first_and_the_shelf_right_after(self) -> None:
        from nuvrek.bench.settings import Settings
        from nuvrek.desktop.app import open_demo, show_window

        window: Any = show_window(open_demo(self.folder), Settings(), None)
        self.addCleanup(self._close, window)
        self.assertTrue(window.isVisible())
        for _ in range(20):
            self.app.processEvents()
        self.assertEqual(len(window.stages["Shelf"].cards), 15)
        self.assertTrue(window.stages["Shelf"].isVisible())

    def test_stages_by_key_and_by_rail(self) -> None:
        window: Any = self.open_window(demo=True)
        self.keys(window, PAGE_DOWN)
        self.assertEqual(window.page_name, "Shelf")
        self.keys(window, DOWN, ENTER)
        self.assertEqual((window.page_name, window.app.session.neck_id), ("Map", 4))
        self.keys(window, PAGE_UP)
        self.assertEqual(window.page_name, "Measure")
        window.rail.buttons["Work"].click()
        self.assertEqual(window.page_name, "Work")
        self.keys(window, HOME, "3", ENTER)
        self.assertEqual(window.app.session.neck_id, 3)

    def test_digits_on_the_shelf_gather_and_enter_opens(self) -> None:
        window: Any = self.open_window(demo=True)
        rows = {row.id: row.entries for row in window.app.book.necks()}
        self.keys(window, "12")
        self.assertEqual((window.page_name, window.app.session), ("Shelf", None))
        self.assertEqual(window.bar.number.text(), "12▏")
        self.assertEqual(window.stage.selected.row.id, 12)
        self.keys(window, ENTER)
        self.assertEqual((window.page_name, window.app.session.neck_id), ("Map", 12))
        self.keys(window, HOME, "3", "2")
        self.assertIn("No neck", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Shelf")
        self.keys(window, "13", BACK, ENTER)
        self.assertEqual(window.app.session.neck_id, 1)
        self.assertEqual({row.id: row.entries for row in window.app.book.necks()}, rows)

    def test_keys_typed_before_a_page_was_turned_never_act_on_it(self) -> None:
        window: Any = self.open_window(demo=True)
        typed = Typed(window)
        typed.press("3")
        typed.press("\r")
        # What the hand typed while the neck was being opened arrives late.
        self.assertEqual(window.page_name, "Map")
        before = len(window.app.session.entries)
        for key in "21.2\r":
            typed.late(key)
        self.assertEqual((window.page_name, len(window.app.session.entries)), ("Map", before))
        typed.press("0")
        self.assertEqual(window.page_name, "String room")

    def test_choosing_a_fret_shows_its_readings(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.stages["Map"].sheet.fret_chosen.emit(5, "bass")
        self.assertIn("Fret 5", window.bar.prompt.text())
        self.assertIn("rocker 4-5-6", window.bar.right.text())
        self.keys(window, RIGHT)
        self.assertIn("Fret 6", window.bar.prompt.text())
        window.stages["Map"].cards[1].click()
        self.assertIn("Fret", window.bar.prompt.text())

    def test_any_reading_of_a_fret_can_be_struck_and_taken_back(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.stages["Map"]._choose(5, "")
        taken = len(window.app.session.neck_state.taken)
        texts = [card.accessibleName() for card in window.stages["Map"].cards]
        self.assertTrue(any(t.startswith("Fret 5 ") for t in texts))
        self.keys(window, BACK)
        self.assertEqual(len(window.app.session.neck_state.taken), taken)
        self.keys(window, DOWN, DOWN)
        self.assertEqual(window.bar.right.text().count("▸"), 1)
        picked = window.bar.right.text().split("▸ ")[1].split("\n")[0]
        self.keys(window, BACK)
        self.assertEqual(len(window.app.session.neck_state.taken), taken - 1)
        self.assertNotIn(picked, window.bar.right.text())
        self.assertIn("stays in the journal", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(len(window.app.session.neck_state.taken), taken)
        self.assertIn(picked, window.bar.right.text())

    def test_a_click_on_the_sheet_goes_to_the_fret_in_both_orientations(self) -> None:
        from PyQt6.QtCore import QPoint, Qt
        from PyQt6.QtTest import QTest

        for nut_on_right in (False, True):
            window: Any = self.open_window(self.folder / f"{nut_on_right}.db")
            window.stages["Shelf"].new.click()
            three_figures(self, window)
            window.show_stage("Take in")
            window.stages["Take in"].checks["nut_on_right"].setChecked(nut_on_right)
            window.stages["Take in"].checks["left_handed"].setChecked(nut_on_right)
            window.stages["Take in"].keep.click()
            window.show_stage("Map")
            sheet = window.stages["Map"].sheet
            g = sheet.geometry_now()
            QTest.mouseClick(
                sheet, Qt.MouseButton.LeftButton, pos=QPoint(round(g.fret_x(3)), round(g.middle))
            )
            self.assertEqual(window.app.fret, 3)
            self.assertEqual(g.fret_x(3) > g.fret_x(4), nut_on_right)

    def test_taking_in_refuses_nonsense_and_keeps_sense(self) -> None:
        window: Any = self.open_window()
        window.stages["Shelf"].new.click()
        three_figures(self, window)
        window.show_stage("Take in")
        page = window.stages["Take in"]
        page.fields["joint_fret"].setText("40")
        page.fields["joint_fret"].textEdited.emit("40")
        self.assertFalse(page.keep.isEnabled())
        self.assertIn("Body joins", window.bar.message.text())
        page.fields["joint_fret"].setText("14")
        page.fields["scale_mm"].setText("25 1/2 in")
        page.fields["scale_mm"].textEdited.emit("")
        page.keep.click()
        entry = window.app.session.entries[-1]
        assert isinstance(entry, Describe)
        self.assertEqual((entry.neck.joint_fret, round(entry.neck.scale_mm, 1)), (14, 647.7))

    def test_work_logs_turns_and_single_frets_and_leads_to_prove(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.show_stage("Choose")
        # Its strings are off already: nobody is asked to slacken them.
        window.stages["Choose"]._pick("spot-level")
        window.stages["Choose"].take.click()
        self.keys(window, ENTER, ENTER)
        work = window.stages["Work"]
        self.assertIn("dust", work.caution.text())
        work._pointed(5, "")
        work.one_fret.click()
        self.assertEqual(len(window.app.session.neck_state.work), 1)
        work._turned(0.25)
        self.assertEqual(window.app.session.neck_state.rod_moves[0][1].turns, 0.25)
        session = window.app.session
        for _ in range(40):
            step = next_step(session.neck_state)
            if step is None:
                break
            if step.asks == "heights":
                session.append(*(StringHeight(side=s, fret=12, height_mm=2.0) for s in SIDES))
            work._tick()
        self.assertIn("All steps are ticked", work.step_title.text())
        # The last way of a course leads to the closing readings.
        window.show_stage("Choose")
        window.stages["Choose"]._pick("ends")
        window.stages["Choose"].take.click()
        for _ in range(40):
            if window.page_name != "Work":
                break
            work._tick()
        self.assertEqual(window.page_name, "Prove")
        self.keys(window, PAGE_UP, BACK)
        self.assertEqual(window.page_name, "Work")

    def test_strings_and_posture_change_by_a_press_and_are_kept_with_the_next_reading(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        # A support typed where the edge runs on past it: the hand stays where it is.
        self.keys(window, "7*", "17*")
        to_sweep(self, window)
        self.assertEqual(window.bar.strings.text(), "strings slack")
        window.bar.posture.click()
        self.assertEqual(window.bar.posture.text(), "neck held as played")
        self.keys(window, "7*")
        self.assertEqual(window.app.session.neck_state.taken[-1].reading.state.posture, "played")
        window.bar.strings.click()
        self.assertEqual(window.app.session.neck_state.state.strings, "pitch")

    def test_my_tools_are_kept_and_nonsense_is_said(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.rail.tools_button.click()
        page = window.stages["My tools"]

        def type_in(name: str, text: str) -> None:
            page.fields[name].setText(text)
            page.fields[name].textEdited.emit(text)

        type_in("rockers_mm", "60 2in; 40")
        self.assertEqual(window.app.settings.kit.rockers_mm, (40.0, 50.8, 60.0))
        self.assertIn("No rocker edge of yours fits", window.bar.prompt.text())
        type_in("leaf_error_mm", "0.02")
        type_in("rockers_mm", "long")
        self.assertIn("not a length", window.bar.message.text())
        type_in("rockers_mm", "1000")
        self.assertIn("at most 400 mm", window.bar.message.text())
        self.assertEqual(len(window.app.settings.kit.rockers_mm), 3)
        self.assertEqual(window.app.settings.kit.leaf_error_mm, 0.02)
        window.show_stage("Measure")
        to_sweep(self, window)
        self.assertIn("your", say(window.stages["Measure"].sheet.lanes[0].note))

    def test_a_pressed_home_fret_is_logged_from_work(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(1)
        window.show_stage("Work")
        self.assertIn("No way is in hand", window.stages["Work"].step_title.text())
        work = window.stages["Work"]
        work._pointed(9, "")
        work.seated.click()
        self.assertIsInstance(window.app.session.entries[-1], Seated)
        self.assertTrue(work.rod.isVisible())

    def test_a_fault_of_ours_is_said_and_the_window_stays(self) -> None:
        from nuvrek.desktop.app import _teller

        window: Any = self.open_window(inline=False, demo=True)
        window.stages["Shelf"]._open(0)
        self.wait_until(lambda: not window.app.busy)
        with contextlib.redirect_stderr(io.StringIO()):
            _teller(window.app)(KeyError, KeyError("x"), None)
        self.assertIn("Everything accepted so far is on disk", window.bar.message.text())
        from unittest import mock

        with mock.patch("nuvrek.desktop.solver.see", side_effect=KeyError("x")):
            window.app.solve()
            self.wait_until(lambda: not window.app.busy)
        self.assertIn("strike the odd one out", window.bar.message.text())
        self.assertFalse(window.app.busy)

    def test_a_neck_described_shorter_than_its_readings_still_draws(self) -> None:
        import msgspec

        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.app.fret = 20
        session = window.app.session
        session.append(
            Describe(neck=msgspec.structs.replace(session.neck_state.neck, frets=15, joint_fret=12))
        )
        for stage in STAGES:
            window.show_stage(stage)
            self.assertFalse(window.grab().isNull())

    def test_widgets_have_names_for_assistive_technology(self) -> None:
        from PyQt6.QtWidgets import QComboBox, QLineEdit, QPushButton

        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        for stage in STAGES:
            window.show_stage(stage)
        for kind in (QPushButton, QLineEdit, QComboBox):
            for widget in window.findChildren(kind):
                self.assertTrue(widget.accessibleName() or getattr(widget, "text", str)(), widget)

    def test_solving_off_the_interface_thread(self) -> None:
        from PyQt6.QtTest import QTest

        window: Any = self.open_window(inline=False, demo=True)
        window.stages["Shelf"]._open(0)
        window.show_stage("Measure")
        self.keys(window, "4*", RIGHT, "*", BACK)
        for _ in range(400):
            if not window.app.busy:
                break
            QTest.qWait(25)
        self.assertFalse(window.app.busy)
        self.assertEqual(window.app.solved.identity, window.app.session.identity)


CHILD = """
import sys
from pathlib import Path
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication
from nuvrek.bench.settings import Settings
from nuvrek.desktop.app import clock, load_fonts, show_window
from nuvrek.logbook.store import Logbook
app = QApplication([])
load_fonts()
window = show_window(Logbook.make(Path(sys.argv[1])), Settings(), None)
window.show_stage("Shelf")
window.stages["Shelf"].new.click()
for figure in ("648", "22", "16"):
    QTest.keyClicks(window.stages["New neck"], figure)
    window.stages["New neck"].key("enter")
page = window.stages["Measure"]
while True:
    kind = page.keypad.station.kind if page.keypad.station else ""
    keys = {"sweep": "5*7*9*12*", "press": "", "edge-lie": "-"}.get(kind, "1.2")
    QTest.keyClicks(page, keys)
    if kind != "edge-lie":
        QTest.keyClick(page, Qt.Key.Key_Enter)
    app.processEvents()
    print(len(window.app.session.entries), flush=True)
    if page.keypad.finished:
        page.start_afresh()
"""


class Course(WindowCase):
    """A course walked way by way in the real window."""

    def test_past_a_way_the_neck_is_weighed_anew_and_the_next_one_taken(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(3)
        window.show_stage("Choose")
        page, session = window.stages["Choose"], window.app.session
        self.assertEqual([leg.way for leg in page.course.legs][:1], ["seat"])
        self.assertIn("seated and read again", page.course.accessibleDescription())
        self.keys(window, ".")
        self.assertIn("pressed home first", window.bar.right.text())
        self.keys(window, ENTER)
        self.assertEqual(session.neck_state.chosen.way, "seat")
        agreed = session.neck_state.chosen.course
        self.assertTrue(agreed)
        keys = [step.key for step in steps_in_hand(session.neck_state)]
        # What closes the job belongs to the last way of the course.
        self.assertNotIn("prove", keys)
        while (step := next_step(session.neck_state)) is not None:
            window.show_stage("Work")
            self.keys(window, "/" if asked_first(session.neck_state, step) else ENTER)
        work = window.stages["Work"]
        self.assertIn("Next:", work.step_title.text())
        self.assertIn("read again", work.step_text.text())
        way = session.neck_state.chosen.way
        self.keys(window, ENTER)
        self.assertIn("Not yet", window.bar.message.text())
        self.assertEqual(session.neck_state.chosen.way, way)
        # Read again and still: the neck is weighed anew, and says what has changed.
        frets = session.neck_state.neck.frets
        session.append(
            *(OthersStill(lane=lane, frets=tuple(range(2, frets))) for lane in LANES),
            OthersFirm(frets=tuple(range(1, frets + 1))),
        )
        window.show_stage("Choose")
        now = [leg.way for leg in page.course.legs]
        window.show_stage("Work")
        self.assertNotEqual(now[0], "seat")
        if tuple(now) != agreed:
            self.assertIn("The course has changed", work.step_text.text())


class Killed(WindowCase):
    def test_kill_9_on_the_window_in_the_middle_of_a_round(self) -> None:
        path = self.folder / "killed.db"
        child = subprocess.Popen(
            [sys.executable, "-c", CHILD, str(path)],
            env={**_environment(), "QT_QPA_PLATFORM": "offscreen"},
            stdout=subprocess.PIPE,
            stderr=subprocess.DEVNULL,
            text=True,
        )
        assert child.stdout is not None
        accepted = 0
        for line in child.stdout:
            accepted = int(line)
            if accepted > 30:
                break
        child.kill()
        accepted = max([accepted, *(int(n) for n in child.stdout.read().split() if n.isdigit())])
        child.wait()
        child.stdout.close()
        self.assertGreater(accepted, 30)
        window: Any = self.open_window(path)
        self.keys(window, ENTER)
        self.assertGreaterEqual(len(window.app.session.entries), accepted)
        window.show_stage("Measure")
        self.assertTrue(window.bar.prompt.text())


class OnARealScreen(unittest.TestCase):
    def test_the_keypad_round_under_xvfb(self) -> None:
        if os.environ.get("NUVREK_XVFB"):
            self.skipTest("already under Xvfb")
        environment = {
            **_environment(),
            "QT_QPA_PLATFORM": "xcb",
            "NUVREK_XVFB": "1",
            "DISPLAY": virtual_screen(self),
        }
        done = subprocess.run(
            [sys.executable, "-m", "unittest", "tests.test_window.FromTheKeypad"],
            cwd=Path(__file__).resolve().parents[1],
            env=environment,
            capture_output=True,
            text=True,
            check=False,
            timeout=240,
        )
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn("OK", done.stderr)
