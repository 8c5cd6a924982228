"""What a stranger meets: three doors, help on every page, a way onward from an empty page."""

import unittest
from typing import Any

from PyQt6.QtWidgets import QLineEdit

from nuvrek.bench.help.page_help import KEYS
from nuvrek.bench.help.pages import HELP
from nuvrek.desktop.practice.window import PracticeWindow
from nuvrek.desktop.widgets.help_view import _PLACES, HelpView
from nuvrek.desktop.window import Window
from tests.support import WindowCase
from tests.test_window import ENTER

F1, ESCAPE = 0x01000030, 0x01000000


class ThreeDoors(WindowCase):
    def test_each_is_one_key(self) -> None:
        window: Any = self.open_window()
        shelf = window.stages["Shelf"]
        self.assertTrue(shelf.doors.isVisible())
        self.assertFalse(shelf.list.isVisible())
        self.keys(window, "2")
        self.addCleanup(self._close, window.demo)
        self.assertGreater(len(window.demo.app.book.necks()), 10)
        self.assertEqual(window.app.book.necks(), [], "nothing of it is on one's own shelf")
        self.keys(window, "3")
        self.addCleanup(self._close, window.practice)
        self.assertEqual(window.practice.now, "Practice")
        window.setFocus()
        shelf.doors.buttons[0].click()
        self.assertEqual(window.now, "Take in")
        window.show_stage("Shelf")
        self.assertFalse(shelf.doors.isVisible())
        self.assertTrue(shelf.list.isVisible())


class Help(WindowCase):
    def test_every_page_says_its_keys_and_any_key_goes_back(self) -> None:
        for page in {*Window.modules, *PracticeWindow.modules}:
            with self.subTest(page=page):
                self.assertTrue(HELP[page].keys or HELP[page].sees)
                self.assertLessEqual(set(HELP[page].keys), set(KEYS))
        self.assertEqual(set(_PLACES), set(KEYS))
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        for page in ("Measure", "Map", "Choose", "Work", "Prove", "Filing", "String room"):
            window.show_stage(page)
            self.keys(window, "?")
            view = window.stages[page].findChild(HelpView)
            self.assertTrue(view.isVisible(), page)
            self.assertIn(next(iter(HELP[page].keys.values())), view.accessibleDescription())
            self.assertFalse(view.grab().isNull())
            self.keys(window, "+")
            self.assertFalse(view.isVisible())
            self.assertIs(self.app.focusWidget(), window.stages[page])
        window.show_stage("Map")
        self.keys(window, F1)
        self.assertTrue(window.stages["Map"].findChild(HelpView).isVisible())
        self.keys(window, ESCAPE)

    def test_a_question_mark_in_a_field_is_a_letter(self) -> None:
        window: Any = self.open_window(demo=True)
        search: QLineEdit = window.stages["Shelf"].search
        search.setFocus()
        self.keys(window, "wh?")
        self.assertEqual(search.text(), "wh?")
        self.assertIsNone(window.stages["Shelf"].findChild(HelpView))


class NoDeadEnds(WindowCase):
    def test_work_without_a_way_leads_to_choose(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Work")
        self.assertIn("to Choose", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(window.now, "Choose")


if __name__ == "__main__":
    unittest.main()
