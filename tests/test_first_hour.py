"""What a stranger meets: three doors, help on every page, a way onward from an empty page."""

import os
import re
import signal
import subprocess
import sys
import time
import unittest
from pathlib import Path
from typing import Any

from PyQt6.QtWidgets import QLineEdit
from scripts import release

from nuvrek.bench.forms.three_figures import ThreeFigures as Figures
from nuvrek.cli.main import command_parser
from nuvrek.demo import demo_jobs
from nuvrek.desktop.pages import PAGES
from nuvrek.desktop.pages.page import KEYS
from nuvrek.desktop.widgets.help_view import _PLACES, HelpView
from nuvrek.desktop.widgets.known_view import KnownView
from nuvrek.estimate.findings.kinds import FINDINGS
from nuvrek.exchange import jobfile
from nuvrek.wording.help.guide import chapters, docs_folder, search
from nuvrek.wording.help.known.findings import _KINDS
from nuvrek.wording.speech import say
from tests.support import WindowCase
from tests.test_window import BACK, ENTER

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
        self.assertEqual(window.practice.page_name, "Practice")
        window.setFocus()
        shelf.doors.buttons[0].click()
        self.assertEqual(window.page_name, "New neck")
        self.keys(window, "648", ENTER, "22", ENTER, "14", ENTER)
        self.assertEqual(window.page_name, "Measure")
        window.show_stage("Shelf")
        self.assertFalse(shelf.doors.isVisible())
        self.assertTrue(shelf.list.isVisible())


class Help(WindowCase):
    def test_every_page_says_its_keys_and_any_key_goes_back(self) -> None:
        for page in PAGES:
            with self.subTest(page=page):
                self.assertTrue(PAGES[page].keys or PAGES[page].sees)
                self.assertLessEqual(set(PAGES[page].keys), set(KEYS))
        self.assertEqual(set(_PLACES), set(KEYS))
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        for page in ("Measure", "Map", "Choose", "Work", "Prove", "Filing", "String room"):
            window.show_stage(page)
            self.keys(window, "?")
            view = window.stages[page].findChild(HelpView)
            self.assertTrue(view.isVisible(), page)
            self.assertIn(say(next(iter(PAGES[page].keys.values()))), view.accessibleDescription())
            self.assertFalse(view.grab().isNull())
            self.keys(window, "+")
            self.assertFalse(view.isVisible())
            self.assertIs(self.app.focusWidget(), window.stages[page])
        window.show_stage("Map")
        self.keys(window, F1)
        self.assertTrue(window.stages["Map"].findChild(HelpView).isVisible())
        self.keys(window, ESCAPE)

    def test_the_first_page_says_what_ships_and_its_licences(self) -> None:
        window: Any = self.open_window(demo=True)
        self.keys(window, "?")
        told = window.stages["Shelf"].findChild(HelpView).accessibleDescription()
        for words in ("GPL-3.0-or-later", "PyQt6 6", "numpy 2", "OFL-1.1"):
            self.assertIn(words, told)
        self.keys(window, ESCAPE)

    def test_a_question_mark_in_a_field_is_a_letter(self) -> None:
        window: Any = self.open_window(demo=True)
        search: QLineEdit = window.stages["Shelf"].search
        search.setFocus()
        self.keys(window, "wh?")
        self.assertEqual(search.text(), "wh?")
        self.assertIsNone(window.stages["Shelf"].findChild(HelpView))


class ThreeFigures(unittest.TestCase):
    def typed(self, *answers: str) -> Figures:
        figures = Figures("Neck 1")
        for answer in answers:
            for key in answer:
                figures.press(key)
            figures.press("enter")
        return figures

    def test_any_unit_of_a_bench_is_read_and_nonsense_is_a_sentence(self) -> None:
        for scale in ("648", "25 1/2in", "25.512", "648,0"):
            neck = self.typed(scale, "21", "14").neck
            assert neck is not None
            self.assertAlmostEqual(neck.scale_mm, 648.0, delta=0.5)
        for answers, said in (
            (("",), "needed"),
            (("abc",), "not a length"),
            (("648", "99"), "not possible"),
            (("648", "21", "22"), "only 21 frets"),
        ):
            figures = self.typed(*answers)
            self.assertIsNone(figures.neck)
            self.assertIn(said, say(figures.message))

    def test_back_goes_to_the_one_before(self) -> None:
        figures = self.typed("648", "21")
        figures.press("back")
        self.assertEqual(figures.asked.name, "frets")
        self.assertEqual(figures.as_known.frets if figures.as_known else 0, 22, "drawn as usual")


