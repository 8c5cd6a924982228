"""The practice window, driven by real keys: three lessons gone through well and into their trap."""

import json
import random
import unittest
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from nuvrek.bench.settings import Settings
from nuvrek.desktop.practice.start import open_practice
from nuvrek.exchange import jobfile
from nuvrek.practice.at_work.actions import Rocker
from nuvrek.readings.entries import OthersFirm, Reading, RodMove, Seated, StandOff, StringHeight
from nuvrek.wording.speech import say, say_all
from tests.support import TIME, WindowCase
from tests.test_window import BACK, DOWN, ENTER, HOME, LEFT, PAGE_UP, RIGHT, UP

FIRST, LAST = 1, 22


class PracticeCase(WindowCase):
    """Opens the practice window on a folder of its own."""

    def open_practice(self, folder: Path | None = None) -> Any:
        window = open_practice(Settings(), lambda: TIME, folder or self.folder, inline=True)
        window.show()
        self.app.processEvents()
        self.addCleanup(self._close, window)
        return window

    def begin(self, window: Any, name: str) -> Any:
        """Lay an exercise on the bench; returns its pad."""
        self.assertTrue(window.begin(name))
        self.assertEqual(window.page_name, "Bench")
        return window.stages["Bench"].pad

    def tool(self, window: Any, digits: str) -> None:
        """Put down what is in the hand and take up a tool: ``0`` first for the hands."""
        pad = window.stages["Bench"].pad
        while pad.tool is not None:
            self.keys(window, BACK)
        if pad.hands_out != digits.startswith("0"):
            self.keys(window, "0")
        self.keys(window, digits[-1])
        self.assertIsNotNone(pad.tool, pad.message)

    def to_fret(self, window: Any, fret: int, lane: str = "") -> None:
        """Move the hand by the arrows."""
        pad = window.stages["Bench"].pad
        for _ in range(40):
            if pad.place.fret == fret:
                break
            self.keys(window, RIGHT if pad.place.fret < fret else LEFT)
        for _ in range(3):
            if lane in ("", pad.place.lane):
                return
            self.keys(window, DOWN)

    def ends(self, window: Any, low: int, high: int) -> None:
        """Set both ends of what is laid or filed."""
        pad = window.stages["Bench"].pad
        for now, wanted in ((lambda: pad.place.low, low), (lambda: pad.place.high, high)):
            self.keys(window, ".")
            for _ in range(40):
                if now() == wanted:
                    break
                self.keys(window, RIGHT if now() < wanted else LEFT)
        self.keys(window, ".")

    def finish(self, window: Any) -> Any:
        """Strings to pitch, and the truth out; returns the table."""
        self.tool(window, "01")
        self.keys(window, "+")
        window.show_stage("Reveal")
        self.keys(window, ENTER)
        return window.table


