"""String room in the real window: sliders, notes, the ear, the relief it asks for."""

from typing import Any

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from nuvrek.clearance.by_ear import listen
from nuvrek.clearance.strung_neck import string_up
from nuvrek.estimate.heightmap import map_neck
from nuvrek.readings.entries import Describe, Heard, OthersClean, RodMove
from nuvrek.readings.journal import fold
from nuvrek.wording.speech import say
from tests.support import NECK, WindowCase, measured, neck_state

ENTER, BACK, DOWN, RIGHT = (
    Qt.Key.Key_Return,
    Qt.Key.Key_Backspace,
    Qt.Key.Key_Down,
    Qt.Key.Key_Right,
)
BASS, STEEL = 2, 5


class RoomWindow(WindowCase):
    def at(self, neck: int) -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        self.keys(window, "0")
        self.assertEqual(window.page_name, "String room")
        return window, window.stages["String room"]

    def test_touch_and_height_follow_the_hand(self) -> None:
        window, page = self.at(BASS)
        usual = page.room.buzzing()
        self.assertGreater(usual, 0)
        page.touch.setValue(140)
        self.assertGreater(page.room.buzzing(), usual)
        self.keys(window, "-")
        self.assertAlmostEqual(page.room.touch, 13.9)
        page.touch.setValue(30)
        low = page.room.buzzing()
        page.low.setValue(16)
        page.high.setValue(16)
        self.assertGreater(page.room.buzzing(), low)
        self.assertIn("0.80 mm", page.low_words.text())
        page.after.setCurrentIndex(page.after.findData("level"))
        page._after(0)
        self.assertEqual(page.room.way.kind, "level")
        self.assertFalse(window.grab().isNull())

    def test_a_note_is_chosen_by_key_and_by_hand(self) -> None:
        window, page = self.at(STEEL)
        self.keys(window, RIGHT, RIGHT)
        self.assertIn("Fret 3 on string 6", window.bar.prompt.text())
        self.keys(window, Qt.Key.Key_Up)
        self.assertIn("string 5", window.bar.prompt.text())
        board = page.view._board()
        QTest.mouseClick(
            page.view,
            Qt.MouseButton.LeftButton,
            pos=QPoint(int(board.right()) - 60, int(board.top()) + 14),
        )
        self.assertEqual(page.room.string, 5)
        self.assertGreater(page.room.note, 12)
        side = page.room.side()
        self.assertEqual(len(side.tops_mm), page.room.notes + 1 - page.room.note)
        self.assertTrue((side.swing_mm <= side.line_mm).all())
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Map")

    def test_the_ear_is_written_down_and_fitted(self) -> None:
        window, page = self.at(BASS)
        session = window.app.session
        self.keys(window, *[RIGHT] * 8, DOWN, DOWN, DOWN, "*", "/", "*", ".")
        heard = [e for e in session.entries if isinstance(e, Heard)]
        self.assertEqual(
            [(e.fret, e.says) for e in heard], [(9, "buzzes"), (10, "clean"), (11, "buzzes")]
        )
        self.assertIsInstance(session.entries[-1], OthersClean)
        self.assertIn("of 2 notes that buzz", page.ear.text())
        page.fitted.click()
        self.assertNotAlmostEqual(page.room.touch, 0.5)
        self.keys(window, BACK, BACK)
        self.assertEqual(len(session.neck_state.heard), 2)
        self.keys(window, *[BACK] * 5)
        self.assertEqual(session.neck_state.heard, {})
        self.assertTrue(session.neck_state.taken)

    def test_the_even_relief_becomes_the_one_wanted(self) -> None:
        window, page = self.at(STEEL)
        page.why.click()
        self.assertIn("Dead straight", window.bar.message.text())
        self.assertFalse(window.grab().isNull())
        page.aim.click()
        entry = window.app.session.entries[-1]
        assert isinstance(entry, Describe)
        self.assertGreater(entry.neck.relief_target_mm, 0.05)
        self.assertIsNotNone(entry.neck.relief_high_mm)

    def test_map_has_a_lane_and_choose_a_column(self) -> None:
        window, page = self.at(BASS)
        window.show_stage("Map")
        page = window.stages["Map"]
        page.views.toggle("room")
        lane = page.sheet.lanes[-1]
        self.assertEqual((say(lane.title), len(lane.room_mm)), ("Room", 20))
        self.assertIn("will buzz", say(lane.label))
        window.show_stage("Choose")
        self.assertFalse(window.grab().isNull())


class Ear(WindowCase):
    def test_the_touch_is_found_again_and_a_loose_fret_named(self) -> None:
        truth, entries = measured(5)
        on = string_up(map_neck(neck_state(entries, truth.neck)))
        firm = on.rooms(9.3)
        count, notes = firm.room_mm.shape
        heard = {
            (count - s, n): "buzzes" if firm.room_mm[s, n] < 0 else "clean"
            for s in range(count)
            for n in range(notes)
        }
        self.assertIn("buzzes", heard.values())
        found = listen(on, heard)
        assert found is not None
        self.assertAlmostEqual(found.touch, 9.3, delta=1.4)
        self.assertEqual(found.unexplained, ())
        widest = max(
            ((s, n) for s in range(count) for n in range(1, notes)), key=lambda at: firm.room_mm[at]
        )
        odd = (count - widest[0], widest[1])
        told = listen(on, {**heard, odd: "badly"})
        assert told is not None
        self.assertIn(odd, told.unexplained)
        self.assertIn("Loose fret", say(told.words))
        self.assertIsNone(listen(on, {(1, 3): "clean"}))

    def test_what_was_heard_holds_until_the_neck_changes(self) -> None:
        said = [Heard(string=1, fret=4, says="buzzes")]
        self.assertEqual(fold(NECK, said).heard, {(1, 4): "buzzes"})
        self.assertEqual(fold(NECK, [*said, RodMove(turns=0.25)]).heard, {})