class GuideInside(WindowCase):
    def test_every_chapter_is_found_shown_and_leads_only_to_what_is_there(self) -> None:
        guide = chapters()
        self.assertGreater(len(guide), 10)
        for chapter in guide:
            for link in re.findall(r"\]\(([^)]+)\)", chapter.text):
                self.assertTrue((chapter.path.parent / link).exists(), (chapter.title, link))
        hits = search(guide, "ROCKS marked")
        self.assertTrue(any("Marks are readings" in hit.heading for hit in hits))
        self.assertEqual(search(guide, "zyzzyva"), ())
        german = sorted((docs_folder() / "guide/de").glob("*.md"))
        for path in german:
            for link in re.findall(r"\]\(([^)]+)\)", path.read_text()):
                self.assertTrue((path.parent / link).exists(), (path.name, link))

    def test_it_opens_over_a_page_and_backspace_leads_back(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        self.keys(window, "?", ENTER)
        self.assertEqual(window.page_name, "Guide")
        self.keys(window, "leaf", ENTER)
        page = window.stages["Guide"]
        self.assertIn("leaf", page.pages.toPlainText().casefold())
        for _ in "leaf?":
            self.keys(window, BACK)
        self.assertEqual(window.page_name, "Map")


class HowIsThisKnown(WindowCase):
    def test_every_finding_and_every_page_can_be_asked(self) -> None:
        self.assertEqual(set(_KINDS), set(FINDINGS))
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        for page, key in (("Map", "."), ("Choose", "*")):
            window.show_stage(page)
            self.keys(window, key)
            view = window.stages[page].findChild(KnownView)
            told = view.text.toPlainText()
            for words in ("Rule", "Reckoned", "Readings for it"):
                self.assertIn(words, told)
            self.assertNotIn("{", told)
            self.keys(window, "x")
            self.assertFalse(view.isVisible())
        window.show_stage("Prove")
        self.keys(window, "?", ".")
        view = window.stages["Prove"].findChild(KnownView)
        self.assertIn("not measured", view.text.toPlainText())


class FromOutside(WindowCase):
    def test_a_job_file_is_looked_at_before_it_is_taken_in(self) -> None:
        job = self.folder / "neck.nuvrek"
        job.write_bytes(jobfile.dump(demo_jobs()[0]))
        window: Any = self.open_window()
        for way in ("left", "taken"):
            window.look_at(job)
            look = window.looks[-1]
            self.addCleanup(self._close, look)
            look.stages["Shelf"]._open(0)
            self.assertEqual(look.page_name, "Map")
            self.assertEqual(window.app.book.necks(), [])
            look.show_stage("Shelf")
            if way == "left":
                look.close()
            else:
                look.stages["Shelf"].key("+")
        self.assertFalse(look.isVisible())
        self.assertEqual(len(window.app.book.necks()), 1)
        entries = window.app.book.entries(window.app.book.necks()[0].id)
        self.assertEqual(len(entries), len(demo_jobs()[0].journal))

    def test_a_file_that_is_none_is_a_sentence(self) -> None:
        window: Any = self.open_window()
        bad = self.folder / "bad.nuvrek"
        bad.write_text("{}")
        window.look_at(bad)
        self.assertIn("no job file", window.bar.message.text())
        window.look_at(self.folder / "nothing.nuvrek")
        self.assertIn("can't be read", window.bar.message.text())
        self.assertEqual(window.looks, [])

    def test_stopped_by_hand_while_starting_it_says_nothing(self) -> None:
        """Ctrl-C at any moment once the program itself runs: no trace, no window left."""
        place = {name: str(self.folder) for name in ("HOME", "XDG_DATA_HOME", "XDG_CONFIG_HOME")}
        told = {**os.environ, **place, "QT_QPA_PLATFORM": "offscreen"}
        code = "import sys; from nuvrek.start import main; print(1, flush=True); sys.exit(main())"
        for wait_s in (0.0, 0.1, 0.3, 0.6, 1.0):
            command = [sys.executable, "-c", code, "--demo"]
            started = subprocess.Popen(
                command, env=told, stdout=subprocess.PIPE, stderr=subprocess.PIPE, text=True
            )
            assert started.stdout is not None
            started.stdout.readline()
            time.sleep(wait_s)
            started.send_signal(signal.SIGINT)
            _, said = started.communicate(timeout=60)
            self.assertNotIn("Traceback", said)
            self.assertIn(started.returncode, (0, 130), wait_s)

    def test_a_word_that_is_a_file_is_no_command(self) -> None:
        from nuvrek.start import _is_job

        job = self.folder / "neck.json"
        job.write_text("{}")
        self.assertTrue(_is_job(str(job)))
        for word in ("map", "--demo", "play", str(self.folder / "none.json")):
            self.assertFalse(_is_job(word))


class Packaged(unittest.TestCase):
    def test_completion_and_man_page_know_every_command(self) -> None:
        parser: Any = command_parser()
        commands = set(parser._subparsers._group_actions[0].choices)
        folder = Path(__file__).resolve().parents[1] / "packaging"
        for name in ("nuvrek.bash-completion", "nuvrek.1"):
            words = set(re.findall(r"[a-z]+", (folder / name).read_text()))
            self.assertLessEqual(commands, words, name)

    def test_a_release_says_in_the_metainfo_what_the_change_log_says(self) -> None:
        points_in = "- One <thing>\n  on two lines.\n- Another.\n"
        log = f"# Changes\n\n## 0.2.0 (unreleased)\n\n{points_in}\n## 0.1.0\n"
        version, points = release.changes(log)
        self.assertEqual((version, points), ("0.2.0", ["One <thing> on two lines.", "Another."]))
        self.assertIn("## 0.2.0 (2026-12-01)", release.released(log, "0.2.0", "2026-12-01"))
        info = '  <releases>\n    <release version="0.1.0" date="2026-11-27"/>\n  </releases>\n'
        made = release.with_release(info, "0.2.0", "2026-12-01", points)
        self.assertIn("<li>One &lt;thing&gt; on two lines.</li>", made)
        self.assertLess(made.index("0.2.0"), made.index("0.1.0"))
        again = release.with_release(made, "0.2.0", "2026-12-02", points)
        self.assertEqual(again.count('version="0.2.0"'), 1)
        with self.assertRaises(ValueError):
            release.changes("# Changes\n")


class NoDeadEnds(WindowCase):
    def test_work_without_a_way_leads_to_choose(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Work")
        self.assertIn("to Choose", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Choose")


if __name__ == "__main__":
    unittest.main()