class ThreeLessons(PracticeCase):
    def test_the_fret_that_ducks_well(self) -> None:
        window = self.open_practice()
        pad = self.begin(window, "lesson:loose-fret")
        self.tool(window, "4")
        self.to_fret(window, FIRST, "middle")
        self.keys(window, *[ENTER] * LAST, "/")
        entries = window.app.session.entries
        self.assertEqual([e.fret for e in entries if isinstance(e, StandOff)], [9])
        self.assertEqual(sum(isinstance(e, OthersFirm) for e in entries), 1)
        self.tool(window, "01")
        self.keys(window, "-")
        self.tool(window, "04")
        self.to_fret(window, 9)
        self.keys(window, ENTER)
        self.tool(window, "05")
        self.keys(window, "*", "5", ENTER, ENTER)
        self.assertIn("Time has passed", say(pad.message))
        self.assertTrue(any(isinstance(e, Seated) for e in window.app.session.entries))
        table = self.finish(window)
        self.assertEqual(table.exercise.lesson.missed(table.desk), ())
        self.assertTrue(table.kept.results[-1].solved)
        self.assertIn("Every note rings clean", window.bar.prompt.text())
        self.assertTrue(window.stages["Reveal"].truth.isVisible())

    def test_the_fret_that_ducks_into_the_trap(self) -> None:
        window = self.open_practice()
        pad = self.begin(window, "lesson:loose-fret")
        self.tool(window, "03")
        self.keys(window, ENTER)
        self.assertIn("let them down", say(pad.message), "no beam over strings at pitch")
        self.tool(window, "01")
        self.keys(window, "-")
        self.tool(window, "06")
        self.keys(window, "*")
        self.tool(window, "03")
        self.ends(window, FIRST, LAST)
        self.keys(window, "120", ENTER, ENTER)
        self.assertFalse(pad.table.desk.neck.ink[1:].all(), "ink shows where it was")
        self.tool(window, "06")
        self.keys(window, "/")
        table = self.finish(window)
        missed = " ".join(say_all(table.exercise.lesson.missed(table.desk)))
        self.assertIn("still move", missed)
        well = table.exercise.lesson.desk()
        table.exercise.lesson.well(well)
        from nuvrek.practice.score.account import account

        for cost in table.exercise.lesson.costs:
            self.assertTrue(cost.paid(account(table.desk), account(well)), say(cost.words))
        self.assertIs(table.outcome.first_right, False)
        self.assertFalse(table.kept.results[-1].solved)

    def test_ends_too_round(self) -> None:
        for strokes, solved in (("3", True), ("9", False)):
            with self.subTest(strokes=strokes):
                window = self.open_practice(self.folder / strokes)
                self.begin(window, "lesson:over-rounded-ends")
                self.tool(window, "01")
                self.keys(window, "-")
                self.tool(window, "07")
                self.ends(window, FIRST, LAST)
                self.keys(window, strokes, ENTER, ENTER, "*", ENTER)
                table = self.finish(window)
                self.assertEqual(table.kept.results[-1].solved, solved)

    def test_a_chewed_nut_is_no_spent_rod(self) -> None:
        window = self.open_practice()
        pad = self.begin(window, "lesson:chewed-nut")
        self.tool(window, "9")
        self.assertIn("Never force", say(pad.message), "cautions are always said")
        self.assertNotIn(
            "not yet a rod that turns", say(pad.message), "its trap would tell the lesson"
        )
        self.keys(window, "+", ENTER)
        self.assertIn("slips", say(pad.message))
        self.tool(window, "08")
        self.keys(window, "***", ENTER)
        self.assertIn("sits well", say(pad.message))
        for _ in range(4):
            self.tool(window, "9")
            self.keys(window, "+", ENTER)
            self.tool(window, "01")
            self.keys(window, "+")
        moves = [e for e in window.app.session.entries if isinstance(e, RodMove)]
        self.assertEqual([m.feel for m in moves], ["key slips", *["free"] * 4])
        self.assertIn("+1", window.bar.rod.text())
        self.tool(window, "6")
        for _ in "lowhigh"[:2]:
            self.keys(window, ENTER)
            self.keys(window, f"{pad.tool.seen:.1f}", ENTER, "/", "*")
        heights = [e for e in window.app.session.entries if isinstance(e, StringHeight)]
        self.assertEqual(len(heights), 2)
        table = self.finish(window)
        self.assertEqual(table.exercise.lesson.missed(table.desk), ())

    def test_heat_for_a_nut_that_slips(self) -> None:
        window = self.open_practice()
        self.begin(window, "lesson:chewed-nut")
        self.tool(window, "01")
        self.keys(window, "-")
        self.tool(window, "09")
        self.keys(window, *"*******", "0.35", ENTER, ENTER)
        table = self.finish(window)
        self.assertFalse(table.kept.results[-1].solved)
        self.assertEqual(say(table.outcome.first), "the neck was heated")
        self.assertIs(table.outcome.first_right, False)


