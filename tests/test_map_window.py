"""Map in the real window: its views, the next reading, what speaks for a finding, before and
after, carrying away.
"""

from typing import Any

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QImage

from nuvrek.bench.strips.map import moments
from nuvrek.readings.entries import CrownHeight
from nuvrek.wording.speech import say
from tests.support import WindowCase

ENTER, BACK = Qt.Key.Key_Return, Qt.Key.Key_Backspace


class MapWindow(WindowCase):
    def at(self, neck: int) -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage("Map")
        return window, window.stages["Map"]

    def titles(self, page: Any) -> list[str]:
        return [say(lane.title) for lane in page.sheet.lanes]

    def test_views_come_and_go_and_at_least_one_stays(self) -> None:
        window, page = self.at(2)
        self.assertEqual(self.titles(page), ["Wood", "Tops", "Fret height"])
        self.keys(window, "/")
        self.assertEqual(self.titles(page), ["Light", "Wood", "Tops", "Fret height"])
        page.views.buttons["above"].click()
        self.assertEqual(len(page.sheet.lanes), 4)
        self.assertIn("From above", self.titles(page))
        for name in ("light", "above", "tops", "crown", "wood", "change"):
            if page.views.shows(name):
                page.views.toggle(name)
        self.assertEqual(len(page.sheet.lanes), 1)
        for name in ("light", "above", "change"):
            page.views.toggle(name)
            self.assertFalse(window.grab().isNull())

    def test_the_light_gap_follows_edge_side_strings_and_fret(self) -> None:
        window, page = self.at(2)
        self.keys(window, "/")
        light = page.sheet.lanes[0]
        page.views.lanes.setCurrentIndex(2)
        self.keys(window, "*")
        other = page.sheet.lanes[0]
        self.assertEqual(
            (say(light.under), say(other.under)), ("bass side, pitch", "treble side, slack")
        )
        page.views.edges.setCurrentIndex(1)
        page.refresh()
        self.assertIn("wood", say(page.sheet.lanes[0].words))
        page._choose(5, "")
        self.keys(window, "+")
        self.assertEqual(page.sheet.lanes[0].exaggeration, 2.0)

    def test_the_board_from_above_follows_the_strings(self) -> None:
        window, page = self.at(2)
        page.views.toggle("above")
        m = window.app.solved.map
        self.assertEqual(m.state.strings, "slack")
        pitch = page.sheet.lanes[0]
        self.keys(window, "*")
        slack = page.sheet.lanes[0]
        self.assertEqual((say(pitch.under), say(slack.under)), ("pitch, mm", "slack, mm"))
        for fret in range(m.neck.frets):
            for k in range(3):
                self.assertAlmostEqual(
                    slack.heights_mm[fret][k], m.tops_slack_mm[fret, k], places=9
                )
        # With the strings at pitch the middle lies lower by the pull.
        self.assertLess(pitch.heights_mm[6][1], slack.heights_mm[6][1] - 0.1)

    def test_the_next_reading_is_taken_and_leads_back(self) -> None:
        window, page = self.at(4)
        session = window.app.session
        self.assertGreaterEqual(len(page.next_cards), 1)
        wanted = window.app.solved.next.suggestions[0]
        taken, begun = len(session.neck_state.taken), session.neck_state.round_number
        self.keys(window, "1")
        self.assertEqual(window.page_name, "Measure")
        self.assertIn("back to Map", window.bar.message.text())
        self.assertEqual(window.stages["Measure"].keypad.station.kind, wanted.station.kind)
        # A sweep ends with Enter, a number is typed first.
        sweep = wanted.station.kind == "sweep"
        self.keys(window, *(() if sweep else ("1.1",)), ENTER)
        self.assertEqual(window.page_name, "Map")
        self.assertEqual(len(session.neck_state.taken), taken + 1)
        self.assertEqual(session.neck_state.round_number, begun)
        page.next_cards[0].click()
        self.keys(window, BACK)
        self.assertEqual(window.page_name, "Measure")
        self.assertFalse(window.stages["Measure"].keypad.asked)

    def test_a_finding_names_its_witnesses_and_an_odd_one_is_taken_again(self) -> None:
        window, page = self.at(2)
        proud = next(c for c in page.cards if "stands proud" in c.accessibleName())
        proud.click()
        self.assertIn("for rocker", window.bar.right.text())
        session = window.app.session
        session.append(CrownHeight(lane="middle", fret=5, height_mm=0.14))
        page.refresh()
        odd = next(c for c in page.cards if c.accessibleName().startswith("Odd:"))
        odd.click()
        self.assertIn("Was its point moved?", window.bar.message.text())
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Measure")
        self.assertIn("replaces", window.bar.message.text())
        self.keys(window, "1.4", ENTER)
        window.show_stage("Map")
        self.assertFalse(any(c.accessibleName().startswith("Odd:") for c in page.cards))

    def test_before_and_after(self) -> None:
        window, page = self.at(0)
        page.views.toggle("change")
        # Against the first round, before the file.
        page.views.past.setCurrentIndex(page.views.past.count() - 1)
        page.refresh()
        lane = page.sheet.lanes[-1]
        self.assertEqual(say(lane.title), "Change")
        self.assertIn("relief: bass side", say(lane.words))
        filed = {
            fret for work in window.app.session.neck_state.work for fret, _, _ in work.entry.off
        }
        # The rod bent the whole neck as well: what was filed came down among its neighbours.
        for fret in filed:
            before, here, after = (min(lane.change_mm[fret + n]) for n in (-2, -1, 0))
            self.assertLess(here, 0.5 * (before + after) - 0.05, fret)
        self.assertEqual(len(moments(window.app.session)), page.views.past.count())

    def test_picture_and_table_are_carried_away(self) -> None:
        window, page = self.at(2)
        page.views.save_png(self.folder / "neck.png")
        image = QImage(str(self.folder / "neck.png"))
        self.assertEqual(image.width(), 2 * page.sheet.width())
        page.views.save_svg(self.folder / "neck.svg")
        self.assertIn("<svg", (self.folder / "neck.svg").read_text()[:400])
        page.views.save_table(self.folder / "heights.csv")
        lines = (self.folder / "heights.csv").read_text().splitlines()
        self.assertEqual(len(lines), 1 + 3 * window.app.session.neck_state.neck.frets)
        self.assertTrue(lines[0].startswith("fret,lane,top_mm"))
