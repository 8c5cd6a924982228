"""Measure in the real window: any one reading, notes and photos, tables, templates, taking
again, the stand-in gauge.
"""

from pathlib import Path
from typing import Any

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QColor, QImage

from nuvrek.desktop.widgets.photo import PhotoView
from nuvrek.readings.entries import Note, StringGap, StringHeight
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import WindowCase, needs_pseudo_terminals
from tests.test_tool_table import NAMES

UP = 0x01000013
ENTER, BACK, DOWN, SPACE = (
    Qt.Key.Key_Return,
    Qt.Key.Key_Backspace,
    Qt.Key.Key_Down,
    Qt.Key.Key_Space,
)


class MeasureCase(WindowCase):
    def at(self, neck: int, name: str = "") -> tuple[Any, Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage("Measure")
        stage = window.stages["Measure"]
        if name:
            stage.change_round(name)
        return window, stage, window.app.session


class OneByOne(MeasureCase):
    def test_a_tile_is_pressed_or_numbered_and_enter_comes_back(self) -> None:
        window, stage, session = self.at(4, "one")
        self.assertEqual(len(stage.tiles.tiles), len(NAMES))
        stage.tiles.tiles[1].click()
        self.assertIn("Edge resting on the frets", window.bar.prompt.text())
        taken = len(session.neck_state.taken)
        self.keys(window, DOWN, ".1+", ".15-")
        gap = session.neck_state.taken[-1].reading
        assert isinstance(gap, StringGap)
        self.assertEqual((gap.lane, gap.low_support, gap.by), ("middle", None, "edge"))
        self.assertEqual(len(session.neck_state.taken), taken + 1)
        self.keys(window, ENTER)
        self.assertTrue(stage.tiles.isVisible())
        self.keys(window, "40", ENTER)
        self.assertIn(f"1 to {len(NAMES)}", window.bar.message.text())
        self.keys(window, str(NAMES.index("rod") + 1), ENTER, "3", ENTER)
        self.assertEqual(session.neck_state.taken[-1].reading.feel, "binding")

    def test_a_round_goes_on_after_readings_in_between(self) -> None:
        window, stage, session = self.at(4)
        before = window.bar.prompt.text()
        stage.change_round("one")
        self.keys(window, "5", ENTER, "1.1", ENTER, ENTER)
        stage.change_round("basic")
        self.assertEqual(window.bar.prompt.text(), before)
        self.assertEqual(session.neck_state.round_name, "basic")

    def test_the_wanted_leaf_goes_or_not_in_one_key(self) -> None:
        window, _, session = self.at(2, "rod")
        self.keys(window, ENTER, "2", ENTER)
        self.assertIn("Does the blade go", window.bar.prompt.text())
        taken = len(session.neck_state.taken)
        self.keys(window, "+", "/")
        one, two = (t.reading for t in session.neck_state.taken[taken:])
        target = session.neck_state.neck.relief_target_mm
        self.assertEqual((one.slides_mm, one.wont_go_mm), (target, None))
        self.assertEqual((two.slides_mm, two.wont_go_mm), (None, target))

    def test_a_unit_is_kept_for_its_field(self) -> None:
        window, _, session = self.at(4, "one")
        self.keys(window, "6", ENTER, SPACE)
        self.assertEqual(window.bar.unit.text(), "in/64")
        self.keys(window, "5.5", ENTER, ENTER, "5", ENTER)
        height = session.neck_state.taken[-1].reading
        assert isinstance(height, StringHeight)
        self.assertAlmostEqual(height.height_mm, 5.5 / 64 * 25.4)
        self.assertEqual(window.bar.unit.text(), "mm")
        window.bar.unit.pressed.emit()
        self.assertEqual(window.bar.unit.text(), "thou")
        self.assertEqual(window.app.settings.unit_for("string-height"), Unit.SIXTYFOURTH)
        self.assertEqual(window.app.settings.unit_for("sweep"), Unit.MM)

    def test_repeated_readings_show_their_spread(self) -> None:
        window, _, _ = self.at(4, "one")
        self.keys(window, "6", ENTER, "2.1", ENTER, "2.3", ENTER)
        self.assertIn("to 2.30 mm", window.bar.message.text())


class TakingAgain(MeasureCase):
    def test_a_reading_picked_on_the_map_is_taken_again_in_its_place(self) -> None:
        window, _, session = self.at(2)
        window.show_stage("Map")
        window.stages["Map"]._choose(1, "")
        picker = window.stages["Map"].picker
        while picker.number is None or not isinstance(
            session.entries[picker.number - 1], StringGap
        ):
            self.keys(window, DOWN)
        number = picker.number
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Measure")
        self.assertIn("replaces the old one", window.bar.message.text())
        self.keys(window, ".2", ENTER)
        live = [one.number for one in session.neck_state.taken]
        self.assertNotIn(number, live)
        self.assertEqual(session.entries[live[-1] - 1].gap_mm, 0.2)
        self.assertIn("struck out", window.bar.message.text())

    def test_backspace_at_a_station_strikes_its_own_reading(self) -> None:
        window, stage, session = self.at(4)
        stage.start_afresh()
        self.keys(
            window, "1.8", ENTER, "1.6", ENTER, Qt.Key.Key_Up, Qt.Key.Key_Up, BACK, "1.9", ENTER
        )
        heights = [
            one.reading.height_mm
            for one in session.neck_state.taken
            if one.number > stage.keypad.since
        ]
        self.assertEqual(heights, [1.6, 1.9])


class NotesAndTables(MeasureCase):
    def test_a_note_and_a_photo_stay_with_the_reading(self) -> None:
        window, stage, session = self.at(4)
        stage.extras.note("light under fret 3")
        picture = QImage(4000, 3000, QImage.Format.Format_RGB32)
        picture.fill(QColor("teal"))
        path = self.folder / "heel.png"
        picture.save(str(path))
        before = path.read_bytes()
        stage.extras.photo(str(path))
        self.assertEqual(path.read_bytes(), before)
        first, second = session.entries[-2:]
        assert isinstance(first, Note) and isinstance(second, Note) and second.photo is not None
        self.assertEqual(first.about, session.neck_state.taken[-1].number)
        kept = QImage.fromData(second.photo)
        self.assertEqual((kept.width(), kept.height()), (1280, 960))
        (self.folder / "words.jpg").write_text("no picture")
        stage.extras.photo(str(self.folder / "words.jpg"))
        self.assertIn("no picture", window.bar.message.text())
        self.assertEqual(window.app.book.entries(session.neck_id), session.entries)

    def test_a_note_on_any_reading_is_seen_again_on_the_map(self) -> None:
        window, _, _ = self.at(2)
        window.show_stage("Map")
        page = window.stages["Map"]
        page._choose(5, "")
        self.assertFalse(page.note.isVisible())
        self.keys(window, DOWN, DOWN)
        page.extras.note("burr on this one")
        picture = QImage(40, 30, QImage.Format.Format_RGB32)
        picture.fill(QColor("teal"))
        picture.save(str(self.folder / "burr.png"))
        page.extras.photo(str(self.folder / "burr.png"))
        # What was just said stands until the next key.
        self.keys(window, DOWN, UP)
        self.assertIn("✎", window.bar.right.text())
        self.assertIn("burr on this one", window.bar.message.text())
        self.assertTrue(page.see.isVisible())
        page.see.click()
        shown = window.findChild(PhotoView)
        self.assertTrue(shown.isVisible())
        self.keys(window, ENTER)
        self.assertFalse(shown.isVisible())
        self.keys(window, DOWN)
        self.assertNotIn("burr", window.bar.message.text())

    def test_tables_come_in_whole_or_not_at_all(self) -> None:
        window, stage, session = self.at(4)
        taken = len(session.neck_state.taken)
        stage.extras.paste(
            "kind\tlane\tfret\theight_mm\ncrown-height\tmiddle\t3\t1,1\ncrown-height\tmiddle\t90\t1,1\n"
        )
        self.assertIn("row 3", window.bar.message.text())
        self.assertEqual(len(session.neck_state.taken), taken)
        stage.extras.paste("kind\tlane\tfret\theight_mm\ncrown-height\tmiddle\t3\t1,1\n")
        self.assertIn("1 reading taken in", window.bar.message.text())
        path = self.folder / "out.csv"
        stage.extras.save_table(path)
        stage.extras.read_table(path)
        self.assertEqual(len(session.neck_state.taken), 2 * (taken + 1))
        (self.folder / "bad.csv").write_bytes(b"\xff\xfe")
        for name in ("bad.csv", "missing.csv"):
            stage.extras.read_table(self.folder / name)
            self.assertIn("Nothing was taken in", window.bar.message.text())
        stage.extras.paste("")
        self.assertIn("Nothing that reads", window.bar.message.text())

    def test_templates_and_a_place_that_can_not_be_written(self) -> None:
        window, stage, _ = self.at(4)
        for name in ("edge.pdf", "edge.svg", "edge.dxf"):
            stage.extras.save_template(self.folder / name)
            self.assertGreater((self.folder / name).stat().st_size, 500)
        stage.extras.save_template(self.folder / "edge.txt")
        self.assertIn(".pdf, .svg or .dxf", window.bar.message.text())
        stage.extras.save_spans(self.folder / "spans.csv")
        lines = (self.folder / "spans.csv").read_text().splitlines()
        self.assertEqual((lines[0], len(lines)), ("middle_fret,shortest_mm,longest_mm", 17))
        stage.extras.save_table(Path("/proc/nowhere/readings.csv"))
        self.assertIn("could not be written", window.bar.message.text())


class StandInLive(MeasureCase):
    def setUp(self) -> None:
        needs_pseudo_terminals(self)
        super().setUp()

    def test_the_stand_in_is_pressed_from_the_window(self) -> None:
        from PyQt6.QtTest import QTest

        window, stage, session = self.at(1, "indicator")
        stage.connect_gauge(say(window.app.gauge.STAND_IN))
        self.assertEqual(stage.gauge_button.text(), "gauge: connected")
        self.assertTrue(stage.stand_in.isVisible())
        taken = len(session.neck_state.taken)
        for number in range(1, 4):
            stage.stand_in.click()
            for _ in range(100):
                if len(session.neck_state.taken) == taken + number:
                    break
                QTest.qWait(20)
        self.assertEqual(len(session.neck_state.taken), taken + 3)
        self.assertIn("fret 4?", window.bar.prompt.text())
        stage._gauge_pressed()
        self.assertFalse(stage.stand_in.isVisible())

    def test_the_line_settings_are_those_of_the_tools_page(self) -> None:
        from PyQt6.QtSerialPort import QSerialPort

        from nuvrek.bench.settings import LINES
        from nuvrek.desktop.gauge import set_line

        port = QSerialPort()
        for line in LINES:
            set_line(port, line)
            self.assertEqual(port.baudRate(), int(line.split()[0]))
        set_line(port, "4800 7E2")
        self.assertEqual(port.dataBits(), QSerialPort.DataBits.Data7)
        self.assertEqual(port.parity(), QSerialPort.Parity.EvenParity)
        self.assertEqual(port.stopBits(), QSerialPort.StopBits.TwoStop)
        window, _, _ = self.at(1)
        window.rail.tools_button.click()
        page = window.stages["My tools"]
        page.line.setCurrentText("4800 7E2")
        page._line_chosen()
        self.assertEqual(window.app.settings.gauge_line, "4800 7E2")