class TheWindow(PracticeCase):
    def test_practice_knows_no_real_neck_and_no_real_shelf_knows_it(self) -> None:
        main: Any = self.open_window(demo=True)
        before = len(main.app.book.necks())
        main.stages["Shelf"].practise.click()
        practice = main.practice
        self.addCleanup(self._close, practice)
        self.begin(practice, "neck:kilomu")
        self.assertIsNot(practice.app.book, main.app.book)
        self.assertEqual(len(main.app.book.necks()), before)
        self.assertEqual(len(practice.app.book.necks()), 1)
        main.stages["Shelf"].practise.click()
        self.assertIs(main.practice, practice, "the same window comes forward")

    def test_lessons_by_arrows_necks_by_digits_words_and_nonsense(self) -> None:
        window = self.open_practice()
        hall = window.stages["Practice"]
        self.keys(window, DOWN, DOWN, UP, RIGHT, LEFT, ENTER)
        self.assertEqual(window.table.exercise.name, "lesson:low-fret")
        self.keys(window, HOME)
        self.assertIn("One low fret", hall.go_on.text())
        self.keys(window, "/", "nonsense", ENTER)
        self.assertIn("is no seed word", window.bar.message.text())
        hall.setFocus()
        self.keys(window, "/", "kilomu", ENTER)
        self.assertEqual(window.table.exercise.name, "neck:kilomu")
        for digit, begins in (("2", "neck:"), ("4", "neck:"), ("5", "form:two-minute-sweep:")):
            window.show_stage("Practice")
            self.keys(window, digit)
            self.assertTrue(window.table.exercise.name.startswith(begins))
        window.show_stage("Practice")
        board = hall.board
        QTest.mouseClick(board, Qt.MouseButton.LeftButton, pos=QPoint(60, 12))
        self.assertEqual(window.table.exercise.name, "lesson:loose-fret")

    def test_two_minutes_are_two_minutes_and_other_tools_stay_away(self) -> None:
        window = self.open_practice()
        pad = self.begin(window, "form:two-minute-sweep:kilomu")
        self.keys(window, "1")
        self.assertIsNone(pad.tool)
        self.assertIn("not in this exercise", say(pad.message))
        self.tool(window, "3")
        self.to_fret(window, 2)
        self.keys(window, "++")
        for _ in range(45):
            self.keys(window, ENTER)
            if pad.place.fret == LAST:
                self.to_fret(window, 2)
        self.assertIn("time is up", say(pad.message))
        self.assertLessEqual(window.table.seconds, 123.0)
        self.keys(window, "/")
        window.show_stage("Reveal")
        self.keys(window, ENTER)
        self.assertIsNotNone(window.table.judged)
        self.assertEqual(window.bar.number.text(), str(window.table.judged.points))

    def test_the_advice_is_silent_until_it_is_let_speak(self) -> None:
        window = self.open_practice()
        self.begin(window, "neck:kilomu")
        window.show_stage("Choose")
        self.assertEqual(window.page_name, "Reveal")
        self.assertIn("silent", window.bar.message.text())
        window.show_stage("Map")
        self.assertFalse(window.stages["Map"].panel.isVisible())
        window.show_stage("Reveal")
        self.keys(window, "3")
        window.show_stage("Map")
        self.assertTrue(window.stages["Map"].panel.isVisible())
        window.show_stage("Choose")
        self.assertEqual(window.page_name, "Choose")
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Bench", "a way is gone by hands here, not by ticks")
        self.assertIn("by hands", window.bar.message.text())
        self.keys(window, PAGE_UP)
        self.assertEqual(window.page_name, "Practice")

    def test_leaves_edges_and_rockers_write_what_was_felt(self) -> None:
        window = self.open_practice()
        pad = self.begin(window, "lesson:edge-over-hump")
        self.tool(window, "1")
        for leaf in ("3", "10", "20", "30", "50"):
            self.keys(window, leaf, ENTER)
        self.keys(window, "/")
        self.tool(window, "2")
        self.ends(window, FIRST, LAST)
        self.to_fret(window, 12, "middle")
        self.keys(window, ENTER)
        self.assertEqual(pad.felt.key, "rocks")
        self.keys(window, "/")
        self.tool(window, "3")
        self.to_fret(window, 11)
        self.keys(window, ENTER, ENTER, "/")
        tags = [e.__struct_config__.tag for e in window.app.session.entries]
        self.assertEqual(tags[:2], ["string-gap", "edge-lie"])
        gap, lie = window.app.session.entries[:2]
        self.assertTrue(
            gap.slides_mm is None or gap.drags_mm is None or gap.slides_mm < gap.drags_mm
        )
        self.assertEqual((lie.says, lie.fret, lie.reach), ("rocks", 12, (FIRST, LAST)))
        self.keys(window, "/")
        self.assertIn("Nothing was felt", say(pad.message))
        for digit in "45678":
            self.tool(window, digit)
            self.keys(window, ENTER)
            self.assertFalse(window.grab().isNull())

    def test_begun_again_left_and_taken_up_and_saved_with_its_truth(self) -> None:
        window = self.open_practice()
        self.begin(window, "lesson:rocker-on-four")
        self.tool(window, "01")
        self.keys(window, "-")
        self.tool(window, "02")
        self.to_fret(window, 20)
        self.keys(window, "9", ENTER, ENTER)
        gone = window.table.desk.neck.taken_mm.sum()
        self.assertGreater(gone, 0.0)
        self._close(window)
        again = self.open_practice()
        self.assertEqual(again.table.exercise.name, "lesson:rocker-on-four")
        self.assertAlmostEqual(float(again.table.desk.neck.taken_mm.sum()), float(gone), 12)
        again.show_stage("Reveal")
        again.stages["Reveal"].save_to(self.folder / "early.json")
        self.keys(again, ENTER)
        job = self.folder / "neck.json"
        again.stages["Reveal"].save_to(job)
        self.assertEqual(len(jobfile.read(job).journal), len(again.app.session.entries))
        truth = json.loads((self.folder / "neck-truth.json").read_text())
        self.assertEqual(truth["exercise"], "lesson:rocker-on-four")
        self.assertEqual(len(truth["done"]), 2)
        again.stages["Reveal"].save_to(self.folder / "no-such" / "neck.json")
        self.assertIn("can't be saved", again.bar.message.text())
        self.keys(again, "1")
        self.assertEqual(again.page_name, "Bench")
        self.assertEqual(float(again.table.desk.neck.taken_mm.sum()), 0.0)
        self.assertFalse([e for e in again.app.session.entries if isinstance(e, Reading)])
        self.assertTrue(again.table.silent)

    def test_an_offer_is_a_way_taken_on_choose(self) -> None:
        window = self.open_practice()
        self.begin(window, "form:what-to-offer:kilomu")
        window.show_stage("Choose")
        self.assertEqual(window.page_name, "Choose")
        self.assertFalse(any(row.advised for row in window.stages["Choose"].rows))
        self.keys(window, DOWN, DOWN, ENTER)
        self.assertEqual(window.page_name, "Reveal")
        self.keys(window, ENTER)
        self.assertIn("You offered", " ".join(say_all(window.table.judged.words)))

    def test_random_hands_find_nothing(self) -> None:
        window = self.open_practice()
        hand = random.Random(20)
        keys = [*"0123456789+-*/.", *["enter"] * 6, "left", "right", "up", "down", "back"]
        for name in ("lesson:partial-match", "lesson:slot-and-tang", "neck:tovaku"):
            self.begin(window, name)
            bench = window.stages["Bench"]
            for _ in range(150):
                bench.key(hand.choice(keys))
                if hand.random() < 0.04:
                    window.bar.strings.click()
            before = len(window.table.desk.actions)
            window.show_stage("Map")
            window.show_stage("Reveal")
            self.keys(window, ENTER)
            self.assertIsNotNone(window.table.outcome)
            again = window.table.desk.fresh()
            again.replay(window.table.desk.actions)
            self.assertEqual(len(again.actions), before)

    def test_the_advice_plays_the_same_neck_beside(self) -> None:
        window = self.open_practice()
        self.begin(window, "neck:kilomu")
        window.table.do(Rocker(lane="bass", fret=7, edge_mm=60.0))
        window.show_stage("Reveal")
        self.keys(window, ENTER, "4")
        self.assertIn("By the advice", " ".join(say_all(window.stages["Reveal"].played)))
        self.keys(window, "2")
        self.assertFalse(window.table.silent)
        window.begin("lesson:loose-fret")
        window.stages["Reveal"]._has_played(("kilomu", ("late", "and", "of another")))
        self.assertNotIn("late", window.stages["Reveal"].played)


if __name__ == "__main__":
    unittest.main()
